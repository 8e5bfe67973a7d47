#include "core/explain.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr Event kEvents[] = {Event::IntakeOpens, Event::IntakeCloses, Event::ExhaustOpens,
                             Event::ExhaustCloses};
constexpr double kPrice = 4.0; ///< of a free parameter: two standard deviations, squared

Side sideOf(Event e) {
    return e == Event::IntakeOpens || e == Event::IntakeCloses ? Side::Intake : Side::Exhaust;
}
bool opens(Event e) {
    return e == Event::IntakeOpens || e == Event::ExhaustOpens;
}

/// The crossing of a height on a lobe's curve; its slope there.
struct Crossing {
    double deg = 0.0, slope = 0.0;
};
std::optional<Crossing> crossing(const LobeFigures& f, double threshold, bool opening) {
    if (!f.curve || !f.maxLiftAt || threshold <= 0.0) return std::nullopt;
    double sum = 0.0;
    int n = 0;
    for (double x : f.curve->crossings(threshold))
        if ((x <= f.maxLiftAt->deg) == opening) {
            sum += x;
            ++n;
        }
    if (n == 0) return std::nullopt;
    return Crossing{sum / n, std::abs(f.curve->slopeAt(sum / n))};
}

/// Upper bound of chi squared at 99 %, by degrees of freedom.
double acceptable(int freedom) {
    static constexpr double k99[] = {1.0, 6.63, 9.21, 11.34, 13.28};
    return k99[std::clamp(freedom, 0, 4)];
}

class Explaining {
public:
    Explaining(const ExplainRequest& r, Explanation& out) : r_(r), out_(out) {}

    void run() {
        out_.contradictions = complete(r_.card).contradictions;
        for (Event e : kEvents)
            measure(e);
        lifts();
        if (n() == 0) return;
        perLobe();
        uncertain();
        if (quiet()) {
            consider(CauseKind::AsCard, {}, 0);
            out_.causes = kept_;
            looksLike();
            return;
        }
        shifts();
        heights();
        oneEvent();
        swapped();
        camDegrees();
        conclude();
        looksLike();
    }

private:
    int n() const { return static_cast<int>(out_.events.size()); }
    const LobeFigures* of(Side s) const { return s == Side::Intake ? r_.intake : r_.exhaust; }

    void measure(Event e) {
        const LobeFigures* f = of(sideOf(e));
        const auto promised = cardEvent(r_.card, e);
        if (!f || !promised) return;
        const HeightEvents* at = f->events(r_.card.height);
        if (!at && f->atEventsHeight.height == r_.card.height) at = &f->atEventsHeight;
        if (!at) return;
        const auto& angle = opens(e) ? at->opens : at->closes;
        const auto& u = opens(e) ? at->opensUncertainty_deg : at->closesUncertainty_deg;
        if (!angle) return;
        EventAgainstCard x{e, angle->deg, promised->deg, 0.0};
        // Laid on the turn of the cycle where the card has it.
        x.measured_deg = x.card_deg + wrapCycle({x.measured_deg - x.card_deg}).deg;
        const double own = u.value_or(1.0) / kCoverageFactor;
        const double deviation =
            std::sqrt(own * own + kWheel_deg * kWheel_deg + kCardRounding_deg * kCardRounding_deg);
        x.uncertainty_deg = kCoverageFactor * deviation;
        out_.events.push_back(x);
    }

    double deviation(int i) const {
        return out_.events[static_cast<std::size_t>(i)].uncertainty_deg / kCoverageFactor;
    }
    double difference(int i) const {
        return out_.events[static_cast<std::size_t>(i)].difference_deg();
    }
    Event event(int i) const { return out_.events[static_cast<std::size_t>(i)].event; }
    int indexOf(Event e) const {
        for (int i = 0; i < n(); ++i)
            if (event(i) == e) return i;
        return -1;
    }

