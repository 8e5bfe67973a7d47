#include "book/judge.h"

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

void guard(const QSqlDatabase& db) {
    sqlite3* handle = handleOf(db);
    if (!handle) return;
    for (const auto& [option, on] : {std::pair{SQLITE_DBCONFIG_DEFENSIVE, 1},
                                     {SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0},
                                     {SQLITE_DBCONFIG_ENABLE_TRIGGER, 0},
                                     {SQLITE_DBCONFIG_ENABLE_VIEW, 0}})
        sqlite3_db_config(handle, option, on, nullptr);
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

const Shape& expected(int step) {
    static std::map<int, Shape> known;
    const auto it = known.find(step);
    return it != known.end() ? it->second
                             : known.emplace(step, ofMade(step, shapeOf)).first->second;
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

std::optional<Error> judge(const QSqlDatabase& db, bool pages) {
    int step = 0;
    {
        Statement version(db, QStringLiteral("PRAGMA user_version"));
        if (version.run().next()) step = version[0].toInt();
    }
    if (step < 0) return Error{Trouble::NotABook, {}};
    if (step > schemaSteps().size()) return Error{Trouble::Newer, QString::number(step)};
    if (!asWritten(db, step))
        if (auto other = compared(shapeOf(db), expected(step))) return other;
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
