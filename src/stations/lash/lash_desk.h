// Lash at the desk: stop by stop, valve by valve. Enter ticks the valve in hand; a number is the
// lash it was left at, "found" before it what it was found at. Everything is kept with its time.
#pragma once

#include "core/lash/lash.h"
#include "desk/facts_desk.h"
#include "desk/figure_line.h"

#include <optional>

namespace app {

/// What is asked there.
std::vector<Field> lashFields();

class LashDesk : public FactsDesk {
    Q_OBJECT
public:
    LashDesk(Session& session, Manner manner);

    Echo command(QChar letter) override;
    void begin() override;
    void follow() override;
    void strikeLast() override;

    const lobe::LashPlan& plan() const { return plan_; }
    /// Into the plan's stops and, of it, its valves; empty without a plan, or when all are set.
    struct InHand {
        std::size_t stop = 0, valve = 0; ///< the valve into the plan's valves
    };
    std::optional<InHand> inHand() const;
    bool ticked(std::size_t valve) const;
    /// Takes a valve in hand, into the plan's valves.
    void takeInHand(std::size_t valve);

    QString verdict() const;
    QString notes() const;
    static QString caution();
    static QString factsName();
    /// Valve by valve: wanted, found, left, and what it lost since it was left.
    QList<FigureLine> table() const;

protected:
    QString enterKeeps() const override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    Echo ownMeasured(const InstrumentReading& reading) override;
    LiveWish ownLive() const override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    struct Typed {
        Echo echo;
        std::optional<double> lash_mm;
        bool found = false;
    };
    Typed read(const QString& text) const;
    /// As it stands in the book: a list is kept whole, and another window may have added to it.
    lobe::LashWork freshest();
    Echo keep(lobe::LashWork work);
    /// The lash of the valve in hand, as it was found or left.
    Echo keepTaken(double lash_mm, bool left, const std::string& typed);
    std::vector<std::size_t> order() const;

    lobe::LashPlan plan_;
    lobe::SnapshotPtr planned_;         ///< what the plan is of
    std::optional<std::size_t> wanted_; ///< the valve taken in hand
};

} // namespace app
