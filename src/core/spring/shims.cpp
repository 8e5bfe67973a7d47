#include "core/spring/shims.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <limits>
#include <numeric>
#include <unordered_map>

namespace lobe {

namespace {

constexpr std::size_t kMostSizes = 24, kMostValves = 64;
constexpr double kMost_mm = 20.0;
constexpr int kMostCount = 400;
/// A micrometre of error weighs more than all pieces there can be.
constexpr std::int64_t kPerMicron = 100000;
/// Of what is tried before the best so far is taken.
constexpr std::size_t kMostStacks = 60000;
constexpr std::size_t kMostStates = 400000;

using Counts = std::array<std::uint16_t, kMostSizes>;

std::int64_t microns(double mm) {
    return std::llround(mm * 1000.0);
}

/// A stack that may go under one valve.
struct Stack {
    Counts used{};
    std::int64_t cost = 0; ///< microns off times kPerMicron, and its pieces
};

class ShimSearch {
public:
    ShimSearch(const std::vector<ShimSize>& have, const std::vector<double>& needs) {
        for (const ShimSize& s : have) {
            sizes_.push_back(microns(s.size_mm));
            stock_.push_back(s.count);
        }
        for (const double need : needs)
            needs_.push_back(microns(need));
        // Thick first: few pieces are found before many.
        order_.resize(sizes_.size());
        std::iota(order_.begin(), order_.end(), std::size_t{0});
        std::stable_sort(order_.begin(), order_.end(),
                         [this](std::size_t a, std::size_t b) { return sizes_[a] > sizes_[b]; });
    }

    ShimPlan run(const std::vector<ShimSize>& have, const std::vector<double>& needs) {
        for (const std::int64_t need : needs_)
            choices_.push_back(choicesFor(need));
        price_.assign(sizes_.size(), 0.0);
        least_.assign(needs_.size(), 0.0);
        greedy();
        // Priced, what is hopeless dropped, and priced again on what is left.
        for (int round = 0; round < 3; ++round) {
            price();
            greedy();
            exchange();
            dropHopeless();
        }
        grain_ = grainOf();
        // Where least can be chosen first; alike needs beside each other.
        turn_.resize(needs_.size());
        std::iota(turn_.begin(), turn_.end(), std::size_t{0});
        std::sort(turn_.begin(), turn_.end(), [this](std::size_t a, std::size_t b) {
            return std::pair(choices_[a].size(), needs_[a]) <
                   std::pair(choices_[b].size(), needs_[b]);
        });
        rest_.assign(needs_.size() + 1, 0.0);
        fewest_.assign(needs_.size() + 1, 0);
        for (std::size_t i = needs_.size(); i-- > 0;) {
            rest_[i] = rest_[i + 1] + least_[turn_[i]];
            std::int64_t few = kPerMicron;
            for (const Stack& c : choices_[turn_[i]])
                few = std::min(few, c.cost % kPerMicron);
            fewest_[i] = fewest_[i + 1] + static_cast<int>(few);
        }
        search();
        return planOf(have, needs);
    }

private:
    /// Every stack of which no piece can be left out without loss: any other is never needed.
    std::vector<Stack> choicesFor(std::int64_t need) {
        std::vector<Stack> all;
        Stack one;
        gather(need, 0, 0, 0, one, all);
        return all;
    }
    void gather(std::int64_t need, std::size_t at, std::int64_t total, int pieces, Stack& one,
                std::vector<Stack>& all) {
        if (all.size() >= kMostStacks) {
            proved_ = false;
            return;
        }
        if (at == order_.size() || total >= need) {
            add(need, total, pieces, one, all);
            return;
        }
        const std::size_t k = order_[at];
        const std::int64_t size = sizes_[k];
        // Beyond the need by one piece at most, and that no more than its half.
        const std::int64_t most = std::min<std::int64_t>(
            stock_[k], (need - total) / size + ((need - total) % size * 2 > size ? 1 : 0));
        for (std::int64_t n = most; n >= 0; --n) {
            one.used[k] = static_cast<std::uint16_t>(n);
            gather(need, at + 1, total + n * size, pieces + static_cast<int>(n), one, all);
        }
        one.used[k] = 0;
    }
    void add(std::int64_t need, std::int64_t total, int pieces, const Stack& one,
             std::vector<Stack>& all) {
        const std::int64_t off = std::abs(total - need);
        for (std::size_t k = 0; k < sizes_.size(); ++k)
            if (one.used[k] > 0 && std::abs(total - sizes_[k] - need) <= off) return;
        all.push_back(one);
        all.back().cost = off * kPerMicron + pieces;
    }

