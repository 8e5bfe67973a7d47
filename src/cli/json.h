// Results as JSON: crank degrees of the cycle with 0 at TDC on overlap, lengths in mm. What is
// not known is null.
#pragma once

#include "core/examine/examine.h"
#include "words/numbers.h"

#include <QString>

#include <nlohmann/json.hpp>

/// Qt's strings as JSON has them, UTF-8.
template <> struct nlohmann::adl_serializer<QString> {
    static void to_json(json& to, const QString& from) { to = from.toStdString(); }
};

namespace cli {

using Json = nlohmann::json;

Json lobeJson(const lobe::LobeFigures& figures, const std::vector<lobe::Height>& heights,
              const words::Style& style);
Json findingsJson(const std::vector<lobe::Finding>& findings, const words::Style& style);
Json pairJson(const lobe::LobeFigures& intake, const lobe::LobeFigures& exhaust,
              const lobe::PairFigures& pair, const std::vector<lobe::Height>& heights,
              const words::Style& style);
Json explanationJson(const lobe::Explanation& explanation, bool tdcProved,
                     const words::Style& style);
Json jobJson(const lobe::Job& job, const lobe::Findings& findings, const words::Style& style);

} // namespace cli
