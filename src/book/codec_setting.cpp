// The drive, the target and the changes of the cam's setting as JSON.
#include "book/codec.h"
#include "book/json_parts.h"

namespace book {

using namespace lobe;

namespace {

constexpr Names<DriveKind, 3> kDrive{{"chain", "belt", "gears"}};
constexpr Names<TargetKind, 6> kTarget{
    {"card", "card-plus", "event", "separation", "dynamic", "clearance"}};
constexpr Names<SetSchool, 3> kSetSchool{{"by-intake", "split", "all-events"}};
constexpr Names<Event, 4> kEvent{{"ivo", "ivc", "evo", "evc"}};

QJsonArray numbers(const std::vector<double>& all) {
    QJsonArray out;
    for (double x : all)
        out.append(x);
    return out;
}
std::vector<double> numbersFrom(const QJsonValue& json) {
    std::vector<double> out;
    for (const QJsonValue& v : json.toArray())
        out.push_back(v.toDouble());
    return out;
}

QJsonObject toJson(const DriveMove& m) {
    return {{"teeth", m.teeth},
            {"keyway", m.keyway},
            {"crank_keyway_deg", m.crankKeyway_deg},
            {"vernier_deg", m.vernier_deg},
            {"bush_deg", m.bush_deg},
            {"slot_deg", m.slot_deg},
            {"total_deg", m.total_deg}};
}

DriveMove moveFrom(const QJsonObject& json) {
    DriveMove m;
    m.teeth = json[QLatin1String("teeth")].toInt();
    m.keyway = json[QLatin1String("keyway")].toInt();
    take(json, "crank_keyway_deg", m.crankKeyway_deg);
    take(json, "vernier_deg", m.vernier_deg);
    take(json, "bush_deg", m.bush_deg);
    take(json, "slot_deg", m.slot_deg);
    take(json, "total_deg", m.total_deg);
    return m;
}

} // namespace

QJsonObject toJson(const Drive& d) {
    return {{"kind", kDrive.text(d.kind)},
            {"teeth", d.teeth},
            {"against", d.against},
            {"keyways", d.keyways},
            {"crank_keyways_deg", numbers(d.crankKeyways_deg)},
            {"vernier_wheel", d.vernierWheel},
            {"vernier_hub", d.vernierHub},
            {"bushes_deg", numbers(d.bushes_deg)},
            {"slot_deg", d.slot_deg},
            {"slot_line_deg", d.slotLine_deg},
            {"bolt_radius_mm", d.boltRadius_mm},
            {"pulled_first", sideText(d.pulledFirst)},
            {"phaser_deg", d.phaser_deg},
            {"wheel_radius_mm", d.wheelRadius_mm},
            {"run_angle_deg", d.runAngle_deg}};
}

Drive driveFrom(const QJsonObject& json) {
    Drive d;
    take(json, "kind", kDrive, d.kind);
    d.teeth = json[QLatin1String("teeth")].toInt();
    d.against = json[QLatin1String("against")].toBool();
    d.keyways = json[QLatin1String("keyways")].toInt(1);
    d.crankKeyways_deg = numbersFrom(json[QLatin1String("crank_keyways_deg")]);
    d.vernierWheel = json[QLatin1String("vernier_wheel")].toInt();
    d.vernierHub = json[QLatin1String("vernier_hub")].toInt();
    d.bushes_deg = numbersFrom(json[QLatin1String("bushes_deg")]);
    take(json, "slot_deg", d.slot_deg);
    take(json, "slot_line_deg", d.slotLine_deg);
    take(json, "bolt_radius_mm", d.boltRadius_mm);
    d.pulledFirst = sideFrom(json[QLatin1String("pulled_first")].toString());
    take(json, "phaser_deg", d.phaser_deg);
    take(json, "wheel_radius_mm", d.wheelRadius_mm);
    take(json, "run_angle_deg", d.runAngle_deg);
    return d;
}

QJsonObject toJson(const Target& t) {
    return {{"kind", kTarget.text(t.kind)}, {"school", kSetSchool.text(t.school)},
            {"plus_deg", t.plus_deg},       {"event", kEvent.text(t.event)},
            {"event_deg", t.event_deg},     {"separation_deg", t.separation_deg},
            {"dynamic", t.dynamic},         {"clearance_mm", t.clearance_mm}};
}

Target targetFrom(const QJsonObject& json) {
    Target t;
    take(json, "kind", kTarget, t.kind);
    take(json, "school", kSetSchool, t.school);
    take(json, "plus_deg", t.plus_deg);
    take(json, "event", kEvent, t.event);
    take(json, "event_deg", t.event_deg);
    take(json, "separation_deg", t.separation_deg);
    take(json, "dynamic", t.dynamic);
    take(json, "clearance_mm", t.clearance_mm);
    return t;
}

QJsonObject toJson(const SettingChange& c) {
    QJsonObject json{{"number", c.number},
                     {"time_ms", static_cast<qint64>(c.time_ms)},
                     {"marks", qt(c.marks)},
                     {"note", qt(c.note)},
                     {"photo", qt(c.photo)}};
    if (c.intake) json[QLatin1String("intake")] = toJson(*c.intake);
    if (c.exhaust) json[QLatin1String("exhaust")] = toJson(*c.exhaust);
    put(json, "intake_wanted_deg", c.intakeWanted_deg);
    put(json, "exhaust_wanted_deg", c.exhaustWanted_deg);
    return json;
}

SettingChange settingChangeFrom(const QJsonObject& json) {
    SettingChange c;
    c.number = json[QLatin1String("number")].toInt(1);
    c.time_ms = static_cast<std::int64_t>(json[QLatin1String("time_ms")].toDouble());
    take(json, "marks", c.marks);
    take(json, "note", c.note);
    take(json, "photo", c.photo);
    if (json[QLatin1String("intake")].isObject())
        c.intake = moveFrom(json[QLatin1String("intake")].toObject());
    if (json[QLatin1String("exhaust")].isObject())
        c.exhaust = moveFrom(json[QLatin1String("exhaust")].toObject());
    c.intakeWanted_deg = maybe(json, "intake_wanted_deg");
    c.exhaustWanted_deg = maybe(json, "exhaust_wanted_deg");
    return c;
}

} // namespace book
