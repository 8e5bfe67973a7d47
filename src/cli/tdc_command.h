// amber-lobe-cli tdc: true TDC from readings typed as on the wheel.
#pragma once

#include "cli/host.h"
#include "cli/json.h"

#include "core/tdc/tdc.h"

#include <QString>

#include <string>
#include <vector>

namespace cli {

struct TdcOptions {
    std::string method = "stop", wheel = "0-180-0";
    double drop = 0.0, stroke = 0.0, rod = 0.0, pinOffset = 0.0,
           resolution = 0.0; ///< mm; 0: not said
    bool json = false;
    std::vector<std::string> readings;
};

struct TdcResult {
    Json json;
    QString text;
};

/// Throws Refusal for readings the wheel does not carry, too few or too many of them, and
/// geometry that cannot be.
TdcResult runTdc(const TdcOptions& options);

void addTdc(Command app, Host& host);

} // namespace cli
