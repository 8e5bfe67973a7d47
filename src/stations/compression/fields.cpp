#include "stations/compression/fields.h"

#include "core/compression/compression.h"
#include "core/tdc/tdc.h"
#include "core/typed/entry.h"
#include "words/fuel.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <QRegularExpression>

#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

QString sourceChoice(int i) {
    return i == 0   ? Say::tr("poured with a burette")
           : i == 1 ? Say::tr("reckoned from dimensions")
                    : Say::tr("given by the maker");
}
QString closingChoice(int i) {
    return words::closingName(static_cast<ClosingSchool>(i));
}

/// A volume: cc, or a round recess as diameter x depth.
QString readVolume(const QString& typed, const Style& style, double& cc) {
    const auto cross = typed.indexOf(QLatin1Char('x'), 0, Qt::CaseInsensitive);
    if (cross < 0) {
        const auto read = readNumber(typed.toStdString(), {"ccm", "cc", "ml", "cm3"});
        if (const auto* e = std::get_if<EntryError>(&read))
            return e->fault == EntryFault::DivideByZero
                       ? words::sentence(*e, style)
                       : Say::tr("A volume in cc such as 42, or a round recess as %1.")
                             .arg(style.inches() ? QStringLiteral("2.4x0.12")
                                                 : QStringLiteral("60x3"));
        cc = std::get<double>(read);
        return {};
    }
    // Dimensions of a recess: whole numbers in inches are inches.
    const auto wide =
        readLength(asDimension(typed.left(cross), 300.0, style).toStdString(), style.unit, 300.0);
    const auto deep = readLength(asDimension(typed.mid(cross + 1), 100.0, style).toStdString(),
                                 style.unit, 100.0);
    for (const auto* part : {&wide, &deep})
        if (const auto* e = std::get_if<EntryError>(part)) return words::sentence(*e, style);
    cc = recess_cc(std::get<double>(wide), std::get<double>(deep));
    return {};
}
QString readDepth(const QString& typed, const Style& style, double& mm) {
    const auto read = readLength(typed.toStdString(), style.unit, 300.0);
    if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
    mm = std::get<double>(read);
    return {};
}

using ChamberValue = double Chamber::*;
using AmountReader = QString (*)(const QString&, const Style&, double&);

/// One value for all cylinders, or each cylinder's own.
void setAll(Engine& e, ChamberValue part, double value) {
    e.chamber.*part = value;
    for (Chamber& c : e.chambers)
        c.*part = value;
    if (std::all_of(e.chambers.begin(), e.chambers.end(),
                    [&](const Chamber& c) { return c == e.chamber; }))
        e.chambers.clear();
}
void setEach(Engine& e, ChamberValue part, const std::vector<double>& values) {
    e.chambers.resize(static_cast<std::size_t>(e.cylinders), e.chamber);
    for (std::size_t i = 0; i < values.size(); ++i)
        e.chambers[i].*part = values[i];
    e.chamber.*part = values.front();
}

/// A part of the chamber: one value, or one for each cylinder from 1 on.
Field chamberField(const QString& name, const QString& asks, double least, double most,
                   ChamberValue part, bool volume) {
    const AmountReader read = volume ? readVolume : readDepth;
    const auto say = [volume](double value, const Style& style) {
        return volume ? words::shortest(value, 2, style) : words::dimension(value, style);
    };
    const auto unit = [volume](const Style& style) {
        return QLatin1Char(' ') + (volume ? QStringLiteral("cc") : words::unitName(style));
    };
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [=](const Facts& facts, const Style& style) {
        const Engine& e = facts.engine;
        const bool differ = std::any_of(e.chambers.begin(), e.chambers.end(), [&](const auto& c) {
            return c.*part != e.chambers.front().*part;
        });
        if (!differ) {
            const double value = e.chamberOf(1).*part;
            return value == 0.0 ? noValue() : say(value, style) + unit(style);
        }
        QStringList said;
        for (const Chamber& c : e.chambers)
            said << say(c.*part, style);
        return said.join(QStringLiteral(", ")) + unit(style);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        std::vector<double> values;
        // A unit behind a space belongs to its number.
        static const QRegularExpression loose(
            QStringLiteral("\\s+(ccm?|ml|mm|in\\.?|inch|inches|thou?)(?=\\s|$)"));
        for (const QString& each : QString(typed.simplified().toLower())
                                       .replace(loose, QStringLiteral("\\1"))
                                       .split(QLatin1Char(' '))) {
            double value = 0.0;
            const QString why = read(each, style, value);
            if (!why.isEmpty()) return why;
            if (!(value >= least && value <= most))
                return Say::tr("%1 is hardly right for %2: expected %3 to %4%5.")
                    .arg(say(value, style), words::midSentence(name), say(least, style),
                         say(most, style), unit(style));
            values.push_back(value);
        }
        if (values.size() == 1)
            setAll(facts.engine, part, values.front());
        else if (static_cast<int>(values.size()) > facts.engine.cylinders)
            return Say::tr("This engine has %1 cylinders.").arg(facts.engine.cylinders);
        else
            setEach(facts.engine, part, values);
        return QString();
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.engine.chamber.*part; },
        [](Facts & x) -> auto& { return x.engine.chambers; });
}

