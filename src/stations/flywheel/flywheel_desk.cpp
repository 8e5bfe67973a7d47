#include "stations/flywheel/flywheel_desk.h"

#include "core/job/job.h"
#include "words/bench.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

#include <cmath>

namespace app {

using namespace lobe;

namespace {

/// An arc round the rim.
Field arcField(const QString& name, const QString& asks,
               std::optional<double> FlywheelWork::*part) {
    return optionalField(
        name, asks, 0.0, 60000.0, true,
        [part](Facts& facts) -> std::optional<double>& { return facts.flywheel.*part; });
}

QString yesOrNo(int i) {
    return i == 0 ? Say::tr("by its own cam") : Say::tr("by the air itself");
}

} // namespace

std::vector<Field> flywheelFields() {
    std::vector<Field> out;
    const auto length = [&](const QString& name, double FlywheelWork::*part, double most,
                            double usual) {
        out.push_back(lengthField(
            name, 0, most, [part](Facts& f) -> double& { return f.flywheel.*part; }, usual));
    };
    length(Say::tr("Round the rim"), &FlywheelWork::circumference_mm, 30000, 2400);
    out.back().question = Say::tr("circumference of the rim, by a string?");
    out.back().heading = Say::tr("Flywheel");
    const QString arc = Say::tr("from the mark, the way the engine turns; - for not known");
    out.push_back(arcField(Say::tr("Exhaust opens"), arc, &FlywheelWork::opens_mm));
    out.push_back(arcField(Say::tr("Exhaust closes"), arc, &FlywheelWork::closes_mm));
    const auto degrees = [&](const QString& name, std::optional<double> FlywheelWork::*part) {
        out.push_back(optionalField(
            name, Say::tr("degrees, as the handbook has it; - for none"), 1.0, 720.0, false,
            [part](Facts& f) -> std::optional<double>& { return f.flywheel.*part; }));
    };
    degrees(Say::tr("Handbook, at least"), &FlywheelWork::least_deg);
    degrees(Say::tr("Handbook, at most"), &FlywheelWork::most_deg);
    const std::size_t seldom = out.size();
    out.push_back(
        arcField(Say::tr("Dead centre after the exhaust stroke"), arc, &FlywheelWork::tdc_mm));
    out.push_back(arcField(Say::tr("Igniter latches"), arc, &FlywheelWork::latch_mm));
    out.push_back(arcField(Say::tr("Igniter trips"), arc, &FlywheelWork::trip_mm));
    length(Say::tr("String is off by"), &FlywheelWork::tape_mm, 20, 1);
    length(Say::tr("Valve moves a degree, opening"), &FlywheelWork::opensSlope_mm, 1, 0.04);
    length(Say::tr("Valve moves a degree, closing"), &FlywheelWork::closesSlope_mm, 1, 0.04);
    Field teeth;
    teeth.name = Say::tr("Teeth of the cam's gear");
    teeth.asks = Say::tr("a whole number; 0 for not known");
    teeth.shown = [](const Facts& f, const words::Style&) {
        return f.flywheel.camTeeth > 0 ? QString::number(f.flywheel.camTeeth) : noValue();
    };
    teeth.take = [](Facts& f, const QString& typed, const words::Style&) {
        bool ok = false;
        const int n = typed.trimmed().toInt(&ok);
        if (!ok || n < 0 || n > 400) return Say::tr("A whole number of teeth up to 400.");
        f.flywheel.camTeeth = n;
        return QString();
    };
    out.push_back(changing(
        std::move(teeth), [](Facts & f) -> auto& { return f.flywheel.camTeeth; }));
    out.push_back(flagField(Say::tr("Intake valve opens"), yesOrNo,
                            [](Facts& f) -> bool& { return f.flywheel.automaticIntake; }));
    for (std::size_t i = 0; i < out.size(); ++i) {
        out[i].subject = Say::tr("flywheel");
        out[i].seldom = i >= seldom;
    }
    return out;
}

FlywheelDesk::FlywheelDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), flywheelFields(), false) {}

void FlywheelDesk::begin() {
    FactsDesk::begin();
    notNow_ = false;
}

void FlywheelDesk::follow() {
    if (!sheet().field() && !notNow_ && !figures().degrees) askQuietly(0);
}

void FlywheelDesk::leave() {
    notNow_ = true;
    moveTo(-1);
    tell();
}

QString FlywheelDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

void FlywheelDesk::factKept() {
    const int next = sheet().onward();
    moveTo(sheet().last() ? -1 : next);
}

Prompt FlywheelDesk::ownPrompt() const {
    Prompt p;
    p.subject = Say::tr("flywheel");
    p.ask = Say::tr("measure an arc again?");
    p.enter = Say::tr("from the circumference on");
    p.keys = Say::tr("Down  the facts");
    return p;
}

Echo FlywheelDesk::ownSubmit(const QString& text) {
    if (!text.trimmed().isEmpty())
        return {false, Say::tr("Choose what it is first: Down leads to the facts.")};
    moveTo(0);
    return {true, {}};
}

lobe::TapeFigures FlywheelDesk::figures() const {
    return lobe::tapeFigures(job().flywheel);
}

QString FlywheelDesk::verdict() const {
    return words::tapeVerdict(job().flywheel, figures(), style());
}

QString FlywheelDesk::notes() const {
    QStringList out;
    const TapeFigures f = figures();
    const FlywheelWork& w = job().flywheel;
    const auto pm = [&](const Measured<double>& d) {
        return words::degrees(std::abs(d.value), style()) +
               (d.plusMinus ? QLatin1Char(' ') + QString(QChar(0xB1)) +
                                  words::degrees(*d.plusMinus, style())
                            : QString());
    };
    if (f.closesAfter_deg)
        out << (f.closesAfter_deg->value >= 0.0 ? Say::tr("The exhaust closes %1 after the dead "
                                                          "centre.")
                                                : Say::tr("The exhaust closes %1 before the dead "
                                                          "centre."))
                   .arg(pm(*f.closesAfter_deg));
    if (f.opensBefore_deg)
        out << (f.opensBefore_deg->value >= 0.0
                    ? Say::tr("It opens %1 before the outer dead centre.")
                    : Say::tr("It opens %1 after the outer dead centre."))
                   .arg(pm(*f.opensBefore_deg));
    if (f.trip_deg)
        out << (f.trip_deg->value >= 0.0 ? Say::tr("The igniter trips %1 before the dead centre.")
                                         : Say::tr("The igniter trips %1 after the dead centre."))
                   .arg(pm(*f.trip_deg));
    if (f.latch_deg) out << Say::tr("From latch to trip %1.").arg(pm(*f.latch_deg));
    if (f.tooth_deg)
        out << Say::tr("A tooth of the cam's gear moves opening and closing by %1 alike.")
                   .arg(words::degrees(*f.tooth_deg, style()));
    if (f.perTenth_deg)
        out << Say::tr("%1 less lash opens it for %2 longer.")
                   .arg(words::clearance(0.1, style()), words::degrees(*f.perTenth_deg, style()));
    if (w.automaticIntake)
        out << Say::tr(
            "The air opens the intake valve: it has no lobe, and nothing waits for one.");
    return out.join(QLatin1Char(' '));
}

QString FlywheelDesk::caution() {
    return words::tapeCaution();
}

QString FlywheelDesk::factsName() {
    return Say::tr("What was measured round the rim");
}

StandCard FlywheelDesk::ownCard(bool asked) const {
    StandCard card = cardOf(prompt(), job());
    if (!asked) card.advice = verdict();
    return card;
}

} // namespace app
