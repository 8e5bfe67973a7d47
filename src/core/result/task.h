// Something still to be taken.
#pragma once

#include "core/angle/angles.h"

#include <optional>

namespace lobe {

enum class TaskKind {
    FindTdc,      ///< contacts either side of the top
    ProveTdc,     ///< a second pass
    SayTop,       ///< overlap or firing
    AnswerTdc,    ///< TDC moved: shift the readings or keep them
    TakeLobe,     ///< a lobe with no run yet
    Finish,       ///< a run begun and not through
    MeasureAgain, ///< a lobe measured before the cam was moved
    ReadAgain,    ///< `at`: a reading that does not fit
    ContactAgain, ///< all is taken: does the pointer still stand where it was proved?
};

struct Task {
    TaskKind kind = TaskKind::FindTdc;
    int cylinder = 0;
    Side side = Side::Intake;
    std::optional<CrankDeg> at{};
    int left = 0;          ///< readings left of a run begun
    bool optional = false; ///< the last cylinder, for twist
};

} // namespace lobe
