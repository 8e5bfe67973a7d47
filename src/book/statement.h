// A prepared statement that throws on failure, for use inside a transaction that rolls back.
#pragma once

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

#include <stdexcept>

namespace book {

class SqlFailure : public std::runtime_error {
public:
    explicit SqlFailure(const QSqlError& e) : std::runtime_error(e.text().toStdString()) {}
};

class Statement {
public:
    Statement(const QSqlDatabase& db, const QString& sql) : query_(db) {
        query_.setForwardOnly(true);
        if (!query_.prepare(sql)) throw SqlFailure(query_.lastError());
    }
    template <class... Values> Statement& run(const Values&... values) {
        int position = 0;
        (query_.bindValue(position++, QVariant(values)), ...);
        if (!query_.exec()) throw SqlFailure(query_.lastError());
        return *this;
    }
    bool next() { return query_.next(); }
    QVariant operator[](int column) const { return query_.value(column); }
    qint64 id() const { return query_.lastInsertId().toLongLong(); }

private:
    QSqlQuery query_;
};

/// Begins on construction and rolls back unless committed.
class Transaction {
public:
    explicit Transaction(QSqlDatabase db) : db_(std::move(db)) {
        // Immediate, so that two windows queue for the pen instead of failing half way.
        Statement(db_, QStringLiteral("BEGIN IMMEDIATE")).run();
    }
    ~Transaction() {
        if (!done_) QSqlQuery(db_).exec(QStringLiteral("ROLLBACK"));
    }
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    void commit() {
        Statement(db_, QStringLiteral("COMMIT")).run();
        done_ = true;
    }

private:
    QSqlDatabase db_;
    bool done_ = false;
};

} // namespace book
