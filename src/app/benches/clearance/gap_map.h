// The gap map: clearance against crank angle. What was pressed stands as marks, what the gap and a
// lift make of it as a curve with its half-width, what is not to be gone below as a band.
#pragma once

#include "app/pictures/picture.h"
#include "stations/clearance/clearance_desk.h"

namespace app {

class GapMap : public Picture {
    Q_OBJECT
public:
    GapMap(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void setScene(const GapScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;
    QSize sizeHint() const override { return {560, 330}; }

private:
    struct Plot;
    void drawFrame(QPainter& p, const Plot& plot) const;
    void drawValve(QPainter& p, const Plot& plot, const GapCurve& valve) const;
    void drawOthers(QPainter& p, const Plot& plot, const GapCurve& valve) const;

    GapScene scene_;
    double most_ = 6.0; ///< mm, the top of the scale
};

} // namespace app
