// Results as text for people.
#pragma once

#include "core/examine/examine.h"
#include "words/numbers.h"

#include <QString>

namespace cli {

QString lobeText(const lobe::LobeFigures& figures, const std::vector<lobe::Height>& heights,
                 const words::Style& style);
QString pairText(const lobe::PairFigures& pair, const words::Style& style);
QString explanationText(const lobe::Explanation& explanation, bool tdcProved,
                        const words::Style& style);
QString jobText(const lobe::Job& job, const lobe::Findings& findings, const words::Style& style);

} // namespace cli
