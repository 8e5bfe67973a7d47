// The facts of an engine and its cam card, in asking order.
#pragma once

#include "desk/field.h"

namespace app {

/// The engine's facts, then its cam card's.
std::vector<Field> engineFields();
/// What the facts of the cam card are of, as Field::subject says it.
QString cardSubject();

} // namespace app
