// Where bytes come from. A port says what arrives and when, and that it was lost; it goes on
// looking for itself until it is there again. No network.
#pragma once

#include "instrument/instrument.h"

#include <QByteArray>
#include <QObject>

#include <functional>
#include <memory>
#include <vector>

namespace simulated {
class Bench;
}

namespace instrument {

class SimulatedRig;

/// Seconds on a clock that only rises.
using Seconds = std::function<double()>;
Seconds steadyClock();

class Port : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Begins to listen; what is wrong is said by lost(), and looked after again.
    virtual void start() = 0;

signals:
    /// `at_s`: when the last byte of them came.
    void arrived(const QByteArray& bytes, double at_s);
    /// It is there, and was not.
    void found();
    /// It is not there any more, or never was; why, in a sentence. Said once.
    void lost(const QString& why);
};

/// A serial port that is there.
struct SerialPlace {
    QString path, description; ///< the second may be empty
    QString usb;               ///< by which it is found again; empty where it is no USB port
};
std::vector<SerialPlace> serialPlaces();

/// The port a place names (instrument.h); null for a place nobody knows. `rig` may be null where
/// nothing is simulated.
std::unique_ptr<Port> portAt(const Instrument& instrument, Seconds clock, SimulatedRig* rig);

} // namespace instrument
