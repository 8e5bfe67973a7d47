#include "words/explanation.h"
#include "words/finding_sentences.h"
#include "words/say.h"
#include "words/setting.h"

#include <cmath>

namespace words {

using namespace lobe;

QString lobeName(const Finding& f) {
    if (!f.side) return {};
    if (f.cylinder == 0) return sideTitle(*f.side);
    return QStringLiteral("%1 %2").arg(sideTitle(*f.side)).arg(f.cylinder);
}

QString sentence(const Finding& f, const Style& style) {
    return std::visit([&](const auto& kind) { return said(kind, f, style); }, f.what);
}

QString shortSentence(const Finding& f, const Style& style) {
    if (const auto* off = f.as<found::OffTheCurve>())
        return Say::tr("Look again at %1, %2: %3 %4 its neighbours.")
            .arg(midSentence(lobeName(f)), readingAngle(off->at, style),
                 liftWithUnit(std::abs(off->off_mm), style),
                 off->off_mm < 0.0 ? Say::tr("under") : Say::tr("over"));
    return sentence(f, style);
}

QString liveFollowerWarning() {
    return Say::tr("A live hydraulic follower gives way under the running spring, and lift is "
                   "lost while it is read: make the follower solid, or fit a checking spring, "
                   "before the first reading. The maker's manual says how to press it out.");
}

QString severityTitle(Severity severity) {
    switch (severity) {
    case Severity::Note:
        return Say::tr("Good to know");
    case Severity::Ask:
        return Say::tr("Still to do");
    case Severity::LookAgain:
        return Say::tr("Look again");
    case Severity::Refused:
        break;
    }
    return Say::tr("No result");
}

QString sentence(const EntryError& e, const Style& style) {
    switch (e.fault) {
    case EntryFault::Empty:
        return Say::tr("Type a reading.");
    case EntryFault::NotANumber:
        return Say::tr("From character %1 on that is no number. A number is digits, with a point "
                       "or a comma.")
            .arg(e.column + 1);
    case EntryFault::UnknownSuffix:
        return Say::tr("Unknown letters. Lengths take mm, in or th; angles take b or a (before, "
                       "after TDC), bb or ab (BDC).");
    case EntryFault::DivideByZero:
        return Say::tr("That divides by zero.");
    case EntryFault::OutOfRange:
        return (e.atLeast ? Say::tr("That is less than %1; check the decimal point.")
                          : Say::tr("That is beyond %1; check the decimal point."))
            .arg(e.isLength ? dimension(e.limit, style) + QLatin1Char(' ') + unitName(style)
                            : shortest(e.limit, 2, style));
    case EntryFault::Fraction:
        return Say::tr("A fraction is of inches, and millimetres are shown: type in behind "
                       "it, such as 3-5/32 in.");
    case EntryFault::OffTheScale:
        return Say::tr("This wheel's numbers end at %1. Is it the right scale?")
            .arg(shortest(e.limit, 0, style));
    case EntryFault::UnknownScale:
        return Say::tr("Before the colon goes a wheel scale: 360, against, 180, 90, signed, "
                       "twice or tape (with its circumference).");
    case EntryFault::WhichCentre: {
        const QString side = e.limit < 0.0 ? QStringLiteral("bb") : QStringLiteral("ab");
        return Say::tr("This wheel counts from the top: that number lies near TDC. As far %1 BDC "
                       "it shows %2: type that, or the number with %3 behind it; with a or b it "
                       "is taken from TDC.")
            .arg(e.limit < 0.0 ? Say::tr("before") : Say::tr("after"),
                 shortest(std::abs(e.limit), 2, style), side);
    }
    case EntryFault::MissingSide:
        return Say::tr("Say which side: 75a is 75° after TDC, 20b before it.");
    }
    return {};
}

QString sentence(const TableError& e, const QString& fileName) {
    QString where = fileName;
    if (e.line > 0) where += Say::tr(", line %1").arg(e.line);
    const QString text = QString::fromUtf8(e.text.c_str()).simplified();
    const auto says = [&where](const QString& what) { return where + QStringLiteral(": ") + what; };
    switch (e.fault) {
    case TableFault::Empty:
        return says(
            Say::tr("nothing in it; expected a header line with crank_deg and lift_mm or lift_in"));
    case TableFault::NotText:
        return says(
            Say::tr("not a text file; expected a CSV table with crank_deg and lift_mm or lift_in"));
    case TableFault::TooLong:
        return says(Say::tr("longer than any lift table; expected at most 200000 readings"));
    case TableFault::NoAngleColumn:
        return says(Say::tr(
            "no crank_deg column in the header; expected crank_deg and lift_mm or lift_in"));
    case TableFault::NoLiftColumn:
        if (!text.isEmpty())
            return says(Say::tr("column \"%1\" does not say its unit; expected lift_mm or lift_in")
                            .arg(text));
        return says(Say::tr("no lift column in the header; expected lift_mm or lift_in"));
    case TableFault::TwoLiftColumns:
        return says(Say::tr("two lift columns in the header; expected one, lift_mm or lift_in"));
    case TableFault::FieldCount:
        return says(Say::tr("%1 fields where the header has %2; with decimal commas, separate "
                            "columns by semicolons or tabs")
                        .arg(e.found)
                        .arg(e.expected));
    case TableFault::NotANumber:
        return says(
            Say::tr("\"%1\" is not a number; expected plain digits such as 8.512").arg(text));
    case TableFault::AngleOutOfRange:
        return says(
            Say::tr("crank angle %1 is too many turns away; expected -3600 to 3600").arg(text));
    case TableFault::LiftOutOfRange:
        return says(Say::tr("lift %1 is more than any lobe has; expected at most 30 mm").arg(text));
    case TableFault::TooFewReadings:
        return says(
            Say::tr("%1 readings; expected at least %2 for a lobe").arg(e.found).arg(e.expected));
    case TableFault::Flat:
        return says(Say::tr("lift changes by less than 0.5 mm; expected a lobe's rise and fall"));
    }
    return {};
}

QString tdcInstruction(const TdcFindings& tdc, const DegreeWheel& wheel, const Style& style) {
    const TdcPass* pass = tdc.latest();
    // The middle of a dwell moves no pointer: its ends are asked for first.
    if (!pass || pass->agrees || pass->method == TdcMethod::HighestReading) return {};
    const double off = *pass->correction_deg;
    // Numbers run up against rotation on a wheel that reads up with it, so a pointer that must
    // meet the zero later moves along with the rotation.
    const QString way = off > 0.0 ? Say::tr("with") : Say::tr("against");
    const QString other = off > 0.0 ? Say::tr("against") : Say::tr("with");
    QString move = Say::tr("Move the pointer %1 %2 rotation (or turn the wheel on the crank as "
                           "far %3 rotation); ")
                       .arg(degrees(std::abs(off), style, 2), way, other);
    if (!pass->halfSpan_deg) return move + Say::tr("then prove it with a stop or an equal drop.");
    // The contacts stand off the true top by the half-span, and by the drift when there is one.
    const double drift = pass->pairs.back().drift_deg.value_or(0.0);
    const double before = wheelNumber({drift - *pass->halfSpan_deg}, wheel);
    const double after = wheelNumber({drift + *pass->halfSpan_deg}, wheel);
    if (std::abs(before - after) < 0.005)
        return move + Say::tr("both contacts must then read %1.").arg(fixed(after, 2, style));
    return move + Say::tr("the contacts must then read %1 and %2.")
                      .arg(fixed(before, 2, style), fixed(after, 2, style));
}

} // namespace words
