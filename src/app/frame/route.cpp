#include "app/frame/route.h"

#include "words/sentences.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

namespace app {

using namespace lobe;

namespace {
constexpr int kCount = static_cast<int>(std::size(kStations));
constexpr double kRow = 66.0, kTop = 12.0;
constexpr double kTwoLines = 60.0; ///< from this height on a finding may take a second line
} // namespace

Route::Route(const Session& session, const Look& look, QWidget* parent)
    : QWidget(parent), session_(session), look_(look) {
    setObjectName(QStringLiteral("route"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(QStringLiteral("Route"));
    setFocusPolicy(Qt::TabFocus);
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

void Route::setCurrent(Station station) {
    current_ = station;
    refresh();
}

void Route::refresh() {
    QStringList said;
    for (Station s : kStations)
        said << QStringLiteral("%1, %2, %3")
                    .arg(words::stationName(s),
                         words::progressName(session_.findings().progress(s)), line(s));
    const QString all = said.join(QStringLiteral("; ")) + words::stationName(current_);
    if (all == shown_) return;
    shown_ = all;
    setAccessibleDescription(said.join(QStringLiteral("; ")));
    update();
}

QString Route::line(Station s) const {
    if (!session_.hasJob()) return {};
    const Findings& f = session_.findings();
    const QString line = words::stationLine(s, session_.job(), f, look_.style());
    const bool next = s == f.next && s != current_ && f.progress(s) != Progress::LookAgain;
    return next ? QStringLiteral("next: ") + line : line;
}

QRectF Route::box(int index) const {
    // Twelve have room in the smallest window.
    const double row = std::min(kRow, (height() - 2.0 * kTop) / kCount);
    return {8.0, kTop + row * index, width() - 16.0, row - std::min(8.0, row * 0.1)};
}

/// Not begun: an open ring. In hand: half filled. Done: a tick. Look again: a bang in a triangle.
void Route::drawMark(QPainter& p, QPointF c, Progress progress) const {
    const Theme& t = look_.theme();
    constexpr double r = 9.0;
    p.setPen(QPen(progress == Progress::NotBegun ? t.muted : t.ink, 1.8));
    p.setBrush(t.panel);
    switch (progress) {
    case Progress::NotBegun:
        p.drawEllipse(c, r, r);
        break;
    case Progress::InHand: {
        p.drawEllipse(c, r, r);
        p.setBrush(t.ink);
        p.drawPie(QRectF(c.x() - r, c.y() - r, 2 * r, 2 * r), 90 * 16, 180 * 16);
        break;
    }
    case Progress::Done:
        p.setBrush(t.ink);
        p.drawEllipse(c, r, r);
        p.setPen(QPen(t.panel, 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        p.drawPolyline(
            QPolygonF({c + QPointF(-4, 0), c + QPointF(-1, 3.4), c + QPointF(4.4, -3.6)}));
        break;
    case Progress::LookAgain:
        p.setPen(QPen(t.ink, 1.6));
        p.setBrush(t.amber);
        p.drawPolygon(QPolygonF(
            {c + QPointF(0, -r - 1), c + QPointF(r + 1.5, r - 1), c + QPointF(-r - 1.5, r - 1)}));
        p.setPen(QPen(QColor(0x22, 0x25, 0x2A), 2.0));
        p.drawLine(c + QPointF(0, -4.5), c + QPointF(0, 2));
        p.drawPoint(c + QPointF(0, 5));
        break;
    }
    p.setBrush(Qt::NoBrush);
}

void Route::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    p.fillRect(rect(), t.panel);
    p.setPen(QPen(t.edge, 1.0));
    p.drawLine(width() - 1, 0, width() - 1, height());
    const double x = 34.0;
    p.setPen(QPen(t.edge, 3.0));
    p.drawLine(QPointF(x, box(0).center().y()), QPointF(x, box(kCount - 1).center().y()));
    const Findings& f = session_.findings();
    for (int i = 0; i < kCount; ++i) {
        const Station s = kStations[i];
        const QRectF b = box(i);
        if (s == current_) {
            p.setPen(QPen(t.amberLine, hasFocus() ? 3.0 : 1.8));
            p.setBrush(t.dial);
            p.drawRoundedRect(b, 8, 8);
            p.setBrush(Qt::NoBrush);
        }
        const Progress progress = session_.hasJob() ? f.progress(s) : Progress::NotBegun;
        drawMark(p, QPointF(x, b.center().y()), progress);
        const QRectF text(56, b.top(), b.right() - 60, b.height());
        const bool two = b.height() >= kTwoLines - 8.0;
        p.setFont(Look::font(15, s == current_));
        p.setPen(t.ink);
        const double inset = two ? 4.0 : 1.0;
        p.drawText(text.adjusted(0, inset, 0, 0), Qt::AlignLeft | Qt::AlignTop,
                   words::stationName(s));
        p.setFont(Look::font(12));
        p.setPen(progress == Progress::LookAgain ? t.amberText : t.muted);
        const QFontMetrics metrics(p.font());
        const QRectF under = text.adjusted(0, inset + 19.0, 0, 0);
        const QString said = line(s);
        const QRectF needed =
            metrics.boundingRect(under.toRect(), Qt::AlignLeft | Qt::TextWordWrap, said);
        if (two && needed.height() <= under.height() && needed.width() <= under.width())
            p.drawText(under, static_cast<int>(Qt::AlignLeft | Qt::AlignTop) | Qt::TextWordWrap,
                       said);
        else
            p.drawText(under, Qt::AlignLeft | Qt::AlignTop,
                       metrics.elidedText(said, Qt::ElideRight, static_cast<int>(under.width())));
    }
}

void Route::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < kCount; ++i)
        if (box(i).contains(event->position())) emit chosen(kStations[i]);
}

void Route::move(int by) {
    const int to = std::clamp(static_cast<int>(current_) + by, 0, kCount - 1);
    emit chosen(kStations[to]);
    setFocus();
}

void Route::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Down)
        move(1);
    else if (event->key() == Qt::Key_Up)
        move(-1);
    else
        QWidget::keyPressEvent(event);
}

} // namespace app
