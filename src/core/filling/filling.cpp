#include "core/filling/filling.h"

#include "core/filling/gas.h"
#include "core/filling/pipe_end.h"

#include <boost/numeric/odeint/stepper/runge_kutta4.hpp>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace lobe {

namespace {

constexpr double kCell_deg = 0.25; ///< of the tables
constexpr int kCells = static_cast<int>(720.0 / kCell_deg);
/// Under this pressure difference, relative, flow goes with the difference and no longer with its
/// root: the root has no slope at nothing, and no integrator likes that.
constexpr double kLaminar = 1e-3;
constexpr int kMostCycles = 60;
constexpr double kRepeats = 3e-7; ///< masses of two cycles, relative
/// What a step may be times the fastest rate at which pressure levels out: within this the
/// classical Runge-Kutta method stays stable (its bound is 2.78).
constexpr double kStable = 2.0;
/// The store gives way to fresh gas over this share of a cylinder's charge.
constexpr double kStoreEnds = 1e-2;

/// The nozzle number over the root of the pressure drop, which is smooth, from a table.
class NozzleTable {
public:
    NozzleTable() {
        all_[0] = std::sqrt(2.0);
        for (std::size_t i = 1; i <= kN; ++i) {
            const double drop = static_cast<double>(i) / kN;
            all_[i] = nozzleNumber(1.0 - drop) / std::sqrt(drop);
        }
    }
    double at(double ratio) const {
        const double drop = std::clamp(1.0 - ratio, 0.0, 1.0);
        const double place = drop * kN;
        const auto i = std::min(static_cast<std::size_t>(place), kN - 1);
        const double g = all_[i] + (place - static_cast<double>(i)) * (all_[i + 1] - all_[i]);
        if (drop >= kLaminar) return g * std::sqrt(drop);
        // Value and slope meet the root's, whose slope is half its value there.
        const double x = drop / kLaminar;
        return g * std::sqrt(kLaminar) * x * (1.25 - 0.25 * x * x);
    }

private:
    static constexpr std::size_t kN = 4096;
    std::array<double, kN + 1> all_{};
};

double nozzle(double ratio) {
    static const NozzleTable table;
    return table.at(ratio);
}

/// What is carried through the degrees.
enum : std::size_t {
    kMass,   ///< kg in the cylinder
    kEnergy, ///< J
    kFresh,  ///< kg of the mass that is fresh
    kStore,  ///< kg pushed back into the intake port
    kStoreFresh,
    kStoreHeat, ///< kg K: store times its temperature
    kIn,        ///< kg through the intake valve, net
    kOut,       ///< kg through the exhaust valve, net
    kOutward,   ///< kg out through the exhaust valve
    kOutHeat,   ///< kg K of that
    kWork,      ///< J on the piston over exhaust and intake stroke
    kStates
};
using State = std::array<double, kStates>;

} // namespace

double nozzleFlow(double area_m2, double upstream_pa, double upstream_k, double downstream_pa) {
    return area_m2 * upstream_pa / std::sqrt(kGas * upstream_k) *
           nozzle(downstream_pa / upstream_pa);
}

double discharge(double liftOverHead) {
    return 0.70 - 0.45 * std::clamp(liftOverHead, 0.0, 1.0 / 3.0);
}

double Filling::area_m2(double lift_mm, double head_mm, int valves) {
    if (!(lift_mm > 0.0)) return 0.0;
    const double curtain = std::numbers::pi * head_mm * lift_mm;
    const double port = std::numbers::pi / 4.0 * std::pow(kPortShare * head_mm, 2);
    return valves * discharge(lift_mm / head_mm) * std::min(curtain, port) * 1e-6;
}

