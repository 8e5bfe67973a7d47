#include "core/tdc.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lobe {
namespace {

/// A stop or a drop this far from the top is hardly meant.
constexpr double kLikelySpan_deg = 75.0;

} // namespace

const TdcPass* TdcFindings::latest() const {
    for (auto it = passes.rbegin(); it != passes.rend(); ++it)
        if (it->correction_deg) return &*it;
    return nullptr;
}

Midpoint midpointOf(CrankDeg before, CrankDeg after) {
    double span = std::fmod(after.deg - before.deg, 360.0);
    if (span < 0.0) span += 360.0;
    // More than half a turn from "before" forward to "after": they were taken the other way round.
    const bool swapped = span > 180.0;
    if (swapped) {
        span = 360.0 - span;
        std::swap(before, after);
    }
    return {wrapTurn({before.deg + span / 2.0}).deg, span / 2.0, swapped};
}

TdcFindings examineTdc(const std::vector<Contact>& contacts, double tolerance_deg) {
    TdcFindings out;
    std::map<int, TdcPass> passes;
    for (const Contact& c : contacts) {
        if (c.struck) continue;
        TdcPass& pass = passes[c.pass];
        pass.pass = c.pass;
        (c.afterTop ? pass.after : pass.before) = c;
    }
    for (auto& [number, pass] : passes) {
        if (pass.before && pass.after) {
            const Midpoint mid = midpointOf(pass.before->at, pass.after->at);
            pass.correction_deg = mid.correction_deg;
            pass.halfSpan_deg = mid.halfSpan_deg;
            pass.swapped = mid.swapped;
            pass.agrees = 2.0 * std::abs(mid.correction_deg) <= tolerance_deg;
        }
        out.passes.push_back(pass);
    }
    if (out.passes.empty()) return out;

    const TdcPass& last = out.passes.back();
    out.passAtHand = last.correction_deg ? last.pass + 1 : last.pass;
    out.nextAfterTop = !last.correction_deg && last.before.has_value();
    const TdcPass* done = out.latest();
    if (!done) {
        out.state = TdcState::InHand;
        return out;
    }
    // One pass sets; a later one that agrees proves.
    const bool first = done == &out.passes.front();
    out.state = done->agrees && !first ? TdcState::Proved : TdcState::Set;

    const auto say = [&](Code code, Severity severity, double deg) {
        Finding f{code, severity};
        f.deg = deg;
        out.findings.push_back(f);
    };
    if (done->swapped) say(Code::TdcContactsSwapped, Severity::Note, *done->halfSpan_deg);
    if (*done->halfSpan_deg > kLikelySpan_deg || *done->halfSpan_deg < 2.0)
        say(Code::TdcSpanUnlikely, Severity::LookAgain, *done->halfSpan_deg);
    const double apart = 2.0 * std::abs(*done->correction_deg);
    if (out.state == TdcState::Proved) {
        say(Code::TdcProved, Severity::Note, apart);
    } else if (!done->agrees) {
        say(Code::TdcPointerOff, Severity::Ask, *done->correction_deg);
    } else {
        say(Code::TdcNotProved, Severity::Ask, apart);
    }
    return out;
}

} // namespace lobe
