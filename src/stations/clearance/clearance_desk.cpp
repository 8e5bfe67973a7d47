#include "stations/clearance/clearance_desk.h"

#include "core/job/job.h"
#include "core/typed/entry.h"
#include "stations/clearance/fields.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

constexpr double kMost_mm = 25.0; ///< no valve is pressed farther

/// Farther from TDC on overlap than this no valve comes near its piston.
constexpr double kReach_deg = 60.0;

Echo tooFar() {
    return {false, Say::tr("Valve and piston are near each other within 60° of TDC on overlap.")};
}

/// The words for a way of measuring, in the order of the enum.
constexpr const char* kMethods[] = {"map", "one angle", "tightest", "clay"};

/// The words that switch a correction, in the order of the enum.
constexpr const char* kCorrections[] = {"gasket", "spring", "lash", "slack", "spacer", "askew"};

} // namespace

ClearanceDesk::ClearanceDesk(Session& session, Manner manner)
    : SeriesDesk(session, std::move(manner), clearanceFields().all),
      limits_(clearanceFields().limits) {
    connect(&session, &Session::selectionChanged, this, [this] { slide_.setValue(0.0); });
}

void ClearanceDesk::drop() {
    SeriesDesk::drop();
    another_ = false;
}

Held<ClearanceMap> ClearanceDesk::map() const {
    const ClearanceMap* newest = nullptr;
    for (const ClearanceMap& m : job().maps)
        if (m.cylinder == session().cylinder() && m.side == session().side()) newest = &m;
    return {session().snapshot(), another_ ? nullptr : newest};
}

Held<Rows<Reading>> ClearanceDesk::readings() const {
    const auto m = map();
    return m.part(m ? &m->readings : nullptr);
}

Held<MapFindings> ClearanceDesk::found() const {
    const auto m = map();
    if (m)
        for (const MapFindings& f : findings().maps)
            if (f.map == m->id) return {session().snapshot(), &f};
    return {};
}

/// As the last map was put together, whichever valve it was of; at this setting of the cam.
MockUp ClearanceDesk::fresh() const {
    MockUp out;
    if (!job().maps.empty()) out = job().maps.back().terms;
    out.isVoid = false;
    out.edge_mm.reset();
    out.notchCut_mm = 0.0;
    out.checkingLift_mm.reset();
    out.runningLift_mm.reset();
    if (job().maps.empty()) {
        out.follower = job().engine.follower;
        out.dialTurn_mm = job().fitted.dialTurn_mm;
    }
    out.afterMove = job().changes.empty() ? 0 : job().changes.back().number;
    const Chamber& c = job().engine.chamberOf(session().cylinder());
    out.gasketThen_mm = c.gasket_mm;
    out.deckThen_mm = c.deck_mm;
    return out;
}

MockUp ClearanceDesk::mockUp() const {
    const auto m = map();
    return m ? m->terms : fresh();
}

Facts ClearanceDesk::facts() const {
    Facts f = Facts::of(job());
    f.mockUp = mockUp();
    f.cylinder = session().cylinder();
    return f;
}

CrankDeg ClearanceDesk::angle() const {
    if (wentTo()) return *wentAt();
    if (const auto f = found()) return f->next;
    const MockUp m = mockUp();
    const double way = session().side() == Side::Intake ? 1.0 : -1.0;
    if (m.method == ClearanceMethod::SingleAngle) return {way * kSingleAngle_deg};
    return {session().side() == Side::Intake ? 0.0 : -kMapReach_deg};
}

bool ClearanceDesk::keepMockUp(const MockUp& mockUp) {
    // Presses stay what they were taken as: another way of measuring is another map beside them.
    const auto m = map();
    const bool another = m && !m->readings.empty() && m->terms.method != mockUp.method;
    another_ = another || another_;
    const auto at = map();
    another_ = false;
    return keepTerms(session(), at, mockUp);
}

bool ClearanceDesk::keepPress(const Reading& press, std::optional<std::int64_t> replaces) {
    const auto m = map();
    const bool before = std::exchange(another_, false);
    if (keepReading(session(), m, fresh(), press, replaces)) return true;
    another_ = before;
    return false;
}

