// Whether the file at the book's path is still the book that was opened, and how what is in hand is
// saved when it is not.
#include "book/book.h"
#include "book/side_file.h"
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
    if (const auto own = identityInFile(path_)) {
        identity_ = own->name;
        written_ = own->written;
    }
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
    for (int wait = 0; !own && wait < 10; ++wait) {
        QThread::msleep(30);
        own = identityInFile(path_);
    }
    if (own && own->name == identity_ && own->written >= written_) {
        written_ = own->written;
        print_ = *now;
        return std::nullopt;
    }
    // Another window may be at it this moment: only a file that stands still is judged.
    const auto later = printOf(path_);
    if (!later || *later != *now) return gone();
    return Error{Trouble::Replaced, {}};
}

std::optional<Error> Book::writeCopy(const QString& path) const {
    try {
        {
            Statement check(db(), QStringLiteral("PRAGMA quick_check(1)"));
            if (!check.run().next() || check[0].toString() != QLatin1String("ok"))
                return Error{Trouble::Damaged, check[0].toString()};
        }
        Statement(db(), QStringLiteral("VACUUM INTO ?")).run(path);
        return std::nullopt;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
}

void Book::foldLog() {
    try {
        Statement(db(), QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")).run();
    } catch (const SqlFailure&) {
        // It stays in the log, where it is as safe.
    }
}

} // namespace book
