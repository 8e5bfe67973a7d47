// Shims out of a stock, against every choice there is.
#include "core/spring/shims.h"
#include "support/program.h"

#include <QElapsedTimer>
#include <QTest>

#include <cmath>
#include <functional>
#include <random>

namespace test_shims {

using namespace lobe;

namespace {

long long microns(double mm) {
    return std::llround(mm * 1000.0);
}

/// Least sum of |error| in micrometres, then pieces; by trying everything.
std::pair<long long, int> everyChoice(const std::vector<ShimSize>& have,
                                      const std::vector<double>& needs) {
    std::vector<int> left;
    for (const ShimSize& s : have)
        left.push_back(s.count);
    std::pair<long long, int> best{1LL << 60, 0};
    std::function<void(std::size_t, std::size_t, long long, long long, int)> go =
        [&](std::size_t valve, std::size_t size, long long total, long long off, int pieces) {
            if (valve == needs.size()) {
                best = std::min(best, std::pair(off, pieces));
                return;
            }
            if (size == have.size())
                return go(valve + 1, 0, 0, off + std::abs(total - microns(needs[valve])), pieces);
            for (int n = 0; n <= left[size]; ++n) {
                left[size] -= n;
                go(valve, size + 1, total + n * microns(have[size].size_mm), off, pieces + n);
                left[size] += n;
            }
        };
    go(0, 0, 0, 0, 0);
    return best;
}

std::pair<long long, int> of(const ShimPlan& plan) {
    long long off = 0;
    int pieces = 0;
    for (const ShimStack& s : plan.stacks) {
        off += std::abs(microns(s.error_mm));
        pieces += int(s.pieces_mm.size());
    }
    return {off, pieces};
}

/// Nothing is used that is not there, and what is left is what was not used.
void keepsTheStock(const std::vector<ShimSize>& have, const ShimPlan& plan) {
    QCOMPARE(plan.left.size(), have.size());
    for (std::size_t k = 0; k < have.size(); ++k) {
        int used = 0;
        for (const ShimStack& s : plan.stacks)
            for (const double piece : s.pieces_mm)
                used += piece == have[k].size_mm;
        // A size may be listed twice.
        int before = 0, after = 0;
        for (std::size_t j = 0; j < have.size(); ++j)
            if (have[j].size_mm == have[k].size_mm)
                before += have[j].count, after += plan.left[j].count;
        QVERIFY(plan.left[k].count >= 0);
        QCOMPARE(after, before - used);
    }
    for (const ShimStack& s : plan.stacks) {
        double total = 0.0;
        for (const double piece : s.pieces_mm)
            total += piece;
        QVERIFY(std::abs(total - s.total_mm) < 1e-9);
        QVERIFY(std::abs(s.total_mm - s.need_mm - s.error_mm) < 1e-9);
        QVERIFY(std::is_sorted(s.pieces_mm.rbegin(), s.pieces_mm.rend()));
    }
}

} // namespace

class TestShims : public QObject {
    Q_OBJECT
private slots:
    // By hand: four valves, a thick shim too few.
    void byHand() {
        const std::vector<ShimSize> have{{0.25, 2}, {0.5, 2}, {0.75, 1}};
        const auto plan = planShims(have, {0.75, 0.5, 0.75, 0.25});
        // 0.75 alone; 0.5; 0.5 + 0.25; 0.25: all of it, and nothing off.
        QCOMPARE(of(plan), (std::pair<long long, int>{0, 5}));
        QVERIFY(plan.proved);
        keepsTheStock(have, plan);
        // Nothing needed takes nothing; nothing at hand gives nothing.
        QCOMPARE(of(planShims(have, {0.0, 0.0})), (std::pair<long long, int>{0, 0}));
        QCOMPARE(of(planShims({}, {0.4})), (std::pair<long long, int>{400, 0}));
        // A piece more for the same error is none.
        QCOMPARE(planShims({{0.4, 1}, {0.2, 4}}, {0.4}).pieces, 1);
        QCOMPARE(planShims({{0.2, 1}}, {0.1}).pieces, 0);
    }

    // The best for one valve takes what another needs more: the head is one question.
    void theHeadIsOneQuestion() {
        // Greedy gives the first valve 0.5 and leaves the second 0.5 off.
        const auto plan = planShims({{0.5, 1}, {0.48, 1}}, {0.48, 0.5});
        QCOMPARE(of(plan), (std::pair<long long, int>{0, 2}));
        const auto two = planShims({{0.6, 1}, {0.3, 1}}, {0.55, 0.6});
        QCOMPARE(two.stacks[1].pieces_mm, std::vector<double>{0.6});
        QCOMPARE(two.stacks[0].pieces_mm, std::vector<double>{0.3});
    }

