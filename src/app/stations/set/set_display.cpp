// What the Set station shows: choices, the hand's steps, figures as they are and as they would be,
// the history, and the same at the stand.
#include "app/pictures/ring.h"
#include "app/pictures/slide.h"
#include "app/stations/set/set_station.h"
#include "app/stations/set/wheels.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "core/examine/need.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QDateTime>
#include <QLabel>
#include <QResizeEvent>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

/// How many choices are worth reading.
constexpr std::size_t kOffered = 12;
/// What of a line can be set by eye.
constexpr double kLeastOfLine = 0.1;

QString figureOr(const std::optional<double>& value, int places, const words::Style& style) {
    return value ? words::fixed(*value, places, style) : QString(QChar(0x2013));
}

} // namespace

void SetStation::listChoices() {
    QList<Row> rows;
    const double doubt = findings().need.uncertainty_deg;
    int n = 0;
    for (const Choice& c : offered_) {
        Row row;
        row.id = ++n;
        row.title = words::moveShort(job().engine.drive, c.move, style());
        row.value = words::signedFixed(c.move.total_deg, 2, style()) + QChar(0xB0);
        if (need_deg(atHand())) row.under = words::residualNote(c.residual_deg, doubt, style());
        const Side side = atHand();
        const double other = two()
                                 ? advance_deg(side == Side::Intake ? Side::Exhaust : Side::Intake)
                                 : c.move.total_deg;
        const Outcome out =
            outcome(job(), findings(), side == Side::Intake ? c.move.total_deg : other,
                    side == Side::Exhaust ? c.move.total_deg : other);
        QStringList notes;
        if (side == Side::Intake && out.centre.intake)
            notes << Say::tr("centre ") + words::fixed(*out.centre.intake, 1, style());
        if (side == Side::Exhaust && out.centre.exhaust)
            notes << Say::tr("centre ") + words::fixed(*out.centre.exhaust, 1, style());
        if (out.dynamic) notes << words::fixed(*out.dynamic, 2, style()) + QStringLiteral(" : 1");
        row.note = notes.join(QStringLiteral(", "));
        row.marked = n - 1 == choice_;
        rows << row;
    }
    if (rows.isEmpty()) {
        Row row;
        row.title = Say::tr("Describe the drive first: D");
        row.under = Say::tr("teeth, keyways, vernier, slots, bushes");
        row.marked = true;
        rows << row;
    }
    choices_->setRows(rows);
    if (choice_ >= 0 && choice_ < choices_->count())
        choices_->scrollToItem(choices_->item(choice_));
}

QString SetStation::verdict() const {
    return words::needSentence(job(), findings().need, style());
}

