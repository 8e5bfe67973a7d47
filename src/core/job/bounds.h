// What a stated number can be at all, whoever states it: typed, read from a book or from a file.
// What is asked for may be narrower still, where an answer beyond it would be a slip.
#pragma once

namespace lobe {

/// Both ends belong to it. In the unit of what it bounds.
struct Bounds {
    double least = 0.0, most = 0.0;
    bool hold(double v) const { return v >= least && v <= most; } ///< never what is no number
};

namespace bounds {
/// Any number nothing else is said of: beyond it no sum of a few of them means anything.
inline constexpr Bounds any{-1e6, 1e6};
inline constexpr Bounds cylinders{1.0, 16.0};
inline constexpr Bounds count{0.0, 1000.0};
inline constexpr Bounds steps{-1000.0, 1000.0};    ///< whole teeth or keyways, either way
inline constexpr Bounds number{1.0, 1e6};          ///< of a change or an entry, in the order made
inline constexpr Bounds few{1.0, 100.0};           ///< readings that must agree
inline constexpr Bounds dimension_mm{0.0, 1000.0}; ///< bore, stroke, rod, bolt circle; 0: not known
inline constexpr Bounds tape_mm{0.0, 5000.0};
inline constexpr Bounds rim_mm{0.0, 60000.0}; ///< round a flywheel, twice
inline constexpr Bounds part_mm{-50.0, 50.0}; ///< lift, gasket, deck, lash, a limit
inline constexpr Bounds height_mm{0.0005, 30.0};
inline constexpr Bounds volume_cc{-1000.0, 10000.0};
inline constexpr Bounds vessel_cc{0.0, 100000.0}; ///< plenum, collector
inline constexpr Bounds ratio{0.2, 5.0};          ///< of a rocker
inline constexpr Bounds compression{0.0, 100.0};  ///< of a compression, or its exponent
inline constexpr Bounds cycle_deg{-720.0, 720.0};
/// A reading's: five turns of the cam either way, as a sweep or a shift may bring.
inline constexpr Bounds reading_deg{-3600.0, 3600.0};
inline constexpr Bounds lift_mm{-30.0, 30.0};
inline constexpr Bounds step_deg{1e-4, 360.0};
inline constexpr Bounds load_n{0.0, 20000.0}; ///< of a valve spring
/// A negative one is read, and refused with the reason where it is used.
inline constexpr Bounds rate_n_mm{-10000.0, 10000.0};
inline constexpr Bounds mass_g{0.0, 10000.0};
inline constexpr Bounds share{0.0, 1.0};
inline constexpr Bounds weight{0.0, 1000.0}; ///< beside others
inline constexpr Bounds rpm{0.0, 40000.0};
inline constexpr Bounds altitude_m{-500.0, 9000.0};
} // namespace bounds

} // namespace lobe
