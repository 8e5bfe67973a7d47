#include "app/frame/spoken_tree.h"

#include "app/frame/overlay.h"
#include "app/frame/route.h"
#include "app/frame/spoken_parts.h"
#include "app/pictures/picture.h"
#include "app/pictures/slide.h"
#include "app/style/rows.h"

#include <QAccessibleWidget>
#include <QButtonGroup>
#include <QPushButton>

namespace app {

namespace {

class SlideFace : public QAccessibleWidget, public QAccessibleValueInterface {
public:
    explicit SlideFace(Slide* slide) : QAccessibleWidget(slide, QAccessible::Slider) {}

    void* interface_cast(QAccessible::InterfaceType type) override {
        if (type == QAccessible::ValueInterface)
            return static_cast<QAccessibleValueInterface*>(this);
        return QAccessibleWidget::interface_cast(type);
    }
    QVariant currentValue() const override { return slide().value(); }
    void setCurrentValue(const QVariant& value) override { slide().setValue(value.toDouble()); }
    QVariant maximumValue() const override { return slide().range_deg(); }
    QVariant minimumValue() const override { return -slide().range_deg(); }
    QVariant minimumStepSize() const override { return 0.5; }

private:
    Slide& slide() const { return *static_cast<Slide*>(object()); }
};

/// A button by what it is at the moment: it is asked for before it is dressed. One of several, of
/// which one holds, is a choice; pressing another lets go of it.
class ButtonFace : public QAccessibleWidget {
public:
    explicit ButtonFace(QPushButton* button) : QAccessibleWidget(button) {}

    QAccessible::Role role() const override {
        const QButtonGroup* group = button().group();
        if (!button().isCheckable()) return QAccessible::Button;
        return group && group->exclusive() ? QAccessible::RadioButton : QAccessible::CheckBox;
    }
    QString text(QAccessible::Text what) const override {
        if (what == QAccessible::Accelerator)
            return button().shortcut().toString(QKeySequence::NativeText);
        const QString said = QAccessibleWidget::text(what);
        return what == QAccessible::Name && said.isEmpty()
                   ? button().text().remove(QLatin1Char('&'))
                   : said;
    }
    QAccessible::State state() const override {
        QAccessible::State s = QAccessibleWidget::state();
        s.checkable = button().isCheckable();
        s.checked = button().isChecked();
        s.pressed = button().isDown();
        return s;
    }
    QStringList actionNames() const override {
        return QStringList{pressAction()} + QAccessibleWidget::actionNames();
    }
    void doAction(const QString& action) override {
        if (action == pressAction())
            button().click();
        else
            QAccessibleWidget::doAction(action);
    }

private:
    QPushButton& button() const { return *static_cast<QPushButton*>(object()); }
};

QAccessibleInterface* faceOf(const QString&, QObject* object) {
    if (auto* slide = qobject_cast<Slide*>(object)) return new SlideFace(slide);
    if (auto* picture = qobject_cast<Picture*>(object))
        return new QAccessibleWidget(picture, QAccessible::Graphic);
    if (auto* page = qobject_cast<Overlay*>(object))
        return new QAccessibleWidget(page, QAccessible::Dialog);
    if (auto* route = qobject_cast<Route*>(object)) return spokenRoute(route);
    if (auto* list = qobject_cast<RowList*>(object)) return spokenRows(list);
    if (auto* button = qobject_cast<QPushButton*>(object)) return new ButtonFace(button);
    return nullptr;
}

} // namespace

void describeWidgets() {
    static const bool once = [] {
        QAccessible::installFactory(faceOf);
        return true;
    }();
    static_cast<void>(once);
}

} // namespace app
