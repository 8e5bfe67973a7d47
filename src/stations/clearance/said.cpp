// What the Clearance station says: the verdict, what stands behind it, every cam, and what helps.
#include "core/job/job.h"
#include "stations/clearance/clearance_desk.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

QString ClearanceDesk::verdict() const {
    const auto f = found();
    return words::clearanceVerdict(findings().clearanceOf(session().side(), session().cylinder()),
                                   f.get(), session().side(), style());
}

const Finding* ClearanceDesk::weightiest() const {
    const auto f = found();
    const Finding* best = nullptr;
    if (f)
        for (const Finding& x : f->findings)
            if (!x.is<found::ClearanceUnder, found::ClearanceOverTravel>() &&
                (!best || x.severity > best->severity))
                best = &x;
    return best;
}

bool ClearanceDesk::warns() const {
    const Finding* f = weightiest();
    return f && f->severity >= Severity::LookAgain;
}

QString ClearanceDesk::advice() const {
    if (const Finding* f = weightiest()) return words::sentence(*f, style());
    ClearanceMap m;
    m.terms = mockUp();
    const auto f = found();
    return f && f->complete ? Say::tr("Every press fits the gap.")
                            : words::whereToPress(m, session().side());
}

QString ClearanceDesk::lastPress() const {
    const auto m = map();
    if (!m || m->readings.empty()) return {};
    const Reading& p = m->readings.back();
    return Say::tr("last  %1  %2%3")
        .arg(onWheel(p.at), words::clearance(p.value_mm, style()),
             p.struck ? Say::tr("  struck") : QString());
}

QString ClearanceDesk::progress() const {
    const auto f = found();
    return f ? Say::tr("%1 of %2").arg(f->taken).arg(f->planned) : QString();
}

/// The greatest lift of the valve; a dash where the lobe is modelled.
QString ClearanceDesk::greatest(const MapFindings& f) const {
    if (!f.lobe) return QString(QChar(0x2013));
    return words::clearance(f.lobe->liftAt(f.lobe->maxLiftAt.value_or(CrankDeg{}), Place::Valve),
                            style());
}

QStringList ClearanceDesk::behind() const {
    QStringList out;
    const auto f = found();
    if (!f) return out;
    for (const Correction& c : f->corrections)
        out << Say::tr("Corrected by: ") + words::correctionLine(c, style());
    if (f->passes > 1)
        out << Say::tr("%1 maps taken alike agree, and are fitted together.").arg(f->passes);
    if (f->gap) {
        out << Say::tr("Gap to the shut valve at TDC %1, growing with %2 of the piston's way; the "
                       "presses leave %3.")
                   .arg(words::clearance(f->gap->at(0.0), style()),
                        words::fixed(f->gap->share(), 2, style()),
                        words::clearance(f->gap->residual_mm(), style()));
        const double cost = costOfDegree_mm(*f->gap, f->lift, slide_.value());
        out << Say::tr("Here one degree of advance %1 %2; greatest lift, %3, hardly matters, lift "
                       "at TDC, %4, does.")
                   .arg(cost >= 0.0 ? Say::tr("costs") : Say::tr("gives"),
                        words::clearance(std::abs(cost), style()), greatest(*f),
                        words::clearance(f->lift.at(0.0, slide_.value()), style()));
        if (const ClearanceClaim* claim =
                findings().clearanceOf(session().side(), session().cylinder()))
            out << words::toothOutLine(*claim, style());
        out.removeAll(QString());
    } else if (!f->lobe && !f->modelled && !f->points.empty()) {
        out << Say::tr("Record this lobe's lift at Lobes: then every other cam and phase is "
                       "foretold from these presses.");
    }
    return out;
}

QList<FigureLine> ClearanceDesk::cams() const {
    QList<FigureLine> rows;
    const auto f = found();
    if (!f || !f->gap) return rows;
    const double limit = job().reckoning.clearance.least_mm[session().side()];
    rows.append({Say::tr("any cam"), Say::tr("least"), Say::tr("keeps the limit"), false, true});
    for (const Foretold& cam : foretold_) {
        const Least least = leastClearance(*f->gap, cam.lift, slide_.value());
        const auto end = [&](double deg) {
            return words::signedFixed(deg, 1, style()) + QChar(0xB0);
        };
        const auto kept = [&](const AdvanceWindow& w) {
            const bool from = w.from_deg > -30.0, to = w.to_deg < 30.0;
            return from && to ? Say::tr("%1 to %2").arg(end(w.from_deg), end(w.to_deg))
                   : to       ? Say::tr("up to %1").arg(end(w.to_deg))
                   : from     ? Say::tr("from %1").arg(end(w.from_deg))
                              : Say::tr("everywhere");
        };
        rows.append({cam.name, words::clearance(least.mm, style()),
                     cam.window ? kept(*cam.window) : Say::tr("nowhere"),
                     cam.fitted || least.mm < limit});
    }
    return rows;
}

