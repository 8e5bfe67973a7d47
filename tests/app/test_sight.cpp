// What is seen: every view has its own ground, nothing painted is cut or runs into other text, and
// what must be told apart is far enough apart, in both themes and units, empty and full.
#include "core/job/job.h"
#include "sight.h"

#include "app/frame/overlay.h"
#include "support/program.h"
#include "words/sentences.h"

#include <QLineEdit>
#include <QMenuBar>

namespace test_sight {

using fixture::Rig;
using namespace lobe;
using namespace sight;

namespace {

QRgb groundOf(const QImage& image, const QRect& area) {
    QHash<QRgb, int> counts;
    for (int y = area.top(); y < area.bottom(); y += 3)
        for (int x = area.left(); x < area.right(); x += 3)
            ++counts[image.pixel(x, y)];
    QRgb most = 0;
    for (auto it = counts.begin(); it != counts.end(); ++it)
        if (it.value() > counts.value(most)) most = it.key();
    return most;
}

} // namespace

class TestSight : public QObject {
    Q_OBJECT

private slots:
    void everyViewHasItsOwnGround_data() {
        QTest::addColumn<bool>("full");
        QTest::addColumn<bool>("dark");
        for (const bool full : {false, true})
            for (const bool dark : {false, true})
                QTest::addRow("%s %s", full ? "full" : "empty", dark ? "dark" : "light")
                    << full << dark;
    }
    void everyViewHasItsOwnGround() {
        QFETCH(bool, full);
        QFETCH(bool, dark);
        Rig rig(full);
        rig.look().setDark(dark);
        const QRgb plate = rig.look().theme().plate.rgb(), panel = rig.look().theme().panel.rgb(),
                   bar = rig.look().theme().bar.rgb(), dial = rig.look().theme().dial.rgb();
        const auto check = [&](const QString& what, const QString& widget) {
            QApplication::processEvents();
            auto* w = rig.find<QWidget>(qPrintable(widget));
            QVERIFY2(w->isVisible(), qPrintable(what));
            const QImage image =
                rig.window().grab().toImage().convertToFormat(QImage::Format_RGB32);
            const QRgb ground =
                groundOf(image, QRect(w->mapTo(&rig.window(), QPoint()), w->size()));
            // Of the sheet most is paper, which is white in every light.
            const bool paper = what == QLatin1String("Sheet") && ground == qRgb(255, 255, 255);
            QVERIFY2(ground == plate || ground == dial || paper,
                     qPrintable(what + QLatin1Char(' ') + QString::number(ground, 16)));
            for (const auto& [name, colour] :
                 {std::pair("route", panel), std::pair("slate", panel), std::pair("topBar", bar),
                  std::pair("entryBar", bar)}) {
                auto* part = rig.find<QWidget>(name);
                if (!part->isVisible()) continue;
                const QRgb own =
                    groundOf(image, QRect(part->mapTo(&rig.window(), QPoint()), part->size()));
                QVERIFY2(own == colour || own == dial, name);
            }
        };
        if (!full) {
            check(QStringLiteral("welcome"), QStringLiteral("welcome"));
            rig.type(QStringLiteral("a new job"));
        } else {
            openJob(rig, 0);
        }
        for (const stations::Station* s : stations::of(rig.session().job())) {
            rig.window().go(*s);
            check(s->name(), s->id() + QStringLiteral("Station"));
        }
        rig.window().setAtStand(true);
        check(QStringLiteral("stand"), QStringLiteral("stand"));
    }

    // The figures of WCAG: text 4.5 to 1, graphics and focus 3 to 1.
    void whatMustBeToldApartIs() {
        for (const bool dark : {false, true}) {
            const app::Theme t = dark ? app::Theme::inTheDark() : app::Theme::light();
            app::Look look;
            look.setDark(dark);
            const QPalette p = look.palette();
            struct Pair {
                const char* what;
                QColor front, back;
                double least;
            };
            const QColor onAmber(0x22, 0x25, 0x2A);
            QList<Pair> pairs{
                {"checked button", onAmber, t.amber, 4.5},
                {"checked button in the bar with focus", t.barText, t.bar, 3.0},
                {"checked button with focus", t.ink, t.plate, 3.0},
                {"menu item highlighted", t.plate, t.ink, 4.5},
                {"menu title highlighted", onAmber, t.amber, 4.5},
                {"menu title's ground", t.amber, t.bar, 3.0},
                {"highlight in a menu", t.ink, t.dial, 3.0},
                {"bar", t.barText, t.bar, 4.5},
                {"quiet in the bar", t.barMuted, t.bar, 4.5},
                {"chip", t.barText, t.chip, 4.5},
                {"focus in the bar", t.amber, t.bar, 3.0},
                {"tool tip", p.color(QPalette::ToolTipText), p.color(QPalette::ToolTipBase), 4.5},
                {"dialog", p.color(QPalette::WindowText), p.color(QPalette::Window), 4.5},
                {"dialog's list", p.color(QPalette::Text), p.color(QPalette::Base), 4.5},
                {"dialog's other row", p.color(QPalette::Text), p.color(QPalette::AlternateBase),
                 4.5},
                {"dialog's button", p.color(QPalette::ButtonText), p.color(QPalette::Button), 4.5},
                {"selected", p.color(QPalette::HighlightedText), p.color(QPalette::Highlight), 4.5},
                {"selection", p.color(QPalette::Highlight), p.color(QPalette::Base), 3.0},
                {"placeholder", p.color(QPalette::PlaceholderText), p.color(QPalette::Base), 4.5},
                {"link", p.color(QPalette::Link), p.color(QPalette::Window), 4.5}};
            for (const QColor& ground : {t.plate, t.panel, t.dial}) {
                pairs << Pair{"ink", t.ink, ground, 4.5} << Pair{"muted", t.muted, ground, 4.5}
                      << Pair{"amber text", t.amberText, ground, 4.5}
                      << Pair{"intake", t.intake, ground, 4.5}
                      << Pair{"exhaust", t.exhaust, ground, 4.5}
                      << Pair{"faint mark", t.faint, ground, 3.0}
                      << Pair{"focus", t.amberLine, ground, 3.0};
            }
            for (const Pair& each : pairs)
                QVERIFY2(
                    app::contrast(each.front, each.back) >= each.least,
                    qPrintable(QStringLiteral("%1, %2: %3")
                                   .arg(QLatin1String(each.what),
                                        dark ? QStringLiteral("dark") : QStringLiteral("light"))
                                   .arg(app::contrast(each.front, each.back))));
        }
    }

