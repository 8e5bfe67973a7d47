#include "app/style/dial_style.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QHeaderView>
#include <QIconEngine>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QStyleOption>
#include <QToolTip>

#include <algorithm>
#include <cstring>

namespace app {
namespace {

/// "There is more": two angles side by side, in the colour of words on a bar.
class More : public QIconEngine {
public:
    void paint(QPainter* p, const QRect& room, QIcon::Mode, QIcon::State) override {
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        p->setPen(QPen(Theme::light().barText, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        const QPointF c = QRectF(room).center();
        constexpr double kHigh = 3.5;
        for (double x : {-4.0, 1.0})
            p->drawPolyline(QPolygonF(
                {c + QPointF(x, -kHigh), c + QPointF(x + kHigh, 0.0), c + QPointF(x, kHigh)}));
        p->restore();
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        QPixmap out(size);
        out.fill(Qt::transparent);
        QPainter p(&out);
        paint(&p, QRect(QPoint(), size), mode, state);
        return out;
    }
    QIconEngine* clone() const override { return new More(*this); }
};

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

QByteArray roleOf(const QWidget* widget) {
    return widget ? widget->property("role").toByteArray() : QByteArray();
}

const Dress* dressOf(const QByteArray& role) {
    const auto* it = std::find_if(std::begin(dresses), std::end(dresses),
                                  [&](const Dress& d) { return role == d.role; });
    return it == std::end(dresses) ? nullptr : it;
}

/// Measures of a button, in pixels; edge and padding come to the same whether it has the focus.
struct ButtonShape {
    int radius, across, upright; ///< the latter two from the edge to the words
    int least;                   ///< height of the words' room
};

ButtonShape shapeOf(const QByteArray& role) {
    if (role == "chip") return {13, 13, 5, 18};
    if (role == "bigChip") return {10, 13, 5, 42};
    return {8, 12, 8, 0};
}

bool isChip(const QByteArray& role) {
    return role == "chip" || role == "bigChip";
}

/// A rounded plate with an edge inside `rect`.
void drawPlate(QPainter* p, const QRect& rect, double radius, const QColor& ground,
               const QColor& edge, double width) {
    p->save();
    p->setRenderHint(QPainter::Antialiasing);
    p->setPen(width > 0.0 ? QPen(edge, width) : QPen(Qt::NoPen));
    p->setBrush(ground.isValid() ? QBrush(ground) : QBrush(Qt::NoBrush));
    const double in = width / 2.0;
    p->drawRoundedRect(QRectF(rect).adjusted(in, in, -in, -in), radius - in, radius - in);
    p->restore();
}

constexpr int kMenuLeft = 18, kMenuRight = 24, kMenuBetween = 16, kMenuUpright = 6;
constexpr int kEntryAcross = 14, kEntryUpright = 4;
constexpr int kHandle = 28, kTrack = 10; ///< of a scroll bar

bool isEntry(const QWidget* widget) {
    return qobject_cast<const QLineEdit*>(widget) && roleOf(widget) == "entry";
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

void DialStyle::drawBevel(const QStyleOptionButton& button, QPainter* p,
                          const QWidget* widget) const {
    const QByteArray role = roleOf(widget);
    const bool on = button.state & State_On, focus = button.state & State_HasFocus;
    const bool chip = isChip(role);
    QColor ground = chip ? theme_.chip : theme_.panel, edge = chip ? theme_.chip : theme_.edge;
    double width = 1.0;
    if (on) ground = edge = theme_.amber;
    if (!chip && !on && !focus && (button.state & State_MouseOver) &&
        (button.state & State_Enabled))
        edge = theme_.muted;
    if (focus) {
        edge = chip ? (on ? theme_.barText : theme_.amber) : on ? theme_.ink : theme_.amberLine;
        width = chip && !on ? 1.0 : 2.0;
    }
    drawPlate(p, button.rect, shapeOf(role).radius, ground, edge, width);
}

void DialStyle::drawButtonWords(const QStyleOptionButton& button, QPainter* p,
                                const QWidget* widget) const {
    QStyleOptionButton words(button);
    const bool on = button.state & State_On;
    const QColor ink = on ? theme_.onAmber : isChip(roleOf(widget)) ? theme_.barText : theme_.ink;
    for (auto group : {QPalette::Active, QPalette::Inactive})
        words.palette.setColor(group, QPalette::ButtonText, ink);
    const QFont before = p->font();
    if (on) {
        QFont bold = before;
        bold.setBold(true);
        p->setFont(bold);
    }
    QProxyStyle::drawControl(CE_PushButtonLabel, &words, p, widget);
    p->setFont(before);
}

void DialStyle::drawMenuBarItem(const QStyleOptionMenuItem& item, QPainter* p,
                                const QWidget* widget) const {
    const bool chosen = (item.state & State_Selected) && (item.state & State_Enabled);
    if (chosen) drawPlate(p, item.rect, 6.0, theme_.amber, {}, 0.0);
    int flags = Qt::AlignCenter | Qt::TextShowMnemonic | Qt::TextDontClip | Qt::TextSingleLine;
    if (!proxy()->styleHint(SH_UnderlineShortcut, &item, widget)) flags |= Qt::TextHideMnemonic;
    p->setPen(chosen ? theme_.onAmber : theme_.barText);
    p->drawText(item.rect, flags, item.text);
}

void DialStyle::drawMenuItem(const QStyleOptionMenuItem& item, QPainter* p,
                             const QWidget* widget) const {
    const QRect r = item.rect;
    if (item.menuItemType == QStyleOptionMenuItem::Separator) {
        p->fillRect(QRect(r.left() + 8, r.center().y(), r.width() - 16, 1), theme_.edge);
        return;
    }
    const bool enabled = item.state & State_Enabled;
    const bool chosen = (item.state & State_Selected) && enabled;
    if (chosen) p->fillRect(r, theme_.ink);
    const QColor ink = chosen ? theme_.plate : enabled ? theme_.ink : theme_.faint;
    const auto mirrored = [&](const QRect& box) { return visualRect(item.direction, r, box); };
    p->save();
    p->setFont(item.font);
    p->setPen(ink);
    const QStringList parts = item.text.split(QLatin1Char('\t'));
    const int flags = Qt::AlignVCenter | Qt::TextDontClip | Qt::TextSingleLine |
                      (proxy()->styleHint(SH_UnderlineShortcut, &item, widget)
                           ? Qt::TextShowMnemonic
                           : Qt::TextShowMnemonic | Qt::TextHideMnemonic);
    const QRect room = r.adjusted(kMenuLeft, 0, -kMenuRight, 0);
    const auto leading = [&](Qt::Alignment side) {
        return static_cast<int>(visualAlignment(item.direction, side)) | flags;
    };
    p->drawText(mirrored(room), leading(Qt::AlignLeft), parts.front());
    if (parts.size() > 1) {
        const int width = item.reservedShortcutWidth;
        p->drawText(mirrored({room.right() + 1 - width, r.top(), width, r.height()}),
                    leading(Qt::AlignLeft), parts[1]);
    }
    p->setRenderHint(QPainter::Antialiasing);
    p->setPen(QPen(ink, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    if (item.checkType != QStyleOptionMenuItem::NotCheckable && item.checked) {
        const QPointF c = QRectF(mirrored({r.left(), r.top(), kMenuLeft - 4, r.height()})).center();
        p->drawPolyline(
            QPolygonF({c + QPointF(-3, 0), c + QPointF(-1, 2.5), c + QPointF(3, -2.5)}));
    }
    if (item.menuItemType == QStyleOptionMenuItem::SubMenu) {
        QStyleOption arrow(item);
        arrow.rect = mirrored({r.right() - 13, r.center().y() - 4, 9, 9});
        arrow.palette.setColor(QPalette::Text, ink);
        arrow.palette.setColor(QPalette::WindowText, ink);
        proxy()->drawPrimitive(item.direction == Qt::RightToLeft ? PE_IndicatorArrowLeft
                                                                 : PE_IndicatorArrowRight,
                               &arrow, p, widget);
    }
    p->restore();
}

void DialStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* p,
                              const QWidget* widget) const {
    switch (element) {
    case PE_PanelLineEdit:
        if (!isEntry(widget)) break;
        return drawPlate(p, option->rect, 8.0, theme_.dial, theme_.amber, 2.0);
    case PE_Frame:
        if (!qobject_cast<const QAbstractItemView*>(widget)) break;
        if (option->state & State_HasFocus)
            return drawPlate(p, option->rect, 6.0, theme_.dial, theme_.amberLine, 2.0);
        return drawPlate(p, option->rect, 6.0, theme_.dial, theme_.edge, 1.0);
    case PE_FrameFocusRect: // told by the edge
        if (qobject_cast<const QPushButton*>(widget)) return;
        break;
    case PE_PanelMenu:
        p->fillRect(option->rect, theme_.edge);
        p->fillRect(option->rect.adjusted(1, 1, -1, -1), theme_.dial);
        return;
    case PE_PanelTipLabel:
        p->fillRect(option->rect, theme_.amber);
        p->fillRect(option->rect.adjusted(1, 1, -1, -1), theme_.bar);
        return;
    case PE_FrameMenu:
    case PE_PanelMenuBar:
        return;
    default:
        break;
    }
    QProxyStyle::drawPrimitive(element, option, p, widget);
}

void DialStyle::drawControl(ControlElement element, const QStyleOption* option, QPainter* p,
                            const QWidget* widget) const {
    switch (element) {
    case CE_PushButtonBevel:
        if (const auto* b = qstyleoption_cast<const QStyleOptionButton*>(option))
            return drawBevel(*b, p, widget);
        break;
    case CE_PushButtonLabel:
        if (const auto* b = qstyleoption_cast<const QStyleOptionButton*>(option))
            return drawButtonWords(*b, p, widget);
        break;
    case CE_MenuBarItem:
        if (const auto* i = qstyleoption_cast<const QStyleOptionMenuItem*>(option))
            return drawMenuBarItem(*i, p, widget);
        break;
    case CE_MenuItem:
        if (const auto* i = qstyleoption_cast<const QStyleOptionMenuItem*>(option))
            return drawMenuItem(*i, p, widget);
        break;
    case CE_HeaderSection:
    case CE_HeaderEmptyArea:
        return p->fillRect(option->rect, theme_.panel);
    case CE_HeaderLabel:
        if (const auto* h = qstyleoption_cast<const QStyleOptionHeader*>(option)) {
            QStyleOptionHeader words(*h);
            words.palette.setColor(QPalette::ButtonText, theme_.muted);
            return QProxyStyle::drawControl(CE_HeaderLabel, &words, p, widget);
        }
        break;
    case CE_MenuBarEmptyArea: // the bar it stands on shows
        return;
    default:
        break;
    }
    QProxyStyle::drawControl(element, option, p, widget);
}

void DialStyle::drawComplexControl(ComplexControl control, const QStyleOptionComplex* option,
                                   QPainter* p, const QWidget* widget) const {
    if (control == CC_ScrollBar) {
        const QRect handle = subControlRect(CC_ScrollBar, option, SC_ScrollBarSlider, widget);
        return drawPlate(p, handle, 4.0, theme_.edge, {}, 0.0);
    }
    QProxyStyle::drawComplexControl(control, option, p, widget);
    if (control == CC_ComboBox && (option->state & State_HasFocus))
        drawPlate(p, option->rect, 4.0, {}, theme_.amberLine, 2.0);
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

QIcon DialStyle::standardIcon(StandardPixmap which, const QStyleOption* option,
                              const QWidget* widget) const {
    if (which == SP_ToolBarHorizontalExtensionButton) return QIcon(new More);
    return QProxyStyle::standardIcon(which, option, widget);
}

void setInk(QWidget* label, const QColor& ink, const QColor& ground) {
    QPalette p;
    p.setColor(QPalette::WindowText, ink);
    if (ground.isValid()) p.setColor(QPalette::Window, ground);
    label->setPalette(p);
    label->setAutoFillBackground(ground.isValid());
}

} // namespace app
