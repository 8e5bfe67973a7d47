#include "core/spring/matching.h"

#include <algorithm>
#include <limits>

namespace lobe {
namespace {

constexpr std::size_t kMostMatched = 64, kUnmatched = std::numeric_limits<std::size_t>::max();

/// Valves and springs, joined where a load lies within a window.
class Window {
public:
    explicit Window(const std::vector<std::vector<double>>& load)
        : load_(load),
          ofValve_(load.size(), kUnmatched),
          ofSpring_(load.front().size(), kUnmatched) {}

    /// What lies outside is let go, and as many valves as can be are given a spring.
    bool fill(double least, double most) {
        least_ = least;
        most_ = most;
        for (std::size_t v = 0; v < ofValve_.size(); ++v)
            if (ofValve_[v] != kUnmatched && !joined(v, ofValve_[v])) {
                ofSpring_[ofValve_[v]] = kUnmatched;
                ofValve_[v] = kUnmatched;
            }
        for (std::size_t v = 0; v < ofValve_.size(); ++v) {
            if (ofValve_[v] != kUnmatched) continue;
            seen_.assign(ofSpring_.size(), false);
            if (!augment(v)) return false;
        }
        return true;
    }
    const std::vector<std::size_t>& springs() const { return ofValve_; }

private:
    bool joined(std::size_t v, std::size_t s) const {
        return load_[v][s] >= least_ && load_[v][s] <= most_;
    }
    bool augment(std::size_t v) {
        for (std::size_t s = 0; s < ofSpring_.size(); ++s) {
            if (seen_[s] || !joined(v, s)) continue;
            seen_[s] = true;
            if (ofSpring_[s] != kUnmatched && !augment(ofSpring_[s])) continue;
            ofSpring_[s] = v;
            ofValve_[v] = s;
            return true;
        }
        return false;
    }

    const std::vector<std::vector<double>>& load_;
    double least_ = 0.0, most_ = 0.0;
    std::vector<std::size_t> ofValve_, ofSpring_;
    std::vector<bool> seen_;
};

} // namespace

Matching matchSprings(const std::vector<std::vector<double>>& load) {
    Matching best;
    const std::size_t valves = load.size();
    if (valves == 0 || valves > kMostMatched) return best;
    const std::size_t springs = load.front().size();
    std::vector<double> values;
    for (const auto& row : load) {
        if (row.size() != springs) return best;
        values.insert(values.end(), row.begin(), row.end());
    }
    if (springs < valves || springs > kMostMatched) return best;
    std::sort(values.begin(), values.end());
    values.erase(std::unique(values.begin(), values.end()), values.end());
    Window window(load);
    std::size_t upper = 0;
    for (std::size_t lower = 0; lower < values.size(); ++lower) {
        upper = std::max(upper, lower);
        while (upper < values.size() && !window.fill(values[lower], values[upper]))
            ++upper;
        if (upper == values.size()) break;
        if (best.spring.empty() || values[upper] - values[lower] < best.spread()) {
            best.spring = window.springs();
            best.least = values[lower];
            best.most = values[upper];
        }
    }
    return best;
}

} // namespace lobe
