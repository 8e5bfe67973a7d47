// Compression: the volumes in their places, the ratios they make, and what advance does to them.
// The slide is a what-if; nothing of it is kept.
#pragma once

#include "app/frame/bench.h"
#include "app/pictures/ring.h"
#include "app/stations/compression/chamber_section.h"
#include "app/style/figure_table.h"
#include "desk/fact_sheet.h"

class QLabel;

namespace app {

class Dialogs;
class DynamicCurve;
class RowList;
class Slide;

class CompressionStation : public Bench {
    Q_OBJECT
public:
    CompressionStation(Session& session, const Look& look, Dialogs& dialogs,
                       QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    bool step(int direction) override;
    QList<Command> commands() const override;
    Echo command(QChar letter) override;
    void leave() override;
    void refresh() override;
    StandCard standCard() const override;

    /// Where the slide stands, crank degrees.
    double advance_deg() const;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void makeRoom();

private:
    /// What is typed beside the facts: an advance to try, or a ratio to reach.
    struct Trial {
        Echo echo;
        std::optional<double> advance_deg;
        std::optional<double> wanted;
    };
    Trial trial(const QString& text) const;
    std::optional<double> closing_deg() const;
    lobe::CompressionState state(double advance_deg) const;
    void follow(); ///< the slide moved: only what depends on it
    QString verdict() const;
    QList<FigureLine> table() const;
    QString reached() const;
    RingScene ringScene() const;

    ChamberSection* section_;
    Ring* ring_;
    DynamicCurve* curve_;
    Slide* slide_;
    QLabel *verdict_, *big_, *reached_, *caution_;
    RowList* facts_;
    FigureTable* table_;
    FactSheet sheet_;
    int missing() const;
    std::int64_t job_ = 0; ///< shown last
    bool notNow_ = false;  ///< what is missing was asked, and left
};

} // namespace app
