#include "book/codec.h"

#include "book/json_parts.h"

#include <QJsonDocument>

namespace book {

using namespace lobe;

namespace {

constexpr Names<Rotation, 2> kRotation{{"clockwise", "anticlockwise"}};
constexpr Names<Layout, 2> kLayout{{"pushrod", "twin-cam"}};
constexpr Names<Follower, 6> kFollower{
    {"solid-flat", "solid-roller", "hydraulic", "hydraulic-made-solid", "bucket", "finger"}};
constexpr Names<Place, 2> kPlace{{"tappet", "valve"}};
constexpr Names<Side, 2> kSide{{"intake", "exhaust"}};
constexpr Names<WheelScale, 7> kScale{
    {"0-360", "0-360-against", "0-180-0", "0-90-0-90", "signed", "0-180-twice", "tape"}};
constexpr Names<TdcMethod, 5> kMethod{{"stop", "drop", "return", "port", "peak"}};
constexpr Names<ReadingOf, 4> kReadingOf{{"lift", "opens", "nose", "closes"}};
constexpr Names<WhichTop, 3> kTop{{"not-said", "overlap", "firing"}};
constexpr Names<Spring, 2> kSpring{{"running", "checking"}};
constexpr Names<OffAxis, 3> kOffAxis{{"not-corrected", "on-the-part", "on-a-flat-face"}};
constexpr Names<VolumeSource, 3> kVolumes{{"poured", "dimensions", "maker"}};
constexpr Names<ClosingSchool, 4> kClosing{
    {"seat-measured", "seat-maker", "plus-15", "own-height"}};
constexpr Names<CentreSchool, 4> kSchool{{"equal_drop", "events", "peak", "centroid"}};

QJsonObject toJson(const Height& h) {
    return {{"mm", h.mm}, {"at", kPlace.text(h.at)}};
}
Height heightFrom(const QJsonObject& json) {
    Height h;
    take(json, "mm", h.mm);
    take(json, "at", kPlace, h.at);
    return h;
}

QJsonObject toJson(const Chamber& c) {
    return {{"chamber_cc", c.chamber_cc}, {"gasket_bore_mm", c.gasketBore_mm},
            {"gasket_mm", c.gasket_mm},   {"deck_mm", c.deck_mm},
            {"crown_cc", c.crown_cc},     {"crevice_cc", c.crevice_cc}};
}

Chamber chamberFrom(const QJsonObject& json) {
    Chamber c;
    take(json, "chamber_cc", c.chamber_cc);
    take(json, "gasket_bore_mm", c.gasketBore_mm);
    take(json, "gasket_mm", c.gasket_mm);
    take(json, "deck_mm", c.deck_mm);
    take(json, "crown_cc", c.crown_cc);
    take(json, "crevice_cc", c.crevice_cc);
    return c;
}

QJsonObject toJson(const CompressionState& s) {
    return {{"name", qt(s.name)},
            {"bore_mm", s.bore_mm},
            {"stroke_mm", s.stroke_mm},
            {"rod_mm", s.rod_mm},
            {"pin_offset_mm", s.pinOffset_mm},
            {"chamber", toJson(s.chamber)},
            {"closing_deg", s.closing_deg}};
}

CompressionState stateFrom(const QJsonObject& json) {
    CompressionState s;
    take(json, "name", s.name);
    take(json, "bore_mm", s.bore_mm);
    take(json, "stroke_mm", s.stroke_mm);
    take(json, "rod_mm", s.rod_mm);
    take(json, "pin_offset_mm", s.pinOffset_mm);
    take(json, "closing_deg", s.closing_deg);
    s.chamber = chamberFrom(json[QLatin1String("chamber")].toObject());
    return s;
}

} // namespace

QJsonObject toJson(const Engine& e) {
    QJsonArray chambers;
    for (const Chamber& c : e.chambers)
        chambers.append(toJson(c));
    return {{"drive", toJson(e.drive)},
            {"chamber", toJson(e.chamber)},
            {"chambers", chambers},
            {"volumes", kVolumes.text(e.volumes)},
            {"name", qt(e.name)},
            {"cylinders", e.cylinders},
            {"bore_mm", e.bore_mm},
            {"stroke_mm", e.stroke_mm},
            {"rod_mm", e.rod_mm},
            {"rotation", kRotation.text(e.rotation)},
            {"layout", kLayout.text(e.layout)},
            {"follower", kFollower.text(e.follower)},
            {"pin_offset_mm", e.pinOffset_mm},
            {"ratio_intake", e.ratioIntake},
            {"ratio_exhaust", e.ratioExhaust},
            {"lash_intake_mm", e.lashIntake_mm},
            {"lash_exhaust_mm", e.lashExhaust_mm}};
}

Engine engineFrom(const QJsonObject& json) {
    Engine e;
    take(json, "name", e.name);
    e.cylinders = json[QLatin1String("cylinders")].toInt(e.cylinders);
    take(json, "bore_mm", e.bore_mm);
    take(json, "stroke_mm", e.stroke_mm);
    take(json, "rod_mm", e.rod_mm);
    take(json, "rotation", kRotation, e.rotation);
    take(json, "layout", kLayout, e.layout);
    take(json, "follower", kFollower, e.follower);
    take(json, "pin_offset_mm", e.pinOffset_mm);
    take(json, "ratio_intake", e.ratioIntake);
    take(json, "ratio_exhaust", e.ratioExhaust);
    take(json, "lash_intake_mm", e.lashIntake_mm);
    take(json, "lash_exhaust_mm", e.lashExhaust_mm);
    e.chamber = chamberFrom(json[QLatin1String("chamber")].toObject());
    for (const QJsonValue& v : json[QLatin1String("chambers")].toArray())
        e.chambers.push_back(chamberFrom(v.toObject()));
    take(json, "volumes", kVolumes, e.volumes);
    e.drive = driveFrom(json[QLatin1String("drive")].toObject());
    return e;
}

QJsonObject toJson(const Card& c) {
    QJsonObject json{{"name", qt(c.name)}, {"height", toJson(c.height)}};
    put(json, "ivo", c.ivo);
    put(json, "ivc", c.ivc);
    put(json, "evo", c.evo);
    put(json, "evc", c.evc);
    put(json, "intake_centre", c.intakeCentre);
    put(json, "exhaust_centre", c.exhaustCentre);
    put(json, "intake_lift_mm", c.intakeLift_mm);
    put(json, "exhaust_lift_mm", c.exhaustLift_mm);
    put(json, "separation", c.separation);
    put(json, "advance", c.advance);
    put(json, "intake_duration", c.intakeDuration);
    put(json, "exhaust_duration", c.exhaustDuration);
    put(json, "intake_advertised", c.intakeAdvertised);
    put(json, "exhaust_advertised", c.exhaustAdvertised);
    json[QLatin1String("advertised")] = toJson(c.advertised);
    json[QLatin1String("lift_at")] = kPlace.text(c.liftAt);
    put(json, "ratio", c.ratio);
    json[QLatin1String("lash_intake_mm")] = c.lashIntake_mm;
    json[QLatin1String("lash_exhaust_mm")] = c.lashExhaust_mm;
    return json;
}

Card cardFrom(const QJsonObject& json) {
    Card c;
    take(json, "name", c.name);
    if (json.contains(QLatin1String("height")))
        c.height = heightFrom(json[QLatin1String("height")].toObject());
    c.ivo = maybe(json, "ivo");
    c.ivc = maybe(json, "ivc");
    c.evo = maybe(json, "evo");
    c.evc = maybe(json, "evc");
    c.intakeCentre = maybe(json, "intake_centre");
    c.exhaustCentre = maybe(json, "exhaust_centre");
    c.intakeLift_mm = maybe(json, "intake_lift_mm");
    c.exhaustLift_mm = maybe(json, "exhaust_lift_mm");
    c.separation = maybe(json, "separation");
    c.advance = maybe(json, "advance");
    c.intakeDuration = maybe(json, "intake_duration");
    c.exhaustDuration = maybe(json, "exhaust_duration");
    c.intakeAdvertised = maybe(json, "intake_advertised");
    c.exhaustAdvertised = maybe(json, "exhaust_advertised");
    c.advertised.at = c.height.at;
    if (json.contains(QLatin1String("advertised")))
        c.advertised = heightFrom(json[QLatin1String("advertised")].toObject());
    // A card that does not say gives its lift where it gives its events.
    c.liftAt = c.height.at;
    take(json, "lift_at", kPlace, c.liftAt);
    c.ratio = maybe(json, "ratio");
    take(json, "lash_intake_mm", c.lashIntake_mm);
    take(json, "lash_exhaust_mm", c.lashExhaust_mm);
    return c;
}

QJsonObject toJson(const SetCards& cards) {
    QJsonObject json = cards.fitted ? toJson(*cards.fitted) : QJsonObject{{"none", true}};
    QJsonArray others;
    for (const Card& c : cards.others)
        others.append(toJson(c));
    if (!others.isEmpty()) json[QLatin1String("others")] = others;
    return json;
}

SetCards cardsFrom(const QJsonObject& json) {
    SetCards cards;
    if (!json[QLatin1String("none")].toBool()) cards.fitted = cardFrom(json);
    for (const QJsonValue& v : json[QLatin1String("others")].toArray())
        cards.others.push_back(cardFrom(v.toObject()));
    return cards;
}

QJsonObject toJson(const Settings& s) {
    QJsonArray heights, pinned, deck, fuels;
    for (const FuelLimit& f : s.fuels)
        fuels.append(QJsonObject{{"name", qt(f.name)}, {"dynamic", f.dynamic}});
    for (double mm : s.deck_mm)
        deck.append(mm);
    for (const Height& h : s.heights)
        heights.append(toJson(h));
    for (const std::string& key : s.pinned)
        pinned.append(qt(key));
    return {{"heights", heights},
            {"seat_mm", s.seat_mm},
            {"drop_mm", s.drop_mm},
            {"school", kSchool.text(s.school)},
            {"wheel", kScale.text(s.wheel)},
            {"tdc_tolerance_deg", s.tdcTolerance_deg},
            {"zero_return_mm", s.zeroReturn_mm},
            {"average_passes", s.averagePasses},
            {"smoothing", s.smoothing},
            {"closing", kClosing.text(s.closing)},
            {"closing_height_mm", s.closingHeight_mm},
            {"altitude_m", s.altitude_m},
            {"exponent", s.exponent},
            {"wanted_dynamic", s.wantedDynamic},
            {"fuels", fuels},
            {"kept", s.kept ? QJsonValue(toJson(*s.kept)) : QJsonValue()},
            {"tape_mm", s.tape_mm},
            {"resolution_mm", s.resolution_mm},
            {"top", kTop.text(s.top)},
            {"deck_mm", deck},
            {"factory_mark_deg", s.factoryMark_deg ? QJsonValue(*s.factoryMark_deg) : QJsonValue()},
            {"damper_mm", s.damper_mm},
            {"target", toJson(s.target)},
            {"skim_mm", s.skim_mm},
            {"pinned", pinned}};
}

Settings settingsFrom(const QJsonObject& json) {
    Settings s;
    if (json.contains(QLatin1String("heights"))) s.heights.clear();
    for (const QJsonValue& v : json[QLatin1String("heights")].toArray())
        s.heights.push_back(heightFrom(v.toObject()));
    for (const QJsonValue& v : json[QLatin1String("pinned")].toArray())
        s.pinned.push_back(v.toString().toStdString());
    take(json, "seat_mm", s.seat_mm);
    take(json, "drop_mm", s.drop_mm);
    take(json, "school", kSchool, s.school);
    take(json, "wheel", kScale, s.wheel);
    take(json, "tdc_tolerance_deg", s.tdcTolerance_deg);
    take(json, "zero_return_mm", s.zeroReturn_mm);
    take(json, "closing", kClosing, s.closing);
    take(json, "closing_height_mm", s.closingHeight_mm);
    take(json, "altitude_m", s.altitude_m);
    take(json, "exponent", s.exponent);
    take(json, "wanted_dynamic", s.wantedDynamic);
    if (json.contains(QLatin1String("fuels"))) s.fuels.clear();
    for (const QJsonValue& v : json[QLatin1String("fuels")].toArray()) {
        FuelLimit f;
        take(v.toObject(), "name", f.name);
        take(v.toObject(), "dynamic", f.dynamic);
        s.fuels.push_back(std::move(f));
    }
    if (json[QLatin1String("kept")].isObject())
        s.kept = stateFrom(json[QLatin1String("kept")].toObject());
    s.smoothing = json[QLatin1String("smoothing")].toBool(true);
    s.averagePasses = json[QLatin1String("average_passes")].toBool();
    take(json, "tape_mm", s.tape_mm);
    take(json, "resolution_mm", s.resolution_mm);
    take(json, "top", kTop, s.top);
    for (const QJsonValue& v : json[QLatin1String("deck_mm")].toArray())
        s.deck_mm.push_back(v.toDouble());
    s.factoryMark_deg = maybe(json, "factory_mark_deg");
    take(json, "damper_mm", s.damper_mm);
    take(json, "skim_mm", s.skim_mm);
    s.target = targetFrom(json[QLatin1String("target")].toObject());
    return s;
}

QJsonObject toJson(const RunTerms& t) {
    QJsonArray zeros, heights;
    for (const auto& zero : t.zeros)
        zeros.append(zero ? QJsonValue(*zero) : QJsonValue());
    for (const Height& h : t.eventHeights)
        heights.append(toJson(h));
    QJsonObject json{{"taken", kPlace.text(t.taken)},
                     {"follower", kFollower.text(t.follower)},
                     {"ratio", t.ratio},
                     {"lash_mm", t.lash_mm},
                     {"step_deg", t.step_deg},
                     {"from_deg", t.from.deg},
                     {"to_deg", t.to.deg},
                     {"shift_deg", t.shift_deg},
                     {"tdc_answered", t.tdcAnswered},
                     {"dial_turn_mm", t.dialTurn_mm},
                     {"events_only", t.eventsOnly},
                     {"repeats", t.repeats},
                     {"repeat_tolerance_deg", t.repeatTolerance_deg},
                     {"spring", kSpring.text(t.spring)},
                     {"resolution_mm", t.resolution_mm},
                     {"travel_mm", t.travel_mm},
                     {"off_axis_deg", t.offAxis_deg},
                     {"off_axis", kOffAxis.text(t.offAxis)},
                     {"measured_ratio", t.measuredRatio},
                     {"counts_down", t.countsDown},
                     {"zeros_mm", zeros},
                     {"event_heights", heights},
                     {"setting", t.setting},
                     {"source", qt(t.source)}};
    put(json, "valve_lift_mm", t.valveLift_mm);
    put(json, "tappet_lift_mm", t.tappetLift_mm);
    put(json, "nose_lift_mm", t.noseLift_mm);
    return json;
}

RunTerms termsFrom(const QJsonObject& json) {
    RunTerms t;
    take(json, "taken", kPlace, t.taken);
    take(json, "follower", kFollower, t.follower);
    take(json, "ratio", t.ratio);
    take(json, "lash_mm", t.lash_mm);
    take(json, "step_deg", t.step_deg);
    take(json, "from_deg", t.from.deg);
    take(json, "to_deg", t.to.deg);
    take(json, "source", t.source);
    take(json, "shift_deg", t.shift_deg);
    t.tdcAnswered = json[QLatin1String("tdc_answered")].toInt(t.tdcAnswered);
    take(json, "dial_turn_mm", t.dialTurn_mm);
    t.eventsOnly = json[QLatin1String("events_only")].toBool(t.eventsOnly);
    t.setting = json[QLatin1String("setting")].toInt();
    t.repeats = json[QLatin1String("repeats")].toInt(t.repeats);
    take(json, "repeat_tolerance_deg", t.repeatTolerance_deg);
    take(json, "spring", kSpring, t.spring);
    take(json, "resolution_mm", t.resolution_mm);
    take(json, "travel_mm", t.travel_mm);
    take(json, "off_axis_deg", t.offAxis_deg);
    take(json, "off_axis", kOffAxis, t.offAxis);
    t.measuredRatio = json[QLatin1String("measured_ratio")].toBool();
    t.countsDown = json[QLatin1String("counts_down")].toBool();
    t.valveLift_mm = maybe(json, "valve_lift_mm");
    t.tappetLift_mm = maybe(json, "tappet_lift_mm");
    t.noseLift_mm = maybe(json, "nose_lift_mm");
    for (const QJsonValue& v : json[QLatin1String("zeros_mm")].toArray())
        t.zeros.push_back(v.isDouble() ? std::optional(v.toDouble()) : std::nullopt);
    for (const QJsonValue& v : json[QLatin1String("event_heights")].toArray())
        t.eventHeights.push_back(heightFrom(v.toObject()));
    return t;
}

QString sideText(Side side) {
    return kSide.text(side);
}
Side sideFrom(const QString& text) {
    return kSide.value(text);
}
QString scaleText(WheelScale scale) {
    return kScale.text(scale);
}
WheelScale scaleFrom(const QString& text) {
    return kScale.value(text);
}
QString methodText(TdcMethod method) {
    return kMethod.text(method);
}
TdcMethod methodFrom(const QString& text) {
    return kMethod.value(text);
}

QString readingOfText(ReadingOf of) {
    return kReadingOf.text(of);
}
ReadingOf readingOfFrom(const QString& text) {
    return kReadingOf.value(text);
}

QString compact(const QJsonObject& json) {
    return QString::fromUtf8(QJsonDocument(json).toJson(QJsonDocument::Compact));
}

QJsonObject parsed(const QString& text) {
    return QJsonDocument::fromJson(text.toUtf8()).object();
}

} // namespace book
