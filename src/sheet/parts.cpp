#include "sheet/parts.h"
#include "core/job/job.h"
#include "sheet/first_page.h"

#include "core/assess/clearances.h"
#include "core/route/logbook.h"
#include "desk/field.h"
#include "sheet/cams.h"
#include "sheet/plain_words.h"
#include "stations/asked.h"
#include "stations/list.h"
#include "words/bench.h"
#include "words/choosing.h"
#include "words/clearance.h"
#include "words/explanation.h"
#include "words/fuel.h"
#include "words/logbook.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"
#include "words/springs.h"

#include <algorithm>

namespace sheet {

using namespace lobe;

namespace {

QString safe(const QString& text) {
    return text.toHtmlEscaped();
}

class Grid {
public:
    void row(const QStringList& cells, bool head = false) {
        const QString tag = head ? QStringLiteral("th") : QStringLiteral("td");
        html_ += QStringLiteral("<tr>");
        for (int i = 0; i < cells.size(); ++i)
            html_ += QStringLiteral("<%1 align=\"%2\">%3</%1>")
                         .arg(tag, i == 0 ? QStringLiteral("left") : QStringLiteral("left"),
                              safe(cells[i]));
        html_ += QStringLiteral("</tr>");
        any_ = any_ || !head;
    }
    /// A fact that is known.
    void fact(const QString& name, const QString& value) {
        if (!value.isEmpty()) row({name, value});
    }
    QString html() const {
        return any_ ? QStringLiteral(
                          "<table width=\"100%\" cellspacing=\"0\" cellpadding=\"1\">%1</table>")
                          .arg(html_)
                    : QString();
    }

private:
    QString html_;
    bool any_ = false;
};

/// A run of events has no step, and its indicator stands at heights that were chosen.
QString howTaken(const LiftRun& run, const Job& job, const words::Style& style) {
    if (run.terms.eventsOnly)
        return Say::tr("at the %1, by events").arg(words::placeName(run.terms.taken));
    const double resolution_mm =
        run.terms.resolution_mm > 0.0 ? run.terms.resolution_mm : job.fitted.resolution_mm;
    return Say::tr("at the %1, every %2, indicator to %3")
        .arg(words::placeName(run.terms.taken), words::degrees(run.terms.step_deg, style, 2),
             words::liftWithUnit(resolution_mm, style));
}

QString measured(const Job& job, const Findings& f, const Options& o) {
    Grid t;
    t.fact(Say::tr("Measured by"), o.by);
    int live = 0, struck = 0;
    for (const RunFindings& run : f.runs) {
        live += run.live;
        struck += run.struck;
    }
    for (const Contact& c : job.contacts)
        struck += c.struck.has_value();
    // What was brought in from elsewhere has no time of its own.
    for (const LogLine& line : logbookOf(job))
        if (line.time_ms > 0 && (line.what == LogWhat::Readings || line.what == LogWhat::Contacts))
            t.fact(words::logDay(line.time_ms) + QLatin1Char(' ') + words::logTime(line.time_ms),
                   words::logLine(line, job, o.style));
    // Taken several times alike, it is said once.
    std::vector<std::pair<QString, QString>> taken;
    for (const LiftRun& run : job.runs) {
        if (run.readings.empty()) continue;
        std::pair<QString, QString> line(
            Say::tr("Cylinder %1 %2 taken").arg(run.cylinder).arg(words::sideName(run.side)),
            howTaken(run, job, o.style));
        if (std::find(taken.begin(), taken.end(), line) == taken.end())
            taken.push_back(std::move(line));
    }
    for (const auto& [name, how] : taken)
        t.fact(name, how);
    QString readings = Say::tr("%n readings", nullptr, live);
    if (struck > 0) readings += Say::tr(", and %n struck, with the reason kept", nullptr, struck);
    if (live + struck > 0) t.fact(Say::tr("Readings"), readings);
    for (const Finding& each : f.tdc.findings)
        t.fact(Say::tr("TDC"), words::sentence(each, o.style));
    return under(Say::tr("How it was measured"), t.html());
}

/// Every figure with its ± and the card's, and what the readings say against the card.
QString details(const Findings& f, const Options& o) {
    QString out;
    for (const CylinderFindings& c : f.cylinders) {
        Grid t;
        t.row({Say::tr("Cylinder %1").arg(c.cylinder), Say::tr("value"), Say::tr("height, school"),
               Say::tr("against the card")},
              true);
        for (const Figure& each : c.figures) {
            const QString value = words::figureValue(each, o.style);
            const auto width = each.value ? halfWidthOf(each.value) : std::nullopt;
            t.row({words::figureName(each),
                   width ? value + QStringLiteral(" \u00b1") + words::fixed(*width, 2, o.style)
                         : value,
                   words::figureBasis(each, o.style), words::figureDifference(each, o.style)});
        }
        out += t.html();
        if (c.explanation && !c.explanation->causes.empty())
            out += paragraph(
                words::paragraph(*c.explanation, f.tdc.state == TdcState::Proved, o.style));
    }
    return under(Say::tr("Every figure"),
                 out.isEmpty()
                     ? out
                     : out + paragraph(Say::tr("Degrees are crank degrees, a lobe separation cam "
                                               "degrees. \u00b1 holds in 95 of 100 cases.")));
}

QString stationLine(const stations::Station& s, const Job& job, const Findings& f,
                    const Options& o) {
    return s.line(job, f, o.style);
}

QString setting(const Job& job, const Findings& f, const Options& o) {
    Grid t;
    const QString need = words::needSentence(job, f.need, o.style);
    for (const CamMove& m : job.changes) {
        QString said;
        for (Side side : {Side::Intake, Side::Exhaust})
            if (const auto& made = m.made[side])
                said += (said.isEmpty() ? QString() : QStringLiteral("; ")) +
                        words::sideName(side) + QLatin1Char(' ') +
                        words::moveShort(job.engine.drive, *made, o.style,
                                         fittedAfter(job, side, m.number - 1));
        if (!m.marks.empty()) said += Say::tr("; marks: ") + QString::fromStdString(m.marks);
        if (!m.note.empty()) said += QStringLiteral("; ") + QString::fromStdString(m.note);
        t.fact(m.time_ms > 0 ? Say::tr("Change %1, %2").arg(m.number).arg(words::logDay(m.time_ms))
                             : Say::tr("Change %1").arg(m.number),
               said);
    }
    QString checks;
    for (const MoveCheck& c : f.changes)
        checks += paragraph(Say::tr("Change %1. ").arg(c.number) + words::sentence(c, o.style));
    // What is still to be moved stands in the verdict.
    const QString still = o.leftOut.contains(QStringLiteral("verdict")) && !f.need.fault
                              ? paragraph(need)
                              : QString();
    return under(Say::tr("Setting"), still + t.html() + checks);
}

/// What it comes to, with its limit, stands in the verdict; here what a slip would cost, and what
/// the presses say.
QString clearance(const Job& job, const Findings& f, const Options& o) {
    if (job.maps.empty()) return {};
    QString out;
    for (const ClearanceClaim& c : f.clearance) {
        if (!c.least_mm) continue;
        if (o.leftOut.contains(QStringLiteral("verdict")))
            out += paragraph(words::clearanceVerdict(&c, nullptr, c.side, o.style));
        if (const QString tooth = words::toothOutLine(c, o.style); !tooth.isEmpty())
            out +=
                paragraph((c.cylinder > 1 ? Say::tr("Cylinder %1: ").arg(c.cylinder) : QString()) +
                          words::sideTitle(c.side) + QLatin1Char(' ') +
                          words::clearance(*c.least_mm, o.style) + QStringLiteral(". ") + tooth);
    }
    for (const MapFindings& m : f.maps)
        if (m.current)
            for (const Finding& each : m.findings)
                if (!each.is<found::ClearanceUnder>())
                    out += paragraph(words::sentence(each, o.style));
    return under(Say::tr("Valve to piston"), out);
}

/// Valve by valve, what is left at full lift, and what else is to be said.
QString springs(const Job& job, const Findings& f, const Options& o) {
    const SpringClaim& c = f.springs;
    if (!c.begun) return {};
    const auto length = [&](const std::optional<double>& mm) {
        return mm ? words::clearanceNumber(*mm, o.style) : QString(QChar(0x2013));
    };
    const auto load = [&](const std::optional<double>& n) {
        return n ? words::force(*n, o.style, job.springs.unit) : QString(QChar(0x2013));
    };
    Grid t;
    t.row({Say::tr("valve"), Say::tr("height"), Say::tr("shims"), Say::tr("on the seat"),
           Say::tr("open"), Say::tr("to coil bind")},
          true);
    for (const SpringValve& v : c.valves)
        if (v.height_mm)
            t.row({words::valveName(v.valve, job.engine), length(v.height_mm),
                   v.stack ? words::shimPieces(*v.stack, o.style) : QString(QChar(0x2013)),
                   load(v.seat_n), load(v.open_n), length(v.bindLeft_mm)});
    QString out = t.html();
    if (o.leftOut.contains(QStringLiteral("verdict")))
        out = paragraph(words::springVerdict(job, c, o.style)) + out;
    std::int64_t tested = 0;
    for (const LoadTaken& each : job.springs.tests)
        tested = std::max(tested, each.time_ms);
    const QString by = QString::fromStdString(job.springs.testedBy);
    if (!by.isEmpty())
        out += paragraph(tested > 0
                             ? Say::tr("Springs tested by %1, %2.").arg(by, words::logDay(tested))
                             : Say::tr("Springs tested by %1.").arg(by));
    // What is short stands among the notes or in the verdict, with what mends it: here each once.
    QStringList said;
    for (const SpringMargin& m : c.margins)
        said << (words::marginLine(m, job, o.style) + QLatin1Char(' ') +
                 words::mendLine(m, job, c, o.style))
                    .trimmed();
    for (const QString& note : words::springNotes(job, c, o.style))
        if (!said.contains(note)) said << note;
    for (const QString& each : said)
        out += paragraph(each);
    return under(Say::tr("Springs"), out + paragraph(words::springCaution()));
}

/// Which closing it is counted from, and the fuels it keeps within.
QString compressionPart(const Job& job, const Findings& f, const Options& o) {
    if (!f.squeeze) return {};
    Grid t;
    if (const auto& closing = f.closings.by(job.reckoning.closing).deg)
        t.fact(words::closingName(job.reckoning.closing),
               Say::tr("%1 after BDC").arg(words::degrees(closing->value, o.style)));
    QStringList within;
    if (f.squeeze->dynamicRatio)
        for (const FuelLimit& fuel : job.reckoning.fuels)
            within << words::fuelName(fuel.name) + QLatin1Char(' ') +
                          words::shortest(fuel.dynamic, 1, o.style) +
                          (f.squeeze->dynamicRatio->value <= fuel.dynamic ? Say::tr(" (within)")
                                                                          : QString());
    t.fact(Say::tr("Limits set for the dynamic ratio"), within.join(QStringLiteral(", ")));
    if (t.html().isEmpty() || o.leftOut.contains(QStringLiteral("verdict")))
        return under(Say::tr("Compression"),
                     paragraph(stationLine(stations::compression, job, f, o)) + t.html());
    return under(Say::tr("Compression"), t.html());
}

/// Lash as it was found and left, a two-stroke's ports, a slow engine by the tape.
QString benchPart(const Job& job, const Options& o) {
    QString out;
    const Engine& e = job.engine;
    if (e.kind == EngineKind::SlowFlywheel && job.flywheel.circumference_mm > 0.0)
        out += paragraph(words::tapeVerdict(job.flywheel, tapeFigures(job.flywheel), o.style));
    const auto path = PistonPath::of(e.stroke_mm, e.rod_mm, e.pinOffset_mm);
    if (e.kind == EngineKind::TwoStroke && path)
        for (const PortName name : {PortName::Exhaust, PortName::Transfer, PortName::Intake}) {
            if (name == PortName::Intake && job.ports.intakeBy != PortIntake::Piston) continue;
            const auto f = portFigures(job.ports, name, {*path, e.bore_mm});
            if (!f) continue;
            out += paragraph(words::portLine(*f, o.style) + QLatin1Char('.'));
            const Port& port = name == PortName::Exhaust    ? job.ports.exhaust
                               : name == PortName::Transfer ? job.ports.transfer
                                                            : job.ports.intake;
            for (const WantedEdge& w : wantedEdges(*f, port.wanted_deg, *path))
                out += paragraph(words::wantedLine(name, w, o.style) + QLatin1Char('.'));
            out += paragraph(words::portDoubt(*f, o.style));
            out += paragraph(words::portGasLine(*f, swept_cc(e), portSpeed_rpm(job), o.style));
        }
    Grid t;
    for (const LashTaken& l : job.lash.taken)
        if (l.replaced.empty())
            t.row({words::logDay(l.time_ms), words::lashValve({l.cylinder, l.side}),
                   l.left ? Say::tr("left at") : Say::tr("found at"),
                   words::clearance(l.lash_mm, o.style), l.hot ? Say::tr("hot") : Say::tr("cold")});
    return under(Say::tr("Other work"), out + t.html());
}

/// What was said of the job, in the words it was asked in: whatever a new job does not have.
QString stated(const Job& job, const Options& o) {
    Grid t;
    const app::Facts now = app::Facts::of(job), fresh = app::Facts::of(Job{});
    QString subject;
    for (const app::Field& f : stations::factsOf(job)) {
        const QString value = f.shown(now, o.style);
        if (value == app::noValue() || value == f.shown(fresh, o.style)) continue;
        if (f.subject != subject) {
            subject = f.subject;
            t.row({subject.left(1).toUpper() + subject.mid(1), QString()}, true);
        }
        t.fact(f.name, value);
    }
    return under(Say::tr("As it was stated"), t.html());
}

QString built(const Job& job, const Options& o) {
    Grid t;
    for (const LogEntry& e : job.log)
        if (e.kind != EntryKind::Note && e.kind != EntryKind::Result &&
            e.kind != EntryKind::Symptom)
            t.fact(words::entryKindName(e.kind), words::entryLine(e, o.style));
    return under(Say::tr("As built"), t.html());
}

QString notes(const Job& job, const Options& o) {
    Grid t;
    for (const LogLine& line : logbookOf(job))
        if (line.what == LogWhat::Entered || line.what == LogWhat::Decided)
            for (const LogEntry& e : job.log)
                if (line.what == LogWhat::Entered && e.number == line.number &&
                    (e.kind == EntryKind::Note || e.kind == EntryKind::Result ||
                     e.kind == EntryKind::Symptom))
                    t.fact(line.time_ms > 0 ? words::logDay(line.time_ms) : Say::tr("Written"),
                           words::logLine(line, job, o.style));
    for (const Decision& d : job.choosing.decisions)
        t.fact(d.time_ms > 0 ? words::logDay(d.time_ms) : Say::tr("Decided"),
               words::decisionLine(d, o.style));
    return under(Say::tr("Notes and results"), t.html());
}

} // namespace

QList<Part> parts() {
    return {{"verdict", Say::tr("what it comes to")},
            {"engine", Say::tr("engine and cam")},
            {"pictures", Say::tr("ring and strip")},
            {"figures", Say::tr("figures")},
            {"setting", Say::tr("setting")},
            {"clearance", Say::tr("clearance")},
            {"compression", Say::tr("compression")},
            {"bench", Say::tr("lash, ports, flywheel")},
            {"measured", Say::tr("how measured")},
            {"plain", Say::tr("in plain words"), true},
            {"details", Say::tr("every figure"), true},
            {"springs", Say::tr("springs"), true},
            {"stated", Say::tr("as stated"), true},
            {"cams", Say::tr("cams compared"), true},
            {"built", Say::tr("as built"), true},
            {"notes", Say::tr("notes"), true}};
}

QString partText(const QString& key, const Job& job, const Findings& f, const Options& o) {
    if (key == QLatin1String("verdict")) return verdictPart(job, f, o);
    if (key == QLatin1String("engine")) return enginePart(job, o);
    if (key == QLatin1String("measured")) return measured(job, f, o);
    if (key == QLatin1String("pictures"))
        return std::none_of(f.runs.begin(), f.runs.end(),
                            [](const RunFindings& r) { return r.current && r.lobe.curve; })
                   ? QString()
                   : QStringLiteral("<p>%1</p>").arg(QLatin1String(kPictures));
    if (key == QLatin1String("figures")) return figuresPart(job, f, o);
    if (key == QLatin1String("setting")) return setting(job, f, o);
    if (key == QLatin1String("clearance")) return clearance(job, f, o);
    if (key == QLatin1String("springs")) return springs(job, f, o);
    if (key == QLatin1String("bench")) return benchPart(job, o);
    if (key == QLatin1String("cams"))
        // Side by side on one page.
        return under(Say::tr("Cams compared"), camsPart(job, f, o.style))
            .replace(QStringLiteral("<h2>"),
                     QStringLiteral("<h2 style=\"page-break-before:always\">"));
    if (job.engine.kind != EngineKind::FourStroke && key == QLatin1String("compression")) return {};
    if (key == QLatin1String("compression")) return compressionPart(job, f, o);
    if (key == QLatin1String("details")) return details(f, o);
    if (key == QLatin1String("stated")) return stated(job, o);
    if (key == QLatin1String("built")) return built(job, o);
    if (key == QLatin1String("notes")) return notes(job, o);
    QString plain;
    for (const QString& each : plainWords(job, f, o.style))
        plain += paragraph(each);
    return under(Say::tr("In plain words"), plain);
}

} // namespace sheet
