#include "book/shelf.h"

#include "book/codec.h"
#include "book/statement.h"

#include <algorithm>
#include <map>

namespace book {

using namespace lobe;

namespace {

struct Kept {
    Json card, engine;
    bool intake = false, exhaust = false;
};

void lay(Json& onto, const QByteArray& text, bool patch) {
    const auto json = parsed(text);
    if (!json || !json->is_object()) return;
    if (!patch || onto.is_null())
        onto = *json;
    else
        onto.merge_patch(*json);
}

} // namespace

Result<std::vector<ShelfCam>> Book::shelf() const {
    try {
        std::map<std::int64_t, Kept> kept;
        Statement s(db(), QStringLiteral(
                              "SELECT action.job_id, fact.subject, fact.body, fact.patch FROM fact "
                              "JOIN action ON action.id = fact.action_id WHERE action.state = "
                              "'done' AND fact.subject IN ('card', 'engine') ORDER BY fact.id"));
        s.run();
        while (s.next()) {
            Kept& k = kept[s[0].toLongLong()];
            lay(s[1].toString() == QLatin1String("card") ? k.card : k.engine, s[2].toByteArray(),
                s[3].toInt() == 1);
        }
        // A lobe counts as measured with a few dozen readings; which ones count is told later.
        Statement r(db(), QStringLiteral(
                              "SELECT action.job_id, run.side FROM run JOIN action ON action.id = "
                              "run.action_id WHERE action.state = 'done' AND run.kind = 'lift' AND "
                              "EXISTS (SELECT 1 FROM reading WHERE reading.run_id = run.id LIMIT 1 "
                              "OFFSET 20)"));
        r.run();
        while (r.next()) {
            Kept& k = kept[r[0].toLongLong()];
            (sideFrom(r[1].toString()) == Side::Exhaust ? k.exhaust : k.intake) = true;
        }
        std::vector<ShelfCam> out;
        auto named = listJobs();
        if (const auto* e = std::get_if<Error>(&named)) return *e;
        auto& listed = std::get<std::vector<JobSummary>>(named);
        std::reverse(listed.begin(), listed.end());
        for (const JobSummary& job : listed) {
            const auto at = kept.find(job.id);
            if (at == kept.end()) continue;
            const Kept& k = at->second;
            Misread misread;
            ShelfCam cam;
            cam.job = job.id;
            cam.jobName = job.name;
            if (!k.engine.is_null()) cam.follower = engineFrom(k.engine, misread).follower;
            SetCards cards;
            if (!k.card.is_null()) cards = cardsFrom(k.card, misread);
            if (!misread.wrong.empty()) continue;
            const bool measured = k.intake && k.exhaust;
            if (cards.fitted || measured) {
                cam.card = cards.fitted.value_or(Card{});
                if (cam.card.name.empty()) cam.card.name = job.name.toStdString();
                cam.measured = measured;
                cam.fitted = true;
                out.push_back(cam);
            }
            cam.measured = cam.fitted = false;
            for (Card& c : cards.others) {
                if (c.name.empty()) continue;
                cam.card = std::move(c);
                out.push_back(cam);
            }
        }
        return out;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
}

} // namespace book
