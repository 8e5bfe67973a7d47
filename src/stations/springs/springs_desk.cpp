#include "stations/springs/springs_desk.h"

#include "core/assess/springs.h"
#include "core/job/job.h"
#include "desk/notes.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/springs.h"

#include <algorithm>

namespace app {

using namespace lobe;

namespace {

constexpr const char* kStruck = "struck";
constexpr double kLeastRatio = 1.0, kMostRatio = 2.5;

/// The newest of them that counts; null without one.
template <class T> T* newest(std::vector<T>& all) {
    for (auto it = all.rbegin(); it != all.rend(); ++it)
        if (it->replaced.empty()) return &*it;
    return nullptr;
}

} // namespace

SpringsDesk::SpringsDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), springFields().all, false), places_(springFields()) {
    connect(&session, &Session::selectionChanged, this, [this] {
        valve_ = 1;
        tell();
    });
}

void SpringsDesk::begin() {
    FactsDesk::begin();
    asks_ = Asks::Heights;
    showsLog_ = false;
    valve_ = spring_ = 1;
    at_ = 0;
    tried_ = {};
    triedOn_.reset();
}

ValveId SpringsDesk::valve() const {
    const int most = std::clamp(job().engine.valves.count[session().side()], 1, 3);
    return {session().cylinder(), session().side(), std::min(valve_, most)};
}

void SpringsDesk::askValve(const ValveId& v) {
    asks_ = Asks::Heights;
    session().select(v.cylinder, v.side);
    valve_ = v.valve;
    moveTo(-1);
    emit entryWanted();
}

bool SpringsDesk::hasRockers() const {
    return job().engine.layout == Layout::PushrodSingleCam ||
           job().engine.follower == Follower::Finger ||
           job().engine.ratio != PerSide<double>{1.0, 1.0};
}

const SpringClaim& SpringsDesk::claim() const {
    if (!tried_.intake && !tried_.exhaust) return findings().springs;
    if (triedOn_ != session().snapshot()) {
        triedOn_ = session().snapshot();
        const Before fitted{job(), findings()};
        triedClaim_ = springClaim(job(), findings(), tried_, &fitted);
    }
    return triedClaim_;
}

void SpringsDesk::tryRatio(PerSide<std::optional<double>> ratio) {
    for (auto* side : {&ratio.intake, &ratio.exhaust})
        if (*side) *side = std::clamp(**side, kLeastRatio, kMostRatio);
    if (ratio == tried_) return;
    tried_ = ratio;
    triedOn_.reset();
    emit slid();
}

QString SpringsDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

void SpringsDesk::factKept() {
    moveTo(sheet().last() ? -1 : sheet().onward());
}

void SpringsDesk::leave() {
    if (!sheet().field()) asks_ = Asks::Heights;
    moveTo(-1);
}

QList<Command> SpringsDesk::ownCommands() const {
    QList<Command> all{
        {QLatin1Char('s'), Say::tr("what springs they are")},
        {QLatin1Char('r'), Say::tr("room: seals, guides, rockers")},
        {QLatin1Char('f'), Say::tr("followers, base circles, masses")},
        {QLatin1Char('t'), Say::tr("loads, spring by spring")},
        {QLatin1Char('h'), Say::tr("heights, valve by valve")},
        {QLatin1Char('l'), Say::tr("what was measured, struck ones too, or the facts")}};
    if (!claim().order.empty())
        all.append({QLatin1Char('o'), Say::tr("what is short, onto the list of orders")});
    if (job().engine.layout == Layout::PushrodSingleCam)
        all.append({QLatin1Char('p'), Say::tr("trials with push rods")});
    return all;
}

Echo SpringsDesk::command(QChar letter) {
    switch (letter.unicode()) {
    case 's':
        moveTo(places_.spring);
        break;
    case 'r':
        moveTo(places_.room);
        break;
    case 'f':
        moveTo(places_.follower);
        break;
    case 't':
        asks_ = Asks::Loads;
        at_ = 0;
        spring_ = 0;
        // Where each is pressed to comes first.
        if (job().springs.testHeights_mm.empty())
            moveTo(places_.tester);
        else
            moveTo(-1);
        nextLoad();
        break;
    case 'l':
        showsLog_ = !showsLog_;
        tell();
        return {true, {}};
    case 'o': {
        const QString wanted = words::shimOrder(claim(), style());
        if (wanted.isEmpty()) return {false, Say::tr("No shim is short.")};
        LogEntry entry = Notes::fresh(session(), EntryKind::Order, QStringLiteral("springs"));
        entry.text = Say::tr("spring shims: %1").arg(wanted).toStdString();
        // Asked for once.
        for (const LogEntry& e : job().log)
            if (e.kind == EntryKind::Order && !e.done && e.text == entry.text)
                return {true, Say::tr("It stands among the orders already.")};
        if (!session().keep(book::KeepEntry{std::move(entry)}))
            return {false, Say::tr("Not kept; see the message above.")};
        return {true, Say::tr("Onto the list of orders, at Record: %1.").arg(wanted)};
    }
    case 'p':
        if (job().engine.layout != Layout::PushrodSingleCam)
            return {false, Say::tr("This engine has no push rods.")};
        asks_ = Asks::PushRods;
        moveTo(-1);
        break;
    default:
        asks_ = Asks::Heights;
        moveTo(-1);
    }
    emit entryWanted();
    return {true, {}};
}

