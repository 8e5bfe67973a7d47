// What the Springs station says: the verdict, what else is to be said, what is left at full lift.
#include "core/assess/springs.h"
#include "core/job/job.h"
#include "stations/springs/springs_desk.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/springs.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

QString dash() {
    return QString(QChar(0x2013));
}

} // namespace

QString SpringsDesk::verdict() const {
    const QString said = words::springVerdict(job(), claim(), style());
    if (!tried_.intake) return said;
    return Say::tr("With rockers of %1: %2").arg(words::fixed(*tried_.intake, 2, style()), said);
}

QString SpringsDesk::notes() const {
    return words::springNotes(job(), claim(), style(), true).join(QLatin1Char(' '));
}

QList<FigureLine> SpringsDesk::margins() const {
    const SpringClaim& c = claim();
    const ForceUnit unit = job().springs.unit;
    QList<FigureLine> rows;
    rows.append({Say::tr("left / limit, %1").arg(words::unitName(style())), Say::tr("intake"),
                 Say::tr("exhaust"), false, true});
    for (const SpringRoom room :
         {SpringRoom::CoilBind, SpringRoom::Seal, SpringRoom::Guide, SpringRoom::RockerRetainer,
          SpringRoom::RockerStud, SpringRoom::FollowerTravel, SpringRoom::FollowerFace,
          SpringRoom::Locator, SpringRoom::Pocket}) {
        const SpringMargin *in = c.of(room, Side::Intake), *ex = c.of(room, Side::Exhaust);
        if (!in && !ex && room != SpringRoom::CoilBind) continue;
        const auto say = [&](const SpringMargin* m) {
            if (!m) return dash();
            // The table has no colour: what is short says so itself.
            return QStringLiteral("%1 / %2%3")
                .arg(words::clearanceNumber(m->left_mm, style()),
                     words::clearanceNumber(m->limit_mm, style()),
                     m->keeps() ? QString() : QStringLiteral(" !"));
        };
        rows.append({words::roomName(room), say(in), say(ex),
                     (in && !in->keeps()) || (ex && !ex->keeps()), false});
    }
    const auto perSide = [&](const QString& name, auto of, bool strong = false) {
        const QString in = of(Side::Intake), ex = of(Side::Exhaust);
        if (in != dash() || ex != dash()) rows.append({name, in, ex, strong, false});
    };
    const auto over = [&](Side side, auto value, bool greatest) -> std::optional<double> {
        std::optional<double> out;
        for (const SpringValve& v : c.valves)
            if (const auto x = value(v); v.valve.side == side && x)
                out = !out ? *x : greatest ? std::max(*out, *x) : std::min(*out, *x);
        return out;
    };
    perSide(Say::tr("valve lift, %1").arg(words::unitName(style())), [&](Side side) {
        const auto lift = over(
            side, [](const SpringValve& v) { return v.lift_mm; }, true);
        return lift ? words::clearanceNumber(*lift, style()) : dash();
    });
    perSide(Say::tr("on the seat, %1").arg(words::forceShown(style(), unit).unit), [&](Side side) {
        const auto n = over(
            side, [](const SpringValve& v) { return v.seat_n; }, false);
        return n ? words::forceNumber(*n, style(), unit) : dash();
    });
    perSide(Say::tr("open, %1").arg(words::forceShown(style(), unit).unit), [&](Side side) {
        const auto n = over(
            side, [](const SpringValve& v) { return v.open_n; }, true);
        return n ? words::forceNumber(*n, style(), unit) : dash();
    });
    perSide(
        Say::tr("used up, open / close, 1/min"),
        [&](Side side) {
            for (const ControlClaim& x : c.control)
                if (x.side == side)
                    return QStringLiteral("%1 / %2").arg(
                        x.opening ? words::revolutions(x.opening->rpm, style()) : dash(),
                        x.closing ? words::revolutions(x.closing->rpm, style()) : dash());
            return dash();
        },
        c.floats());
    perSide(Say::tr("flat face needed, %1").arg(words::unitName(style())), [&](Side side) {
        for (const FollowerClaim& f : c.followers)
            if (f.side == side && f.needed_mm > 0.0 && f.flat)
                return words::clearanceNumber(f.needed_mm, style());
        return dash();
    });
    perSide(Say::tr("sharpest radius, %1").arg(words::unitName(style())), [&](Side side) {
        for (const FollowerClaim& f : c.followers)
            if (f.side == side && f.sharpest)
                return words::clearanceNumber(f.sharpest->radius_mm, style());
        return dash();
    });
    return rows;
}

QList<SpringsDesk::Logged> SpringsDesk::log() const {
    std::vector<std::pair<std::int64_t, Logged>> all;
    const Springs& s = job().springs;
    const auto number = [&](double mm) { return words::clearanceNumber(mm, style()); };
    const auto add = [&](const auto& taken, const QString& text) {
        all.emplace_back(taken.time_ms, Logged{text, !taken.replaced.empty()});
    };
    for (const HeightTaken& h : s.heights)
        add(h, Say::tr("%1  %2").arg(words::valveName(h.valve, job().engine), number(h.height_mm)));
    for (const LoadTaken& t : s.tests)
        if (static_cast<std::size_t>(t.height) < s.testHeights_mm.size())
            add(t, Say::tr("spring %1 at %2  %3")
                       .arg(t.spring)
                       .arg(number(s.testHeights_mm[static_cast<std::size_t>(t.height)]),
                            words::force(t.load_n, style(), s.unit)));
    for (const PushRodTrial& t : s.pushRods.trials)
        add(t, Say::tr("%1 rod %2  %3 wide, %4 off")
                   .arg(words::sideTitle(t.side), number(t.length_mm), number(t.wide_mm),
                        number(t.middle_mm)));
    std::stable_sort(all.begin(), all.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    QList<Logged> out;
    for (auto it = all.rbegin(); it != all.rend(); ++it)
        out << it->second;
    return out;
}

StandCard SpringsDesk::ownCard(bool asked) const {
    if (asked) return cardOf(prompt(), job());
    StandCard card;
    const Prompt p = prompt();
    card.subject = asks_ == Asks::Heights
                       ? Say::tr("springs, %1")
                             .arg(words::midSentence(words::valveName(valve(), job().engine)))
                       : p.subject;
    card.ring.rotation = job().engine.rotation;
    card.ring.wheel = job().fitted.degreeWheel();
    card.advice = verdict();
    card.warn = claim().worst() != nullptr || !claim().faults.empty();
    card.tip = words::springCaution();
    if (const auto all = log(); !all.isEmpty())
        card.last = Say::tr("last  %1")
                        .arg(all.front().struck ? Say::tr("%1  struck").arg(all.front().text)
                                                : all.front().text);
    if (asks_ == Asks::Heights) {
        card.side = session().side();
        card.caption = Say::tr("seat to retainer");
        const HeightTaken* h = heightOf(job().springs, valve());
        card.big = h ? words::clearanceNumber(h->height_mm, style()) : dash();
        card.bigNote = words::unitName(style());
        card.progress = Say::tr("%1 of %2").arg(claim().heights).arg(claim().valves.size());
        return card;
    }
    card.caption = Say::tr("asked now");
    card.big = p.ask;
    return card;
}

} // namespace app
