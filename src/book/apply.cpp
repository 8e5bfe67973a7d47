#include "book/apply.h"

#include "core/job/job.h"

#include <algorithm>

namespace book {

using namespace lobe;

namespace {

class Applier {
public:
    Applier(Job& job, const Made& made) : job_(job), made_(made) {}

    void operator()(const SetName& c) { job_.name = c.name; }
    void operator()(const SetEngine& c) { job_.engine = c.engine; }
    void operator()(const SetCards& c) {
        job_.card = c.fitted;
        job_.otherCards = c.others;
    }
    void operator()(const SetStated& c) { static_cast<Stated&>(job_) = c.stated; }
    void operator()(const SetCandidates& c) {
        (*this)(SetCards{c.fitted, c.others});
        (*this)(SetStated{c.stated});
    }
    void operator()(const KeepMove& c) {
        const auto at = std::lower_bound(job_.changes.begin(), job_.changes.end(), c.change.number,
                                         [](const CamMove& o, int n) { return o.number < n; });
        if (at != job_.changes.end() && at->number == c.change.number)
            *at = c.change;
        else
            job_.changes.insert(at, c.change);
    }
    void operator()(const KeepEntry& c) {
        const auto at = std::lower_bound(job_.log.begin(), job_.log.end(), c.entry.number,
                                         [](const LogEntry& o, int n) { return o.number < n; });
        if (at != job_.log.end() && at->number == c.entry.number)
            *at = c.entry;
        else
            job_.log.insert(at, c.entry);
    }
    void operator()(const AddSeries& c) {
        for (const std::int64_t id : c.replaces)
            strike(id, kOtherLobe);
        std::visit(
            [this](auto series) {
                series.id = made_.id;
                for (std::size_t i = 0; i < series.readings.size() && i < made_.readings.size();
                     ++i)
                    series.readings.edit()[i].id = made_.readings[i];
                of(series).push_back(std::move(series));
            },
            c.series);
    }
    void operator()(const SetTerms& c) {
        seriesOf(job_, c.series, [&c](auto& series) {
            if (const auto* terms = std::get_if<std::decay_t<decltype(series.terms)>>(&c.terms))
                series.terms = *terms;
        });
    }
    void operator()(const SetManyTerms& c) {
        for (const SetTerms& one : c.series)
            (*this)(one);
        if (c.stated) static_cast<Stated&>(job_) = *c.stated;
    }
    void operator()(const AddReading& c) {
        if (c.replaces) strike(*c.replaces, lobe::kReadAgain);
        Reading reading = c.reading;
        reading.id = made_.id;
        reading.struck.reset();
        seriesOf(job_, c.series,
                 [&reading](auto& series) { series.readings.push_back(std::move(reading)); });
    }
    void operator()(const AddReadings& c) {
        for (const std::int64_t id : c.replaces)
            strike(id, lobe::kReadAgain);
        seriesOf(job_, c.series, [&](auto& series) {
            for (std::size_t i = 0; i < c.readings.size() && i < made_.readings.size(); ++i) {
                Reading reading = c.readings[i];
                reading.id = made_.readings[i];
                reading.struck.reset();
                series.readings.push_back(std::move(reading));
            }
        });
    }
    void operator()(const StrikeReading& c) { strike(c.reading, c.reason); }
    void operator()(const AddContact& c) {
        job_.contacts.push_back(c.contact);
        job_.contacts.back().id = made_.id;
        job_.contacts.back().struck.reset();
    }
    void operator()(const StrikeContact& c) {
        for (Contact& k : job_.contacts)
            if (k.id == c.contact) k.struck = Struck{c.reason};
    }

private:
    std::vector<LiftRun>& of(const LiftRun&) { return job_.runs; }
    std::vector<ClearanceMap>& of(const ClearanceMap&) { return job_.maps; }
    /// Only the list that holds it is changed.
    template <class T>
    static void strikeIn(Rows<T>& rows, std::int64_t id, const std::string& reason) {
        const auto at =
            std::find_if(rows.begin(), rows.end(), [&](const T& r) { return r.id == id; });
        if (at == rows.end()) return;
        const auto place = static_cast<std::size_t>(at - rows.begin());
        rows.edit()[place].struck = Struck{reason};
    }
    void strike(std::int64_t reading, const std::string& reason) {
        for (ClearanceMap& map : job_.maps)
            strikeIn(map.readings, reading, reason);
        for (LiftRun& run : job_.runs)
            strikeIn(run.readings, reading, reason);
    }

    Job& job_;
    const Made& made_;
};

} // namespace

void apply(Job& job, const Change& change, const Made& made) {
    std::visit(Applier(job, made), change);
}

} // namespace book
