// How the parts of the style are drawn.
#include "app/style/dial_parts.h"
#include "app/style/dial_style.h"

#include <QAbstractItemView>
#include <QIconEngine>
#include <QPainter>
#include <QPushButton>
#include <QStyleOption>

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

} // namespace

void DialStyle::drawBevel(const QStyleOptionButton& button, QPainter* p,
                          const QWidget* widget) const {
    const QByteArray role = roleOf(widget);
    const bool on = button.state & State_On, focus = button.state & State_HasFocus;
    const bool chip = isChip(role);
    QColor ground = chip ? theme_.chip : theme_.panel, edge = chip ? theme_.chipEdge : theme_.faint;
    double width = 1.0;
    if (on) {
        ground = theme_.amber;
        edge = chip ? theme_.amber : theme_.amberLine;
    }
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
        if (!isEntry(widget)) {
            QProxyStyle::drawPrimitive(element, option, p, widget);
            if (option->state & State_HasFocus) return;
            return drawPlate(p, option->rect, 3.0, {}, theme_.faint, 1.0);
        }
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
        return drawPlate(p, handle, 4.0, theme_.faint, {}, 0.0);
    }
    QProxyStyle::drawComplexControl(control, option, p, widget);
    if (control == CC_ComboBox) {
        const bool focus = option->state & State_HasFocus;
        drawPlate(p, option->rect, 4.0, {}, focus ? theme_.amberLine : theme_.faint,
                  focus ? 2.0 : 1.0);
    }
}

QIcon DialStyle::standardIcon(StandardPixmap which, const QStyleOption* option,
                              const QWidget* widget) const {
    if (which == SP_ToolBarHorizontalExtensionButton) return QIcon(new More);
    return QProxyStyle::standardIcon(which, option, widget);
}

} // namespace app
