#include "stations/clearance/fields.h"

#include "core/typed/entry.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

QString methodChoice(int i) {
    return words::methodName(static_cast<ClearanceMethod>(i));
}
QString springChoice(int i) {
    return words::springName(static_cast<Spring>(i));
}
QString lashChoice(int i) {
    return words::lashSetName(static_cast<LashSet>(i));
}
QString followerChoice(int i) {
    return words::followerName(static_cast<Follower>(i));
}
QString pressedChoice(int i) {
    return words::pressedAtName(static_cast<PressedAt>(i));
}
QString gasketChoice(int i) {
    return i == 0 ? Say::tr("left out") : Say::tr("in place");
}
QString yesChoice(int i) {
    return i == 0 ? Say::tr("no") : Say::tr("yes");
}
QString stateChoice(int i) {
    return i == 0 ? Say::tr("as it was") : Say::tr("changed since");
}
QString presetChoice(int i) {
    return i == 0   ? Say::tr("own")
           : i == 1 ? Say::tr("road")
           : i == 2 ? Say::tr("cautious")
           : i == 3 ? Say::tr("race")
                    : Say::tr("small twin-cam");
}
/// Presets by school, mm: road 2.0 / 2.5, cautious 3.0 both, race 1.3 / 1.5, small high-revving
/// twin-cam 1.0 / 1.8.
constexpr std::pair<double, double> kPresets[] = {{2.0, 2.5}, {3.0, 3.0}, {1.3, 1.5}, {1.0, 1.8}};

Field yes(const QString& name, Part<bool> part) {
    return flagField(name, yesChoice, std::move(part));
}

/// "25 crank" or "12.5 cam": never just degrees.
Field travel(const QString& name, double Drive::*part) {
    Field f;
    f.name = name;
    f.asks = Say::tr("with what it is counted in: 25 crank, or 12.5 cam; 0 for none");
    f.shown = [part](const Facts& facts, const Style& style) {
        const double deg = facts.engine.drive.*part;
        return deg == 0.0 ? noValue() : Say::tr("%1 crank").arg(words::signedFixed(deg, 1, style));
    };
    f.take = [part](Facts& facts, const QString& typed, const Style& style) {
        QString text = typed.simplified().toLower();
        double times = 0.0;
        if (text.endsWith(QLatin1String("crank"))) {
            times = 1.0;
            text.chop(5);
        } else if (text.endsWith(QLatin1String("cam"))) {
            times = 2.0;
            text.chop(3);
        }
        const auto read = readNumber(text.trimmed().toStdString());
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double value = std::get<double>(read);
        if (times == 0.0 && value != 0.0)
            return Say::tr("Crank or cam degrees? Say which: 25 crank, or 12.5 cam.");
        if (std::abs(value * times) > 90.0)
            return Say::tr("No phaser travels more than 90 crank degrees.");
        facts.engine.drive.*part = value * times;
        return QString();
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.engine.drive.*part; });
}

Field count(const QString& name, const QString& asks, int least, int most, int MockUp::*part) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [part](const Facts& facts, const Style&) {
        return facts.mockUp.*part == 0 ? noValue() : QString::number(facts.mockUp.*part);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style&) {
        bool ok = false;
        const int n = typed.trimmed().toInt(&ok);
        if (!ok || n < least || n > most)
            return Say::tr("A whole number from %1 to %2.").arg(least).arg(most);
        facts.mockUp.*part = n;
        return QString();
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.mockUp.*part; });
}

