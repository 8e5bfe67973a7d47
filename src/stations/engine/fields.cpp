#include "stations/engine/fields.h"

#include "core/job/card.h"
#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

Card& cardOf(Facts& f) {
    if (!f.card) f.card = Card{};
    return *f.card;
}

QString kindChoice(int i) {
    return i == 0   ? Say::tr("four-stroke")
           : i == 1 ? Say::tr("two-stroke with ports")
                    : Say::tr("slow engine with a flywheel");
}

Field cylinders() {
    Field f;
    f.name = Say::tr("Cylinders");
    f.asks = Say::tr("1 to 16");
    f.shown = [](const Facts& facts, const Style&) {
        return QString::number(facts.engine.cylinders);
    };
    f.take = [](Facts& facts, const QString& typed, const Style&) {
        bool ok = false;
        const int n = typed.trimmed().toInt(&ok);
        if (!ok || n < 1 || n > 16) return Say::tr("Type a whole number of cylinders, 1 to 16.");
        facts.engine.cylinders = n;
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.engine.cylinders; });
}

/// "1 3 4 2", and, where it fires oddly, the gaps behind a slash: "1 2 / 270 450".
QString orderOf(const Engine& engine) {
    QStringList all;
    for (int c : engine.firingOrder)
        all << QString::number(c);
    return all.join(QLatin1Char(' '));
}

/// Changes the engine, unless order, throws and banks would then contradict one another: the
/// sentence that says so.
template <typename Change> QString keptIfItFires(Facts& facts, const Change& change) {
    Engine then = facts.engine;
    change(then);
    if (!then.firingOrder.empty() && then.firingGaps_deg.empty() && then.gaps_deg().empty())
        return Say::tr("With these throws and banks the cylinders cannot fire in the order "
                       "%1 within two turns. Check which pin is behind which, and of a "
                       "V its bank angle and second bank.")
            .arg(orderOf(then));
    facts.engine = then;
    return {};
}

Field firingOrder() {
    Field f;
    f.name = Say::tr("Firing order");
    f.asks = Say::tr("every cylinder once: 1 3 4 2; odd firing with its gaps: 1 2 / 270 450; - for "
                     "none");
    f.shown = [](const Facts& facts, const Style&) {
        if (facts.engine.firingOrder.empty()) return noValue();
        QStringList gaps;
        if (!facts.engine.firingGaps_deg.empty() || !facts.engine.throws_deg.empty())
            for (double deg : facts.engine.gaps_deg())
                gaps << QString::number(deg);
        return orderOf(facts.engine) +
               (gaps.isEmpty() ? QString() : QStringLiteral(" / ") + gaps.join(QLatin1Char(' ')));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        Engine& e = facts.engine;
        if (typed.trimmed() == QLatin1String("-")) {
            e.firingOrder.clear();
            e.firingGaps_deg.clear();
            return QString();
        }
        const QString wrong = Say::tr("Every cylinder of the %1 once, in the order they fire, "
                                      "such as 1 3 4 2.")
                                  .arg(e.cylinders);
        QString line = typed.simplified();
        line.replace(QLatin1Char('-'), QLatin1Char(' '));
        line.replace(QLatin1Char(','), QLatin1Char(' '));
        std::vector<int> order;
        for (const QString& each :
             line.section(QLatin1Char('/'), 0, 0).simplified().split(QLatin1Char(' '))) {
            bool ok = false;
            const int c = each.toInt(&ok);
            if (!ok || c < 1 || c > e.cylinders ||
                std::find(order.begin(), order.end(), c) != order.end())
                return wrong;
            order.push_back(c);
        }
        if (static_cast<int>(order.size()) != e.cylinders) return wrong;
        std::vector<double> gaps;
        double sum = 0.0;
        if (line.contains(QLatin1Char('/')))
            for (const QString& each :
                 line.section(QLatin1Char('/'), 1).simplified().split(QLatin1Char(' '))) {
                const auto deg = readNumber(each.toStdString());
                if (const auto* error = std::get_if<EntryError>(&deg))
                    return words::sentence(*error, style);
                gaps.push_back(std::get<double>(deg));
                sum += gaps.back();
            }
        if (!gaps.empty() && (gaps.size() != order.size() || std::abs(sum - 720.0) > 0.01))
            return Say::tr("As many gaps as cylinders, 720 degrees in all.");
        return keptIfItFires(facts, [&](Engine& engine) {
            engine.firingOrder = order;
            engine.firingGaps_deg = gaps;
            // Gaps that are given say what throws and banks would.
            if (!gaps.empty()) engine.throws_deg.clear();
        });
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.engine.firingOrder; },
        [](Facts & x) -> auto& { return x.engine.firingGaps_deg; });
}