    void lifts() {
        for (Side s : {Side::Intake, Side::Exhaust}) {
            const LobeFigures* f = of(s);
            if (!f || !f->maxLift_mm || !f->noseReached) continue;
            const auto here = cardLiftHere_mm(r_.card, s, r_.engine, f->taken.at);
            if (here)
                (s == Side::Intake ? out_.intakeLift_mm : out_.exhaustLift_mm) =
                    *f->maxLift_mm - *here;
        }
    }

    void perLobe() {
        for (Side s : {Side::Intake, Side::Exhaust}) {
            const int o = indexOf(opening(s)), c = indexOf(closing(s));
            auto& shift = s == Side::Intake ? out_.intakeShift_deg : out_.exhaustShift_deg;
            auto& duration = s == Side::Intake ? out_.intakeDuration_deg : out_.exhaustDuration_deg;
            if (o >= 0 && c >= 0) {
                shift = (difference(o) + difference(c)) / 2.0;
                duration = difference(c) - difference(o);
            }
        }
    }

    void uncertain() {
        double worst = r_.tdc_deg;
        for (const EventAgainstCard& e : out_.events)
            worst = std::max(worst, e.uncertainty_deg);
        out_.measurable_deg = worst;
    }

    /// Every difference under its uncertainty, TDC's own in common, and all together unsuspicious.
    bool quiet() const {
        double sum = 0.0;
        // What TDC leaves moves all alike: the mean may take it up, at its own price.
        const double common = r_.tdc_deg / kCoverageFactor;
        double w = 0.0, wd = 0.0;
        for (int i = 0; i < n(); ++i) {
            const double v = 1.0 / (deviation(i) * deviation(i));
            w += v;
            wd += v * difference(i);
        }
        const double prior = common > 0.0 ? 1.0 / (common * common) : 1e9;
        const double taken = wd / (w + prior);
        for (int i = 0; i < n(); ++i)
            sum += std::pow((difference(i) - taken) / deviation(i), 2);
        sum += taken * taken * prior;
        if (liftOff()) return false;
        return sum <= acceptable(n());
    }

    /// Lift clearly not the card's: more than 3 % and 0.15 mm, on either lobe.
    bool liftOff() const {
        for (Side s : {Side::Intake, Side::Exhaust}) {
            const auto& off = s == Side::Intake ? out_.intakeLift_mm : out_.exhaustLift_mm;
            const LobeFigures* f = of(s);
            if (off && std::abs(*off) > std::max(0.15, 0.03 * *f->maxLift_mm)) return true;
        }
        return false;
    }

    /// Differences explained by columns of a design, best fitting; what is left, squared and
    /// weighed.
    struct Fit {
        Eigen::VectorXd size;
        double left = 1e9;
    };
    Fit fit(const Eigen::VectorXd& d, const Eigen::MatrixXd& design) const {
        Eigen::VectorXd w(n());
        for (int i = 0; i < n(); ++i)
            w[i] = 1.0 / deviation(i);
        Fit out;
        if (design.cols() == 0) {
            out.left = (w.asDiagonal() * d).squaredNorm();
            return out;
        }
        const Eigen::MatrixXd a = w.asDiagonal() * design;
        const Eigen::VectorXd b = w.asDiagonal() * d;
        out.size = a.colPivHouseholderQr().solve(b);
        out.left = (a * out.size - b).squaredNorm();
        return out;
    }
    Eigen::VectorXd differences() const {
        Eigen::VectorXd d(n());
        for (int i = 0; i < n(); ++i)
            d[i] = difference(i);
        return d;
    }
    Eigen::VectorXd ones() const { return Eigen::VectorXd::Ones(n()); }
    Eigen::VectorXd only(Side s) const {
        Eigen::VectorXd v(n());
        for (int i = 0; i < n(); ++i)
            v[i] = sideOf(event(i)) == s ? 1.0 : 0.0;
        return v;
    }

