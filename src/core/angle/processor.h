// What the processor must be told.
#pragma once

namespace lobe {

/// Lets go of the upper halves of the vector registers. What paints with them may leave them in use
/// (Qt 6.4 does), and on many x86 processors every plain operation on doubles then waits for what
/// it does not need: an analysis takes nearly twice as long. To be called before much arithmetic in
/// a thread that paints; costs next to nothing, and does nothing where there are none.
void letGoOfVectors();

} // namespace lobe