Field throws() {
    Field f;
    f.name = Say::tr("Crank throws");
    f.asks = Say::tr("each pin behind that of cylinder 1, in the running direction: 0 180 "
                     "180 0; - for even firing");
    f.shown = [](const Facts& facts, const Style&) {
        QStringList all;
        for (double deg : facts.engine.throws_deg)
            all << QString::number(deg);
        return all.isEmpty() ? noValue() : all.join(QLatin1Char(' '));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        std::vector<double> all;
        if (typed.trimmed() != QLatin1String("-"))
            for (const QString& each : typed.simplified().split(QLatin1Char(' '))) {
                const auto deg = readNumber(each.toStdString());
                if (const auto* error = std::get_if<EntryError>(&deg))
                    return words::sentence(*error, style);
                all.push_back(std::get<double>(deg));
            }
        const bool fit = all.empty() ||
                         (static_cast<int>(all.size()) == facts.engine.cylinders &&
                          all.front() == 0.0 && std::all_of(all.begin(), all.end(), [](double deg) {
                              return deg >= 0.0 && deg < 360.0;
                          }));
        if (!fit)
            return Say::tr("One angle for each of the %1 cylinders, 0 up to 360, that of "
                           "cylinder 1 being 0.")
                .arg(facts.engine.cylinders);
        return keptIfItFires(facts, [&](Engine& engine) {
            engine.throws_deg = all;
            if (!all.empty()) engine.firingGaps_deg.clear();
        });
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.engine.throws_deg; },
        [](Facts & x) -> auto& { return x.engine.firingGaps_deg; });
}

Field secondBank() {
    Field f;
    f.name = Say::tr("Bank the crank comes to second");
    f.asks = Say::tr("its cylinders: 2 4; - for an engine in line");
    f.shown = [](const Facts& facts, const Style&) {
        QStringList all;
        for (int c : facts.engine.secondBank)
            all << QString::number(c);
        return all.isEmpty() ? noValue() : all.join(QLatin1Char(' '));
    };
    f.take = [](Facts& facts, const QString& typed, const Style&) {
        std::vector<int> all;
        if (typed.trimmed() != QLatin1String("-"))
            for (const QString& each : typed.simplified().split(QLatin1Char(' '))) {
                bool ok = false;
                const int c = each.toInt(&ok);
                if (!ok || c < 1 || c > facts.engine.cylinders)
                    return Say::tr("Cylinders by their numbers, 1 to %1.")
                        .arg(facts.engine.cylinders);
                all.push_back(c);
            }
        return keptIfItFires(facts, [&](Engine& engine) { engine.secondBank = all; });
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.engine.secondBank; });
}

Field cardHeight() {
    Field f;
    f.name = Say::tr("Checking height");
    f.asks = Say::tr("height, then t at the tappet or v at the valve");
    f.shown = [](const Facts& facts, const Style& style) {
        const Height h = facts.card ? facts.card->height : Card{}.height;
        return words::height(h.mm, style) + QStringLiteral(", ") + words::placeName(h.at);
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        const auto read = readHeight(typed.toStdString(), style.unit, cardOf(facts).height.at);
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        cardOf(facts).height = std::get<Height>(read);
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return cardOf(x).height.mm; },
        [](Facts & x) -> auto& { return cardOf(x).height.at; });
}

/// Shows a dash while there is no card: showing must not make one.
Field onCard(Field f) {
    f.subject = cardSubject();
    f.shown = [shown = f.shown](const Facts& facts, const Style& style) {
        return facts.card ? shown(facts, style) : noValue();
    };
    return f;
}

