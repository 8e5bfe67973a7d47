#include "core/assess/witnesses.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

using Of = found::WaysDiffer::Of;

/// Coming up to a mark once more, beside what each way says of itself.
constexpr double kAgain_deg = 0.3;
/// Schools of centre differ by nature on a lobe that leans: nothing is said within this.
constexpr double kSchools_deg = 1.5;

/// One figure of a lobe taken two ways.
struct Pair {
    Of of = Of::Centre;
    double one_deg = 0.0, other_deg = 0.0, known_deg = 0.0;
    double off() const { return std::abs(one_deg - other_deg); }
    bool agrees() const { return off() <= known_deg; }
};

using MeasuredAt = std::optional<Measured<CrankDeg>>;

void add(std::vector<Pair>& out, Of of, const MeasuredAt& one, const MeasuredAt& other,
         double natural_deg = 0.0) {
    if (!one || !other) return;
    out.push_back(
        {of, one->deg, other->deg,
         std::hypot(one->plusMinus.value_or(0.5), other->plusMinus.value_or(0.5), kAgain_deg) +
             natural_deg});
}

std::vector<Pair> pairs(const LobeFigures& counts, const LobeFigures& witness) {
    std::vector<Pair> out;
    for (const HeightEvents& w : witness.heights)
        if (const HeightEvents* c = counts.events(w.height)) {
            add(out, Of::Opening, c->opens, w.opens);
            add(out, Of::Closing, c->closes, w.closes);
        }
    if (!out.empty() || !witness.heights.empty()) return out;
    // The centre by two readings: against the same school where there is a curve, else against the
    // middle of the events.
    const bool same = counts.centres.equalDrop && std::abs(counts.drop_mm - witness.drop_mm) < 0.3;
    if (same)
        add(out, Of::Centre, counts.centres.equalDrop, witness.centres.equalDrop);
    else
        add(out, Of::Centre, counts.centres.events, witness.centres.equalDrop, kSchools_deg);
    return out;
}

} // namespace

void holdWitnesses(Findings& f, std::size_t counts, const std::vector<std::size_t>& witnesses) {
    RunFindings& run = f.runs[counts];
    double widest = -1.0;
    bool differ = false;
    for (std::size_t i : witnesses) {
        const LobeFigures& witness = f.runs[i].lobe;
        for (const Pair& p : pairs(run.lobe, witness)) {
            widest = std::max(widest, p.off());
            if (p.agrees()) continue;
            differ = true;
            run.lobe.findings.push_back(
                {found::WaysDiffer{p.of, p.one_deg, p.other_deg, p.known_deg}, Severity::LookAgain,
                 run.side, run.cylinder});
        }
        if (run.lobe.eventsOnly && !run.lobe.centres.equalDrop && witness.centres.equalDrop) {
            run.lobe.centres.equalDrop = witness.centres.equalDrop;
            run.lobe.drop_mm = witness.drop_mm;
        }
    }
    if (!differ && widest >= 0.0)
        run.lobe.findings.push_back(
            {found::WaysAgree{static_cast<int>(witnesses.size()) + 1, widest}, Severity::Note,
             run.side, run.cylinder});
}

} // namespace lobe
