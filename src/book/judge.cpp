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
    QStringList steps =
        QDir(QStringLiteral(":/book")).entryList({QStringLiteral("*.sql")}, QDir::Files);
    steps.sort();
    return steps;
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

QString quoted(QString name) {
    return QLatin1Char('"') + name.replace(QLatin1Char('"'), QStringLiteral("\"\"")) +
           QLatin1Char('"');
}

QStringList rows(const QSqlDatabase& db, const QString& sql, int columns) {
    QStringList out;
    Statement s(db, sql);
    s.run();
    while (s.next()) {
        QStringList row;
        for (int i = 0; i < columns; ++i)
            row << s[i].toString();
        out << row.join(QLatin1Char('|'));
    }
    return out;
}

/// By structure and not by text: other versions of SQLite keep what was altered in other words.
Shape shapeOf(const QSqlDatabase& db) {
    Shape shape;
    Statement s(db, QStringLiteral("SELECT type, name, tbl_name, rootpage FROM sqlite_master "
                                   "WHERE name NOT LIKE 'sqlite~_%' ESCAPE '~'"));
    s.run();
    while (s.next()) {
        const QString type = s[0].toString(), name = s[1].toString();
        QStringList& parts = shape[type + QLatin1Char(' ') + name];
        parts << s[2].toString();
        // A table without pages of its own is worked by a module: its columns are not asked.
        if (s[3].toLongLong() <= 0) parts << QStringLiteral("virtual");
    }
    for (auto& [key, parts] : shape) {
        if (parts.size() > 1) continue;
        const QString name = key.section(QLatin1Char(' '), 1);
        if (key.startsWith(QLatin1String("table ")))
            parts << rows(db, QStringLiteral("PRAGMA table_xinfo(%1)").arg(quoted(name)), 7);
        if (key.startsWith(QLatin1String("index ")))
            parts << rows(db, QStringLiteral("PRAGMA index_xinfo(%1)").arg(quoted(name)), 6)
                  << rows(db,
                          QStringLiteral("SELECT \"unique\", partial FROM pragma_index_list(%1) "
                                         "WHERE name = %2")
                              .arg(quoted(parts.front()),
                                   QLatin1Char('\'') +
                                       QString(name).replace(QLatin1Char('\''),
                                                             QStringLiteral("''")) +
                                       QLatin1Char('\'')),
                          2);
    }
    return shape;
}

/// As the steps up to one make it.
Shape made(int step) {
    const QString name = QUuid::createUuid().toString();
    Shape shape;
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(QStringLiteral(":memory:"));
        if (!db.open()) throw SqlFailure(db.lastError());
        for (const QString& each : schemaSteps().first(step))
            carryOut(db, each);
        shape = shapeOf(db);
        db.close();
    }
    QSqlDatabase::removeDatabase(name);
    return shape;
}

const Shape& expected(int step) {
    static std::map<int, Shape> known;
    const auto it = known.find(step);
    return it != known.end() ? it->second : known.emplace(step, made(step)).first->second;
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
    const Shape& ours = expected(step);
    const Shape there = shapeOf(db);
    for (const auto& [what, parts] : there) {
        const auto it = ours.find(what);
        if (it == ours.end() || it->second != parts)
            return Error{Trouble::Foreign, what.simplified().left(60)};
    }
    for (const auto& [what, parts] : ours)
        if (!there.count(what))
            return Error{Trouble::Damaged, QCoreApplication::translate("Say", "no %1").arg(what)};
    if (!pages) return std::nullopt;
    Statement check(db, QStringLiteral("PRAGMA quick_check(1)"));
    if (!check.run().next())
        return Error{Trouble::Damaged, QCoreApplication::translate("Say", "no answer")};
    if (check[0].toString() != QLatin1String("ok"))
        return Error{Trouble::Damaged, check[0].toString()};
    return std::nullopt;
}

} // namespace book
