// The cams one could fit, up to six side by side in this engine; private to the sheet.
#pragma once

#include "core/result/findings.h"
#include "words/numbers.h"

#include <QString>

namespace sheet {

/// Every figure that is known and every wish, as rich text without a heading; empty with fewer than
/// two cams.
QString camsPart(const lobe::Job& job, const lobe::Findings& findings, const words::Style& style);

} // namespace sheet
