// The route in words: the name, state and finding of every station.
#include "words/explanation.h"
#include "words/sentences.h"
#include "words/setting.h"

namespace words {

using namespace lobe;

QString stationName(Station station) {
    switch (station) {
    case Station::Engine:
        return QStringLiteral("Engine");
    case Station::Tdc:
        return QStringLiteral("TDC");
    case Station::Lobes:
        return QStringLiteral("Lobes");
    case Station::Timing:
        return QStringLiteral("Timing");
    case Station::Set:
        return QStringLiteral("Set");
    case Station::Compression:
        break;
    }
    return QStringLiteral("Compression");
}

QString stationKey(Station station) {
    return stationName(station).toLower();
}

std::optional<Station> stationOfKey(const QString& key) {
    for (Station s : kStations)
        if (stationKey(s) == key) return s;
    return std::nullopt;
}

QString progressName(Progress progress) {
    switch (progress) {
    case Progress::NotBegun:
        return QStringLiteral("not begun");
    case Progress::InHand:
        return QStringLiteral("in hand");
    case Progress::Done:
        return QStringLiteral("done");
    case Progress::LookAgain:
        break;
    }
    return QStringLiteral("look again");
}

static QString engineLine(const Engine& e, const Style& style) {
    if (e.bore_mm <= 0.0 && e.stroke_mm <= 0.0) return QStringLiteral("not described yet");
    const QString multiply = QStringLiteral(" %1 ").arg(QChar(0xD7));
    QString line = dimension(e.bore_mm, style) + multiply + dimension(e.stroke_mm, style);
    if (e.rod_mm > 0.0)
        line += QStringLiteral(", rod ") + dimension(e.rod_mm, style);
    else
        line += QStringLiteral(", rod not known");
    return line;
}

static QString tdcLine(const TdcFindings& tdc, const Style& style) {
    const TdcPass* pass = tdc.latest();
    if (!pass) {
        return tdc.state == TdcState::NotBegun ? QStringLiteral("not begun")
                                               : QStringLiteral("one contact taken");
    }
    const double off = std::abs(*pass->correction_deg);
    if (tdc.state == TdcState::Proved)
        return QStringLiteral("proved, within %1").arg(degrees(2.0 * off, style, 2));
    if (!pass->agrees) return QStringLiteral("pointer off by %1").arg(degrees(off, style, 2));
    return QStringLiteral("set, not proved");
}

static QString lobesLine(const Findings& f, const Style& style) {
    for (const RunFindings& r : f.runs)
        if (r.current)
            for (const Finding& finding : r.lobe.findings)
                if (finding.code == Code::Misfit)
                    return QStringLiteral("again: %1 %2")
                        .arg(sideName(r.side), abbreviated(*finding.at, style));
    for (const RunFindings& r : f.runs)
        if (r.current)
            for (const Finding& finding : r.lobe.findings)
                if (finding.severity >= Severity::LookAgain)
                    return QStringLiteral("look again: %1 %2")
                        .arg(sideName(r.side))
                        .arg(r.cylinder);
    const RunFindings* open = nullptr;
    int done = 0;
    for (const RunFindings& r : f.runs) {
        if (!r.current) continue;
        if (r.complete || r.lobe.noseReached) ++done;
        if (!r.complete) open = &r;
    }
    if (open && !open->lobe.noseReached)
        return QStringLiteral("%1 %2, %3 of %4")
            .arg(sideName(open->side))
            .arg(open->cylinder)
            .arg(open->live)
            .arg(open->planned);
    if (done == 0) return QStringLiteral("not begun");
    return done == 1 ? QStringLiteral("1 lobe recorded")
                     : QStringLiteral("%1 lobes recorded").arg(done);
}

static QString timingLine(const Findings& f, const Style& style) {
    for (const Finding& finding : f.all)
        if (finding.code == Code::MovedSince && finding.cylinder == f.cylinders.front().cylinder)
            return QStringLiteral("moved; measure again");
    for (const CylinderFindings& c : f.cylinders)
        if (c.explanation && !c.explanation->causes.empty())
            return causeInShort(*c.explanation, style);
    for (const Finding& finding : f.all)
        if (finding.code == Code::CardShift)
            return QStringLiteral("%1 %2").arg(sideName(*finding.side),
                                               earlyLate(*finding.deg, style));
    for (const CylinderFindings& c : f.cylinders)
        if (c.pair && c.pair->separation)
            return QStringLiteral("separation %1").arg(degrees(c.pair->separation->deg, style));
    return f.cylinders.empty() ? QStringLiteral("waiting for lobes")
                               : QStringLiteral("waiting for the other lobe");
}

static QString setLine(const Job& job, const Findings& f, const Style& style) {
    if (!job.changes.empty()) {
        const int last = job.changes.back().number;
        for (const ChangeCheck& c : f.changes) {
            if (c.number != last) continue;
            if (c.verdict == MoveVerdict::Waiting) return QStringLiteral("moved; measure again");
            if (c.verdict != MoveVerdict::AsMeant)
                return QStringLiteral("the move was not as meant");
            return QStringLiteral("moved %1").arg(moveBy(*c.moved_deg, style));
        }
    }
    const Need& n = f.need;
    if (!n.intake_deg && !n.exhaust_deg) return QStringLiteral("nothing to set yet");
    const double most =
        std::max(std::abs(n.intake_deg.value_or(0.0)), std::abs(n.exhaust_deg.value_or(0.0)));
    if (most <= n.uncertainty_deg) return QStringLiteral("stands as wanted");
    if (n.intake_deg && n.exhaust_deg)
        return QStringLiteral("in %1, ex %2 crank")
            .arg(signedFixed(*n.intake_deg, 1, style), signedFixed(*n.exhaust_deg, 1, style));
    QStringList said;
    for (const auto& [deg, name] :
         {std::pair(n.intake_deg, "intake "), {n.exhaust_deg, "exhaust "}})
        if (deg)
            said << (job.engine.layout == Layout::TwinOverheadCam ? QLatin1String(name)
                                                                  : QLatin1String()) +
                        moveBy(*deg, style);
    return said.join(QStringLiteral(", "));
}

static QString compressionLine(const Job& job, const Findings& f, const Style& style) {
    if (!f.compression) return QStringLiteral("no volumes yet");
    const auto* c = std::get_if<Compression>(&*f.compression);
    if (!c) return QStringLiteral("cannot be: look again");
    const QString fixedRatio = QStringLiteral("static ") + fixed(c->staticRatio, 1, style);
    if (!f.closings[static_cast<std::size_t>(job.settings.closing)].deg) return fixedRatio;
    return QStringLiteral("dynamic %1, %2").arg(fixed(c->dynamicRatio, 1, style), fixedRatio);
}

QString stationLine(Station station, const Job& job, const Findings& f, const Style& style) {
    switch (station) {
    case Station::Engine:
        return engineLine(job.engine, style);
    case Station::Tdc:
        return tdcLine(f.tdc, style);
    case Station::Lobes:
        return lobesLine(f, style);
    case Station::Timing:
        return timingLine(f, style);
    case Station::Set:
        return setLine(job, f, style);
    case Station::Compression:
        break;
    }
    return compressionLine(job, f, style);
}

} // namespace words
