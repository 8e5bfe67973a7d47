// Unsteady flow of an ideal gas in a pipe whose area changes along it: the quasi one-dimensional
// Euler equations with wall friction and heat,
//   d(rho A, rho u A, E A, rho y A)/dt + d/dx (rho u, rho u^2 + p, u (E + p), rho u y) A
//     = (0, p dA/dx - f rho u |u| A / (2 D), 4 h (Tw - T) A / D, 0),
// by finite volumes of second order: MUSCL-Hancock with van Leer's limiter on density, speed and
// pressure, HLLC between cells (Toro, Riemann Solvers and Numerical Methods for Fluid Dynamics,
// chapters 10, 13 and 14). The pressure on a cell's wall is its own, so that gas at rest in any
// taper stays at rest. Darcy's friction factor; heat by Reynolds' analogy, h = f/8 rho |u| cp.
// x from the left end to the right; SI.
#pragma once

#include "core/filling/gas.h"

#include <cstddef>
#include <functional>
#include <vector>

namespace lobe {

class Pipe {
public:
    /// At least two cells; `diameter_m` along x from 0 to the length.
    Pipe(int cells, double length_m, const std::function<double(double x_m)>& diameter_m);

    /// The same everywhere.
    void fill(const GasState& state);
    /// Of Darcy, 0 for none; heat goes to a wall of that temperature, 0 K for none.
    void setWall(double friction, double wall_k);
    /// Of a cell, from 0 at the left.
    void put(std::size_t cell, const GasState& state);

    std::size_t cells() const { return rho_.size(); }
    double step_m() const { return dx_; }
    double area_m2(bool right) const { return right ? faceArea_.back() : faceArea_.front(); }
    GasState state(std::size_t cell) const { return {rho_[cell], u_[cell], p_[cell], y_[cell]}; }
    GasState end(bool right) const { return state(right ? cells() - 1 : 0); }
    /// What a stable step may be, s: Courant number 0.9.
    double stableStep_s();
    /// On by a step; what passes the ends is given, positive to the right.
    void advance(double dt_s, const GasFlux& left, const GasFlux& right);

    /// In the whole pipe: kg, J, and kg of fresh gas.
    double mass_kg() const;
    double energy_j() const;
    double fresh_kg() const;

private:
    void slopes(double half_s);
    void fluxes();

    double dx_ = 0.0, friction_ = 0.0, wall_k_ = 0.0;
    std::vector<double> faceArea_, volume_, diameter_, spread_; ///< `spread_` is dA/dx over A
    std::vector<double> rho_, u_, p_, y_;                       ///< by cell
    /// At both faces of each cell, half a step on; and what passes each face, ends included.
    std::vector<double> rhoL_, uL_, pL_, yL_, rhoR_, uR_, pR_, yR_;
    std::vector<double> mass_, momentum_, energy_, fresh_;
};

} // namespace lobe
