// The cylinder's wall unrolled: each port where it stands below the crown's place at TDC, and the
// rim of the piston at the angle shown. Wanted edges are dashed.
#pragma once

#include "app/pictures/picture.h"
#include "core/ports/ports.h"

#include <optional>
#include <vector>

namespace app {

struct PortScene {
    lobe::PortWork work;
    std::vector<lobe::PortFigures> figures;
    std::optional<lobe::PortCrank> crank;
    double at_deg = 0.0;
};

class PortMap : public Picture {
    Q_OBJECT
public:
    PortMap(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void setScene(PortScene scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;

signals:
    /// The wall was pressed where the rim stands this far below TDC: crank degrees after it.
    void pistonWanted(double deg);

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    void ask(double y);
    void ring(QPainter& p, const QRectF& box) const;

    PortScene scene_;
};

} // namespace app
