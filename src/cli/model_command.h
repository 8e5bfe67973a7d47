// amber-lobe-cli model: a lobe modelled from its card, as a lift table.
#pragma once

#include "cli/host.h"

namespace cli {

void addModel(Command app, Host& host);

} // namespace cli
