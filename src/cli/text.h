// Results as text for people.
#pragma once

#include "core/examine/examine.h"
#include "words/numbers.h"

#include <QString>

namespace cli {

/// The same as lobeJson for people, in lines that end with a line feed.
QString lobeText(const lobe::LobeFigures& figures, const std::vector<lobe::Height>& heights,
                 const words::Style& style);
/// Separation, advance, split point and overlap, a line each.
QString pairText(const lobe::PairFigures& pair, const words::Style& style);
/// The verdict, what it rests on and what to do next; other causes after it.
QString explanationText(const lobe::Explanation& explanation, bool tdcProved,
                        const words::Style& style);
/// A whole job: what each station found, then every figure.
QString jobText(const lobe::Job& job, const lobe::Findings& findings, const words::Style& style);

} // namespace cli
