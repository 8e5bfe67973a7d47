#include "core/compression/compression.h"

#include "core/angle/root.h"
#include "core/angle/usual.h"
#include "core/job/job.h"

#include "core/angle/geometry.h"
#include "core/job/card.h"

#include <cmath>
#include <numbers>

namespace lobe {
namespace {

double area_mm2(double bore_mm) {
    return std::numbers::pi / 4.0 * bore_mm * bore_mm;
}
constexpr double kMm3PerCc = 1000.0;

ClearanceVolumes volumes(const CompressionState& s) {
    const Chamber& c = s.chamber;
    const double gasketBore = c.gasketBore_mm > 0.0 ? c.gasketBore_mm : s.bore_mm;
    return {c.chamber_cc, area_mm2(gasketBore) * c.gasket_mm / kMm3PerCc,
            area_mm2(s.bore_mm) * c.deck_mm / kMm3PerCc, c.crown_cc, c.crevice_cc};
}

/// The dynamic ratio alone; not a number that can be used when something is impossible.
std::optional<double> dynamicOf(const CompressionState& s) {
    const auto r = compression(s, 0.0, 1.25);
    const auto* c = std::get_if<Compression>(&r);
    return c ? std::optional(c->dynamicRatio) : std::nullopt;
}

} // namespace

double ambient_kpa(double altitude_m) {
    return 101.325 * std::pow(1.0 - 2.25577e-5 * altitude_m, 5.25588);
}

CompressionResult compression(const CompressionState& s, double altitude_m, double exponent) {
    if (!(s.bore_mm > 0.0)) return CompressionError{CompressionFault::BoreNotPositive, s.bore_mm};
    if (!(s.stroke_mm > 0.0))
        return CompressionError{CompressionFault::StrokeNotPositive, s.stroke_mm};
    const auto path = PistonPath::of(s.stroke_mm, s.rod_mm, s.pinOffset_mm);
    if (!path) return CompressionError{CompressionFault::RodTooShort, s.rod_mm};
    Compression out;
    out.clearance = volumes(s);
    const double vc = out.clearance.total();
    if (!(vc > 0.0)) return CompressionError{CompressionFault::VolumeNotPositive, vc};
    if (!(s.closing_deg >= -60.0 && s.closing_deg < 180.0))
        return CompressionError{CompressionFault::ClosingOutside, s.closing_deg};
    const double travel = path->travel_mm();
    out.swept_cc = area_mm2(s.bore_mm) * travel / kMm3PerCc;
    out.staticRatio = (out.swept_cc + vc) / vc;
    // Closed before BDC the charge is drawn out a little further first, and no more comes in: what
    // was trapped is the same either side of it.
    out.effective_deg = s.closing_deg;
    out.trapped_mm = path->drop_mm(180.0 + s.closing_deg);
    out.dynamicRatio = (vc + area_mm2(s.bore_mm) * out.trapped_mm / kMm3PerCc) / vc;
    out.ambient_kpa = ambient_kpa(altitude_m);
    out.cranking_kpa = out.ambient_kpa * (std::pow(out.dynamicRatio, exponent) - 1.0);
    out.squish_mm = s.chamber.deck_mm + s.chamber.gasket_mm;
    return out;
}

Closings::Closings() {
    for (std::size_t i = 0; i < all_.size(); ++i)
        all_[i].school = static_cast<ClosingSchool>(i);
}

const Closing& Closings::by(ClosingSchool school) const {
    return all_.at(static_cast<std::size_t>(school));
}

Closing& Closings::by(ClosingSchool school) {
    return all_.at(static_cast<std::size_t>(school));
}

Closings closings(const Job& job, const LobeFigures* intake, double tdc_deg) {
    Closings out;
    const auto measured = [&](Closing& c, const Height& height, double more) {
        const HeightEvents* e = intake ? intake->events(height) : nullptr;
        if (!e || !e->closes) return;
        c.deg = toCard(Event::IntakeCloses, *e->closes).deg + more;
        if (e->closes->plusMinus) c.deg->plusMinus = std::hypot(*e->closes->plusMinus, tdc_deg);
    };
    measured(out.by(ClosingSchool::SeatMeasured), {job.reckoning.seat_mm, Place::Valve}, 0.0);
    if (job.card && job.card->advertisedDuration.intake)
        if (const auto centre = cardCentre_deg(*job.card, Side::Intake))
            out.by(ClosingSchool::SeatMaker).deg =
                *job.card->advertisedDuration.intake / 2.0 + *centre - 180.0;
    measured(out.by(ClosingSchool::Plus15), {kUsualHeight_mm, Place::Tappet}, 15.0);
    measured(out.by(ClosingSchool::OwnHeight), {job.reckoning.closingHeight_mm, Place::Valve}, 0.0);
    return out;
}

std::vector<DynamicBy> dynamicByClosing(const Job& job, const Closings& closings, int cylinder,
                                        double advance_deg) {
    std::vector<DynamicBy> out;
    for (const Closing& c : closings) {
        DynamicBy by{c, {}};
        if (c.deg) {
            const CompressionState s = stateOf(job, cylinder, *c.deg, advance_deg);
            by.closing.deg->value = s.closing_deg;
            if (const auto ratio = dynamicOf(s)) by.ratio = *ratio;
            if (const auto half = c.deg->plusMinus; half && by.ratio) {
                const auto early = dynamicOf(stateOf(job, cylinder, *c.deg - *half, advance_deg));
                const auto late = dynamicOf(stateOf(job, cylinder, *c.deg + *half, advance_deg));
                // About BDC both make the cylinder smaller: the farther of the two, not half of
                // what lies between.
                if (early && late)
                    by.ratio->plusMinus =
                        std::max(std::abs(*early - *by.ratio), std::abs(*late - *by.ratio));
            }
        }
        out.push_back(by);
    }
    return out;
}

double ratioWithPiston(const CompressionState& s, double down_mm) {
    const double left = volumes(s).total();
    return (left + area_mm2(s.bore_mm) * down_mm / kMm3PerCc) / left;
}

double recess_cc(double diameter_mm, double depth_mm) {
    return area_mm2(diameter_mm) * depth_mm / kMm3PerCc;
}

CompressionState stateOf(const Job& job, int cylinder, double closing_deg, double advance_deg) {
    const Engine& e = job.engine;
    return {{},
            e.bore_mm,
            e.stroke_mm,
            e.rod_mm,
            e.pinOffset_mm,
            e.chamberOf(cylinder),
            closing_deg - advance_deg};
}

/// Piston to head, mm, that is not gone under; and what gaskets there are.
static constexpr double kSquish_mm = 0.6, kThinnest_mm = 0.3, kThickest_mm = 4.0;

/// A state with one quantity at a value.
static CompressionState with(CompressionState s, Quantity quantity, double value) {
    switch (quantity) {
    case Quantity::Advance:
        s.closing_deg -= value;
        break;
    case Quantity::Chamber:
        s.chamber.chamber_cc = value;
        break;
    case Quantity::Gasket:
        s.chamber.gasket_mm = value;
        break;
    case Quantity::Deck:
        s.chamber.deck_mm = value;
        break;
    case Quantity::Crown:
        s.chamber.crown_cc = value;
        break;
    }
    return s;
}

std::optional<double> staticWith(const CompressionState& state, Quantity quantity, double value) {
    const auto made = compression(with(state, quantity, value), 0.0, 1.25);
    const auto* c = std::get_if<Compression>(&made);
    return c ? std::optional(c->staticRatio) : std::nullopt;
}

std::optional<double> reach(const CompressionState& state, Quantity quantity, double wanted) {
    const auto with = [&](double value) { return dynamicOf(lobe::with(state, quantity, value)); };
    // Advance raises the ratio, every volume lowers it: one crossing in each range.
    double lo = 0.0, hi = 0.0;
    switch (quantity) {
    case Quantity::Advance:
        // No earlier than a closing at BDC, beyond which advance gains nothing.
        lo = state.closing_deg - 150.0;
        hi = state.closing_deg;
        break;
    // Only what can be there: a piston clear of the head, a gasket that is sold, a chamber that is
    // still this head's, a dome that fits into it.
    case Quantity::Chamber:
        lo = std::max(1.0, 0.4 * state.chamber.chamber_cc);
        hi = 2.5 * state.chamber.chamber_cc;
        break;
    case Quantity::Gasket:
        lo = std::max(kThinnest_mm, kSquish_mm - state.chamber.deck_mm);
        hi = kThickest_mm;
        break;
    case Quantity::Deck:
        lo = kSquish_mm - state.chamber.gasket_mm;
        hi = 0.1 * state.stroke_mm;
        break;
    case Quantity::Crown:
        lo = -0.8 * state.chamber.chamber_cc;
        hi = 0.2 * area_mm2(state.bore_mm) * state.bore_mm / kMm3PerCc;
        break;
    }
    if (!(lo < hi)) return std::nullopt;
    // A volume that is gone counts as a ratio far beyond.
    const auto beyond = [&](double value) { return with(value).value_or(10.0 * wanted) - wanted; };
    if ((beyond(lo) > 0.0) == (beyond(hi) > 0.0)) return std::nullopt;
    const double value = rootBetween(beyond, lo, hi);
    const auto reached = with(value);
    if (!reached || std::abs(*reached - wanted) > 1e-6 * wanted) return std::nullopt;
    return value;
}

std::vector<AdvancePoint> dynamicAgainstAdvance(const CompressionState& state, double altitude_m,
                                                double exponent) {
    std::vector<AdvancePoint> out;
    for (double a = -15.0; a <= 15.0; a += 0.5) {
        CompressionState s = state;
        s.closing_deg -= a;
        const auto r = compression(s, altitude_m, exponent);
        if (const auto* c = std::get_if<Compression>(&r))
            out.push_back({a, c->dynamicRatio, c->cranking_kpa});
    }
    return out;
}

double crownPoured_cc(double poured_cc, double down_mm, double bore_mm) {
    return poured_cc - area_mm2(bore_mm) * down_mm / kMm3PerCc;
}

} // namespace lobe
