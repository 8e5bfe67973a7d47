// A book opened for a test at a fixed time, and its file written to behind its back.
#pragma once

#include "book/book.h"

#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTest>

#include <memory>

namespace support {

inline std::unique_ptr<book::Book> opened(const QString& path) {
    auto result = book::Book::open(path, [] { return std::int64_t(1000); });
    if (auto* e = std::get_if<book::Error>(&result))
        qFatal("%s: %s", qPrintable(path), qPrintable(book::sentence(*e, path)));
    return std::get<std::unique_ptr<book::Book>>(std::move(result));
}

/// All of a file; empty where it cannot be read.
inline QByteArray bytes(const QString& path) {
    QFile f(path);
    f.open(QIODevice::ReadOnly);
    return f.readAll();
}

inline lobe::Reading reading(double deg, double mm) {
    lobe::Reading r;
    r.at = {deg};
    r.value_mm = mm;
    return r;
}

inline void sql(const QString& path, const QStringList& statements) {
    {
        QSqlDatabase db =
            QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw"));
        db.setDatabaseName(path);
        QVERIFY(db.open());
        for (const QString& s : statements) {
            QSqlQuery q(db);
            QVERIFY2(q.exec(s), qPrintable(s));
        }
        db.close();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("raw"));
}

inline std::int64_t id(const book::Result<std::int64_t>& r) {
    return std::get<std::int64_t>(r);
}
inline std::int64_t id(const book::Result<book::Made>& r) {
    return std::get<book::Made>(r).id;
}

} // namespace support