    double priced(const Stack& c) const {
        double sum = static_cast<double>(c.cost);
        for (std::size_t k = 0; k < sizes_.size(); ++k)
            sum += price_[k] * c.used[k];
        return sum;
    }
    double stockPrice(const std::vector<int>& left) const {
        double sum = 0.0;
        for (std::size_t k = 0; k < left.size(); ++k)
            sum += price_[k] * left[k];
        return sum;
    }

    /// Prices under which what each valve would choose for itself nearly keeps within the stock: by
    /// subgradients, as long as the bound they give rises (Held, Wolfe and Crowder, Mathematical
    /// Programming 6, 1974).
    void price() {
        const std::size_t n = sizes_.size();
        std::vector<double> best = price_, least(needs_.size());
        double highest = -std::numeric_limits<double>::infinity(), pace = 1.2;
        int idle = 0;
        for (int round = 0; round < 240; ++round) {
            std::vector<double> over(n, 0.0);
            double bound = -stockPrice(stock_);
            for (std::size_t v = 0; v < needs_.size(); ++v) {
                const Stack* pick = nullptr;
                double low = std::numeric_limits<double>::infinity();
                for (const Stack& c : choices_[v])
                    if (const double p = priced(c); p < low) low = p, pick = &c;
                least[v] = low;
                bound += low;
                for (std::size_t k = 0; k < n; ++k)
                    over[k] += pick->used[k];
            }
            if (bound > highest) {
                highest = bound;
                best = price_;
                least_ = least;
                idle = 0;
            } else if (++idle >= 12) {
                pace /= 2.0;
                idle = 0;
                price_ = best;
                if (pace < 0.01) break;
            }
            double norm = 0.0;
            for (std::size_t k = 0; k < n; ++k) {
                over[k] -= stock_[k];
                // What is left over has no price to fall below nothing.
                if (over[k] < 0.0 && price_[k] <= 0.0) over[k] = 0.0;
                norm += over[k] * over[k];
            }
            if (norm <= 0.0) break; // the best there is: everybody has what he would choose
            const double step = pace * std::max(1.0, static_cast<double>(best_) - bound) / norm;
            for (std::size_t k = 0; k < n; ++k)
                price_[k] = std::max(0.0, price_[k] + step * over[k]);
        }
        price_ = best;
        bound_ = highest;
    }

