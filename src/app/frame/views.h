// One picture of each main view, for the README and for a machine without a screen.
#pragma once

#include <QStringList>

namespace app {

class Application;

/// Shows the window, walks every station with the demo's jobs and saves its pictures into the
/// folder; the paths written, in order.
QStringList saveViews(Application& application, const QString& folder);

} // namespace app
