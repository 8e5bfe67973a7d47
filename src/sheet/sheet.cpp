#include "sheet/sheet.h"

#include "core/job/job.h"
#include "sheet/paper.h"
#include "sheet/parts.h"
#include "sheet/save.h"
#include "sheet/structure.h"
#include "words/logbook.h"
#include "words/say.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QTextBlock>
#include <QTextCursor>
#include <QTextDocument>
#include <QTextLayout>
#include <QTextObjectInterface>
#include <QTextTable>

#include <algorithm>
#include <cmath>
#include <utility>

#ifdef Q_MOC_RUN // it reads no headers (cmake/Layer.cmake)
Q_DECLARE_INTERFACE(QTextObjectInterface, "org.qt-project.Qt.QTextObjectInterface")
#endif

namespace sheet {

using namespace lobe;

namespace {

constexpr double kPicture_points = 166.0, kFooter_points = 24.0;
constexpr int kObject = QTextFormat::UserObject + 1;

/// Ring and strip beside one another, as lines and not as dots.
class Pictures : public QObject, public QTextObjectInterface {
    Q_OBJECT
    Q_INTERFACES(QTextObjectInterface)
public:
    Pictures(const Job& job, const Findings& findings, words::Style style, double width,
             double point, QObject* parent)
        : QObject(parent),
          job_(job),
          findings_(findings),
          style_(std::move(style)),
          width_(width),
          point_(point) {}

