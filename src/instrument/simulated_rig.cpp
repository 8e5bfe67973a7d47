#include "instrument/simulated_rig.h"

#include "words/say.h"

namespace instrument {

namespace {
constexpr int kTick_ms = 5;
constexpr double kMostAtOnce_s = 0.25; ///< a machine that slept does not turn the engine meanwhile
constexpr const char* kTools[] = {"dial", "second", "encoder"};
} // namespace

class SimulatedRig::Socket : public Port {
public:
    explicit Socket(SimulatedRig& rig) : rig_(&rig) {}
    void start() override {
        if (!rig_) return;
        if (!rig_->tick_.isActive()) {
            rig_->last_s_ = rig_->clock_();
            rig_->tick_.start();
        }
        emit found();
    }

private:
    QPointer<SimulatedRig> rig_;
};

SimulatedRig::SimulatedRig(simulated::Bench bench, Seconds clock, QObject* parent)
    : QObject(parent), bench_(std::move(bench)), clock_(std::move(clock)) {
    tick_.setInterval(kTick_ms);
    tick_.setTimerType(Qt::PreciseTimer);
    connect(&tick_, &QTimer::timeout, this, [this] { goOn(); });
}

std::vector<Instrument> SimulatedRig::tools() {
    std::vector<Instrument> all(simulated::kTools);
    for (std::size_t i = 0; i < all.size(); ++i) {
        all[i].place = QStringLiteral("simulated:") + QLatin1String(kTools[i]);
        all[i].format.way = Way::Digits;
    }
    all[0].name = Say::tr("simulated dial");
    all[0].role = Role::Lift;
    all[1].name = Say::tr("simulated second dial");
    all[1].role = Role::Exhaust;
    all[2].name = Say::tr("simulated encoder");
    all[2].role = Role::Angle;
    all[2].format.way = Way::Count;
    all[2].counter.countsPerTurn = simulated::Bench::kCountsPerTurn;
    return all;
}

std::unique_ptr<Port> SimulatedRig::port(const QString& tool, Seconds) {
    for (std::size_t i = 0; i < sockets_.size(); ++i)
        if (tool == QLatin1String(kTools[i])) {
            auto socket = std::make_unique<Socket>(*this);
            sockets_[i] = socket.get();
            out_[i] = false;
            return socket;
        }
    return nullptr;
}

void SimulatedRig::goOn() {
    bool heard = false;
    for (const auto& socket : sockets_)
        heard = heard || socket;
    if (!heard) return tick_.stop();
    const double now = clock_();
    bench_.advance(std::min(now - last_s_, kMostAtOnce_s));
    last_s_ = now;
    for (std::size_t i = 0; i < sockets_.size(); ++i) {
        const auto tool = static_cast<simulated::Tool>(i);
        const std::string bytes = bench_.take(tool);
        if (!sockets_[i]) continue;
        if (const bool out = bench_.unplugged(tool); out != out_[i]) {
            out_[i] = out;
            if (out)
                emit sockets_[i]->lost(Say::tr("%1 is unplugged.").arg(tools()[i].name));
            else
                emit sockets_[i]->found();
        }
        if (!bytes.empty()) emit sockets_[i]->arrived(QByteArray::fromStdString(bytes), now);
    }
    emit moved();
}

} // namespace instrument
