// One instrument of this machine: how it speaks, where it is plugged in, and what it is fitted to.
// Kept per machine; and as a line of text, which a recorded stream begins with.
#pragma once

#include "core/live/counter.h"
#include "instrument/format.h"

#include <QString>

#include <optional>

namespace instrument {

/// What it is fitted to. `Lift`: whichever lobe is at hand.
enum class Role { Lift, Intake, Exhaust, Drop, Angle, TakeIt };

/// Where it is plugged in: what begins it says what kind of place it is.
///   serial:/dev/ttyUSB0     a serial port
///   pipe:/tmp/dial          a pipe, a pseudo-terminal, or "-" for standard input
///   recorded:FILE#ROLE      a recorded stream
///   simulated:dial          of the simulated bench; or second, encoder
struct Instrument {
    QString name; ///< as people call it
    Role role = Role::Lift;
    Format format;
    lobe::Counter counter; ///< of an angle by counts
    QString place;
    QString usb{};          ///< of a serial port: vendor:product:serial, by which it is found again
    int baud = 9600;        ///< of a serial port
    QString framing{"8N1"}; ///< data bits, parity (N, E, O), stop bits
    bool operator==(const Instrument&) const = default;
};

QString roleWord(Role role);
std::optional<Role> roleFrom(const QString& word);
QString wayWord(Way way);
std::optional<Way> wayFrom(const QString& word);

/// "lift digits unit=mm reversed=1 …": what differs from the usual; and back. `name` and `place`
/// are the last two of a line and may hold spaces, percent-encoded. Empty where it cannot be read.
QString toLine(const Instrument& instrument);
std::optional<Instrument> fromLine(const QString& line);

} // namespace instrument
