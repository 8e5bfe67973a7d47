// What the Compression station says: the verdict, the schools side by side, what reaches a ratio.
#include "core/assess/claims.h"
#include "core/job/job.h"
#include "stations/compression/compression_desk.h"
#include "words/fuel.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>

namespace app {

using namespace lobe;

QString CompressionDesk::caution() {
    return Say::tr("Knock destroys engines. Fuel limits are your own, and a rough "
                   "guide at best; cranking pressure is an estimate. The maker's "
                   "manual and a gauge have the last word.");
}

QString CompressionDesk::verdict() const {
    const Engine& e = job().engine;
    if (!(e.bore_mm > 0.0 && e.stroke_mm > 0.0 && e.rod_mm > 0.0))
        return Say::tr("Bore, stroke and rod come first, at Engine or further down here.");
    if (!(e.chamberOf(session().cylinder()).chamber_cc > 0.0))
        return Say::tr("What does the chamber hold? Its volume in cc is asked for.");
    const auto r =
        compression(state(advance_deg()), job().reckoning.altitude_m, job().reckoning.exponent);
    if (const auto* fault = std::get_if<CompressionError>(&r))
        return Say::tr("There is no ratio: ") + words::sentence(*fault, style()) + QLatin1Char('.');
    const Compression& c = std::get<Compression>(r);
    const Chamber& chamber = e.chamberOf(session().cylinder());
    const QString without = words::withoutParts(withoutGasket(chamber), withoutDeck(chamber));
    if (!closing_deg())
        return Say::tr("Static %1 : 1%2. The dynamic ratio waits for the intake's closing: "
                       "record that lobe, or choose another way of calling it.")
            .arg(words::fixed(c.staticRatio, 2, style()), without);
    // Which of the user's fuels it goes with.
    QString fuel;
    for (auto it = job().reckoning.fuels.rbegin(); it != job().reckoning.fuels.rend(); ++it)
        if (c.dynamicRatio <= it->dynamic)
            fuel = Say::tr(" It is within your limit for %1.").arg(words::fuelName(it->name));
    if (fuel.isEmpty() && !job().reckoning.fuels.empty())
        fuel = Say::tr(" It is beyond every limit you set.");
    const double a = advance_deg();
    // A ratio of part of the volume goes with no fuel.
    if (!without.isEmpty())
        fuel = Say::tr(" That is%1: the true ratio is lower. Go down and type them.").arg(without);
    return Say::tr("The intake closes %1 after BDC%2: from there the piston compresses %3 : 1.%4")
        .arg(words::degrees(c.effective_deg, style()),
             a == 0.0 ? QString() : Say::tr(" with the cam ") + words::moveBy(a, style()),
             words::fixed(c.dynamicRatio, 2, style()), fuel);
}

/// The chosen closing large, the others beside it with what separates them; and the kept state.
QList<FigureLine> CompressionDesk::table() const {
    QList<FigureLine> rows;
    const auto all =
        dynamicByClosing(job(), findings().closings, session().cylinder(), advance_deg());
    const auto& chosen = all[static_cast<std::size_t>(job().reckoning.closing)].ratio;
    rows.append({Say::tr("intake closes by"), Say::tr("to 1"), Say::tr("ABDC, by"), false, true});
    for (const DynamicBy& by : all) {
        FigureLine row;
        row.name = words::closingName(by.closing.school);
        row.strong = by.closing.school == job().reckoning.closing;
        row.first = QString(QChar(0x2013));
        row.second = Say::tr("not known");
        if (by.ratio) {
            row.first = words::fixed(*by.ratio, 2, style());
            row.second = words::degrees(*by.closing.deg, style());
        }
        if (by.ratio && by.ratio->plusMinus)
            row.first += QStringLiteral(" %1%2").arg(
                QString(QChar(0xB1)),
                words::fixed(std::max(0.01, *by.ratio->plusMinus), 2, style()));
        // What separates the schools.
        if (by.ratio && chosen && !row.strong)
            row.second +=
                QStringLiteral(", %1").arg(words::signedFixed(*by.ratio - *chosen, 2, style()));
        rows << row;
    }
    return rows;
}

/// What reaches the wanted ratio, each alone.
QString CompressionDesk::waysThere() const {
    const double ratio = job().trial.wantedDynamic;
    const CompressionState now = state(advance_deg());
    QStringList ways;
    for (Quantity q : {Quantity::Advance, Quantity::Chamber, Quantity::Gasket, Quantity::Deck,
                       Quantity::Crown}) {
        const auto value = reach(q == Quantity::Advance ? state(0.0) : now, q, ratio);
        if (!value) continue;
        const bool length = q == Quantity::Gasket || q == Quantity::Deck;
        QString way = QStringLiteral("%1 %2").arg(
            words::quantityName(q), q == Quantity::Advance
                                        ? words::signedFixed(*value, 1, style()) + QChar(0xB0)
                                    : length ? words::liftWithUnit(*value, style())
                                             : words::fixed(*value, 1, style()) + Say::tr(" cc"));
        // A volume changes the static ratio with it.
        if (const auto fixedRatio = staticWith(now, q, *value);
            fixedRatio && q != Quantity::Advance)
            way += Say::tr(" (static %1)").arg(words::fixed(*fixedRatio, 1, style()));
        ways << way;
    }
    const QString wanted = words::fixed(ratio, 2, style());
    if (ways.isEmpty())
        return Say::tr("<b>%1 : 1</b> cannot be reached by advance, chamber, "
                       "gasket, deck or crown alone.")
            .arg(wanted);
    if (ways.size() == 1)
        return Say::tr("<b>%1 : 1</b> is reached by this alone, all else as shown: "
                       "%2.")
            .arg(wanted, ways.front());
    return Say::tr("<b>%1 : 1</b> is reached by any one of these, all else as "
                   "shown: %2.")
        .arg(wanted, ways.join(QStringLiteral(", ")));
}

/// The kept state beside this one; empty where either has no ratio.
QString CompressionDesk::keptAgainstThis() const {
    const Reckoning& by = job().reckoning;
    const auto a = compression(*job().trial.kept, by.altitude_m, by.exponent);
    const auto b = compression(state(advance_deg()), by.altitude_m, by.exponent);
    const auto *was = std::get_if<Compression>(&a), *is = std::get_if<Compression>(&b);
    if (!was || !is) return {};
    return Say::tr("Kept state against this: static %1 to <b>%2</b>, dynamic %3 to "
                   "<b>%4</b>, cranking %5 to <b>%6</b>.")
        .arg(words::fixed(was->staticRatio, 2, style()), words::fixed(is->staticRatio, 2, style()),
             words::fixed(was->dynamicRatio, 2, style()),
             words::fixed(is->dynamicRatio, 2, style()),
             words::pressure(was->cranking_kpa, style()),
             words::pressure(is->cranking_kpa, style()));
}

QString CompressionDesk::cylindersCompared() const {
    QStringList said;
    for (int n = 1; n <= job().engine.cylinders; ++n) {
        const auto r = compression(stateOf(job(), n, closing_deg().value_or(0.0), 0.0),
                                   job().reckoning.altitude_m, job().reckoning.exponent);
        if (const auto* c = std::get_if<Compression>(&r))
            said << Say::tr("cyl %1 %2 cc, %3")
                        .arg(n)
                        .arg(words::fixed(c->clearance.total(), 1, style()),
                             words::fixed(c->staticRatio, 2, style()));
    }
    return Say::tr("Clearance and static: ") + said.join(QStringLiteral("; ")) + QLatin1Char('.');
}

QString CompressionDesk::reached() const {
    QStringList parts;
    const bool known = closing_deg() && job().engine.chamberOf(session().cylinder()).chamber_cc > 0;
    if (known && job().trial.wantedDynamic > 0.0) parts << waysThere();
    if (known && job().trial.kept) parts << keptAgainstThis();
    if (!job().engine.chambers.empty()) parts << cylindersCompared();
    parts.removeAll(QString());
    return parts.join(QStringLiteral("<br>"));
}

RingScene CompressionDesk::ringScene() const {
    RingScene ring = ringOf(session().snapshot(), session().cylinder());
    ring.splitPoint.reset();
    ring.intakeMoved_deg = ring.exhaustMoved_deg = advance_deg();
    if (const auto at = closing_deg()) ring.needle = CrankDeg{180.0 + *at - advance_deg()};
    return ring;
}

StandCard CompressionDesk::ownCard(bool asked) const {
    if (asked) return cardOf(prompt(), job());
    StandCard card;
    card.subject = Say::tr("compression, cyl %1").arg(session().cylinder());
    card.caption = Say::tr("dynamic");
    const auto r =
        compression(state(advance_deg()), job().reckoning.altitude_m, job().reckoning.exponent);
    const auto* c = std::get_if<Compression>(&r);
    card.big =
        c && closing_deg() ? words::fixed(c->dynamicRatio, 2, style()) : QString(QChar(0x2013));
    card.bigNote = QStringLiteral(": 1");
    card.advice = verdict();
    card.tip = caution();
    card.ring = ringScene();
    return card;
}

} // namespace app
