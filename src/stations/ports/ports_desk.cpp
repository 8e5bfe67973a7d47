#include "stations/ports/ports_desk.h"

#include "core/job/job.h"
#include "core/typed/entry.h"
#include "stations/ports/fields.h"
#include "words/bench.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
/// A gauge that comes back to its mark within this was not tipped.
constexpr double kGaugeSame_deg = 0.3;
} // namespace

PortsDesk::PortsDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), portFields(), false) {}

void PortsDesk::begin() {
    FactsDesk::begin();
    at_deg_ = 0.0;
    notNow_ = false;
}

void PortsDesk::follow() {
    // The first edge is asked where nothing is known yet.
    if (!sheet().field() && !notNow_ && crank() && !job().ports.exhaust.known()) askQuietly(0);
}

LiveWish PortsDesk::ownLive() const {
    LiveWish wish;
    wish.what = LiveWish::What::Angle;
    return wish;
}

/// Where nothing is asked, the piston goes where the crank stands.
Echo PortsDesk::ownMeasured(const InstrumentReading& reading) {
    if (reading.unit != InstrumentReading::Unit::Degree) return FactsDesk::ownMeasured(reading);
    movePiston(reading.value);
    return {true, {}};
}

void PortsDesk::leave() {
    notNow_ = true;
    moveTo(-1);
    tell();
}

QString PortsDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

void PortsDesk::factKept() {
    const int next = sheet().onward();
    moveTo(sheet().last() ? -1 : next);
}

std::optional<PortCrank> PortsDesk::crank() const {
    const Engine& e = job().engine;
    const auto path = PistonPath::of(e.stroke_mm, e.rod_mm, e.pinOffset_mm);
    return path ? std::optional(PortCrank{*path, e.bore_mm}) : std::nullopt;
}

std::vector<PortFigures> PortsDesk::figures() const {
    std::vector<PortFigures> out;
    const auto c = crank();
    if (!c) return out;
    for (const PortName p : {PortName::Exhaust, PortName::Transfer, PortName::Intake}) {
        if (auto f = portFigures(job().ports, p, *c)) out.push_back(std::move(*f));
    }
    return out;
}

void PortsDesk::movePiston(double deg) {
    at_deg_ = std::fmod(std::fmod(deg, 360.0) + 360.0, 360.0);
    tell();
}

Prompt PortsDesk::ownPrompt() const {
    Prompt p;
    p.subject = Say::tr("ports");
    p.ask = Say::tr("where does the piston stand?");
    p.enter = Say::tr("to the next edge");
    p.keys = Say::tr("86  degrees after TDC   Down  the facts");
    return p;
}

Echo PortsDesk::ownUnderstand(const QString& text) const {
    const auto deg = readNumber(text.trimmed().toStdString());
    if (const auto* e = std::get_if<EntryError>(&deg)) return {false, words::sentence(*e, style())};
    if (!(std::abs(std::get<double>(deg)) <= 360.0))
        return {false, Say::tr("Degrees after TDC, up to a turn.")};
    return {true,
            Say::tr("piston at %1 after TDC").arg(words::degrees(std::get<double>(deg), style()))};
}

Echo PortsDesk::ownSubmit(const QString& text) {
    if (text.trimmed().isEmpty()) {
        // The nearest opening beyond where it stands; past the last it begins again.
        std::vector<double> edges;
        for (const PortFigures& f : figures())
            edges.push_back(f.port == PortName::Intake ? 360.0 - f.opens_deg.value
                                                       : f.opens_deg.value);
        std::sort(edges.begin(), edges.end());
        const auto next = std::upper_bound(edges.begin(), edges.end(), at_deg_ + 1e-9);
        movePiston(next == edges.end() ? 0.0 : *next);
        return {true, {}};
    }
    const Echo echo = ownUnderstand(text);
    if (!echo.ok) return echo;
    movePiston(std::get<double>(readNumber(text.trimmed().toStdString())));
    return {true, {}};
}

QList<Command> PortsDesk::ownCommands() const {
    return {{QLatin1Char('g'), Say::tr("the gauge at its bench mark again")}};
}

Echo PortsDesk::command(QChar) {
    moveTo(static_cast<int>(sheet().fields().size()) - 1);
    emit entryWanted();
    return {true, {}};
}

