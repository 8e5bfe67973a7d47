// amber-lobe-cli set: what the drive can do about a wanted move.
#pragma once

#include "cli/host.h"
#include "cli/json.h"

#include <QString>

#include <string>
#include <vector>

namespace cli {

struct SetOptions {
    double need = 0.0; ///< crank degrees, positive advances
    int teeth = 0, keyways = 1;
    bool teethGiven = false;
    std::string crankOffsets, bushes; ///< "D,D,...", crank degrees, positive advances
    std::string vernier;              ///< "N1:N2", wheel holes to hub holes
    std::string slot;                 ///< "RANGE:LINE", crank degrees
    int most = 10;
    bool json = false;
};

struct SetPrinted {
    Json json;
    QString text;
};

/// Throws Refusal for a drive that cannot be, naming the option.
SetPrinted runSet(const SetOptions& options);

void addSet(Command app, Host& host);

} // namespace cli
