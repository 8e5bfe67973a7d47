// Notices that another window wrote to the book, by what the file system tells: nothing wakes while
// nothing happens. On file systems that do not tell of other machines it looks every two seconds.
#pragma once

#include <QFileSystemWatcher>
#include <QTimer>

namespace app {

class Session;

class BookWatch : public QObject {
    Q_OBJECT
public:
    /// The session outlives it; its book is watched from now on, and whichever it takes next.
    BookWatch(Session& session, QObject* parent);

    /// False where it has to look by the clock.
    bool isTold() const { return !byClock_.isActive(); }

private:
    /// What there is of the book's files now; the log comes and goes.
    void follow();

    Session& session_;
    QFileSystemWatcher files_;
    QTimer settle_, byClock_;
};

} // namespace app
