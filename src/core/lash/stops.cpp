#include "core/lash/stops.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr double kCycle_deg = 720.0, kNone = 1e-9;
/// Just opening, just closed: this far past the foot, where it is felt.
constexpr double kJust_deg = 2.0;

double onCycle(double deg) {
    const double d = std::fmod(deg, kCycle_deg);
    return d < 0.0 ? d + kCycle_deg : d;
}

/// From the first to the second, the way the engine turns, 0 up to 720.
double onward(double from, double to) {
    return onCycle(to - from);
}

/// Where a valve may be set: from there so many degrees on.
struct Free {
    double from = 0.0, wide = 0.0;
    std::size_t valve = 0;
    bool holds(double deg) const { return onward(from, deg) <= wide + kNone; }
};

std::vector<Free> freeArcs(const std::vector<LashValve>& valves, double margin) {
    std::vector<Free> out;
    for (std::size_t i = 0; i < valves.size(); ++i) {
        const LashValve& v = valves[i];
        const double wide = kCycle_deg - (v.closes_deg - v.opens_deg) - 2.0 * margin;
        if (wide >= 0.0) out.push_back({onCycle(v.closes_deg + margin + v.behind_deg), wide, i});
    }
    return out;
}

/// The stops that follow from one: what it does not hold by the earliest end, again and again.
std::vector<double> from(double first, const std::vector<Free>& arcs) {
    std::vector<double> out{first};
    std::vector<Free> left;
    for (const Free& a : arcs)
        if (!a.holds(first)) left.push_back(a);
    const auto end = [&](const Free& a) { return onward(first, a.from) + a.wide; };
    while (!left.empty()) {
        const auto next =
            std::min_element(left.begin(), left.end(),
                             [&](const Free& a, const Free& b) { return end(a) < end(b); });
        const double at = onCycle(first + end(*next));
        out.push_back(at);
        left.erase(
            std::remove_if(left.begin(), left.end(), [&](const Free& a) { return a.holds(at); }),
            left.end());
    }
    return out;
}

/// How far from the nearer end of where it may be set.
double room(const Free& a, double at) {
    const double in = onward(a.from, at);
    return std::min(in, a.wide - in);
}

/// The roundest figure from there so far on; the middle where there is none.
double roundest(double from, double wide) {
    for (const double step : {180.0, 90.0, 45.0, 30.0, 15.0, 10.0, 5.0, 1.0}) {
        // The one nearest to the middle.
        const double middle = from + 0.5 * wide;
        const double at = std::round(middle / step) * step;
        if (at >= from - kNone && at <= from + wide + kNone) return onCycle(at);
    }
    return onCycle(from + 0.5 * wide);
}

void note(std::vector<LashStop>& stops, const std::vector<LashValve>& valves, double margin) {
    for (LashStop& s : stops)
        for (const std::size_t i : s.set)
            if (!standsClear(valves[i], s.cycle_deg, margin)) s.onRamp.push_back(i);
    std::stable_sort(stops.begin(), stops.end(), [](const LashStop& a, const LashStop& b) {
        return a.cycle_deg < b.cycle_deg;
    });
}

std::optional<std::size_t> valveOf(const std::vector<LashValve>& valves, int cylinder, Side side) {
    for (std::size_t i = 0; i < valves.size(); ++i)
        if (valves[i].cylinder == cylinder && valves[i].side == side) return i;
    return std::nullopt;
}

} // namespace

bool standsClear(const LashValve& v, double cycle, double margin) {
    const double wide = kCycle_deg - (v.closes_deg - v.opens_deg) - 2.0 * margin;
    return wide >= 0.0 &&
           Free{onCycle(v.closes_deg + margin + v.behind_deg), wide}.holds(onCycle(cycle));
}

std::vector<LashStop> fewestStops(const std::vector<LashValve>& valves, double margin) {
    const auto arcs = freeArcs(valves, margin);
    std::vector<double> best;
    for (const Free& a : arcs) {
        auto tried = from(a.from, arcs);
        if (best.empty() || tried.size() < best.size()) best = std::move(tried);
    }
    std::vector<LashStop> out;
    for (const double at : best)
        out.push_back({at, {}});
    // Each valve where it stands farthest from its ramps.
    for (const Free& a : arcs) {
        LashStop* stop = nullptr;
        for (LashStop& s : out)
            if (a.holds(s.cycle_deg) && (!stop || room(a, s.cycle_deg) > room(a, stop->cycle_deg)))
                stop = &s;
        if (stop) stop->set.push_back(a.valve);
    }
    out.erase(
        std::remove_if(out.begin(), out.end(), [](const LashStop& s) { return s.set.empty(); }),
        out.end());
    // And each stop where all of its valves leave it room.
    for (LashStop& s : out) {
        double before = kCycle_deg, after = kCycle_deg;
        for (const std::size_t i : s.set)
            for (const Free& a : arcs)
                if (a.valve == i) {
                    const double in = onward(a.from, s.cycle_deg);
                    before = std::min(before, in);
                    after = std::min(after, a.wide - in);
                }
        s.cycle_deg = roundest(s.cycle_deg - before, std::max(0.0, before + after));
    }
    note(out, valves, margin);
    return out;
}

std::vector<LashStop> openingClosingStops(const std::vector<LashValve>& valves, double margin) {
    std::vector<LashStop> out;
    for (std::size_t i = 0; i < valves.size(); ++i) {
        const LashValve& v = valves[i];
        const bool exhaust = v.side == Side::Exhaust;
        const auto other = valveOf(valves, v.cylinder, exhaust ? Side::Intake : Side::Exhaust);
        if (!other) continue;
        const double at = exhaust ? v.opens_deg + kJust_deg : v.closes_deg + kJust_deg;
        out.push_back({onCycle(std::round(at + v.behind_deg)), {*other}});
    }
    // One that is alone in its cylinder: where that one fires.
    for (LashStop& stop : firingStops(valves, margin, false)) {
        if (stop.set.size() != 1) continue;
        stop.onRamp.clear();
        out.push_back(std::move(stop));
    }
    note(out, valves, margin);
    return out;
}

std::vector<LashStop> firingStops(const std::vector<LashValve>& valves, double margin,
                                  bool companion) {
    std::vector<LashStop> out;
    std::vector<int> seen;
    for (const LashValve& v : valves) {
        if (std::find(seen.begin(), seen.end(), v.cylinder) != seen.end()) continue;
        seen.push_back(v.cylinder);
        LashStop stop{onCycle(360.0 + v.behind_deg), {}};
        for (std::size_t i = 0; i < valves.size(); ++i) {
            if (valves[i].cylinder == v.cylinder) stop.set.push_back(i);
            const double apart = onward(valves[i].behind_deg, stop.cycle_deg);
            if (valves[i].cylinder != v.cylinder && (apart < 0.5 || apart > kCycle_deg - 0.5))
                stop.overlap = valves[i].cylinder;
        }
        if (!companion || stop.overlap) out.push_back(std::move(stop));
    }
    note(out, valves, margin);
    return out;
}

} // namespace lobe