void engine(std::vector<Field>& all) {
    const auto add = [&](Field f) {
        f.subject = Say::tr("engine");
        all.push_back(std::move(f));
    };
    add(textField(Say::tr("Engine"), [](Facts& f) -> std::string& { return f.engine.name; }));
    all.back().heading = Say::tr("The engine");
    add(enumField<EngineKind>(Say::tr("Kind"), 3, kindChoice,
                              [](Facts& f) -> EngineKind& { return f.engine.kind; },
                              {{"four", 0},
                               {"4", 0},
                               {"two", 1},
                               {"2", 1},
                               {"two-stroke", 1},
                               {"slow", 2},
                               {"flywheel", 2}}));
    all.back().seldom = true;
    add(cylinders());
    add(boreField());
    add(lengthField(
        Say::tr("Stroke"), 20, 300, [](Facts& f) -> double& { return f.engine.stroke_mm; }, 78));
    add(lengthField(
        Say::tr("Rod length"), 40, 500, [](Facts& f) -> double& { return f.engine.rod_mm; }, 142));
    add(enumField<Rotation>(
        Say::tr("Runs, seen from the drive end"), 2,
        [](int i) { return words::rotationName(static_cast<Rotation>(i)); },
        [](Facts& f) -> Rotation& { return f.engine.rotation; },
        {{"cw", 0}, {"ccw", 1}, {"acw", 1}, {"counterclockwise", 1}, {"anti", 1}}));
    // Half the trade means the flywheel by it.
    all.back().asks += Say::tr("; seen from where the crank drives the cam, not from the flywheel");
    add(enumField<Layout>(
        Say::tr("Camshafts"), 3, [](int i) { return words::layoutName(static_cast<Layout>(i)); },
        [](Facts& f) -> Layout& { return f.engine.layout; },
        {{"pushrod", 0},
         {"ohv", 0},
         {"twin", 1},
         {"dohc", 1},
         {"two cams in the block", 1},
         {"two in the block", 1},
         {"ohc", 2},
         {"sohc", 2}}));
    add(enumField<Follower>(
        Say::tr("Follower"), 6, [](int i) { return words::followerName(static_cast<Follower>(i)); },
        [](Facts& f) -> Follower& { return f.engine.follower; },
        {{"flat", 0},
         {"roller", 1},
         {"hydraulic", 2},
         {"hydraulic flat", 2},
         {"hydraulic roller", 2},
         {"rocker", 5}}));
    const QString direct = Say::tr("valve over tappet, 1 for direct");
    add(numberField(
        Say::tr("Rocker ratio, intake"), direct, 0.5, 3.0, 3,
        [](Facts& f) -> double& { return f.engine.ratio.intake; }, 1.5));
    add(numberField(
        Say::tr("Rocker ratio, exhaust"), direct, 0.5, 3.0, 3,
        [](Facts& f) -> double& { return f.engine.ratio.exhaust; }, 1.5));
    add(lengthField(
        Say::tr("Lash, intake"), 0, 3, [](Facts& f) -> double& { return f.engine.lash_mm.intake; },
        0.3, true));
    add(lengthField(
        Say::tr("Lash, exhaust"), 0, 3,
        [](Facts& f) -> double& { return f.engine.lash_mm.exhaust; }, 0.35, true));
}

using Value = std::optional<double>;
using Derived = std::optional<CardFigure> (*)(const CompleteCard& card);

/// A figure of the card in degrees: what follows from the rest stands in its place, and says so.
Field cardDegrees(const QString& name, const QString& asks, double least, double most,
                  Part<Value> part, Derived derived) {
    Field f = optionalField(name, asks, least, most, false, part);
    f.shown = [part, derived](const Facts& facts, const Style& style) {
        if (!facts.card) return noValue();
        Facts copy = facts;
        if (const Value v = part(copy)) return words::degrees(*v, style, 2);
        const auto follows = derived(complete(*facts.card));
        return follows ? words::degrees(follows->value, style, 2) + Say::tr(" follows") : noValue();
    };
    return f;
}

