#include "core/lobe/indicator.h"

#include "core/lobe/run.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lobe {
namespace {

bool usable(const Reading& r) {
    return r.of == ReadingOf::Lift && !r.struck && r.approach == Approach::Forward;
}

double counted(const Reading& r, const RunConditions& conditions) {
    // At the nose 0, below it less: some dials print those numbers without their sign.
    return conditions.countsDown ? -std::abs(r.value_mm) : r.value_mm;
}

/// Angles closer than this are one mark.
constexpr double kSameMark_deg = 1e-6;

/// The lift at zero number `part` (from 1), from marks read under it and under a zero already
/// joined.
std::optional<double> joined(const LiftRun& run, int part,
                             const std::vector<std::optional<double>>& zeros) {
    double sum = 0.0;
    int marks = 0;
    // By angle, so that a sweep of many readings is gone through once.
    std::multimap<double, const Reading*> earlier;
    for (const Reading& b : run.readings)
        if (usable(b) && b.zero < part) earlier.emplace(b.at.deg, &b);
    for (const Reading& a : run.readings) {
        if (!usable(a) || a.zero != part) continue;
        const auto end = earlier.upper_bound(a.at.deg + kSameMark_deg);
        for (auto it = earlier.lower_bound(a.at.deg - kSameMark_deg); it != end; ++it) {
            const Reading& b = *it->second;
            const auto& zero = zeros[static_cast<std::size_t>(b.zero - 1)];
            if (!zero) continue;
            sum += counted(b, run.terms) + *zero - counted(a, run.terms);
            ++marks;
        }
    }
    if (marks == 0) return std::nullopt;
    return sum / marks;
}

/// How far under the nose the base circle lies, from the flat at either end of the run; with no
/// flat the lowest reading stands for it.
struct Depth {
    double mm = 0.0;
    bool onBase = false;
};
Depth depthBelowNose(std::vector<LiftReading> readings) {
    std::erase_if(readings, [](const LiftReading& r) { return !r.counts; });
    if (readings.empty()) return {};
    std::sort(readings.begin(), readings.end(),
              [](const auto& a, const auto& b) { return a.at < b.at; });
    Depth out;
    out.mm = -std::min_element(readings.begin(), readings.end(), [](const auto& a, const auto& b) {
                  return a.lift_mm < b.lift_mm;
              })->lift_mm;
    const auto flat = [&](auto begin) {
        constexpr double kFlat_mm = 0.03;
        double sum = 0.0;
        int n = 0;
        for (auto it = begin; n < 3; ++it, ++n) {
            if (std::abs(it->lift_mm + out.mm) > kFlat_mm) return false;
            sum += it->lift_mm;
        }
        out.mm = -sum / n;
        return true;
    };
    if (readings.size() >= 7) out.onBase = flat(readings.begin()) || flat(readings.rbegin());
    return out;
}

} // namespace

double offAxisFactor(const RunConditions& conditions) {
    const double cosine = std::cos(radians(conditions.offAxis_deg));
    switch (conditions.offAxis) {
    case OffAxis::NotCorrected:
        break;
    case OffAxis::OnThePart:
        return 1.0 / cosine;
    case OffAxis::OnAFlatFace:
        return cosine;
    }
    return 1.0;
}

IndicatorReadings readIndicator(const LiftRun& run) {
    const RunConditions& conditions = run.terms;
    IndicatorReadings out;
    out.zeros.push_back(0.0);
    for (std::size_t i = 0; i < conditions.zeros.size(); ++i)
        out.zeros.push_back(conditions.zeros[i] ? conditions.zeros[i]
                                                : joined(run, static_cast<int>(i) + 2, out.zeros));

    const auto say = [&](found::Any what, Severity severity) {
        out.findings.push_back({std::move(what), severity, run.side, run.cylinder});
    };
    const double factor = offAxisFactor(conditions);
    out.readings.reserve(run.readings.size());
    std::vector<int> loose(out.zeros.size(), 0);
    std::multimap<double, int> counting; ///< zeros of the readings that count, by angle
    for (const Reading& r : run.readings) {
        if (r.of != ReadingOf::Lift) continue;
        const auto part = static_cast<std::size_t>(std::max(1, r.zero) - 1);
        const auto zero = part < out.zeros.size() ? out.zeros[part] : std::nullopt;
        LiftReading c{r.id,
                      placed(r, conditions),
                      factor * (counted(r, conditions) + zero.value_or(0.0)),
                      usable(r) && zero,
                      r.at,
                      r.value_mm,
                      r.zero,
                      r.struck};
        if (usable(r) && !zero && part < loose.size()) ++loose[part];
        // A mark read again to join a later zero says nothing new.
        if (part > 0 && c.counts && !conditions.zeros[part - 1]) {
            const auto end = counting.upper_bound(r.at.deg + kSameMark_deg);
            c.counts = std::none_of(counting.lower_bound(r.at.deg - kSameMark_deg), end,
                                    [&](const auto& o) { return o.second < r.zero; });
        }
        if (c.counts && !conditions.zeros.empty()) counting.emplace(r.at.deg, r.zero);
        out.readings.push_back(std::move(c));
    }
    for (std::size_t part = 1; part < loose.size(); ++part) {
        if (loose[part] == 0) continue;
        const auto first =
            std::find_if(out.readings.begin(), out.readings.end(), [&](const LiftReading& c) {
                return c.zero == static_cast<int>(part) + 1;
            });
        say(found::PartLoose{first->at, loose[part]}, Severity::Ask);
    }
    if (conditions.travel_mm > 0.0)
        for (const LiftReading& c : out.readings)
            if (c.counts && std::abs(c.read_mm) > conditions.travel_mm) {
                say(found::TravelEnds{c.at, c.read_mm, conditions.travel_mm}, Severity::LookAgain);
                break;
            }
    if (conditions.countsDown) {
        const Depth depth = conditions.noseLift_mm ? Depth{*conditions.noseLift_mm, true}
                                                   : depthBelowNose(out.readings);
        for (LiftReading& c : out.readings)
            c.lift_mm += depth.mm;
        if (!depth.onBase && out.readings.size() >= 7)
            say(found::NoseUnknown{}, Severity::LookAgain);
    }
    return out;
}

} // namespace lobe
