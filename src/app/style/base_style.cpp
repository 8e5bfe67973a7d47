#include "app/style/base_style.h"

#include "app/style/look.h"

#include <QIcon>
#include <QIconEngine>
#include <QPainter>

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

} // namespace

QIcon BaseStyle::standardIcon(StandardPixmap which, const QStyleOption* option,
                              const QWidget* widget) const {
    if (which == SP_ToolBarHorizontalExtensionButton) return QIcon(new More);
    return QProxyStyle::standardIcon(which, option, widget);
}

} // namespace app