void mockUp(std::vector<Field>& all) {
    const auto asked = [&](Field f, const char* part, const QString& question) {
        f.question = question;
        f.part = QLatin1String(part);
        all.push_back(std::move(f));
    };
    // The three that change every number; then presses.
    asked(flagField(
              Say::tr("Head gasket"), gasketChoice,
              [](Facts & f) -> auto& { return f.mockUp.gasketIn; }),
          "gasket", Say::tr("head gasket in place or left out? Out, it is added"));
    all.back().heading = Say::tr("What changes every number");
    asked(enumField<Spring>(Say::tr("Spring"), 2, springChoice,
                            [](Facts & f) -> auto& { return f.mockUp.spring; }, {{"light", 1}}),
          "spring", Say::tr("checking or running spring? A stiff one hides the touch"));
    asked(enumField<LashSet>(
              Say::tr("Lash while measuring"), 3, lashChoice,
              [](Facts & f) -> auto& { return f.mockUp.lash; }),
          "lash", Say::tr("lash: none, or as run? None reads too little"));
    const std::size_t also = all.size();
    asked(enumField<ClearanceMethod>(
              Say::tr("Way of measuring"), 4, methodChoice,
              [](Facts & f) -> auto& { return f.mockUp.method; }),
          "step", Say::tr("map, one angle, tightest point or clay?"));
    asked(enumField<Follower>(
              Say::tr("Follower"), 6, followerChoice,
              [](Facts & f) -> auto& { return f.mockUp.follower; }),
          "follower", Say::tr("which follower? A live one gives way: press its slack out first"));
    asked(enumField<PressedAt>(
              Say::tr("Pressed at"), 2, pressedChoice,
              [](Facts & f) -> auto& { return f.mockUp.pressedAt; }),
          "pressed", Say::tr("pressed at the rocker or the retainer? The retainer presses askew"));
    asked(optionalField(
              Say::tr("Valve angle"), Say::tr("degrees to the bore; - if not known"), 0.0, 60.0,
              false, [](Facts & f) -> auto& { return f.mockUp.valveAngle_deg; }),
          "angle", Say::tr("valve angle to the bore? Not known, it is fitted"));
    asked(count(Say::tr("Fasteners of the head"), Say::tr("how many hold it"), 0, 60,
                &MockUp::fasteners),
          "fasteners", Say::tr("head held by how many? A loose one reads large"));
    all.push_back(yes(
        Say::tr("Torqued"), [](Facts & f) -> auto& { return f.mockUp.torqued; }));
    all.back().part = QStringLiteral("fasteners");
    const auto more = [&](Field f, const char* part = "") {
        f.part = QLatin1String(part);
        all.push_back(std::move(f));
    };
    more(lengthField(
             Say::tr("Gasket as tightened"), 0.0, 5.0,
             [](Facts & f) -> auto& { return f.mockUp.gasket_mm; }, 1.0),
         "gasket");
    more(optionalField(
             Say::tr("Lift under the checking spring"), Say::tr("at the tight angle; - for none"),
             0.0, 30.0, true, [](Facts & f) -> auto& { return f.mockUp.checkingLift_mm; }),
         "spring");
    more(optionalField(
             Say::tr("Lift under the running spring"), Say::tr("at the same angle; - for none"),
             0.0, 30.0, true, [](Facts & f) -> auto& { return f.mockUp.runningLift_mm; }),
         "spring");
    more(lengthField(
             Say::tr("Lift until the retainer meets the seal"), 0.0, 30.0,
             [](Facts & f) -> auto& { return f.mockUp.sealLift_mm; }, 12.0),
         "seal");
    more(lengthField(
             Say::tr("Slack of the follower"), 0.0, 3.0,
             [](Facts & f) -> auto& { return f.mockUp.slack_mm; }, 0.3),
         "follower");
    more(numberField(
             Say::tr("Pressed at an angle of"), Say::tr("degrees from the valve"), 0, 45, 1,
             [](Facts & f) -> auto& { return f.mockUp.askew_deg; }, 5),
         "angle");
    more(lengthField(
             Say::tr("Spacer"), 0.0, 10.0, [](Facts & f) -> auto& { return f.mockUp.spacer_mm; },
             1.0),
         "gasket");
    more(yes(
             Say::tr("Rings on the piston"), [](Facts & f) -> auto& { return f.mockUp.rings; }),
         "rings");
    more(numberField(
             Say::tr("Step"), Say::tr("degrees from press to press"), 0.5, 10, 1,
             [](Facts & f) -> auto& { return f.mockUp.step_deg; }, 2),
         "step");
    more(count(Say::tr("Presses at each angle"),
               Say::tr("that must agree; 1 is enough if you say so"), 1, 5, &MockUp::presses),
         "step");
    more(lengthField(
             Say::tr("Within"), 0.005, 0.5,
             [](Facts & f) -> auto& { return f.mockUp.tolerance_mm; }, 0.05),
         "step");
    more(lengthField(
             Say::tr("One turn of the dial"), 0.1, 10.0,
             [](Facts & f) -> auto& { return f.mockUp.dialTurn_mm; }, 1.0),
         "dial");
    more(yes(
             Say::tr("Dial runs backward"), [](Facts & f) -> auto& { return f.mockUp.backward; }),
         "dial");
    more(optionalField(
             Say::tr("Clay at the valve's edge"), Say::tr("thickness; - for none"), 0.0, 20.0, true,
             [](Facts & f) -> auto& { return f.mockUp.edge_mm; }),
         "clay");
    more(textField(
             Say::tr("Release agent on the clay"),
             [](Facts & f) -> auto& { return f.mockUp.release; }),
         "clay");
    more(count(Say::tr("Turns by hand on the clay"), Say::tr("whole turns of the crank"), 0, 20,
               &MockUp::turns),
         "clay");
    more(lengthField(
             Say::tr("Notch cut deeper since"), 0.0, 10.0,
             [](Facts & f) -> auto& { return f.mockUp.notchCut_mm; }, 0.8),
         "notch");
    more(optionalField(
             Say::tr("The cam's maker foretells"), Say::tr("clearance; - for none"), 0.0, 20.0,
             true, [](Facts & f) -> auto& { return f.mockUp.foretold_mm; }),
         "step");
    more(flagField(
             Say::tr("Head, valve and seat"), stateChoice,
             [](Facts & f) -> auto& { return f.mockUp.isVoid; }),
         "valve");
    for (std::size_t i = also; i < all.size(); ++i)
        all[i].seldom = true;
    all[also].heading = Say::tr("Also here (Up, Down)");
}

