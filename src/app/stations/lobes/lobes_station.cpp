#include "app/stations/lobes/lobes_station.h"

#include "app/pictures/ring.h"
#include "app/pictures/strip.h"
#include "app/style/fitted.h"
#include "app/style/flow.h"
#include "app/style/rows.h"
#include "core/angle/wheel.h"
#include "core/job/entry.h"
#include "stations/lobes/desk/fields.h"
#include "stations/lobes/desk/remedies.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>

#include <cmath>

namespace app {

using namespace lobe;

LobesStation::LobesStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      run_(session),
      events_(session),
      title_(new FittedLabel(this)),
      direction_(new FittedLabel(this)),
      turnToLabel_(new FittedLabel(Say::tr("turn to"), this)),
      angle_(new FittedLabel(this)),
      angleSide_(new QLabel(this)),
      last_(new FittedLabel(this)),
      adviceHead_(new FittedLabel(this)),
      advice_(new FittedLabel(this)),
      progress_(new FittedLabel(this)),
      steps_(new QButtonGroup(this)),
      places_(new QButtonGroup(this)),
      newRun_(new QPushButton(Say::tr("new run"), this)),
      eventsChip_(new QPushButton(Say::tr("events"), this)),
      centreChip_(new QPushButton(Say::tr("centre"), this)),
      conditionsChip_(new QPushButton(Say::tr("conditions"), this)),
      upper_(new QWidget(this)),
      picture_(new QStackedWidget(this)),
      ring_(new Ring(look, dialogs, this)),
      conditions_(new RowList(look, false, this)),
      sheet_(runFields(), false),
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
    log_->setAccessibleName(Say::tr("Readings of this run"));
    for (QLabel* label : {title_, direction_, last_, advice_, progress_, turnToLabel_})
        label->setWordWrap(true);

    auto* header = new QHBoxLayout;
    header->addWidget(title_, 1);
    auto* chips = new FlowLayout(6);
    buildHeader(chips);
    header->addLayout(chips);

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

    auto* top = new QHBoxLayout(upper_);
    top->setContentsMargins(0, 0, 0, 0);
    top->setSpacing(12);
    picture_->addWidget(ring_);
    picture_->addWidget(conditions_);
    conditions_->setObjectName(QStringLiteral("runConditions"));
    conditions_->setAccessibleName(Say::tr("Conditions of this run"));
    top->addWidget(picture_, 13);
    top->addLayout(now, 8);
    top->addWidget(log_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(8);
    column->addLayout(header);
    column->addWidget(direction_);
    column->addWidget(upper_, 9);
    column->addWidget(strip_, 6);

    connect(log_, &RowList::deletePressed, this, &LobesStation::askToStrike);
    connect(log_, &RowList::chosen, this, [this](qint64 id) {
        if (const auto r = run_.reading(id)) goTo_ = r->at;
        refresh();
        emit promptChanged();
    });
    connect(strip_, &Strip::readingChosen, this, [this](qint64 id) { log_->setCurrentId(id); });
    connect(newRun_, &QPushButton::clicked, this, &LobesStation::newRun);
    connect(conditions_, &RowList::chosen, this, [this](qint64 id) {
        sheet_.moveTo(static_cast<int>(id) - 1);
        refresh();
        emit promptChanged();
        emit entryWanted();
    });
    connect(&session, &Session::selectionChanged, this, [this] {
        goTo_.reset();
        striking_.reset();
        if (!events_.both()) events_.forget();
        compared_ = 0;
        sheet_.moveTo(-1);
        refresh();
        emit promptChanged();
    });
}

void LobesStation::buildHeader(FlowLayout* row) {
    const auto chip = [&](QButtonGroup* group, int id, const QString& text, const QString& name) {
        auto* button = new QPushButton(text, this);
        button->setObjectName(name);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        group->addButton(button, id);
        row->addWidget(button);
    };
    chip(places_, static_cast<int>(Place::Tappet), Say::tr("tappet"),
         QStringLiteral("takenTappet"));
    chip(places_, static_cast<int>(Place::Valve), Say::tr("valve"), QStringLiteral("takenValve"));
    row->addSpacing(8);
    for (int step : {1, 2, 5, 10})
        chip(steps_, step, QString::number(step) + QChar(0xB0), QStringLiteral("step%1").arg(step));
    row->addSpacing(10);
    eventsChip_->setObjectName(QStringLiteral("eventsOnly"));
    centreChip_->setObjectName(QStringLiteral("centreByTwo"));
    conditionsChip_->setObjectName(QStringLiteral("conditions"));
    for (QPushButton* b : {eventsChip_, centreChip_, conditionsChip_}) {
        b->setCheckable(true);
        b->setFocusPolicy(Qt::TabFocus);
        row->addWidget(b);
    }
    connect(eventsChip_, &QPushButton::clicked, this, [this](bool on) {
        goTo_.reset();
        events_.turnOn(on);
    });
    connect(centreChip_, &QPushButton::clicked, this, [this](bool on) {
        goTo_.reset();
        events_.turnOn(on, on);
    });
    connect(conditionsChip_, &QPushButton::clicked, this, &LobesStation::askConditions);
    newRun_->setObjectName(QStringLiteral("newRun"));
    newRun_->setFocusPolicy(Qt::TabFocus);
    row->addWidget(newRun_);
    connect(places_, &QButtonGroup::idClicked, this, [this](int id) {
        RunConditions t = conditions();
        t.taken = static_cast<Place>(id);
        run_.keepConditions(t);
    });
    connect(steps_, &QButtonGroup::idClicked, this, [this](int id) {
        RunConditions t = conditions();
        t.step_deg = id;
        run_.keepConditions(t);
    });
}

void LobesStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    log_->setFixedWidth(width() < 700 ? 150 : 184);
    // The rarer steps give way; "step 1" in the entry line reaches them all.
    for (int step : {1, 10})
        steps_->button(step)->setVisible(width() >= 900);
    centreChip_->setVisible(width() >= 760); // the word reaches it: centre
    refreshTexts();                          // a narrow bench says less
}

