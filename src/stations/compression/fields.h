// What the compression is made of, asked one by one.
#pragma once

#include "desk/field.h"

namespace app {

/// Volumes of the cylinder at hand, then how the closing is called, then fuels.
std::vector<Field> compressionFields();

} // namespace app
