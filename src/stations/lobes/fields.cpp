#include "stations/lobes/fields.h"

#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

QString placeChoice(int i) {
    return words::placeName(static_cast<Place>(i));
}
QString lobeFollowerChoice(int i) {
    return words::followerName(static_cast<Follower>(i));
}
QString indicatorSpringChoice(int i) {
    return words::springName(static_cast<Spring>(i));
}
QString ratioChoice(int i) {
    return i == 0 ? Say::tr("nominal") : Say::tr("of the two lifts");
}
QString countChoice(int i) {
    return i == 0 ? Say::tr("up from the base circle") : Say::tr("down from the nose");
}
QString wayChoice(int i) {
    return i == 0   ? Say::tr("each until it agrees")
           : i == 1 ? Say::tr("all in one forward turn")
           : i == 2 ? Say::tr("centre by two readings")
                    : Say::tr("both valves in one turn, two indicators");
}
QString wheelChoice(int i) {
    return i == 0 ? Say::tr("set for this cylinder") : Say::tr("still set for cylinder 1");
}
QString offAxisChoice(int i) {
    return i == 0   ? Say::tr("not corrected")
           : i == 1 ? Say::tr("follows a point on the part")
                    : Say::tr("rides a flat face");
}

/// The lifts of valve and tappet at one crank angle, typed one after the other.
Field twoLifts() {
    Field f;
    f.name = Say::tr("Two lifts, valve and tappet");
    f.asks = Say::tr("both at one angle, such as 10.82 7.20; - for none");
    f.shown = [](const Facts& facts, const Style& style) {
        const auto ratio = facts.conditions.ratioOfLifts();
        if (!ratio) return noValue();
        return Say::tr("%1 over %2: ratio %3")
            .arg(words::lift(*facts.conditions.valveLift_mm, style),
                 words::lift(*facts.conditions.tappetLift_mm, style),
                 words::fixed(*ratio, 3, style));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        RunConditions& t = facts.conditions;
        if (typed.trimmed() == QLatin1String("-")) {
            t.valveLift_mm.reset();
            t.tappetLift_mm.reset();
            t.measuredRatio = false;
            return QString();
        }
        const QStringList parts = typed.simplified().split(QLatin1Char(' '));
        if (parts.size() != 2) return Say::tr("Two lifts: at the valve, then at the tappet.");
        double mm[2];
        for (int i = 0; i < 2; ++i) {
            const auto read = readLength(parts[i].toStdString(), style.unit, kMostLift_mm);
            if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
            mm[i] = std::get<double>(read);
        }
        if (mm[0] < 0.5 || mm[1] < 0.5 || mm[0] / mm[1] < 0.5 || mm[0] / mm[1] > 3.0)
            return Say::tr("That makes no rocker ratio. The valve's lift comes first, well "
                           "up the lobe.");
        t.valveLift_mm = mm[0];
        t.tappetLift_mm = mm[1];
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.conditions.valveLift_mm; },
        [](Facts & x) -> auto& { return x.conditions.tappetLift_mm; },
        [](Facts & x) -> auto& { return x.conditions.measuredRatio; });
}

