// amber-lobe-cli compare: the candidates of a job in its engine, against its wishes.
#pragma once

#include "cli/host.h"

namespace cli {

void addCompare(Command app, Host& host);

} // namespace cli
