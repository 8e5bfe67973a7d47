#include "app/style/shrinking.h"

#include <QAbstractTextDocumentLayout>
#include <QPainter>
#include <QTextDocument>
#include <QTextOption>

namespace app {

namespace {
constexpr int kSmallest = 9; ///< pixels
}

void drawFitted(QPainter& p, const QRectF& room, int flags, const QString& text) {
    const QFont before = p.font();
    QFont font = before;
    const auto fits = [&] {
        const QRectF needed =
            QFontMetricsF(font).boundingRect(QRectF(0, 0, room.width(), 1e4), flags, text);
        return needed.width() <= room.width() + 0.5 &&
               (!(flags & Qt::TextWordWrap) || needed.height() <= room.height() + 0.5);
    };
    while (font.pixelSize() > kSmallest && !fits())
        font.setPixelSize(font.pixelSize() - 1);
    p.setFont(font);
    if (fits())
        p.drawText(room, flags, text);
    else if (flags & Qt::TextWordWrap) // a word that is wider than its room is parted
        p.drawText(room, (flags & ~Qt::TextWordWrap) | Qt::TextWrapAnywhere, text);
    else
        p.drawText(room, flags, QFontMetricsF(font).elidedText(text, Qt::ElideRight, room.width()));
    p.setFont(before);
}

struct ShrinkingLabel::Fit {
    QString text;
    QFont font;
    QSize size;
    Qt::Alignment alignment;
    bool asItIs = false;
    std::unique_ptr<QTextDocument> document{}; ///< where it does not fit as it is

    bool isOf(const ShrinkingLabel& label) const {
        return text == label.text() && font == label.font() && size == label.size() &&
               alignment == label.alignment();
    }
};

ShrinkingLabel::ShrinkingLabel(QWidget* parent) : PlainLabel(parent) {}
ShrinkingLabel::ShrinkingLabel(const QString& text, QWidget* parent) : PlainLabel(text, parent) {}
ShrinkingLabel::~ShrinkingLabel() = default;

const ShrinkingLabel::Fit& ShrinkingLabel::fit() const {
    if (fit_ && fit_->isOf(*this)) return *fit_;
    auto made = std::make_unique<Fit>(Fit{text(), font(), size(), alignment()});
    made->asItIs = fitsAsItIs();
    if (!made->asItIs) {
        made->document = std::make_unique<QTextDocument>();
        lay(*made->document);
    }
    fit_ = std::move(made);
    return *fit_;
}

void ShrinkingLabel::lay(QTextDocument& document) const {
    QTextOption option(alignment());
    option.setWrapMode(QTextOption::WordWrap);
    option.setTextDirection(layoutDirection());
    document.setDefaultTextOption(option);
    document.setDocumentMargin(0.0);
    QFont font = this->font();
    // One of the platform has points, and no pixels.
    if (font.pixelSize() <= 0) font.setPixelSize(fontInfo().pixelSize());
    document.setDefaultFont(font);
    if (textFormat() == Qt::RichText)
        document.setHtml(text());
    else
        document.setPlainText(text());
    const QRect room = contentsRect();
    document.setTextWidth(room.width());
    while (font.pixelSize() > kSmallest && (document.size().height() > room.height() + 1 ||
                                            document.idealWidth() > room.width() + 1)) {
        font.setPixelSize(font.pixelSize() - 1);
        document.setDefaultFont(font);
        document.setTextWidth(room.width());
    }
}

bool ShrinkingLabel::fitsAsItIs() const {
    return wordWrap()
               ? heightForWidth(width()) <= height()
               : QLabel::sizeHint().height() <= height() && QLabel::sizeHint().width() <= width();
}

bool ShrinkingLabel::fits() const {
    const Fit& f = fit();
    if (f.asItIs) return true;
    const QRect room = contentsRect();
    return f.document->size().height() <= room.height() + 2 &&
           f.document->idealWidth() <= room.width() + 2;
}

QSize ShrinkingLabel::minimumSizeHint() const {
    if (text().isEmpty()) return {0, 0};
    if (wordWrap()) return {20, 2 * kSmallest};
    const QSize wanted = QLabel::sizeHint();
    return {wanted.width() * kSmallest / std::max(kSmallest, fontInfo().pixelSize()) + 2,
            2 * kSmallest};
}

void ShrinkingLabel::paintEvent(QPaintEvent* event) {
    const Fit& f = fit();
    if (f.asItIs) return QLabel::paintEvent(event);
    QTextDocument& document = *f.document;
    const QRect room = contentsRect();
    const double over = room.height() - document.size().height();
    const double top = alignment() & Qt::AlignTop      ? 0.0
                       : alignment() & Qt::AlignBottom ? over
                                                       : over / 2.0;
    QPainter p(this);
    p.translate(room.left(), room.top() + std::max(0.0, top));
    QAbstractTextDocumentLayout::PaintContext context;
    context.palette.setColor(QPalette::Text, palette().color(foregroundRole()));
    document.documentLayout()->draw(&p, context);
}

} // namespace app
