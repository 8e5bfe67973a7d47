// What the Lobes station shows: the angle large, the advice, the log and the pictures.
#include "app/pictures/ring.h"
#include "app/pictures/strip.h"
#include "app/stations/lobes/lobes_station.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "core/examine/sources.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>

#include <cmath>

namespace app {

using namespace lobe;

/// What is asked now, large.
void LobesStation::refreshNow() {
    const TurnTo to = desk_->turnTo();
    turnToLabel_->setText(to.caption);
    angle_->setText(to.big);
    angleSide_->setText(to.note);
    const QString last = desk_->lastReading();
    last_->setText(last.isEmpty() ? Say::tr("no reading yet") : last);
}

void LobesStation::refreshTexts() {
    const RunConditions t = desk_->conditions();
    const auto run = session().run();
    const auto f = desk_->run().found();
    title_->setText(
        Say::tr("Cylinder %1 %2").arg(session().cylinder()).arg(words::sideName(session().side())));
    direction_->setText(desk_->motion() ? desk_->motionLine() : desk_->direction());
    for (QAbstractButton* b : steps_->buttons())
        b->setChecked(false);
    steps_->setExclusive(false);
    for (QAbstractButton* b : steps_->buttons())
        b->setChecked(std::abs(t.step_deg - steps_->id(b)) < 1e-9);
    steps_->setExclusive(true);
    places_->button(static_cast<int>(t.taken))->setChecked(true);
    eventsChip_->setChecked(t.eventsOnly && !t.fromNose);
    centreChip_->setChecked(t.fromNose);
    conditionsChip_->setChecked(desk_->sheet().field() != nullptr);
    newRun_->setVisible(run && !run->readings.empty());

    refreshNow();
    for (QAbstractButton* b : steps_->buttons())
        b->setEnabled(!t.eventsOnly);
    const auto a = desk_->advice();
    adviceHead_->setText(a ? words::severityTitle(a->severity) : QString());
    advice_->setText(desk_->adviceText(width() < 700));
    progress_->setText(desk_->progress());
    // Where there is little room, what is to be looked at comes first.
    progress_->setVisible(width() >= 700 || !a || !f || !f->events);
}

/// A reading as the log shows it.
Row LobesStation::rowOf(const Reading& r, const LiftRun& run, const RunFindings* f) const {
    Row row;
    row.id = r.id;
    row.title =
        words::onWheel(placed(r, run.conditions), job().fitted.degreeWheel(), style(), true);
    row.value = words::lift(r.lift_mm, style());
    if (f)
        for (const LiftReading& c : f->readings) {
            if (c.id != r.id) continue;
            if (std::abs(c.lift_mm - r.lift_mm) > 1e-6) {
                // What the indicator read, beside the lift it stands for.
                row.note = Say::tr("read ") + row.value;
                row.value = words::lift(c.lift_mm, style());
            }
            if (!r.struck && r.of == ReadingOf::Lift && !c.counts &&
                r.approach == Approach::Forward)
                row.note = Say::tr("not counted");
        }
    if (r.approach == Approach::BackingUp) row.note = Say::tr("backing up");
    if (r.of != ReadingOf::Lift) {
        row.value = row.title;
        // Beside the nose the list has little room: before, after.
        row.title = run.conditions.fromNose
                        ? (r.of == ReadingOf::Opens ? Say::tr("before", "the nose")
                                                    : Say::tr("after", "the nose"))
                        : eventName(r.of);
    }
    row.struck = r.struck.has_value();
    if (r.struck)
        row.note = QString::fromStdString(r.struck->reason);
    else if (f)
        for (const Misfit& m : f->lobe.misfits)
            if (std::abs(wrapCycle(m.at - placed(r, run.conditions)).deg) < 1e-6) {
                row.note = Say::tr("again?");
                row.warn = true;
            }
    return row;
}

void LobesStation::refreshLog() {
    QList<Row> rows;
    const auto run = session().run();
    const auto f = desk_->run().found();
    // The reading in question stands in view, marked; else the newest.
    int wanted = -1;
    const auto asked =
        desk_->wentTo() || desk_->again() ? std::optional(desk_->angle()) : std::nullopt;
    if (run)
        for (const Reading& r : run->readings) {
            Row row = rowOf(r, *run, f.get());
            const bool here =
                asked && r.of == ReadingOf::Lift && std::abs(r.at.deg - asked->deg) < 1e-6;
            row.marked = here && !r.struck;
            if (here || (!asked && row.warn)) wanted = static_cast<int>(rows.size());
            rows << row;
        }
    log_->setRows(rows);
    if (log_->hasFocus()) return;
    if (wanted >= 0)
        log_->scrollToItem(log_->item(wanted), QAbstractItemView::PositionAtCenter);
    else
        log_->scrollToBottom();
}

void LobesStation::refreshPictures() {
    StripScene strip;
    strip.heights = job().reckoning.heights;
    if (!desk_->complete() && !desk_->eventsOnly()) strip.next = desk_->angle();
    const SnapshotPtr now = session().snapshot();
    if (const CylinderFindings* c = now->findings.cylinder(session().cylinder()))
        for (const RunFindings* each : {now->findings.exhaust(*c), now->findings.intake(*c)})
            if (each) strip.lobes.push_back({now, each});
    if (const auto other = desk_->compared()) {
        strip.compared =
            compareLobes(desk_->run().found()->lobe, other->run->lobe, other->mirrored);
        strip.comparedName = other->name;
    }
    if (const auto f = desk_->run().found(); f && desk_->motion() && f->lobe.motion)
        strip.motion = {now, &*f->lobe.motion};
    if (const auto& source = desk_->source())
        for (const auto& each : strip.lobes) {
            const auto at = sourceAngles(*source, each->lobe);
            strip.asked.insert(strip.asked.end(), at.begin(), at.end());
        }
    // Earlier passes of the lobe at hand lie under the newest.
    if (const auto f = desk_->run().found(); f && f->passes)
        for (const RunFindings& other : findings().runs)
            for (std::int64_t id : f->passes->runs)
                if (other.run == id && id != f->run) strip.passes.push_back({now, &other});
    const bool asking = desk_->sheet().field() != nullptr;
    picture_->setCurrentWidget(asking ? static_cast<QWidget*>(conditions_) : ring_);
    if (asking) showFacts(*conditions_, desk_->sheet(), desk_->facts(), style());
    ring_->setScene(desk_->ringScene());
    strip_->setScene(strip);
}

void LobesStation::refresh() {
    upper_->setVisible(!desk_->motion());
    refreshTexts();
    refreshLog();
    refreshPictures();
}

} // namespace app
