// Reading a job back: only rows whose action is done count; the newest fact of a subject wins, and
// a patch changes what stood before it.
#include "book/book.h"
#include "book/codec.h"
#include "book/json_parts.h"
#include "book/loaded.h"
#include "book/statement.h"
#include "core/job/bounds.h"
#include "core/job/job.h"

#include <QStringList>

#include <map>
#include <unordered_map>

namespace book {

using namespace lobe;

namespace {

/// Changes of a cam, or entries of a record; and signs of a job's name.
constexpr std::size_t kMostNumbered = 5000;
constexpr qsizetype kMostName = 300;
/// Bytes of one row's JSON: a thousand times what an engine with all its cards needs.
constexpr qsizetype kMostBody = 8 << 20;

class Loader {
public:
    Loader(QSqlDatabase db, std::int64_t job) : db_(std::move(db)), id_(job) {}

    bool load() {
        {
            Statement exists(db_, QStringLiteral("SELECT 1 FROM job WHERE id = ?"));
            if (!exists.run(id_).next()) return false;
        }
        job_.id = id_;
        facts();
        changes();
        entries();
        strikes();
        runs();
        conditions();
        readings();
        contacts();
        return true;
    }
    Job& job() { return job_; }
    const Misread& misread() const { return misread_; }

private:
    void wrong(const QString& what) { misread_.wrong.push_back(what.toStdString()); }
    /// Whether a number is one; else it is said, and its row is left out. What is no number at all
    /// in the file is read as none.
    bool within(const QVariant& number, const Bounds& in, const QString& what) {
        bool ok = false;
        const double v = number.toDouble(&ok);
        if (ok && in.hold(v)) return true;
        misread_.beyond.push_back(
            QStringLiteral("%1: %2").arg(what, number.toString().left(30)).toStdString());
        return false;
    }
    /// Longer ones are nobody's; what is cut off stays in the book.
    static std::string text(const QVariant& v) {
        return plainText(v.toString().left(kMostText).toStdString());
    }

    template <class E>
    E named(const QVariant& text, std::optional<E> (*read)(const QString&), const char* what) {
        const auto value = read(text.toString());
        if (!value)
            wrong(QStringLiteral("%1: %2").arg(QLatin1String(what), text.toString().left(60)));
        return value.value_or(E{});
    }

    /// A body on top of what stood: a patch changes it, else it takes its place.
    void lay(Json& onto, const QVariant& body, bool patch, const QString& what) {
        if (body.isNull()) {
            onto = Json();
            return;
        }
        const QByteArray text = body.toByteArray();
        const auto json = text.size() <= kMostBody ? parsed(text) : std::nullopt;
        if (!json || !json->is_object()) return wrong(what);
        if (!patch)
            onto = *json;
        else if (onto.is_null())
            onto = Json::object(), onto.merge_patch(*json);
        else
            onto.merge_patch(*json);
    }

    void facts() {
        Statement s(db_, QStringLiteral(
                             "SELECT fact.subject, fact.body, fact.patch FROM fact JOIN action ON "
                             "action.id = fact.action_id "
                             "WHERE action.job_id = ? AND action.state = 'done' ORDER BY fact.id"));
        s.run(id_);
        std::map<QString, Json> subjects;
        while (s.next()) {
            const QString subject = s[0].toString();
            if (subject == QLatin1String("name"))
                job_.name = plainText(s[1].toString().left(kMostName).toStdString());
            else
                lay(subjects[subject], s[1], s[2].toInt() == 1, subject);
        }
        for (const auto& [subject, body] : subjects) {
            if (body.is_null()) continue;
            if (subject == QLatin1String("engine")) job_.engine = engineFrom(body, misread_);
            if (subject == QLatin1String("settings"))
                static_cast<Stated&>(job_) = statedFrom(body, misread_);
            if (subject == QLatin1String("card")) {
                SetCards cards = cardsFrom(body, misread_);
                job_.card = std::move(cards.fitted);
                job_.otherCards = std::move(cards.others);
            }
        }
    }

    /// Whether a number is one, and there are not more of them than can be gone through.
    template <class T>
    bool counted(const QVariant& number, const std::map<int, T>& all, const QString& what) {
        if (!within(number, bounds::number, what)) return false;
        if (all.size() < kMostNumbered || all.count(number.toInt())) return true;
        if (misread_.beyond.size() < kMostNumbered)
            misread_.beyond.push_back(QStringLiteral("%1: more than %2 of them")
                                          .arg(what)
                                          .arg(kMostNumbered)
                                          .toStdString());
        return false;
    }

