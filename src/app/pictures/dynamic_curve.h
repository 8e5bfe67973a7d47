// Dynamic compression against advance, with the user's fuel limits as bands and the slide's place
// as a post. Above a limit the band deepens.
#pragma once

#include "app/pictures/picture.h"
#include "core/compression/compression.h"

namespace app {

struct DynamicScene {
    std::vector<lobe::AdvancePoint> curve;
    std::vector<lobe::AdvancePoint> kept; ///< of the state that is compared with
    std::vector<lobe::FuelLimit> fuels;
    double advance_deg = 0.0;
    double wanted = 0.0; ///< 0: none
    bool rough = false;  ///< the fuel limits are the guide that came with the program
};

class DynamicCurve : public Picture {
    Q_OBJECT
public:
    DynamicCurve(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);
    /// Ratio against advance, with fuels as bands.
    void setScene(const DynamicScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;
    QSize sizeHint() const override { return {400, 220}; }

private:
    struct Plot;
    QString title(const QFontMetrics& metrics, double width) const;
    void drawCurves(QPainter& painter, const Plot& plot) const;
    void nameFuels(QPainter& painter, const Plot& plot) const;

    DynamicScene scene_;
    double least_ = 6.0, most_ = 10.0;
};

} // namespace app
