// Parts of the explanation's sentences, for explanation.cpp and causes.cpp alone.
#pragma once

#include "words/explanation.h"

namespace words {

/// "intake opening".
QString eventInWords(lobe::Event event);
/// The dead centre and side a card counts it from: "BTDC".
QString reference(lobe::Event event);
/// "2.0° late"; early where negative.
QString late(double deg, const Style& style);
/// "±0.3°".
QString plusMinus(double deg, const Style& style);

} // namespace words
