#include "words/finding_sentences.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

static QString misfit(const Finding& f, const Style& style) {
    const bool under = *f.mm < 0.0;
    const QString off =
        Say::tr("%1 %2 its neighbours")
            .arg(liftWithUnit(std::abs(*f.mm), style), under ? Say::tr("under") : Say::tr("over"));
    if (f.orAt)
        return Say::tr("%1: the reading at %2 sits %3, or the one at %4 is the odd one: they "
                       "are not told apart, and neither counts. Go back well past both and "
                       "read them once more.")
            .arg(lobeName(f), readingAngle(*f.at, style), off, readingAngle(*f.orAt, style));
    return Say::tr("%1: the reading at %2 sits %3, and does not count. Go back well past it, "
                   "come up to %2 again and read it once more; if it reads the same, it "
                   "counts.")
        .arg(lobeName(f), readingAngle(*f.at, style), off);
}

QString runSentence(const Finding& f, const Style& style) {
    const QString who = lobeName(f);
    const QString flank = f.opening ? Say::tr("opening", "flank") : Say::tr("closing", "flank");
    switch (f.code) {
    case Code::TooFewReadings:
        return Say::tr("%1: a lobe needs at least %2 readings before it says anything. Keep going.")
            .arg(who)
            .arg(f.count);
    case Code::FlatTable:
        return Say::tr("%1: lift changes by only %2. Is the indicator on the right follower, "
                       "and the cam turning?")
            .arg(who, liftWithUnit(*f.mm, style));
    case Code::NoseNotReached:
        return Say::tr("%1: the nose is not behind you yet: lift is still near its greatest at "
                       "%2. Keep going down the other flank.")
            .arg(who, readingAngle(*f.at, style));
    case Code::FlankMissing:
        return Say::tr("%1: the %2 flank has no reading under %3, so that event is not known. "
                       "Take readings farther down that flank.")
            .arg(who, flank, height(*f.mm, style));
    case Code::HeightAboveNose:
        return Say::tr("%1: checking height %2 is above the greatest lift, %3. It is left out.")
            .arg(who, height(*f.mm, style), liftWithUnit(*f.other_mm, style));
    case Code::HeightUnderLash:
        return Say::tr("%1: checking height %2 is hidden by the lash as this lift was taken. "
                       "Take it at the tappet, or with the lash out.")
            .arg(who, height(*f.mm, style));
    case Code::NoisyCrossings:
        return Say::tr("%1: lift passes %2 %3 times on the %4 flank; once is right. %5")
            .arg(who, height(*f.mm, style))
            .arg(f.count)
            .arg(flank, f.severity == Severity::Note
                            ? Say::tr("That is scatter; the smoothed curve is used.")
                            : Say::tr("Their mean is used. Read that stretch again."));
    case Code::Misfit:
        return misfit(f, style);
    case Code::AreaOfPart:
        return Say::tr("%1: the run %2 at %3 of lift, above the base circle. The area and its "
                       "centroid reckon the missing part as about %4; their ± allows for "
                       "it.")
            .arg(who, f.opening ? Say::tr("begins") : Say::tr("ends"), liftWithUnit(*f.mm, style),
                 area(*f.other_mm, style) + QLatin1Char(' ') + areaUnit(style));
    case Code::ZeroReturn:
        return Say::tr("%1: the indicator came home to %2 instead of where it began. A slipped "
                       "base, a follower bleeding down or base-circle run-out: the readings do not "
                       "tell which. Check the stand, then read the run again.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style));
    case Code::ZeroSlipped:
        return Say::tr(
                   "%1: the indicator came home to %2, and the readings jump by as much at %3: the "
                   "base or the stand slipped there. Set it firm and read on from before it.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style),
                 readingAngle(*f.at, style));
    case Code::ZeroBleeding:
        return Say::tr(
                   "%1: the indicator came home to %2 with a live hydraulic follower and no jump "
                   "on the way: it bled down under the spring. Make it solid, or use a checking "
                   "spring, and read the run again.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style));
    case Code::ZeroRunOut:
        return Say::tr(
                   "%1: the indicator came home to %2, and the base circle itself reads unevenly, "
                   "by %3: run-out of the base circle, not the stand. Low checking heights carry "
                   "it.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style),
                 liftWithUnit(*f.other_mm, style));
    case Code::PartLoose:
        return Say::tr(
                   "%1: the indicator was set to zero again before %2, and %3 since do not count "
                   "until the two zeros join. Read one earlier mark once more, or type \"zero\" "
                   "and the lift it stood at.")
            .arg(who, readingAngle(*f.at, style),
                 f.count == 1 ? Say::tr("1 reading") : Say::tr("%n readings", nullptr, f.count));
    case Code::TravelEnds:
        return Say::tr(
                   "%1: %2 at %3 is beyond the %4 this indicator spans. Set it to zero part way "
                   "up, type \"zero\" and the lift it stands at, and go on.")
            .arg(who, liftWithUnit(*f.mm, style), readingAngle(*f.at, style),
                 liftWithUnit(*f.other_mm, style));
    case Code::NoseUnknown:
        return Say::tr("%1: counted down from the nose, but no base circle yet: the lowest reading "
                       "stands for it. Read on until lift no longer changes, or give the greatest "
                       "lift among the conditions.")
            .arg(who);
    case Code::RatioMeasured:
        return Say::tr("%1: the two lifts give a ratio of %2 against %3 nominal: a soft "
                       "spring, a live follower, lash or the rocker itself.")
            .arg(who, fixed(*f.mm, 3, style), shortest(*f.other_mm, 3, style));
    case Code::BaseNotZero:
        return Say::tr("%1: the base circle reads %2, not zero. Low checking heights are off by "
                       "as much; set the indicator to zero on the base circle.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style));
    case Code::DropShortened:
        return Say::tr("%1: lift is small, so the equal-drop centre is taken %2 below the nose.")
            .arg(who, liftWithUnit(*f.mm, style));
    case Code::RepeatedAngle:
        return Say::tr("%1: %2 readings at %3; their mean is used.")
            .arg(who)
            .arg(f.count)
            .arg(readingAngle(*f.at, style));
    case Code::WideStep:
        return Say::tr("%1: readings are up to %2 apart on the lobe. Steps of 5° or less make "
                       "the events trustworthy.")
            .arg(who, degrees(*f.deg, style));
    case Code::BackedUp:
        return f.count == 1
                   ? Say::tr("%1: 1 reading was taken while backing up and is left out: it "
                             "carries the drive's slack. Come up to that mark again the way "
                             "the engine runs.")
                         .arg(who)
                   : Say::tr("%1: %n readings were taken while backing up and are left out: "
                             "they carry the drive's slack. Come up to those marks again "
                             "the way the engine runs.",
                             nullptr, f.count)
                         .arg(who);
    case Code::OtherTurn:
        return Say::tr("%1: nothing lifts up to %2, where this lobe is long open. The crank "
                       "is on its other turn: "
                       "turn it once round, 360°, and type T.")
            .arg(who, readingAngle(*f.at, style));
    case Code::DialTurn:
        return Say::tr("%1: %2 at %3 is one turn of the dial off: %4 fits its neighbours. "
                       "Type W to take that.")
            .arg(who, liftWithUnit(*f.mm, style), readingAngle(*f.at, style),
                 liftWithUnit(*f.other_mm, style));
    case Code::FirstLiftUnlikely:
        return Say::tr("%1: %2 at %3, where the base circle belongs. Is the indicator set to "
                       "zero there, and the figure in the right unit? Strike it if not.")
            .arg(who, liftWithUnit(*f.mm, style), readingAngle(*f.at, style));
    default:
        return {};
    }
}

} // namespace words
