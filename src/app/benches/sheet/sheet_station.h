// Sheet: the pages as they will be printed, and the parts that can be left out.
#pragma once

#include "app/bench/bench.h"
#include "app/bench/dialogs.h"
#include "app/benches/sheet/pages_view.h"
#include "sheet/sheet.h"
#include "stations/sheet/sheet_desk.h"

#include <map>

class QLabel;
class QPushButton;

namespace app {

class SheetStation : public BenchOf<SheetDesk> {
    Q_OBJECT
public:
    SheetStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;

protected:
    void showEvent(QShowEvent* event) override;

private:
    sheet::Options options() const;
    void savePdf();
    void print();

    Dialogs& dialogs_;
    PagesView* preview_;
    QLabel* said_;
    std::map<QString, QPushButton*> parts_;
    QPushButton *letter_, *card_;
    lobe::SnapshotPtr painted_; ///< what the preview shows
    QString paintedBy_;         ///< and by which options
};

} // namespace app
