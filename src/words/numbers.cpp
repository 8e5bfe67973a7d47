#include "words/numbers.h"

#include "core/angle/wheel.h"
#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

static QString tidy(QString text, double shown) {
    // A value that rounds to nothing carries no sign.
    if (shown == 0.0) text.remove(QLatin1Char('-'));
    return text.replace(QLatin1Char('-'), QChar(0x2212));
}

static double rounded(double value, int places) {
    const double p = std::pow(10.0, places);
    return std::round(value * p) / p;
}

QString fixed(double value, int places, const Style& style) {
    QLocale locale = style.locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return tidy(locale.toString(value, 'f', places), rounded(value, places));
}

QString signedFixed(double value, int places, const Style& style) {
    const QString text = fixed(value, places, style);
    return rounded(value, places) > 0.0 ? QLatin1Char('+') + text : text;
}

QString shortest(double value, int places, const Style& style) {
    for (int p = 0; p < places; ++p)
        if (std::abs(rounded(value, p) - rounded(value, places)) < 1e-9)
            return fixed(value, p, style);
    return fixed(value, places, style);
}

QString lift(double mm, const Style& style) {
    return style.inches() ? fixed(mm / kMmPerInch, 4, style) : fixed(mm, 3, style);
}

QString liftWithUnit(double mm, const Style& style) {
    return lift(mm, style) + QLatin1Char(' ') + unitName(style);
}

QString signedLift(double mm, const Style& style) {
    return style.inches() ? signedFixed(mm / kMmPerInch, 4, style) : signedFixed(mm, 2, style);
}

QString height(double mm, const Style& style) {
    const QString number = style.inches() ? fixed(mm / kMmPerInch, 3, style) : fixed(mm, 2, style);
    return number + QLatin1Char(' ') + unitName(style);
}

QString heightAt(const Height& h, const Style& style) {
    return Say::tr("at %1, %2").arg(height(h.mm, style), placeName(h.at));
}

QString dimension(double mm, const Style& style) {
    return style.inches() ? shortest(mm / kMmPerInch, 4, style) : shortest(mm, 3, style);
}

QString area(double mm_deg, const Style& style) {
    return style.inches() ? fixed(mm_deg / kMmPerInch, 1, style) : fixed(mm_deg, 0, style);
}

QString areaUnit(const Style& style) {
    return unitName(style) + QChar(0xB7) + QStringLiteral("deg");
}

QString pressureUnit(const Style& style) {
    return style.inches() ? QStringLiteral("psi") : QStringLiteral("kPa");
}

double pressureShown(double kpa, const Style& style) {
    constexpr double kKpaPerPsi = 6.894757;
    return style.inches() ? kpa / kKpaPerPsi : kpa;
}

QString pressure(double kpa, const Style& style) {
    return fixed(pressureShown(kpa, style), 0, style) + QLatin1Char(' ') + pressureUnit(style);
}

QString unitName(const Style& style) {
    return style.inches() ? Say::tr("in") : QStringLiteral("mm");
}

QString degrees(double deg, const Style& style, int places) {
    return shortest(deg, places, style) + QChar(0xB0);
}

QString earlyLate(double deg, const Style& style) {
    return QStringLiteral("%1 %2").arg(degrees(std::abs(deg), style),
                                       deg > 0.0 ? Say::tr("late") : Say::tr("early"));
}

QString fromDeadCentre(CrankDeg at, const Style& style, int places) {
    const FromDeadCentre said = fromNearestDeadCentre(at);
    const QString centre = said.centre == DeadCentre::Top ? Say::tr("TDC") : Say::tr("BDC");
    if (said.deg < 0.5 * std::pow(10.0, -places)) return centre;
    return degrees(said.deg, style, places) + QLatin1Char(' ') + sideOfDeadCentre(at);
}

QString sideOfDeadCentre(CrankDeg at) {
    const FromDeadCentre said = fromNearestDeadCentre(at);
    if (said.centre == DeadCentre::Top)
        return said.after ? Say::tr("after TDC") : Say::tr("before TDC");
    return said.after ? Say::tr("after BDC") : Say::tr("before BDC");
}

QString abbreviated(CrankDeg at, const Style& style, int places) {
    const FromDeadCentre said = fromNearestDeadCentre(at);
    const QString centre = said.centre == DeadCentre::Top ? Say::tr("TDC") : Say::tr("BDC");
    if (said.deg < 0.5 * std::pow(10.0, -places)) return centre;
    const QString side = said.centre == DeadCentre::Top
                             ? (said.after ? Say::tr("ATDC") : Say::tr("BTDC"))
                             : (said.after ? Say::tr("ABDC") : Say::tr("BBDC"));
    return degrees(said.deg, style, places) + QLatin1Char(' ') + side;
}

