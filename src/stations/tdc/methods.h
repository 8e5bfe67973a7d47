// The five ways to true TDC in words: short steps, and the caution that belongs to each.
#pragma once

#include "core/job/contact.h"

#include <QString>

namespace app {

/// How contacts are taken by a method, and what is dangerous about it.
QString tdcSteps(lobe::TdcMethod method);
QString tdcCaution(lobe::TdcMethod method);
/// What the entry line asks for the next contact.
QString tdcAsk(lobe::TdcMethod method, bool afterTop);

} // namespace app
