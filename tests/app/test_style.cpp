// How what stands in the window is drawn, measured and dressed: sizes of type, colours of a role
// in both themes, the edge that says where the keys go.
#include "app_fixture.h"
#include "sight.h"

#include "app/style/dial_style.h"
#include "stations/list.h"
#include "support/program.h"

#include <QAbstractSlider>
#include <QComboBox>
#include <QHeaderView>
#include <QMenu>
#include <QMenuBar>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QStyleOptionSlider>
#include <QTableWidget>
#include <QToolTip>

namespace test_style {

using fixture::Rig;

namespace {

QColor inkOf(const QWidget* label) {
    return label->palette().color(QPalette::WindowText);
}

/// Whether a picture has a colour anywhere, to within what smoothing leaves.
bool shows(const QImage& image, const QColor& colour) {
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (image.pixelColor(x, y) == colour) return true;
    return false;
}

/// Of one colour.
bool flat(const QImage& image) {
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (image.pixelColor(x, y) != image.pixelColor(0, 0)) return false;
    return true;
}

} // namespace

class TestStyle : public QObject {
    Q_OBJECT

private slots:
    void initTestCase() { QApplication::setCursorFlashTime(0); }

    /// Sizes of type and colours, by what a label is; another theme dresses what is there already.
    void wordsAreDressedByTheirRole() {
        Rig rig(true);
        rig.window().go(stations::timing);
        QApplication::processEvents();
        for (const bool dark : {false, true, false}) {
            rig.look().setDark(dark);
            QApplication::processEvents();
            const app::Theme t = dark ? app::Theme::inTheDark() : app::Theme::light();
            auto* verdict = rig.find<QLabel>("timingVerdict");
            QCOMPARE(verdict->font().pixelSize(), 17);
            QVERIFY(verdict->font().bold());
            QCOMPARE(inkOf(verdict), t.amberText);
            auto* card = rig.find<QLabel>("slateCard");
            QCOMPARE(card->font().pixelSize(), 12);
            QVERIFY(!card->font().bold());
            QCOMPARE(inkOf(card), t.muted);
            QCOMPARE(inkOf(rig.find<QLabel>("jobName")), t.barText);
            QCOMPARE(inkOf(rig.find<QLabel>("ask")), t.barText);
            QCOMPARE(inkOf(rig.find<QLabel>("askKeys")), t.barMuted);
            QCOMPARE(inkOf(rig.find<QLabel>("whereFrom")), t.ink);
            // Its ground is that of the dial, and what is marked in it stands on amber.
            QCOMPARE(rig.line()->palette().color(QPalette::Highlight), t.amber);
            const QImage line = rig.line()->grab().toImage();
            QCOMPARE(line.pixelColor(line.width() / 2, line.height() / 2), t.dial);
            QCOMPARE(line.pixelColor(line.width() / 2, 0), t.amber);
        }
    }

    /// A role that nobody knows would dress nothing.
    void everyRoleIsKnown() {
        Rig rig(true);
        sight::openJob(rig, 0);
        for (const stations::Station* s : stations::all())
            rig.window().go(*s);
        rig.window().askNewJob();
        rig.window().showJobs();
        const QSet<QString> known{"title",    "verdict",  "quiet",   "head", "bar",
                                  "barQuiet", "wordmark", "message", "rule", "entry",
                                  "chip",     "bigChip",  "menus"};
        QSet<QString> met;
        for (QWidget* w : rig.window().findChildren<QWidget*>()) {
            const QString role = w->property("role").toString();
            if (!role.isEmpty()) met << role;
        }
        QVERIFY2((met - known).isEmpty(),
                 qPrintable(QStringList((met - known).values()).join(' ')));
        QVERIFY(met.size() >= 11);
    }

