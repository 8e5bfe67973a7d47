// The fields of springs and rocker gear, as those in fields.h. Lengths in mm, loads in N, masses in
// g. Private to the book.
#pragma once

#include "book/names.h"

namespace book {

void fields(auto& f, Of<lobe::ValveId> auto& v) {
    f("cylinder", v.cylinder, lobe::bounds::cylinders);
    f("side", v.side, kSide);
    f("valve", v.valve, lobe::bounds::few);
}

void fields(auto& f, Of<lobe::LoadPoint> auto& p) {
    f("height_mm", p.height_mm, lobe::bounds::dimension_mm);
    f("load_n", p.load_n, lobe::bounds::load_n);
}

void fields(auto& f, Of<lobe::SpringSpec> auto& s) {
    f("rate_n_mm", s.rate_n_mm, lobe::bounds::rate_n_mm);
    f.object("first", s.first);
    f.object("second", s.second);
    f("bind_mm", s.bind_mm, lobe::bounds::dimension_mm);
    f("coils", s.coils, lobe::bounds::count);
    f("inside_mm", s.inside_mm, lobe::bounds::dimension_mm);
    f("outside_mm", s.outside_mm, lobe::bounds::dimension_mm);
}

void fields(auto& f, Of<lobe::HeightTaken> auto& h) {
    f.object("valve", h.valve);
    f("height_mm", h.height_mm, lobe::bounds::dimension_mm);
    f("typed", h.typed);
    f("time_ms", h.time_ms);
    f("replaced", h.replaced);
}

void fields(auto& f, Of<lobe::LoadTaken> auto& t) {
    f("spring", t.spring, lobe::bounds::few);
    f("height", t.height, lobe::bounds::count);
    f("load_n", t.load_n, lobe::bounds::load_n);
    f("typed", t.typed);
    f("time_ms", t.time_ms);
    f("replaced", t.replaced);
}

void fields(auto& f, Of<lobe::ShimSize> auto& s) {
    f("size_mm", s.size_mm, lobe::bounds::part_mm);
    f("count", s.count, lobe::bounds::count);
}

void fields(auto& f, Of<lobe::PushRodTrial> auto& t) {
    f("side", t.side, kSide);
    f("length_mm", t.length_mm, lobe::bounds::dimension_mm);
    f("middle_mm", t.middle_mm, lobe::bounds::part_mm);
    f("wide_mm", t.wide_mm, lobe::bounds::part_mm);
    f("cap_mm", t.cap_mm, lobe::bounds::part_mm);
    f("stand_mm", t.stand_mm, lobe::bounds::part_mm);
    f("typed", t.typed);
    f("time_ms", t.time_ms);
    f("replaced", t.replaced);
}

void fields(auto& f, Of<lobe::PushRods> auto& p) {
    f("school", p.school, kPushRodSchool);
    f.objects("trials", p.trials);
    f("shortest_mm", p.shortest_mm, lobe::bounds::dimension_mm);
    f("pitch_mm", p.pitch_mm, lobe::bounds::part_mm);
    f("preload_mm", p.preload_mm, lobe::bounds::part_mm);
    f("preload_in", p.preloadIn);
    f("stem_mm", p.stem_mm, lobe::bounds::dimension_mm);
    f("arm_mm", p.arm_mm, lobe::bounds::dimension_mm);
    f("intake_nose_above_mm", p.noseAbove_mm.intake, lobe::bounds::part_mm);
    f("exhaust_nose_above_mm", p.noseAbove_mm.exhaust, lobe::bounds::part_mm);
}

void fields(auto& f, Of<lobe::SpringLimits> auto& l) {
    f("school", l.school, kBindSchool);
    f("bind_mm", l.bind_mm, lobe::bounds::part_mm);
    f("seal_mm", l.seal_mm, lobe::bounds::part_mm);
    f("rocker_mm", l.rocker_mm, lobe::bounds::part_mm);
    f("travel_mm", l.travel_mm, lobe::bounds::part_mm);
    f("edge_mm", l.edge_mm, lobe::bounds::part_mm);
    f("odd_load", l.oddLoad, lobe::bounds::share);
}

void fields(auto& f, Of<lobe::Springs> auto& s) {
    f("intake_wanted_mm", s.wantedHeight_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_wanted_mm", s.wantedHeight_mm.exhaust, lobe::bounds::dimension_mm);
    f("intake_wanted_n", s.wantedSeat_n.intake, lobe::bounds::load_n);
    f("exhaust_wanted_n", s.wantedSeat_n.exhaust, lobe::bounds::load_n);
    f("under_mm", s.under_mm, lobe::bounds::part_mm);
    f.objects("stock", s.stock);
    f("within_mm", s.within_mm, lobe::bounds::part_mm);
    f.objects("heights", s.heights);
    f.object("intake_spring", s.spec.intake);
    f.object("exhaust_spring", s.spec.exhaust);
    f("test_heights_mm", s.testHeights_mm, lobe::bounds::dimension_mm);
    f.objects("tests", s.tests);
    f("tested_by", s.testedBy);
    f("unit", s.unit, kForceUnit);
    f("intake_seal_mm", s.seal_mm.intake, lobe::bounds::part_mm);
    f("exhaust_seal_mm", s.seal_mm.exhaust, lobe::bounds::part_mm);
    f("intake_guide_mm", s.guide_mm.intake, lobe::bounds::part_mm);
    f("exhaust_guide_mm", s.guide_mm.exhaust, lobe::bounds::part_mm);
    f("intake_rocker_mm", s.rocker_mm.intake, lobe::bounds::part_mm);
    f("exhaust_rocker_mm", s.rocker_mm.exhaust, lobe::bounds::part_mm);
    f("intake_stud_mm", s.stud_mm.intake, lobe::bounds::part_mm);
    f("exhaust_stud_mm", s.stud_mm.exhaust, lobe::bounds::part_mm);
    f("intake_found_at_mm", s.foundAt_mm.intake, lobe::bounds::part_mm);
    f("exhaust_found_at_mm", s.foundAt_mm.exhaust, lobe::bounds::part_mm);
    f("intake_travel_mm", s.travel_mm.intake, lobe::bounds::part_mm);
    f("exhaust_travel_mm", s.travel_mm.exhaust, lobe::bounds::part_mm);
    f("intake_locator_mm", s.locator_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_locator_mm", s.locator_mm.exhaust, lobe::bounds::dimension_mm);
    f("intake_pocket_mm", s.pocket_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_pocket_mm", s.pocket_mm.exhaust, lobe::bounds::dimension_mm);
    f.object("limits", s.limits);
    f("intake_base_mm", s.base_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_base_mm", s.base_mm.exhaust, lobe::bounds::dimension_mm);
    f("intake_face_mm", s.face_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_face_mm", s.face_mm.exhaust, lobe::bounds::dimension_mm);
    f("roller_mm", s.roller_mm, lobe::bounds::dimension_mm);
    f("intake_base_before_mm", s.baseBefore_mm.intake, lobe::bounds::dimension_mm);
    f("exhaust_base_before_mm", s.baseBefore_mm.exhaust, lobe::bounds::dimension_mm);
    f.objects("make_up", s.makeUp);
    f("intake_valve_side_g", s.valveSide_g.intake, lobe::bounds::mass_g);
    f("exhaust_valve_side_g", s.valveSide_g.exhaust, lobe::bounds::mass_g);
    f("intake_tappet_side_g", s.tappetSide_g.intake, lobe::bounds::mass_g);
    f("exhaust_tappet_side_g", s.tappetSide_g.exhaust, lobe::bounds::mass_g);
    f("wanted_rpm", s.wanted_rpm, lobe::bounds::rpm);
    f.object("push_rods", s.pushRods);
}

} // namespace book
