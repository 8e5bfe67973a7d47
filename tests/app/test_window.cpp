// The rest of the window: demo, tables in and out, figures, pictures, sizes, colours.
#include "app/style/figure_table.h"
#include "app_fixture.h"

#include "app/frame/slate.h"
#include "app/pictures/picture.h"
#include "app/pictures/ring.h"
#include "app/pictures/strip.h"

#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFile>
#include <QMenuBar>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>

using namespace lobe;
using fixture::Bench;

class TestWindow : public QObject {
    Q_OBJECT
private slots:
    void emptyBookTeachesAndOffersTheDemo() {
        Bench bench;
        QVERIFY(bench.find<QWidget>("welcome")->isVisible());
        QVERIFY(bench.text("ask").contains(QStringLiteral("called")));
        bench.click("openDemo");
        QVERIFY(bench.session().hasJob());
        QVERIFY(!bench.find<QWidget>("welcome")->isVisible());
        QCOMPARE(bench.session().book().jobs().size(), std::size_t(4));
    }

    void demoHasSomethingToFind() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        bench.window().go(stations::timing);
        QVERIFY2(bench.text("timingVerdict").contains(QStringLiteral("2° late")),
                 qPrintable(bench.text("timingVerdict")));
        QVERIFY(stations::lobes.progress(bench.session().job(), bench.session().findings()) ==
                Progress::LookAgain);
    }

    void tablesByMenuDropAndBack() {
        Bench bench(true);
        bench.session().select(3, Side::Intake);
        const std::size_t before = bench.session().job().runs.size();
        bench.answers().open = QStringLiteral(DEMO_DIR "/skerry-four/intake-1.csv");
        bench.key(Qt::Key_I, Qt::ControlModifier);
        QCOMPARE(bench.onDisk().runs.size(), before + 1);
        QCOMPARE(bench.onDisk().runs.back().readings.size(), std::size_t(71));
        QVERIFY(bench.onDisk().runs.back().side == Side::Intake);
        // Dropped on the window.
        bench.session().select(3, Side::Exhaust);
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(QStringLiteral(DEMO_DIR "/skerry-four/exhaust-1.csv"))});
        QDragEnterEvent enter({40, 40}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&bench.window(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop({40, 40}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&bench.window(), &drop);
        QCOMPARE(bench.onDisk().runs.size(), before + 2);
        QVERIFY(bench.onDisk().runs.back().side == Side::Exhaust);
        // One undo takes the whole table away again.
        bench.line()->setFocus();
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(bench.onDisk().runs.size(), before + 1);
        bench.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        // And out.
        QTemporaryDir out;
        bench.answers().save = out.filePath(QStringLiteral("run.csv"));
        bench.key(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
        QFile file(bench.answers().save);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(file.readAll().contains("crank_deg,lift_mm"));
    }

    void badTableSaysWhyAndChangesNothing() {
        Bench bench(true);
        const Job before = bench.onDisk();
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("odd.csv")));
        file.open(QIODevice::WriteOnly);
        file.write("crank_deg,lift\n1,2\n");
        file.close();
        bench.window().importTable(file.fileName());
        QVERIFY2(bench.text("message").contains(QStringLiteral("odd.csv, line 1")),
                 qPrintable(bench.text("message")));
        QVERIFY(bench.onDisk() == before);
    }

    void heightsAreEdited() {
        Bench bench(true);
        bench.window().go(stations::timing);
        const std::size_t before = bench.onDisk().reckoning.heights.size();
        bench.type(QStringLiteral("3.3v"));
        QCOMPARE(bench.onDisk().reckoning.heights.size(), before + 1);
        bench.type(QStringLiteral("3.3v"));
        QCOMPARE(bench.onDisk().reckoning.heights.size(), before);
        bench.type(QStringLiteral("metric"));
        QCOMPARE(bench.onDisk().reckoning.heights[0].mm, 0.10);
        bench.type(QStringLiteral("none"));
        QCOMPARE(bench.line()->text(), QStringLiteral("none"));
        bench.key(Qt::Key_Escape);
        bench.click("school3");
        QVERIFY(bench.onDisk().reckoning.school == CentreSchool::Centroid);
    }

    void slateExplainsAndPins() {
        Bench bench(true);
        auto* slate = bench.find<app::RowList>("slateFigures");
        QVERIFY(slate->count() > 5);
        slate->setFocus();
        slate->setCurrentRow(0);
        bench.key(Qt::Key_Return);
        QVERIFY(bench.text("whereFrom").contains(QStringLiteral("+ 180 +")));
        bench.click("chooseFigures");
        slate->setFocus();
        slate->setCurrentRow(4);
        bench.key(Qt::Key_Space);
        QCOMPARE(bench.onDisk().pinned.size(), std::size_t(1));
        bench.click("chooseFigures");
        QCOMPARE(slate->count(), 1);
    }

    void needleReadsBothLiftsByKeyAndMouse() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        bench.window().go(stations::lobes);
        app::Ring* ring = nullptr;
        for (auto* r : bench.window().findChildren<app::Ring*>())
            if (r->isVisible()) ring = r;
        QVERIFY(ring);
        const double before = ring->needle()->deg;
        QTest::keyClick(ring, Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(ring->needle()->deg, before + 10.0);
        QTest::mouseClick(ring, Qt::LeftButton, {},
                          QPoint(ring->width() - 12, (ring->height() - 38) / 2));
        QVERIFY(std::abs(ring->needle()->deg - 90.0) < 8.0);
        QVERIFY(ring->readout().contains(QStringLiteral("intake")));
        QVERIFY(ring->readout().contains(QStringLiteral("piston")));
    }

    void stripZoomsByKey() {
        Bench bench(true);
        bench.window().go(stations::lobes);
        auto* strip = bench.find<app::Strip>("strip");
        const double all = strip->axisRect(0)->axis(QCPAxis::atBottom)->range().size();
        QTest::keyClick(strip, Qt::Key_Plus);
        QVERIFY(strip->axisRect(0)->axis(QCPAxis::atBottom)->range().size() < all);
        QTest::keyClick(strip, Qt::Key_Home);
        QCOMPARE(strip->axisRect(0)->axis(QCPAxis::atBottom)->range().size(), all);
    }

    void picturesAreSaved() {
        Bench bench(true);
        bench.window().go(stations::lobes);
        QTemporaryDir dir;
        for (const char* name : {"strip", "ring"}) {
            QWidget* w = nullptr;
            for (auto* each : bench.window().findChildren<QWidget*>(QLatin1String(name)))
                if (each->isVisible()) w = each;
            for (const char* ending : {".svg", ".png"}) {
                bench.answers().save = dir.filePath(QLatin1String(name) + QLatin1String(ending));
                w->actions().first()->trigger();
                QFile file(bench.answers().save);
                QVERIFY(file.open(QIODevice::ReadOnly));
                const QByteArray bytes = file.readAll();
                QVERIFY(bytes.size() > 2000);
                // An SVG keeps its lines: it is no picture of a picture.
                if (ending == QLatin1String(".svg"))
                    QVERIFY(bytes.contains("<path") || bytes.contains("<polyline"));
                else
                    QVERIFY(bytes.startsWith("\x89PNG"));
            }
        }
    }

