// How the book calls what is stated of a job, by where it lies in memory: so that a fact is named
// once, by the field that asks it, and the book's own list of fields (book/fields.h) says the rest.
#pragma once

#include "core/job/card.h"
#include "core/job/clearance.h"
#include "core/job/engine.h"
#include "core/job/lift_run.h"
#include "core/job/stated.h"

#include <QString>

#include <vector>

namespace book {

/// The stated parts of a job at one moment; null is what is not at hand.
struct StatedParts {
    const lobe::Stated* settings = nullptr;
    const lobe::Engine* engine = nullptr;
    const lobe::Card* card = nullptr;
    const lobe::RunConditions* terms = nullptr;
    const lobe::MockUp* mockUp = nullptr;
};

struct StoredValue {
    const void* at; ///< the member of the struct it was read from or is written of
    QString path;   ///< "engine.bore_mm", "settings.lash.margin_deg", "card.ivo", "terms.step_deg",
                    ///< "mock_up.gasket_mm"; a list is one value
};

/// Every value the book keeps of these parts.
std::vector<StoredValue> storedValues(const StatedParts& parts);

} // namespace book
