// What the Set station says: the choices, the hand's steps, figures as they are and as they would
// be, the history, and the same at the stand.
#include "core/assess/need.h"
#include "core/job/job.h"
#include "stations/set/set_desk.h"
#include "words/choosing.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QDateTime>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

QString figureOr(const std::optional<double>& value, int places, const words::Style& style) {
    return value ? words::fixed(*value, places, style) : QString(QChar(0x2013));
}

} // namespace

QList<OfferedRow> SetDesk::offers() const {
    QList<OfferedRow> rows;
    const double uncertain = findings().need.uncertainty_deg;
    const Side side = atHand();
    for (const Choice& c : offered_) {
        OfferedRow row;
        row.title = words::moveShort(job().engine.drive, c.move, style(), fitted(side));
        row.value = words::signedFixed(c.move.total_deg, 2, style()) + QChar(0xB0);
        if (need_deg(side)) row.under = words::residualNote(c.residual_deg, uncertain, style());
        const double other = two()
                                 ? advance_deg(side == Side::Intake ? Side::Exhaust : Side::Intake)
                                 : c.move.total_deg;
        const Outcome out =
            outcome(job(), findings(), side == Side::Intake ? c.move.total_deg : other,
                    side == Side::Exhaust ? c.move.total_deg : other);
        // Clearance where it was pressed: it matters more than the centre.
        QStringList notes;
        const auto& least = out.clearance_mm[side];
        if (const auto& centre = out.centre[side]; centre && !least)
            notes << Say::tr("centre ") + words::fixed(*centre, 1, style());
        if (out.dynamic) notes << words::fixed(*out.dynamic, 2, style()) + QStringLiteral(" : 1");
        if (least) notes << words::clearance(least->value, style());
        row.note = notes.join(QStringLiteral(", "));
        rows << row;
    }
    return rows;
}

QString SetDesk::verdict() const {
    return words::needSentence(job(), findings().need, style());
}

QString SetDesk::stepsText() const {
    QStringList all;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        if (side == Side::Exhaust && !two()) break;
        const DriveMove m = moveOf(side);
        if (m.total_deg == 0.0) continue;
        // The cam that the crank pulls first is set first.
        const QStringList steps = words::moveSteps(
            job().engine, m, two() ? words::sideName(side) : QString(), style(), fitted(side));
        const QString text = steps.join(QLatin1Char(' '));
        if (side == job().engine.drive.pulledFirst)
            all.prepend(text);
        else
            all.append(text);
    }
    return all.isEmpty() ? Say::tr("The slide stands where the cam stands: choose, or drag "
                                   "it, to see what a move does.")
                         : all.join(QLatin1Char('\n'));
}

/// Every figure as it is and as it would be.
QList<QList<FigureLine>> SetDesk::outcomes() const {
    const double in = advance_deg(Side::Intake), ex = advance_deg(Side::Exhaust);
    const Outcome now = outcome(job(), findings(), 0.0, 0.0),
                  then = outcome(job(), findings(), in, ex);
    if (findings().need.fault == NeedFault::MovedSince)
        return {{{Say::tr("Measure the lobes again: F3 lists them."), {}, {}}}};
    if (!now.centre.intake && !now.centre.exhaust)
        return {{{Say::tr("Record the lobes first; then every figure"), {}, {}},
                 {Say::tr("stands here, as it is and as it would be."), {}, {}}}};
    const QString isNow = Say::tr("now"), isThen = Say::tr("then");
    QList<FigureLine> events, together;
    const auto row = [&](QList<FigureLine>& block, const QString& name,
                         const std::optional<double>& a, const std::optional<double>& b,
                         int places) {
        if (!a) return;
        const QString was = figureOr(a, places, style()), is = figureOr(b, places, style());
        block.append({name, was, is, was != is});
    };
    events.append({words::heightAt(eventsHeight(job()), style()), isNow, isThen, false, true});
    row(events, Say::tr("intake centre"), now.centre.intake, then.centre.intake, 1);
    row(events, Say::tr("exhaust centre"), now.centre.exhaust, then.centre.exhaust, 1);
    row(events, Say::tr("intake opens"), now.events.ivo, then.events.ivo, 1);
    row(events, Say::tr("intake closes"), now.events.ivc, then.events.ivc, 1);
    row(events, Say::tr("exhaust opens"), now.events.evo, then.events.evo, 1);
    row(events, Say::tr("exhaust closes"), now.events.evc, then.events.evc, 1);
    together.append({Say::tr("together"), isNow, isThen, false, true});
    row(together, Say::tr("separation"), now.separation, then.separation, 1);
    row(together, Say::tr("overlap"), now.overlap, then.overlap, 1);
    row(together, Say::tr("closing for ratio"), now.closing_deg, then.closing_deg, 1);
    row(together, Say::tr("dynamic ratio"), now.dynamic, then.dynamic, 2);
    const auto shown = [&](const std::optional<double>& kpa) {
        return kpa ? std::optional(words::pressureShown(*kpa, style())) : std::nullopt;
    };
    // Where clearances are known they take its room; it follows from the dynamic ratio.
    if (!now.clearance_mm.intake && !now.clearance_mm.exhaust)
        row(together, Say::tr("cranking, ") + words::pressureUnit(style()), shown(now.cranking_kpa),
            shown(then.cranking_kpa), 0);
    if (!now.dynamic) together.append({Say::tr("no volumes, or no closing"), {}, {}});
    if (const double phaser = job().engine.drive.phaser_deg; phaser != 0.0) {
        const Outcome far = outcome(job(), findings(), in + phaser, ex);
        together.append({Say::tr("phaser"), Say::tr("park"), Say::tr("end"), false, true});
        row(together, Say::tr("intake centre"), then.centre.intake, far.centre.intake, 1);
        row(together, Say::tr("overlap"), then.overlap, far.overlap, 1);
    }
    clearanceRows(together, now, then);
    return {events, together};
}

