// A prepared statement that throws on failure, for use inside a transaction that rolls back. Each
// function of the book that the window calls catches SqlFailure and answers with an Error.
#pragma once

#include "book/trouble.h"

#include <QHash>
#include <QSharedPointer>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

#include <stdexcept>

namespace book {

class SqlFailure : public std::runtime_error {
public:
    explicit SqlFailure(const QSqlError& e)
        : std::runtime_error(e.text().toStdString()), error_(e) {}
    Error trouble(Trouble otherwise) const { return troubleOf(error_, otherwise); }

private:
    QSqlError error_;
};

/// What was prepared on a connection and is at rest, by its text: the same few statements are run
/// at every reading. Only connections that are kept have one; it is gone before they close.
using Prepared = QHash<QString, QSharedPointer<QSqlQuery>>;
/// Null where the connection keeps none. Of this thread, as connections are.
Prepared* preparedOn(const QString& connection);
/// From now on what is run there is kept prepared; or no more.
void keepPrepared(const QString& connection, bool on);

/// What is left of the work one statement may do, in looks of `kStepsBetweenLooks` steps of
/// SQLite's machine: a book may come from anywhere, and what it asks for has an end. Of this
/// thread.
inline thread_local int looksLeft = 0;
constexpr int kStepsBetweenLooks = 50000, kMostLooks = 6000;

class Statement {
public:
    Statement(const QSqlDatabase& db, const QString& sql)
        : sql_(sql), connection_(db.connectionName()) {
        if (Prepared* kept = preparedOn(connection_)) query_ = kept->take(sql);
        if (query_) return;
        query_ = QSharedPointer<QSqlQuery>::create(db);
        query_->setForwardOnly(true);
        if (!query_->prepare(sql)) throw SqlFailure(query_->lastError());
    }
    ~Statement() {
        if (!query_ || failed_) return;
        Prepared* kept = preparedOn(connection_);
        // A pragma is run once, and its text may be another each time.
        if (!kept || sql_.startsWith(QLatin1String("PRAGMA user"))) return;
        query_->finish(); // it holds no state of the book any more
        kept->insert(sql_, query_);
    }
    Statement(const Statement&) = delete;
    Statement& operator=(const Statement&) = delete;
    template <class... Values> Statement& run(const Values&... values) {
        int position = 0;
        looksLeft = kMostLooks;
        (query_->bindValue(position++, QVariant(values)), ...);
        if (!query_->exec()) {
            failed_ = true;
            throw SqlFailure(query_->lastError());
        }
        return *this;
    }
    bool next() {
        if (query_->next()) return true;
        // A page that cannot be read ends a result early: that is no end.
        if (query_->lastError().type() != QSqlError::NoError) {
            failed_ = true;
            throw SqlFailure(query_->lastError());
        }
        return false;
    }
    QVariant operator[](int column) const { return query_->value(column); }
    qint64 id() const { return query_->lastInsertId().toLongLong(); }

private:
    QString sql_, connection_;
    QSharedPointer<QSqlQuery> query_;
    bool failed_ = false;
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

/// One state of the book for all that is read while it lives, whoever writes meanwhile. Within a
/// transaction it is that one's.
class ReadState {
public:
    explicit ReadState(QSqlDatabase db)
        : db_(std::move(db)), begun_(QSqlQuery(db_).exec(QStringLiteral("BEGIN"))) {}
    ~ReadState() {
        if (begun_) QSqlQuery(db_).exec(QStringLiteral("COMMIT"));
    }
    ReadState(const ReadState&) = delete;
    ReadState& operator=(const ReadState&) = delete;

private:
    QSqlDatabase db_;
    bool begun_;
};

} // namespace book