/// The card's lift, and what this engine makes of it at the valve.
Field cardLift(const QString& name, Side side, Part<Value> part) {
    Field f = optionalField(name, Say::tr("greatest lift; - for none"), 0.5, 30, true, part);
    f.shown = [part, side](const Facts& facts, const Style& style) {
        Facts copy = facts;
        const Value v = facts.card ? part(copy) : Value{};
        if (!v) return noValue();
        QString text = words::liftWithUnit(*v, style);
        const auto here = cardLiftHere_mm(*facts.card, side, facts.engine, Place::Valve);
        if (here && std::abs(*here - *v) > 0.005)
            text += Say::tr("; at this valve ") + words::lift(*here, style);
        return text;
    };
    return f;
}

/// The events of a whole card typed in one line, as cards print them: 12/40 for a lobe, or
/// 12-40-52-4 for opening and closing of intake, then exhaust. Empty for anything else.
std::optional<std::vector<double>> eventsInALine(const QString& typed) {
    static const QRegularExpression line(
        QStringLiteral("^\\s*(\\d+(?:[.,]\\d+)?)(?:\\s*[-/]\\s*(\\d+(?:[.,]\\d+)?))"
                       "(?:\\s*[-/]\\s*(\\d+(?:[.,]\\d+)?)\\s*[-/]\\s*(\\d+(?:[.,]\\d+)?))?\\s*$"));
    const auto match = line.match(typed);
    if (!match.hasMatch()) return std::nullopt;
    std::vector<double> all;
    for (int i = 1; i <= match.lastCapturedIndex(); ++i)
        all.push_back(match.captured(i).replace(QLatin1Char(','), QLatin1Char('.')).toDouble());
    return all;
}

/// All that was typed at once, as the echo says it.
QString eventsSaid(const Card& c, const Style& style) {
    const auto said = [&](const Value& v) { return v ? words::degrees(*v, style, 2) : noValue(); };
    return Say::tr("intake %1 / %2, exhaust %3 / %4")
        .arg(said(c.events.ivo), said(c.events.ivc), said(c.events.evo), said(c.events.evc));
}

/// An event of the card; a whole line of them is understood.
Field cardEventField(Field f, Side side) {
    f.also = [](const QString& typed) {
        const auto line = eventsInALine(typed);
        return line ? static_cast<int>(line->size()) - 1 : 0;
    };
    f.allSaid = [](const Facts& facts, const Style& style) {
        return facts.card ? eventsSaid(*facts.card, style) : noValue();
    };
    f.take = [plain = f.take, side](Facts& facts, const QString& typed, const Style& style) {
        const auto line = eventsInALine(typed);
        if (!line) {
            static const QRegularExpression several(QStringLiteral("\\d\\s*[-/]\\s*\\d"));
            if (typed.contains(several))
                return Say::tr("One event, a lobe's two as 12/40, or all four as 12-40-52-4: "
                               "intake opens, closes, exhaust opens, closes.");
            return plain(facts, typed, style);
        }
        for (double deg : *line)
            if (deg > 150.0) return Say::tr("An event of a card lies within 150 degrees.");
        Card& c = cardOf(facts);
        const bool exhaust = line->size() == 2 && side == Side::Exhaust;
        (exhaust ? c.events.evo : c.events.ivo) = (*line)[0];
        (exhaust ? c.events.evc : c.events.ivc) = (*line)[1];
        if (line->size() == 4) {
            c.events.evo = (*line)[2];
            c.events.evc = (*line)[3];
        }
        return QString();
    };
    return f;
}

