// What undo takes back, in words, and where it is seen.
#pragma once

#include "book/book.h"
#include "core/examine/examine.h"
#include "stations/list.h"
#include "words/numbers.h"

#include <QString>

#include <optional>

namespace app {

/// "intake reading at 75° after TDC", "bore", "change 2 of the cam's setting".
QString deedName(const book::Deed& deed, const words::Style& style);
/// Short enough for a menu: "reading 75°".
QString deedShort(const book::Deed& deed, const words::Style& style);
/// Where it shows; empty for what shows everywhere, as a pin on the slate.
const stations::Station* deedStation(const book::Deed& deed);

} // namespace app