std::variant<Filling, FillingFault> Filling::of(const FillingEngine& e, const LiftAt& intake,
                                                const LiftAt& exhaust) {
    const auto path = PistonPath::of(e.stroke_mm, e.rod_mm);
    if (!path || !(e.bore_mm > 0.0)) return FillingFault::Dimensions;
    if (!(e.staticRatio > 2.0 && e.staticRatio <= 25.0)) return FillingFault::Ratio;
    for (double head : {e.intakeHead_mm, e.exhaustHead_mm})
        if (!(head >= 5.0 && head <= e.bore_mm)) return FillingFault::Valves;
    for (int n : {e.intakeValves, e.exhaustValves})
        if (n < 1 || n > 3) return FillingFault::Valves;
    Filling out;
    out.engine_ = e;
    out.piston_m2_ = std::numbers::pi / 4.0 * e.bore_mm * e.bore_mm * 1e-6;
    out.swept_m3_ = out.piston_m2_ * e.stroke_mm * 1e-3;
    out.least_m3_ = out.swept_m3_ / (e.staticRatio - 1.0);
    const auto table = [](const LiftAt& lift, double head, int valves) {
        std::vector<double> all(kCells + 1);
        for (int i = 0; i <= kCells; ++i)
            all[static_cast<std::size_t>(i)] = area_m2(lift(-360.0 + i * kCell_deg), head, valves);
        return all;
    };
    for (int i = 0; i <= kCells; ++i) {
        const double deg = -360.0 + i * kCell_deg;
        out.volume_m3_.push_back(out.least_m3_ + out.piston_m2_ * path->drop_mm(deg) * 1e-3);
        out.growth_m3_.push_back(out.piston_m2_ * path->slope_mm_per_deg(deg) * 1e-3);
    }
    out.intake_m2_ = table(intake, e.intakeHead_mm, e.intakeValves);
    out.exhaust_m2_ = table(exhaust, e.exhaustHead_mm, e.exhaustValves);
    int first = kCells, last = 0, inCells = 0, exCells = 0;
    for (int i = 0; i <= kCells; ++i) {
        const auto k = static_cast<std::size_t>(i);
        inCells += out.intake_m2_[k] > 0.0;
        exCells += out.exhaust_m2_[k] > 0.0;
        if (out.intake_m2_[k] <= 0.0 && out.exhaust_m2_[k] <= 0.0) continue;
        first = std::min(first, i);
        last = std::max(last, i);
    }
    // They must be shut round the firing TDC, where the gas is given its heat.
    const auto shut = static_cast<int>(30.0 / kCell_deg);
    if (inCells * kCell_deg < 60.0 || exCells * kCell_deg < 60.0 || first < shut ||
        last > kCells - shut)
        return FillingFault::ValvesOpen;
    out.firstOpen_deg_ = -360.0 + (first - 1) * kCell_deg;
    out.lastShut_deg_ = -360.0 + (last + 1) * kCell_deg;
    return out;
}

/// One cylinder at one speed.
class FillingRun {
public:
    FillingRun(const Filling& f, double speed_rpm)
        : f_(f),
          perSecond_(6.0 * speed_rpm),
          ambient_pa_(f.engine_.ambient_kpa * 1e3),
          ambient_k_(f.engine_.ambient_k),
          charge_(ambient_pa_ * f.swept_m3_ / (kGas * ambient_k_)) {}

    FillingPoint run(double fineness) {
        const std::vector<double> taken = steps(fineness);
        State s = begin();
        FillingPoint out;
        double before = 0.0, freshBefore = 0.0;
        for (int cycle = 0; cycle < kMostCycles; ++cycle) {
            for (std::size_t i : {kIn, kOut, kOutward, kOutHeat, kWork})
                s[i] = 0.0;
            breathe(s, taken);
            if (s[kOutward] > 0.0) exhaust_k_ = s[kOutHeat] / s[kOutward];
            const bool same = std::abs(s[kMass] - before) < kRepeats * s[kMass] &&
                              std::abs(s[kFresh] - freshBefore) < kRepeats * s[kMass];
            before = s[kMass];
            freshBefore = s[kFresh];
            out.massError = std::abs(s[kIn] - s[kOut]) / s[kMass];
            if (same && cycle >= 2) break;
            if (cycle + 1 < kMostCycles) fire(s);
        }
        out.speed_rpm = perSecond_ / 6.0;
        out.efficiency = s[kFresh] / charge_;
        out.residual = 1.0 - s[kFresh] / s[kMass];
        out.trapped_mg = s[kMass] * 1e6;
        out.pumping_j = -s[kWork];
        return out;
    }

private:
    /// Where an angle stands in the tables, for all of them at once.
    struct Cell {
        std::size_t i;
        double part;
        explicit Cell(double deg) {
            const double at = std::clamp((deg + 360.0) / kCell_deg, 0.0, double(kCells));
            i = std::min(static_cast<std::size_t>(at), static_cast<std::size_t>(kCells - 1));
            part = at - static_cast<double>(i);
        }
        double in(const std::vector<double>& table) const {
            return table[i] + part * (table[i + 1] - table[i]);
        }
    };
    double volume(double deg) const { return Cell(deg).in(f_.volume_m3_); }

