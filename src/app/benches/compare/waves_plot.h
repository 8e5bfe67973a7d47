// Pressure at both valves of the cam at hand over the cycle, drawn under its lift: one sees the
// wave arrive at overlap and where the intake closes.
#pragma once

#include "app/pictures/picture.h"
#include "stations/compare/compare_desk.h"

namespace app {

class WavesPlot : public Picture {
    Q_OBJECT
public:
    WavesPlot(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// The desk that is shown; it outlives the picture.
    void setDesk(const CompareDesk* desk);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;

private:
    const CompareDesk* desk_ = nullptr;
};

} // namespace app
