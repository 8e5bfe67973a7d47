// What was written down, in words: the kinds of entries and what may be said of each, the lines of
// the logbook.
#pragma once

#include "core/job/log.h"
#include "core/route/logbook.h"
#include "words/numbers.h"

#include <QList>
#include <QString>

#include <optional>

namespace words {

/// "Part"
QString entryKindName(lobe::EntryKind kind);
/// What is typed to begin one; English in every language.
QString entryWord(lobe::EntryKind kind);
std::optional<lobe::EntryKind> entryKindOf(const QString& word);

/// Something that may be said of an entry.
struct EntryField {
    const char* key;
    QString name; ///< "lubricant"
    QString asks; ///< "85 Nm"
};
QList<EntryField> entryFields(lobe::EntryKind kind);

/// As typed; a number in a unit of the other system than is shown with what it is in that behind
/// it: "62 lbft (84.1 N·m)".
QString quantity(const std::string& typed, const Style& style);
/// "camshaft: maker Esker, number H1, fitted"
QString entryLine(const lobe::LogEntry& entry, const Style& style);
/// A line of the logbook without its time.
QString logLine(const lobe::LogLine& line, const lobe::Job& job, const Style& style);
/// "2026-11-26"; says so where there is no time.
QString logDay(std::int64_t time_ms);
/// "14:02", empty for what has no time.
QString logTime(std::int64_t time_ms);

} // namespace words
