// What is claimed of where a lobe stands: its centre by the builder's school, and how far it is
// from its card, compared as the card means it; or what nobody took. Slate, Timing, Set, stand,
// sheet and command line say this claim and work out none of their own.
//
// Crank degrees, late positive, unless said; uncertainties are 95 % half-widths with what TDC
// leaves in them. They hold for a wheel whose zero is the top that was taken: without TDC (see
// `tdcProved`) every angle is counted from where the wheel happens to stand.
#pragma once

#include "core/angle/angles.h"
#include "core/angle/measured.h"
#include "core/angle/usual.h"
#include "core/job/school.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace lobe {

enum class Standing {
    Right,    ///< as the card has it, within what is known and worth moving
    Off,      ///< elsewhere
    NotKnown, ///< what it would need is in `needs`
};

/// What a claim would need that nobody took.
enum class StandingNeed {
    Nothing,
    Lobe,       ///< no centre and no event that the card states
    OtherEvent, ///< one event alone does not tell its timing from its length
    Card,       ///< no card, or none that says where this lobe is to stand
    Again,      ///< the cam was moved since
    Settle,     ///< exchanged, reversed, another top: what was measured cannot be what it is called
};

struct LobeClaim {
    int cylinder = 1;
    Side side = Side::Intake;
    std::vector<std::int64_t> runs; ///< that it rests on, the one that counts first
    /// In the builder's school or, where that has none, the one in `school`: after TDC on the
    /// intake, before it on the exhaust.
    std::optional<Measured<double>> centre_deg;
    CentreSchool school = CentreSchool::EqualDrop;
    /// Measured less card, late positive, by `comparedBy`: like is compared with like.
    std::optional<Measured<double>> late_deg;
    CentreSchool comparedBy = CentreSchool::Events;
    /// The centre by the builder's school may stand beside the card's: the schools agree here.
    bool alike = true;
    bool tdcProved = false;
    Standing standing = Standing::NotKnown;
    StandingNeed needs = StandingNeed::Lobe;

    /// Less than this is not told from none, or not worth moving.
    double told_deg() const {
        const auto known = halfWidthOf(late_deg).value_or(kLeastTold_deg);
        return known > kWorthMoving_deg ? known : kWorthMoving_deg;
    }
};

} // namespace lobe
