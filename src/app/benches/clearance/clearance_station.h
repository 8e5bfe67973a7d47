// Clearance: valve to piston, pressed angle by angle; what this and any other cam leaves of it.
#pragma once

#include "app/bench/bench.h"
#include "stations/clearance/clearance_desk.h"

class QLabel;
class QPushButton;
class QStackedWidget;

namespace app {

class Dialogs;
class FigureTable;
class GapMap;
class MockUpSection;
class RowList;
class Slide;

class ClearanceStation : public BenchOf<ClearanceDesk> {
    Q_OBJECT
public:
    ClearanceStation(Session& session, const Look& look, Dialogs& dialogs,
                     QWidget* parent = nullptr);

    void refresh() override;
    StandCard standCard() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    void showSlide(); ///< the slide moved: only what depends on it
    void refreshLog();
    void makeRoom();

    GapMap* map_;
    MockUpSection* section_; ///< beside the facts, while they are asked
    QWidget *asking_, *pressing_;
    RowList *facts_, *log_;
    QStackedWidget* picture_; ///< the gap map, or what is asked beside it
    QLabel *verdict_, *angle_, *caption_, *last_, *advice_, *behind_, *helps_, *caution_;
    FigureTable* cams_;
    Slide* slide_;
    QPushButton *mockUp_, *limits_, *new_;
};

} // namespace app
