// Opening a book: what stands there is looked at before SQLite touches it, a new book is made whole
// under another name before it takes its place, and older ones are carried forward step by step.
#include "book/book.h"
#include "book/codec.h"
#include "book/main_file.h"
#include "book/pictures.h"
#include "book/place.h"
#include "book/refusal.h"
#include "book/side_file.h"
#include "book/sqlite_handle.h"
#include "book/statement.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QThread>
#include <QUrl>
#include <QUuid>

#include <unistd.h>

namespace book {

namespace {

/// Whether closing folds the log into the file. Off while it is not known whether the book is to be
/// refused: refusing changes no byte.
void foldOnClose(const QSqlDatabase& db, bool on) {
    if (sqlite3* handle = handleOf(db))
        sqlite3_db_config(handle, SQLITE_DBCONFIG_NO_CKPT_ON_CLOSE, on ? 0 : 1, nullptr);
}

/// A book that was copied by other means may have lost its log. Where others have it open, it stays
/// as it is for now.
void useLog(const QSqlDatabase& db) {
    try {
        Statement(db, QStringLiteral("PRAGMA journal_mode = WAL")).run();
    } catch (const SqlFailure&) {
        // Slower, and as safe.
    }
}

bool writable(const QString& path) {
    // access() asks for the rights of whoever runs this, whatever the mode bits say.
    const QByteArray file = QFile::encodeName(path),
                     folder = QFile::encodeName(QFileInfo(path).absolutePath());
    return ::access(file.constData(), W_OK) == 0 && ::access(folder.constData(), W_OK) == 0;
}

} // namespace

int schemaVersion() {
    static const int version = static_cast<int>(schemaSteps().size());
    return version;
}

/// What is looked through in a few hundredths of a second; a shop's book of years takes seconds.
constexpr qint64 kAtOnce_bytes = 1 << 20;

static bool isSmall(const QString& path) {
    return QFileInfo(path).size() + QFileInfo(logOf(path)).size() <= kAtOnce_bytes;
}

/// Whether the file is all there is: nothing waits beside it to be put in.
static bool standsAlone(const QString& path) {
    return QFileInfo(logOf(path)).size() == 0 &&
           !QFileInfo::exists(path + QStringLiteral("-journal"));
}

/// Judges a file without a log by itself, which leaves nothing beside what is refused.
static std::optional<Error> judgeAlone(const QString& path) {
    const MainFile file(path);
    if (!file.open()) return Error{Trouble::CannotOpen, path};
    try {
        return refusalOf(file.db(), isSmall(path));
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
}

/// What judging it by itself makes of a file: sound, refused, or neither. Nothing is held
/// meanwhile, so a refusal counts of a file only that stood still before and after.
enum class Alone { Sound, Unsettled };
static std::variant<Alone, Error> settled(const QString& path) {
    constexpr int kLooks = 8;
    constexpr qint64 kStill_ms = 20; // a file's own time goes by steps of some ms
    for (int look = 0; look < kLooks && standsAlone(path); ++look) {
        const auto stamp = [&] {
            const QFileInfo file(path);
            return std::pair(file.size(), file.lastModified().toMSecsSinceEpoch());
        };
        const auto before = stamp();
        const bool still = before.second + kStill_ms < QDateTime::currentMSecsSinceEpoch();
        const auto wrong = judgeAlone(path);
        if (!wrong) return Alone::Sound;
        if (still && standsAlone(path) && stamp() == before) return *wrong;
        QThread::msleep(kStill_ms);
    }
    return Alone::Unsettled;
}

/// `seen`: it was judged already.
std::optional<Error> Book::begin(Mode mode, bool immutable, bool seen) {
    QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection_);
    // The whole path, so that no name is taken for something else than a file.
    const QString file = QFileInfo(path_).absoluteFilePath();
    if (immutable) {
        const QUrl url = QUrl::fromLocalFile(file);
        db.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI"));
        db.setDatabaseName(QString::fromLatin1(url.toEncoded()) + QStringLiteral("?immutable=1"));
    } else {
        db.setDatabaseName(file);
    }
    if (!db.open()) return troubleOf(db.lastError(), Trouble::CannotOpen);
    try {
        guard(db);
        // Without a log there is nothing to fold in, and SQLite takes away the one it makes.
        foldOnClose(db, !QFileInfo::exists(logOf(path_)));
        lookedThrough_ = isSmall(path_);
        if (!seen) {
            // Another start may be carrying it forward: its step and its tables are of one moment.
            const ReadState now(db);
            if (const auto wrong = refusalOf(db, lookedThrough_)) return wrong;
        }
        if (immutable) return std::nullopt;
        setUp();
        if (mode != Mode::Reading) {
            if (const auto trouble = migrate()) return trouble;
            useLog(db);
        }
        foldOnClose(db, true);
        keepPrepared(connection_, true);
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
    return std::nullopt;
}

void Book::setUp() {
    setPatience(patience_ms_);
    Statement(db(), QStringLiteral("PRAGMA foreign_keys = ON")).run();
    // FULL makes the log reach the disk at every commit: a power cut loses nothing typed.
    Statement(db(), QStringLiteral("PRAGMA synchronous = FULL")).run();
}

/// All steps are one transaction, and which is the first is asked under its lock: another start may
/// be at the same work. A book with a row that cannot be carried forward stays as it was.
std::optional<Error> Book::migrate() {
    const QStringList steps = schemaSteps();
    const auto reached = [&] {
        Statement now(db(), QStringLiteral("PRAGMA user_version"));
        return now.run().next() ? now[0].toInt() : 0;
    };
    if (reached() == steps.size()) return std::nullopt;
    {
        Transaction transaction(db());
        const int from = reached();
        if (from > steps.size()) return Error{Trouble::Newer, QString::number(from)};
        for (int at = from; at < steps.size(); ++at)
            carryOut(db(), steps[at]);
        Statement(db(), QStringLiteral("PRAGMA user_version = %1").arg(steps.size())).run();
        transaction.commit();
    }
    // In the file itself, where an older program looks for it.
    Statement(db(), QStringLiteral("PRAGMA wal_checkpoint(FULL)")).run();
    return std::nullopt;
}

/// A new book is made under a name of its own and moved into place when it is whole: a kill half
/// way leaves no book that cannot be opened.
static std::optional<Error> make(const QString& path) {
    const QString folder = QFileInfo(path).absolutePath();
    if (!QDir().mkpath(folder)) return Error{Trouble::CannotOpen, folder};
    const QString making = unfinished(path);
    const QString connection = QUuid::createUuid().toString();
    std::optional<Error> trouble;
    makeOwn(making);
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection);
        db.setDatabaseName(QFileInfo(making).absoluteFilePath());
        if (!db.open()) {
            trouble = troubleOf(db.lastError(), Trouble::CannotOpen);
        } else {
            try {
                Statement(db, QStringLiteral("PRAGMA synchronous = FULL")).run();
                Statement(db, QStringLiteral("PRAGMA application_id = %1").arg(kApplicationId))
                    .run();
                Transaction whole(db);
                const QStringList steps = schemaSteps();
                for (const QString& step : steps)
                    carryOut(db, step);
                Statement(db, QStringLiteral("PRAGMA user_version = %1").arg(steps.size())).run();
                whole.commit();
                Statement(db, QStringLiteral("PRAGMA journal_mode = WAL")).run();
            } catch (const SqlFailure& e) {
                trouble = e.trouble(Trouble::CannotOpen);
            }
            db.close();
        }
    }
    QSqlDatabase::removeDatabase(connection);
    // Another start that was quicker made a book that is as good.
    if (!trouble && !takeName(making, path) && !QFileInfo::exists(path))
        trouble = Error{Trouble::CannotOpen, path};
    removeAll(making);
    return trouble;
}

