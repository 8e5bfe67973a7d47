// What reaches a station, from whatever hand or instrument: the one door in. A line of text and a
// letter are typed; a reading was measured, and is never made into text to be read back.
#pragma once

#include <QChar>
#include <QString>

#include <optional>
#include <variant>

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
    QString source; ///< what measured it, for the record
};

using Input = std::variant<Line, Letter, InstrumentReading, Step, Strike, Leave>;

} // namespace app
