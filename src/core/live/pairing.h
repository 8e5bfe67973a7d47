// Two instruments that speak each in its own time, as one stream: where the crank stood when the
// dial said what it said.
#pragma once

#include <deque>
#include <optional>

namespace lobe {

/// Degrees over all turns from the wheel's zero, positive in the running direction; mm as the dial
/// says them.
struct LiveSample {
    double t_s = 0.0, deg = 0.0, mm = 0.0;
};

class Pairing {
public:
    /// Where the crank stands; times rise for each instrument.
    void angle(double t_s, double deg) {
        before_ = now_;
        now_ = At{t_s, deg};
    }
    /// What the dial says.
    void dial(double t_s, double mm) {
        waiting_.push_back({t_s, 0.0, mm});
        if (waiting_.size() > kMost) waiting_.pop_front();
    }
    /// The next that can be told, in the order said: the angle is known before and after it.
    /// Between angles farther apart than `kGap_s` nothing is told.
    std::optional<LiveSample> take() {
        while (now_ && !waiting_.empty() && waiting_.front().t_s <= now_->t_s) {
            LiveSample s = waiting_.front();
            waiting_.pop_front();
            if (!before_ || s.t_s < before_->t_s || now_->t_s - before_->t_s > kGap_s) continue;
            const double span = now_->t_s - before_->t_s;
            s.deg = span > 0.0
                        ? before_->deg + (now_->deg - before_->deg) * (s.t_s - before_->t_s) / span
                        : now_->deg;
            return s;
        }
        return std::nullopt;
    }
    void forget() {
        before_.reset(), now_.reset();
        waiting_.clear();
    }

    static constexpr double kGap_s = 0.25;

private:
    static constexpr std::size_t kMost = 4096;
    struct At {
        double t_s, deg;
    };
    std::optional<At> before_, now_;
    std::deque<LiveSample> waiting_;
};

} // namespace lobe
