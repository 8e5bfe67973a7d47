#include "practice/held.h"

#include "core/job/job.h"
#include "words/clearance.h"
#include "words/numbers.h"
#include "words/sentences.h"
#include "words/setting.h"

#include "stations/list.h"

#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace practice {

using namespace lobe;

namespace {

const char* name(FigureKind kind) {
    switch (kind) {
    case FigureKind::Duration:
        return "duration";
    case FigureKind::Opens:
    case FigureKind::Closes:
        return "event";
    case FigureKind::Centre:
        return "centre";
    case FigureKind::Separation:
        return "separation";
    case FigureKind::Advance:
        return "advance";
    case FigureKind::Overlap:
        return "overlap";
    case FigureKind::SplitPoint:
        return "split point";
    case FigureKind::MaxLift:
        return "lift";
    case FigureKind::ValveLift:
        return "valve lift";
    default:
        break;
    }
    return "area";
}

const char* wayOf(const RunFindings& run) {
    return !run.events ? "curve" : run.lobe.heights.empty() ? "two readings" : "events";
}

/// The centre of a lobe by a school, as the truth has it; on the cycle.
double centre(const Truth& t, const RunFindings& run, CentreSchool school) {
    const Side side = run.side;
    switch (school) {
    case CentreSchool::EqualDrop:
        return t.equalDrop(side, run.lobe.drop_mm, run.lobe.taken.at);
    case CentreSchool::Events: {
        const Height& h = run.lobe.atEventsHeight.height;
        return (t.event(side, h, true) + t.event(side, h, false)) / 2.0;
    }
    case CentreSchool::Peak:
        return t.nose(side);
    case CentreSchool::Centroid:
        break;
    }
    double area = 0.0, moment = 0.0;
    const double home = t.lobes[side == Side::Intake ? 0 : 1].centre;
    for (double d = -200.0; d <= 200.0; d += 0.05) {
        const double mm = t.at(run.lobe.taken.at, side, home + d);
        area += mm;
        moment += mm * (home + d);
    }
    return moment / area;
}

/// What a figure truly is; NaN where that is not known here.
double trueValue(const Truth& t, const Findings& f, const CylinderFindings& c, const Figure& x) {
    const double none = std::nan("");
    const auto run = [&](Side side) { return f.of(c, side); };
    const auto event = [&](Side side, bool opens) {
        const Event e = opens ? opening(side) : closing(side);
        return toCard(e, {t.event(side, *x.height, opens)}).deg;
    };
    const auto centreOf = [&](Side side) {
        const RunFindings* r = run(side);
        return r ? centre(t, *r, r->lobe.had(*x.school)) : none;
    };
    switch (x.kind) {
    case FigureKind::Opens:
        return event(*x.side, true);
    case FigureKind::Closes:
        return event(*x.side, false);
    case FigureKind::Duration:
        return t.event(*x.side, *x.height, false) - t.event(*x.side, *x.height, true);
    case FigureKind::Overlap:
        return event(Side::Intake, true) + event(Side::Exhaust, false);
    case FigureKind::Centre:
        return (*x.side == Side::Intake ? 1.0 : -1.0) * centreOf(*x.side);
    case FigureKind::Separation:
        return (centreOf(Side::Intake) - centreOf(Side::Exhaust)) / 2.0;
    case FigureKind::Advance:
        return (centreOf(Side::Intake) - centreOf(Side::Exhaust)) / 2.0 - centreOf(Side::Intake);
    case FigureKind::MaxLift:
        return t.greatest(*x.side, run(*x.side)->lobe.taken.at);
    case FigureKind::ValveLift:
        return t.greatest(*x.side, Place::Valve);
    default:
        return none;
    }
}

/// Every figure outside its ± with what was typed, for whoever looks for the cause.
const bool debug = std::getenv("PRACTICE_DEBUG");

bool fromTop(FigureKind kind) {
    return kind == FigureKind::Opens || kind == FigureKind::Closes || kind == FigureKind::Centre ||
           kind == FigureKind::Advance;
}

} // namespace

