// The fields of every struct the book keeps as JSON, each said once: reading, writing and the
// formats in docs/formats follow them. `F` is a Writer or a Reader. Lengths in mm, angles in crank
// degrees. Private to the book.
#pragma once

#include "book/bench_fields.h"
#include "book/change.h"
#include "book/json_parts.h"
#include "book/names.h"
#include "book/spring_fields.h"
#include "core/job/stated.h"

namespace book {

void fields(auto& f, Of<lobe::Height> auto& h) {
    f("mm", h.mm, lobe::bounds::height_mm);
    f("at", h.at, kPlace);
}

void fields(auto& f, Of<lobe::Chamber> auto& c) {
    f("chamber_cc", c.chamber_cc, lobe::bounds::volume_cc);
    f("gasket_bore_mm", c.gasketBore_mm, lobe::bounds::dimension_mm);
    f("gasket_mm", c.gasket_mm, lobe::bounds::part_mm);
    f("deck_mm", c.deck_mm, lobe::bounds::part_mm);
    f("crown_cc", c.crown_cc, lobe::bounds::volume_cc);
    f("crevice_cc", c.crevice_cc, lobe::bounds::volume_cc);
}

void fields(auto& f, Of<lobe::CompressionState> auto& s) {
    f("name", s.name);
    f("bore_mm", s.bore_mm, lobe::bounds::dimension_mm);
    f("stroke_mm", s.stroke_mm, lobe::bounds::dimension_mm);
    f("rod_mm", s.rod_mm, lobe::bounds::dimension_mm);
    f("pin_offset_mm", s.pinOffset_mm, lobe::bounds::part_mm);
    f.object("chamber", s.chamber);
    f("closing_deg", s.closing_deg, lobe::bounds::cycle_deg);
}

void fields(auto& f, Of<lobe::Drive> auto& d) {
    f("kind", d.kind, kDrive);
    f("teeth", d.teeth, lobe::bounds::count);
    f("against", d.against);
    f("keyways", d.keyways, lobe::bounds::count);
    f("crank_keyways_deg", d.crankKeyways_deg, lobe::bounds::cycle_deg);
    f("vernier_wheel", d.vernierWheel, lobe::bounds::count);
    f("vernier_hub", d.vernierHub, lobe::bounds::count);
    f("bushes_deg", d.bushes_deg, lobe::bounds::cycle_deg);
    f("slot_deg", d.slot_deg, lobe::bounds::cycle_deg);
    f("slot_line_deg", d.slotLine_deg, lobe::bounds::cycle_deg);
    f("bolt_radius_mm", d.boltRadius_mm, lobe::bounds::dimension_mm);
    f("pulled_first", d.pulledFirst, kSide);
    f("phaser_deg", d.phaser_deg, lobe::bounds::cycle_deg);
    f("phaser_limiter_deg", d.phaserLimiter_deg, lobe::bounds::cycle_deg);
    f("phaser_exhaust_deg", d.phaserExhaust_deg, lobe::bounds::cycle_deg);
    f("slack_deg", d.slack_deg, lobe::bounds::cycle_deg);
    f("wheel_radius_mm", d.wheelRadius_mm, lobe::bounds::dimension_mm);
    f("run_angle_deg", d.runAngle_deg, lobe::bounds::cycle_deg);
    f("marks", d.marks);
}

void fields(auto& f, Of<lobe::DriveMove> auto& m) {
    f("teeth", m.teeth, lobe::bounds::steps);
    f("keyway", m.keyway, lobe::bounds::steps);
    f("crank_keyway_deg", m.crankKeyway_deg, lobe::bounds::cycle_deg);
    f("vernier_deg", m.vernier_deg, lobe::bounds::cycle_deg);
    f("bush_deg", m.bush_deg, lobe::bounds::cycle_deg);
    f("slot_deg", m.slot_deg, lobe::bounds::cycle_deg);
    f("total_deg", m.total_deg, lobe::bounds::cycle_deg);
}

void fields(auto& f, Of<lobe::Target> auto& t) {
    f("kind", t.kind, kTarget);
    f("school", t.school, kSetSchool);
    f("plus_deg", t.plus_deg, lobe::bounds::cycle_deg);
    f("plus_exhaust_deg", t.plusExhaust_deg, lobe::bounds::cycle_deg);
    f("intake_centre", t.centre.intake, lobe::bounds::cycle_deg);
    f("exhaust_centre", t.centre.exhaust, lobe::bounds::cycle_deg);
    f("event", t.event, kEvent);
    f("event_deg", t.event_deg, lobe::bounds::cycle_deg);
    f("separation_deg", t.separation_deg, lobe::bounds::cycle_deg);
    f("dynamic", t.dynamic, lobe::bounds::compression);
    f("clearance_mm", t.clearance_mm, lobe::bounds::part_mm);
}

void fields(auto& f, Of<lobe::CamMove> auto& c) {
    f("number", c.number, lobe::bounds::number);
    f("time_ms", c.time_ms);
    f.object("intake", c.made.intake);
    f.object("exhaust", c.made.exhaust);
    f("intake_wanted_deg", c.wanted_deg.intake, lobe::bounds::cycle_deg);
    f("exhaust_wanted_deg", c.wanted_deg.exhaust, lobe::bounds::cycle_deg);
    f("marks", c.marks);
    f("note", c.note);
    f("photo", c.photo);
}

void fields(auto& f, Of<lobe::Valves> auto& v) {
    f("intake_count", v.count.intake, lobe::bounds::count);
    f("exhaust_count", v.count.exhaust, lobe::bounds::count);
    f("intake_head_mm", v.head_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_head_mm", v.head_mm.exhaust, lobe::bounds::dimension_mm);
    f("intake_angle_deg", v.angle_deg.intake, lobe::bounds::cycle_deg);
    f("exhaust_angle_deg", v.angle_deg.exhaust, lobe::bounds::cycle_deg);
    f("rims_mm", v.rims_mm, lobe::bounds::dimension_mm);
}

void fields(auto& f, Of<lobe::PipeLine> auto& p) {
    f("length_mm", p.length_mm, lobe::bounds::tape_mm);
    f("bore_mm", p.bore_mm, lobe::bounds::dimension_mm);
    f("far_bore_mm", p.farBore_mm, lobe::bounds::dimension_mm);
}

void fields(auto& f, Of<lobe::EnginePipes> auto& p) {
    f.object("intake", p.intake);
    f.object("exhaust", p.exhaust);
    f("throttle_mm", p.throttle_mm, lobe::bounds::dimension_mm);
    f("plenum_cc", p.plenum_cc, lobe::bounds::vessel_cc);
    f("collector_cc", p.collector_cc, lobe::bounds::vessel_cc);
}

void fields(auto& f, Of<lobe::Engine> auto& e) {
    f("name", e.name);
    f("kind", e.kind, kEngineKind);
    f("cylinders", e.cylinders, lobe::bounds::cylinders);
    f("bore_mm", e.bore_mm, lobe::bounds::dimension_mm);
    f("stroke_mm", e.stroke_mm, lobe::bounds::dimension_mm);
    f("rod_mm", e.rod_mm, lobe::bounds::dimension_mm);
    f("rotation", e.rotation, kRotation);
    f("layout", e.layout, kLayout);
    f("follower", e.follower, kFollower);
    f("ratio_intake", e.ratio.intake, lobe::bounds::ratio);
    f("ratio_exhaust", e.ratio.exhaust, lobe::bounds::ratio);
    f("pin_offset_mm", e.pinOffset_mm, lobe::bounds::part_mm);
    f("lash_intake_mm", e.lash_mm.intake, lobe::bounds::part_mm);
    f("lash_exhaust_mm", e.lash_mm.exhaust, lobe::bounds::part_mm);
    f.object("chamber", e.chamber);
    f.objects("chambers", e.chambers);
    f("volumes", e.volumes, kVolumes);
    f.object("valves", e.valves);
    f.object("pipes", e.pipes);
    f.object("drive", e.drive);
    f("firing_order", e.firingOrder, lobe::bounds::cylinders);
    f("firing_gaps_deg", e.firingGaps_deg, lobe::bounds::cycle_deg);
    f("throws_deg", e.throws_deg, lobe::bounds::cycle_deg);
    f("bank_angle_deg", e.bankAngle_deg, lobe::bounds::cycle_deg);
    f("second_bank", e.secondBank, lobe::bounds::cylinders);
}

void fields(auto& f, Of<lobe::Card> auto& c) {
    f("name", c.name);
    f.object("height", c.height);
    f("ivo", c.events.ivo, lobe::bounds::cycle_deg);
    f("ivc", c.events.ivc, lobe::bounds::cycle_deg);
    f("evo", c.events.evo, lobe::bounds::cycle_deg);
    f("evc", c.events.evc, lobe::bounds::cycle_deg);
    f("intake_centre", c.centre.intake, lobe::bounds::cycle_deg);
    f("exhaust_centre", c.centre.exhaust, lobe::bounds::cycle_deg);
    f("separation", c.separation, lobe::bounds::cycle_deg);
    f("advance", c.advance, lobe::bounds::cycle_deg);
    f("intake_duration", c.duration.intake, lobe::bounds::cycle_deg);
    f("exhaust_duration", c.duration.exhaust, lobe::bounds::cycle_deg);
    f("intake_advertised", c.advertisedDuration.intake, lobe::bounds::cycle_deg);
    f("exhaust_advertised", c.advertisedDuration.exhaust, lobe::bounds::cycle_deg);
    f.object("advertised", c.advertised);
    f("intake_lift_mm", c.lift_mm.intake, lobe::bounds::part_mm);
    f("exhaust_lift_mm", c.lift_mm.exhaust, lobe::bounds::part_mm);
    f("lift_at", c.liftAt, kPlace);
    f("ratio", c.ratio, lobe::bounds::ratio);
    f("lash_intake_mm", c.lash_mm.intake, lobe::bounds::part_mm);
    f("lash_exhaust_mm", c.lash_mm.exhaust, lobe::bounds::part_mm);
}

void fields(auto& f, Of<lobe::ClearanceLimits> auto& l) {
    f("intake_mm", l.least_mm.intake, lobe::bounds::part_mm);
    f("exhaust_mm", l.least_mm.exhaust, lobe::bounds::part_mm);
    f("edge_mm", l.edge_mm, lobe::bounds::part_mm);
    f("squish_mm", l.squish_mm, lobe::bounds::part_mm);
    f("valves_mm", l.valves_mm, lobe::bounds::part_mm);
    f("crown_mm", l.crown_mm, lobe::bounds::part_mm);
    f("crown_least_mm", l.crownLeast_mm, lobe::bounds::part_mm);
    f("below_intake", l.below.intake);
    f("below_exhaust", l.below.exhaust);
}

void fields(auto& f, Of<lobe::MockUp> auto& m) {
    f("method", m.method, kClearanceMethod);
    f("gasket_in", m.gasketIn);
    f("gasket_mm", m.gasket_mm, lobe::bounds::part_mm);
    f("spring", m.spring, kSpring);
    f("checking_lift_mm", m.checkingLift_mm, lobe::bounds::part_mm);
    f("running_lift_mm", m.runningLift_mm, lobe::bounds::part_mm);
    f("seal_lift_mm", m.sealLift_mm, lobe::bounds::part_mm);
    f("lash", m.lash, kLashSet);
    f("follower", m.follower, kFollower);
    f("slack_mm", m.slack_mm, lobe::bounds::part_mm);
    f("pressed_at", m.pressedAt, kPressedAt);
    f("askew_deg", m.askew_deg, lobe::bounds::cycle_deg);
    f("spacer_mm", m.spacer_mm, lobe::bounds::part_mm);
    f("valve_angle_deg", m.valveAngle_deg, lobe::bounds::cycle_deg);
    f("rings", m.rings);
    f("fasteners", m.fasteners, lobe::bounds::count);
    f("torqued", m.torqued);
    f("step_deg", m.step_deg, lobe::bounds::step_deg);
    f("presses", m.presses, lobe::bounds::few);
    f("tolerance_mm", m.tolerance_mm, lobe::bounds::part_mm);
    f("dial_turn_mm", m.dialTurn_mm, lobe::bounds::part_mm);
    f("backward", m.backward);
    f("edge_mm", m.edge_mm, lobe::bounds::part_mm);
    f("release", m.release);
    f("turns", m.turns, lobe::bounds::count);
    f("setting", m.afterMove, lobe::bounds::count);
    f("gasket_then_mm", m.gasketThen_mm, lobe::bounds::part_mm);
    f("deck_then_mm", m.deckThen_mm, lobe::bounds::part_mm);
    f("foretold_mm", m.foretold_mm, lobe::bounds::part_mm);
    f("void", m.isVoid);
    f("notch_cut_mm", m.notchCut_mm, lobe::bounds::part_mm);
    f("off", m.off);
}

void fields(auto& f, Of<lobe::SpeedWeight> auto& s) {
    f("rpm", s.rpm, lobe::bounds::rpm);
    f("weight", s.weight, lobe::bounds::weight);
}

void fields(auto& f, Of<lobe::Purpose> auto& p) {
    f("text", p.text);
    f("from_rpm", p.from_rpm);
    f("to_rpm", p.to_rpm);
    f.objects("speeds", p.speeds);
    f("weight_kg", p.weight_kg);
    f("gearing", p.gearing);
    f("fuel", p.fuel);
}

void fields(auto& f, Of<lobe::Wish> auto& w) {
    f("kind", w.kind, kWish);
    f("least", w.least);
    f("most", w.most);
}

void fields(auto& f, Of<lobe::KeptLobe> auto& l) {
    f("deg", l.deg, lobe::bounds::reading_deg);
    f("mm", l.mm, lobe::bounds::lift_mm);
    f("at", l.at, kPlace);
    f("ratio", l.ratio, lobe::bounds::ratio);
    f("lash_mm", l.lash_mm, lobe::bounds::part_mm);
}

void fields(auto& f, Of<lobe::Candidate> auto& c) {
    f("name", c.name);
    f("from", c.from, kCamFrom);
    f("cam", c.cam);
    f("intake_advance_deg", c.advance_deg.intake, lobe::bounds::cycle_deg);
    f("exhaust_advance_deg", c.advance_deg.exhaust, lobe::bounds::cycle_deg);
    f("intake_ratio", c.ratio.intake, lobe::bounds::ratio);
    f("exhaust_ratio", c.ratio.exhaust, lobe::bounds::ratio);
    f("intake_lash_mm", c.lash_mm.intake);
    f("exhaust_lash_mm", c.lash_mm.exhaust);
    f("shorter_deg", c.shorter_deg, lobe::bounds::cycle_deg);
    f("seat_pressure_n", c.seatPressure_n);
    f.object("intake_lobe", c.lobe.intake);
    f.object("exhaust_lobe", c.lobe.exhaust);
    f("origin", c.origin);
}

void fields(auto& f, Of<lobe::Beaten> auto& b) {
    f("name", b.name);
    f("figures", b.figures);
}

void fields(auto& f, Of<lobe::Decision> auto& d) {
    f("time_ms", d.time_ms);
    f("chosen", d.chosen);
    f("figures", d.figures);
    f("reason", d.reason);
    f.objects("beaten", d.beaten);
}

void fields(auto& f, Of<lobe::Choosing> auto& c) {
    f.object("purpose", c.purpose);
    f.objects("wishes", c.wishes);
    f.objects("candidates", c.candidates);
    f("reference", c.reference);
    f.objects("decisions", c.decisions);
}

void fields(auto& f, Of<lobe::FuelLimit> auto& x) {
    f("name", x.name);
    f("dynamic", x.dynamic);
}

void fields(auto& f, Of<lobe::Stated> auto& s) {
    f.objects("heights", s.reckoning.heights);
    f("seat_mm", s.reckoning.seat_mm, lobe::bounds::height_mm);
    f("drop_mm", s.reckoning.drop_mm, lobe::bounds::height_mm);
    f("school", s.reckoning.school, kSchool);
    f("wheel", s.fitted.scale, kScale);
    f("tape_mm", s.fitted.tape_mm, lobe::bounds::tape_mm);
    f("tdc_tolerance_deg", s.reckoning.tdcTolerance_deg, lobe::bounds::cycle_deg);
    f("resolution_mm", s.fitted.resolution_mm, lobe::bounds::part_mm);
    f("top", s.fitted.top, kTop);
    f("deck_mm", s.fitted.deck_mm, lobe::bounds::part_mm);
    f("factory_mark_deg", s.fitted.factoryMark_deg, lobe::bounds::cycle_deg);
    f("damper_mm", s.fitted.damper_mm, lobe::bounds::dimension_mm);
    f("spark_deg", s.fitted.spark_deg, lobe::bounds::cycle_deg);
    f("dial_turn_mm", s.fitted.dialTurn_mm, lobe::bounds::part_mm);
    f("zero_return_mm", s.reckoning.zeroReturn_mm, lobe::bounds::part_mm);
    f("closing", s.reckoning.closing, kClosing);
    f("closing_height_mm", s.reckoning.closingHeight_mm, lobe::bounds::height_mm);
    f("altitude_m", s.reckoning.altitude_m, lobe::bounds::altitude_m);
    f("exponent", s.reckoning.exponent, lobe::bounds::compression);
    f("wanted_dynamic", s.trial.wantedDynamic, lobe::bounds::compression);
    f.objects("fuels", s.reckoning.fuels);
    f.object("kept", s.trial.kept);
    f.object("target", s.trial.target);
    f("skim_mm", s.trial.skim_mm, lobe::bounds::part_mm);
    f("smoothing", s.reckoning.smoothing);
    f("average_passes", s.reckoning.averagePasses);
    f.object("clearance", s.reckoning.clearance);
    f.object("choosing", s.choosing);
    f.object("springs", s.springs);
    f.object("lash", s.lash);
    f.object("ports", s.ports);
    f.object("flywheel", s.flywheel);
    f("pinned", s.pinned);
    f("by", s.by);
}

void fields(auto& f, Of<lobe::RunConditions> auto& t) {
    f("taken", t.taken, kPlace);
    f("follower", t.follower, kFollower);
    f("ratio", t.ratio, lobe::bounds::ratio);
    f("lash_mm", t.lash_mm, lobe::bounds::part_mm);
    f("step_deg", t.step_deg, lobe::bounds::step_deg);
    f("from_deg", t.from.deg, lobe::bounds::reading_deg);
    f("to_deg", t.to.deg, lobe::bounds::reading_deg);
    f("source", t.source);
    f("shift_deg", t.shift_deg, lobe::bounds::cycle_deg);
    f("tdc_answered", t.tdcAnswered);
    f("events_only", t.eventsOnly);
    f("one_turn", t.oneTurn);
    f("both_valves", t.bothValves);
    f("from_nose", t.fromNose);
    f("no_nose", t.noNose);
    f("right_deg", t.right_deg, lobe::bounds::reading_deg);
    f("wheel_of_first", t.wheelOfFirst);
    f("repeats", t.repeats, lobe::bounds::few);
    f("repeat_tolerance_deg", t.repeatTolerance_deg, lobe::bounds::cycle_deg);
    f("dial_turn_mm", t.dialTurn_mm, lobe::bounds::part_mm);
    f("spring", t.spring, kSpring);
    f("resolution_mm", t.resolution_mm, lobe::bounds::part_mm);
    f("travel_mm", t.travel_mm, lobe::bounds::dimension_mm);
    f("off_axis_deg", t.offAxis_deg, lobe::bounds::cycle_deg);
    f("off_axis", t.offAxis, kOffAxis);
    f("valve_lift_mm", t.valveLift_mm, lobe::bounds::part_mm);
    f("tappet_lift_mm", t.tappetLift_mm, lobe::bounds::part_mm);
    f("measured_ratio", t.measuredRatio);
    f("counts_down", t.countsDown);
    f("nose_lift_mm", t.noseLift_mm, lobe::bounds::part_mm);
    f("zeros_mm", t.zeros, lobe::bounds::part_mm);
    f.objects("event_heights", t.eventHeights);
    f("setting", t.afterMove, lobe::bounds::count);
}

void fields(auto& f, Of<lobe::Detail> auto& d) {
    f("key", d.key);
    f("value", d.value);
}

void fields(auto& f, Of<lobe::LogEntry> auto& e) {
    f("number", e.number, lobe::bounds::number);
    f("kind", e.kind, kEntry);
    f("time_ms", e.time_ms);
    f("station", e.station);
    f("cylinder", e.cylinder, lobe::bounds::count);
    f("setting", e.setting, lobe::bounds::count);
    f("text", e.text);
    f("picture", e.picture);
    f.objects("details", e.details);
    f("done", e.done);
    f("replaced", e.replaced);
    f("replaced_ms", e.replaced_ms);
}

void fields(auto& f, Of<lobe::Struck> auto& s) {
    f("reason", s.reason);
}

void fields(auto& f, Of<lobe::Heard> auto& h) {
    f("raw", h.raw);
    f("instrument", h.instrument);
    f("moving", h.moving);
}

void fields(auto& f, Of<lobe::Reading> auto& r) {
    f("crank_deg", r.at.deg, lobe::bounds::reading_deg);
    f("lift_mm", r.value_mm, lobe::bounds::lift_mm);
    f("typed", r.typed);
    f("time_ms", r.time_ms);
    f("approach", r.approach, kApproach);
    f("of", r.of, kReadingOf);
    f("zero", r.zero, lobe::bounds::few);
    f("scale", r.scale, kScale);
    f.object("heard", r.heard);
    f.object("struck", r.struck);
}
/// Of a reading in a map: it is read.
void pressFields(auto& f, Of<lobe::Reading> auto& p) {
    f("crank_deg", p.at.deg, lobe::bounds::reading_deg);
    f("clearance_mm", p.value_mm, lobe::bounds::lift_mm);
    f("typed", p.typed);
    f("time_ms", p.time_ms);
    f.object("heard", p.heard);
    f.object("struck", p.struck);
    if constexpr (!std::is_const_v<std::remove_reference_t<decltype(p)>>)
        p.of = lobe::ReadingOf::Press;
}

void fields(auto& f, Of<lobe::Contact> auto& c) {
    f("pass", c.pass, lobe::bounds::few);
    f("method", c.method, kMethod);
    f("after_top", c.afterTop);
    f("wheel", c.scale, kScale);
    f("drop_mm", c.drop_mm, lobe::bounds::dimension_mm);
    f("typed", c.typed);
    f("wheel_deg", c.at.deg, lobe::bounds::cycle_deg);
    f("time_ms", c.time_ms);
    f.object("heard", c.heard);
    f.object("struck", c.struck);
}

void fields(auto& f, Of<lobe::LiftRun> auto& r) {
    f("cylinder", r.cylinder, lobe::bounds::cylinders);
    f("side", r.side, kSide);
    f.object("terms", r.terms);
    f.objects("readings", r.readings);
}

void fields(auto& f, Of<lobe::ClearanceMap> auto& m) {
    f("cylinder", m.cylinder, lobe::bounds::cylinders);
    f("side", m.side, kSide);
    f.object("mock_up", m.terms);
    f.objects("presses", m.readings, [](auto& inner, auto& press) { pressFields(inner, press); });
}

template <class T> void Writer::object(const char* key, const T& v) {
    Json json = Json::object();
    Writer inner(json);
    fields(inner, v);
    json_[key] = std::move(json);
}

void Fields::operator()(auto& f, auto& each) const {
    fields(f, each);
}

template <class T, class How>
void Writer::objects(const char* key, const std::vector<T>& v, How how) {
    Json all = Json::array();
    for (const T& each : v) {
        Json json = Json::object();
        Writer inner(json);
        how(inner, each);
        all.push_back(std::move(json));
    }
    json_[key] = std::move(all);
}

template <class T> void Reader::object(const char* key, T& v) {
    const Json* j = find(key);
    if (!j) return;
    Reader inner(*j, where_ + "." + key, out_);
    fields(inner, v);
}

/// How many of a kind are read: what is measured or written down may be a lifetime's, what is
/// looked at together only so many as a slate can show.
template <class T> constexpr std::size_t mostOf() {
    const bool rows = std::is_same_v<T, lobe::Reading> || std::is_same_v<T, lobe::LiftRun> ||
                      std::is_same_v<T, lobe::ClearanceMap> || std::is_same_v<T, lobe::Contact> ||
                      std::is_same_v<T, lobe::LogEntry>;
    return rows ? kMostRows : std::is_same_v<T, lobe::Height> ? 100 : kMostStated;
}

template <class T, class How> void Reader::objects(const char* key, std::vector<T>& v, How how) {
    const auto read = [&](const Json& j, T& one) {
        Reader inner(j, where_ + "." + key, out_);
        how(inner, one);
        return true;
    };
    each(key, v, read, mostOf<T>());
}

} // namespace book
