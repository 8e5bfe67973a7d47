// TDC: contacts either side of the top, typed as read from the wheel; how far and which way to
// move the pointer; a second pass that proves it. Below, what else is learnt with the piston up.
#pragma once

#include "app/bench/bench.h"
#include "stations/tdc/tdc_desk.h"

#include <optional>

class QButtonGroup;
class QComboBox;
class QLabel;

namespace app {

class Dialogs;
class Ring;
class RowList;

class TdcStation : public BenchOf<TdcDesk> {
    Q_OBJECT
public:
    TdcStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;

private:
    void refreshLists();

    Ring* ring_;
    QLabel *verdict_, *steps_, *sums_, *caution_;
    QButtonGroup* methods_;
    QComboBox* scale_;
    RowList *log_, *facts_;
};

} // namespace app
