#include "core/timing/evidence.h"

#include "core/angle/usual.h"
#include "core/angle/wheel.h"
#include "core/lobe/zero_return.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>
#include <functional>

namespace lobe {
namespace {

constexpr CentreSchool kSchools[] = {CentreSchool::Events, CentreSchool::EqualDrop,
                                     CentreSchool::Peak, CentreSchool::Centroid};
/// How seldom a card means its centre by each, -2 log.
constexpr double kSchoolPrice[] = {1.4, 1.4, 2.4, 4.0};

/// Setting the wheel to a mark, one standard deviation, beside what the readings themselves show.
constexpr double kWheel_deg = 0.12;
/// What two cams of one grinding differ by, one standard deviation.
constexpr double kGrinding_deg = 0.15;
/// Where only events were taken there is no slope; about what lobes have low on the flank.
constexpr double kUsualSlope = 0.07;

bool opens(Event e) {
    return e == Event::IntakeOpens || e == Event::ExhaustOpens;
}
Side otherOf(Side s) {
    return s == Side::Intake ? Side::Exhaust : Side::Intake;
}

/// The angle brought within half a cycle of another.
double near(double deg, double home) {
    return home + wrapCycle({deg - home}).deg;
}

std::optional<double> value(const std::optional<CrankDeg>& at) {
    return at ? std::optional(at->deg) : std::nullopt;
}

/// Seven statements of each lobe, and a few amounts: small enough to need no heap.
constexpr int kMostRows = 40, kMostAmounts = 16;
using Column = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, kMostRows, 1>;
using Jacobian = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, kMostRows, kMostAmounts>;
using Amounts = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, kMostAmounts, 1>;
using Square = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, kMostAmounts, kMostAmounts>;

} // namespace

bool isGross(CauseKind kind) {
    return kind == CauseKind::LobesSwapped || kind == CauseKind::CamDegrees ||
           kind == CauseKind::WheelReversed || kind == CauseKind::OtherTop;
}

bool Observed::baseOff() const {
    return base_mm && std::abs(*base_mm) > std::max(0.02, 3.5 * baseDeviation_mm);
}

std::optional<double> Flank::at(double lift) const {
    if (mm.size() < 2 || lift > mm.front() || lift <= mm.back()) return std::nullopt;
    const auto below = std::upper_bound(mm.begin(), mm.end(), lift, std::greater<>());
    const auto i = static_cast<std::size_t>(below - mm.begin());
    const double fall = mm[i - 1] - mm[i];
    const double share = fall > 1e-12 ? (mm[i - 1] - lift) / fall : 0.0;
    return deg[i - 1] + share * (deg[i] - deg[i - 1]);
}

void Evidence::tables() const {
    constexpr double kStep_deg = 0.25;
    for (Observed* m : {&in_, &ex_}) {
        if (!m->lobe || !m->lobe->curve || !m->lobe->maxLiftAt || !m->opening.mm.empty()) continue;
        const LiftCurve& curve = *m->lobe->curve;
        const double nose = m->lobe->maxLiftAt->deg;
        for (bool opening : {true, false}) {
            Flank& f = opening ? m->opening : m->closing;
            const double end = opening ? curve.first() : curve.last();
            const int n = static_cast<int>(std::abs(end - nose) / kStep_deg);
            double least = 1e9;
            for (int i = 0; i <= n; ++i) {
                const double deg = nose + (opening ? -1.0 : 1.0) * kStep_deg * i;
                least = std::min(least, curve.at(deg));
                f.deg.push_back(deg);
                f.mm.push_back(least);
            }
        }
    }
}

Evidence::Evidence(const ExplainRequest& request) : r_(request), card_(complete(request.card)) {
    in_.lobe = request.intake;
    ex_.lobe = request.exhaust;
    const Card& c = request.card;
    std::vector<double> printed;
    for (const auto& v : {c.events.ivo, c.events.ivc, c.events.evo, c.events.evc, c.centre.intake,
                          c.centre.exhaust, c.separation, c.duration.intake, c.duration.exhaust})
        if (v) printed.push_back(*v);
    cardStep_ = printed.empty() ? 1.0 : readTo_deg(printed, {});
    for (Side side : {Side::Intake, Side::Exhaust}) {
        if (!of(side).lobe) continue;
        state(side);
        stateBase(side);
    }
    // A statement that the readings as they are do not make, in any school, is none.
    std::erase_if(statements_, [&](const Statement& s) { return !makes(s); });
    // Two centres that follow from the separation alone say no more than it does.
    const bool centres = std::any_of(statements_.begin(), statements_.end(),
                                     [](const Statement& s) { return s.kind == Kind::Centre; });
    const bool events = states(Event::IntakeOpens) && states(Event::ExhaustCloses);
    if (c.separation && !centres && !events && both())
        statements_.push_back(
            {Kind::Separation, Side::Intake, *c.separation,
             std::sqrt(kGrinding_deg * kGrinding_deg + cardStep_ * cardStep_ / 12.0)});
    if (!statements_.empty() && !makes(statements_.back())) statements_.pop_back();
}

bool Evidence::makes(const Statement& s) const {
    const Hypothesis none;
    return std::any_of(std::begin(kSchools), std::end(kSchools), [&](CentreSchool school) {
        return residual(s, none, undone(none, {}, {}, school)).has_value();
    });
}

/// The engine with the ratio and lash of the run: what its conditions say.
Engine Evidence::asTaken(const LobeFigures& f, bool lash) const {
    Engine e = r_.engine;
    e.ratio.intake = e.ratio.exhaust = f.taken.ratio;
    e.lash_mm.intake = e.lash_mm.exhaust = lash ? f.taken.lash_mm : 0.0;
    return e;
}

void Evidence::state(Side side) {
    const LobeFigures& f = *of(side).lobe;
    const Card& c = r_.card;
    const bool intake = side == Side::Intake;
    const auto& top = intake ? c.events.ivo : c.events.evc;
    const auto& bottom = intake ? c.events.ivc : c.events.evo;
    const HeightEvents* at = f.events(c.height);
    if (!at && f.atEventsHeight.height == c.height) at = &f.atEventsHeight;
    const double rounding = cardStep_ * cardStep_ / 12.0;
    const auto deviation = [&](const std::optional<double>& u, double share) {
        const double own = u.value_or(1.0) / kCoverageFactor;
        return std::sqrt(own * own +
                         share * (kWheel_deg * kWheel_deg + kGrinding_deg * kGrinding_deg) +
                         rounding);
    };
    const auto event = [&](bool opening) {
        const Event e = opening ? lobe::opening(side) : closing(side);
        if (!at || !(opening ? at->opens : at->closes)) return;
        statements_.push_back({opening ? Kind::Opens : Kind::Closes, side, *promised(e),
                               deviation(halfWidthOf(opening ? at->opens : at->closes), 1.0)});
    };
    if (top) event(intake);
    if (bottom) event(!intake);
    const auto& duration = intake ? c.duration.intake : c.duration.exhaust;
    if (!(top && bottom) && duration && at && at->duration_deg())
        statements_.push_back(
            {Kind::Duration, side, *duration, deviation(halfWidthOf(at->duration_deg()), 2.0)});
    // A centre that is printed, or that follows from separation and advance.
    const auto& centre = intake ? card_.centre.intake : card_.centre.exhaust;
    const bool printed =
        (intake ? c.centre.intake : c.centre.exhaust) || (c.separation && c.advance);
    if (!(top && bottom) && printed && centre && !((top || bottom) && duration) &&
        f.centre(CentreSchool::Events)) {
        centres_ = true;
        statements_.push_back({Kind::Centre, side, intake ? centre->value : -centre->value,
                               deviation(halfWidthOf(f.centre(CentreSchool::Events)), 1.0)});
    }
    const auto lift = cardLiftHere_mm(c, side, asTaken(f, true), f.taken.at);
    if (lift && f.maxLift_mm && f.noseReached)
        statements_.push_back(
            {Kind::Lift, side, *lift,
             std::hypot(halfWidthOf(f.maxLift_mm).value_or(0.02) / kCoverageFactor,
                        std::max(0.02, 0.006 * *lift))});
}

void Evidence::stateBase(Side side) {
    Observed& m = side == Side::Intake ? in_ : ex_;
    if (m.lobe->fair.size() < 12 || !m.lobe->noseReached) return;
    const BaseEnds ends = baseEnds(m.lobe->fair);
    double sum = 0.0;
    int n = 0;
    for (const auto& [mm, count] :
         {std::pair(ends.front_mm, ends.frontCount), std::pair(ends.back_mm, ends.backCount)})
        if (count >= 3) {
            sum += mm * count;
            n += count;
        }
    if (n == 0) return;
    m.base_mm = sum / n;
    // A drift from end to end is no zero; half of it is uncertain.
    const double drift = ends.frontCount >= 3 && ends.backCount >= 3
                             ? std::abs(ends.front_mm - ends.back_mm) / 2.0
                             : 0.0;
    m.baseDeviation_mm =
        std::max({0.004, m.lobe->scatter_mm / std::sqrt(static_cast<double>(n)), drift});
    statements_.push_back({Kind::Base, side, 0.0, m.baseDeviation_mm});
}

bool Evidence::states(Event e) const {
    return std::any_of(statements_.begin(), statements_.end(), [&](const Statement& s) {
        return s.side == sideOf(e) && s.kind == (opens(e) ? Kind::Opens : Kind::Closes);
    });
}

double Evidence::deviation(Event e) const {
    for (const Statement& s : statements_)
        if (s.side == sideOf(e) && s.kind == (opens(e) ? Kind::Opens : Kind::Closes))
            return s.deviation;
    return 1.0;
}

std::optional<double> Evidence::promised(Event e) const {
    const auto at = cardEvent(r_.card, e);
    return at ? std::optional(at->deg) : std::nullopt;
}

std::optional<double> Evidence::measured(Event e) const {
    const LobeFigures* f = of(sideOf(e)).lobe;
    if (!f) return std::nullopt;
    const HeightEvents* at = f->events(r_.card.height);
    if (!at && f->atEventsHeight.height == r_.card.height) at = &f->atEventsHeight;
    if (!at) return std::nullopt;
    return value(opens(e) ? at->opens : at->closes);
}

std::optional<double> Evidence::crossing(const Observed& m, const Height& height, bool opening,
                                         const Undoing& u) const {
    const LobeFigures& f = *m.lobe;
    const double threshold = f.taken.threshold_mm(height);
    // Lash moves the height where it stands between it and the place lift was taken.
    double lash = 0.0;
    if (f.taken.at == Place::Valve)
        lash = u.lash;
    else if (height.at == Place::Valve)
        lash = -u.lash / f.taken.ratio;
    const double at = threshold * u.scale + u.zero + lash;
    const HeightEvents* e = f.events(height);
    if (!e && f.atEventsHeight.height == height) e = &f.atEventsHeight;
    const auto called = e ? value(opening ? e->opens : e->closes) : std::nullopt;
    if (std::abs(at - threshold) < 1e-9 && called) return called;
    if (!f.curve || !f.maxLiftAt) {
        if (!called) return std::nullopt;
        return *called + (opening ? 1.0 : -1.0) * (at - threshold) / kUsualSlope;
    }
    if (at <= 0.0) return std::nullopt;
    tables();
    return (opening ? m.opening : m.closing).at(at);
}

Evidence::Angles Evidence::angles(Side side, const Hypothesis& h, const Undoing& u,
                                  CentreSchool school) const {
    const bool swapped = h.recorded == Recorded::Swapped || h.recorded == Recorded::SwappedNumbers;
    const Observed& m = of(swapped ? otherOf(side) : side);
    const LobeFigures* f = m.lobe;
    Angles out;
    if (!f) return out;
    const Height& height = h.height ? *h.height : r_.card.height;
    out.opens = crossing(m, height, true, u);
    out.closes = crossing(m, height, false, u);
    if (h.event && sideOf(*h.event) == side)
        (opens(*h.event) ? out.opens : out.closes) = h.instead_deg;
    if (school == CentreSchool::Events || f->eventsOnly) {
        if (out.opens && out.closes) out.centre = (*out.opens + *out.closes) / 2.0;
    } else {
        out.centre = value(f->centres.by(school));
    }
    const auto each = [&](const auto& change) {
        for (auto* x : {&out.opens, &out.closes, &out.centre})
            if (*x) **x = change(**x);
    };
    switch (h.recorded) {
    case Recorded::SwappedNumbers:
        // What the prompts for the other lobe were answered with, in the card's notation.
        if (out.opens)
            out.opens = fromCard(opening(side), toCard(opening(otherOf(side)), {*out.opens})).deg;
        if (out.closes)
            out.closes = fromCard(closing(side), toCard(closing(otherOf(side)), {*out.closes})).deg;
        if (out.opens && out.closes) out.centre = (*out.opens + *out.closes) / 2.0;
        break;
    case Recorded::Reversed:
        std::swap(out.opens, out.closes);
        each([](double x) { return -x; });
        break;
    case Recorded::OtherTop: {
        const double home = usualCentre_deg(side);
        const double middle = out.centre.value_or(out.opens.value_or(out.closes.value_or(home)));
        const double turn = middle > home ? -360.0 : 360.0;
        each([&](double x) { return x + turn; });
        break;
    }
    case Recorded::CamDegrees:
        each([](double x) { return 2.0 * x; });
        break;
    case Recorded::AsTheyAre:
    case Recorded::Swapped:
        break;
    }
    if (out.opens) *out.opens += u.longer / 2.0 - u.late;
    if (out.closes) *out.closes -= u.longer / 2.0 + u.late + u.slack;
    if (out.centre) *out.centre -= u.late + (school == CentreSchool::Events ? u.slack / 2.0 : 0.0);
    return out;
}

Evidence::Undone Evidence::undone(const Hypothesis& h, const Undoing& in, const Undoing& ex,
                                  CentreSchool school) const {
    return {in, ex, angles(Side::Intake, h, in, school), angles(Side::Exhaust, h, ex, school)};
}

/// What a statement is off by, in its own deviations; empty where it cannot be said.
std::optional<double> Evidence::residual(const Statement& s, const Hypothesis& h,
                                         const Undone& undone) const {
    const Undoing& u = undone.of(s.side);
    const Angles& a = undone.angles(s.side);
    const auto off = [&](const std::optional<double>& is) -> std::optional<double> {
        if (!is) return std::nullopt;
        return (near(*is, s.card) - s.card) / s.deviation;
    };
    switch (s.kind) {
    case Kind::Opens:
        return off(a.opens);
    case Kind::Closes:
        return off(a.closes);
    case Kind::Centre:
        return off(a.centre);
    case Kind::Duration:
        if (!a.opens || !a.closes) break;
        return (*a.closes - *a.opens - s.card) / s.deviation;
    case Kind::Separation: {
        const auto &in = undone.intake.centre, &ex = undone.exhaust.centre;
        if (!in || !ex) break;
        return (wrapCycle({*in - *ex}).deg / 2.0 - s.card) / s.deviation;
    }
    case Kind::Base:
        return (of(s.side).base_mm.value_or(0.0) - u.zero) / s.deviation;
    case Kind::Lift: {
        const bool swapped =
            h.recorded == Recorded::Swapped || h.recorded == Recorded::SwappedNumbers;
        const LobeFigures* f = of(swapped ? otherOf(s.side) : s.side).lobe;
        if (!f || !f->maxLift_mm) break;
        const double lash = f->taken.at == Place::Valve ? u.lash : 0.0;
        return ((*f->maxLift_mm - u.zero - lash) / u.scale - s.card) / s.deviation;
    }
    }
    return std::nullopt;
}

/// The amounts of a hypothesis by least squares: what the statements leave, each in its own
/// deviations, and beside them the amounts in theirs, so that a large one costs.
class Evidence::Fit {
public:
    Fit(const Evidence& evidence, const Hypothesis& h, CentreSchool school)
        : evidence_(evidence), h_(h), school_(school), amounts_(h.amounts) {
        // What TDC leaves uncertain moves all alike; a cause that moves all alike takes it in.
        const bool moves = std::any_of(amounts_.begin(), amounts_.end(), [](const Freedom& a) {
            return a.what == Freedom::Late && !a.side;
        });
        if (evidence.r_.tdc_deg > 0.0 && !moves)
            amounts_.push_back({Freedom::Late, {}, evidence.r_.tdc_deg / kCoverageFactor, {}});
        m_ = static_cast<Eigen::Index>(amounts_.size());
        n_ = static_cast<Eigen::Index>(evidence.statements_.size());
        size_ = Amounts::Zero(m_);
        hessian_ = Square::Identity(m_, m_);
    }

