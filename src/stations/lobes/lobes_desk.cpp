#include "stations/lobes/lobes_desk.h"

#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/typed/entry.h"
#include "stations/list.h"
#include "stations/lobes/fields.h"
#include "stations/lobes/remedies.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace app {

using namespace lobe;

LobesDesk::LobesDesk(Session& session, Manner manner)
    : SeriesDesk(session, std::move(manner), runFields()),
      run_(session),
      events_(session),
      pasted_(session) {}

void LobesDesk::drop() {
    SeriesDesk::drop();
    pasted_.drop();
    if (!events_.both()) events_.forget();
    compared_ = 0;
}

void LobesDesk::begin() {
    SeriesDesk::begin();
    events_.forget();
    source_.reset();
    backing_ = overshot_ = false;
    doubted_.reset();
}

Facts LobesDesk::facts() const {
    Facts f = Facts::of(job());
    f.conditions = conditions();
    f.cylinder = session().cylinder();
    return f;
}

void LobesDesk::newRun() {
    goQuietly({});
    run_.begin(conditions());
}

bool LobesDesk::takeTable(const QString& text, const QString& source) {
    moveTo(-1);
    stopStriking();
    if (!pasted_.take(text, source, angle().deg, conditions().step_deg, style().unit)) return false;
    tell();
    emit entryWanted();
    return true;
}

void LobesDesk::askConditions(bool on) {
    moveTo(on ? 0 : -1);
    emit entryWanted();
}

void LobesDesk::ask(const Task& task) {
    session().select(task.cylinder, task.side);
    const auto run = session().run();
    if (task.at && run && !run->terms.eventsOnly) goTo({task.at->deg - run->terms.shift_deg});
}

void LobesDesk::takeEvents(bool on, bool fromNose) {
    goQuietly({});
    events_.turnOn(on, fromNose);
}

void LobesDesk::showMotion(bool on) {
    motion_ = on;
    tell();
}

void LobesDesk::showSource(const Figure& figure) {
    source_ = figure;
    emit shownChanged();
}

void LobesDesk::compareNext() {
    const auto all = comparables();
    compared_ = all.empty() ? 0 : (compared_ + 1) % (all.size() + 1);
    tell();
}

std::optional<Comparable> LobesDesk::compared() const {
    const auto all = comparables();
    if (compared_ == 0 || compared_ > all.size()) return std::nullopt;
    return all[compared_ - 1];
}

