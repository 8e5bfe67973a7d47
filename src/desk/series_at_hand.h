// The series of the lobe at hand, of any kind: its readings, and the ways to add to it. Where there
// is none yet, the first reading makes it, under the terms it would begin with.
#pragma once

#include "desk/session.h"

#include <optional>
#include <utility>

namespace app {

/// A new one of the lobe at hand, with the readings it begins with. False when it is not on disk.
template <class T>
bool beginSeries(Session& session, decltype(T::terms) terms, lobe::Rows<lobe::Reading> first = {}) {
    T fresh;
    fresh.cylinder = session.cylinder();
    fresh.side = session.side();
    fresh.terms = std::move(terms);
    fresh.readings = std::move(first);
    return session.keep(book::AddSeries{std::move(fresh)});
}

template <class T>
bool keepTerms(Session& session, const lobe::Held<T>& series, const decltype(T::terms)& terms) {
    if (series) return session.keep(book::SetTerms{series->id, terms});
    return beginSeries<T>(session, terms);
}

/// `replaces` is struck in the same action; `fresh` are the terms a first reading is taken under.
template <class T>
bool keepReading(Session& session, const lobe::Held<T>& series, const decltype(T::terms)& fresh,
                 const lobe::Reading& reading, std::optional<std::int64_t> replaces = {}) {
    if (series) return session.keep(book::AddReading{series->id, reading, replaces});
    return beginSeries<T>(session, fresh, {reading});
}

/// The newest that is not struck; null without one. Held as the rows are.
inline lobe::Held<lobe::Reading> lastLive(const lobe::Held<lobe::Rows<lobe::Reading>>& rows) {
    if (rows)
        for (auto it = rows->rbegin(); it != rows->rend(); ++it)
            if (!it->struck) return rows.part(&*it);
    return {};
}
inline lobe::Held<lobe::Reading> readingOf(const lobe::Held<lobe::Rows<lobe::Reading>>& rows,
                                           std::int64_t id) {
    if (rows)
        for (const lobe::Reading& r : *rows)
            if (r.id == id) return rows.part(&r);
    return {};
}

} // namespace app
