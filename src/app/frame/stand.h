// The stand posture: one thing asked at a time, in figures that are read a metre and a half away,
// with one hand on the ratchet.
#pragma once

#include "app/pictures/ring.h"
#include "app/style/look.h"

#include <QWidget>

#include <functional>
#include <optional>

namespace app {

/// What a bench shows at the stand.
struct StandCard {
    QString subject;  ///< "cyl 1 intake"
    QColor colour{};  ///< of the subject
    QString progress; ///< "34 of 71"
    QString caption;  ///< "turn to"
    QString big;      ///< "120°"
    QString bigNote;  ///< "after TDC"
    QString last;     ///< "last 115° ATDC 8.512 mm"
    QString advice;   ///< one sentence
    bool warn = false;
    QString soFar; ///< what is known already
    QString tip;   ///< how to do it
    RingScene ring;
    /// Drawn in place of the ring, where the work has a picture of its own.
    std::function<void(QPainter&, const QSizeF&)> picture{};
};

class Stand : public QWidget {
    Q_OBJECT
public:
    Stand(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

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
