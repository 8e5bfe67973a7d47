// What is read out at the stand: signs and short forms as people say them.
#pragma once

#include <QString>

namespace words {

/// "lift at 120° ATDC?" as "lift at 120 degrees after top dead centre". Plain text in, plain text
/// out; what has no sign in it is as it was.
QString spoken(const QString& shown);

} // namespace words
