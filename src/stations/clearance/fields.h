// What is asked about a clearance beside its presses: the mock-up, the limits, the phaser.
#pragma once

#include "desk/field.h"

namespace app {

struct ClearanceFields {
    std::vector<Field> all;
    int limits = 0; ///< where the limits begin among them
};
/// The mock-up's act on Facts::mockUp.
ClearanceFields clearanceFields();

} // namespace app
