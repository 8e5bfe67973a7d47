// The engine at the desk: one fact after the other, the engine's and its cam card's.
#pragma once

#include "desk/facts_desk.h"

namespace app {

class EngineDesk : public FactsDesk {
    Q_OBJECT
public:
    EngineDesk(Session& session, Manner manner);

    void begin() override;
    /// Back to the fitted card.
    void leave() override;
    /// Of the fitted card, or of a candidate while one is at hand.
    Facts facts() const override;
    /// Asks the first fact of the fitted card; with `other`, of that one of the job's other cards:
    /// a candidate, until it is said to be fitted.
    void askCard(std::optional<std::size_t> other = {});
    /// That one; empty while it is the fitted card.
    std::optional<std::size_t> candidate() const;
    /// What is still missing, or what to do next.
    QString verdict() const;

protected:
    QString enterKeeps() const override;
    Prompt finished(Prompt asked) const override;
    void factKept() override;
    Echo keepFact(const QString& text) override;
    StandCard ownCard(bool asked) const override;

private:
    std::optional<std::size_t> candidate_;
    // As they were then: beside another fitted card, or among other ones, it means nothing.
    std::optional<lobe::Card> fitted_;
    std::size_t cards_ = 0;
};

} // namespace app