    /// Hot burned gas at ambient pressure, as the exhaust stroke begins.
    State begin() {
        State s{};
        exhaust_k_ = 1000.0;
        const double v = volume(f_.firstOpen_deg_), p = 3.0 * ambient_pa_;
        s[kMass] = p * v / (kGas * 1200.0);
        s[kEnergy] = s[kMass] * kCv * 1200.0;
        return s;
    }

    /// kg/s from one side to the other, signed.
    static double flow(double area, double pFrom, double tFrom, double pTo, double tTo) {
        if (area <= 0.0) return 0.0;
        return pFrom >= pTo ? nozzleFlow(area, pFrom, tFrom, pTo)
                            : -nozzleFlow(area, pTo, tTo, pFrom);
    }

    void slope(const State& s, State& d, double deg) const {
        d.fill(0.0);
        const Cell cell(deg);
        const double v = cell.in(f_.volume_m3_);
        const double t = s[kEnergy] / (s[kMass] * kCv);
        const double p = s[kMass] * kGas * t / v;
        const double fresh = std::clamp(s[kFresh] / s[kMass], 0.0, 1.0);
        const double perDegree = 1.0 / perSecond_;

        // What was pushed back comes in first, as warm and as burned as it went.
        const double store = std::max(0.0, s[kStore]);
        const double share = store / (store + kStoreEnds * charge_);
        const double some = std::max(store, 1e-3 * kStoreEnds * charge_);
        const double storeFresh = std::clamp(s[kStoreFresh] / some, 0.0, 1.0);
        const double storeT = std::clamp(s[kStoreHeat] / some, ambient_k_, 4000.0);
        const double outsideT = share * storeT + (1.0 - share) * ambient_k_;
        const double in = perDegree * flow(cell.in(f_.intake_m2_), ambient_pa_, outsideT, p, t);
        double inFresh = fresh, inT = t;
        if (in >= 0.0) {
            inFresh = share * storeFresh + (1.0 - share);
            inT = outsideT;
            d[kStore] = -share * in;
            d[kStoreFresh] = -share * in * storeFresh;
            d[kStoreHeat] = -share * in * storeT;
        } else {
            d[kStore] = -in;
            d[kStoreFresh] = -in * fresh;
            d[kStoreHeat] = -in * t;
        }
        const double out = perDegree * flow(cell.in(f_.exhaust_m2_), p, t, ambient_pa_, exhaust_k_);
        const double outT = out >= 0.0 ? t : exhaust_k_;

        const double dv = cell.in(f_.growth_m3_);
        d[kMass] = in - out;
        d[kEnergy] = kCp * (in * inT - out * outT) - p * dv;
        d[kFresh] = in * inFresh - (out >= 0.0 ? out * fresh : 0.0);
        d[kIn] = in;
        d[kOut] = out;
        if (out > 0.0) {
            d[kOutward] = out;
            d[kOutHeat] = out * t;
        }
        if (deg >= -180.0 && deg <= 180.0) d[kWork] = p * dv;
    }

