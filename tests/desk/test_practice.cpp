// Somebody works on engines that are known exactly, by random ways in random order, through the
// desks as text; after every entry what is claimed is held against the truth. AMBER_JOBS says how
// many jobs; a long run is amber-lobe-practice.
#include "practice/held.h"

#include "book/book.h"
#include "support/program.h"

#include <QTemporaryDir>
#include <QTest>

namespace test_practice {

class TestPractice : public QObject {
    Q_OBJECT
private slots:
    // Engines at which what may never be was seen once, by what it was.
    void neverAgain_data() {
        QTest::addColumn<unsigned>("seed");
        QTest::newRow("an event on the wheel of cylinder 1 refused for its side") << 39u;
        QTest::newRow("the same near the other dead centre") << 62u;
        QTest::newRow("the same, by two readings") << 84u;
    }
    void neverAgain() {
        QFETCH(unsigned, seed);
        QTemporaryDir dir;
        auto opened =
            book::Book::open(dir.filePath(QStringLiteral("book.amber")), practice::handsClock());
        app::Session session(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        practice::Held held;
        practice::work(session, practice::engineOf(seed), seed,
                       [&](const practice::Done& so) { held.always(session, so); });
        QVERIFY2(held.wrong.isEmpty(), qPrintable(held.wrong.join(QString())));
    }
    void claimsHold() {
        const unsigned jobs =
            std::max(1u, qEnvironmentVariable("AMBER_JOBS", QStringLiteral("250")).toUInt());
        QTemporaryDir dir;
        auto opened =
            book::Book::open(dir.filePath(QStringLiteral("book.amber")), practice::handsClock());
        app::Session session(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        practice::Held held;
        for (unsigned seed = 1; seed <= jobs; ++seed) {
            const practice::Truth truth = practice::engineOf(seed);
            const practice::Done done = practice::work(
                session, truth, seed, [&](const practice::Done& so) { held.always(session, so); });
            held.truth(session, done);
            QVERIFY2(
                held.wrong.isEmpty(),
                qPrintable(
                    QStringLiteral("engine %1: %2").arg(seed).arg(held.wrong.join(QString()))));
        }
        int all = 0;
        for (const auto& [kind, count] : held.counts) {
            all += count.n;
            // Of few claims chance takes its share: three deviations of a share of 95 in 100.
            const double least =
                95.0 - 300.0 * std::sqrt(0.95 * 0.05 / std::max(1, count.n)) - kSlack;
            QVERIFY2(count.share() >= least, qPrintable(QStringLiteral("%1: %2 of %3 within")
                                                            .arg(QString::fromStdString(kind))
                                                            .arg(count.within)
                                                            .arg(count.n)));
        }
        // Nothing promised that is not there: once in a thousand.
        const practice::Count& clearance = held.counts["clearance"];
        QVERIFY2(clearance.over <= 1 + clearance.n / 1000,
                 qPrintable(QStringLiteral("promised too much %1 of %2 times")
                                .arg(clearance.over)
                                .arg(clearance.n)));
        QVERIFY(all > static_cast<int>(jobs)); // it was no idle work
    }

private:
    /// What a kind may lie under 95 in 100 by.
    static constexpr double kSlack = 1.0;
};

AMBER_TEST(TestPractice)

} // namespace test_practice

#include "test_practice.moc"
