// Compare: the cams one could fit, in this engine, side by side; ranked by what is wished for.
#pragma once

#include "app/bench/bench.h"
#include "stations/compare/compare_desk.h"

class QPushButton;
class QStackedWidget;

namespace app {

class CamOverlay;
class CamRanking;
class CamRing;
class CamTable;
class FillingPlot;
class WavesPlot;
class ShrinkingLabel;
class RowList;
class ShelfPane;
class Slide;

class CompareStation : public BenchOf<CompareDesk> {
    Q_OBJECT
public:
    CompareStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;
    bool foldsSlate() const override { return true; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void layOut();
    /// What hangs on the slide.
    void showSlide();
    void makeRoom();
    QWidget* pictureOf(bool asking) const;

    CamOverlay* overlay_;
    CamRing* ring_;
    FillingPlot* filling_;
    WavesPlot* waves_;
    ShelfPane* shelf_;
    RowList* facts_;
    CamRanking* ranking_;
    QStackedWidget* picture_;
    ShrinkingLabel *verdict_, *words_, *decided_;
    CamTable* table_;
    lobe::PerSide<Slide*> slide_;
    QPushButton *wishes_, *purpose_, *shelfChip_, *next_, *all_, *alike_;
};

} // namespace app
