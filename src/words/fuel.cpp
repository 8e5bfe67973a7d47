#include "words/fuel.h"

#include "core/job/job.h"
#include "words/say.h"

namespace words {

/// For the translation: the names of lobe::roughFuelGuide().
[[maybe_unused]] static constexpr const char* kGuide[] = {
    QT_TRANSLATE_NOOP("Say", "ordinary petrol"), QT_TRANSLATE_NOOP("Say", "high-octane petrol"),
    QT_TRANSLATE_NOOP("Say", "racing petrol"), QT_TRANSLATE_NOOP("Say", "methanol")};

QString fuelName(const std::string& name) {
    for (const char* known : kGuide)
        if (name == known) return Say::tr(known);
    return QString::fromStdString(name);
}

std::string fuelCalled(const QString& typed) {
    for (const char* known : kGuide)
        if (typed.compare(Say::tr(known), Qt::CaseInsensitive) == 0) return known;
    return typed.toStdString();
}

} // namespace words
