#include "simulated/truth.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace simulated {

using namespace lobe;

namespace {

int index(Side side) {
    return side == Side::Intake ? 0 : 1;
}

} // namespace

double Truth::tappet(Side side, double deg) const {
    const closed::Lobe& l = lobes[index(side)];
    // Once in a cycle, wherever it is asked.
    return std::min(l.at(l.centre + std::remainder(deg - l.centre, 720.0)), l.lift_mm - worn_mm);
}

double Truth::valve(Side side, double deg) const {
    return std::max(0.0, ratio[index(side)] * tappet(side, deg) - lash_mm[index(side)]);
}

double Truth::at(Place place, Side side, double deg) const {
    return place == Place::Tappet ? tappet(side, deg) : valve(side, deg);
}

double Truth::event(Side side, const Height& height, bool opening) const {
    const int i = index(side);
    const double mm = height.at == Place::Tappet ? height.mm : (height.mm + lash_mm[i]) / ratio[i];
    if (mm <= 0.0 || mm >= lobes[i].lift_mm - worn_mm)
        return std::numeric_limits<double>::quiet_NaN();
    return lobes[i].event(mm, opening);
}

double Truth::greatest(Side side, Place place) const {
    return at(place, side, lobes[index(side)].centre);
}

double Truth::nose(Side side) const {
    const int i = index(side);
    if (worn_mm <= 0.0) return lobes[i].centre;
    const double flat = lobes[i].lift_mm - worn_mm;
    return (lobes[i].event(flat, true) + lobes[i].event(flat, false)) / 2.0;
}

double Truth::equalDrop(Side side, double drop_mm, Place place) const {
    const Height h{greatest(side, place) - drop_mm, place};
    return (event(side, h, true) + event(side, h, false)) / 2.0;
}

double Truth::pistonDown_mm(double deg) const {
    const double r = engine.stroke_mm / 2.0, l = engine.rod_mm, t = deg * std::numbers::pi / 180.0;
    return r * (1.0 - std::cos(t)) + l - std::sqrt(l * l - std::pow(r * std::sin(t), 2));
}

double Truth::clearance(Side side, double deg, double advance_deg) const {
    return gap_mm[index(side)] + share[index(side)] * pistonDown_mm(deg) -
           valve(side, deg + advance_deg);
}

double Truth::leastClearance(Side side, double advance_deg) const {
    double least = 1e9;
    for (double deg = -60.0; deg <= 60.0; deg += 0.1)
        least = std::min(least, clearance(side, deg, advance_deg));
    return least;
}

double Truth::leastOverTravel(Side side) const {
    const Drive& d = engine.drive;
    const bool exhaust = engine.layout == Layout::TwinOverheadCam && side == Side::Exhaust;
    double phaser = exhaust ? d.phaserExhaust_deg : d.phaser_deg;
    if (d.phaserLimiter_deg > 0.0)
        phaser = std::clamp(phaser, -d.phaserLimiter_deg, d.phaserLimiter_deg);
    const double from = std::min(phaser, 0.0) - d.slack_deg, to = std::max(phaser, 0.0);
    double least = 1e9;
    for (int i = 0; i <= 40; ++i)
        least = std::min(least, leastClearance(side, from + (to - from) * i / 40.0));
    return least;
}

double Truth::staticRatio() const {
    const auto disc = [](double bore, double height) {
        return std::numbers::pi / 4.0 * bore * bore * height / 1000.0;
    };
    const double swept = disc(engine.bore_mm, engine.stroke_mm);
    const double left =
        chamber_cc + disc(gasketBore_mm, gasket_mm) + disc(engine.bore_mm, deck_mm) + crown_cc;
    return (swept + left) / left;
}

Truth Truth::of(int cylinder) const {
    Truth t = *this;
    t.twist_deg = t.worn_mm = 0.0;
    if (cylinder != other) return t;
    t.worn_mm = worn_mm;
    for (closed::Lobe& l : t.lobes)
        l.centre += twist_deg;
    for (double& late : t.late_deg)
        late += twist_deg;
    return t;
}

void Truth::advance(Side side, double deg) {
    for (Side each : {Side::Intake, Side::Exhaust})
        if (each == side || engine.layout != Layout::TwinOverheadCam) {
            lobes[index(each)].centre -= deg;
            late_deg[index(each)] -= deg;
        }
}

