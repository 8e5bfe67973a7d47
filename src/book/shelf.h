// The shelf: every cam of every job of a book, by its card or as it was measured.
#pragma once

#include "book/book.h"

#include <vector>

namespace book {

/// Of `Book::shelf`: newest job first; of a job the fitted cam, then the cards at hand. Jobs whose
/// card or engine cannot be read are left out. Errors: damaged, locked.
struct ShelfCam {
    std::int64_t job = 0;
    QString jobName;
    lobe::Card card; ///< of a measured cam without one, a name alone
    lobe::Follower follower = lobe::Follower::SolidFlat;
    bool measured = false; ///< both its lobes have readings in that job: it is the one fitted there
    bool fitted = false;   ///< there, else at hand
};

} // namespace book
