// Compression: the volumes in their places, the ratios they make, and what advance does to them.
#pragma once

#include "app/bench/bench.h"
#include "app/benches/compression/chamber_section.h"
#include "app/pictures/ring.h"
#include "app/style/figure_table.h"
#include "stations/compression/compression_desk.h"

class QLabel;

namespace app {

class Dialogs;
class DynamicCurve;
class RowList;
class Slide;

class CompressionStation : public BenchOf<CompressionDesk> {
    Q_OBJECT
public:
    CompressionStation(Session& session, const Look& look, Dialogs& dialogs,
                       QWidget* parent = nullptr);

    void refresh() override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    void showSlide(); ///< the slide moved: only what depends on it
    void makeRoom();

    ChamberSection* section_;
    Ring* ring_;
    DynamicCurve* curve_;
    Slide* slide_;
    QLabel *verdict_, *big_, *reached_, *caution_;
    RowList* facts_;
    FigureTable* table_;
};

} // namespace app
