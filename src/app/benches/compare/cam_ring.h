// Candidates on one ring: each on a track of its own, its intake and exhaust open between their
// events, the top of the overlap upright.
#pragma once

#include "app/pictures/picture.h"
#include "stations/compare/compare_desk.h"

namespace app {

class CamRing : public Picture {
    Q_OBJECT
public:
    CamRing(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// The desk that is shown; it outlives the picture.
    void setDesk(const CompareDesk* desk);
    void draw(QPainter& painter, const QSizeF& size) const override;

private:
    const CompareDesk* desk_ = nullptr;
};

} // namespace app