    /// What is pressed is told from its ground by its edge, 3:1, and is large enough to be hit.
    void buttonsHaveEdgesAndRoom() {
        Rig rig(true);
        rig.window().resize(1280, 800);
        QStringList pale, small;
        int seen = 0;
        for (const bool dark : {false, true}) {
            rig.look().setDark(dark);
            for (std::size_t job : {0U, 4U, 5U}) {
                sight::openJob(rig, job);
                for (const stations::Station* s : stations::of(rig.session().job())) {
                    rig.window().go(*s);
                    QApplication::processEvents();
                    const QImage shown = rig.window().grab().toImage();
                    for (auto* w : rig.window().findChildren<QWidget*>()) {
                        const auto* button = qobject_cast<QPushButton*>(w);
                        const bool box = qobject_cast<QComboBox*>(w);
                        if ((!button && !box && !qobject_cast<QAbstractSlider*>(w)) ||
                            qobject_cast<QScrollBar*>(w) || !w->isVisible() ||
                            w->visibleRegion().isEmpty())
                            continue;
                        ++seen;
                        const QString what = QStringLiteral("%1 at %2%3, %4 x %5")
                                                 .arg(w->objectName(), s->id())
                                                 .arg(dark ? QStringLiteral(" dark") : QString())
                                                 .arg(w->width())
                                                 .arg(w->height());
                        if (w->width() < 24 || w->height() < 24) small << what;
                        if ((!button && !box) || w->hasFocus()) continue;
                        const QPoint at = w->mapTo(&rig.window(), QPoint(0, w->height() / 2));
                        if (app::contrast(shown.pixelColor(at),
                                          shown.pixelColor(at - QPoint(3, 0))) < 3.0)
                            pale << what;
                    }
                }
            }
        }
        QVERIFY2(seen > 300, qPrintable(QString::number(seen)));
        QVERIFY2(pale.isEmpty(), qPrintable(pale.mid(0, 12).join(QStringLiteral("; "))));
        QVERIFY2(small.isEmpty(), qPrintable(small.mid(0, 12).join(QStringLiteral("; "))));
    }

