#include "stations/lash/lash_desk.h"

#include "core/job/job.h"
#include "core/typed/entry.h"
#include "words/bench.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

QString schoolChoice(int i) {
    return words::lashSchoolName(static_cast<LashSchool>(i));
}
QString hotChoice(int i) {
    return i == 0 ? Say::tr("cold") : Say::tr("hot");
}
constexpr double kMostLash_mm = 3.0;

QString gaugeChoice(int i) {
    return i == 0   ? Say::tr("feeler gauge")
           : i == 1 ? Say::tr("indicator on the rocker")
                    : Say::tr("turns from zero lash, hydraulic");
}

} // namespace

std::vector<Field> lashFields() {
    std::vector<Field> out;
    out.push_back(
        enumField<LashSchool>(Say::tr("Where it is set"), 4, schoolChoice,
                              [](Facts& f) -> LashSchool& { return f.lash.school; },
                              {{"eoic", 0}, {"firing", 1}, {"companion", 2}, {"fewest", 3}}));
    out.push_back(numberField(
        Say::tr("Clear of the ramps"), Say::tr("crank degrees"), 0, 120, 0,
        [](Facts& f) -> double& { return f.lash.margin_deg; }, 10));
    out.push_back(flagField(Say::tr("The maker's lash is for"), hotChoice,
                            [](Facts& f) -> bool& { return f.lash.hot; }));
    out.push_back(lengthField(
        Say::tr("Intake lash"), 0, 3, [](Facts& f) -> double& { return f.engine.lash_mm.intake; },
        0.3, true));
    out.push_back(lengthField(
        Say::tr("Exhaust lash"), 0, 3, [](Facts& f) -> double& { return f.engine.lash_mm.exhaust; },
        0.35, true));
    out.push_back(enumField<LashGauge>(Say::tr("Felt with"), 3, gaugeChoice,
                                       [](Facts& f) -> LashGauge& { return f.lash.gauge; }));
    out.push_back(numberField(
        Say::tr("Preload"), Say::tr("turns of the nut from no vertical play, as the maker says"), 0,
        5, 2, [](Facts& f) -> double& { return f.lash.preload_turns; }, 0.5));
    out.push_back(lengthField(
        Say::tr("Pitch of its thread"), 0, 5, [](Facts& f) -> double& { return f.lash.pitch_mm; },
        1.25));
    for (Field& f : out)
        f.subject = Say::tr("lash");
    return out;
}

LashDesk::LashDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), lashFields(), false) {}

void LashDesk::begin() {
    FactsDesk::begin();
    planned_.reset();
    wanted_.reset();
}

void LashDesk::follow() {
    if (planned_ == session().snapshot()) return;
    planned_ = session().snapshot();
    plan_ = lashPlan(job(), findings());
    if (wanted_ && *wanted_ >= plan_.valves.size()) wanted_.reset();
}

std::vector<std::size_t> LashDesk::order() const {
    std::vector<std::size_t> out;
    for (const LashStop& s : plan_.stops)
        out.insert(out.end(), s.set.begin(), s.set.end());
    return out;
}

bool LashDesk::ticked(std::size_t valve) const {
    const LashValve& v = plan_.valves[valve];
    const auto& done = job().lash.done;
    return std::find(done.begin(), done.end(), lashKey(v.cylinder, v.side)) != done.end();
}

std::optional<LashDesk::InHand> LashDesk::inHand() const {
    for (std::size_t s = 0; s < plan_.stops.size(); ++s)
        for (const std::size_t v : plan_.stops[s].set)
            if (wanted_ ? v == *wanted_ : !ticked(v)) return InHand{s, v};
    return std::nullopt;
}

void LashDesk::takeInHand(std::size_t valve) {
    wanted_ = valve;
    moveTo(-1);
    tell();
}

QString LashDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

void LashDesk::factKept() {
    const int next = sheet().onward();
    moveTo(sheet().last() ? -1 : next);
}

Prompt LashDesk::ownPrompt() const {
    Prompt p;
    p.subject = Say::tr("lash");
    if (plan_.stops.empty()) {
        p.ask = Say::tr("nothing to set yet");
        p.keys = Say::tr("Down  the facts");
        return p;
    }
    const auto at = inHand();
    if (!at) {
        p.ask = Say::tr("every valve is ticked");
        p.enter = Say::tr("begin another round");
        p.keys = Say::tr("Down  the facts");
        return p;
    }
    const LashStop& stop = plan_.stops[at->stop];
    p.subject = Say::tr("lash at %1").arg(words::readingAngle({stop.wheel_deg()}, style()));
    p.ask = words::lashValve(plan_.valves[at->valve]);
    p.enter = Say::tr("set, the next");
    p.keys = Say::tr("0.35 left at   found 0.3   Down  facts");
    return p;
}

