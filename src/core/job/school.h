// Where practitioners disagree: which of the schools calls a centre or a closing.
#pragma once

namespace lobe {

/// Which of the four schools calls the lobe centre.
enum class CentreSchool { EqualDrop, Events, Peak, Centroid };

/// Which closing of the intake valve the dynamic compression is reckoned from.
enum class ClosingSchool { SeatMeasured, SeatMaker, Plus15, OwnHeight };

} // namespace lobe