Facts LobesStation::facts() const {
    Facts f = Facts::of(job());
    f.conditions = conditions();
    f.cylinder = session().cylinder();
    return f;
}

void LobesStation::newRun() {
    goTo_.reset();
    run_.begin(conditions());
}

void LobesStation::askConditions(bool on) {
    sheet_.moveTo(on ? 0 : -1);
    refresh();
    emit promptChanged();
    emit entryWanted();
}

void LobesStation::goTo(CrankDeg at) {
    goTo_ = at;
    refresh();
    emit promptChanged();
}

void LobesStation::ask(const Task& task) {
    session().select(task.cylinder, task.side);
    const auto run = session().run();
    if (task.at && run && !run->conditions.eventsOnly)
        goTo({task.at->deg - run->conditions.shift_deg});
}

void LobesStation::showMotion(bool on) {
    motion_ = on;
    upper_->setVisible(!on);
    refresh();
    emit promptChanged();
}

void LobesStation::highlight(const Figure& figure) {
    asked_ = figure;
    refreshPictures();
}

std::vector<LobesStation::Comparable> LobesStation::comparables() const {
    std::vector<Comparable> out;
    const auto here = run_.found();
    if (!here || !here->lobe.noseReached) return out;
    for (const RunFindings& r : findings().runs) {
        if (r.run == here->run || !r.lobe.noseReached || !r.lobe.curve) continue;
        const Held<RunFindings> held{session().snapshot(), &r};
        const bool sameCylinder = r.cylinder == here->cylinder, sameSide = r.side == here->side;
        if (sameCylinder && sameSide)
            out.push_back({held, false,
                           r.afterMove == here->afterMove
                               ? Say::tr("against an earlier pass")
                               : Say::tr("against itself before the cam was moved")});
        else if (sameSide && r.current)
            out.push_back({held, false, Say::tr("against cylinder %1").arg(r.cylinder)});
        else if (sameCylinder && r.current)
            out.push_back(
                {held, true, Say::tr("against the %1 in a mirror").arg(words::sideName(r.side))});
    }
    return out;
}

void LobesStation::compareNext() {
    const auto all = comparables();
    compared_ = all.empty() ? 0 : (compared_ + 1) % (all.size() + 1);
    refresh();
}

