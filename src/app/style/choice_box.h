// A box of choices that changes by a choice alone: closed, Up, Down and Space open it, and the
// wheel is whatever is under it.
#pragma once

#include <QComboBox>
#include <QKeyEvent>
#include <QWheelEvent>

namespace app {

class ChoiceBox : public QComboBox {
public:
    explicit ChoiceBox(QWidget* parent = nullptr) : QComboBox(parent) {}

protected:
    void keyPressEvent(QKeyEvent* event) override {
        switch (event->key()) {
        case Qt::Key_Up:
        case Qt::Key_Down:
        case Qt::Key_Space:
        case Qt::Key_Return:
        case Qt::Key_Enter:
            return showPopup();
        default:
            QComboBox::keyPressEvent(event);
        }
    }
    void wheelEvent(QWheelEvent* event) override { event->ignore(); }
};

} // namespace app
