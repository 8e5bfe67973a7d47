#include "core/timing/explain.h"

#include "core/drive/choices.h"
#include "core/timing/evidence.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Heights people use; a card that does not say its own may mean any of them.
constexpr double kUsualHeights_mm[] = {0.1524, 0.5, 0.508, 1.0, 1.016, 1.27, 2.54};
/// Two causes this near one another, -2 log of the odds, are not told apart: ten to one.
constexpr double kToldApart = 4.6;

/// What usually happens, and how much of it: deviations in degrees and mm, prices as -2 log of how
/// often. They decide only where the readings leave it open.
namespace usual {
constexpr double kLate = 8.0, kApart = 6.0, kZero = 0.15, kZeroSeen = 0.5, kLash = 0.2;
constexpr double kScale = 0.05, kLonger = 4.0, kSlack = 2.0, kOdd = 25.0, kOther = 12.0;
} // namespace usual
namespace price {
constexpr double kAsCard = 1.2, kTiming = 2.0, kOneShaft = 3.2, kSeparation = 3.6, kZero = 4.4,
                 kOneZero = 5.4, kLength = 5.0, kOwnLength = 5.6, kScale = 6.0, kLash = 4.8,
                 kHeight = 7.0, kReference = 5.6, kOdd = 6.0, kSlip = 6.6, kSlack = 6.4,
                 kGross = 8.0, kOtherCam = 11.0, kAndTiming = 1.6;
} // namespace price

class Explaining {
public:
    Explaining(const ExplainRequest& r, Explanation& out) : r_(r), out_(out), evidence_(r) {}

    void run() {
        out_.contradictions = complete(r_.card).contradictions;
        out_.events = evidence_.events();
        out_.lifts = evidence_.lifts();
        out_.twoShafts = r_.engine.layout == Layout::TwinOverheadCam;
        for (const LiftAgainstCard& l : out_.lifts)
            out_.lift_mm[l.side] = l.difference_mm();
        out_.measurable_deg = r_.tdc_deg;
        for (const EventAgainstCard& e : out_.events)
            out_.measurable_deg = std::max(out_.measurable_deg, e.uncertainty_deg);
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const Observed& m = evidence_.of(side);
            zeroOff_ = zeroOff_ || m.baseOff();
            out_.baseTrue = out_.baseTrue || (m.base_mm && !m.baseOff());
        }
        out_.baseTrue = out_.baseTrue && !zeroOff_;
        if (evidence_.count() == 0 || !anyAngle()) return;
        hypotheses();
        if (tried_.empty()) return unclear();
        conclude();
        figures();
        looksLike();
    }

