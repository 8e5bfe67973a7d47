// A lobe taken in passing: the crank is turned forward, and the lift at every mark is told as the
// mark is left behind. What is read while the crank goes back is left out, and so is what follows
// until it is past where it had been: the drive's slack is taken up only there.
#pragma once

#include "core/live/pairing.h"

#include <deque>
#include <optional>
#include <vector>

namespace lobe {

/// The lift at one mark: of a parabola through what was said within half a step of it, at most half
/// a degree, so that neither noise nor the steps of an encoder move it.
struct PassedMark {
    double deg = 0.0, mm = 0.0;
    int samples = 0;
    double turning_deg_per_s = 0.0; ///< how fast the crank went by
};

class Passing {
public:
    /// Marks are the multiples of `step_deg`, 0.1 to 30.
    explicit Passing(double step_deg);

    /// The next sample; appends the marks that are left behind by it.
    void feed(const LiveSample& sample, std::vector<PassedMark>& out);
    /// The crank goes back, or has not come again to where it was.
    bool backing() const { return backing_; }
    /// How far it has come, degrees over all turns; empty before the first sample.
    std::optional<double> furthest() const { return furthest_; }
    /// Marks that were passed too fast to be told.
    int missed() const { return missed_; }
    void forget();

    /// An encoder trembles by so much; more is going back.
    static constexpr double kBack_deg = 0.3;

private:
    std::optional<PassedMark> at(double mark) const;

    double step_deg_, half_deg_;
    std::deque<LiveSample> near_;
    std::optional<double> furthest_, next_;
    double furthestAt_s_ = 0.0;
    bool backing_ = false;
    int missed_ = 0;
};

/// How far a pass over one lobe has come: on the base circle, on the lobe, through when the base
/// circle is reached again.
class LobePass {
public:
    void feed(const PassedMark& mark);
    bool lifted() const { return lifted_; }
    /// The base circle was seen for long enough to count from: what the dial shows there is zero.
    bool onBase() const { return flat_deg_ >= kBase_deg; }
    bool through() const { return through_; }
    /// What the dial showed before the lobe began, mm.
    double base_mm() const { return base_mm_; }
    /// How much higher the base circle stands behind the lobe than before it, mm; 0 until through.
    double baseRose_mm() const { return through_ ? flat_mm_ - base_mm_ : 0.0; }
    /// Where the base circle before the lobe began to be seen, degrees; empty before any mark.
    std::optional<double> baseSince_deg() const { return since_; }
    /// Where the lobe left it; empty before it did.
    std::optional<double> liftedAt_deg() const { return liftedAt_; }
    void forget() { *this = {}; }

private:
    static constexpr double kLeft_mm = 0.25, kFlat_mm = 0.03, kFlat_deg = 10.0;
    /// A nose is as flat over a few degrees as a base circle: it takes more to be one.
    static constexpr double kBase_deg = 15.0;

    bool any_ = false, lifted_ = false, through_ = false;
    double base_mm_ = 0.0, most_mm_ = 0.0, flat_deg_ = 0.0, flat_mm_ = 0.0;
    std::optional<double> since_, flatFrom_, liftedAt_;
};

/// The first whole lobe of a pass: from the base circle before it to the one behind it, lifts
/// counted from what the dial showed there. Empty where there is none.
std::vector<PassedMark> wholeLobe(const std::vector<LiveSample>& samples, double step_deg,
                                  bool countsDown = false);

} // namespace lobe