void ClearanceDesk::newMap() {
    another_ = true;
    goQuietly({});
    tell();
    emit entryWanted();
}

void ClearanceDesk::askMockUp() {
    moveTo(0);
    emit entryWanted();
}

void ClearanceDesk::askLimits() {
    moveTo(limits_);
    emit entryWanted();
}

void ClearanceDesk::toggle(CorrectionKind kind) {
    MockUp m = mockUp();
    const int which = static_cast<int>(kind);
    const auto at = std::find(m.off.begin(), m.off.end(), which);
    if (at == m.off.end())
        m.off.push_back(which);
    else
        m.off.erase(at);
    keepMockUp(m);
}

void ClearanceDesk::setAdvance(double deg) {
    slide_.setValue(deg);
    emit slid();
}

void ClearanceDesk::begin() {
    SeriesDesk::begin();
    notNow_ = false;
    slide_.setValue(0.0);
}

void ClearanceDesk::follow() {
    // The mock-up is asked once, before the first press of the job.
    if (job().maps.empty() && !notNow_ && !sheet().field()) askQuietly(0);
    foretell();
}

void ClearanceDesk::foretell() {
    foretold_.clear();
    others_.clear();
    const auto f = found();
    if (!f || !f->gap) return;
    const double limit = job().reckoning.clearance.least_mm[session().side()];
    const auto add = [&](const QString& name, const ValveLift& lift, bool fitted) {
        foretold_.push_back({name, lift, windowOf(*f->gap, lift, limit, f->travel), fitted});
    };
    add(Say::tr("fitted"), f->lift, true);
    others_ = otherCams(job(), findings(), *f);
    for (const OtherCam& cam : others_)
        add(cam.modelled ? Say::tr("%1, modelled").arg(QString::fromStdString(cam.name))
                         : Say::tr("as cylinder %1").arg(QString::fromStdString(cam.name)),
            cam.lift, false);
    std::erase_if(others_, [&](const OtherCam& cam) {
        return cam.modelled && job().card && cam.name == job().card->name;
    });
}

QString ClearanceDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

Echo ClearanceDesk::keepFact(const QString& text) {
    Facts after = facts();
    const Echo taken = sheet().take(after, text, style());
    if (!taken.ok) return taken;
    const bool ofMap = after.mockUp != mockUp();
    if ((ofMap && !keepMockUp(after.mockUp)) || !after.keepIn(session()))
        return {false, Say::tr("Not kept; see the message above.")};
    return taken;
}

void ClearanceDesk::factKept() {
    // The mock-up's end is not the limits' beginning.
    const int next = sheet().onward();
    const bool through = sheet().last() || (sheet().at() < limits_ && next >= limits_);
    if (through) notNow_ = true;
    moveTo(through ? -1 : next);
}

Prompt ClearanceDesk::ownPrompt() const {
    Prompt p;
    p.subject = Say::tr("clearance, cyl %1 %2")
                    .arg(session().cylinder())
                    .arg(words::sideName(session().side()));
    const auto f = found();
    if (striking()) return askWhy(p);
    const MockUp m = mockUp();
    if (m.method == ClearanceMethod::Clay) {
        p.ask = Say::tr("clay at its thinnest?");
        p.enter = Say::tr("keep it");
    } else if (f && f->complete && !wentTo()) {
        const bool intake = session().side() == Side::Intake;
        p.ask = Say::tr("all pressed: what next?");
        p.enter = Say::tr("go to the %1 valve")
                      .arg(words::sideName(intake ? Side::Exhaust : Side::Intake));
        p.several = true;
    } else {
        p.ask = Say::tr("clearance at %1?").arg(onWheel(angle()));
        p.enter = Say::tr("keep it");
    }
    p.keys = Say::tr("Back strike  12a go there  C mock-up  L limits  X new map  N next");
    return p;
}