void card(std::vector<Field>& all) {
    const auto add = [&](Field f) { all.push_back(onCard(std::move(f))); };
    add(textField(Say::tr("Cam"), [](Facts& f) -> std::string& { return cardOf(f).name; }));
    all.back().heading = Say::tr("Its cam card, if there is one");
    add(cardHeight());
    const QString minus = Say::tr("; minus when on the other side; - for none");
    add(cardEventField(cardDegrees(
                           Say::tr("Intake opens"), Say::tr("degrees before TDC") + minus, -90, 150,
                           [](Facts& f) -> Value& { return cardOf(f).events.ivo; },
                           [](const CompleteCard& c) { return c.events.ivo; }),
                       Side::Intake));
    add(cardEventField(cardDegrees(
                           Say::tr("Intake closes"), Say::tr("degrees after BDC") + minus, -90, 150,
                           [](Facts& f) -> Value& { return cardOf(f).events.ivc; },
                           [](const CompleteCard& c) { return c.events.ivc; }),
                       Side::Intake));
    add(cardEventField(cardDegrees(
                           Say::tr("Exhaust opens"), Say::tr("degrees before BDC") + minus, -90,
                           150, [](Facts& f) -> Value& { return cardOf(f).events.evo; },
                           [](const CompleteCard& c) { return c.events.evo; }),
                       Side::Exhaust));
    add(cardEventField(cardDegrees(
                           Say::tr("Exhaust closes"), Say::tr("degrees after TDC") + minus, -90,
                           150, [](Facts& f) -> Value& { return cardOf(f).events.evc; },
                           [](const CompleteCard& c) { return c.events.evc; }),
                       Side::Exhaust));
    add(cardLift(Say::tr("Intake lift"), Side::Intake,
                 [](Facts& f) -> Value& { return cardOf(f).lift_mm.intake; }));
    add(cardLift(Say::tr("Exhaust lift"), Side::Exhaust,
                 [](Facts& f) -> Value& { return cardOf(f).lift_mm.exhaust; }));
    const QString none = Say::tr("; - for none");
    add(cardDegrees(
        Say::tr("Intake duration"), Say::tr("at that height") + none, 90, 400,
        [](Facts& f) -> Value& { return cardOf(f).duration.intake; },
        [](const CompleteCard& c) { return c.duration.intake; }));
    add(cardDegrees(
        Say::tr("Exhaust duration"), Say::tr("at that height") + none, 90, 400,
        [](Facts& f) -> Value& { return cardOf(f).duration.exhaust; },
        [](const CompleteCard& c) { return c.duration.exhaust; }));
    add(cardDegrees(
        Say::tr("Intake centre"), Say::tr("degrees after TDC") + none, 60, 160,
        [](Facts& f) -> Value& { return cardOf(f).centre.intake; },
        [](const CompleteCard& c) { return c.centre.intake; }));
    add(cardDegrees(
        Say::tr("Exhaust centre"), Say::tr("degrees before TDC") + none, 60, 160,
        [](Facts& f) -> Value& { return cardOf(f).centre.exhaust; },
        [](const CompleteCard& c) { return c.centre.exhaust; }));
    add(cardDegrees(
        Say::tr("Lobe separation"), Say::tr("cam degrees") + none, 80, 140,
        [](Facts& f) -> Value& { return cardOf(f).separation; },
        [](const CompleteCard& c) { return c.separation; }));
    add(cardDegrees(
        Say::tr("Ground-in advance"), Say::tr("crank degrees, minus when retarded") + none, -20, 20,
        [](Facts& f) -> Value& { return cardOf(f).advance; },
        [](const CompleteCard& c) { return c.advance; }));
    add(lengthField(Say::tr("Advertised at"), 0.02, 2.0,
                    [](Facts& f) -> double& { return cardOf(f).advertised.mm; }));
    add(optionalField(Say::tr("Advertised, intake"), Say::tr("duration") + none, 90, 420, false,
                      [](Facts& f) -> Value& { return cardOf(f).advertisedDuration.intake; }));
    add(optionalField(Say::tr("Advertised, exhaust"), Say::tr("duration") + none, 90, 420, false,
                      [](Facts& f) -> Value& { return cardOf(f).advertisedDuration.exhaust; }));
    add(enumField<Place>(
        Say::tr("Lift given at the"), 2,
        [](int i) { return words::placeName(static_cast<Place>(i)); },
        [](Facts& f) -> Place& { return cardOf(f).liftAt; }));
    Field ratio =
        optionalField(Say::tr("Ratio it assumes"), Say::tr("for a valve lift") + none, 0.5, 3.0,
                      false, [](Facts& f) -> Value& { return cardOf(f).ratio; });
    ratio.shown = [](const Facts& facts, const Style& style) {
        return facts.card && facts.card->ratio ? words::shortest(*facts.card->ratio, 3, style)
                                               : noValue();
    };
    add(std::move(ratio));
    add(lengthField(
        Say::tr("Lash it wants, intake"), 0, 3,
        [](Facts& f) -> double& { return cardOf(f).lash_mm.intake; }, 0.3, true));
    add(lengthField(
        Say::tr("Lash it wants, exhaust"), 0, 3,
        [](Facts& f) -> double& { return cardOf(f).lash_mm.exhaust; }, 0.35, true));
}

