// Where practitioners disagree: which of the schools calls a centre or a closing.
#pragma once

#include <cstddef>

namespace lobe {

/// Which of the four schools calls the lobe centre.
enum class CentreSchool { EqualDrop, Events, Peak, Centroid };

/// Which closing of the intake valve the dynamic compression is reckoned from.
enum class ClosingSchool { SeatMeasured, SeatMaker, Plus15, OwnHeight };
constexpr std::size_t kClosingSchools = 4;

} // namespace lobe
