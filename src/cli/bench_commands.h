// The commands of other work on the bench: ports of a two-stroke, a slow engine by the tape, and
// the stops at which lash is set.
#pragma once

#include "cli/host.h"

namespace cli {

void addPorts(Command app, Host& host);
void addTape(Command app, Host& host);
void addLash(Command app, Host& host);

} // namespace cli
