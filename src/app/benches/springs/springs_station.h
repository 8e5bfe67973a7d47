// Springs: the row of springs to scale, what is left of room at full lift, and what they, followers
// and push rods have to say.
#pragma once

#include "app/bench/bench.h"
#include "app/style/figure_table.h"
#include "stations/springs/springs_desk.h"

class QLabel;

namespace app {

class Dialogs;
class RatioSlide;
class RowList;
class ShrinkingLabel;
class SpringRow;
class StemFace;

class SpringsStation : public BenchOf<SpringsDesk> {
    Q_OBJECT
public:
    SpringsStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;
    StandCard standCard() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    void makeRoom();
    void showClaim(); ///< what other rockers change

    SpringRow* row_;
    StemFace* stem_;
    RatioSlide* slide_;
    ShrinkingLabel *verdict_, *notes_, *caution_;
    RowList *facts_, *log_;
    FigureTable* table_;
};

} // namespace app
