// amber-lobe-cli backup: the whole of a book as one file more.
#pragma once

#include "cli/host.h"

namespace cli {

void addBackup(Command app, Host& host);

} // namespace cli
