// amber-lobe-cli filling: how one cylinder fills over speed, an estimate without pipes.
#pragma once

#include "cli/host.h"

namespace cli {

void addFilling(Command app, Host& host);

} // namespace cli
