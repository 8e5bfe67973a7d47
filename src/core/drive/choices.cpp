#include "core/drive/choices.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <unordered_set>

namespace lobe {
namespace {

constexpr double kTurn = 720.0; ///< crank degrees of a turn of the cam
constexpr std::size_t kEvery = 400000;

/// A choice with what it is ranked by.
struct RankedMove {
    Choice choice;
    std::int64_t left = 0; ///< |residual| in millionths of a degree
    int changes = 0;
    double size = 0.0; ///< of all its moves together

    bool operator<(const RankedMove& o) const {
        if (left != o.left) return left < o.left;
        if (changes != o.changes) return changes < o.changes;
        if (size != o.size) return size < o.size;
        // The same either way: the one that advances first, so that the order is always the same.
        return choice.move.total_deg > o.choice.move.total_deg;
    }
};

int verniers(const Drive& d) {
    return d.vernierWheel > 0 && d.vernierHub > 0 ? std::lcm(d.vernierWheel, d.vernierHub) : 1;
}

std::int64_t micro(double deg) {
    return std::llround(deg * 1e6);
}

/// As it stands, and what the one first used and every listed offset make from there.
std::vector<double> offsets(const std::vector<double>& listed, double fitted) {
    std::vector<double> all{0.0};
    const auto add = [&](double deg) {
        const double by = deg - fitted;
        if (std::none_of(all.begin(), all.end(), [&](double x) { return micro(x) == micro(by); }))
            all.push_back(by);
    };
    add(0.0);
    for (double deg : listed)
        add(deg);
    return all;
}

/// Goes through the combinations and hands each to `take`, slots left alone. Every combination
/// once: of those that differ by whole turns of the cam, the one within half a turn.
template <class Take>
void everyMove(const Drive& d, double near_deg, const DriveState& fitted, const Take& take) {
    const std::vector<double> bushes = offsets(d.bushes_deg, fitted.bush_deg),
                              cranks = offsets(d.crankKeyways_deg, fitted.crankKeyway_deg);
    const int holes = verniers(d), low = -(holes - 1) / 2, high = holes / 2;
    const double vernier = kTurn / holes, tooth = tooth_deg(d);
    const bool all = combinations(d) <= static_cast<double>(kEvery);
    DriveMove m;
    const auto alongTeeth = [&](double rest, const auto& then) {
        m.teeth = 0;
        if (tooth <= 0.0) return then(rest);
        const int first = static_cast<int>(std::floor((-360.0 - rest) / tooth + 1e-9)) + 1;
        for (m.teeth = first; m.teeth < first + d.teeth; ++m.teeth)
            then(rest + m.teeth * tooth);
    };
    const auto give = [&](double total) {
        // Without teeth to take whole turns of the cam back, the vernier or the keyways do.
        const double turn = total > 360.0 + 1e-9 ? -kTurn : total <= -360.0 + 1e-9 ? kTurn : 0.0;
        // Mostly there are teeth: hundreds of thousands of combinations are not copied for it.
        if (turn == 0.0 || (holes < 2 && d.keyways < 2)) {
            m.total_deg = total;
            return take(m);
        }
        DriveMove within = m;
        if (holes > 1)
            within.vernier_deg += turn;
        else
            within.keyway += turn > 0.0 ? d.keyways : -d.keyways;
        within.total_deg = total + turn;
        take(within);
    };
    for (double bush : bushes)
        for (double crank : cranks)
            for (int k = -(d.keyways - 1) / 2; k <= d.keyways / 2; ++k) {
                m.bush_deg = bush;
                m.crankKeyway_deg = crank;
                m.keyway = k;
                const double base = bush + crank + k * kTurn / d.keyways;
                if (all) {
                    for (int v = low; v <= high; ++v) {
                        m.vernier_deg = v * vernier;
                        alongTeeth(base + m.vernier_deg, give);
                    }
                    continue;
                }
                // Where there are very many, only those near the need along the vernier.
                alongTeeth(base, [&](double rest) {
                    const int mid = static_cast<int>(
                        std::lround(std::remainder(near_deg - rest, kTurn) / vernier));
                    for (int v = mid - 1; v <= mid + 1; ++v) {
                        m.vernier_deg = v * vernier;
                        give(rest + m.vernier_deg);
                    }
                });
            }
}

} // namespace

double tooth_deg(const Drive& d) {
    return d.teeth > 0 ? kTurn / d.teeth : 0.0;
}

double finest_deg(const Drive& d) {
    // Steps 720/a and 720/b together step by 720/lcm(a, b).
    const std::int64_t wheel = std::lcm<std::int64_t>(std::max(1, d.teeth), std::max(1, d.keyways));
    return kTurn / static_cast<double>(std::lcm<std::int64_t>(wheel, verniers(d)));
}

/// Of a slotted wheel's scale, either way.
constexpr double kMostLines = 1000.0;

/// A slot that moves the cam by less moves nothing that could be seen.
constexpr double kLeastSlot_deg = 0.01;

std::optional<DriveFault> faultOf(const Drive& d) {
    if (d.teeth != 0 && (d.teeth < 8 || d.teeth > 400)) return DriveFault::Teeth;
    if (d.keyways < 1 || d.keyways > 12) return DriveFault::Keyways;
    const bool none = d.vernierWheel == 0 && d.vernierHub == 0;
    if (!none && (std::min(d.vernierWheel, d.vernierHub) < 2 ||
                  std::max(d.vernierWheel, d.vernierHub) > 120))
        return DriveFault::Vernier;
    if (!(d.slot_deg >= 0.0 && d.slot_deg < 180.0) || !(d.slotLine_deg >= 0.0) ||
        d.slotLine_deg > d.slot_deg || (d.slot_deg > 0.0 && d.slot_deg < kLeastSlot_deg))
        return DriveFault::Slot;
    // No scale is read finer.
    if (d.slotLine_deg > 0.0 && d.slot_deg / d.slotLine_deg > kMostLines) return DriveFault::Slot;
    for (const auto* list : {&d.bushes_deg, &d.crankKeyways_deg}) {
        if (list->size() > 12) return DriveFault::Listed;
        for (double deg : *list)
            if (!(std::abs(deg) < 180.0)) return DriveFault::Listed;
    }
    return std::nullopt;
}

double combinations(const Drive& d) {
    return static_cast<double>(std::max(1, d.teeth)) * d.keyways *
           static_cast<double>(offsets(d.crankKeyways_deg, 0.0).size()) *
           static_cast<double>(offsets(d.bushes_deg, 0.0).size()) * verniers(d);
}

namespace {

RankedMove ranked(const Drive& drive, double need, const DriveMove& m) {
    RankedMove r;
    r.choice.move = m;
    r.choice.residual_deg = need - m.total_deg;
    r.left = std::abs(micro(r.choice.residual_deg));
    r.changes = m.changes();
    r.size = std::abs(m.teeth) * tooth_deg(drive) + std::abs(m.keyway) * kTurn / drive.keyways +
             std::abs(m.crankKeyway_deg) + std::abs(m.vernier_deg) + std::abs(m.bush_deg) +
             std::abs(m.slot_deg);
    return r;
}

/// Goes through the combinations as `everyMove` does, each also with its slot moved to meet the
/// need as far as it reaches.
template <class Take>
void everyMoveWithSlot(const Drive& drive, double need, const DriveState& fitted,
                       const Take& take) {
    const SlotRange slot = slotRange(drive, fitted);
    everyMove(drive, need, fitted, [&](const DriveMove& m) {
        take(m);
        if (!(drive.slot_deg > 0.0)) return;
        DriveMove slotted = m;
        slotted.slot_deg = std::clamp(need - m.total_deg, slot.back_deg, slot.on_deg);
        if (micro(slotted.slot_deg) == 0) return;
        slotted.total_deg += slotted.slot_deg;
        take(slotted);
    });
}

/// The first of all, in order, without keeping more of them than that.
std::vector<Choice> firstOf(const Drive& drive, double need, std::size_t most,
                            const DriveState& fitted) {
    std::vector<RankedMove> best; // a heap, the last of them in front
    everyMoveWithSlot(drive, need, fitted, [&](const DriveMove& m) {
        const bool full = best.size() == most;
        // Most are told by what they leave alone.
        if (full && (most == 0 || std::abs(micro(need - m.total_deg)) > best.front().left)) return;
        RankedMove r = ranked(drive, need, m);
        if (full) {
            if (!(r < best.front())) return;
            std::pop_heap(best.begin(), best.end());
            best.back() = std::move(r);
        } else {
            best.push_back(std::move(r));
        }
        std::push_heap(best.begin(), best.end());
    });
    std::sort_heap(best.begin(), best.end());
    std::vector<Choice> out;
    for (const RankedMove& r : best)
        out.push_back(r.choice);
    return out;
}

} // namespace

SlotRange slotRange(const Drive& drive, const DriveState& fitted) {
    return {std::min(0.0, -drive.slot_deg - fitted.slot_deg),
            std::max(0.0, drive.slot_deg - fitted.slot_deg)};
}

std::vector<Choice> choices(const Drive& drive, double need, std::size_t most, bool distinct,
                            const DriveState& fitted) {
    if (faultOf(drive)) return {Choice{{}, need}};
    // The first alone is like no other before it.
    if (!distinct || most == 1) return firstOf(drive, need, most, fitted);
    std::vector<RankedMove> all;
    all.reserve(std::min<std::size_t>(kEvery, static_cast<std::size_t>(combinations(drive))) *
                (drive.slot_deg > 0.0 ? 2 : 1));
    everyMoveWithSlot(drive, need, fitted,
                      [&](const DriveMove& m) { all.push_back(ranked(drive, need, m)); });
    const auto sortFirst = [&](std::size_t n) {
        n = std::min(n, all.size());
        std::partial_sort(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(n), all.end());
        return n;
    };
    std::vector<Choice> out;
    // Many combinations move the cam alike: of each, the first in the order. As much of the order
    // is made as that takes.
    for (std::size_t n = 8 * most;; n *= 8) {
        out.clear();
        std::unordered_set<std::int64_t> seen;
        const std::size_t sorted = sortFirst(n);
        for (std::size_t i = 0; i < sorted && out.size() < most; ++i)
            if (seen.insert(micro(all[i].choice.move.total_deg)).second)
                out.push_back(all[i].choice);
        if (out.size() == most || sorted == all.size()) return out;
    }
}

std::vector<double> reachable_deg(const Drive& drive, double range, const DriveState& fitted) {
    std::vector<double> out{0.0};
    // A book may hold what is refused when it is typed.
    if (faultOf(drive)) return out;
    const double line = drive.slotLine_deg > 0.0 ? drive.slotLine_deg : 0.5;
    const SlotRange slot = slotRange(drive, fitted);
    const auto take = [&](const DriveMove& m) {
        if (std::abs(m.total_deg) > range + std::max(slot.on_deg, -slot.back_deg)) return;
        if (std::abs(m.total_deg) <= range) out.push_back(m.total_deg);
        for (double s = line; s <= slot.on_deg + 1e-9; s += line)
            if (std::abs(m.total_deg + s) <= range) out.push_back(m.total_deg + s);
        for (double s = -line; s >= slot.back_deg - 1e-9; s -= line)
            if (std::abs(m.total_deg + s) <= range) out.push_back(m.total_deg + s);
    };
    // Of very many combinations only those near an angle are gone through: near every one, then.
    const double vernier = kTurn / verniers(drive);
    if (combinations(drive) <= static_cast<double>(kEvery))
        everyMove(drive, 0.0, fitted, take);
    else
        for (double near = -range; near <= range; near += vernier)
            everyMove(drive, near, fitted, take);
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end(),
                          [](double a, double b) { return micro(a) == micro(b); }),
              out.end());
    return out;
}

