// What the lobe asks of its follower and of the spring: faces, curvature, the speed at which the
// load is used up, and what a cam that was ground again leaves to be made up. Private to
// springs.cpp.
#pragma once

#include "core/result/findings.h"

namespace lobe {

/// The lobe of a side that is measured most; null without a curve.
const LobeFigures* springLobe(const Findings& findings, Side side);

/// Flat faces: what rides the lobe slides on it with a plane.
bool hasFlatFace(Follower follower);

void claimFollowers(const Job& job, const Findings& findings, SpringClaim& out);
/// Of a lobe with the weakest spring of its side; empty where one of them is not known.
std::optional<ControlClaim> controlOf(const Job& job, const SpringClaim& claim,
                                      const LobeFigures& lobe, Side side,
                                      std::optional<double> otherRatio);
void claimReground(const Job& job, SpringClaim& out);

} // namespace lobe
