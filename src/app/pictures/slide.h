// The slide: advance and retard under the hand. Drag it, or Left and Right (half a degree, or to
// the next stop), Page Up and Down (five degrees), Home for none. Stops are what the drive can
// really do. Crank degrees, positive is advance.
#pragma once

#include "app/style/look.h"

#include <QWidget>

#include <vector>

namespace app {

class Slide : public QWidget {
    Q_OBJECT
public:
    explicit Slide(const Look& look, QWidget* parent = nullptr);

    double value() const { return value_; }
    /// Clamped to the range and to the nearest stop; emits moved when it changes.
    void setValue(double deg);
    /// Where alone it can stand, ascending; none lets it stand anywhere.
    void setStops(std::vector<double> stops);
    /// What is moved, on the left: "intake cam"; empty for one slide alone.
    void setTitle(const QString& title);
    /// Puts it between stops too, as along a slot.
    void setExactly(double deg);
    /// How far it goes either way, crank degrees.
    void setRange(double deg);
    double range_deg() const { return range_; }
    static constexpr double kRange_deg = 15.0; ///< unless set

signals:
    void moved(double deg);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    QSize sizeHint() const override { return {400, 56}; }

private:
    double x(double deg) const;
    void follow(double px);
    double nearestStop(double deg) const;
    void stepBy(int way);

    const Look& look_;
    double value_ = 0.0, range_ = kRange_deg;
    std::vector<double> stops_;
    QString title_;
};

} // namespace app