QString SetStation::stepsText() const {
    QStringList all;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        if (side == Side::Exhaust && !two()) break;
        const DriveMove m = moveOf(side);
        if (m.total_deg == 0.0) continue;
        // The cam that the crank pulls first is set first.
        const QStringList steps =
            words::moveSteps(job().engine, m, two() ? words::sideName(side) : QString(), style());
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
QList<QList<FigureLine>> SetStation::outcomes() const {
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
    row(together, Say::tr("cranking, ") + words::pressureUnit(style()), shown(now.cranking_kpa),
        shown(then.cranking_kpa), 0);
    if (!now.dynamic) together.append({Say::tr("no volumes, or no closing"), {}, {}});
    if (const double phaser = job().engine.drive.phaser_deg; phaser != 0.0) {
        const Outcome far = outcome(job(), findings(), in + phaser, ex);
        together.append({Say::tr("phaser"), Say::tr("park"), Say::tr("end"), false, true});
        row(together, Say::tr("intake centre"), then.centre.intake, far.centre.intake, 1);
        row(together, Say::tr("overlap"), then.overlap, far.overlap, 1);
    }
    together.append({Say::tr("clearances: not measured"), {}, {}});
    return {events, together};
}

QString SetStation::notes() const {
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
    if (ring_->isVisibleTo(this) && !two() && n.byIntake_deg && n.split_deg && n.allEvents_deg)
        all << Say::tr("Schools: by intake %1, split the difference %2, all events %3.")
                   .arg(words::moveBy(*n.byIntake_deg, style()),
                        words::moveBy(*n.split_deg, style()),
                        words::moveBy(*n.allEvents_deg, style()));
    all.removeAll(QString());
    return all.join(QLatin1Char(' '));
}

QString SetStation::history() const {
    if (job().changes.empty())
        return Say::tr("Nothing was changed yet. When a change is done at the engine, type "
                       "made and the marks you left, such as: made paint on tooth 3. It is "
                       "kept with its date, and asks to be measured again.");
    QStringList all;
    for (auto it = job().changes.rbegin(); it != job().changes.rend(); ++it) {
        const CamMove& c = *it;
        QStringList lines;
        const QString when = c.time_ms ? QDateTime::fromMSecsSinceEpoch(c.time_ms).toString(
                                             QStringLiteral("yyyy-MM-dd HH:mm"))
                                       : Say::tr("imported");
        lines << QStringLiteral("<b>%1.&nbsp; %2</b>").arg(c.number).arg(when);
        const auto part = [&](const std::optional<DriveMove>& m, const QString& cam,
                              const std::optional<double>& wanted) {
            if (!m) return;
            lines << QStringLiteral("%1%2: %3%4")
                         .arg(cam, words::moveBy(m->total_deg, style(), 2),
                              words::moveShort(job().engine.drive, *m, style()),
                              wanted ? Say::tr(" (wanted %1)").arg(words::moveBy(*wanted, style()))
                                     : QString());
        };
        part(c.made.intake, two() ? Say::tr("intake cam ") : QString(), c.wanted_deg.intake);
        part(c.made.exhaust, Say::tr("exhaust cam "), c.wanted_deg.exhaust);
        const auto said = [&](const QString& name, const std::string& text) {
            if (!text.empty()) lines << name + QString::fromStdString(text).toHtmlEscaped();
        };
        said(Say::tr("marks: "), c.marks);
        said(Say::tr("note: "), c.note);
        said(Say::tr("photo: "), c.photo);
        for (const MoveCheck& check : findings().changes)
            if (check.number == c.number) {
                lines << words::sentence(check, style());
                for (const MovedEvent& e : check.events)
                    lines << Say::tr("&nbsp;&nbsp;%1 %2 to %3, moved %4")
                                 .arg(words::eventName(e.event),
                                      words::fixed(toCard(e.event, {e.before_deg}).deg, 1, style()),
                                      words::fixed(toCard(e.event, {e.after_deg}).deg, 1, style()),
                                      words::signedFixed(e.moved_deg(), 1, style()));
            }
        all << lines.join(QStringLiteral("<br>"));
    }
    return all.join(QStringLiteral("<br><br>"));
}

RingScene SetStation::ringScene() const {
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

void SetStation::follow() {
    moves_[0] = findMove(Side::Intake);
    if (two()) moves_[1] = findMove(Side::Exhaust);
    wheels_->setScene({job().engine, moveOf(atHand()),
                       two() ? words::sideName(atHand()) + Say::tr(" cam") : QString()});
    ring_->setScene(ringScene());
    steps_->setText(stepsText());
    outcome_->setBlocks(outcomes());
    notes_->setText(notes());
}

/// The first choice that brings the cam where its slide stands; none while it was not moved.
void SetStation::markChoice() {
    const double deg = advance_deg(atHand());
    const auto at = std::find_if(offered_.begin(), offered_.end(), [deg](const Choice& c) {
        return deg != 0.0 && std::abs(c.move.total_deg - deg) < 1e-6;
    });
    choice_ = at == offered_.end() ? -1 : static_cast<int>(at - offered_.begin());
}

void SetStation::refresh() {
    if (job().id != job_) {
        job_ = job().id;
        guide_ = -1;
        show(Pane::Choices);
        for (Slide* slide : slides_) {
            const QSignalBlocker quiet(slide);
            slide->setExactly(0.0);
        }
    }
    showFacts(*facts_, sheet_, Facts::of(job()), style());
    if (sheet_.field()) show(Pane::Facts);
    const bool described = job().engine.drive.described();
    // Far enough for a cam that is a tooth or two out.
    const double far = std::max(std::abs(need_deg(Side::Intake).value_or(0.0)),
                                std::abs(need_deg(Side::Exhaust).value_or(0.0)));
    const double range =
        far <= 12.0 ? Slide::kRange_deg : std::min(180.0, 5.0 * std::ceil(far / 5.0 + 1.0));
    const auto stops = described ? reachable_deg(job().engine.drive, range) : std::vector<double>{};
    for (Slide* slide : slides_) {
        const QSignalBlocker quiet(slide);
        slide->setRange(range);
        slide->setStops(stops);
    }
    last_[0] = slides_[0]->value();
    last_[1] = slides_[1]->value();
    slides_[1]->setVisible(two());
    makeRoom();
    slides_[0]->setTitle(two() ? Say::tr("intake") : QString());
    slides_[1]->setTitle(two() ? Say::tr("exhaust") : QString());
    offered_ = described
                   ? choices(job().engine.drive, need_deg(atHand()).value_or(0.0), kOffered, true)
                   : std::vector<Choice>{};
    // No further than the slide goes, and no slot moved by less than a hand can.
    const double least = std::max(0.1, job().engine.drive.slotLine_deg * kLeastOfLine);
    offered_.erase(std::remove_if(offered_.begin(), offered_.end(),
                                  [&](const Choice& c) {
                                      const double slot = std::abs(c.move.slot_deg);
                                      return std::abs(c.move.total_deg) > range ||
                                             (slot > 0.0 && slot < least);
                                  }),
                   offered_.end());
    markChoice();
    listChoices();
    history_->setText(history());
    if (guide_ >= 0) guide(guide_);
    verdict_->setText(verdict());
    follow();
}

void SetStation::makeRoom() {
    const bool low = height() < 620, narrow = width() < 760;
    // In a small window the figures say what the ring would show.
    ring_->setVisible(!low && !narrow);
    notes_->setVisible(!low && !narrow);
    wheels_->setMinimumHeight(low ? 130 : 340);
    wheels_->setMinimumWidth(narrow ? 200 : 296);
    wheels_->setMaximumWidth(narrow ? 240 : 330);
    outcome_->setStrip(narrow ? 2 : 1);
    // Room kept for the words, so that nothing jumps under a slide that is dragged.
    steps_->setMinimumHeight(low ? 34 : 38);
    layout()->activate();
}

void SetStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    makeRoom();
}

StandCard SetStation::standCard() const {
    if (sheet_.field()) return Bench::standCard();
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
    card.big = words::degrees(std::abs(deg), style());
    card.bigNote = deg >= 0.0 ? Say::tr("earlier") : Say::tr("later");
    card.advice = m.total_deg != 0.0
                      ? words::moveSteps(job().engine, m,
                                         two() ? words::sideName(atHand()) : QString(), style())
                            .join(QLatin1Char(' '))
                      : verdict();
    return card;
}

} // namespace app
