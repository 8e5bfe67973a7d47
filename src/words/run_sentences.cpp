#include "words/finding_sentences.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

static QString flank(bool opening) {
    return opening ? Say::tr("opening", "flank") : Say::tr("closing", "flank");
}

QString said(const found::OffTheCurve& f, const Finding& of, const Style& style) {
    const bool under = f.off_mm < 0.0;
    const QString off = Say::tr("%1 %2 its neighbours")
                            .arg(liftWithUnit(std::abs(f.off_mm), style),
                                 under ? Say::tr("under") : Say::tr("over"));
    if (f.orAt)
        return Say::tr("%1: the reading at %2 sits %3, or the one at %4 is the odd one: they "
                       "are not told apart, and neither counts. Go back well past both and "
                       "read them once more.")
            .arg(lobeName(of), readingAngle(f.at, style), off, readingAngle(*f.orAt, style));
    return Say::tr("%1: the reading at %2 sits %3, and does not count. Go back well past it, "
                   "come up to %2 again and read it once more; if it reads the same, it "
                   "counts.")
        .arg(lobeName(of), readingAngle(f.at, style), off);
}

QString said(const found::SecondLift& f, const Finding& of, const Style& style) {
    return Say::tr("%1: a second lift apart from the main one, %2 high at %3, as a decompressor "
                   "makes. At %4 it opens %5 and closes %6. All events here are the main lift's.")
        .arg(lobeName(of), liftWithUnit(f.lift_mm, style), readingAngle(f.highest, style),
             height(f.height_mm, style), fromDeadCentre(f.opens, style),
             fromDeadCentre(f.closes, style));
}

QString said(const found::TooFewReadings& f, const Finding& of, const Style&) {
    return Say::tr("%1: a lobe needs at least %2 readings before it says anything. Keep going.")
        .arg(lobeName(of))
        .arg(f.needed);
}

QString said(const found::FlatTable& f, const Finding& of, const Style& style) {
    return Say::tr("%1: lift changes by only %2. Is the indicator on the right follower, "
                   "and the cam turning?")
        .arg(lobeName(of), liftWithUnit(f.range_mm, style));
}

QString said(const found::NoseNotReached& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the nose is not behind you yet: lift is still near its greatest at "
                   "%2. Keep going down the other flank.")
        .arg(lobeName(of), readingAngle(f.highest, style));
}

QString said(const found::FlankMissing& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the %2 flank has no reading under %3, so that event is not known. "
                   "Take readings farther down that flank.")
        .arg(lobeName(of), flank(f.opening), height(f.height_mm, style));
}

QString said(const found::HeightAboveNose& f, const Finding& of, const Style& style) {
    return Say::tr("%1: checking height %2 is above the greatest lift, %3. It is left out.")
        .arg(lobeName(of), height(f.height_mm, style), liftWithUnit(f.nose_mm, style));
}

QString said(const found::HeightUnderLash& f, const Finding& of, const Style& style) {
    return Say::tr("%1: checking height %2 is hidden by the lash as this lift was taken. "
                   "Take it at the tappet, or with the lash out.")
        .arg(lobeName(of), height(f.height_mm, style));
}

QString said(const found::NoisyCrossings& f, const Finding& of, const Style& style) {
    return Say::tr("%1: lift passes %2 %3 times on the %4 flank; once is right. %5")
        .arg(lobeName(of), height(f.height_mm, style))
        .arg(f.crossings)
        .arg(flank(f.opening), f.smoothed
                                   ? Say::tr("That is scatter; the smoothed curve is used.")
                                   : Say::tr("Their mean is used. Read that stretch again."));
}

QString said(const found::AreaOfPart& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the run %2 at %3 of lift, above the base circle. The area and its "
                   "centroid reckon the missing part as about %4; their ± allows for "
                   "it.")
        .arg(lobeName(of), f.opening ? Say::tr("begins") : Say::tr("ends"),
             liftWithUnit(f.lift_mm, style),
             area(f.rest_mm_deg, style) + QLatin1Char(' ') + areaUnit(style));
}

QString said(const found::ZeroNotHome& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the indicator came home to %2 instead of where it began. A slipped "
                   "base, a follower bleeding down or base-circle run-out: the readings do not "
                   "tell which. Check the stand, then read the run again.")
        .arg(lobeName(of), signedLift(f.home_mm, style) + QLatin1Char(' ') + unitName(style));
}

QString said(const found::ZeroSlipped& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the indicator came home to %2, and the readings jump by as much at %3: the "
                   "base or the stand slipped there. Set it firm and read on from before it.")
        .arg(lobeName(of), signedLift(f.home_mm, style) + QLatin1Char(' ') + unitName(style),
             readingAngle(f.at, style));
}

QString said(const found::ZeroBleeding& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the indicator came home to %2 with a live hydraulic follower and no jump "
                   "on the way: it bled down under the spring. Make it solid, or use a checking "
                   "spring, and read the run again.")
        .arg(lobeName(of), signedLift(f.home_mm, style) + QLatin1Char(' ') + unitName(style));
}

