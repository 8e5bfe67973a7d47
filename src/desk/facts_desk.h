// A desk that can ask facts one after the other, before whatever else it asks. While one is asked,
// the line is its; else the station's own.
#pragma once

#include "desk/fact_sheet.h"

namespace app {

class FactsDesk : public Desk {
    Q_OBJECT
public:
    Prompt prompt() const final;
    Echo understand(const QString& text) const final;
    Echo submit(const QString& text) final;
    Echo measured(const InstrumentReading& reading) final;
    Echo passed(const InstrumentPass& pass) final;
    LiveWish live() const final;
    QList<Command> commands() const final;
    StandCard standCard() const final;
    bool step(int direction) override;
    /// The first is asked, where one always is.
    void begin() override { askQuietly(-1); }
    /// Asks none; where one is always asked, that one stays.
    void leave() override;

    const FactSheet& sheet() const { return sheet_; }
    virtual Facts facts() const { return Facts::of(job()); }
    /// Asks a fact by its place in the list; -1 for none, unless one is always asked.
    void moveTo(int field);

protected:
    FactsDesk(Session& session, Manner manner, std::vector<Field> fields, bool always);

    /// What Enter does while a fact is asked.
    virtual QString enterKeeps() const = 0;
    /// What the line says while a fact is asked, with what a station adds to it.
    virtual Prompt finished(Prompt asked) const { return asked; }
    /// Keeps what was typed of the fact asked for; not ok keeps nothing.
    virtual Echo keepFact(const QString& text) { return sheet_.keep(session(), text, style()); }
    /// A fact was kept: what is asked next.
    virtual void factKept() = 0;

    // The same as of any desk, while no fact is asked.
    virtual Prompt ownPrompt() const { return {}; }
    virtual Echo ownUnderstand(const QString&) const { return {}; }
    virtual Echo ownSubmit(const QString&) { return {}; }
    virtual Echo ownMeasured(const InstrumentReading& reading) { return Desk::measured(reading); }
    virtual Echo ownPassed(const InstrumentPass& pass) { return Desk::passed(pass); }
    virtual LiveWish ownLive() const { return {}; }
    virtual QList<Command> ownCommands() const { return {}; }
    /// And at the stand, where `asked` is true for a fact that is asked.
    virtual StandCard ownCard(bool asked) const = 0;

    /// Asks it without telling anyone: while what is shown is being made.
    void askQuietly(int field) { sheet_.moveTo(field); }

private:
    FactSheet sheet_;
};

} // namespace app
