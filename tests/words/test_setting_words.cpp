// The words of setting: which way the hands turn, for engines turning either way and drives
// turning with or against them; and the sentences of need, compression and checked moves.
#include "core/job/job.h"
#include "support/program.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QTest>

namespace test_setting_words {

using namespace lobe;

namespace {

Engine engine(Rotation rotation, bool against) {
    Engine e;
    e.rotation = rotation;
    e.drive.teeth = 40;
    e.drive.against = against;
    e.drive.keyways = 3;
    e.drive.vernierWheel = 14;
    e.drive.vernierHub = 15;
    e.drive.slot_deg = 12.0;
    e.drive.slotLine_deg = 2.0;
    e.drive.boltRadius_mm = 30.0;
    return e;
}

DriveMove teeth(int n) {
    DriveMove m;
    m.teeth = n;
    m.total_deg = 18.0 * n;
    return m;
}

QString steps(const Engine& e, const DriveMove& m) {
    return words::moveSteps(e, m, {}, {}).join(QLatin1Char(' '));
}

} // namespace

class TestSettingWords : public QObject {
    Q_OBJECT
private slots:
    void directions_data() {
        QTest::addColumn<bool>("clockwise");
        QTest::addColumn<bool>("against");
        QTest::addColumn<bool>("advance");
        QTest::addColumn<QString>("turn");
        const QString c = QStringLiteral("clockwise"), a = QStringLiteral("anticlockwise");
        QTest::newRow("clockwise, with, earlier") << true << false << true << c;
        QTest::newRow("clockwise, with, later") << true << false << false << a;
        QTest::newRow("clockwise, against, earlier") << true << true << true << a;
        QTest::newRow("clockwise, against, later") << true << true << false << c;
        QTest::newRow("anticlockwise, with, earlier") << false << false << true << a;
        QTest::newRow("anticlockwise, with, later") << false << false << false << c;
        QTest::newRow("anticlockwise, against, earlier") << false << true << true << c;
        QTest::newRow("anticlockwise, against, later") << false << true << false << a;
    }
    void directions() {
        QFETCH(bool, clockwise);
        QFETCH(bool, against);
        QFETCH(bool, advance);
        QFETCH(QString, turn);
        const Engine e = engine(clockwise ? Rotation::Clockwise : Rotation::Anticlockwise, against);
        QCOMPARE(words::camTurn(e, advance), turn);
        // In every kind of move the hand turns the cam the same way.
        const double sign = advance ? 1.0 : -1.0;
        DriveMove tooth = teeth(advance ? 2 : -2), vernier, slot, keyway;
        vernier.vernier_deg = sign * 720.0 / 210.0;
        slot.slot_deg = sign * 3.0;
        keyway.keyway = advance ? 1 : -1;
        QVERIFY2(steps(e, tooth).contains(QStringLiteral("2 teeth %1,").arg(turn)),
                 qPrintable(steps(e, tooth)));
        QVERIFY2(steps(e, vernier).contains(QStringLiteral("cam wheel %1 until").arg(turn)),
                 qPrintable(steps(e, vernier)));
        QVERIFY2(steps(e, slot).contains(QStringLiteral("cam wheel %1 by 1.5 lines").arg(turn)),
                 qPrintable(steps(e, slot)));
        QVERIFY2(steps(e, keyway).contains(QStringLiteral("in it %1 to the next keyway").arg(turn)),
                 qPrintable(steps(e, keyway)));
        // Holes are counted in the cam's running direction whichever way it is moved.
        QVERIFY(steps(e, vernier)
                    .contains(QStringLiteral("counted %1 from").arg(words::camTurn(e, true))));
        for (const DriveMove& m : {tooth, vernier, slot, keyway})
            QVERIFY(steps(e, m).contains(QStringLiteral("The crank must not follow")));
    }

    void amountsInBothDegreesAndAlongTheCircle() {
        const Engine e = engine(Rotation::Clockwise, false);
        QVERIFY(steps(e, teeth(1)).contains(QStringLiteral("18° crank, 9° cam")));
        DriveMove m;
        m.slot_deg = 4.0;
        m.total_deg = 4.0;
        // 2 cam degrees on 30 mm: 1.047 mm.
        QVERIFY2(steps(e, m).contains(QStringLiteral("2 lines, 4° crank, 2° cam, 1.047 mm")),
                 qPrintable(steps(e, m)));
        QCOMPARE(words::moveShort(e.drive, m, {}), QStringLiteral("slots 2 lines earlier"));
        QCOMPARE(words::moveShort(e.drive, teeth(-1), {}), QStringLiteral("1 tooth back"));
        QCOMPARE(steps(e, DriveMove{}), QStringLiteral("Leave the drive as it stands."));
    }

    void needIsSaid() {
        Job job;
        Need n;
        n.move_deg.intake = 4.0;
        n.uncertainty_deg = 0.4;
        QCOMPARE(words::needSentence(job, n, {}),
                 QStringLiteral("The cam must come 4° earlier for the card's centre, known to "
                                "±0.4°."));
        n.move_deg.intake = -0.3;
        QVERIFY(words::needSentence(job, n, {}).contains(QStringLiteral("so leave it")));
        job.engine.layout = Layout::TwinOverheadCam;
        n.move_deg.intake = -3.0;
        n.move_deg.exhaust = 2.0;
        const QString two = words::needSentence(job, n, {});
        QVERIFY2(two.startsWith(QStringLiteral("Intake 3° later, exhaust 2° earlier for")),
                 qPrintable(two));
        QStringList said;
        for (int i = 0; i <= static_cast<int>(NeedFault::NoClearance); ++i) {
            Need missing;
            missing.fault = static_cast<NeedFault>(i);
            said << words::needSentence(job, missing, {});
            QVERIFY(said.back().endsWith(QLatin1Char('.')));
        }
        QCOMPARE(said.removeDuplicates(), 0);
    }

