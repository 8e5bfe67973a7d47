#include "core/job/job.h"
#include "words/finding_sentences.h"
#include "words/say.h"
#include "words/springs.h"

#include <cmath>

namespace words {

using namespace lobe;

QString said(const found::SpringRoomShort& f, const Finding& of, const Style& style) {
    SpringMargin m;
    m.room = f.room;
    m.valve = {of.cylinder, of.side.value_or(Side::Intake), 1};
    m.left_mm = f.left_mm;
    m.limit_mm = f.limit_mm;
    m.most_mm = f.most_mm;
    return marginLine(m, Job{}, style);
}

QString said(const found::SpringOdd& f, const Finding&, const Style& style) {
    return (f.off < 0.0 ? Say::tr("Spring %1 gives %2 percent less than the middle of its set.")
                        : Say::tr("Spring %1 gives %2 percent more than the middle of its set."))
        .arg(f.spring)
        .arg(fixed(std::abs(f.off) * 100.0, 1, style));
}

} // namespace words
