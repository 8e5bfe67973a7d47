// The flywheel's rim with what was measured round it: the exhaust's stretch, marks, and the band
// the handbook allows from where it opens.
#pragma once

#include "app/pictures/picture.h"
#include "core/flywheel/tape.h"

namespace app {

struct RimScene {
    lobe::FlywheelWork work;
    lobe::TapeFigures figures;
    bool clockwise = true;
};

class Rim : public Picture {
    Q_OBJECT
public:
    Rim(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void setScene(RimScene scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;

private:
    RimScene scene_;
};

} // namespace app
