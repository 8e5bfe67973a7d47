// The core's front door: a job in, everything that can be said about it out.
//
// Pure and fast: no clock, no locale, no settings but the job's own.
#pragma once

#include "core/result/findings.h"

#include <memory>
#include <optional>
#include <vector>

namespace lobe {

/// With `before`, runs on which nothing has changed are not analysed again; what comes out is the
/// same to the last bit.
Findings examine(const Job& job, const Before* before = nullptr);

} // namespace lobe
