#include "stations/timing/timing_desk.h"

#include "core/job/job.h"
#include "core/timing/pair.h"
#include "core/typed/entry.h"
#include "stations/list.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

Held<CylinderFindings> TimingDesk::cylinder() const {
    return {session().snapshot(), findings().cylinder(session().cylinder())};
}

Prompt TimingDesk::prompt() const {
    Prompt p;
    p.subject = Say::tr("checking heights");
    p.ask = Say::tr("height to add or drop?");
    p.enter = Say::tr("add it, or drop it");
    if (const auto* to = elsewhere()) {
        p.subject = *to == stations::lobes ? Say::tr("no lobe of this cylinder yet")
                                           : Say::tr("no card to compare with");
        p.ask = *to == stations::lobes ? Say::tr("to the lobes?")
                                       : Say::tr("the card, or a height to add?");
        p.enter = Say::tr("go to %1").arg(to->name());
    }
    const QString usual = words::height(kUsualHeight_mm, style()).section(QLatin1Char(' '), 0, 0);
    p.keys = Say::tr("%1t  tappet   %1v  valve   inch, metric   smooth").arg(usual);
    return p;
}

/// The greatest lift of the lobes at hand, at a place; before any, what few lobes reach half of.
double TimingDesk::highest_mm(Place at) const {
    double most = 0.0;
    if (const auto c = cylinder())
        for (const RunFindings* run : {findings().intake(*c), findings().exhaust(*c)})
            if (run && run->lobe.maxLift_mm && run->lobe.noseReached) {
                const double ratio = run->lobe.taken.ratio > 0.0 ? run->lobe.taken.ratio : 1.0;
                const double here = *run->lobe.maxLift_mm;
                most = std::max(most, at == run->lobe.taken.at ? here
                                      : at == Place::Valve     ? here * ratio
                                                               : here / ratio);
            }
    return most > 0.0 ? most : 7.0;
}

Echo TimingDesk::heightsAfter(const QString& text, std::vector<Height>& heights) const {
    const Place usual = heights.empty() ? Place::Tappet : heights.front().at;
    const QString word = text.trimmed().toLower();
    if (word == QLatin1String("inch") || word == QLatin1String("metric")) {
        heights = word == QLatin1String("inch") ? inchHeights(usual) : metricHeights(usual);
        return {true, Say::tr("the %1 school's heights").arg(word)};
    }
    const auto read = readHeight(text.toStdString(), style().unit, usual);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {false, e->fault == EntryFault::OutOfRange || e->fault == EntryFault::Fraction
                           ? words::sentence(*e, style())
                           : Say::tr("A checking height such as %1, or inch, metric, smooth.")
                                 .arg(words::height(kUsualHeight_mm, style()))};
    const Height h = std::get<Height>(read);
    // Nothing is checked above the nose: likelier a slip of the decimal point.
    if (const double most = highest_mm(h.at); h.mm > most)
        return {false, Say::tr("A checking height of %1 lies above the greatest lift here, "
                               "%2; check the decimal point.")
                           .arg(words::height(h.mm, style()), words::height(most, style()))};
    const auto same = std::find_if(heights.begin(), heights.end(), [&](const Height& o) {
        return o.at == h.at && std::abs(o.mm - h.mm) < 0.0006;
    });
    if (same != heights.end()) {
        if (heights.size() == 1) return {false, Say::tr("Keep at least one checking height.")};
        heights.erase(same);
        return {true, Say::tr("drops ") + words::heightAt(h, style())};
    }
    if (heights.size() >= 10) return {false, Say::tr("Ten heights are enough; drop one first.")};
    heights.push_back(h);
    std::sort(heights.begin(), heights.end(),
              [](const Height& a, const Height& b) { return a.mm < b.mm; });
    return {true, Say::tr("adds ") + words::heightAt(h, style())};
}

