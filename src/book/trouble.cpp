#include "book/trouble.h"

#include <QCoreApplication>

#include <QSqlError>

#include <sqlite3.h>

namespace book {

QString sentence(const Error& e, const QString& path) {
    switch (e.trouble) {
    case Trouble::NoSuchFile:
        return QCoreApplication::translate(
                   "Say", "There is no book at %1, and none was made. Check the path; a new book "
                          "is begun under Job.")
            .arg(path);
    case Trouble::CannotOpen:
        return QCoreApplication::translate(
                   "Say", "%1 cannot be opened (%2). Check the folder and the right to read there.")
            .arg(path, e.detail);
    case Trouble::ReadOnlyPlace:
        return QCoreApplication::translate(
                   "Say", "%1 cannot be written: the file or its folder is read-only. Copy it to "
                          "a folder of yours, or change the rights.")
            .arg(path);
    case Trouble::DiskFull:
        return QCoreApplication::translate(
                   "Say", "The disk of %1 is full. Nothing was changed; make room and try again.")
            .arg(path);
    case Trouble::DiskFails:
        return QCoreApplication::translate(
                   "Say", "The disk of %1 does not answer as it should (%2). Nothing was "
                          "changed; check the disk, and keep a copy elsewhere.")
            .arg(path, e.detail);
    case Trouble::Locked:
        return QCoreApplication::translate(
                   "Say", "Another program holds %1. Close it there, or try again in a moment.")
            .arg(path);
    case Trouble::NotABook:
        return QCoreApplication::translate("Say",
                                           "%1 is not a book of Amber Lobe; it was left as it is.")
            .arg(path);
    case Trouble::Newer:
        return QCoreApplication::translate(
                   "Say", "%1 was written by a newer version; it was left as it is. Open it with "
                          "that version.")
            .arg(path);
    case Trouble::Damaged:
        return QCoreApplication::translate(
                   "Say", "%1 is damaged (%2); it was left as it is. Restore a copy.")
            .arg(path, e.detail);
    case Trouble::CannotWrite:
        return QCoreApplication::translate("Say",
                                           "%1 could not be written (%2). Nothing was logged.")
            .arg(path, e.detail);
    case Trouble::NoSuchJob:
        return QCoreApplication::translate("Say", "%1 holds no such job.").arg(path);
    case Trouble::NotUnderstood:
        return QCoreApplication::translate(
                   "Say", "This job of %1 holds what this version does not understand (%2). It "
                          "was left as it is; open it with the version that wrote it.")
            .arg(path, e.detail);
    case Trouble::ReadOnly:
        return QCoreApplication::translate("Say",
                                           "%1 is open for reading only: %2. Nothing was logged. "
                                           "Ctrl+Shift+S keeps what is in hand as a book of yours, "
                                           "which can be changed unless a newer version wrote it.")
            .arg(path, e.detail);
    case Trouble::Vanished:
        return QCoreApplication::translate(
                   "Say", "%1 is no longer there: it was moved or deleted. What is typed now is "
                          "not on disk. Ctrl+Shift+S keeps what is in hand as a new book.")
            .arg(path);
    case Trouble::Foreign:
        return QCoreApplication::translate(
                   "Say", "%1 is not as a book of Amber Lobe is made (%2); it was left as it is.")
            .arg(path, e.detail);
    case Trouble::TakenMeanwhile:
        return QCoreApplication::translate(
            "Say",
            "Another window logged here a moment ago. Look at it: Enter once more keeps this "
            "one all the same, Esc leaves it.");
    case Trouble::Taken:
        return QCoreApplication::translate(
                   "Say",
                   "%1 stands there already; nothing was written. Choose a name that is free.")
            .arg(path);
    case Trouble::Replaced:
        break;
    }
    return QCoreApplication::translate(
               "Say", "%1 was replaced by another file while it was open. What is typed now is "
                      "not on disk. Ctrl+Shift+S keeps what is in hand as a new book.")
        .arg(path);
}

Error troubleOf(const QSqlError& error, Trouble otherwise) {
    bool number = false;
    const int code = error.nativeErrorCode().toInt(&number) & 0xff;
    const QString said = error.databaseText().isEmpty() ? error.text() : error.databaseText();
    return number ? troubleOf(code, said, otherwise) : Error{otherwise, said};
}

Error troubleOf(int code, const QString& said, Trouble otherwise) {
    switch (code) {
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
        return {Trouble::Locked, said};
    case SQLITE_FULL:
        return {Trouble::DiskFull, said};
    case SQLITE_READONLY:
    case SQLITE_PERM:
        return {Trouble::ReadOnlyPlace, said};
    case SQLITE_CANTOPEN:
    case SQLITE_AUTH:
        return {Trouble::CannotOpen, said};
    case SQLITE_IOERR:
        return {Trouble::DiskFails, said};
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
    case SQLITE_INTERRUPT: // more work, or more memory, than any book takes
    case SQLITE_NOMEM:
    case SQLITE_TOOBIG:
        return {Trouble::Damaged, said};
    default:
        break;
    }
    // A table or a column that should be there.
    if (said.startsWith(QLatin1String("no such table")) ||
        said.startsWith(QLatin1String("no such column")))
        return {Trouble::Damaged, said};
    return {otherwise, said};
}

} // namespace book