QStringList ClearanceDesk::helps() const {
    QStringList out;
    const auto f = found();
    // One cam carries both lobes: only cams that move apart change what is between the valves.
    const bool own = job().engine.layout == Layout::TwinOverheadCam;
    const double apart = !own                               ? 0.0
                         : session().side() == Side::Intake ? slide_.value()
                                                            : -slide_.value();
    if (const auto least = valvesNow(job(), findings(), session().cylinder(), apart))
        out << Say::tr("Valve to valve %1, at %2.")
                   .arg(words::clearance(least->mm, style()),
                        words::fromDeadCentre({least->at_deg}, style()));
    if (!f) return out;
    const ClearanceLimits& limits = job().reckoning.clearance;
    if (const auto remedy = remedyFor(job(), findings(), *f))
        out << Say::tr("Each alone would do: ") +
                   words::remedyLines(*remedy, limits, style()).join(QStringLiteral("; ")) +
                   QLatin1Char('.');
    if (!limits.below[session().side()].empty())
        out << Say::tr("Under the limit is accepted: ") +
                   QString::fromStdString(limits.below[session().side()]);
    if (const auto m = map(); m && m->terms.edge_mm)
        out << (*m->terms.edge_mm < limits.edge_mm
                    ? Say::tr("Edge clearance by clay %1, under your %2.")
                    : Say::tr("Edge clearance by clay %1, over your %2."))
                   .arg(words::clearance(*m->terms.edge_mm, style()),
                        words::clearance(limits.edge_mm, style()));
    if (const auto m = map(); m && m->terms.foretold_mm && f->predicted)
        out << Say::tr("The cam's maker foretells %1; measured here %2.")
                   .arg(words::clearance(*m->terms.foretold_mm, style()),
                        words::clearance(f->predicted->mm, style()));
    const Chamber& c = job().engine.chamberOf(session().cylinder());
    const double squish = c.deck_mm + c.gasket_mm;
    if (c.gasket_mm > 0.0)
        out << (limits.squish_mm > 0.0 && squish < limits.squish_mm
                    ? Say::tr("Piston to head (squish) %1, under your %2.")
                          .arg(words::clearance(squish, style()),
                               words::clearance(limits.squish_mm, style()))
                    : Say::tr("Piston to head (squish) %1.")
                          .arg(words::clearance(squish, style())));
    return out;
}

GapScene ClearanceDesk::scene() const {
    GapScene out;
    out.atHand = session().side();
    out.advance_deg = slide_.value();
    for (Side side : {Side::Exhaust, Side::Intake}) {
        // Everything that was taken of a valve stands together.
        const MapFindings* m = mapOf(findings(), side, session().cylinder());
        GapCurve curve;
        curve.side = side;
        for (const ClearanceMap& each : job().maps)
            for (const MapFindings& f : findings().maps) {
                if (f.map != each.id || !f.current || f.side != side ||
                    f.cylinder != session().cylinder())
                    continue;
                if (each.terms.method == ClearanceMethod::Clay && !f.points.empty())
                    curve.clay_mm = f.points.front().clearance_mm;
                else
                    curve.points.insert(curve.points.end(), f.points.begin(), f.points.end());
            }
        if (curve.points.empty() && !curve.clay_mm && !m) continue;
        curve.limit_mm = job().reckoning.clearance.least_mm[side];
        if (m && m->gap && m->state != MapState::Void) {
            curve.gap = m->gap;
            curve.lift = m->lift;
            curve.least = leastClearance(*m->gap, m->lift, slide_.value());
        }
        if (side == session().side() && curve.gap) out.others = others_;
        out.valves.push_back(std::move(curve));
    }
    const auto f = found();
    if (mockUp().method != ClearanceMethod::Clay && !(f && f->complete && !wentTo()))
        out.next_deg = angle().deg;
    return out;
}

RingScene ClearanceDesk::ringScene() const {
    RingScene ring = ringOf(session().snapshot(), session().cylinder());
    ring.splitPoint.reset();
    ring.needle = angle();
    return ring;
}

StandCard ClearanceDesk::ownCard(bool asked) const {
    if (asked) return cardOf(prompt(), job());
    StandCard card;
    card.subject =
        Say::tr("cyl %1  %2").arg(session().cylinder()).arg(words::sideName(session().side()));
    card.side = session().side();
    card.progress = progress();
    const auto f = found();
    const bool done = f && f->complete && !wentTo();
    if (mockUp().method == ClearanceMethod::Clay) {
        card.caption = Say::tr("clay");
        card.big = Say::tr("thinnest");
    } else {
        // Through, the figure that matters is the large one.
        const ClearanceClaim* claim =
            findings().clearanceOf(session().side(), session().cylinder());
        const auto worst = claim ? claim->worst_mm() : std::nullopt;
        card.caption = done ? Say::tr("least room") : Say::tr("turn to, zero, press");
        card.big = !done   ? onWheel(angle())
                   : worst ? words::clearance(worst->value, style())
                           : Say::tr("done");
    }
    card.last = lastPress();
    card.advice = warns() ? advice()
                          : words::clearanceVerdict(
                                findings().clearanceOf(session().side(), session().cylinder()),
                                f.get(), session().side(), style(), true);
    card.warn = warns();
    card.tip = words::clearanceCaution(findings().springs, style());
    card.ring = ringScene();
    return card;
}

} // namespace app
