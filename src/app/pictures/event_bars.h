// The event bars: one line per checking height, both lobes from opening to closing along the
// cycle, with the four events in card notation, the durations and the overlap.
#pragma once

#include "app/pictures/picture.h"
#include "core/examine/held.h"
#include "core/job/card.h"

#include <vector>

namespace app {

struct EventBarsScene {
    lobe::Held<lobe::LobeFigures> intake, exhaust;
    lobe::Held<lobe::PairFigures> pair;
    std::vector<lobe::Height> heights;
    std::optional<lobe::Card> card; ///< its events are marked at its height
};

class EventBars : public Picture {
    Q_OBJECT
public:
    EventBars(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// Heights from low to high; cards' events where there is a card.
    void setScene(const EventBarsScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;
    QSize sizeHint() const override { return {780, 340}; }

private:
    double x(double deg, const QSizeF& size) const;
    void drawBar(QPainter& p, const QSizeF& size, double y, double h, const lobe::LobeFigures& lobe,
                 const lobe::Height& height) const;
    void drawCard(QPainter& p, const QSizeF& size, double middle, double bar) const;

    EventBarsScene scene_;
};

} // namespace app
