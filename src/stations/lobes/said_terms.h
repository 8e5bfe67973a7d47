// How a lobe is taken, said in one line and changed by a word of it: "valve, checking spring,
// events at 0.15 and 1.27, each until 3 agree".
#pragma once

#include "core/job/lift_run.h"
#include "words/numbers.h"

#include <QString>

#include <optional>

namespace app {

struct SaidTerms {
    lobe::RunConditions terms;
    std::optional<lobe::WheelScale> wheel{}; ///< "wheel 360": of the job
    QString why{};                           ///< why a word of it is not understood; else empty
    /// A curve, events or a centre where it was another: that is a run of its own.
    bool otherKind(const lobe::RunConditions& now) const {
        return terms.eventsOnly != now.eventsOnly || terms.fromNose != now.fromNose;
    }
};

/// Of a line that begins with one of the words: valve, tappet, light, checking, running, curve,
/// events (with heights), centre (with drops), once, both, each, repeat N, step N, lash L, ratio R,
/// wheel and its scale; in any order, and several. Empty for any other line.
std::optional<SaidTerms> saidTerms(const QString& text, const lobe::RunConditions& now,
                                   const words::Style& style);
/// The wheel called "360", "against", "180", "90", "signed", "twice" or "tape".
std::optional<lobe::WheelScale> wheelCalled(const QString& word);

/// The same terms as that line says them.
QString termsLine(const lobe::RunConditions& terms, const words::Style& style);

} // namespace app