    QSizeF intrinsicSize(QTextDocument*, int, const QTextFormat&) override {
        return {width_, kPicture_points * point_};
    }
    void drawObject(QPainter* painter, const QRectF& box, QTextDocument*, int,
                    const QTextFormat&) override {
        // Only on its own page: what is clipped away would still be found as text.
        if (painter->hasClipping() && !painter->clipBoundingRect().intersects(box)) return;
        const double ring = box.height();
        drawRing(*painter, QRectF(box.left(), box.top(), ring, box.height()), point_, job_,
                 findings_, style_);
        drawLift(*painter, box.adjusted(ring + 8 * point_, 6 * point_, 0, -4 * point_), point_,
                 job_, findings_, style_);
    }

private:
    const Job& job_;
    const Findings& findings_;
    words::Style style_;
    double width_, point_;
};

} // namespace

/// A heading goes with what stands under it: one that would end a page begins the next.
static void keepHeadings(QTextDocument& document, double height) {
    const auto* layout = document.documentLayout();
    const auto page = [height](double y) { return static_cast<int>((y + 1.0) / height); };
    const auto top = [&](const QTextBlock& block) {
        return layout->blockBoundingRect(block).top();
    };
    // A block may begin on a page and have its first line on the next.
    const auto line = [&](const QTextBlock& block) {
        return top(block) + (block.layout()->lineCount() > 0 ? block.layout()->lineAt(0).y() : 0.0);
    };
    for (QTextBlock block = document.begin(); block.isValid(); block = block.next()) {
        const QTextBlock under = block.next();
        if (block.blockFormat().headingLevel() == 0 || !under.isValid()) continue;
        if (page(top(block)) == page(line(under))) continue;
        QTextBlockFormat first = block.blockFormat();
        first.setPageBreakPolicy(QTextFormat::PageBreak_AlwaysBefore);
        QTextCursor(block).setBlockFormat(first);
    }
}

/// As far as something stands: behind a table there is always an empty line, which is no page.
static int pagesOf(const QTextDocument& document, double height) {
    QTextBlock last = document.lastBlock();
    while (last.isValid() && last.text().isEmpty())
        last = last.previous();
    const double bottom =
        last.isValid() ? document.documentLayout()->blockBoundingRect(last).bottom() : 0.0;
    return std::clamp(static_cast<int>(std::ceil((bottom - 1.0) / height)), 1,
                      document.pageCount());
}

Sheet::Sheet(const Job& job, const Findings& findings, Options options)
    : job_(job), findings_(findings), options_(std::move(options)) {
    options_.style.force = job_.springs.unit;
}

Sheet::~Sheet() = default;

QString Sheet::title() const {
    return QString::fromStdString(job_.name);
}

std::unique_ptr<QTextDocument> Sheet::content(double dotsPerInch) const {
    auto document = std::make_unique<QTextDocument>();
    const double point = dotsPerInch / 72.0;
    QFont font(paperType());
    // A cam's card is one page.
    const double size = options_.cardOnly ? 7.5 : 7.6;
    font.setPixelSize(std::max(1, static_cast<int>(std::lround(size * point))));
    document->setDefaultFont(font);
    document->setDocumentMargin(0.0);
    // Type is in dots of the device; margins are in ninety-sixths of an inch, and carried over.
    const auto dots = [&](double points) { return QString::number(std::lround(points * point)); };
    document->setDefaultStyleSheet(
        QStringLiteral("h1 { font-size: %1px; } h2 { font-size: %2px; margin-top: 8px; "
                       "margin-bottom: 3px; } p { margin-top: 3px; margin-bottom: 3px; } "
                       "td, th { border-bottom: 1px solid black; padding-right: 4px; } "
                       "table { margin-bottom: 6px; }")
            .arg(dots(17), dots(11)));
    QString html = QStringLiteral("<h1>%1</h1>").arg(title().toHtmlEscaped());
    const QStringList only{QStringLiteral("pictures"), QStringLiteral("figures")};
    bool appendix = false;
    for (const Part& part : parts()) {
        const QString key = QLatin1String(part.key);
        if (options_.cardOnly ? !only.contains(key) : options_.leftOut.contains(key)) continue;
        const QString text = partText(key, job_, findings_, options_);
        // What follows the first page begins on one of its own.
        if (part.appendix && !text.isEmpty() && !std::exchange(appendix, true))
            html += QStringLiteral("<h1 style=\"page-break-before:always\">%1</h1>")
                        .arg(Say::tr("Appendix").toHtmlEscaped());
        html += text;
    }
    document->setHtml(html);
    // The last: a job may be called like it.
    QTextCursor end(document.get());
    end.movePosition(QTextCursor::End);
    QTextCursor place = document->find(QLatin1String(kPictures), end, QTextDocument::FindBackward);
    if (!place.isNull()) {
        QTextCharFormat picture;
        picture.setObjectType(kObject);
        place.insertText(QString(QChar::ObjectReplacementCharacter), picture);
    }
    return document;
}

std::unique_ptr<QTextDocument> Sheet::documentFor(double dotsPerInch, double width) const {
    auto document = content(dotsPerInch);
    // From here on it is laid out: not what nobody looks at.
    document->documentLayout()->registerHandler(
        kObject,
        new Pictures(job_, findings_, options_.style, width, dotsPerInch / 72.0, document.get()));
    return document;
}

/// What the blocks of a document are, as they are painted one by one: whose row and cell a block
/// stands in, and where. Qt paints a whole document at once, and nothing could be said in between.
class BlockPainter {
public:
    BlockPainter(const QTextDocument& document, Structure* structure, double point, double top_pt,
                 const QString& picture)
        : document_(document),
          structure_(structure),
          point_(point),
          top_pt_(top_pt),
          picture_(picture) {
        for (QTextBlock block = document.begin(); block.isValid(); block = block.next())
            place(block);
    }