    Cause& consider(CauseKind kind, const Fit& f, int parameters) {
        Cause c;
        c.kind = kind;
        c.parameters = parameters;
        c.misfit = (kind == CauseKind::AsCard ? 0.0 : f.left) + kPrice * parameters;
        // With as many parameters as events nothing is left to check them by.
        fits_.push_back(kind == CauseKind::AsCard || f.left <= acceptable(n() - parameters));
        kept_.push_back(c);
        return kept_.back();
    }

    bool bothLobes() const {
        return indexOf(Event::IntakeOpens) >= 0 && indexOf(Event::ExhaustCloses) >= 0;
    }

    /// Timing, and each lobe by itself.
    void shifts() {
        const Fit all = fit(differences(), ones());
        // The timing of the cam moves all alike; what TDC leaves uncertain does the same.
        consider(CauseKind::CamTiming, all, 1).deg = all.size[0];
        if (!bothLobes()) return;
        Eigen::MatrixXd two(n(), 2);
        two << only(Side::Intake), only(Side::Exhaust);
        const Fit apart = fit(differences(), two);
        if (std::abs(apart.size[0] - apart.size[1]) < out_.measurable_deg) return;
        Cause& c = consider(CauseKind::Separation, apart, 2);
        c.deg = (apart.size[0] - apart.size[1]) / 2.0;
        c.other_deg = apart.size[0];
        c.shift_deg = (apart.size[0] + apart.size[1]) / 2.0;
    }

    /// Column of what an indicator that reads one mm too high does: opens early, closes late.
    std::optional<Eigen::VectorXd> zeroColumn(std::optional<Side> side) const {
        Eigen::VectorXd v = Eigen::VectorXd::Zero(n());
        for (int i = 0; i < n(); ++i) {
            const Event e = event(i);
            if (side && sideOf(e) != *side) continue;
            const LobeFigures& f = *of(sideOf(e));
            const auto at = crossing(f, f.taken.threshold_mm(r_.card.height), opens(e));
            if (!at || at->slope < 1e-4) return std::nullopt;
            v[i] = (opens(e) ? -1.0 : 1.0) / at->slope;
        }
        return v;
    }

    /// The differences had the events been called at another threshold (lift as taken).
    std::optional<Eigen::VectorXd> at(double (*threshold)(const Taken&, const Card&, double),
                                      double value) const {
        Eigen::VectorXd d(n());
        for (int i = 0; i < n(); ++i) {
            const Event e = event(i);
            const LobeFigures& f = *of(sideOf(e));
            const auto x = crossing(f, threshold(f.taken, r_.card, value), opens(e));
            if (!x) return std::nullopt;
            const double card = out_.events[static_cast<std::size_t>(i)].card_deg;
            d[i] = wrapCycle({x->deg - card}).deg;
        }
        return d;
    }

    /// With and without timing on top.
    void withTiming(CauseKind kind, const Eigen::VectorXd& d, double mm, double price) {
        for (bool timing : {false, true}) {
            Eigen::MatrixXd design(n(), timing ? 1 : 0);
            if (timing) design << ones();
            const Fit f = fit(d, design);
            Cause& c = consider(kind, f, timing ? 1 : 0);
            c.misfit += price;
            c.mm = mm;
            if (timing) c.shift_deg = f.size[0];
        }
    }