Field valveCount(const QString& name, Side side) {
    Field f;
    f.name = name;
    f.asks = Say::tr("of one cylinder, 1 to 3");
    f.shown = [side](const Facts& facts, const Style&) {
        return QString::number(facts.engine.valves.count[side]);
    };
    f.take = [side](Facts& facts, const QString& typed, const Style&) {
        bool ok = false;
        const int n = typed.trimmed().toInt(&ok);
        if (!ok || n < 1 || n > 3) return Say::tr("A whole number from %1 to %2.").arg(1).arg(3);
        facts.engine.valves.count[side] = n;
        return QString();
    };
    return changing(
        std::move(f), [side](Facts & x) -> auto& { return x.engine.valves.count[side]; });
}

/// For what passes between valves, and how the engine fills.
void valves(std::vector<Field>& all) {
    const std::size_t first = all.size();
    all.push_back(valveCount(Say::tr("Intake valves"), Side::Intake));
    all.push_back(valveCount(Say::tr("Exhaust valves"), Side::Exhaust));
    all.push_back(lengthField(
        Say::tr("Intake valve head"), 8, 80,
        [](Facts& f) -> double& { return f.engine.valves.head_mm.intake; }, 36));
    all.push_back(lengthField(
        Say::tr("Exhaust valve head"), 8, 80,
        [](Facts& f) -> double& { return f.engine.valves.head_mm.exhaust; }, 30));
    const QString lean = Say::tr("degrees to the bore, away from the other valve; - if not known");
    all.push_back(
        optionalField(Say::tr("Intake valve leans"), lean, -10, 60, false,
                      [](Facts& f) -> Value& { return f.engine.valves.angle_deg.intake; }));
    all.push_back(
        optionalField(Say::tr("Exhaust valve leans"), lean, -10, 60, false,
                      [](Facts& f) -> Value& { return f.engine.valves.angle_deg.exhaust; }));
    all.push_back(optionalField(Say::tr("Between their rims"),
                                Say::tr("intake head to exhaust head, both shut; - if not "
                                        "known"),
                                0.0, 60.0, true,
                                [](Facts& f) -> Value& { return f.engine.valves.rims_mm; }));
    for (std::size_t i = first; i < all.size(); ++i) {
        all[i].subject = Say::tr("engine");
        all[i].seldom = true;
    }
    all[first].heading = Say::tr("Valves");
}

std::vector<Field> makeEngineFields() {
    std::vector<Field> all;
    engine(all);
    card(all);
    // Only for measuring more cylinders on one setting of the wheel.
    all.push_back(firingOrder());
    all.back().heading = Say::tr("Other cylinders");
    all.back().subject = Say::tr("engine");
    // Banks before throws: a V's throws fire in its order only with its banks.
    for (Field f :
         {numberField(Say::tr("Bank angle"), Say::tr("of a V; 180 flat, 0 in line"), 0.0, 180.0, 1,
                      [](Facts& x) -> double& { return x.engine.bankAngle_deg; }),
          secondBank(), throws()}) {
        f.subject = Say::tr("engine");
        f.seldom = true; // of engines that do not fire evenly
        all.push_back(f);
    }
    valves(all);
    // Last, so that the first thing asked is the engine itself.
    all.push_back(textField(Say::tr("Job"), [](Facts& f) -> std::string& { return f.name; }));
    all.back().heading = Say::tr("This job");
    all.back().subject = Say::tr("job");
    return all;
}

} // namespace

QString cardSubject() {
    return Say::tr("cam card");
}

std::vector<Field> engineFields() {
    return makeEngineFields();
}

} // namespace app
