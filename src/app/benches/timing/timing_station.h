// Timing: what the two lobes say together, at each checking height, against the card.
#pragma once

#include "app/bench/bench.h"
#include "stations/timing/timing_desk.h"

class QButtonGroup;
class QGridLayout;
class QLabel;

namespace app {

class Dialogs;
class EventBars;
class MidpointPlot;

class TimingStation : public BenchOf<TimingDesk> {
    Q_OBJECT
public:
    TimingStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    /// A low window keeps to what is to be done.
    bool low() const;
    void makeRoom();
    void refreshSchools(const lobe::Held<lobe::CylinderFindings>& c);

    QGridLayout* grid_;
    QLabel *verdict_, *more_, *events_, *together_, *curve_;
    QLabel* centres_[4][2];
    QButtonGroup* schools_;
    EventBars* bars_;
    MidpointPlot* midpoints_;
};

} // namespace app