    /// Everything that lengthens or shortens both flanks of a lobe: zero, height, reference, lash.
    void heights() {
        if (const auto both = zeroColumn({})) {
            zero(*both, {}, 0.0);
            // One lobe alone has its own zero, set anew for its run.
            if (bothLobes())
                for (Side s : {Side::Intake, Side::Exhaust})
                    zero(*zeroColumn(s), s, 0.5);
        }
        const Height& h = r_.card.height;
        const auto otherPlace = [](const Taken& t, const Card& card, double) {
            return t.threshold_mm(
                {card.height.mm, card.height.at == Place::Tappet ? Place::Valve : Place::Tappet});
        };
        const LobeFigures* any = r_.intake ? r_.intake : r_.exhaust;
        if (std::abs(any->taken.ratio - 1.0) > 0.02)
            if (const auto d = at(otherPlace, 0.0))
                withTiming(CauseKind::Reference, *d, h.mm, kPrice * 0.75);
        // Heights people use; a card that does not say its own may mean any of them.
        for (double mm : {0.1524, 0.5, 0.508, 1.0, 1.016, 1.27, 2.54}) {
            if (std::abs(mm - h.mm) < 0.05) continue;
            const auto usual = [](const Taken& t, const Card& card, double value) {
                return t.threshold_mm({value, card.height.at});
            };
            if (const auto d = at(usual, mm)) withTiming(CauseKind::CheckingHeight, *d, mm, kPrice);
        }
        // Lash in or out: the threshold moves by the lash, as seen where lift was taken.
        for (double sign : {-1.0, 1.0}) {
            const auto lash = [](const Taken& t, const Card& card, double way) {
                const double moved = t.lash_mm / (t.at == Place::Tappet ? t.ratio : 1.0);
                return t.threshold_mm(card.height) + way * moved;
            };
            if (any->taken.lash_mm < 0.05) break;
            if (const auto d = at(lash, sign))
                withTiming(CauseKind::Lash, *d, -sign * any->taken.lash_mm, kPrice * 0.75);
        }
    }

    void zero(const Eigen::VectorXd& column, std::optional<Side> side, double extra) {
        for (bool timing : {false, true}) {
            Eigen::MatrixXd design(n(), timing ? 2 : 1);
            if (timing)
                design << column, ones();
            else
                design << column;
            if (design.cols() >= n() && n() > 2) continue;
            const Fit f = fit(differences(), design);
            // Half a millimetre is no slip of the zero, and what no event shows is no cause.
            if (std::abs(f.size[0]) > 0.5) continue;
            if ((f.size[0] * column).cwiseAbs().maxCoeff() < out_.measurable_deg) continue;
            Cause& c = consider(CauseKind::IndicatorZero, f, timing ? 2 : 1);
            c.mm = f.size[0];
            c.side = side;
            // A zero is seldom off by more than a tenth or two.
            c.misfit += extra + std::pow(f.size[0] / 0.15, 2);
            if (timing) c.shift_deg = f.size[1];
        }
    }

    /// One event odd: first whatever makes it fit by a slip of the pen, then just odd.
    void oneEvent() {
        if (n() < 3) return;
        for (int odd = 0; odd < n(); ++odd)
            for (bool timing : {false, true}) {
                // The rest fix the timing; the odd one is judged against it.
                Eigen::MatrixXd design(n(), timing ? 2 : 1);
                Eigen::VectorXd unit = Eigen::VectorXd::Zero(n());
                unit[odd] = 1.0;
                if (timing)
                    design << unit, ones();
                else
                    design << unit;
                const Fit f = fit(differences(), design);
                const double off = f.size[0];
                if (std::abs(off) < 3.0 * deviation(odd)) continue;
                const double shift = timing ? f.size[1] : 0.0;
                Cause& c = consider(CauseKind::OneEvent, f, timing ? 2 : 1);
                c.event = event(odd);
                const double said = out_.events[static_cast<std::size_t>(odd)].measured_deg;
                c.deg = said;
                if (timing) c.shift_deg = shift;
                substitute(odd, shift, c);
            }
    }

