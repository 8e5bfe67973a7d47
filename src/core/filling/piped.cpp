#include "core/filling/piped.h"

#include "core/filling/gas.h"
#include "core/filling/pipe.h"
#include "core/filling/pipe_end.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lobe {
namespace {

constexpr double kFriction = 0.025; ///< Darcy's, of a clean pipe at these speeds
/// Walls over ambient: a warm manifold; a pipe of exhaust that glows a little.
constexpr double kIntakeWall_k = 25.0, kExhaustWall_k = 480.0;
constexpr double kMostStep_deg = 1.0;
constexpr int kMostPiped = 60, kFewestCycles = 3;
constexpr double kRepeatsPiped = 1e-4;
/// What was pushed out of the mouth gives way to fresh gas over this share of a charge.
constexpr double kStoreGivesWay = 1e-2;

Pipe pipeOf(const PipeSize& size, int cells) {
    const double near = size.bore_mm * 1e-3,
                 far = (size.farBore_mm > 0.0 ? size.farBore_mm : size.bore_mm) * 1e-3;
    const double length = size.length_mm * 1e-3;
    return {cells, length, [=](double x) { return near + (far - near) * x / length; }};
}

} // namespace

PipeFault faultOf(const Pipes& p) {
    const auto fits = [](const PipeSize& s) {
        return s.length_mm >= 5.0 && s.length_mm <= 5000.0 && s.bore_mm >= 5.0 &&
               s.bore_mm <= 200.0 &&
               (s.farBore_mm == 0.0 || (s.farBore_mm >= 5.0 && s.farBore_mm <= 200.0));
    };
    if (!fits(p.intake)) return PipeFault::IntakeSize;
    if (!fits(p.exhaust)) return PipeFault::ExhaustSize;
    if (!(p.plenum_cc >= 0.0 && p.plenum_cc <= 1e5 && p.collector_cc >= 0.0 &&
          p.collector_cc <= 1e5 && p.throttle_mm >= 0.0 && p.throttle_mm <= 200.0))
        return PipeFault::Volumes;
    return p.cells >= 4 && p.cells <= 400 ? PipeFault::None : PipeFault::Cells;
}

/// One cylinder at one speed.
class PipedRun {
public:
    PipedRun(const Filling& f, const Pipes& pipes, double speed_rpm)
        : f_(f),
          perSecond_(6.0 * speed_rpm),
          open_{f.engine_.ambient_kpa * 1e3, f.engine_.ambient_k, 1.0},
          charge_(open_.p * f.swept_m3_ / (kGas * open_.temperature_k)),
          in_(pipeOf(pipes.intake, pipes.cells)),
          ex_(pipeOf(pipes.exhaust, pipes.cells)) {
        in_.setWall(kFriction, open_.temperature_k + kIntakeWall_k);
        ex_.setWall(kFriction, open_.temperature_k + kExhaustWall_k);
        in_.fill({open_.p / (kGas * open_.temperature_k), 0.0, open_.p, 1.0});
        ex_.fill({open_.p / (kGas * kHot_k), 0.0, open_.p, 0.0});
        plenum_.volume_m3 = pipes.plenum_cc * 1e-6;
        collector_.volume_m3 = pipes.collector_cc * 1e-6;
        plenum_.begin(open_);
        collector_.begin({open_.p, kHot_k, 0.0});
        const double throttle = std::numbers::pi / 4.0 * std::pow(pipes.throttle_mm * 1e-3, 2);
        throttle_m2_ = pipes.throttle_mm > 0.0 ? throttle : 1.0;
    }

