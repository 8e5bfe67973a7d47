#include "app/benches/record/record_station.h"

#include "app/style/choice_box.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "book/pictures.h"
#include "core/job/job.h"
#include "words/say.h"

#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QImageReader>
#include <QLabel>

namespace app {

using namespace lobe;

namespace {
constexpr int kThumb = 96, kMostThumbs = 5;
} // namespace

RecordStation::RecordStation(Session& session, const Look& look, Dialogs&, QWidget* parent)
    : BenchOf(session, look, parent),
      title_(new ShrinkingLabel(Say::tr("Logbook"), this)),
      hint_(new ShrinkingLabel(this)),
      builtTitle_(new ShrinkingLabel(Say::tr("As built"), this)),
      none_(new ShrinkingLabel(
          Say::tr("Nothing yet. part camshaft, bolts cam wheel, float cam or order push rods in "
                  "the line below begins it; what is asked then may be passed by."),
          this)),
      only_(new ChoiceBox(this)),
      log_(new RowList(look, true, this)),
      built_(new RowList(look, true, this)),
      pictures_(new QHBoxLayout) {
    setObjectName(QStringLiteral("recordStation"));
    title_->setProperty("role", "title");
    builtTitle_->setProperty("role", "title");
    hint_->setProperty("role", "quiet");
    none_->setProperty("role", "quiet");
    none_->setWordWrap(true);
    hint_->setWordWrap(true);
    log_->setObjectName(QStringLiteral("logbook"));
    log_->setColumns({Say::tr("Entry"), Say::tr("When"), Say::tr("Note")});
    log_->setAccessibleName(Say::tr("Logbook"));
    built_->setObjectName(QStringLiteral("asBuilt"));
    built_->setAccessibleName(Say::tr("As built"));
    for (RowList* list : {log_, built_}) {
        list->setValuePixels(13);
        list->setRowHeight(44);
    }
    auto* left = new QVBoxLayout;
    only_->setObjectName(QStringLiteral("logOnly"));
    only_->setAccessibleName(Say::tr("What of the logbook is shown"));
    tip(only_, only_->accessibleName());
    for (int i = 0; i < kLogParts; ++i)
        only_->addItem(RecordDesk::partName(static_cast<LogPart>(i)));
    connect(only_, &QComboBox::activated, this, [this](int index) {
        desk_->show(static_cast<LogPart>(index));
        emit desk_->entryWanted();
    });
    auto* head = new QHBoxLayout;
    head->addWidget(title_, 1);
    head->addWidget(only_);
    left->addLayout(head);
    left->addWidget(hint_);
    left->addWidget(log_, 1);
    pictures_->setSpacing(8);
    left->addLayout(pictures_);
    auto* right = new QVBoxLayout;
    right->addWidget(builtTitle_);
    right->addWidget(none_, 1, Qt::AlignTop);
    right->addWidget(built_, 1);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 10, 14, 6);
    row->setSpacing(14);
    row->addLayout(left, 6);
    row->addLayout(right, 5);
    for (RowList* list : {log_, built_})
        connect(list, &RowList::chosen, this, [this](qint64 id) {
            if (id > 0) desk_->askOf(static_cast<int>(id));
            emit desk_->entryWanted();
        });
}

void RecordStation::refresh() {
    const QString wanted = desk_->wanted();
    const auto lines = desk_->logbook();
    only_->setCurrentIndex(static_cast<int>(desk_->only()));
    hint_->setText(!wanted.isEmpty() ? Say::tr("%n lines with “%1”; Esc shows all", nullptr,
                                               static_cast<int>(lines.size()))
                                           .arg(wanted)
                   : desk_->only() != LogPart::All
                       ? Say::tr("%n lines; Esc shows all", nullptr, static_cast<int>(lines.size()))
                       : Say::tr("What was read, moved, decided and noted, by its date."));
    QList<Row> rows;
    QString day;
    for (const auto& line : lines) {
        if (line.day != day) {
            Row heading;
            heading.heading = true;
            heading.title = day = line.day;
            rows << heading;
        }
        Row row;
        // Two lines of a row: what it is, and what was said.
        row.title = line.text.section(QStringLiteral(": "), 0, 0);
        row.under = line.text.section(QStringLiteral(": "), 1);
        row.value = line.time;
        row.id = line.entry;
        row.warn = line.warn;
        row.marked = line.entry != 0 && line.entry == desk_->asked();
        rows << row;
    }
    const bool grown = rows.size() != log_->count();
    log_->setRows(rows);
    if (grown && !log_->hasFocus()) log_->scrollToBottom();
    QList<Row> parts;
    for (const auto& b : desk_->asBuilt()) {
        Row row;
        row.heading = !b.heading.isEmpty();
        row.title = row.heading ? b.heading : b.name;
        row.under = b.line;
        row.value = row.heading ? QString() : QString::number(b.entry);
        row.id = b.entry;
        row.struck = b.done;
        row.warn = b.warn;
        row.marked = b.entry != 0 && b.entry == desk_->asked();
        parts << row;
    }
    built_->setRows(parts);
    built_->setVisible(!parts.isEmpty());
    none_->setVisible(parts.isEmpty());
    refreshPictures();
}

/// A picture small; none where it is larger than is looked at, or is drawn anew by what it says: a
/// drawing of a few bytes can ask for any amount of work.
static QPixmap thumbnail(const QString& path) {
    constexpr qint64 kMostPixels = 40'000'000;
    if (path.isEmpty()) return {};
    QImageReader reader(path);
    reader.setAutoTransform(true);
    const QSize size = reader.size();
    if (!size.isValid() || qint64(size.width()) * size.height() > kMostPixels ||
        reader.format().startsWith("svg"))
        return {};
    reader.setScaledSize(size.scaled(kThumb * 2, kThumb * 2, Qt::KeepAspectRatio));
    return QPixmap::fromImage(reader.read());
}

/// The newest pictures, small; each is read once.
void RecordStation::refreshPictures() {
    QStringList paths;
    for (auto it = job().log.rbegin(); it != job().log.rend() && paths.size() < kMostThumbs; ++it)
        if (!it->picture.empty()) paths << QString::fromStdString(it->picture);
    if (paths == shown_) return;
    shown_ = paths;
    while (QLayoutItem* item = pictures_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (const QString& path : paths) {
        const QPixmap picture = thumbnail(book::pictureAt(session().book().path(), path));
        auto* label = new PlainLabel(this);
        label->setToolTip(tipOf(path));
        label->setAccessibleName(path);
        if (picture.isNull())
            label->setText(QFileInfo(path).fileName());
        else
            label->setPixmap(picture.scaledToHeight(kThumb, Qt::SmoothTransformation));
        pictures_->addWidget(label);
    }
    if (!paths.isEmpty()) pictures_->addStretch();
}

} // namespace app
