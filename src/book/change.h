// One user action on a job, as a value. The book keeps each as one transaction.
#pragma once

#include "core/job/job.h"

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
/// A new run, with its readings when it is imported. Ids are given by the book.
struct AddRun {
    lobe::LiftRun run;
};
struct SetConditions {
    std::int64_t run = 0;
    lobe::RunConditions conditions;
};
/// Several runs at once, as when TDC is found to have been off; with what is stated and goes with
/// it.
struct SetManyConditions {
    std::vector<SetConditions> runs;
    std::optional<lobe::Stated> stated{};
};
/// A reading; with `replaces`, that one is struck in the same action.
struct AddReading {
    std::int64_t run = 0;
    lobe::Reading reading;
    std::optional<std::int64_t> replaces{};
};
struct StrikeReading {
    std::int64_t reading = 0;
    std::string reason;
};
/// A new map of clearances, with its presses when it is imported. Ids are given by the book.
struct AddMap {
    lobe::ClearanceMap map;
};
struct SetMockUp {
    std::int64_t map = 0;
    lobe::MockUp mockUp;
};
/// A press, struck as a reading is; with `replaces`, that one is struck in the same action.
struct AddPress {
    std::int64_t map = 0;
    lobe::Press press;
    std::optional<std::int64_t> replaces{};
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

using Change = std::variant<SetName, SetEngine, SetCards, SetStated, KeepMove, AddRun,
                            SetConditions, SetManyConditions, AddReading, StrikeReading, AddMap,
                            SetMockUp, AddPress, KeepEntry, AddContact, StrikeContact>;

} // namespace book
