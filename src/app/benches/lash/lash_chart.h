// Every valve over the cycle: where it is off its base circle, where its ramps and the margin end,
// and the stops at which valves are set.
#pragma once

#include "app/pictures/picture.h"
#include "core/lash/lash.h"

#include <optional>

namespace app {

struct LashScene {
    lobe::LashPlan plan;
    double margin_deg = 0.0;
    std::vector<bool> ticked;               ///< by the plan's valves
    std::optional<std::size_t> stop, valve; ///< in hand
};

class LashChart : public Picture {
    Q_OBJECT
public:
    LashChart(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void setScene(LashScene scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;

signals:
    /// Into the plan's valves.
    void chosen(std::size_t valve);

protected:
    void mousePressEvent(QMouseEvent* event) override;

private:
    struct Rows;
    LashScene scene_;
};

} // namespace app
