// A page over the window: while it is open nothing underneath takes keys or the mouse. Esc closes
// it; a key that leads to a station closes it first.
#pragma once

#include "app/style/look.h"

#include <QWidget>

namespace app {

class Overlay : public QWidget {
    Q_OBJECT
public:
    Overlay(const Look& look, QWidget* parent);
    void close();
    bool isOpen() const { return isVisible(); }

protected:
    void show();
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    bool focusNextPrevChild(bool) override { return true; }
    /// The page itself, in the middle.
    virtual QRect box() const = 0;
    virtual void place() {}
    const Look& look() const { return look_; }

private:
    const Look& look_;
    QWidget* before_ = nullptr; ///< had the focus
};

} // namespace app
