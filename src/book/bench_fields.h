// The fields of other work on the bench: lash, ports and flywheel, as those in fields.h. Private to
// the book.
#pragma once

#include "book/names.h"

namespace book {

void fields(auto& f, Of<lobe::LashTaken> auto& t) {
    f("cylinder", t.cylinder, lobe::bounds::cylinders);
    f("side", t.side, kSide);
    f("lash_mm", t.lash_mm, lobe::bounds::part_mm);
    f("hot", t.hot);
    f("left", t.left);
    f("typed", t.typed);
    f("time_ms", t.time_ms);
    f("replaced", t.replaced);
}

void fields(auto& f, Of<lobe::LashWork> auto& l) {
    f("school", l.school, kLashSchool);
    f("margin_deg", l.margin_deg, lobe::bounds::cycle_deg);
    f("hot", l.hot);
    f("gauge", l.gauge, kLashGauge);
    f("preload_turns", l.preload_turns, lobe::bounds::count);
    f("pitch_mm", l.pitch_mm, lobe::bounds::part_mm);
    f.objects("taken", l.taken);
    f("done", l.done);
}

void fields(auto& f, Of<lobe::Port> auto& p) {
    f("opens_deg", p.opens_deg, lobe::bounds::cycle_deg);
    f("closes_deg", p.closes_deg, lobe::bounds::cycle_deg);
    f("edge_mm", p.edge_mm, lobe::bounds::dimension_mm);
    f("width_mm", p.width_mm, lobe::bounds::dimension_mm);
    f("height_mm", p.height_mm, lobe::bounds::dimension_mm);
    f("corner_mm", p.corner_mm, lobe::bounds::dimension_mm);
    f("chamfer_mm", p.chamfer_mm, lobe::bounds::part_mm);
    f("count", p.count, lobe::bounds::few);
    f("wanted_deg", p.wanted_deg, lobe::bounds::cycle_deg);
}

void fields(auto& f, Of<lobe::PortWork> auto& p) {
    f.object("exhaust", p.exhaust);
    f.object("transfer", p.transfer);
    f.object("intake", p.intake);
    f("intake_by", p.intakeBy, kPortIntake);
    f("deck_mm", p.deck_mm, lobe::bounds::part_mm);
    f("dome_mm", p.dome_mm, lobe::bounds::part_mm);
    f("crankcase_cc", p.crankcase_cc, lobe::bounds::volume_cc);
    f("gauge", p.gauge, kPortGauge);
    f("bench_before_deg", p.benchBefore_deg, lobe::bounds::cycle_deg);
    f("bench_after_deg", p.benchAfter_deg, lobe::bounds::cycle_deg);
}

void fields(auto& f, Of<lobe::FlywheelWork> auto& w) {
    f("circumference_mm", w.circumference_mm, lobe::bounds::rim_mm);
    f("tape_mm", w.tape_mm, lobe::bounds::part_mm);
    f("opens_mm", w.opens_mm, lobe::bounds::rim_mm);
    f("closes_mm", w.closes_mm, lobe::bounds::rim_mm);
    f("tdc_mm", w.tdc_mm, lobe::bounds::rim_mm);
    f("trip_mm", w.trip_mm, lobe::bounds::rim_mm);
    f("latch_mm", w.latch_mm, lobe::bounds::rim_mm);
    f("least_deg", w.least_deg, lobe::bounds::cycle_deg);
    f("most_deg", w.most_deg, lobe::bounds::cycle_deg);
    f("cam_teeth", w.camTeeth, lobe::bounds::count);
    f("opens_slope_mm", w.opensSlope_mm, lobe::bounds::part_mm);
    f("closes_slope_mm", w.closesSlope_mm, lobe::bounds::part_mm);
    f("automatic_intake", w.automaticIntake);
}

} // namespace book
