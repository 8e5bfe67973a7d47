#include "book/place.h"

#include <QFile>
#include <QFileInfo>
#include <QUuid>

#include <fcntl.h>
#include <stdio.h>
#include <unistd.h>

namespace book {

bool makeOwn(const QString& path) {
    const int file =
        ::open(QFile::encodeName(path).constData(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0600);
    return file >= 0 && ::close(file) == 0;
}

bool takeName(const QString& from, const QString& to) {
    const QByteArray a = QFile::encodeName(from), b = QFile::encodeName(to);
    if (::renameat2(AT_FDCWD, a.constData(), AT_FDCWD, b.constData(), RENAME_NOREPLACE) == 0)
        return true;
    // A file system that cannot say "unless": a USB stick.
    return errno == EINVAL && !QFileInfo::exists(to) && ::rename(a.constData(), b.constData()) == 0;
}

bool flushed(const QString& path) {
    const int file = ::open(QFile::encodeName(path).constData(), O_RDONLY | O_CLOEXEC);
    if (file < 0) return false;
    const bool done = ::fsync(file) == 0;
    return ::close(file) == 0 && done;
}

QString unfinished(const QString& path) {
    return path + QStringLiteral(".new-") +
           QUuid::createUuid().toString(QUuid::WithoutBraces).left(8);
}

void removeAll(const QString& database) {
    for (const char* side : {"", "-wal", "-shm", "-journal"})
        QFile::remove(database + QLatin1String(side));
}

} // namespace book
