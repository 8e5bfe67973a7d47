#include "sheet/parts.h"

#include "core/assess/clearances.h"
#include "core/route/logbook.h"
#include "sheet/plain_words.h"
#include "stations/list.h"
#include "words/choosing.h"
#include "words/clearance.h"
#include "words/explanation.h"
#include "words/logbook.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>

namespace sheet {

using namespace lobe;

namespace {

QString safe(const QString& text) {
    return text.toHtmlEscaped();
}

QString heading(const QString& text) {
    return QStringLiteral("<h2>%1</h2>").arg(safe(text));
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
                          "<table width=\"100%\" cellspacing=\"0\" cellpadding=\"2\">%1</table>")
                          .arg(html_)
                    : QString();
    }

private:
    QString html_;
    bool any_ = false;
};

QString under(const QString& title, const QString& body) {
    return body.isEmpty() ? QString() : heading(title) + body;
}

QString paragraph(const QString& text) {
    return text.isEmpty() ? QString() : QStringLiteral("<p>%1</p>").arg(safe(text));
}

QString engine(const Job& job, const Options& o) {
    Grid t;
    const Engine& e = job.engine;
    const auto mm = [&](double v) {
        return v > 0.0 ? words::dimension(v, o.style) + QLatin1Char(' ') + words::unitName(o.style)
                       : QString();
    };
    t.fact(Say::tr("Engine"), QString::fromStdString(e.name));
    t.fact(Say::tr("Cylinders"), QString::number(e.cylinders));
    t.fact(Say::tr("Layout"), words::layoutName(e.layout));
    t.fact(Say::tr("Followers"), words::followerName(e.follower));
    t.fact(Say::tr("Bore"), mm(e.bore_mm));
    t.fact(Say::tr("Stroke"), mm(e.stroke_mm));
    t.fact(Say::tr("Rod"), mm(e.rod_mm));
    t.fact(Say::tr("Turns, seen from the drive"), words::rotationName(e.rotation));
    t.fact(Say::tr("Rocker ratio, intake and exhaust"),
           words::shortest(e.ratio.intake, 3, o.style) + QStringLiteral(", ") +
               words::shortest(e.ratio.exhaust, 3, o.style));
    t.fact(Say::tr("Lash, intake and exhaust"),
           words::liftWithUnit(e.lash_mm.intake, o.style) + QStringLiteral(", ") +
               words::liftWithUnit(e.lash_mm.exhaust, o.style));
    if (job.card) t.fact(Say::tr("Cam card"), QString::fromStdString(job.card->name));
    return under(Say::tr("Engine and cam"), t.html());
}

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
    for (const LogLine& line : logbookOf(job))
        if (line.what == LogWhat::Readings || line.what == LogWhat::Contacts)
            t.fact(words::logDay(line.time_ms) + QLatin1Char(' ') + words::logTime(line.time_ms),
                   words::logLine(line, job, o.style));
    for (const LiftRun& run : job.runs)
        if (!run.readings.empty())
            t.fact(Say::tr("Cylinder %1 %2 taken").arg(run.cylinder).arg(words::sideName(run.side)),
                   howTaken(run, job, o.style));
    QString readings = Say::tr("%n readings", nullptr, live);
    if (struck > 0) readings += Say::tr(", and %n struck, with the reason kept", nullptr, struck);
    t.fact(Say::tr("Readings"), readings);
    QString tdc;
    for (const Finding& each : f.tdc.findings)
        tdc += paragraph(words::sentence(each, o.style));
    return under(Say::tr("How it was measured"), t.html()) + under(Say::tr("TDC"), tdc);
}

