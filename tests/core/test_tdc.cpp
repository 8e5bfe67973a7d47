// True TDC from two contacts, with the slips that belong to it.
#include "core/tdc.h"

#include <QTest>

using namespace lobe;

namespace {

Contact contact(int pass, bool after, double deg) {
    Contact c;
    c.pass = pass;
    c.afterTop = after;
    c.at = {deg};
    return c;
}

bool has(const TdcFindings& f, Code code) {
    for (const Finding& x : f.findings)
        if (x.code == code) return true;
    return false;
}

} // namespace

class TestTdc : public QObject {
    Q_OBJECT
private slots:
    void midpoint_data() {
        QTest::addColumn<double>("before");
        QTest::addColumn<double>("after");
        QTest::addColumn<double>("correction");
        QTest::addColumn<double>("halfSpan");
        QTest::addColumn<bool>("swapped");
        QTest::newRow("pointer right") << -28.75 << 28.75 << 0.0 << 28.75 << false;
        QTest::newRow("true TDC before zero") << -31.0 << 26.5 << -2.25 << 28.75 << false;
        QTest::newRow("true TDC after zero") << -26.5 << 31.0 << 2.25 << 28.75 << false;
        QTest::newRow("both after zero") << 5.0 << 50.0 << 27.5 << 22.5 << false;
        QTest::newRow("both before zero") << -50.0 << -5.0 << -27.5 << 22.5 << false;
        QTest::newRow("across the wrap") << 160.0 << -150.0 << -175.0 << 25.0 << false;
        QTest::newRow("taken in the other order") << 26.5 << -31.0 << -2.25 << 28.75 << true;
    }
    void midpoint() {
        QFETCH(double, before);
        QFETCH(double, after);
        QFETCH(double, correction);
        QFETCH(double, halfSpan);
        QFETCH(bool, swapped);
        const Midpoint m = midpointOf({before}, {after});
        QCOMPARE(m.correction_deg, correction);
        QCOMPARE(m.halfSpan_deg, halfSpan);
        QCOMPARE(m.swapped, swapped);
    }

    void wantsBeforeThenAfter() {
        TdcFindings f = examineTdc({}, 0.5);
        QVERIFY(f.state == TdcState::NotBegun);
        QVERIFY(!f.nextAfterTop);
        f = examineTdc({contact(1, false, -31)}, 0.5);
        QVERIFY(f.state == TdcState::InHand);
        QVERIFY(f.nextAfterTop);
        QCOMPARE(f.passAtHand, 1);
        f = examineTdc({contact(1, false, -31), contact(1, true, 26.5)}, 0.5);
        QCOMPARE(f.passAtHand, 2);
        QVERIFY(!f.nextAfterTop);
    }

    void setIsNotProved() {
        const auto f = examineTdc({contact(1, false, -28.8), contact(1, true, 28.7)}, 0.5);
        QVERIFY(f.state == TdcState::Set);
        QVERIFY(has(f, Code::TdcNotProved));
    }

    void secondPassProves() {
        const auto f = examineTdc({contact(1, false, -31), contact(1, true, 26.5),
                                   contact(2, false, -28.8), contact(2, true, 28.7)},
                                  0.5);
        QVERIFY(f.state == TdcState::Proved);
        QVERIFY(has(f, Code::TdcProved));
    }

    void secondPassThatDisagreesSendsBack() {
        const auto f = examineTdc({contact(1, false, -31), contact(1, true, 26.5),
                                   contact(2, false, -29.5), contact(2, true, 28.0)},
                                  0.5);
        QVERIFY(f.state == TdcState::Set);
        QVERIFY(has(f, Code::TdcPointerOff));
    }

    void toleranceIsTheUsers() {
        const std::vector<Contact> c{contact(1, false, -31), contact(1, true, 26.5),
                                     contact(2, false, -29.5), contact(2, true, 28.0)};
        QVERIFY(examineTdc(c, 2.0).state == TdcState::Proved);
    }

    void struckContactsDoNotCount() {
        Contact wrong = contact(1, true, 62.0);
        wrong.struck = Struck{"misread"};
        const auto f = examineTdc({contact(1, false, -31), wrong}, 0.5);
        QVERIFY(f.state == TdcState::InHand);
        QVERIFY(f.nextAfterTop);
    }

    void farContactsAreDoubted() {
        QVERIFY(has(examineTdc({contact(1, false, -100), contact(1, true, 90)}, 0.5),
                    Code::TdcSpanUnlikely));
        QVERIFY(!has(examineTdc({contact(1, false, -60), contact(1, true, 55)}, 0.5),
                     Code::TdcSpanUnlikely));
    }

    void swappedIsSaid() {
        QVERIFY(has(examineTdc({contact(1, false, 26.5), contact(1, true, -31)}, 0.5),
                    Code::TdcContactsSwapped));
    }
};

QTEST_GUILESS_MAIN(TestTdc)
#include "test_tdc.moc"
