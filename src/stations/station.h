// A station of the route as it describes itself, without a window: what it is called, how far it
// has come, what it says in one line, and what of a job belongs to it. Its bench is beside it in
// its folder; the frame and the command line go over all of them (stations/list.h).
#pragma once

#include "core/examine/held.h"
#include "core/route/progress.h"
#include "words/numbers.h"

#include <QString>

#include <span>
#include <vector>

namespace app {
struct Field;
}

namespace stations {

/// Something that can be typed there, and what it means; for the page of the keys.
struct Typed {
    const char *typed, *meaning;
};

/// There is one of each, made where it is described; which one it is, is its address.
struct Station {
    /// Its word in the book, on the command line and in object names; never changed.
    const char* key;
    QString (*name)();
    lobe::Progress (*progress)(const lobe::Job& job, const lobe::Findings& findings);
    /// What it has found, in one line of the route.
    QString (*line)(const lobe::Job& job, const lobe::Findings& findings,
                    const words::Style& style);
    /// Whether a task still to be taken is taken there.
    bool (*takes)(const lobe::Task& task) = nullptr;
    /// The parts of a job that are changed there, as the book names them: what is undone is shown
    /// there. A group ("settings") is for what nobody names.
    std::span<const char* const> owns{};
    std::span<const Typed> typed{};
    /// The facts it asks one by one, in their order; a fact may be asked at several stations.
    std::vector<app::Field> (*fields)() = nullptr;
    /// Whether a job needs it at all; always where it is left out.
    bool (*applies)(const lobe::Job& job) = nullptr;
    /// Its key comes behind those of the others, wherever it stands on the route: hands know them.
    bool lateKey = false;

    /// A copy would be another station.
    struct Once {
        Once() = default;
        Once(const Once&) = delete;
    } once{};
    bool operator==(const Station& other) const { return this == &other; }
    QString id() const { return QString::fromLatin1(key); }
};

} // namespace stations
