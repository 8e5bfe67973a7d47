// The middle of the events against height: upright on a symmetric lobe, leaning on an asymmetric
// one, a scribble on a noisy one. Both lobes from their own centre.
#pragma once

#include "app/pictures/picture.h"
#include "core/examine/held.h"

namespace app {

struct MidpointScene {
    lobe::Held<lobe::LobeFigures> intake, exhaust;
    lobe::CentreSchool school = lobe::CentreSchool::EqualDrop;
};

class MidpointPlot : public Picture {
    Q_OBJECT
public:
    MidpointPlot(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);
    /// The middle of the events against height, of both lobes.
    void setScene(const MidpointScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;
    QSize sizeHint() const override { return {230, 190}; }

private:
    void drawLobe(QPainter& p, const QRectF& box, const lobe::LobeFigures& lobe) const;
    MidpointScene scene_;
    double reach_ = 2.0; ///< degrees either side that are shown
};

} // namespace app