    /// The newest row of a number wins.
    void changes() {
        Statement s(db_,
                    QStringLiteral(
                        "SELECT setting.number, setting.body FROM setting JOIN action ON action.id "
                        "= setting.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY setting.id"));
        s.run(id_);
        std::map<int, CamMove> all;
        while (s.next()) {
            if (!counted(s[0], all, QStringLiteral("number of a change"))) continue;
            const auto body = parsed(s[1].toByteArray());
            if (!body) {
                wrong(QStringLiteral("change %1").arg(s[0].toInt()));
                continue;
            }
            CamMove change = camMoveFrom(*body, misread_);
            change.number = s[0].toInt();
            all[change.number] = std::move(change);
        }
        for (auto& [number, change] : all)
            job_.changes.push_back(std::move(change));
    }

    /// As changes: the newest row of a number wins.
    void entries() {
        Statement s(
            db_,
            QStringLiteral("SELECT entry.number, entry.body FROM entry JOIN action ON action.id "
                           "= entry.action_id "
                           "WHERE action.job_id = ? AND action.state = 'done' ORDER BY entry.id"));
        s.run(id_);
        std::map<int, LogEntry> all;
        while (s.next()) {
            if (!counted(s[0], all, QStringLiteral("number of an entry"))) continue;
            const int number = s[0].toInt();
            const auto body = parsed(s[1].toByteArray());
            if (!body) {
                wrong(QStringLiteral("entry %1").arg(number));
                continue;
            }
            LogEntry entry = logEntryFrom(*body, misread_);
            entry.number = number;
            all[number] = std::move(entry);
        }
        for (auto& [number, entry] : all)
            job_.log.push_back(std::move(entry));
    }

    void strikes() {
        Statement s(
            db_,
            QStringLiteral("SELECT strike.reading_id, strike.contact_id, strike.reason FROM strike "
                           "JOIN action ON action.id = strike.action_id "
                           "WHERE action.job_id = ? AND action.state = 'done' ORDER BY strike.id"));
        s.run(id_);
        while (s.next()) {
            const Struck struck{text(s[2])};
            if (s[0].isNull())
                struckContacts_[s[1].toLongLong()] = struck;
            else
                struckReadings_[s[0].toLongLong()] = struck;
        }
    }

    static std::optional<Struck> struckIn(const std::unordered_map<std::int64_t, Struck>& all,
                                          std::int64_t id) {
        const auto it = all.find(id);
        if (it == all.end()) return std::nullopt;
        return it->second;
    }

    void runs() {
        Statement s(db_,
                    QStringLiteral(
                        "SELECT run.id, run.cylinder, run.side, run.kind FROM run JOIN action ON "
                        "action.id = run.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY run.id"));
        s.run(id_);
        while (s.next()) {
            if (!within(s[1], bounds::cylinders, QStringLiteral("cylinder of a run"))) continue;
            if (s[3].toString() == QLatin1String("clearance"))
                begin(job_.maps, s);
            else
                begin(job_.runs, s);
        }
    }
    template <class T> void begin(std::vector<T>& all, Statement& s) {
        T series;
        series.id = s[0].toLongLong();
        series.cylinder = s[1].toInt();
        series.side = named(s[2], sideFrom, "run.side");
        place_[series.id] = all.size();
        all.push_back(std::move(series));
    }
    /// The series of a row; `visit` is not called where it was undone.
    void of(qint64 id, auto&& visit) {
        const auto it = place_.find(id);
        if (it == place_.end()) return;
        const std::size_t n = it->second;
        // Two vectors, one count of places: the id says which.
        if (n < job_.runs.size() && job_.runs[n].id == id)
            visit(job_.runs[n]);
        else
            visit(job_.maps[n]);
    }

    void conditions() {
        Statement t(db_,
                    QStringLiteral(
                        "SELECT run_terms.run_id, run_terms.body, run_terms.patch FROM run_terms "
                        "JOIN action ON action.id = run_terms.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY run_terms.id"));
        t.run(id_);
        std::map<qint64, Json> bodies;
        while (t.next())
            of(t[0].toLongLong(), [&](const auto& series) {
                lay(bodies[series.id], t[1], t[2].toInt() == 1, said(series));
            });
        for (const auto& [id, body] : bodies)
            if (!body.is_null()) of(id, [&](auto& series) { termsFrom(body, series.terms); });
    }
    static QString said(const LiftRun&) { return QStringLiteral("terms of a run"); }
    static QString said(const ClearanceMap&) { return QStringLiteral("a mock-up"); }
    void termsFrom(const Json& body, RunConditions& out) { out = conditionsFrom(body, misread_); }
    void termsFrom(const Json& body, MockUp& out) { out = mockUpFrom(body, misread_); }