    FillingPoint run(PipeTrace* trace) {
        begin();
        FillingPoint out;
        double mass = 0.0, fresh = 0.0, work = 0.0;
        for (int cycle = 0; cycle < kMostPiped; ++cycle) {
            taken_ = given_ = work_ = 0.0;
            // What goes out sets what would be drawn back.
            tail_ = tailMass_ > 0.0 ? tailHeat_ / tailMass_ : tail_;
            tailMass_ = tailHeat_ = 0.0;
            turn(f_.firstOpen_deg_, f_.lastShut_deg_, true, trace);
            const bool same = std::abs(mass_ - mass) < kRepeatsPiped * mass_ &&
                              std::abs(fresh_ - fresh) < kRepeatsPiped * mass_ &&
                              std::abs(work_ - work) < kRepeatsPiped * (std::abs(work_) + 1.0);
            mass = mass_;
            fresh = fresh_;
            work = work_;
            out.cycles = cycle + 1;
            out.massError = std::abs(taken_ - given_) / mass_;
            if (same && cycle + 1 >= kFewestCycles && (!trace || !trace->intake_pa.empty())) {
                if (!trace || traced_) break;
                traced_ = true; // one more, to be looked at whole
            }
            out.efficiency = fresh_ / charge_;
            out.residual = 1.0 - fresh_ / mass_;
            if (cycle + 1 == kMostPiped) break;
            hasten(cycle);
            fire();
            turn(f_.lastShut_deg_, f_.firstOpen_deg_ + 720.0, false, trace);
        }
        out.speed_rpm = perSecond_ / 6.0;
        out.efficiency = fresh / charge_;
        out.residual = 1.0 - fresh / mass;
        out.trapped_mg = mass * 1e6;
        out.pumping_j = -work;
        return out;
    }

private:
    static constexpr double kHot_k = 900.0;

    /// Gas that stands still in a volume, or all the open.
    struct Vessel {
        double volume_m3 = 0.0; ///< 0: the open
        double mass = 0.0, energy = 0.0, fresh = 0.0;

        Outside outside(const Outside& open) const {
            if (!(volume_m3 > 0.0)) return open;
            return {energy * (kGamma - 1.0) / volume_m3, energy / (mass * kCv),
                    std::clamp(fresh / mass, 0.0, 1.0)};
        }
        void begin(const Outside& as) {
            energy = as.p * volume_m3 / (kGamma - 1.0);
            mass = energy / (kCv * as.temperature_k);
            fresh = as.fresh * mass;
        }
        void take(const GasFlux& f, double area_s) {
            mass += f.mass * area_s;
            energy += f.energy * area_s;
            fresh += f.fresh * area_s;
        }
    };

    double at(const std::vector<double>& table, double deg) const {
        const double place = std::clamp((deg + 360.0) * 4.0, 0.0, 2880.0);
        const auto i = std::min(static_cast<std::size_t>(place), std::size_t{2879});
        return table[i] + (place - static_cast<double>(i)) * (table[i + 1] - table[i]);
    }

    /// Hot burned gas as the exhaust opens.
    void begin() {
        const double v = at(f_.volume_m3_, f_.firstOpen_deg_);
        mass_ = 3.0 * open_.p * v / (kGas * 1200.0);
        energy_ = mass_ * kCv * 1200.0;
        fresh_ = 0.0;
        tail_ = kHot_k;
    }

    /// What is left of one cycle for the next shrinks by about the same share each time: after two
    /// steps alike the rest of them is taken at once (Aitken), with care.
    void hasten(int cycle) {
        const double step = fresh_ - lastFresh_, before = lastStep_;
        lastFresh_ = fresh_;
        lastStep_ = step;
        if (cycle < 2 || traced_ || hastened_ + 2 > cycle || before == 0.0) return;
        const double share = step / before;
        if (!(share > 0.2 && share < 0.97)) return;
        const double on = std::clamp(step * share / (1.0 - share), -0.2 * fresh_, 0.2 * fresh_);
        // More fresh gas in place of burned: the same pressure.
        const double fresh = std::clamp(fresh_ + on, 0.0, mass_);
        fresh_ = fresh;
        lastFresh_ = fresh;
        lastStep_ = 0.0;
        hastened_ = cycle;
    }

    /// As in filling.cpp: compressed to the top, given its heat, expanded to where it opens.
    void fire() {
        double t = energy_ / (mass_ * kCv);
        t *= std::pow(at(f_.volume_m3_, f_.lastShut_deg_) / f_.least_m3_, kGamma - 1.0);
        t += kFillingHeat * fresh_ / (mass_ * kCv);
        t *= std::pow(f_.least_m3_ / at(f_.volume_m3_, f_.firstOpen_deg_), kGamma - 1.0);
        energy_ = mass_ * kCv * t;
        fresh_ = 0.0;
    }

