// The springs of the head in a row, to one scale: each stands on its shims at the height it really
// gets, its retainer drawn shut and at full lift, the height at which its coils touch below. A
// click or Left and Right take a valve in hand.
#pragma once

#include "app/pictures/picture.h"
#include "core/result/findings.h"

#include <optional>

namespace app {

struct SpringScene {
    lobe::SpringClaim claim;
    lobe::Springs springs;
    lobe::Engine engine;
    lobe::ValveId at; ///< in hand
};

class SpringRow : public Picture {
    Q_OBJECT
public:
    SpringRow(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void setScene(const SpringScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    /// Valve by valve in columns.
    QString text() const override;
    QSize sizeHint() const override { return {700, 260}; }

signals:
    void chosen(const lobe::ValveId& valve);

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Grid {
        int columns = 1, rows = 1;
        double wide = 1.0, tall = 1.0;
    };
    Grid grid(const QSizeF& size) const;
    void drawValve(QPainter& p, const QRectF& cell, const lobe::SpringValve& v,
                   double tallest) const;
    void drawSpring(QPainter& p, double x, double foot, double head, double wide) const;
    void drawFigures(QPainter& p, const QRectF& room, const lobe::SpringValve& v) const;
    int indexOf(const lobe::ValveId& valve) const;

    SpringScene scene_;
};

} // namespace app
