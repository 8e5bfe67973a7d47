// What a drive can do, against every combination gone through by brute force.
#include "core/drive/choices.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <numeric>
#include <random>
#include <set>

namespace test_choices {

using namespace lobe;

namespace {

struct Case {
    const char* name;
    Drive drive;
};

Drive drive(int teeth, int keyways = 1) {
    Drive d;
    d.teeth = teeth;
    d.keyways = keyways;
    return d;
}

std::vector<Case> cases() {
    std::vector<Case> all;
    all.push_back({"teeth alone", drive(42)});
    all.push_back({"keyways that gain", drive(40, 3)});
    all.push_back({"keyways that gain nothing", drive(42, 3)});
    all.push_back({"keyways that gain in part", drive(40, 6)});
    Drive d = drive(44);
    d.vernierWheel = 11;
    d.vernierHub = 12;
    all.push_back({"vernier", d});
    d.vernierWheel = 12;
    d.vernierHub = 15;
    all.push_back({"vernier with a common factor", d});
    d = drive(0);
    d.vernierWheel = 9;
    d.vernierHub = 10;
    all.push_back({"vernier alone", d});
    d = drive(40, 3);
    d.crankKeyways_deg = {-4.0, 4.0};
    all.push_back({"crank keyways", d});
    d.bushes_deg = {1.0, 2.5, -1.0};
    all.push_back({"crank keyways and bushes", d});
    d.vernierWheel = 7;
    d.vernierHub = 8;
    all.push_back({"everything", d});
    return all;
}

/// Millionths of a degree within half a turn of the cam; half a turn is the same either way.
long long folded(double deg) {
    const long long micro = std::llround(std::remainder(deg, 720.0) * 1e6);
    return micro == -360000000 ? 360000000 : micro;
}

/// Every move there is, as whole millionths of a degree within half a turn of the cam.
std::set<long long> brute(const Drive& d) {
    std::set<long long> all;
    const auto with0 = [](std::vector<double> v) {
        v.push_back(0.0);
        return v;
    };
    const int n1 = std::max(1, d.vernierWheel), n2 = std::max(1, d.vernierHub);
    for (int t = 0; t < std::max(1, d.teeth); ++t)
        for (int k = 0; k < d.keyways; ++k)
            for (double crank : with0(d.crankKeyways_deg))
                for (double bush : with0(d.bushes_deg))
                    for (int a = 0; a < n1; ++a)
                        for (int b = 0; b < n2; ++b) {
                            const double turns = double(t) / std::max(1, d.teeth) +
                                                 double(k) / d.keyways + double(a) / n1 -
                                                 double(b) / n2;
                            all.insert(folded(720.0 * turns + crank + bush));
                        }
    return all;
}

/// The moves from where bushes and crank keyway stand: those there are, less those in use.
std::set<long long> bruteFrom(const Drive& d, const DriveState& now) {
    std::set<long long> all;
    for (long long move : brute(d))
        all.insert(folded(static_cast<double>(move) / 1e6 - now.bush_deg - now.crankKeyway_deg));
    return all;
}

double rebuilt(const Drive& d, const DriveMove& m) {
    return (d.teeth > 0 ? 720.0 * m.teeth / d.teeth : 0.0) + 720.0 * m.keyway / d.keyways +
           m.crankKeyway_deg + m.vernier_deg + m.bush_deg + m.slot_deg;
}

bool leastFirst(const Choice& a, const Choice& b) {
    const auto ra = std::llround(std::abs(a.residual_deg) * 1e6),
               rb = std::llround(std::abs(b.residual_deg) * 1e6);
    return ra != rb ? ra < rb : a.move.changes() <= b.move.changes();
}

} // namespace

class TestChoices : public QObject {
    Q_OBJECT
private slots:
    void againstBruteForce_data() {
        QTest::addColumn<int>("which");
        QTest::addColumn<double>("need");
        for (int i = 0; i < static_cast<int>(cases().size()); ++i)
            for (double need : {0.0, 4.0, -3.2, 8.57, -11.9, 17.3})
                QTest::addRow("%s, %g", cases()[static_cast<std::size_t>(i)].name, need)
                    << i << need;
    }
    void againstBruteForce() {
        QFETCH(int, which);
        QFETCH(double, need);
        const Drive d = cases()[static_cast<std::size_t>(which)].drive;
        QVERIFY(!faultOf(d));
        // The moves by brute force, nearest to the need first.
        std::vector<double> left;
        for (long long move : brute(d))
            left.push_back(std::abs(need - static_cast<double>(move) / 1e6));
        std::sort(left.begin(), left.end());
        const auto found = choices(d, need, 40, true);
        QCOMPARE(found.size(), std::min<std::size_t>(40, left.size()));
        for (std::size_t i = 0; i < found.size(); ++i) {
            QVERIFY2(std::abs(std::abs(found[i].residual_deg) - left[i]) < 2e-6,
                     qPrintable(QStringLiteral("%1: %2, by brute force %3")
                                    .arg(i)
                                    .arg(found[i].residual_deg)
                                    .arg(left[i])));
            QVERIFY(std::abs(need - found[i].move.total_deg - found[i].residual_deg) < 1e-9);
            QVERIFY(std::abs(rebuilt(d, found[i].move) - found[i].move.total_deg) < 1e-9);
        }
    }

