#include "words/sentences.h"

#include "words/setting.h"

#include "core/angle/wheel.h"
#include "words/explanation.h"

#include <cmath>

namespace words {

using namespace lobe;

namespace {

QString lobeName(const Finding& f) {
    if (!f.side) return {};
    if (f.cylinder == 0) return sideTitle(*f.side);
    return QStringLiteral("%1 %2").arg(sideTitle(*f.side)).arg(f.cylinder);
}

QString misfit(const Finding& f, const Style& style) {
    const bool under = *f.mm < 0.0;
    const QString off = QStringLiteral("%1 %2 its neighbours")
                            .arg(liftWithUnit(std::abs(*f.mm), style),
                                 under ? QStringLiteral("under") : QStringLiteral("over"));
    if (f.orAt)
        return QStringLiteral(
                   "%1: the reading at %2 sits %3, or the one at %4 is the odd one: they "
                   "are not told apart, and neither counts. Go back well past both and "
                   "read them once more.")
            .arg(lobeName(f), readingAngle(*f.at, style), off, readingAngle(*f.orAt, style));
    return QStringLiteral(
               "%1: the reading at %2 sits %3, and does not count. Go back well past it, "
               "come up to %2 again and read it once more; if it reads the same, it "
               "counts.")
        .arg(lobeName(f), readingAngle(*f.at, style), off);
}

/// What the reading would have to be, and how to type it.
QString wouldDo(const Finding& f, const Style& style) {
    if (!f.other_deg)
        return QStringLiteral("Strike it and read it again; no figure is made of it.");
    const FromDeadCentre said = fromNearestDeadCentre({*f.other_deg});
    const QString side = (said.after ? QStringLiteral("a") : QStringLiteral("b")) +
                         (said.centre == DeadCentre::Top ? QString() : QStringLiteral("b"));
    return QStringLiteral(
               "%1 would do: strike it and type %2%3. No figure is made of it until then.")
        .arg(fromDeadCentre({*f.other_deg}, style), shortest(said.deg, 2, style), side);
}

} // namespace

QString sentence(const Finding& f, const Style& style) {
    const QString who = lobeName(f);
    const QString flank = f.opening ? QStringLiteral("opening") : QStringLiteral("closing");
    switch (f.code) {
    case Code::TooFewReadings:
        return QStringLiteral(
                   "%1: a lobe needs at least %2 readings before it says anything. Keep going.")
            .arg(who)
            .arg(f.count);
    case Code::FlatTable:
        return QStringLiteral(
                   "%1: lift changes by only %2. Is the indicator on the right follower, "
                   "and the cam turning?")
            .arg(who, liftWithUnit(*f.mm, style));
    case Code::NoseNotReached:
        return QStringLiteral(
                   "%1: the nose is not behind you yet: lift is still near its greatest at "
                   "%2. Keep going down the other flank.")
            .arg(who, readingAngle(*f.at, style));
    case Code::FlankMissing:
        return QStringLiteral(
                   "%1: the %2 flank has no reading under %3, so that event is not known. "
                   "Take readings farther down that flank.")
            .arg(who, flank, height(*f.mm, style));
    case Code::HeightAboveNose:
        return QStringLiteral(
                   "%1: checking height %2 is above the greatest lift, %3. It is left out.")
            .arg(who, height(*f.mm, style), liftWithUnit(*f.other_mm, style));
    case Code::HeightUnderLash:
        return QStringLiteral(
                   "%1: checking height %2 is hidden by the lash as this lift was taken. "
                   "Take it at the tappet, or with the lash out.")
            .arg(who, height(*f.mm, style));
    case Code::NoisyCrossings:
        return QStringLiteral("%1: lift passes %2 %3 times on the %4 flank; once is right. %5")
            .arg(who, height(*f.mm, style))
            .arg(f.count)
            .arg(flank, f.severity == Severity::Note
                            ? QStringLiteral("That is scatter; the smoothed curve is used.")
                            : QStringLiteral("Their mean is used. Read that stretch again."));
    case Code::Misfit:
        return misfit(f, style);
    case Code::AreaOfPart:
        return QStringLiteral(
                   "%1: the run %2 at %3 of lift, above the base circle. The area and its "
                   "centroid reckon the missing part as about %4; their ± allows for "
                   "it.")
            .arg(who, f.opening ? QStringLiteral("begins") : QStringLiteral("ends"),
                 liftWithUnit(*f.mm, style),
                 area(*f.other_mm, style) + QLatin1Char(' ') + areaUnit(style));
    case Code::ZeroReturn:
        return QStringLiteral(
                   "%1: the indicator came home to %2 instead of where it began. A slipped "
                   "base, a follower bleeding down or base-circle run-out: the readings do not "
                   "tell which. Check the stand, then read the run again.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style));
    case Code::ZeroSlipped:
        return QStringLiteral(
                   "%1: the indicator came home to %2, and the readings jump by as much at %3: the "
                   "base or the stand slipped there. Set it firm and read on from before it.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style),
                 readingAngle(*f.at, style));
    case Code::ZeroBleeding:
        return QStringLiteral(
                   "%1: the indicator came home to %2 with a live hydraulic follower and no jump "
                   "on the way: it bled down under the spring. Make it solid, or use a checking "
                   "spring, and read the run again.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style));
    case Code::ZeroRunOut:
        return QStringLiteral(
                   "%1: the indicator came home to %2, and the base circle itself reads unevenly, "
                   "by %3: run-out of the base circle, not the stand. Low checking heights carry "
                   "it.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style),
                 liftWithUnit(*f.other_mm, style));
    case Code::PartLoose:
        return QStringLiteral(
                   "%1: the indicator was set to zero again before %2, and %3 since do not count "
                   "until the two zeros join. Read one earlier mark once more, or type \"zero\" "
                   "and the lift it stood at.")
            .arg(who, readingAngle(*f.at, style),
                 f.count == 1 ? QStringLiteral("1 reading")
                              : QStringLiteral("%1 readings").arg(f.count));
    case Code::TravelEnds:
        return QStringLiteral(
                   "%1: %2 at %3 is beyond the %4 this indicator spans. Set it to zero part way "
                   "up, type \"zero\" and the lift it stands at, and go on.")
            .arg(who, liftWithUnit(*f.mm, style), readingAngle(*f.at, style),
                 liftWithUnit(*f.other_mm, style));
    case Code::NoseUnknown:
        return QStringLiteral(
                   "%1: counted down from the nose, but no base circle yet: the lowest reading "
                   "stands for it. Read on until lift no longer changes, or give the greatest "
                   "lift among the conditions.")
            .arg(who);
    case Code::RatioMeasured:
        return QStringLiteral("%1: the two lifts give a ratio of %2 against %3 nominal: a soft "
                              "spring, a live follower, lash or the rocker itself.")
            .arg(who, fixed(*f.mm, 3, style), shortest(*f.other_mm, 3, style));
    case Code::PassesAgree:
        return QStringLiteral("%1: %2 passes lie within %3 of each other, widest at %4: that is "
                              "the measuring error you have.")
            .arg(who)
            .arg(f.count)
            .arg(liftWithUnit(*f.mm, style), readingAngle(*f.at, style));
    case Code::PassesDiffer:
        return QStringLiteral("%1: %2 passes lie up to %3 apart, at %4: more than a wheel and an "
                              "indicator explain. Something moved between them; read once more.")
            .arg(who)
            .arg(f.count)
            .arg(liftWithUnit(*f.mm, style), readingAngle(*f.at, style));
    case Code::PassesMean:
        return QStringLiteral("%1: the mean of %2 passes.").arg(who).arg(f.count);
    case Code::MovedSince:
        return QStringLiteral("%1: the cam was moved since this was measured. Measure it again; "
                              "until then nothing is said of where it stands.")
            .arg(lobeName(f));
    case Code::TopOther:
        return *f.deg != 0.0
                   ? QStringLiteral("You said the wheel's zero is overlap, but the lobes stand "
                                    "360° from there: it is firing TDC. Type T to put that right.")
                   : QStringLiteral("You said the wheel's zero is firing TDC, but the lobes are "
                                    "recorded as from overlap. If the crank was turned once since, "
                                    "type T to say overlap.");
    case Code::BaseNotZero:
        return QStringLiteral(
                   "%1: the base circle reads %2, not zero. Low checking heights are off by "
                   "as much; set the indicator to zero on the base circle.")
            .arg(who, signedLift(*f.mm, style) + QLatin1Char(' ') + unitName(style));
    case Code::DropShortened:
        return QStringLiteral(
                   "%1: lift is small, so the equal-drop centre is taken %2 below the nose.")
            .arg(who, liftWithUnit(*f.mm, style));
    case Code::CentreFarOff:
        return QStringLiteral(
                   "%1: the lobe centre falls at %2°, far from where such a lobe sits. Is "
                   "the wheel's zero at TDC on overlap? It may be 360° out.")
            .arg(who, shortest(f.at->deg, 1, style));
    case Code::SidesSwapped:
        return QStringLiteral("%1: the lobe centre falls at %2°, where the other lobe sits. Were "
                              "intake and exhaust exchanged?")
            .arg(who, shortest(f.at->deg, 1, style));
    case Code::RepeatedAngle:
        return QStringLiteral("%1: %2 readings at %3; their mean is used.")
            .arg(who)
            .arg(f.count)
            .arg(readingAngle(*f.at, style));
    case Code::WideStep:
        return QStringLiteral(
                   "%1: readings are up to %2 apart on the lobe. Steps of 5° or less make "
                   "the events trustworthy.")
            .arg(who, degrees(*f.deg, style));
    case Code::BackedUp:
        return f.count == 1
                   ? QStringLiteral("%1: 1 reading was taken while backing up and is left out: it "
                                    "carries the drive's slack. Come up to that mark again the way "
                                    "the engine runs.")
                         .arg(who)
                   : QStringLiteral("%1: %2 readings were taken while backing up and are left out: "
                                    "they carry the drive's slack. Come up to those marks again "
                                    "the way the engine runs.")
                         .arg(who)
                         .arg(f.count);
    case Code::OtherTurn:
        return QStringLiteral("%1: nothing lifts up to %2, where this lobe is long open. The crank "
                              "is on its other turn: "
                              "turn it once round, 360°, and type T.")
            .arg(who, readingAngle(*f.at, style));
    case Code::DialTurn:
        return QStringLiteral("%1: %2 at %3 is one turn of the dial off: %4 fits its neighbours. "
                              "Type W to take that.")
            .arg(who, liftWithUnit(*f.mm, style), readingAngle(*f.at, style),
                 liftWithUnit(*f.other_mm, style));
    case Code::EventsOnly:
        return QStringLiteral("%1: taken by its events. Duration, overlap and the centre between "
                              "events stand; lift, area "
                              "and the other schools need a whole curve.")
            .arg(who);
    case Code::CentreOnly:
        return QStringLiteral(
                   "%1: taken by its centre. Where the lobe stands is known; its events, "
                   "lift and area need more.")
            .arg(who);
    case Code::DurationUnlikely:
        return QStringLiteral("%1 %2 at %3: %4 makes a duration of %5, and no cam has that. %6")
            .arg(who, flank, height(*f.mm, style), fromDeadCentre(*f.at, style),
                 degrees(*f.deg, style), wouldDo(f, style));
    case Code::CentreUnlikely:
        return QStringLiteral("%1 %2 at %3: %4 puts the lobe centre at %5, where none sits. %6")
            .arg(who, flank, height(*f.mm, style), fromDeadCentre(*f.at, style),
                 degrees(*f.deg, style), wouldDo(f, style));
    case Code::NoseUnlikely:
        return QStringLiteral("%1: a nose at %2 lies %3 from the middle of its events; on any cam "
                              "it is near it. It does not count. Strike it and read it again.")
            .arg(who, fromDeadCentre(*f.at, style), degrees(std::abs(*f.deg), style));
    case Code::FirstLiftUnlikely:
        return QStringLiteral(
                   "%1: %2 at %3, where the base circle belongs. Is the indicator set to "
                   "zero there, and the figure in the right unit? Strike it if not.")
            .arg(who, liftWithUnit(*f.mm, style), readingAngle(*f.at, style));
    case Code::CardHeightNear:
        return QStringLiteral(
                   "%1: events taken at %2, and the card's are at %3: near, but not the "
                   "same (1 mm is not 0.040 in). They are not compared; take them at the "
                   "card's height, or set the card's.")
            .arg(who, height(*f.mm, style) + QStringLiteral(" (%1 mm)").arg(fixed(*f.mm, 3, style)),
                 height(*f.other_mm, style) +
                     QStringLiteral(" (%1 mm)").arg(fixed(*f.other_mm, 3, style)));
    case Code::CylinderTdcUnknown:
        return QStringLiteral("%1: this lobe stands %2 from cylinder 1's on the same wheel, as "
                              "another cylinder does. This cylinder's TDC is not known: give the "
                              "firing order at Engine, or set the wheel for it.")
            .arg(who, degrees(std::abs(*f.deg), style));
    case Code::TdcStopShallow:
        return QStringLiteral("The stop meets the piston only %1 from the top, where the piston "
                              "hardly moves and rocks in its bore. Screw the stop deeper and take "
                              "both contacts again.")
            .arg(degrees(*f.deg, style));
    case Code::TdcMethodsApart:
        return QStringLiteral(
                   "Two methods lie %1 apart, more than they are known by (%2): a piston "
                   "that rocks under the stop or the indicator, or a stop that gave way. "
                   "Take the first once more.")
            .arg(degrees(std::abs(*f.deg), style),
                 QString(QChar(0xB1)) + degrees(*f.other_deg, style));
    case Code::TdcOtherScale:
        return QStringLiteral(
                   "Contacts %1 either side of the top are hardly meant. On a gauge that "
                   "counts the other way (up both ways from zero, or on through 180) "
                   "they are %2 either side, and the pointer off by %3: type G "
                   "if it is the one fitted, and choose its scale for what follows.")
            .arg(degrees(*f.deg, style), degrees(*f.other_deg, style),
                 signedFixed(f.at->deg, 2, style) + QChar(0xB0));
    case Code::EventOdd:
        return QStringLiteral("%1 %2: the reading at %3 stands %4 from the others. Strike it, or "
                              "read it again.")
            .arg(who, flank, readingAngle(*f.at, style), degrees(std::abs(*f.deg), style));
    case Code::EventSide:
        return QStringLiteral("%1 %2: %3 as taken is far from the card, but %4 would fit it: the "
                              "other side of the dead "
                              "centre? Strike it and type it with its side.")
            .arg(who, flank, fromDeadCentre(*f.at, style), fromDeadCentre({*f.other_deg}, style));
    case Code::Twist:
        return QStringLiteral("%1: the lobe centre stands %2 against cylinder 1, more than a wheel "
                              "explains. A twisted or "
                              "bent cam, or this cylinder's TDC; prove that first.")
            .arg(who, earlyLate(*f.deg, style));
    case Code::TdcMoved:
        return QStringLiteral("TDC was found %1° off after %2 recorded. Type S to shift those "
                              "readings by %1°, or K to keep "
                              "them as they are, marked.")
            .arg(signedFixed(*f.deg, 2, style), f.count == 1
                                                    ? QStringLiteral("a run was")
                                                    : QStringLiteral("%1 runs were").arg(f.count));
    case Code::TdcSpanUnlikely:
        return QStringLiteral(
                   "The contacts lie %1 either side of the top, which is hardly a stop or a "
                   "drop near TDC. Read both again.")
            .arg(degrees(*f.deg, style));
    case Code::TdcSpanOff:
        return QStringLiteral(
                   "The contacts lie %1 either side of the top, but stroke, rod and drop "
                   "expect %2. The drop, the stop or a reading is not what it seems: check, "
                   "and read both again.")
            .arg(degrees(*f.deg, style, 2), degrees(*f.other_deg, style, 2));
    case Code::TdcDwell:
        return QStringLiteral(
                   "At the top the piston hardly moves: the indicator reads the same for %1 either "
                   "side of TDC. This is a first approximation; prove it with a stop or an equal "
                   "drop.")
            .arg(degrees(*f.deg, style, 1));
    case Code::TdcDrift:
        return QStringLiteral(
                   "The pin offset puts the middle of the contacts %1 %2 the true top at this "
                   "drop; that is taken off.")
            .arg(degrees(std::abs(*f.deg), style, 2),
                 *f.deg > 0.0 ? QStringLiteral("after") : QStringLiteral("before"));
    case Code::TdcHalfDuration:
        return QStringLiteral(
                   "Half the port's duration is %1: with the wheel set right, both closing edges "
                   "read that.")
            .arg(degrees(*f.deg, style, 2));
    case Code::TdcContactsSwapped:
        return QStringLiteral(
                   "The contact after the top was typed first; the two are taken the right "
                   "way round, %1 either side.")
            .arg(degrees(*f.deg, style));
    case Code::TdcPointerOff:
        return QStringLiteral(
                   "True TDC stands at %1° on the wheel: move the pointer by %2, then take "
                   "both contacts again.")
            .arg(signedFixed(*f.deg, 2, style), degrees(std::abs(*f.deg), style, 2));
    case Code::TdcNotProved:
        return QStringLiteral(
                   "TDC is set, the contacts differ by %1. Take both once more: a second "
                   "pass that agrees proves it.")
            .arg(degrees(*f.deg, style, 2));
    case Code::TdcProved:
        return QStringLiteral("TDC is proved: the second pass agrees within %1.")
            .arg(degrees(*f.deg, style, 2));
    case Code::TdcNotTaken:
        return QStringLiteral(
            "Lift is recorded, but true TDC was never taken here. Every angle hangs "
            "on it: find TDC, then believe the timing.");
    case Code::CamShift:
        return QStringLiteral(
                   "The cam is %1 against its card, both lobes alike: that is timing, not "
                   "the cam. With TDC proved, %2 it by %3 crank degrees.")
            .arg(earlyLate(*f.deg, style),
                 *f.deg > 0.0 ? QStringLiteral("advance") : QStringLiteral("retard"),
                 shortest(std::abs(*f.deg), 1, style));
    case Code::SeparationOff:
        return QStringLiteral(
                   "The two lobes stand %1 cam degrees %2 than the card says: that is "
                   "separation, not timing. On one shaft it cannot be set; read both runs "
                   "again before blaming the cam.")
            .arg(shortest(std::abs(*f.deg), 1, style),
                 *f.deg > 0.0 ? QStringLiteral("wider") : QStringLiteral("narrower"));
    case Code::CardShift:
        return QStringLiteral(
                   "%1: the lobe centre is %2 against the card. If TDC is proved, the cam "
                   "is to be moved by that much.")
            .arg(who, earlyLate(*f.deg, style));
    case Code::CardOff:
        return QStringLiteral("Cylinder %1 is not as its card, and not by timing alone: the "
                              "Timing station says why.")
            .arg(f.cylinder);
    case Code::AsCard:
        return QStringLiteral(
                   "%1: the lobe centre is as the card, within what a wheel can show (%2°).")
            .arg(who, signedFixed(*f.deg, 1, style));
    case Code::SplitPointMissing:
        return QStringLiteral(
            "The two valves are never off their seats together, so there is no split point.");
    }
    return {};
}

QString shortSentence(const Finding& f, const Style& style) {
    if (f.code == Code::Misfit)
        return QStringLiteral("Look again at %1, %2: %3 %4 its neighbours.")
            .arg(lobeName(f).toLower(), readingAngle(*f.at, style),
                 liftWithUnit(std::abs(*f.mm), style),
                 *f.mm < 0.0 ? QStringLiteral("under") : QStringLiteral("over"));
    return sentence(f, style);
}

QString liveFollowerWarning() {
    return QStringLiteral(
        "A live hydraulic follower gives way under the running spring, and lift is "
        "lost while it is read: make the follower solid, or fit a checking spring, "
        "before the first reading. The maker's manual says how to press it out.");
}

QString severityTitle(Severity severity) {
    switch (severity) {
    case Severity::Note:
        return QStringLiteral("Good to know");
    case Severity::Ask:
        return QStringLiteral("Still to do");
    case Severity::LookAgain:
        return QStringLiteral("Look again");
    case Severity::Refused:
        break;
    }
    return QStringLiteral("No result");
}

QString sentence(const EntryError& e, const Style& style) {
    switch (e.fault) {
    case EntryFault::Empty:
        return QStringLiteral("Type a reading.");
    case EntryFault::NotANumber:
        return QStringLiteral("Character %1 is no part of a number. Digits, a point or a comma.")
            .arg(e.column + 1);
    case EntryFault::UnknownSuffix:
        return QStringLiteral(
            "Unknown letters. Lengths take mm, in or th; angles take b or a (before, "
            "after TDC), bb or ab (BDC).");
    case EntryFault::DivideByZero:
        return QStringLiteral("That divides by zero.");
    case EntryFault::OutOfRange:
        return QStringLiteral("That is beyond %1; check the decimal point.")
            .arg(e.isLength ? dimension(e.limit, style) + QLatin1Char(' ') + unitName(style)
                            : shortest(e.limit, 2, style));
    case EntryFault::Fraction:
        return QStringLiteral("A fraction is of inches, and millimetres are shown: type in behind "
                              "it, such as 3-5/32 in.");
    case EntryFault::OffTheScale:
        return QStringLiteral("This wheel's numbers end at %1. Is it the right scale?")
            .arg(shortest(e.limit, 0, style));
    case EntryFault::UnknownScale:
        return QStringLiteral("Before the colon goes a wheel scale: 360, against, 180, 90, signed, "
                              "twice or tape (with its circumference).");
    case EntryFault::MissingSide:
        return QStringLiteral("Say which side: 75a is 75° after TDC, 20b before it.");
    }
    return {};
}

QString sentence(const TableError& e, const QString& fileName) {
    QString where = fileName;
    if (e.line > 0) where += QStringLiteral(", line %1").arg(e.line);
    const QString text = QString::fromUtf8(e.text.c_str()).simplified();
    const auto says = [&where](const QString& what) { return where + QStringLiteral(": ") + what; };
    switch (e.fault) {
    case TableFault::Empty:
        return says(QStringLiteral(
            "nothing in it; expected a header line with crank_deg and lift_mm or lift_in"));
    case TableFault::NotText:
        return says(QStringLiteral(
            "not a text file; expected a CSV table with crank_deg and lift_mm or lift_in"));
    case TableFault::TooLong:
        return says(QStringLiteral("longer than any lift table; expected at most 20000 readings"));
    case TableFault::NoAngleColumn:
        return says(QStringLiteral(
            "no crank_deg column in the header; expected crank_deg and lift_mm or lift_in"));
    case TableFault::NoLiftColumn:
        if (!text.isEmpty())
            return says(
                QStringLiteral("column \"%1\" does not say its unit; expected lift_mm or lift_in")
                    .arg(text));
        return says(QStringLiteral("no lift column in the header; expected lift_mm or lift_in"));
    case TableFault::TwoLiftColumns:
        return says(
            QStringLiteral("two lift columns in the header; expected one, lift_mm or lift_in"));
    case TableFault::FieldCount:
        return says(
            QStringLiteral("%1 fields where the header has %2; with decimal commas, separate "
                           "columns by semicolons or tabs")
                .arg(e.found)
                .arg(e.expected));
    case TableFault::NotANumber:
        return says(QStringLiteral("\"%1\" is not a number; expected plain digits such as 8.512")
                        .arg(text));
    case TableFault::AngleOutOfRange:
        return says(
            QStringLiteral("crank angle %1 is outside the cycle; expected -720 to 720").arg(text));
    case TableFault::LiftOutOfRange:
        return says(
            QStringLiteral("lift %1 is more than any lobe has; expected at most 30 mm").arg(text));
    case TableFault::TooFewReadings:
        return says(QStringLiteral("%1 readings; expected at least %2 for a lobe")
                        .arg(e.found)
                        .arg(e.expected));
    case TableFault::Flat:
        return says(
            QStringLiteral("lift changes by less than 0.5 mm; expected a lobe's rise and fall"));
    }
    return {};
}

QString tdcInstruction(const TdcFindings& tdc, const Wheel& wheel, const Style& style) {
    const TdcPass* pass = tdc.latest();
    if (!pass || pass->agrees) return {};
    const double off = *pass->correction_deg;
    // Numbers run up against rotation on a wheel that reads up with it, so a pointer that must
    // meet the zero later moves along with the rotation.
    const QString way = off > 0.0 ? QStringLiteral("with") : QStringLiteral("against");
    const QString other = off > 0.0 ? QStringLiteral("against") : QStringLiteral("with");
    QString move =
        QStringLiteral("Move the pointer %1 %2 rotation (or turn the wheel on the crank as "
                       "far %3 rotation); ")
            .arg(degrees(std::abs(off), style, 2), way, other);
    if (!pass->halfSpan_deg)
        return move + QStringLiteral("then prove it with a stop or an equal drop.");
    // The contacts stand off the true top by the half-span, and by the drift when there is one.
    const double drift = pass->pairs.back().drift_deg.value_or(0.0);
    const double before = wheelNumber({drift - *pass->halfSpan_deg}, wheel);
    const double after = wheelNumber({drift + *pass->halfSpan_deg}, wheel);
    if (std::abs(before - after) < 0.005)
        return move +
               QStringLiteral("both contacts must then read %1.").arg(fixed(after, 2, style));
    return move + QStringLiteral("the contacts must then read %1 and %2.")
                      .arg(fixed(before, 2, style), fixed(after, 2, style));
}

} // namespace words
