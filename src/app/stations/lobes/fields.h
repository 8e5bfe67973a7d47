// What is asked about a run beside its readings: its conditions.
#pragma once

#include "app/frame/field.h"

namespace app {

/// They act on Facts::conditions.
const std::vector<Field>& runFields();

} // namespace app
