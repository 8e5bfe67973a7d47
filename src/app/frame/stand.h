// The stand posture: one thing asked at a time, in figures that are read a metre and a half away,
// with one hand on the ratchet.
#pragma once

#include "app/pictures/ring.h"
#include "app/style/look.h"
#include "desk/desk.h"

#include <QWidget>

#include <functional>
#include <optional>

namespace app {

class Stand : public QWidget {
    Q_OBJECT
public:
    Stand(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// Shown until another is.
    void setCard(const StandCard& card);
    /// Height of the big figure's digits in pixels, at the present size.
    int figureHeight() const;

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    double scale() const;
    QFont fitted(int pixels, bool bold, const QString& text, double width) const;

    const Look& look_;
    StandCard card_;
    Ring* ring_;
};

} // namespace app