ClearanceDesk::Typed ClearanceDesk::read(const QString& text) const {
    const QString word = text.trimmed().toLower();
    for (int i = 0; i < 6; ++i)
        if (word == QLatin1String(kCorrections[i])) {
            const auto kind = static_cast<CorrectionKind>(i);
            const auto all = found() ? found()->corrections : std::vector<Correction>{};
            const auto at = std::find_if(all.begin(), all.end(),
                                         [&](const Correction& c) { return c.kind == kind; });
            if (at == all.end())
                return {{false, Say::tr("There is no such correction on this map.")}, {}, {}, {}};
            return {{true, at->on ? Say::tr("leaves that correction out")
                                  : Say::tr("takes that correction in")},
                    {},
                    {},
                    kind};
        }
    for (int i = 0; i < 4; ++i)
        if (const auto method = static_cast<ClearanceMethod>(i);
            word == QLatin1String(kMethods[i]) ||
            (!word.isEmpty() && word == words::methodName(method).toLower())) {
            Typed out;
            out.echo = {true, words::methodName(method)};
            out.method = method;
            return out;
        }
    const auto read = readRunEntry(text.toStdString(), session().side(), style().unit);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {{false, words::sentence(*e, style())}, {}, {}, {}};
    const RunEntry& entry = std::get<RunEntry>(read);
    Typed out;
    out.goTo = entry.goTo ? std::optional(wrapCycle(*entry.goTo)) : std::nullopt;
    if (out.goTo && std::abs(out.goTo->deg) > kReach_deg) return {tooFar(), {}, {}, {}};
    if (!entry.lift_mm) {
        if (!out.goTo)
            return {{false, Say::tr("A clearance, or an angle such as 12a.")}, {}, {}, {}};
        out.echo = {true, Say::tr("go to ") + onWheel(*out.goTo)};
        return out;
    }
    const MockUp m = mockUp();
    double mm = *entry.lift_mm;
    if (mm < 0.0)
        return {
            {false, Say::tr("A clearance is not negative. Is the dial's zero right?")}, {}, {}, {}};
    // A dial that runs backward from a full turn shows what is left of it.
    if (m.backward) mm = std::fmod(m.dialTurn_mm - std::fmod(mm, m.dialTurn_mm), m.dialTurn_mm);
    const double most = m.sealLift_mm > 0.0 ? m.sealLift_mm : kMost_mm;
    if (mm > most)
        return {{false, Say::tr("%1 is more than the valve can go: %2. Check the figure, or say "
                                "otherwise in the mock-up.")
                            .arg(words::clearance(mm, style()), words::clearance(most, style()))},
                {},
                {},
                {}};
    out.clearance_mm = mm;
    out.echo = {true,
                out.goTo ? onWheel(*out.goTo) + QStringLiteral(": ") + words::clearance(mm, style())
                         : Say::tr("reads as ") + words::clearance(mm, style())};
    return out;
}

Echo ClearanceDesk::ownUnderstand(const QString& text) const {
    if (striking()) return {true, Say::tr("the reason")};
    return read(text).echo;
}

Echo ClearanceDesk::ownSubmit(const QString& text) {
    if (striking()) return strike(text);
    const auto f = found();
    if (text.trimmed().isEmpty()) {
        if (!f || !f->complete || wentTo())
            return {false, Say::tr("A clearance, or an angle such as 12a.")};
        session().select(session().cylinder(),
                         session().side() == Side::Intake ? Side::Exhaust : Side::Intake);
        return {true, {}};
    }
    const Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    if (typed.method) {
        MockUp m = mockUp();
        m.method = *typed.method;
        goQuietly({});
        return keepMockUp(m) ? Echo{true, {}}
                             : Echo{false, Say::tr("Not kept; see the message above.")};
    }
    if (typed.toggled) {
        toggle(*typed.toggled);
        return {true, {}};
    }
    if (!typed.clearance_mm) {
        goTo(*typed.goTo);
        return {true, {}};
    }
    return press(typed.goTo.value_or(angle()), *typed.clearance_mm, text.trimmed());
}

