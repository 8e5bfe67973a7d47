// True TDC from contacts either side of the top.
//
// The correction is the signed wheel angle of true TDC on the wheel as it stands: half the signed
// sum of the two contacts, positive when true TDC comes after the wheel's zero. The half-span is
// half the way between the contacts; it is not the correction.
#pragma once

#include "core/finding.h"
#include "core/job.h"

#include <optional>
#include <vector>

namespace lobe {

struct TdcPass {
    int pass = 1;
    std::optional<Contact> before, after; ///< live contacts; the last of each wins
    std::optional<double> correction_deg, halfSpan_deg;
    bool swapped = false; ///< taken after-the-top first: the roles were exchanged
    bool agrees = false;  ///< the two contacts agree within the tolerance
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
};

/// Two signed angles, before and after the top, to correction and half-span. The way between
/// them is taken through the top, so a contact pair across the wheel's wrap or on one side of its
/// zero is right. Degrees.
struct Midpoint {
    double correction_deg, halfSpan_deg;
    bool swapped;
};
Midpoint midpointOf(CrankDeg before, CrankDeg after);

TdcFindings examineTdc(const std::vector<Contact>& contacts, double tolerance_deg);

} // namespace lobe
