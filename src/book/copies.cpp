#include "book/copies.h"

#include "book/place.h"
#include "book/refusal.h"
#include "book/side_file.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>

#include <sqlite3.h>

#include <algorithm>
#include <memory>
#include <vector>

namespace book {

namespace {

/// Copied between two looks at whether to leave off.
constexpr int kPages = 2000;
constexpr int kBusy_ms = 5000;

using Database = std::unique_ptr<sqlite3, decltype(&sqlite3_close)>;

Database openedAt(const QString& path, int flags) {
    sqlite3* db = nullptr;
    sqlite3_open_v2(QFile::encodeName(QFileInfo(path).absoluteFilePath()).constData(), &db, flags,
                    nullptr);
    if (db) sqlite3_busy_timeout(db, kBusy_ms);
    return {db, &sqlite3_close};
}

std::optional<Error> said(sqlite3* db) {
    const int code = sqlite3_errcode(db) & 0xff;
    if (code == SQLITE_OK || code == SQLITE_DONE || code == SQLITE_ROW) return std::nullopt;
    return troubleOf(code, QString::fromUtf8(sqlite3_errmsg(db)), Trouble::CannotWrite);
}

std::optional<Error> copyPages(sqlite3* from, sqlite3* to, const std::atomic<bool>* leave) {
    sqlite3_backup* work = sqlite3_backup_init(to, "main", from, "main");
    if (!work) return said(to);
    int step = SQLITE_OK;
    for (int waits = 0; step == SQLITE_OK || step == SQLITE_BUSY || step == SQLITE_LOCKED;) {
        if (leave && *leave) break;
        step = sqlite3_backup_step(work, kPages);
        if (step != SQLITE_BUSY && step != SQLITE_LOCKED) continue;
        if (++waits > kBusy_ms / 20) break;
        sqlite3_sleep(20);
    }
    const int end = sqlite3_backup_finish(work);
    if (step == SQLITE_DONE && end == SQLITE_OK) return std::nullopt;
    if (auto error = said(to)) return error;
    return Error{Trouble::Locked, {}};
}

QDir folderOf(const QString& book) {
    return QFileInfo(book).absolutePath() + QStringLiteral("/copies");
}

/// How often the book had been written when a copy was made of it; the copies' order, whatever the
/// clock said then.
qint64 writtenIn(const QString& copy) {
    const auto of = identityInFile(copy);
    return of ? of->written : -1;
}

/// The dated copies of a book, the one with the least in it first.
QStringList datedCopies(const QString& book) {
    const QRegularExpression dated(QLatin1Char('^') +
                                   QRegularExpression::escape(QFileInfo(book).completeBaseName()) +
                                   QStringLiteral("-\\d{4}-\\d{2}-\\d{2}\\.amber$"));
    const QDir folder = folderOf(book);
    std::vector<std::pair<qint64, QString>> all;
    for (const QString& name : folder.entryList(QDir::Files, QDir::Name).filter(dated))
        all.emplace_back(writtenIn(folder.filePath(name)), name);
    std::stable_sort(all.begin(), all.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    QStringList out;
    for (auto& each : all)
        out << std::move(each.second);
    return out;
}

QDate dateOf(const QString& copy) {
    return QDate::fromString(copy.chopped(6).right(10), Qt::ISODate);
}

bool holdsJob(sqlite3* db) {
    sqlite3_stmt* statement = nullptr;
    bool holds = false;
    if (sqlite3_prepare_v2(db, "SELECT 1 FROM job LIMIT 1", -1, &statement, nullptr) == SQLITE_OK)
        holds = sqlite3_step(statement) == SQLITE_ROW;
    sqlite3_finalize(statement);
    return holds;
}

std::optional<Error> keepDated(const QString& book, const QString& copy,
                               const std::atomic<bool>& leave) {
    const Database from = openedAt(book, SQLITE_OPEN_READONLY);
    // One reading transaction, so that what is typed meanwhile does not begin the copy anew.
    if (sqlite3_exec(from.get(), "BEGIN; SELECT 1 FROM sqlite_master", nullptr, nullptr, nullptr) !=
        SQLITE_OK)
        return said(from.get());
    if (!holdsJob(from.get())) return std::nullopt;
    if (!QDir().mkpath(QFileInfo(copy).path()))
        return Error{Trouble::ReadOnlyPlace, QFileInfo(copy).path()};
    if (auto error = copyBook(from.get(), copy, &leave)) return error;
    // The first stays: what went wrong long ago is found in no newer one.
    QStringList all = datedCopies(book);
    while (all.size() > kCopiesKept + 1 && !leave)
        QFile::remove(folderOf(book).filePath(all.takeAt(1)));
    return std::nullopt;
}

} // namespace

std::optional<Error> copyBook(sqlite3* from, const QString& path, const std::atomic<bool>* leave) {
    if (QFileInfo::exists(path)) return Error{Trouble::Taken, {}};
    const QString making = unfinished(path);
    if (!makeOwn(making)) return Error{Trouble::ReadOnlyPlace, making};
    std::optional<Error> wrong;
    {
        const Database to = openedAt(making, SQLITE_OPEN_READWRITE);
        wrong = to ? copyPages(from, to.get(), leave) : Error{Trouble::CannotOpen, making};
        // The log of the book it was copied from must never be taken for its own.
        if (!wrong &&
            sqlite3_exec(to.get(), "UPDATE identity SET name = lower(hex(randomblob(16)))", nullptr,
                         nullptr, nullptr) != SQLITE_OK)
            wrong = said(to.get());
    }
    if (!wrong && (!flushed(making) || !flushed(QFileInfo(path).absolutePath())))
        wrong = Error{Trouble::DiskFails, making};
    if (!wrong && !(leave && *leave) && !takeName(making, path)) wrong = Error{Trouble::Taken, {}};
    removeAll(making);
    return wrong;
}

QString dueCopy(const QString& book, std::int64_t now_ms) {
    const QDate today = QDateTime::fromMSecsSinceEpoch(now_ms).date();
    const QStringList all = datedCopies(book);
    if (!all.isEmpty()) {
        const QDate newest = dateOf(all.last());
        // One of a day to come was made by a clock that was ahead: it says nothing of today.
        const qint64 days = newest.daysTo(today);
        if (newest.isValid() && days >= 0 && days < kDaysBetweenCopies) return {};
        // Nothing was written since.
        const auto now = identityInFile(book);
        if (QFileInfo(logOf(book)).size() == 0 && now &&
            now->written == writtenIn(folderOf(book).filePath(all.last())))
            return {};
    }
    return folderOf(book).filePath(QFileInfo(book).completeBaseName() + QLatin1Char('-') +
                                   today.toString(Qt::ISODate) + QStringLiteral(".amber"));
}

void Copies::start(const QString& book, std::int64_t now_ms,
                   std::function<void(const QString&, const Error&)> failed) {
    stop();
    const QString copy = dueCopy(book, now_ms);
    if (copy.isEmpty()) return;
    thread_ = std::thread([this, book, copy, told = std::move(failed)] {
        const auto error = keepDated(book, copy, leave_);
        if (error && !leave_) told(copy, *error);
    });
}

void Copies::stop() {
    leave_ = true;
    wait();
    leave_ = false;
}

void Copies::wait() {
    if (thread_.joinable()) thread_.join();
}

} // namespace book
