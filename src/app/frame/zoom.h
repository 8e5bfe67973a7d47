// How large everything is shown, 80 to 200 % of what the desktop asks for: under 100 the type is
// smaller, over it all there is is larger. Qt takes it once, before there is a window: another size
// is another start, which costs a blink, since all that was entered is on disk and the work goes on
// where it was.
#pragma once

#include <QSize>
#include <QString>
#include <QStringList>

namespace app {

/// What the program ends with to be started anew in its own place.
constexpr int kStartAgain = 77;

/// The next size in percent, larger (+1) or smaller (-1); the same at either end.
int zoomBeside(int percent, int direction);
/// Whether a window can be worked in at that size where `free` is what a screen leaves at `now`.
bool zoomFits(int percent, int now, const QSize& free);
/// What is begun with on a screen that leaves so much: smaller, where the benches would be cut.
int zoomToBegin(const QSize& free);
/// Writes a size down that is begun with; false where one was chosen before, or where it cannot be
/// written: then nothing is gained by starting anew.
bool beginAt(int percent, const QString& preferences);
/// Before the application: sets what Qt reads from the preferences kept in a file.
void applyZoom(const QString& preferences);
/// Starts the program anew in its own place, with these arguments; returns where that fails.
void startAgain(const QStringList& arguments);

} // namespace app
