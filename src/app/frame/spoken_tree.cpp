#include "app/frame/spoken_tree.h"

#include "app/frame/overlay.h"
#include "app/frame/route.h"
#include "app/frame/spoken_parts.h"
#include "app/pictures/picture.h"
#include "app/pictures/slide.h"
#include "app/style/rows.h"

#include <QAccessibleWidget>

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

QAccessibleInterface* faceOf(const QString&, QObject* object) {
    if (auto* slide = qobject_cast<Slide*>(object)) return new SlideFace(slide);
    if (auto* picture = qobject_cast<Picture*>(object))
        return new QAccessibleWidget(picture, QAccessible::Graphic);
    if (auto* page = qobject_cast<Overlay*>(object))
        return new QAccessibleWidget(page, QAccessible::Dialog);
    if (auto* route = qobject_cast<Route*>(object)) return spokenRoute(route);
    if (auto* list = qobject_cast<RowList*>(object); list && !list->columns().isEmpty())
        return spokenTable(list);
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
