// The window on screens of all sizes, with a window manager's frame and a panel: it starts whole
// within what is free, and what is typed into is in sight. Each size is a run of its own
// (tests/CMakeLists.txt); without a screen there is nothing to see.
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/program.h"

#include <QScreen>

namespace test_screens {

using fixture::Rig;

class TestScreens : public QObject {
    Q_OBJECT

    static void isWithin(Rig& rig) {
        const QRect free = rig.window().screen()->availableGeometry();
        const auto within = [&] { return free.contains(rig.window().frameGeometry()); };
        QTRY_VERIFY2_WITH_TIMEOUT(within(), "the window stands out", 3000);
        // It has a frame: else nothing was tried.
        QVERIFY(rig.window().frameGeometry().height() > rig.window().height());
        for (const char* part : {"entry", "ask", "entryBar"}) {
            auto* w = rig.find<QWidget>(part);
            const auto at = [w] { return QRect(w->mapToGlobal(QPoint()), w->size()); };
            // The frame is told first, what is in it is laid out after.
            QTRY_VERIFY2_WITH_TIMEOUT(w->isVisible() && free.contains(at()),
                                      qPrintable(QStringLiteral("%1 at %2,%3 %4x%5")
                                                     .arg(QLatin1String(part))
                                                     .arg(at().x())
                                                     .arg(at().y())
                                                     .arg(at().width())
                                                     .arg(at().height())),
                                      3000);
            QVERIFY2(!w->visibleRegion().isEmpty(), part);
        }
    }

private slots:
    void initTestCase() {
        if (QGuiApplication::platformName() == QLatin1String("offscreen"))
            QSKIP("without a screen");
    }

    void itStartsWithin() {
        Rig rig;
        isWithin(rig);
        rig.type(QStringLiteral("small"));
        QCOMPARE(rig.onDisk().name, std::string("small"));
        isWithin(rig);
        for (const stations::Station* s : stations::all()) {
            rig.window().go(*s);
            QApplication::processEvents();
            isWithin(rig);
        }
        rig.window().setAtStand(true);
        isWithin(rig);
    }

    /// What was left on a larger screen comes up within this one.
    void itComesBackWithin() {
        Rig rig(true);
        rig.window().resize(3000, 2000);
        rig.window().move(900, 700);
        QTest::qWait(300);
        rig.restart(true);
        isWithin(rig);
        rig.window().resize(rig.window().minimumSize());
        QTest::qWait(200);
        rig.restart(true);
        isWithin(rig);
    }
};

AMBER_TEST(TestScreens)

} // namespace test_screens

#include "test_screens.moc"
