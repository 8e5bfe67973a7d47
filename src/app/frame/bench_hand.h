// The hand at the simulated bench: a small window beside the main one, in which the crank is
// turned, the dial is set on valves and piston, and what goes wrong at benches is made to.
#pragma once

#include "app/style/look.h"
#include "desk/desk.h"
#include "instrument/simulated_rig.h"
#include "live/hand.h"

#include <QPointer>
#include <QWidget>

class QButtonGroup;
class QCheckBox;
class QLabel;
class QSlider;

namespace app {

class BenchHand : public QWidget {
    Q_OBJECT
public:
    BenchHand(const Look& look, QWidget* parent);
    /// Turns this bench from now on; it may go away.
    void setRig(instrument::SimulatedRig* rig);
    /// What is asked, for whoever works by itself.
    void setDesk(Desk* desk) { desk_ = desk; }
    bool byItself() const;

protected:
    void closeEvent(QCloseEvent* event) override;

private:
    void refresh();

    QPointer<instrument::SimulatedRig> rig_;
    QPointer<Desk> desk_;
    live::Hand hand_;
    QSlider* speed_;
    QLabel* where_;
    QCheckBox* byItself_;
    QButtonGroup *dial_, *faults_;
    instrument::Seconds clock_ = instrument::steadyClock();
};

} // namespace app
