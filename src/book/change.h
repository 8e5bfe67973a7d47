// One user action on a job, as a value. The book keeps each as one transaction.
#pragma once

#include "core/job/card.h"
#include "core/job/clearance.h"
#include "core/job/contact.h"
#include "core/job/engine.h"
#include "core/job/lift_run.h"
#include "core/job/log.h"
#include "core/job/stated.h"

#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace book {

struct SetName {
    std::string name;
};
struct SetEngine {
    lobe::Engine engine;
};
/// The card of the cam that is fitted, and those that are not.
struct SetCards {
    std::optional<lobe::Card> fitted;
    std::vector<lobe::Card> others{};
};
/// A change of the cam's setting, or what goes with one of that number, said anew.
struct KeepMove {
    lobe::CamMove change;
};
struct SetStated {
    lobe::Stated stated;
};
/// Cams taken among the candidates, with the cards they need: one action to undo.
struct SetCandidates {
    std::optional<lobe::Card> fitted;
    std::vector<lobe::Card> others{};
    lobe::Stated stated{};
};
/// A new series of any kind, with its readings when it is imported. Ids are given by the book.
using AnySeries = std::variant<lobe::LiftRun, lobe::ClearanceMap>;
inline constexpr const char* kOtherLobe = "of the other lobe";
struct AddSeries {
    AnySeries series;
    /// Readings of another that it stands in place of: struck in the same action, as of the other
    /// lobe.
    std::vector<std::int64_t> replaces{};
};
/// Its terms, of its own kind.
using Terms = std::variant<lobe::RunConditions, lobe::MockUp>;
struct SetTerms {
    std::int64_t series = 0;
    Terms terms;
};
/// Of several at once, as when TDC is found to have been off; with what is stated and goes with it.
struct SetManyTerms {
    std::vector<SetTerms> series;
    std::optional<lobe::Stated> stated{};
};
/// A reading; with `replaces`, that one is struck in the same action.
struct AddReading {
    std::int64_t series = 0;
    lobe::Reading reading;
    std::optional<std::int64_t> replaces{};
};
/// Several at once, one action to undo: a pass an instrument takes goes on in the action it was
/// begun with while that is the newest of the job and `goesOn`. Those of `replaces` are struck in
/// it.
struct AddReadings {
    std::int64_t series = 0;
    std::vector<lobe::Reading> readings;
    std::vector<std::int64_t> replaces{};
    bool goesOn = false;
};
struct StrikeReading {
    std::int64_t reading = 0;
    std::string reason;
};
/// What is written down, or an entry of that number said anew.
struct KeepEntry {
    lobe::LogEntry entry;
};
struct AddContact {
    lobe::Contact contact;
};
struct StrikeContact {
    std::int64_t contact = 0;
    std::string reason;
};

using Change = std::variant<SetName, SetEngine, SetCards, SetStated, SetCandidates, KeepMove,
                            AddSeries, SetTerms, SetManyTerms, AddReading, AddReadings,
                            StrikeReading, KeepEntry, AddContact, StrikeContact>;

/// The series of a job with this id, of whatever kind it is; `visit` gets it, or is not called.
void seriesOf(auto& job, std::int64_t id, auto&& visit) {
    for (auto& run : job.runs)
        if (run.id == id) return visit(run);
    for (auto& map : job.maps)
        if (map.id == id) return visit(map);
}

} // namespace book
