// The one-key answers to a slip: each does what its finding's sentence offers, and nothing when
// that finding is not there.
#pragma once

#include "desk/session.h"

namespace app {

/// The angle to read again: what does not fit, else the last reading. As read, without the shift.
std::optional<lobe::CrankDeg> toReadAgain(Session& session);

/// The crank is on its other turn: what was read stands 360 degrees on. `begins` is set when
/// nothing of the lobe was read yet, so that a new run is wanted.
bool otherTurn(Session& session, bool& begins);

/// Takes the neighbouring turn of the dial for the reading that is one turn off.
bool otherDialTurn(Session& session);

/// The event that was read last, with all its readings at that height, stands on the other side of
/// its nearest dead centre: read there, the old ones struck.
bool onOtherSide(Session& session);

/// A lobe of the cylinder at hand stands where its other one does, whole or to its nose.
bool lobesSwapped(const Session& session);
/// Intake and exhaust of the cylinder at hand were taken for one another: each is a run of the
/// other, its angles in the turn where that lobe stands; what was read is struck where it was.
bool exchangeLobes(Session& session);

/// What stands off most counts from now on: the builder says it is right.
bool sayRight(Session& session);

/// Overlap was said for firing, or firing for overlap: says it right and turns the runs, in one
/// action.
bool putTopRight(Session& session);

} // namespace app