/// What the valves leave of the piston, where that was pressed.
void SetDesk::clearanceRows(QList<FigureLine>& block, const Outcome& now,
                            const Outcome& then) const {
    bool any = false;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const auto &was = now.clearance_mm[side], &is = then.clearance_mm[side];
        if (!was || !is) continue;
        any = true;
        const QString a = words::clearanceNumber(was->value, style()),
                      b = words::clearanceNumber(is->value, style());
        const bool under = is->value < job().reckoning.clearance.least_mm[side];
        block.append({side == Side::Intake ? Say::tr("intake gap") : Say::tr("exhaust gap"), a,
                      under ? b + QStringLiteral(" !") : b, a != b || under});
    }
    if (!any) block.append({Say::tr("clearances: not measured"), {}, {}});
}

QString SetDesk::notes(bool brief) const {
    QStringList all;
    const double in = advance_deg(Side::Intake), ex = advance_deg(Side::Exhaust);
    all << words::adviceOnMove(in);
    if (two() && in == 0.0) all << words::adviceOnExhaust(ex);
    // Advance of the exhaust against the intake widens.
    if (two()) all << words::adviceOnSeparation((ex - in) / 2.0);
    if (const auto skim = skimShift_deg(job().trial.skim_mm, job().engine.drive.wheelRadius_mm,
                                        job().engine.drive.runAngle_deg);
        skim && job().trial.skim_mm != 0.0)
        all << Say::tr("With %1 off head and block %2 cam comes %3.")
                   .arg(words::liftWithUnit(job().trial.skim_mm, style()),
                        two() ? Say::tr("each") : Say::tr("the"), words::moveBy(*skim, style(), 2));
    const Need& n = findings().need;
    // In a low window there is no room for more.
    if (!brief && !two() && n.byIntake_deg && n.split_deg && n.allEvents_deg)
        all << Say::tr("Schools: by intake %1, split the difference %2, all events %3.")
                   .arg(words::moveBy(*n.byIntake_deg, style()),
                        words::moveBy(*n.split_deg, style()),
                        words::moveBy(*n.allEvents_deg, style()));
    all.removeAll(QString());
    return all.join(QLatin1Char(' '));
}

