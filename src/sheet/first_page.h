// The first page of a sheet, for somebody who was not there: what the numbers come to, engine and
// cam, one matrix of heights by events; private to the sheet.
#pragma once

#include "sheet/sheet.h"

namespace sheet {

/// A heading over its body; empty without a body.
QString under(const QString& title, const QString& body);
QString paragraph(const QString& text);

/// What timing, setting, clearance and compression come to; empty without a lobe.
QString verdictPart(const lobe::Job& job, const lobe::Findings& findings, const Options& options);
/// Two columns: the engine, and the cam with its card.
QString enginePart(const lobe::Job& job, const Options& options);
/// Checking heights by events, durations and overlap, the card's beside them at its height; then
/// what stands at no height.
QString figuresPart(const lobe::Job& job, const lobe::Findings& findings, const Options& options);

} // namespace sheet
