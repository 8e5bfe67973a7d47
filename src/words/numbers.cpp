#include "words/numbers.h"

#include "core/angle/wheel.h"

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
    return QStringLiteral("at %1, %2").arg(height(h.mm, style), placeName(h.at));
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
    return style.inches() ? QStringLiteral("in") : QStringLiteral("mm");
}

QString degrees(double deg, const Style& style, int places) {
    return shortest(deg, places, style) + QChar(0xB0);
}

QString earlyLate(double deg, const Style& style) {
    return QStringLiteral("%1 %2").arg(degrees(std::abs(deg), style),
                                       deg > 0.0 ? QStringLiteral("late")
                                                 : QStringLiteral("early"));
}

QString fromDeadCentre(CrankDeg at, const Style& style, int places) {
    const FromDeadCentre said = fromNearestDeadCentre(at);
    const QString centre =
        said.centre == DeadCentre::Top ? QStringLiteral("TDC") : QStringLiteral("BDC");
    if (said.deg < 0.5 * std::pow(10.0, -places)) return centre;
    return QStringLiteral("%1 %2 %3")
        .arg(degrees(said.deg, style, places),
             said.after ? QStringLiteral("after") : QStringLiteral("before"), centre);
}

QString abbreviated(CrankDeg at, const Style& style, int places) {
    const FromDeadCentre said = fromNearestDeadCentre(at);
    const QString centre =
        said.centre == DeadCentre::Top ? QStringLiteral("TDC") : QStringLiteral("BDC");
    if (said.deg < 0.5 * std::pow(10.0, -places)) return centre;
    return degrees(said.deg, style, places) + QLatin1Char(' ') +
           (said.after ? QLatin1Char('A') : QLatin1Char('B')) + centre;
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
    if (turn == 0.0 || turn == 180.0)
        return turn == 0.0 ? QStringLiteral("TDC") : QStringLiteral("BDC");
    const QString side =
        brief ? (turn > 0.0 ? QStringLiteral("ATDC") : QStringLiteral("BTDC")) : sideOfTop(at);
    if (wheel.scale == WheelScale::Tape)
        return shortest(number, 1, style) + QStringLiteral(" mm ") + side;
    return degrees(number, style, 2) + QLatin1Char(' ') + side;
}

QString readingAngle(CrankDeg at, const Style& style) {
    return style.wheel ? onWheel(at, *style.wheel, style) : fromDeadCentre(at, style);
}

QString sideOfTop(CrankDeg at) {
    const double turn = wrapTurn(at).deg;
    if (turn == 0.0) return QStringLiteral("TDC");
    if (std::abs(turn) == 180.0) return QStringLiteral("BDC");
    return turn > 0.0 ? QStringLiteral("after TDC") : QStringLiteral("before TDC");
}

QString placeName(Place place) {
    return place == Place::Tappet ? QStringLiteral("tappet") : QStringLiteral("valve");
}

QString sideName(Side side) {
    return side == Side::Intake ? QStringLiteral("intake") : QStringLiteral("exhaust");
}

QString sideTitle(Side side) {
    return side == Side::Intake ? QStringLiteral("Intake") : QStringLiteral("Exhaust");
}

QString schoolName(CentreSchool school) {
    switch (school) {
    case CentreSchool::EqualDrop:
        return QStringLiteral("equal drop");
    case CentreSchool::Events:
        return QStringLiteral("middle of events");
    case CentreSchool::Peak:
        return QStringLiteral("highest lift");
    case CentreSchool::Centroid:
        break;
    }
    return QStringLiteral("centroid");
}

QString followerName(Follower follower) {
    switch (follower) {
    case Follower::SolidFlat:
        return QStringLiteral("solid flat tappet");
    case Follower::SolidRoller:
        return QStringLiteral("solid roller");
    case Follower::Hydraulic:
        return QStringLiteral("hydraulic");
    case Follower::HydraulicMadeSolid:
        return QStringLiteral("hydraulic made solid");
    case Follower::Bucket:
        return QStringLiteral("bucket");
    case Follower::Finger:
        break;
    }
    return QStringLiteral("finger");
}

QString layoutName(Layout layout) {
    return layout == Layout::PushrodSingleCam  ? QStringLiteral("push-rod, single cam")
           : layout == Layout::TwinOverheadCam ? QStringLiteral("twin overhead cam")
                                               : QStringLiteral("one overhead cam");
}

QString rotationName(Rotation rotation) {
    return rotation == Rotation::Clockwise ? QStringLiteral("clockwise")
                                           : QStringLiteral("anticlockwise");
}

QString wheelName(WheelScale scale) {
    switch (scale) {
    case WheelScale::Full360With:
        return QStringLiteral("0 to 360, rising with rotation");
    case WheelScale::Full360Against:
        return QStringLiteral("0 to 360, rising against rotation");
    case WheelScale::Half180:
        return QStringLiteral("0 to 180 to 0");
    case WheelScale::Quarter90:
        return QStringLiteral("0 to 90 to 0, four quarters");
    case WheelScale::Twice180:
        return QStringLiteral("electronic, 0 to 180 twice");
    case WheelScale::Tape:
        return QStringLiteral("a tape, mm either side of zero");
    case WheelScale::Signed:
        break;
    }
    return QStringLiteral("signed, −180 to 180");
}

QString methodName(TdcMethod method) {
    switch (method) {
    case TdcMethod::PositiveStop:
        return QStringLiteral("positive stop");
    case TdcMethod::EqualDrop:
        return QStringLiteral("equal drop");
    case TdcMethod::ThereAndBack:
        return QStringLiteral("there and back");
    case TdcMethod::SymmetricPort:
        return QStringLiteral("symmetric port");
    case TdcMethod::HighestReading:
        break;
    }
    return QStringLiteral("highest reading");
}

} // namespace words
