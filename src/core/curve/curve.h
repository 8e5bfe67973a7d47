// A lift curve through readings: a piecewise cubic that keeps the shape of the readings.
//
// Slopes at the readings come from the local cubic or quartic through their neighbours (fourth
// order on smooth lift, unequal steps allowed) and are then limited on the flanks so that the
// curve rises where the readings rise and falls where they fall (the monotonicity-preserving limit
// of SIAM J. Sci. Stat. Comput. 4, 1983, p. 645). Round the nose they are not limited, so that the
// top between two readings is found.
//
// Where lift leaves the base circle with a kink (a valve behind its lash), the last reading on
// the base circle says nothing of the flank; there the flank's own cubic is carried down instead.
#pragma once

#include "core/angle/rows.h"

#include <cstddef>
#include <optional>
#include <vector>

namespace lobe {

/// Crank degrees and millimetres.
struct LiftPoint {
    double deg = 0.0;
    double mm = 0.0;
};

class LiftCurve {
public:
    /// Needs at least two points, strictly rising in angle; otherwise empty.
    static std::optional<LiftCurve> through(std::vector<LiftPoint> points);
    /// A point and the slopes (mm per degree) on either side of it; they differ at a corner.
    struct Node {
        LiftPoint point;
        double before = 0.0, after = 0.0;
    };
    /// The piecewise cubic through two or more nodes, strictly rising in angle.
    static LiftCurve with(const std::vector<Node>& nodes);

    double first() const { return points_.front().deg; }
    double last() const { return points_.back().deg; }
    const std::vector<LiftPoint>& points() const { return points_.get(); }

    /// Lift in mm; outside the readings the nearest one's lift.
    double at(double deg) const;
    /// The same for angles one after the other: `near`, 0 at first, keeps which piece the last one
    /// lay in.
    double at(double deg, std::size_t& near) const;
    /// Slope in mm per crank degree; zero outside the readings.
    double slopeAt(double deg) const;
    /// Area between two angles in mm deg, exact for the piecewise cubic, over the readings only.
    double area(double from, double to) const;
    /// First moment of the lift between two angles, mm deg^2.
    double moment(double from, double to) const;
    /// The greatest lift and where it stands; on a flat top the middle of the flat.
    LiftPoint top() const;
    /// Every angle at which the curve passes the height, ascending.
    std::vector<double> crossings(double mm) const;

private:
    /// Lift = a + b t + c t^2 + d t^3, t in degrees from the piece's start.
    struct Piece {
        double start, end, a, b, c, d;
        double least, most; ///< it lies within these: the hull of its four control values
        double value(double t) const { return a + t * (b + t * (c + t * d)); }
        double slope(double t) const { return b + t * (2.0 * c + t * 3.0 * d); }
    };

    /// What several pieces in a row lie within.
    struct Hull {
        double least, most;
    };
    static constexpr std::size_t kHull = 8; ///< pieces of one

    void addHermite(LiftPoint p, double slopeP, LiftPoint q, double slopeQ);
    const Piece& pieceAt(double deg) const;
    const Piece& pieceFrom(std::size_t& k, double deg) const;

    Rows<LiftPoint> points_;
    Rows<Piece> pieces_;
    Rows<Hull> hulls_;
};

} // namespace lobe
