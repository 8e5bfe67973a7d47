// A change carried out on a job in memory, as reading it back from the book would show it: entry
// then costs what it changes and not the whole job.
#pragma once

#include "book/book.h"

namespace book {

/// Does in memory what `Book::record` wrote: the job is then as `load` would read it. `made` has
/// the ids that were given.
void apply(lobe::Job& job, const Change& change, const Made& made);

} // namespace book
