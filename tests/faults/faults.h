// The parts of ./run faults. Each goes by a seed, ends the program where something is wrong, and
// says what it did in one line. What would be undefined is for the sanitizers to see.
#pragma once

#include <QString>

#include <cstdint>

namespace faults {

/// Books with bytes turned over, pages swapped, cut short: `count` of them, each opened, read
/// through, examined and written to, or refused; what was refused has not changed by a byte.
void damagedBooks(const QString& folder, int count, unsigned seed);

/// Sound SQLite files whose contents are not to be trusted: triggers, views, columns of other
/// kinds, numbers no engine has, JSON of any shape. Nothing of them runs, hangs or ends the
/// program.
void hostileBooks(const QString& folder, int count, unsigned seed);

/// Every reader of what others write or a builder types, each with the inputs of its corpus
/// changed at random, `seconds` in all.
void readers(double seconds, unsigned seed);

/// Ends the program with a sentence unless `ok`.
void must(bool ok, const QString& what);

} // namespace faults
