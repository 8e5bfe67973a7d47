// One flank of a lobe in closed form: a polynomial in a few powers, flat at the nose and touching
// the base circle softly.
//
// L(x) = 1 + c1 x^n1 + ... + cm x^nm with x from 0 at the nose to 1 at the foot, n1 = 2 and each
// power `step` above the one before; the c are such that L and its first m - 1 derivatives vanish
// at the foot (the family of polynomial cams: Rothbart, Cam Design Handbook, on polynomial cam
// curves). A greater step is a fuller lobe. Lift is never negative and its second derivative is
// bounded.
#pragma once

#include <array>

namespace lobe {

class FlankShape {
public:
    /// `step` above 0.5, `terms` 2 to 5: with 2 it meets the base circle with a step in
    /// acceleration, as a harmonic lobe does.
    explicit FlankShape(double step, int terms = 4);

    /// Share of the greatest lift at x; 1 at the nose and before it, 0 from the foot on.
    double at(double x) const;
    /// Its derivative.
    double slope(double x) const;
    /// Where it stands at a share, 0 to 1.
    double where(double share) const;

private:
    double step_;
    int terms_;
    std::array<double, 5> c_{};
};

} // namespace lobe
