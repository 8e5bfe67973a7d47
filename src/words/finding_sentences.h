// The sentences of findings by their subject, for sentences.cpp alone: each knows its own codes,
// and says nothing of others.
#pragma once

#include "words/sentences.h"

namespace words {

/// "Intake 1"; empty where it is of no lobe.
QString lobeName(const lobe::Finding& f);

/// What is said of true TDC.
QString tdcSentence(const lobe::Finding& f, const Style& style);
/// What is said of a run of lift readings.
QString runSentence(const lobe::Finding& f, const Style& style);
/// What is said of a lobe taken by its events.
QString eventsSentence(const lobe::Finding& f, const Style& style);
/// What lobes say against card, other cylinders and one another.
QString checksSentence(const lobe::Finding& f, const Style& style);

} // namespace words
