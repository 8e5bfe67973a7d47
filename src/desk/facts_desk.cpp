#include "desk/facts_desk.h"

#include "words/say.h"

namespace app {

FactsDesk::FactsDesk(Session& session, Manner manner, std::vector<Field> fields, bool always)
    : Desk(session, std::move(manner)), sheet_(std::move(fields), always) {}

void FactsDesk::moveTo(int field) {
    sheet_.moveTo(field);
    tell();
}

void FactsDesk::leave() {
    if (!sheet_.always()) moveTo(-1);
}

bool FactsDesk::step(int direction) {
    moveTo(sheet_.at() + direction);
    return true;
}

Prompt FactsDesk::prompt() const {
    return sheet_.field() ? finished(sheet_.prompt(facts(), enterKeeps(), style())) : ownPrompt();
}

Echo FactsDesk::understand(const QString& text) const {
    return sheet_.field() ? sheet_.understand(facts(), text, style()) : ownUnderstand(text);
}

Echo FactsDesk::submit(const QString& text) {
    if (!sheet_.field()) return ownSubmit(text);
    const Echo kept = keepFact(text);
    // What is asked may be another thing now.
    if (kept.ok && sheet_.field()) {
        sheet_.answered(text);
        factKept();
    }
    return kept;
}

Echo FactsDesk::measured(const InstrumentReading& reading) {
    if (const Field* field = sheet_.field();
        field && field->angle && reading.unit == InstrumentReading::Unit::Degree) {
        const Echo kept = sheet_.keepAngle(session(), reading.value, style());
        if (kept.ok && sheet_.field()) {
            sheet_.answered({});
            factKept();
        }
        return kept;
    }
    // A dial that is read while a bore is asked means no bore.
    if (sheet_.field()) return {false, Say::tr("A fact is asked: type it, or leave it with Esc.")};
    return ownMeasured(reading);
}

LiveWish FactsDesk::live() const {
    const Field* field = sheet_.field();
    if (!field) return ownLive();
    LiveWish wish;
    if (field->angle) wish.what = LiveWish::What::Angle;
    return wish;
}

Echo FactsDesk::passed(const InstrumentPass& pass) {
    if (sheet_.field()) return measured({});
    return ownPassed(pass);
}

QList<Command> FactsDesk::commands() const {
    return sheet_.field() ? QList<Command>{} : ownCommands();
}

StandCard FactsDesk::standCard() const {
    return ownCard(sheet_.field() != nullptr);
}

} // namespace app
