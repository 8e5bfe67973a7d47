#include "cli/json.h"

#include "core/flywheel/tape.h"
#include "core/job/job.h"
#include "core/ports/ports.h"
#include "stations/list.h"
#include "words/explanation.h"
#include "words/sentences.h"
#include "words/setting.h"
#include "words/springs.h"

namespace cli {

using namespace lobe;

Json orNull(const std::optional<double>& number) {
    return number ? Json(*number) : Json();
}
Json orNull(const std::optional<CrankDeg>& at) {
    return at ? Json(at->deg) : Json();
}

namespace {

QString reference(const Height& h) {
    return words::placeName(h.at);
}

} // namespace

Json findingsJson(const std::vector<Finding>& findings, const words::Style& style) {
    Json out = Json::array();
    for (const Finding& f : findings)
        out.push_back(Json{{"code", codeName(f)},
                           {"severity", severityName(f.severity)},
                           {"message", words::sentence(f, style)}});
    return out;
}

Json lobeJson(const LobeFigures& f, const std::vector<Height>& heights, const words::Style& style) {
    Json events = Json::array();
    for (const Height& h : heights) {
        const HeightEvents* e = f.events(h);
        if (!e) continue;
        events.push_back(
            Json{{"height", h.mm},
                 {"reference", reference(h)},
                 {"opens", orNull(e->opens)},
                 {"closes", orNull(e->closes)},
                 {"duration", orNull(e->duration_deg())},
                 {"midpoint", orNull(e->midpoint())},
                 {"uncertainty", Json{{"opens", orNull(halfWidthOf(e->opens))},
                                      {"closes", orNull(halfWidthOf(e->closes))},
                                      {"duration", orNull(halfWidthOf(e->duration_deg()))},
                                      {"midpoint", orNull(halfWidthOf(e->midpoint()))}}}});
    }
    const Centres& c = f.centres;
    return {{"side", words::sideName(f.side)},
            {"taken", words::placeName(f.taken.at)},
            {"max_lift", orNull(f.maxLift_mm)},
            {"max_lift_at", orNull(f.maxLiftAt)},
            {"centres", Json{{"equal_drop", orNull(c.equalDrop)},
                             {"events", orNull(c.events)},
                             {"peak", orNull(c.peak)},
                             {"centroid", orNull(c.centroid)}}},
            {"heights", events},
            {"area", orNull(f.area_mm_deg)},
            {"lift_at_tdc", orNull(f.liftAtTdc_mm)},
            {"half_opening", orNull(f.halfOpening_deg)},
            {"half_closing", orNull(f.halfClosing_deg)},
            {"ramp_spread", orNull(f.rampSpread_deg)},
            {"base_run_out", orNull(f.baseRunOut_mm)},
            {"flat_tappet_diameter", f.motion ? Json(f.motion->flatTappet_mm) : Json()},
            {"greatest_velocity", f.motion ? Json(f.motion->fastest) : Json()},
            {"smoothed", f.smoothed},
            {"scatter", f.scatter_mm},
            {"coverage", kCoverage},
            {"uncertainty", Json{{"max_lift", orNull(halfWidthOf(f.maxLift_mm))},
                                 {"max_lift_at", orNull(halfWidthOf(c.peak))},
                                 {"area", orNull(halfWidthOf(f.area_mm_deg))},
                                 {"centres", Json{{"equal_drop", orNull(halfWidthOf(c.equalDrop))},
                                                  {"events", orNull(halfWidthOf(c.events))},
                                                  {"peak", orNull(halfWidthOf(c.peak))},
                                                  {"centroid", orNull(halfWidthOf(c.centroid))}}}}},
            {"findings", findingsJson(f.findings, style)}};
}

Json pairJson(const LobeFigures& intake, const LobeFigures& exhaust, const PairFigures& pair,
              const std::vector<Height>& heights, const words::Style& style) {
    Json overlap = Json::array();
    for (const Overlap& o : pair.overlap)
        overlap.push_back(Json{{"height", o.height.mm},
                               {"reference", reference(o.height)},
                               {"degrees", orNull(o.degrees)},
                               {"uncertainty", orNull(halfWidthOf(o.degrees))}});
    const auto separation = pair.separation ? Json(pair.separation->deg) : Json();
    return {{"intake", lobeJson(intake, heights, style)},
            {"exhaust", lobeJson(exhaust, heights, style)},
            {"separation", separation},
            {"advance", orNull(pair.advance_deg)},
            {"split_point", orNull(pair.splitPoint)},
            {"overlap", overlap},
            {"overlap_area", orNull(pair.overlapArea_mm_deg)},
            {"coverage", kCoverage},
            {"uncertainty", Json{{"separation", orNull(halfWidthOf(pair.separation))},
                                 {"advance", orNull(halfWidthOf(pair.advance_deg))},
                                 {"split_point", orNull(halfWidthOf(pair.splitPoint))}}},
            {"findings", findingsJson(pair.findings, style)}};
}

static QString schoolKey(CentreSchool school) {
    static constexpr const char* kKeys[] = {"equal_drop", "events", "peak", "centroid"};
    return QLatin1String(kKeys[static_cast<std::size_t>(school)]);
}

Json explanationJson(const Explanation& x, bool tdcProved, const words::Style& style) {
    Json events = Json::array(), causes = Json::array(), contradictions = Json::array();
    for (const EventAgainstCard& e : x.events)
        events.push_back(Json{{"event", words::eventCode(e.event)},
                              {"measured", toCard(e.event, {e.measured_deg}).deg},
                              {"card", toCard(e.event, {e.card_deg}).deg},
                              {"late", e.difference_deg()},
                              {"derived", e.derived},
                              {"uncertainty", e.uncertainty_deg}});
    for (const Cause& c : x.causes) {
        Json json{{"cause", words::causeCode(c.kind)},
                  {"degrees", orNull(c.deg)},
                  {"other_degrees", orNull(c.other_deg)},
                  {"mm", orNull(c.mm)},
                  {"factor", orNull(c.factor)},
                  {"shift", orNull(c.shift_deg)},
                  {"misfit", c.misfit},
                  {"message", words::causeSentence(c, style)},
                  {"evidence", words::causeEvidence(c, x, style)},
                  {"next", words::causeNext(c, tdcProved, style)}};
        if (c.side) json["side"] = words::sideName(*c.side);
        if (c.event) json["event"] = words::eventCode(*c.event);
        if (c.substitution != Substitution::None)
            json["substitution"] = words::substitutionCode(c.substitution);
        if (c.cylinder > 0) json["cylinder"] = c.cylinder;
        causes.push_back(json);
    }
    for (const CardContradiction& c : x.contradictions)
        contradictions.push_back(words::contradiction(c, style));
    Json lifts = Json::array();
    for (const LiftAgainstCard& l : x.lifts)
        lifts.push_back(Json{{"side", words::sideName(l.side)},
                             {"measured", l.measured_mm},
                             {"card", l.card_mm},
                             {"card_gross", l.gross_mm},
                             {"difference", l.difference_mm()},
                             {"uncertainty", l.uncertainty_mm}});
    return {{"summary", words::paragraph(x, tdcProved, style)},
            {"lifts", lifts},
            {"base_true", x.baseTrue},
            {"school", x.school ? Json(schoolKey(*x.school)) : Json()},
            {"measurable", x.measurable_deg},
            {"events", events},
            {"causes", causes},
            {"contradictions", contradictions}};
}

namespace {

Json needJson(const Job& job, const Need& need, const words::Style& style) {
    return {{"intake", orNull(need.move_deg.intake)},
            {"exhaust", orNull(need.move_deg.exhaust)},
            {"uncertainty", need.uncertainty_deg},
            {"sentence", words::needSentence(job, need, style)}};
}

Json changeJson(const MoveCheck& c, const words::Style& style) {
    return {{"number", c.number},
            {"side", words::sideName(c.side)},
            {"cylinder", c.cylinder},
            {"meant", c.meant_deg},
            {"moved", orNull(c.moved_deg)},
            {"uncertainty", c.uncertainty_deg},
            {"alike", c.alike},
            {"sentence", words::sentence(c, style)}};
}

/// Null without volumes, or where they cannot be; the dynamic ratio by every closing that is known.
Json compressionJson(const Job& job, const Findings& findings) {
    const auto* c =
        findings.compression ? std::get_if<Compression>(&*findings.compression) : nullptr;
    if (!c) return {};
    static constexpr const char* kKeys[] = {"seat_measured", "seat_maker", "plus_15", "own_height"};
    Json dynamic = Json::object();
    for (const DynamicBy& by :
         dynamicByClosing(job, findings.closings, findings.compressionCylinder, 0.0))
        dynamic[kKeys[static_cast<int>(by.closing.school)]] =
            Json{{"ivc", orNull(by.closing.deg)},
                 {"dynamic", orNull(by.ratio)},
                 {"uncertainty", orNull(halfWidthOf(by.ratio))}};
    Json without = Json::array();
    if (findings.squeeze && findings.squeeze->withoutGasket) without.push_back("gasket");
    if (findings.squeeze && findings.squeeze->withoutDeck) without.push_back("deck");
    return Json{{"static", c->staticRatio},
                {"cylinder", findings.compressionCylinder},
                {"without", without},
                {"swept_cc", c->swept_cc},
                {"clearance_cc", c->clearance.total()},
                {"chosen", orNull(findings.squeeze ? findings.squeeze->dynamicRatio
                                                   : std::optional<Measured<double>>())},
                {"dynamic", dynamic}};
}

/// What is claimed of each valve and the piston.
Json clearanceJson(const Findings& findings) {
    static constexpr const char* kVerdicts[] = {"keeps", "under", "touches", "not known"};
    Json all = Json::array();
    for (const ClearanceClaim& c : findings.clearance) {
        const auto moved = [](const std::optional<ClearanceClaim::OverTravel>& o) {
            return o ? Json{{"least", o->least_mm.value},
                            {"at", o->at_deg},
                            {"move", o->move_deg},
                            {"uncertainty", orNull(o->least_mm.plusMinus)}}
                     : Json();
        };
        all.push_back(Json{{"cylinder", c.cylinder},
                           {"side", c.side == Side::Intake ? "intake" : "exhaust"},
                           {"least", orNull(c.least_mm)},
                           {"at", orNull(c.at_deg)},
                           {"uncertainty", orNull(halfWidthOf(c.least_mm))},
                           {"at_most", c.atMost},
                           {"limit", c.limit_mm},
                           {"verdict", kVerdicts[static_cast<int>(c.verdict)]},
                           {"over_travel", moved(c.overTravel)},
                           {"tooth_out", moved(c.toothOut)}});
    }
    return all;
}

/// Springs valve by valve, what is left of room, and what cannot be.
Json springsJson(const Job& job, const SpringClaim& c, const words::Style& style) {
    static constexpr const char* kRooms[] = {"coil_bind",       "seal",        "guide",
                                             "rocker_retainer", "rocker_stud", "follower_travel",
                                             "follower_face",   "locator",     "pocket"};
    if (!c.begun) return {};
    const auto sideWord = [](Side side) { return side == Side::Intake ? "intake" : "exhaust"; };
    Json valves = Json::array(), margins = Json::array(), faults = Json::array(),
         order = Json::array(), set = Json::array(), control = Json::array();
    for (const SpringValve& v : c.valves)
        valves.push_back(Json{{"cylinder", v.valve.cylinder},
                              {"side", sideWord(v.valve.side)},
                              {"valve", v.valve.valve},
                              {"measured", orNull(v.measured_mm)},
                              {"height", orNull(v.height_mm)},
                              {"shims", v.stack ? Json(v.stack->pieces_mm) : Json()},
                              {"error", v.stack ? Json(v.stack->error_mm) : Json()},
                              {"reached", v.reached},
                              {"spring", v.spring > 0 ? Json(v.spring) : Json()},
                              {"seat_n", orNull(v.seat_n)},
                              {"open_n", orNull(v.open_n)},
                              {"lift", orNull(v.lift_mm)},
                              {"coil_bind", orNull(v.bindLeft_mm)}});
    for (const SpringMargin& m : c.margins)
        margins.push_back(Json{{"room", kRooms[static_cast<int>(m.room)]},
                               {"side", sideWord(m.valve.side)},
                               {"left", m.left_mm},
                               {"limit", m.limit_mm},
                               {"keeps", m.keeps()}});
    for (const SpringFaultAt& f : c.faults)
        faults.push_back(words::sentence(f, job, style));
    for (const ShimSize& s : c.order)
        order.push_back(Json{{"size", s.size_mm}, {"count", s.count}});
    for (const SpringOfSet& s : c.set)
        set.push_back(
            Json{{"spring", s.spring}, {"load_n", s.load_n}, {"off", s.off}, {"odd", s.odd}});
    for (const ControlClaim& x : c.control)
        control.push_back(Json{{"side", sideWord(x.side)},
                               {"opening_rpm", x.opening ? Json(x.opening->rpm) : Json()},
                               {"closing_rpm", x.closing ? Json(x.closing->rpm) : Json()},
                               {"estimate", true}});
    return Json{{"valves", valves},
                {"margins", margins},
                {"cannot_be", faults},
                {"order", order},
                {"set", set},
                {"spread_numbered_n", orNull(c.spreadNumbered_n)},
                {"spread_matched_n", orNull(c.spreadMatched_n)},
                {"control", control}};
}

/// Where each lobe that was measured stands against its card, or what it would need.
Json lobesJson(const Findings& findings) {
    static constexpr const char* kStandings[] = {"right", "off", "not known"};
    static constexpr const char* kNeeds[] = {"nothing", "lobe",  "other event",
                                             "card",    "again", "settle"};
    static constexpr const char* kSchools[] = {"equal_drop", "events", "peak", "centroid"};
    Json all = Json::array();
    for (const LobeClaim& c : findings.lobes)
        all.push_back(Json{{"cylinder", c.cylinder},
                           {"side", c.side == Side::Intake ? "intake" : "exhaust"},
                           {"centre", orNull(c.centre_deg)},
                           {"uncertainty", orNull(halfWidthOf(c.centre_deg))},
                           {"school", kSchools[static_cast<int>(c.school)]},
                           {"late", orNull(c.late_deg)},
                           {"late_uncertainty", orNull(halfWidthOf(c.late_deg))},
                           {"compared_by", kSchools[static_cast<int>(c.comparedBy)]},
                           {"standing", kStandings[static_cast<int>(c.standing)]},
                           {"needs", kNeeds[static_cast<int>(c.needs)]},
                           {"tdc_proved", c.tdcProved},
                           {"runs", c.runs}});
    return all;
}

/// Null for an engine that has none.
Json portsJson(const Job& job) {
    const Engine& e = job.engine;
    const auto path = PistonPath::of(e.stroke_mm, e.rod_mm, e.pinOffset_mm);
    if (e.kind != EngineKind::TwoStroke || !path) return {};
    Json out = Json::object();
    for (const auto& [name, key] : {std::pair{PortName::Exhaust, "exhaust"},
                                    {PortName::Transfer, "transfer"},
                                    {PortName::Intake, "intake"}}) {
        const auto f = portFigures(job.ports, name, {*path, e.bore_mm});
        if (!f) continue;
        out[key] = Json{{"opens", f->opens_deg.value},
                        {"duration", f->duration_deg.value},
                        {"uncertainty", orNull(f->duration_deg.plusMinus)},
                        {"edge_mm", f->closes_deg ? Json() : Json(f->edge_mm.value)},
                        {"wheel_off", orNull(f->wheelOff_deg)}};
        if (f->closes_deg) out[key]["closes"] = *f->closes_deg;
    }
    return out;
}

Json flywheelJson(const Job& job) {
    if (job.engine.kind != EngineKind::SlowFlywheel) return {};
    const TapeFigures f = tapeFigures(job.flywheel);
    static constexpr const char* kVerdicts[] = {nullptr, "below", "within", "above"};
    const char* verdict = kVerdicts[static_cast<int>(f.verdict)];
    return Json{{"degrees", f.degrees ? Json(f.degrees->value) : Json()},
                {"uncertainty", orNull(halfWidthOf(f.degrees))},
                {"verdict", verdict ? Json(verdict) : Json()},
                {"sure", f.sure}};
}

} // namespace

Json jobJson(const Job& job, const Findings& findings, const words::Style& style) {
    Json route = Json::array(), figures = Json::array();
    for (const stations::Station* s : stations::of(job))
        route.push_back(Json{{"station", s->name()},
                             {"progress", words::progressName(s->progress(job, findings))},
                             {"finding", s->line(job, findings, style)}});
    for (const Figure& f : findings.figures())
        figures.push_back(Json{{"key", QString::fromStdString(f.key())},
                               {"name", words::figureName(f)},
                               {"basis", words::figureBasis(f, style)},
                               {"value", orNull(words::figureRead(f))},
                               {"uncertainty", orNull(halfWidthOf(f.value))},
                               {"card_difference", orNull(f.cardDifference)}});
    Json explanations = Json::array();
    for (const CylinderFindings& c : findings.cylinders)
        if (c.explanation && !c.explanation->causes.empty()) {
            Json json =
                explanationJson(*c.explanation, findings.tdc.state == TdcState::Proved, style);
            json["cylinder"] = c.cylinder;
            explanations.push_back(json);
        }
    Json changes = Json::array();
    for (const MoveCheck& c : findings.changes)
        changes.push_back(changeJson(c, style));
    return {{"job", QString::fromStdString(job.name)},
            {"set", needJson(job, findings.need, style)},
            {"changes", changes},
            {"compression", compressionJson(job, findings)},
            {"clearance", clearanceJson(findings)},
            {"springs", springsJson(job, findings.springs, style)},
            {"ports", portsJson(job)},
            {"flywheel", flywheelJson(job)},
            {"lobes", lobesJson(findings)},
            {"stations", route},
            {"figures", figures},
            {"explanations", explanations},
            {"findings", findingsJson(findings.all, style)}};
}

} // namespace cli