    void substitute(int odd, double shift, Cause& c) {
        const EventAgainstCard& e = out_.events[static_cast<std::size_t>(odd)];
        const double card = toCard(e.event, {e.measured_deg}).deg;
        const auto tryOne = [&](Substitution s, CrankDeg would) {
            const double off = wrapCycle({would.deg - shift - e.card_deg}).deg;
            if (std::abs(off) > 2.2 * deviation(odd)) return;
            if (c.substitution != Substitution::None) return;
            c.substitution = s;
            c.other_deg = would.deg;
            // The slip explains its size: the parameter was not free after all.
            c.misfit += std::pow(off / deviation(odd), 2) - 0.75 * kPrice;
        };
        tryOne(Substitution::OtherSide, fromCard(e.event, {-card}));
        tryOne(Substitution::Supplement, fromCard(e.event, {180.0 - card}));
        for (double ten : {-10.0, 10.0})
            tryOne(Substitution::TenDegrees, fromCard(e.event, {card + ten}));
        tryOne(Substitution::CamDegrees, fromCard(e.event, {2.0 * card}));
        // Taken for another event of the card: what the card says there is what was typed.
        for (Event other : kEvents) {
            const auto there = cardEvent(r_.card, other);
            if (other == e.event || !there) continue;
            const double typed = toCard(other, *there).deg;
            if (std::abs(card - typed) < 2.2 * deviation(odd) &&
                c.substitution == Substitution::None) {
                c.substitution = Substitution::OtherEvent;
                c.other_deg = fromCard(e.event, {toCard(e.event, {e.card_deg}).deg}).deg + shift;
                c.misfit -= 0.5 * kPrice;
            }
        }
    }

    /// Intake and exhaust exchanged: measured numbers in card notation fit the other lobe's.
    void swapped() {
        if (n() < 4) return;
        const auto numbers = [&](Event e) {
            return toCard(e, {out_.events[static_cast<std::size_t>(indexOf(e))].measured_deg}).deg;
        };
        Eigen::VectorXd d(n());
        const std::pair<Event, Event> pairs[] = {{Event::IntakeOpens, Event::ExhaustOpens},
                                                 {Event::IntakeCloses, Event::ExhaustCloses},
                                                 {Event::ExhaustOpens, Event::IntakeOpens},
                                                 {Event::ExhaustCloses, Event::IntakeCloses}};
        for (const auto& [as, is] : pairs)
            d[indexOf(is)] =
                wrapCycle(fromCard(is, {numbers(as)}) -
                          CrankDeg{out_.events[static_cast<std::size_t>(indexOf(is))].card_deg})
                    .deg;
        // Typed numbers would have to be far from their own card for this to be a cause at all.
        consider(CauseKind::LobesSwapped, fit(d, Eigen::MatrixXd(n(), 0)), 0).misfit += kPrice;
    }

    /// Angles from each lobe's own centre halved: a cam wheel or a count of cam degrees.
    void camDegrees() {
        if (!out_.intakeDuration_deg && !out_.exhaustDuration_deg) return;
        Eigen::VectorXd d(n());
        for (int i = 0; i < n(); ++i) {
            const EventAgainstCard& e = out_.events[static_cast<std::size_t>(i)];
            d[i] = 2.0 * e.measured_deg - e.card_deg;
        }
        consider(CauseKind::CamDegrees, fit(d, Eigen::MatrixXd(n(), 0)), 0).misfit += kPrice;
    }

