// The wheels of the drive as seen from the drive end, with what a move changes: the tooth the mark
// goes to, keyway, vernier holes, slots, and which way the cam turns.
#pragma once

#include "app/pictures/picture.h"
#include "core/job/engine.h"

namespace app {

struct CamWheelsScene {
    lobe::Engine engine;
    lobe::DriveMove move;    ///< of the cam at hand
    QString cam;             ///< "intake cam"; empty with one cam
    lobe::DriveState fitted; ///< what is in use before the move
    bool bothTops = false;   ///< as marks are painted: both dead centres beside one another
};

class Wheels : public Picture {
    Q_OBJECT
public:
    Wheels(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);
    /// Drive wheels as they would stand after the move.
    void setScene(const CamWheelsScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QSize sizeHint() const override { return {330, 320}; }

private:
    struct Wheel {
        QPointF centre;
        double radius;
        int sense; ///< +1 when advance turns it clockwise
        /// A point at cam degrees on in the running direction from straight up.
        QPointF at(double cam_deg, double r) const;
    };
    QString moveText() const;
    void drawTeeth(QPainter& p, const Wheel& w) const;
    void drawHub(QPainter& p, const Wheel& w) const;
    void drawVernier(QPainter& p, const Wheel& w) const;
    void drawSlots(QPainter& p, const Wheel& w) const;
    void drawArrow(QPainter& p, const Wheel& w, double r, double from, double to) const;
    /// The wheels at TDC: on overlap, or a turn of the crank further.
    void drawTop(QPainter& p, const QRectF& box, bool firing) const;
    void drawCrank(QPainter& p, const Wheel& cam, const QPointF& centre, double r) const;

    CamWheelsScene scene_;
};

} // namespace app
