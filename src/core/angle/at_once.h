// Work that stands alone, done on every core of the machine at once.
#pragma once

#include <cstddef>
#include <functional>

namespace lobe {

/// Calls `work(i)` once for every i under `count`, in any order and from several threads, and
/// returns when all are done; what the calls share they may only read; `work` must not throw. Who
/// asks while others are helped does all of it alone.
void atOnce(std::size_t count, const std::function<void(std::size_t)>& work);

} // namespace lobe
