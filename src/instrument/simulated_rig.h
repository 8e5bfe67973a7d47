// The simulated bench, running beside whatever listens to it: its tools are ports like any other.
#pragma once

#include "instrument/port.h"
#include "simulated/bench.h"

#include <QPointer>
#include <QTimer>

#include <array>

namespace instrument {

class SimulatedRig : public QObject {
    Q_OBJECT
public:
    /// It runs by this clock while anybody listens.
    SimulatedRig(simulated::Bench bench, Seconds clock, QObject* parent = nullptr);

    simulated::Bench& bench() { return bench_; }
    /// Of "dial", "second" or "encoder"; null for another word.
    std::unique_ptr<Port> port(const QString& tool, Seconds clock);
    /// The tools as instruments of this machine.
    static std::vector<Instrument> tools();

    /// As much time as the clock says has passed: by itself many times a second.
    void goOn();

signals:
    /// Time went on: the crank may stand elsewhere.
    void moved();

private:
    class Socket;

    simulated::Bench bench_;
    Seconds clock_;
    QTimer tick_;
    double last_s_ = -1.0;
    std::array<QPointer<Port>, simulated::kTools> sockets_;
    std::array<bool, simulated::kTools> out_{};
};

} // namespace instrument