/// The crown: its volume, or what was poured and how far down the piston stood.
Field crown() {
    Field f = chamberField(Say::tr("Crown"),
                           Say::tr("dish in cc, minus for a dome; 60x3 a round dish; or "
                                   "what was poured and how far down: 60 down 8"),
                           -300.0, 300.0, &Chamber::crown_cc, true);
    f.take = [plain = f.take](Facts& facts, const QString& typed, const Style& style) {
        const QStringList parts = typed.simplified().toLower().split(Say::tr(" down "));
        if (parts.size() != 2) return plain(facts, typed, style);
        double poured = 0.0, down = 0.0;
        QString why = readVolume(parts[0], style, poured);
        if (why.isEmpty()) why = readDepth(parts[1], style, down);
        if (!why.isEmpty()) return why;
        if (!(facts.engine.bore_mm > 0.0)) return Say::tr("The bore comes first.");
        const double cc = crownPoured_cc(poured, down, facts.engine.bore_mm);
        if (std::abs(cc) > 300.0)
            return Say::tr("That makes a crown of %1 cc: hardly right.")
                .arg(words::fixed(cc, 1, style));
        setAll(facts.engine, &Chamber::crown_cc, cc);
        return QString();
    };
    return f;
}

/// Wider than the bore: a gasket that stands into the cylinder is a slip, or another gasket.
Field gasketBore() {
    Field f = chamberField(Say::tr("Gasket bore"), {}, 20.0, 260.0, &Chamber::gasketBore_mm, false);
    f.take = [plain = f.take](Facts& facts, const QString& typed, const Style& style) {
        Facts then = facts;
        const QString why = plain(then, typed, style);
        if (!why.isEmpty()) return why;
        const double bore = then.engine.bore_mm,
                     gasket = then.engine.chamberOf(then.cylinder).gasketBore_mm;
        if (gasket > 0.0 && bore > 0.0 && gasket < bore)
            return Say::tr("A gasket bore of %1 is under the engine's bore, %2: it would stand in "
                           "the cylinder. Is it another gasket, or the bore at Engine?")
                .arg(words::dimension(gasket, style), words::dimension(bore, style));
        facts = then;
        return QString();
    };
    return f;
}

/// The deck, or what was measured at the top on the TDC station: the mean of its points.
Field deck() {
    Field f = chamberField(Say::tr("Deck, below the face"),
                           Say::tr("minus above the face; by cylinder; tdc  as measured at "
                                   "TDC"),
                           -10.0, 20.0, &Chamber::deck_mm, false);
    f.take = [plain = f.take](Facts& facts, const QString& typed, const Style& style) {
        if (typed.trimmed().toLower() != QLatin1String("tdc")) return plain(facts, typed, style);
        const auto mean = meanDeck_mm(facts.fitted);
        if (!mean) return Say::tr("No deck was measured at the TDC station yet.");
        setAll(facts.engine, &Chamber::deck_mm, *mean);
        return QString();
    };
    return f;
}

