#include "app/stations/lobes/lobes_station.h"

#include "app/pictures/ring.h"
#include "app/pictures/strip.h"
#include "app/style/rows.h"
#include "core/entry.h"
#include "core/wheel.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <cmath>

namespace app {

using namespace lobe;

LobesStation::LobesStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      title_(new QLabel(this)),
      direction_(new QLabel(this)),
      turnToLabel_(new QLabel(QStringLiteral("turn to"), this)),
      angle_(new QLabel(this)),
      angleSide_(new QLabel(this)),
      last_(new QLabel(this)),
      adviceHead_(new QLabel(this)),
      advice_(new QLabel(this)),
      progress_(new QLabel(this)),
      steps_(new QButtonGroup(this)),
      places_(new QButtonGroup(this)),
      newRun_(new QPushButton(QStringLiteral("new run"), this)),
      events_(new QPushButton(QStringLiteral("events"), this)),
      ring_(new Ring(look, dialogs, this)),
      strip_(new Strip(look, dialogs, this)),
      log_(new RowList(look, false, this)) {
    setObjectName(QStringLiteral("lobesStation"));
    title_->setProperty("role", "title");
    direction_->setProperty("role", "quiet");
    progress_->setProperty("role", "quiet");
    adviceHead_->setProperty("role", "head");
    angle_->setObjectName(QStringLiteral("turnTo"));
    angle_->setStyleSheet(QStringLiteral("font-size: 58px; font-weight: bold;"));
    last_->setStyleSheet(QStringLiteral("font-size: 15px;"));
    last_->setObjectName(QStringLiteral("lastReading"));
    advice_->setObjectName(QStringLiteral("advice"));
    log_->setObjectName(QStringLiteral("readingLog"));
    log_->setAccessibleName(QStringLiteral("Readings of this run"));
    for (QLabel* label : {title_, direction_, last_, advice_, progress_, turnToLabel_})
        label->setWordWrap(true);

    auto* header = new QHBoxLayout;
    header->addWidget(title_, 1);
    buildHeader(header);

    auto* now = new QVBoxLayout;
    now->setSpacing(4);
    now->addWidget(turnToLabel_);
    auto* big = new QHBoxLayout;
    big->addWidget(angle_);
    big->addWidget(angleSide_, 1, Qt::AlignBottom);
    now->addLayout(big);
    now->addWidget(last_);
    auto* rule = new QFrame(this);
    rule->setProperty("role", "rule");
    now->addWidget(rule);
    now->addWidget(adviceHead_);
    now->addWidget(advice_);
    now->addWidget(progress_);
    now->addStretch(1);

    auto* top = new QHBoxLayout;
    top->setSpacing(12);
    top->addWidget(ring_, 13);
    top->addLayout(now, 8);
    top->addWidget(log_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(8);
    column->addLayout(header);
    column->addWidget(direction_);
    column->addLayout(top, 9);
    column->addWidget(strip_, 6);

    connect(log_, &RowList::deletePressed, this, &LobesStation::askToStrike);
    connect(log_, &RowList::chosen, this, [this](qint64 id) {
        if (const Reading* r = reading(id)) goTo_ = r->at;
        refresh();
        emit promptChanged();
    });
    connect(strip_, &Strip::readingChosen, this, [this](qint64 id) { log_->setCurrentId(id); });
    connect(newRun_, &QPushButton::clicked, this, &LobesStation::newRun);
    connect(&session, &Session::selectionChanged, this, [this] {
        goTo_.reset();
        striking_.reset();
        refresh();
        emit promptChanged();
    });
}

void LobesStation::buildHeader(QHBoxLayout* row) {
    const auto chip = [&](QButtonGroup* group, int id, const QString& text, const QString& name) {
        auto* button = new QPushButton(text, this);
        button->setObjectName(name);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        group->addButton(button, id);
        row->addWidget(button);
    };
    chip(places_, static_cast<int>(Place::Tappet), QStringLiteral("tappet"),
         QStringLiteral("takenTappet"));
    chip(places_, static_cast<int>(Place::Valve), QStringLiteral("valve"),
         QStringLiteral("takenValve"));
    row->addSpacing(8);
    for (int step : {1, 2, 5, 10})
        chip(steps_, step, QString::number(step) + QChar(0xB0), QStringLiteral("step%1").arg(step));
    row->addSpacing(10);
    events_->setObjectName(QStringLiteral("eventsOnly"));
    events_->setCheckable(true);
    events_->setFocusPolicy(Qt::TabFocus);
    row->addWidget(events_);
    connect(events_, &QPushButton::clicked, this, [this](bool on) { setEventsOnly(on); });
    newRun_->setObjectName(QStringLiteral("newRun"));
    newRun_->setFocusPolicy(Qt::TabFocus);
    row->addWidget(newRun_);
    connect(places_, &QButtonGroup::idClicked, this, [this](int id) {
        RunTerms t = terms();
        t.taken = static_cast<Place>(id);
        changeTerms(t);
    });
    connect(steps_, &QButtonGroup::idClicked, this, [this](int id) {
        RunTerms t = terms();
        t.step_deg = id;
        changeTerms(t);
    });
}

void LobesStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    log_->setFixedWidth(width() < 700 ? 150 : 184);
    refreshTexts(); // a narrow bench says less
}

RunTerms LobesStation::terms() const {
    const LiftRun* run = session().run();
    return run ? run->terms : usualTerms(job().engine, session().side());
}

bool LobesStation::changeTerms(const RunTerms& t) {
    const LiftRun* run = session().run();
    if (run) return session().keep(book::SetTerms{run->id, t});
    LiftRun fresh;
    fresh.cylinder = session().cylinder();
    fresh.side = session().side();
    fresh.terms = t;
    return session().keep(book::AddRun{fresh});
}

void LobesStation::newRun() {
    LiftRun fresh;
    fresh.cylinder = session().cylinder();
    fresh.side = session().side();
    fresh.terms = terms();
    fresh.terms.source.clear();
    fresh.terms.shift_deg = 0.0;
    goTo_.reset();
    session().keep(book::AddRun{fresh});
}

const RunFindings* LobesStation::runFindings() const {
    const LiftRun* run = session().run();
    return run ? findings().run(run->id) : nullptr;
}

bool LobesStation::again() const {
    const RunFindings* f = runFindings();
    return f && f->complete && !goTo_ && !f->lobe.misfits.empty();
}

const Reading* LobesStation::reading(qint64 id) const {
    if (const LiftRun* run = session().run())
        for (const Reading& r : run->readings)
            if (r.id == id) return &r;
    return nullptr;
}

bool LobesStation::eventsOnly() const {
    return terms().eventsOnly;
}

std::optional<EventWanted> LobesStation::eventWanted() const {
    const RunFindings* f = runFindings();
    if (f && f->events) return f->events->next;
    const LiftRun* run = session().run();
    LiftRun none;
    none.terms = terms();
    return EventWanted{ReadingOf::Opens, eventHeights(job(), run ? *run : none).front()};
}

QString LobesStation::eventName(ReadingOf of) {
    return of == ReadingOf::Opens    ? QStringLiteral("opens")
           : of == ReadingOf::Closes ? QStringLiteral("closes")
                                     : QStringLiteral("highest");
}

Prompt LobesStation::eventPrompt(Prompt p) const {
    const auto wanted = eventWanted();
    if (!wanted) {
        p.ask = QStringLiteral("events complete");
        p.enter = QStringLiteral("go to the %1 lobe")
                      .arg(session().side() == Side::Intake ? QStringLiteral("exhaust")
                                                            : QStringLiteral("intake"));
        return p;
    }
    const UsualSide usual = usualSide(session().side(), wanted->of);
    p.ask = wanted->of == ReadingOf::Nose
                ? QStringLiteral("highest: wheel?")
                : QStringLiteral("%1 at %2: wheel?")
                      .arg(eventName(wanted->of), words::height(wanted->height.mm, style()));
    p.enter = QStringLiteral("log; %1 that agree settle it").arg(terms().repeats);
    p.keys =
        QStringLiteral("expects %1 %2   b, a, bb, ab  or x say otherwise")
            .arg(usual.after ? QStringLiteral("after") : QStringLiteral("before"),
                 usual.centre == DeadCentre::Top ? QStringLiteral("TDC") : QStringLiteral("BDC"));
    return p;
}

/// An event's angle, as typed from the wheel.
std::variant<CrankDeg, QString> LobesStation::readEvent(const QString& text) const {
    const auto wanted = eventWanted();
    if (!wanted) return QStringLiteral("All events are settled. Strike one to read it again.");
    const UsualSide usual = usualSide(session().side(), wanted->of);
    const auto read =
        readWheel(text.toStdString(), {job().settings.fittedWheel(), usual.after, usual.centre});
    if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style());
    return nearLobe(std::get<WheelReading>(read).at, session().side());
}

