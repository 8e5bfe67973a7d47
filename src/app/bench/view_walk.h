// What a bench needs to show its pictures from the demo: frame/views.h walks.
#pragma once

#include "core/angle/per.h"
#include "stations/list.h"

namespace app {

class Desk;
class Look;

class ViewWalk {
public:
    virtual ~ViewWalk() = default;

    virtual Look& look() = 0;
    /// Of the station shown.
    virtual Desk& desk() = 0;
    /// To a station with the demo's job of an index, a lobe at hand.
    virtual void go(int job, const stations::Station& station, int cylinder = 1,
                    lobe::Side side = lobe::Side::Intake) = 0;
    /// The window as it is now.
    virtual void save(const QString& name) = 0;
    /// The same at the stand.
    virtual void saveAtStand(const QString& name) = 0;
    /// A key in the entry line.
    virtual void press(Qt::Key key) = 0;
    /// What is worked out behind the window comes in.
    virtual void rest(int ms) = 0;
    /// A line typed and sent.
    virtual void type(const QString& text) = 0;
};

} // namespace app