    /// A good choice to begin with: the valve that would lose most by waiting goes first.
    void greedy() {
        std::vector<int> left = stock_;
        std::vector<bool> done(needs_.size(), false);
        std::vector<const Stack*> plan(needs_.size(), nullptr);
        std::int64_t cost = 0;
        for (std::size_t round = 0; round < needs_.size(); ++round) {
            std::size_t pick = 0;
            const Stack* with = nullptr;
            double most = -1.0;
            for (std::size_t v = 0; v < needs_.size(); ++v) {
                if (done[v]) continue;
                const Stack *first = nullptr, *second = nullptr;
                for (const Stack& c : choices_[v]) {
                    if (!fits(c, left)) continue;
                    if (!first || priced(c) < priced(*first))
                        second = first, first = &c;
                    else if (!second || priced(c) < priced(*second))
                        second = &c;
                }
                if (!first) return;
                const double loss = second ? priced(*second) - priced(*first) : 1e18;
                if (loss > most) most = loss, pick = v, with = first;
            }
            if (!with) return; // what was dropped would be needed: there is a better one already
            done[pick] = true;
            plan[pick] = with;
            take(*with, left, -1);
            cost += with->cost;
        }
        if (!chosen_.empty() && cost >= best_) return;
        best_ = cost;
        chosen_.clear();
        for (const Stack* c : plan)
            chosen_.push_back(*c);
    }
    /// One valve after the other, and two at a time, take something better while there is any.
    void exchange() {
        std::vector<int> left = stock_;
        for (const Stack& c : chosen_)
            take(c, left, -1);
        for (bool better = true; better;) {
            better = false;
            for (std::size_t a = 0; a < chosen_.size(); ++a)
                for (std::size_t b = a; b < chosen_.size(); ++b) {
                    take(chosen_[a], left, 1);
                    if (b != a) take(chosen_[b], left, 1);
                    better = bestOfTwo(a, b, left) || better;
                    take(chosen_[a], left, -1);
                    if (b != a) take(chosen_[b], left, -1);
                }
        }
        best_ = 0;
        for (const Stack& c : chosen_)
            best_ += c.cost;
    }
    bool bestOfTwo(std::size_t a, std::size_t b, std::vector<int>& left) {
        const std::int64_t now = chosen_[a].cost + (b != a ? chosen_[b].cost : 0);
        for (const Stack& first : choices_[a]) {
            if (first.cost >= now || !fits(first, left)) continue;
            if (b == a) {
                chosen_[a] = first;
                return true;
            }
            take(first, left, -1);
            const Stack* second = nullptr;
            for (const Stack& c : choices_[b])
                if (first.cost + c.cost < now && fits(c, left) &&
                    (!second || c.cost < second->cost))
                    second = &c;
            take(first, left, 1);
            if (!second) continue;
            chosen_[b] = *second;
            chosen_[a] = first;
            return true;
        }
        return false;
    }
    /// All errors are whole multiples of it, microns.
    std::int64_t grainOf() const {
        std::int64_t grain = 0;
        for (const std::int64_t size : sizes_)
            grain = std::gcd(grain, size);
        for (const std::int64_t need : needs_)
            grain = std::gcd(grain, need);
        return std::max<std::int64_t>(1, grain);
    }
    /// A sum of errors and pieces that is at least so much: errors come in whole grains, and the
    /// rest takes no fewer pieces than this.
    bool hopeless(double known, std::int64_t cost, int fewest) const {
        if (std::ceil(known - 1e-3) >= static_cast<double>(best_)) return true;
        const double grain = static_cast<double>(grain_ * kPerMicron);
        // The pieces are worth less than a grain: what the bound says of the errors alone.
        const double pieces = static_cast<double>(kMostCount * 24);
        const double errors = std::ceil((known - pieces) / grain - 1e-9) * grain;
        return errors + static_cast<double>(cost % kPerMicron + fewest) >=
               static_cast<double>(best_);
    }
    bool fits(const Stack& c, const std::vector<int>& left) const {
        for (std::size_t k = 0; k < left.size(); ++k)
            if (c.used[k] > left[k]) return false;
        return true;
    }
    static void take(const Stack& c, std::vector<int>& left, int way) {
        for (std::size_t k = 0; k < left.size(); ++k)
            left[k] += way * c.used[k];
    }

    /// What costs more, even under the prices, than the gap that is open.
    void dropHopeless() {
        const double gap = static_cast<double>(best_) - bound_ + 1e-6 * std::abs(bound_) + 1.0;
        for (std::size_t v = 0; v < choices_.size(); ++v) {
            auto& all = choices_[v];
            std::erase_if(all, [&](const Stack& c) { return priced(c) - least_[v] > gap; });
            std::sort(all.begin(), all.end(),
                      [this](const Stack& a, const Stack& b) { return priced(a) < priced(b); });
        }
    }

