// ./run bench: how good the figures of a lobe are and whether their stated doubt is true, counted
// over made-up lobes with known truth. Per condition it prints the root mean square error of events
// over that of the best smoothing spline anybody could have (true noise known, smoothing chosen
// with the truth in hand), how often the truth lay within the stated doubt, and how often a
// faultless run was accused or a slip found.
#include "core/lobe/lobe.h"
#include "simulated/closed_lobes.h"
#include "support/measured_lobe.h"
#include "support/smoothing_spline.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <map>
#include <string>
#include <vector>

using namespace lobe;

namespace {

struct Count {
    int n = 0, in = 0;
    double squares = 0.0, stated = 0.0;
    void add(double off, double u) {
        ++n;
        in += std::abs(off) <= u;
        squares += off * off;
        stated += u * u;
    }
    double rms() const { return n ? std::sqrt(squares / n) : 0.0; }
    double covered() const { return n ? 100.0 * in / n : 0.0; }
};

std::vector<closed::Lobe> tappets() {
    return {closed::power(105.3, 147.0, 7.2, 1.78),      closed::power(105.3, 135.0, 8.0, 2.0),
            closed::power(105.3, 140.0, 9.0, 3.0),       closed::raisedCosine(105.3, 140.0, 9.0),
            closed::poly345(105.3, 140.0, 8.0),          closed::cycloidal(105.3, 135.0, 8.5),
            closed::asymmetric(103.7, 127.0, 147.0, 9.5)};
}
std::vector<closed::Lobe> valves() {
    std::vector<closed::Lobe> all;
    for (const closed::Lobe& l : tappets())
        all.push_back(closed::behindLash(l, 1.5, 0.25));
    return all;
}

LobeRequest requestOf(Place place) {
    LobeRequest r;
    r.taken = {place, 1.5, place == Place::Valve ? 0.25 : 0.0};
    for (double mm : {0.15, 0.5, 1.27, 5.0})
        r.heights.push_back({mm, place});
    r.eventsHeight = {1.27, place};
    r.seat = {0.15, place};
    return r;
}

using Table = std::map<std::string, Count>;

void figures(const LobeFigures& f, const closed::Lobe& lobe, Table& t) {
    for (const HeightEvents& e : f.heights)
        for (bool opening : {true, false}) {
            const auto& at = opening ? e.opens : e.closes;
            const auto& u = halfWidthOf(opening ? e.opens : e.closes);
            char name[16];
            std::snprintf(name, sizeof name, "%.2f", e.height.mm);
            t[name].add(at ? at->deg - lobe.event(e.height.mm, opening) : 99.0, u.value_or(0.0));
        }
    const auto centre = [&](const char* name, const std::optional<CrankDeg>& at,
                            const std::optional<double>& u, double truth) {
        t[name].add(at ? at->deg - truth : 99.0, u.value_or(0.0));
    };
    const Centres& c = f.centres;
    const double drop = lobe.lift_mm - f.drop_mm;
    centre("drop", c.equalDrop, halfWidthOf(c.equalDrop),
           (lobe.event(drop, true) + lobe.event(drop, false)) / 2.0);
    centre("peak", c.peak, halfWidthOf(c.peak), lobe.centre);
    centre("centroid", c.centroid, halfWidthOf(c.centroid), measured::centroid(lobe));
    t["area"].add(f.area_mm_deg.value_or(-99.0) - lobe.area(),
                  halfWidthOf(f.area_mm_deg).value_or(0.0));
    t["lift"].add(f.maxLift_mm.value_or(-99.0) - lobe.lift_mm,
                  halfWidthOf(f.maxLift_mm).value_or(0.0));
}

/// Error of the events over the best spline's, at 0.5 and 1.27 mm.
void condition(const char* title, const std::vector<closed::Lobe>& lobes, Place place,
               measured::Way way, int seeds) {
    Table ours;
    measured::Best best({0.5, 1.27});
    int accused = 0, runs = 0;
    for (const closed::Lobe& lobe : lobes)
        for (int seed = 1; seed <= seeds; ++seed) {
            way.seed = static_cast<unsigned>(seed * 7919 + runs);
            const auto points = measured::take(lobe, way);
            const LobeFigures f = analyseLobe(points, requestOf(place));
            figures(f, lobe, ours);
            best.add(points, lobe, way);
            accused += !f.misfits.empty();
            ++runs;
        }
    std::printf("%-22s", title);
    for (std::size_t i = 0; i < 2; ++i) {
        const char* name = i == 0 ? "0.50" : "1.27";
        std::printf(" %5.2f", ours[name].rms() / best.rms(i));
    }
    std::printf("  |");
    for (const char* name :
         {"0.15", "0.50", "1.27", "5.00", "drop", "peak", "centroid", "area", "lift"})
        std::printf(" %3.0f(%.2f)", ours[name].covered(),
                    std::sqrt(ours[name].stated / ours[name].n) / std::max(1e-9, ours[name].rms()) /
                        1.96);
    std::printf("  | %4.1f\n", 100.0 * accused / runs);
    std::fflush(stdout);
}

void slips(const char* title, Place place, measured::Way way, int seeds) {
    struct Slip {
        const char* name;
        double mm;
    };
    for (const Slip& s :
         {Slip{"0.05", 0.05}, Slip{"0.10", 0.10}, Slip{"turn", 1.0}, Slip{"sign", 0.0}}) {
        Count near;
        int found = 0, runs = 0, falsely = 0;
        double error = 0.0;
        for (const closed::Lobe& lobe : place == Place::Valve ? valves() : tappets())
            for (int seed = 1; seed <= seeds; ++seed) {
                way.seed = static_cast<unsigned>(seed * 104729 + runs);
                auto points = measured::take(lobe, way);
                // Every other one anywhere, the rest beside the events.
                std::vector<double> beside;
                if (seed % 2)
                    for (double mm : {0.15, 0.5, 1.27, 5.0})
                        for (bool opening : {true, false})
                            beside.push_back(lobe.event(mm, opening));
                const std::size_t at = measured::slip(points, s.mm, way.seed, beside);
                const LobeFigures f = analyseLobe(points, requestOf(place));
                ++runs;
                bool hit = false;
                for (const Misfit& m : f.misfits) {
                    const bool it = std::abs(m.at.deg - points[at].deg) < 1e-6;
                    hit = hit || it;
                }
                falsely += f.misfits.size() > static_cast<std::size_t>(hit);
                found += hit;
                for (const HeightEvents& e : f.heights)
                    for (bool opening : {true, false}) {
                        const double truth = lobe.event(e.height.mm, opening);
                        if (std::abs(truth - points[at].deg) > 2.0 * way.step) continue;
                        const auto& x = opening ? e.opens : e.closes;
                        const auto& u = halfWidthOf(opening ? e.opens : e.closes);
                        const double off = x ? x->deg - truth : 99.0;
                        near.add(off, u.value_or(0.0));
                        error = std::max(error, std::abs(off));
                    }
            }
        std::printf(
            "%-22s slip %s: found %5.1f %%, others accused %4.1f %%, events near it covered "
            "%5.1f %% of %d, rms %.3f, worst %.2f\n",
            title, s.name, 100.0 * found / runs, 100.0 * falsely / runs, near.covered(), near.n,
            near.rms(), error);
    }
    std::fflush(stdout);
}

} // namespace