std::vector<Field> makeLobesFields() {
    std::vector<Field> all;
    const auto add = [&](Field f, const QString& heading = {}) {
        f.subject = Say::tr("this run");
        f.heading = heading;
        all.push_back(std::move(f));
    };
    add(enumField<Place>(Say::tr("Lift taken at the"), 2, placeChoice,
                         [](Facts& f) -> Place& { return f.conditions.taken; }),
        Say::tr("Valve gear"));
    add(enumField<Follower>(Say::tr("Follower"), 6, lobeFollowerChoice,
                            [](Facts& f) -> Follower& { return f.conditions.follower; }));
    add(enumField<Spring>(Say::tr("Spring fitted"), 2, indicatorSpringChoice,
                          [](Facts& f) -> Spring& { return f.conditions.spring; }));
    add(lengthField(Say::tr("Lash"), 0.0, 3.0,
                    [](Facts& f) -> double& { return f.conditions.lash_mm; }));
    add(numberField(Say::tr("Rocker ratio, nominal"), Say::tr("valve lift over tappet lift"), 0.5,
                    3.0, 3, [](Facts& f) -> double& { return f.conditions.ratio; }));
    add(twoLifts());
    add(flagField(Say::tr("Ratio to reckon with"), ratioChoice,
                  [](Facts& f) -> bool& { return f.conditions.measuredRatio; }));

    add(lengthField(Say::tr("Indicator resolves"), 0.0, 0.5,
                    [](Facts& f) -> double& { return f.conditions.resolution_mm; }),
        Say::tr("Indicator"));
    add(lengthField(Say::tr("Indicator spans"), 0.0, 100.0,
                    [](Facts& f) -> double& { return f.conditions.travel_mm; }));
    add(lengthField(Say::tr("One turn of the dial"), 0.05, 30.0,
                    [](Facts& f) -> double& { return f.conditions.dialTurn_mm; }));
    add(flagField(Say::tr("Counts"), countChoice,
                  [](Facts& f) -> bool& { return f.conditions.countsDown; }));
    add(optionalField(Say::tr("Lift at the nose"),
                      Say::tr("where the run counts down and never reaches the base circle"), 0.5,
                      kMostLift_mm, true,
                      [](Facts& f) -> std::optional<double>& { return f.conditions.noseLift_mm; }));
    add(numberField(Say::tr("Stands askew by"), Say::tr("degrees"), 0.0, 45.0, 1,
                    [](Facts& f) -> double& { return f.conditions.offAxis_deg; }));
    add(enumField<OffAxis>(Say::tr("Askew"), 3, offAxisChoice,
                           [](Facts& f) -> OffAxis& { return f.conditions.offAxis; }));

    add(lengthsField(Say::tr("Heights of the events"),
                     Say::tr("one or more, with a space between; - for the card's"), 4,
                     [](Facts& f) -> std::vector<Height>& { return f.conditions.eventHeights; }),
        Say::tr("Events only"));
    add(changing(
        choiceField(
            Say::tr("Readings that must agree"), 6, +[](int i) { return QString::number(i + 1); },
            [](const Facts& f) { return f.conditions.repeats - 1; },
            [](Facts& f, int i) { f.conditions.repeats = i + 1; }),
        [](Facts & x) -> auto& { return x.conditions.repeats; }));
    add(numberField(Say::tr("Agree within"), Say::tr("degrees"), 0.05, 5.0, 2,
                    [](Facts& f) -> double& { return f.conditions.repeatTolerance_deg; }));
    add(changing(
        choiceField(
            Say::tr("Events are taken"), 4, wayChoice,
            [](const Facts& f) {
                const RunConditions& t = f.conditions;
                return t.fromNose ? 2 : t.oneTurn ? (t.bothValves ? 3 : 1) : 0;
            },
            [](Facts& f, int i) {
                // Heights from the base circle are no drops under the nose.
                if ((i == 2) != f.conditions.fromNose) f.conditions.eventHeights.clear();
                f.conditions.oneTurn = i == 1 || i == 3;
                f.conditions.bothValves = i == 3;
                f.conditions.fromNose = i == 2;
            }),
        [](Facts & x) -> auto& { return x.conditions.oneTurn; },
        [](Facts & x) -> auto& { return x.conditions.bothValves; },
        [](Facts & x) -> auto& { return x.conditions.fromNose; },
        [](Facts & x) -> auto& { return x.conditions.eventHeights; }));
    add(changing(
            choiceField(
                Say::tr("The wheel is"), 2, wheelChoice,
                [](const Facts& f) { return f.conditions.wheelOfFirst ? 1 : 0; },
                [](Facts& f, int i) {
                    const auto behind = f.engine.behindFirst_deg(f.cylinder);
                    const bool on = i == 1 && behind.has_value();
                    RunConditions& t = f.conditions;
                    if (on == t.wheelOfFirst) return;
                    t.wheelOfFirst = on;
                    // The lobe stands on that wheel where this cylinder is behind the first.
                    const double by = (on ? 1.0 : -1.0) * wrapCycle({behind.value_or(0.0)}).deg;
                    t.shift_deg -= by;
                    t.from.deg += by;
                    t.to.deg += by;
                }),
            [](Facts & x) -> auto& { return x.conditions.wheelOfFirst; },
            [](Facts & x) -> auto& { return x.conditions.shift_deg; },
            [](Facts & x) -> auto& { return x.conditions.from.deg; },
            [](Facts & x) -> auto& { return x.conditions.to.deg; }),
        Say::tr("Another cylinder"));
    return all;
}

} // namespace

std::vector<Field> runFields() {
    return makeLobesFields();
}

} // namespace app
