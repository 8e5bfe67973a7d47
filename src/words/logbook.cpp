#include "words/logbook.h"

#include "core/job/job.h"
#include "core/typed/amount.h"
#include "words/choosing.h"
#include "words/say.h"
#include "words/setting.h"

#include <QDateTime>
#include <QStringList>

#include <cmath>

namespace words {

using namespace lobe;

namespace {

constexpr const char* kLogWords[] = {"note", "part",  "bolts",  "float",  "fit",
                                     "oil",  "order", "result", "symptom"};

QString lobeOf(const LogLine& line) {
    return Say::tr("cylinder %1 %2").arg(line.cylinder).arg(sideName(line.side));
}

const LogEntry* entryOf(const Job& job, int number) {
    for (const LogEntry& e : job.log)
        if (e.number == number) return &e;
    return nullptr;
}

QString struckOf(const LogLine& line) {
    if (line.struck == 0) return {};
    QStringList why;
    for (const std::string& reason : line.reasons)
        why << QString::fromStdString(reason);
    return Say::tr(", %n struck (%1)", nullptr, line.struck).arg(why.join(QStringLiteral("; ")));
}

} // namespace

QString entryKindName(EntryKind kind) {
    switch (kind) {
    case EntryKind::Note:
        return Say::tr("Note");
    case EntryKind::Part:
        return Say::tr("Part");
    case EntryKind::Bolts:
        return Say::tr("Fasteners");
    case EntryKind::EndFloat:
        return Say::tr("End float");
    case EntryKind::Fit:
        return Say::tr("Fit");
    case EntryKind::Oil:
        return Say::tr("Oil");
    case EntryKind::Order:
        return Say::tr("To order");
    case EntryKind::Result:
        return Say::tr("Result");
    case EntryKind::Symptom:
        break;
    }
    return Say::tr("Symptom");
}

QString entryWord(EntryKind kind) {
    return QLatin1String(kLogWords[static_cast<int>(kind)]);
}

std::optional<EntryKind> entryKindOf(const QString& word) {
    for (int i = 0; i < 9; ++i)
        if (word.compare(QLatin1String(kLogWords[i]), Qt::CaseInsensitive) == 0)
            return static_cast<EntryKind>(i);
    return std::nullopt;
}

QList<EntryField> entryFields(EntryKind kind) {
    const QString anything = Say::tr("nothing is needed; Enter passes by");
    switch (kind) {
    case EntryKind::Part:
        return {{"maker", Say::tr("maker"), anything},
                {"number", Say::tr("number"), Say::tr("the maker's or your own")},
                {"material", Say::tr("material"), anything},
                {"batch", Say::tr("batch or core"), anything},
                {"from", Say::tr("where from"), anything},
                {"state", Say::tr("fitted or awaited"), Say::tr("fitted, awaited")}};
    case EntryKind::Bolts:
        return {{"torque", Say::tr("torque used"), Say::tr("85 Nm, 62 lbft")},
                {"angle", Say::tr("and turned on by"), Say::tr("degrees")},
                {"lubricant", Say::tr("lubricant"), anything},
                {"locking", Say::tr("locking compound"), anything},
                {"by", Say::tr("done by"), anything}};
    case EntryKind::EndFloat:
        return {{"measured", Say::tr("measured"), Say::tr("0.12 mm, 0.005 in")},
                {"least", Say::tr("at least"), Say::tr("by the maker's manual")},
                {"most", Say::tr("at most"), Say::tr("by the maker's manual")}};
    case EntryKind::Fit:
        return {{"how", Say::tr("how it stands"),
                 Say::tr("a follower's kind, how it was made solid, a tensioner's state")}};
    case EntryKind::Oil:
        return {{"temperature", Say::tr("temperature"), Say::tr("oil or engine, as measured")}};
    case EntryKind::Order:
        return {{"from", Say::tr("where from"), anything}};
    case EntryKind::Result:
        return {{"power", Say::tr("power"), Say::tr("41 kW at 9800, 55 hp at 9800")},
                {"torque", Say::tr("torque"), Say::tr("48 Nm at 7200, 35 lbft at 7200")},
                {"time", Say::tr("best time"), Say::tr("1:14.6")},
                {"figures", Say::tr("other figures"), Say::tr("each with its unit")},
                {"conditions", Say::tr("conditions"), Say::tr("air, fuel, who was there")}};
    case EntryKind::Note:
    case EntryKind::Symptom:
        break;
    }
    return {};
}

QString quantity(const std::string& typed, const Style& style) {
    const QString whole = QString::fromStdString(typed);
    // "41 kW at 9800": what is behind it stays as it is.
    const auto at = typed.find(" at ");
    const std::string amount = typed.substr(0, at);
    const QString said = QString::fromStdString(amount), rest = whole.mid(said.size());
    const auto q = readAmount(amount);
    // What is in the system that is shown needs no other.
    if (!q || q->imperial == style.inches()) return whole;
    const Amount other = inOther(*q);
    if (other.unit == q->unit) return whole;
    // Three figures that count.
    const double size = std::abs(other.value);
    const int places = size >= 100.0 ? 0 : size >= 10.0 ? 1 : size >= 1.0 ? 2 : 4;
    return QStringLiteral("%1 (%2 %3)")
               .arg(said, fixed(other.value, places, style), QString::fromStdString(other.unit)) +
           rest;
}

QString entryLine(const LogEntry& e, const Style& style) {
    QStringList said;
    for (const EntryField& f : entryFields(e.kind))
        if (const std::string* value = e.detail(f.key))
            said << (QLatin1String(f.key) == QLatin1String("state")
                         ? QString::fromStdString(*value)
                         : f.name + QLatin1Char(' ') + quantity(*value, style));
    QString line = QString::fromStdString(e.text);
    if (!said.isEmpty())
        line +=
            (line.isEmpty() ? QString() : QStringLiteral(": ")) + said.join(QStringLiteral(", "));
    if (const auto within = withinLimits(e))
        line += *within ? Say::tr("; within its limits") : Say::tr("; OUTSIDE its limits");
    if (e.kind == EntryKind::Order && e.done) line += Say::tr("; done");
    if (!e.replaced.empty())
        line += Say::tr("; replaced %1: %2")
                    .arg(logDay(e.replaced_ms), QString::fromStdString(e.replaced));
    return line;
}

QString logLine(const LogLine& line, const Job& job, const Style& style) {
    switch (line.what) {
    case LogWhat::Contacts:
        return Say::tr("TDC: %n contacts", nullptr, line.count) + struckOf(line);
    case LogWhat::Readings: {
        QString said = lobeOf(line) + Say::tr(": %n readings", nullptr, line.count);
        if (!line.source.empty())
            said += Say::tr(" from %1").arg(QString::fromStdString(line.source));
        return said + struckOf(line);
    }
    case LogWhat::Presses:
        return lobeOf(line) + Say::tr(": %n presses for clearance", nullptr, line.count) +
               struckOf(line);
    case LogWhat::Moved:
        for (const CamMove& move : job.changes)
            if (move.number == line.number) {
                QString said = Say::tr("Cam set, change %1").arg(move.number);
                for (Side side : {Side::Intake, Side::Exhaust})
                    if (const auto& made = move.made[side])
                        said += (side == Side::Intake ? QStringLiteral(": ")
                                                      : Say::tr("; exhaust cam ")) +
                                moveShort(job.engine.drive, *made, style,
                                          fittedAfter(job, side, move.number - 1));
                if (!move.note.empty())
                    said += QStringLiteral("; ") + QString::fromStdString(move.note);
                return said;
            }
        break;
    case LogWhat::Decided:
        if (const auto i = static_cast<std::size_t>(line.number - 1);
            i < job.choosing.decisions.size())
            return decisionLine(job.choosing.decisions[i], style);
        break;
    case LogWhat::Entered:
        if (const LogEntry* e = entryOf(job, line.number)) {
            QString said = entryKindName(e->kind) + QStringLiteral(": ") + entryLine(*e, style);
            if (!e->picture.empty()) said += Say::tr(" (picture)");
            if (e->kind == EntryKind::Symptom || e->kind == EntryKind::Result)
                said += e->setting == 0 ? Say::tr("; as the cam was found")
                                        : Say::tr("; at change %1").arg(e->setting);
            return said;
        }
        break;
    }
    return {};
}

QString logDay(std::int64_t time_ms) {
    if (time_ms <= 0) return Say::tr("without a time");
    // The same in every language, and in the order of time.
    return QDateTime::fromMSecsSinceEpoch(time_ms).date().toString(Qt::ISODate);
}

QString logTime(std::int64_t time_ms) {
    return time_ms <= 0 ? QString()
                        : QDateTime::fromMSecsSinceEpoch(time_ms).toString(QStringLiteral("HH:mm"));
}

} // namespace words
