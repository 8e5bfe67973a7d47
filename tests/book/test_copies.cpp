// Copies of a book: whole whatever the log still holds, books of their own, one a week and three
// kept.
#include "book/book.h"
#include "book/copies.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

namespace test_copies {

using namespace lobe;
using book::Book;
using book::Trouble;
using namespace support;

namespace {

std::int64_t day(int month, int date) {
    return QDateTime(QDate(2026, month, date), QTime(12, 0)).toMSecsSinceEpoch();
}

} // namespace

class TestCopies : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    QString path_;
    std::unique_ptr<Book> book_;
    std::int64_t job_ = 0;

    QStringList kept() const {
        return QDir(dir_->filePath(QStringLiteral("copies"))).entryList(QDir::Files, QDir::Name);
    }
    void copyOn(int month, int date) {
        book::Copies copies;
        copies.start(path_, day(month, date), [](const QString& copy, const book::Error& error) {
            qFatal("%s", qPrintable(sentence(error, copy)));
        });
        copies.wait();
    }
    static Job only(const QString& path) {
        auto b = opened(path);
        return std::get<Job>(b->load(b->jobs().at(0).id));
    }

private slots:
    void init() {
        dir_ = std::make_unique<QTemporaryDir>();
        path_ = dir_->filePath(QStringLiteral("shop.amber"));
        book_ = opened(path_);
        job_ = id(book_->addJob(QStringLiteral("Skerry Four")));
        LiftRun run;
        Reading r;
        r.at = {106.0};
        r.value_mm = 7.2;
        run.readings = {r};
        id(book_->record(job_, book::AddSeries{run}));
    }
    void cleanup() { book_.reset(); }

    void aCopyHasWhatIsOnlyInTheLog() {
        QVERIFY(QFileInfo(path_ + QStringLiteral("-wal")).size() > 0);
        const QString copy = dir_->filePath(QStringLiteral("copy.amber"));
        QVERIFY(!book_->writeCopy(copy));
        QVERIFY(!QFile::exists(copy + QStringLiteral("-wal")));
        QCOMPARE(only(copy).runs.at(0).readings.front().value_mm, 7.2);
        QVERIFY(!(QFile::permissions(copy) & (QFile::ReadGroup | QFile::ReadOther)));
        QCOMPARE(QDir(dir_->path()).entryList({QStringLiteral("*.new-*")}), QStringList());
        // Never over something.
        const auto again = book_->writeCopy(copy);
        QVERIFY(again && again->trouble == Trouble::Taken);
    }

    /// The log of the book it was copied from, put beside it, is none of its own.
    void aCopyIsABookOfItsOwn() {
        const QString copy = dir_->filePath(QStringLiteral("copy.amber"));
        QVERIFY(!book_->writeCopy(copy));
        id(book_->record(job_, book::SetName{"later"}));
        QVERIFY(QFile::copy(path_ + QStringLiteral("-wal"), copy + QStringLiteral("-wal")));
        QCOMPARE(QString::fromStdString(only(copy).name), QStringLiteral("Skerry Four"));
        // And it is worked in as a book is, by its log.
        auto b = opened(copy);
        id(b->record(job_, book::SetName{"on"}));
        QVERIFY(QFileInfo(copy + QStringLiteral("-wal")).size() > 0);
    }

    void whatCannotBeWrittenLeavesNothing() {
        const auto error = book_->writeCopy(dir_->filePath(QStringLiteral("no/such/copy.amber")));
        QVERIFY(error);
        QVERIFY(!sentence(*error, path_).isEmpty());
    }

    void closedOneFileIsTheWholeBook() {
        const QString other = dir_->filePath(QStringLiteral("other.amber"));
        auto second = opened(path_); // another window is still open
        book_.reset();
        QVERIFY(QFile::copy(path_, other));
        QCOMPARE(only(other).runs.at(0).readings.size(), std::size_t(1));
        second.reset();
        QVERIFY(!QFile::exists(path_ + QStringLiteral("-wal")));
    }

    /// One more reading, on disk in the file itself.
    void write() {
        QVERIFY(std::holds_alternative<book::Made>(book_->record(job_, book::SetName{"written"})));
        book_->foldLog();
    }
    QStringList datedKept() const { return kept().filter(QRegularExpression("\\d{4}-")); }

    /// The clock was ahead for a day, or for months: the weekly copies go on, and what they keep is
    /// what was written last, and the first.
    void aWrongClockStopsNothing() {
        copyOn(11, 1);
        write();
        copyOn(11, 9);
        const QDateTime far(QDate(2031, 5, 1), QTime(12, 0), Qt::UTC);
        for (int n = 0; n < 5; ++n) {
            write();
            book::Copies ahead;
            ahead.start(path_, far.addDays(20 * n).toMSecsSinceEpoch(),
                        [](const QString&, const book::Error&) {});
            ahead.wait();
        }
        write();
        copyOn(11, 16);
        QVERIFY2(datedKept().contains("shop-2026-11-16.amber"), qPrintable(kept().join(' ')));
        write();
        copyOn(11, 24);
        write();
        copyOn(12, 2);
        // The first, and the three with the most in them: none of the clock's.
        QCOMPARE(datedKept(), (QStringList{"shop-2026-11-01.amber", "shop-2026-11-16.amber",
                                           "shop-2026-11-24.amber", "shop-2026-12-02.amber"}));
    }

    /// What has not changed is not copied again, and pushes nothing out.
    void nothingNewIsNoCopy() {
        book_->foldLog();
        copyOn(11, 1);
        copyOn(11, 9);
        copyOn(11, 30);
        QCOMPARE(datedKept().size(), 1);
    }

    void oneAWeekAndThreeAreKept() {
        copyOn(11, 1);
        QCOMPARE(kept(), QStringList{QStringLiteral("shop-2026-11-01.amber")});
        copyOn(11, 7); // six days later: not yet
        QCOMPARE(kept().size(), 1);
        write();
        copyOn(11, 8);
        write();
        copyOn(11, 20);
        QCOMPARE(kept().size(), 3);
        write();
        copyOn(11, 28);
        QFile own(dir_->filePath(QStringLiteral("copies/shop-mine.amber")));
        QVERIFY(own.open(QIODevice::WriteOnly));
        own.close();
        write();
        copyOn(12, 6);
        QCOMPARE(kept(), (QStringList{QStringLiteral("shop-2026-11-01.amber"),
                                      QStringLiteral("shop-2026-11-20.amber"),
                                      QStringLiteral("shop-2026-11-28.amber"),
                                      QStringLiteral("shop-2026-12-06.amber"),
                                      QStringLiteral("shop-mine.amber")}));
        QCOMPARE(only(dir_->filePath(QStringLiteral("copies/shop-2026-12-06.amber"))).runs.size(),
                 std::size_t(1));
    }

    void anEmptyBookIsNotCopied() {
        book_.reset();
        path_ = dir_->filePath(QStringLiteral("empty.amber"));
        book_ = opened(path_);
        copyOn(11, 1);
        QCOMPARE(kept(), QStringList());
    }

    void leftOffWithoutATrace() {
        book::Copies copies;
        copies.start(path_, day(11, 1), [](const QString&, const book::Error&) {});
        copies.stop();
        for (const QString& each : kept())
            QVERIFY2(!each.contains(QLatin1String(".new-")), qPrintable(each));
    }
};

AMBER_TEST(TestCopies)

} // namespace test_copies

#include "test_copies.moc"
