// How the candidates fill over speed, an estimate, and under it each against the reference.
#pragma once

#include "app/pictures/picture.h"
#include "stations/compare/compare_desk.h"

namespace app {

class FillingPlot : public Picture {
    Q_OBJECT
public:
    FillingPlot(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// The desk that is shown; it outlives the picture.
    void setDesk(const CompareDesk* desk);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;

private:
    const CompareDesk* desk_ = nullptr;
};

} // namespace app