void SpringsDesk::nextValve() {
    const auto all = valvesOf(job().engine);
    const auto at = std::find(all.begin(), all.end(), valve());
    const auto start =
        at == all.end() ? std::size_t{0} : static_cast<std::size_t>(at - all.begin()) + 1;
    // The next that is not measured, else the next.
    std::size_t next = start % all.size();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (const auto& v = all[(start + i) % all.size()]; !heightOf(job().springs, v)) {
            next = (start + i) % all.size();
            break;
        }
    session().select(all[next].cylinder, all[next].side);
    valve_ = all[next].valve;
    tell();
}

void SpringsDesk::nextLoad() {
    const auto heights = static_cast<int>(job().springs.testHeights_mm.size());
    // Height after height of one spring: it is in the tester already.
    if (spring_ > 0 && at_ + 1 < heights) {
        ++at_;
    } else {
        at_ = 0;
        ++spring_;
        while (spring_ < 100 && loadOf(job().springs, spring_, 0) &&
               (heights < 2 || loadOf(job().springs, spring_, heights - 1)))
            ++spring_;
    }
    tell();
}

Echo SpringsDesk::keep(const Springs& springs) {
    Stated s = job();
    s.springs = springs;
    if (!session().keep(book::SetStated{s}))
        return {false, Say::tr("Not kept; see the message above.")};
    return {true, {}};
}

Springs SpringsDesk::freshest() {
    session().lookForChanges();
    return job().springs;
}

Echo SpringsDesk::keepHeight(double mm, const std::string& typed) {
    const auto now = [this] {
        const HeightTaken* h = heightOf(job().springs, valve());
        return h ? std::optional(*h) : std::nullopt;
    };
    const auto seen = now();
    Springs s = freshest();
    // What nobody here has seen yet is not put aside unasked.
    if (const auto other = now(); other && other != seen)
        return {false,
                Say::tr("Another window has just logged %1 for this valve. Enter once more takes "
                        "yours in its place.")
                    .arg(words::clearance(other->height_mm, style()))};
    for (HeightTaken& h : s.heights)
        if (h.valve == valve() && h.replaced.empty()) h.replaced = kReadAgain;
    s.heights.push_back({valve(), mm, typed, session().now(), {}});
    const Echo kept = keep(s);
    if (kept.ok) nextValve();
    return kept;
}

Echo SpringsDesk::keepLoad(double n, const std::string& typed) {
    Springs s = freshest();
    for (LoadTaken& t : s.tests)
        if (t.spring == spring_ && t.height == at_ && t.replaced.empty()) t.replaced = kReadAgain;
    s.tests.push_back({spring_, at_, n, typed, session().now(), {}});
    const Echo kept = keep(s);
    if (kept.ok) nextLoad();
    return kept;
}

Echo SpringsDesk::keepTrial(PushRodTrial trial, const std::string& typed) {
    Springs s = freshest();
    trial.typed = typed;
    trial.time_ms = session().now();
    for (PushRodTrial& t : s.pushRods.trials)
        if (t.side == trial.side && t.length_mm == trial.length_mm && t.cap_mm == trial.cap_mm &&
            t.stand_mm == trial.stand_mm && t.replaced.empty())
            t.replaced = kReadAgain;
    s.pushRods.trials.push_back(std::move(trial));
    return keep(s);
}

Echo SpringsDesk::ownSubmit(const QString& text) {
    if (text.trimmed().isEmpty()) {
        if (asks_ == Asks::Heights) {
            nextValve();
            return {true, {}};
        }
        if (asks_ == Asks::Loads) {
            nextLoad();
            return {true, {}};
        }
        return {false, Say::tr("Length, middle of the band, its width: 178.5 -0.4 1.8.")};
    }
    const Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    const std::string as = text.trimmed().toStdString();
    if (typed.ratio) {
        tryRatio(*typed.ratio);
        return {true, {}};
    }
    if (typed.toSpring) {
        spring_ = *typed.toSpring;
        at_ = 0;
        tell();
        return {true, {}};
    }
    if (typed.height_mm) return keepHeight(*typed.height_mm, as);
    if (typed.load_n) return keepLoad(*typed.load_n, as);
    return keepTrial(*typed.trial, as);
}

Echo SpringsDesk::ownMeasured(const InstrumentReading& reading) {
    if (asks_ != Asks::Heights || reading.unit != InstrumentReading::Unit::Millimetre)
        return FactsDesk::ownMeasured(reading);
    const QString typed = QString::number(reading.value, 'f', 3);
    const Typed read = readHeight({typed + QStringLiteral("mm")});
    return read.echo.ok ? keepHeight(*read.height_mm, typed.toStdString()) : read.echo;
}

void SpringsDesk::strikeLast() {
    if (sheet().field()) return;
    Springs s = freshest();
    std::string* replaced = nullptr;
    if (asks_ == Asks::Heights) {
        if (HeightTaken* h = newest(s.heights)) {
            replaced = &h->replaced;
            session().select(h->valve.cylinder, h->valve.side);
            valve_ = h->valve.valve;
        }
    } else if (asks_ == Asks::Loads) {
        if (LoadTaken* t = newest(s.tests)) {
            replaced = &t->replaced;
            spring_ = t->spring;
            at_ = t->height;
        }
    } else if (PushRodTrial* t = newest(s.pushRods.trials)) {
        replaced = &t->replaced;
    }
    if (!replaced) return;
    *replaced = kStruck;
    keep(s);
}

} // namespace app
