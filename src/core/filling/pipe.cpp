#include "core/filling/pipe.h"

#include <algorithm>
#include <cmath>
#include <numbers>

// The inner loops are of a kind that one instruction does for several cells: no branch, no call.
// src/core/CMakeLists.txt says to the compiler that a root sets no errno and a comparison no trap.
#if defined(__GNUC__) && !defined(__clang__) && defined(__x86_64__) &&                             \
    !defined(__SANITIZE_ADDRESS__)
#define AMBER_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define AMBER_WIDE
#endif

namespace lobe {
namespace {

constexpr double kCourant = 0.9;
constexpr double kLeastShare = 1e-20;

// By value: a reference is a branch to the loop that holds it.
inline double lesser(double a, double b) {
    return a < b ? a : b;
}
inline double greater(double a, double b) {
    return a > b ? a : b;
}

/// van Leer's: nothing at an extreme, the harmonic mean of both sides elsewhere.
inline double limited(double before, double after) {
    const double sum = before + after;
    return 2.0 * greater(before * after, 0.0) * sum / (sum * sum + 1e-300);
}

/// Faces of the cells from 1 to n - 2, half a step on: density, speed, pressure, fresh share.
AMBER_WIDE void reconstruct(std::size_t n, double half, double dx, const double* __restrict rho,
                            const double* __restrict u, const double* __restrict p,
                            const double* __restrict y, const double* __restrict spread,
                            double* __restrict rhoL, double* __restrict uL, double* __restrict pL,
                            double* __restrict yL, double* __restrict rhoR, double* __restrict uR,
                            double* __restrict pR, double* __restrict yR) {
    const double k = half / dx;
    for (std::size_t i = 1; i + 1 < n; ++i) {
        const double dRho = limited(rho[i] - rho[i - 1], rho[i + 1] - rho[i]);
        const double dU = limited(u[i] - u[i - 1], u[i + 1] - u[i]);
        const double dP = limited(p[i] - p[i - 1], p[i + 1] - p[i]);
        const double dY = limited(y[i] - y[i - 1], y[i + 1] - y[i]);
        // The quasi-linear form carries both faces on by half a step.
        const double bulk = kGamma * p[i];
        const double toRho = -k * (u[i] * dRho + rho[i] * dU) - half * rho[i] * u[i] * spread[i];
        const double toU = -k * (u[i] * dU + dP / rho[i]);
        const double toP = -k * (u[i] * dP + bulk * dU) - half * bulk * u[i] * spread[i];
        const double toY = -k * u[i] * dY;
        rhoL[i] = rho[i] - 0.5 * dRho + toRho;
        uL[i] = u[i] - 0.5 * dU + toU;
        pL[i] = p[i] - 0.5 * dP + toP;
        yL[i] = y[i] - 0.5 * dY + toY;
        rhoR[i] = rho[i] + 0.5 * dRho + toRho;
        uR[i] = u[i] + 0.5 * dU + toU;
        pR[i] = p[i] + 0.5 * dP + toP;
        yR[i] = y[i] + 0.5 * dY + toY;
    }
}

/// HLLC between the right face of cell i and the left face of i + 1, for i from 0 to n - 2; what
/// passes there is that of face i + 1.
AMBER_WIDE void hllc(std::size_t n, const double* __restrict rhoA, const double* __restrict uA,
                     const double* __restrict pA, const double* __restrict yA,
                     const double* __restrict rhoB, const double* __restrict uB,
                     const double* __restrict pB, const double* __restrict yB,
                     double* __restrict mass, double* __restrict momentum,
                     double* __restrict energy, double* __restrict fresh) {
    for (std::size_t i = 0; i + 1 < n; ++i) {
        const double rl = rhoA[i], ul = uA[i], pl = pA[i];
        const double rr = rhoB[i + 1], ur = uB[i + 1], pr = pB[i + 1];
        const double cl = std::sqrt(kGamma * pl / rl), cr = std::sqrt(kGamma * pr / rr);
        // Davis' bounds of the outer waves.
        const double sl = lesser(ul - cl, ur - cr), sr = greater(ul + cl, ur + cr);
        const double ml = rl * (sl - ul), mr = rr * (sr - ur);
        const double star = (pr - pl + ul * ml - ur * mr) / (ml - mr);
        const double el = pl / (kGamma - 1.0) + 0.5 * rl * ul * ul;
        const double er = pr / (kGamma - 1.0) + 0.5 * rr * ur * ur;
        const double r = star >= 0.0 ? rl : rr, u = star >= 0.0 ? ul : ur;
        const double p = star >= 0.0 ? pl : pr, e = star >= 0.0 ? el : er;
        const double s = star >= 0.0 ? sl : sr, m = star >= 0.0 ? ml : mr;
        // Behind the outer wave the side's own flux, between it and the contact the star's.
        const double flow = star >= 0.0 ? lesser(sl, 0.0) : greater(sr, 0.0);
        const double yl = yA[i], yr = yB[i + 1];
        const double rStar = m / (s - star);
        const double eStar = rStar * (e / r + (star - u) * (star + p / m));
        const double f0 = r * u + flow * (rStar - r);
        const double f1 = r * u * u + p + flow * (rStar * star - r * u);
        const double f2 = u * (e + p) + flow * (eStar - e);
        mass[i + 1] = f0;
        momentum[i + 1] = f1;
        energy[i + 1] = f2;
        fresh[i + 1] = f0 * (f0 >= 0.0 ? yl : yr);
    }
}

/// Each cell on by a step from what passes its faces, of which there is one more than cells.
AMBER_WIDE void update(std::size_t n, double dt, const double* __restrict area,
                       const double* __restrict volume, const double* __restrict mass,
                       const double* __restrict momentum, const double* __restrict energy,
                       const double* __restrict fresh, double* __restrict rho, double* __restrict u,
                       double* __restrict p, double* __restrict y) {
    for (std::size_t i = 0; i < n; ++i) {
        const double k = dt / volume[i], a = area[i], b = area[i + 1];
        const double was = rho[i], speed = u[i], pressure = p[i];
        // Momentum over what the cell's own pressure does to its ends and its wall: at rest
        // nothing.
        const double m =
            was * speed + k * (a * (momentum[i] - pressure) - b * (momentum[i + 1] - pressure));
        const double e = pressure / (kGamma - 1.0) + 0.5 * was * speed * speed +
                         k * (a * energy[i] - b * energy[i + 1]);
        const double ry = was * y[i] + k * (a * fresh[i] - b * fresh[i + 1]);
        const double now = greater(was + k * (a * mass[i] - b * mass[i + 1]), 1e-6);
        rho[i] = now;
        u[i] = m / now;
        p[i] = greater((kGamma - 1.0) * (e - 0.5 * m * m / now), 1.0);
        // A share that dies out would end in numbers too small for the processor to be quick with.
        y[i] = (ry / now + kLeastShare) - kLeastShare;
    }
}

/// Friction and heat. What friction takes from the motion stays in the gas as heat; of itself a
/// speed grows less, never the other way.
AMBER_WIDE void rub(std::size_t n, double dt, double friction, double wall,
                    const double* __restrict diameter, const double* __restrict rho,
                    double* __restrict u, double* __restrict p) {
    for (std::size_t i = 0; i < n; ++i) {
        const double fast = std::abs(u[i]);
        const double slowed = u[i] / (1.0 + dt * friction * fast / (2.0 * diameter[i]));
        const double kept = 0.5 * rho[i] * (u[i] * u[i] - slowed * slowed);
        const double t = p[i] / (kGas * rho[i]);
        const double film = friction / 8.0 * rho[i] * fast * kCp;
        const double heat = wall > 0.0 ? dt * 4.0 * film * (wall - t) / diameter[i] : 0.0;
        u[i] = slowed;
        p[i] = greater(p[i] + (kGamma - 1.0) * (kept + heat), 1.0);
    }
}

/// The speed of the fastest wave in each cell.
AMBER_WIDE void waves(std::size_t n, const double* __restrict rho, const double* __restrict u,
                      const double* __restrict p, double* __restrict fastest) {
    for (std::size_t i = 0; i < n; ++i)
        fastest[i] = std::abs(u[i]) + std::sqrt(kGamma * p[i] / rho[i]);
}

} // namespace

Pipe::Pipe(int cells, double length, const std::function<double(double)>& diameter) {
    const auto n = static_cast<std::size_t>(std::max(2, cells));
    dx_ = length / static_cast<double>(n);
    const auto area = [&](double x) { return std::numbers::pi / 4.0 * std::pow(diameter(x), 2); };
    for (std::size_t i = 0; i <= n; ++i)
        faceArea_.push_back(area(dx_ * static_cast<double>(i)));
    for (std::size_t i = 0; i < n; ++i) {
        const double middle = dx_ * (static_cast<double>(i) + 0.5);
        // Simpson's rule, exact for a cone.
        const double mean = (faceArea_[i] + 4.0 * area(middle) + faceArea_[i + 1]) / 6.0;
        volume_.push_back(mean * dx_);
        diameter_.push_back(diameter(middle));
        spread_.push_back((faceArea_[i + 1] - faceArea_[i]) / (dx_ * mean));
    }
    for (auto* each : {&rho_, &u_, &p_, &y_, &rhoL_, &uL_, &pL_, &yL_, &rhoR_, &uR_, &pR_, &yR_})
        each->assign(n, 0.0);
    for (auto* each : {&mass_, &momentum_, &energy_, &fresh_})
        each->assign(n + 1, 0.0);
    fill({});
}

void Pipe::put(std::size_t i, const GasState& s) {
    rho_[i] = s.rho;
    u_[i] = s.u;
    p_[i] = s.p;
    y_[i] = s.fresh;
}

void Pipe::fill(const GasState& s) {
    for (std::size_t i = 0; i < cells(); ++i)
        put(i, s);
}

void Pipe::setWall(double friction, double wall_k) {
    friction_ = friction;
    wall_k_ = wall_k;
}

double Pipe::stableStep_s() {
    waves(cells(), rho_.data(), u_.data(), p_.data(), rhoL_.data());
    return kCourant * dx_ / *std::max_element(rhoL_.begin(), rhoL_.end());
}

void Pipe::slopes(double half) {
    const std::size_t n = cells();
    // At the ends no slope is known.
    for (const std::size_t i : {std::size_t{0}, n - 1}) {
        const double bulk = kGamma * p_[i] * u_[i] * spread_[i] * half;
        rhoL_[i] = rhoR_[i] = rho_[i] - half * rho_[i] * u_[i] * spread_[i];
        uL_[i] = uR_[i] = u_[i];
        pL_[i] = pR_[i] = p_[i] - bulk;
        yL_[i] = yR_[i] = y_[i];
    }
    reconstruct(n, half, dx_, rho_.data(), u_.data(), p_.data(), y_.data(), spread_.data(),
                rhoL_.data(), uL_.data(), pL_.data(), yL_.data(), rhoR_.data(), uR_.data(),
                pR_.data(), yR_.data());
}

void Pipe::fluxes() {
    hllc(cells(), rhoR_.data(), uR_.data(), pR_.data(), yR_.data(), rhoL_.data(), uL_.data(),
         pL_.data(), yL_.data(), mass_.data(), momentum_.data(), energy_.data(), fresh_.data());
}

void Pipe::advance(double dt, const GasFlux& left, const GasFlux& right) {
    slopes(0.5 * dt);
    fluxes();
    const std::size_t n = cells();
    const auto put = [&](std::size_t face, const GasFlux& f) {
        mass_[face] = f.mass;
        momentum_[face] = f.momentum;
        energy_[face] = f.energy;
        fresh_[face] = f.fresh;
    };
    put(0, left);
    put(n, right);
    update(n, dt, faceArea_.data(), volume_.data(), mass_.data(), momentum_.data(), energy_.data(),
           fresh_.data(), rho_.data(), u_.data(), p_.data(), y_.data());
    if (friction_ > 0.0)
        rub(n, dt, friction_, wall_k_, diameter_.data(), rho_.data(), u_.data(), p_.data());
}

double Pipe::mass_kg() const {
    double sum = 0.0;
    for (std::size_t i = 0; i < cells(); ++i)
        sum += volume_[i] * rho_[i];
    return sum;
}

double Pipe::energy_j() const {
    double sum = 0.0;
    for (std::size_t i = 0; i < cells(); ++i)
        sum += volume_[i] * (p_[i] / (kGamma - 1.0) + 0.5 * rho_[i] * u_[i] * u_[i]);
    return sum;
}

double Pipe::fresh_kg() const {
    double sum = 0.0;
    for (std::size_t i = 0; i < cells(); ++i)
        sum += volume_[i] * rho_[i] * y_[i];
    return sum;
}

} // namespace lobe
