// Work done on every core: each piece once, whoever asks and however many do at a time.
#include "core/angle/at_once.h"
#include "support/program.h"

#include <QTest>

#include <atomic>
#include <thread>
#include <vector>

namespace test_at_once {

using namespace lobe;

namespace {

/// How often each of `count` pieces was done.
std::vector<int> done(std::size_t count) {
    std::vector<int> hits(count, 0); // each piece has its own
    atOnce(count, [&](std::size_t i) { ++hits[i]; });
    return hits;
}

} // namespace

class TestAtOnce : public QObject {
    Q_OBJECT

private slots:
    void eachOnce() {
        for (int round = 0; round < 2000; ++round) {
            const auto count = static_cast<std::size_t>(round % 17);
            QCOMPARE(done(count), std::vector<int>(count, 1));
        }
    }

    /// What is asked within the work of another, by any of those who do it, is done too.
    void withinWork() {
        for (int round = 0; round < 200; ++round) {
            std::vector<std::vector<int>> inner(6);
            atOnce(inner.size(), [&](std::size_t i) { inner[i] = done(i + 3); });
            for (std::size_t i = 0; i < inner.size(); ++i)
                QCOMPARE(inner[i], std::vector<int>(i + 3, 1));
        }
    }

    void severalAsk() {
        std::atomic<int> wrong{0};
        const auto ask = [&wrong] {
            for (int round = 0; round < 2000; ++round)
                if (done(9) != std::vector<int>(9, 1)) ++wrong;
        };
        {
            std::vector<std::jthread> askers;
            for (int i = 0; i < 4; ++i)
                askers.emplace_back(ask);
        }
        QCOMPARE(wrong.load(), 0);
    }

    /// More than one does it where there is more than one core: the others are waited for.
    void allHaveEndedWhenItReturns() {
        for (int round = 0; round < 300; ++round) {
            std::atomic<int> inside{0};
            atOnce(8, [&](std::size_t) {
                ++inside;
                std::this_thread::yield();
                --inside;
            });
            QCOMPARE(inside.load(), 0);
        }
    }
};

AMBER_TEST(TestAtOnce)

} // namespace test_at_once

#include "test_at_once.moc"
