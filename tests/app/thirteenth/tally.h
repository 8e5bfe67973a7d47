// A station as another developer would add one: it counts the checking heights of the job, and a
// number typed there adds one.
#pragma once

#include "app/bench/bench.h"
#include "core/job/job.h"

namespace fixture {

inline constexpr stations::Typed kTallyTyped[] = {{"a height  at Tally", "one more"}};

inline int tallied(const lobe::Job& job) {
    return static_cast<int>(job.reckoning.heights.size());
}

class TallyDesk : public app::Desk {
public:
    inline static int followed = 0; ///< snapshots it looked at

    using Desk::Desk;
    void follow() override { ++followed; }
    app::Prompt prompt() const override {
        app::Prompt p;
        p.subject = QStringLiteral("tally");
        p.ask = QStringLiteral("one more height?");
        p.enter = QStringLiteral("count it");
        return p;
    }
    app::Echo understand(const QString& text) const override { return {true, text}; }
    app::Echo submit(const QString& text) override {
        lobe::Stated s = job();
        s.reckoning.heights.push_back({text.toDouble(), lobe::Place::Valve});
        return {session().keep(book::SetStated{s}), {}};
    }
};

class TallyStation : public app::BenchOf<TallyDesk> {
public:
    inline static int shown = 0; ///< times it was made ready to be seen

    using BenchOf::BenchOf;
    void refresh() override {
        ++shown;
        setObjectName(QStringLiteral("tallyStation"));
    }
};

} // namespace fixture
