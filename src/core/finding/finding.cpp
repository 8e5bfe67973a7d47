#include "core/finding/finding.h"

namespace lobe {

const char* codeName(const Finding& finding) {
    return std::visit([](const auto& kind) { return kind.kCode; }, finding.what);
}

const char* severityName(Severity severity) {
    switch (severity) {
    case Severity::Note:
        return "note";
    case Severity::Ask:
        return "ask";
    case Severity::LookAgain:
        return "look_again";
    case Severity::Refused:
        break;
    }
    return "refused";
}

} // namespace lobe
