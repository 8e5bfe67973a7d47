#include "core/route/progress.h"

#include "core/assess/clearances.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

bool anyLookAgain(const std::vector<Finding>& findings) {
    return std::any_of(findings.begin(), findings.end(),
                       [](const Finding& f) { return f.severity >= Severity::LookAgain; });
}

} // namespace

Progress engineProgress(const Engine& e) {
    const int known = (e.bore_mm > 0.0) + (e.stroke_mm > 0.0) + (e.rod_mm > 0.0);
    if (known == 0 && e.name.empty()) return Progress::NotBegun;
    if (e.rod_mm > 0.0 && e.rod_mm <= e.stroke_mm / 2.0) return Progress::LookAgain;
    return known == 3 ? Progress::Done : Progress::InHand;
}

Progress tdcProgress(const TdcFindings& tdc) {
    if (anyLookAgain(tdc.findings)) return Progress::LookAgain;
    switch (tdc.state) {
    case TdcState::NotBegun:
        return Progress::NotBegun;
    case TdcState::Proved:
        return Progress::Done;
    case TdcState::InHand:
    case TdcState::Set:
        break;
    }
    return Progress::InHand;
}

Progress lobesProgress(const Findings& f) {
    if (f.cylinders.empty()) return Progress::NotBegun;
    bool both = false, open = false;
    for (const CylinderFindings& c : f.cylinders) {
        for (const RunFindings* r : {f.intake(c), f.exhaust(c)}) {
            if (!r) continue;
            if (anyLookAgain(r->lobe.findings)) return Progress::LookAgain;
            open = open || !r->lobe.noseReached;
        }
        const RunFindings *in = f.intake(c), *ex = f.exhaust(c);
        both = both || (in && ex && in->lobe.noseReached && ex->lobe.noseReached);
    }
    return both && !open ? Progress::Done : Progress::InHand;
}

/// A tick is a claim that keeps its limit, at both valves; nothing less.
Progress clearanceProgress(const Findings& f) {
    bool any = false, keeps = true, look = false;
    for (const MapFindings& m : f.maps)
        any = any || !m.points.empty();
    if (!any) return f.maps.empty() ? Progress::NotBegun : Progress::InHand;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const ClearanceClaim* c = f.clearanceOf(side);
        const bool under = c && c->accepted && c->worst_mm() && *c->worst_mm() > 0.0;
        keeps = keeps && c && (c->verdict == ClearanceVerdict::Keeps || under);
    }
    for (const MapFindings& m : f.maps)
        if (m.current)
            for (const Finding& x : m.findings)
                look = look || x.severity >= Severity::LookAgain;
    return look ? Progress::LookAgain : keeps ? Progress::Done : Progress::InHand;
}

Progress compressionProgress(const Job& job, const Findings& f) {
    if (!f.compression) return Progress::NotBegun;
    if (std::holds_alternative<CompressionError>(*f.compression)) return Progress::LookAgain;
    return f.closings.by(job.reckoning.closing).deg ? Progress::Done : Progress::InHand;
}

Progress timingProgress(const Findings& f) {
    for (const Finding& x : f.all)
        if (x.is<found::MovedSince>() && x.cylinder == f.cylinders.front().cylinder)
            return Progress::InHand;
    for (const CylinderFindings& c : f.cylinders)
        // A tick needs its ground: TDC that is proved.
        if (c.pair && c.pair->separation)
            return f.tdc.state == TdcState::Proved ? Progress::Done : Progress::InHand;
    return f.cylinders.empty() ? Progress::NotBegun : Progress::InHand;
}

Progress settingProgress(const Job& job, const Findings& f) {
    if (!job.changes.empty()) {
        const int last = job.changes.back().number;
        bool measured = false, waiting = false;
        for (const MoveCheck& c : f.changes) {
            // The other cylinders follow the first: one cam moves them all.
            if (c.number != last || c.cylinder != f.cylinders.front().cylinder) continue;
            if (c.verdict == MoveVerdict::Waiting)
                waiting = true;
            else if (c.verdict != MoveVerdict::AsMeant || !c.alike)
                return Progress::LookAgain;
            else
                measured = true;
        }
        if (!measured || waiting) return Progress::InHand;
    }
    const Need& n = f.need;
    if (!n.move_deg.intake && !n.move_deg.exhaust)
        return job.engine.drive.described() ? Progress::InHand : Progress::NotBegun;
    if (n.stands()) return f.tdc.state == TdcState::Proved ? Progress::Done : Progress::InHand;
    return job.engine.drive.described() || !job.changes.empty() ? Progress::InHand
                                                                : Progress::NotBegun;
}

Progress springsProgress(const Findings& f) {
    const SpringClaim& s = f.springs;
    if (!s.begun) return Progress::NotBegun;
    const bool odd = std::any_of(s.set.begin(), s.set.end(), [](const auto& x) { return x.odd; });
    const bool far =
        std::any_of(s.valves.begin(), s.valves.end(), [](const auto& v) { return !v.reached; });
    if (!s.faults.empty() || s.worst() || odd || far || s.floats()) return Progress::LookAgain;
    bool all = !s.valves.empty();
    for (const SpringValve& v : s.valves)
        all = all && v.measured_mm && v.seat_n && v.bindLeft_mm;
    return all && s.of(SpringRoom::CoilBind, Side::Intake) ? Progress::Done : Progress::InHand;
}

Progress compareProgress(const Job& job) {
    const Choosing& c = job.choosing;
    if (!c.decisions.empty()) return Progress::Done;
    return c.wishes.empty() && c.candidates.empty() ? Progress::NotBegun : Progress::InHand;
}

} // namespace lobe
