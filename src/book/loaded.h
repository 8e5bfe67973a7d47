// A job as it was read: from a book, from a file.
#pragma once

#include "core/job/job.h"

#include <QByteArray>
#include <QString>

#include <string>
#include <vector>

namespace book {

/// What a job of a book is read as.
struct Loaded {
    lobe::Job job;
    /// Facts no engine has ("engine.cylinders: 2000000000"): left out of the job, not of the book.
    QString leftOut;
    /// Keys this program does not know, from a newer one: the book is not written any more.
    QString newer;
};

/// A picture a job names by a path from its book's folder.
struct Attached {
    std::string name; ///< in the file
    QByteArray bytes;
};

/// What a job's file is read as (book/job_file.h).
struct JobFile {
    lobe::Job job; ///< without ids; pictures by their names in the file
    std::vector<Attached> pictures;
};

} // namespace book