private:
    bool anyAngle() const {
        if (!out_.events.empty()) return true;
        for (Side side : {Side::Intake, Side::Exhaust})
            if (evidence_.late(side, CentreSchool::Events)) return true;
        return false;
    }

    struct Tried {
        Hypothesis hypothesis;
        Weighed judged;
    };

    /// A zero that the base circle shows is taken off before anything else is compared.
    void consider(Hypothesis h) {
        if (zeroOff_)
            for (Side side : {Side::Intake, Side::Exhaust})
                if (evidence_.of(side).baseOff())
                    h.amounts.push_back({Freedom::Zero, side, usual::kZeroSeen, {}});
        Weighed j = evidence_.weigh(h);
        if (j.cost < 1e8) tried_.push_back({std::move(h), std::move(j)});
    }
    /// With and without the cam's timing on top.
    void withTiming(Hypothesis h) {
        consider(h);
        h.amounts.push_back({Freedom::Late, {}, usual::kLate, {}});
        h.price += price::kAndTiming;
        consider(std::move(h));
    }
    static Hypothesis of(CauseKind kind, double price, std::vector<Freedom> amounts = {}) {
        Hypothesis h;
        h.kind = kind;
        h.price = price;
        h.amounts = std::move(amounts);
        return h;
    }
    static Freedom both(Freedom::What what, double usual) { return {what, {}, usual, {}}; }
    static Freedom one(Freedom::What what, Side side, double usual) {
        return {what, side, usual, {}};
    }

    bool has(Side side) const { return evidence_.of(side).lobe; }

    void hypotheses() {
        consider(of(CauseKind::AsCard, price::kAsCard));
        // What is stated and what was measured have no school in common.
        if (tried_.empty()) return;
        const Weighed& card = tried_.front().judged;
        // Nothing to explain: every difference well inside what it is uncertain.
        if (!zeroOff_ && card.left <= 0.6 * evidence_.count()) return;
        timing();
        gross();
        lifts();
        lengths();
        for (Event e : kEvents)
            if (evidence_.states(e)) oneEvent(e);
        if (evidence_.both() && out_.events.size() == 4)
            consider(
                of(CauseKind::DriveSlack, price::kSlack, {both(Freedom::Slack, usual::kSlack)}));
    }

    void timing() {
        const bool twin = out_.twoShafts && evidence_.both();
        consider(of(CauseKind::CamTiming, twin ? price::kOneShaft : price::kTiming,
                    {both(Freedom::Late, usual::kLate)}));
        if (!evidence_.both()) return;
        if (out_.twoShafts) {
            for (Side side : {Side::Intake, Side::Exhaust})
                consider(of(CauseKind::CamTiming, price::kOneShaft,
                            {one(Freedom::Late, side, usual::kLate)}));
            consider(of(CauseKind::CamTiming, price::kSeparation,
                        {one(Freedom::Late, Side::Intake, usual::kLate),
                         one(Freedom::Late, Side::Exhaust, usual::kLate)}));
            return;
        }
        consider(of(CauseKind::Separation, price::kSeparation,
                    {one(Freedom::Late, Side::Intake, usual::kApart),
                     one(Freedom::Late, Side::Exhaust, usual::kApart)}));
    }

    /// The right lobe, the right way round: over all events together.
    void gross() {
        const auto recorded = [&](CauseKind kind, Recorded how) {
            Hypothesis h = of(kind, price::kGross);
            h.recorded = how;
            withTiming(std::move(h));
        };
        if (evidence_.both()) {
            recorded(CauseKind::LobesSwapped, Recorded::Swapped);
            recorded(CauseKind::LobesSwapped, Recorded::SwappedNumbers);
        }
        recorded(CauseKind::WheelReversed, Recorded::Reversed);
        recorded(CauseKind::OtherTop, Recorded::OtherTop);
        recorded(CauseKind::CamDegrees, Recorded::CamDegrees);
    }

    bool atTheValve() const {
        for (Side side : {Side::Intake, Side::Exhaust})
            if (has(side) && evidence_.of(side).lobe->taken.at == Place::Valve) return true;
        return r_.card.height.at == Place::Valve;
    }

    /// Everything that changes the lift at which an event is called.
    void lifts() {
        // A zero that no base circle was recorded for is one of the alternatives.
        if (!zeroOff_) {
            withTiming(
                of(CauseKind::IndicatorZero, price::kZero, {both(Freedom::Zero, usual::kZero)}));
            if (evidence_.both())
                for (Side side : {Side::Intake, Side::Exhaust})
                    withTiming(of(CauseKind::IndicatorZero, price::kOneZero,
                                  {one(Freedom::Zero, side, usual::kZero)}));
        }
        withTiming(of(CauseKind::LiftScale, price::kScale, {both(Freedom::Scale, usual::kScale)}));
        if (evidence_.both())
            for (Side side : {Side::Intake, Side::Exhaust})
                withTiming(of(CauseKind::LiftScale, price::kScale + 1.0,
                              {one(Freedom::Scale, side, usual::kScale)}));
        if (atTheValve()) {
            withTiming(of(CauseKind::Lash, price::kLash, {both(Freedom::Lash, usual::kLash)}));
            if (evidence_.both())
                for (Side side : {Side::Intake, Side::Exhaust})
                    withTiming(of(CauseKind::Lash, price::kLash + 1.0,
                                  {one(Freedom::Lash, side, usual::kLash)}));
        }
        const Height& h = r_.card.height;
        if (std::abs(any()->taken.ratio - 1.0) > 0.02) {
            Hypothesis other = of(CauseKind::Reference, price::kReference);
            other.height = Height{h.mm, h.at == Place::Tappet ? Place::Valve : Place::Tappet};
            withTiming(std::move(other));
        }
        for (double mm : kUsualHeights_mm) {
            if (std::abs(mm - h.mm) < 0.05) continue;
            Hypothesis other = of(CauseKind::CheckingHeight, price::kHeight);
            other.height = Height{mm, h.at};
            withTiming(std::move(other));
        }
    }

    void lengths() {
        if (evidence_.both())
            withTiming(
                of(CauseKind::LobeLength, price::kLength, {both(Freedom::Longer, usual::kLonger)}));
        for (Side side : {Side::Intake, Side::Exhaust})
            if (has(side))
                withTiming(of(CauseKind::LobeLength, price::kOwnLength,
                              {one(Freedom::Longer, side, usual::kLonger)}));
        if (evidence_.both())
            withTiming(of(CauseKind::LobeLength, price::kOwnLength + 1.0,
                          {one(Freedom::Longer, Side::Intake, usual::kLonger),
                           one(Freedom::Longer, Side::Exhaust, usual::kLonger)}));
        std::vector<Freedom> other;
        for (Side side : {Side::Intake, Side::Exhaust}) {
            if (!has(side)) continue;
            other.push_back(one(Freedom::Late, side, usual::kOther));
            other.push_back(one(Freedom::Longer, side, usual::kOther));
            other.push_back(one(Freedom::Scale, side, 2.0 * usual::kScale));
        }
        consider(of(CauseKind::WrongCam, price::kOtherCam, std::move(other)));
    }

    /// One event odd: by a slip of the pen that makes it fit, or just odd. The rest of the events
    /// say what timing it is judged against.
    void oneEvent(Event e) {
        if (out_.events.size() < 3) return;
        Hypothesis odd = of(CauseKind::OneEvent, price::kOdd);
        odd.event = e;
        odd.instead_deg = *evidence_.measured(e);
        odd.amounts.push_back({Freedom::Odd, {}, usual::kOdd, e});
        withTiming(odd);
        if (evidence_.both() && out_.twoShafts) {
            // The other cam may have a timing of its own.
            odd.amounts.push_back(one(Freedom::Late, Side::Intake, usual::kLate));
            odd.amounts.push_back(one(Freedom::Late, Side::Exhaust, usual::kLate));
            odd.price += 2.0 * price::kAndTiming;
            consider(std::move(odd));
        }
        const double said = toCard(e, {*evidence_.measured(e)}).deg;
        const auto slip = [&](Substitution s, double card) {
            Hypothesis h = of(CauseKind::OneEvent, price::kSlip);
            h.event = e;
            h.substitution = s;
            h.instead_deg = fromCard(e, {card}).deg;
            withTiming(std::move(h));
        };
        slip(Substitution::OtherSide, -said);
        slip(Substitution::Supplement, 180.0 - said);
        slip(Substitution::TenDegrees, said - 10.0);
        slip(Substitution::TenDegrees, said + 10.0);
        slip(Substitution::CamDegrees, 2.0 * said);
        // Taken for another event of the card: what the card says there is what was typed.
        for (Event other : kEvents) {
            const auto there = evidence_.promised(other);
            if (other == e || !there || !evidence_.promised(e)) continue;
            if (std::abs(said - toCard(other, {*there}).deg) < 2.2 * evidence_.deviation(e))
                slip(Substitution::OtherEvent, toCard(e, {*evidence_.promised(e)}).deg);
        }
    }

    /// The part of a hypothesis' amounts that is of a kind; empty without.
    static std::optional<double> amount(const Tried& t, Freedom::What what,
                                        std::optional<Side> side = {}, bool any = false) {
        std::optional<double> out;
        for (std::size_t i = 0; i < t.hypothesis.amounts.size() && i < t.judged.size.size(); ++i) {
            const Freedom& a = t.hypothesis.amounts[i];
            if (a.what == what && (any || a.side == side)) out = t.judged.size[i];
        }
        return out;
    }
    static std::optional<double> uncertainty(const Tried& t, Freedom::What what) {
        for (std::size_t i = 0; i < t.hypothesis.amounts.size() && i < t.judged.deviation.size();
             ++i)
            if (t.hypothesis.amounts[i].what == what)
                return kCoverageFactor * t.judged.deviation[i];
        return std::nullopt;
    }
    static std::optional<Side> sideOf(const Tried& t, Freedom::What what) {
        std::optional<Side> side;
        int n = 0;
        for (const Freedom& a : t.hypothesis.amounts)
            if (a.what == what) {
                side = a.side;
                ++n;
            }
        return n == 1 ? side : std::nullopt;
    }

    Cause causeOf(const Tried& t) const {
        const Hypothesis& h = t.hypothesis;
        Cause c;
        c.kind = h.kind;
        c.misfit = t.judged.cost;
        c.twoShafts = out_.twoShafts;
        c.event = h.event;
        c.substitution = h.substitution;
        c.shift_deg = amount(t, Freedom::Late);
        const auto in = amount(t, Freedom::Late, Side::Intake),
                   ex = amount(t, Freedom::Late, Side::Exhaust);
        switch (h.kind) {
        case CauseKind::CamTiming:
            c.side = sideOf(t, Freedom::Late);
            c.deg = in && ex ? in : amount(t, Freedom::Late, {}, true);
            if (in && ex) c.other_deg = ex;
            if (c.deg) c.deg->plusMinus = uncertainty(t, Freedom::Late);
            c.shift_deg.reset();
            if (!c.other_deg) {
                c.teeth = asTeeth(r_.engine.drive, *c.deg, halfWidthOf(c.deg).value_or(0.5));
                c.tooth_deg = tooth_deg(r_.engine.drive);
            }
            break;
        case CauseKind::Separation:
            c.deg = (*in - *ex) / 2.0;
            c.other_deg = in;
            c.shift_deg = (*in + *ex) / 2.0;
            break;
        case CauseKind::IndicatorZero:
            c.mm = amount(t, Freedom::Zero, {}, true);
            c.side = sideOf(t, Freedom::Zero);
            break;
        case CauseKind::Lash:
            c.side = sideOf(t, Freedom::Lash);
            c.mm = lashThatFits(*amount(t, Freedom::Lash, {}, true), c.side, t);
            break;
        case CauseKind::LiftScale:
            c.factor = amount(t, Freedom::Scale, {}, true);
            c.side = sideOf(t, Freedom::Scale);
            c.ratio = (c.side ? evidence_.of(*c.side).lobe : any())->taken.ratio;
            c.runningSpring = r_.runningSpring;
            break;
        case CauseKind::LobeLength: {
            const auto alike = amount(t, Freedom::Longer);
            c.side = sideOf(t, Freedom::Longer);
            if (alike || !c.side || *c.side == Side::Intake)
                c.deg = alike ? alike : amount(t, Freedom::Longer, Side::Intake);
            if (alike || !c.side || *c.side == Side::Exhaust)
                c.other_deg = alike ? alike : amount(t, Freedom::Longer, Side::Exhaust);
            expected(c);
            break;
        }
        case CauseKind::WrongCam:
            c.deg = amount(t, Freedom::Longer, Side::Intake);
            c.other_deg = amount(t, Freedom::Longer, Side::Exhaust);
            c.mm = out_.lift_mm.intake ? out_.lift_mm.intake : out_.lift_mm.exhaust;
            c.shift_deg.reset();
            break;
        case CauseKind::DriveSlack:
            c.deg = amount(t, Freedom::Slack);
            break;
        case CauseKind::CheckingHeight:
        case CauseKind::Reference:
            c.mm = h.height->mm;
            break;
        case CauseKind::OneEvent:
            c.deg = evidence_.measured(*h.event);
            if (h.substitution != Substitution::None)
                c.other_deg =
                    h.instead_deg +
                    (h.substitution == Substitution::OtherEvent ? c.shift_deg.value_or(0.0) : 0.0);
            break;
        case CauseKind::OtherTop:
            c.deg = otherTop();
            break;
        default:
            break;
        }
        return c;
    }

    /// With the card's centre kept, half of what the lobe is longer by comes on the opening.
    void expected(Cause& c) const {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const std::optional<double> longer =
                side == Side::Intake ? std::optional<double>(c.deg) : c.other_deg;
            const auto card = evidence_.promised(opening(side));
            if (!longer || !card || c.expect) continue;
            c.expect = opening(side);
            c.expect_deg = toCard(opening(side), {*card}).deg + *longer / 2.0;
        }
    }
    const LobeFigures* any() const { return r_.intake ? r_.intake : r_.exhaust; }

    double otherTop() const {
        for (const EventAgainstCard& e : out_.events) {
            const auto is = evidence_.measured(e.event);
            if (is) return *is > e.card_deg ? 360.0 : -360.0;
        }
        return 360.0;
    }

    /// All of it: what is told, and what the cause adds.
    bool lashIsPossible(const Cause& c) const {
        constexpr double kMostSmaller_mm = 1.2, kSlop_mm = 0.03;
        const LobeFigures* f = c.side ? evidence_.of(*c.side).lobe : any();
        const double whole = (f ? f->taken.lash_mm : 0.0) + c.mm.value_or(0.0);
        return whole >= -kSlop_mm && whole <= kMostSmaller_mm;
    }

    /// Lash that fits less the lash the conditions say; the whole of it where that is as likely.
    double lashThatFits(double tooMuch, std::optional<Side> side, const Tried& t) const {
        const LobeFigures* f = side ? evidence_.of(*side).lobe : any();
        const double more = -tooMuch, told = f->taken.lash_mm;
        const double within = std::max(0.03, uncertainty(t, Freedom::Lash).value_or(0.0));
        if (told > 0.0 && std::abs(more + told) < within) return -told;
        return more;
    }

    void unclear() {
        Cause c;
        c.kind = CauseKind::Unclear;
        out_.causes.push_back(c);
        out_.school.reset();
    }

    void conclude() {
        std::sort(tried_.begin(), tried_.end(),
                  [](const Tried& a, const Tried& b) { return a.judged.cost < b.judged.cost; });
        const Tried& best = tried_.front();
        const double anything = evidence_.costOfAnything() + price::kOtherCam;
        if (evidence_.of(Side::Intake).lobe || evidence_.of(Side::Exhaust).lobe)
            if (!schoolShown(best)) out_.school.reset();
        if (best.judged.cost > anything) {
            Cause c;
            c.kind = CauseKind::Unclear;
            out_.causes.push_back(c);
        }
        if (zeroOff_) zeroFirst(best);
        for (const Tried& t : tried_) {
            if (out_.causes.size() >= 4 || t.judged.cost > best.judged.cost + kToldApart) break;
            if (zeroOff_ && t.hypothesis.kind == CauseKind::AsCard && !out_.causes.empty())
                continue;
            const Cause c = causeOf(t);
            // No engine has less lash than none, and none has so much.
            if (c.kind == CauseKind::Lash && !lashIsPossible(c)) continue;
            // One line for one kind: the better of with and without timing.
            const bool said =
                std::any_of(out_.causes.begin(), out_.causes.end(), [&](const Cause& o) {
                    return o.kind == c.kind && o.event == c.event &&
                           (o.side == c.side || c.kind == CauseKind::CamTiming ||
                            c.kind == CauseKind::LobeLength);
                });
            if (!said) out_.causes.push_back(c);
            // What is as its card needs no other cause beside it.
            if (t.hypothesis.kind == CauseKind::AsCard) break;
        }
        lashFirst();
        if (out_.causes.empty()) unclear();
        const double least = best.judged.cost;
        for (Cause& c : out_.causes)
            c.misfit = std::max(0.0, c.misfit - least);
        out_.intakeShift_deg = evidence_.late(Side::Intake, best.judged.school);
        out_.exhaustShift_deg = evidence_.late(Side::Exhaust, best.judged.school);
    }

    /// Of causes that are not told apart, each of which moves opening and closing opposite ways,
    /// lash is looked at first where lift was taken at a valve behind a rocker and none was said:
    /// there is some on nearly every such engine.
    void lashFirst() {
        const auto unsaid = [&](const Cause& c) {
            const LobeFigures* f = c.side ? evidence_.of(*c.side).lobe : any();
            return f && f->taken.at == Place::Valve && f->taken.lash_mm == 0.0 &&
                   std::abs(f->taken.ratio - 1.0) > 0.02;
        };
        const auto opposite = [](CauseKind kind) {
            return kind == CauseKind::IndicatorZero || kind == CauseKind::CheckingHeight ||
                   kind == CauseKind::Reference || kind == CauseKind::LiftScale ||
                   kind == CauseKind::LobeLength;
        };
        const auto lash = std::find_if(out_.causes.begin(), out_.causes.end(), [&](const Cause& c) {
            return c.kind == CauseKind::Lash && unsaid(c);
        });
        if (lash == out_.causes.end() || zeroOff_) return;
        if (std::all_of(out_.causes.begin(), lash,
                        [&](const Cause& c) { return opposite(c.kind); }))
            std::rotate(out_.causes.begin(), lash, lash + 1);
    }

    bool schoolShown(const Tried& best) {
        if (!evidence_.schoolsDiffer() || best.judged.school == CentreSchool::Events) return false;
        out_.school = best.judged.school;
        return true;
    }

    /// What the base circle reads is not zero: that comes first, where it moves an event by more
    /// than is measurable.
    void zeroFirst(const Tried& best) {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const Observed& m = evidence_.of(side);
            if (!m.baseOff()) continue;
            const LobeFigures& f = *m.lobe;
            const double at = f.taken.threshold_mm(r_.card.height);
            double moves = 0.0;
            if (f.curve)
                for (double x : f.curve->crossings(at))
                    moves = std::max(moves, std::abs(*m.base_mm) /
                                                std::max(1e-3, std::abs(f.curve->slopeAt(x))));
            if (moves < 0.5 * out_.measurable_deg) continue;
            const bool alike = !out_.causes.empty() &&
                               out_.causes.back().kind == CauseKind::IndicatorZero &&
                               std::abs(*out_.causes.back().mm - *m.base_mm) < 0.02;
            if (alike) {
                out_.causes.back().side.reset();
                continue;
            }
            Cause c;
            c.kind = CauseKind::IndicatorZero;
            c.side = side;
            c.mm = *m.base_mm;
            c.misfit = best.judged.cost;
            if (best.hypothesis.kind == CauseKind::CamTiming)
                c.shift_deg = amount(best, Freedom::Late);
            out_.causes.push_back(c);
        }
    }

    void figures() {
        out_.intakeDuration_deg = evidence_.longer(Side::Intake);
        out_.exhaustDuration_deg = evidence_.longer(Side::Exhaust);
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
    Evidence evidence_;
    bool zeroOff_ = false;
    std::vector<Tried> tried_;
};

} // namespace

Explanation explain(const ExplainRequest& request) {
    Explanation out;
    Explaining(request, out).run();
    return out;
}

} // namespace lobe
