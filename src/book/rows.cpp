#include "book/rows.h"

#include "book/codec.h"
#include "book/statement.h"
#include "core/job/job.h"

namespace book {

using namespace lobe;

const char* seriesKind(const LiftRun&) {
    return "lift";
}
const char* seriesKind(const ClearanceMap&) {
    return "clearance";
}

namespace {

QVariant orNull(const std::optional<std::int64_t>& id) {
    return id ? QVariant(qint64(*id)) : QVariant();
}

/// Writes the rows of one change; one overload per kind.
class RowWriter {
public:
    RowWriter(QSqlDatabase db, std::int64_t action, const Job* seen)
        : db_(std::move(db)), action_(action), seen_(seen) {}

    Made operator()(const SetName& c) {
        const QString name = QString::fromStdString(c.name);
        return row("name", name, false, name);
    }
    Made operator()(const SetEngine& c) {
        return fact("engine", toJson(c.engine), seen_ ? toJson(seen_->engine) : Json());
    }
    Made operator()(const SetCards& c) {
        return fact("card", toJson(c),
                    seen_ ? toJson(SetCards{seen_->card, seen_->otherCards}) : Json());
    }
    Made operator()(const SetStated& c) {
        return fact("settings", toJson(c.stated),
                    seen_ ? toJson(static_cast<const lobe::Stated&>(*seen_)) : Json());
    }

    Made operator()(const SetCandidates& c) {
        // What is undone is said by the first of them.
        (*this)(SetStated{c.stated});
        return (*this)(SetCards{c.fitted, c.others});
    }

    Made operator()(const KeepMove& c) {
        Statement s(
            db_, QStringLiteral("INSERT INTO setting(action_id, number, body) VALUES (?, ?, ?)"));
        s.run(action_, c.change.number, compact(toJson(c.change)));
        return {c.change.number, {}};
    }

    Made operator()(const KeepEntry& c) {
        Statement s(db_,
                    QStringLiteral("INSERT INTO entry(action_id, number, body) VALUES (?, ?, ?)"));
        s.run(action_, c.entry.number, compact(toJson(c.entry)));
        return {c.entry.number, {}};
    }

