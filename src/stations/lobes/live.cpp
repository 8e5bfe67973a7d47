// Lobes with instruments: what they give, and what they could give now.
#include "stations/lobes/lobes_desk.h"
#include "words/say.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

/// As it could have been typed: it is read again where a job comes as a file.
QString typedLift(double mm) {
    return QString::number(mm, 'f', 4) + QStringLiteral(" mm");
}

} // namespace

/// A lift where the crank stands, or where it was asked; of events the angle is what is measured.
Echo LobesDesk::ownMeasured(const InstrumentReading& reading) {
    if (pasted_.waiting() || striking())
        return {false, Say::tr("Something else is asked: answer it, or leave it with Esc.")};
    const bool length = reading.unit == InstrumentReading::Unit::Millimetre;
    if (eventsOnly()) {
        const auto w = events_.wanted();
        // Of the indicator's own lift, at the nose or at zero, the angle does not matter.
        if (length && w && w->of == ReadingOf::Lift)
            return log(angle(), reading.value, typedLift(reading.value), reading.heard());
        const auto deg = length ? reading.wheel_deg : std::optional(reading.value);
        if (!deg) return {false, Say::tr("An event is where the wheel stands: that is a lift.")};
        auto read = events_.at({*deg});
        if (auto* r = std::get_if<Reading>(&read)) r->heard = reading.heard();
        return logEvent(std::move(read));
    }
    if (!length) {
        goTo(run_.nearLobe({reading.value}));
        return {true, {}};
    }
    if (!(std::abs(reading.value) <= kMostLift_mm))
        return {false, Say::tr("No lobe lifts that far.")};
    if (!reading.wheel_deg && complete()) return throughAlready();
    return log(reading.wheel_deg ? run_.nearLobe({*reading.wheel_deg}) : angle(), reading.value,
               typedLift(reading.value), reading.heard());
}

/// Lifts mark by mark, as the crank passed them: one action, whatever it takes the place of.
Echo LobesDesk::ownPassed(const InstrumentPass& pass) {
    if (pasted_.waiting() || striking() || eventsOnly()) return ownMeasured({});
    book::AddReadings change;
    change.goesOn = pass.goesOn;
    const RunConditions t = conditions();
    for (const InstrumentReading& measured : pass.readings) {
        if (measured.unit != InstrumentReading::Unit::Millimetre || !measured.wheel_deg ||
            !std::isfinite(*measured.wheel_deg) || !(std::abs(measured.value) <= kMostLift_mm))
            return {false, Say::tr("No lobe lifts that far.")};
        Reading r;
        r.at = run_.nearLobe({*measured.wheel_deg});
        r.value_mm = measured.value;
        r.typed = typedLift(measured.value).toStdString();
        r.heard = measured.heard();
        r.time_ms = session().now();
        r.zero = static_cast<int>(t.zeros.size()) + 1;
        change.readings.push_back(std::move(r));
    }
    const Echo notKept{false, Say::tr("Not logged; see the message above.")};
    if (change.readings.empty()) return pass.through && !through() ? endHere() : Echo{true, {}};
    if (!session().run() && !run_.begin(t)) return notKept;
    const auto run = session().run();
    change.series = run->id;
    for (const Reading& o : run->readings)
        if (!o.struck &&
            std::any_of(change.readings.begin(), change.readings.end(), [&](const Reading& r) {
                return o.zero == r.zero && std::abs(o.at.deg - r.at.deg) < 1e-6;
            }))
            change.replaces.push_back(o.id);
    overshot_ = false;
    goQuietly({});
    if (!session().keep(change)) return notKept;
    return pass.through && !through() ? endHere() : Echo{true, {}};
}

/// The lobe was left behind: what was meant to be read beyond that is base circle.
Echo LobesDesk::endHere() {
    const auto run = session().run();
    const auto last = run_.lastLive();
    if (!run || !last) return {true, {}};
    RunConditions t = run->terms;
    t.to = last->at;
    for (const Reading& r : run->readings)
        if (!r.struck) t.to.deg = std::max(t.to.deg, r.at.deg);
    if (t.to.deg <= t.from.deg || t.to == run->terms.to) return {true, {}};
    return run_.keepConditions(t) ? Echo{true, {}}
                                  : Echo{false, Say::tr("Not kept; see the message above.")};
}

LiveWish LobesDesk::ownLive() const {
    LiveWish wish;
    wish.cylinder = session().cylinder();
    wish.side = session().side();
    if (pasted_.waiting() || striking()) return wish;
    const RunConditions t = conditions();
    wish.countsDown = t.countsDown;
    if (eventsOnly()) {
        const auto w = events_.wanted();
        if (!w) return wish;
        wish.what = w->of == ReadingOf::Lift ? LiveWish::What::Lift : LiveWish::What::Event;
        if (w->of == ReadingOf::Opens || w->of == ReadingOf::Closes) {
            wish.height_mm = w->height.mm;
            wish.opening = w->of == ReadingOf::Opens;
        }
        return wish;
    }
    wish.goesOn = complete() && goesToLobe();
    if (complete()) return wish;
    wish.what = LiveWish::What::Lift;
    wish.at = angle();
    wish.from_deg = t.from.deg;
    wish.to_deg = t.to.deg;
    wish.step_deg = t.step_deg;
    return wish;
}

} // namespace app
