// Compare at the desk, without a window: what it works out anew, and what it does not.
#include "book/files.h"
#include "core/job/job.h"
#include "desk/session.h"
#include "stations/compare/compare_desk.h"
#include "support/program.h"

#include <QTemporaryDir>
#include <QTest>

namespace test_compare_desk {

using namespace lobe;

class TestCompareDesk : public QObject {
    Q_OBJECT

private slots:
    // A candidate is a job examined: only one that is another is examined.
    void onlyWhatIsAnotherIsMadeAnew() {
        QTemporaryDir dir;
        auto opened = book::Book::open(dir.filePath(QStringLiteral("book.amber")));
        app::Session session(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        session.openJob(std::get<std::int64_t>(
            book::importJobFolder(session.book(), QStringLiteral(DEMO_DIR "/skerry-four"))));
        app::CompareDesk desk(session, [] { return words::Style{}; });
        desk.follow();
        QVERIFY(desk.take(app::Line{QStringLiteral("a copy")}).ok);
        const std::vector<Cam> before = desk.cams();
        QVERIFY(before.size() >= 2);
        QVERIFY(before[0].state && before[1].state);

        // A wish changes no cam.
        Stated wished = session.job();
        wished.choosing.purpose.to_rpm += 500.0;
        QVERIFY(session.keep(book::SetStated{wished}));
        QCOMPARE(desk.cams()[0].state, before[0].state);
        QCOMPARE(desk.cams()[1].state, before[1].state);

        // Another rocker under one is that one alone.
        QVERIFY(desk.take(app::Line{QStringLiteral("b ratio 1.62")}).ok);
        QCOMPARE(desk.cams()[0].state, before[0].state);
        QVERIFY(desk.cams()[1].state != before[1].state);
        QCOMPARE(desk.cams()[1].state->job.engine.ratio.intake, 1.62);

        // What stands in the engine is part of all.
        Engine engine = session.job().engine;
        engine.bore_mm = engine.bore_mm + 1.0;
        QVERIFY(session.keep(book::SetEngine{engine}));
        QVERIFY(desk.cams()[0].state != before[0].state);
        QCOMPARE(desk.cams()[0].state->job.engine.bore_mm, engine.bore_mm);
    }
};

AMBER_TEST(TestCompareDesk)

} // namespace test_compare_desk

#include "test_compare_desk.moc"
