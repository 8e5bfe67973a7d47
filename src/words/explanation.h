// The explanation in words: one paragraph a builder would say, and the numbers under it.
#pragma once

#include "core/result/findings.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

namespace words {

/// Where the cam of a cylinder stands: what must be put right first, the likeliest cause against
/// the card, the card it looks like, or its separation and advance.
QString timingVerdict(const lobe::Job& job, const lobe::Findings& findings, int cylinder,
                      const Style& style);

/// What the readings say against the card: the likeliest cause with its size, what it rests on,
/// what else it may be, and what to do next. `tdcProved` says whether the pointer can be blamed.
/// Empty where there is nothing to compare.
QString paragraph(const lobe::Explanation& explanation, bool tdcProved, const Style& style);
/// "cam 2.0° late", for the route; empty without a cause.
QString causeInShort(const lobe::Explanation& explanation, const Style& style);

/// One cause: what it says, what it rests on, what to do next.
QString causeSentence(const lobe::Cause& cause, const Style& style);
QString causeEvidence(const lobe::Cause& cause, const lobe::Explanation& explanation,
                      const Style& style);
QString causeNext(const lobe::Cause& cause, bool tdcProved, const Style& style);

/// "Intake opens 10.0 BTDC, card 12: 2.0° late, ±0.6", a line for each event.
QStringList eventLines(const lobe::Explanation& explanation, const Style& style);
QString contradiction(const lobe::CardContradiction& contradiction, const Style& style);
/// "IVO", "IVC", "EVO", "EVC".
QString eventCode(lobe::Event event);
/// Stable, for the command line: "cam_timing", "other_side".
const char* causeCode(lobe::CauseKind kind);
const char* substitutionCode(lobe::Substitution substitution);

/// What the midpoint line means for this lobe.
QString symmetrySentence(const lobe::LobeFigures& lobe, const Style& style);
/// "smoothed: readings scatter by ±0.03 mm" or "through every reading".
QString smoothingLine(const lobe::LobeFigures& lobe, const Style& style);

} // namespace words