/// Between shut valve and piston, where the crank stands or where it was asked.
Echo ClearanceDesk::ownMeasured(const InstrumentReading& reading) {
    if (striking())
        return {false, Say::tr("Something else is asked: answer it, or leave it with Esc.")};
    const auto at = reading.unit == InstrumentReading::Unit::Degree ? std::optional(reading.value)
                                                                    : reading.wheel_deg;
    const auto there =
        at ? std::optional(wrapCycle(nearLobe({*at}, session().side()))) : std::nullopt;
    if (there && std::abs(there->deg) > kReach_deg) return tooFar();
    if (reading.unit == InstrumentReading::Unit::Degree) {
        goTo(*there);
        return {true, {}};
    }
    const double most = mockUp().sealLift_mm > 0.0 ? mockUp().sealLift_mm : kMost_mm;
    if (!(reading.value >= 0.0 && reading.value <= most))
        return {false, Say::tr("%1 is no clearance of a valve. Is the dial's zero right?")
                           .arg(words::clearance(reading.value, style()))};
    return press(there.value_or(angle()), reading.value,
                 QString::number(reading.value, 'f', 3) + QStringLiteral(" mm"), reading.heard());
}

LiveWish ClearanceDesk::ownLive() const {
    LiveWish wish;
    wish.cylinder = session().cylinder();
    wish.side = session().side();
    if (striking() || mockUp().method == ClearanceMethod::Clay) return wish;
    wish.what = LiveWish::What::Press;
    wish.at = angle();
    return wish;
}

Echo ClearanceDesk::press(CrankDeg at, double clearance_mm, const QString& as,
                          std::optional<Heard> heard) {
    Reading p;
    p.heard = std::move(heard);
    p.of = ReadingOf::Press;
    p.at = at;
    if (mockUp().method == ClearanceMethod::Clay) p.at = {};
    if (const auto taken = takenMeanwhile(p.at))
        return {false, Say::tr("Another window logged %1 at %2 while this was typed. Enter once "
                               "more keeps yours beside it; Esc leaves it.")
                           .arg(words::clearance(*taken, style()), onWheel(p.at))};
    p.value_mm = clearance_mm;
    p.typed = as.toStdString();
    p.time_ms = session().now();
    goQuietly({});
    if (keepPress(p)) return {true, {}};
    // The next Enter means this angle and no other.
    if (asksAtAngle()) goTo(p.at);
    return notLogged();
}

/// The last press stands in the neighbouring turn of the dial: the one nearer to the gap.
bool ClearanceDesk::otherDialTurn() {
    const auto m = map();
    if (!m || m->readings.empty() || m->readings.back().struck) return false;
    const Reading last = m->readings.back();
    const double turn = m->terms.dialTurn_mm;
    double by = turn;
    if (const auto f = found(); f && f->gap && f->lift)
        if (f->gap->clearance(last.at.deg, f->lift, 0.0) < last.value_mm && last.value_mm >= turn)
            by = -turn;
    Reading right = last;
    right.value_mm += by;
    right.time_ms = session().now();
    return keepPress(right, last.id);
}

QList<Command> ClearanceDesk::ownCommands() const {
    if (striking()) return {};
    return {{QLatin1Char('c'), Say::tr("the mock-up this map belongs to")},
            {QLatin1Char('l'), Say::tr("limits, crown and phaser")},
            {QLatin1Char('n'), Say::tr("not now, the next")},
            {QLatin1Char('w'), Say::tr("the dial's other turn")},
            {QLatin1Char('x'), Say::tr("a new map of this valve")}};
}

Echo ClearanceDesk::command(QChar letter) {
    switch (letter.toLatin1()) {
    case 'c':
        askMockUp();
        break;
    case 'l':
        askLimits();
        break;
    case 'n':
        goTo({angle().deg + mockUp().step_deg});
        break;
    case 'w':
        if (!otherDialTurn()) return {false, Say::tr("There is nothing to do.")};
        break;
    case 'x':
        newMap();
        break;
    default:
        return {false, {}};
    }
    return {true, {}};
}

void ClearanceDesk::leave() {
    notNow_ = true;
    SeriesDesk::leave();
}

} // namespace app
