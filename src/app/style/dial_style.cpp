#include "app/style/dial_style.h"

#include "app/style/dial_parts.h"

#include <QApplication>
#include <QHeaderView>
#include <QStyleOption>

#include <algorithm>

namespace app {
namespace {

/// What the words of a role look like.
struct Dress {
    const char* role;
    int pixels; ///< 0: whatever the widget has
    bool bold;
    QColor Theme::*ink;
    QColor Theme::*ground = nullptr; ///< what it fills itself with; null: nothing
};

constexpr Dress dresses[] = {
    {"title", 15, true, &Theme::ink},
    {"verdict", 17, true, &Theme::amberText},
    {"quiet", 12, false, &Theme::muted},
    {"head", 13, true, &Theme::amberText},
    {"bar", 0, false, &Theme::barText}, // a bar, and all words on it
    {"barQuiet", 0, false, &Theme::barMuted},
    {"wordmark", 15, true, &Theme::barText},
    {"message", 13, false, &Theme::onAmber, &Theme::amber},
    {"rule", 0, false, &Theme::edge, &Theme::edge},
};

const Dress* dressOf(const QByteArray& role) {
    const auto* it = std::find_if(std::begin(dresses), std::end(dresses),
                                  [&](const Dress& d) { return role == d.role; });
    return it == std::end(dresses) ? nullptr : it;
}

} // namespace

DialStyle::DialStyle() : QProxyStyle(QStringLiteral("Fusion")), theme_(Theme::light()) {}

DialStyle& DialStyle::ofApplication() {
    auto* style = qobject_cast<DialStyle*>(QApplication::style());
    if (!style) QApplication::setStyle(style = new DialStyle);
    return *style;
}

void DialStyle::setTheme(const Theme& theme) {
    theme_ = theme;
    for (QWidget* w : QApplication::allWidgets())
        if (w->testAttribute(Qt::WA_WState_Polished)) dress(*w);
}

void DialStyle::dress(QWidget& widget) const {
    const QByteArray role = roleOf(&widget);
    QPalette p; // of the roles that are named only; the rest is inherited
    if (role == "entry") {
        p.setColor(QPalette::Highlight, theme_.amber);
        p.setColor(QPalette::HighlightedText, theme_.onAmber);
        return widget.setPalette(p);
    }
    const Dress* d = dressOf(role);
    if (!d) return;
    p.setColor(QPalette::WindowText, theme_.*d->ink);
    if (d->ground) p.setColor(QPalette::Window, theme_.*d->ground);
    widget.setPalette(p);
}

void DialStyle::polish(QWidget* widget) {
    QProxyStyle::polish(widget);
    if (qobject_cast<QHeaderView*>(widget)) widget->setFont(Look::font(12));
    if (const Dress* d = dressOf(roleOf(widget))) {
        if (d->pixels > 0) widget->setFont(Look::font(d->pixels, d->bold));
        if (d->ground) widget->setAutoFillBackground(true);
    }
    dress(*widget);
}

QRect DialStyle::subControlRect(ComplexControl control, const QStyleOptionComplex* option,
                                SubControl part, const QWidget* widget) const {
    const auto* bar =
        control == CC_ScrollBar ? qstyleoption_cast<const QStyleOptionSlider*>(option) : nullptr;
    if (!bar) return QProxyStyle::subControlRect(control, option, part, widget);
    // A track and its handle; nobody steps by line with the mouse.
    const bool across = bar->orientation == Qt::Horizontal;
    const int length = across ? bar->rect.width() : bar->rect.height();
    const auto range = static_cast<qint64>(bar->maximum) - bar->minimum;
    const int handle = range <= 0 ? length
                                  : std::clamp(static_cast<int>(static_cast<qint64>(bar->pageStep) *
                                                                length / (range + bar->pageStep)),
                                               std::min(kHandle, length), length);
    const int start = sliderPositionFromValue(bar->minimum, bar->maximum, bar->sliderPosition,
                                              length - handle, bar->upsideDown);
    const auto stretch = [&](int from, int to) {
        const QRect r = across ? QRect(from, 0, to - from, bar->rect.height())
                               : QRect(0, from, bar->rect.width(), to - from);
        return visualRect(bar->direction, bar->rect, r.translated(bar->rect.topLeft()));
    };
    switch (part) {
    case SC_ScrollBarSlider:
        return stretch(start, start + handle);
    case SC_ScrollBarSubPage:
        return stretch(0, start);
    case SC_ScrollBarAddPage:
        return stretch(start + handle, length);
    case SC_ScrollBarGroove:
        return stretch(0, length);
    default:
        return {};
    }
}

QRect DialStyle::subElementRect(SubElement element, const QStyleOption* option,
                                const QWidget* widget) const {
    if (element == SE_LineEditContents && isEntry(widget))
        return option->rect.adjusted(kEntryAcross, kEntryUpright, -kEntryAcross, -kEntryUpright);
    return QProxyStyle::subElementRect(element, option, widget);
}

QSize DialStyle::sizeFromContents(ContentsType type, const QStyleOption* option,
                                  const QSize& contents, const QWidget* widget) const {
    switch (type) {
    case CT_PushButton: {
        const ButtonShape shape = shapeOf(roleOf(widget));
        return {contents.width() + 2 * shape.across,
                std::max(contents.height(), shape.least) + 2 * shape.upright};
    }
    case CT_MenuBarItem:
        if (contents.isEmpty()) return contents;
        return contents + (roleOf(widget) == "bigMenus" ? QSize(24, 26) : QSize(20, 12));
    case CT_MenuItem: {
        const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option);
        if (item && item->menuItemType == QStyleOptionMenuItem::Separator)
            return {contents.width(), 9};
        return {contents.width() + kMenuLeft + kMenuRight + kMenuBetween,
                contents.height() + 2 * kMenuUpright};
    }
    case CT_ItemViewItem: {
        const QSize usual = QProxyStyle::sizeFromContents(type, option, contents, widget);
        // High enough for a finger that is not clean.
        return widget && widget->inherits("QComboBoxListView") ? usual + QSize(0, 8) : usual;
    }
    default:
        return QProxyStyle::sizeFromContents(type, option, contents, widget);
    }
}

int DialStyle::pixelMetric(PixelMetric metric, const QStyleOption* option,
                           const QWidget* widget) const {
    switch (metric) {
    case PM_ScrollBarExtent:
        return kTrack;
    case PM_ScrollBarSliderMin:
        return kHandle;
    case PM_MenuPanelWidth:
        return 1;
    case PM_MenuHMargin:
    case PM_MenuVMargin:
        return 4;
    case PM_ToolTipLabelFrameWidth:
        return 9;
    default:
        return QProxyStyle::pixelMetric(metric, option, widget);
    }
}

int DialStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                         QStyleHintReturn* more) const {
    // What can be chosen hangs under the box as a list, and does not cover it as a menu.
    if (hint == SH_ComboBox_Popup) return 0;
    return QProxyStyle::styleHint(hint, option, widget, more);
}

void setInk(QWidget* label, const QColor& ink, const QColor& ground) {
    QPalette p;
    p.setColor(QPalette::WindowText, ink);
    if (ground.isValid()) p.setColor(QPalette::Window, ground);
    label->setPalette(p);
    label->setAutoFillBackground(ground.isValid());
}

} // namespace app
