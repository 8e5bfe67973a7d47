// Every shortcut the program advertises works with the entry line focused, empty or not; pages over
// the window keep keys to themselves; digits find the entry line; letters are commands only alone.
#include "app_fixture.h"
#include "core/job/job.h"

#include "app/frame/overlay.h"
#include "core/examine/snapshot.h"
#include "support/program.h"

#include <QAction>
#include <QLineEdit>
#include <QSignalSpy>

namespace test_keys {

using fixture::Rig;
using namespace lobe;

namespace {

void press(QWidget* at, const QKeySequence& keys) {
    const QKeyCombination k = keys[0];
    QTest::keyClick(at, k.key(), k.keyboardModifiers());
}

void openJob(Rig& rig, std::size_t index) {
    rig.session().openJob(rig.session().book().jobs()[index].id);
}

} // namespace

class TestKeys : public QObject {
    Q_OBJECT

private slots:
    void everyShortcutWorksFromTheEntryLine() {
        Rig rig(true);
        openJob(rig, 0);
        // Something to undo and to redo, so that both are at hand.
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("step 2"));
        rig.type(QStringLiteral("step 5"));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        int tried = 0;
        for (QAction* action : rig.window().actions()) {
            if (action->shortcut().isEmpty() || !action->isEnabled()) continue;
            for (const bool typed : {false, true}) {
                // What it does is not the question, whether it is done is.
                QAction* const a = action;
                disconnect(a, &QAction::triggered, nullptr, nullptr);
                QSignalSpy heard(a, &QAction::triggered);
                rig.line()->setFocus();
                rig.line()->setText(typed ? QStringLiteral("8.5") : QString());
                press(rig.line(), a->shortcut());
                QVERIFY2(heard.count() == 1,
                         qPrintable(QStringLiteral("%1 (%2), line %3")
                                        .arg(a->objectName(), a->shortcut().toString(),
                                             typed ? QStringLiteral("typed in")
                                                   : QStringLiteral("empty"))));
                QCOMPARE(rig.line()->text(), typed ? QStringLiteral("8.5") : QString());
                ++tried;
            }
        }
        QVERIFY2(tried >= 40, qPrintable(QString::number(tried)));
    }

    // The slip that started it: the other lobe, then a lift.
    void theOtherLobeThenALift() {
        Rig rig;
        rig.type(QStringLiteral("keys"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0"));
        rig.key(Qt::Key_E, Qt::ControlModifier);
        rig.type(QStringLiteral("0.01"));
        const Job job = rig.onDisk();
        QCOMPARE(job.runs.size(), std::size_t(2));
        QVERIFY(job.runs[0].side == Side::Intake);
        QVERIFY(job.runs[1].side == Side::Exhaust);
        QCOMPARE(job.runs[1].readings[0].value_mm, 0.01);
    }

    void pagesOverTheWindowKeepKeys_data() {
        QTest::addColumn<int>("opens");
        QTest::addColumn<QString>("page");
        QTest::newRow("keys") << int(Qt::Key_F1) << QStringLiteral("keysOverlay");
        QTest::newRow("to take") << int(Qt::Key_F3) << QStringLiteral("toTake");
    }
    void pagesOverTheWindowKeepKeys() {
        QFETCH(int, opens);
        QFETCH(QString, page);
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::lobes);
        const auto key = static_cast<Qt::Key>(opens);
        rig.key(key);
        auto* overlay = rig.window().findChild<app::Overlay*>(page);
        QVERIFY(overlay && overlay->isVisible());
        const bool dark = rig.look().dark();
        for (const auto& [pressed, modifiers] :
             {std::pair(Qt::Key_L, Qt::KeyboardModifiers(Qt::ControlModifier)),
              std::pair(Qt::Key_Z, Qt::KeyboardModifiers(Qt::ControlModifier)),
              std::pair(Qt::Key_5, Qt::KeyboardModifiers(Qt::NoModifier)),
              std::pair(Qt::Key_Tab, Qt::KeyboardModifiers(Qt::NoModifier))})
            rig.key(pressed, modifiers);
        QVERIFY(overlay->isVisible());
        QCOMPARE(rig.look().dark(), dark);
        QVERIFY(rig.line()->text().isEmpty());
        rig.key(Qt::Key_Escape);
        QVERIFY(!overlay->isVisible());
        QVERIFY(rig.line()->hasFocus());
        // What leads elsewhere closes the page and goes there.
        rig.key(key);
        QVERIFY(overlay->isVisible());
        rig.key(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(!overlay->isVisible());
        QVERIFY(rig.window().station() == stations::timing);
        // And the two do not lie over one another.
        rig.key(Qt::Key_F1);
        rig.key(Qt::Key_F3);
        int open = 0;
        for (auto* each : rig.window().findChildren<app::Overlay*>())
            open += each->isVisible();
        QCOMPARE(open, 1);
    }

    void aDigitFindsTheEntryLine() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::set);
        for (const char* name : {"setChoices", "slideIntake", "wheels", "slateFigures", "route"}) {
            rig.line()->clear();
            auto* w = rig.find<QWidget>(name);
            w->setFocus();
            QTest::keyClick(w, Qt::Key_3);
            QVERIFY2(rig.line()->hasFocus(), name);
            QCOMPARE(rig.line()->text(), QStringLiteral("3"));
        }
    }