    void run() {
        left_ = residuals(size_);
        for (int round = 0; round < 6 && m_ > 0; ++round)
            if (step() < 1e-3) break;
        possible_ = true;
        left_ = residuals(size_);
    }

    Weighed judged() const {
        Weighed out;
        out.school = school_;
        if (!possible_) return out;
        out.left = left_.head(n_).squaredNorm();
        out.cost =
            left_.squaredNorm() + std::log(std::max(1e-12, hessian_.determinant())) + h_.price;
        const Square covariance = hessian_.inverse();
        for (std::size_t i = 0; i < h_.amounts.size(); ++i) {
            const auto k = static_cast<Eigen::Index>(i);
            const double x = size_[k] * amounts_[i].usual;
            out.size.push_back(amounts_[i].what == Freedom::Scale ? std::exp(x) : x);
            out.deviation.push_back(amounts_[i].usual * std::sqrt(std::max(0.0, covariance(k, k))));
        }
        return out;
    }

private:
    const Freedom& amount(Eigen::Index i) const { return amounts_[static_cast<std::size_t>(i)]; }

    static void undo(const Freedom& a, double x, Undoing& u) {
        switch (a.what) {
        case Freedom::Late:
            u.late += x;
            break;
        case Freedom::Zero:
            u.zero += x;
            break;
        case Freedom::Scale:
            u.scale *= std::exp(x);
            break;
        case Freedom::Lash:
            u.lash += x;
            break;
        case Freedom::Longer:
            u.longer += x;
            break;
        case Freedom::Slack:
            u.slack += x;
            break;
        case Freedom::Odd:
            break;
        }
    }

