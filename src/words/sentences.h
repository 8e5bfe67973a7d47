// Findings, faults and figures in words: a sentence with its number, its reason and the next step.
#pragma once

#include "core/compression/compression.h"
#include "core/finding/finding.h"
#include "core/result/figure.h"
#include "core/route/progress.h"
#include "core/typed/lift_table.h"
#include "words/numbers.h"

#include <QString>

namespace lobe {
struct Findings;
struct Task;
struct TdcFindings;
} // namespace lobe

namespace words {

QString sentence(const lobe::Finding& finding, const Style& style);
/// The same, short enough for the stand.
QString shortSentence(const lobe::Finding& finding, const Style& style);
/// Before the first reading with a live hydraulic follower and the running spring.
QString liveFollowerWarning();
/// "Look again", "Still to do", "Note".
QString severityTitle(lobe::Severity severity);

/// Why a typed line was not understood, and what would be.
QString sentence(const lobe::EntryError& error, const Style& style);
/// "table.csv, line 3: …": names the file, the line and what was expected.
QString sentence(const lobe::TableError& error, const QString& fileName);

/// Why there is no ratio, naming the value.
QString sentence(const lobe::CompressionError& error, const Style& style);
/// " without gasket and deck": what of the volume was never said; empty where all of it was.
QString withoutParts(bool gasket, bool deck);
QString closingName(lobe::ClosingSchool school);
QString quantityName(lobe::Quantity quantity);

/// "Intake duration"
QString figureName(const lobe::FigureId& figure);
/// "Intake duration at 1.27 mm, tappet", "Intake opens, BTDC": a row of its own.
QString figureTitle(const lobe::FigureId& figure, const Style& style);
/// A number of that kind in the unit shown, to the places it is said to; what its unit is called,
/// empty for degrees and ratios.
std::pair<double, int> figureShown(lobe::FigureKind kind, double value, const Style& style);
QString figureUnit(lobe::FigureKind kind, const Style& style);
/// "8.512 mm", "–" where it is not known; "±0.3", empty where it has none.
QString figureWithUnit(const lobe::FigureId& figure,
                       const std::optional<lobe::Measured<double>>& value, const Style& style);
QString figureHalf(const lobe::FigureId& figure, const std::optional<lobe::Measured<double>>& value,
                   const Style& style);
/// "at 1.27 mm, tappet", "equal drop", "cam degrees".
QString figureBasis(const lobe::Figure& figure, const Style& style);
/// The value as its basis reads it: from the side of the dead centre that stands beside it, so a
/// split point before TDC is positive. Unit as of its kind.
std::optional<double> figureRead(const lobe::Figure& figure);
QString figureValue(const lobe::Figure& figure, const Style& style);
/// "2.0 late", "as card", "+1.0 from card"; empty without a card.
QString figureDifference(const lobe::Figure& figure, const Style& style);
/// "±0.3"; empty where it is not known.
QString figureUncertainty(const lobe::Figure& figure, const Style& style);
/// How the figure was made, as a formula with its numbers.
QString whereFrom(const lobe::Figure& figure, const lobe::Findings& findings, const Style& style);

/// "Cylinder 1 exhaust: the whole run": what to do next, and why.
QString taskTitle(const lobe::Task& task, const Style& style);
QString taskReason(const lobe::Task& task);

QString progressName(lobe::Progress progress);
/// What to do with the pointer: how far and which way, and what both contacts must then read.
QString tdcInstruction(const lobe::TdcFindings& tdc, const lobe::DegreeWheel& wheel,
                       const Style& style);

} // namespace words
