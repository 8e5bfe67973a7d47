// Lobes: lift recorded degree by degree. Only the lift is typed; the angle steps by itself.
#pragma once

#include "app/bench/bench.h"
#include "stations/lobes/lobes_desk.h"

class QBoxLayout;
class QButtonGroup;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace app {

class Dialogs;
class FlowLayout;
class Ring;
class RowList;
class Strip;
struct Row;

class LobesStation : public BenchOf<LobesDesk> {
    Q_OBJECT
public:
    LobesStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;
    void highlight(const lobe::Figure& figure) override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    void buildHeader(FlowLayout* row);
    void refreshTexts();
    void refreshNow();
    /// Of the run's reading at a place.
    Row rowOf(std::size_t at, const lobe::LiftRun& run, const lobe::RunFindings* found) const;
    void refreshLog();
    void refreshPictures();

    QLabel *title_, *direction_, *turnToLabel_, *angle_, *angleSide_, *last_, *adviceHead_,
        *advice_, *progress_;
    QButtonGroup *steps_, *places_;
    QPushButton *newRun_, *eventsChip_, *centreChip_, *conditionsChip_;
    QBoxLayout* turnTo_ = nullptr; ///< the large figure and what it is of
    QWidget* upper_;               ///< ring, what is asked now, and log
    QStackedWidget* picture_;      ///< the ring, or the conditions
    Ring* ring_;
    RowList* conditions_;
    Strip* strip_;
    RowList* log_;
};

} // namespace app
