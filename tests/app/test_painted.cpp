// What stands on the screen after every step is what a painting of the whole window would show:
// only what has changed is painted, and nothing of it may be forgotten.
#include "app_fixture.h"
#include "sight.h"

#include "app/pictures/slide.h"
#include "stations/list.h"
#include "support/program.h"

#include <QScreen>

namespace test_painted {

using fixture::Rig;

namespace {

QImage onScreen(Rig& rig) {
    QApplication::processEvents();
    return rig.window().screen()->grabWindow(rig.window().winId()).toImage();
}

/// Where the screen differs from the window painted whole; empty where it does not.
QRect forgotten(Rig& rig) {
    // What comes a moment behind, such as a portrait of the row at hand.
    QTest::qWait(120);
    const QImage there = onScreen(rig);
    for (QWidget* w : rig.window().findChildren<QWidget*>())
        w->update();
    rig.window().update();
    const QImage whole = onScreen(rig);
    if (there.size() != whole.size()) return whole.rect();
    QRegion off;
    for (int y = 0; y < whole.height(); ++y)
        for (int x = 0; x < whole.width(); ++x)
            if (there.pixel(x, y) != whole.pixel(x, y)) off |= QRect(x, y, 1, 1);
    return off.boundingRect();
}

} // namespace

class TestPainted : public QObject {
    Q_OBJECT

private slots:
    void initTestCase() { QApplication::setCursorFlashTime(0); }

    void nothingIsForgotten() {
        Rig rig(true);
        rig.window().resize(1280, 800);
        sight::openJob(rig, 0);
        const auto check = [&](const char* step) {
            const QRect off = forgotten(rig);
            QVERIFY2(off.isEmpty(), qPrintable(QStringLiteral("%1: %2,%3 %4x%5")
                                                   .arg(QLatin1String(step))
                                                   .arg(off.x())
                                                   .arg(off.y())
                                                   .arg(off.width())
                                                   .arg(off.height())));
        };
        // A screen that shows nothing would be the same both times.
        QVERIFY(onScreen(rig).pixel(2, 2) == rig.look().theme().bar.rgb());

        rig.session().select(2, lobe::Side::Intake);
        rig.window().go(stations::lobes);
        check("Lobes");
        for (const char* lift : {"0", "0", "0.02", "0.35"})
            rig.type(QString::fromLatin1(lift));
        check("first lifts");
        rig.key(Qt::Key_Backspace);
        check("struck");
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        check("undone");
        rig.type(QStringLiteral("95"));
        check("refused");
        rig.key(Qt::Key_Escape);
        rig.session().select(1, lobe::Side::Exhaust);
        check("another lobe");
        for (const stations::Station* s : stations::of(rig.session().job())) {
            rig.window().go(*s);
            check(qPrintable(s->name()));
        }
        rig.window().go(stations::engine);
        rig.type(QStringLiteral("91.5"));
        check("a fact of the engine");
        rig.window().go(stations::set);
        rig.find<app::Slide>("slideIntake")->setValue(3.5);
        check("slid");
        rig.key(Qt::Key_L, Qt::ControlModifier);
        check("dark");
        rig.key(Qt::Key_U, Qt::ControlModifier);
        check("inches");
        rig.key(Qt::Key_F1);
        check("keys");
        rig.key(Qt::Key_Escape);
        check("keys closed");
        rig.key(Qt::Key_F2);
        check("stand");
        rig.key(Qt::Key_F2);
        check("desk");
        sight::openJob(rig, 1);
        check("another job");
        rig.window().resize(1024, 700);
        check("smaller");
        // Painted whole, all of the route is there.
        support::TextRecorder recorder(rig.find<QWidget>("route")->size());
        rig.find<QWidget>("route")->render(&recorder);
        QStringList painted;
        for (const support::PaintedText& text : recorder.texts())
            painted << text.text;
        for (const stations::Station* s : stations::of(rig.session().job()))
            QVERIFY2(painted.contains(s->name()), qPrintable(s->name()));
    }
};

AMBER_TEST(TestPainted)

} // namespace test_painted

#include "test_painted.moc"