    /// What is left of the stock once some valves have theirs, and the least that cost.
    struct State {
        std::uint64_t left = 0; ///< all sizes in one number, each a place of it
        std::int64_t cost = 0;
        std::uint32_t from = 0; ///< of the valve before
        std::uint32_t choice = 0;
    };

    /// Valve by valve, each state once and only while it may still lead to something better:
    /// dynamic programming over what is left, pruned by the bound.
    void search() {
        std::vector<std::uint64_t> place(sizes_.size());
        std::uint64_t all = 1, whole = 0;
        for (std::size_t k = 0; k < sizes_.size(); ++k) {
            place[k] = all;
            const auto count = static_cast<std::uint64_t>(stock_[k]);
            whole += count * all;
            if (all > (std::uint64_t{1} << 62) / (count + 1)) {
                proved_ = false;
                return;
            }
            all *= count + 1;
        }
        std::vector<std::vector<State>> layers;
        layers.push_back(std::vector<State>(1, State{whole, 0, 0, 0}));
        std::unordered_map<std::uint64_t, std::uint32_t> seen;
        std::vector<int> left(sizes_.size());
        for (std::size_t at = 0; at < turn_.size(); ++at) {
            const auto& choices = choices_[turn_[at]];
            const std::vector<State>& now = layers.back();
            std::vector<State> next;
            seen.clear();
            for (std::uint32_t n = 0; n < now.size(); ++n) {
                const State& state = now[n];
                for (std::size_t k = 0; k < left.size(); ++k)
                    left[k] = static_cast<int>(state.left / place[k] %
                                               static_cast<std::uint64_t>(stock_[k] + 1));
                double own = 0.0;
                const double known = atLeast(at, state.cost, left, own);
                if (hopeless(known, state.cost, fewest_[at])) continue;
                for (std::uint32_t c = 0; c < choices.size(); ++c) {
                    const Stack& choice = choices[c];
                    if (hopeless(known - own + priced(choice), state.cost, fewest_[at])) break;
                    if (!fits(choice, left)) continue;
                    std::uint64_t after = state.left;
                    for (std::size_t k = 0; k < left.size(); ++k)
                        after -= choice.used[k] * place[k];
                    const State reached{after, state.cost + choice.cost, n, c};
                    const auto [was, fresh] =
                        seen.try_emplace(after, static_cast<std::uint32_t>(next.size()));
                    if (fresh)
                        next.push_back(reached);
                    else if (reached.cost < next[was->second].cost)
                        next[was->second] = reached;
                }
                if (next.size() > kMostStates) {
                    proved_ = false;
                    return;
                }
            }
            layers.push_back(std::move(next));
        }
        const State* best = nullptr;
        for (const State& s : layers.back())
            if (s.cost < best_) best_ = s.cost, best = &s;
        if (!best) return;
        State state = *best;
        for (std::size_t at = turn_.size(); at-- > 0;) {
            chosen_[turn_[at]] = choices_[turn_[at]][state.choice];
            state = layers[at][state.from];
        }
    }

    /// What all of it costs at least from a state on; `own`: what of that is the next valve's.
    double atLeast(std::size_t at, std::int64_t cost, const std::vector<int>& left,
                   double& own) const {
        double known = static_cast<double>(cost) + rest_[at] - stockPrice(left);
        own = least_[turn_[at]];
        for (std::size_t i = at; i < turn_.size(); ++i) {
            const auto& all = choices_[turn_[i]];
            const auto first =
                std::find_if(all.begin(), all.end(), [&](const Stack& c) { return fits(c, left); });
            if (first == all.begin()) continue;
            if (first == all.end()) return std::numeric_limits<double>::infinity();
            known += priced(*first) - least_[turn_[i]];
            if (i == at) own = priced(*first);
        }
        return known;
    }

