#include "book/statement.h"

namespace book {

namespace {

QHash<QString, Prepared>& all() {
    thread_local QHash<QString, Prepared> kept;
    return kept;
}

} // namespace

Prepared* preparedOn(const QString& connection) {
    const auto at = all().find(connection);
    return at != all().end() ? &*at : nullptr;
}

void keepPrepared(const QString& connection, bool on) {
    if (on)
        all()[connection];
    else
        all().remove(connection);
}

} // namespace book