void Held::always(const app::Session& session, const Done& done) {
    const Job& job = session.job();
    const Findings& f = session.findings();
    const auto say = [&](const QString& what) {
        if (wrong.size() < 50)
            wrong << QString::fromStdString(job.name) + QStringLiteral(": ") + what +
                         QStringLiteral("\n") + done.typed;
    };
    if (done.refused && !done.slipped) say(QStringLiteral("what was read rightly was refused"));
    for (const CylinderFindings& c : f.cylinders) {
        for (const Figure& x : c.figures)
            if (!x.value || !std::isfinite(*x.value) ||
                (x.value->plusMinus && *x.value->plusMinus < 0.0))
                say(QStringLiteral("a figure that is none: ") + QString::fromStdString(x.key()));
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const LobeClaim* claim = f.lobeClaim(c.cylinder, side);
            const bool measured = f.of(c, side) != nullptr;
            if (measured != (claim != nullptr)) say(QStringLiteral("a lobe without a claim"));
            if (!claim) continue;
            // The slate says the claim's centre and no other.
            for (const Figure& x : c.figures) {
                if (x.kind != FigureKind::Centre || x.side != side) continue;
                if (!claim->centre_deg || double(*x.value) != double(*claim->centre_deg) ||
                    halfWidthOf(x.value) != halfWidthOf(claim->centre_deg))
                    say(QStringLiteral("the slate's centre is not the claim's"));
                if (x.cardDifference && claim->late_deg &&
                    std::abs(std::abs(*x.cardDifference) - std::abs(*claim->late_deg)) > 1e-9)
                    say(QStringLiteral("the slate's difference is not the claim's"));
            }
            if (claim->standing != Standing::NotKnown &&
                (!claim->late_deg || claim->needs != StandingNeed::Nothing))
                say(QStringLiteral("a standing without its ground"));
            if (claim->needs == StandingNeed::Nothing && !job.card)
                say(QStringLiteral("a standing without a card"));
        }
    }
    // Set moves by the claim, by the whole of it, and is known by its ±.
    const Need& n = f.need;
    if (!n.fault && job.trial.target.kind == TargetKind::CardCentre && n.move_deg.intake) {
        const LobeClaim* claim = f.lobeClaim(f.cylinders.front().cylinder, Side::Intake);
        if (!claim || !claim->late_deg || std::abs(*claim->late_deg - *n.move_deg.intake) > 1e-9)
            say(QStringLiteral("Set does not move by what the lobe is late"));
        if (claim && claim->late_deg &&
            n.uncertainty_deg + 1e-9 < halfWidthOf(claim->late_deg).value_or(0.0))
            say(QStringLiteral("Set is surer than the lobe's claim"));
        if (claim && claim->standing == Standing::Right &&
            job.engine.layout != Layout::TwinOverheadCam && !n.stands())
            say(QStringLiteral("the lobe stands right and Set moves it"));
        const QString said = words::needSentence(job, n, {});
        if (n.stands() != said.contains(QStringLiteral("leave it")))
            say(QStringLiteral("Set's sentence is not its verdict: ") + said);
    }
    // A tick needs TDC.
    for (const auto* station : {&stations::timing, &stations::set})
        if (station->progress(job, f) == Progress::Done && f.tdc.state != TdcState::Proved)
            say(QStringLiteral("a tick without TDC at ") + station->name());
    if (f.squeeze) {
        const CompressionClaim& c = *f.squeeze;
        if (!(c.staticRatio > 1.0 && c.staticRatio < 100.0))
            say(QStringLiteral("a static ratio that cannot be"));
        if (c.dynamicRatio &&
            (!c.closing_deg || !(*c.dynamicRatio > 0.9) || *c.dynamicRatio > c.staticRatio + 1e-9 ||
             c.dynamicRatio->plusMinus.value_or(0.0) < 0.0))
            say(QStringLiteral("a dynamic ratio that cannot be"));
    }
    for (const ClearanceClaim& c : f.clearance) {
        if ((c.verdict == ClearanceVerdict::NotKnown) != (c.needs != ClearanceNeed::Nothing))
            say(QStringLiteral("a clearance verdict without its ground"));
        if (c.verdict == ClearanceVerdict::Keeps && c.worst_mm() &&
            *c.worst_mm() - c.worst_mm()->plusMinus.value_or(0.0) < c.limit_mm - 1e-9)
            say(QStringLiteral("keeps the limit, and does not"));
    }
}

