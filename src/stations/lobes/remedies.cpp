#include "stations/lobes/remedies.h"

#include "core/angle/usual.h"
#include "core/assess/cross_checks.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/lobe/run.h"

#include <cmath>

namespace app {

using namespace lobe;

namespace {

Held<RunFindings> found(Session& session) {
    const auto run = session.run();
    return {session.snapshot(), run ? session.findings().run(run->id) : nullptr};
}

/// A shift turned on by whole turns of the crank. A cycle on is the same place: it never grows, or
/// a question answered to and fro would end beyond what the book takes for an angle.
double turned_deg(double shift_deg, double by_deg) {
    return std::remainder(shift_deg + by_deg, 720.0);
}

} // namespace

std::optional<CrankDeg> toReadAgain(Session& session) {
    const auto run = session.run();
    const auto f = found(session);
    if (!run || !f) return std::nullopt;
    if (!f->lobe.misfits.empty())
        return CrankDeg{f->lobe.misfits.front().at.deg - run->terms.shift_deg};
    if (run->readings.empty()) return std::nullopt;
    return run->readings.back().at;
}

bool otherTurn(Session& session, bool& begins) {
    const auto run = session.run();
    const auto f = found(session);
    if (!run || !f) return false;
    begins = findingOf<found::OtherTurn>(f->lobe.findings) != nullptr;
    if (!begins && !findingOf<found::CentreFarOff>(f->lobe.findings)) return false;
    RunConditions t = run->terms;
    t.shift_deg = turned_deg(t.shift_deg, 360.0);
    return session.keep(book::SetTerms{run->id, t});
}

bool otherDialTurn(Session& session) {
    const auto run = session.run();
    const auto f = found(session);
    const auto* x = f ? findingOf<found::DialTurn>(f->lobe.findings) : nullptr;
    if (!x) return false;
    for (const Reading& r : run->readings) {
        if (r.struck || std::abs(wrapCycle(placed(r, run->terms) - x->at).deg) > 1e-6) continue;
        Reading right = r;
        right.value_mm = x->neighbour_mm;
        right.time_ms = session.now();
        return session.keep(book::AddReading{run->id, right, r.id});
    }
    return false;
}

bool onOtherSide(Session& session) {
    const auto run = session.run();
    if (!run) return false;
    const Reading* last = nullptr;
    for (const Reading& r : run->readings)
        if (!r.struck && (r.of == ReadingOf::Opens || r.of == ReadingOf::Closes)) last = &r;
    if (!last) return false;
    const Reading like = *last;
    book::AddReadings change;
    change.series = run->id;
    for (const Reading& r : run->readings) {
        if (r.struck || r.of != like.of || std::abs(r.value_mm - like.value_mm) > 1e-6) continue;
        const double centre_deg = 180.0 * std::round(r.at.deg / 180.0);
        Reading right = r;
        right.at = {2.0 * centre_deg - r.at.deg};
        // As it could have been typed.
        const bool bottom = std::abs(wrapTurn({centre_deg}).deg) > 90.0;
        right.typed = QStringLiteral("%1%2%3")
                          .arg(std::abs(right.at.deg - centre_deg))
                          .arg(right.at.deg > centre_deg ? QLatin1Char('a') : QLatin1Char('b'))
                          .arg(bottom ? QStringLiteral("b") : QString())
                          .toStdString();
        right.time_ms = session.now();
        change.readings.push_back(std::move(right));
        change.replaces.push_back(r.id);
    }
    return session.keep(change);
}

bool lobesSwapped(const Session& session) {
    const auto as = [](const RunFindings& f) {
        if (findingOf<found::SidesSwapped>(f.lobe.findings)) return true;
        // One that is cut off behind its nose has no centre yet; and of two turns of the crank
        // either may have been taken.
        if (!f.lobe.noseReached || !f.lobe.maxLiftAt) return false;
        const Side other = f.side == Side::Intake ? Side::Exhaust : Side::Intake;
        const auto away = [&](Side side) {
            return std::abs(wrapTurn({f.lobe.maxLiftAt->deg - usualCentre_deg(side)}).deg);
        };
        return away(f.side) > 70.0 && away(other) < 60.0;
    };
    for (const RunFindings& f : session.findings().runs)
        if (f.current && f.cylinder == session.cylinder() && as(f)) return true;
    return false;
}

bool exchangeLobes(Session& session) {
    const SnapshotPtr now = session.snapshot();
    const int cylinder = session.cylinder();
    if (!lobesSwapped(session)) return false;
    std::vector<book::AddSeries> changes;
    for (const Side side : {Side::Intake, Side::Exhaust}) {
        const auto run = session.run(cylinder, side);
        if (!run) continue;
        const Side right = side == Side::Intake ? Side::Exhaust : Side::Intake;
        const RunConditions usual = usualConditions(now->job.engine, right);
        book::AddSeries change;
        LiftRun fresh;
        fresh.cylinder = cylinder;
        fresh.side = right;
        fresh.terms = run->terms;
        fresh.terms.ratio = usual.ratio;
        fresh.terms.lash_mm = usual.lash_mm;
        fresh.terms.from = {usual.from.deg - run->terms.shift_deg};
        fresh.terms.to = {usual.to.deg - run->terms.shift_deg};
        for (const Reading& r : run->readings) {
            if (r.struck) continue;
            change.replaces.push_back(r.id);
            Reading moved = r;
            moved.at = {nearLobe(placed(r, run->terms), right).deg - run->terms.shift_deg};
            fresh.readings.push_back(std::move(moved));
        }
        if (change.replaces.empty()) continue;
        change.series = std::move(fresh);
        changes.push_back(std::move(change));
    }
    for (book::AddSeries& change : changes)
        if (!session.keep(change)) return false;
    return true;
}

bool sayRight(Session& session) {
    const auto run = session.run();
    const auto f = found(session);
    if (!run || !f || f->lobe.misfits.empty()) return false;
    RunConditions t = run->terms;
    t.right_deg.push_back(f->lobe.misfits.front().at.deg - t.shift_deg);
    return session.keep(book::SetTerms{run->id, t});
}

bool putTopRight(Session& session) {
    const SnapshotPtr now = session.snapshot();
    const auto* x = findingOf<found::TopOther>(now->findings.tdc.findings);
    if (!x) return false;
    book::SetManyTerms change;
    for (const LiftRun& run : session.job().runs) {
        const RunFindings* f = session.findings().run(run.id);
        const auto turn = f ? otherTop_deg(session.job(), run, f->lobe) : std::nullopt;
        if (!turn || *turn == 0.0) continue;
        RunConditions t = run.terms;
        t.shift_deg = turned_deg(t.shift_deg, *turn);
        change.series.push_back({run.id, t});
    }
    change.stated = session.job();
    change.stated->fitted.top = x->turn_deg != 0.0 ? WhichTop::Firing : WhichTop::Overlap;
    return session.keep(change);
}

} // namespace app
