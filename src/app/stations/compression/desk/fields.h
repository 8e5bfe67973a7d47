// What the compression is made of, asked one by one.
#pragma once

#include "desk/field.h"

namespace app {

std::vector<Field> compressionFields();

} // namespace app
