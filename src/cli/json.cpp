#include "cli/json.h"

#include "words/sentences.h"

namespace cli {

using namespace lobe;

namespace {

QJsonValue value(const std::optional<double>& v) {
    return v ? QJsonValue(*v) : QJsonValue();
}
QJsonValue value(const std::optional<CrankDeg>& v) {
    return v ? QJsonValue(v->deg) : QJsonValue();
}

QString reference(const Height& h) {
    return words::placeName(h.at);
}

} // namespace

QJsonArray findingsJson(const std::vector<Finding>& findings, const words::Style& style) {
    QJsonArray out;
    for (const Finding& f : findings)
        out.append(QJsonObject{{"code", codeName(f.code)},
                               {"severity", severityName(f.severity)},
                               {"message", words::sentence(f, style)}});
    return out;
}

QJsonObject lobeJson(const LobeFigures& f, const std::vector<Height>& heights,
                     const words::Style& style) {
    QJsonArray events;
    for (const Height& h : heights) {
        const HeightEvents* e = f.events(h);
        if (!e) continue;
        events.append(QJsonObject{{"height", h.mm},
                                  {"reference", reference(h)},
                                  {"opens", value(e->opens)},
                                  {"closes", value(e->closes)},
                                  {"duration", value(e->duration_deg())},
                                  {"midpoint", value(e->midpoint())}});
    }
    const Centres& c = f.centres;
    return {{"side", words::sideName(f.side)},
            {"taken", words::placeName(f.taken.at)},
            {"max_lift", value(f.maxLift_mm)},
            {"max_lift_at", value(f.maxLiftAt)},
            {"centres", QJsonObject{{"equal_drop", value(c.equalDrop)},
                                    {"events", value(c.events)},
                                    {"peak", value(c.peak)},
                                    {"centroid", value(c.centroid)}}},
            {"heights", events},
            {"area", value(f.area_mm_deg)},
            {"findings", findingsJson(f.findings, style)}};
}

QJsonObject pairJson(const LobeFigures& intake, const LobeFigures& exhaust, const PairFigures& pair,
                     const std::vector<Height>& heights, const words::Style& style) {
    QJsonArray overlap;
    for (const Overlap& o : pair.overlap)
        overlap.append(QJsonObject{{"height", o.height.mm},
                                   {"reference", reference(o.height)},
                                   {"degrees", value(o.degrees)}});
    const auto separation = pair.separation ? QJsonValue(pair.separation->deg) : QJsonValue();
    return {{"intake", lobeJson(intake, heights, style)},
            {"exhaust", lobeJson(exhaust, heights, style)},
            {"separation", separation},
            {"advance", value(pair.advance_deg)},
            {"split_point", value(pair.splitPoint)},
            {"overlap", overlap},
            {"overlap_area", value(pair.overlapArea_mm_deg)},
            {"findings", findingsJson(pair.findings, style)}};
}

QJsonObject jobJson(const Job& job, const Findings& findings, const words::Style& style) {
    QJsonArray stations, figures;
    for (const StationFindings& s : findings.stations)
        stations.append(
            QJsonObject{{"station", words::stationName(s.station)},
                        {"progress", words::progressName(s.progress)},
                        {"finding", words::stationLine(s.station, job, findings, style)}});
    for (const Figure& f : findings.figures)
        figures.append(QJsonObject{{"key", QString::fromStdString(f.key)},
                                   {"name", words::figureName(f)},
                                   {"basis", words::figureBasis(f, style)},
                                   {"value", value(f.value)},
                                   {"card_difference", value(f.cardDifference)}});
    return {{"job", QString::fromStdString(job.name)},
            {"stations", stations},
            {"figures", figures},
            {"findings", findingsJson(findings.all, style)}};
}

} // namespace cli
