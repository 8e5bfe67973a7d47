// Job parts as JSON, for the book's fact rows and for job folders. mm and crank degrees.
//
// Reading is strict (book/json_parts.h): what is not understood is said in a Misread, and what
// comes back then is not to be used.
#pragma once

#include "book/change.h"
#include "book/json_parts.h"
#include "core/job/card.h"
#include "core/job/clearance.h"
#include "core/job/engine.h"
#include "core/job/heard.h"
#include "core/job/lift_run.h"
#include "core/job/log.h"
#include "core/job/stated.h"

#include <QString>

namespace book {

/// Every field by its key (book/fields.h), in mm and crank degrees; what is empty is left out.
Json toJson(const lobe::Engine& engine);
Json toJson(const lobe::Card& card);
Json toJson(const lobe::Stated& stated);
Json toJson(const lobe::RunConditions& conditions);
Json toJson(const lobe::MockUp& mockUp);
Json toJson(const lobe::CamMove& change);
Json toJson(const lobe::LogEntry& entry);
Json toJson(const lobe::Heard& heard);
/// The fitted card with the others under "others"; "none" stands for no fitted card.
Json toJson(const SetCards& cards);

/// A key that is left out keeps the struct's default.
lobe::Engine engineFrom(const Json& json, Misread& misread);
lobe::Card cardFrom(const Json& json, Misread& misread);
SetCards cardsFrom(const Json& json, Misread& misread);
lobe::Stated statedFrom(const Json& json, Misread& misread);
lobe::CamMove camMoveFrom(const Json& json, Misread& misread);
lobe::LogEntry logEntryFrom(const Json& json, Misread& misread);
lobe::Heard heardFrom(const Json& json, Misread& misread);
lobe::MockUp mockUpFrom(const Json& json, Misread& misread);
lobe::RunConditions conditionsFrom(const Json& json, Misread& misread);

/// The words the book's columns have; stable.
QString sideText(lobe::Side side);
QString scaleText(lobe::WheelScale scale);
QString methodText(lobe::TdcMethod method);
QString readingOfText(lobe::ReadingOf of);
QString approachText(lobe::Approach approach);
/// Empty for a name no list holds.
std::optional<lobe::Side> sideFrom(const QString& text);
std::optional<lobe::WheelScale> scaleFrom(const QString& text);
std::optional<lobe::TdcMethod> methodFrom(const QString& text);
std::optional<lobe::ReadingOf> readingOfFrom(const QString& text);
std::optional<lobe::Approach> approachFrom(const QString& text);

/// On one line, UTF-8; keys in order.
QString compact(const Json& json);
/// Deeper than any job nests; a parser that recurses must not be sent deeper.
constexpr int kDeepest = 32;
bool tooDeep(const QByteArray& text);
/// Empty for what is no JSON, and for what is nested deeper than that.
std::optional<Json> parsed(const QByteArray& text);

/// What turns `before` into `after` as a JSON merge patch (RFC 7386): of two texts that came from
/// the same struct, only the fields that differ. An array is one field.
Json changed(const Json& before, const Json& after);

} // namespace book