QString onWheel(CrankDeg at, const DegreeWheel& wheel, const Style& style, bool brief) {
    const double number = wheelNumber(at, wheel);
    const double turn = wrapTurn(at).deg;
    switch (wheel.scale) {
    case WheelScale::Full360With:
    case WheelScale::Full360Against:
    case WheelScale::Twice180:
        return degrees(number, style, 2);
    case WheelScale::Signed:
        return signedFixed(number, 0, style) + QChar(0xB0);
    case WheelScale::Quarter90:
        return brief ? abbreviated(at, style) : fromDeadCentre(at, style);
    case WheelScale::Half180:
    case WheelScale::Tape:
        break;
    }
    if (turn == 0.0 || turn == 180.0) return turn == 0.0 ? Say::tr("TDC") : Say::tr("BDC");
    const QString side = brief ? (turn > 0.0 ? Say::tr("ATDC") : Say::tr("BTDC")) : sideOfTop(at);
    if (wheel.scale == WheelScale::Tape) return shortest(number, 1, style) + Say::tr(" mm ") + side;
    return degrees(number, style, 2) + QLatin1Char(' ') + side;
}

QString asTyped(CrankDeg at, const std::string& typed, const DegreeWheel& wheel, const Style& style,
                bool brief) {
    const QString said = QString::fromStdString(typed).toLower();
    const bool bottom = said.contains(QLatin1String("ab")) || said.contains(QLatin1String("bb")) ||
                        said.contains(QLatin1String("bdc")) ||
                        said.contains(QLatin1String("bottom"));
    if (!bottom) return onWheel(at, wheel, style, brief);
    return brief ? abbreviated(at, style, 2) : fromDeadCentre(at, style, 2);
}

QString readingAngle(CrankDeg at, const Style& style) {
    return style.wheel ? onWheel(at, *style.wheel, style) : fromDeadCentre(at, style);
}

QString sideOfTop(CrankDeg at) {
    const double turn = wrapTurn(at).deg;
    if (turn == 0.0) return Say::tr("TDC");
    if (std::abs(turn) == 180.0) return Say::tr("BDC");
    return turn > 0.0 ? Say::tr("after TDC") : Say::tr("before TDC");
}

QString midSentence(const QString& name) {
    //: Translate "lower" as "as it is" where names keep their capitals inside a sentence.
    return Say::tr("lower", "names in a sentence") == QLatin1String("as it is") ? name
                                                                                : name.toLower();
}

QString placeName(Place place) {
    return place == Place::Tappet ? Say::tr("tappet") : Say::tr("valve");
}

QString sideName(Side side) {
    return side == Side::Intake ? Say::tr("intake") : Say::tr("exhaust");
}

QString sideTitle(Side side) {
    return side == Side::Intake ? Say::tr("Intake") : Say::tr("Exhaust");
}

QString schoolName(CentreSchool school) {
    switch (school) {
    case CentreSchool::EqualDrop:
        return Say::tr("equal drop");
    case CentreSchool::Events:
        return Say::tr("middle of events");
    case CentreSchool::Peak:
        return Say::tr("highest lift");
    case CentreSchool::Centroid:
        break;
    }
    return Say::tr("centroid");
}

QString springName(Spring spring) {
    return spring == Spring::Running ? Say::tr("running spring") : Say::tr("checking spring");
}

QString followerName(Follower follower) {
    switch (follower) {
    case Follower::SolidFlat:
        return Say::tr("solid flat tappet");
    case Follower::SolidRoller:
        return Say::tr("solid roller");
    case Follower::Hydraulic:
        return Say::tr("hydraulic");
    case Follower::HydraulicMadeSolid:
        return Say::tr("hydraulic made solid");
    case Follower::Bucket:
        return Say::tr("bucket");
    case Follower::Finger:
        break;
    }
    return Say::tr("finger");
}

QString layoutName(Layout layout) {
    return layout == Layout::PushrodSingleCam  ? Say::tr("push-rod, single cam")
           : layout == Layout::TwinOverheadCam ? Say::tr("two cams, overhead or in the block")
                                               : Say::tr("one overhead cam");
}

QString rotationName(Rotation rotation) {
    return rotation == Rotation::Clockwise ? Say::tr("clockwise") : Say::tr("anticlockwise");
}

QString wheelName(WheelScale scale) {
    switch (scale) {
    case WheelScale::Full360With:
        return Say::tr("0 to 360, rising with rotation");
    case WheelScale::Full360Against:
        return Say::tr("0 to 360, rising against rotation");
    case WheelScale::Half180:
        return Say::tr("0 to 180 to 0");
    case WheelScale::Quarter90:
        return Say::tr("0 to 90 to 0, four quarters");
    case WheelScale::Twice180:
        return Say::tr("electronic, 0 to 180 twice");
    case WheelScale::Tape:
        return Say::tr("a tape, mm either side of zero");
    case WheelScale::Signed:
        break;
    }
    return Say::tr("signed, −180 to 180");
}

QString methodName(TdcMethod method) {
    switch (method) {
    case TdcMethod::PositiveStop:
        return Say::tr("positive stop");
    case TdcMethod::EqualDrop:
        return Say::tr("equal drop");
    case TdcMethod::ThereAndBack:
        return Say::tr("there and back");
    case TdcMethod::SymmetricPort:
        return Say::tr("symmetric port");
    case TdcMethod::HighestReading:
        break;
    }
    return Say::tr("highest reading");
}

} // namespace words