/// A book that cannot be written and must be read: a private copy of file and log is.
Result<std::unique_ptr<Book>> openCopy(const QString& path, Book::Clock clock) {
    auto folder = std::make_shared<QTemporaryDir>();
    const QString copy = folder->filePath(QStringLiteral("book.amber"));
    if (!folder->isValid() || !QFile::copy(path, copy))
        return Error{Trouble::CannotOpen, folder->errorString()};
    QFile::setPermissions(copy, QFile::ReadOwner | QFile::WriteOwner);
    const QString log = logOf(path), logCopy = logOf(copy);
    if (QFileInfo::exists(log)) {
        if (!QFile::copy(log, logCopy)) return Error{Trouble::CannotOpen, log};
        QFile::setPermissions(logCopy, QFile::ReadOwner | QFile::WriteOwner);
    }
    auto opened = Book::open(copy, std::move(clock), Book::Mode::MustExist);
    if (auto* book = std::get_if<std::unique_ptr<Book>>(&opened)) {
        (*book)->path_ = path;
        (*book)->copy_ = folder;
    }
    return opened;
}

void Book::sweep() const {
    const QFileInfo file(path_);
    sweepUnfinished(file.absolutePath(), file.fileName());
    sweepUnfinished(file.absolutePath() + QStringLiteral("/copies"), file.completeBaseName());
    sweepPictures(path_, [this](const QString& kept) {
        // As it stands within a text of JSON, without its quotes.
        const QString said = compact(Json(kept.toStdString()));
        const QString text = said.mid(1, said.size() - 2);
        try {
            Statement named(db(),
                            QStringLiteral("SELECT 1 FROM entry WHERE instr(body, ?) UNION ALL "
                                           "SELECT 1 FROM setting WHERE instr(body, ?) LIMIT 1"));
            return named.run(text, text).next();
        } catch (const SqlFailure&) {
            return true; // not known: then it stays
        }
    });
}

