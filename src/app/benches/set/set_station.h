// Set: the drive's wheels, its choices, the slide, and figures as they are and as they would be.
#pragma once

#include "app/bench/bench.h"
#include "app/style/figure_table.h"
#include "stations/set/set_desk.h"

class QHBoxLayout;
class QLabel;
class QStackedWidget;

namespace app {

class Dialogs;
class Ring;
class RowList;
class Slide;
class Wheels;

class SetStation : public BenchOf<SetDesk> {
    Q_OBJECT
public:
    SetStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    void listChoices();
    void showSlide(); ///< a slide moved: only what depends on it
    void showPane();
    void makeRoom();

    Wheels* wheels_;
    Ring* ring_;
    Slide* slides_[2]; ///< by side; the second only with two cams
    RowList *choices_, *facts_;
    QStackedWidget* panes_; ///< in the order of SetDesk::Pane
    QLabel *verdict_, *steps_, *notes_, *history_, *without_, *caution_;
    FigureTable* outcome_;
    QHBoxLayout* upper_;
};

} // namespace app