VernierHoles vernierHoles(const Drive& d, double vernier_deg) {
    VernierHoles best;
    if (!(d.vernierWheel > 0 && d.vernierHub > 0)) return best;
    double least = 1e9;
    for (int i = 0; i < d.vernierWheel; ++i)
        for (int j = 0; j < d.vernierHub; ++j) {
            const double deg = kTurn * i / d.vernierWheel - kTurn * j / d.vernierHub;
            const double off = std::abs(std::remainder(deg - vernier_deg, kTurn));
            // The least off; of the same, the nearest hole, either way round.
            const double cost = off * 1e3 + std::min(i, d.vernierWheel - i) * 1e-3;
            if (cost >= least - 1e-9) continue;
            least = cost;
            best = {i, j};
        }
    return best;
}

std::optional<double> offsetKey_deg(double offset_mm, double shaftRadius_mm) {
    if (!(shaftRadius_mm > 0.0) || std::abs(offset_mm) >= shaftRadius_mm) return std::nullopt;
    return degrees(std::asin(offset_mm / shaftRadius_mm));
}

double boltArc_mm(double radius_mm, double move_deg) {
    return radius_mm * radians(move_deg / 2.0);
}

std::optional<int> asTeeth(const Drive& drive, double difference_deg, double uncertainty_deg) {
    const double tooth = tooth_deg(drive);
    if (!(tooth > 0.0) || uncertainty_deg >= tooth / 2.0) return std::nullopt;
    const double teeth = std::round(difference_deg / tooth);
    return std::abs(difference_deg - teeth * tooth) <= std::max(uncertainty_deg, 0.3)
               ? static_cast<int>(teeth)
               : 0;
}

} // namespace lobe