std::vector<Comparable> LobesDesk::comparables() const {
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

bool LobesDesk::again() const {
    const auto f = run_.found();
    return f && f->complete && !wentTo() && !f->lobe.misfits.empty();
}

bool LobesDesk::complete() const {
    const auto f = run_.found();
    return f && f->complete && !wentTo() && f->lobe.misfits.empty();
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

bool LobesDesk::goesToLobe() const {
    return nextLobe(session()).has_value();
}

QString LobesDesk::onward() const {
    const auto next = nextLobe(session());
    if (!next) return Say::tr("go to Timing");
    const auto [cylinder, side] = *next;
    return cylinder == session().cylinder()
               ? Say::tr("go to the %1 lobe").arg(words::sideName(side))
               : Say::tr("go to cylinder %1 %2").arg(cylinder).arg(words::sideName(side));
}

void LobesDesk::goOnward() {
    if (const auto next = nextLobe(session()))
        session().select(next->first, next->second);
    else
        emit stationWanted(&stations::timing);
}

std::optional<Echo> LobesDesk::goOn(const QString& text) {
    // A word is a word in the middle of a run too; nothing typed goes on only where it is through.
    if (!through() && text.trimmed().isEmpty()) return std::nullopt;
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

CrankDeg LobesDesk::angle() const {
    if (wentTo()) return *wentAt();
    const auto run = session().run();
    // A run that is through goes back to what does not fit.
    if (const auto f = run_.found(); f && f->complete && !f->lobe.misfits.empty())
        return {f->lobe.misfits.front().at.deg - session().run()->terms.shift_deg};
    return run ? nextAngle(*run) : conditions().from;
}

bool LobesDesk::through() const {
    return eventsOnly() ? !events_.wanted() : complete();
}

QString LobesDesk::enterKeeps() const {
    return Say::tr("keep, next condition; Esc ends");
}

Prompt LobesDesk::ownPrompt() const {
    if (pasted_.waiting()) return pasted_.prompt(style());
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
    if (striking()) return askWhy(p);
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

Understood<RunEntry> LobesDesk::readEntry(const QString& text) const {
    auto read = readRunEntry(text.toStdString(), session().side(), style().unit);
    // An angle of the cycle, @290, is meant as it is typed.
    auto* entry = std::get_if<RunEntry>(&read);
    if (entry && entry->goTo && !text.trimmed().startsWith(QLatin1Char('@')))
        entry->goTo = run_.nearLobe(*entry->goTo);
    return read;
}

/// "curve", "events" and "centre" in the entry line choose how the lobe is taken.
std::optional<LobesDesk::Way> LobesDesk::wayOf(const QString& text) {
    const QString word = text.trimmed().toLower();
    if (word == QLatin1String("curve")) return Way{false, false, Say::tr("the whole curve")};
    if (word == QLatin1String("events")) return Way{true, false, Say::tr("its events alone")};
    if (word == QLatin1String("centre"))
        return Way{true, true, Say::tr("its centre by two readings")};
    return std::nullopt;
}

Echo LobesDesk::ownUnderstand(const QString& text) const {
    if (pasted_.waiting()) return pasted_.understand(text, style());
    if (striking()) return {true, Say::tr("the reason")};
    if (const auto way = wayOf(text)) return {true, Say::tr("take ") + way->said};
    const QString word = text.trimmed().toLower();
    for (const char* known : {"other", "intake", "exhaust", "timing", "pass"})
        if (word == QLatin1String(known)) return {true, Say::tr("on to ") + word};
    if (const auto said = saidTerms(text, conditions(), style()))
        return said->why.isEmpty() ? Echo{true, termsLine(said->terms, style()) + alsoFor(*said)}
                                   : Echo{false, said->why};
    if (eventsOnly()) {
        const auto read = events_.read(text, style());
        if (const auto* why = std::get_if<QString>(&read)) return {false, *why};
        return {true, words::fromDeadCentre(std::get<Reading>(read).at, style(), 2)};
    }
    const auto read = readEntry(text);
    if (const auto* e = std::get_if<EntryError>(&read)) return {false, noLift(*e, text)};
    const RunEntry& entry = std::get<RunEntry>(read);
    if (entry.lift_mm && !entry.goTo && complete()) return throughAlready();
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
        said = Say::tr("go to ") + said + liftThere(*entry.goTo);
    return {true, said};
}

/// What the curve has at an angle that is typed: tappet and valve, where it reaches so far.
QString LobesDesk::liftThere(CrankDeg at) const {
    const auto f = run_.found();
    const auto run = session().run();
    if (!f || !run || !f->lobe.curve) return {};
    const CrankDeg there{at.deg + run->terms.shift_deg};
    if (there.deg < f->lobe.curve->first() || there.deg > f->lobe.curve->last()) return {};
    return Say::tr("; the curve has %1 at the tappet, %2 at the valve there")
        .arg(words::liftWithUnit(f->lobe.liftAt(there, Place::Tappet), style()),
             words::liftWithUnit(f->lobe.liftAt(there, Place::Valve), style()));
}

Echo LobesDesk::keepFact(const QString& text) {
    Facts after = facts();
    const Echo taken = sheet().take(after, text, style());
    if (taken.ok && after.conditions != conditions() && !run_.keepConditions(after.conditions))
        return {false, Say::tr("Not kept; see the message above.")};
    return taken;
}

void LobesDesk::factKept() {
    const bool last = sheet().last();
    askQuietly(last ? -1 : sheet().onward());
    if (last) events_.followCrank();
    tell();
}

Echo LobesDesk::ownSubmit(const QString& text) {
    if (pasted_.waiting()) {
        const Echo echo = pasted_.submit(text, style());
        tell();
        return echo;
    }
    if (striking()) return strike(text);
    if (const auto way = wayOf(text)) {
        goQuietly({});
        return {events_.turnOn(way->events, way->fromNose), {}};
    }
    if (const auto gone = goOn(text)) return *gone;
    if (const auto said = saidTerms(text, conditions(), style())) return keepTerms(*said);
    if (eventsOnly()) return logEvent(events_.read(text, style()));
    const auto read = readEntry(text);
    if (const auto* e = std::get_if<EntryError>(&read)) return {false, noLift(*e, text)};
    const RunEntry& entry = std::get<RunEntry>(read);
    // Nothing is appended past the end of a run.
    if (entry.lift_mm && !entry.goTo && complete()) return throughAlready();
    if (entry.step_deg) {
        RunConditions t = conditions();
        t.step_deg = *entry.step_deg;
        return {run_.keepConditions(t), {}};
    }
    if (entry.zeroed) return {zeroAgain(entry.zeroAt_mm), {}};
    if (entry.lift_mm) {
        const CrankDeg at = entry.goTo.value_or(angle());
        if (!entry.goTo && hardlyALift(text, at, *entry.lift_mm) && doubted_ != at) {
            doubted_ = at;
            return {false, Say::tr("%1 at %2 is hardly a lift: is it the wheel's number? For the "
                                   "events alone type events; Enter once more logs it as the lift.")
                               .arg(words::liftWithUnit(*entry.lift_mm, style()), onWheel(at))};
        }
        doubted_.reset();
        return log(at, *entry.lift_mm, text.trimmed());
    }
    goTo(*entry.goTo);
    return {true, {}};
}

/// What was read already is of the same run: it is taken as read so, and that is said before Enter.
QString LobesDesk::alsoFor(const SaidTerms& said) const {
    const auto f = run_.found();
    if (!f || f->live == 0 || said.terms == conditions() || said.otherKind(conditions())) return {};
    return Say::tr("; holds for the %n readings of this run too", nullptr, f->live);
}

Echo LobesDesk::keepTerms(const SaidTerms& said) {
    if (!said.why.isEmpty()) return {false, said.why};
    const Echo notKept{false, Say::tr("Not kept; see the message above.")};
    if (said.wheel && *said.wheel != job().fitted.scale) {
        Stated s = job();
        s.fitted.scale = *said.wheel;
        if (!session().keep(book::SetStated{s})) return notKept;
    }
    if (said.terms == conditions()) return {true, {}};
    goQuietly({});
    events_.forget();
    const auto run = run_.run();
    const bool another = run && !run->readings.empty() && said.otherKind(conditions());
    if (!(another || !run ? run_.begin(said.terms) : run_.keepConditions(said.terms)))
        return notKept;
    events_.followCrank();
    return {true, {}};
}

/// Why it is no lift; a number that is on the wheel and on no dial is taken for the wheel's.
QString LobesDesk::noLift(const EntryError& error, const QString& text) const {
    bool whole = false;
    const int number = text.trimmed().toInt(&whole);
    if (whole && error.fault == EntryFault::OutOfRange && number >= 0 && number <= 360)
        return Say::tr("%1 is no lift: is it the wheel's number? For the events alone type events "
                       "first; for a lift at that angle %1a or %1b and the lift.")
            .arg(number);
    return words::sentence(error, style());
}

/// Steeper than any lobe lifts, counted generously, from the reading beside it; or a first reading
/// on the base circle that is none.
bool LobesDesk::hardlyALift(const QString& text, CrankDeg at, double lift_mm) const {
    constexpr double kSteepest_mm_per_deg = 0.3, kSlack_mm = 1.0;
    const QString typed = text.trimmed();
    const bool bare = !typed.isEmpty() && typed.size() <= 3 &&
                      std::all_of(typed.begin(), typed.end(), [](QChar c) { return c.isDigit(); });
    if (!bare) return false;
    const auto run = session().run();
    const int zero = run ? static_cast<int>(run->terms.zeros.size()) + 1 : 1;
    std::optional<double> away, there;
    if (run)
        for (const Reading& r : run->readings)
            if (const double d = std::abs(r.at.deg - at.deg);
                !r.struck && r.of == ReadingOf::Lift && r.zero == zero && (!away || d < *away)) {
                away = d;
                there = r.value_mm;
            }
    // Set to zero anew, any lift may be the first.
    if (!there && zero > 1) return false;
    if (!there) return !wentTo() && !conditions().countsDown && lift_mm > kSlack_mm;
    return std::abs(lift_mm - *there) > kSlack_mm + kSteepest_mm_per_deg * *away;
}

Echo LobesDesk::throughAlready() const {
    return {false, Say::tr("This run is through. An angle first reads it again, such as "
                           "75a 8.51; pass begins another pass.")};
}

Echo LobesDesk::logEvent(std::variant<Reading, QString> read) {
    if (const auto* why = std::get_if<QString>(&read)) return {false, *why};
    Reading& r = std::get<Reading>(read);
    r.approach = backing_ ? Approach::BackingUp : Approach::Forward;
    if (!run_.keepReading(r, {})) return {false, {}};
    events_.followCrank();
    return {true, {}};
}

Echo LobesDesk::log(CrankDeg at, double lift_mm, const QString& as, std::optional<Heard> heard) {
    Reading r;
    r.heard = std::move(heard);
    r.at = at;
    r.value_mm = lift_mm;
    if (const auto taken = takenMeanwhile(r.at))
        return {false, Say::tr("Another window logged %1 at %2 while this was typed. Enter once "
                               "more puts yours in its place; Esc leaves it.")
                           .arg(words::liftWithUnit(*taken, style()), onWheel(r.at))};
    r.typed = as.toStdString();
    r.time_ms = session().now();
    r.approach = backing_ ? Approach::BackingUp : Approach::Forward;
    overshot_ = false;
    const auto run = session().run();
    if (run) r.zero = static_cast<int>(run->terms.zeros.size()) + 1;
    goQuietly({});
    // A second reading at an angle replaces the first, which stays legible, struck; under a later
    // zero it joins the two instead.
    std::optional<std::int64_t> replaces;
    if (run)
        for (const Reading& o : run->readings)
            if (!o.struck && o.zero == r.zero && std::abs(o.at.deg - r.at.deg) < 1e-6)
                replaces = o.id;
    return run_.keepReading(r, replaces) ? Echo{true, {}} : notLogged();
}

/// The indicator was set to zero again: what follows counts from there.
bool LobesDesk::zeroAgain(std::optional<double> lift_mm) {
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
    if (!lift_mm && joining) goQuietly(joining);
    tell();
    return true;
}

bool LobesDesk::averagePasses() {
    const auto f = run_.found();
    if (!f || !f->passes) return false;
    Stated s = job();
    s.reckoning.averagePasses = !s.reckoning.averagePasses;
    session().keep(book::SetStated{s});
    return true;
}

void LobesDesk::skip() {
    if (eventsOnly())
        events_.skip();
    else
        goQuietly(nextMissing());
}

/// Of the marks behind this one the first that was not read; past the last, the one after it.
CrankDeg LobesDesk::nextMissing() const {
    const double step = conditions().step_deg;
    const auto run = session().run();
    CrankDeg at{angle().deg + step};
    const auto read = [&] {
        return run &&
               std::any_of(run->readings.begin(), run->readings.end(), [&](const Reading& r) {
                   return !r.struck && std::abs(r.at.deg - at.deg) < step * 0.4;
               });
    };
    while (read())
        at.deg += step;
    return at;
}

void LobesDesk::strikeLast() {
    events_.backToLast();
    SeriesDesk::strikeLast();
}

} // namespace app