Echo LobesStation::submitEvent(const QString& text) {
    if (text.trimmed().isEmpty() && !eventWanted()) {
        session().select(session().cylinder(),
                         session().side() == Side::Intake ? Side::Exhaust : Side::Intake);
        return {true, {}};
    }
    const auto at = readEvent(text);
    if (const auto* why = std::get_if<QString>(&at)) return {false, *why};
    const auto wanted = *eventWanted();
    Reading r;
    r.at = std::get<CrankDeg>(at);
    r.of = wanted.of;
    r.lift_mm = wanted.of == ReadingOf::Nose ? 0.0 : wanted.height.mm;
    r.typed = text.trimmed().toStdString();
    r.time_ms = session().now();
    r.approach = backing_ ? Approach::BackingUp : Approach::Forward;
    return {keepReading(r, {}), {}};
}

bool LobesStation::keepReading(const Reading& r, std::optional<std::int64_t> replaces) {
    if (const LiftRun* run = session().run())
        return session().keep(book::AddReading{run->id, r, replaces});
    LiftRun fresh;
    fresh.cylinder = session().cylinder();
    fresh.side = session().side();
    fresh.terms = terms();
    fresh.readings = {r};
    return session().keep(book::AddRun{fresh});
}

void LobesStation::setEventsOnly(bool on) {
    const LiftRun* run = session().run();
    RunTerms t = terms();
    t.eventsOnly = on;
    if (run && run->readings.empty()) {
        session().keep(book::SetTerms{run->id, t});
        return;
    }
    // A run is of one kind: a curve and its events stay apart.
    LiftRun fresh;
    fresh.cylinder = session().cylinder();
    fresh.side = session().side();
    fresh.terms = t;
    goTo_.reset();
    session().keep(book::AddRun{fresh});
}

