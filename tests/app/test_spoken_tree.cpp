// The window as a screen reader has it: every station of every kind of engine walked; names, roles
// and values; what is said by itself; and a job begun by what the tree says alone.
#include "app/frame/guide_page.h"
#include "app/pictures/picture.h"
#include "app/pictures/slide.h"
#include "app/style/announce.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "stations/list.h"
#include "support/program.h"

#include <QAbstractButton>
#include <QAbstractSlider>
#include <QAccessible>
#include <QAccessibleWidget>
#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QListWidget>
#include <QMenu>
#include <QScrollBar>
#include <QSettings>
#include <QTextBrowser>
#include <QTimer>

namespace test_spoken_tree {

using namespace lobe;
using fixture::Rig;

namespace {

QAccessibleInterface* faceOf(QWidget* w) {
    return QAccessible::queryAccessibleInterface(w);
}

QString nameOf(QWidget* w) {
    auto* face = faceOf(w);
    return face ? face->text(QAccessible::Name) : QString();
}

/// What was read out by itself.
QStringList alerts;
void listen(QWidget& widget) {
    if (auto* label = qobject_cast<QLabel*>(&widget)) alerts << label->text();
}

class Listening {
public:
    Listening() {
        alerts.clear();
        app::hearAnnounced = listen;
    }
    ~Listening() { app::hearAnnounced = nullptr; }
};

} // namespace

class TestSpokenTree : public QObject {
    Q_OBJECT
private slots:
    void everyStationIsNamed() {
        Rig rig(true);
        int pictures = 0, sliders = 0;
        const auto jobs = rig.session().book().jobs();
        for (const auto& job : jobs) {
            rig.session().openJob(job.id);
            for (const auto* s : stations::of(rig.session().job())) {
                rig.window().go(*s);
                QApplication::processEvents();
                for (auto* w : rig.window().findChildren<QWidget*>()) {
                    if (!w->isVisible()) continue;
                    auto* face = faceOf(w);
                    QVERIFY(face);
                    const QString what = QStringLiteral("%1 %2 at %3")
                                             .arg(QLatin1String(w->metaObject()->className()),
                                                  w->objectName(), s->id());
                    if (qobject_cast<app::Picture*>(w)) {
                        ++pictures;
                        QVERIFY2(face->role() == QAccessible::Graphic, qPrintable(what));
                        QVERIFY2(!nameOf(w).isEmpty(), qPrintable(what));
                    } else if (qobject_cast<app::Slide*>(w)) {
                        ++sliders;
                        QVERIFY2(face->role() == QAccessible::Slider, qPrintable(what));
                        QVERIFY2(face->valueInterface(), qPrintable(what));
                        QVERIFY2(!nameOf(w).isEmpty(), qPrintable(what));
                    } else if (qobject_cast<QAbstractButton*>(w) || qobject_cast<QLineEdit*>(w) ||
                               (qobject_cast<QAbstractItemView*>(w) &&
                                w->focusPolicy() != Qt::NoFocus)) {
                        QVERIFY2(!nameOf(w).isEmpty(), qPrintable(what));
                    }
                }
                auto* route = rig.find<QWidget>("route");
                QVERIFY(faceOf(route)->role() == QAccessible::List);
                QVERIFY(faceOf(route)->text(QAccessible::Description).contains(s->name()));
            }
        }
        QVERIFY2(pictures > 40 && sliders > 4,
                 qPrintable(QStringLiteral("%1 %2").arg(pictures).arg(sliders)));
    }

