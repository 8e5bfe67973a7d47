#include "app/benches/sheet/pages_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <QScrollBar>

#include <algorithm>

namespace app {

namespace {
constexpr double kApart = 14.0, kMost = 1000.0; ///< pixels: between pages, and as wide as one gets
} // namespace

PagesView::PagesView(const Look& look, QWidget* parent) : QAbstractScrollArea(parent), look_(look) {
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::TabFocus);
    verticalScrollBar()->setSingleStep(40);
}

void PagesView::setPages(sheet::Shown shown) {
    shown_ = std::move(shown);
    makeRoom();
    viewport()->update();
}

double PagesView::scale() const {
    const double wide = std::clamp(viewport()->width() - 2.0 * kApart, 50.0, kMost);
    return shown_.paper.isEmpty() ? 1.0 : wide / shown_.paper.width();
}

QRectF PagesView::pageBox(int index) const {
    const QSizeF size = QSizeF(shown_.paper) * scale();
    const double top = kApart + index * (size.height() + kApart) - verticalScrollBar()->value();
    return {QPointF((viewport()->width() - size.width()) / 2.0, top), size};
}

void PagesView::makeRoom() {
    const double all =
        kApart + pageCount() * (shown_.paper.height() * scale() + kApart) - viewport()->height();
    verticalScrollBar()->setRange(0, std::max(0, static_cast<int>(all)));
    verticalScrollBar()->setPageStep(viewport()->height() * 9 / 10);
}

void PagesView::paintEvent(QPaintEvent* event) {
    QPainter p(viewport());
    const Theme& t = look_.theme();
    p.fillRect(event->rect(), t.plate);
    for (int i = 0; i < pageCount(); ++i) {
        const QRectF box = pageBox(i);
        if (!box.intersects(event->rect())) continue;
        // Paper is white, whatever the light.
        p.fillRect(box, Qt::white);
        p.setPen(QPen(t.faint, 1.0));
        p.setBrush(Qt::NoBrush);
        p.drawRect(box);
        p.save();
        p.setRenderHints(QPainter::Antialiasing | QPainter::TextAntialiasing);
        p.setClipRect(box);
        p.translate(box.topLeft());
        p.scale(scale(), scale());
        p.translate(shown_.printed.topLeft());
        shown_.pages[static_cast<std::size_t>(i)].play(&p);
        p.restore();
    }
    if (!hasFocus()) return;
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.amberLine, 2.0));
    p.drawRect(viewport()->rect().adjusted(1, 1, -1, -1));
}

void PagesView::resizeEvent(QResizeEvent*) {
    makeRoom();
}

void PagesView::keyPressEvent(QKeyEvent* event) {
    QScrollBar* bar = verticalScrollBar();
    switch (event->key()) {
    case Qt::Key_Home:
        bar->setValue(0);
        break;
    case Qt::Key_End:
        bar->setValue(bar->maximum());
        break;
    case Qt::Key_Space:
        bar->setValue(bar->value() + bar->pageStep());
        break;
    default:
        QAbstractScrollArea::keyPressEvent(event);
        return;
    }
    event->accept();
}

} // namespace app
