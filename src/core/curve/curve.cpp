#include "core/curve/curve.h"

#include "core/angle/root.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <span>
#include <tuple>

namespace lobe {
namespace {

/// Readings this near zero count as the base circle when the foot of a flank is looked for.
constexpr double kBase_mm = 0.0005;

/// Derivative at points[at] of the polynomial through the given points, in barycentric form
/// (SIAM Review 46, 2004, p. 501).
double polynomialSlope(std::span<const LiftPoint> p, std::size_t at) {
    std::array<double, 6> w{};
    for (std::size_t i = 0; i < p.size(); ++i) {
        double product = 1.0;
        for (std::size_t j = 0; j < p.size(); ++j)
            if (j != i) product *= p[i].deg - p[j].deg;
        w[i] = 1.0 / product;
    }
    double slope = 0.0;
    for (std::size_t j = 0; j < p.size(); ++j)
        if (j != at) slope += w[j] / w[at] * (p[j].mm - p[at].mm) / (p[at].deg - p[j].deg);
    return slope;
}

double secant(const LiftPoint& a, const LiftPoint& b) {
    return (b.mm - a.mm) / (b.deg - a.deg);
}

/// Keeps the piecewise cubic monotone where the readings are: at most three times the lesser
/// secant.
double limited(double slope, double before, double after) {
    if (before * after <= 0.0) return 0.0;
    const double most = 3.0 * std::min(std::abs(before), std::abs(after));
    return std::copysign(std::min(std::abs(slope), most), before);
}

/// The readings of greatest lift: the first, and the last of an unbroken row of equals.
struct Nose {
    std::size_t first, last;
    bool isRound(std::size_t i) const { return i + 1 >= first && i <= last + 1; }
};

Nose noseOf(std::span<const LiftPoint> p) {
    const auto byLift = [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; };
    const auto top = std::max_element(p.begin(), p.end(), byLift);
    const auto end = std::find_if(top, p.end(), [&](const LiftPoint& q) { return q.mm < top->mm; });
    return {static_cast<std::size_t>(top - p.begin()),
            static_cast<std::size_t>(end - p.begin()) - 1};
}

/// The cubic through four readings, as a polynomial in degrees from the first of them.
struct Cubic {
    double a, b, c, d;
    double value(double t) const { return a + t * (b + t * (c + t * d)); }

