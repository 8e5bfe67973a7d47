#include "app/frame/stand.h"

#include "words/say.h"

#include <QPainter>

#include <algorithm>

namespace app {

namespace {
constexpr int kBig = 150; ///< pixels of the big figure's type at 1280 x 800
} // namespace

Stand::Stand(const Look& look, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), look_(look), ring_(new Ring(look, dialogs, this)) {
    setObjectName(QStringLiteral("stand"));
    setAccessibleName(Say::tr("At the stand"));
    ring_->setObjectName(QStringLiteral("standRing"));
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

void Stand::setCard(const StandCard& card) {
    card_ = card;
    ring_->setScene(card.ring);
    ring_->setVisible(!card.picture);
    setAccessibleDescription(
        QStringList{card.subject, card.caption, card.big, card.bigNote, card.last, card.advice}
            .join(QLatin1Char(' '))
            .simplified());
    update();
}

double Stand::scale() const {
    return std::min(width() / 1280.0, height() / 620.0);
}

int Stand::figureHeight() const {
    return QFontMetrics(Look::font(static_cast<int>(kBig * scale()), true))
        .tightBoundingRect(QStringLiteral("8"))
        .height();
}

/// The size asked for, or what still fits the width.
QFont Stand::fitted(int pixels, bool bold, const QString& text, double width) const {
    int size = std::max(12, static_cast<int>(pixels * scale()));
    while (size > 12 && QFontMetrics(Look::font(size, bold)).horizontalAdvance(text) > width)
        --size;
    return Look::font(size, bold);
}

void Stand::resizeEvent(QResizeEvent*) {
    const int side = static_cast<int>(std::min(width() * 0.45, height() - 20.0));
    ring_->setGeometry(20, (height() - side - 20) / 2, side, side + 20);
}

void Stand::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    p.fillRect(rect(), t.plate);
    if (card_.picture) {
        p.save();
        p.translate(ring_->pos());
        card_.picture(p, ring_->size());
        p.restore();
    }
    const double s = scale(), left = ring_->x() + ring_->width() + 30.0,
                 wide = width() - left - 30.0;
    double y = 18.0 * s;
    const auto line = [&](const QString& text, int pixels, bool bold, const QColor& colour,
                          double height) {
        p.setFont(fitted(pixels, bold, text, wide));
        p.setPen(colour);
        p.drawText(QRectF(left, y, wide, height * s), Qt::AlignLeft | Qt::AlignVCenter, text);
        y += height * s;
    };
    p.setFont(fitted(20, false, card_.progress, wide / 2.0));
    p.setPen(t.muted);
    p.drawText(QRectF(left, y, wide, 40 * s), Qt::AlignRight | Qt::AlignVCenter, card_.progress);
    line(card_.subject, 28, true, card_.side ? t.lobe(*card_.side) : t.ink, 40);
    line(card_.caption, 22, false, t.muted, 40);

    const QFont big = fitted(kBig, true, card_.big, wide);
    const int bigWidth = QFontMetrics(big).horizontalAdvance(card_.big);
    p.setFont(big);
    p.setPen(t.ink);
    p.drawText(QRectF(left, y, wide, 160 * s), Qt::AlignLeft | Qt::AlignVCenter, card_.big);
    const bool beside = bigWidth < wide * 0.62;
    p.setFont(fitted(32, false, card_.bigNote, beside ? wide - bigWidth - 24 : wide));
    p.setPen(t.muted);
    if (beside)
        p.drawText(QRectF(left + bigWidth + 24, y, wide - bigWidth - 24, 145 * s),
                   Qt::AlignLeft | Qt::AlignBottom, card_.bigNote);
    y += 165 * s;
    if (!beside) line(card_.bigNote, 26, false, t.muted, 36);
    p.setPen(QPen(t.edge, 2.0));
    p.drawLine(QPointF(left, y), QPointF(left + wide, y));
    y += 8 * s;
    line(card_.last, 30, false, t.ink, 50);

    // Smaller type before a sentence is cut.
    const double least = height() - y - (card_.soFar.isEmpty() ? 40.0 : 80.0) * s;
    int size = static_cast<int>(22 * s);
    const auto high = [&](int pixels) {
        return QFontMetrics(Look::font(pixels, true))
            .boundingRect(QRect(0, 0, static_cast<int>(wide), 4000), Qt::TextWordWrap, card_.advice)
            .height();
    };
    while (size > 13 && high(size) > least)
        --size;
    p.setFont(Look::font(size, true));
    p.setPen(card_.warn ? t.amberText : t.ink);
    const QRectF room(left, y, wide, std::max(least, 60.0));
    const QRectF used =
        p.boundingRect(room, Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, card_.advice);
    p.drawText(room, Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, card_.advice);
    y += std::max(36.0 * s, used.height() + 12.0 * s);
    line(card_.soFar, 22, false, t.ink, 40);
    p.setFont(Look::font(static_cast<int>(18 * s)));
    p.setPen(t.muted);
    p.drawText(QRectF(left, y, wide, height() - y - 4),
               Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop, card_.tip);
}

} // namespace app
