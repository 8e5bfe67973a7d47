#include "core/assess/claims.h"

#include "core/job/card.h"
#include "core/job/job.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Schools nearer to one another than this are one centre: what a wheel shows.
constexpr double kSchoolsAlike_deg = 0.5;

/// What the middle of the events of one height says of that of another, 95 %.
constexpr double kOtherHeight_deg = 1.5;

bool gross(const CylinderFindings& c) {
    return c.explanation && !c.explanation->causes.empty() &&
           isGross(c.explanation->causes.front().kind);
}

/// How far a lobe stands from its card and by what, without what TDC leaves.
void compare(const Job& job, const CylinderFindings& c, const LobeFigures& lobe, LobeClaim& out) {
    const auto& told = !c.explanation              ? std::optional<double>()
                       : lobe.side == Side::Intake ? c.explanation->intakeShift_deg
                                                   : c.explanation->exhaustShift_deg;
    const auto late = told ? told : cardShift_deg(job, lobe);
    if (!late) return;
    const bool byEvents = cardCentreByEvents(*job.card, lobe.side);
    out.comparedBy = byEvents                                 ? CentreSchool::Events
                     : c.explanation && c.explanation->school ? *c.explanation->school
                                                              : job.reckoning.school;
    const HeightEvents& at = lobe.atEventsHeight;
    std::optional<double> own =
        byEvents ? halfWidthOf(at.midpoint()) : halfWidthOf(lobe.centre(out.comparedBy));
    if (!own && byEvents) own = halfWidthOf(at.opens ? at.opens : at.closes);
    // Read at another height than the card's, the middle wanders as far as the lobe leans.
    if (byEvents && at.height != job.card->height)
        own = std::hypot(own.value_or(kLeastTold_deg), kOtherHeight_deg);
    out.late_deg = {*late, own.value_or(kLeastTold_deg)};
}

LobeClaim claimOf(const Job& job, const Findings& f, const CylinderFindings& c,
                  const RunFindings& run) {
    const LobeFigures& lobe = run.lobe;
    LobeClaim out;
    out.cylinder = c.cylinder;
    out.side = run.side;
    out.runs.push_back(run.run);
    for (std::size_t i : c.witnesses[run.side])
        out.runs.push_back(f.runs[i].run);
    out.tdcProved = f.tdc.state == TdcState::Proved;
    if (run.outdated) {
        out.needs = StandingNeed::Again;
        return out;
    }
    out.school = lobe.had(job.reckoning.school);
    const double sign = run.side == Side::Intake ? 1.0 : -1.0;
    if (const auto at = centreFromTdc(f, lobe, job.reckoning.school))
        out.centre_deg = {sign * at->deg, at->plusMinus};
    out.needs = out.centre_deg ? StandingNeed::Card : StandingNeed::Lobe;
    if (!job.card) return out;
    compare(job, c, lobe, out);
    if (!out.late_deg) {
        const bool states = cardCentre(*job.card, run.side).has_value();
        if (states) out.needs = StandingNeed::Lobe;
        return out;
    }
    out.late_deg->plusMinus = std::hypot(*out.late_deg->plusMinus, f.tdc.uncertainty_deg());
    if (out.comparedBy != out.school) {
        const auto one = lobe.centres.by(out.school), other = lobe.centres.by(out.comparedBy);
        out.alike = !one || !other || std::abs(one->deg - other->deg) <= kSchoolsAlike_deg;
    }
    if (gross(c) || std::abs(*out.late_deg) > kMostOff_deg) {
        out.needs = StandingNeed::Settle;
        return out;
    }
    if (out.comparedBy == CentreSchool::Events && !lobe.atEventsHeight.midpoint()) {
        out.needs = StandingNeed::OtherEvent;
        return out;
    }
    out.needs = StandingNeed::Nothing;
    // What two cams of one grinding differ by, and the card's own rounding, are in the explanation.
    const bool asCard = c.explanation && !c.explanation->causes.empty() &&
                        c.explanation->causes.front().kind == CauseKind::AsCard;
    out.standing =
        asCard || std::abs(*out.late_deg) <= out.told_deg() ? Standing::Right : Standing::Off;
    return out;
}

} // namespace

std::optional<Measured<CrankDeg>> centreFromTdc(const Findings& f, const LobeFigures& lobe,
                                                CentreSchool school) {
    auto at = lobe.centre(school);
    if (at && at->plusMinus) at->plusMinus = std::hypot(*at->plusMinus, f.tdc.uncertainty_deg());
    return at;
}

std::vector<LobeClaim> lobeClaims(const Job& job, const Findings& f, const CylinderFindings& c) {
    std::vector<LobeClaim> out;
    for (Side side : {Side::Intake, Side::Exhaust})
        if (const RunFindings* run = f.of(c, side)) out.push_back(claimOf(job, f, c, *run));
    return out;
}

bool withoutGasket(const Chamber& chamber) {
    return !(chamber.gasket_mm > 0.0);
}

bool withoutDeck(const Chamber& chamber) {
    return chamber.deck_mm == 0.0 && withoutGasket(chamber);
}

std::optional<CompressionClaim> compressionClaim(const Job& job, const Findings& f) {
    const auto* c = f.compression ? std::get_if<Compression>(&*f.compression) : nullptr;
    if (!c) return std::nullopt;
    CompressionClaim out;
    out.cylinder = f.compressionCylinder;
    out.staticRatio = c->staticRatio;
    out.school = job.reckoning.closing;
    for (const DynamicBy& by : dynamicByClosing(job, f.closings, out.cylinder, 0.0))
        if (by.closing.school == out.school) {
            out.closing_deg = by.closing.deg;
            out.dynamicRatio = by.ratio;
        }
    const Chamber& chamber = job.engine.chamberOf(out.cylinder);
    out.withoutGasket = withoutGasket(chamber);
    out.withoutDeck = withoutDeck(chamber);
    return out;
}

} // namespace lobe
