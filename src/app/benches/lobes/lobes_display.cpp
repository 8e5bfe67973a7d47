// What the Lobes station shows: the angle large, the advice, the log and the pictures.
#include "app/benches/lobes/lobes_station.h"
#include "app/pictures/ring.h"
#include "app/pictures/strip.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "core/assess/sources.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/result/findings.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QStackedWidget>

#include <algorithm>
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
    direction_->setText(desk_->motion()
                            ? desk_->motionLine()
                            : desk_->terms() + QStringLiteral(".  ") + desk_->direction());
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
    progress_->setVisible(height() >= 460 && (width() >= 700 || !a || !f || !f->events));
}

namespace {

/// Whether a reading is one that does not fit its neighbours.
bool isOdd(const Reading& r, const LiftRun& run, const RunFindings* found) {
    return found && !r.struck &&
           std::any_of(found->lobe.misfits.begin(), found->lobe.misfits.end(),
                       [&](const Misfit& m) {
                           return std::abs(wrapCycle(m.at - placed(r, run.terms)).deg) < 1e-6;
                       });
}

/// What was made of a reading; lift readings stand in the order they were taken.
const LiftReading* carried(const RunFindings& found, std::size_t at, std::int64_t id) {
    const auto& all = found.readings.get();
    if (at < all.size() && all[at].id == id) return &all[at];
    const auto it =
        std::find_if(all.begin(), all.end(), [&](const LiftReading& c) { return c.id == id; });
    return it == all.end() ? nullptr : &*it;
}

} // namespace

/// A reading as the log shows it.
Row LobesStation::rowOf(std::size_t at, const LiftRun& run, const RunFindings* f) const {
    const Reading& r = run.readings[at];
    Row row;
    row.id = r.id;
    row.title =
        words::asTyped(placed(r, run.terms), r.typed, job().fitted.degreeWheel(), style(), true);
    row.value = words::lift(r.value_mm, style());
    if (const LiftReading* c = f ? carried(*f, at, r.id) : nullptr) {
        if (std::abs(c->lift_mm - r.value_mm) > 1e-6) {
            // What the indicator read, beside the lift it stands for.
            row.note = Say::tr("read ") + row.value;
            row.value = words::lift(c->lift_mm, style());
        }
        if (!r.struck && r.of == ReadingOf::Lift && !c->counts && r.approach == Approach::Forward)
            row.note = Say::tr("not counted");
    }
    if (r.approach == Approach::BackingUp) row.note = Say::tr("backing up");
    if (r.of != ReadingOf::Lift) {
        row.value = row.title;
        // Beside the nose the list has little room: before, after.
        row.title = run.terms.fromNose ? (r.of == ReadingOf::Opens ? Say::tr("before", "the nose")
                                                                   : Say::tr("after", "the nose"))
                                       : eventName(r.of);
    }
    // What was typed in another unit is shown as it was typed, beside what it is.
    static const QRegularExpression unit(QStringLiteral("(mm|in\\.?|inch|inches|thou|th|\")$"));
    if (const QString typed = QString::fromStdString(r.typed).trimmed();
        row.note.isEmpty() && r.of == ReadingOf::Lift && !r.heard && typed.contains(unit))
        row.note = typed.section(QLatin1Char(' '), -2);
    if (r.heard && r.heard->moving) row.note = Say::tr("it moved");
    row.struck = r.struck.has_value();
    if (r.struck) {
        row.note = QString::fromStdString(r.struck->reason);
    } else if (isOdd(r, run, f)) {
        row.note = Say::tr("again?");
        row.warn = true;
    }
    return row;
}

void LobesStation::refreshLog() {
    const auto run = session().run();
    const auto f = desk_->run().found();
    if (!run) return log_->setRows({});
    // The reading in question stands in view, marked; else the newest.
    const auto asked =
        desk_->wentTo() || desk_->again() ? std::optional(desk_->angle()) : std::nullopt;
    const auto isAsked = [asked](const Reading& r) {
        return asked && r.of == ReadingOf::Lift && std::abs(r.at.deg - asked->deg) < 1e-6;
    };
    const bool odd = f && !f->lobe.misfits.empty();
    const auto& all = run->readings;
    int wanted = -1;
    for (std::size_t i = all.size(); i-- > 0 && wanted < 0;)
        if (isAsked(all[i]) || (!asked && odd && isOdd(all[i], *run, f.get())))
            wanted = static_cast<int>(i);
    log_->setRows(
        static_cast<int>(all.size()),
        [this, run, f, isAsked](int i) {
            Row row = rowOf(static_cast<std::size_t>(i), *run, f.get());
            row.marked = !row.struck && isAsked(run->readings[static_cast<std::size_t>(i)]);
            return row;
        },
        [run](int i) { return run->readings[static_cast<std::size_t>(i)].id; });
    if (log_->hasFocus()) return;
    if (wanted >= 0)
        log_->showRow(wanted, QAbstractItemView::PositionAtCenter);
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
    // A table that is not kept yet, as it would lie.
    if (const SnapshotPtr& pasted = desk_->pasted().shown())
        for (const RunFindings& run : pasted->findings.runs)
            strip.lobes = {{pasted, &run}};
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
