// The engine as a section through one cylinder, to scale, with what was stated beside each part.
#pragma once

#include "app/pictures/picture.h"
#include "core/job/engine.h"

namespace app {

class EngineSection : public Picture {
    Q_OBJECT
public:
    EngineSection(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// Drawn to scale from bore, stroke and rod; usual ones where they are missing.
    void setEngine(const lobe::Engine& engine);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QSize sizeHint() const override { return {380, 560}; }

private:
    void drawPlan(QPainter& p, const QRectF& box) const;
    void drawSection(QPainter& p, const QRectF& box) const;
    /// Labels stay left of `right`.
    void drawValves(QPainter& p, double scale, QPointF head, double bore, double right) const;
    /// Its text stays left of `right`.
    void dimension(QPainter& p, QPointF from, QPointF to, const QString& text, bool upright,
                   double right) const;

    lobe::Engine engine_;
};

} // namespace app
