#include "core/tdc/tdc.h"

#include "core/angle/geometry.h"
#include "core/angle/wheel.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <map>
#include <numbers>

namespace lobe {
namespace {

/// A stop or a drop this far from the top is hardly meant; a port may well be.
constexpr double kLikelySpan_deg = 75.0;
/// Setting the wheel and its pointer, one standard deviation.
constexpr double kTdcSetting_deg = 0.05;
/// Of an indicator nobody described, and how far either side of the top it stands still on an
/// engine nobody did: sqrt(2 x 0.01 / (r (1 + r/l))) with r (1 + r/l) of 40 mm.
constexpr double kUsualResolution_mm = 0.01, kUsualDwell_deg = 1.3;
/// A half-span this far from the expected one means the drop, the stop or a reading is wrong.
constexpr double kSpanOff_deg = 2.0;

bool usesIndicator(TdcMethod m) {
    return m == TdcMethod::EqualDrop || m == TdcMethod::ThereAndBack ||
           m == TdcMethod::HighestReading;
}

class PassExaminer {
public:
    PassExaminer(TdcPass& pass, const TdcContext& context)
        : pass_(pass),
          context_(context),
          path_(PistonPath::of(context.stroke_mm, context.rod_mm, context.pinOffset_mm)) {}

    void run() {
        if (pass_.method == TdcMethod::HighestReading) return highest();
        for (TdcPair& pair : pass_.pairs)
            examine(pair);
        if (std::any_of(pass_.pairs.begin(), pass_.pairs.end(),
                        [](const TdcPair& p) { return !p.midpoint_deg; }))
            return;
        const TdcPair& last = pass_.pairs.back();
        pass_.halfSpan_deg = last.halfSpan_deg;
        pass_.expectedHalfSpan_deg = last.expectedHalfSpan_deg;
        pass_.correction_deg = {*last.midpoint_deg - last.drift_deg.value_or(0.0),
                                last.midpoint_deg->plusMinus};
        if (pass_.pairs.size() > 1) severalDrops();
        pass_.correction_deg->value = wrapTurn({*pass_.correction_deg}).deg;
        pass_.agrees = 2.0 * std::abs(*pass_.correction_deg) <= context_.tolerance_deg;
    }

private:
    /// One reading at the greatest height: the piston dwells there.
    void highest() {
        const auto& only = pass_.pairs.back().before;
        if (!only) return;
        pass_.correction_deg = only->at.deg;
        pass_.correction_deg->plusMinus =
            path_ ? path_->dwell_deg(context_.resolution_mm.value_or(kUsualResolution_mm))
                  : kUsualDwell_deg;
        pass_.agrees = 2.0 * std::abs(*pass_.correction_deg) <= context_.tolerance_deg;
    }

    /// Half-width, 95 %, of the middle of two contacts: each read on the wheel to what its digits
    /// say and set to within a twentieth, and found by the indicator where it is used.
    double uncertainty_deg(double slope) const {
        std::vector<double> angles;
        std::vector<std::string> typed;
        for (const TdcPair& p : pass_.pairs)
            for (const auto& c : {p.before, p.after})
                if (c) {
                    angles.push_back(c->at.deg);
                    typed.push_back(c->typed);
                }
        double square =
            std::pow(readTo_deg(angles, typed), 2) / 12.0 + kTdcSetting_deg * kTdcSetting_deg;
        if (context_.resolution_mm && usesIndicator(pass_.method) && slope > 0.0)
            square += std::pow(*context_.resolution_mm / slope, 2) / 12.0;
        return 1.96 * std::sqrt(square / 2.0);
    }

