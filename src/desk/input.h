// What reaches a station, from whatever hand or instrument: the one door in. A line of text and a
// letter are typed; a reading was measured, and is never made into text to be read back.
#pragma once

#include "core/job/heard.h"

#include <QChar>
#include <QString>

#include <optional>
#include <variant>
#include <vector>

namespace app {

struct Line {
    QString text; ///< Enter was pressed behind it
};
struct Letter {
    QChar letter; ///< the whole of the line, and a command now
};
struct Step {
    int direction = 1; ///< up (-1) or down (+1)
};
struct Strike {}; ///< the last reading
struct Leave {};  ///< whatever was asked in between

/// A value as an instrument gives it.
struct InstrumentReading {
    enum class Unit { Millimetre, Degree };
    double value = 0.0;
    Unit unit = Unit::Millimetre;
    /// Of a length: where the crank stood, degrees on the wheel from its zero, positive in the
    /// running direction; empty where nothing counts them.
    std::optional<double> wheel_deg{};
    QString source;      ///< what measured it, as it is called on this machine
    QString raw{};       ///< as it said it
    bool moving = false; ///< the crank moved or the dial was not quiet

    /// For the record; empty where nobody said anything.
    std::optional<lobe::Heard> heard() const {
        if (source.isEmpty() && raw.isEmpty()) return std::nullopt;
        return lobe::Heard{raw.toStdString(), source.toStdString(), moving};
    }
};

/// Readings of one pass of the crank, in the order taken: one action to undo.
struct InstrumentPass {
    std::vector<InstrumentReading> readings;
    bool goesOn = false;  ///< of the pass whose readings were kept last
    bool through = false; ///< the base circle was reached again: the lobe is taken
};

using Input = std::variant<Line, Letter, InstrumentReading, InstrumentPass, Step, Strike, Leave>;

} // namespace app