private:
    /// Every label, button and line of the window is whole and beside the others.
    static void isWhole(Bench& bench, const QSize& size) {
        QCOMPARE(bench.window().size(), size);
        const QRect all = bench.window().rect();
        for (auto* w : bench.window().findChildren<QWidget*>()) {
            if (!w->isVisible() || w->objectName().startsWith(QLatin1String("qt_")) ||
                w->inherits("QScrollBar"))
                continue;
            if (w->parentWidget() && w->parentWidget()->inherits("QAbstractItemView")) continue;
            if (auto* table = qobject_cast<app::FigureTable*>(w))
                QVERIFY2(table->height() >= table->sizeHint().height() &&
                             table->width() >= table->sizeHint().width(),
                         qPrintable(table->text()));
            if (!qobject_cast<QLabel*>(w) && !qobject_cast<QPushButton*>(w) &&
                !qobject_cast<QLineEdit*>(w))
                continue;
            const QRect r(w->mapTo(&bench.window(), QPoint()), w->size());
            if (auto* button = qobject_cast<QPushButton*>(w))
                QVERIFY2(button->width() >= button->sizeHint().width(), qPrintable(button->text()));
            if (auto* label = qobject_cast<QLabel*>(w);
                label && !label->wordWrap() && label->objectName() != QLatin1String("echo"))
                QVERIFY2(label->width() + 1 >= label->sizeHint().width(),
                         qPrintable(label->text()));
            for (auto* other :
                 w->parentWidget()->findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
                if (other != w && other->isVisible() &&
                    other->objectName() != QLatin1String("message"))
                    QVERIFY2(!other->geometry().intersects(w->geometry()),
                             qPrintable(w->objectName() + QStringLiteral(" under ") +
                                        other->objectName()));
            QVERIFY2(all.contains(r),
                     qPrintable(
                         w->objectName() + QLatin1Char(' ') +
                         (qobject_cast<QLabel*>(w) ? static_cast<QLabel*>(w)->text() : QString())));
            if (auto* label = qobject_cast<QLabel*>(w);
                label && label->wordWrap() && !label->text().isEmpty() &&
                label->objectName() != QLatin1String("echo"))
                QVERIFY2(label->height() + 2 >= label->heightForWidth(label->width()),
                         qPrintable(label->text()));
        }
    }

private slots:
    void nothingIsCutOffInASmallWindow_data() {
        QTest::addColumn<QSize>("size");
        QTest::newRow("1024x700") << QSize(1024, 700);
        QTest::newRow("1280x800") << QSize(1280, 800);
    }
    void nothingIsCutOffInASmallWindow() {
        QFETCH(QSize, size);
        Bench bench(true);
        bench.session().keep(
            book::SetName{"A very long name of a job that nobody would type but somebody will"});
        bench.window().resize(size);
        // Every job of the demo, both lobes, in millimetres and inches.
        for (const auto& job : bench.session().book().jobs()) {
            bench.session().openJob(job.id);
            for (bool inches : {false, true}) {
                bench.look().setInches(inches);
                for (Side side : {Side::Intake, Side::Exhaust}) {
                    bench.session().select(1, side);
                    for (const stations::Station* s : stations::all()) {
                        bench.window().go(*s);
                        QApplication::processEvents();
                        isWhole(bench, size);
                        if (QTest::currentTestFailed())
                            QFAIL(qPrintable(
                                QStringLiteral("%1, station %2, %3, %4")
                                    .arg(job.name)
                                    .arg(s->id())
                                    .arg(words::sideName(side),
                                         inches ? QStringLiteral("in") : QStringLiteral("mm"))));
                    }
                }
            }
        }
    }

    void textIsLegibleInBothThemes() {
        for (const app::Theme& t : {app::Theme::light(), app::Theme::inTheDark()}) {
            for (const QColor& ground : {t.plate, t.panel, t.dial})
                for (const QColor& ink : {t.ink, t.muted, t.amberText, t.intake, t.exhaust})
                    QVERIFY2(app::contrast(ink, ground) >= 4.5,
                             qPrintable(ink.name() + QStringLiteral(" on ") + ground.name()));
            QVERIFY(app::contrast(t.intake, t.intakeFill) >= 3.5);
            QVERIFY(app::contrast(t.exhaust, t.exhaustFill) >= 3.5);
            for (const QColor& ink : {t.barText, t.barMuted})
                QVERIFY(app::contrast(ink, t.bar) >= 4.5);
            QVERIFY(app::contrast(QColor(0x22, 0x25, 0x2A), t.amber) >= 4.5);
        }
    }

    void figuresHaveEqualWidth() {
        app::Look::loadFonts();
        for (bool bold : {false, true}) {
            const QFontMetricsF m(app::Look::font(40, bold));
            for (char c = '1'; c <= '9'; ++c)
                QCOMPARE(m.horizontalAdvance(QLatin1Char(c)),
                         m.horizontalAdvance(QLatin1Char('0')));
            QVERIFY(m.horizontalAdvance(QLatin1Char('.')) < m.horizontalAdvance(QLatin1Char('0')));
        }
    }

    void keysOverlayOpensAndCloses() {
        Bench bench(true);
        bench.key(Qt::Key_F1);
        auto* overlay = bench.find<QWidget>("keysOverlay");
        QVERIFY(overlay->isVisible());
        QTest::keyClick(overlay, Qt::Key_A);
        QVERIFY(overlay->isVisible());
        QTest::keyClick(overlay, Qt::Key_Escape);
        QVERIFY(!overlay->isVisible());
        QVERIFY(bench.line()->hasFocus());
    }

    void jobChangeRenewsTheCylinders() {
        Bench bench(true);
        const auto jobs = bench.session().book().jobs();
        for (std::size_t i : {0u, 1u, 0u}) {
            bench.session().openJob(jobs[i].id);
            QApplication::processEvents();
            int chips = 0;
            for (auto* b : bench.window().findChildren<QPushButton*>())
                chips += b->isVisible() && b->objectName().startsWith(QLatin1String("cyl"));
            QCOMPARE(chips, bench.session().job().engine.cylinders);
        }
    }
};

QTEST_MAIN(TestWindow)
#include "test_window.moc"
