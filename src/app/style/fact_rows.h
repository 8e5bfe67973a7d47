// The facts of a sheet as a list, the one asked for marked and in view.
#pragma once

#include "desk/fact_sheet.h"

namespace app {

class RowList;

void showFacts(RowList& list, const FactSheet& sheet, const Facts& facts,
               const words::Style& style);

} // namespace app
