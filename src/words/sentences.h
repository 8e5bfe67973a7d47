// Findings, faults and figures in words: a sentence with its number, its reason and the next step.
#pragma once

#include "core/compression/compression.h"
#include "core/examine/examine.h"
#include "core/examine/progress.h"
#include "core/lobe/lift_table.h"
#include "words/numbers.h"

#include <QString>

namespace words {

QString sentence(const lobe::Finding& finding, const Style& style);
/// The same, short enough for the stand.
/// Before the first reading with a live hydraulic follower and the running spring.
QString liveFollowerWarning();
QString shortSentence(const lobe::Finding& finding, const Style& style);
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

QString figureName(const lobe::Figure& figure);
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