    /// What is in use after a move is where the next is counted from: random drives, three moves
    /// one after another, against every combination of where the parts can stand.
    void exactAfterMoves_data() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned seed = 1; seed <= 300; ++seed)
            QTest::addRow("drive %u", seed) << seed;
    }
    void exactAfterMoves() {
        QFETCH(unsigned, seed);
        std::mt19937 random(seed);
        const auto pick = [&](int least, int most) {
            return least + static_cast<int>(random() % static_cast<unsigned>(most - least + 1));
        };
        Drive d = drive(pick(0, 3) ? pick(18, 60) : 0, pick(1, 6));
        if (pick(0, 2) == 0) d.vernierWheel = pick(5, 13), d.vernierHub = pick(5, 13);
        for (int i = pick(0, 4); i > 0; --i)
            d.bushes_deg.push_back(pick(-16, 16) / 2.0);
        for (int i = pick(0, 3); i > 0; --i)
            d.crankKeyways_deg.push_back(pick(-8, 8));
        if (pick(0, 2) == 0) d.slot_deg = pick(2, 12);
        QVERIFY(!faultOf(d));
        // Where each part stands, kept here by its own reckoning.
        DriveState now;
        double stands = 0.0;
        for (int move = 0; move < 3; ++move) {
            const double need = pick(-240, 240) / 13.0;
            double least = 1e9;
            // Every place the parts can be in, from where they were at first.
            for (long long place : bruteFrom(d, now)) {
                const double at = static_cast<double>(place) / 1e6;
                // A slot takes the rest as far as it goes from where it stands.
                const double rest = std::remainder(need - at, 720.0);
                const double slot =
                    std::clamp(rest, -d.slot_deg - now.slot_deg, d.slot_deg - now.slot_deg);
                least = std::min({least, std::abs(rest), std::abs(rest - slot)});
            }
            const auto found = choices(d, need, 12, true, now);
            QVERIFY(!found.empty());
            QVERIFY2(std::abs(std::abs(found.front().residual_deg) - least) < 3e-6,
                     qPrintable(QStringLiteral("move %1: %2, by brute force %3")
                                    .arg(move)
                                    .arg(found.front().residual_deg)
                                    .arg(least)));
            // Any of those offered, not the first alone, is where the next begins.
            const DriveMove& made = found[random() % found.size()].move;
            QVERIFY(std::abs(rebuilt(d, made) - made.total_deg) < 1e-9);
            now.take(made);
            stands += made.total_deg;
            // Every part is one that is there.
            const auto there = [](const std::vector<double>& listed, double at) {
                return std::abs(at) < 1e-9 ||
                       std::any_of(listed.begin(), listed.end(),
                                   [&](double x) { return std::abs(x - at) < 1e-9; });
            };
            QVERIFY(there(d.bushes_deg, now.bush_deg));
            QVERIFY(there(d.crankKeyways_deg, now.crankKeyway_deg));
            QVERIFY(std::abs(now.slot_deg) <= d.slot_deg + 1e-9);
            // And the way back is there.
            QVERIFY(std::abs(choices(d, -made.total_deg, 1, true, now).front().residual_deg) <
                    2e-6);
        }
    }

    void everyCombinationIsThere_data() {
        QTest::addColumn<int>("which");
        for (int i = 0; i < static_cast<int>(cases().size()); ++i)
            QTest::addRow("%s", cases()[static_cast<std::size_t>(i)].name) << i;
    }
    void everyCombinationIsThere() {
        QFETCH(int, which);
        const Drive d = cases()[static_cast<std::size_t>(which)].drive;
        const auto all = choices(d, 3.0, 1000000);
        QCOMPARE(static_cast<double>(all.size()), combinations(d));
        for (std::size_t i = 1; i < all.size(); ++i)
            QVERIFY(leastFirst(all[i - 1], all[i]));
        // No two of them alike, and every move that brute force finds.
        std::set<std::tuple<int, int, double, double, double>> seen;
        std::set<long long> moves;
        for (const Choice& c : all) {
            seen.insert({c.move.teeth, c.move.keyway, c.move.crankKeyway_deg, c.move.vernier_deg,
                         c.move.bush_deg});
            moves.insert(folded(c.move.total_deg));
        }
        QCOMPARE(seen.size(), all.size());
        QCOMPARE(moves.size(), brute(d).size());
        // However few are asked for, they are the first of all: 0 and 12 degrees are met many ways.
        for (double need : {0.0, 3.0, 12.0}) {
            const auto whole = choices(d, need, 1000000);
            for (std::size_t few : {1u, 2u, 3u, 7u}) {
                const auto first = choices(d, need, few);
                QCOMPARE(first.size(), std::min(few, whole.size()));
                for (std::size_t i = 0; i < first.size(); ++i) {
                    QCOMPARE(first[i].residual_deg, whole[i].residual_deg);
                    QCOMPARE(first[i].move.changes(), whole[i].move.changes());
                    QCOMPARE(first[i].move.total_deg, whole[i].move.total_deg);
                }
            }
        }
        QVERIFY(choices(d, 3.0, 0).empty());
    }

    void ofAlikeTheFewestChangesFirst() {
        // 12 degrees on a bush or on the teeth and keyways of a 40 tooth wheel: the bush is one.
        Drive d = drive(40, 3);
        d.bushes_deg = {12.0};
        const auto all = choices(d, 12.0, 5);
        QCOMPARE(all.front().move.bush_deg, 12.0);
        QCOMPARE(all.front().move.changes(), 1);
        QVERIFY(all[1].move.changes() > 1);
        QVERIFY(std::abs(all[1].residual_deg) < 1e-9);
        // Nothing to do is done by nothing.
        QCOMPARE(choices(d, 0.0, 1).front().move, DriveMove{});
    }

    void slots_() {
        Drive d = drive(40);
        d.slot_deg = 12.0;
        d.slotLine_deg = 2.0;
        // Within the range the slots alone leave nothing.
        Choice c = choices(d, 7.3, 1).front();
        QCOMPARE(c.move.slot_deg, 7.3);
        QCOMPARE(c.move.teeth, 0);
        QCOMPARE(c.residual_deg, 0.0);
        // Beyond it, a tooth and the slots back; 20 = 18 + 2.
        c = choices(d, 20.0, 1).front();
        QCOMPARE(c.move.teeth, 1);
        QVERIFY(std::abs(c.move.slot_deg - 2.0) < 1e-9);
        QCOMPARE(c.move.changes(), 2);
        // Slots alone, out of reach: to their end.
        d.teeth = 0;
        c = choices(d, 20.0, 1).front();
        QCOMPARE(c.move.slot_deg, 12.0);
        QVERIFY(std::abs(c.residual_deg - 8.0) < 1e-9);
    }

    void finestStep_data() {
        QTest::addColumn<int>("teeth");
        QTest::addColumn<int>("keyways");
        QTest::addColumn<double>("step");
        QTest::newRow("no common factor") << 40 << 3 << 720.0 / 120.0;
        QTest::newRow("keyways divide the teeth") << 42 << 3 << 720.0 / 42.0;
        QTest::newRow("in part") << 40 << 6 << 720.0 / 120.0;
        QTest::newRow("teeth alone") << 36 << 1 << 20.0;
    }
    void finestStep() {
        QFETCH(int, teeth);
        QFETCH(int, keyways);
        QFETCH(double, step);
        const Drive d = drive(teeth, keyways);
        QCOMPARE(finest_deg(d), step);
        // As close as the moves lie to one another.
        const auto moves = brute(d);
        long long least = 720000000;
        for (auto it = std::next(moves.begin()); it != moves.end(); ++it)
            least = std::min(least, *it - *std::prev(it));
        QVERIFY(std::abs(static_cast<double>(least) / 1e6 - step) < 1e-5);
    }

    void vernierHolesMeet() {
        Drive d = drive(44);
        d.vernierWheel = 11;
        d.vernierHub = 12;
        for (int v = -40; v <= 40; ++v) {
            const double move = 720.0 * v / 132.0;
            const VernierHoles h = vernierHoles(d, move);
            // Hub hole j, turned on by half the move with the cam, stands at wheel hole i.
            const double hub = 360.0 * h.hub / 12.0 + move / 2.0, wheel = 360.0 * h.wheel / 11.0;
            QVERIFY(std::abs(std::remainder(hub - wheel, 360.0)) < 1e-9);
        }
        const VernierHoles none = vernierHoles(d, 0.0);
        QCOMPARE(none.wheel, 0);
        QCOMPARE(none.hub, 0);
    }

    void whereTheSlideCanStand() {
        Drive d = drive(40, 3);
        const auto stops = reachable_deg(d, 15.0);
        QCOMPARE(stops, (std::vector<double>{-12.0, -6.0, 0.0, 6.0, 12.0}));
        d = drive(40);
        d.slot_deg = 3.0;
        d.slotLine_deg = 1.5;
        QCOMPARE(reachable_deg(d, 16.5),
                 (std::vector<double>{-16.5, -15.0, -3.0, -1.5, 0.0, 1.5, 3.0, 15.0, 16.5}));
    }

    void veryManyStayFew() {
        // More than can be gone through one by one: the best is still the best.
        Drive d = drive(61, 7);
        d.vernierWheel = 23;
        d.vernierHub = 24;
        d.crankKeyways_deg = {-4.0, 4.0};
        QVERIFY(combinations(d) > 400000.0);
        const double finest = finest_deg(d);
        for (double need : {3.33, -7.77, 0.01}) {
            const Choice c = choices(d, need, 1).front();
            QVERIFY(std::abs(c.residual_deg) <= finest / 2.0 + 1e-9);
            QVERIFY(std::abs(rebuilt(d, c.move) - c.move.total_deg) < 1e-9);
        }
        // And the slide has no gap it need not have, out to its ends.
        const auto stops = reachable_deg(d, 5.0);
        for (std::size_t i = 1; i < stops.size(); ++i)
            QVERIFY(stops[i] - stops[i - 1] <= 0.1);
        QVERIFY(stops.front() < -4.9 && stops.back() > 4.9);
    }

    void impossibleDrives_data() {
        QTest::addColumn<int>("fault");
        QTest::addColumn<int>("what");
        for (int i = 0; i < 9; ++i)
            QTest::addRow("%d", i)
                << std::array{0, 0, 1, 2, 2, 3, 4, 3, 1}[static_cast<std::size_t>(i)] << i;
    }
    void impossibleDrives() {
        QFETCH(int, fault);
        QFETCH(int, what);
        Drive d = drive(40);
        if (what == 0) d.teeth = 7;
        if (what == 1) d.teeth = -40;
        if (what == 2) d.keyways = 0;
        if (what == 3) d.vernierWheel = 11;
        if (what == 4) d.vernierWheel = d.vernierHub = 1;
        if (what == 5) d.slot_deg = 2.0, d.slotLine_deg = 12.0;
        if (what == 6) d.bushes_deg = {200.0};
        if (what == 7) d.slot_deg = 12.0, d.slotLine_deg = 1e-6;
        if (what == 8) d.keyways = 2000000000;
        QVERIFY(faultOf(d));
        QCOMPARE(static_cast<int>(*faultOf(d)), fault);
        // A book may hold it all the same: nothing of it is gone through.
        QCOMPARE(reachable_deg(d, 15.0), std::vector<double>{0.0});
        const auto none = choices(d, 4.0, 12);
        QCOMPARE(none.size(), std::size_t(1));
        QCOMPARE(none[0].move.total_deg, 0.0);
        QCOMPARE(none[0].residual_deg, 4.0);
        QVERIFY(std::isfinite(finest_deg(d)));
    }

    void offsetKeys() {
        QVERIFY(std::abs(*offsetKey_deg(6.0, 12.0) - 30.0) < 1e-9);
        QVERIFY(std::abs(*offsetKey_deg(-6.0, 12.0) + 30.0) < 1e-9);
        QVERIFY(!offsetKey_deg(12.0, 12.0));
        QVERIFY(!offsetKey_deg(1.0, 0.0));
    }

    void alongTheBoltCircle() {
        // 4 crank degrees are 2 cam degrees: a ninetieth of pi at 40 mm.
        QVERIFY(std::abs(boltArc_mm(40.0, 4.0) - 40.0 * 2.0 * 3.14159265358979 / 180.0) < 1e-9);
    }
};

AMBER_TEST(TestChoices)

} // namespace test_choices

#include "test_choices.moc"
