// The engine at the desk: one fact after the other, the engine's and its cam card's.
#pragma once

#include "desk/facts_desk.h"

namespace app {

class EngineDesk : public FactsDesk {
    Q_OBJECT
public:
    EngineDesk(Session& session, Manner manner);

    /// Asks the first fact of the cam card.
    void askCard();
    /// What is still missing, or what to do next.
    QString verdict() const;

protected:
    QString enterKeeps() const override;
    Prompt finished(Prompt asked) const override;
    void factKept() override;
    StandCard ownCard(bool asked) const override;
};

} // namespace app