bool LobesStation::complete() const {
    const RunFindings* f = runFindings();
    return f && f->complete && !goTo_ && f->lobe.misfits.empty();
}

CrankDeg LobesStation::angle() const {
    if (goTo_) return *goTo_;
    const LiftRun* run = session().run();
    // A run that is through goes back to what does not fit.
    if (const RunFindings* f = runFindings(); f && f->complete && !f->lobe.misfits.empty())
        return {f->lobe.misfits.front().at.deg - session().run()->terms.shift_deg};
    return run ? nextAngle(*run) : terms().from;
}

QString LobesStation::onWheel(CrankDeg at) const {
    return words::onWheel(at, job().settings.fittedWheel(), style());
}

QString LobesStation::turnTo(CrankDeg at) const {
    return words::degrees(wheelNumber(at, job().settings.fittedWheel()), style());
}

Prompt LobesStation::prompt() const {
    Prompt p;
    int number = 1;
    const LiftRun* run = session().run();
    for (const LiftRun& r : job().runs) {
        if (run && r.id == run->id) break;
        number += r.cylinder == session().cylinder() && r.side == session().side();
    }
    p.subject = QStringLiteral("cyl %1 %2, run %3")
                    .arg(session().cylinder())
                    .arg(words::sideName(session().side()))
                    .arg(number);
    if (striking_) {
        const Reading* r = reading(*striking_);
        p.ask = QStringLiteral("why strike %1?").arg(r ? onWheel(r->at) : QString());
        p.enter = QStringLiteral("strike it (misread)");
        p.keys = QStringLiteral("Esc  leave it");
        return p;
    }
    if (eventsOnly()) return eventPrompt(p);
    const QString other =
        session().side() == Side::Intake ? QStringLiteral("exhaust") : QStringLiteral("intake");
    if (again()) {
        p.ask = QStringLiteral("lift at %1 again?").arg(onWheel(angle()));
        p.enter = QStringLiteral("log it in place of the odd one");
        p.keys = QStringLiteral("Ctrl+E  leave it, go to the %1 lobe").arg(other);
        return p;
    }
    if (complete()) {
        p.ask = QStringLiteral("run complete");
        p.enter = QStringLiteral("go to the %1 lobe").arg(other);
        p.keys = QStringLiteral("or type an angle to read again: 75a");
        return p;
    }
    p.ask = QStringLiteral("lift at %1?").arg(onWheel(angle()));
    const double step = terms().step_deg;
    p.enter = QStringLiteral("log, go to %1").arg(onWheel({angle().deg + step}));
    p.keys = QStringLiteral("Back strike   R again   O overshot   B backing up   75a go there");
    return p;
}

