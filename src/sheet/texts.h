// A job as open texts: readings and curves as CSV, figures as CSV and Markdown. mm and crank
// degrees.
#pragma once

#include "core/result/findings.h"

#include <QString>

namespace sheet {

/// A cell of CSV: quoted where it must be, and never taken for a formula by a spreadsheet.
QString cell(const QString& text);

/// Every reading of every lobe, a line each: cylinder, side, run, crank_deg, lift_mm, as typed,
/// struck.
QString readingsCsv(const lobe::Job& job);
/// The curves drawn through them, every degree.
QString curvesCsv(const lobe::Findings& findings);
/// The figures of every cylinder.
QString figuresCsv(const lobe::Findings& findings);
QString figuresMarkdown(const lobe::Job& job, const lobe::Findings& findings);

} // namespace sheet
