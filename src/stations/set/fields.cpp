#include "stations/set/fields.h"

#include "core/drive/choices.h"
#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QRegularExpression>

#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

QString driveChoice(int i) {
    return words::driveName(static_cast<DriveKind>(i));
}
QString setWayChoice(int i) {
    return i == 0 ? Say::tr("with the crank") : Say::tr("against the crank");
}
QString firstChoice(int i) {
    return i == 0 ? Say::tr("intake cam") : Say::tr("exhaust cam");
}
QString targetChoice(int i) {
    return words::targetName(static_cast<TargetKind>(i));
}
QString setSchoolChoice(int i) {
    return words::setSchoolName(static_cast<SetSchool>(i));
}

/// Takes a change of the drive only when it leaves a drive that can be.
template <class Change> QString changed(Facts& facts, const Change& change) {
    Drive d = facts.engine.drive;
    change(d);
    if (const auto fault = faultOf(d)) return words::sentence(*fault);
    facts.engine.drive = std::move(d);
    return {};
}

QString readNumbers(const QString& typed, const Style& style, std::vector<double>& out) {
    for (const QString& each : typed.simplified().split(QLatin1Char(' '))) {
        const auto read = readNumber(each.toStdString(), {"teeth", "deg"});
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        out.push_back(std::get<double>(read));
    }
    return {};
}

QString shownNumbers(const std::vector<double>& all, const Style& style) {
    QStringList said;
    for (double x : all)
        said << words::signedFixed(x, 1, style);
    return said.isEmpty() ? noValue() : said.join(QStringLiteral(", "));
}

Field countField(const QString& name, const QString& asks, int Drive::*part, int none) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [=](const Facts& facts, const Style&) {
        const int n = facts.engine.drive.*part;
        return n == none ? noValue() : QString::number(n);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        const auto read =
            readNumber(typed.toStdString(), {"teeth", "tooth", "t", "keyways", "holes", "z"});
        if (const auto* e = std::get_if<EntryError>(&read))
            return e->fault == EntryFault::DivideByZero
                       ? words::sentence(*e, style)
                       : Say::tr("%1: a whole number such as 40.").arg(name);
        const double n = std::get<double>(read);
        if (n != std::floor(n) || std::abs(n) > 1e6) return Say::tr("A whole number.");
        return changed(facts, [&](Drive& d) { d.*part = static_cast<int>(n); });
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.engine.drive.*part; });
}

/// Crank degrees, or an offset and the radius of its shaft, 0.5@12; `turns` of the crank to one of
/// that shaft.
QString readOffsets(const QString& typed, const Style& style, double turns,
                    std::vector<double>& out) {
    for (const QString& each : typed.simplified().split(QLatin1Char(' '))) {
        const auto at = each.indexOf(QLatin1Char('@'));
        if (at < 0) {
            const QString why = readNumbers(each, style, out);
            if (!why.isEmpty()) return why;
            continue;
        }
        const auto offset = readLength(each.left(at).toStdString(), style.unit, 50.0);
        const auto radius = readLength(each.mid(at + 1).toStdString(), style.unit, 200.0);
        for (const auto* part : {&offset, &radius})
            if (const auto* e = std::get_if<EntryError>(part)) return words::sentence(*e, style);
        const auto deg = offsetKey_deg(std::get<double>(offset), std::get<double>(radius));
        if (!deg) return Say::tr("An offset lies within the radius of its shaft.");
        out.push_back(*deg * turns);
    }
    return {};
}

Field offsetsField(const QString& name, const QString& asks, double turns,
                   std::vector<double> Drive::*part) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [=](const Facts& facts, const Style& style) {
        return shownNumbers(facts.engine.drive.*part, style);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        std::vector<double> all;
        if (typed.trimmed() != QLatin1String("-")) {
            const QString why = readOffsets(typed, style, turns, all);
            if (!why.isEmpty()) return why;
        }
        return changed(facts, [&](Drive& d) { d.*part = all; });
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.engine.drive.*part; });
}