    /// Of every statement, then of every amount; far off where a statement cannot be made.
    Column residuals(const Amounts& size) {
        Undoing in, ex;
        for (Eigen::Index i = 0; i < m_; ++i) {
            const Freedom& a = amount(i);
            if (a.side.value_or(Side::Intake) == Side::Intake) undo(a, size[i] * a.usual, in);
            if (a.side.value_or(Side::Exhaust) == Side::Exhaust) undo(a, size[i] * a.usual, ex);
        }
        const Undone undone = evidence_.undone(h_, in, ex, school_);
        Column out(n_ + m_);
        for (Eigen::Index k = 0; k < n_; ++k) {
            const Statement& s = evidence_.statements_[static_cast<std::size_t>(k)];
            const auto r = evidence_.residual(s, h_, undone);
            possible_ = possible_ && r;
            out[k] = r.value_or(30.0);
            for (Eigen::Index i = 0; i < m_; ++i) {
                const Freedom& a = amount(i);
                if (a.what == Freedom::Odd && sideOf(*a.event) == s.side &&
                    s.kind == (opens(*a.event) ? Kind::Opens : Kind::Closes))
                    out[k] -= size[i] * a.usual / s.deviation;
            }
        }
        out.tail(m_) = size;
        return out;
    }

    /// One step of Gauss and Newton; what it gained.
    double step() {
        Jacobian jacobian(n_ + m_, m_);
        for (Eigen::Index i = 0; i < m_; ++i) {
            const Freedom& a = amount(i);
            const bool lift = a.what == Freedom::Zero || a.what == Freedom::Lash;
            const double little = (lift ? 0.01 : a.what == Freedom::Scale ? 0.005 : 0.2) / a.usual;
            Amounts moved = size_;
            moved[i] += little;
            jacobian.col(i) = (residuals(moved) - left_) / little;
        }
        hessian_ = jacobian.transpose() * jacobian;
        Amounts way = hessian_.ldlt().solve(-(jacobian.transpose() * left_));
        // Shorter until it gains: a height far off may lie on another part of the flank.
        double gained = 0.0;
        for (int half = 0; half < 5; ++half, way *= 0.5) {
            const Column there = residuals(size_ + way);
            gained = left_.squaredNorm() - there.squaredNorm();
            if (gained < 0.0) continue;
            size_ += way;
            left_ = there;
            break;
        }
        return gained;
    }