    void conclude() {
        // Those that fit, best first; the rest only if none does.
        std::vector<Cause> good;
        for (std::size_t i = 0; i < kept_.size(); ++i)
            if (fits_[i]) good.push_back(kept_[i]);
        const auto better = [](const Cause& a, const Cause& b) { return a.misfit < b.misfit; };
        std::sort(good.begin(), good.end(), better);
        const bool lift = liftOff();
        if (good.empty() || lift) {
            const bool lengths =
                (out_.intakeDuration_deg && std::abs(*out_.intakeDuration_deg) > 3.0) ||
                (out_.exhaustDuration_deg && std::abs(*out_.exhaustDuration_deg) > 3.0);
            Cause c;
            c.kind = lengths || lift ? CauseKind::WrongCam : CauseKind::Unclear;
            c.deg = out_.intakeDuration_deg;
            c.other_deg = out_.exhaustDuration_deg;
            c.mm = out_.intakeLift_mm ? out_.intakeLift_mm : out_.exhaustLift_mm;
            c.misfit = good.empty() ? 0.0 : good.front().misfit - 1.0;
            good.push_back(c);
            std::sort(good.begin(), good.end(), better);
        }
        const double best = good.front().misfit;
        // One line for one kind: the better of with and without timing.
        for (const Cause& c : good)
            if (c.misfit <= best + kPrice &&
                std::none_of(out_.causes.begin(), out_.causes.end(), [&](const Cause& o) {
                    return o.kind == c.kind && o.event == c.event && o.side == c.side;
                }))
                out_.causes.push_back(c);
        while (out_.causes.size() > 4)
            out_.causes.pop_back();
    }

    void looksLike() {
        const auto best = likeliestCard(r_);
        const auto own = cardMisfit(r_, r_.card);
        // A little better is no reason to doubt the card that is fitted.
        if (best && (!own || *cardMisfit(r_, r_.otherCards[*best]) < *own - 1.0))
            out_.looksLike = best;
    }

    const ExplainRequest& r_;
    Explanation& out_;
    std::vector<Cause> kept_;
    std::vector<bool> fits_;
};

} // namespace

Explanation explain(const ExplainRequest& request) {
    Explanation out;
    Explaining(request, out).run();
    return out;
}

std::optional<std::size_t> likeliestCard(const ExplainRequest& r) {
    constexpr double kFits = 2.5; // standard deviations per figure
    std::optional<std::size_t> best;
    double least = kFits;
    for (std::size_t i = 0; i < r.otherCards.size(); ++i)
        if (const auto m = cardMisfit(r, r.otherCards[i]); m && *m < least) {
            least = *m;
            best = i;
        }
    return best;
}

std::optional<double> cardMisfit(const ExplainRequest& r, const Card& card) {
    double squares = 0.0;
    int n = 0;
    const auto compare = [&](double off, double deviation) {
        squares += std::pow(off / deviation, 2);
        ++n;
    };
    std::optional<double> centres[2];
    for (Side s : {Side::Intake, Side::Exhaust}) {
        const LobeFigures* f = s == Side::Intake ? r.intake : r.exhaust;
        if (!f) continue;
        const auto duration = cardDuration_deg(card, s);
        std::optional<double> measured;
        double slope = 0.1;
        if (f->curve) {
            const auto o = crossing(*f, f->taken.threshold_mm(card.height), true);
            const auto c = crossing(*f, f->taken.threshold_mm(card.height), false);
            if (o && c) {
                measured = c->deg - o->deg;
                slope = std::min(o->slope, c->slope);
            }
        } else if (const HeightEvents* e = f->events(card.height)) {
            measured = e->duration_deg();
        }
        // Two readings' worth of indicator, the wheel, and the card's whole degrees.
        if (duration && measured)
            compare(*measured - *duration,
                    std::sqrt(2.0) *
                        std::sqrt(std::pow(0.01 / std::max(slope, 1e-3), 2) +
                                  kWheel_deg * kWheel_deg + kCardRounding_deg * kCardRounding_deg));
        if (f->maxLift_mm && f->noseReached)
            if (const auto lift = cardLiftHere_mm(card, s, r.engine, f->taken.at))
                compare(*f->maxLift_mm - *lift, 0.05);
        if (const auto centre = f->centre(CentreSchool::Events))
            centres[s == Side::Intake ? 0 : 1] = centre->deg;
    }
    if (const auto promised = cardSeparation(card); promised && centres[0] && centres[1])
        compare((*centres[0] - *centres[1]) / 2.0 - promised->deg, 0.4);
    if (n == 0) return std::nullopt;
    return std::sqrt(squares / n);
}

} // namespace lobe
