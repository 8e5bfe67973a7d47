#include "desk/behind.h"

#include <QMetaObject>
#include <QThread>

namespace app {

Behind::Behind(QObject* parent) : QObject(parent) {
    // The window's own thread goes before it.
    pool_.setMaxThreadCount(1);
    pool_.setThreadPriority(QThread::LowPriority);
}

Behind::~Behind() {
    drop();
    pool_.waitForDone();
}

void Behind::drop() {
    if (dropped_) *dropped_ = true;
    dropped_.reset();
}

void Behind::start(Work work) {
    drop();
    dropped_ = std::make_shared<std::atomic<bool>>(false);
    // `this` outlives the worker: it waits for it.
    pool_.start([this, work = std::move(work), dropped = dropped_] {
        if (*dropped) return;
        Found found = work([dropped] { return dropped->load(); });
        QMetaObject::invokeMethod(
            this,
            [this, dropped, found = std::move(found)] {
                if (*dropped || dropped != dropped_) return;
                dropped_.reset();
                if (found) found();
            },
            Qt::QueuedConnection);
    });
}

} // namespace app
