// The figures explained to whoever owns the engine and has never held a degree wheel.
#pragma once

#include "core/result/findings.h"
#include "words/numbers.h"

#include <QStringList>

namespace sheet {

/// A paragraph for each figure that is known, with its number and what it means for the engine.
QStringList plainWords(const lobe::Job& job, const lobe::Findings& findings,
                       const words::Style& style);

} // namespace sheet