int main(int argc, char** argv) {
    const int seeds = argc > 1 ? std::atoi(argv[1]) : 10;
    const double only = argc > 2 ? std::atof(argv[2]) : 0.0; // one step alone, degrees
    std::printf("error of events over the best spline's at 0.5, 1.27 | covered in 100 (stated over "
                "needed): 0.15 0.5 1.27 5.0 drop peak centroid area lift | faultless accused %%\n");
    for (bool valve : {false, true}) {
        const auto lobes = valve ? valves() : tappets();
        const Place place = valve ? Place::Valve : Place::Tappet;
        std::printf("%s\n", valve ? "valve, ratio 1.5, lash 0.25" : "tappet");
        for (double step : {1.0, 2.0, 5.0, 10.0, 15.0}) {
            if (only > 0.0 && step != only) continue;
            for (double noise : {0.0, 0.002, 0.005, 0.01, 0.02})
                for (double wheel : {0.0, 0.1}) {
                    for (double dial : {0.0, 0.01}) {
                        if (noise == 0.0 && dial == 0.0) continue;
                        char title[64];
                        std::snprintf(title, sizeof title, "%2.0f n%.3f w%.1f d%.3f", step, noise,
                                      wheel, dial);
                        condition(title, lobes, place, {step, noise, wheel, dial, 0}, seeds);
                    }
                }
            for (double dial : {0.0127, 0.0254}) {
                char title[64];
                std::snprintf(title, sizeof title, "%2.0f n0.002 w0.1 d%.4f", step, dial);
                condition(title, lobes, place, {step, 0.002, 0.1, dial, 0}, seeds);
            }
            char title[64];
            std::snprintf(title, sizeof title, "%2.0f n0.002 w0.2 d0.010", step);
            condition(title, lobes, place, {step, 0.002, 0.2, 0.01, 0}, seeds);
        }
    }
    for (Place place : {Place::Tappet, Place::Valve})
        for (double step : {1.0, 2.0, 5.0}) {
            if (only > 0.0 && step != only) continue;
            for (double wheel : {0.0, 0.1, 0.2}) {
                char title[64];
                std::snprintf(title, sizeof title, "%s %.0f w%.1f",
                              place == Place::Valve ? "valve" : "tappet", step, wheel);
                slips(title, place, {step, 0.002, wheel, 0.01, 0}, seeds);
            }
        }
    return 0;
}
