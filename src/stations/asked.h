// The facts of a job as the stations ask them, and which of them was changed: by the names the book
// has for values.
#pragma once

#include "stations/station.h"

#include <QStringList>

#include <optional>

namespace stations {

struct Asked {
    const Station* station = nullptr;
    QString subject; ///< "engine", "cam card"
    /// As they are asked, "bore"; several where one line answered several, none where many fields
    /// of that subject change the same value.
    QStringList names;
};

/// What was asked where these values changed (book::Deed::paths): the field that changes all of
/// them and least else, the earlier station's where several do; else each value's own. Empty where
/// no field changes any.
std::optional<Asked> asked(const QStringList& paths);

/// The facts that a job's stations ask, each where it is asked first, in the order of the route. Of
/// the job alone, its name aside: the conditions of a run and of a map stand beside what was
/// measured.
std::vector<app::Field> factsOf(const lobe::Job& job);

} // namespace stations
