// Engine: what is on the stand, and the card of its cam.
#pragma once

#include "app/frame/bench.h"
#include "app/frame/fact_sheet.h"
#include "app/stations/engine/fields.h"

class QLabel;

namespace app {

class Dialogs;
class EngineSection;
class RowList;

class EngineStation : public Bench {
    Q_OBJECT
public:
    EngineStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    bool step(int direction) override;
    void refresh() override;
    StandCard standCard() const override;

    /// Asks the first fact: a new job.
    void askFirst();
    /// Asks the first fact of the cam card.
    void askCard();

private:
    Facts facts() const { return Facts::of(job()); }
    void moveTo(int field);

    QLabel* verdict_;
    RowList* list_;
    FactSheet sheet_;
    EngineSection* section_;
};

} // namespace app
