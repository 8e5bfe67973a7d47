// The slide: advance and retard under the hand. Drag it, or Left and Right (half a degree, or to
// the next stop), Page Up and Down (five degrees), Home for none. Stops are what the drive can
// really do. Crank degrees, positive is advance.
#pragma once

#include "app/style/look.h"
#include "desk/slide_state.h"

#include <QWidget>

#include <vector>

namespace app {

class Slide : public QWidget {
    Q_OBJECT
public:
    explicit Slide(const Look& look, QWidget* parent = nullptr);

    /// Crank degrees, positive is advance.
    double value() const { return state_.value(); }
    double range_deg() const { return state_.range_deg(); }
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
    /// As a desk has it; emits nothing.
    void setState(const SlideState& state);

signals:
    /// By the user's hand, or set to another value.
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
    /// After the state was changed by the user: tells, unless it stands where it stood.
    void settle(double before);
    void describe();
    void stepBy(int way);

    const Look& look_;
    SlideState state_;
    QString title_;
};

} // namespace app
