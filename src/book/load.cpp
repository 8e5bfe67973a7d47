// Reading a job back: only rows whose action is done count; the newest fact of a subject wins.
#include "book/book.h"
#include "book/codec.h"
#include "book/statement.h"

#include <map>
#include <unordered_map>

namespace book {

using namespace lobe;

namespace {

class Loader {
public:
    Loader(QSqlDatabase db, std::int64_t job) : db_(std::move(db)), id_(job) {}

    std::optional<Job> load() {
        Statement exists(db_, QStringLiteral("SELECT 1 FROM job WHERE id = ?"));
        if (!exists.run(id_).next()) return std::nullopt;
        job_.id = id_;
        facts();
        settings();
        strikes();
        runs();
        contacts();
        return std::move(job_);
    }

private:
    void facts() {
        Statement s(db_, QStringLiteral(
                             "SELECT fact.subject, fact.body FROM fact JOIN action ON action.id = "
                             "fact.action_id "
                             "WHERE action.job_id = ? AND action.state = 'done' ORDER BY fact.id"));
        s.run(id_);
        while (s.next()) {
            const QString subject = s[0].toString(), body = s[1].toString();
            if (subject == QLatin1String("name")) job_.name = body.toStdString();
            if (subject == QLatin1String("engine")) job_.engine = engineFrom(parsed(body));
            if (subject == QLatin1String("settings")) job_.settings = settingsFrom(parsed(body));
            if (subject == QLatin1String("card")) {
                const SetCards cards = s[1].isNull() ? SetCards{} : cardsFrom(parsed(body));
                job_.card = cards.fitted;
                job_.otherCards = cards.others;
            }
        }
    }

    /// The newest row of a number wins.
    void settings() {
        Statement s(db_,
                    QStringLiteral(
                        "SELECT setting.number, setting.body FROM setting JOIN action ON action.id "
                        "= setting.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY setting.id"));
        s.run(id_);
        std::map<int, SettingChange> changes;
        while (s.next()) {
            SettingChange change = settingChangeFrom(parsed(s[1].toString()));
            change.number = s[0].toInt();
            changes[change.number] = std::move(change);
        }
        for (auto& [number, change] : changes)
            job_.changes.push_back(std::move(change));
    }

    void strikes() {
        Statement s(
            db_,
            QStringLiteral("SELECT strike.reading_id, strike.contact_id, strike.reason FROM strike "
                           "JOIN action ON action.id = strike.action_id "
                           "WHERE action.job_id = ? AND action.state = 'done' ORDER BY strike.id"));
        s.run(id_);
        while (s.next()) {
            const Struck struck{s[2].toString().toStdString()};
            if (s[0].isNull())
                struckContacts_[s[1].toLongLong()] = struck;
            else
                struckReadings_[s[0].toLongLong()] = struck;
        }
    }

    static std::optional<Struck> of(const std::unordered_map<std::int64_t, Struck>& all,
                                    std::int64_t id) {
        const auto it = all.find(id);
        if (it == all.end()) return std::nullopt;
        return it->second;
    }

    void runs() {
        Statement s(db_, QStringLiteral(
                             "SELECT run.id, run.cylinder, run.side FROM run JOIN action ON "
                             "action.id = run.action_id "
                             "WHERE action.job_id = ? AND action.state = 'done' ORDER BY run.id"));
        s.run(id_);
        std::unordered_map<std::int64_t, std::size_t> place;
        while (s.next()) {
            LiftRun run;
            run.id = s[0].toLongLong();
            run.cylinder = s[1].toInt();
            run.side = sideFrom(s[2].toString());
            place[run.id] = job_.runs.size();
            job_.runs.push_back(std::move(run));
        }
        Statement t(db_,
                    QStringLiteral(
                        "SELECT run_terms.run_id, run_terms.body FROM run_terms "
                        "JOIN action ON action.id = run_terms.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY run_terms.id"));
        t.run(id_);
        while (t.next())
            if (const auto it = place.find(t[0].toLongLong()); it != place.end())
                job_.runs[it->second].terms = termsFrom(parsed(t[1].toString()));

        Statement r(db_,
                    QStringLiteral(
                        "SELECT reading.run_id, reading.id, reading.crank_deg, reading.lift_mm, "
                        "reading.typed, "
                        "reading.at_ms, reading.approach, reading.of, reading.zero, reading.scale "
                        "FROM reading JOIN action ON "
                        "action.id = "
                        "reading.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY reading.id"));
        r.run(id_);
        while (r.next()) {
            const auto it = place.find(r[0].toLongLong());
            if (it == place.end()) continue;
            Reading reading;
            reading.id = r[1].toLongLong();
            reading.at = {r[2].toDouble()};
            reading.lift_mm = r[3].toDouble();
            reading.typed = r[4].toString().toStdString();
            reading.time_ms = r[5].toLongLong();
            if (r[6].toString() == QLatin1String("backing")) reading.approach = Approach::BackingUp;
            reading.of = readingOfFrom(r[7].toString());
            reading.zero = r[8].toInt();
            if (!r[9].isNull()) reading.scale = scaleFrom(r[9].toString());
            reading.struck = of(struckReadings_, reading.id);
            job_.runs[it->second].readings.push_back(std::move(reading));
        }
    }

    void contacts() {
        Statement s(db_,
                    QStringLiteral(
                        "SELECT contact.id, pass, method, after_top, scale, typed, wheel_deg, "
                        "contact.at_ms, drop_mm "
                        "FROM contact JOIN action ON action.id = contact.action_id "
                        "WHERE action.job_id = ? AND action.state = 'done' ORDER BY contact.id"));
        s.run(id_);
        while (s.next()) {
            Contact c;
            c.id = s[0].toLongLong();
            c.pass = s[1].toInt();
            c.method = methodFrom(s[2].toString());
            c.afterTop = s[3].toInt() != 0;
            c.scale = scaleFrom(s[4].toString());
            c.typed = s[5].toString().toStdString();
            c.at = {s[6].toDouble()};
            c.time_ms = s[7].toLongLong();
            if (!s[8].isNull()) c.drop_mm = s[8].toDouble();
            c.struck = of(struckContacts_, c.id);
            job_.contacts.push_back(std::move(c));
        }
    }

    QSqlDatabase db_;
    qint64 id_;
    Job job_;
    std::unordered_map<std::int64_t, Struck> struckReadings_, struckContacts_;
};

} // namespace

Result<Job> Book::load(std::int64_t job) const {
    try {
        if (auto loaded = Loader(db(), job).load()) return std::move(*loaded);
        return Error{Trouble::NoSuchJob, QString::number(job)};
    } catch (const SqlFailure& e) {
        return Error{Trouble::Damaged, QString::fromUtf8(e.what())};
    }
}

} // namespace book