    /// Adiabatic over a small change of the volume, to second order.
    void squeeze(double from, double to) {
        const double x = (to - from) / from;
        const double factor = 1.0 - (kGamma - 1.0) * x * (1.0 - 0.5 * kGamma * x);
        const double before = energy_;
        energy_ *= factor;
        if (counts_) work_ += before - energy_;
    }

    /// At the intake's mouth what was pushed out is drawn in first.
    Outside mouth() const {
        Outside out = plenum_.outside(open_);
        if (plenum_.volume_m3 > 0.0 || store_ <= 0.0) return out;
        const double share = store_ / (store_ + kStoreGivesWay * charge_);
        const double some = std::max(store_, 1e-3 * kStoreGivesWay * charge_);
        out.fresh = 1.0 - share + share * std::clamp(storeFresh_ / some, 0.0, 1.0);
        out.temperature_k = (1.0 - share) * open_.temperature_k +
                            share * std::clamp(storeHeat_ / some, open_.temperature_k, 4000.0);
        return out;
    }

    void keepStore(const GasFlux& out, double area_s) {
        if (plenum_.volume_m3 > 0.0) return plenum_.take(out, area_s);
        const double mass = out.mass * area_s;
        if (mass >= 0.0) {
            store_ += mass;
            storeFresh_ += out.fresh * area_s;
            storeHeat_ += out.energy * area_s / kCp;
            return;
        }
        const double share = store_ / (store_ + kStoreGivesWay * charge_);
        const double drawn = std::min(store_, -mass * share);
        const double left = store_ > 0.0 ? 1.0 - drawn / store_ : 0.0;
        store_ *= left;
        storeFresh_ *= left;
        storeHeat_ *= left;
    }

    /// The plenum is fed through its throttle from the open, or feeds it.
    void feed(double dt) {
        if (!(plenum_.volume_m3 > 0.0)) return;
        const Outside inside = plenum_.outside(open_);
        const bool in = open_.p >= inside.p;
        const Outside& from = in ? open_ : inside;
        const double flow =
            nozzleFlow(throttle_m2_, from.p, from.temperature_k, in ? inside.p : open_.p);
        const double signedFlow = in ? flow : -flow;
        plenum_.take(
            {signedFlow, 0.0, signedFlow * kCp * from.temperature_k, signedFlow * from.fresh}, dt);
    }
    void vent(double dt) {
        if (!(collector_.volume_m3 > 0.0)) return;
        const Outside inside = collector_.outside(open_);
        // Out through what the pipe itself is wide.
        const bool out = inside.p >= open_.p;
        const double area = ex_.area_m2(true);
        const double flow = out ? nozzleFlow(area, inside.p, inside.temperature_k, open_.p)
                                : -nozzleFlow(area, open_.p, tail_, inside.p);
        const double t = out ? inside.temperature_k : tail_;
        collector_.take({-flow, 0.0, -flow * kCp * t, -flow * (out ? inside.fresh : 0.0)}, dt);
    }

    static GasFlux turned(GasFlux f) { return {-f.mass, f.momentum, -f.energy, -f.fresh}; }

    void turn(double from, double to, bool open, PipeTrace* trace) {
        double deg = from;
        while (deg < to - 1e-9) {
            const double most = std::min(in_.stableStep_s(), ex_.stableStep_s()) * perSecond_;
            const double step = std::min({most, kMostStep_deg, to - deg});
            advance(deg, step, open);
            if (trace) note(*trace, deg);
            deg += step;
        }
    }