Truth engineOf(unsigned seed) {
    std::mt19937 random(seed);
    const auto between = [&](double a, double b) {
        return std::uniform_real_distribution<double>(a, b)(random);
    };
    const auto chance = [&](double share) { return between(0.0, 1.0) < share; };
    Truth t;
    const bool twin = chance(0.4);
    Engine& e = t.engine;
    e.name = twin ? "Marram 650" : "Skerry Four";
    e.layout = twin ? Layout::TwinOverheadCam : Layout::PushrodSingleCam;
    e.cylinders = 4;
    e.bore_mm = between(70.0, 96.0);
    e.stroke_mm = between(55.0, 95.0);
    e.rod_mm = e.stroke_mm * between(1.6, 2.1);
    e.drive.teeth = twin ? 38 : 42;
    const double commonLate = chance(0.3) ? 0.0 : between(-8.0, 8.0);
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const int i = index(side);
        const bool in = side == Side::Intake;
        t.ratio[i] = twin ? 1.0 : between(1.4, 1.7);
        e.ratio[side] = twin ? 1.0 : t.ratio[i] * (1.0 + between(-0.005, 0.005));
        t.lash_mm[i] = chance(0.3) ? 0.0 : between(0.1, 0.35);
        e.lash_mm[side] = t.lash_mm[i];
        t.late_deg[i] = twin && chance(0.5) ? between(-6.0, 6.0) : commonLate;
        const double meant = (in ? 1.0 : -1.0) * std::round(between(100.0, 114.0) * 2.0) / 2.0;
        const double centre = meant + t.late_deg[i];
        const double half = between(118.0, 148.0), lift = between(6.5, twin ? 10.5 : 8.5);
        switch (random() % 5) {
        case 0:
            t.lobes[i] = closed::power(centre, half, lift, between(2.2, 3.2));
            break;
        case 1:
            t.lobes[i] = closed::raisedCosine(centre, half, lift);
            break;
        case 2:
            t.lobes[i] = closed::poly345(centre, half, lift);
            break;
        case 3:
            t.lobes[i] = closed::asymmetric(centre, half - 4.0, half + 6.0, lift);
            break;
        default:
            t.lobes[i] = closed::ramped(closed::power(centre, half - 14.0, lift, 2.5), 0.25, 30.0);
        }
        t.gap_mm[i] = between(1.6, 5.0) + t.valve(side, 0.0) * 0.8;
        t.share[i] = chance(0.5) ? std::cos(between(0.0, 0.45)) : 1.0 / std::cos(between(0.0, 0.4));
    }
    t.pointer_deg = chance(0.2) ? 0.0 : between(-4.0, 4.0);
    constexpr WheelScale kScales[] = {WheelScale::Half180, WheelScale::Full360With,
                                      WheelScale::Full360Against, WheelScale::Signed};
    t.scale = kScales[random() % 4];
    t.wheelStep_deg = chance(0.5) ? 1.0 : chance(0.5) ? 0.5 : 0.1;
    t.wheelNoise_deg = between(0.05, 0.25);
    t.dialNoise_mm = between(0.0, 0.006);
    e.firingOrder = {1, 3, 4, 2};
    t.other = 2 + static_cast<int>(random() % 3);
    if (chance(0.5)) t.twist_deg = between(-2.0, 2.0);
    if (chance(0.3)) t.worn_mm = between(0.05, 0.6);
    if (chance(0.25)) {
        e.drive.phaser_deg = std::round(between(-30.0, 30.0));
        if (twin) e.drive.phaserExhaust_deg = std::round(between(-25.0, 25.0));
        if (chance(0.3)) e.drive.phaserLimiter_deg = 10.0;
    }
    if (chance(0.2)) e.drive.slack_deg = 1.0;
    if (chance(0.3)) e.drive.vernierWheel = 9, e.drive.vernierHub = 8;
    t.chamber_cc = std::round(between(18.0, 60.0) * 10.0) / 10.0;
    t.gasketBore_mm = e.bore_mm + 1.0;
    t.gasket_mm = chance(0.5) ? 1.0 : 1.4;
    t.deck_mm = between(-0.3, 0.6);
    t.crown_cc = between(-4.0, 6.0);

    // What the grinder prints: to whole or half degrees, all of it, half or nothing.
    t.hasCard = chance(0.8);
    Card& c = t.card;
    c.name = "Drumlin 7";
    c.height = {chance(0.7) ? 1.27 : 1.0, chance(0.75) ? Place::Tappet : Place::Valve};
    const double step = chance(0.5) ? 1.0 : 0.5;
    const auto printed = [&](double deg) { return step * std::round(deg / step); };
    const double states = between(0.0, 1.0);
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const int i = index(side);
        const double open = t.event(side, c.height, true) - t.late_deg[i],
                     close = t.event(side, c.height, false) - t.late_deg[i];
        const double o = printed(toCard(opening(side), {open}).deg),
                     s = printed(toCard(closing(side), {close}).deg);
        if (states < 0.6) {
            (side == Side::Intake ? c.events.ivo : c.events.evo) = o;
            (side == Side::Intake ? c.events.ivc : c.events.evc) = s;
        } else {
            c.duration[side] = printed(close - open);
            if (states < 0.8)
                c.centre[side] =
                    printed(std::abs(t.equalDrop(side, 1.27, Place::Tappet) - t.late_deg[i]));
        }
        if (chance(0.6)) c.lift_mm[side] = std::round(t.lobes[i].lift_mm * 100.0) / 100.0;
        c.lash_mm[side] = t.lash_mm[i];
    }
    if (states >= 0.8)
        c.separation = printed((std::abs(t.lobes[0].centre - t.late_deg[0]) +
                                std::abs(t.lobes[1].centre - t.late_deg[1])) /
                               2.0);
    return t;
}

} // namespace simulated
