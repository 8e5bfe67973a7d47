// The ring: the crank circle as an instrument. Zero up, angles running the way the engine turns,
// lobes as bands whose thickness is lift. The needle can be dragged or stepped with the arrow
// keys and reads both lifts and the piston.
#pragma once

#include "app/pictures/picture.h"
#include "desk/ring_scene.h"

#include <QPixmap>

#include <optional>

namespace app {

class Ring : public Picture {
    Q_OBJECT
public:
    Ring(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// What is shown; the needle stays where it was dragged while its angle is the same.
    void setScene(const RingScene& scene);
    /// Where an instrument counts the crank to stand, empty for none, and how far it has come to
    /// stand still, 0 to 1: only the needle is drawn anew.
    void setLive(std::optional<lobe::CrankDeg> at, double closed);
    /// The angle under the needle, on the cycle.
    std::optional<lobe::CrankDeg> needle() const;
    /// What the needle reads, in words.
    QString readout() const;

    void draw(QPainter& painter, const QSizeF& size) const override;
    QSize sizeHint() const override { return {370, 400}; }

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Geometry {
        QPointF centre;
        double radius;
        int sense; ///< +1 clockwise
        QPointF at(lobe::CrankDeg angle, double r) const;
    };
    Geometry geometry(const QSizeF& size) const;
    void drawDial(QPainter& p, const Geometry& g) const;
    const QPixmap& dial(const QSizeF& size, double ratio) const;
    void drawLobe(QPainter& p, const Geometry& g, const lobe::LobeFigures& lobe, double base) const;
    void drawTicks(QPainter& p, const Geometry& g, const lobe::LobeFigures& lobe,
                   double base) const;
    void drawOverlap(QPainter& p, const Geometry& g) const;
    void drawContacts(QPainter& p, const Geometry& g) const;
    void drawNeedle(QPainter& p, const Geometry& g) const;
    void drawStill(QPainter& p, const Geometry& g, const QSizeF& size) const;
    void drawClosing(QPainter& p, const Geometry& g) const;
    void dragTo(const QPointF& position);

    RingScene scene_;
    mutable QPixmap dial_; ///< the dial as last drawn on screen
    mutable QString dialKey_;
    mutable QPixmap still_; ///< all but the needle, as last drawn while something was live
    mutable QString stillKey_;
    int scenes_ = 0; ///< how many were shown
    std::optional<lobe::CrankDeg> live_;
    double closed_ = 0.0;
    std::optional<lobe::CrankDeg> dragged_; ///< where the user put the needle
};

} // namespace app
