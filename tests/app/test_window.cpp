// The rest of the window: demo, tables in and out, figures, pictures, sizes, colours.
#include "app/style/figure_table.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/text_recorder.h"

#include "app/frame/slate.h"
#include "app/pictures/picture.h"
#include "app/pictures/ring.h"
#include "app/strip/view.h"
#include "app/style/type_loader.h"
#include "support/program.h"

#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFile>
#include <QHelpEvent>
#include <QMenuBar>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QScrollBar>
#include <QToolButton>
#include <QToolTip>

namespace test_window {

using namespace lobe;
using fixture::Rig;

namespace {

/// Pixels that are nearly of a colour.
int inked(const QImage& image, const QColor& colour) {
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor c = image.pixelColor(x, y);
            count += c.alpha() > 128 && std::abs(c.red() - colour.red()) < 40;
        }
    return count;
}

} // namespace

class TestWindow : public QObject {
    Q_OBJECT
private slots:
    void emptyBookTeachesAndOffersTheDemo() {
        Rig rig;
        QVERIFY(rig.find<QWidget>("welcome")->isVisible());
        QVERIFY(rig.text("ask").contains(QStringLiteral("called")));
        rig.click("openDemo");
        QVERIFY(rig.session().hasJob());
        QVERIFY(!rig.find<QWidget>("welcome")->isVisible());
        QCOMPARE(rig.session().book().jobs().size(), std::size_t(6));
        // Back from a station of the demo: here the work is at none yet, and there is no cylinder.
        const auto marked = [&] {
            const QImage image = rig.find<QWidget>("route")->grab().toImage();
            int pixels = 0;
            for (int y = 0; y < image.height(); ++y)
                pixels += image.pixelColor(image.width() - 20, y) == rig.look().theme().dial;
            return pixels;
        };
        rig.window().go(stations::clearance);
        QVERIFY(marked() > 20);
        QVERIFY(!rig.text("slateCard").isEmpty());
        rig.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(rig.find<QWidget>("welcome")->isVisible());
        QCOMPARE(marked(), 0);
        QCOMPARE(rig.text("slateCard"), QString());
    }

