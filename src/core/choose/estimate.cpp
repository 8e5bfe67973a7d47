#include "core/choose/estimate.h"

#include "core/compression/compression.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lobe {
namespace {

constexpr int kSpeeds = 40;
constexpr double kFirst_rpm = 1000.0;
constexpr double kPiston_m_s = 24.0;
/// Behind a lash a valve is shut; what a curve leaves under this is no opening.
constexpr double kShut_mm = 0.02;

/// Less than this is no difference an estimate could tell.
constexpr double kTold = 0.01;
/// Best near this share of where power is wanted to.
constexpr double kBestAt = 0.85;
constexpr double kShort = 0.7, kLong = 1.4;

/// Those stated in place of usual ones.
Pipes stated(Pipes usual, const EnginePipes& is) {
    const auto put = [](PipeSize& to, const PipeLine& from) {
        if (from.bore_mm > 0.0) to.bore_mm = from.bore_mm;
        if (from.bore_mm > 0.0) to.farBore_mm = from.farBore_mm;
        if (from.length_mm > 0.0) to.length_mm = from.length_mm;
    };
    put(usual.intake, is.intake);
    put(usual.exhaust, is.exhaust);
    usual.throttle_mm = is.throttle_mm;
    usual.plenum_cc = is.plenum_cc;
    usual.collector_cc = is.collector_cc;
    return usual;
}

std::vector<Pipes> pipesOf(const Job& job) {
    const double best = kBestAt * fillingReach_rpm(job) / 1.2;
    const EnginePipes& is = job.engine.pipes;
    std::vector<Pipes> out;
    // One length that is known is the same in all three.
    for (const double share : {kShort, 1.0, kLong}) {
        out.push_back(stated(usualPipes(job.engine, best, share), is));
        // What cannot be is not reckoned with: usual ones instead.
        if (faultOf(out.back()) != PipeFault::None)
            out.back() = usualPipes(job.engine, best, share);
    }
    if (is.intake.length_mm > 0.0 && is.exhaust.length_mm > 0.0) return {out[1]};
    return out;
}

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

Pipes usualPipes(const Engine& e, double best_rpm, double share) {
    Pipes out;
    const double swept = std::numbers::pi / 4.0 * e.bore_mm * e.bore_mm * e.stroke_mm; // mm3
    // Ports as wide as the heads leave them, of all valves of the side together.
    const auto across = [&](double head, int valves) {
        return std::clamp(0.88 * head * std::sqrt(std::max(1, valves)), 5.0, 150.0);
    };
    const double in = across(e.valves.head_mm.intake, e.valves.count.intake);
    out.intake.bore_mm = in;
    out.intake.farBore_mm = 1.08 * in;
    out.exhaust.bore_mm = 1.12 * across(e.valves.head_mm.exhaust, e.valves.count.exhaust);
    // Engelman: rpm = c 30 / (pi K) sqrt(A / (L V)), V half the swept volume times (r + 1) / (r -
    // 1), K about 2.2; solved for L. The speed of sound of what comes in, mm/s.
    constexpr double kEngelman = 2.2, kSound = 340e3, kHeld = 0.61;
    const double area = std::numbers::pi / 4.0 * in * in;
    const double w = best_rpm * std::numbers::pi * kEngelman / 30.0;
    const double length = kSound * kSound * area / (w * w * kHeld * std::max(1.0, swept));
    out.intake.length_mm = share * std::clamp(length, 100.0, 1500.0);
    // There and back in the degrees from where the exhaust opens, about 70 before BDC, to 10 before
    // TDC, in hot gas.
    constexpr double kHotSound = 520e3, kDegrees = 240.0;
    out.exhaust.length_mm =
        share * std::clamp(0.5 * kHotSound * kDegrees / (6.0 * best_rpm), 200.0, 3000.0);
    return out;
}

FillingPoint FillingEstimate::at(double rpm, bool otherLengths) const {
    // Within half a hundredth of forty cells a pipe; at low speeds waves are long against a cell.
    constexpr int kCoarse = 12, kUsual = 16;
    constexpr double kLow_rpm = 1800.0;
    const auto with = [&](Pipes p, int cells) {
        p.cells = rpm < kLow_rpm ? kCoarse : cells;
        return fillingWithPipes(filling_, p, rpm);
    };
    FillingPoint out = with(pipes_[guessed() ? 1 : 0], kUsual);
    if (guessed() && otherLengths)
        out.byLength = {with(pipes_.front(), kCoarse).efficiency, out.efficiency,
                        with(pipes_.back(), kCoarse).efficiency};
    return out;
}

FillingPoint FillingEstimate::sketch(double rpm) const {
    constexpr int kSketch = 8;
    Pipes p = pipes_[guessed() ? 1 : 0];
    p.cells = kSketch;
    return fillingWithPipes(filling_, p, rpm);
}

PipeTrace FillingEstimate::trace(double rpm) const {
    constexpr int kFine = 24;
    Pipes p = pipes_[guessed() ? 1 : 0];
    p.cells = kFine;
    PipeTrace out;
    fillingWithPipes(filling_, p, rpm, &out);
    return out;
}

void spreadLengths(std::vector<FillingPoint>& points) {
    std::optional<std::size_t> known;
    for (std::size_t i = 0; i < points.size(); ++i) {
        if (!points[i].byLength) continue;
        for (std::size_t k = known ? *known + 1 : 0; k < i; ++k) {
            // Before the first that is known they begin as it has them.
            const FillingPoint &a = points[known.value_or(i)], &b = points[i];
            if (!known) {
                points[k].byLength = b.byLength;
                for (double& each : *points[k].byLength)
                    each *= points[k].efficiency / b.efficiency;
                continue;
            }
            const double part = (points[k].speed_rpm - a.speed_rpm) / (b.speed_rpm - a.speed_rpm);
            points[k].byLength.emplace();
            for (std::size_t n = 0; n < 3; ++n) {
                const double from = (*a.byLength)[n] / a.efficiency,
                             to = (*b.byLength)[n] / b.efficiency;
                (*points[k].byLength)[n] = points[k].efficiency * (from + part * (to - from));
            }
        }
        known = i;
    }
    // Beyond the last that is known they go on as they were.
    for (std::size_t k = known ? *known + 1 : points.size(); k < points.size(); ++k) {
        points[k].byLength = points[*known].byLength;
        for (double& each : *points[k].byLength)
            each *= points[k].efficiency / points[*known].efficiency;
    }
}

std::vector<FillingGain> gainsOver(const FillingCurve& curve, const FillingCurve& reference) {
    std::vector<FillingGain> out;
    const std::size_t n = std::min(curve.points.size(), reference.points.size());
    int before = 0, points = 0;
    for (std::size_t i = 0; i < n; ++i) {
        const FillingPoint &a = curve.points[i], &b = reference.points[i];
        const double share = a.efficiency / b.efficiency - 1.0;
        int sign = share > kTold ? 1 : share < -kTold ? -1 : 0;
        if (a.byLength && b.byLength)
            for (std::size_t k = 0; k < 3; ++k)
                if ((*a.byLength)[k] * sign <= (*b.byLength)[k] * sign) sign = 0;
        if (sign != 0 && sign == before) {
            FillingGain& last = out.back();
            last.to_rpm = a.speed_rpm;
            last.share += (share - last.share) / ++points;
        } else if (sign != 0) {
            out.push_back({a.speed_rpm, a.speed_rpm, share});
            points = 1;
        }
        before = sign;
    }
    return out;
}

std::variant<FillingEstimate, FillingNeeds> fillingOf(const Job& job, const Cam& cam,
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
    auto* ready = std::get_if<Filling>(&filling);
    if (!ready) return FillingNeeds::Unlikely;
    return FillingEstimate(std::move(*ready), pipesOf(job));
}

} // namespace lobe
