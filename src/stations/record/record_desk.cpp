#include "stations/record/record_desk.h"

#include "core/job/job.h"
#include "core/typed/amount.h"
#include "words/say.h"

#include <QRegularExpression>

#include <algorithm>

namespace app {

using namespace lobe;

namespace {

/// What is typed behind "only"; in the order of LogPart.
constexpr const char* kRecordParts[kLogParts] = {"all",   "readings", "settings", "decisions",
                                                 "notes", "built",    "running"};

LogPart partOf(const LogLine& line, const LogEntry* entry) {
    switch (line.what) {
    case LogWhat::Contacts:
    case LogWhat::Readings:
    case LogWhat::Presses:
        return LogPart::Readings;
    case LogWhat::Moved:
        return LogPart::Settings;
    case LogWhat::Decided:
        return LogPart::Decisions;
    case LogWhat::Entered:
        break;
    }
    const EntryKind kind = entry ? entry->kind : EntryKind::Note;
    return kind == EntryKind::Note                                   ? LogPart::Notes
           : kind == EntryKind::Result || kind == EntryKind::Symptom ? LogPart::Running
                                                                     : LogPart::Built;
}

std::optional<LogPart> partNamed(const QString& word) {
    for (int i = 0; i < kLogParts; ++i)
        if (word.compare(QLatin1String(kRecordParts[i]), Qt::CaseInsensitive) == 0)
            return static_cast<LogPart>(i);
    return std::nullopt;
}

} // namespace

QString RecordDesk::partName(LogPart part) {
    switch (part) {
    case LogPart::All:
        break;
    case LogPart::Readings:
        return Say::tr("readings");
    case LogPart::Settings:
        return Say::tr("settings of the cam");
    case LogPart::Decisions:
        return Say::tr("decisions");
    case LogPart::Notes:
        return Say::tr("notes and pictures");
    case LogPart::Built:
        return Say::tr("what was built in");
    case LogPart::Running:
        return Say::tr("how it ran");
    }
    return Say::tr("everything");
}

/// A bare number where a length belongs, with the unit that is shown: kept without one it would be
/// another length to whoever reads it in millimetres. A whole number of inches is thousandths, as
/// everywhere.
static QString withUnit(EntryKind kind, const QString& key, const QString& typed,
                        const words::Style& style) {
    const bool length = kind == EntryKind::EndFloat &&
                        (key == QLatin1String("measured") || key == QLatin1String("least") ||
                         key == QLatin1String("most"));
    if (!length || !style.inches()) return typed;
    static const QRegularExpression bare(QStringLiteral("^[+-]?\\d*([.,]\\d*)?$"));
    const auto match = bare.match(typed);
    if (!match.hasMatch() || typed.isEmpty()) return typed;
    return typed + (match.captured(1).isEmpty() ? QStringLiteral(" th") : QStringLiteral(" in"));
}

RecordDesk::RecordDesk(Session& session, Manner manner) : Desk(session, std::move(manner)) {}

RecordDesk::Typed RecordDesk::split(const QString& text) {
    const QString line = text.trimmed();
    return {line.section(QLatin1Char(' '), 0, 0).toLower(),
            line.section(QLatin1Char(' '), 1).trimmed()};
}

const LogEntry* RecordDesk::entry(int number) const {
    for (const LogEntry& e : job().log)
        if (e.number == number) return &e;
    return nullptr;
}

Prompt RecordDesk::prompt() const {
    Prompt p;
    p.several = true;
    const LogEntry* e = asked_ ? entry(asked_->number) : nullptr;
    if (!e) {
        p.subject = wanted_.isEmpty() ? Say::tr("the record") : Say::tr("found: %1").arg(wanted_);
        p.ask = Say::tr("write what down?");
        p.enter = Say::tr("write it down");
        p.keys = Say::tr("note, part, bolts, float, fit, oil, order, result, symptom; find, only");
        return p;
    }
    const words::EntryField field = words::entryFields(e->kind)[asked_->field];
    p.subject = words::entryKindName(e->kind) + QLatin1Char(' ') + QString::fromStdString(e->text);
    p.ask = field.name + QLatin1Char('?');
    p.enter = Say::tr("keep, next; empty passes by");
    p.keys = field.asks + Say::tr("   Esc ends");
    return p;
}

Echo RecordDesk::understand(const QString& text) const {
    if (const LogEntry* e = asked_ ? entry(asked_->number) : nullptr) {
        const auto fields = words::entryFields(e->kind);
        const QString key = QString::fromLatin1(fields[asked_->field].key);
        return {true, words::quantity(withUnit(e->kind, key, text.trimmed(), style()).toStdString(),
                                      style())};
    }
    const Typed typed = split(text);
    if (typed.word == QLatin1String("find")) return {true, Say::tr("lines with ") + typed.rest};
    if (typed.word == QLatin1String("only")) {
        if (const auto part = partNamed(typed.rest)) return {true, partName(*part)};
        return {false,
                Say::tr("only readings, settings, decisions, notes, built, running, or all")};
    }
    if (const auto kind = words::entryKindOf(typed.word))
        return {!typed.rest.isEmpty(), typed.rest.isEmpty() ? Say::tr("say what, behind the word")
                                                            : words::entryKindName(*kind)};
    if (const auto change = amended(typed)) return change->echo;
    return {false, Say::tr("Begin with what it is: note, part, bolts, float, fit, oil, order, "
                           "result or symptom.")};
}

Echo RecordDesk::submit(const QString& text) {
    if (asked_) return answer(text.trimmed());
    if (text.trimmed().isEmpty()) {
        only_ = LogPart::All;
        find({});
        return {true, {}};
    }
    const Typed typed = split(text);
    if (typed.word == QLatin1String("find")) {
        find(typed.rest);
        return {true, {}};
    }
    if (typed.word == QLatin1String("only")) {
        const auto part = partNamed(typed.rest);
        if (!part) return understand(text);
        show(*part);
        return {true, {}};
    }
    if (const auto kind = words::entryKindOf(typed.word)) return begin(*kind, typed.rest);
    const auto change = amended(typed);
    if (!change) return understand(text);
    if (change->ask > 0) askOf(change->ask);
    return change->entry ? keep(*change->entry) : change->echo;
}

Echo RecordDesk::begin(EntryKind kind, const QString& text) {
    if (text.isEmpty()) return {false, Say::tr("say what, behind the word")};
    LogEntry e = Notes::fresh(session(), kind, QStringLiteral("record"));
    e.text = text.toStdString();
    const int number = e.number;
    const Echo kept = keep(e);
    if (kept.ok) askOf(number);
    return kept;
}

Echo RecordDesk::answer(const QString& text) {
    const LogEntry* now = entry(asked_->number);
    if (!now) {
        asked_.reset();
        return {true, {}};
    }
    const auto fields = words::entryFields(now->kind);
    if (!text.isEmpty()) {
        LogEntry e = *now;
        const QString key = QString::fromLatin1(fields[asked_->field].key);
        e.setDetail(key.toStdString(), text == QLatin1String("-")
                                           ? ""
                                           : withUnit(e.kind, key, text, style()).toStdString());
        const Echo kept = keep(e);
        if (!kept.ok) return kept;
    }
    if (asked_ && ++asked_->field >= fields.size()) asked_.reset();
    tell();
    return {true, {}};
}

std::optional<RecordDesk::Amended> RecordDesk::amended(const Typed& typed) const {
    const bool done = typed.word == QLatin1String("done"),
               gone = typed.word == QLatin1String("gone");
    bool number = false;
    const QString first = done || gone ? typed.rest.section(QLatin1Char(' '), 0, 0) : typed.word;
    const LogEntry* e = entry(first.toInt(&number));
    if (!number) return std::nullopt;
    if (!e) return Amended{{false, Say::tr("There is no entry %1.").arg(first)}, {}};
    LogEntry after = *e;
    const QString rest =
        done || gone ? typed.rest.section(QLatin1Char(' '), 1).trimmed() : typed.rest;
    if (done) {
        after.done = !after.done;
    } else if (rest.isEmpty()) {
        return gone ? Amended{{false, Say::tr("say why, behind the number")}, {}}
                    : Amended{{true, Say::tr("what may still be said of it")}, {}, e->number};
    } else if (gone) {
        after.replaced = rest.toStdString();
        after.replaced_ms = session().now();
    } else {
        const QString key = rest.section(QLatin1Char(' '), 0, 0).toLower();
        const auto fields = words::entryFields(e->kind);
        if (std::any_of(fields.begin(), fields.end(),
                        [&](const auto& f) { return key == QLatin1String(f.key); }))
            after.setDetail(
                key.toStdString(),
                withUnit(e->kind, key, rest.section(QLatin1Char(' '), 1).trimmed(), style())
                    .toStdString());
        else
            after.text = rest.toStdString();
    }
    return Amended{{true, words::entryLine(after, style())}, after};
}

Echo RecordDesk::keep(const LogEntry& e) {
    if (!session().keep(book::KeepEntry{e}))
        return {false, Say::tr("Not kept; see the message above.")};
    return {true, {}};
}

void RecordDesk::askOf(int number) {
    const LogEntry* e = entry(number);
    asked_.reset();
    if (e && !words::entryFields(e->kind).isEmpty()) asked_ = Asked{number, e->kind, 0};
    tell();
}

bool RecordDesk::step(int direction) {
    const LogEntry* e = asked_ ? entry(asked_->number) : nullptr;
    if (!e) return false;
    const int count = static_cast<int>(words::entryFields(e->kind).size());
    asked_->field = std::clamp(asked_->field + direction, 0, count - 1);
    tell();
    return true;
}

void RecordDesk::leave() {
    asked_.reset();
    wanted_.clear();
    only_ = LogPart::All;
    tell();
}

void RecordDesk::begin() {
    asked_.reset();
    wanted_.clear();
    only_ = LogPart::All;
}

void RecordDesk::follow() {
    // Undone, by this window or another; or its number is one of another kind now.
    const LogEntry* e = asked_ ? entry(asked_->number) : nullptr;
    if (asked_ && (!e || e->kind != asked_->kind)) asked_.reset();
}

void RecordDesk::find(const QString& text) {
    wanted_ = text;
    tell();
}

void RecordDesk::show(LogPart only) {
    only_ = only;
    tell();
}

StandCard RecordDesk::standCard() const {
    const Prompt p = prompt();
    StandCard card = cardOf(p, job());
    if (asked_) return card;
    // At the stand: what is still to be got, and what was written last.
    int orders = 0, open = 0;
    for (const LogEntry& e : job().log)
        if (e.kind == EntryKind::Order) {
            ++orders;
            open += !e.done;
        }
    card.caption = orders > 0 ? Say::tr("still to be got") : Say::tr("written down");
    card.big = QString::number(orders > 0 ? open : static_cast<int>(job().log.size()));
    card.bigNote = orders > 0 ? Say::tr("of %n orders", nullptr, orders) : QString();
    if (!job().log.empty()) {
        const LogEntry& last = job().log.back();
        // A line of it; the whole stands in the logbook.
        constexpr qsizetype kMost = 44;
        QString said = QString::fromStdString(last.text);
        if (said.size() > kMost) said = said.left(kMost - 1).trimmed() + QChar(0x2026);
        card.last = words::entryKindName(last.kind) + QStringLiteral(": ") + said;
    }
    for (const LogEntry& e : job().log)
        if (e.kind == EntryKind::Order && !e.done) {
            card.advice = Say::tr("Next: %1").arg(QString::fromStdString(e.text));
            break;
        }
    if (job().log.empty())
        card.advice = Say::tr("Nothing yet: note oil was cold, or order push rods, begins it.");
    for (const LogEntry& e : job().log)
        if (withinLimits(e) == false) {
            card.advice = words::entryLine(e, style());
            card.warn = true;
        }
    return card;
}

std::vector<RecordDesk::Line> RecordDesk::logbook() const {
    std::vector<Line> out;
    const QStringList wanted = wanted_.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (const LogLine& l : logbookOf(job())) {
        const LogEntry* of = l.what == LogWhat::Entered ? entry(l.number) : nullptr;
        if (only_ != LogPart::All && partOf(l, of) != only_) continue;
        Line line{words::logDay(l.time_ms), words::logTime(l.time_ms),
                  words::logLine(l, job(), style()), 0, false};
        if (l.what == LogWhat::Entered) {
            line.entry = l.number;
            line.warn = of && withinLimits(*of) == false;
        }
        const QString all = line.day + QLatin1Char(' ') + line.text;
        if (std::all_of(wanted.begin(), wanted.end(), [&](const QString& word) {
                return all.contains(word, Qt::CaseInsensitive);
            }))
            out.push_back(std::move(line));
    }
    return out;
}

std::vector<RecordDesk::Built> RecordDesk::asBuilt() const {
    std::vector<Built> out;
    for (EntryKind kind : {EntryKind::Part, EntryKind::Bolts, EntryKind::EndFloat, EntryKind::Fit,
                           EntryKind::Oil, EntryKind::Order}) {
        bool headed = false;
        for (const LogEntry& e : job().log) {
            if (e.kind != kind) continue;
            if (!headed) out.push_back({words::entryKindName(kind), {}, {}, 0, false, false});
            headed = true;
            LogEntry rest = e;
            rest.text.clear();
            out.push_back({{},
                           QString::fromStdString(e.text),
                           words::entryLine(rest, style()),
                           e.number,
                           (kind == EntryKind::Order && e.done) || !e.replaced.empty(),
                           withinLimits(e) == false});
        }
    }
    return out;
}

} // namespace app
