// The sentences that answer a slip of the indicator, the zero, the top or a pass: each names its
// number, its reason and what to do.
#include "words/sentences.h"

#include <QTest>

using namespace lobe;

class TestRunWords : public QObject {
    Q_OBJECT
private slots:
    void sentences_data() {
        QTest::addColumn<int>("code");
        QTest::addColumn<QStringList>("says");
        const auto row = [](Code code, const QStringList& says) {
            QTest::newRow(codeName(code)) << static_cast<int>(code) << says;
        };
        row(Code::ZeroReturn, {"Intake 2", "+0.06 mm", "do not tell which", "read the run again"});
        row(Code::ZeroSlipped, {"+0.06 mm", "jump", "45° after TDC", "slipped", "firm"});
        row(Code::ZeroBleeding, {"+0.06 mm", "bled down", "checking spring"});
        row(Code::ZeroRunOut, {"0.120 mm", "run-out of the base circle", "not the stand"});
        row(Code::PartLoose, {"45° after TDC", "3 readings", "earlier mark once more", "\"zero\""});
        row(Code::TravelEnds, {"0.060 mm", "0.120 mm", "spans", "\"zero\""});
        row(Code::NoseUnknown, {"counted down from the nose", "greatest lift"});
        row(Code::RatioMeasured, {"0.060", "0.12 nominal"});
        row(Code::PassesAgree, {"3 passes", "0.060 mm", "45° after TDC", "measuring error"});
        row(Code::PassesDiffer, {"3 passes", "0.060 mm", "moved between them"});
        row(Code::PassesMean, {"mean of 3 passes"});
        row(Code::MovedSince, {"Intake 2", "moved since", "Measure it again"});
        row(Code::TopOther, {"overlap", "firing TDC", "Type T"});
    }
    void sentences() {
        QFETCH(int, code);
        QFETCH(QStringList, says);
        Finding f{static_cast<Code>(code), Severity::LookAgain, Side::Intake, 2};
        f.at = CrankDeg{45.0};
        f.mm = 0.06;
        f.other_mm = 0.12;
        f.deg = 360.0;
        f.count = 3;
        const QString text = words::sentence(f, {});
        for (const QString& part : says)
            QVERIFY2(text.contains(part), qPrintable(text));
    }

    void firingSaidAndRecordedFromOverlap() {
        Finding f{Code::TopOther, Severity::LookAgain};
        f.deg = 0.0;
        QVERIFY(words::sentence(f, {}).contains(QStringLiteral("type T to say overlap")));
    }

    void tasks() {
        Task t{TaskKind::TakeLobe, 4, Side::Exhaust};
        QCOMPARE(words::taskTitle(t, {}), QStringLiteral("Cylinder 4 exhaust: the whole lobe"));
        t.optional = true;
        QVERIFY(words::taskReason(t).contains(QStringLiteral("twisted")));
        t.kind = TaskKind::Finish;
        t.left = 12;
        QVERIFY(words::taskTitle(t, {}).contains(QStringLiteral("12 more readings")));
        t.kind = TaskKind::ReadAgain;
        t.at = CrankDeg{-20.0};
        QVERIFY(words::taskTitle(t, {}).contains(QStringLiteral("20° before TDC again")));
        for (TaskKind k :
             {TaskKind::FindTdc, TaskKind::ProveTdc, TaskKind::SayTop, TaskKind::AnswerTdc})
            QVERIFY(!words::taskTitle({k}, {}).isEmpty() && !words::taskReason({k}).isEmpty());
    }

    void unknownScale() {
        QVERIFY(words::sentence(EntryError{EntryFault::UnknownScale, 0}, {})
                    .contains(QStringLiteral("360, against, 180, 90")));
    }
};

QTEST_APPLESS_MAIN(TestRunWords)
#include "test_run_words.moc"