    // Every control says what it does where the pointer rests; one that a letter works says which.
    void everyControlSaysWhatItDoes() {
        Rig rig(true);
        QStringList bare;
        const auto look = [&](const QWidget* within, const QString& where) {
            for (auto* w : within->findChildren<QWidget*>()) {
                const bool control =
                    qobject_cast<QAbstractButton*>(w) || qobject_cast<QComboBox*>(w) ||
                    qobject_cast<QAbstractSlider*>(w) || qobject_cast<QLineEdit*>(w);
                if (!control || !w->isVisible() || w == rig.line() ||
                    qobject_cast<QScrollBar*>(w) || w->inherits("QTableCornerButton") ||
                    w->objectName().startsWith(QLatin1String("qt_")))
                    continue;
                if (w->toolTip().isEmpty())
                    bare << QStringLiteral("%1 %2").arg(where, w->objectName());
                if (auto* b = qobject_cast<QAbstractButton*>(w); b && !b->shortcut().isEmpty())
                    if (!b->toolTip().contains(b->shortcut().toString(QKeySequence::NativeText)))
                        bare << b->objectName();
            }
        };
        const auto jobs = rig.session().book().jobs();
        for (const auto& job : jobs) {
            rig.session().openJob(job.id);
            for (const auto* s : stations::of(rig.session().job())) {
                rig.window().go(*s);
                QApplication::processEvents();
                look(&rig.window(), s->id());
            }
        }
        for (const char* page : {"allJobs", "instruments", "preferences", "guide"}) {
            rig.find<QAction>(page)->trigger();
            QApplication::processEvents();
            look(&rig.window(), QLatin1String(page));
            rig.key(Qt::Key_Escape);
        }
        bare.removeDuplicates();
        QVERIFY2(bare.isEmpty(), qPrintable(bare.join(QStringLiteral(", "))));
        rig.session().openJob(jobs[0].id);
        rig.window().go(stations::compare);
        const auto letters = rig.window().entryBar()->desk()->commands();
        for (const char* name : {"compareWishes", "comparePurpose", "compareShelf"}) {
            const QString tip = rig.find<QWidget>(name)->toolTip();
            QVERIFY2(std::any_of(letters.begin(), letters.end(),
                                 [&](const app::Command& c) {
                                     return tip.endsWith(
                                         QStringLiteral("(%1)").arg(QString(c.letter).toUpper()));
                                 }),
                     qPrintable(tip));
        }
    }