std::optional<Echo> TimingDesk::levelOf(const QString& text) const {
    const QString line = text.simplified().toLower();
    if (!line.startsWith(QLatin1String("level"))) return std::nullopt;
    const auto read = readLength(line.mid(5).trimmed().toStdString(), style().unit, 20.0);
    const auto* mm = std::get_if<double>(&read);
    if (!mm)
        return Echo{false, Say::tr("By how much the intake valve stands further open than the "
                                   "exhaust as they rock, such as level 0.12; minus for less.")};
    const auto c = cylinder();
    const RunFindings *in = c ? findings().of(*c, Side::Intake) : nullptr,
                      *ex = c ? findings().of(*c, Side::Exhaust) : nullptr;
    const auto past =
        in && ex ? pastLevel_deg(in->lobe, ex->lobe, *mm, Place::Valve) : std::nullopt;
    if (!past)
        return Echo{false, Say::tr("Level is told by both lobes of this cylinder, measured.")};
    return Echo{true, (*past >= 0.0 ? Say::tr("%1 past level") : Say::tr("%1 before level"))
                          .arg(words::degrees(std::abs(*past), style()))};
}

Echo TimingDesk::understand(const QString& text) const {
    if (const auto level = levelOf(text)) return *level;
    if (text.trimmed().toLower() == QLatin1String("smooth"))
        return {true, job().reckoning.smoothing ? Say::tr("the curve through every reading")
                                                : Say::tr("the curve that follows the noise")};
    std::vector<Height> heights = job().reckoning.heights;
    return heightsAfter(text, heights);
}

/// Where what the verdict asks for is typed.
const stations::Station* TimingDesk::elsewhere() const {
    const auto c = cylinder();
    if (!c || (!c->run.intake && !c->run.exhaust)) return &stations::lobes;
    if (!job().card && job().otherCards.empty()) return &stations::engine;
    return nullptr;
}

Echo TimingDesk::submit(const QString& text) {
    if (text.trimmed().isEmpty()) {
        const auto* to = elsewhere();
        if (to) emit stationWanted(to);
        return {to != nullptr, to ? QString()
                                  : Say::tr("Type a height, such as %1.")
                                        .arg(words::height(kUsualHeight_mm, style()))};
    }
    // Nothing of it is kept.
    if (const auto level = levelOf(text)) return *level;
    Stated s = job();
    if (text.trimmed().toLower() == QLatin1String("smooth")) {
        s.reckoning.smoothing = !s.reckoning.smoothing;
        return {session().keep(book::SetStated{s}), {}};
    }
    const Echo echo = heightsAfter(text, s.reckoning.heights);
    if (!echo.ok) return echo;
    if (!session().keep(book::SetStated{s})) return {false, Say::tr("Not kept.")};
    return {true, {}};
}

QString TimingDesk::verdict() const {
    return words::timingVerdict(job(), findings(), session().cylinder(), style());
}

/// What the verdict rests on, what to do next, and what else it may be.
QString TimingDesk::reasons(const CylinderFindings& c, bool brief) const {
    QStringList parts;
    if (c.explanation && !c.explanation->causes.empty()) {
        const Explanation& x = *c.explanation;
        const Cause& first = x.causes.front();
        const bool proved = findings().tdc.state == TdcState::Proved;
        parts << words::causeEvidence(first, x, style());
        if (first.kind != CauseKind::AsCard) parts << words::causeNext(first, proved, style());
        if (x.causes.size() > 1 && !brief)
            parts << Say::tr("It may also be this: ") + words::causeSentence(x.causes[1], style());
        if (x.looksLike)
            parts << Say::tr("It looks like the %1.")
                         .arg(QString::fromStdString(job().otherCards[*x.looksLike].name));
        for (const CardContradiction& d : x.contradictions)
            parts << words::contradiction(d, style());
    }
    for (const Finding& f : findings().all)
        if (f.severity >= Severity::LookAgain || f.is<found::TdcNotTaken, found::TdcNotProved,
                                                      found::TdcPointerOff, found::TdcTakeEnds>())
            if (parts.size() < (brief ? 2 : 5)) parts << words::shortSentence(f, style());
    return parts.join(QLatin1Char(' '));
}

