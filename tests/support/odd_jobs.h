// Jobs as they are met: the demo's with facts taken away, exchanged, moved and doubled at random,
// by ways of measuring of all kinds. Whatever a job file can say comes up sooner or later; what it
// may not say is refused by its reader, and none of these.
#pragma once

#include "book/codec.h"
#include "book/files.h"
#include "book/job_file.h"
#include "book/loaded.h"

#include <algorithm>
#include <random>
#include <vector>

namespace support {

class OddJobs {
public:
    explicit OddJobs(unsigned seed) : random_(seed) {
        for (const char* folder : {"skerry-four", "marram-650", "skerry-spare", "skerry-two"}) {
            auto read = book::readJobFolder(QStringLiteral(DEMO_DIR "/") + QLatin1String(folder));
            const auto& job = std::get<lobe::Job>(read);
            whole_.push_back(jsonOf(job));
            whole_.push_back(jsonOf(byEvents(job, false)));
            whole_.push_back(jsonOf(byEvents(job, true)));
        }
    }

    lobe::Job next() {
        for (;;) {
            book::Json json = oneOf(whole_);
            if (upTo(4) > 0) halfACard(json);
            for (int n = 1 + upTo(8); n > 0; --n)
                change(json);
            const auto read = book::readJobFile(QByteArray::fromStdString(json.dump()));
            if (const auto* file = std::get_if<book::JobFile>(&read)) return file->job;
            ++refused_;
        }
    }
    int refused() const { return refused_; }

private:
    using Json = book::Json;

    static Json jsonOf(const lobe::Job& job) {
        return *book::parsed(book::jobFile(job, QStringLiteral("/nowhere/book.amber")));
    }

    /// The same lobes by their events alone, or by two readings about the nose.
    static lobe::Job byEvents(lobe::Job job, bool fromNose) {
        for (lobe::LiftRun& run : job.runs) {
            run.terms.eventsOnly = true;
            run.terms.fromNose = fromNose;
            std::vector<lobe::Reading> taken;
            double most = 0.0;
            for (const lobe::Reading& r : run.readings)
                most = std::max(most, r.value_mm);
            for (double height : {0.15, 1.27}) {
                const lobe::Reading *up = nullptr, *down = nullptr;
                for (const lobe::Reading& r : run.readings)
                    if (!r.struck && r.value_mm > height) {
                        if (!up) up = &r;
                        down = &r;
                    }
                for (const auto& [from, of] : {std::pair(up, lobe::ReadingOf::Opens),
                                               std::pair(down, lobe::ReadingOf::Closes)}) {
                    if (!from) continue;
                    lobe::Reading event = *from;
                    event.of = of;
                    event.value_mm = fromNose ? -height : height;
                    event.typed = "12";
                    taken.push_back(event);
                }
            }
            auto& readings = run.readings.edit();
            readings.assign(taken.begin(), taken.end());
        }
        return job;
    }

    int upTo(int n) { return std::uniform_int_distribution<int>(0, std::max(0, n - 1))(random_); }
    template <class T> const T& oneOf(const std::vector<T>& all) {
        return all[static_cast<std::size_t>(upTo(static_cast<int>(all.size())))];
    }

    /// What the card says in one of the ways cards do.
    void halfACard(Json& json) {
        if (!json.contains("card") || !json["card"].is_object()) return;
        Json& card = json["card"];
        static const std::vector<std::vector<const char*>> kLeftOut{
            {"ivo", "ivc", "evo", "evc"},
            {"centre", "centres", "separation", "advance"},
            {"lift"},
            {"ivo", "evc"},
            {"separation"},
            {"durations", "duration"},
            {"evo", "evc"},
            {}};
        for (const char* key : oneOf(kLeftOut))
            card.erase(key);
    }

    /// Every value of a job but its readings', where most of the text is; of those a few.
    void gather(Json& at, std::vector<Json*>& leaves,
                std::vector<std::pair<Json*, std::string>>& keys, std::vector<Json*>& lists) {
        if (at.is_object()) {
            for (auto it = at.begin(); it != at.end(); ++it) {
                keys.emplace_back(&at, it.key());
                gather(it.value(), leaves, keys, lists);
            }
        } else if (at.is_array()) {
            if (!at.empty()) lists.push_back(&at);
            const std::size_t step = std::max<std::size_t>(1, at.size() / 6);
            for (std::size_t i = 0; i < at.size(); i += step)
                gather(at[i], leaves, keys, lists);
        } else {
            leaves.push_back(&at);
        }
    }

    void change(Json& json) {
        std::vector<Json*> leaves, lists;
        std::vector<std::pair<Json*, std::string>> keys;
        for (const char* part :
             {"engine", "card", "settings", "changes", "contacts", "runs", "maps"})
            if (json.contains(part)) gather(json[part], leaves, keys, lists);
        if (leaves.empty() || keys.empty()) return;
        switch (upTo(9)) {
        case 0:
        case 1: { // taken away
            const auto& [object, key] = oneOf(keys);
            object->erase(key);
            break;
        }
        case 2: { // exchanged: two numbers, two words
            Json &a = *oneOf(leaves), &b = *oneOf(leaves);
            if (a.type() == b.type()) std::swap(a, b);
            break;
        }
        case 3: // as the same key elsewhere has it
        case 4: {
            const auto& [object, key] = oneOf(keys);
            for (int look = 0; look < 40; ++look) {
                const auto& [other, same] = oneOf(keys);
                if (same != key || other == object || !other->contains(same)) continue;
                (*object)[key] = Json((*other)[same]);
                break;
            }
            break;
        }
        case 5:
        case 6: { // moved
            Json& leaf = *oneOf(leaves);
            if (leaf.is_boolean()) leaf = !leaf.get<bool>();
            if (leaf.is_number_integer())
                leaf = oneOf(std::vector<int>{0, 1, 2, -1, 4, 16, leaf.get<int>() + 1});
            if (leaf.is_number_float()) {
                const double v = leaf.get<double>();
                leaf = oneOf(std::vector<double>{0.0, -v, v / 2.0, 2.0 * v, v + 180.0, v - 360.0,
                                                 v + 0.1, 1.0, 25.4 * v, v / 25.4});
            }
            break;
        }
        case 7: { // some of a list gone, or its order another, or one twice
            if (lists.empty()) return;
            Json& list = *oneOf(lists);
            const auto at = static_cast<std::size_t>(upTo(static_cast<int>(list.size())));
            const auto n = list.size();
            switch (upTo(4)) {
            case 0:
                list.erase(list.begin() + static_cast<std::ptrdiff_t>(at), list.end());
                break;
            case 1:
                list.erase(at);
                break;
            case 2:
                list.insert(list.begin(), Json(list[at]));
                break;
            default:
                std::swap(list[at], list[n - 1 - at]);
            }
            break;
        }
        default: { // the indicator was set to zero elsewhere: all lifts of a run less one of them
            if (!json.contains("runs") || json["runs"].empty()) return;
            Json& run =
                json["runs"][static_cast<std::size_t>(upTo(static_cast<int>(json["runs"].size())))];
            if (!run.contains("readings") || run["readings"].empty()) return;
            Json& readings = run["readings"];
            const auto at = static_cast<std::size_t>(upTo(static_cast<int>(readings.size())));
            const double zero = readings[at].value("lift_mm", 0.0);
            for (Json& r : readings)
                r["lift_mm"] = r.value("lift_mm", 0.0) - zero;
        }
        }
    }

    std::mt19937 random_;
    std::vector<Json> whole_;
    int refused_ = 0;
};

} // namespace support