bool LobesStation::again() const {
    const auto f = run_.found();
    return f && f->complete && !goTo_ && !f->lobe.misfits.empty();
}

bool LobesStation::complete() const {
    const auto f = run_.found();
    return f && f->complete && !goTo_ && f->lobe.misfits.empty();
}

/// The lobe to go on with: the other of this cylinder while it is not through, else the first
/// still to be taken that was begun or must be; empty when they are through.
static std::optional<std::pair<int, Side>> nextLobe(const Session& session) {
    const Side other = session.side() == Side::Intake ? Side::Exhaust : Side::Intake;
    bool through = false;
    for (const RunFindings& r : session.findings().runs)
        if (r.current && r.cylinder == session.cylinder() && r.side == other)
            through =
                !r.outdated && (r.complete || (r.lobe.noseReached && r.lobe.atEventsHeight.closes));
    if (!through) return std::pair(session.cylinder(), other);
    for (const Task& t : session.findings().plan)
        if (t.cylinder > 0 && !t.optional &&
            (t.cylinder != session.cylinder() || t.side != session.side()))
            return std::pair(t.cylinder, t.side);
    return std::nullopt;
}

QString LobesStation::onward() const {
    const auto next = nextLobe(session());
    if (!next) return Say::tr("go to Timing");
    const auto [cylinder, side] = *next;
    return cylinder == session().cylinder()
               ? Say::tr("go to the %1 lobe").arg(words::sideName(side))
               : Say::tr("go to cylinder %1 %2").arg(cylinder).arg(words::sideName(side));
}

void LobesStation::goOnward() {
    if (const auto next = nextLobe(session()))
        session().select(next->first, next->second);
    else
        emit stationWanted(&stations::timing);
}

std::optional<Echo> LobesStation::goOn(const QString& text) {
    const QString word = text.trimmed().toLower();
    const Side other = session().side() == Side::Intake ? Side::Exhaust : Side::Intake;
    if (word.isEmpty())
        goOnward();
    else if (word == QLatin1String("other") || word == words::sideName(other))
        session().select(session().cylinder(), other);
    else if (word == QLatin1String("timing"))
        emit stationWanted(&stations::timing);
    else if (word == QLatin1String("pass") || word == QLatin1String("another pass"))
        newRun();
    else
        return std::nullopt;
    return Echo{true, {}};
}

CrankDeg LobesStation::angle() const {
    if (goTo_) return *goTo_;
    const auto run = session().run();
    // A run that is through goes back to what does not fit.
    if (const auto f = run_.found(); f && f->complete && !f->lobe.misfits.empty())
        return {f->lobe.misfits.front().at.deg - session().run()->conditions.shift_deg};
    return run ? nextAngle(*run) : conditions().from;
}

QString LobesStation::onWheel(CrankDeg at) const {
    return words::onWheel(at, job().fitted.degreeWheel(), style());
}

QString LobesStation::turnTo(CrankDeg at) const {
    return words::degrees(wheelNumber(at, job().fitted.degreeWheel()), style());
}

Prompt LobesStation::prompt() const {
    Prompt p;
    int number = 1;
    const auto run = session().run();
    for (const LiftRun& r : job().runs) {
        if (run && r.id == run->id) break;
        number += r.cylinder == session().cylinder() && r.side == session().side();
    }
    p.subject = Say::tr("cyl %1 %2, run %3")
                    .arg(session().cylinder())
                    .arg(words::sideName(session().side()))
                    .arg(number);
    if (sheet_.field()) return sheet_.prompt(Say::tr("keep, next condition; Esc ends"), style());
    if (striking_) {
        const auto r = run_.reading(*striking_);
        p.ask = Say::tr("why strike %1?").arg(r ? onWheel(r->at) : QString());
        p.enter = Say::tr("strike it (misread)");
        p.keys = Say::tr("Esc  leave it");
        return p;
    }
    if (eventsOnly()) return events_.prompt(p, onward(), style());
    if (again()) {
        p.ask = Say::tr("lift at %1 again?").arg(onWheel(angle()));
        p.enter = Say::tr("log it in place of the odd one");
        p.keys = Say::tr("Ctrl+E  leave it, go to the other lobe");
        return p;
    }
    if (complete()) {
        p.ask = Say::tr("run complete: what next?");
        p.enter = onward();
        p.keys = Say::tr("other, timing, pass; or an angle to read again: 75a");
        p.several = true;
        return p;
    }
    p.ask = Say::tr("lift at %1?").arg(onWheel(angle()));
    const double step = conditions().step_deg;
    p.enter = Say::tr("log, go to %1").arg(onWheel({angle().deg + step}));
    p.keys = Say::tr("Back strike   R again   O overshot   C conditions   75a go there");
    return p;
}

