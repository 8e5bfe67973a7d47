#include "words/finding_sentences.h"

#include "core/angle/wheel.h"
#include "words/say.h"
#include <cmath>

namespace words {

using namespace lobe;

/// What the reading would have to be, and how to type it.
static QString wouldDo(const Finding& f, const Style& style) {
    if (!f.other_deg) return Say::tr("Strike it and read it again; no figure is made of it.");
    const FromDeadCentre said = fromNearestDeadCentre({*f.other_deg});
    const QString side = (said.after ? QStringLiteral("a") : QStringLiteral("b")) +
                         (said.centre == DeadCentre::Top ? QString() : QStringLiteral("b"));
    return Say::tr("%1 would do: strike it and type %2%3. No figure is made of it until then.")
        .arg(fromDeadCentre({*f.other_deg}, style), shortest(said.deg, 2, style), side);
}

QString eventsSentence(const Finding& f, const Style& style) {
    const QString who = lobeName(f);
    const QString flank = f.opening ? Say::tr("opening") : Say::tr("closing");
    switch (f.code) {
    case Code::EventsOnly:
        return Say::tr("%1: taken by its events. Duration, overlap and the centre between "
                       "events stand; lift, area "
                       "and the other schools need a whole curve.")
            .arg(who);
    case Code::CentreOnly:
        return Say::tr("%1: taken by its centre. Where the lobe stands is known; its events, "
                       "lift and area need more.")
            .arg(who);
    case Code::DurationUnlikely:
        return Say::tr("%1 %2 at %3: %4 makes a duration of %5, and no cam has that. %6")
            .arg(who, flank, height(*f.mm, style), fromDeadCentre(*f.at, style),
                 degrees(*f.deg, style), wouldDo(f, style));
    case Code::CentreUnlikely:
        return Say::tr("%1 %2 at %3: %4 puts the lobe centre at %5, where none sits. %6")
            .arg(who, flank, height(*f.mm, style), fromDeadCentre(*f.at, style),
                 degrees(*f.deg, style), wouldDo(f, style));
    case Code::NoseUnlikely:
        return Say::tr("%1: a nose at %2 lies %3 from the middle of its events; on any cam "
                       "it is near it. It does not count. Strike it and read it again.")
            .arg(who, fromDeadCentre(*f.at, style), degrees(std::abs(*f.deg), style));
    case Code::CardHeightNear:
        return Say::tr("%1: events taken at %2, and the card's are at %3: near, but not the "
                       "same (1 mm is not 0.040 in). They are not compared; take them at the "
                       "card's height, or set the card's.")
            .arg(who, height(*f.mm, style) + Say::tr(" (%1 mm)").arg(fixed(*f.mm, 3, style)),
                 height(*f.other_mm, style) +
                     Say::tr(" (%1 mm)").arg(fixed(*f.other_mm, 3, style)));
    case Code::EventOdd:
        return Say::tr("%1 %2: the reading at %3 stands %4 from the others. Strike it, or "
                       "read it again.")
            .arg(who, flank, readingAngle(*f.at, style), degrees(std::abs(*f.deg), style));
    case Code::EventSide:
        return Say::tr("%1 %2: %3 as taken is far from the card, but %4 would fit it: the "
                       "other side of the dead "
                       "centre? Strike it and type it with its side.")
            .arg(who, flank, fromDeadCentre(*f.at, style), fromDeadCentre({*f.other_deg}, style));
    default:
        return {};
    }
}

} // namespace words