Echo LobesStation::understand(const QString& text) const {
    if (striking_) return {true, {}};
    if (eventsOnly()) {
        const auto at = readEvent(text);
        if (const auto* why = std::get_if<QString>(&at)) return {false, *why};
        return {true, words::fromDeadCentre(std::get<CrankDeg>(at), style(), 2)};
    }
    const auto read = readRunEntry(text.toStdString(), session().side(), style().unit);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {false, words::sentence(*e, style())};
    const RunEntry& entry = std::get<RunEntry>(read);
    if (entry.step_deg)
        return {true, QStringLiteral("a step of ") + words::degrees(*entry.step_deg, style(), 2)};
    QString said;
    if (entry.goTo) said = onWheel(*entry.goTo);
    if (entry.lift_mm)
        said += (said.isEmpty() ? QStringLiteral("reads as ") : QStringLiteral(": ")) +
                words::liftWithUnit(*entry.lift_mm, style());
    else
        said = QStringLiteral("go to ") + said;
    return {true, said};
}

Echo LobesStation::submit(const QString& text) {
    if (striking_) {
        const QString reason =
            text.trimmed().isEmpty() ? QStringLiteral("misread") : text.trimmed();
        const qint64 id = *striking_;
        striking_.reset();
        if (!session().keep(book::StrikeReading{id, reason.toStdString()}))
            return {false, QStringLiteral("Not struck.")};
        return {true, {}};
    }
    if (eventsOnly()) return submitEvent(text);
    if (text.trimmed().isEmpty() && complete()) {
        session().select(session().cylinder(),
                         session().side() == Side::Intake ? Side::Exhaust : Side::Intake);
        return {true, {}};
    }
    const auto read = readRunEntry(text.toStdString(), session().side(), style().unit);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {false, words::sentence(*e, style())};
    const RunEntry& entry = std::get<RunEntry>(read);
    if (entry.step_deg) {
        RunTerms t = terms();
        t.step_deg = *entry.step_deg;
        return {changeTerms(t), {}};
    }
    if (!entry.lift_mm) {
        goTo_ = entry.goTo;
        refresh();
        return {true, {}};
    }
    return log(entry, text);
}

Echo LobesStation::log(const RunEntry& entry, const QString& text) {
    Reading r;
    r.at = entry.goTo.value_or(angle());
    r.lift_mm = *entry.lift_mm;
    r.typed = text.trimmed().toStdString();
    r.time_ms = session().now();
    r.approach = backing_ ? Approach::BackingUp : Approach::Forward;
    overshot_ = false;
    const LiftRun* run = session().run();
    goTo_.reset();
    // A second reading at an angle replaces the first, which stays legible, struck.
    std::optional<std::int64_t> replaces;
    if (run)
        for (const Reading& o : run->readings)
            if (!o.struck && std::abs(o.at.deg - r.at.deg) < 1e-6) replaces = o.id;
    const bool kept = keepReading(r, replaces);
    if (!kept) return {false, QStringLiteral("Not logged; see the message above.")};
    return {true, {}};
}

