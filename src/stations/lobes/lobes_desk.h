// Lobes at the desk: only the lift is typed, the angle steps by itself; or the events alone, as the
// wheel shows them. Angles are crank degrees as read, without the run's shift.
#pragma once

#include "core/result/figure.h"
#include "core/typed/entry.h"
#include "desk/series_desk.h"
#include "stations/lobes/event_entry.h"
#include "stations/lobes/pasted_table.h"
#include "stations/lobes/said_terms.h"

#include <optional>
#include <vector>

namespace app {

/// A lobe that can be laid over the one at hand.
struct Comparable {
    lobe::Held<lobe::RunFindings> run;
    bool mirrored = false;
    QString name; ///< "against cylinder 2"
};

class LobesDesk : public SeriesDesk {
    Q_OBJECT
public:
    LobesDesk(Session& session, Manner manner);

    // What is typed and kept (lobes_desk.cpp, letters.cpp).
    void strikeLast() override;
    Echo command(QChar letter) override;
    void leave() override;
    void begin() override;
    void ask(const lobe::Task& task) override;
    Facts facts() const override;

    /// The angle the next lift belongs to.
    lobe::CrankDeg angle() const override;
    lobe::RunConditions conditions() const { return run_.conditions(); }
    void keepConditions(const lobe::RunConditions& conditions) { run_.keepConditions(conditions); }
    const RunAtHand& run() const { return run_; }
    /// A new run for the lobe at hand.
    void newRun();
    /// A table of somebody else's: asked how it is meant, then a run. False where it is none.
    bool takeTable(const QString& text, const QString& source);
    /// How tables of the same shape were taken before.
    void rememberTables(TableMemory memory) { pasted_.remember(std::move(memory)); }
    const PastedTable& pasted() const { return pasted_; }
    /// Asks the run's conditions instead of its readings.
    void askConditions(bool on);
    /// The lobe by its events alone, or by two readings about its nose.
    void takeEvents(bool on, bool fromNose);
    /// Velocity, acceleration and jerk are looked at.
    void showMotion(bool on);
    bool motion() const { return motion_; }
    /// Lays the next lobe that can be compared over this one; after the last, none.
    void compareNext();
    /// The one laid over it; null for none.
    std::optional<Comparable> compared() const;
    /// Marks on the ring where a figure of the slate comes from.
    void showSource(const lobe::Figure& figure);
    const std::optional<lobe::Figure>& source() const { return source_; }

    bool eventsOnly() const { return events_.on(); }
    bool complete() const; ///< nothing more to read in this run
    bool again() const;    ///< through, but something does not fit

    // What is said of it (said.cpp).
    TurnTo turnTo() const;
    /// How the lobe is taken, in one line.
    QString terms() const { return termsLine(conditions(), style()); }
    /// Which way to turn, and how the reading is taken.
    QString direction() const;
    /// What the motion says of the valve gear.
    QString motionLine() const;
    /// What was typed last, in words; with both valves in one turn at whichever lobe.
    QString lastReading() const;
    QString sourceLine() const;
    /// The finding that matters most now; null for none.
    lobe::Held<lobe::Finding> advice() const;
    /// What it says; where there is none, what to do or that all is well.
    QString adviceText(bool brief) const;
    /// How far the run is and what is known already; empty before the first reading.
    QString progress() const;
    RingScene ringScene() const;

protected:
    lobe::Held<lobe::Rows<lobe::Reading>> readings() const override { return run_.readings(); }
    double stride_deg() const override { return conditions().step_deg; }
    bool asksAtAngle() const override { return !eventsOnly(); }
    void drop() override;
    QString enterKeeps() const override;
    Echo keepFact(const QString& text) override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    // What instruments give, and could give (live.cpp).
    Echo ownMeasured(const InstrumentReading& reading) override;
    Echo ownPassed(const InstrumentPass& pass) override;
    LiveWish ownLive() const override;
    Echo endHere();
    bool goesToLobe() const; ///< going on leads to another lobe
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    struct Way {
        bool events = false, fromNose = false;
        QString said;
    };
    static std::optional<Way> wayOf(const QString& text);
    std::vector<Comparable> comparables() const;
    QString onward() const;
    void goOnward();
    /// What was typed at a run that is through: where to go on.
    std::optional<Echo> goOn(const QString& text);
    bool through() const; ///< of its kind: the curve, or every event
    bool zeroAgain(std::optional<double> lift_mm);
    bool averagePasses();
    void skip();
    /// Words for how the lobe is taken (said_terms.h).
    Echo keepTerms(const SaidTerms& said);
    QString alsoFor(const SaidTerms& said) const;
    QString noLift(const lobe::EntryError& error, const QString& text) const;
    QString liftThere(lobe::CrankDeg at) const;
    lobe::CrankDeg nextMissing() const;
    /// A bare number that could be the wheel's and can hardly be the lift there.
    bool hardlyALift(const QString& text, lobe::CrankDeg at, double lift_mm) const;
    /// What was typed, an angle in the turn the lobe stands in.
    lobe::Understood<lobe::RunEntry> readEntry(const QString& text) const;
    /// A lift at an angle; `as` is how it was typed, or by what it was measured.
    Echo log(lobe::CrankDeg at, double lift_mm, const QString& as,
             std::optional<lobe::Heard> heard = {});
    Echo logEvent(std::variant<lobe::Reading, QString> read);
    Echo throughAlready() const;
    QString wheelOfFirst() const;
    QString cardOnWheel(double behind_deg) const;

    RunAtHand run_;
    EventEntry events_;
    PastedTable pasted_;

    bool backing_ = false;  ///< the crank is being turned back
    bool overshot_ = false; ///< the mark was passed: go back and come up again
    std::optional<lobe::Figure> source_;
    std::size_t compared_ = 0; ///< 0: none; else into comparables, from 1
    bool motion_ = false;
    /// Where a number was asked about: the next Enter means it.
    std::optional<lobe::CrankDeg> doubted_;
};

} // namespace app
