// A read-only look at the main file of a book alone, as if there were no log: it takes no lock and
// leaves no file beside it. Private to the book.
#pragma once

#include "book/refusal.h"

#include <QFileInfo>
#include <QSqlDatabase>
#include <QString>
#include <QUrl>
#include <QUuid>

namespace book {

class MainFile {
public:
    explicit MainFile(const QString& path) : name_(QUuid::createUuid().toString()) {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
        db.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI"));
        const QUrl url = QUrl::fromLocalFile(QFileInfo(path).absoluteFilePath());
        db.setDatabaseName(QString::fromLatin1(url.toEncoded()) + QStringLiteral("?immutable=1"));
        open_ = db.open();
        if (open_) guard(db);
    }
    ~MainFile() {
        QSqlDatabase::database(name_, false).close();
        QSqlDatabase::removeDatabase(name_);
    }
    MainFile(const MainFile&) = delete;
    MainFile& operator=(const MainFile&) = delete;
    bool open() const { return open_; }
    QSqlDatabase db() const { return QSqlDatabase::database(name_, false); }

private:
    QString name_;
    bool open_ = false;
};

} // namespace book