    void residuals() {
        QCOMPARE(words::residualNote(0.01, 0.3, {}), QStringLiteral("leaves nothing"));
        QCOMPARE(words::residualNote(0.2, 0.3, {}),
                 QStringLiteral("leaves 0.2° late, not worth chasing"));
        QCOMPARE(words::residualNote(-1.5, 0.3, {}), QStringLiteral("leaves 1.5° early"));
    }

    void checkedMoves_data() {
        QTest::addColumn<int>("verdict");
        QTest::addColumn<double>("moved");
        QTest::addColumn<QString>("says");
        const auto row = [](MoveVerdict v, double by, const char* says) {
            QTest::addRow("%d", static_cast<int>(v))
                << static_cast<int>(v) << by << QString::fromUtf8(says);
        };
        row(MoveVerdict::Waiting, 0.0, "measure it again");
        row(MoveVerdict::AsMeant, 4.0, "as it was meant to");
        row(MoveVerdict::NotMoved, 0.0, "has not moved");
        row(MoveVerdict::WrongWay, -4.0, "the wrong way, 4° later instead of 4° earlier");
        row(MoveVerdict::Half, 2.0, "cam degrees taken for crank degrees");
        row(MoveVerdict::Twice, 8.0, "crank degrees turned at the cam wheel");
        row(MoveVerdict::WrongWayHalf, -2.0, "the wrong way and by half");
        row(MoveVerdict::WrongWayTwice, -8.0, "the wrong way and twice as far");
        row(MoveVerdict::Other, 1.0, "was to come 4° earlier");
    }
    void checkedMoves() {
        QFETCH(int, verdict);
        QFETCH(double, moved);
        QFETCH(QString, says);
        MoveCheck c;
        c.meant_deg = 4.0;
        c.verdict = static_cast<MoveVerdict>(verdict);
        if (c.verdict != MoveVerdict::Waiting) c.moved_deg = moved;
        const QString text = words::sentence(c, {});
        QVERIFY2(text.contains(says), qPrintable(text));
        QVERIFY(text.startsWith(QStringLiteral("Intake, cylinder 1: ")));
    }

    void adviceGivesReasonsAndPromisesNothing() {
        for (double deg : {3.0, -3.0}) {
            for (const QString& text : {words::adviceOnMove(deg), words::adviceOnSeparation(deg)}) {
                QCOMPARE(text.count(QStringLiteral(". ")) + text.endsWith(QLatin1Char('.')), 2);
                QVERIFY(text.contains(QStringLiteral("usually")));
            }
        }
        QVERIFY(words::adviceOnMove(3.0).contains(QStringLiteral("intake valve nearer")));
        QVERIFY(words::adviceOnMove(-3.0).contains(QStringLiteral("exhaust valve nearer")));
        QVERIFY(words::adviceOnMove(0.0).isEmpty());
    }

    void withoutMarks() {
        Job job;
        job.engine.drive.teeth = 40;
        Card card;
        card.events.ivo = 12;
        card.events.ivc = 40;
        card.events.evo = 52;
        card.events.evc = 4;
        job.card = card;
        const QString all = words::withoutMarks(job, {}).join(QLatin1Char(' '));
        QVERIFY2(all.contains(QStringLiteral("level 4° before TDC")), qPrintable(all));
        QVERIFY(all.contains(QStringLiteral("half a tooth, 9° of the crank")));
        QVERIFY(all.contains(QStringLiteral("360°")));
        job.card.reset();
        QVERIFY(
            words::withoutMarks(job, {}).join(QString()).contains(QStringLiteral("best guess")));
        const Engine e = engine(Rotation::Clockwise, false);
        QVERIFY(words::sentence(checkLevel(3.0, -2.0, 18.0), 18.0, e, {})
                    .contains(QStringLiteral("on the right tooth")));
        QVERIFY(words::sentence(checkLevel(12.0, -2.0, 18.0), 18.0, e, {})
                    .contains(QStringLiteral("1 tooth clockwise; 4° is left")));
    }

    void compressionFaultsNameTheValue_data() {
        QTest::addColumn<int>("fault");
        QTest::addColumn<QString>("says");
        QTest::newRow("bore") << 0 << QStringLiteral("bore -5 mm");
        QTest::newRow("stroke") << 1 << QStringLiteral("stroke -5 mm");
        QTest::newRow("rod") << 2 << QStringLiteral("rod -5 mm");
        QTest::newRow("volume") << 3 << QStringLiteral("clearance volume −5.00 cc");
        QTest::newRow("closing") << 4 << QStringLiteral("intake closing −5° after BDC");
    }
    void compressionFaultsNameTheValue() {
        QFETCH(int, fault);
        QFETCH(QString, says);
        const QString text =
            words::sentence(CompressionError{static_cast<CompressionFault>(fault), -5.0}, {});
        QVERIFY2(text.startsWith(QString(says).replace(QLatin1Char('-'), QChar(0x2212))),
                 qPrintable(text));
    }
    void closingsHaveNamesOfTheirOwn() {
        QStringList names;
        for (int i = 0; i < 4; ++i)
            names << words::closingName(static_cast<ClosingSchool>(i));
        QCOMPARE(names.removeDuplicates(), 0);
    }
};

AMBER_TEST(TestSettingWords)

} // namespace test_setting_words

#include "test_setting_words.moc"
