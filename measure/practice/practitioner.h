// Somebody at the stand who does not know the engine: takes a part of the work in some order by
// some methods, with slips and noise, through the desks as text, reading the prompts. After every
// entry what is claimed is held against the truth (held.h).
#pragma once

#include "simulated/truth.h"

#include "desk/session.h"

#include <QString>

#include <functional>

namespace practice {

using simulated::engineOf;
using simulated::Truth;

/// What was done of a job, as far as claims hang on it.
struct Done {
    bool slipped = false;  ///< something was typed wrong on purpose: figures may be wrong
    bool topTaken = false; ///< TDC was found, and the pointer stands as that left it
    bool poured = false;   ///< every volume was said as it is
    Truth now;             ///< the engine, as it was left: cams moved
    int entries = 0, refused = 0;
    QString typed; ///< all of it, a line each, to be typed again by hand
};

/// Readings follow one another as by hand, some seconds apart: for Book::open. Milliseconds since
/// the epoch.
std::function<std::int64_t()> handsClock();

/// How many lobes in a hundred are taken as a whole curve: the work of all other ways together.
constexpr double kCurves = 12.0;

/// Works on an engine in a new job of the session. `look` is called after every entry.
Done work(app::Session& session, const Truth& truth, unsigned seed,
          const std::function<void(const Done&)>& look, double curves = kCurves);

} // namespace practice
