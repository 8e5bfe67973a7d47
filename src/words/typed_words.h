// The words that are typed as commands, in the language in use: every parser knows the English
// ones, and whoever works in another language types theirs beside them.
#pragma once

#include <QString>

namespace words {

/// A line with the command words of the language in use in the place of the English ones: "schritt
/// 2" is "step 2". Words are taken from the front, past numbers and letters alone, up to the first
/// that is no command; what follows "note", "name", "because" and the like is somebody's own text
/// and stays as it is. The line itself where nothing is to change.
QString inCommandWords(const QString& line);

} // namespace words
