// Numbers as people read them. The core computes in mm and degrees; here they get a unit, a
// number of places and a locale. Nothing here computes a result.
#pragma once

#include "core/angle/angles.h"
#include "core/job/stated.h"
#include "core/typed/entry.h"

#include <QLocale>
#include <QString>

#include <optional>

namespace lobe {
enum class ForceUnit;
}

namespace words {

struct Style {
    lobe::LengthUnit unit = lobe::LengthUnit::Millimetre;
    QLocale locale = QLocale::c();
    std::optional<lobe::DegreeWheel> wheel{}; ///< at the engine: angles as its wheel shows them
    lobe::ForceUnit force{};                  ///< of spring loads, as the job has them

    bool inches() const { return unit == lobe::LengthUnit::Inch; }
};

/// Fixed places, the locale's decimal mark, a true minus sign, never "-0".
QString fixed(double value, int places, const Style& style);
/// The same with a sign in front, "+" included.
QString signedFixed(double value, int places, const Style& style);
/// At most `places`, trailing zeros dropped.
QString shortest(double value, int places, const Style& style);

/// A lift as read: 8.512 or 0.3351, without its unit.
QString lift(double mm, const Style& style);
QString liftWithUnit(double mm, const Style& style);
QString signedLift(double mm, const Style& style);
/// A checking height: "1.27 mm" or "0.050 in".
QString height(double mm, const Style& style);
/// "at 1.27 mm, tappet".
QString heightAt(const lobe::Height& height, const Style& style);
/// A dimension of the engine: at most two places in mm, three in inches.
QString dimension(double mm, const Style& style);
QString unitName(const Style& style);
/// An area under lift, mm times degrees, as shown: "2613" or "102.9", without its unit.
QString area(double mm_deg, const Style& style);
QString areaUnit(const Style& style);
/// A pressure: "1326 kPa" or "192 psi".
QString pressure(double kpa, const Style& style);
QString pressureUnit(const Style& style);
double pressureShown(double kpa, const Style& style);

/// "106.0°"
QString degrees(double deg, const Style& style, int places = 1);
/// "2.0° late" or "1.5° early"; late positive.
QString earlyLate(double deg, const Style& style);
/// "27.5° before TDC", from the nearest dead centre.
QString fromDeadCentre(lobe::CrankDeg at, const Style& style, int places = 1);
/// "75° ATDC": the trade's short form, for lists and narrow places.
QString abbreviated(lobe::CrankDeg at, const Style& style, int places = 1);
/// As the wheel shows it: "100°" on a full wheel, "100° after TDC" on a half wheel, signed, or from
/// the nearest dead centre on a quarter wheel. `brief` uses ATDC and its like.
QString onWheel(lobe::CrankDeg at, const lobe::DegreeWheel& wheel, const Style& style,
                bool brief = false);
/// As it was typed: one that was said from the bottom ("46ab") from there, else as the wheel shows
/// it. `typed` is how a reading was entered.
QString asTyped(lobe::CrankDeg at, const std::string& typed, const lobe::DegreeWheel& wheel,
                const Style& style, bool brief = false);
/// An angle to go to or to look at: on the wheel when the style has one, else from the nearest
/// dead centre.
QString readingAngle(lobe::CrankDeg at, const Style& style);
/// "before TDC", "after BDC": the side of the nearest dead centre.
QString sideOfDeadCentre(lobe::CrankDeg at);
/// "before TDC" or "after TDC": the half of the wheel an angle stands in.
QString sideOfTop(lobe::CrankDeg at);

/// A name as it stands inside a sentence: in lower case, but for a language that keeps it.
QString midSentence(const QString& name);

QString placeName(lobe::Place place);
QString sideName(lobe::Side side);
/// "Intake"
QString sideTitle(lobe::Side side);
QString schoolName(lobe::CentreSchool school);
QString followerName(lobe::Follower follower);
QString springName(lobe::Spring spring);
QString layoutName(lobe::Layout layout);
QString rotationName(lobe::Rotation rotation);
QString wheelName(lobe::WheelScale scale);
QString methodName(lobe::TdcMethod method);

} // namespace words