QString figures(const Findings& f, const Options& o) {
    QString out;
    for (const CylinderFindings& c : f.cylinders) {
        Grid t;
        t.row({Say::tr("Cylinder %1").arg(c.cylinder), Say::tr("value"), Say::tr("height, school"),
               Say::tr("against the card")},
              true);
        // On the card of a cam two stand beside one another, and it is one page.
        const auto brief = [&](std::size_t i) {
            if (i >= c.figures.size()) return QStringList{QString(), QString()};
            const Figure& each = c.figures[i];
            return QStringList{words::figureName(each) + QStringLiteral(", ") +
                                   words::figureBasis(each, o.style),
                               words::figureValue(each, o.style)};
        };
        const std::size_t half = (c.figures.size() + 1) / 2;
        if (o.cardOnly) {
            Grid pairs;
            for (std::size_t i = 0; i < half; ++i)
                pairs.row(brief(i) + brief(i + half));
            out += pairs.html();
            break;
        }
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
    return under(Say::tr("Figures"),
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
        t.fact(Say::tr("Change %1, %2").arg(m.number).arg(words::logDay(m.time_ms)), said);
    }
    QString checks;
    for (const MoveCheck& c : f.changes)
        checks += paragraph(Say::tr("Change %1. ").arg(c.number) + words::sentence(c, o.style));
    return under(Say::tr("Setting"),
                 (f.need.fault ? QString() : paragraph(need)) + t.html() + checks);
}

QString clearance(const Job& job, const Findings& f, const Options& o) {
    if (job.maps.empty()) return {};
    QString out = paragraph(stationLine(stations::clearance, job, f, o));
    for (const ClearanceClaim& c : f.clearance)
        if (c.least_mm)
            out += paragraph(Say::tr("Cylinder %1: ").arg(c.cylinder) +
                             words::clearanceVerdict(&c, nullptr, c.side, o.style) +
                             QLatin1Char(' ') + words::toothOutLine(c, o.style));
    for (const MapFindings& m : f.maps)
        if (m.current)
            for (const Finding& each : m.findings)
                out += paragraph(words::sentence(each, o.style));
    return under(Say::tr("Valve to piston"), out);
}

QString compressionPart(const Job& job, const Findings& f, const Options& o) {
    if (!f.compression) return {};
    return under(Say::tr("Compression"), paragraph(stationLine(stations::compression, job, f, o)));
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
                    t.fact(words::logDay(line.time_ms), words::logLine(line, job, o.style));
    for (const Decision& d : job.choosing.decisions)
        t.fact(words::logDay(d.time_ms), words::decisionLine(d, o.style));
    return under(Say::tr("Notes and results"), t.html());
}

} // namespace

QList<Part> parts() {
    return {{"engine", Say::tr("engine and cam")},
            {"measured", Say::tr("how measured")},
            {"pictures", Say::tr("ring and strip")},
            {"figures", Say::tr("figures")},
            {"setting", Say::tr("setting")},
            {"clearance", Say::tr("clearance")},
            {"compression", Say::tr("compression")},
            {"built", Say::tr("as built")},
            {"notes", Say::tr("notes")},
            {"plain", Say::tr("in plain words")}};
}

QString partText(const QString& key, const Job& job, const Findings& f, const Options& o) {
    if (key == QLatin1String("engine")) return engine(job, o);
    if (key == QLatin1String("measured")) return measured(job, f, o);
    if (key == QLatin1String("pictures"))
        return std::none_of(f.runs.begin(), f.runs.end(),
                            [](const RunFindings& r) { return r.current && r.lobe.curve; })
                   ? QString()
                   : QStringLiteral("<p>%1</p>").arg(QLatin1String(kPictures));
    if (key == QLatin1String("figures")) return figures(f, o);
    if (key == QLatin1String("setting")) return setting(job, f, o);
    if (key == QLatin1String("clearance")) return clearance(job, f, o);
    if (key == QLatin1String("compression")) return compressionPart(job, f, o);
    if (key == QLatin1String("built")) return built(job, o);
    if (key == QLatin1String("notes")) return notes(job, o);
    QString plain;
    for (const QString& each : plainWords(job, f, o.style))
        plain += paragraph(each);
    return under(Say::tr("In plain words"), plain);
}

} // namespace sheet