    void lettersAreCommandsOnlyAlone() {
        Rig rig;
        rig.type(QStringLiteral("letters"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0"));
        const QString asked = rig.text("ask");
        // A word that begins with a command's letter does nothing of it.
        for (const char* word : {"note", "nan", "cyl", "backwards", "over"}) {
            rig.keys(QLatin1String(word));
            QCOMPARE(rig.text("ask"), asked);
            QCOMPARE(rig.line()->text(), QLatin1String(word));
            rig.key(Qt::Key_Return);
            QCOMPARE(rig.text("ask"), asked);
            // What was refused is selected: typing replaces it.
            QCOMPARE(rig.line()->selectedText(), QLatin1String(word));
            rig.key(Qt::Key_Escape);
        }
        rig.keys(QStringLiteral("n"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("not now")));
        QCOMPARE(rig.text("ask"), asked);
        rig.key(Qt::Key_Return);
        QVERIFY(rig.text("ask") != asked);
        // Esc takes a command back.
        rig.key(Qt::Key_Escape);
        QCOMPARE(rig.text("ask"), asked);
    }

    void refusedTextIsReplacedByTyping() {
        Rig rig;
        rig.type(QStringLiteral("again"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("8.5.1"));
        rig.type(QStringLiteral("0.02"));
        QCOMPARE(rig.onDisk().runs[0].readings[0].value_mm, 0.02);
    }

    // What a spreadsheet or another program puts on the clipboard.
    void pastedCellsAreUnderstood() {
        for (const QChar odd : {QChar('\n'), QChar('\t'), QChar(0xA0), QChar(0x202F)})
            QCOMPARE(app::plainLine(QStringLiteral("8.5") + odd), QStringLiteral("8.5"));
        // A letter with its accent behind it, as some systems write file names.
        QCOMPARE(app::plainLine(QStringLiteral("ko") + QChar(0x308) + QStringLiteral("nig")),
                 QStringLiteral("k") + QChar(0xF6) + QStringLiteral("nig"));
        QCOMPARE(app::plainLine(QString(QChar(0x2212)) + QStringLiteral("10")),
                 QStringLiteral("-10"));
        QCOMPARE(app::plainLine(QStringLiteral("90") + QChar(0xD7) + QStringLiteral("78")),
                 QStringLiteral("90x78"));
    }
};

AMBER_TEST(TestKeys)

} // namespace test_keys

#include "test_keys.moc"
