// Springs, rocker gear and followers in words. Loads are shown in the builder's unit: with lengths
// (N beside mm, lb beside inches), or the one chosen.
#pragma once

#include "core/claim/spring_claim.h"
#include "words/numbers.h"

#include <QStringList>

namespace lobe {
struct Job;
}

namespace words {

/// N that one of the unit shown is, and its sign.
struct ForceShown {
    double newtons = 1.0;
    QString unit;
};
ForceShown forceShown(const Style& style, lobe::ForceUnit unit);
/// "412 N", "42.0 kgf", "92.6 lb".
QString force(double n, const Style& style, lobe::ForceUnit unit);
/// The figure alone.
QString forceNumber(double n, const Style& style, lobe::ForceUnit unit);
/// "38.0 N/mm", "217 lb/in".
QString springRate(double n_mm, const Style& style, lobe::ForceUnit unit);
QString springRateUnit(const Style& style, lobe::ForceUnit unit);

/// A speed of the engine as such an estimate is known: to 50 1/min.
QString revolutions(double rpm, const Style& style);
QString roomName(lobe::SpringRoom room);
QString bindSchoolName(lobe::BindSchool school);
QString pushRodSchoolName(lobe::PushRodSchool school);
QString forceUnitName(lobe::ForceUnit unit);
/// "intake 3"; of several valves "intake 3, second"; of a side alone "intake".
QString valveName(const lobe::ValveId& valve, const lobe::Engine& engine);
/// "0.25 + 0.38"; a dash for none.
QString shimPieces(const lobe::ShimStack& stack, const Style& style);
/// "0.25x8 0.38x4", as it is typed.
QString shimStock(const std::vector<lobe::ShimSize>& stock, const Style& style);

/// What is to be got, "1 of 0.50 mm, 2 of 0.25 mm"; empty where nothing is.
QString shimOrder(const lobe::SpringClaim& claim, const Style& style);

QString sentence(const lobe::SpringFaultAt& fault, const lobe::Job& job, const Style& style);
/// Room left and its limit: "1.42 mm to coil bind, your limit is 1.50 mm".
QString marginLine(const lobe::SpringMargin& margin, const lobe::Job& job, const Style& style);
/// What would mend it; empty where it keeps its limit.
QString mendLine(const lobe::SpringMargin& margin, const lobe::Job& job,
                 const lobe::SpringClaim& claim, const Style& style);
/// The headline: what is wrong first, then what is missing, then that all is well.
QString springVerdict(const lobe::Job& job, const lobe::SpringClaim& claim, const Style& style);
/// One line of the route.
QString springBrief(const lobe::Job& job, const lobe::SpringClaim& claim, const Style& style);
/// What else is to be said, a sentence each, the weightiest first: springs, stacks, speeds,
/// followers, push rods, a cam ground again. `brief` beside the figures: that speeds are estimates
/// is said, and not the speeds.
QStringList springNotes(const lobe::Job& job, const lobe::SpringClaim& claim, const Style& style,
                        bool brief = false);
/// The speed at which the load is used up, with what the estimate leaves out; empty where it is not
/// known.
QString controlLine(const lobe::SpringClaim& claim, const Style& style);
/// Of the trials of a side; empty without any and without a question.
QString pushRodLine(const lobe::Job& job, const lobe::SpringClaim& claim, lobe::Side side,
                    const Style& style);
QString springCaution();

} // namespace words
