// How a candidate fills this engine over speed: what the estimate needs of a job, and what it makes
// of a cam.
#pragma once

#include "core/choose/cam.h"
#include "core/filling/piped.h"

#include <optional>
#include <variant>
#include <vector>

namespace lobe {

/// What is still to be said before filling can be estimated.
enum class FillingNeeds {
    Dimensions, ///< bore, stroke and rod
    Ratio,      ///< chamber, gasket and deck: a static ratio
    Heads,      ///< diameters of the valve heads
    Lobes,      ///< both lobes of the cam
    Unlikely,   ///< figures that make no engine
};

/// Speeds the estimate is made at, 1/min: forty from 1000 to `to_rpm`.
std::vector<double> fillingSpeeds(double to_rpm);
/// Up to where: what the purpose says and a fifth more, else a mean piston speed of 24 m/s, rounded
/// up to 500.
double fillingReach_rpm(const Job& job);

/// Pipes as they are usual for this engine at a speed: the intake's best by the Helmholtz estimate
/// near it, the primary by the wave that comes back at overlap. `share` of those lengths.
Pipes usualPipes(const Engine& engine, double best_rpm, double share = 1.0);

/// A cam's cylinder breathing through the engine's pipes; where their lengths are not known,
/// through usual ones, with shorter and longer ones beside them.
class FillingEstimate {
public:
    FillingEstimate(Filling filling, std::vector<Pipes> pipes)
        : filling_(std::move(filling)), pipes_(std::move(pipes)) {}
    /// Safe from several threads. Coarser at low speeds, where waves are long against a cell; with
    /// the other lengths beside it only where they are asked for.
    FillingPoint at(double speed_rpm, bool otherLengths = true) const;
    /// On a coarse grid, for as long as a slide moves: within about two hundredths of `at`.
    FillingPoint sketch(double speed_rpm) const;
    /// Pressures at the valves over the cycle, of usual pipes where they are not known.
    PipeTrace trace(double speed_rpm) const;
    /// The lengths are guessed: each point says what shorter and longer ones would do.
    bool guessed() const { return pipes_.size() > 1; }

private:
    Filling filling_;
    std::vector<Pipes> pipes_; ///< one, or short, usual and long
};

/// Points ascending in speed: where the other lengths were not asked for, what they do lies between
/// what they do at the neighbours. Every fourth is near enough: a wave's effect is wider than that.
void spreadLengths(std::vector<FillingPoint>& points);
inline constexpr std::size_t kLengthsEvery = 4;

/// Where a cam fills more or less than the reference, over speeds ascending; with lengths that are
/// not known only where it holds for short and long ones alike.
struct FillingGain {
    double from_rpm = 0.0, to_rpm = 0.0;
    double share = 0.0; ///< mean over those speeds, 0.03 is three in a hundred more
};
std::vector<FillingGain> gainsOver(const FillingCurve& curve, const FillingCurve& reference);

/// With the cams moved by so much in all.
std::variant<FillingEstimate, FillingNeeds> fillingOf(const Job& job, const Cam& cam,
                                                      PerSide<double> moved_deg);

} // namespace lobe
