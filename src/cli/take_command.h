// amber-lobe-cli take: one lobe out of a recorded stream of instruments, as a new run of a job.
#pragma once

#include "cli/host.h"

namespace cli {

void addTake(Command app, Host& host);

} // namespace cli