    // A slide has a value that can be set, and says it.
    void aSlideHasAValue() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::compare);
        auto* slide = rig.find<app::Slide>("compareSlide");
        auto* value = faceOf(slide)->valueInterface();
        QCOMPARE(value->currentValue().toDouble(), 0.0);
        QCOMPARE(value->maximumValue().toDouble(), -value->minimumValue().toDouble());
        value->setCurrentValue(3.0);
        QCOMPARE(slide->value(), 3.0);
        QVERIFY(rig.text("compareVerdict").contains(QStringLiteral("+3.0")));
    }

    // Prompt, refusal, verdict and that it is kept are read out as they change.
    void whatIsSaidByItself() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().show();
        rig.window().go(stations::compression);
        QApplication::processEvents();
        const Listening listening;
        rig.window().go(stations::engine);
        QVERIFY2(alerts.contains(rig.text("ask")), qPrintable(alerts.join('|')));
        alerts.clear();
        rig.window().go(stations::lash);
        rig.type(QStringLiteral("nonsense"));
        QVERIFY2(alerts.contains(rig.text("echo")), qPrintable(alerts.join('|')));
        rig.line()->clear();
        alerts.clear();
        rig.type(QString());
        QVERIFY2(alerts.contains(rig.text("disk")), qPrintable(alerts.join('|')));
        for (int i = 0; i < 3; ++i)
            rig.type(QStringLiteral("s"));
        QVERIFY2(alerts.contains(rig.text("lashVerdict")), qPrintable(alerts.join('|')));
    }

    // Shift+F10 opens the menu of what has the keys.
    void menuOfWhatHasTheKeys() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::lobes);
        rig.find<QWidget>("ring")->setFocus();
        QStringList entries;
        QTimer::singleShot(300, qApp, [&] {
            if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
                for (const QAction* a : menu->actions())
                    entries << a->text();
                menu->close();
            }
        });
        rig.key(Qt::Key_F10, Qt::ShiftModifier);
        QTRY_VERIFY2(entries.contains(QStringLiteral("Copy picture")),
                     qPrintable(entries.join(QLatin1Char('|'))));
    }

    // Everything a letter does has an entry in a menu.
    void lettersAreInAMenu() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        auto* here = rig.find<QMenu>("hereMenu");
        for (const auto* s : stations::of(rig.session().job())) {
            rig.window().go(*s);
            emit here->aboutToShow();
            const auto letters = rig.window().entryBar()->desk()->commands();
            QCOMPARE(here->actions().size(), std::max<qsizetype>(1, letters.size()));
        }
        rig.window().go(stations::lash);
        const auto school = rig.onDisk().lash.school;
        emit here->aboutToShow();
        for (QAction* a : here->actions())
            if (a->text().endsWith(QStringLiteral("\tS"))) a->trigger();
        QVERIFY(rig.onDisk().lash.school != school);
    }

    // One page of preferences: each changes at once and is kept; a closed box by a choice alone.
    void preferencesOnOnePage() {
        Rig rig(true);
        rig.key(Qt::Key_Comma, Qt::ControlModifier);
        auto* page = rig.find<QWidget>("preferencesPage");
        QVERIFY(page->isVisible() && faceOf(page)->role() == QAccessible::Dialog);
        auto* unit = rig.find<QComboBox>("preferUnit");
        QTRY_VERIFY(unit->hasFocus());
        const bool inches = rig.look().inches();
        QTest::keyClick(unit, Qt::Key_Down);
        QCOMPARE(rig.look().inches(), inches);
        unit->hidePopup();
        emit unit->activated(inches ? 0 : 1);
        QVERIFY(rig.look().inches() != inches);
        auto* tick = rig.find<QCheckBox>("preferTick");
        const bool was = rig.window().tick();
        tick->click();
        QVERIFY(rig.window().tick() != was);
        emit rig.find<QComboBox>("preferTheme")->activated(1);
        QVERIFY(rig.look().dark());
        QTest::keyClick(page, Qt::Key_Escape);
        QVERIFY(!page->isVisible());
        rig.restart(true);
        QVERIFY(rig.look().dark() && rig.look().inches() != inches && rig.window().tick() != was);
        // High contrast, both ways; and light or dark by its key leaves it as it is.
        rig.key(Qt::Key_Comma, Qt::ControlModifier);
        emit rig.find<QComboBox>("preferTheme")->activated(2);
        QVERIFY(!rig.look().dark() && rig.look().sharp());
        rig.look().setDark(true);
        QVERIFY(rig.look().dark() && rig.look().sharp());
        // Who measures and on what paper, in jobs begun from now on.
        QTest::keyClicks(rig.find<QLineEdit>("preferBy"), QStringLiteral("Hanne"));
        emit rig.find<QComboBox>("preferPaper")->activated(1);
        rig.restart();
        QVERIFY(rig.look().sharp() && rig.look().letter());
        rig.type(QStringLiteral("A new one"));
        QCOMPARE(rig.onDisk().by, std::string("Hanne"));
        QCOMPARE(rig.onDisk().name, std::string("A new one"));
        rig.window().go(stations::sheet);
        QVERIFY(rig.find<QAbstractButton>("sheetLetter")->isChecked());
    }

    // In high contrast nothing that says something is under 7:1, and edges are as clear.
    void highContrast() {
        for (const bool dark : {false, true}) {
            const app::Theme t = app::Theme::sharp(dark);
            for (const QColor& ink :
                 {t.ink, t.muted, t.faint, t.amberText, t.intake, t.exhaust, t.edge, t.amberLine})
                for (const QColor& ground : {t.plate, t.panel, t.dial, t.intakeFill, t.exhaustFill})
                    QVERIFY2(app::contrast(ink, ground) >= 7.0, qPrintable(ink.name()));
            for (const QColor& ink : {t.barText, t.barMuted})
                for (const QColor& ground : {t.bar, t.chip})
                    QVERIFY(app::contrast(ink, ground) >= 7.0);
            QVERIFY(app::contrast(t.onAmber, t.amber) >= 7.0);
        }
    }

    // A copy elsewhere is asked for when none was saved for a month, and not before.
    void remindedOfACopy() {
        Rig rig;
        rig.type(QStringLiteral("kept nowhere else"));
        QSettings kept(rig.paths().preferences, QSettings::IniFormat);
        const auto copiedKey = [&] {
            kept.sync();
            for (const QString& key : kept.allKeys())
                if (key.endsWith(QLatin1String("/copied"))) return key;
            return QString();
        };
        QVERIFY(!copiedKey().isEmpty());
        rig.restart();
        QVERIFY(rig.find<QLabel>("message")->isHidden());
        constexpr qint64 kDay_ms = 86400000;
        kept.setValue(copiedKey(), rig.session().now() - 31 * kDay_ms);
        kept.sync();
        rig.restart();
        QVERIFY2(rig.text("message").contains(QStringLiteral("31 days")),
                 qPrintable(rig.text("message")));
        rig.answers().save = rig.paths().data + QStringLiteral("/copy.amber");
        rig.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(QFileInfo::exists(rig.answers().save));
        rig.restart();
        QVERIFY(rig.find<QLabel>("message")->isHidden());
        kept.sync();
        kept.setValue(copiedKey(), rig.session().now() - 31 * kDay_ms);
        kept.setValue(QStringLiteral("remind-days"), 0);
        kept.sync();
        rig.restart();
        QVERIFY(rig.find<QLabel>("message")->isHidden());
    }

    // Pages over the window are dialogs with a name; the guide stands at the station, and finds.
    void theGuideInside() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::clearance);
        rig.key(Qt::Key_F1);
        QVERIFY(rig.find<QWidget>("keysOverlay")->isVisible());
        rig.key(Qt::Key_F1);
        auto* guide = rig.find<app::GuidePage>("guidePage");
        QVERIFY(guide->isVisible() && !rig.find<QWidget>("keysOverlay")->isVisible());
        QVERIFY(faceOf(guide)->role() == QAccessible::Dialog && !nameOf(guide).isEmpty());
        auto* pages = rig.find<QListWidget>("guidePages");
        QVERIFY2(pages->currentItem()->text().contains(QStringLiteral("Clearance")),
                 qPrintable(pages->currentItem()->text()));
        auto* text = rig.find<QTextBrowser>("guideText");
        QVERIFY(text->toPlainText().size() > 500);
        const int all = pages->count();
        QVERIFY(all >= 10);
        QTest::keyClicks(rig.find<QLineEdit>("guideFind"), QStringLiteral("blowdown"));
        QVERIFY(pages->count() >= 1 && pages->count() < all);
        QVERIFY(text->toPlainText().contains(QStringLiteral("blowdown"), Qt::CaseInsensitive));
        QVERIFY(!text->extraSelections().isEmpty());
        QTest::keyClicks(rig.find<QLineEdit>("guideFind"), QStringLiteral("xyz"));
        QCOMPARE(pages->count(), 0);
        QTest::keyClick(rig.find<QLineEdit>("guideFind"), Qt::Key_Escape);
        QVERIFY(!guide->isVisible());
        // What it is, and where the data is.
        rig.find<QAction>("about")->trigger();
        QVERIFY(rig.text("aboutText").contains(QStringLiteral("General Public License")));
        rig.key(Qt::Key_Escape);
        rig.find<QAction>("whereData")->trigger();
        QVERIFY(rig.text("message").contains(rig.session().book().path()));
        QCOMPARE(rig.answers().shown, QFileInfo(rig.session().book().path()).absolutePath());
    }
};

AMBER_TEST(TestSpokenTree)

} // namespace test_spoken_tree

#include "test_spoken_tree.moc"
