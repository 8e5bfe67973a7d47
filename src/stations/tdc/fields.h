// What is asked at the TDC station beside the contacts.
#pragma once

#include "desk/field.h"

namespace app {

std::vector<Field> tdcFields();

} // namespace app
