#include "words/finding_sentences.h"

#include "core/angle/wheel.h"
#include "words/say.h"
#include <cmath>

namespace words {

using namespace lobe;

/// What the reading would have to be, and how to type it.
static QString wouldDo(const std::optional<CrankDeg>& reading, const Style& style) {
    if (!reading) return Say::tr("Strike it and read it again; no figure is made of it.");
    const FromDeadCentre said = fromNearestDeadCentre(*reading);
    const QString side = (said.after ? QStringLiteral("a") : QStringLiteral("b")) +
                         (said.centre == DeadCentre::Top ? QString() : QStringLiteral("b"));
    return Say::tr("%1 would do: strike it and type %2%3. No figure is made of it until then.")
        .arg(fromDeadCentre(*reading, style), shortest(said.deg, 2, style), side);
}

static QString eventFlank(bool opening) {
    return opening ? Say::tr("opening") : Say::tr("closing");
}

QString said(const found::EventsOnly&, const Finding& of, const Style&) {
    return Say::tr("%1: taken by its events. Duration, overlap and the centre between "
                   "events stand; lift, area "
                   "and the other schools need a whole curve.")
        .arg(lobeName(of));
}

QString said(const found::CentreOnly&, const Finding& of, const Style&) {
    return Say::tr("%1: taken by its centre. Where the lobe stands is known; its events, "
                   "lift and area need more.")
        .arg(lobeName(of));
}

QString said(const found::DurationUnlikely& f, const Finding& of, const Style& style) {
    return Say::tr("%1 %2 at %3: %4 makes a duration of %5, and no cam has that. %6")
        .arg(lobeName(of), eventFlank(f.opening), height(f.height_mm, style),
             fromDeadCentre(f.at, style), degrees(f.duration_deg, style),
             wouldDo(f.wouldDo, style));
}

QString said(const found::CentreUnlikely& f, const Finding& of, const Style& style) {
    return Say::tr("%1 %2 at %3: %4 puts the lobe centre at %5, where none sits. %6")
        .arg(lobeName(of), eventFlank(f.opening), height(f.height_mm, style),
             fromDeadCentre(f.at, style), degrees(f.centre_deg, style), wouldDo(f.wouldDo, style));
}

QString said(const found::WaysDiffer& f, const Finding& of, const Style& style) {
    const QString what = f.of == found::WaysDiffer::Of::Centre    ? Say::tr("the centre")
                         : f.of == found::WaysDiffer::Of::Opening ? Say::tr("the opening")
                                                                  : Say::tr("the closing");
    return Say::tr("%1: taken two ways, %2 comes out at %3 and at %4, and the two are known to "
                   "%5. One of them is off: read the second way again before either is believed.")
        .arg(lobeName(of), what, fromDeadCentre({f.one_deg}, style),
             fromDeadCentre({f.other_deg}, style),
             QString(QChar(0xB1)) + degrees(f.known_deg, style));
}

QString said(const found::WaysAgree& f, const Finding& of, const Style& style) {
    return Say::tr("%1: taken %2 ways, and they agree within %3.")
        .arg(lobeName(of))
        .arg(f.ways)
        .arg(degrees(std::max(0.1, f.widest_deg), style));
}

QString said(const found::NoseUnlikely& f, const Finding& of, const Style& style) {
    return Say::tr("%1: a nose at %2 lies %3 from the middle of its events; on any cam "
                   "it is near it. It does not count. Strike it and read it again.")
        .arg(lobeName(of), fromDeadCentre(f.at, style), degrees(std::abs(f.off_deg), style));
}

QString said(const found::CardHeightNear& f, const Finding& of, const Style& style) {
    return Say::tr("%1: events taken at %2, and the card's are at %3: near, but not the "
                   "same (1 mm is not 0.040 in). They are not compared; take them at the "
                   "card's height, or set the card's.")
        .arg(lobeName(of),
             height(f.taken_mm, style) + Say::tr(" (%1 mm)").arg(fixed(f.taken_mm, 3, style)),
             height(f.card_mm, style) + Say::tr(" (%1 mm)").arg(fixed(f.card_mm, 3, style)));
}

QString said(const found::EventOdd& f, const Finding& of, const Style& style) {
    return Say::tr("%1 %2: the reading at %3 stands %4 from the others. Strike it, or "
                   "read it again.")
        .arg(lobeName(of), eventFlank(f.opening), readingAngle(f.at, style),
             degrees(std::abs(f.off_deg), style));
}

QString said(const found::EventSide& f, const Finding& of, const Style& style) {
    return Say::tr("%1 %2: %3 as taken is far from the card, but %4 would fit it: the "
                   "other side of the dead "
                   "centre? Strike it and type it with its side.")
        .arg(lobeName(of), eventFlank(f.opening), fromDeadCentre(f.at, style),
             fromDeadCentre(f.mirrored, style));
}

} // namespace words
