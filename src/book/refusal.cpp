#include "book/refusal.h"

#include "book/sqlite_handle.h"
#include "book/statement.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QUuid>

#include <map>

namespace book {

QStringList schemaSteps() {
    static const QStringList known = [] {
        // A name filter would be made a regular expression of, at every start.
        QStringList steps = QDir(QStringLiteral(":/book")).entryList(QDir::Files, QDir::Name);
        steps.removeIf([](const QString& name) { return !name.endsWith(QLatin1String(".sql")); });
        return steps;
    }();
    return known;
}

void carryOut(const QSqlDatabase& db, const QString& step) {
    QFile file(QStringLiteral(":/book/") + step);
    if (!file.open(QIODevice::ReadOnly))
        throw SqlFailure(QSqlError(step, file.errorString(), QSqlError::UnknownError));
    const QStringList statements = QString::fromUtf8(file.readAll()).split(QStringLiteral(";\n"));
    for (const QString& sql : statements)
        if (!sql.trimmed().isEmpty()) Statement(db, sql).run();
}

/// A value of a book is a word or a few facts; SQLite itself works in a few megabytes.
constexpr int kMostValue_bytes = 32 << 20;
constexpr sqlite3_int64 kMostMemory_bytes = 160 << 20;

void guard(const QSqlDatabase& db) {
    sqlite3* handle = handleOf(db);
    if (!handle) return;
    for (const auto& [option, on] : {std::pair{SQLITE_DBCONFIG_DEFENSIVE, 1},
                                     {SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0},
                                     {SQLITE_DBCONFIG_ENABLE_TRIGGER, 0},
                                     {SQLITE_DBCONFIG_ENABLE_VIEW, 0}})
        sqlite3_db_config(handle, option, on, nullptr);
    sqlite3_limit(handle, SQLITE_LIMIT_LENGTH, kMostValue_bytes);
    sqlite3_progress_handler(
        handle, kStepsBetweenLooks, [](void*) { return --looksLeft < 0 ? 1 : 0; }, nullptr);
    sqlite3_hard_heap_limit64(kMostMemory_bytes);
}

namespace {

/// Everything a schema has, by name: "table reading", and its columns as a line each.
using Shape = std::map<QString, QStringList>;

/// By structure and not by text: other versions of SQLite keep what was altered in other words.
Shape shapeOf(const QSqlDatabase& db) {
    Shape shape;
    Statement all(db, QStringLiteral("SELECT type, name, tbl_name, rootpage FROM sqlite_master "
                                     "WHERE name NOT LIKE 'sqlite~_%' ESCAPE '~'"));
    all.run();
    bool worked =
        false; // by a module: a table without pages of its own, whose columns are not asked
    while (all.next()) {
        const QString type = all[0].toString();
        QStringList& parts = shape[type + QLatin1Char(' ') + all[1].toString()];
        parts << all[2].toString();
        if (all[3].toLongLong() > 0) continue;
        parts << QStringLiteral("virtual");
        worked = true;
    }
    // Then it is no book of ours, whatever its columns are.
    if (worked) return shape;
    const auto add = [&](const QString& sql, const char* type, int columns) {
        Statement s(db, sql);
        s.run();
        while (s.next()) {
            QStringList row;
            for (int c = 1; c <= columns; ++c)
                row << s[c].toString();
            shape[QLatin1String(type) + QLatin1Char(' ') + s[0].toString()]
                << row.join(QLatin1Char('|'));
        }
    };
    add(QStringLiteral("SELECT m.name, x.cid, x.name, x.type, x.\"notnull\", x.dflt_value, x.pk, "
                       "x.hidden FROM sqlite_master m, pragma_table_xinfo(m.name) x WHERE m.type = "
                       "'table' AND m.name NOT LIKE 'sqlite~_%' ESCAPE '~' ORDER BY m.name, x.cid"),
        "table", 7);
    add(QStringLiteral("SELECT m.name, x.seqno, x.cid, x.name, x.\"desc\", x.coll, x.key FROM "
                       "sqlite_master m, pragma_index_xinfo(m.name) x WHERE m.type = 'index' AND "
                       "m.name NOT LIKE 'sqlite~_%' ESCAPE '~' ORDER BY m.name, x.seqno"),
        "index", 6);
    add(QStringLiteral("SELECT m.name, x.\"unique\", x.partial FROM sqlite_master m, "
                       "pragma_index_list(m.tbl_name) x WHERE m.type = 'index' AND x.name = m.name "
                       "AND m.name NOT LIKE 'sqlite~_%' ESCAPE '~'"),
        "index", 2);
    return shape;
}

/// What `ask` says of a book in memory that the steps up to one make.
template <class Ask> auto ofMade(int step, Ask ask) {
    const QString name = QUuid::createUuid().toString();
    decltype(ask(QSqlDatabase())) said;
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(QStringLiteral(":memory:"));
        if (!db.open()) throw SqlFailure(db.lastError());
        for (const QString& each : schemaSteps().first(step))
            carryOut(db, each);
        said = ask(db);
        db.close();
    }
    QSqlDatabase::removeDatabase(name);
    return said;
}

/// The words of a schema, a table or index after the other by name.
QByteArray wordsOf(const QSqlDatabase& db) {
    Statement all(db, QStringLiteral("SELECT sql FROM sqlite_master WHERE name NOT LIKE "
                                     "'sqlite~_%' ESCAPE '~' ORDER BY type, name"));
    all.run();
    QByteArray out;
    while (all.next())
        out += all[0].toString().toUtf8() + ";\n";
    return out;
}

const Shape& expected(int step, Shape (*of)(const QSqlDatabase&)) {
    static std::map<std::pair<int, void*>, Shape> known;
    const auto key = std::pair(step, reinterpret_cast<void*>(of));
    const auto it = known.find(key);
    return it != known.end() ? it->second : known.emplace(key, ofMade(step, of)).first->second;
}

/// The words of one statement as SQLite understands them: in small letters, without comments, and a
/// name the same in whatever quotes. What was altered is kept in other quotes by other versions.
QStringList understood(const QString& sql) {
    QStringList out;
    const qsizetype n = sql.size();
    for (qsizetype i = 0; i < n;) {
        const QChar c = sql[i];
        const auto upTo = [&](QChar end) {
            qsizetype to = i + 1;
            while (to < n && (sql[to] != end ||
                              (to + 1 < n && sql[to + 1] == end && end != QLatin1Char(']'))))
                to += sql[to] == end ? 2 : 1;
            const QString inside = sql.mid(i + 1, to - i - 1);
            i = std::min(n, to + 1);
            return inside;
        };
        if (c.isSpace()) {
            ++i;
        } else if (c == QLatin1Char('-') && i + 1 < n && sql[i + 1] == QLatin1Char('-')) {
            while (i < n && sql[i] != QLatin1Char('\n'))
                ++i;
        } else if (c == QLatin1Char('/') && i + 1 < n && sql[i + 1] == QLatin1Char('*')) {
            const qsizetype end = sql.indexOf(QStringLiteral("*/"), i + 2);
            i = end < 0 ? n : end + 2;
        } else if (c == QLatin1Char('\'')) {
            out << QLatin1Char('\'') + upTo(c);
        } else if (c == QLatin1Char('"') || c == QLatin1Char('`') || c == QLatin1Char('[')) {
            out << upTo(c == QLatin1Char('[') ? QLatin1Char(']') : c).toLower();
        } else if (c.isLetterOrNumber() || c == QLatin1Char('_')) {
            const qsizetype from = i;
            while (i < n && (sql[i].isLetterOrNumber() || sql[i] == QLatin1Char('_') ||
                             sql[i] == QLatin1Char('.')))
                ++i;
            out << sql.mid(from, i - from).toLower();
        } else {
            out << QString(c);
            ++i;
        }
    }
    return out;
}

/// A rule, a condition or a default is in no list SQLite gives of a table's parts: only in the
/// words it was made with.
Shape rulesOf(const QSqlDatabase& db) {
    Shape rules;
    Statement all(db,
                  QStringLiteral("SELECT type, name, sql FROM sqlite_master WHERE name NOT LIKE "
                                 "'sqlite~_%' ESCAPE '~'"));
    all.run();
    while (all.next())
        rules[all[0].toString() + QLatin1Char(' ') + all[1].toString()] =
            understood(all[2].toString());
    return rules;
}

/// What the newest step makes is written down, so that not every start makes it again and asks for
/// each column. The same words make the same tables; other words may.
bool asWritten(const QSqlDatabase& db, int step) {
    QFile file(QStringLiteral(":/book/newest.txt"));
    return step == schemaSteps().size() && file.open(QIODevice::ReadOnly) &&
           file.readAll() == wordsOf(db);
}

/// Whether it is what its own step makes, by structure; nothing where it is.
std::optional<Error> compared(const Shape& there, const Shape& ours) {
    for (const auto& [what, parts] : there) {
        const auto it = ours.find(what);
        if (it == ours.end() || it->second != parts)
            return Error{Trouble::Foreign, what.simplified().left(60)};
    }
    for (const auto& [what, parts] : ours)
        if (!there.count(what))
            return Error{Trouble::Damaged, QCoreApplication::translate("Say", "no %1").arg(what)};
    return std::nullopt;
}

} // namespace

std::optional<Error> refusalOf(const QSqlDatabase& db, bool pages) {
    int step = 0;
    {
        Statement version(db, QStringLiteral("PRAGMA user_version"));
        if (version.run().next()) step = version[0].toInt();
    }
    if (step < 0) return Error{Trouble::NotABook, {}};
    if (step > schemaSteps().size()) return Error{Trouble::Newer, QString::number(step)};
    if (!asWritten(db, step))
        for (const auto of : {shapeOf, rulesOf})
            if (auto other = compared(of(db), expected(step, of))) return other;
    if (!pages) return std::nullopt;
    Statement check(db, QStringLiteral("PRAGMA quick_check(1)"));
    if (!check.run().next())
        return Error{Trouble::Damaged, QCoreApplication::translate("Say", "no answer")};
    if (check[0].toString() != QLatin1String("ok"))
        return Error{Trouble::Damaged, check[0].toString()};
    return std::nullopt;
}

QByteArray newestSchema() {
    return ofMade(static_cast<int>(schemaSteps().size()), wordsOf);
}

} // namespace book
