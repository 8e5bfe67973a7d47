// All jobs of a book at once: listed, put away, copied.
#include "book/jobs.h"
#include "book/book.h"
#include "book/statement.h"
#include "core/job/job.h"

#include <algorithm>
#include <array>
#include <unordered_map>

namespace book {

using namespace lobe;

namespace {

constexpr const char* kStates[] = {"open", "archived", "deleted"};

JobState stateFrom(const QString& text) {
    for (int i = 0; i < 3; ++i)
        if (text == QLatin1String(kStates[i])) return static_cast<JobState>(i);
    return JobState::Open;
}

} // namespace

std::int64_t Book::lastDone_ms() const {
    try {
        Statement s(db(), QStringLiteral("SELECT at_ms FROM action ORDER BY id DESC LIMIT 1"));
        return s.run().next() ? s[0].toLongLong() : 0;
    } catch (const SqlFailure&) {
        return 0;
    }
}

Result<std::vector<JobLine>> Book::overview() const {
    try {
        const ReadState now(db());
        std::vector<JobLine> out;
        std::unordered_map<qint64, std::size_t> place;
        {
            Statement s(db(),
                        QStringLiteral(
                            "SELECT id, state, coalesce((SELECT at_ms FROM action WHERE "
                            "job_id = job.id AND state = 'done' ORDER BY id DESC LIMIT 1), "
                            "created_ms) FROM job WHERE state <> 'deleted' ORDER BY id DESC LIMIT "
                            "?"));
            s.run(qint64(kMostListed));
            while (s.next()) {
                JobLine line;
                line.id = s[0].toLongLong();
                line.state = stateFrom(s[1].toString());
                line.changed_ms = s[2].toLongLong();
                place[line.id] = out.size();
                out.push_back(std::move(line));
            }
        }
        // The newest that is said wins. From the index alone: bodies are as long as an engine is.
        std::unordered_map<qint64, std::array<qint64, 3>> said;
        const auto take = [&](Statement& s) {
            s.run();
            while (s.next()) {
                const auto at = place.find(s[1].toLongLong());
                const QVariant title = s[3];
                if (at == place.end() || title.isNull()) continue;
                const QString subject = s[2].toString();
                const int which = subject == QLatin1String("name")     ? 0
                                  : subject == QLatin1String("engine") ? 1
                                                                       : 2;
                qint64& newest = said[at->first][static_cast<std::size_t>(which)];
                if (s[0].toLongLong() < newest) continue;
                newest = s[0].toLongLong();
                JobLine& line = out[at->second];
                (which == 0   ? line.name
                 : which == 1 ? line.engine
                              : line.cam) = title.toString().simplified();
            }
        };
        Statement titled(
            db(),
            QStringLiteral("SELECT fact.id, action.job_id, subject, substr(title, 1, 300) FROM "
                           "fact "
                           "INDEXED BY fact_title JOIN action ON action.id = "
                           "fact.action_id WHERE subject <> 'settings' AND subject IN "
                           "('name', 'engine', 'card') AND title IS NOT NULL AND "
                           "action.state = 'done'"));
        take(titled);
        // A fact of before there were titles; a patch says it only where it changed.
        Statement older(
            db(), QStringLiteral("SELECT fact.id, action.job_id, subject, substr(CASE WHEN "
                                 "subject = 'name' THEN body WHEN json_valid(body) THEN "
                                 "json_extract(body, '$.name') END, 1, 300) FROM fact INDEXED BY "
                                 "fact_title JOIN action ON action.id = fact.action_id WHERE "
                                 "subject <> 'settings' AND subject IN ('name', 'engine', "
                                 "'card') AND title IS NULL AND action.state = 'done'"));
        take(older);
        std::stable_sort(out.begin(), out.end(), [](const JobLine& a, const JobLine& b) {
            return a.changed_ms > b.changed_ms;
        });
        return out;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
}

Result<JobState> Book::setJobState(std::int64_t job, JobState state) {
    if (!readOnly_.isEmpty()) return Error{Trouble::ReadOnly, readOnly_};
    if (const auto trouble = lost()) return *trouble;
    try {
        Transaction transaction(db());
        JobState before = JobState::Open;
        {
            Statement was(db(), QStringLiteral("SELECT state FROM job WHERE id = ?"));
            if (!was.run(qint64(job)).next())
                return Error{Trouble::NoSuchJob, QString::number(job)};
            before = stateFrom(was[0].toString());
        }
        Statement set(db(), QStringLiteral("UPDATE job SET state = ? WHERE id = ?"));
        set.run(QLatin1String(kStates[static_cast<int>(state)]), qint64(job));
        touch();
        transaction.commit();
        return before;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
}

Result<std::int64_t> Book::copyJob(std::int64_t job, CopyOf what, const QString& name) {
    auto read = load(job);
    if (auto* e = std::get_if<Error>(&read)) return *e;
    const Job& whole = std::get<Job>(read);
    if (what == CopyOf::Everything) {
        Job copy = whole;
        copy.name = name.toStdString();
        return addJob(copy);
    }
    Job copy;
    copy.name = name.toStdString();
    copy.engine = whole.engine;
    // What it is measured with, and the schools that are preferred, are the builder's.
    copy.fitted.scale = whole.fitted.scale;
    copy.fitted.tape_mm = whole.fitted.tape_mm;
    copy.fitted.resolution_mm = whole.fitted.resolution_mm;
    copy.reckoning = whole.reckoning;
    if (what == CopyOf::WithCards) {
        copy.card = whole.card;
        copy.otherCards = whole.otherCards;
    }
    return addJob(copy);
}

} // namespace book
