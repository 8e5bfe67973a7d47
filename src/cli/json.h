// Results as JSON: crank degrees of the cycle with 0 at TDC on overlap, lengths in mm. What is
// not known is null.
#pragma once

#include "core/examine/examine.h"
#include "words/numbers.h"

#include <QString>

#include <nlohmann/json.hpp>

#include <optional>

/// Qt's strings as JSON has them, UTF-8.
template <> struct nlohmann::adl_serializer<QString> {
    static void to_json(json& to, const QString& from) { to = from.toStdString(); }
};

namespace cli {

using Json = nlohmann::json;

Json orNull(const std::optional<double>& number);
Json orNull(const std::optional<lobe::CrankDeg>& at);

/// One lobe: events at each height asked for, centres by every school, lift, area, motion;
/// half-widths of 95 % under "uncertainty".
Json lobeJson(const lobe::LobeFigures& figures, const std::vector<lobe::Height>& heights,
              const words::Style& style);
/// An array of {code, severity, message}, in the order they were found.
Json findingsJson(const std::vector<lobe::Finding>& findings, const words::Style& style);
/// Both lobes with separation, advance, split point and overlap at each height.
Json pairJson(const lobe::LobeFigures& intake, const lobe::LobeFigures& exhaust,
              const lobe::PairFigures& pair, const std::vector<lobe::Height>& heights,
              const words::Style& style);
/// Causes from the likeliest on, each with its evidence; `tdcProved` goes into what to do next.
Json explanationJson(const lobe::Explanation& explanation, bool tdcProved,
                     const words::Style& style);
/// The route, the figures, explanations, changes, need and compression of a whole job.
Json jobJson(const lobe::Job& job, const lobe::Findings& findings, const words::Style& style);

} // namespace cli
