#include "app/thirteenth/tally.h"
#include "core/job/job.h"
#include "stations/list.h"

namespace stations {

using namespace lobe;

const Station tally{
    .key = "tally",
    .name = [] { return QStringLiteral("Tally"); },
    .progress =
        [](const Job& job, const Findings&) {
            return fixture::tallied(job) > 0 ? Progress::Done : Progress::NotBegun;
        },
    .line =
        [](const Job& job, const Findings&, const words::Style&) {
            return QStringLiteral("%1 heights").arg(fixture::tallied(job));
        },
    .typed = fixture::kTallyTyped,
    .applies = [](const Job& job) { return job.name != "no tally"; },
};

#define SPARE(station, word)                                                                       \
    const Station station {                                                                        \
        .key = word, .name = [] { return QStringLiteral(word); },                                  \
        .progress = [](const Job&, const Findings&) { return Progress::Done; },                    \
        .line = [](const Job&, const Findings&, const words::Style&) {                             \
            return QStringLiteral("takes up room");                                                \
        },                                                                                         \
    }
SPARE(spare4, "four");
SPARE(spare5, "five");

} // namespace stations