void LobesStation::strikeLast() {
    const LiftRun* run = session().run();
    if (!run) return;
    for (auto it = run->readings.rbegin(); it != run->readings.rend(); ++it)
        if (!it->struck) {
            goTo_ = it->at;
            session().keep(book::StrikeReading{it->id, "struck at once"});
            return;
        }
}

void LobesStation::askToStrike(qint64 id) {
    const Reading* r = reading(id);
    if (!r || r->struck) return;
    striking_ = id;
    emit promptChanged();
    emit entryWanted();
}

bool LobesStation::step(int direction) {
    if (striking_) return false;
    goTo_ = CrankDeg{angle().deg + direction * terms().step_deg};
    refresh();
    return true;
}

bool LobesStation::command(QChar letter) {
    if (striking_) return false;
    switch (letter.unicode()) {
    case 'r':
        readAgain();
        break;
    case 'b':
        backing_ = !backing_;
        break;
    case 'o':
        overshot_ = !overshot_;
        break;
    case 't':
        return otherTurn();
    case 'w':
        return otherDialTurn();
    default:
        return false;
    }
    refresh();
    emit promptChanged();
    return true;
}

/// To the reading that does not fit; else the last one.
void LobesStation::readAgain() {
    const RunFindings* f = runFindings();
    const LiftRun* run = session().run();
    if (f && !f->lobe.misfits.empty())
        goTo_ = CrankDeg{f->lobe.misfits.front().at.deg - run->terms.shift_deg};
    else if (run && !run->readings.empty())
        goTo_ = run->readings.back().at;
}

/// The crank is on its other turn: what was read stands 360 degrees on, and the run begins anew.
bool LobesStation::otherTurn() {
    const RunFindings* f = runFindings();
    const LiftRun* run = session().run();
    if (!f || !run) return false;
    for (const Finding& x : f->lobe.findings) {
        if (x.code != Code::OtherTurn && x.code != Code::CentreFarOff) continue;
        const bool again = x.code == Code::OtherTurn;
        RunTerms t = run->terms;
        t.shift_deg += 360.0;
        const CrankDeg here = angle();
        if (!session().keep(book::SetTerms{run->id, t})) return true;
        if (again) {
            newRun();
            goTo_ = here;
            refresh();
        }
        return true;
    }
    return false;
}

/// Takes the neighbouring turn of the dial for the reading that is one turn off.
bool LobesStation::otherDialTurn() {
    const RunFindings* f = runFindings();
    const LiftRun* run = session().run();
    if (!f || !run) return false;
    for (const Finding& x : f->lobe.findings) {
        if (x.code != Code::DialTurn) continue;
        for (const Reading& r : run->readings) {
            if (r.struck || std::abs(wrapCycle(placed(r, run->terms) - *x.at).deg) > 1e-6) continue;
            Reading right = r;
            right.lift_mm = *x.other_mm;
            right.time_ms = session().now();
            right.struck.reset();
            session().keep(book::AddReading{run->id, right, r.id});
            return true;
        }
    }
    return false;
}

void LobesStation::leave() {
    striking_.reset();
    goTo_.reset();
    overshot_ = false;
    refresh();
}

const Finding* LobesStation::advice() const {
    const RunFindings* f = runFindings();
    if (!f) return nullptr;
    // A reading that does not fit comes first: it is often the cause of the rest.
    const auto weight = [](const Finding& x) {
        const int first =
            x.code == Code::DialTurn || x.code == Code::OtherTurn ? 2 : x.code == Code::Misfit;
        return 4 * static_cast<int>(x.severity) + first;
    };
    const Finding* best = nullptr;
    for (const Finding& x : f->lobe.findings)
        if (!best || weight(x) > weight(*best)) best = &x;
    return best;
}

