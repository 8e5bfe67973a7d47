// The ledger of what is claimed of a job: between what was found and what is said. Every surface
// says these claims and works out none of its own (core/claim holds what a claim is).
#pragma once

#include "core/result/findings.h"

#include <optional>
#include <vector>

namespace lobe {

/// A centre with what TDC leaves in its ±; on the cycle.
std::optional<Measured<CrankDeg>> centreFromTdc(const Findings& f, const LobeFigures& lobe,
                                                CentreSchool school);

/// Of both lobes of a cylinder, as far as they are measured. Its explanation is made.
std::vector<LobeClaim> lobeClaims(const Job& job, const Findings& f, const CylinderFindings& c);

/// Which parts of a chamber were never said. A gasket is thicker than nothing; a deck of nothing
/// may be said, and is taken as said with the gasket.
bool withoutGasket(const Chamber& chamber);
bool withoutDeck(const Chamber& chamber);

/// Empty without volumes, or where they cannot be. The compression of the findings is made.
std::optional<CompressionClaim> compressionClaim(const Job& job, const Findings& f);

} // namespace lobe
