// Finding one's way in what was found.
#include "core/examine/findings.h"

namespace lobe {

const RunFindings* Findings::intake(const CylinderFindings& c) const {
    return c.run.intake ? &runs[*c.run.intake] : nullptr;
}

const RunFindings* Findings::exhaust(const CylinderFindings& c) const {
    return c.run.exhaust ? &runs[*c.run.exhaust] : nullptr;
}

const CylinderFindings* Findings::cylinder(int number) const {
    for (const CylinderFindings& c : cylinders)
        if (c.cylinder == number) return &c;
    return nullptr;
}

const std::vector<Figure>& Findings::figures() const {
    static const std::vector<Figure> none;
    return cylinders.empty() ? none : cylinders.front().figures;
}

const RunFindings* Findings::run(std::int64_t id) const {
    for (const RunFindings& r : runs)
        if (r.run == id) return &r;
    return nullptr;
}

} // namespace lobe