    void advance(double deg, double step, bool open) {
        const double dt = step / perSecond_;
        const GasState inValve = in_.end(false), exValve = ex_.end(false);
        GasFlux intake, exhaust; // out of the pipes
        if (open) {
            const double v0 = at(f_.volume_m3_, deg), v1 = at(f_.volume_m3_, deg + 0.5 * step),
                         v2 = at(f_.volume_m3_, deg + step);
            counts_ = deg >= -180.0 && deg < 180.0;
            squeeze(v0, v1);
            const Outside cylinder{energy_ * (kGamma - 1.0) / v1, energy_ / (mass_ * kCv),
                                   std::clamp(fresh_ / mass_, 0.0, 1.0)};
            const double middle = deg + 0.5 * step;
            intake = throughEnd(inValve, -inValve.u, at(f_.intake_m2_, middle) / in_.area_m2(false),
                                cylinder, inPressure_);
            exhaust =
                throughEnd(exValve, -exValve.u, at(f_.exhaust_m2_, middle) / ex_.area_m2(false),
                           cylinder, exPressure_);
            const double a = in_.area_m2(false) * dt, b = ex_.area_m2(false) * dt;
            mass_ += a * intake.mass + b * exhaust.mass;
            energy_ += a * intake.energy + b * exhaust.energy;
            fresh_ += a * intake.fresh + b * exhaust.fresh;
            taken_ += a * intake.mass;
            given_ -= b * exhaust.mass;
            squeeze(v1, v2);
        } else {
            intake = throughEnd(inValve, -inValve.u, 0.0, {}, inPressure_);
            exhaust = throughEnd(exValve, -exValve.u, 0.0, {}, exPressure_);
        }
        const GasState inMouth = in_.end(true), exMouth = ex_.end(true);
        const double narrow =
            plenum_.volume_m3 > 0.0 ? 1.0 : std::min(1.0, throttle_m2_ / in_.area_m2(true));
        const GasFlux mouthOut = throughEnd(inMouth, inMouth.u, narrow, mouth(), mouthPressure_);
        const Outside behind = collector_.outside({open_.p, tail_, 0.0});
        const GasFlux tailOut = throughEnd(exMouth, exMouth.u, 1.0, behind, tailPressure_);
        keepStore(mouthOut, in_.area_m2(true) * dt);
        if (collector_.volume_m3 > 0.0) collector_.take(tailOut, ex_.area_m2(true) * dt);
        if (tailOut.mass > 0.0) {
            tailMass_ += tailOut.mass * dt;
            tailHeat_ += tailOut.energy / kCp * dt;
        }
        feed(dt);
        vent(dt);
        in_.advance(dt, turned(intake), mouthOut);
        ex_.advance(dt, turned(exhaust), tailOut);
    }

    void note(PipeTrace& trace, double deg) const {
        trace.intake_pa.resize(720, 0.0);
        trace.exhaust_pa.resize(720, 0.0);
        const auto i = static_cast<std::size_t>(std::floor(deg + 360.0)) % 720;
        trace.intake_pa[i] = inPressure_;
        trace.exhaust_pa[i] = exPressure_;
    }

    const Filling& f_;
    double perSecond_; ///< degrees
    Outside open_;
    double charge_; ///< kg that fill the swept volume at ambient
    Pipe in_, ex_;  ///< from the valve to the mouth
    Vessel plenum_, collector_;
    double throttle_m2_ = 1.0;
    double mass_ = 0.0, energy_ = 0.0, fresh_ = 0.0; ///< of the cylinder
    double store_ = 0.0, storeFresh_ = 0.0, storeHeat_ = 0.0;
    double tail_ = 900.0, tailMass_ = 0.0, tailHeat_ = 0.0;
    double inPressure_ = 0.0, exPressure_ = 0.0, mouthPressure_ = 0.0, tailPressure_ = 0.0;
    double taken_ = 0.0, given_ = 0.0, work_ = 0.0;
    double lastFresh_ = 0.0, lastStep_ = 0.0;
    int hastened_ = 0; ///< the cycle it was done in last
    bool counts_ = false, traced_ = false;
};

FillingPoint fillingWithPipes(const Filling& filling, const Pipes& pipes, double speed,
                              PipeTrace* trace) {
    return PipedRun(filling, pipes, std::clamp(speed, 100.0, 30000.0)).run(trace);
}

} // namespace lobe