    void examine(TdcPair& pair) const {
        if (!pair.before || !pair.after) return;
        const Midpoint mid = midpointOf(pair.before->at, pair.after->at);
        pair.midpoint_deg = {mid.midpoint_deg, uncertainty_deg(0.0)};
        pair.halfSpan_deg = mid.halfSpan_deg;
        pair.swapped = mid.swapped && pass_.method != TdcMethod::ThereAndBack;
        if (!path_) return;
        if (pair.drop_mm) pair.expectedHalfSpan_deg = path_->halfSpan_deg(*pair.drop_mm);
        if (context_.pinOffset_mm != 0.0)
            if (const auto drop = path_->dropOfHalfSpan_mm(*pair.halfSpan_deg))
                pair.drift_deg = path_->midpoint_deg(*drop);
        const double slope = std::abs(path_->slope_mm_per_deg(*pair.halfSpan_deg));
        pair.midpoint_deg->plusMinus = uncertainty_deg(slope);
    }

    /// Least squares of midpoint on drop, carried to no drop. A pin offset or a rocking piston
    /// moves the midpoint by some hundredths of a degree per mm, so that much is what the slope may
    /// be before the readings speak: with few of them the midpoints are all but averaged, and what
    /// the carrying adds is in the doubt.
    void severalDrops() {
        // Of the slope: 0.1 deg per mm, one deviation.
        constexpr double kSlope = 0.1;
        double sw = 0, swx = 0, swy = 0, swxx = 1.0 / (kSlope * kSlope), swxy = 0;
        for (const TdcPair& p : pass_.pairs) {
            const double y = *p.midpoint_deg - p.drift_deg.value_or(0.0);
            const double x = p.drop_mm.value_or(0.0);
            const double sigma = std::max(halfWidthOf(p.midpoint_deg).value_or(0.2) / 1.96, 1e-3);
            const double w = 1.0 / (sigma * sigma);
            sw += w;
            swx += w * x;
            swy += w * y;
            swxx += w * x * x;
            swxy += w * x * y;
        }
        const double determinant = sw * swxx - swx * swx;
        pass_.drift_deg_per_mm = (sw * swxy - swx * swy) / determinant;
        pass_.correction_deg = {(swxx * swy - swx * swxy) / determinant,
                                kCoverageFactor * std::sqrt(swxx / determinant)};
    }

