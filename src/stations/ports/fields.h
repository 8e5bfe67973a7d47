// What is asked of a two-stroke's ports.
#pragma once

#include "desk/field.h"

namespace app {

std::vector<Field> portFields();

} // namespace app
