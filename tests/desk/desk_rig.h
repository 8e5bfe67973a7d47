// A job in a book of its own, for desks without a window.
#pragma once

#include "book/book.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "desk/desk.h"
#include "desk/session.h"

#include <QTemporaryDir>

namespace desk_rig {

/// A job in a book of its own.
struct Rig {
    QTemporaryDir dir;
    QString path = dir.filePath(QStringLiteral("book.amber"));
    std::unique_ptr<app::Session> session;
    bool inches = false;
    bool waits = true; ///< for what is worked out behind, on a slow machine too

    Rig() {
        auto opened = book::Book::open(path);
        session = std::make_unique<app::Session>(
            std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        QObject::connect(session.get(), &app::Session::snapshotTaken, session.get(), [this] {
            if (waits && session->snapshot()->pending) session->settle();
        });
        session->newJob(QStringLiteral("Skerry Four"));
    }
    app::Desk::Manner manner() {
        return [this] {
            words::Style s;
            s.unit = inches ? lobe::LengthUnit::Inch : lobe::LengthUnit::Millimetre;
            return s;
        };
    }
    /// As another program would read it.
    lobe::Job onDisk() const {
        auto opened = book::Book::open(path);
        auto book = std::get<std::unique_ptr<book::Book>>(std::move(opened));
        return std::get<lobe::Job>(book->load(session->job().id));
    }
};

} // namespace desk_rig
