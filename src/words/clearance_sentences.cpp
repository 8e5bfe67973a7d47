#include "words/clearance.h"
#include "words/finding_sentences.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

QString said(const found::PressesApart& f, const Finding& of, const Style& style) {
    return Say::tr(
               "%1: presses at %2 lie %3 apart. Press again, and strike what was not right: the "
               "valve may tilt, or the indicator's foot slide. Until then the smaller counts, %4.")
        .arg(lobeName(of), readingAngle(f.at, style), liftWithUnit(f.apart_mm, style),
             clearance(f.counts_mm, style));
}

QString said(const found::PressOdd& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the press at %2 stands %3 %4 the gap of all others, and does not count. Go "
                   "back and press there again.")
        .arg(lobeName(of), readingAngle(f.at, style), liftWithUnit(std::abs(f.off_mm), style),
             f.off_mm < 0.0 ? Say::tr("under") : Say::tr("over"));
}

QString said(const found::LeastAtEdge& f, const Finding& of, const Style& style) {
    const auto at = [&](int steps) {
        return fromDeadCentre({f.at.deg + steps * f.step_deg}, style);
    };
    return Say::tr("%1: the least so far is the last taken, at %2: the least lies beyond. Take %3, "
                   "%4 and %5.")
        .arg(lobeName(of), at(0), at(1), at(2), at(3));
}

QString said(const found::PressStops& f, const Finding& of, const Style& style) {
    return Say::tr("%1: from %2 on the valve stops at a lift of %3 and not at the piston: the "
                   "retainer on the seal, coils that bind, or an empty follower. Those presses do "
                   "not count.")
        .arg(lobeName(of), fromDeadCentre(f.from, style), liftWithUnit(f.lift_mm, style));
}

QString said(const found::FollowerLive&, const Finding& of, const Style&) {
    return Say::tr("%1: a live hydraulic follower. Press its slack out first, or make it solid: "
                   "else you measure the follower.")
        .arg(lobeName(of));
}

QString said(const found::HeadLoose& f, const Finding& of, const Style&) {
    return Say::tr("%1: the head is held by %2 fasteners, not torqued. A head that lifts makes the "
                   "reading large: fasten it as the maker says.")
        .arg(lobeName(of))
        .arg(f.fasteners);
}

QString said(const found::ClearanceUnder& f, const Finding& of, const Style& style) {
    const QString text = Say::tr("%1: the valve %2 at %3, under your limit of %4.")
                             .arg(lobeName(of), nearness(Measured<double>{f.least_mm}, style),
                                  fromDeadCentre(f.at, style), clearance(f.limit_mm, style));
    return f.accepted ? text + Say::tr(" Kept with a reason.")
                      : text + Say::tr(" Do not start this engine on it.");
}

QString said(const found::ClearanceOverTravel& f, const Finding& of, const Style& style) {
    return (f.move_deg > 0.0
                ? Say::tr(
                      "%1: with its cam %2 earlier, as it may run, the valve %3 at %4, under your "
                      "limit of %5. Do not start this engine on it: less travel, a limiter, or "
                      "the cam set elsewhere.")
                : Say::tr(
                      "%1: with its cam %2 later, as it may run, the valve %3 at %4, under your "
                      "limit of %5. Do not start this engine on it: less travel, a limiter, or "
                      "the cam set elsewhere."))
        .arg(lobeName(of), degrees(std::abs(f.move_deg), style),
             nearness(Measured<double>{f.least_mm}, style), fromDeadCentre(f.at, style),
             clearance(f.limit_mm, style));
}

QString said(const found::GapShape& f, const Finding& of, const Style& style) {
    return Say::
        tr("%1: the presses lie up to %2 off any gap of valve and piston. They tell of this cam "
           "where it stands and of no other: look for a wheel that slipped, a valve that "
           "tilts, or another lobe's lift.")
            .arg(lobeName(of), clearance(f.residual_mm, style));
}

QString said(const found::ClearanceUnsaid& f, const Finding& of, const Style& style) {
    Q_UNUSED(style)
    switch (f.what) {
    case found::ClearanceUnsaid::Lash:
        return Say::tr("%1: was there lash while it was pressed? Until that is said none is added.")
            .arg(lobeName(of));
    case found::ClearanceUnsaid::Gasket:
        return Say::tr(
                   "%1: the gasket was left out, and how thick it is tightened is not said: none "
                   "is added.")
            .arg(lobeName(of));
    case found::ClearanceUnsaid::SpringAtTight:
        break;
    }
    return Say::tr(
               "%1: the two lifts under checking and running spring are greater than where valve "
               "and piston are near: the greatest, perhaps. Nothing is added: take both at the "
               "tight angle.")
        .arg(lobeName(of));
}

QString said(const found::MapCarried& f, const Finding& of, const Style& style) {
    if (f.higher_mm == 0.0)
        return Say::tr("%1: the cam was moved since it was pressed; the figures are carried over "
                       "by the gap. Press the tight angle again to be sure.")
            .arg(lobeName(of));
    return Say::tr(
               "%1: gasket, deck or notch changed since it was pressed, by %2 along the valve; the "
               "figures are carried over by the gap. Press the tight angle again to be sure.")
        .arg(lobeName(of), signedLift(f.higher_mm, style) + QLatin1Char(' ') + unitName(style));
}

QString said(const found::MapVoid&, const Finding& of, const Style&) {
    return Say::tr(
               "%1: head, valve or seat were changed since it was pressed. Nothing of it stands: "
               "begin a new map.")
        .arg(lobeName(of));
}

QString said(const found::MapsApart& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the gap to the shut valve at TDC is %2 by this map and %3 by the one "
                   "before. They are not fitted together: look for a head that lifts, a follower "
                   "that bleeds, or a dial that was not at zero.")
        .arg(lobeName(of), clearance(f.this_mm, style), clearance(f.before_mm, style));
}

QString said(const found::ValvesMeet& f, const Finding& of, const Style& style) {
    return Say::tr("Cyl %1: the intake valve comes within %2 of the exhaust valve at %3, under "
                   "your limit of %4. Wider separation or smaller heads help.")
        .arg(of.cylinder)
        .arg(clearance(f.least_mm, style), fromDeadCentre(f.at, style),
             clearance(f.limit_mm, style));
}

QString said(const found::WaysApart& f, const Finding& of, const Style& style) {
    return Say::tr(
               "%1: pressed %2, %3 %4. They are not averaged: the way it was turned, lift lost to "
               "springs, lash, the gasket or a follower that bleeds can part them. Trust the "
               "smaller until you know.")
        .arg(lobeName(of), clearance(f.map_mm, style),
             f.clay ? Say::tr("by clay") : Say::tr("by one angle"), clearance(f.other_mm, style));
}

} // namespace words
