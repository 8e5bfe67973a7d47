#include "book/place.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>
#include <QUuid>

#include <fcntl.h>
#include <signal.h>
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
    return QStringLiteral("%1.new-%2-%3")
        .arg(path)
        .arg(QCoreApplication::applicationPid())
        .arg(QUuid::createUuid().toString(QUuid::WithoutBraces).left(8));
}

bool runs(qint64 process) {
    return process > 0 && (::kill(static_cast<pid_t>(process), 0) == 0 || errno == EPERM);
}

void sweepUnfinished(const QString& folder, const QString& begin) {
    // Of before there were processes in the names: those have eight signs.
    constexpr qint64 kDay_s = 86400;
    static const QRegularExpression form(
        QStringLiteral("\\.new-(?:(\\d+)-)?[0-9a-f]{8}(-wal|-shm|-journal)?$"));
    const QDir dir(folder);
    for (const QFileInfo& file : dir.entryInfoList(QDir::Files | QDir::Hidden)) {
        const QString name = file.fileName();
        if (!name.startsWith(begin)) continue;
        const auto match = form.match(name);
        if (!match.hasMatch()) continue;
        const QString process = match.captured(1);
        const bool left = process.isEmpty()
                              ? file.lastModified().secsTo(QDateTime::currentDateTime()) > kDay_s
                              : !runs(process.toLongLong());
        if (left) QFile::remove(file.absoluteFilePath());
    }
}

void removeAll(const QString& database) {
    for (const char* side : {"", "-wal", "-shm", "-journal"})
        QFile::remove(database + QLatin1String(side));
}

} // namespace book
