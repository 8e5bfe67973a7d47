// Whether the file at the book's path is still the book that was opened, and how what is in hand is
// saved when it is not.
#include "book/book.h"
#include "book/copies.h"
#include "book/refusal.h"
#include "book/side_file.h"
#include "book/sqlite_handle.h"
#include "book/statement.h"

#include <QFile>
#include <QFileInfo>
#include <QThread>

#include <sys/stat.h>

namespace book {

std::optional<Book::Print> Book::printOf(const QString& path) {
    struct stat s {};
    if (::stat(QFile::encodeName(path).constData(), &s) != 0) return std::nullopt;
    return Print{static_cast<quint64>(s.st_dev), static_cast<quint64>(s.st_ino),
                 static_cast<qint64>(s.st_size),
                 static_cast<qint64>(s.st_mtim.tv_sec) * 1'000'000'000 + s.st_mtim.tv_nsec};
}

void Book::remember() const {
    if (const auto now = printOf(path_)) print_ = *now;
    try {
        Statement name(db(), QStringLiteral("SELECT name FROM identity"));
        if (name.run().next()) identity_ = name[0].toString();
        Statement root(db(), QStringLiteral("SELECT rootpage FROM sqlite_master WHERE name = "
                                            "'identity' AND type = 'table'"));
        if (root.run().next()) identityPage_ = root[0].toLongLong();
        Statement size(db(), QStringLiteral("PRAGMA page_size"));
        if (size.run().next()) pageSize_ = size[0].toInt();
    } catch (const SqlFailure&) {
        identity_.clear(); // then only what the file system says is judged
    }
    if (const auto own = identityInFile(path_)) written_ = own->written;
}

/// Whether the file as it is on disk has this book's name where it was, read past SQLite's own
/// memory of it. A log folded in half way leaves a file SQLite would not read alone.
bool Book::namedOnDisk() const {
    sqlite3_file* file = nullptr;
    sqlite3* handle = handleOf(db());
    if (!handle ||
        sqlite3_file_control(handle, "main", SQLITE_FCNTL_FILE_POINTER, &file) != SQLITE_OK ||
        !file || !file->pMethods)
        return false;
    QByteArray page(pageSize_, '\0');
    return file->pMethods->xRead(file, page.data(), pageSize_, (identityPage_ - 1) * pageSize_) ==
               SQLITE_OK &&
           page.contains(identity_.toLatin1());
}

bool Book::logGone() const {
    const auto now = printOf(logOf(path_));
    if (!log_) {
        log_ = now;
        return false;
    }
    return !now || now->inode != log_->inode || now->device != log_->device;
}

std::optional<Error> Book::mendLog() {
    // Only where nothing else stands in its place: another program's log is not written over.
    if (QFileInfo::exists(logOf(path_))) return Error{Trouble::Replaced, {}};
    try {
        // Not while another window reads: then the next look does it.
        Statement fold(db(), QStringLiteral("PRAGMA wal_checkpoint(FULL)"));
        if (!fold.run().next() || fold[0].toInt() != 0) return Error{Trouble::Locked, {}};
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
    keepPrepared(connection_, false);
    QSqlDatabase same = db();
    sqlite3_db_config(handleOf(same), SQLITE_DBCONFIG_NO_CKPT_ON_CLOSE, 1, nullptr);
    same.close();
    QFile::remove(path_ + QStringLiteral("-shm"));
    if (!same.open()) return troubleOf(same.lastError(), Trouble::CannotOpen);
    try {
        guard(same);
        setUp();
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
    keepPrepared(connection_, true);
    seenVersion_ = dataVersion();
    log_.reset();
    return std::nullopt;
}

std::optional<Error> Book::lost() {
    if (const auto trouble = gone()) return trouble;
    return readOnly_.isEmpty() && logGone() ? mendLog() : std::nullopt;
}

std::optional<Error> Book::gone() const {
    if (!readOnly_.isEmpty()) return std::nullopt; // nothing is written
    const auto now = printOf(path_);
    if (!now) return Error{Trouble::Vanished, {}};
    if (now->device != print_.device || now->inode != print_.inode)
        return Error{Trouble::Replaced, {}};
    if (*now == print_) return std::nullopt;
    // A book only grows.
    if (now->size < print_.size) return Error{Trouble::Replaced, {}};
    // Something was written into the file: the log folded in, here or by another window, or another
    // file copied over it. The book's own name and a count that never falls tell.
    auto own = identityInFile(path_);
    // Another window may be at it this moment: what cannot be read is looked at again.
    for (int wait = 0; !own && wait < 3; ++wait) {
        QThread::msleep(20);
        own = identityInFile(path_);
    }
    const bool ours = own ? own->name == identity_ && own->written >= written_ : namedOnDisk();
    if (ours || identity_.isEmpty()) {
        if (own) written_ = own->written;
        print_ = *now;
        return std::nullopt;
    }
    // Only a file that stands still is judged.
    const auto later = printOf(path_);
    if (!later || *later != *now) return gone();
    return Error{Trouble::Replaced, {}};
}

std::optional<Error> Book::writeCopy(const QString& path) const {
    try {
        // A file that something was done to may be whole no longer.
        if (gone()) {
            Statement check(db(), QStringLiteral("PRAGMA quick_check(1)"));
            if (!check.run().next() || check[0].toString() != QLatin1String("ok"))
                return Error{Trouble::Damaged, check[0].toString()};
        }
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
    return copyBook(handleOf(db()), path);
}

void Book::foldLog() {
    try {
        Statement(db(), QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")).run();
    } catch (const SqlFailure&) {
        // It stays in the log, where it is as safe.
    }
}

} // namespace book