/// Two numbers in one line; "-" for none.
Field twoField(const QString& name, const QString& asks,
               std::function<QString(const Drive&, const Style&)> shown,
               std::function<void(Drive&, double, double)> set) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [=](const Facts& facts, const Style& style) {
        return shown(facts.engine.drive, style);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        std::vector<double> two;
        if (typed.trimmed() == QLatin1String("-"))
            two = {0.0, 0.0};
        else {
            // As they are said: 11x12, 11/12, 11 to 12.
            static const QRegularExpression apart(QStringLiteral("\\s*(?:[x/;]|\\bto\\b)\\s*"));
            const QString why = readNumbers(
                QString(typed.toLower()).replace(apart, QStringLiteral(" ")), style, two);
            if (!why.isEmpty()) return why;
        }
        if (two.size() == 1) two.push_back(0.0);
        if (two.size() != 2 || std::abs(two[0]) > 1e6 || std::abs(two[1]) > 1e6)
            return Say::tr("Two numbers, such as 11 12.");
        return changed(facts, [&](Drive& d) { set(d, two[0], two[1]); });
    };
    return f;
}

/// Crank degrees; with "cam" behind, cam degrees.
Field phaser() {
    Field f;
    f.name = Say::tr("Phaser, beyond its park");
    f.asks = Say::tr("what it advances, crank degrees; 20 cam for cam degrees; minus when "
                     "it retards; 0 for none");
    f.shown = [](const Facts& facts, const Style& style) {
        const double deg = facts.engine.drive.phaser_deg;
        return deg == 0.0 ? noValue() : Say::tr("%1 crank").arg(words::signedFixed(deg, 1, style));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        QString line = typed.simplified().toLower();
        const bool cam = line.endsWith(QLatin1String("cam"));
        if (cam) line.chop(3);
        if (line.endsWith(QLatin1String("crank"))) line.chop(5);
        const auto read = readNumber(line.trimmed().toStdString());
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double deg = std::get<double>(read) * (cam ? 2.0 : 1.0);
        if (std::abs(deg) > 180.0) return Say::tr("No phaser moves a cam so far.");
        facts.engine.drive.phaser_deg = deg;
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.engine.drive.phaser_deg; });
}

/// Which event, and where: "ivc 62".
Field eventField() {
    static constexpr const char* kNames[] = {"ivo", "ivc", "evo", "evc"};
    Field f;
    f.name = Say::tr("Event at the card's height");
    f.asks = Say::tr("which, and its degrees as a card has them: ivc 62");
    f.shown = [](const Facts& facts, const Style& style) {
        const Target& t = facts.trial.target;
        return QStringLiteral("%1 %2").arg(words::eventName(t.event),
                                           words::degrees(t.event_deg, style));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        const QStringList parts = typed.simplified().toLower().split(QLatin1Char(' '));
        int which = -1;
        for (int i = 0; i < 4; ++i)
            if (parts.front() == QLatin1String(kNames[i])) which = i;
        if (parts.size() != 2 || which < 0)
            return Say::tr("ivo, ivc, evo or evc, and its degrees, such as ivc 62.");
        const auto read = readNumber(parts[1].toStdString());
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double deg = std::get<double>(read);
        if (std::abs(deg) > 180.0) return Say::tr("An event lies within 180 degrees.");
        facts.trial.target.event = static_cast<Event>(which);
        facts.trial.target.event_deg = deg;
        facts.trial.target.kind = TargetKind::EventAt;
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.trial.target.event; },
        [](Facts & x) -> auto& { return x.trial.target.event_deg; },
        [](Facts & x) -> auto& { return x.trial.target.kind; });
}