QString TimingDesk::figures(const CylinderFindings& c, bool brief) const {
    QString text;
    const auto line = [&](const QString& name, const QString& value,
                          const std::optional<double>& u = {}) {
        text += QStringLiteral("%1  <b>%2</b>%3<br>")
                    .arg(name, value,
                         u ? QStringLiteral("  ") + QChar(0xB1) +
                                 words::fixed(std::max(0.1, *u), 1, style()) + QChar(0xB0)
                           : QString());
    };
    const auto figure = [&](FigureKind kind) -> const Figure* {
        for (const Figure& f : c.figures)
            if (f.kind == kind) return &f;
        return nullptr;
    };
    if (c.pair) {
        const PairFigures& p = *c.pair;
        // The slate's own figures, so that no ± differs from it.
        if (const Figure* f = figure(FigureKind::Separation))
            line(Say::tr("Lobe separation"), words::degrees(*f->value, style()) + Say::tr(" cam"),
                 halfWidthOf(f->value));
        if (const Figure* f = figure(FigureKind::Advance))
            line(*f->value >= 0 ? Say::tr("Advanced") : Say::tr("Retarded"),
                 words::degrees(std::abs(*f->value), style()) + Say::tr(" crank"),
                 halfWidthOf(f->value));
        if (const Figure* f = figure(FigureKind::SplitPoint))
            line(Say::tr("Split point"), words::fromDeadCentre(*p.splitPoint, style()),
                 halfWidthOf(f->value));
        if (p.overlapArea_mm_deg)
            line(Say::tr("Overlap area"), words::area(*p.overlapArea_mm_deg, style()) +
                                              QLatin1Char(' ') + words::areaUnit(style()) +
                                              Say::tr(" (valve)"));
    }
    for (const RunFindings* run : {findings().intake(c), findings().exhaust(c)}) {
        if (!run) continue;
        if (brief) continue;
        if (const auto spread = run->lobe.centres.spread_deg())
            line(words::sideTitle(run->side) + Say::tr(" schools differ by"),
                 words::degrees(*spread, style()));
        if (run->lobe.liftAtTdc_mm)
            line(words::sideTitle(run->side) + Say::tr(" lift at TDC"),
                 words::liftWithUnit(*run->lobe.liftAtTdc_mm, style()));
    }
    return text;
}

/// At the stand: the centres large, the durations under them, the verdict.
StandCard TimingDesk::standCard() const {
    StandCard card;
    card.subject = Say::tr("timing, cyl %1").arg(session().cylinder());
    card.advice = verdict();
    card.ring = ringOf(session().snapshot(), session().cylinder());
    card.tip = Say::tr("F2 leads back to the desk, where all heights and reasons stand.");
    const auto c = cylinder();
    if (!c) {
        card.caption = Say::tr("lobe centres");
        card.big = QString(QChar(0x2013));
        return card;
    }
    QStringList names, centres, durations;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const RunFindings* run = findings().of(*c, side);
        if (!run) continue;
        names << words::sideName(side);
        const auto centre = run->lobe.centre(job().reckoning.school);
        centres << (centre ? words::fixed(std::abs(centre->deg), 1, style())
                           : QString(QChar(0x2013)));
        const HeightEvents* e = run->lobe.events(eventsHeight(job()));
        if (e && e->duration_deg())
            durations << QStringLiteral("%1 %2").arg(words::sideName(side),
                                                     words::degrees(*e->duration_deg(), style()));
    }
    card.caption = Say::tr("lobe centres, ") + names.join(QStringLiteral(" / "));
    card.big = centres.join(QStringLiteral(" / "));
    if (!durations.isEmpty())
        card.last = Say::tr("duration %1: %2")
                        .arg(words::heightAt(eventsHeight(job()), style()),
                             durations.join(QStringLiteral(", ")));
    return card;
}

} // namespace app