    /// Everything that stands on a page of that height.
    void paint(QPainter& painter, int page, double height) {
        const QRectF clip(0, page * height, document_.pageSize().width(), height);
        painter.save();
        painter.translate(0, -clip.top());
        painter.setClipRect(clip);
        painter.setPen(Qt::black);
        decorate(painter, page);
        const double hair = std::max(1.0, std::round(point_ / 8.0));
        for (const Placed& each : placed_)
            if (each.rule && each.box.bottom() > clip.top() && each.box.bottom() <= clip.bottom())
                painter.fillRect(
                    QRectF(each.cell.left(), each.cell.bottom(), each.cell.width(), hair),
                    Qt::black);
        done(painter);
        for (const Placed& each : placed_) {
            if (each.box.bottom() <= clip.top() || each.box.top() >= clip.bottom()) continue;
            if (structure_ && !each.block.text().trimmed().isEmpty())
                structure_->begin(painter, each.element, page,
                                  top_pt_ + std::max(0.0, each.box.top() - clip.top()) / point_);
            else
                decorate(painter, page);
            each.block.layout()->draw(&painter, each.at, {}, clip);
            done(painter);
        }
        painter.restore();
    }

    void decorate(QPainter& painter, int page) {
        if (structure_) structure_->beginDecoration(painter, page);
    }
    void done(QPainter& painter) {
        if (structure_) structure_->end(painter);
    }

private:
    struct Placed {
        QTextBlock block;
        QPointF at;       ///< of its layout
        QRectF box, cell; ///< cell: of a table, with its padding
        bool rule = false;
        int element = -1;
    };

    void place(const QTextBlock& block) {
        Placed p{block, {}, document_.documentLayout()->blockBoundingRect(block), {}};
        p.at =
            p.box.topLeft() - block.layout()->boundingRect().topLeft() - block.layout()->position();
        const QTextCursor cursor(block);
        if (const QTextTable* table = cursor.currentTable())
            placeInTable(p, *table, cursor);
        else if (structure_)
            p.element = ofItsOwn(block);
        placed_.push_back(p);
    }

    int ofItsOwn(const QTextBlock& block) {
        const int level = block.blockFormat().headingLevel();
        if (block.text().contains(QChar::ObjectReplacementCharacter))
            return structure_->add("Figure", -1, picture_);
        if (level > 0)
            return structure_->add(QByteArray("H") + QByteArray::number(level), -1, block.text());
        return structure_->add("P", -1);
    }

    void placeInTable(Placed& p, const QTextTable& table, const QTextCursor& cursor) {
        const QTextTableCell cell = table.cellAt(cursor);
        const double pad = table.format().cellPadding();
        p.rule = true;
        p.cell = p.box.adjusted(-pad, -pad, pad, pad);
        // A cell is as high as the highest of its row.
        const auto boxOf = [&](const QTextBlock& of) {
            return document_.documentLayout()->blockBoundingRect(of);
        };
        if (cell.column() + 1 < table.columns())
            p.cell.setRight(
                boxOf(table.cellAt(cell.row(), cell.column() + 1).firstCursorPosition().block())
                    .left() -
                pad);
        for (int c = 0; c < table.columns(); ++c) {
            const QTextBlock last = table.cellAt(cell.row(), c).lastCursorPosition().block();
            p.cell.setBottom(std::max(p.cell.bottom(), boxOf(last).bottom() + pad));
        }
        if (!structure_) return;
        if (&table != table_) {
            table_ = &table;
            row_ = -1;
            tableElement_ = structure_->add("Table", -1);
        }
        if (cell.row() != row_) {
            row_ = cell.row();
            rowElement_ = structure_->add("TR", tableElement_);
        }
        const bool head =
            cell.firstCursorPosition().block().charFormat().fontWeight() >= QFont::DemiBold;
        p.element = structure_->add(head ? "TH" : "TD", rowElement_);
    }