LashDesk::Typed LashDesk::read(const QString& text) const {
    const QString line = text.simplified().toLower();
    Typed out;
    if (!inHand()) {
        out.echo = {false, Say::tr("No valve is in hand: the plan comes first.")};
        return out;
    }
    QString number = line;
    for (const QString& word : {Say::tr("found"), QStringLiteral("found")})
        if (line.startsWith(word)) {
            out.found = true;
            number = line.mid(word.size()).trimmed();
        }
    const auto mm = readLength(number.toStdString(), style().unit, 3.0);
    if (const auto* e = std::get_if<EntryError>(&mm)) {
        out.echo = {false, words::sentence(*e, style())};
        return out;
    }
    const double value = std::get<double>(mm);
    if (!(value >= 0.0 && value <= kMostLash_mm)) {
        out.echo = {false, Say::tr("A lash up to 3 mm.")};
        return out;
    }
    out.lash_mm = value;
    const QString valve = words::lashValve(plan_.valves[inHand()->valve]);
    out.echo = {true, (out.found ? Say::tr("%1 found at %2") : Say::tr("%1 left at %2"))
                          .arg(valve, words::clearance(value, style()))};
    return out;
}

Echo LashDesk::ownUnderstand(const QString& text) const {
    return read(text).echo;
}

lobe::LashWork LashDesk::freshest() {
    session().lookForChanges();
    return job().lash;
}

Echo LashDesk::keep(LashWork work) {
    Stated stated = job();
    stated.lash = std::move(work);
    return session().keep(book::SetStated{stated})
               ? Echo{true, {}}
               : Echo{false, Say::tr("Not kept; see the message above.")};
}

Echo LashDesk::ownSubmit(const QString& text) {
    LashWork work = freshest();
    if (text.trimmed().isEmpty()) {
        if (plan_.stops.empty()) {
            moveTo(0);
            return {true, {}};
        }
        const auto at = inHand();
        if (!at) {
            work.done.clear();
            return keep(std::move(work));
        }
        const LashValve v = plan_.valves[at->valve];
        const std::string key = lashKey(v.cylinder, v.side);
        if (!ticked(at->valve)) work.done.push_back(key);
        wanted_.reset();
        return keep(std::move(work));
    }
    const Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    return keepTaken(*typed.lash_mm, !typed.found, text.trimmed().toStdString());
}

LiveWish LashDesk::ownLive() const {
    LiveWish wish;
    const auto at = inHand();
    // A feeler says nothing; what still hangs on the bench from the lobes is no lash.
    if (!at || job().lash.gauge != LashGauge::Indicator) return wish;
    wish.what = LiveWish::What::Press;
    wish.cylinder = plan_.valves[at->valve].cylinder;
    wish.side = plan_.valves[at->valve].side;
    return wish;
}

/// The play an indicator shows, from one end to the other: so it is left.
Echo LashDesk::ownMeasured(const InstrumentReading& reading) {
    if (reading.unit != InstrumentReading::Unit::Millimetre || !inHand())
        return FactsDesk::ownMeasured(reading);
    if (!(reading.value >= 0.0 && reading.value <= kMostLash_mm))
        return {false, Say::tr("A lash up to 3 mm.")};
    return keepTaken(reading.value, true,
                     reading.raw.isEmpty() ? std::string() : reading.raw.toStdString());
}

Echo LashDesk::keepTaken(double lash_mm, bool left, const std::string& typed) {
    LashWork work = freshest();
    if (!inHand()) return {false, Say::tr("No valve is in hand: the plan comes first.")};
    const LashValve v = plan_.valves[inHand()->valve];
    LashTaken t;
    t.cylinder = v.cylinder;
    t.side = v.side;
    t.lash_mm = lash_mm;
    t.hot = work.hot;
    t.left = left;
    t.typed = typed;
    t.time_ms = session().now();
    work.taken.push_back(t);
    const std::string key = lashKey(v.cylinder, v.side);
    // Left so, it is set; found so, it is still to be.
    if (t.left && std::find(work.done.begin(), work.done.end(), key) == work.done.end())
        work.done.push_back(key);
    if (t.left) wanted_.reset();
    return keep(std::move(work));
}

QList<Command> LashDesk::ownCommands() const {
    return {{QLatin1Char('n'), Say::tr("another round: no valve is ticked")},
            {QLatin1Char('s'), Say::tr("the next school of where it is set")}};
}

Echo LashDesk::command(QChar letter) {
    LashWork work = freshest();
    if (letter == QLatin1Char('n')) {
        work.done.clear();
        wanted_.reset();
    } else {
        work.school = static_cast<LashSchool>((static_cast<int>(work.school) + 1) % 4);
    }
    return keep(std::move(work));
}