void LobesStation::refreshTexts() {
    const RunTerms t = terms();
    const LiftRun* run = session().run();
    const RunFindings* f = runFindings();
    title_->setText(QStringLiteral("Cylinder %1 %2")
                        .arg(session().cylinder())
                        .arg(words::sideName(session().side())));
    if (overshot_)
        direction_->setText(
            QStringLiteral("Overshot: go back to %1 or farther, then come up to %2 again.")
                .arg(onWheel({angle().deg - 20.0}), onWheel(angle())));
    else if (backing_)
        direction_->setText(
            QStringLiteral("Backing up: readings are marked and left out of the curve, since they "
                           "carry the drive's slack. B ends it."));
    else
        direction_->setText(
            QStringLiteral(
                "Every %1. Turn %2, seen from the drive end, and come up to each mark from below.")
                .arg(words::degrees(t.step_deg, style(), 2),
                     words::rotationName(job().engine.rotation)));
    for (QAbstractButton* b : steps_->buttons())
        b->setChecked(false);
    steps_->setExclusive(false);
    for (QAbstractButton* b : steps_->buttons())
        b->setChecked(std::abs(t.step_deg - steps_->id(b)) < 1e-9);
    steps_->setExclusive(true);
    places_->button(static_cast<int>(t.taken))->setChecked(true);
    events_->setChecked(t.eventsOnly);
    newRun_->setVisible(run && !run->readings.empty());

    turnToLabel_->setText(complete()         ? QStringLiteral("run")
                          : goTo_ || again() ? QStringLiteral("go back well past it, then up to")
                                             : QStringLiteral("turn to"));
    angle_->setText(complete() ? QStringLiteral("done") : turnTo(angle()));
    const WheelScale scale = job().settings.wheel;
    const bool plain = scale == WheelScale::Full360With || scale == WheelScale::Full360Against ||
                       scale == WheelScale::Signed;
    QString side = words::sideOfTop(angle());
    if (scale == WheelScale::Quarter90)
        side = words::fromDeadCentre(angle(), style()).section(QLatin1Char(' '), 1);
    angleSide_->setText(complete() || plain ? QString() : side);
    if (eventsOnly()) {
        const auto wanted = eventWanted();
        turnToLabel_->setText(QStringLiteral("events only"));
        angle_->setText(wanted ? eventName(wanted->of) : QStringLiteral("done"));
        angleSide_->setText(wanted && wanted->of != ReadingOf::Nose
                                ? QStringLiteral("at ") + words::height(wanted->height.mm, style())
                                : QString());
    }
    const Reading* last = run && !run->readings.empty() ? &run->readings.back() : nullptr;
    last_->setText(
        last ? QStringLiteral("last  %1  %2%3")
                   .arg(words::onWheel(last->at, job().settings.fittedWheel(), style(), true),
                        words::liftWithUnit(last->lift_mm, style()),
                        last->struck ? QStringLiteral("  struck") : QString())
             : QStringLiteral("no reading yet"));
    const Finding* a = advice();
    adviceHead_->setText(a ? words::severityTitle(a->severity) : QString());
    advice_->setText(
        a ? (width() < 700 ? words::shortSentence(*a, style()) : words::sentence(*a, style()))
        : f && f->live ? QStringLiteral("Every reading fits its neighbours.")
                       : QStringLiteral("Set the indicator to zero on the base circle, turn to "
                                        "the angle above and type the lift."));
    QString progress;
    if (f) progress = QStringLiteral("%1 of about %2 readings").arg(f->live).arg(f->planned);
    if (f && f->lobe.centre(job().settings.school))
        progress +=
            QStringLiteral("; centre %1, greatest lift %2")
                .arg(words::degrees(std::abs(f->lobe.centre(job().settings.school)->deg), style()),
                     words::liftWithUnit(*f->lobe.maxLift_mm, style()));
    progress_->setText(progress);
}

