// amber-lobe-cli compression: static and dynamic ratio from the dimensions and the closing.
#pragma once

#include "cli/host.h"
#include "cli/json.h"

#include <QString>

namespace cli {

struct CompressionOptions {
    double bore = 0.0, stroke = 0.0, rod = 0.0, pinOffset = 0.0; ///< mm
    double chamber = 0.0, crown = 0.0, crevice = 0.0;            ///< cc
    double gasketBore = 0.0, gasket = 0.0, deck = 0.0;           ///< mm
    double ivc = 0.0;                                            ///< degrees after BDC
    double altitude = 0.0, exponent = 1.25;
    bool json = false;
};

struct CompressionPrinted {
    Json json;
    QString text;
};

/// Throws Refusal for geometry that cannot be, naming the value.
CompressionPrinted runCompression(const CompressionOptions& options);

void addCompression(Command app, Host& host);

} // namespace cli
