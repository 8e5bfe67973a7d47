// Comparing and choosing a cam in words: figures, wishes, what would help, the ranking, and what
// the filling estimate can say.
#pragma once

#include "core/choose/estimate.h"
#include "core/choose/wishes.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

namespace words {

/// Why a card makes no lobe, why nothing is known of a candidate, why there is no estimate.
QString sentence(lobe::ModelFault fault);
QString sentence(lobe::CamFault fault, lobe::Side side);
QString sentence(lobe::FillingFault fault);
QString sentence(lobe::FillingNeeds needs);

/// Against a reference, signed; empty where one of them is not known.
QString figureDifference(const lobe::CamFigure& figure, const lobe::CamFigure& reference,
                         const Style& style);

/// No cam differs from the reference in a row of figures by more than both are known to, or by what
/// would show.
bool figuresAlike(const std::vector<std::vector<lobe::CamFigure>>& figures, std::size_t row,
                  std::size_t reference, const Style& style);

/// N that one of the unit shown is worth: 1, or a pound's.
double forceUnit_n(const Style& style);
QString wishName(lobe::WishKind kind);
/// "dynamic ratio 8.0 to 9.5"
QString wishLine(const lobe::Wish& wish, const Style& style);
/// The number of a wish with its unit.
QString wishNumber(lobe::WishKind kind, double value, const Style& style);
/// "passes, 8.6 ±0.1"
QString judgedLine(const lobe::Judged& judged, const Style& style);
/// "cam 2.5° earlier"
QString cureLine(const lobe::Cure& cure, const Style& style);
/// "passes 5 of 6; not known: seat pressure"; with what it fails, and that it is modelled if it is.
QString rankLine(const lobe::Ranked& ranked, const lobe::Cam& cam,
                 const std::vector<lobe::Judged>& judged, bool withFailed = true);
/// The verdict over all of them.
QString rankVerdict(const std::vector<lobe::Ranked>& ranks, const std::vector<lobe::Cam>& cams);
/// How the ranking is made.
QString rankRule();

/// "Decided 26/11/2026: Esker H1, because it clears. Over Drumlin R9."
QString decisionLine(const lobe::Decision& decision, const Style& style);

/// What the estimate leaves out, can say and cannot.
QString fillingCaution(bool piped = false);
/// A candidate's filling against the reference's: "fills best about 400 per minute higher; 3 % more
/// there".
QString fillingAgainst(const lobe::FillingCurve& curve, const lobe::FillingCurve& reference,
                       const Style& style);
/// What the change from the reference tends to do, with the usual exceptions; a line each.
QStringList tendencies(const std::vector<lobe::CamFigure>& figures,
                       const std::vector<lobe::CamFigure>& reference);

} // namespace words
