// ./run faults [SECONDS]: damaged and hostile books, and readers fuzzed, by a seed.
#include "faults/faults.h"

#include <QCoreApplication>
#include <QTemporaryDir>

#include <cstdio>
#include <cstdlib>

namespace faults {

void must(bool ok, const QString& what) {
    if (ok) return;
    std::fprintf(stderr, "%s\n", qPrintable(what));
    std::abort();
}

} // namespace faults

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    const double seconds = argc > 1 ? std::atof(argv[1]) : 30.0;
    const unsigned seed = argc > 2 ? static_cast<unsigned>(std::atol(argv[2])) : 1;
    // Longer runs have more books as well as more seconds.
    const double longer = std::max(1.0, seconds / 30.0);
    const QTemporaryDir folder;
    faults::damagedBooks(folder.path(), static_cast<int>(200 * longer), seed);
    faults::hostileBooks(folder.path(), static_cast<int>(100 * longer), seed);
    faults::readers(seconds, seed);
    return 0;
}
