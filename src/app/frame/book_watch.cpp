#include "app/frame/book_watch.h"

#include "desk/session.h"

#include <QFileInfo>
#include <QStorageInfo>

namespace app {

namespace {

/// One look for all that is written in one go.
constexpr int kSettle_ms = 120, kLookAtBook_ms = 2000;

/// Files that another machine may write, or a program that passes them on.
bool isElsewhere(const QString& path) {
    const QByteArray kind = QStorageInfo(path).fileSystemType().toLower();
    for (const char* each :
         {"nfs", "cifs", "smb", "fuse", "9p", "vboxsf", "afs", "ceph", "gluster"})
        if (kind.startsWith(each)) return true;
    return kind.isEmpty();
}

} // namespace

BookWatch::BookWatch(Session& session, QObject* parent) : QObject(parent), session_(session) {
    settle_.setSingleShot(true);
    settle_.setInterval(kSettle_ms);
    byClock_.setInterval(kLookAtBook_ms);
    const auto written = [this] {
        follow();
        if (!settle_.isActive()) settle_.start();
    };
    connect(&files_, &QFileSystemWatcher::fileChanged, this, written);
    connect(&files_, &QFileSystemWatcher::directoryChanged, this, written);
    connect(&settle_, &QTimer::timeout, &session, &Session::lookForChanges);
    connect(&byClock_, &QTimer::timeout, &session, &Session::lookForChanges);
    connect(&session, &Session::jobChanged, this, &BookWatch::follow);
    follow();
}

void BookWatch::follow() {
    const QString book = session_.book().path();
    const QFileInfo there(book);
    QStringList wanted{there.absolutePath()};
    for (const char* end : {"", "-wal"})
        if (const QString file = there.absoluteFilePath() + QLatin1String(end);
            QFileInfo::exists(file))
            wanted << file;
    QStringList gone = files_.files() + files_.directories();
    for (const QString& each : wanted)
        gone.removeAll(each);
    if (!gone.isEmpty()) files_.removePaths(gone);
    bool told = !isElsewhere(there.absolutePath());
    for (const QString& each : wanted)
        if (!files_.files().contains(each) && !files_.directories().contains(each))
            told = files_.addPath(each) && told;
    if (told)
        byClock_.stop();
    else if (!byClock_.isActive())
        byClock_.start();
}

} // namespace app