    const Evidence& evidence_;
    const Hypothesis& h_;
    CentreSchool school_;
    std::vector<Freedom> amounts_; ///< the hypothesis's own first
    Eigen::Index m_ = 0, n_ = 0;   ///< amounts, statements
    Amounts size_;                 ///< of each amount, in its own deviations
    Column left_;
    Square hessian_;
    bool possible_ = true;
};

Weighed Evidence::weigh(const Hypothesis& h, CentreSchool school) const {
    Fit fit(*this, h, school);
    fit.run();
    return fit.judged();
}

Weighed Evidence::weigh(const Hypothesis& h) const {
    if (!centres_) return weigh(h, CentreSchool::Events);
    Weighed best;
    for (std::size_t i = 0; i < std::size(kSchools); ++i) {
        Weighed one = weigh(h, kSchools[i]);
        one.cost += kSchoolPrice[i];
        if (one.cost < best.cost) best = one;
        if (!schoolsDiffer()) break;
    }
    return best;
}

bool Evidence::schoolsDiffer() const {
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const LobeFigures* f = of(side).lobe;
        if (f && f->curve && f->centres.spread_deg().value_or(0.0) > 0.5) return true;
    }
    return false;
}

double Evidence::costOfAnything() const {
    double sum = 0.0;
    const Hypothesis none;
    for (const Statement& s : statements_) {
        const auto r = residual(s, none, undone(none, {}, {}, CentreSchool::Events));
        if (!r) continue;
        const double wide =
            (s.kind == Kind::Lift || s.kind == Kind::Base ? 0.5 : 15.0) / s.deviation;
        sum += *r * *r / (1.0 + wide * wide) + std::log(1.0 + wide * wide);
    }
    return sum;
}