Understood<RunEntry> LobesStation::readEntry(const QString& text) const {
    auto read = readRunEntry(text.toStdString(), session().side(), style().unit);
    // An angle of the cycle, @290, is meant as it is typed.
    auto* entry = std::get_if<RunEntry>(&read);
    if (entry && entry->goTo && !text.trimmed().startsWith(QLatin1Char('@')))
        entry->goTo = run_.nearLobe(*entry->goTo);
    return read;
}

/// "curve", "events" and "centre" in the entry line choose how the lobe is taken.
std::optional<LobesStation::Way> LobesStation::wayOf(const QString& text) {
    const QString word = text.trimmed().toLower();
    if (word == QLatin1String("curve")) return Way{false, false, Say::tr("the whole curve")};
    if (word == QLatin1String("events")) return Way{true, false, Say::tr("its events alone")};
    if (word == QLatin1String("centre"))
        return Way{true, true, Say::tr("its centre by two readings")};
    return std::nullopt;
}

Echo LobesStation::understand(const QString& text) const {
    if (sheet_.field()) return sheet_.understand(facts(), text, style());
    if (striking_) return {true, Say::tr("the reason")};
    if (const auto way = wayOf(text)) return {true, Say::tr("take ") + way->said};
    if (eventsOnly() ? !events_.wanted() : complete()) {
        const QString word = text.trimmed().toLower();
        for (const char* known : {"other", "intake", "exhaust", "timing", "pass"})
            if (word == QLatin1String(known)) return {true, Say::tr("on to ") + word};
    }
    if (eventsOnly()) {
        const auto read = events_.read(text, style());
        if (const auto* why = std::get_if<QString>(&read)) return {false, *why};
        return {true, words::fromDeadCentre(std::get<Reading>(read).at, style(), 2)};
    }
    const auto read = readEntry(text);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {false, words::sentence(*e, style())};
    const RunEntry& entry = std::get<RunEntry>(read);
    if (entry.lift_mm && !entry.goTo && complete())
        return {false, Say::tr("This run is through. An angle first reads it again, such as "
                               "75a 8.51; pass begins another pass.")};
    if (entry.step_deg)
        return {true, Say::tr("a step of ") + words::degrees(*entry.step_deg, style(), 2)};
    if (entry.zeroed)
        return {true, entry.zeroAt_mm ? Say::tr("set to zero again where the lift is ") +
                                            words::liftWithUnit(*entry.zeroAt_mm, style())
                                      : Say::tr("set to zero again, its lift not known")};
    QString said;
    if (entry.goTo) said = onWheel(*entry.goTo);
    if (entry.lift_mm)
        said += (said.isEmpty() ? Say::tr("reads as ") : QStringLiteral(": ")) +
                words::liftWithUnit(*entry.lift_mm, style());
    else
        said = Say::tr("go to ") + said;
    return {true, said};
}

