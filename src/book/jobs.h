// How many jobs are listed at once: more than a lifetime has, and so few that a list of them is
// there in a moment.
#pragma once

#include <cstddef>

namespace book {

/// The newest; the others are in the book, and opened by their number.
constexpr std::size_t kMostListed = 20000;

} // namespace book
