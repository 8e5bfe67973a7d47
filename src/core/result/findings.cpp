// Finding one's way in what was found.
#include "core/result/findings.h"

namespace lobe {

MADE_HERE(RunFindings)
MADE_HERE(CylinderFindings)
MADE_HERE(Findings)

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

const LobeClaim* Findings::lobeClaim(int cylinder, Side side) const {
    for (const LobeClaim& c : lobes)
        if (c.cylinder == cylinder && c.side == side) return &c;
    return nullptr;
}

std::shared_ptr<const LobeFigures> Findings::lobeOfRun(std::size_t run) const {
    for (const auto& c : compared)
        if (c->averaged && c->newest.run == runs[run].run) return {c, &c->newest.lobe};
    return {alone[run], &alone[run]->lobe};
}

const RunFindings* Findings::run(std::int64_t id) const {
    for (const RunFindings& r : runs)
        if (r.run == id) return &r;
    return nullptr;
}

} // namespace lobe