Echo LobesStation::submit(const QString& text) {
    if (sheet_.field()) {
        Facts after = facts();
        const Echo taken = sheet_.take(after, text, style());
        if (!taken.ok) return taken;
        if (after.conditions != conditions() && !run_.keepConditions(after.conditions))
            return {false, Say::tr("Not kept; see the message above.")};
        const bool through = sheet_.last();
        sheet_.next();
        if (through) events_.follow();
        refresh();
        return {true, {}};
    }
    if (striking_) {
        const QString reason =
            text.trimmed().isEmpty() ? QStringLiteral("misread") : text.trimmed();
        const qint64 id = *striking_;
        striking_.reset();
        if (!session().keep(book::StrikeReading{id, reason.toStdString()}))
            return {false, Say::tr("Not struck.")};
        return {true, {}};
    }
    if (const auto way = wayOf(text)) {
        goTo_.reset();
        return {events_.turnOn(way->events, way->fromNose), {}};
    }
    if (eventsOnly() ? !events_.wanted() : complete())
        if (const auto gone = goOn(text)) return *gone;
    if (eventsOnly()) {
        auto read = events_.read(text, style());
        if (const auto* why = std::get_if<QString>(&read)) return {false, *why};
        Reading& r = std::get<Reading>(read);
        r.approach = backing_ ? Approach::BackingUp : Approach::Forward;
        if (!run_.keepReading(r, {})) return {false, {}};
        events_.follow();
        return {true, {}};
    }
    const auto read = readEntry(text);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {false, words::sentence(*e, style())};
    const RunEntry& entry = std::get<RunEntry>(read);
    // Nothing is appended past the end of a run.
    if (entry.lift_mm && !entry.goTo && complete()) return understand(text);
    if (entry.step_deg) {
        RunConditions t = conditions();
        t.step_deg = *entry.step_deg;
        return {run_.keepConditions(t), {}};
    }
    if (entry.zeroed) return {zeroAgain(entry.zeroAt_mm), {}};
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
    const auto run = session().run();
    if (run) r.zero = static_cast<int>(run->conditions.zeros.size()) + 1;
    goTo_.reset();
    // A second reading at an angle replaces the first, which stays legible, struck; under a later
    // zero it joins the two instead.
    std::optional<std::int64_t> replaces;
    if (run)
        for (const Reading& o : run->readings)
            if (!o.struck && o.zero == r.zero && std::abs(o.at.deg - r.at.deg) < 1e-6)
                replaces = o.id;
    const bool kept = run_.keepReading(r, replaces);
    if (!kept) return {false, Say::tr("Not logged; see the message above.")};
    return {true, {}};
}

/// The indicator was set to zero again: what follows counts from there.
bool LobesStation::zeroAgain(std::optional<double> lift_mm) {
    RunConditions t = conditions();
    const auto run = session().run();
    const int part = static_cast<int>(t.zeros.size()) + 1;
    const bool used = run && std::any_of(run->readings.begin(), run->readings.end(),
                                         [&](const Reading& r) { return r.zero == part; });
    // Said twice before any reading: the second time is the better knowledge.
    if (used || t.zeros.empty())
        t.zeros.push_back(lift_mm);
    else
        t.zeros.back() = lift_mm;
    const auto last = run_.lastLive();
    const std::optional<CrankDeg> joining = last ? std::optional(last->at) : std::nullopt;
    if (!run_.keepConditions(t)) return false;
    // Without its lift, the same mark once more joins the two zeros.
    if (!lift_mm && joining) goTo_ = joining;
    refresh();
    return true;
}

bool LobesStation::averagePasses() {
    const auto f = run_.found();
    if (!f || !f->passes) return false;
    Stated s = job();
    s.reckoning.averagePasses = !s.reckoning.averagePasses;
    session().keep(book::SetStated{s});
    return true;
}

void LobesStation::skip() {
    if (eventsOnly())
        events_.skip();
    else
        goTo_ = CrankDeg{angle().deg + conditions().step_deg};
}

void LobesStation::strikeLast() {
    events_.backToLast();
    const auto last = run_.lastLive();
    if (!last) return;
    if (!eventsOnly()) goTo_ = last->at;
    session().keep(book::StrikeReading{last->id, "struck at once"});
}

void LobesStation::askToStrike(qint64 id) {
    const auto r = run_.reading(id);
    if (!r || r->struck) return;
    striking_ = id;
    emit promptChanged();
    emit entryWanted();
}

bool LobesStation::step(int direction) {
    if (striking_) return false;
    if (sheet_.field()) {
        sheet_.step(direction);
        refresh();
        return true;
    }
    goTo_ = CrankDeg{angle().deg + direction * conditions().step_deg};
    refresh();
    return true;
}

} // namespace app
