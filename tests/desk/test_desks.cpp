// Desks without a window: fed with text as a person, a paste or an instrument would, and read back
// from the book on disk.
#include "book/book.h"
#include "desk/session.h"
#include "stations/engine/desk/engine_desk.h"
#include "stations/list.h"
#include "stations/tdc/desk/tdc_desk.h"
#include "stations/timing/desk/timing_desk.h"

#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

using namespace lobe;
using app::Echo;

namespace {

/// A job in a book of its own.
struct Rig {
    QTemporaryDir dir;
    QString path = dir.filePath(QStringLiteral("book.amber"));
    std::unique_ptr<app::Session> session;
    bool inches = false;

    Rig() {
        auto opened = book::Book::open(path);
        session = std::make_unique<app::Session>(
            std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        session->newJob(QStringLiteral("Skerry Four"));
    }
    app::Desk::Manner manner() {
        return [this] {
            words::Style s;
            s.unit = inches ? LengthUnit::Inch : LengthUnit::Millimetre;
            return s;
        };
    }
    /// As another program would read it.
    Job onDisk() const {
        auto opened = book::Book::open(path);
        auto book = std::get<std::unique_ptr<book::Book>>(std::move(opened));
        return std::get<Job>(book->load(session->job().id));
    }
};

} // namespace

class TestDesks : public QObject {
    Q_OBJECT

private slots:
    // 31 before and 26.5 after the wheel's zero: the pointer is off by (26.5 - 31) / 2, the top
    // 28.75 from either contact. Counted by hand.
    void contactsFindTheTop() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.prompt().ask.contains(QStringLiteral("wheel")));
        QVERIFY(desk.submit(QStringLiteral("31b")).ok);
        QVERIFY(desk.verdict().contains(QStringLiteral("other side")));
        QVERIFY(desk.submit(QStringLiteral("26.5a")).ok);
        const TdcPass& pass = *rig.session->findings().tdc.latest();
        QCOMPARE(*pass.correction_deg, -2.25);
        QCOMPARE(*pass.halfSpan_deg, 28.75);
        QVERIFY(desk.verdict().contains(QStringLiteral("2.25°")));
        QCOMPARE(desk.standCard().big, QStringLiteral("2.25°"));
        QVERIFY(desk.explanation().contains(QStringLiteral("28.75°")));
        // The ring shows that pass, and keeps what it is of.
        QVERIFY(desk.ringScene().pass);
        const Job kept = rig.onDisk();
        QCOMPARE(kept.contacts.size(), std::size_t(2));
        QCOMPARE(kept.contacts[0].at.deg, -31.0);
        QCOMPARE(kept.contacts[1].at.deg, 26.5);
        desk.strikeLast();
        QVERIFY(rig.onDisk().contacts[1].struck.has_value());
    }

    void whatIsNoReadingKeepsNothing() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        const Echo echo = desk.understand(QStringLiteral("stop"));
        QVERIFY(!echo.ok && !echo.text.isEmpty());
        QVERIFY(!desk.submit(QStringLiteral("stop")).ok);
        QVERIFY(!desk.submit(QStringLiteral("drop 0")).ok);
        QVERIFY(rig.onDisk().contacts.empty());
    }

    // A second pass that agrees proves it; then the desk asks which top it is, and goes on.
    void whenItIsProvedItAsksWhichTop() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QSignalSpy onward(&desk, &app::Desk::stationWanted);
        for (const char* typed : {"29b", "29a", "29b", "29a"})
            QVERIFY(desk.submit(QString::fromLatin1(typed)).ok);
        QVERIFY(desk.sheet().field());
        QVERIFY(desk.prompt().ask.contains(QStringLiteral("overlap or firing")));
        QVERIFY(desk.commands().isEmpty());
        QVERIFY(desk.submit(QStringLiteral("overlap")).ok);
        QVERIFY(rig.onDisk().fitted.top == WhichTop::Overlap);
        QVERIFY(!desk.sheet().field());
        QVERIFY(desk.submit(QString()).ok);
        QCOMPARE(onward.count(), 1);
        QCOMPARE(onward[0][0].value<const stations::Station*>(), &stations::lobes);
    }

    void anotherMethodIsOfTheContactsToCome() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QSignalSpy asked(&desk, &app::Desk::promptChanged);
        desk.setMethod(TdcMethod::EqualDrop);
        QVERIFY(asked.count() > 0);
        QVERIFY(desk.submit(QStringLiteral("drop 3")).ok);
        QVERIFY(desk.submit(QStringLiteral("40b")).ok);
        const Job kept = rig.onDisk();
        QVERIFY(kept.contacts[0].method == TdcMethod::EqualDrop);
        QCOMPARE(*kept.contacts[0].drop_mm, 3.0);
    }

    // Enter keeps a fact and asks the next; what cannot be is refused and keeps nothing.
    void factsAreAskedInARow() {
        Rig rig;
        app::EngineDesk desk(*rig.session, rig.manner());
        const QString first = desk.prompt().ask;
        QVERIFY(desk.submit(QStringLiteral("Skerry Four")).ok);
        QVERIFY(desk.prompt().ask != first);
        QVERIFY(desk.submit(QStringLiteral("4")).ok);
        QVERIFY(!desk.submit(QStringLiteral("9000")).ok); // a bore of nine metres
        QCOMPARE(rig.onDisk().engine.bore_mm, 0.0);
        QVERIFY(desk.submit(QStringLiteral("90x78")).ok);
        const Engine e = rig.onDisk().engine;
        QCOMPARE(e.bore_mm, 90.0);
        QCOMPARE(e.stroke_mm, 78.0);
        // Up goes back to what was asked before.
        const int here = desk.sheet().at();
        QVERIFY(desk.step(-1));
        QCOMPARE(desk.sheet().at(), here - 1);
        // Esc leaves it where it is: something is always asked.
        desk.leave();
        QCOMPARE(desk.sheet().at(), here - 1);
        desk.askCard();
        QVERIFY(desk.prompt().keys.contains(QStringLiteral("Ctrl+2")));
    }

    // A height typed is added in its place; typed again, it is dropped.
    void checkingHeightsComeAndGo() {
        Rig rig;
        app::TimingDesk desk(*rig.session, rig.manner());
        QSignalSpy onward(&desk, &app::Desk::stationWanted);
        QVERIFY(desk.understand(QStringLiteral("1.27")).text.startsWith(QStringLiteral("adds")));
        QVERIFY(desk.submit(QStringLiteral("1.27")).ok);
        const auto heights = rig.onDisk().reckoning.heights;
        QCOMPARE(heights.size(), std::size_t(6));
        QCOMPARE(heights[3].mm, 1.27);
        QVERIFY(desk.submit(QStringLiteral("1.27")).ok);
        QCOMPARE(rig.onDisk().reckoning.heights.size(), std::size_t(5));
        // Above every lobe: a slip of the decimal point.
        QVERIFY(!desk.submit(QStringLiteral("12.7")).ok);
        QVERIFY(desk.submit(QStringLiteral("smooth")).ok);
        QVERIFY(!rig.onDisk().reckoning.smoothing);
        // Nothing is measured yet: Enter leads to where it is.
        QVERIFY(desk.verdict().contains(QStringLiteral("No lobe of cylinder 1")));
        QVERIFY(desk.submit(QString()).ok);
        QCOMPARE(onward[0][0].value<const stations::Station*>(), &stations::lobes);
    }

    // 3 1/2 inches are 88.9 mm.
    void inchesAreTheUsers() {
        Rig rig;
        rig.inches = true;
        app::EngineDesk desk(*rig.session, rig.manner());
        desk.moveTo(2);
        QVERIFY(desk.submit(QStringLiteral("3.5")).ok);
        QCOMPARE(rig.onDisk().engine.bore_mm, 88.9);
        QVERIFY(desk.standCard().caption.size() > 0);
    }
};

QTEST_GUILESS_MAIN(TestDesks)
#include "test_desks.moc"