QString said(const found::ZeroRunOut& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the indicator came home to %2, and the base circle itself reads unevenly, "
                   "by %3: run-out of the base circle, not the stand. Low checking heights carry "
                   "it.")
        .arg(lobeName(of), signedLift(f.home_mm, style) + QLatin1Char(' ') + unitName(style),
             liftWithUnit(f.runOut_mm, style));
}

QString said(const found::PartLoose& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the indicator was set to zero again before %2, and %3 since do not count "
                   "until the two zeros join. Read one earlier mark once more, or type \"zero\" "
                   "and the lift it stood at.")
        .arg(lobeName(of), readingAngle(f.from, style),
             f.readings == 1 ? Say::tr("1 reading") : Say::tr("%n readings", nullptr, f.readings));
}

QString said(const found::TravelEnds& f, const Finding& of, const Style& style) {
    return Say::tr("%1: %2 at %3 is beyond the %4 this indicator spans. Set it to zero part way "
                   "up, type \"zero\" and the lift it stands at, and go on.")
        .arg(lobeName(of), liftWithUnit(f.read_mm, style), readingAngle(f.at, style),
             liftWithUnit(f.travel_mm, style));
}

QString said(const found::NoseUnknown&, const Finding& of, const Style&) {
    return Say::tr("%1: counted down from the nose, but no base circle yet: the lowest reading "
                   "stands for it. Read on until lift no longer changes, or give the greatest "
                   "lift among the conditions.")
        .arg(lobeName(of));
}

QString said(const found::RatioMeasured& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the two lifts give a ratio of %2 against %3 nominal: a soft "
                   "spring, a live follower, lash or the rocker itself.")
        .arg(lobeName(of), fixed(f.ratio, 3, style), shortest(f.nominal, 3, style));
}

QString said(const found::BaseNotZero& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the base circle reads %2, not zero. Low checking heights are off by "
                   "as much; set the indicator to zero on the base circle.")
        .arg(lobeName(of), signedLift(f.base_mm, style) + QLatin1Char(' ') + unitName(style));
}

QString said(const found::DropShortened& f, const Finding& of, const Style& style) {
    return Say::tr("%1: lift is small, so the equal-drop centre is taken %2 below the nose.")
        .arg(lobeName(of), liftWithUnit(f.drop_mm, style));
}

QString said(const found::RepeatedAngle& f, const Finding& of, const Style& style) {
    return Say::tr("%1: %2 readings at %3; their mean is used.")
        .arg(lobeName(of))
        .arg(f.readings)
        .arg(readingAngle(f.at, style));
}

QString said(const found::WideStep& f, const Finding& of, const Style& style) {
    return Say::tr("%1: readings are up to %2 apart on the lobe. Steps of 5° or less make "
                   "the events trustworthy.")
        .arg(lobeName(of), degrees(f.widest_deg, style));
}

QString said(const found::BackedUp& f, const Finding& of, const Style&) {
    return f.readings == 1
               ? Say::tr("%1: 1 reading was taken while backing up and is left out: it "
                         "carries the drive's slack. Come up to that mark again the way "
                         "the engine runs.")
                     .arg(lobeName(of))
               : Say::tr("%1: %n readings were taken while backing up and are left out: "
                         "they carry the drive's slack. Come up to those marks again "
                         "the way the engine runs.",
                         nullptr, f.readings)
                     .arg(lobeName(of));
}

QString said(const found::OtherTurn& f, const Finding& of, const Style& style) {
    return Say::tr("%1: nothing lifts up to %2, where this lobe is long open. The crank "
                   "is on its other turn: "
                   "turn it once round, 360°, and type T.")
        .arg(lobeName(of), readingAngle(f.upTo, style));
}

QString said(const found::DialTurn& f, const Finding& of, const Style& style) {
    return Say::tr("%1: %2 at %3 is one turn of the dial off: %4 fits its neighbours. "
                   "Type W to take that.")
        .arg(lobeName(of), liftWithUnit(f.read_mm, style), readingAngle(f.at, style),
             liftWithUnit(f.neighbour_mm, style));
}

QString said(const found::FirstLiftUnlikely& f, const Finding& of, const Style& style) {
    return Say::tr("%1: %2 at %3, where the base circle belongs. Is the indicator set to "
                   "zero there, and the figure in the right unit? Strike it if not.")
        .arg(lobeName(of), liftWithUnit(f.lift_mm, style), readingAngle(f.at, style));
}

QString said(const found::RestsElsewhere& f, const Finding& of, const Style& style) {
    return Say::tr(
               "%1: lift begins at %2 and ends at %3 with a jump no ramp makes. Does the follower "
               "rest on something else than the base circle, or was this taken at the valve?")
        .arg(lobeName(of), readingAngle(f.leaves, style), readingAngle(f.returns, style));
}

} // namespace words
