// A cam of the shelf by what matters, and whether a search finds it.
#pragma once

#include "core/job/card.h"
#include "core/job/follower.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// What a card says, derived where it can be. Degrees at its own height; separation cam degrees;
/// lift in mm, where its card gives it.
struct ShelfFigures {
    PerSide<std::optional<double>> duration, lift_mm;
    std::optional<double> separation, overlap;
};
ShelfFigures shelfFigures(const Card& card);

/// One word of a search: a text that must be found, or a figure within bounds.
enum class Sought { Text, Duration, Separation, Lift, Overlap };
struct SearchTerm {
    Sought what = Sought::Text;
    std::string text; ///< lower case
    std::optional<double> least, most;
};

/// "esker dur>230 lift<10 lsa108 overlap<20": words by spaces. A figure without > or < is meant to
/// a degree either way, a lift to a quarter millimetre. What is no figure is a text.
std::vector<SearchTerm> searchTerms(const std::string& search);

/// Every term: a text in `words` (lower case: names, job, follower), a figure of either lobe.
bool matches(const std::vector<SearchTerm>& terms, const ShelfFigures& figures,
             const std::string& words);

} // namespace lobe