/// Backspace: what was taken last counts no longer, and stays legible.
void LashDesk::strikeLast() {
    LashWork work = freshest();
    for (auto t = work.taken.rbegin(); t != work.taken.rend(); ++t)
        if (t->replaced.empty()) {
            t->replaced = Say::tr("taken back").toStdString();
            keep(std::move(work));
            return;
        }
}

QString LashDesk::verdict() const {
    if (plan_.stops.empty())
        return plan_.fault == LashFault::None ? Say::tr("No valve to set.")
                                              : words::sentence(plan_.fault, plan_.lacking);
    const auto at = inHand();
    if (!at) return Say::tr("Every valve is set: turn the engine over twice and check one again.");
    return words::stopLine(plan_, plan_.stops[at->stop], style());
}

QString LashDesk::notes() const {
    QStringList out;
    if (!plan_.stops.empty() && plan_.fault != LashFault::None)
        out << words::sentence(plan_.fault, plan_.lacking);
    if (plan_.byCard) out << words::lashByCard();
    const LashWork& w = job().lash;
    if (w.gauge == LashGauge::Preload || job().engine.follower == Follower::Hydraulic) {
        QString said = Say::tr("Hydraulic: zero lash is where the push rod has no vertical play, "
                               "though it still turns; then the maker's preload");
        if (const double mm = preload_mm(w); mm > 0.0)
            said += Say::tr(": %1 turns, %2 at the screw")
                        .arg(words::shortest(w.preload_turns, 2, style()),
                             words::clearance(mm, style()));
        out << said + QLatin1Char('.');
    }
    const auto at = inHand();
    const Side side = at ? plan_.valves[at->valve].side : session().side();
    const int cylinder = at ? plan_.valves[at->valve].cylinder : session().cylinder();
    const double lash = job().engine.lash_mm[side];
    const auto now = lashEffect(job(), findings(), cylinder, side, lash),
               then = lashEffect(job(), findings(), cylinder, side, lash + 0.1);
    if (now && then)
        out << words::sideTitle(side) + QStringLiteral(": ") +
                   words::lashEffectLine(side, *now, *then, style());
    if (w.hot)
        out << Say::tr("For a hot engine: set it at running temperature, each valve quickly.");
    return out.join(QLatin1Char(' '));
}

QString LashDesk::caution() {
    return words::lashCaution();
}

QString LashDesk::factsName() {
    return Say::tr("How the lash is set");
}

QList<FigureLine> LashDesk::table() const {
    QList<FigureLine> rows;
    rows.append({Say::tr("valve"), Say::tr("left at"), Say::tr("found, since"), false, true});
    const auto at = inHand();
    for (const std::size_t i : order()) {
        const LashValve& v = plan_.valves[i];
        FigureLine row;
        row.name = (ticked(i) ? QString(QChar(0x2713)) + QLatin1Char(' ') : QString()) +
                   words::lashValve(v);
        row.strong = at && at->valve == i;
        const auto history = lashHistory(job().lash, v.cylinder, v.side);
        row.first = row.second = QString(QChar(0x2013));
        for (const LashTaken& t : history)
            (t.left ? row.first : row.second) = words::clearance(t.lash_mm, style());
        if (const auto drift = lashDrift_mm(job().lash, v.cylinder, v.side);
            drift && std::abs(*drift) >= 0.005)
            row.second += *drift < 0.0
                              ? Say::tr(", tighter by %1").arg(words::clearance(-*drift, style()))
                              : Say::tr(", wider by %1").arg(words::clearance(*drift, style()));
        rows << row;
    }
    return rows;
}

StandCard LashDesk::ownCard(bool asked) const {
    if (asked || plan_.stops.empty()) return cardOf(prompt(), job());
    StandCard card;
    card.subject = Say::tr("lash");
    const auto at = inHand();
    card.caption = at ? Say::tr("turn to") : Say::tr("lash");
    card.big =
        at ? words::readingAngle({plan_.stops[at->stop].wheel_deg()}, style()) : Say::tr("done");
    if (at) {
        card.bigNote = words::lashValve(plan_.valves[at->valve]);
        card.side = plan_.valves[at->valve].side;
    }
    std::size_t done = 0;
    for (std::size_t i = 0; i < plan_.valves.size(); ++i)
        done += ticked(i);
    card.progress = Say::tr("%1 of %2").arg(done).arg(plan_.valves.size());
    card.advice = verdict();
    card.tip = caution();
    card.ring = ringOf(session().snapshot(), session().cylinder());
    return card;
}

} // namespace app