Result<std::unique_ptr<Book>> Book::open(const QString& path, Clock clock, Mode mode) {
    // Another program may be folding its log in this very moment: what is read past it is then of
    // two moments, and looks like no book. Where somebody has it open it is looked at again; and
    // once more where nobody has: who had may have closed it since it was read.
    constexpr int kTries = 20;
    constexpr unsigned long kApart_ms = 30;
    bool closed = false;
    for (int tries = 1;; ++tries) {
        auto opened = openOnce(path, clock, mode);
        const auto* e = std::get_if<Error>(&opened);
        const bool torn = e && (e->trouble == Trouble::NotABook || e->trouble == Trouble::Damaged);
        const bool last = closed || tries == kTries;
        closed = !QFileInfo::exists(path + QStringLiteral("-shm"));
        if (!torn || last) return opened;
        QThread::msleep(kApart_ms);
    }
}

Result<std::unique_ptr<Book>> Book::openOnce(const QString& path, Clock clock, Mode mode) {
    if (!QFileInfo::exists(path)) {
        if (mode != Mode::MayMake) return Error{Trouble::NoSuchFile, {}};
        if (const auto trouble = make(path)) return *trouble;
    }
    if (!QFileInfo(path).isFile()) return Error{Trouble::NotABook, {}};
    const auto header = readHeader(path);
    if (const auto* refused = std::get_if<Error>(&header)) return *refused;

    if (!writable(path) || mode == Mode::Reading) {
        const bool plain = QFileInfo(logOf(path)).size() == 0 &&
                           std::get<Header>(header).version == schemaVersion();
        std::unique_ptr<Book> self(new Book(path, QUuid::createUuid().toString(), clock));
        Result<std::unique_ptr<Book>> opened = std::move(self);
        if (!plain)
            opened = openCopy(path, std::move(clock));
        else if (const auto trouble =
                     std::get<std::unique_ptr<Book>>(opened)->begin(Mode::Reading, true, false))
            return *trouble;
        if (auto* book = std::get_if<std::unique_ptr<Book>>(&opened))
            (*book)->readOnly_ =
                mode == Mode::Reading
                    ? QCoreApplication::translate("Say", "it was opened to be looked at")
                    : QCoreApplication::translate("Say",
                                                  "the file or its folder cannot be written");
        return opened;
    }

    putForeignLogAside(path);
    const auto alone = settled(path);
    if (const auto* wrong = std::get_if<Error>(&alone)) return *wrong;
    const bool sound = std::get<Alone>(alone) == Alone::Sound;
    const QString index = path + QStringLiteral("-shm");
    const bool indexed = QFileInfo::exists(index);
    std::unique_ptr<Book> self(new Book(path, QUuid::createUuid().toString(), std::move(clock)));
    if (const auto trouble = self->begin(mode, false, sound)) {
        self.reset();
        // What was made only to look into it is taken away again.
        if (!indexed) QFile::remove(index);
        return *trouble;
    }
    self->seenVersion_ = self->dataVersion();
    self->remember();
    self->sweep();
    return self;
}

} // namespace book
