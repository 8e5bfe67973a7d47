// The instruments of this machine, as they are connected now: what each says, whether it speaks at
// all, and whether it speaks sense. Whoever wants readings listens here.
#pragma once

#include "instrument/ear.h"
#include "instrument/port.h"
#include "instrument/stream.h"

#include <QTimer>

#include <memory>
#include <vector>

namespace instrument {

/// How an instrument does.
enum class Health {
    Fine,
    Waiting, ///< connected, and has said nothing yet
    Silent,  ///< said nothing for a while
    Damaged, ///< some of it arrives damaged; what arrives whole counts
    Odd,     ///< what comes makes no sense
    Lost,    ///< not there
};

class Instruments : public QObject {
    Q_OBJECT
public:
    explicit Instruments(Seconds clock = steadyClock(), QObject* parent = nullptr);
    ~Instruments() override;

    struct State {
        Instrument instrument;
        Health health = Health::Waiting;
        QString trouble;            ///< of one that is lost, in a sentence
        std::optional<Said> last{}; ///< said last that made sense
        std::optional<Said> odd{};  ///< and that did not
        double last_s = -1.0;
        long long all = 0, oddOnes = 0;
        double perSecond = 0.0; ///< what it says in a second
    };

    /// Connected, in the order added. Their places in it are their numbers.
    const std::vector<std::unique_ptr<State>>& all() const { return states_; }
    bool none() const { return states_.empty(); }
    /// The first fitted to a role that is there; null for none.
    const State* of(Role role) const;

    /// Connects it; it may not be there yet.
    void add(const Instrument& instrument);
    void remove(std::size_t which);
    void removeAll();
    /// Speaks otherwise or is fitted to something else; listens anew.
    void change(std::size_t which, const Instrument& instrument);
    /// The encoder's zero is where it stands now, or so many degrees from there.
    void setAngleZero(double deg = 0.0);

    /// Everything that is said is also written to a file from now on; what is wrong, or empty.
    QString record(const QString& path);
    void stopRecording() { writer_.end(); }
    bool recording() const { return writer_.on(); }

    /// One sentence of what is wrong with the first that is not well; empty where all are.
    QString trouble() const;
    static QString healthSaid(const State& state);

    SimulatedRig* rig() { return rig_.get(); }
    /// The simulated bench, its three tools connected in place of everything else.
    SimulatedRig& simulate(simulated::Bench bench);
    double now() const { return clock_(); }

    static constexpr double kSilent_s = 0.8;

signals:
    /// Some of them were said by one, in order.
    void heard(const instrument::Instruments::State& by,
               const std::vector<instrument::Timed>& said);
    /// One came, went, or does otherwise.
    void changed();

private:
    struct Connection;
    void listen(std::size_t which);
    void arrived(State& state, Connection& connection, const QByteArray& bytes, double at_s);
    void setHealth(State& state, Health health, const QString& why = {});
    void look();

    Seconds clock_;
    std::unique_ptr<SimulatedRig> rig_;
    std::vector<std::unique_ptr<State>> states_;
    std::vector<std::unique_ptr<Connection>> connections_;
    StreamWriter writer_;
    QTimer look_;
};

} // namespace instrument
