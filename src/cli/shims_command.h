// amber-lobe-cli shims: which shims of a stock under which valve.
#pragma once

#include "cli/host.h"

namespace CLI {
class App;
}

namespace cli {

void addShims(CLI::App& app, Host& host);

} // namespace cli
