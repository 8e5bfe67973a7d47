// amber-lobe-cli examine: every finding of a job in a book.
#pragma once

#include "cli/host.h"

namespace cli {

void addExamine(Command app, Host& host);

} // namespace cli
