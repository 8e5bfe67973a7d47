#include "stations/compression/compression_desk.h"

#include "core/job/job.h"
#include "core/typed/entry.h"
#include "stations/compression/fields.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
/// The crown, the last of the volumes that belong to any ratio: into the facts.
constexpr int kLastVolume = 4;
} // namespace

CompressionDesk::CompressionDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), compressionFields(), false) {
    connect(&session, &Session::selectionChanged, this, [this] {
        slide_.setValue(0.0);
        emit closingWanted();
        tell();
    });
}

std::optional<double> CompressionDesk::closing_deg() const {
    return findings().closings.by(job().reckoning.closing).deg;
}

CompressionState CompressionDesk::state(double advance_deg) const {
    return stateOf(job(), session().cylinder(), closing_deg().value_or(0.0), advance_deg);
}

void CompressionDesk::setAdvance(double deg) {
    slide_.setValue(deg);
    emit slid();
}

QString CompressionDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

Prompt CompressionDesk::ownPrompt() const {
    Prompt p;
    p.subject = Say::tr("compression, cyl %1").arg(session().cylinder());
    p.ask = Say::tr("advance to try?");
    p.enter = Say::tr("move the slide there");
    p.keys = Say::tr("reach 8.5   Down  volumes   K  keep to compare   I  at closing");
    return p;
}

CompressionDesk::Typed CompressionDesk::read(const QString& text) const {
    const QString line = text.trimmed().toLower();
    const bool wanted = line.startsWith(QLatin1String("reach"));
    const auto read = readNumber((wanted ? line.mid(5) : line).toStdString());
    if (const auto* e = std::get_if<EntryError>(&read))
        return {{false, words::sentence(*e, style())}, {}, {}};
    const double value = std::get<double>(read);
    if (wanted) {
        if (!(value >= 4.0 && value <= 20.0))
            return {
                {false, Say::tr("A dynamic ratio between 4 and 20, such as reach 8.5.")}, {}, {}};
        return {
            {true, Say::tr("what reaches a dynamic ratio of ") + words::fixed(value, 2, style())},
            {},
            value};
    }
    if (std::abs(value) > SlideState::kRange_deg)
        return {{false, Say::tr("The slide ends at 15 degrees either way.")}, {}, {}};
    return {{true, words::moveBy(value, style(), 2)}, value, {}};
}

Echo CompressionDesk::ownUnderstand(const QString& text) const {
    return read(text).echo;
}

Echo CompressionDesk::ownSubmit(const QString& text) {
    const Typed t = read(text);
    if (!t.echo.ok) return t.echo;
    if (t.advance_deg) setAdvance(*t.advance_deg);
    if (t.wanted) {
        Stated s = job();
        s.trial.wantedDynamic = *t.wanted;
        if (!session().keep(book::SetStated{s}))
            return {false, Say::tr("Not kept; see the message above.")};
    }
    return {true, {}};
}

Echo CompressionDesk::keepFact(const QString& text) {
    answersIt_ = missing() >= 0 && missing() == sheet().at();
    // Behind the last of them it is through, as behind any other that was missing.
    answersIt_ = answersIt_ || (inOrder_ && sheet().at() == kLastVolume);
    inOrder_ = (answersIt_ && sheet().at() == 0) || (inOrder_ && sheet().at() < kLastVolume);
    return FactsDesk::keepFact(text);
}

void CompressionDesk::factKept() {
    // Asked because it was missing: on to what is missing still, else to the slide.
    if (inOrder_)
        // A chamber alone is no ratio: gasket, deck and crown with it, one after the other.
        moveTo(sheet().onward());
    else if (answersIt_)
        moveTo(missing());
    else
        moveTo(sheet().last() ? -1 : sheet().onward());
}

void CompressionDesk::begin() {
    FactsDesk::begin();
    notNow_ = false;
    inOrder_ = false;
    slide_.setValue(0.0);
    emit closingWanted();
}

void CompressionDesk::follow() {
    // What the verdict asks, the line asks.
    if (!sheet().field() && !notNow_ && missing() >= 0) askQuietly(missing());
}

QList<Command> CompressionDesk::ownCommands() const {
    return {{QLatin1Char('i'), Say::tr("the piston where the intake closes")},
            {QLatin1Char('k'), job().trial.kept
                                   ? Say::tr("let go of the state kept, or keep this one")
                                   : Say::tr("keep this state to compare with")}};
}

Echo CompressionDesk::command(QChar letter) {
    if (letter == QLatin1Char('i')) {
        emit closingWanted();
        return {true, {}};
    }
    if (!closing_deg())
        return {false, Say::tr("The dynamic ratio is not known yet: there is nothing to keep.")};
    // The state as it stands under the slide; said again of the same, it is let go.
    Stated s = job();
    CompressionState now = state(advance_deg());
    now.name = "kept";
    s.trial.kept = s.trial.kept == now ? std::nullopt : std::optional(now);
    return {session().keep(book::SetStated{s}), {}};
}

void CompressionDesk::leave() {
    notNow_ = true;
    inOrder_ = false;
    emit pistonBack();
    moveTo(-1);
}

void CompressionDesk::askPart(int field) {
    moveTo(field);
    emit entryWanted();
}

/// The first fact without which there is no ratio; -1 when all are there.
int CompressionDesk::missing() const {
    const Engine& e = job().engine;
    constexpr int kChamber = 0, kBore = 6, kStroke = 7, kRod = 8;
    if (!(e.bore_mm > 0.0)) return kBore;
    if (!(e.stroke_mm > 0.0)) return kStroke;
    if (!(e.rod_mm > 0.0)) return kRod;
    return e.chamberOf(session().cylinder()).chamber_cc > 0.0 ? -1 : kChamber;
}

} // namespace app