/// "intake 104.5 exhaust 107": a wanted centre per cam, card or none.
Field centresField() {
    Field f;
    f.name = Say::tr("Wanted centres");
    f.asks = Say::tr("of one cam or both: intake 104.5 exhaust 107; - for none");
    f.shown = [](const Facts& facts, const Style& style) {
        const Target& t = facts.trial.target;
        QStringList parts;
        if (t.centre.intake) parts << Say::tr("intake ") + words::degrees(*t.centre.intake, style);
        if (t.centre.exhaust)
            parts << Say::tr("exhaust ") + words::degrees(*t.centre.exhaust, style);
        return parts.isEmpty() ? noValue() : parts.join(QStringLiteral(", "));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        Target& t = facts.trial.target;
        if (typed.trimmed() == QLatin1String("-")) {
            t.centre.intake.reset();
            t.centre.exhaust.reset();
            return QString();
        }
        QString line = typed.simplified().toLower();
        line.replace(QLatin1Char(','), QLatin1Char(' '));
        const QStringList parts = line.simplified().split(QLatin1Char(' '));
        if (parts.size() % 2 != 0)
            return Say::tr("Which cam, and its centre, such as intake 104.5 exhaust 107.");
        for (qsizetype i = 0; i < parts.size(); i += 2) {
            const bool in = Say::tr("intake").startsWith(parts[i]),
                       ex = Say::tr("exhaust").startsWith(parts[i]);
            if (!in && !ex)
                return Say::tr("Which cam, and its centre, such as intake 104.5 exhaust 107.");
            const auto read = readNumber(parts[i + 1].toStdString());
            if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
            const double deg = std::get<double>(read);
            if (deg < 60.0 || deg > 160.0)
                return Say::tr("A lobe centre lies 60 to 160 crank degrees from TDC.");
            (in ? t.centre.intake : t.centre.exhaust) = deg;
        }
        t.kind = TargetKind::Centres;
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.trial.target.centre.intake; },
        [](Facts & x) -> auto& { return x.trial.target.centre.exhaust; },
        [](Facts & x) -> auto& { return x.trial.target.kind; });
}

/// The builder's own names of the keyways, dots or holes.
Field marksField() {
    Field f;
    f.name = Say::tr("Names of the keyways");
    f.asks = Say::tr("dots or letters, from the one first used in the running direction: A B C; - "
                     "for none");
    f.shown = [](const Facts& facts, const Style&) {
        QStringList all;
        for (const std::string& m : facts.engine.drive.marks)
            all << QString::fromStdString(m);
        return all.isEmpty() ? noValue() : all.join(QLatin1Char(' '));
    };
    f.take = [](Facts& facts, const QString& typed, const Style&) {
        Drive& d = facts.engine.drive;
        d.marks.clear();
        if (typed.trimmed() == QLatin1String("-")) return QString();
        for (const QString& each : typed.simplified().split(QLatin1Char(' ')))
            d.marks.push_back(each.left(24).toStdString());
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.engine.drive.marks; });
}

/// A number of the target that chooses its kind as well.
Field aimField(const QString& name, const QString& asks, double least, double most, int places,
               TargetKind kind, double Target::*part) {
    Field f = numberField(name, asks, least, most, places,
                          [part](Facts& x) -> double& { return x.trial.target.*part; });
    f.take = [plain = f.take, kind](Facts& facts, const QString& typed, const Style& style) {
        const QString why = plain(facts, typed, style);
        if (why.isEmpty()) facts.trial.target.kind = kind;
        return why;
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.trial.target.*part; },
        [](Facts & x) -> auto& { return x.trial.target.kind; });
}