std::vector<EventAgainstCard> Evidence::events() const {
    std::vector<EventAgainstCard> out;
    for (Event e : kEvents) {
        const auto is = measured(e), card = promised(e);
        if (!is || !card) continue;
        EventAgainstCard x{e, near(*is, *card), *card, 0.0, !states(e)};
        const LobeFigures& f = *of(sideOf(e)).lobe;
        const HeightEvents* at = f.events(r_.card.height);
        if (!at) at = &f.atEventsHeight;
        const auto& u = halfWidthOf(opens(e) ? at->opens : at->closes);
        x.uncertainty_deg = std::sqrt(std::pow(u.value_or(1.0), 2) +
                                      kCoverageFactor * kCoverageFactor *
                                          (kWheel_deg * kWheel_deg + kGrinding_deg * kGrinding_deg +
                                           cardStep_ * cardStep_ / 12.0));
        out.push_back(x);
    }
    return out;
}

std::vector<LiftAgainstCard> Evidence::lifts() const {
    std::vector<LiftAgainstCard> out;
    for (const Statement& s : statements_) {
        if (s.kind != Kind::Lift) continue;
        const LobeFigures& f = *of(s.side).lobe;
        const auto gross = cardLiftHere_mm(r_.card, s.side, asTaken(f, false), f.taken.at);
        out.push_back(
            {s.side, *f.maxLift_mm, s.card, gross.value_or(s.card), kCoverageFactor * s.deviation});
    }
    return out;
}

std::optional<double> Evidence::late(Side side, CentreSchool school) const {
    const Hypothesis none;
    if (!of(side).lobe) return std::nullopt;
    const auto o = opening(side), c = closing(side);
    if (states(o) && states(c))
        return (near(*measured(o), *promised(o)) - *promised(o) + near(*measured(c), *promised(c)) -
                *promised(c)) /
               2.0;
    for (const Statement& s : statements_)
        if (s.side == side && s.kind == Kind::Centre)
            if (const auto r = residual(s, none, undone(none, {}, {}, school)))
                return *r * s.deviation;
    for (Event e : {o, c})
        if (states(e)) return near(*measured(e), *promised(e)) - *promised(e);
    return std::nullopt;
}

std::optional<double> Evidence::longer(Side side) const {
    const auto o = measured(opening(side)), c = measured(closing(side));
    const auto card = cardDuration_deg(r_.card, side);
    const bool said = std::any_of(statements_.begin(), statements_.end(), [&](const Statement& s) {
        return s.side == side && (s.kind == Kind::Duration || s.kind == Kind::Opens);
    });
    if (!o || !c || !card || !said) return std::nullopt;
    return *c - *o - *card;
}

} // namespace lobe
