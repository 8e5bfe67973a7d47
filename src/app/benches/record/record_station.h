// Record: the logbook by date, beside it what was built in and how, and the pictures.
#pragma once

#include "app/bench/bench.h"
#include "stations/record/record_desk.h"

class QComboBox;
class QHBoxLayout;
class QLabel;

namespace app {

class Dialogs;
class RowList;

class RecordStation : public BenchOf<RecordDesk> {
    Q_OBJECT
public:
    RecordStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;

private:
    void refreshPictures();

    QLabel *title_, *hint_, *builtTitle_, *none_;
    QComboBox* only_;
    RowList *log_, *built_;
    QHBoxLayout* pictures_;
    QStringList shown_; ///< the pictures that are shown
};

} // namespace app
