// amber-lobe-cli shims: which shims of a stock under which valve.
#pragma once

#include "cli/host.h"

namespace cli {

void addShims(Command app, Host& host);

} // namespace cli
