// How the book calls what fields change, for whoever goes over many of them.
#pragma once

#include "desk/field.h"

#include <QHash>

namespace app {

class StoredNames {
public:
    StoredNames();
    StoredNames(const StoredNames&) = delete;
    StoredNames& operator=(const StoredNames&) = delete;
    /// As storedNames().
    QStringList of(const Field& field);

private:
    Facts facts_; ///< of no job: where its values lie
    QHash<const void*, QString> paths_;
};

} // namespace app
