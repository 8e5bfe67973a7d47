#include "stations/tdc/fields.h"

#include "core/tdc/tdc.h"
#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

QString topName(int i) {
    switch (static_cast<WhichTop>(i)) {
    case WhichTop::NotSaid:
        return Say::tr("not said");
    case WhichTop::Overlap:
        return Say::tr("overlap: both valves move");
    case WhichTop::Firing:
        break;
    }
    return Say::tr("firing: neither valve moves");
}

/// Where the factory mark says TDC, typed as read from the wheel; shown with what it does.
Field factoryMark() {
    Field f;
    f.name = Say::tr("Factory mark reads");
    f.asks = Say::tr("the wheel when the factory mark says TDC, such as 2.5b; - for none");
    f.shown = [](const Facts& facts, const Style& style) {
        const auto error = factoryMarkError(facts.fitted);
        if (!error) return noValue();
        QString text = words::signedFixed(error->deg, 2, style) + QChar(0xB0);
        if (error->arc_mm != 0.0)
            text +=
                Say::tr(", %1 %2 of arc")
                    .arg(words::dimension(std::abs(error->arc_mm), style), words::unitName(style));
        return text;
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        if (typed.trimmed() == QLatin1String("-")) {
            facts.fitted.factoryMark_deg.reset();
            return QString();
        }
        const auto read = readWheel(typed.toStdString(), {facts.fitted.degreeWheel(), true,
                                                          DeadCentre::Top, false, style.unit});
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        facts.fitted.factoryMark_deg = std::get<WheelReading>(read).at.deg;
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.fitted.factoryMark_deg; });
}

/// A true advance that is wanted; shown with what a lamp says of it on the factory mark.
Field spark() {
    Field f = optionalField(
        Say::tr("Spark wanted"), Say::tr("true degrees before TDC, such as 29; - for none"), -20,
        70, false, [](Facts& facts) -> std::optional<double>& { return facts.fitted.spark_deg; });
    f.shown = [](const Facts& facts, const Style& style) {
        const auto& wanted = facts.fitted.spark_deg;
        if (!wanted) return noValue();
        const auto error = factoryMarkError(facts.fitted);
        if (!error)
            return Say::tr("%1 true; the factory mark is not read yet")
                .arg(words::degrees(*wanted, style));
        QString text = Say::tr("for %1 true set the lamp to %2 on the factory mark")
                           .arg(words::degrees(*wanted, style),
                                words::degrees(lampFor_deg(*wanted, *error), style));
        if (error->arc_mm != 0.0)
            text += error->deg > 0.0 ? Say::tr("; a true mark goes %1 %2 earlier the way it turns")
                                           .arg(words::dimension(std::abs(error->arc_mm), style),
                                                words::unitName(style))
                                     : Say::tr("; a true mark goes %1 %2 later the way it turns")
                                           .arg(words::dimension(std::abs(error->arc_mm), style),
                                                words::unitName(style));
        if (std::abs(error->deg) >= kTabSuspect_deg)
            text += Say::tr("; so far off the tab may belong to another damper, or its ring has "
                            "turned");
        return text;
    };
    f.seldom = true;
    return f;
}

/// Piston below the block face at several points, typed one after the other.
Field deckPoints() {
    Field f;
    f.name = Say::tr("Deck, piston below the face");
    f.asks = Say::tr("one or more points, such as 0.30 0.34; minus above; - to clear");
    f.shown = [](const Facts& facts, const Style& style) {
        const auto& d = facts.fitted.deck_mm;
        if (d.empty()) return noValue();
        const auto [least, most] = std::minmax_element(d.begin(), d.end());
        double sum = 0.0;
        for (double mm : d)
            sum += mm;
        QString text = words::fixed(style.inches() ? sum / double(d.size()) / kMmPerInch
                                                   : sum / double(d.size()),
                                    style.inches() ? 4 : 2, style);
        if (d.size() > 1)
            text += Say::tr(" mean of %1, range %2")
                        .arg(d.size())
                        .arg(words::lift(*most - *least, style));
        return text;
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        if (typed.trimmed() == QLatin1String("-")) {
            facts.fitted.deck_mm.clear();
            return QString();
        }
        std::vector<double> points;
        for (const QString& part : typed.simplified().split(QLatin1Char(' '))) {
            const auto read = readLength(part.toStdString(), style.unit, 20.0);
            if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
            points.push_back(std::get<double>(read));
        }
        if (facts.fitted.deck_mm.size() + points.size() > 12)
            return Say::tr("Twelve points are enough; - clears them.");
        facts.fitted.deck_mm.insert(facts.fitted.deck_mm.end(), points.begin(), points.end());
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.fitted.deck_mm; });
}

std::vector<Field> makeTdcFields() {
    std::vector<Field> all;
    const auto add = [&](Field f) {
        f.subject = Say::tr("TDC");
        all.push_back(std::move(f));
    };
    Field top = enumField<WhichTop>(Say::tr("The wheel's zero is"), 3, topName,
                                    [](Facts& f) -> WhichTop& { return f.fitted.top; });
    top.heading = Say::tr("Also here (Up, Down)");
    top.question = Say::tr("overlap or firing, at the wheel's zero?");
    add(top);
    add(lengthField(Say::tr("Indicator resolves"), 0.0005, 0.5,
                    [](Facts& f) -> double& { return f.fitted.resolution_mm; }));
    add(lengthField(Say::tr("Pin offset"), -10, 10,
                    [](Facts& f) -> double& { return f.engine.pinOffset_mm; }));
    add(numberField(Say::tr("Contacts must agree within"), Say::tr("degrees"), 0.05, 5, 2,
                    [](Facts& f) -> double& { return f.reckoning.tdcTolerance_deg; }));
    add(lengthField(Say::tr("Tape circumference"), 50, 5000,
                    [](Facts& f) -> double& { return f.fitted.tape_mm; }));
    add(deckPoints());
    add(factoryMark());
    add(lengthField(Say::tr("Damper diameter"), 30, 1000,
                    [](Facts& f) -> double& { return f.fitted.damper_mm; }));
    add(spark());
    return all;
}

} // namespace

std::vector<Field> tdcFields() {
    return makeTdcFields();
}

} // namespace app
