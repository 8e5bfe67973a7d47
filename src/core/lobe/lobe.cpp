#include "core/lobe/lobe.h"

#include "core/angle/usual.h"
#include "core/lobe/condense.h"
#include "core/lobe/fair.h"
#include "core/lobe/uncertainty.h"
#include "core/lobe/zero_return.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

double typicalCentre(Side side) {
    return usualCentre_deg(side);
}

/// A reading at or under this is on the base circle or its ramp, mm as taken.
constexpr double kNearBase_mm = 0.15;
/// Crossings of one height farther apart on a flank are those of two lifts.
constexpr double kApartLift_deg = 15.0;
/// What stands this far off the base circle over several readings is a lift of its own.
constexpr double kSecondLift_mm = 0.3;

/// Lays the readings on one stretch of the cycle round the lobe's nose, ascending, repeats
/// averaged, the nose within (-360, 360].
std::vector<LiftPoint> laidOut(const std::vector<LiftPoint>& readings, Side side, int cylinder,
                               std::vector<Finding>& findings) {
    const auto nose =
        std::max_element(readings.begin(), readings.end(),
                         [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
    if (nose == readings.end()) return {};
    const double home = wrapCycle({nose->deg}).deg;
    std::vector<LiftPoint> p;
    p.reserve(readings.size());
    for (const LiftPoint& r : readings)
        p.push_back({home + wrapCycle({r.deg - nose->deg}).deg, r.mm});
    const auto byAngle = [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; };
    // A sweep of many readings mostly lies in order.
    if (!std::is_sorted(p.begin(), p.end(), byAngle)) std::stable_sort(p.begin(), p.end(), byAngle);

    std::vector<LiftPoint> out;
    out.reserve(p.size());
    for (std::size_t i = 0; i < p.size();) {
        std::size_t j = i;
        double total = 0.0;
        for (; j < p.size() && p[j].deg - p[i].deg < 1e-6; ++j)
            total += p[j].mm;
        const int count = static_cast<int>(j - i);
        out.push_back({p[i].deg, total / count});
        if (count > 1)
            findings.push_back(
                {found::RepeatedAngle{CrankDeg{p[i].deg}, count}, Severity::Note, side, cylinder});
        i = j;
    }
    return out;
}

class Analysis {
public:
    Analysis(const std::vector<LiftPoint>& points, const LobeRequest& request, LobeFigures& out)
        : curve_(*out.curve), points_(points), request_(request), out_(out), uncertainty_(out) {}

    void run() {
        const LiftPoint top = curve_.top();
        nose_ = top;
        out_.maxLift_mm = {top.mm, uncertainty_.lift_mm(top.deg)};
        out_.maxLiftAt = CrankDeg{top.deg};
        // The nose is behind us once lift has fallen clearly from the greatest reading.
        const auto high =
            std::max_element(points_.begin(), points_.end(),
                             [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
        out_.noseReached = high != points_.begin() && high + 1 != points_.end() &&
                           points_.back().mm < top.mm - kNearBase_mm &&
                           points_.front().mm < top.mm - kNearBase_mm;
        if (!out_.noseReached) say(found::NoseNotReached{CrankDeg{high->deg}}, Severity::Ask);
        for (const Height& h : request_.heights)
            out_.heights.push_back(eventsAt(h, true));
        out_.atEventsHeight = eventsAt(request_.eventsHeight, false);
        if (curve_.first() <= 0.0 && curve_.last() >= 0.0) out_.liftAtTdc_mm = curve_.at(0.0);
        if (out_.noseReached) {
            secondLift();
            centres();
            area();
            halves();
            midpointLine();
            // Less than this is how the readings scatter.
            if (const auto runOut = lobe::baseRunOut_mm(points_);
                runOut && *runOut > std::max(0.01, 5.5 * out_.scatter_mm))
                out_.baseRunOut_mm = runOut;
            base();
            place();
        }
        // Of a sweep its means show it as well, and are far fewer.
        const bool swept = out_.points.size() > 2 * points_.size();
        out_.standoffs = standoffs(swept ? points_ : out_.points.get());
        for (const Misfit& m : out_.misfits)
            say(found::OffTheCurve{m.at, m.off_mm, m.orAt}, Severity::LookAgain);
        steps();
    }

private:
    void say(found::Any what, Severity severity) {
        out_.findings.push_back({std::move(what), severity, request_.side, request_.cylinder});
    }

    /// Of the crossings of one flank those of the main lift, from the nose outwards: noise passes
    /// a height again near by, a second lift far off.
    std::vector<double> ofMainLift(const std::vector<double>& crossings, bool opening) const {
        std::vector<double> out;
        for (double x : crossings)
            if ((x <= nose_.deg) == opening) out.push_back(x);
        std::sort(out.begin(), out.end(), [&](double a, double b) {
            return std::abs(a - nose_.deg) < std::abs(b - nose_.deg);
        });
        for (std::size_t i = 1; i < out.size(); ++i)
            if (std::abs(out[i] - out[i - 1]) > kApartLift_deg) {
                out.resize(i);
                break;
            }
        return out;
    }

    /// The crossings of one flank, as one angle; empty when there is none.
    std::optional<CrankDeg> flank(const std::vector<double>& crossings, bool opening,
                                  int& count) const {
        const std::vector<double> own = ofMainLift(crossings, opening);
        count = static_cast<int>(own.size());
        if (own.empty()) return std::nullopt;
        double sum = 0.0;
        for (double x : own)
            sum += x;
        return CrankDeg{sum / count};
    }

    /// A second lift either side of the main one, down on the base circle between the two.
    void secondLift() {
        // By height as taken: what is lower than half of what it reaches says nothing of events.
        for (bool opening : {true, false}) {
            LiftPoint top{0.0, 0.0};
            bool down = false;
            int high = 0;
            const auto along = [&](const LiftPoint& p) {
                if ((p.deg <= nose_.deg) != opening) return;
                down = down || p.mm < kNearBase_mm;
                if (!down || p.mm <= kSecondLift_mm) return;
                ++high;
                if (p.mm > top.mm) top = p;
            };
            if (opening)
                std::for_each(points_.rbegin(), points_.rend(), along);
            else
                std::for_each(points_.begin(), points_.end(), along);
            // One reading alone is a slip, not a lift.
            if (high < 3) continue;
            const double wanted = out_.taken.threshold_mm(request_.eventsHeight);
            const double at = wanted > 0.0 && wanted < 0.8 * top.mm ? wanted : top.mm / 2.0;
            std::optional<double> before, after;
            for (double x : curve_.crossings(at)) {
                if (x <= top.deg) before = x;
                if (x > top.deg && !after) after = x;
            }
            if (!before || !after || std::abs(top.deg - nose_.deg) < kApartLift_deg) continue;
            say(found::SecondLift{at, CrankDeg{*before}, CrankDeg{*after}, CrankDeg{top.deg},
                                  top.mm},
                Severity::Note);
        }
    }
    std::optional<CrankDeg> flank(double threshold, bool opening, int& count) const {
        return flank(curve_.crossings(threshold), opening, count);
    }

    /// How often the readings as they are, not smoothed, pass a height on a flank.
    int crossingsOf(double threshold, bool opening) const {
        const auto& all = uncertainty_.otherCrossings(threshold);
        return static_cast<int>(ofMainLift(all, opening).size());
    }

    /// 95 %: of the crossing, and where the height is meant at the other place of what the ratio
    /// leaves of it.
    double known_deg(CrankDeg at, const Height& height, double threshold, bool opening) const {
        const double own = uncertainty_.crossing_deg(at, threshold, opening);
        const double doubt_mm = out_.taken.thresholdDoubt_mm(height);
        if (doubt_mm <= 0.0) return own;
        constexpr double kFlattest = 1e-3;
        return std::hypot(own, doubt_mm / std::max(kFlattest, std::abs(curve_.slopeAt(at.deg))));
    }

    HeightEvents eventsAt(const Height& height, bool report) {
        HeightEvents events{height, {}, {}};
        const auto refuse = [&](found::Any what, Severity severity) {
            if (report) say(std::move(what), severity);
        };
        const double threshold = out_.taken.threshold_mm(height);
        if (threshold <= 0.0) {
            refuse(found::HeightUnderLash{height.mm}, Severity::Note);
            return events;
        }
        if (threshold >= nose_.mm) {
            if (out_.noseReached)
                refuse(found::HeightAboveNose{height.mm, nose_.mm}, Severity::Note);
            return events;
        }
        const auto crossings = curve_.crossings(threshold);
        for (bool opening : {true, false}) {
            int count = 0;
            const auto at = flank(crossings, opening, count);
            if (at)
                (opening ? events.opens
                         : events.closes) = {*at, known_deg(*at, height, threshold, opening)};
            if (!at && (opening || out_.noseReached))
                refuse(found::FlankMissing{height.mm, opening}, Severity::Ask);
            if (out_.smoothed && report) count = crossingsOf(threshold, opening);
            if (count > 1)
                refuse(found::NoisyCrossings{height.mm, count, opening, out_.smoothed},
                       out_.smoothed ? Severity::Note : Severity::LookAgain);
        }
        return events;
    }

    void centres() {
        out_.centres.events = out_.atEventsHeight.midpoint();
        double drop = request_.drop_mm;
        if (drop > nose_.mm / 2.0) {
            drop = nose_.mm / 4.0;
            say(found::DropShortened{drop}, Severity::Note);
        }
        out_.drop_mm = drop;
        int count = 0;
        const auto rise = flank(nose_.mm - drop, true, count);
        const auto fall = flank(nose_.mm - drop, false, count);
        Centres& c = out_.centres;
        if (rise && fall)
            c.equalDrop = {CrankDeg{(rise->deg + fall->deg) / 2.0},
                           std::hypot(uncertainty_.crossing_deg(*rise, nose_.mm - drop, true),
                                      uncertainty_.crossing_deg(*fall, nose_.mm - drop, false)) /
                               2.0};
        // Half a hundredth of the lift under the nose, and no less than shows.
        const double little = std::max(0.02 * nose_.mm, 6.0 * out_.scatter_mm);
        const auto up = flank(nose_.mm - little, true, count),
                   down = flank(nose_.mm - little, false, count);
        c.peak = {
            CrankDeg{nose_.deg},
            uncertainty_.nose_deg(nose_.deg, up && down ? (up->deg + down->deg) / 2.0 : nose_.deg)};
    }

    /// What lies beyond an end of the readings that is not down on the base circle, from the lift
    /// and the slope there.
    struct Beyond {
        double area = 0.0, moment = 0.0, uncertain = 0.0;
    };
    Beyond beyond(bool front) const {
        const LiftPoint end = front ? points_.front() : points_.back();
        const double way = front ? 1.0 : -1.0;
        // Over a few degrees, since the last reading alone scatters.
        constexpr double kReach_deg = 4.0;
        const double lift = curve_.at(end.deg + way * kReach_deg / 2.0);
        const double slope =
            (curve_.at(end.deg + way * kReach_deg) - curve_.at(end.deg)) / kReach_deg;
        constexpr double kFlat = 0.004; // mm per degree: a base circle beside zero, not a flank
        if (lift < std::max(0.03, 4.0 * out_.scatter_mm) || slope < kFlat) return {};
        const double here = std::max(0.0, lift - slope * kReach_deg / 2.0);
        // A straight flank leaves a triangle, one that bends like a parabola a third more, like a
        // cubic half more.
        const double triangle = here * here / (2.0 * slope);
        constexpr double kShare = 1.3, kEither = 0.5;
        const double area = kShare * triangle, at = end.deg - way * here / (2.5 * slope);
        return {area, area * at, kEither * triangle};
    }

    /// Over the stretch that is lifted, with what the run does not show.
    void area() {
        const double foot = std::max(0.02, 3.0 * out_.scatter_mm);
        constexpr double kRamp_deg = 15.0;
        int count = 0;
        double from = curve_.first(), to = curve_.last();
        if (const auto x = flank(foot, true, count)) from = std::max(from, x->deg - kRamp_deg);
        if (const auto x = flank(foot, false, count)) to = std::min(to, x->deg + kRamp_deg);
        const Beyond front = beyond(true), back = beyond(false);
        const double all = curve_.area(from, to) + front.area + back.area;
        const double missing = std::hypot(front.uncertain, back.uncertain);
        out_.area_mm_deg = {std::max(0.0, all),
                            std::hypot(uncertainty_.area_mm_deg(from, to), missing)};
        if (all > 0.0) {
            const double centroid = (curve_.moment(from, to) + front.moment + back.moment) / all;
            const double beyond =
                std::hypot(front.uncertain * (centroid - from), back.uncertain * (to - centroid)) /
                all;
            out_.centres.centroid = {
                CrankDeg{centroid},
                std::hypot(uncertainty_.centroid_deg(from, to, centroid, all), beyond)};
        }
        for (bool first : {true, false}) {
            const Beyond& part = first ? front : back;
            if (part.area <= 0.0) continue;
            say(found::AreaOfPart{first, curve_.at(first ? curve_.first() : curve_.last()),
                                  part.area},
                Severity::Note);
        }
    }

    void halves() {
        const auto centre = out_.centres.equalDrop;
        const HeightEvents& e = out_.atEventsHeight;
        if (centre && e.opens) out_.halfOpening_deg = centre->deg - e.opens->deg;
        if (centre && e.closes) out_.halfClosing_deg = e.closes->deg - centre->deg;
        const auto low = eventsAt(request_.seat, false).duration_deg();
        const auto high =
            eventsAt({kUsualHeight_mm, request_.eventsHeight.at}, false).duration_deg();
        if (low && high) out_.rampSpread_deg = *low - *high;
    }

    /// The middle of the events from low on the lobe to near the nose, and whether it wanders by
    /// more than it is uncertain.
    void midpointLine() {
        MidpointLine& line = out_.midpoints;
        constexpr int kSteps = 16;
        for (int i = 1; i < kSteps; ++i)
            line.events.push_back(eventsAt({nose_.mm * i / kSteps, out_.taken.at}, false));
        const HeightEvents low = eventsAt({0.20 * nose_.mm, out_.taken.at}, false);
        const HeightEvents high = eventsAt({0.85 * nose_.mm, out_.taken.at}, false);
        const auto a = low.midpoint(), b = high.midpoint();
        if (!a || !b) return;
        const double uncertain = std::hypot(*a->plusMinus, *b->plusMinus);
        line.skew_deg = {a->deg - b->deg, uncertain};
        // A wheel is set to its mark within a tenth of a degree or so: less is no asymmetry.
        constexpr double kLeast_deg = 0.2;
        line.symmetry = std::abs(line.skew_deg) > std::max(kLeast_deg, uncertain)
                            ? Symmetry::Asymmetric
                        : uncertain > 1.5 ? Symmetry::Noisy
                                          : Symmetry::Symmetric;
    }

    void base() {
        if (std::abs(points_.front().mm) > kNearBase_mm ||
            std::abs(points_.back().mm) > kNearBase_mm)
            return;
        const BaseEnds ends = baseEnds(points_);
        // Against what the readings' own scatter would show once in a hundred runs or two.
        const auto counts = [&](double mm, double share) {
            constexpr double kDeviations = 2.7;
            return std::abs(mm) > std::max(request_.zeroReturn_mm,
                                           kDeviations * out_.scatter_mm * std::sqrt(share));
        };
        const double start = ends.front_mm, end = ends.back_mm, drift = end - start;
        if (counts(drift, 1.0 / ends.frontCount + 1.0 / ends.backCount)) {
            say(judgeZeroReturn(points_, drift, request_.follower == Follower::Hydraulic,
                                out_.scatter_mm),
                Severity::LookAgain);
        } else if (counts(start, 1.0 / ends.frontCount) && counts(end, 1.0 / ends.backCount)) {
            const int count = ends.frontCount + ends.backCount;
            say(found::BaseNotZero{(start * ends.frontCount + end * ends.backCount) / count},
                Severity::Ask);
        }
    }

    /// Is the lobe where a lobe of its kind sits?
    void place() {
        const auto centre = out_.centres.equalDrop ? out_.centres.equalDrop : out_.centres.peak;
        const Side other = request_.side == Side::Intake ? Side::Exhaust : Side::Intake;
        const auto away = [&](double from) {
            return std::abs(wrapCycle({centre->deg - from}).deg);
        };
        if (away(typicalCentre(request_.side)) <= 70.0) return;
        if (away(typicalCentre(other)) < 60.0)
            say(found::SidesSwapped{*centre}, Severity::LookAgain);
        else
            say(found::CentreFarOff{*centre}, Severity::LookAgain);
    }

    void steps() {
        double widest = 0.0;
        for (std::size_t i = 1; i < points_.size(); ++i)
            if (points_[i].mm > kNearBase_mm || points_[i - 1].mm > kNearBase_mm)
                widest = std::max(widest, points_[i].deg - points_[i - 1].deg);
        if (widest > 10.5) say(found::WideStep{widest}, Severity::Note);
    }

    const LiftCurve& curve_;
    const std::vector<LiftPoint>& points_;
    const LobeRequest& request_;
    LobeFigures& out_;
    Uncertainty uncertainty_;
    LiftPoint nose_;
};

/// The smoothed curve as a piecewise cubic of two-degree pieces (which a quintic on four-degree
/// knots leaves by less than a tenth of a micrometre), cut at its corners.
LiftCurve sampled(const SmoothCurve& smooth) {
    const int n = std::max(2, static_cast<int>((smooth.last() - smooth.first()) / 2.0));
    std::vector<double> at;
    for (int i = 0; i <= n; ++i)
        at.push_back(smooth.first() + (smooth.last() - smooth.first()) * i / n);
    constexpr double kApart = 1e-3;
    for (double corner : smooth.corners()) {
        std::erase_if(at, [&](double deg) {
            return std::abs(deg - corner) < 10.0 * kApart && deg != at.front() && deg != at.back();
        });
        at.push_back(corner);
    }
    std::sort(at.begin(), at.end());
    std::vector<LiftCurve::Node> nodes;
    for (double deg : at) {
        const SmoothCurve::Jet lift = smooth.jet(deg);
        nodes.push_back({{deg, lift[0]}, lift[1], lift[1]});
        for (double corner : smooth.corners())
            if (deg == corner) {
                nodes.back().before = smooth.at(deg - kApart, 1);
                nodes.back().after = smooth.at(deg + kApart, 1);
            }
    }
    return LiftCurve::with(nodes);
}

double meanStep_deg(const Rows<LiftPoint>& points) {
    return points.size() > 1 ? (points.get().back().deg - points.get().front().deg) /
                                   static_cast<double>(points.size() - 1)
                             : 0.0;
}

/// The curve the readings ask for: without those that stand off, and smoothed as much as their
/// scatter asks; through all the rest of them where the user wants no smoothing.
void draw(const LobeRequest& request, LobeFigures& out) {
    const double least = std::max(request.resolution_mm, rounding_mm(out.points)) / std::sqrt(12.0);
    const bool lash = out.taken.at == Place::Valve && out.taken.lash_mm > 0.0;
    std::vector<double> right = request.right;
    // So far apart, neighbours do not tell a slip from the shape of the lobe: nobody is accused.
    constexpr double kTooWide_deg = 12.0;
    if (meanStep_deg(out.points) > kTooWide_deg)
        for (const LiftPoint& p : out.points.get())
            right.push_back(p.deg);
    const Condensed lean = condensed(out.points, right);
    FairReadings fair = fairReadings(lean.points, right, std::max(least, 1e-5), lash);
    out.misfits = fair.odd;
    out.misfits.insert(out.misfits.end(), lean.odd.begin(), lean.odd.end());
    std::sort(out.misfits.begin(), out.misfits.end(),
              [](const Misfit& a, const Misfit& b) { return a.at < b.at; });
    out.rounding_mm = least * std::sqrt(12.0);
    out.scatter_mm = least;
    out.fair = std::move(fair.points);
    if (fair.curve) {
        out.smooth = std::make_shared<const SmoothCurve>(std::move(*fair.curve));
        out.scatter_mm = out.smooth->lift_mm() * std::sqrt(lean.each);
        out.smoothed = request.smoothing;
    }
    out.curve = out.smoothed ? sampled(*out.smooth) : *LiftCurve::through(out.fair);
}

} // namespace

double Taken::threshold_mm(Height height) const {
    if (height.at == at) return height.mm;
    return at == Place::Tappet ? (height.mm + lash_mm) / ratio : ratio * height.mm - lash_mm;
}

double Taken::thresholdDoubt_mm(Height height) const {
    if (height.at == at) return 0.0;
    return ratioDoubt * (at == Place::Tappet ? (height.mm + lash_mm) / ratio : ratio * height.mm);
}

double Taken::liftAt(Place place, double taken_mm) const {
    if (place == at) return taken_mm;
    if (place == Place::Valve) return std::max(0.0, ratio * taken_mm - lash_mm);
    return taken_mm > 0.0 ? (taken_mm + lash_mm) / ratio : 0.0;
}

std::optional<Measured<double>> HeightEvents::duration_deg() const {
    if (!opens || !closes) return std::nullopt;
    Measured<double> out = closes->deg - opens->deg;
    if (opens->plusMinus && closes->plusMinus)
        out.plusMinus = std::hypot(*opens->plusMinus, *closes->plusMinus);
    return out;
}

std::optional<Measured<CrankDeg>> HeightEvents::midpoint() const {
    if (!opens || !closes) return std::nullopt;
    Measured<CrankDeg> out = CrankDeg{(opens->deg + closes->deg) / 2.0};
    if (opens->plusMinus && closes->plusMinus)
        out.plusMinus = std::hypot(*opens->plusMinus, *closes->plusMinus) / 2.0;
    return out;
}

std::optional<Measured<CrankDeg>> Centres::by(CentreSchool school) const {
    switch (school) {
    case CentreSchool::EqualDrop:
        return equalDrop;
    case CentreSchool::Events:
        return events;
    case CentreSchool::Peak:
        return peak;
    case CentreSchool::Centroid:
        break;
    }
    return centroid;
}

std::optional<double> Centres::spread_deg() const {
    double least = 1e9, most = -1e9;
    int known = 0;
    for (const auto& c : {equalDrop, events, peak, centroid}) {
        if (!c) continue;
        ++known;
        least = std::min(least, c->deg);
        most = std::max(most, c->deg);
    }
    if (known < 2) return std::nullopt;
    return most - least;
}

double LobeFigures::liftAt(CrankDeg at, Place place) const {
    if (!curve || at.deg < curve->first() || at.deg > curve->last()) return 0.0;
    return taken.liftAt(place, std::max(0.0, curve->at(at.deg)));
}

double LobeFigures::liftAt(CrankDeg at, Place place, std::size_t& near) const {
    if (!curve || at.deg < curve->first() || at.deg > curve->last()) return 0.0;
    return taken.liftAt(place, std::max(0.0, curve->at(at.deg, near)));
}

const HeightEvents* LobeFigures::events(const Height& height) const {
    for (const HeightEvents& e : heights)
        if (e.height == height) return &e;
    return nullptr;
}

namespace {

/// A follower leaves the base circle by a ramp, whose speed is even at most: a jump beyond any is
/// that of one that was met by its lobe on the way. At the valve the lash makes such jumps.
std::optional<found::RestsElsewhere> restsElsewhere(const LobeRequest& request,
                                                    const LobeFigures& lobe) {
    // mm per crank degree: more than twice the steepest ramp's, and beyond what the quickest feet
    // leave at five degrees a step. Half a millimetre off the base circle makes it.
    constexpr double kNoRamp = 0.035;
    if (!lobe.smooth || request.taken.at != Place::Tappet) return std::nullopt;
    const auto& corners = lobe.smooth->corners();
    if (corners.size() != 2) return std::nullopt;
    const double leaves = lobe.smooth->at(corners.front(), 1),
                 returns = -lobe.smooth->at(corners.back() - 1e-6, 1);
    const double jump = std::min(leaves, returns);
    if (jump < kNoRamp) return std::nullopt;
    return found::RestsElsewhere{{corners.front()}, {corners.back()}, jump};
}

} // namespace

LobeFigures analyseLobe(const std::vector<LiftPoint>& readings, const LobeRequest& request) {
    LobeFigures out;
    out.side = request.side;
    out.taken = request.taken;
    if (!(out.taken.ratio > 0.0)) out.taken.ratio = 1.0;
    const auto points = laidOut(readings, request.side, request.cylinder, out.findings);
    out.points = points;

    const auto refuse = [&](found::Any what) {
        out.curve = LiftCurve::through(points);
        out.findings.push_back({std::move(what), Severity::Ask, request.side, request.cylinder});
    };
    if (points.size() < static_cast<std::size_t>(kFewestReadings)) {
        refuse(found::TooFewReadings{kFewestReadings});
        return out;
    }
    const auto byLift = [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; };
    const auto [low, high] = std::minmax_element(points.begin(), points.end(), byLift);
    if (high->mm - low->mm < kLeastLift_mm) {
        refuse(found::FlatTable{high->mm - low->mm});
        return out;
    }
    draw(request, out);
    Analysis(out.fair, request, out).run();
    if (out.smooth && out.noseReached)
        out.motion =
            motionOf(*out.smooth, out.taken.at == Place::Valve ? 1.0 / out.taken.ratio : 1.0);
    if (const auto rests = restsElsewhere(request, out))
        out.findings.push_back({*rests, Severity::LookAgain, request.side, request.cylinder});
    return out;
}

} // namespace lobe
