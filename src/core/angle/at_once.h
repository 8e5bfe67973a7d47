// Work that stands alone, done on every core of the machine at once.
#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <system_error>
#include <thread>
#include <vector>

namespace lobe {

/// Calls `work(i)` once for every i under `count`, in any order and from several threads, and
/// returns when all are done; what the calls share they may only read; `work` must not throw.
template <typename Work> void atOnce(std::size_t count, const Work& work) {
    const std::size_t hands = std::min<std::size_t>(count, std::thread::hardware_concurrency());
    std::atomic<std::size_t> next{0};
    const auto run = [&] {
        for (std::size_t i = next++; i < count; i = next++)
            work(i);
    };
    std::vector<std::jthread> helpers;
    try {
        for (std::size_t i = 1; i < hands; ++i)
            helpers.emplace_back(run);
    } catch (const std::system_error&) {
        // A machine without room for one more thread does with those it has.
    }
    run();
}

} // namespace lobe
