// The parts of a sheet as rich text; private to the sheet.
#pragma once

#include "sheet/sheet.h"

namespace sheet {

/// Where a picture stands in the text.
inline constexpr const char* kPictures = "[[pictures]]";

/// Of a part by its word; empty where the job has nothing for it.
QString partText(const QString& key, const lobe::Job& job, const lobe::Findings& findings,
                 const Options& options);

} // namespace sheet
