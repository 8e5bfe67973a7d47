// What is typed at Compare beside the facts: a letter and what of that cam, or where the slide
// stands.
#include "core/job/job.h"
#include "stations/compare/compare_desk.h"

#include "core/examine/examine.h"
#include "core/typed/entry.h"
#include "words/choosing.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

/// A name no other candidate has.
std::string unlike(const std::vector<Candidate>& all, const std::string& name) {
    const auto taken = [&](const std::string& n) {
        return std::any_of(all.begin(), all.end(), [&](const Candidate& c) { return c.name == n; });
    };
    if (!taken(name)) return name;
    for (int i = 2;; ++i)
        if (const std::string n = name + " (" + std::to_string(i) + ")"; !taken(n)) return n;
}

template <class T> void onBoth(PerSide<T>& of, std::optional<Side> side, const T& value) {
    if (!side || side == Side::Intake) of.intake = value;
    if (!side || side == Side::Exhaust) of.exhaust = value;
}

} // namespace

CompareDesk::Typed CompareDesk::read(const QString& text) const {
    const QString line = text.simplified();
    const auto number = readNumber(line.toStdString());
    if (const auto* deg = std::get_if<double>(&number)) {
        // Nobody moves a cam so far, and no engine turns so slowly.
        constexpr double kLeast_rpm = 300.0, kMost_rpm = 30000.0;
        if (*deg >= kLeast_rpm && *deg <= kMost_rpm) {
            Typed out;
            out.does = Does::Speed;
            out.number = *deg;
            out.echo = {true,
                        Say::tr("waves at %1 per minute").arg(words::fixed(*deg, 0, style()))};
            return out;
        }
        if (std::abs(*deg) > SlideState::kRange_deg)
            return {{false, Say::tr("Within %1 degrees either way.").arg(SlideState::kRange_deg)}};
        Typed out;
        out.number = *deg;
        out.echo = {true, Say::tr("all cams: ") + words::moveBy(*deg, style())};
        if (twoSlides()) {
            out.side = session().side();
            out.echo.text += QStringLiteral(", ") + words::sideName(*out.side);
        }
        return out;
    }
    // Of two cams each by its side: "in +2".
    const QString side = line.section(QLatin1Char(' '), 0, 0).toLower();
    if (twoSlides() && (side == QLatin1String("in") || side == QLatin1String("ex"))) {
        const auto moved = readNumber(line.section(QLatin1Char(' '), 1).toStdString());
        const auto* by = std::get_if<double>(&moved);
        if (!by || std::abs(*by) > SlideState::kRange_deg)
            return {{false, Say::tr("Within %1 degrees either way.").arg(SlideState::kRange_deg)}};
        Typed out;
        out.number = *by;
        out.side = side == QLatin1String("in") ? Side::Intake : Side::Exhaust;
        out.echo = {true, Say::tr("all cams: ") + words::moveBy(*by, style()) +
                              QStringLiteral(", ") + words::sideName(*out.side)};
        return out;
    }
    const QString head = line.section(QLatin1Char(' '), 0, 0).toLower();
    const int cam = head.size() == 1 ? head[0].toLatin1() - 'a' : -1;
    if (cam < 0 || cam >= static_cast<int>(cams().size()))
        return {
            {false, Say::tr("A cam by its letter and what of it, such as b +2, b ratio 1.6 or b "
                            "copy.")}};
    return readOfCam(static_cast<std::size_t>(cam), line.section(QLatin1Char(' '), 1));
}