    void demoHasSomethingToFind() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::timing);
        QVERIFY2(rig.text("timingVerdict").contains(QStringLiteral("2° late")),
                 qPrintable(rig.text("timingVerdict")));
        QVERIFY(stations::lobes.progress(rig.session().job(), rig.session().findings()) ==
                Progress::LookAgain);
    }

    void tablesByMenuDropAndBack() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        const std::size_t before = rig.session().job().runs.size();
        rig.answers().open = QStringLiteral(DEMO_DIR "/skerry-four/intake-1.csv");
        rig.key(Qt::Key_I, Qt::ControlModifier);
        QCOMPARE(rig.onDisk().runs.size(), before + 1);
        QCOMPARE(rig.onDisk().runs.back().readings.size(), std::size_t(71));
        QVERIFY(rig.onDisk().runs.back().side == Side::Intake);
        // Dropped on the window.
        rig.session().select(3, Side::Exhaust);
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(QStringLiteral(DEMO_DIR "/skerry-four/exhaust-1.csv"))});
        QDragEnterEvent enter({40, 40}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&rig.window(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop({40, 40}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&rig.window(), &drop);
        QCOMPARE(rig.onDisk().runs.size(), before + 2);
        QVERIFY(rig.onDisk().runs.back().side == Side::Exhaust);
        // One undo takes the whole table away again.
        rig.line()->setFocus();
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.onDisk().runs.size(), before + 1);
        rig.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        // And out.
        QTemporaryDir out;
        rig.answers().save = out.filePath(QStringLiteral("run.csv"));
        rig.key(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
        QFile file(rig.answers().save);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(file.readAll().contains("crank_deg,lift_mm"));
    }

    void badTableSaysWhyAndChangesNothing() {
        Rig rig(true);
        const Job before = rig.onDisk();
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("odd.csv")));
        file.open(QIODevice::WriteOnly);
        file.write("crank_deg,lift\n1,2\n");
        file.close();
        rig.window().importTable(file.fileName());
        QVERIFY2(rig.text("message").contains(QStringLiteral("odd.csv, line 1")),
                 qPrintable(rig.text("message")));
        QVERIFY(rig.onDisk() == before);
    }

    void heightsAreEdited() {
        Rig rig(true);
        rig.window().go(stations::timing);
        const std::size_t before = rig.onDisk().reckoning.heights.size();
        rig.type(QStringLiteral("3.3v"));
        QCOMPARE(rig.onDisk().reckoning.heights.size(), before + 1);
        rig.type(QStringLiteral("3.3v"));
        QCOMPARE(rig.onDisk().reckoning.heights.size(), before);
        rig.type(QStringLiteral("metric"));
        QCOMPARE(rig.onDisk().reckoning.heights[0].mm, 0.10);
        rig.type(QStringLiteral("none"));
        QCOMPARE(rig.line()->text(), QStringLiteral("none"));
        rig.key(Qt::Key_Escape);
        rig.click("school3");
        QVERIFY(rig.onDisk().reckoning.school == CentreSchool::Centroid);
    }

    void slateExplainsAndPins() {
        Rig rig(true);
        auto* slate = rig.find<app::RowList>("slateFigures");
        QVERIFY(slate->count() > 5);
        slate->setFocus();
        slate->setCurrentRow(0);
        rig.key(Qt::Key_Return);
        QVERIFY(rig.text("whereFrom").contains(QStringLiteral("+ 180 +")));
        rig.click("chooseFigures");
        slate->setFocus();
        slate->setCurrentRow(4);
        rig.key(Qt::Key_Space);
        QCOMPARE(rig.onDisk().pinned.size(), std::size_t(1));
        rig.click("chooseFigures");
        QCOMPARE(slate->count(), 1);
    }

    void needleReadsBothLiftsByKeyAndMouse() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::lobes);
        app::Ring* ring = nullptr;
        for (auto* r : rig.window().findChildren<app::Ring*>())
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
        Rig rig(true);
        rig.window().go(stations::lobes);
        auto* strip = rig.find<QWidget>("strip");
        const double all = app::strip::span_deg(strip);
        QTest::keyClick(strip, Qt::Key_Plus);
        QVERIFY(app::strip::span_deg(strip) < all);
        QTest::keyClick(strip, Qt::Key_Home);
        QCOMPARE(app::strip::span_deg(strip), all);
    }

    void picturesAreSaved() {
        Rig rig(true);
        rig.window().go(stations::lobes);
        QTemporaryDir dir;
        for (const char* name : {"strip", "ring"}) {
            QWidget* w = nullptr;
            for (auto* each : rig.window().findChildren<QWidget*>(QLatin1String(name)))
                if (each->isVisible()) w = each;
            for (const char* ending : {".svg", ".png"}) {
                rig.answers().save = dir.filePath(QLatin1String(name) + QLatin1String(ending));
                w->actions().first()->trigger();
                QFile file(rig.answers().save);
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
    static void isWhole(Rig& rig, const QSize& size) {
        QCOMPARE(rig.window().size(), size);
        const QRect all = rig.window().rect();
        for (auto* w : rig.window().findChildren<QWidget*>()) {
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
            const QRect r(w->mapTo(&rig.window(), QPoint()), w->size());
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
        Rig rig(true);
        rig.session().keep(
            book::SetName{"A very long name of a job that nobody would type but somebody will"});
        rig.window().resize(size);
        // Every job of the demo, both lobes, in millimetres and inches.
        for (const auto& job : rig.session().book().jobs()) {
            rig.session().openJob(job.id);
            for (bool inches : {false, true}) {
                rig.look().setInches(inches);
                for (Side side : {Side::Intake, Side::Exhaust}) {
                    rig.session().select(1, side);
                    for (const stations::Station* s : stations::all()) {
                        rig.window().go(*s);
                        QApplication::processEvents();
                        isWhole(rig, size);
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
            QVERIFY(app::contrast(t.intake, t.intakeFill) >= 4.5);
            QVERIFY(app::contrast(t.exhaust, t.exhaustFill) >= 4.5);
            for (const QColor& ink : {t.barText, t.barMuted})
                QVERIFY(app::contrast(ink, t.bar) >= 4.5);
            QVERIFY(app::contrast(QColor(0x22, 0x25, 0x2A), t.amber) >= 4.5);
        }
    }

    void figuresHaveEqualWidth() {
        app::Look::prepare();
        app::TypeLoader().finish();
        for (bool bold : {false, true}) {
            const QFontMetricsF m(app::Look::font(40, bold));
            for (char c = '1'; c <= '9'; ++c)
                QCOMPARE(m.horizontalAdvance(QLatin1Char(c)),
                         m.horizontalAdvance(QLatin1Char('0')));
            QVERIFY(m.horizontalAdvance(QLatin1Char('.')) < m.horizontalAdvance(QLatin1Char('0')));
        }
    }

    /// A line of the prompt says the height it needs at any width, whatever it said before.
    void thePromptIsAsHighAsItsWords() {
        Rig rig(true);
        for (const stations::Station* s : stations::of(rig.session().job())) {
            rig.window().go(*s);
            for (const char* name : {"askSubject", "ask", "askEnter", "askKeys"}) {
                const auto* line = rig.find<QLabel>(name);
                if (line->text().isEmpty()) continue;
                QLabel plain(line->text());
                plain.setWordWrap(true);
                plain.ensurePolished();
                plain.setFont(line->font());
                for (int width : {400, 180, 90, 400})
                    QVERIFY2(line->heightForWidth(width) == plain.heightForWidth(width),
                             qPrintable(QStringLiteral("%1 at %2").arg(line->text()).arg(width)));
            }
        }
    }

    /// In the smallest usual window too a figure has its whole name, and a station its whole line.
    void aSmallWindowCutsNoNames() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().resize(1024, 700);
        QApplication::processEvents();
        const auto painted = [&](QWidget* w) {
            support::TextRecorder recorder(w->size());
            w->render(&recorder);
            QString all;
            for (const support::PaintedText& text : recorder.texts())
                all += text.text + QLatin1Char('\n');
            return all;
        };
        auto* list = rig.find<app::RowList>("slateFigures");
        const QString figures = painted(list->viewport());
        QVERIFY(list->verticalScrollBar()->isVisible());
        for (int i = 0; i < 5; ++i)
            QVERIFY2(figures.contains(list->row(i).title), qPrintable(figures));
        const QString route = painted(rig.find<QWidget>("route"));
        QVERIFY2(!route.contains(QChar(0x2026)), qPrintable(route));
    }

    /// A menu bar without room for all its menus shows that there are more.
    void moreMenusAreShown() {
        app::Look::prepare();
        app::TypeLoader().finish();
        QMenuBar bar;
        bar.setNativeMenuBar(false);
        for (const char* name : {"Job", "Edit", "View", "Help"})
            bar.addMenu(QString::fromLatin1(name));
        bar.resize(90, 32);
        bar.show();
        QApplication::processEvents();
        auto* more = bar.findChild<QToolButton*>();
        QVERIFY(more && more->isVisible());
        const QImage drawn = more->icon().pixmap(16, 16).toImage();
        QVERIFY2(inked(drawn, app::Theme::light().barText) > 4, "nothing is drawn");
    }

    /// Whose the figures are is said whole from the start on, and at every width that has room.
    void theSlateSaysWhoseFiguresTheyAre() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.restart(true);
        const QString whole = QStringLiteral("cyl 1, card: Drumlin 276");
        QCOMPARE(rig.text("slateCard"), whole);
        rig.window().resize(1024, 700);
        QApplication::processEvents();
        rig.session().select(1, Side::Exhaust);
        rig.window().resize(1280, 800);
        QApplication::processEvents();
        QCOMPARE(rig.text("slateCard"), whole);
    }

    void keysOverlayOpensAndCloses() {
        Rig rig(true);
        rig.key(Qt::Key_F1);
        auto* overlay = rig.find<QWidget>("keysOverlay");
        QVERIFY(overlay->isVisible());
        QTest::keyClick(overlay, Qt::Key_A);
        QVERIFY(overlay->isVisible());
        QTest::keyClick(overlay, Qt::Key_Escape);
        QVERIFY(!overlay->isVisible());
        QVERIFY(rig.line()->hasFocus());
    }

    void jobChangeRenewsTheCylinders() {
        Rig rig(true);
        const auto jobs = rig.session().book().jobs();
        for (std::size_t i : {0u, 1u, 0u}) {
            rig.session().openJob(jobs[i].id);
            QApplication::processEvents();
            int chips = 0;
            for (auto* b : rig.window().findChildren<QPushButton*>())
                chips += b->isVisible() && b->objectName().startsWith(QLatin1String("cyl"));
            QCOMPARE(chips, rig.session().job().engine.cylinders);
        }
    }

    // A station's line that has no room is read whole under the mouse.
    void aCutLineIsReadUnderTheMouse() {
        Rig rig(true);
        rig.window().resize(960, 600);
        QApplication::processEvents();
        auto* route = rig.find<QWidget>("route");
        const QStringList lines = route->accessibleDescription().split(QStringLiteral("; "));
        QVERIFY(lines.size() >= 8);
        int read = 0;
        for (int y = 20; y < route->height(); y += 10) {
            const QPoint at(60, y);
            QHelpEvent help(QEvent::ToolTip, at, route->mapToGlobal(at));
            QApplication::sendEvent(route, &help);
            for (const QString& line : lines)
                read += QToolTip::text().contains(
                    line.section(QStringLiteral(", "), 2).toHtmlEscaped());
        }
        QToolTip::hideText();
        QVERIFY(read >= lines.size());
    }
};

AMBER_TEST(TestWindow)

} // namespace test_window

#include "test_window.moc"