    void againstEveryChoice() {
        std::mt19937 random(11);
        for (int trial = 0; trial < 400; ++trial) {
            std::vector<ShimSize> have;
            const int sizes = 1 + int(random() % 4);
            for (int k = 0; k < sizes; ++k)
                have.push_back({double(5 + random() % 90) / 100.0, int(random() % 3)});
            std::vector<double> needs;
            const int valves = 1 + int(random() % 4);
            for (int v = 0; v < valves; ++v)
                needs.push_back(trial % 3 ? double(random() % 160) / 100.0
                                          : double(random() % 4) * 0.25);
            const auto plan = planShims(have, needs);
            QVERIFY(plan.proved);
            QCOMPARE(of(plan), everyChoice(have, needs));
            keepsTheStock(have, plan);
        }
    }

    // Heads of thirty-two valves out of forty pieces: proved, and against a bound that knows no
    // stock and one that exchanges any two stacks.
    void wholeHeads() {
        std::mt19937 random(5);
        double worst_ms = 0.0;
        int proved = 0, all = 0;
        for (int trial = 0; trial < 60; ++trial) {
            const std::vector<double> catalogue{0.25, 0.38, 0.5, 0.75, 1.0, 1.27, 1.5};
            std::vector<ShimSize> have;
            int pieces = 0;
            for (const double size : catalogue) {
                const int n = std::min(40 - pieces, int(random() % 11));
                have.push_back({size, n});
                pieces += n;
            }
            std::vector<double> needs;
            for (int v = 0; v < 32; ++v)
                needs.push_back(trial % 2 ? double(random() % 150) / 100.0
                                          : std::round(double(random() % 1500)) / 1000.0);
            QElapsedTimer t;
            t.start();
            const auto plan = planShims(have, needs);
            worst_ms = std::max(worst_ms, double(t.nsecsElapsed()) / 1e6);

            ++all;
            proved += plan.proved;
            keepsTheStock(have, plan);
            const auto cost = of(plan);
            for (std::size_t a = 0; a < needs.size(); ++a)
                for (std::size_t b = a + 1; b < needs.size(); ++b) {
                    const long long now = std::abs(microns(plan.stacks[a].error_mm)) +
                                          std::abs(microns(plan.stacks[b].error_mm));
                    const long long then = std::abs(microns(plan.stacks[b].total_mm - needs[a])) +
                                           std::abs(microns(plan.stacks[a].total_mm - needs[b]));
                    QVERIFY2(!plan.proved || then >= now, qPrintable(QString::number(trial)));
                }
            QVERIFY(cost.second <= pieces);
        }
        qInfo("%d of %d proved, worst %.1f ms", proved, all, worst_ms);
        QCOMPARE(proved, all);
    }

    void nearestEitherWay() {
        const std::vector<ShimSize> have{{0.5, 1}, {0.3, 2}};
        const auto near = nearestTotals(have, 0.7);
        QCOMPARE(near.below_mm, 0.6);
        QCOMPARE(near.above_mm, 0.8);
        QCOMPARE(nearestTotals(have, 0.6).above_mm, 0.6);
        QVERIFY(std::isinf(nearestTotals(have, 5.0).above_mm));
        QCOMPARE(nearestTotals(have, 5.0).below_mm, 1.1);
    }

    void whatCannotBeIsRefused() {
        QVERIFY(checkShims({{0.0, 1}}, {1.0}).fault == ShimFault::SizeOutOfRange);
        QVERIFY(checkShims({{0.5, 1}, {0.5, -1}}, {1.0}).at == 1);
        QVERIFY(checkShims({{0.5, 100000}}, {1.0}).fault == ShimFault::CountOutOfRange);
        QVERIFY(checkShims({{0.5, 1}}, {std::nan("")}).fault == ShimFault::NeedOutOfRange);
        QVERIFY(checkShims({{0.5, 1}}, std::vector<double>(65, 1.0)).fault ==
                ShimFault::TooManyValves);
        QVERIFY(planShims({{-0.5, 1}}, {1.0}).stacks.empty());
    }
};

AMBER_TEST(TestShims)

} // namespace test_shims

#include "test_shims.moc"