    void readings() {
        Statement r(db_,
                    QStringLiteral(
                        "SELECT reading.run_id, reading.id, reading.crank_deg, reading.lift_mm, "
                        "reading.typed, "
                        "reading.at_ms, reading.approach, reading.of, reading.zero, reading.scale, "
                        "reading.heard "
                        "FROM reading JOIN action ON "
                        "action.id = "
                        "reading.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY reading.id"));
        r.run(id_);
        while (r.next()) {
            const qint64 run = r[0].toLongLong();
            if (!place_.contains(run)) continue;
            if (!within(r[2], bounds::reading_deg, QStringLiteral("angle of a reading")) ||
                !within(r[3], bounds::lift_mm, QStringLiteral("lift of a reading")) ||
                !within(r[8], bounds::few, QStringLiteral("zero of a reading")))
                continue;
            Reading reading;
            reading.id = r[1].toLongLong();
            reading.at = {r[2].toDouble()};
            reading.value_mm = r[3].toDouble();
            reading.typed = text(r[4]);
            reading.time_ms = r[5].toLongLong();
            reading.approach = named(r[6], approachFrom, "reading.approach");
            reading.of = named(r[7], readingOfFrom, "reading.of");
            reading.zero = r[8].toInt();
            if (!r[9].isNull()) reading.scale = named(r[9], scaleFrom, "reading.scale");
            if (!r[10].isNull()) reading.heard = heard(r[10]);
            reading.struck = struckIn(struckReadings_, reading.id);
            of(run, [&](auto& series) { belong(series, std::move(reading)); });
        }
    }

    /// What an instrument said is no fact of the job: unreadable, it is left out and named.
    std::optional<Heard> heard(const QVariant& body) {
        if (const auto json = parsed(body.toByteArray())) return heardFrom(*json, misread_);
        wrong(QStringLiteral("what an instrument said"));
        return std::nullopt;
    }

    static void belong(LiftRun& run, Reading reading) {
        run.readings.push_back(std::move(reading));
    }
    /// What is read of a map is a press, whatever its row says: older books did not say it.
    static void belong(ClearanceMap& map, Reading reading) {
        reading.of = ReadingOf::Press;
        map.readings.push_back(std::move(reading));
    }

    void contacts() {
        Statement s(db_,
                    QStringLiteral(
                        "SELECT contact.id, pass, method, after_top, scale, typed, wheel_deg, "
                        "contact.at_ms, drop_mm, contact.heard "
                        "FROM contact JOIN action ON action.id = contact.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY contact.id"));
        s.run(id_);
        while (s.next()) {
            if (!within(s[6], bounds::cycle_deg, QStringLiteral("angle of a contact")) ||
                !within(s[1], bounds::few, QStringLiteral("pass of a contact")) ||
                (!s[8].isNull() &&
                 !within(s[8], bounds::dimension_mm, QStringLiteral("drop of a contact"))))
                continue;
            Contact c;
            c.id = s[0].toLongLong();
            c.pass = s[1].toInt();
            c.method = named(s[2], methodFrom, "contact.method");
            c.afterTop = s[3].toInt() != 0;
            c.scale = named(s[4], scaleFrom, "contact.scale");
            c.typed = text(s[5]);
            c.at = {s[6].toDouble()};
            c.time_ms = s[7].toLongLong();
            if (!s[8].isNull()) c.drop_mm = s[8].toDouble();
            if (!s[9].isNull()) c.heard = heard(s[9]);
            c.struck = struckIn(struckContacts_, c.id);
            job_.contacts.push_back(std::move(c));
        }
    }

    QSqlDatabase db_;
    qint64 id_;
    Job job_;
    Misread misread_;
    std::unordered_map<std::int64_t, std::size_t> place_; ///< of a series by its id
    std::unordered_map<std::int64_t, Struck> struckReadings_, struckContacts_;
};

QString joined(const std::vector<std::string>& all) {
    QStringList said;
    for (const std::string& each : all)
        if (said.size() < 3) said << QString::fromStdString(each);
    if (all.size() > 3) said << QStringLiteral("and %1 more").arg(all.size() - 3);
    return said.join(QStringLiteral(", "));
}

} // namespace

Result<Loaded> Book::read(std::int64_t job) const {
    try {
        // Rows of one action are seen together, or none of them.
        const ReadState now(db());
        Loader loader(db(), job);
        if (!loader.load()) return Error{Trouble::NoSuchJob, QString::number(job)};
        if (!loader.misread().wrong.empty())
            return Error{Trouble::NotUnderstood, joined(loader.misread().wrong)};
        return Loaded{std::move(loader.job()), joined(loader.misread().beyond),
                      joined(loader.misread().newer)};
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
}

Result<Job> Book::load(std::int64_t job) const {
    auto loaded = read(job);
    if (auto* e = std::get_if<Error>(&loaded)) return std::move(*e);
    return std::move(std::get<Loaded>(loaded).job);
}

} // namespace book
