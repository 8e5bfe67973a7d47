#include "core/angle/at_once.h"

#include <atomic>
#include <condition_variable>
#include <cstdint>
#include <mutex>
#include <stop_token>
#include <system_error>
#include <thread>
#include <vector>

namespace lobe {
namespace {

using Work = std::function<void(std::size_t)>;

/// Threads that wait for work, with the one that asks as many as there are cores. They are kept: a
/// thread begun anew for each examination may first stand on the core of the one that begins it.
class Hands {
public:
    Hands() {
        try {
            for (unsigned i = 1; i < std::thread::hardware_concurrency(); ++i)
                threads_.emplace_back([this](const std::stop_token& stop) { wait(stop); });
        } catch (const std::system_error&) {
            // A machine without room for one more thread does with those it has.
        }
    }

    void run(std::size_t count, const Work& work) {
        // Within the work of another, or beside it.
        if (count < 2 || threads_.empty() || asked_.test_and_set()) {
            for (std::size_t i = 0; i < count; ++i)
                work(i);
            return;
        }
        {
            const std::lock_guard lock(mutex_);
            work_ = &work;
            count_ = count;
            next_ = 0;
            ++round_;
        }
        begun_.notify_all();
        take(work, count);
        {
            std::unique_lock lock(mutex_);
            done_.wait(lock, [this] { return busy_ == 0; });
            work_ = nullptr; // who wakes late finds none
        }
        asked_.clear();
    }

private:
    void take(const Work& work, std::size_t count) {
        for (std::size_t i = next_++; i < count; i = next_++)
            work(i);
    }
    void wait(const std::stop_token& stop) {
        std::uint64_t seen = 0;
        std::unique_lock lock(mutex_);
        while (begun_.wait(lock, stop, [&] { return round_ != seen; })) {
            seen = round_;
            if (!work_) continue;
            const Work& work = *work_;
            const std::size_t count = count_;
            ++busy_;
            lock.unlock();
            take(work, count);
            lock.lock();
            if (--busy_ == 0) done_.notify_all();
        }
    }

    std::atomic_flag asked_;
    std::mutex mutex_; ///< of all below but `next_`
    std::condition_variable_any begun_;
    std::condition_variable done_;
    const Work* work_ = nullptr;
    std::size_t count_ = 0;
    std::uint64_t round_ = 0;
    int busy_ = 0; ///< threads at work, without the one that asks
    std::atomic<std::size_t> next_{0};
    std::vector<std::jthread> threads_; ///< last, so that they end first
};

} // namespace

void atOnce(std::size_t count, const Work& work) {
    static Hands hands;
    hands.run(count, work);
}

} // namespace lobe
