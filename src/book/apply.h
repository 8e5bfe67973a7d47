// A change carried out on a job in memory, as reading it back from the book would show it: entry
// then costs what it changes and not the whole job.
#pragma once

#include "book/book.h"

namespace book {

void apply(lobe::Job& job, const Change& change, const Made& made);

} // namespace book