    /// Steps from the first valve that opens to the last that shuts: halves of a degree and less,
    /// each as short as pressure levels out there. The same in every cycle, so that cycles can
    /// repeat to the last digit.
    std::vector<double> steps(double fineness) const {
        std::vector<double> out;
        double deg = f_.firstOpen_deg_;
        while (deg < f_.lastShut_deg_ - 1e-9) {
            const Cell here(deg), there(std::min(deg + 1.0, f_.lastShut_deg_));
            double rate = 0.0;
            for (const Cell& c : {here, there})
                rate = std::max(rate,
                                (c.in(f_.intake_m2_) + c.in(f_.exhaust_m2_)) / c.in(f_.volume_m3_));
            rate *= kGamma * std::sqrt(kGas * 900.0) * std::sqrt(2.0 / kLaminar) / perSecond_;
            double step = 1.0;
            while (step > 1.0 / 512.0 && step * rate > kStable)
                step /= 2.0;
            step /= fineness;
            // Up to the next whole degree, and so through both dead centres.
            const double whole = std::min(std::floor(deg + 1e-9) + 1.0, f_.lastShut_deg_);
            const int n = std::max(1, static_cast<int>(std::lround((whole - deg) / step)));
            for (int i = 0; i < n; ++i)
                out.push_back((whole - deg) / n);
            deg = whole;
        }
        return out;
    }

    void breathe(State& s, const std::vector<double>& steps) {
        const auto system = [this](const State& x, State& d, double deg) { slope(x, d, deg); };
        boost::numeric::odeint::runge_kutta4<State> stepper;
        double deg = f_.firstOpen_deg_;
        for (double step : steps) {
            stepper.do_step(system, s, deg, step);
            deg += step;
        }
    }

    /// Shut: compressed to the top, given its heat, expanded to where the exhaust opens again.
    void fire(State& s) const {
        const double shut = volume(f_.lastShut_deg_), top = f_.least_m3_;
        double t = s[kEnergy] / (s[kMass] * kCv);
        t *= std::pow(shut / top, kGamma - 1.0);
        t += kFillingHeat * s[kFresh] / (s[kMass] * kCv);
        t *= std::pow(top / volume(f_.firstOpen_deg_), kGamma - 1.0);
        s[kEnergy] = s[kMass] * kCv * t;
        s[kFresh] = 0.0;
    }

    const Filling& f_;
    double perSecond_; ///< degrees a second
    double ambient_pa_, ambient_k_;
    double charge_; ///< kg that fill the swept volume at ambient
    double exhaust_k_ = 1000.0;
};

FillingPoint Filling::at(double speed_rpm, double fineness) const {
    return FillingRun(*this, std::clamp(speed_rpm, 100.0, 30000.0)).run(std::max(1.0, fineness));
}

FillingCurve fillingCurve(std::vector<FillingPoint> points) {
    FillingCurve out;
    out.points = std::move(points);
    const auto& p = out.points;
    if (p.empty()) return out;
    std::size_t best = 0;
    for (std::size_t i = 1; i < p.size(); ++i)
        if (p[i].efficiency > p[best].efficiency) best = i;
    out.peakEfficiency = p[best].efficiency;
    double top = p[best].speed_rpm;
    if (best > 0 && best + 1 < p.size()) {
        const double u = p[best - 1].speed_rpm - top, v = p[best + 1].speed_rpm - top;
        const double a = p[best - 1].efficiency - out.peakEfficiency,
                     b = p[best + 1].efficiency - out.peakEfficiency;
        const double bend = (a / u - b / v) / (u - v), rise = a / u - bend * u;
        if (bend < 0.0) top += std::clamp(-rise / (2.0 * bend), u, v);
        out.peak_rpm = top;
    }
    const double fallen = 0.9 * out.peakEfficiency;
    for (std::size_t i = best; i + 1 < p.size(); ++i)
        if (p[i].efficiency >= fallen && p[i + 1].efficiency < fallen) {
            const double part =
                (p[i].efficiency - fallen) / (p[i].efficiency - p[i + 1].efficiency);
            out.fallOff_rpm = p[i].speed_rpm + part * (p[i + 1].speed_rpm - p[i].speed_rpm);
            break;
        }
    return out;
}

} // namespace lobe
