#include "app/frame/jobs_page.h"

#include "app/frame/job_portrait.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "book/job_file.h"
#include "book/jobs.h"
#include "book/loaded.h"
#include "core/examine/examine.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/result/findings.h"
#include "words/logbook.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>
#include <QUrl>

#include <algorithm>
#include <utility>

namespace app {

using namespace lobe;
/// A row that is passed by is not drawn.
constexpr int kPortrait_ms = 40;
/// What is shown is painted before anything is looked at.
constexpr int kLook_ms = 60;

using book::CopyOf;
using book::JobState;

JobsPage::JobsPage(Session& session, const Look& look, QWidget* parent)
    : Overlay(look, parent),
      session_(session),
      find_(new QLineEdit(this)),
      list_(new RowList(look, true, this)),
      hint_(new PlainLabel(this)),
      about_(new PlainLabel(this)),
      portrait_(new JobPortrait(look, this)),
      archived_(new QCheckBox(Say::tr("those put away too"), this)),
      back_(new QPushButton(Say::tr("&Take back"), this)),
      buttons_(new QWidget(this)),
      idle_(new QTimer(this)),
      later_(new QTimer(this)),
      dragged_(std::make_unique<QTemporaryDir>()) {
    setObjectName(QStringLiteral("jobsPage"));
    find_->setObjectName(QStringLiteral("jobsFind"));
    find_->setAccessibleName(Say::tr("Search the jobs"));
    find_->setPlaceholderText(Say::tr("name, engine, cam, date, what is still to be taken"));
    find_->setTextMargins(8, 0, 8, 0);
    tip(find_, find_->accessibleName(), QStringLiteral("Ctrl+F"));
    list_->setObjectName(QStringLiteral("jobsList"));
    list_->setAccessibleName(Say::tr("Jobs"));
    list_->setValuePixels(13);
    about_->setObjectName(QStringLiteral("jobsAbout"));
    about_->setWordWrap(true);
    about_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    build();
    find_->installEventFilter(this);
    idle_->setSingleShot(true);
    connect(idle_, &QTimer::timeout, this, &JobsPage::lookAtNext);
    later_->setSingleShot(true);
    later_->setInterval(kPortrait_ms);
    connect(later_, &QTimer::timeout, this, &JobsPage::portray);
    list_->setDragged([this](qint64 id) { return asFile(id); });
    connect(find_, &QLineEdit::textChanged, this, [this] {
        typed_.start();
        if (renaming_ == 0) search();
    });
    tip(archived_, Say::tr("Jobs that were put away stand in the list as well"));
    connect(archived_, &QCheckBox::toggled, this, [this] { search(); });
    connect(list_, &RowList::currentRowChanged, this, [this] { regard(current()); });
    connect(list_, &RowList::chosen, this, [this](qint64 id) {
        close();
        emit chosen(id);
    });
}

JobsPage::~JobsPage() = default;

/// The job as a file among others of this session, for whoever it is dropped on.
QMimeData* JobsPage::asFile(qint64 id) const {
    const auto read = session_.book().load(id);
    const Job* job = std::get_if<Job>(&read);
    if (!job || !dragged_->isValid()) return nullptr;
    const QString path = dragged_->filePath(book::fileName(QString::fromStdString(job->name)) +
                                            QStringLiteral(".json"));
    if (!book::writeJobFile(path, session_.book(), *job).isEmpty()) return nullptr;
    auto* dragged = new QMimeData;
    dragged->setUrls({QUrl::fromLocalFile(path)});
    return dragged;
}

void JobsPage::build() {
    auto* grid = new QGridLayout(buttons_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(6);
    int n = 0;
    const auto add = [&](QPushButton* button, const char* name, const QString& does,
                         std::function<void()> act) {
        button->setObjectName(QLatin1String(name));
        tip(button, does, button->shortcut().toString(QKeySequence::NativeText));
        button->setFocusPolicy(Qt::TabFocus);
        grid->addWidget(button, n / 2, n % 2);
        ++n;
        connect(button, &QPushButton::clicked, this, std::move(act));
    };
    add(new QPushButton(Say::tr("&Rename"), buttons_), "jobRename",
        Say::tr("Another name, typed in the line above"), [this] { rename(); });
    add(new QPushButton(Say::tr("Save as &file…"), buttons_), "jobExport",
        Say::tr("The whole job, its sheet, figures or readings as a file"), [this] {
            if (const qint64 id = current()) emit exportWanted(id);
        });
    add(new QPushButton(Say::tr("Copy e&ngine"), buttons_), "jobCopyEngine",
        Say::tr("A new job of the same engine"), [this] { copy(CopyOf::Engine); });
    add(new QPushButton(Say::tr("Copy with &cards"), buttons_), "jobCopyCards",
        Say::tr("A new job of the same engine and its cards"), [this] { copy(CopyOf::WithCards); });
    add(new QPushButton(Say::tr("Copy a&ll"), buttons_), "jobCopyAll",
        Say::tr("A new job with all that was measured"), [this] { copy(CopyOf::Everything); });
    add(new QPushButton(Say::tr("Put &away"), buttons_), "jobArchive",
        Say::tr("Out of the list, or into it again; nothing is lost"), [this] {
            const auto* job = line(current());
            putAway(job && job->state == JobState::Archived ? JobState::Open : JobState::Archived);
        });
    add(new QPushButton(Say::tr("&Delete"), buttons_), "jobDelete",
        Say::tr("Out of the book; Take back brings it again"),
        [this] { putAway(JobState::Deleted); });
    add(back_, "jobTakeBack", Say::tr("What was just done here, undone"), [this] { takeBack(); });
}

QRect JobsPage::box() const {
    const int w = std::min(980, width() - 40), h = std::min(640, height() - 40);
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void JobsPage::place() {
    const QRect b = box().adjusted(18, 50, -18, -14);
    const int side = std::min(300, b.width() / 3);
    const QRect left = b.adjusted(0, 0, -side - 14, 0);
    find_->setGeometry(left.left(), left.top(), left.width() - 180, 34);
    archived_->setGeometry(left.right() - 170, left.top(), 170, 34);
    list_->setGeometry(left.adjusted(0, 42, 0, -24));
    hint_->setGeometry(left.left(), left.bottom() - 20, left.width(), 20);
    const QRect right(b.right() - side, b.top(), side, b.height());
    portrait_->setGeometry(right.left(), right.top(), side, 120);
    const int high = 4 * 38;
    buttons_->setGeometry(right.left(), right.bottom() - high, side, high);
    about_->setGeometry(right.left(), right.top() + 128, side, right.height() - high - 136);
}

void JobsPage::open() {
    renaming_ = 0;
    typed_.start();
    // Another book has jobs of the same numbers.
    if (std::exchange(book_, session_.book().path()) != session_.book().path()) {
        done_.clear();
        left_.clear();
        forget();
    }
    find_->clear();
    reload();
    show();
    list_->setCurrentId(session_.job().id);
    if (list_->currentRow() < 0 && list_->count() > 0) list_->setCurrentRow(0);
    find_->setFocus();
}

void JobsPage::tell(const book::Error& error) {
    emit said(book::sentence(error, session_.book().path()));
}

/// The rows go by the jobs they were made of: without those there are none.
void JobsPage::forget() {
    list_->setRows({});
    shown_.clear();
    jobs_.clear();
}

void JobsPage::reload() {
    auto read = session_.book().overview();
    if (const auto* e = std::get_if<book::Error>(&read)) return tell(*e);
    const qint64 kept = current();
    forget();
    looked_ = 0;
    jobs_ = std::get<std::vector<book::JobLine>>(std::move(read));
    if (jobs_.size() == book::kMostListed)
        emit said(Say::tr("Of this book the newest %1 jobs are listed.").arg(jobs_.size()));
    texts_.clear();
    same_.clear();
    QSet<QString> names;
    for (const book::JobLine& job : jobs_) {
        if (names.contains(job.name)) same_.insert(job.name);
        names.insert(job.name);
    }
    // The day of a quarter of an hour is one, wherever the clocks stand.
    constexpr qint64 kQuarter_ms = 15 * 60 * 1000;
    QHash<qint64, QString> days;
    for (const book::JobLine& job : jobs_) {
        QString& day = days[job.changed_ms / kQuarter_ms];
        if (day.isEmpty()) day = words::logDay(job.changed_ms);
        texts_.push_back((job.name + QLatin1Char(' ') + job.engine + QLatin1Char(' ') + job.cam +
                          QLatin1Char(' ') + day)
                             .toLower());
    }
    search(kept);
}

const QString* JobsPage::leftOf(const book::JobLine& job) const {
    const auto at = left_.find(job.id);
    return at != left_.end() && at->second.changed_ms == job.changed_ms ? &at->second.text
                                                                        : nullptr;
}

QStringList JobsPage::wanted() const {
    return find_->text().toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
}

bool JobsPage::matches(std::size_t i, const QStringList& wanted) const {
    const QString* left = leftOf(jobs_[i]);
    return std::all_of(wanted.begin(), wanted.end(), [&](const QString& word) {
        return texts_[i].contains(word) || (left && left->contains(word, Qt::CaseInsensitive));
    });
}

void JobsPage::search(qint64 keep) {
    const QStringList words = wanted();
    shown_.clear();
    for (std::size_t i = 0; i < jobs_.size(); ++i) {
        if (jobs_[i].state == JobState::Archived && !archived_->isChecked()) continue;
        if (matches(i, words)) shown_.push_back(i);
    }
    list_->setRows(
        static_cast<int>(shown_.size()),
        [this](int i) {
            const book::JobLine& job = jobs_[shown_[static_cast<std::size_t>(i)]];
            Row row;
            row.id = job.id;
            // Two of the same name are told apart.
            row.title = same_.contains(job.name) ? Say::tr("%1, no. %2").arg(job.name).arg(job.id)
                                                 : job.name;
            row.under = QStringList{job.engine, job.cam}
                            .filter(QRegularExpression(QStringLiteral(".")))
                            .join(QStringLiteral(", "));
            row.value = words::logDay(job.changed_ms);
            const QString* left = leftOf(job);
            row.note = job.state == JobState::Archived ? Say::tr("put away")
                       : left                          ? *left
                                                       : QString();
            row.marked = job.id == session_.job().id;
            return row;
        },
        [this](int i) { return jobs_[shown_[static_cast<std::size_t>(i)]].id; });
    list_->setCurrentId(keep);
    if (list_->currentRow() < 0 && list_->count() > 0) list_->setCurrentRow(0);
    hint_->setText(Say::tr("%1 of %2 jobs. Enter opens, a job dragged out is a file, Esc stays.")
                       .arg(shown_.size())
                       .arg(jobs_.size()));
    back_->setEnabled(!done_.empty());
    idle_->start(kLook_ms);
}

const book::JobLine* JobsPage::line(qint64 id) const {
    for (const book::JobLine& job : jobs_)
        if (job.id == id) return &job;
    return nullptr;
}

qint64 JobsPage::current() const {
    return list_->currentId();
}

/// The job that is marked, beside the list: what is known at once, then its portrait.
void JobsPage::regard(qint64 id) {
    later_->stop();
    const book::JobLine* job = line(id);
    portrait_->show(nullptr);
    about_->clear();
    if (!job) return;
    about_->setText(aboutOf(*job).join(QLatin1Char('\n')));
    later_->start();
}

QStringList JobsPage::aboutOf(const book::JobLine& job) const {
    QStringList said{job.name};
    if (!job.engine.isEmpty()) said << job.engine;
    if (!job.cam.isEmpty()) said << job.cam;
    // Two of the same name are told apart.
    said << Say::tr("no. %1, changed %2").arg(job.id).arg(words::logDay(job.changed_ms));
    if (const QString* left = leftOf(job)) said << Say::tr("Still to be taken: ") + *left;
    return said;
}

void JobsPage::portray() {
    const qint64 id = current();
    const book::JobLine* job = line(id);
    if (!job || !isOpen()) return;
    const auto read = session_.book().load(id);
    const Job* whole = std::get_if<Job>(&read);
    const SnapshotPtr examined = whole ? lobe::examined(*whole) : nullptr;
    portrait_->show(examined);
    if (examined) left_[id] = {job->changed_ms, nextOf(examined->findings)};
    about_->setText(aboutOf(*job).join(QLatin1Char('\n')));
}

QString JobsPage::nextOf(const Findings& findings) const {
    return findings.plan.empty() ? Say::tr("through")
                                 : words::taskTitle(findings.plan.front(), look().style());
}

/// False where it was looked at before.
bool JobsPage::lookAt(std::size_t i) {
    const book::JobLine& job = jobs_[i];
    if (leftOf(job)) return false;
    const auto read = session_.book().load(job.id);
    const Job* whole = std::get_if<Job>(&read);
    left_[job.id] = {job.changed_ms, whole ? nextOf(lobe::examine(*whole)) : QString()};
    return true;
}

/// One more, while nothing else is to be done: those in view, then all, so that what is still to be
/// taken can be searched for.
void JobsPage::lookAtNext() {
    if (!isOpen()) return;
    const QRect view = list_->viewport()->rect();
    for (int i = 0; i < list_->count(); ++i) {
        const QRect at = list_->rowRect(i);
        if (at.bottom() < view.top()) continue;
        if (at.top() > view.bottom()) break;
        if (!lookAt(shown_[static_cast<std::size_t>(i)])) continue;
        list_->viewport()->update();
        return idle_->start(0);
    }
    // Not while somebody types.
    constexpr int kPause_ms = 400;
    if (!typed_.hasExpired(kPause_ms)) return idle_->start(kPause_ms);
    const QStringList words = wanted();
    while (looked_ < jobs_.size()) {
        const std::size_t i = looked_++;
        if (!lookAt(i)) continue;
        // It may be one that is searched for.
        const bool shown = std::find(shown_.begin(), shown_.end(), i) != shown_.end();
        if (!shown && !words.isEmpty() && matches(i, words)) return search();
        return idle_->start(0);
    }
}

void JobsPage::rename() {
    const book::JobLine* job = line(current());
    if (!job) return;
    renaming_ = job->id;
    find_->setText(job->name);
    find_->selectAll();
    find_->setFocus();
    hint_->setText(Say::tr("Another name for %1; Enter keeps it, Esc leaves it.").arg(job->name));
}

void JobsPage::copy(CopyOf what) {
    const book::JobLine* job = line(current());
    if (!job) return;
    const QString name = Say::tr("%1, copy").arg(job->name);
    const auto made = session_.book().copyJob(job->id, what, name);
    if (const auto* e = std::get_if<book::Error>(&made)) return tell(*e);
    reload();
    list_->setCurrentId(std::get<std::int64_t>(made));
    emit said(Say::tr("%1 is a new job.").arg(name));
}

void JobsPage::putAway(JobState state) {
    const book::JobLine* job = line(current());
    if (!job) return;
    if (job->id == session_.job().id && state != JobState::Open)
        return emit said(Say::tr("%1 is on the bench. Open another job first.").arg(job->name));
    const QString name = job->name;
    const qint64 id = job->id;
    const auto before = session_.book().setJobState(id, state);
    if (const auto* e = std::get_if<book::Error>(&before)) return tell(*e);
    done_.emplace_back(id, std::get<JobState>(before));
    reload();
    emit said(state == JobState::Deleted
                  ? Say::tr("%1 is no longer listed. Take back brings it again.").arg(name)
              : state == JobState::Archived ? Say::tr("%1 is put away.").arg(name)
                                            : Say::tr("%1 is at hand again.").arg(name));
}

void JobsPage::takeBack() {
    if (done_.empty()) return;
    const auto [id, state] = done_.back();
    const auto before = session_.book().setJobState(id, state);
    if (const auto* e = std::get_if<book::Error>(&before)) return tell(*e);
    done_.pop_back();
    reload();
    list_->setCurrentId(id);
}

bool JobsPage::eventFilter(QObject* watched, QEvent* event) {
    if (watched != find_ || event->type() != QEvent::KeyPress)
        return Overlay::eventFilter(watched, event);
    switch (static_cast<QKeyEvent*>(event)->key()) {
    case Qt::Key_Up:
    case Qt::Key_Down: {
        const int way = static_cast<QKeyEvent*>(event)->key() == Qt::Key_Up ? -1 : 1;
        list_->setCurrentRow(
            std::clamp(list_->currentRow() + way, 0, std::max(0, list_->count() - 1)));
        return true;
    }
    case Qt::Key_Return:
    case Qt::Key_Enter: {
        const qint64 id = current();
        if (renaming_ != 0) {
            const QString name = find_->text().simplified();
            const auto kept = name.isEmpty()
                                  ? book::Result<book::Made>(book::Made{})
                                  : session_.book().record(std::exchange(renaming_, 0),
                                                           book::SetName{name.toStdString()});
            renaming_ = 0;
            if (const auto* e = std::get_if<book::Error>(&kept)) tell(*e);
            session_.lookAgain();
            find_->clear();
            reload();
            list_->setCurrentId(id);
            return true;
        }
        if (id == 0) return true;
        close();
        emit chosen(id);
        return true;
    }
    case Qt::Key_Escape:
        if (renaming_ != 0) {
            renaming_ = 0;
            find_->clear();
            search();
            return true;
        }
        close();
        return true;
    default:
        return false;
    }
}

void JobsPage::paintEvent(QPaintEvent* event) {
    Overlay::paintEvent(event);
    QPainter p(this);
    const Theme& t = look().theme();
    p.setPen(t.ink);
    p.setFont(Look::font(18, true));
    p.drawText(box().adjusted(24, 14, -24, 0), Qt::AlignLeft | Qt::AlignTop, Say::tr("Jobs"));
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    p.drawText(box().adjusted(24, 20, -24, 0), Qt::AlignRight | Qt::AlignTop,
               session_.book().path());
}

} // namespace app
