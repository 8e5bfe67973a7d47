// The gas of this room: ideal, of one kind, fresh and burned alike. SI.
#pragma once

namespace lobe {

inline constexpr double kGas = 287.0;  ///< J/kg K, air
inline constexpr double kGamma = 1.35; ///< at the temperatures of an engine
inline constexpr double kCv = kGas / (kGamma - 1.0), kCp = kCv * kGamma;

/// What stands at a place: density kg/m3, speed m/s, pressure Pa, and its fresh share, 0 to 1.
struct GasState {
    double rho = 1.2, u = 0.0, p = 101325.0, fresh = 1.0;
    double temperature_k() const { return p / (kGas * rho); }
};

/// Through a square metre: mass kg/s, momentum Pa, energy W, fresh mass kg/s.
struct GasFlux {
    double mass = 0.0, momentum = 0.0, energy = 0.0, fresh = 0.0;
};

} // namespace lobe