void Held::truth(const app::Session& session, const Done& done) {
    const Truth& truth = done.now;
    if (done.slipped) return;
    const Findings& f = session.findings();
    for (const CylinderFindings& c : f.cylinders) {
        const Truth here = truth.of(c.cylinder);
        for (const Figure& x : c.figures) {
            const double is = trueValue(here, f, c, x);
            if (std::isnan(is) || !x.value->plusMinus) continue;
            // Angles hang on the top: claimed for a wheel whose zero is the top that was taken.
            if (fromTop(x.kind) && !done.topTaken) continue;
            const RunFindings* run = f.of(c, x.side.value_or(Side::Intake));
            const std::string way = run ? wayOf(*run) : "";
            const std::string kind = std::string(name(x.kind)) + ", " + way;
            counts[kind].add(*x.value - is, *x.value->plusMinus);
            if (debug && std::abs(*x.value - is) > *x.value->plusMinus)
                std::fprintf(stderr, "%s %s %s: %.2f is %.2f +- %.2f tdc %d u %.2f\n%s\n",
                             kind.c_str(), x.key().c_str(), session.job().name.c_str(),
                             double(*x.value), is, *x.value->plusMinus, int(f.tdc.state),
                             f.tdc.uncertainty_deg(), qPrintable(done.typed));
        }
    }
    for (const LobeClaim& claim : f.lobes) {
        if (!claim.late_deg || !done.topTaken || claim.needs == StandingNeed::OtherEvent) continue;
        const auto card = cardCentre(*session.job().card, claim.side);
        const CylinderFindings* c = f.cylinder(claim.cylinder);
        if (!card || !c) continue;
        const double is =
            centre(truth.of(claim.cylinder), *f.of(*c, claim.side), claim.comparedBy) - card->deg;
        if (std::isnan(is)) continue;
        counts["late of the card, " + std::string(wayOf(*f.of(*c, claim.side)))].add(
            *claim.late_deg - is, halfWidthOf(claim.late_deg).value_or(0.0));
    }
    for (const ClearanceClaim& claim : f.clearance) {
        if (debug && !claim.atMost && claim.verdict != ClearanceVerdict::NotKnown &&
            claim.least_mm &&
            std::abs(*claim.least_mm - truth.leastClearance(claim.side)) >
                *claim.least_mm->plusMinus) {
            std::fprintf(stderr,
                         "clearance side %d %s: %.3f at %.1f is %.3f +- %.3f verdict %d needs %d "
                         "tdc %d u %.2f pointer %.2f share %.3f\n%s\n",
                         int(claim.side), session.job().name.c_str(), double(*claim.least_mm),
                         claim.at_deg.value_or(-99), truth.leastClearance(claim.side),
                         *claim.least_mm->plusMinus, int(claim.verdict), int(claim.needs),
                         int(f.tdc.state), f.tdc.uncertainty_deg(), truth.pointer_deg,
                         truth.share[claim.side == Side::Intake ? 0 : 1], qPrintable(done.typed));
        }
        if (claim.least_mm && claim.least_mm->plusMinus &&
            claim.verdict != ClearanceVerdict::NotKnown &&
            (!claim.atMost || claim.verdict == ClearanceVerdict::Keeps))
            counts["clearance"].add(*claim.least_mm - truth.leastClearance(claim.side),
                                    *claim.least_mm->plusMinus, true);
        if (claim.overTravel && claim.verdict != ClearanceVerdict::NotKnown &&
            (!claim.atMost || claim.verdict == ClearanceVerdict::Keeps))
            counts["clearance over travel"].add(
                claim.overTravel->least_mm - truth.leastOverTravel(claim.side),
                claim.overTravel->least_mm.plusMinus.value_or(0.0), true);
        // What is said to keep its limit does, over all that the cam may do.
        if (claim.verdict == ClearanceVerdict::Keeps) {
            const double is = truth.leastOverTravel(claim.side);
            counts["keeps its limit"].add(std::min(0.0, is - claim.limit_mm), 0.0);
            if (debug && is < claim.limit_mm)
                std::fprintf(stderr, "keeps side %d: limit %.2f is %.3f said %.3f +- %.3f\n%s\n",
                             int(claim.side), claim.limit_mm, is, double(*claim.worst_mm()),
                             claim.worst_mm()->plusMinus.value_or(0.0), qPrintable(done.typed));
        }
    }
    if (f.squeeze && done.poured && f.squeeze->whole())
        counts["static ratio"].add(f.squeeze->staticRatio - truth.staticRatio(),
                                   0.003 * truth.staticRatio());
}

} // namespace practice
