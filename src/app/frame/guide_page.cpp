#include "app/frame/guide_page.h"

#include "app/style/label.h"
#include "words/say.h"

#include <QFile>
#include <QImage>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QScrollBar>
#include <QTextBrowser>
#include <QTextDocument>

namespace app {

namespace {

struct GuideText {
    const char* file;
    QString title;
    const char* stations; ///< whose page it is, by spaces
};

QString textOf(const GuideText& g) {
    QFile file(QStringLiteral(":/docs/guide/%1.md").arg(QLatin1String(g.file)));
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

const std::vector<GuideText>& all() {
    static const std::vector<GuideText> list{
        {"measuring", Say::tr("Measuring"), "engine tdc lobes"},
        {"schools", Say::tr("Schools, and what a figure is worth"), "timing"},
        {"explanation", Say::tr("What the timing says"), ""},
        {"setting", Say::tr("Setting the cam"), "set"},
        {"clearance", Say::tr("Clearance"), "clearance"},
        {"springs", Say::tr("Springs"), "springs"},
        {"shims", Say::tr("Shims"), ""},
        {"bench", Say::tr("Lash, ports, flywheel, marks"), "lash ports flywheel"},
        {"compression", Say::tr("Compression"), "compression"},
        {"compare", Say::tr("Comparing cams"), "compare"},
        {"record", Say::tr("Record and sheet"), "record sheet"},
        {"instruments", Say::tr("Instruments"), ""}};
    return list;
}

/// Pictures as wide as the page has room for.
class GuideBrowser : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override {
        const QVariant found = QTextBrowser::loadResource(type, name);
        if (type != QTextDocument::ImageResource) return found;
        QImage image = found.canConvert<QImage>() ? found.value<QImage>() : QImage();
        if (image.isNull()) image.loadFromData(found.toByteArray());
        const int room = viewport()->width() - 30;
        return image.width() > room && room > 50
                   ? image.scaledToWidth(room, Qt::SmoothTransformation)
                   : image;
    }
};

} // namespace

GuidePage::GuidePage(const Look& look, QWidget* parent)
    : Overlay(look, parent),
      find_(new QLineEdit(this)),
      pages_(new QListWidget(this)),
      text_(new GuideBrowser(this)) {
    setObjectName(QStringLiteral("guidePage"));
    setAccessibleName(Say::tr("The guide"));
    find_->setObjectName(QStringLiteral("guideFind"));
    find_->setPlaceholderText(Say::tr("search the guide"));
    find_->setAccessibleName(Say::tr("Search the guide"));
    find_->setTextMargins(8, 0, 8, 0);
    tip(find_, find_->accessibleName());
    pages_->setObjectName(QStringLiteral("guidePages"));
    pages_->setAccessibleName(Say::tr("Pages of the guide"));
    pages_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    pages_->setSpacing(3);
    text_->setObjectName(QStringLiteral("guideText"));
    text_->setAccessibleName(Say::tr("Page of the guide"));
    text_->setFrameShape(QFrame::NoFrame);
    text_->setSearchPaths({QStringLiteral(":/docs/guide")});
    // What leads out of the guide is only read.
    text_->setOpenLinks(false);
    connect(find_, &QLineEdit::textChanged, this, &GuidePage::search);
    connect(pages_, &QListWidget::currentRowChanged, this, [this] {
        if (const auto* item = pages_->currentItem()) show(item->data(Qt::UserRole).toInt());
    });
    find_->installEventFilter(this);
}

QRect GuidePage::box() const {
    const int w = std::min(1060, width() - 40), h = height() - 40;
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void GuidePage::place() {
    const QRect in = box().adjusted(14, 14, -14, -14);
    const int list = std::min(250, in.width() / 3);
    find_->setGeometry(in.left(), in.top(), list, 34);
    pages_->setGeometry(in.left(), in.top() + 42, list, in.height() - 42);
    text_->setGeometry(in.left() + list + 14, in.top(), in.width() - list - 14, in.height());
}

void GuidePage::open(const QString& station) {
    find_->clear();
    search();
    for (int i = 0; i < pages_->count(); ++i) {
        const auto& g =
            all()[static_cast<std::size_t>(pages_->item(i)->data(Qt::UserRole).toInt())];
        if (!station.isEmpty() &&
            QString::fromLatin1(g.stations).split(QLatin1Char(' ')).contains(station))
            pages_->setCurrentRow(i);
    }
    Overlay::show();
    place();
    // Once more, now that the page has its width.
    if (const auto* item = pages_->currentItem()) show(item->data(Qt::UserRole).toInt());
    find_->setFocus();
}

void GuidePage::search() {
    const QString wanted = find_->text().simplified();
    const int before =
        pages_->currentItem() ? pages_->currentItem()->data(Qt::UserRole).toInt() : 0;
    pages_->clear();
    for (std::size_t i = 0; i < all().size(); ++i) {
        const GuideText& g = all()[i];
        if (!wanted.isEmpty() && !g.title.contains(wanted, Qt::CaseInsensitive) &&
            !textOf(g).contains(wanted, Qt::CaseInsensitive))
            continue;
        auto* item = new QListWidgetItem(g.title, pages_);
        item->setData(Qt::UserRole, static_cast<int>(i));
        if (static_cast<int>(i) == before) pages_->setCurrentItem(item);
    }
    if (pages_->currentRow() < 0 && pages_->count() > 0) pages_->setCurrentRow(0);
    if (pages_->count() == 0) text_->setPlainText(Say::tr("Nothing in the guide says that."));
    mark();
}

void GuidePage::show(int page) {
    const GuideText& g = all()[static_cast<std::size_t>(page)];
    // Pictures are made for the width there is.
    text_->document()->clear();
    text_->setSource(QUrl(QStringLiteral("qrc:/docs/guide/%1.md").arg(QLatin1String(g.file))),
                     QTextDocument::MarkdownResource);
    mark();
}

/// Every place of what is searched for is marked, the first is in sight.
void GuidePage::mark() {
    QList<QTextEdit::ExtraSelection> found;
    const QString wanted = find_->text().simplified();
    QTextCursor at(text_->document());
    while (!wanted.isEmpty()) {
        at = text_->document()->find(wanted, at);
        if (at.isNull()) break;
        QTextEdit::ExtraSelection each;
        each.cursor = at;
        each.format.setBackground(look().theme().amber);
        each.format.setForeground(look().theme().onAmber);
        found << each;
    }
    text_->setExtraSelections(found);
    if (found.isEmpty()) return;
    QTextCursor first = found.front().cursor;
    first.clearSelection();
    text_->setTextCursor(first);
    text_->ensureCursorVisible();
}

bool GuidePage::eventFilter(QObject* watched, QEvent* event) {
    if (watched == find_ && event->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(event);
        const int step = key->key() == Qt::Key_Down ? 1 : key->key() == Qt::Key_Up ? -1 : 0;
        if (step != 0) {
            const int row = pages_->currentRow() + step;
            if (row >= 0 && row < pages_->count()) pages_->setCurrentRow(row);
            return true;
        }
        QScrollBar* bar = text_->verticalScrollBar();
        if (key->key() == Qt::Key_PageDown || key->key() == Qt::Key_PageUp) {
            bar->setValue(bar->value() +
                          (key->key() == Qt::Key_PageDown ? 1 : -1) * (bar->pageStep() - 30));
            return true;
        }
        if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) return true;
    }
    return Overlay::eventFilter(watched, event);
}

} // namespace app
