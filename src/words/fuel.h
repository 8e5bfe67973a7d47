// What a fuel is called: the rough guide's own in the reader's language, whoever's else as typed.
#pragma once

#include <QString>

#include <string>

namespace words {

/// As it is shown.
QString fuelName(const std::string& name);
/// As it is kept: one of the guide's that was typed in the reader's language is that one.
std::string fuelCalled(const QString& typed);

} // namespace words
