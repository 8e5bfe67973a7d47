// One picture of each main view, for the README and for a machine without a screen.
#pragma once

#include <QStringList>

namespace app {

class Application;

/// Shows the window, walks the main views with the demo's jobs and saves a PNG of each into the
/// folder; the paths written, in order.
QStringList saveViews(Application& application, const QString& folder);

} // namespace app
