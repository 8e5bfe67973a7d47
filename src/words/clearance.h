// Valve to piston in words.
#pragma once

#include "core/assess/clearances.h"
#include "core/job/clearance.h"
#include "words/numbers.h"

#include <QStringList>

namespace words {

/// With its unit, hundredths of a mm or thousandths of an inch: "1.95 mm".
QString clearance(double mm, const Style& style);
/// The figure alone, where its unit stands elsewhere.
QString clearanceNumber(double mm, const Style& style);
/// The same with its half-width, no finer than it is shown: "1.95 ±0.04 mm".
QString clearance(const lobe::Measured<double>& mm, const Style& style);

QString methodName(lobe::ClearanceMethod method);
QString pressedAtName(lobe::PressedAt at);
QString lashSetName(lobe::LashSet set);

/// What is corrected and by how much: "gasket +1.20 mm"; switched off in brackets.
QString correctionLine(const lobe::Correction& correction, const Style& style);

/// The verdict of a valve: the least of all that was taken, its place, margin, what the cam may do,
/// and what to do next. `map` is the one at hand; either may be null. `brief`: what leads alone.
QString clearanceVerdict(const lobe::ClearanceClaim* claim, const lobe::MapFindings* map,
                         lobe::Side side, const Style& style, bool brief = false);
/// Room that is left, or how far valve and piston would be in one another: "comes within 1.79 mm of
/// the piston", "would go 0.14 mm into the piston".
QString nearness(const lobe::Measured<double>& mm, const Style& style);
/// The same in a few words, for a line of the route: "in 1.79 mm, too near when advanced".
QString clearanceBrief(const lobe::ClearanceClaim& claim, const Style& style);
/// Over what the cam may do while the engine runs; empty where it does nothing.
QString travelLine(const lobe::ClearanceClaim& claim, const Style& style);
/// What a tooth out would do, where it comes near; empty else.
QString toothOutLine(const lobe::ClearanceClaim& claim, const Style& style);
/// Where to press and why there.
QString whereToPress(const lobe::ClearanceMap& map, lobe::Side side);
/// What would bring it up to the limit, each alone: a line each.
QStringList remedyLines(const lobe::Remedy& remedy, const lobe::ClearanceLimits& limits,
                        const Style& style);
/// Once: what no figure of a mock-up can know; with the speed to which the springs keep the valves
/// on their lobes, where that is estimated.
QString clearanceCaution(const lobe::SpringClaim& springs, const Style& style);

} // namespace words
