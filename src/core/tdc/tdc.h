// True TDC, by five methods.
//
// The correction is the signed wheel angle of true TDC on the wheel as it stands: the midpoint of
// the two contacts, positive when true TDC comes after the wheel's zero. The half-span is half the
// way between the contacts; it is not the correction. With a pin offset the midpoint stands beside
// the true top by an amount that grows with the drop; that drift is taken off.
#pragma once

#include "core/angle/measured.h"
#include "core/finding/finding.h"
#include "core/job/contact.h"

#include <optional>
#include <vector>

namespace lobe {

struct Fitted;
struct Job;
struct LiftRun;

/// What is known beside the contacts. Lengths of 0 are not known.
struct TdcContext {
    double stroke_mm = 0.0, rod_mm = 0.0, pinOffset_mm = 0.0;
    std::optional<double> resolution_mm; ///< of the indicator
    double tolerance_deg = 0.5;          ///< two contacts that differ by less agree
};
TdcContext tdcContext(const Job& job);

/// Two contacts at one drop (or at the stop), in whatever order they were taken.
struct TdcPair {
    std::optional<double> drop_mm;
    std::optional<Contact> before, after;
    std::optional<Measured<double>> midpoint_deg; ///< uncertain by wheel and indicator
    std::optional<double> halfSpan_deg;
    std::optional<double> expectedHalfSpan_deg; ///< with stroke, rod and drop
    std::optional<double> drift_deg;            ///< midpoint less true top, from the pin offset
    bool swapped = false; ///< taken after-the-top first: the roles were exchanged
};

struct TdcPass {
    int pass = 1;
    TdcMethod method = TdcMethod::PositiveStop;
    std::vector<TdcPair> pairs; ///< one, or one per drop
    // Of the pass as a whole; empty until complete.
    std::optional<Measured<double>> correction_deg;
    std::optional<double> halfSpan_deg, expectedHalfSpan_deg;
    /// With several drops: how the midpoint moves per mm of drop. The correction is then carried
    /// to no drop at all.
    std::optional<double> drift_deg_per_mm;
    bool agrees = false; ///< the two contacts agree within the tolerance

    const std::optional<Contact>& before() const { return pairs.back().before; }
    const std::optional<Contact>& after() const { return pairs.back().after; }
};

enum class TdcState { NotBegun, InHand, Set, Proved };

struct TdcFindings {
    TdcState state = TdcState::NotBegun;
    std::vector<TdcPass> passes; ///< ascending; only passes with a live contact
    int passAtHand = 1;          ///< the pass the next contact belongs to
    bool nextAfterTop = false;   ///< which contact is wanted next
    std::vector<Finding> findings;

    /// The last complete pass, or null.
    const TdcPass* latest() const;
    /// What TDC leaves uncertain in every angle counted from it, 95 %: by how much the last pass
    /// still stands off and what its indicator leaves, at least a tenth of a degree; 0 before any.
    double uncertainty_deg() const;
};

/// Two signed angles, before and after the top. The way between them is taken through the top, so
/// a pair across the wheel's wrap or on one side of its zero is right. Degrees.
struct Midpoint {
    double midpoint_deg, halfSpan_deg;
    bool swapped;
};
Midpoint midpointOf(CrankDeg before, CrankDeg after);

/// Where the latest pass has a finding TdcOtherScale: the contact that takes the place of its first
/// one as the other gauge shows it; without id and time. Empty without that finding.
std::optional<Contact> onOtherGauge(const TdcFindings& found);

/// How far the readings of a run are off because true TDC was found afterwards with the pointer
/// not on it: what is to be added to their angles. Empty when there is nothing to decide.
std::optional<double> pendingShift_deg(const LiftRun& run, const TdcFindings& tdc);

TdcFindings examineTdc(const std::vector<Contact>& contacts, const TdcContext& context);

/// The factory mark against true TDC: the wheel angle at which it says TDC. Positive means it says
/// TDC too late, and an engine timed by it fires late by as much.
struct MarkError {
    double deg = 0.0;
    double arc_mm = 0.0; ///< pi D deg / 360 on the damper; 0 without its diameter
};
std::optional<MarkError> factoryMarkError(const Fitted& fitted);
/// What a timing lamp shows on the factory mark when the spark comes that many degrees before true
/// TDC: a mark that says TDC too early (negative) shows so much less.
double lampFor_deg(double true_deg, const MarkError& error);
/// More than a mark slips by itself: the tab may belong to another damper, or the damper's ring
/// turned on its hub.
constexpr double kTabSuspect_deg = 4.0;

/// The mean of the deck measured at several points, mm; empty without any.
std::optional<double> meanDeck_mm(const Fitted& fitted);

} // namespace lobe