QString PortsDesk::gaugeDoubt() const {
    const PortWork& w = job().ports;
    if (w.gauge != PortGauge::Gravity) return {};
    if (!w.benchBefore_deg)
        return Say::tr("A gravity gauge loses its zero when the engine is tipped: read it at a "
                       "mark on the bench before, and again after.");
    if (!w.benchAfter_deg)
        return Say::tr("Read the gauge at its bench mark again: was the engine tipped since?");
    const double by = *w.benchAfter_deg - *w.benchBefore_deg;
    if (std::abs(by) <= kGaugeSame_deg) return {};
    return Say::tr("The gauge reads %1 more at its bench mark than before: the engine was tipped, "
                   "and the angles read in between are not to be trusted.")
        .arg(words::signedFixed(by, 1, style()));
}

QString PortsDesk::verdict() const {
    if (!crank()) return Say::tr("Stroke and rod at Engine come first.");
    const auto all = figures();
    if (all.empty())
        return Say::tr("Turn to where light just shows at the exhaust port, and type the degrees "
                       "after TDC.");
    QStringList out;
    for (const PortFigures& f : all)
        out << Say::tr("%1 %2").arg(words::portName(f.port),
                                    words::degrees(f.duration_deg.value, style()));
    const auto of = [&](PortName p) -> std::optional<PortFigures> {
        for (const PortFigures& f : all)
            if (f.port == p) return f;
        return std::nullopt;
    };
    if (const auto b = blowdown_deg(of(PortName::Exhaust), of(PortName::Transfer)))
        out << words::blowdownLine(*b, style());
    QString text = out.join(QStringLiteral(", ")) + QLatin1Char('.');
    text[0] = text[0].toUpper();
    QStringList doubts;
    for (const PortFigures& f : all)
        doubts << words::portDoubt(f, style());
    doubts << gaugeDoubt();
    doubts.removeAll(QString());
    return doubts.isEmpty() ? text : text + QLatin1Char(' ') + doubts.front();
}

QString PortsDesk::notes() const {
    const auto c = crank();
    if (!c) return {};
    QStringList out;
    const auto all = figures();
    const Engine& e = job().engine;
    const double swept = swept_cc(e);
    for (const PortFigures& f : all) {
        const Port& port = f.port == PortName::Exhaust    ? job().ports.exhaust
                           : f.port == PortName::Transfer ? job().ports.transfer
                                                          : job().ports.intake;
        QStringList said{words::portLine(f, style())};
        if (!f.closes_deg)
            for (const WantedEdge& w : wantedEdges(f, port.wanted_deg, c->path))
                said << words::wantedLine(f.port, w, style());
        for (QString& each : said)
            each[0] = each[0].toUpper();
        // What is to be filed is what one came for.
        std::rotate(said.begin(), said.begin() + 1, said.end());
        out << said.join(QStringLiteral(". ")) + QLatin1Char('.');
        if (f.port == PortName::Exhaust)
            if (const auto r = trappedRatio(f, *c, e.chamber.chamber_cc))
                out << Say::tr("From its closing the cylinder compresses %1 : 1.")
                           .arg(words::fixed(*r, 2, style()));
        if (f.port == PortName::Transfer)
            if (const auto r = crankcaseRatio(f, *c, job().ports.crankcase_cc))
                out << Say::tr("The crankcase compresses %1 : 1 until the transfers open.")
                           .arg(words::fixed(*r, 2, style()));
        if (const QString gas = words::portGasLine(f, swept, portSpeed_rpm(job()), style());
            !gas.isEmpty())
            out << gas;
    }
    if (job().ports.intakeBy == PortIntake::Reed)
        out << Say::tr("The reed opens as the crankcase draws: there is no timing of it to read.");
    return out.join(QLatin1Char('\n'));
}

QString PortsDesk::caution() {
    return words::portCaution();
}

QString PortsDesk::factsName() {
    return Say::tr("What is known of the ports");
}

StandCard PortsDesk::ownCard(bool asked) const {
    StandCard card = cardOf(prompt(), job());
    if (!asked) card.advice = verdict();
    return card;
}

} // namespace app