    const QTextDocument& document_;
    Structure* structure_;
    double point_, top_pt_;
    QString picture_;
    std::vector<Placed> placed_;
    const QTextTable* table_ = nullptr;
    int row_ = -1, tableElement_ = -1, rowElement_ = -1;
};

namespace {

constexpr double kTop_mm = 14.0, kPointsPerMm = 72.0 / 25.4;
/// Of the PDF and the pages shown: both break alike.
constexpr int kResolution = 600;

void setPage(QPagedPaintDevice& device, bool letter) {
    device.setPageSize(QPageSize(letter ? QPageSize::Letter : QPageSize::A4));
    device.setPageMargins(QMarginsF(16, kTop_mm, 16, 12), QPageLayout::Millimeter);
}

} // namespace

/// The document laid out for a device, page by page.
class Sheet::Pages {
public:
    Pages(const Sheet& sheet, QPagedPaintDevice& device, Structure* structure)
        : sheet_(sheet),
          point_(device.logicalDpiY() / 72.0),
          width_(device.width()),
          height_(device.height() - kFooter_points * point_),
          document_(sheet.documentFor(device.logicalDpiY(), width_)) {
        document_->documentLayout()->setPaintDevice(&device);
        document_->setPageSize({width_, height_});
        keepHeadings(*document_, height_);
        count_ = pagesOf(*document_, height_);
        blocks_ = std::make_unique<BlockPainter>(
            *document_, structure, point_, kTop_mm * kPointsPerMm,
            Say::tr("The crank circle with the events of both lobes, and their lift along the "
                    "degrees; what is drawn stands in figures below."));
    }

    int count() const { return count_; }
    void paint(QPainter& p, int page) {
        blocks_->paint(p, page, height_);
        QFont small(paperType());
        small.setPixelSize(std::max(1, static_cast<int>(std::lround(7.0 * point_))));
        p.setFont(small);
        p.setPen(Qt::black);
        const QRectF foot(0, height_ + 8 * point_, width_, 14 * point_);
        blocks_->decorate(p, page);
        p.drawText(
            foot, Qt::AlignLeft | Qt::AlignVCenter,
            sheet_.options_.now_ms > 0
                ? sheet_.title() + QStringLiteral(", ") +
                      Say::tr("printed %1 by Amber Lobe").arg(words::logDay(sheet_.options_.now_ms))
                : sheet_.title());
        p.drawText(foot, Qt::AlignRight | Qt::AlignVCenter,
                   Say::tr("page %1 of %2").arg(page + 1).arg(count_));
        blocks_->done(p);
    }

private:
    const Sheet& sheet_;
    double point_, width_, height_;
    std::unique_ptr<QTextDocument> document_;
    std::unique_ptr<BlockPainter> blocks_;
    int count_ = 0;
};

int Sheet::paint(QPagedPaintDevice& device, Structure* structure) const {
    setPage(device, options_.letter);
    QPainter p;
    if (!p.begin(&device)) return 0;
    Pages pages(*this, device, structure);
    for (int page = 0; page < pages.count(); ++page) {
        if (page > 0) device.newPage();
        pages.paint(p, page);
    }
    return pages.count();
}

Shown Sheet::shown() const {
    // Nothing is written: it lends its measures alone.
    QBuffer none;
    QPdfWriter device(&none);
    device.setResolution(kResolution);
    setPage(device, options_.letter);
    Shown out;
    out.paper = device.pageLayout().fullRectPixels(kResolution).size();
    out.printed = device.pageLayout().paintRectPixels(kResolution);
    Pages pages(*this, device, nullptr);
    for (int page = 0; page < pages.count(); ++page) {
        out.pages.emplace_back();
        QPainter p(&out.pages.back());
        pages.paint(p, page);
    }
    return out;
}

QString Sheet::plainText() const {
    return content(96.0)->toPlainText();
}

QString Sheet::savePdf(const QString& path) const {
    QByteArray bytes;
    Structure structure;
    {
        QBuffer buffer(&bytes);
        buffer.open(QIODevice::WriteOnly);
        QPdfWriter writer(&buffer);
        writer.setTitle(title());
        writer.setCreator(QLatin1String(kMadeBy));
        writer.setResolution(kResolution);
        if (paint(writer, &structure) == 0) return Say::tr("nothing could be painted");
    }
    return writeWhole(path, withStructure(bytes, structure, options_.language.toLatin1()));
}

} // namespace sheet

#include "sheet.moc"
