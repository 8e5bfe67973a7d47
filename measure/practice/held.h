// What is claimed of a job, held against the truth: how often a figure lies within its ±, by kind;
// whether any leaves what can be, any two surfaces say different things, or a verdict lacks its
// ground.
#pragma once

#include "practice/practitioner.h"

#include <QStringList>

#include <map>
#include <string>

namespace practice {

struct Count {
    int n = 0, within = 0;
    int over = 0; ///< promised more than there is by more than its ±
    void add(double off, double plusMinus, bool promisesMore = false) {
        ++n;
        within += std::abs(off) <= plusMinus + 1e-9;
        over += promisesMore && off > plusMinus + 1e-9;
    }
    double share() const { return n ? 100.0 * within / n : 100.0; }
};

struct Held {
    std::map<std::string, Count> counts; ///< by kind of claim and way it was taken
    QStringList wrong;                   ///< what may never be, in a sentence each

    /// What may never be, after any entry.
    void always(const app::Session& session, const Done& done);
    /// Figures against the truth, of a job that was worked without a slip.
    void truth(const app::Session& session, const Done& done);
};

} // namespace practice