    void nothingIsCutOrCollides_data() {
        QTest::addColumn<int>("job");
        QTest::addColumn<bool>("inches");
        QTest::addColumn<QSize>("size");
        for (int job : {-2, -1, 0, 1, 2, 3})
            for (const bool inches : {false, true})
                for (const QSize size : {QSize(1024, 700), QSize(1280, 800)})
                    QTest::addRow("job %d %s %d", job, inches ? "in" : "mm", size.width())
                        << job << inches << size;
    }
    void nothingIsCutOrCollides() {
        QFETCH(int, job);
        QFETCH(bool, inches);
        QFETCH(QSize, size);
        Rig rig(job >= 0);
        rig.look().setInches(inches);
        rig.window().resize(size);
        QTRY_COMPARE(rig.window().size(), size);
        if (job >= 0)
            openJob(rig, static_cast<std::size_t>(job));
        else if (job == -1)
            rig.session().newJob(QStringLiteral("empty"));
        else
            longJob(rig);
        for (const stations::Station* s : stations::all())
            for (Side side : {Side::Intake, Side::Exhaust}) {
                rig.session().select(rig.session().job().engine.cylinders > 4 ? 16 : 1, side);
                rig.window().go(*s);
                QApplication::processEvents();
                const QStringList wrong = faults(rig);
                QVERIFY2(wrong.isEmpty(), qPrintable(s->name() + QStringLiteral(": ") +
                                                     wrong.join(QStringLiteral("; "))));
            }
    }

    void nothingIsCutAtTheStand() {
        for (const QSize size : {QSize(1024, 700), QSize(1280, 800)}) {
            Rig rig(true);
            rig.window().resize(size);
            QTRY_COMPARE(rig.window().size(), size);
            for (std::size_t job : {0u, 1u, 2u, 3u}) {
                openJob(rig, job);
                for (const stations::Station* s : stations::all()) {
                    rig.window().go(*s);
                    rig.window().setAtStand(true);
                    QApplication::processEvents();
                    const QStringList wrong = faults(rig);
                    QVERIFY2(wrong.isEmpty(), qPrintable(s->name() + QStringLiteral(": ") +
                                                         wrong.join(QStringLiteral("; "))));
                    rig.window().setAtStand(false);
                }
            }
        }
    }

    void theKeysPageFitsAndBeginsWithTheStation() {
        Rig rig(true);
        rig.window().resize(1024, 700);
        openJob(rig, 0);
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_F1);
        auto* page = rig.find<QLabel>("keysText");
        QVERIFY(page->text().indexOf(QStringLiteral("At Lobes now")) <
                page->text().indexOf(QStringLiteral("Everywhere")));
        QVERIFY(page->text().contains(QStringLiteral("overshot")));
        auto* overlay = rig.find<QWidget>("keysOverlay");
        auto* scroll = rig.find<QWidget>("keysScroll");
        QVERIFY(overlay->rect().contains(scroll->geometry()));
    }

    void roomWhereTheWorkIs() {
        Rig rig(true);
        rig.window().resize(1280, 800);
        QTRY_COMPARE(rig.window().size(), QSize(1280, 800));
        openJob(rig, 0);
        rig.window().go(stations::set);
        QApplication::processEvents();
        const auto inView = [&](const char* name) {
            auto* list = rig.find<app::RowList>(name);
            int whole = 0;
            for (int i = 0; i < list->count(); ++i)
                whole +=
                    !list->row(i).heading && list->viewport()->rect().contains(list->rowRect(i));
            return whole;
        };
        QVERIFY2(inView("setChoices") >= 8, qPrintable(QString::number(inView("setChoices"))));
        // The wheel itself, by its teeth: twice 0.42 of the picture's width.
        auto* wheels = rig.find<QWidget>("wheels");
        QVERIFY2(0.84 * wheels->width() >= 240.0 && wheels->height() >= 340,
                 qPrintable(QString::number(wheels->width())));
        rig.window().go(stations::compression);
        QApplication::processEvents();
        QVERIFY2(inView("compressionFacts") >= 8,
                 qPrintable(QString::number(inView("compressionFacts"))));
    }
};

AMBER_TEST(TestSight)

} // namespace test_sight

#include "test_sight.moc"
