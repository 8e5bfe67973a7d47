// Engine: what is on the stand, and the card of its cam.
#pragma once

#include "app/frame/bench.h"
#include "stations/engine/desk/engine_desk.h"

class QLabel;

namespace app {

class Dialogs;
class EngineSection;
class RowList;

class EngineStation : public Bench {
    Q_OBJECT
public:
    EngineStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;
    StandCard standCard() const override;

    /// Asks the first fact: a new job.
    void askFirst();
    /// Asks the first fact of the cam card.
    void askCard();

private:
    EngineStation(std::unique_ptr<EngineDesk> desk, Session& session, const Look& look,
                  Dialogs& dialogs, QWidget* parent);

    EngineDesk* desk_;
    QLabel* verdict_;
    RowList* list_;
    EngineSection* section_;
};

} // namespace app
