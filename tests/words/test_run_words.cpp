// The sentences that answer a slip of the indicator, the zero, the top or a pass: each names its
// number, its reason and what to do.
#include "support/program.h"
#include "words/sentences.h"

#include <QTest>

namespace test_run_words {

using namespace lobe;

class TestRunWords : public QObject {
    Q_OBJECT
private slots:
    void sentences_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QStringList>("says");
        const auto row = [](found::Any what, const QStringList& says) {
            const Finding f{std::move(what), Severity::LookAgain, Side::Intake, 2};
            QTest::newRow(codeName(f)) << words::sentence(f, {}) << says;
        };
        const CrankDeg at{45.0};
        row(found::ZeroNotHome{0.06},
            {"Intake 2", "+0.06 mm", "do not tell which", "read the run again"});
        row(found::ZeroSlipped{0.06, at}, {"+0.06 mm", "jump", "45° after TDC", "slipped", "firm"});
        row(found::ZeroBleeding{0.06}, {"+0.06 mm", "bled down", "checking spring"});
        row(found::ZeroRunOut{0.06, 0.12},
            {"0.120 mm", "run-out of the base circle", "not the stand"});
        row(found::PartLoose{at, 3},
            {"45° after TDC", "3 readings", "earlier mark once more", "\"zero\""});
        row(found::TravelEnds{at, 0.06, 0.12}, {"0.060 mm", "0.120 mm", "spans", "\"zero\""});
        row(found::NoseUnknown{}, {"counted down from the nose", "greatest lift"});
        row(found::RatioMeasured{0.06, 0.12}, {"0.060", "0.12 nominal"});
        row(found::PassesAgree{3, at, 0.06},
            {"3 passes", "0.060 mm", "45° after TDC", "measuring error"});
        row(found::PassesDiffer{3, at, 0.06}, {"3 passes", "0.060 mm", "moved between them"});
        row(found::PassesMean{3}, {"mean of 3 passes"});
        row(found::MovedSince{}, {"Intake 2", "moved since", "Measure it again"});
        row(found::TopOther{360.0, 3}, {"overlap", "firing TDC", "Type T"});
    }
    void sentences() {
        QFETCH(QString, text);
        QFETCH(QStringList, says);
        for (const QString& part : says)
            QVERIFY2(text.contains(part), qPrintable(text));
    }

    void firingSaidAndRecordedFromOverlap() {
        const Finding f{found::TopOther{0.0, 1}, Severity::LookAgain};
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

AMBER_TEST(TestRunWords)

} // namespace test_run_words

#include "test_run_words.moc"