    static Cubic through(const std::array<LiftPoint, 4>& p) {
        const double t1 = p[1].deg - p[0].deg, t2 = p[2].deg - p[0].deg, t3 = p[3].deg - p[0].deg;
        // Newton's divided differences, then multiplied out.
        const double f01 = secant(p[0], p[1]), f12 = secant(p[1], p[2]), f23 = secant(p[2], p[3]);
        const double f012 = (f12 - f01) / t2, f123 = (f23 - f12) / (t3 - t1);
        const double f0123 = (f123 - f012) / t3;
        return {p[0].mm, f01 - f012 * t1 + f0123 * t1 * t2, f012 - f0123 * (t1 + t2), f0123};
    }
};

/// Where a flank leaves the base circle, seen from its own side only.
struct Foot {
    Cubic flank;   ///< in degrees from the outermost lifted reading
    double offset; ///< signed degrees from that reading to where the flank reaches the base
    double slope;  ///< of the flank there; not zero where there is a kink
};

/// `reach` is the signed way from the outermost lifted reading q[0] to the base reading beyond
/// it. Empty when the flank's own cubic says nothing useful about the base reading.
std::optional<Foot> footOf(const std::array<LiftPoint, 4>& q, double reach) {
    const Cubic flank = Cubic::through(q);
    const auto slopeAt = [&](double t) {
        return flank.b + t * (2.0 * flank.c + t * 3.0 * flank.d);
    };
    constexpr int kSteps = 16;
    for (int i = 1; i <= kSteps; ++i) {
        double lifted = reach * (i - 1) / kSteps, fallen = reach * i / kSteps;
        if (flank.value(fallen) > 0.0) continue;
        for (int k = 0; k < 50; ++k) {
            const double mid = (lifted + fallen) / 2.0;
            (flank.value(mid) > 0.0 ? lifted : fallen) = mid;
        }
        return Foot{flank, lifted, slopeAt(lifted)};
    }
    // It all but reaches the base at the reading itself: the kink stands there.
    if (flank.value(reach) > 0.3 * q[0].mm) return std::nullopt;
    const double outward = slopeAt(reach) * reach < 0.0 ? slopeAt(reach) : 0.0;
    return Foot{flank, reach, limited(outward, -q[0].mm / reach, -q[0].mm / reach)};
}

/// Slopes at the readings [from, to) from neighbours in the same range only.
void slopesWithin(std::span<const LiftPoint> all, std::size_t from, std::size_t to,
                  const Nose& nose, std::vector<double>& slopes) {
    const auto p = all.subspan(from, to - from);
    const std::size_t n = p.size();
    for (std::size_t i = 0; i < n; ++i) {
        if (n < 2) continue;
        const std::size_t start = i >= 2 ? std::min(i - 2, n >= 5 ? n - 5 : 0) : 0;
        const std::size_t count = std::min<std::size_t>(5, n - start);
        double slope = polynomialSlope(p.subspan(start, count), i - start);
        const std::size_t k = from + i;
        if (!nose.isRound(k) && i > 0 && i + 1 < n)
            slope = limited(slope, secant(p[i - 1], p[i]), secant(p[i], p[i + 1]));
        slopes[k] = slope;
    }
}

} // namespace

void LiftCurve::addHermite(LiftPoint p, double slopeP, LiftPoint q, double slopeQ) {
    const double h = q.deg - p.deg;
    const double s = (q.mm - p.mm) / h;
    Piece piece{p.deg,
                q.deg,
                p.mm,
                slopeP,
                (3.0 * s - 2.0 * slopeP - slopeQ) / h,
                (slopeP + slopeQ - 2.0 * s) / (h * h),
                0.0,
                0.0};
    const double third = p.mm + slopeP * h / 3.0;
    std::tie(piece.least, piece.most) =
        std::minmax({p.mm, third, third + (slopeP + piece.c * h) * h / 3.0, piece.value(h), q.mm});
    if (pieces_.size() % kHull == 0) hulls_.push_back({piece.least, piece.most});
    Hull& hull = hulls_.edit().back();
    hull.least = std::min(hull.least, piece.least);
    hull.most = std::max(hull.most, piece.most);
    pieces_.push_back(piece);
}

std::optional<LiftCurve> LiftCurve::through(std::vector<LiftPoint> points) {
    if (points.size() < 2) return std::nullopt;
    for (std::size_t i = 1; i < points.size(); ++i)
        if (!(points[i].deg > points[i - 1].deg)) return std::nullopt;
    LiftCurve curve;
    curve.points_ = std::move(points);
    const auto& p = curve.points_;
    const std::size_t n = p.size();
    const Nose nose = noseOf(p);

    // The outermost lifted readings of the lobe, and the foot beyond them where there is a kink.
    std::size_t first = nose.first, last = nose.last;
    while (first > 0 && p[first - 1].mm > kBase_mm)
        --first;
    while (last + 1 < n && p[last + 1].mm > kBase_mm)
        ++last;
    std::optional<Foot> rise, fall;
    if (first > 0 && first + 4 <= nose.first)
        rise = footOf({p[first], p[first + 1], p[first + 2], p[first + 3]},
                      p[first - 1].deg - p[first].deg);
    if (last + 1 < n && last >= nose.last + 4)
        fall =
            footOf({p[last], p[last - 1], p[last - 2], p[last - 3]}, p[last + 1].deg - p[last].deg);

    // The flank's slopes are taken from the flank alone, the base circle's from the base circle.
    std::vector<double> slopes(n, 0.0);
    const std::size_t from = rise ? first : 0, to = fall ? last + 1 : n;
    slopesWithin(p, 0, from, nose, slopes);
    slopesWithin(p, from, to, nose, slopes);
    slopesWithin(p, to, n, nose, slopes);
    for (std::size_t i = 0; i + 1 < n; ++i) {
        const LiftPoint a = p[i], b = p[i + 1];
        if (rise && i + 1 == first) {
            const LiftPoint foot{b.deg + rise->offset, a.mm};
            if (foot.deg > a.deg) curve.addHermite(a, 0.0, foot, 0.0);
            curve.addHermite(foot, rise->slope, b, slopes[i + 1]);
        } else if (fall && i == last) {
            const LiftPoint foot{a.deg + fall->offset, b.mm};
            curve.addHermite(a, slopes[i], foot, fall->slope);
            if (foot.deg < b.deg) curve.addHermite(foot, 0.0, b, 0.0);
        } else {
            curve.addHermite(a, slopes[i], b, slopes[i + 1]);
        }
    }
    return curve;
}

LiftCurve LiftCurve::with(const std::vector<Node>& nodes) {
    LiftCurve curve;
    for (const Node& n : nodes)
        curve.points_.push_back(n.point);
    for (std::size_t i = 0; i + 1 < nodes.size(); ++i)
        curve.addHermite(nodes[i].point, nodes[i].after, nodes[i + 1].point, nodes[i + 1].before);
    return curve;
}

const LiftCurve::Piece& LiftCurve::pieceAt(double deg) const {
    // Most are evenly wide: near where it would stand then.
    const std::size_t n = pieces_.size();
    const double share =
        (deg - pieces_.front().start) / (pieces_.back().end - pieces_.front().start);
    auto k = static_cast<std::size_t>(std::clamp(share, 0.0, 1.0) * static_cast<double>(n - 1));
    return pieceFrom(k, deg);
}

/// The piece of an angle, looked for from the k-th on, and its number.
const LiftCurve::Piece& LiftCurve::pieceFrom(std::size_t& k, double deg) const {
    const std::size_t n = pieces_.size();
    for (int tries = 0; tries < 4; ++tries) {
        if (k > 0 && deg < pieces_[k].start)
            --k;
        else if (k + 1 < n && deg >= pieces_[k + 1].start)
            ++k;
        else
            return pieces_[k];
    }
    const auto after = std::upper_bound(pieces_.begin(), pieces_.end(), deg,
                                        [](double v, const Piece& p) { return v < p.start; });
    k = static_cast<std::size_t>(after - pieces_.begin());
    return pieces_[k > 0 ? --k : 0];
}

double LiftCurve::at(double deg) const {
    const double inside = std::clamp(deg, first(), last());
    const Piece& p = pieceAt(inside);
    return p.value(inside - p.start);
}

double LiftCurve::at(double deg, std::size_t& near) const {
    const double inside = std::clamp(deg, first(), last());
    const Piece& p = pieceFrom(near, inside);
    return p.value(inside - p.start);
}

double LiftCurve::slopeAt(double deg) const {
    if (deg < first() || deg > last()) return 0.0;
    const Piece& p = pieceAt(deg);
    return p.slope(deg - p.start);
}

double LiftCurve::area(double from, double to) const {
    double sum = 0.0;
    for (const Piece& p : pieces_) {
        const double lo = std::max(from, p.start) - p.start;
        const double hi = std::min(to, p.end) - p.start;
        if (hi <= lo) continue;
        const auto integral = [&p](double t) {
            return t * (p.a + t * (p.b / 2.0 + t * (p.c / 3.0 + t * p.d / 4.0)));
        };
        sum += integral(hi) - integral(lo);
    }
    return sum;
}

double LiftCurve::moment(double from, double to) const {
    double sum = 0.0;
    for (const Piece& p : pieces_) {
        const double lo = std::max(from, p.start) - p.start;
        const double hi = std::min(to, p.end) - p.start;
        if (hi <= lo) continue;
        const auto integral = [&p](double t) {
            const double m0 = t * (p.a + t * (p.b / 2 + t * (p.c / 3 + t * p.d / 4)));
            const double m1 = t * t * (p.a / 2 + t * (p.b / 3 + t * (p.c / 4 + t * p.d / 5)));
            return m0 * p.start + m1;
        };
        sum += integral(hi) - integral(lo);
    }
    return sum;
}

LiftPoint LiftCurve::top() const {
    std::vector<LiftPoint> tops;
    for (const Piece& p : pieces_) {
        tops.push_back({p.start, p.a});
        const double disc = p.c * p.c - 3.0 * p.d * p.b;
        if (disc < 0.0) continue;
        // The root of the slope where the curvature is negative, -(c + sqrt(disc)) / 3d, in
        // whichever form does not cancel.
        const double root = std::sqrt(disc);
        const double t = p.c < 0.0    ? p.b / (root - p.c)
                         : p.d != 0.0 ? -(p.c + root) / (3.0 * p.d)
                                      : -1.0;
        if (t > 0.0 && t < p.end - p.start) tops.push_back({p.start + t, p.value(t)});
    }
    tops.push_back(points_.back());
    double best = tops.front().mm;
    for (const LiftPoint& p : tops)
        best = std::max(best, p.mm);
    // Tops that no indicator tells apart are one flat top.
    double first = 0.0, last = 0.0;
    bool any = false;
    for (const LiftPoint& p : tops) {
        if (p.mm < best - 1e-5) continue;
        if (!any) first = p.deg;
        last = p.deg;
        any = true;
    }
    return {(first + last) / 2.0, best};
}

std::vector<double> LiftCurve::crossings(double mm) const {
    std::vector<double> out;
    const auto refine = [&](const Piece& p, double lo, double hi) {
        const double x = rootBetween([&](double at) { return p.value(at) - mm; }, lo, hi);
        // Met at the very end, the piece itself may miss it by its last bit.
        out.push_back(p.start + (std::isnan(x) ? hi : x));
    };
    for (std::size_t k = 0; k < pieces_.size(); ++k) {
        // Most are passed by at once, several together.
        const Hull& hull = hulls_[k / kHull];
        if (hull.most < mm || hull.least >= mm) {
            k = k / kHull * kHull + kHull - 1;
            continue;
        }
        const Piece& p = pieces_[k];
        const double h = p.end - p.start;
        if (p.most < mm || p.least >= mm) continue;
        const double next = k + 1 < pieces_.size() ? pieces_[k + 1].a : points_.back().mm;
        // Cut the piece where its slope turns, so that every part holds one crossing at most.
        std::array<double, 4> cuts{0.0, h, h, h};
        std::size_t n = 1;
        const double disc = p.c * p.c - 3.0 * p.d * p.b;
        if (disc > 0.0) {
            const double root = std::sqrt(disc);
            const double q = p.c >= 0.0 ? -(p.c + root) : root - p.c;
            std::array<double, 2> turns{p.d != 0.0 ? q / (3.0 * p.d) : -1.0,
                                        q != 0.0 ? p.b / q : -1.0};
            std::sort(turns.begin(), turns.end());
            for (double t : turns)
                if (t > 0.0 && t < h) cuts[n++] = t;
        }
        cuts[n] = h;
        // A piece ends on its neighbour's first value to the last bit, and "below" is strict, so
        // that a height met exactly at a reading counts once.
        for (std::size_t i = 0; i < n; ++i) {
            const bool below = p.value(cuts[i]) < mm;
            const bool belowNext = (i + 1 == n ? next : p.value(cuts[i + 1])) < mm;
            if (below != belowNext) refine(p, cuts[i], cuts[i + 1]);
        }
    }
    return out;
}

} // namespace lobe
