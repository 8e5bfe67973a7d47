// The drive, the target and the skimmed head, asked one by one.
#pragma once

#include "desk/field.h"

namespace app {

struct SetFields {
    std::vector<Field> all;
    int target = 0; ///< where the target begins among them
};
SetFields setFields();

} // namespace app
