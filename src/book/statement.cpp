#include "book/statement.h"

namespace book {

namespace {

QHash<QString, Prepared>& all() {
    // Never taken down: a book that lives as long as the program closes after its thread's own.
    thread_local auto* kept = new QHash<QString, Prepared>;
    return *kept;
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