void limits(std::vector<Field>& all) {
    Field preset = choiceField(
        Say::tr("Limits by school"), 5, presetChoice,
        [](const Facts& f) {
            const auto& least = f.reckoning.clearance.least_mm;
            for (int i = 0; i < 4; ++i)
                if (least.intake == kPresets[i].first && least.exhaust == kPresets[i].second)
                    return i + 1;
            return 0;
        },
        [](Facts& f, int i) {
            if (i == 0) return;
            f.reckoning.clearance.least_mm = {kPresets[i - 1].first, kPresets[i - 1].second};
        });
    preset.heading = Say::tr("Limits");
    all.push_back(changing(
        std::move(preset), [](Facts & f) -> auto& { return f.reckoning.clearance.least_mm.intake; },
        [](Facts & f) -> auto& { return f.reckoning.clearance.least_mm.exhaust; }));
    all.push_back(lengthField(
        Say::tr("Intake at least"), 0.1, 10.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.least_mm.intake; }, 2.0));
    all.push_back(lengthField(
        Say::tr("Exhaust at least"), 0.1, 10.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.least_mm.exhaust; }, 2.5));
    all.push_back(textField(
        Say::tr("Why the intake may be under it"),
        [](Facts & f) -> auto& { return f.reckoning.clearance.below.intake; }));
    all.push_back(textField(
        Say::tr("Why the exhaust may be under it"),
        [](Facts & f) -> auto& { return f.reckoning.clearance.below.exhaust; }));
    all.push_back(lengthField(
        Say::tr("Edge at least, by clay"), 0.1, 10.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.edge_mm; }, 1.3));
    all.push_back(lengthField(
        Say::tr("Crown above the notch"), 0.0, 30.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.crown_mm; }, 6.0));
    all.push_back(lengthField(
        Say::tr("Crown its maker wants"), 0.0, 30.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.crownLeast_mm; }, 5.0));
    all.push_back(lengthField(
        Say::tr("Piston to head at least"), 0.0, 10.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.squish_mm; }, 0.9));
    all.push_back(lengthField(
        Say::tr("Valve to valve at least"), 0.1, 10.0,
        [](Facts & f) -> auto& { return f.reckoning.clearance.valves_mm; }, 1.5));
    all.push_back(travel(Say::tr("Phaser's travel"), &Drive::phaser_deg));
    all.push_back(travel(Say::tr("Limiter leaves"), &Drive::phaserLimiter_deg));
    all.push_back(travel(Say::tr("Exhaust's phaser, with two cams"), &Drive::phaserExhaust_deg));
    all.push_back(travel(Say::tr("Slack lets the cam lag"), &Drive::slack_deg));
}

} // namespace

ClearanceFields clearanceFields() {
    ClearanceFields out;
    mockUp(out.all);
    for (Field& f : out.all)
        f.subject = Say::tr("mock-up");
    out.limits = static_cast<int>(out.all.size());
    limits(out.all);
    for (std::size_t i = static_cast<std::size_t>(out.limits); i < out.all.size(); ++i)
        out.all[i].subject = Say::tr("limits");
    return out;
}

} // namespace app
