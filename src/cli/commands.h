// amber-lobe-cli: every command, of which lobe and pair are here.
//
// Exit codes: 0 done; 1 the data cannot be used (one line on the error stream names the file, the
// line and what was expected); 2 the command line itself is wrong.
#pragma once

#include <cstdio>

namespace cli {

/// Runs a command line as the shell gave it; writes to the two streams and returns the exit code.
int run(int argc, const char* const* argv, std::FILE* out, std::FILE* err);

} // namespace cli
