// What is asked at Compare beside the cams: what the engine is for, and the wishes.
#pragma once

#include "desk/field.h"

namespace app {

struct CompareFields {
    std::vector<Field> all;
    int wishes = 0; ///< where they begin among them
};
CompareFields compareFields();

} // namespace app
