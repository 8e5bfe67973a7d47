// The overlay that shows every key (F1). Any key or click closes it.
#pragma once

#include "app/style/look.h"

#include <QWidget>

namespace app {

class KeysOverlay : public QWidget {
    Q_OBJECT
public:
    KeysOverlay(const Look& look, QWidget* parent);
    void open();

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void close();
    const Look& look_;
    QWidget* before_ = nullptr; ///< had the focus
};

} // namespace app