SetFields makeSetFields() {
    SetFields made;
    auto& [all, target] = made;
    const auto add = [&](Field f, const QString& heading = {}) {
        f.subject = target == 0 ? Say::tr("drive") : Say::tr("target");
        f.heading = heading;
        all.push_back(std::move(f));
    };
    using F = Facts&;
    add(countField(Say::tr("Teeth of the cam wheel"), Say::tr("count them"), &Drive::teeth, 0),
        Say::tr("Drive (Up, Down)"));
    add(changing(
        choiceField(
            Say::tr("Driven by"), 3, driveChoice,
            [](const Facts& f) { return static_cast<int>(f.engine.drive.kind); },
            [](F f, int i) {
                f.engine.drive.kind = static_cast<DriveKind>(i);
                // Two gears in mesh turn against one another; the next field is for an idler.
                f.engine.drive.against = f.engine.drive.kind == DriveKind::Gears;
            }),
        [](Facts & x) -> auto& { return x.engine.drive.kind; },
        [](Facts & x) -> auto& { return x.engine.drive.against; }));
    add(flagField(Say::tr("The cam turns"), setWayChoice,
                  [](F f) -> bool& { return f.engine.drive.against; }));
    add(countField(Say::tr("Keyways or dowel holes"),
                   Say::tr("evenly round the cam wheel; 1 for one"), &Drive::keyways, 0));
    add(offsetsField(Say::tr("Crank keyways"),
                     Say::tr("beside the one first used, crank degrees, plus advances: -4 4; "
                             "- for none"),
                     1.0, &Drive::crankKeyways_deg));
    add(changing(
        twoField(
            Say::tr("Vernier holes"), Say::tr("in wheel and hub: 11 12; - for none"),
            [](const Drive& d, const Style&) {
                return d.vernierWheel == 0
                           ? noValue()
                           : Say::tr("%1 to %2").arg(d.vernierWheel).arg(d.vernierHub);
            },
            [](Drive& d, double a, double b) {
                d.vernierWheel = static_cast<int>(a);
                d.vernierHub = static_cast<int>(b);
            }),
        [](Facts & x) -> auto& { return x.engine.drive.vernierWheel; },
        [](Facts & x) -> auto& { return x.engine.drive.vernierHub; }));
    add(changing(
        twoField(
            Say::tr("Slots"),
            Say::tr("range either way and what a line is worth, crank degrees: 12 2; - for "
                    "none"),
            [](const Drive& d, const Style& style) {
                if (d.slot_deg == 0.0) return noValue();
                return Say::tr("%1%2, lines of %3")
                    .arg(QChar(0xB1))
                    .arg(words::degrees(d.slot_deg, style),
                         d.slotLine_deg > 0.0 ? words::degrees(d.slotLine_deg, style) : noValue());
            },
            [](Drive& d, double a, double b) {
                d.slot_deg = a;
                d.slotLine_deg = b;
            }),
        [](Facts & x) -> auto& { return x.engine.drive.slot_deg; },
        [](Facts & x) -> auto& { return x.engine.drive.slotLine_deg; }));
    add(offsetsField(Say::tr("Bushes or offset keys"),
                     Say::tr("at hand, crank degrees, plus advances: 1 2 -1; or offset "
                             "and shaft radius: 0.5@12"),
                     2.0, &Drive::bushes_deg));
    add(lengthField(Say::tr("Bolt circle radius"), 0, 200,
                    [](F f) -> double& { return f.engine.drive.boltRadius_mm; }));
    add(phaser());
    add(enumField<Side>(Say::tr("The crank pulls first"), 2, firstChoice,
                        [](F f) -> Side& { return f.engine.drive.pulledFirst; }));
    target = static_cast<int>(all.size());
    add(enumField<TargetKind>(Say::tr("Set it to"), 7, targetChoice,
                              [](F f) -> TargetKind& { return f.trial.target.kind; }),
        Say::tr("Target"));
    add(enumField<SetSchool>(Say::tr("By the school"), 3, setSchoolChoice,
                             [](F f) -> SetSchool& { return f.trial.target.school; }));
    add(aimField(Say::tr("Earlier than the card"), Say::tr("crank degrees"), -30, 30, 1,
                 TargetKind::CardPlus, &Target::plus_deg));
    Field plusExhaust =
        optionalField(Say::tr("Exhaust earlier than the card"),
                      Say::tr("two cams; crank degrees, - for as the intake"), -30, 30, false,
                      [](F f) -> std::optional<double>& { return f.trial.target.plusExhaust_deg; });
    add(eventField());
    add(aimField(Say::tr("Separation"), Say::tr("cam degrees; two cams"), 80, 140, 1,
                 TargetKind::Separation, &Target::separation_deg));
    add(aimField(Say::tr("Dynamic compression"), Say::tr("to 1"), 4, 20, 2, TargetKind::Dynamic,
                 &Target::dynamic));
    Field clearance = lengthField(Say::tr("Least clearance"), 0, 10,
                                  [](F f) -> double& { return f.trial.target.clearance_mm; });
    add(clearance);
    add(centresField());
    add(plusExhaust);
    add(marksField());
    add(lengthField(Say::tr("Taken off head and block"), -5, 10,
                    [](F f) -> double& { return f.trial.skim_mm; }),
        Say::tr("Skimmed head, overhead cam"));
    add(lengthField(Say::tr("Pitch radius of the cam wheel"), 0, 200,
                    [](F f) -> double& { return f.engine.drive.wheelRadius_mm; }));
    add(numberField(Say::tr("Pulling run off the bore's line"),
                    Say::tr("degrees between the run and the way the head comes down"), 0, 80, 1,
                    [](F f) -> double& { return f.engine.drive.runAngle_deg; }));
    return made;
}

} // namespace

SetFields setFields() {
    return makeSetFields();
}

} // namespace app
