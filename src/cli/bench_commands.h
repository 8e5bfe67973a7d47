// The commands of other work on the bench: ports of a two-stroke, a slow engine by the tape, and
// the stops at which lash is set.
#pragma once

#include "cli/host.h"

namespace CLI {
class App;
}

namespace cli {

void addPorts(CLI::App& app, Host& host);
void addTape(CLI::App& app, Host& host);
void addLash(CLI::App& app, Host& host);

} // namespace cli
