// A widget that fills its own ground, so that what lies under it need not be painted when
// something on it changes.
#pragma once

#include "app/style/look.h"

#include <QPainter>
#include <QPaintEvent>
#include <QWidget>

namespace app {

class Ground : public QWidget {
public:
    /// `colour` as the theme at hand has it. `look` outlives it.
    Ground(const Look& look, QColor Theme::*colour, QWidget* parent = nullptr)
        : QWidget(parent), look_(look), colour_(colour) {
        setAttribute(Qt::WA_OpaquePaintEvent);
    }

protected:
    void paintEvent(QPaintEvent* event) override {
        QPainter(this).fillRect(event->rect(), look_.theme().*colour_);
    }
    const Look& look() const { return look_; }

private:
    const Look& look_;
    QColor Theme::*colour_;
};

} // namespace app