    void typeGrowsAtTheStand() {
        Rig rig(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        for (const bool stand : {false, true, false}) {
            rig.window().setAtStand(stand);
            QApplication::processEvents();
            QCOMPARE(rig.line()->font().pixelSize(), stand ? 54 : 26);
            QCOMPARE(rig.find<QLabel>("ask")->font().pixelSize(), stand ? 24 : 15);
            QCOMPARE(rig.find<QLabel>("askKeys")->font().pixelSize(), stand ? 17 : 13);
            for (const char* chip : {"unitChip", "cyl1", "intakeChip"}) {
                const int high = rig.find<QPushButton>(chip)->height();
                QVERIFY2(stand ? high >= 44 : high >= 26 && high <= 30, chip);
            }
            const int menus = rig.find<QMenuBar>("menus")
                                  ->actionGeometry(rig.find<QMenuBar>("menus")->actions().first())
                                  .height();
            QVERIFY2(stand ? menus >= 42 : menus <= 32, qPrintable(QString::number(menus)));
            // A theme changes no size.
            rig.look().setDark(!rig.look().dark());
            QCOMPARE(rig.line()->font().pixelSize(), stand ? 54 : 26);
        }
    }

    /// What is chosen stands on amber in bold; an edge says where the keys go.
    void buttonsSayWhatIsChosenAndWhereTheKeysGo() {
        Rig rig(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        const app::Theme t = app::Theme::light();
        const auto ground = [&](const char* name) {
            const QImage i = rig.find<QPushButton>(name)->grab().toImage();
            return i.pixelColor(7, i.height() / 2);
        };
        const auto edge = [&](const char* name) {
            const QImage i = rig.find<QPushButton>(name)->grab().toImage();
            return i.pixelColor(0, i.height() / 2);
        };
        QCOMPARE(ground("intakeChip"), t.amber);
        QCOMPARE(ground("exhaustChip"), t.chip);
        QCOMPARE(ground("step5"), t.amber);
        QCOMPARE(ground("step2"), t.panel);
        QCOMPARE(edge("step2"), t.faint);
        for (const auto& [name, ring] : {std::pair{"step2", t.amberLine},
                                         {"step5", t.ink},
                                         {"exhaustChip", t.amber},
                                         {"intakeChip", t.barText}}) {
            rig.find<QPushButton>(name)->setFocus(Qt::TabFocusReason);
            QVERIFY2(edge(name) == ring, qPrintable(QLatin1String(name) + edge(name).name()));
        }
        // What the mouse is over has a darker edge; what is chosen is bold.
        QPushButton one(QStringLiteral("conditions"));
        one.setCheckable(true);
        one.resize(one.sizeHint());
        const auto inked = [&] {
            const QImage image = one.grab().toImage();
            const QColor under = image.pixelColor(image.width() / 2, 4);
            int pixels = 0;
            for (int y = 6; y < image.height() - 6; ++y)
                for (int x = 6; x < image.width() - 6; ++x)
                    pixels += app::contrast(image.pixelColor(x, y), under) > 3.0;
            return pixels;
        };
        const int thin = inked();
        one.setChecked(true);
        QVERIFY2(inked() > thin * 1.2,
                 qPrintable(QString::number(inked()) + QLatin1Char(' ') + QString::number(thin)));
        QImage plate(60, 30, QImage::Format_ARGB32_Premultiplied);
        QPainter p(&plate);
        QStyleOptionButton over;
        over.rect = plate.rect();
        over.state = QStyle::State_Enabled | QStyle::State_MouseOver;
        one.style()->drawControl(QStyle::CE_PushButtonBevel, &over, &p, &one);
        QCOMPARE(plate.pixelColor(0, 15), t.muted);
        p.end();
        // The focus moves nothing.
        const QSize before = rig.find<QPushButton>("newRun")->size();
        rig.find<QPushButton>("newRun")->setFocus(Qt::TabFocusReason);
        QCOMPARE(rig.find<QPushButton>("newRun")->sizeHint(), before);
        // Bold words have their room.
        auto* five = rig.find<QPushButton>("step5");
        QFont bold = five->font();
        bold.setBold(true);
        QVERIFY(QFontMetrics(bold).horizontalAdvance(five->text()) + 12 <= five->width());
        five->setEnabled(false);
        QVERIFY(five->palette().color(QPalette::Disabled, QPalette::ButtonText) == t.faint);
    }

    void listsSayWhereTheKeysGo() {
        Rig rig(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        auto* log = rig.find<app::RowList>("readingLog");
        const auto edge = [&] {
            const QImage i = log->grab().toImage();
            return i.pixelColor(i.width() / 2, 0);
        };
        QCOMPARE(edge(), app::Theme::light().edge);
        log->setFocus(Qt::TabFocusReason);
        QCOMPARE(edge(), app::Theme::light().amberLine);
    }

    /// By hand: 300 pixels for 1,000 of which 200 are seen: a handle of 60, in the middle at 120.
    void aHandleIsAsLongAsWhatIsSeen() {
        Rig rig; // the style is set with the first application
        QScrollBar bar(Qt::Vertical);
        bar.setRange(0, 800);
        bar.setPageStep(200);
        bar.resize(10, 300);
        const auto handle = [&](int value) {
            QStyleOptionSlider o;
            o.initFrom(&bar);
            o.orientation = Qt::Vertical;
            o.maximum = bar.maximum();
            o.pageStep = bar.pageStep();
            o.sliderPosition = o.sliderValue = value;
            o.subControls = QStyle::SC_All;
            return bar.style()->subControlRect(QStyle::CC_ScrollBar, &o, QStyle::SC_ScrollBarSlider,
                                               &bar);
        };
        QCOMPARE(handle(0), QRect(0, 0, 10, 60));
        QCOMPARE(handle(400), QRect(0, 120, 10, 60));
        QCOMPARE(handle(800), QRect(0, 240, 10, 60));
        // Never too small to be taken hold of; as long as the track where all is seen.
        bar.setRange(0, 2'000'000'000);
        QCOMPARE(handle(0).height(), 28);
        QCOMPARE(handle(2'000'000'000).bottom(), 299);
        bar.setRange(0, 0);
        QCOMPARE(handle(0), QRect(0, 0, 10, 300));
    }

    void aHandleIsDraggedAndPagedBy() {
        Rig rig(true);
        rig.window().resize(1000, 640);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        QTest::qWait(50);
        auto* log = rig.find<app::RowList>("readingLog");
        QScrollBar* bar = log->verticalScrollBar();
        QVERIFY(bar->maximum() > 0);
        bar->setValue(0);
        QTest::mouseClick(bar, Qt::LeftButton, {}, QPoint(5, bar->height() - 4));
        QVERIFY(bar->value() > 0);
        bar->setValue(bar->maximum());
        QTest::mouseClick(bar, Qt::LeftButton, {}, QPoint(5, 4));
        QVERIFY(bar->value() < bar->maximum());
        bar->setValue(0);
        // Beside its handle it shows what it lies on.
        const QImage image = log->grab().toImage();
        QCOMPARE(image.pixelColor(image.width() - 6, image.height() - 8), app::Theme::light().dial);
        QTest::mousePress(bar, Qt::LeftButton, {}, QPoint(5, 6));
        QTest::mouseMove(bar, QPoint(5, bar->height() + 20));
        QTest::mouseRelease(bar, Qt::LeftButton, {}, QPoint(5, bar->height() + 20));
        QCOMPARE(bar->value(), bar->maximum());
    }

    void theEntryLineHasRoomAndItsAnswerAGround() {
        Rig rig(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        QVERIFY(rig.line()->inputMethodQuery(Qt::ImCursorRectangle).toRect().left() >= 8);
        auto* echo = rig.find<QLabel>("echo");
        rig.keys(QStringLiteral("q"));
        QVERIFY(echo->isVisible() && rig.line()->geometry().contains(echo->geometry()));
        QCOMPARE(inkOf(echo), rig.look().theme().exhaust);
        rig.line()->setText(QStringLiteral("6.5"));
        QCOMPARE(inkOf(echo), rig.look().theme().muted);
        // Where the line is full it lies over the hints, which do not show through.
        rig.line()->setText(QString(60, QLatin1Char('q')));
        QVERIFY(echo->geometry().left() > rig.line()->geometry().right());
        QVERIFY(echo->autoFillBackground());
        QCOMPARE(echo->palette().color(QPalette::Window), rig.look().theme().bar);
        QCOMPARE(inkOf(echo), rig.look().theme().barText);
    }

    void tablesHaveAHead() {
        Rig rig(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::compare);
        QApplication::processEvents();
        auto* table = rig.window().findChild<QTableWidget*>();
        const QImage head = table->verticalHeader()->grab().toImage();
        QCOMPARE(head.pixelColor(2, 8), app::Theme::light().panel);
        QCOMPARE(table->verticalHeader()->font().pixelSize(), 12);
    }

    /// Figures stand on the slate itself; what is to be read stands on the colour of a dial.
    void groundsAreThoseOfTheirPlace() {
        Rig rig(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::set);
        for (const bool dark : {false, true}) {
            rig.look().setDark(dark);
            QApplication::processEvents();
            const app::Theme t = rig.look().theme();
            const QImage slate = rig.find<QWidget>("slate")->grab().toImage();
            const QRect list = rig.find<QWidget>("slateFigures")->geometry();
            QCOMPARE(slate.pixelColor(list.left() + 1, list.top() + 1), t.panel);
            QCOMPARE(slate.pixelColor(list.left() + 2, list.bottom() - 3), t.panel);
            for (QScrollArea* area : rig.window().findChildren<QScrollArea*>()) {
                if (!area->widget()) continue;
                const QImage read = area->viewport()->grab().toImage();
                QCOMPARE(read.pixelColor(2, 2), t.dial);
                QCOMPARE(inkOf(area->widget()), t.ink);
            }
        }
    }

    void whatIsPointedAtInTheMenusStandsOnAmber() {
        Rig rig(true);
        // In the bar and nowhere else; and without the pictures some desktops have for a few of
        // them.
        QVERIFY(QCoreApplication::testAttribute(Qt::AA_DontUseNativeMenuBar));
        QVERIFY(!rig.find<QAction>("undo")->isIconVisibleInMenu());
        auto* menus = rig.find<QMenuBar>("menus");
        QAction* first = menus->actions().first();
        const QRect at = menus->actionGeometry(first);
        auto* bar = rig.find<QWidget>("topBar");
        const QPoint ground = menus->mapTo(bar, QPoint(at.left() + 3, at.center().y()));
        QCOMPARE(bar->grab().toImage().pixelColor(ground), app::Theme::light().bar);
        menus->setActiveAction(first);
        QCOMPARE(bar->grab().toImage().pixelColor(ground), app::Theme::light().amber);
    }

    /// The row that is chosen can be read, and the list hangs under its box.
    void whatIsChosenInABoxCanBeRead() {
        Rig rig(true);
        rig.window().go(stations::tdc);
        auto* box = rig.find<QComboBox>("wheelScale");
        box->setFocus(Qt::TabFocusReason);
        const QImage ring = box->grab().toImage();
        QCOMPARE(ring.pixelColor(ring.width() / 2, 0), app::Theme::light().amberLine);
        for (const bool dark : {false, true}) {
            rig.look().setDark(dark);
            box->showPopup();
            QTest::qWait(30);
            auto* view = box->view();
            QVERIFY(view->mapToGlobal(QPoint()).y() >= box->mapToGlobal(QPoint()).y());
            const QRect row = view->visualRect(view->currentIndex());
            QVERIFY(row.height() >= 22);
            const QImage image = view->viewport()->grab(row).toImage();
            const QColor ground = image.pixelColor(image.width() - 8, image.height() / 2);
            bool read = false;
            for (int y = 2; y < image.height() - 2; ++y)
                for (int x = 4; x < image.width() - 12; ++x)
                    read = read || app::contrast(ground, image.pixelColor(x, y)) >= 4.5;
            QVERIFY(read);
            box->hidePopup();
        }
    }

    void menusShowWhatIsChosenTickedAndShutOff() {
        Rig rig(true);
        const app::Theme t = app::Theme::light();
        QMenu menu;
        QAction* tick = menu.addAction(QStringLiteral("ticked\tCtrl+T"));
        tick->setCheckable(true);
        menu.addSeparator();
        QAction* off = menu.addAction(QStringLiteral("shut off"));
        menu.ensurePolished();
        menu.resize(menu.sizeHint());
        const auto of = [&](QAction* a) { return menu.grab(menu.actionGeometry(a)).toImage(); };
        const QImage before = of(tick);
        QVERIFY(shows(before, t.ink));
        const QRect margin(0, 0, 15, before.height());
        QVERIFY(flat(before.copy(margin)));
        QCOMPARE(before.pixelColor(before.width() - 3, 3), t.dial);
        tick->setChecked(true);
        QVERIFY(!flat(of(tick).copy(margin)));
        off->setEnabled(false);
        QVERIFY(!shows(of(off), t.ink));
        menu.setActiveAction(tick);
        const QImage chosen = of(tick);
        QCOMPARE(chosen.pixelColor(chosen.width() - 3, 3), t.ink);
        QVERIFY(shows(chosen, t.plate));
        // Words and keys stand apart.
        const QFontMetrics f(menu.font());
        QVERIFY(menu.sizeHint().width() >= f.horizontalAdvance(QStringLiteral("shut off")) +
                                               f.horizontalAdvance(QStringLiteral("Ctrl+T")) + 60);
        QCOMPARE(menu.grab().toImage().pixelColor(0, menu.height() / 2), t.edge);
    }

    void aSentenceStandsOnAmber() {
        Rig rig(true);
        rig.window().say(QStringLiteral("A sentence."));
        QApplication::processEvents();
        auto* message = rig.find<QLabel>("message");
        const QImage image = message->grab().toImage();
        QCOMPARE(image.pixelColor(3, image.height() / 2), app::Theme::light().amber);
        QVERIFY(shows(image, app::Theme::light().onAmber));
        QVERIFY(message->height() >= 30);
    }

    void tipsAreThoseOfTheTheme() {
        Rig rig(true);
        for (const bool dark : {true, false}) {
            rig.look().setDark(dark);
            const app::Theme t = rig.look().theme();
            QCOMPARE(QToolTip::palette().color(QPalette::ToolTipText), t.barText);
            QToolTip::showText(QPoint(60, 60), QStringLiteral("a tip"), &rig.window());
            QWidget* tip = nullptr;
            for (QWidget* w : QApplication::topLevelWidgets())
                if (w->inherits("QTipLabel")) tip = w;
            QVERIFY(tip);
            const QImage image = tip->grab().toImage();
            QCOMPARE(image.pixelColor(2, 2), t.bar);
            QCOMPARE(image.pixelColor(0, image.height() / 2), t.amber);
            QToolTip::hideText();
            QTRY_VERIFY(QToolTip::text().isEmpty());
        }
    }
};

AMBER_TEST(TestStyle)

} // namespace test_style

#include "test_style.moc"