    Made operator()(const AddSeries& c) {
        for (const std::int64_t id : c.replaces)
            strike(id, {}, kOtherLobe);
        return std::visit(
            [this](const auto& series) {
                Made made;
                made.id = run(series.cylinder, series.side, seriesKind(series));
                terms(made.id, toJson(series.terms), false);
                for (const Reading& r : series.readings) {
                    made.readings.push_back(reading(made.id, r));
                    if (r.struck) strike(made.readings.back(), {}, r.struck->reason);
                }
                return made;
            },
            c.series);
    }
    Made operator()(const SetTerms& c) {
        const Json after = std::visit([](const auto& t) { return toJson(t); }, c.terms);
        std::optional<Json> before;
        if (seen_)
            seriesOf(*seen_, c.series, [&](const auto& series) { before = toJson(series.terms); });
        return before ? terms(c.series, changed(*before, after), true)
                      : terms(c.series, after, false);
    }
    Made operator()(const SetManyTerms& c) {
        for (const SetTerms& one : c.series)
            (*this)(one);
        if (c.stated) (*this)(SetStated{*c.stated});
        return {};
    }
    Made operator()(const AddReading& c) {
        if (c.replaces) strike(*c.replaces, {}, lobe::kReadAgain);
        return {reading(c.series, c.reading), {}};
    }
    Made operator()(const AddReadings& c) {
        for (const std::int64_t id : c.replaces)
            strike(id, {}, lobe::kReadAgain);
        Made made;
        for (const Reading& r : c.readings)
            made.readings.push_back(reading(c.series, r));
        return made;
    }
    Made operator()(const StrikeReading& c) { return strike(c.reading, {}, c.reason); }
    Made operator()(const AddContact& c) {
        const Contact& k = c.contact;
        Statement s(db_, QStringLiteral("INSERT INTO contact(action_id, pass, method, after_top, "
                                        "scale, drop_mm, typed, wheel_deg, at_ms, heard) "
                                        "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"));
        return {s.run(action_, k.pass, methodText(k.method), k.afterTop ? 1 : 0, scaleText(k.scale),
                      k.drop_mm ? QVariant(*k.drop_mm) : QVariant(),
                      QString::fromStdString(k.typed), k.at.deg, qint64(k.time_ms),
                      k.heard ? compact(toJson(*k.heard)) : QVariant())
                    .id(),
                {}};
    }
    Made operator()(const StrikeContact& c) { return strike({}, c.contact, c.reason); }

private:
    Made fact(const char* subject, const Json& after, const Json& before) {
        const auto name = after.find("name");
        const QString title = name != after.end() && name->is_string()
                                  ? QString::fromStdString(name->get<std::string>())
                                  : QString();
        return before.is_null() ? row(subject, compact(after), false, title)
                                : row(subject, compact(changed(before, after)), true, title);
    }
    /// `title`: what the job, its engine or its cam is called from now on.
    Made row(const char* subject, const QVariant& body, bool patch, const QString& title) {
        Statement s(db_, QStringLiteral("INSERT INTO fact(action_id, subject, body, patch, title) "
                                        "VALUES (?, ?, ?, ?, ?)"));
        s.run(action_, QLatin1String(subject), body, patch ? 1 : 0,
              title.isNull() ? QVariant(QStringLiteral("")) : QVariant(title));
        return {};
    }
    Made terms(qint64 run, const Json& body, bool patch) {
        Statement s(db_, QStringLiteral("INSERT INTO run_terms(action_id, run_id, body, patch) "
                                        "VALUES (?, ?, ?, ?)"));
        s.run(action_, run, compact(body), patch ? 1 : 0);
        return {};
    }
    std::int64_t run(int cylinder, Side side, const char* kind) {
        Statement s(db_, QStringLiteral("INSERT INTO run(action_id, cylinder, side, kind) VALUES "
                                        "(?, ?, ?, ?)"));
        return s.run(action_, cylinder, sideText(side), QLatin1String(kind)).id();
    }
    std::int64_t reading(qint64 run, const Reading& r) {
        // A sweep has thousands: prepared once.
        if (!readings_)
            readings_.emplace(db_, QStringLiteral("INSERT INTO reading(action_id, run_id, "
                                                  "crank_deg, lift_mm, typed, at_ms, approach, "
                                                  "of, zero, scale, heard) "
                                                  "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"));
        return readings_
            ->run(action_, run, r.at.deg, r.value_mm, QString::fromStdString(r.typed),
                  qint64(r.time_ms), approachText(r.approach),
                  // A press is one by the kind of its series.
                  readingOfText(r.of == ReadingOf::Press ? ReadingOf::Lift : r.of), r.zero,
                  r.scale ? QVariant(scaleText(*r.scale)) : QVariant(),
                  r.heard ? compact(toJson(*r.heard)) : QVariant())
            .id();
    }
    Made strike(std::optional<std::int64_t> reading, std::optional<std::int64_t> contact,
                const std::string& reason) {
        Statement s(db_, QStringLiteral("INSERT INTO strike(action_id, reading_id, contact_id, "
                                        "reason) VALUES (?, ?, ?, ?)"));
        s.run(action_, orNull(reading), orNull(contact), QString::fromStdString(reason));
        return {};
    }

    QSqlDatabase db_;
    qint64 action_;
    const Job* seen_;
    std::optional<Statement> readings_;
};

/// Names an action for the undo menu; stable words kept in the book.
struct KindOf {
    const char* operator()(const SetName&) const { return "name"; }
    const char* operator()(const SetEngine&) const { return "engine"; }
    const char* operator()(const SetCards&) const { return "card"; }
    const char* operator()(const SetStated&) const { return "settings"; }
    const char* operator()(const SetCandidates&) const { return "settings"; }
    const char* operator()(const KeepMove&) const { return "cam setting"; }
    const char* operator()(const KeepEntry&) const { return "entry"; }
    const char* operator()(const AddSeries& c) const {
        return std::visit(
            [](const auto& s) {
                return s.readings.empty()       ? begun(s)
                       : s.readings.size() == 1 ? "reading"
                                                : "import";
            },
            c.series);
    }
    const char* operator()(const SetManyTerms&) const { return "shift"; }
    const char* operator()(const SetTerms&) const { return "run terms"; }
    const char* operator()(const AddReading&) const { return "reading"; }
    const char* operator()(const AddReadings&) const { return "readings"; }
    const char* operator()(const StrikeReading&) const { return "strike"; }
    const char* operator()(const AddContact&) const { return "contact"; }
    const char* operator()(const StrikeContact&) const { return "strike"; }

private:
    static const char* begun(const LiftRun&) { return "run"; }
    static const char* begun(const ClearanceMap&) { return "map"; }
};

} // namespace

const char* kindOf(const Change& change) {
    return std::visit(KindOf{}, change);
}

Made writeRows(const QSqlDatabase& db, std::int64_t action, const Change& change, const Job* seen) {
    return std::visit(RowWriter(db, action, seen), change);
}

} // namespace book