/// One change: when, by how much, what was left as marks, and what measuring said of it.
QString SetDesk::changeText(const CamMove& c) const {
    QStringList lines;
    const QString when =
        c.time_ms
            ? QDateTime::fromMSecsSinceEpoch(c.time_ms).toString(QStringLiteral("yyyy-MM-dd HH:mm"))
            : Say::tr("imported");
    lines << QStringLiteral("<b>%1.&nbsp; %2</b>").arg(c.number).arg(when.toHtmlEscaped());
    const auto part = [&](Side side, const std::optional<DriveMove>& m, const QString& cam,
                          const std::optional<double>& wanted) {
        if (!m) return;
        lines << QStringLiteral("%1%2: %3%4")
                     .arg(cam, words::moveBy(m->total_deg, style(), 2),
                          words::moveShort(job().engine.drive, *m, style(),
                                           fittedAfter(job(), side, c.number - 1))
                              .toHtmlEscaped(),
                          wanted ? Say::tr(" (wanted %1)").arg(words::moveBy(*wanted, style()))
                                 : QString());
    };
    part(Side::Intake, c.made.intake, two() ? Say::tr("intake cam ") : QString(),
         c.wanted_deg.intake);
    part(Side::Exhaust, c.made.exhaust, Say::tr("exhaust cam "), c.wanted_deg.exhaust);
    const auto said = [&](const QString& name, const std::string& text) {
        if (!text.empty()) lines << name + QString::fromStdString(text).toHtmlEscaped();
    };
    said(Say::tr("marks: "), c.marks);
    said(Say::tr("note: "), c.note);
    said(Say::tr("photo: "), c.photo);
    for (const MoveCheck& check : findings().changes)
        if (check.number == c.number) {
            lines << words::sentence(check, style()).toHtmlEscaped();
            for (const MovedEvent& e : check.events)
                lines << Say::tr("&nbsp;&nbsp;%1 %2 to %3, moved %4")
                             .arg(words::eventName(e.event),
                                  words::fixed(toCard(e.event, {e.before_deg}).deg, 1, style()),
                                  words::fixed(toCard(e.event, {e.after_deg}).deg, 1, style()),
                                  words::signedFixed(e.moved_deg(), 1, style()));
        }
    return lines.join(QStringLiteral("<br>"));
}

QString SetDesk::history() const {
    const auto& decisions = job().choosing.decisions;
    if (job().changes.empty() && decisions.empty())
        return Say::tr("Nothing was changed yet. When a change is done at the engine, type "
                       "made and the marks you left, such as: made paint on tooth 3. It is "
                       "kept with its date, and asks to be measured again.");
    // What was done and what was decided, the newest first.
    std::vector<std::pair<std::int64_t, QString>> dated;
    for (const CamMove& c : job().changes)
        dated.emplace_back(c.time_ms, changeText(c));
    for (const Decision& d : decisions)
        dated.emplace_back(d.time_ms, words::decisionLine(d, style()).toHtmlEscaped());
    std::stable_sort(dated.begin(), dated.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    QStringList all;
    for (auto it = dated.rbegin(); it != dated.rend(); ++it)
        all << it->second;
    return all.join(QStringLiteral("<br><br>"));
}

RingScene SetDesk::ringScene() const {
    // Of the cylinder that was measured first; the split point goes with the cam as it stands.
    RingScene ring =
        ringOf(session().snapshot(),
               findings().cylinders.empty() ? 1 : findings().cylinders.front().cylinder);
    ring.splitPoint.reset();
    ring.intakeMoved_deg = advance_deg(Side::Intake);
    ring.exhaustMoved_deg = advance_deg(Side::Exhaust);
    // Without marks everything turns about where the followers are level.
    if (guide_ >= 0)
        ring.needle =
            CrankDeg{guide_ < 2 || !job().card ? 0.0 : splitOfCard_deg(*job().card).value_or(0.0)};
    return ring;
}

StandCard SetDesk::ownCard(bool asked) const {
    if (asked) return cardOf(prompt(), job());
    StandCard card;
    card.subject = prompt().subject;
    card.ring = ringScene();
    card.tip = words::setCaution();
    if (guide_ >= 0) {
        card.caption = Say::tr("step");
        card.big = QString::number(guide_ + 1);
        card.bigNote = Say::tr("of %1").arg(guideSteps().size());
        card.advice = guideSteps().at(guide_);
        return card;
    }
    card.caption = Say::tr("move it");
    const DriveMove m = moveOf(atHand());
    const double deg = m.total_deg != 0.0 ? m.total_deg : need_deg(atHand()).value_or(0.0);
    // What is not worth a move is no figure to be read from two metres away.
    if (const Need& need = findings().need;
        m.total_deg == 0.0 && !need.fault && (need.stands() || std::abs(deg) < 0.05)) {
        card.caption = Say::tr("the cam");
        card.big = Say::tr("leave it");
    } else {
        card.big = words::degrees(std::abs(deg), style());
        card.bigNote = deg >= 0.0 ? Say::tr("earlier") : Say::tr("later");
    }
    card.advice =
        m.total_deg != 0.0
            ? words::moveSteps(job().engine, m, two() ? words::sideName(atHand()) : QString(),
                               style(), fitted(atHand()))
                  .join(QLatin1Char(' '))
            : verdict();
    return card;
}

} // namespace app
