// A sentence for the error stream; the program ends with exit code 1.
#pragma once

#include <QString>

namespace cli {

struct Refusal {
    QString sentence;
};

} // namespace cli