void LobesStation::refreshLog() {
    QList<Row> rows;
    const LiftRun* run = session().run();
    const RunFindings* f = runFindings();
    if (run)
        for (const Reading& r : run->readings) {
            Row row;
            row.id = r.id;
            row.title =
                words::onWheel(placed(r, run->terms), job().settings.fittedWheel(), style(), true);
            row.value = words::lift(r.lift_mm, style());
            if (r.of != ReadingOf::Lift) {
                row.value = row.title;
                row.title = eventName(r.of);
            }
            row.struck = r.struck.has_value();
            if (r.struck)
                row.note = QString::fromStdString(r.struck->reason);
            else if (f)
                for (const Misfit& m : f->lobe.misfits)
                    if (run && std::abs(wrapCycle(m.at - placed(r, run->terms)).deg) < 1e-6) {
                        row.note = QStringLiteral("again?");
                        row.warn = true;
                    }
            rows << row;
        }
    log_->setRows(rows);
    if (!log_->hasFocus()) log_->scrollToBottom();
}

const CylinderFindings* LobesStation::cylinderFindings() const {
    for (const CylinderFindings& each : findings().cylinders)
        if (each.cylinder == session().cylinder()) return &each;
    return nullptr;
}

RingScene LobesStation::ringScene() const {
    RingScene ring;
    ring.rotation = job().engine.rotation;
    ring.wheel = job().settings.fittedWheel();
    ring.stroke_mm = job().engine.stroke_mm;
    ring.rod_mm = job().engine.rod_mm;
    if (!eventsOnly()) ring.needle = angle();
    if (job().card) ring.tickHeight = job().card->height;
    if (const CylinderFindings* c = cylinderFindings()) {
        ring.intake = c->intake ? &c->intake->lobe : nullptr;
        ring.exhaust = c->exhaust ? &c->exhaust->lobe : nullptr;
        if (c->pair) ring.splitPoint = c->pair->splitPoint;
    }
    return ring;
}

void LobesStation::refreshPictures() {
    StripScene strip;
    strip.heights = job().settings.heights;
    if (!complete() && !eventsOnly()) strip.next = angle();
    if (const CylinderFindings* c = cylinderFindings())
        for (const RunFindings* each : {c->exhaust, c->intake})
            if (each)
                for (const LiftRun& run : job().runs)
                    if (run.id == each->run) strip.lobes.push_back({&run, &each->lobe});
    ring_->setScene(ringScene());
    strip_->setScene(strip);
}

StandCard LobesStation::standCard() const {
    const RunFindings* f = runFindings();
    const LiftRun* run = session().run();
    StandCard card;
    card.subject = QStringLiteral("cyl %1  %2")
                       .arg(session().cylinder())
                       .arg(words::sideName(session().side()));
    card.colour = look().theme().lobe(session().side());
    if (f) card.progress = QStringLiteral("%1 of %2").arg(f->live).arg(f->planned);
    card.caption = turnToLabel_->text();
    card.big = angle_->text();
    card.bigNote = angleSide_->text();
    if (run && !run->readings.empty()) card.last = last_->text();
    if (const Finding* a = advice()) {
        card.advice = words::shortSentence(*a, style());
        card.warn = a->severity >= Severity::LookAgain;
    }
    if (f) {
        const Height main = job().card ? job().card->height : Height{1.27, Place::Tappet};
        const HeightEvents* e = f->lobe.events(main);
        if (e && e->opens)
            card.soFar = QStringLiteral("opens %1 at %2")
                             .arg(words::fromDeadCentre(*e->opens, style()),
                                  words::height(main.mm, style()));
        if (const auto centre = f->lobe.centre(job().settings.school))
            card.soFar +=
                QStringLiteral("    centre %1").arg(words::degrees(std::abs(centre->deg), style()));
    }
    card.tip =
        overshot_ || backing_
            ? direction_->text()
            : QStringLiteral("Turn %1, seen from the drive end, up to each mark. Overshot? Back "
                             "past %2, then up again.")
                  .arg(words::rotationName(job().engine.rotation), onWheel({angle().deg - 20.0}));
    card.ring = ringScene();
    return card;
}

void LobesStation::refresh() {
    refreshTexts();
    refreshLog();
    refreshPictures();
}

} // namespace app
