// One picture of each main view, for the README and for a machine without a screen.
#pragma once

#include "core/job/job.h"
#include "stations/list.h"

#include <QStringList>

namespace app {

class Application;
class Look;
class MainWindow;
class Session;

/// A walk through the demo that saves what it sees.
class ViewWalk {
public:
    ViewWalk(Application& application, QString folder);

    MainWindow& window();
    Session& session();
    Look& look();

    /// To a station with the demo's job of an index, a lobe at hand.
    void go(int job, const stations::Station& station, int cylinder = 1,
            lobe::Side side = lobe::Side::Intake);
    /// The window as it is now.
    void save(const QString& name);
    /// The same at the stand.
    void saveAtStand(const QString& name);
    /// A key in the entry line.
    void press(Qt::Key key);
    /// A line typed and sent.
    void type(const QString& text);

    QStringList written() const { return written_; }

private:
    static void settle();

    Application& app_;
    QString folder_;
    QStringList written_;
};

/// Shows the window, walks every station with the demo's jobs and saves its pictures into the
/// folder; the paths written, in order.
QStringList saveViews(Application& application, const QString& folder);

} // namespace app
