// What is asked about a run beside its readings: its conditions.
#pragma once

#include "desk/field.h"

namespace app {

/// They act on Facts::conditions.
std::vector<Field> runFields();

} // namespace app
