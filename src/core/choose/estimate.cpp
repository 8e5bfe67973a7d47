#include "core/choose/estimate.h"

#include "core/compression/compression.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr int kSpeeds = 40;
constexpr double kFirst_rpm = 1000.0;
constexpr double kPiston_m_s = 24.0;
/// Behind a lash a valve is shut; what a curve leaves under this is no opening.
constexpr double kShut_mm = 0.02;

} // namespace

std::vector<double> fillingSpeeds(double to_rpm) {
    std::vector<double> out;
    const double to = std::max(kFirst_rpm + 1000.0, to_rpm);
    for (int i = 0; i < kSpeeds; ++i)
        out.push_back(kFirst_rpm + (to - kFirst_rpm) * i / (kSpeeds - 1));
    return out;
}

double fillingReach_rpm(const Job& job) {
    double to = 1.2 * job.choosing.purpose.to_rpm;
    // Mean piston speed is twice the stroke a turn.
    if (!(to > 0.0) && job.engine.stroke_mm > 0.0)
        to = kPiston_m_s * 30000.0 / job.engine.stroke_mm;
    return std::clamp(std::ceil(to / 500.0) * 500.0, 3000.0, 20000.0);
}

std::variant<Filling, FillingNeeds> fillingOf(const Job& job, const Cam& cam,
                                              PerSide<double> moved) {
    const Engine& e = job.engine;
    FillingEngine f;
    f.bore_mm = e.bore_mm;
    f.stroke_mm = e.stroke_mm;
    f.rod_mm = e.rod_mm;
    if (!(f.bore_mm > 0.0 && f.stroke_mm > 0.0 && f.rod_mm > 0.0)) return FillingNeeds::Dimensions;
    if (!cam.lift.intake || !cam.lift.exhaust || !cam.state) return FillingNeeds::Lobes;
    const auto made = compression(stateOf(cam.state->job, 1, 60.0, 0.0), job.reckoning.altitude_m,
                                  job.reckoning.exponent);
    const auto* ratio = std::get_if<Compression>(&made);
    if (!ratio || !(cam.state->job.engine.chamber.chamber_cc > 0.0)) return FillingNeeds::Ratio;
    f.staticRatio = ratio->staticRatio;
    f.ambient_kpa = ratio->ambient_kpa;
    f.intakeHead_mm = e.valves.head_mm.intake;
    f.exhaustHead_mm = e.valves.head_mm.exhaust;
    if (!(f.intakeHead_mm > 0.0 && f.exhaustHead_mm > 0.0)) return FillingNeeds::Heads;
    f.intakeValves = e.valves.count.intake;
    f.exhaustValves = e.valves.count.exhaust;
    const auto lift = [&](Side side) {
        return [&cam, side, by = moved[side]](double deg) {
            const double mm = cam.lift[side].at(deg, by);
            return mm > kShut_mm ? mm : 0.0;
        };
    };
    auto filling = Filling::of(f, lift(Side::Intake), lift(Side::Exhaust));
    if (auto* ready = std::get_if<Filling>(&filling)) return std::move(*ready);
    return FillingNeeds::Unlikely;
}

} // namespace lobe
