// Results as JSON: crank degrees of the cycle with 0 at TDC on overlap, lengths in mm. What is
// not known is null.
#pragma once

#include "core/examine/examine.h"
#include "words/numbers.h"

#include <QJsonArray>
#include <QJsonObject>

namespace cli {

QJsonObject lobeJson(const lobe::LobeFigures& figures, const std::vector<lobe::Height>& heights,
                     const words::Style& style);
QJsonArray findingsJson(const std::vector<lobe::Finding>& findings, const words::Style& style);
QJsonObject pairJson(const lobe::LobeFigures& intake, const lobe::LobeFigures& exhaust,
                     const lobe::PairFigures& pair, const std::vector<lobe::Height>& heights,
                     const words::Style& style);
QJsonObject explanationJson(const lobe::Explanation& explanation, bool tdcProved,
                            const words::Style& style);
QJsonObject jobJson(const lobe::Job& job, const lobe::Findings& findings,
                    const words::Style& style);

} // namespace cli