    TdcPass& pass_;
    const TdcContext& context_;
    std::optional<PistonPath> path_;
};

void addContact(TdcPass& pass, const Contact& c) {
    pass.method = c.method;
    const auto same = std::find_if(pass.pairs.begin(), pass.pairs.end(),
                                   [&](const TdcPair& p) { return p.drop_mm == c.drop_mm; });
    TdcPair& pair = same != pass.pairs.end() ? *same : pass.pairs.emplace_back();
    pair.drop_mm = c.drop_mm;
    (c.afterTop ? pair.after : pair.before) = c;
}

/// Contacts that make nonsense on one kind of gauge may make sense on the other: one counts up both
/// ways from its zero, one runs on through 180 and begins again.
void otherScale(const TdcPass& pass, std::vector<Finding>& out) {
    const auto likely = [](double half) { return half >= 2.0 && half <= kLikelySpan_deg; };
    if (pass.method == TdcMethod::SymmetricPort || !pass.halfSpan_deg || likely(*pass.halfSpan_deg))
        return;
    for (const TdcPair& p : pass.pairs) {
        if (!p.before || !p.after) continue;
        const double a = std::strtod(p.before->typed.c_str(), nullptr),
                     b = std::strtod(p.after->typed.c_str(), nullptr);
        for (const Midpoint& m : {midpointOf({-a}, {b}), midpointOf({a - 180.0}, {b})}) {
            if (m.swapped || !likely(m.halfSpan_deg) ||
                std::abs(m.halfSpan_deg - *p.halfSpan_deg) < 1.0)
                continue;
            out.push_back({found::TdcOtherScale{*p.halfSpan_deg, m.halfSpan_deg, m.midpoint_deg},
                           Severity::LookAgain});
            return;
        }
    }
}

/// Two methods one after the other on the same pointer, or on one moved to where the first said.
void methods(const TdcPass& done, TdcFindings& out) {
    const TdcPass* before = nullptr;
    for (const TdcPass& p : out.passes)
        if (p.pass < done.pass && p.correction_deg) before = &p;
    if (!before || before->method == done.method || before->method == TdcMethod::HighestReading ||
        done.method == TdcMethod::HighestReading)
        return;
    const double expected = before->agrees ? before->correction_deg->value : 0.0;
    const double apart = *done.correction_deg - expected;
    const double uncertainty = std::hypot(halfWidthOf(before->correction_deg).value_or(0.1),
                                          halfWidthOf(done.correction_deg).value_or(0.1));
    constexpr double kLeast_deg = 0.3;
    if (std::abs(apart) <= std::max(kLeast_deg, uncertainty)) return;
    out.findings.push_back({found::TdcMethodsApart{apart, uncertainty}, Severity::LookAgain});
}

void judgePass(TdcFindings& out, const TdcPass& done) {
    const auto say = [&](found::Any what, Severity severity) {
        out.findings.push_back({std::move(what), severity});
    };
    const bool peak = done.method == TdcMethod::HighestReading;
    if (const auto dwell = halfWidthOf(done.correction_deg); dwell && peak)
        say(found::TdcDwell{*dwell}, Severity::Note);
    for (const TdcPair& p : done.pairs)
        if (p.swapped) say(found::TdcContactsSwapped{*p.halfSpan_deg}, Severity::Note);
    // With what would make sense of them before that they make none.
    otherScale(done, out.findings);
    if (done.halfSpan_deg && done.method != TdcMethod::SymmetricPort &&
        (*done.halfSpan_deg > kLikelySpan_deg || *done.halfSpan_deg < 2.0))
        say(found::TdcSpanUnlikely{*done.halfSpan_deg}, Severity::LookAgain);
    for (const TdcPair& p : done.pairs)
        if (p.expectedHalfSpan_deg &&
            std::abs(*p.expectedHalfSpan_deg - *p.halfSpan_deg) > kSpanOff_deg)
            say(found::TdcSpanOff{*p.halfSpan_deg, *p.expectedHalfSpan_deg}, Severity::LookAgain);
    constexpr double kShallow_deg = 10.0;
    if (done.method == TdcMethod::PositiveStop && done.halfSpan_deg && *done.halfSpan_deg >= 2.0 &&
        *done.halfSpan_deg < kShallow_deg)
        say(found::TdcStopShallow{*done.halfSpan_deg}, Severity::Ask);
    methods(done, out);
    if (const auto drift = done.pairs.back().drift_deg; drift && std::abs(*drift) >= 0.005)
        say(found::TdcDrift{*drift}, Severity::Note);
    const double apart = 2.0 * std::abs(*done.correction_deg);
    if (out.state == TdcState::Proved)
        say(found::TdcProved{apart}, Severity::Note);
    else if (peak)
        say(found::TdcTakeEnds{*done.correction_deg,
                               halfWidthOf(done.correction_deg).value_or(kUsualDwell_deg)},
            Severity::Ask);
    else if (!done.agrees)
        say(found::TdcPointerOff{*done.correction_deg}, Severity::Ask);
    else
        say(found::TdcNotProved{apart}, Severity::Ask);
}

} // namespace

TdcContext tdcContext(const Job& job) {
    return {job.engine.stroke_mm, job.engine.rod_mm, job.engine.pinOffset_mm,
            job.fitted.resolution_mm, job.reckoning.tdcTolerance_deg};
}

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

std::optional<Contact> onOtherGauge(const TdcFindings& tdc) {
    const TdcPass* pass = tdc.latest();
    const auto* other = findingOf<found::TdcOtherScale>(tdc.findings);
    if (!other || !pass) return std::nullopt;
    for (const TdcPair& p : pass->pairs) {
        if (!p.before || !p.after || p.halfSpan_deg != other->halfSpan_deg) continue;
        Contact c = *p.before;
        c.id = 0;
        c.time_ms = 0;
        c.at = {other->correction_deg - other->otherHalfSpan_deg};
        return c;
    }
    return std::nullopt;
}

std::optional<double> pendingShift_deg(const LiftRun& run, const TdcFindings& tdc) {
    const auto asks = [&](const TdcPass& pass) {
        return pass.correction_deg && !pass.agrees && pass.pass > run.terms.tdcAnswered;
    };
    // Mostly none does: then the readings, which may be many, need not be gone through.
    if (std::none_of(tdc.passes.begin(), tdc.passes.end(), asks)) return std::nullopt;
    std::int64_t last = 0;
    for (const Reading& r : run.readings)
        last = std::max(last, r.time_ms);
    if (last == 0) return std::nullopt; // imported: taken who knows when
    // The first pass after them says where the pointer stood when they were taken. What a later
    // one finds is the same once more, or what was moved since.
    for (const TdcPass& pass : tdc.passes) {
        if (!pass.correction_deg) continue;
        const auto& seal = pass.after() ? pass.after() : pass.before();
        if (seal->time_ms <= last) continue;
        if (!asks(pass) || *pass.correction_deg == 0.0) return std::nullopt;
        // The wheel read w where the crank stood at w less the correction.
        return -*pass.correction_deg;
    }
    return std::nullopt;
}

TdcFindings examineTdc(const std::vector<Contact>& contacts, const TdcContext& context) {
    TdcFindings out;
    std::map<int, TdcPass> passes;
    for (const Contact& c : contacts) {
        if (c.struck) continue;
        TdcPass& pass = passes[c.pass];
        pass.pass = c.pass;
        addContact(pass, c);
    }
    for (auto& [number, pass] : passes) {
        PassExaminer(pass, context).run();
        out.passes.push_back(pass);
    }
    if (out.passes.empty()) return out;

    const TdcPass& last = out.passes.back();
    out.passAtHand = last.correction_deg ? last.pass + 1 : last.pass;
    out.nextAfterTop = !last.correction_deg && last.before().has_value();
    const TdcPass* done = out.latest();
    if (!done) {
        out.state = TdcState::InHand;
        return out;
    }
    // One whole pass sets; a later one that agrees proves. The dwell at the top proves nothing, nor
    // does a pass of which a contact was struck or never taken.
    const bool first = done == &*std::find_if(out.passes.begin(), out.passes.end(),
                                              [](const TdcPass& p) { return p.correction_deg; });
    const bool firm = done->method != TdcMethod::HighestReading;
    out.state = done->agrees && !first && firm ? TdcState::Proved : TdcState::Set;
    judgePass(out, *done);
    return out;
}

double lampFor_deg(double true_deg, const MarkError& error) {
    return true_deg + error.deg;
}

std::optional<MarkError> factoryMarkError(const Fitted& s) {
    if (!s.factoryMark_deg) return std::nullopt;
    return MarkError{*s.factoryMark_deg,
                     std::numbers::pi * s.damper_mm * *s.factoryMark_deg / 360.0};
}

std::optional<double> meanDeck_mm(const Fitted& s) {
    if (s.deck_mm.empty()) return std::nullopt;
    double sum = 0.0;
    for (double mm : s.deck_mm)
        sum += mm;
    return sum / static_cast<double>(s.deck_mm.size());
}

double TdcFindings::uncertainty_deg() const {
    const TdcPass* pass = latest();
    if (!pass) return 0.0;
    constexpr double kLeast_deg = 0.1;
    // The pointer was left where it stood: by what it is off, every angle is, and beyond that by
    // what the pass itself leaves (a known offset and a scatter: 1.645 deviations beyond it).
    const double off = std::abs(*pass->correction_deg),
                 own = halfWidthOf(pass->correction_deg).value_or(0.0);
    return std::max({kLeast_deg, std::hypot(off, own), off + 0.84 * own});
}

} // namespace lobe