/// The fuel table: a name and its limit adds or changes a row, a name and "-" takes it away.
Field fuels() {
    Field f;
    f.name = Say::tr("Fuel limits");
    f.asks = Say::tr("a rough guide to edit: a name and its dynamic ratio, or a name and -");
    f.shown = [](const Facts& facts, const Style& style) {
        QStringList said;
        for (const FuelLimit& x : facts.reckoning.fuels)
            said << words::fuelName(x.name) + QLatin1Char(' ') +
                        words::shortest(x.dynamic, 1, style);
        return said.isEmpty() ? noValue() : said.join(QStringLiteral(", "));
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        const QString line = typed.simplified();
        const auto cut = line.lastIndexOf(QLatin1Char(' '));
        if (cut < 1) return Say::tr("A name, then its dynamic ratio, such as methanol 11.");
        const std::string name = words::fuelCalled(line.left(cut));
        const QString value = line.mid(cut + 1);
        auto& all = facts.reckoning.fuels;
        const auto same = std::find_if(all.begin(), all.end(),
                                       [&](const FuelLimit& x) { return x.name == name; });
        if (value == QLatin1String("-")) {
            if (same == all.end()) return Say::tr("No fuel of that name is in the table.");
            all.erase(same);
            return QString();
        }
        const auto ratio = readNumber(value.toStdString());
        if (const auto* e = std::get_if<EntryError>(&ratio)) return words::sentence(*e, style);
        const double d = std::get<double>(ratio);
        if (!(d >= 4.0 && d <= 20.0))
            return Say::tr("A dynamic ratio of %1 is hardly right: expected 4 to 20.")
                .arg(words::shortest(d, 2, style));
        if (same != all.end())
            same->dynamic = d;
        else if (all.size() >= 8)
            return Say::tr("Eight fuels are enough; take one away first.");
        else
            all.push_back({name, d});
        std::sort(all.begin(), all.end(),
                  [](const FuelLimit& a, const FuelLimit& b) { return a.dynamic < b.dynamic; });
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.reckoning.fuels; });
}

std::vector<Field> makeCompressionFields() {
    std::vector<Field> all;
    const auto add = [&](Field f, const QString& heading = {}) {
        f.subject = Say::tr("compression");
        f.heading = heading;
        all.push_back(std::move(f));
    };
    using F = Facts&;
    add(chamberField(Say::tr("Chamber"),
                     Say::tr("cc, valves and plug fitted; or each cylinder's: 42 42.4 41.8"), 0.5,
                     2000.0, &Chamber::chamber_cc, true),
        Say::tr("Volumes (Up, Down)"));
    add(gasketBore());
    add(chamberField(Say::tr("Gasket, tightened"), {}, 0.0, 10.0, &Chamber::gasket_mm, false));
    add(deck());
    add(crown());
    add(chamberField(Say::tr("Crevice above the ring"), QStringLiteral("cc"), 0.0, 20.0,
                     &Chamber::crevice_cc, true));
    add(boreField());
    add(lengthField(Say::tr("Stroke"), 20, 300, [](F f) -> double& { return f.engine.stroke_mm; }));
    add(lengthField(Say::tr("Rod, centre to centre"), 30, 500,
                    [](F f) -> double& { return f.engine.rod_mm; }));
    add(lengthField(Say::tr("Pin offset"), -10, 10,
                    [](F f) -> double& { return f.engine.pinOffset_mm; }));
    add(enumField<VolumeSource>(Say::tr("Volumes are"), 3, sourceChoice,
                                [](F f) -> VolumeSource& { return f.engine.volumes; }));
    add(enumField<ClosingSchool>(Say::tr("Intake closes by"), 4, closingChoice,
                                 [](F f) -> ClosingSchool& { return f.reckoning.closing; }),
        Say::tr("Dynamic"));
    add(lengthField(Say::tr("Own height, valve lift"), 0.02, 10,
                    [](F f) -> double& { return f.reckoning.closingHeight_mm; }));
    add(numberField(Say::tr("Wanted dynamic ratio"), Say::tr("0 for none"), 0, 20, 2,
                    [](F f) -> double& { return f.trial.wantedDynamic; }));
    add(numberField(Say::tr("Altitude"), Say::tr("metres"), -500, 6000, 0,
                    [](F f) -> double& { return f.reckoning.altitude_m; }));
    add(numberField(Say::tr("Exponent"), Say::tr("of the compression, 1.2 to 1.3"), 1.0, 1.5, 2,
                    [](F f) -> double& { return f.reckoning.exponent; }));
    add(fuels());
    return all;
}

} // namespace

std::vector<Field> compressionFields() {
    return makeCompressionFields();
}

} // namespace app
