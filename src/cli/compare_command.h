// amber-lobe-cli compare: the candidates of a job in its engine, against its wishes.
#pragma once

#include "cli/host.h"

namespace cli {

void addCompare(CLI::App& app, Host& host);

} // namespace cli