    ShimPlan planOf(const std::vector<ShimSize>& have, const std::vector<double>& needs) const {
        ShimPlan plan;
        plan.left = have;
        plan.proved = proved_;
        for (std::size_t v = 0; v < needs_.size(); ++v) {
            ShimStack stack;
            stack.need_mm = needs[v];
            for (const std::size_t k : order_)
                for (int n = 0; n < chosen_[v].used[k]; ++n) {
                    stack.pieces_mm.push_back(have[k].size_mm);
                    stack.total_mm += have[k].size_mm;
                    --plan.left[k].count;
                    ++plan.pieces;
                }
            stack.error_mm = stack.total_mm - stack.need_mm;
            plan.off_mm += std::abs(stack.error_mm);
            plan.stacks.push_back(std::move(stack));
        }
        return plan;
    }

    std::vector<std::int64_t> sizes_, needs_;
    std::vector<int> stock_;
    std::vector<std::size_t> order_, turn_;
    std::vector<std::vector<Stack>> choices_; ///< by valve
    std::vector<double> price_, least_, rest_;
    std::vector<int> fewest_; ///< pieces, of the valves from there on
    double bound_ = 0.0;
    std::int64_t grain_ = 1;
    std::int64_t best_ = 0;
    std::vector<Stack> chosen_;
    bool proved_ = true;
};

} // namespace

ShimProblem checkShims(const std::vector<ShimSize>& have, const std::vector<double>& needs_mm) {
    if (have.size() > kMostSizes) return {ShimFault::TooManySizes, static_cast<int>(kMostSizes)};
    if (needs_mm.size() > kMostValves)
        return {ShimFault::TooManyValves, static_cast<int>(kMostValves)};
    for (std::size_t i = 0; i < have.size(); ++i) {
        if (!(have[i].size_mm >= 0.001 && have[i].size_mm <= kMost_mm))
            return {ShimFault::SizeOutOfRange, static_cast<int>(i)};
        if (have[i].count < 0 || have[i].count > kMostCount)
            return {ShimFault::CountOutOfRange, static_cast<int>(i)};
    }
    for (std::size_t i = 0; i < needs_mm.size(); ++i)
        if (!(needs_mm[i] >= 0.0 && needs_mm[i] <= kMost_mm))
            return {ShimFault::NeedOutOfRange, static_cast<int>(i)};
    return {};
}

ShimPlan planShims(const std::vector<ShimSize>& have, const std::vector<double>& needs_mm) {
    if (checkShims(have, needs_mm).fault != ShimFault::None) return {};
    return ShimSearch(have, needs_mm).run(have, needs_mm);
}

NearestTotals nearestTotals(const std::vector<ShimSize>& have, double need_mm) {
    // Every total there can be, up to the first beyond the need.
    const std::int64_t need = microns(need_mm);
    std::int64_t thickest = 0;
    for (const ShimSize& s : have)
        if (s.count > 0) thickest = std::max(thickest, microns(s.size_mm));
    std::vector<bool> reached(static_cast<std::size_t>(need + thickest + 1), false);
    reached[0] = true;
    for (const ShimSize& s : have) {
        const auto size = static_cast<std::size_t>(microns(s.size_mm));
        for (int n = 0; n < s.count; ++n) {
            bool any = false;
            for (std::size_t t = reached.size(); t-- > size;)
                if (reached[t - size] && !reached[t]) reached[t] = any = true;
            if (!any) break;
        }
    }
    NearestTotals out{0.0, std::numeric_limits<double>::infinity()};
    for (std::size_t t = 0; t < reached.size(); ++t) {
        if (!reached[t]) continue;
        if (static_cast<std::int64_t>(t) <= need) out.below_mm = static_cast<double>(t) / 1000.0;
        if (static_cast<std::int64_t>(t) >= need) {
            out.above_mm = static_cast<double>(t) / 1000.0;
            break;
        }
    }
    return out;
}

} // namespace lobe
