// Static and dynamic compression, the cranking pressure they promise, and what would reach another.
//
// Static = (Vs + Vc) / Vc with Vc = chamber + gasket (its own bore) + deck + crown + crevice.
// Dynamic = (Vc + A x(IVC)) / Vc with the piston's way x from the real rod and pin offset.
// Cranking pressure = ambient (dynamic^n - 1), above ambient: an estimate. Lengths mm, volumes cm3,
// pressures kPa, closing in crank degrees after BDC.
#pragma once

#include "core/job/engine.h"
#include "core/job/reckoning.h"
#include "core/lobe/lobe.h"

#include <array>
#include <optional>
#include <variant>
#include <vector>

namespace lobe {

struct Job;

/// What stands in the way of a ratio.
enum class CompressionFault {
    BoreNotPositive,
    StrokeNotPositive,
    RodTooShort,       ///< than the crank throw and the pin offset; `value` is the rod
    VolumeNotPositive, ///< `value` is the clearance volume
    ClosingOutside,    ///< the intake closes before BDC - 60 or after TDC; `value` is the closing
};
struct CompressionError {
    CompressionFault fault;
    double value = 0.0;
};

/// The clearance volume by its parts, cm3.
struct ClearanceVolumes {
    double chamber = 0.0, gasket = 0.0, deck = 0.0, crown = 0.0, crevice = 0.0;
    double total() const { return chamber + gasket + deck + crown + crevice; }
};

struct Compression {
    double staticRatio = 0.0, dynamicRatio = 0.0;
    double swept_cc = 0.0;
    ClearanceVolumes clearance;
    double trapped_mm = 0.0;    ///< piston below its top when the intake closes
    double effective_deg = 0.0; ///< the closing it is reckoned from
    double cranking_kpa = 0.0;  ///< above ambient
    double ambient_kpa = 0.0;
    double squish_mm = 0.0; ///< deck + gasket: piston to head
};

using CompressionResult = std::variant<Compression, CompressionError>;

CompressionResult compression(const CompressionState& state, double altitude_m, double exponent);

/// Standard atmosphere (ISO 2533): 101.325 (1 - 2.25577e-5 h)^5.25588 kPa.
double ambient_kpa(double altitude_m);

/// One way of calling the closing of the intake valve.
struct Closing {
    ClosingSchool school = ClosingSchool::SeatMeasured;
    std::optional<Measured<double>> deg; ///< after BDC; empty where it is not known
};
/// All four, whatever is known of them: also where nothing has been found yet.
class Closings {
public:
    Closings();
    const Closing& by(ClosingSchool school) const;
    Closing& by(ClosingSchool school);
    auto begin() const { return all_.begin(); }
    auto end() const { return all_.end(); }

private:
    std::array<Closing, kClosingSchools> all_; ///< in the order of the enum
};
/// In that order: measured at the seat height, the maker's advertised duration round the card's
/// centre, 1.27 mm tappet timing and 15 degrees, and one's own height.
/// `tdc_deg` is what TDC leaves uncertain: a measured closing carries it.
Closings closings(const Job& job, const LobeFigures* intake, double tdc_deg = 0.0);

/// The dynamic ratio by one way of calling the closing.
struct DynamicBy {
    Closing closing;                       ///< `deg` with the advance taken off
    std::optional<Measured<double>> ratio; ///< uncertain by what the closing is
};
std::vector<DynamicBy> dynamicByClosing(const Job& job, const Closings& closings, int cylinder,
                                        double advance_deg);

/// What is above the piston against what is left at the top, with the piston `down` below its top.
/// The state has a ratio.
double ratioWithPiston(const CompressionState& state, double down_mm);

/// The volume of a round recess, pi/4 d^2 h, cm3.
double recess_cc(double diameter_mm, double depth_mm);

/// The state of a cylinder with the cam advanced by so much beyond what was measured.
CompressionState stateOf(const Job& job, int cylinder, double closing_deg, double advance_deg);

/// What can be solved for.
enum class Quantity { Advance, Chamber, Gasket, Deck, Crown };
/// The value of a quantity (advance in crank degrees beyond the state's closing, cm3 or mm) that
/// reaches a dynamic ratio, all else as in the state; empty when none within reason does.
std::optional<double> reach(const CompressionState& state, Quantity quantity, double dynamicRatio);

/// The static ratio with a quantity at a value, all else as in the state; empty where there is
/// none.
std::optional<double> staticWith(const CompressionState& state, Quantity quantity, double value);

/// The dynamic ratio against advance, from -15 to 15 crank degrees, half a degree apart.
struct AdvancePoint {
    double advance_deg = 0.0, dynamicRatio = 0.0, cranking_kpa = 0.0;
};
std::vector<AdvancePoint> dynamicAgainstAdvance(const CompressionState& state, double altitude_m,
                                                double exponent);

/// A crown's volume by the plate method: what was poured with the piston `down` below the face,
/// less the cylinder it stands in.
double crownPoured_cc(double poured_cc, double down_mm, double bore_mm);

} // namespace lobe
