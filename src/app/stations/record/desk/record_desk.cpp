#include "stations/record/desk/record_desk.h"

#include "words/say.h"

#include <algorithm>

namespace app {

using namespace lobe;

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
        p.ask = Say::tr("what is to be kept?");
        p.enter = Say::tr("keep it");
        p.keys = Say::tr("note, part, bolts, float, fit, oil, order, result, symptom; find");
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
    if (asked_) return {true, words::quantity(text.trimmed().toStdString(), style())};
    const Typed typed = split(text);
    if (typed.word == QLatin1String("find")) return {true, Say::tr("lines with ") + typed.rest};
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
        find({});
        return {true, {}};
    }
    const Typed typed = split(text);
    if (typed.word == QLatin1String("find")) {
        find(typed.rest);
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
        e.setDetail(fields[asked_->field].key,
                    text == QLatin1String("-") ? "" : text.toStdString());
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
            after.setDetail(key.toStdString(),
                            rest.section(QLatin1Char(' '), 1).trimmed().toStdString());
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
    if (e && !words::entryFields(e->kind).isEmpty()) asked_ = Asked{number, 0};
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
    tell();
}

void RecordDesk::follow() {
    if (job_ != job().id) wanted_.clear();
    job_ = job().id;
    if (asked_ && !entry(asked_->number)) asked_.reset();
}

void RecordDesk::find(const QString& text) {
    wanted_ = text;
    tell();
}

std::vector<RecordDesk::Line> RecordDesk::logbook() const {
    std::vector<Line> out;
    const QStringList wanted = wanted_.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (const LogLine& l : logbookOf(job())) {
        Line line{words::logDay(l.time_ms), words::logTime(l.time_ms),
                  words::logLine(l, job(), style()), 0, false};
        if (l.what == LogWhat::Entered) {
            line.entry = l.number;
            if (const LogEntry* e = entry(l.number)) line.warn = withinLimits(*e) == false;
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
