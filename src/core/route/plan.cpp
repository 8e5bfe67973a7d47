#include "core/route/plan.h"

#include "core/job/job.h"
#include "core/result/findings.h"

#include <algorithm>
#include <set>

namespace lobe {
namespace {

void aboutTdc(const Job& job, const Findings& f, std::vector<Task>& out) {
    switch (f.tdc.state) {
    case TdcState::NotBegun:
    case TdcState::InHand:
        out.push_back({TaskKind::FindTdc});
        break;
    case TdcState::Set:
        out.push_back({TaskKind::ProveTdc});
        break;
    case TdcState::Proved:
        break;
    }
    if (findingOf<found::TdcMoved>(f.tdc.findings)) out.push_back({TaskKind::AnswerTdc});
    if (f.tdc.latest() && job.fitted.top == WhichTop::NotSaid) out.push_back({TaskKind::SayTop});
}

const RunFindings* current(const Findings& f, int cylinder, Side side) {
    for (const RunFindings& r : f.runs)
        if (r.current && r.cylinder == cylinder && r.side == side) return &r;
    return nullptr;
}

void aboutLobe(const Findings& f, int cylinder, Side side, bool wanted, bool optional,
               std::vector<Task>& out) {
    const RunFindings* run = current(f, cylinder, side);
    Task task{TaskKind::TakeLobe, cylinder, side};
    task.optional = optional;
    if (!run) {
        if (wanted) out.push_back(task);
        return;
    }
    if (run->outdated) {
        task.kind = TaskKind::MeasureAgain;
        task.optional = optional || cylinder != f.cylinders.front().cylinder;
        out.push_back(task);
        return;
    }
    for (const Finding& x : run->lobe.findings) {
        const auto* off = x.as<found::OffTheCurve>();
        const auto* odd = x.as<found::EventOdd>();
        if (!off && !odd) continue;
        task.kind = TaskKind::ReadAgain;
        task.at = off ? off->at : odd->at;
        out.push_back(task);
    }
    task.at.reset();
    // A run may stop short of its last angle once both flanks are down to the checking height.
    const HeightEvents& e = run->lobe.atEventsHeight;
    if (run->complete || (!run->events && run->lobe.noseReached && e.opens && e.closes)) return;
    task.kind = TaskKind::Finish;
    task.left = std::max(0, run->planned - run->live);
    out.push_back(task);
}

/// A pointer knocked in between puts everything off after it, and only the contacts show it.
void contactAgain(const Job& job, const Findings& f, std::vector<Task>& out) {
    if (f.tdc.state != TdcState::Proved) return;
    for (const Task& t : out)
        if (!t.optional) return;
    std::int64_t contact = 0, reading = 0;
    for (const Contact& c : job.contacts)
        contact = std::max(contact, c.time_ms);
    for (const LiftRun& run : job.runs)
        for (const Reading& r : run.readings)
            reading = std::max(reading, r.time_ms);
    if (reading == 0 || contact >= reading) return;
    Task task{TaskKind::ContactAgain};
    task.optional = true;
    out.push_back(task);
}

} // namespace

std::vector<Task> plan(const Job& job, const Findings& f) {
    std::vector<Task> out;
    aboutTdc(job, f, out);
    // Ports and arcs round a rim are asked by their stations.
    if (job.engine.kind != EngineKind::FourStroke) return out;
    std::set<int> begun;
    for (const RunFindings& r : f.runs)
        if (r.current) begun.insert(r.cylinder);
    const int last = job.engine.cylinders;
    const auto cylinder = [&](int n, bool optional) {
        for (Side side : {Side::Intake, Side::Exhaust})
            aboutLobe(f, n, side, n == 1 || begun.count(n) || optional, optional, out);
    };
    cylinder(1, false);
    for (int n : begun)
        if (n != 1 && n != last) cylinder(n, false);
    // One cam is as long as the engine: its far end is worth a look.
    if (last > 1) cylinder(last, !begun.count(last));
    contactAgain(job, f, out);
    return out;
}

} // namespace lobe