CompareDesk::Typed CompareDesk::readOfCam(std::size_t cam, const QString& rest) const {
    Typed out;
    out.cam = cam;
    const QString name = QString::fromStdString(cams()[cam].spec.name);
    const auto fine = [&](Does does, const QString& said) {
        out.does = does;
        out.echo = {true, name + QStringLiteral(": ") + said};
        return out;
    };
    QString word = rest.section(QLatin1Char(' '), 0, 0).toLower();
    QString more = rest.section(QLatin1Char(' '), 1).trimmed();
    if (word == QLatin1String("in") || word == QLatin1String("ex")) {
        out.side = word == QLatin1String("in") ? Side::Intake : Side::Exhaust;
        word = more.section(QLatin1Char(' '), 0, 0).toLower();
        more = more.section(QLatin1Char(' '), 1).trimmed();
    }
    const QString whose = out.side ? QLatin1Char(' ') + words::sideName(*out.side) : QString();
    const auto refuse = [](const QString& why) { return Typed{{false, why}}; };
    const auto valueOf = [&](const QString& typed, double least, double most,
                             double unit) -> std::optional<double> {
        const auto read = readNumber(typed.toStdString());
        const auto* v = std::get_if<double>(&read);
        if (!v || *v * unit < least - 1e-9 || *v * unit > most + 1e-9) return std::nullopt;
        return *v * unit;
    };
    const double length = style().inches() ? kMmPerInch : 1.0;
    if (word.isEmpty()) return fine(Does::Select, Say::tr("at hand"));
    if (word == QLatin1String("copy")) {
        if (candidates().size() >= kMostCandidates)
            return refuse(Say::tr("Six can be told apart. Take one out first, such as f out."));
        return fine(Does::Copy, Say::tr("another state of it beside it"));
    }
    if (word == QLatin1String("out")) return fine(Does::Out, Say::tr("taken out"));
    if (word == QLatin1String("ref")) return fine(Does::Refer, Say::tr("differences are from it"));
    if (word == QLatin1String("choose")) {
        out.text = more;
        return fine(Does::Choose, more.isEmpty() ? Say::tr("chosen; the reason is asked") : more);
    }
    if (word == QLatin1String("name")) {
        if (more.isEmpty()) return refuse(Say::tr("A name, such as b name wet set."));
        out.text = more.left(60);
        return fine(Does::Name, out.text);
    }
    if (word == QLatin1String("ratio")) {
        const auto v = valueOf(more, 0.5, 3.0, 1.0);
        if (!v) return refuse(Say::tr("A rocker ratio from 0.5 to 3."));
        out.number = *v;
        return fine(Does::Ratio,
                    Say::tr("rocker ratio %1%2").arg(words::fixed(*v, 2, style()), whose));
    }
    if (word == QLatin1String("lash")) {
        const auto v = valueOf(more, 0.0, 3.0, length);
        if (!v) return refuse(Say::tr("A lash up to 3 mm."));
        out.number = *v;
        return fine(Does::Lash, Say::tr("lash %1%2").arg(words::liftWithUnit(*v, style()), whose));
    }
    if (word == QLatin1String("shorter")) {
        const auto v = valueOf(more, -30.0, 60.0, 1.0);
        if (!v) return refuse(Say::tr("Crank degrees of duration, up to 60."));
        out.number = *v;
        return fine(Does::Shorter,
                    Say::tr("ground shorter by %1").arg(words::degrees(*v, style())));
    }
    if (word == QLatin1String("seat")) {
        const auto v = valueOf(more, 0.0, 5000.0, words::forceUnit_n(style()));
        if (!v) return refuse(Say::tr("The springs' pressure on the seat, up to 5000 N."));
        out.number = *v;
        return fine(
            Does::Seat,
            Say::tr("%1 on the seat").arg(words::wishNumber(WishKind::SeatPressure, *v, style())));
    }
    if (const auto v = valueOf(word, -60.0, 60.0, 1.0); v && more.isEmpty()) {
        if (out.side && job().engine.layout != Layout::TwinOverheadCam)
            return refuse(
                Say::tr("One cam carries both lobes: they move together, as by b %1.").arg(word));
        out.number = *v;
        return fine(Does::Advance, words::moveBy(*v, style()) + whose);
    }
    return refuse(Say::tr("Of a cam: +2 (earlier), ratio 1.6, lash 0.2, shorter 4, seat 320, name, "
                          "copy, ref, choose, out."));
}

bool CompareDesk::carryOut(const Typed& t) {
    if (t.does == Does::Slide) {
        setAdvance(t.side.value_or(Side::Intake), t.number);
        return true;
    }
    if (t.does == Does::Speed) {
        speed_rpm_ = t.number;
        shows_ = Shows::Waves;
        findWaves();
        return true;
    }
    if (t.does == Does::Select) {
        setAtHand(t.cam);
        return true;
    }
    if (t.does == Does::Choose) {
        atHand_ = t.cam;
        if (t.text.isEmpty()) {
            deciding_ = t.cam;
            return true;
        }
        return decide(t.cam, t.text);
    }
    Choosing choosing = job().choosing;
    choosing.candidates = candidates();
    if (t.cam >= choosing.candidates.size()) return false;
    auto& all = choosing.candidates;
    Candidate& c = all[t.cam];
    switch (t.does) {
    case Does::Advance:
        onBoth(c.advance_deg, t.side, t.number);
        break;
    case Does::Ratio:
        onBoth(c.ratio, t.side, std::optional(t.number));
        break;
    case Does::Lash:
        onBoth(c.lash_mm, t.side, std::optional(t.number));
        break;
    case Does::Shorter:
        c.shorter_deg = t.number;
        break;
    case Does::Seat:
        c.seatPressure_n = t.number;
        break;
    case Does::Name: {
        const std::string before = c.name;
        c.name.clear();
        const std::string name = unlike(all, t.text.toStdString());
        all[t.cam].name = name;
        if (choosing.reference == before) choosing.reference = name;
        break;
    }
    case Does::Copy: {
        Candidate copy = c;
        copy.name = unlike(all, c.name);
        all.insert(all.begin() + static_cast<std::ptrdiff_t>(t.cam) + 1, std::move(copy));
        atHand_ = t.cam + 1;
        break;
    }
    case Does::Out:
        all.erase(all.begin() + static_cast<std::ptrdiff_t>(t.cam));
        break;
    case Does::Refer:
        choosing.reference = c.name;
        break;
    default:
        break;
    }
    return keepChoosing(std::move(choosing));
}

std::vector<LiftPoint> CompareDesk::shelfLobe(std::size_t item) const {
    if (item >= shelf_.items().size() || !shelf_.items()[item].cam.measured) return {};
    const auto loaded = session().book().load(shelf_.items()[item].cam.job);
    const auto* other = std::get_if<Job>(&loaded);
    if (!other) return {};
    const Findings f = examine(*other);
    for (const RunFindings& run : f.runs)
        if (run.side == Side::Intake && run.current && run.lobe.curve) return run.lobe.fair;
    return {};
}

