// The SQLite handle behind a Qt connection, for the few things Qt has no call for.
#pragma once

#include <QSqlDatabase>
#include <QSqlDriver>
#include <QVariant>

#include <sqlite3.h>

namespace book {

/// Null when the connection is not open.
inline sqlite3* handleOf(const QSqlDatabase& db) {
    const QVariant v = db.driver()->handle();
    return v.isValid() && qstrcmp(v.typeName(), "sqlite3*") == 0
               ? *static_cast<sqlite3* const*>(v.constData())
               : nullptr;
}

} // namespace book