Echo CompareDesk::takeFromShelf(const std::vector<std::size_t>& items) {
    auto all = candidates();
    if (items.empty()) return {false, {}};
    if (all.size() + items.size() > static_cast<std::size_t>(kMostCandidates))
        return {false, Say::tr("Six can be told apart. Take one out first, such as f out.")};
    book::SetCandidates change{job().card, job().otherCards, {}};
    QStringList names;
    for (const std::size_t item : items) {
        if (item >= shelf_.items().size()) return {false, {}};
        auto made = candidateOf(shelf_.items()[item].cam, change);
        if (const auto* why = std::get_if<QString>(&made)) return {false, *why};
        Candidate& c = std::get<Candidate>(made);
        c.name = unlike(all, c.name);
        names << QString::fromStdString(c.name);
        all.push_back(std::move(c));
    }
    change.stated = job();
    change.stated.choosing.candidates = std::move(all);
    if (!session().keep(change)) return {false, Say::tr("Not kept; see the message above.")};
    closeShelf();
    return {true, names.size() == 1
                      ? Say::tr("%1 is among the cams.").arg(names.front())
                      : Say::tr("%1 are among the cams.").arg(names.join(Say::tr(" and ")))};
}

/// A cam of the shelf as a candidate here, its card with those of `change` where it needs one; or
/// why not.
std::variant<Candidate, QString> CompareDesk::candidateOf(const book::ShelfCam& cam,
                                                          book::SetCandidates& change) const {
    Candidate made;
    made.name = made.cam = cam.card.name;
    if (cam.measured && cam.job == job().id) {
        made.from = CamFrom::Fitted;
        return made;
    }
    if (cam.measured) {
        // Its lifts come along: the other job may change, or go.
        const auto loaded = session().book().load(cam.job);
        if (const auto* e = std::get_if<book::Error>(&loaded))
            return book::sentence(*e, session().book().path());
        const Job& other = std::get<Job>(loaded);
        Candidate kept = keptCam(other, examine(other), made.name);
        if (kept.lobe.intake && kept.lobe.exhaust) return kept;
    }
    made.from = CamFrom::Card;
    const auto same = [&](const Card& c) { return c == cam.card; };
    if ((change.fitted && same(*change.fitted)) ||
        std::any_of(change.others.begin(), change.others.end(), same))
        return made;
    // No two cards of a job are called alike.
    Card card = cam.card;
    const auto taken = [&](const std::string& n) {
        return (change.fitted && change.fitted->name == n) ||
               std::any_of(change.others.begin(), change.others.end(),
                           [&](const Card& c) { return c.name == n; });
    };
    for (int i = 2; taken(card.name); ++i)
        card.name = cam.card.name + " (" + std::to_string(i) + ")";
    made.name = made.cam = card.name;
    change.others.push_back(std::move(card));
    return made;
}

Echo CompareDesk::target() {
    const auto& decisions = job().choosing.decisions;
    if (decisions.empty()) return {false, Say::tr("Nothing is decided yet: b choose, or K.")};
    // Copies: keeping the first of it makes job and cams anew.
    const std::string chosen = decisions.back().chosen;
    const auto at = std::find_if(cams().begin(), cams().end(),
                                 [&](const Cam& c) { return c.spec.name == chosen; });
    if (at == cams().end())
        return {false,
                Say::tr("%1 is not among the cams any more.").arg(QString::fromStdString(chosen))};
    const Candidate spec = at->spec;
    if (spec.from == CamFrom::Table)
        return {false, Say::tr("%1 has no card: type one at Engine, or measure it when it is in.")
                           .arg(QString::fromStdString(chosen))};
    if (spec.from == CamFrom::Card && (!job().card || job().card->name != spec.cam)) {
        book::SetCards cards{job().card, job().otherCards};
        const auto card = std::find_if(cards.others.begin(), cards.others.end(),
                                       [&](const Card& c) { return c.name == spec.cam; });
        if (card == cards.others.end()) return {false, Say::tr("Its card is gone.")};
        const Card fitted = *card;
        cards.others.erase(card);
        if (cards.fitted) cards.others.push_back(*cards.fitted);
        cards.fitted = fitted;
        if (!session().keep(cards)) return {false, Say::tr("Not kept; see the message above.")};
    }
    Stated stated = job();
    stated.trial.target.kind =
        spec.advance_deg.intake != 0.0 ? TargetKind::CardPlus : TargetKind::CardCentre;
    stated.trial.target.plus_deg = spec.advance_deg.intake;
    if (job().engine.layout == Layout::TwinOverheadCam)
        stated.trial.target.plusExhaust_deg = spec.advance_deg.exhaust;
    if (!session().keep(book::SetStated{stated}))
        return {false, Say::tr("Not kept; see the message above.")};
    return {true, Say::tr("%1 is the target: on to Set.").arg(QString::fromStdString(chosen))};
}

} // namespace app
