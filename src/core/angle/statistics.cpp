#include "core/angle/statistics.h"

#include <algorithm>
#include <boost/math/distributions/normal.hpp>
#include <boost/math/distributions/students_t.hpp>

namespace lobe {

double normalExceeded(double probability) {
    return boost::math::quantile(boost::math::complement(boost::math::normal(), probability / 2.0));
}

double student95(double freedom) {
    return boost::math::quantile(boost::math::students_t(std::max(1.0, freedom)), 0.975);
}

double medianOf7(std::array<double, 7> p) {
    // Exchanges that bring it to the middle from every one of the 5,040 orders: no branch is
    // guessed wrong where a sweep's readings scatter.
    const auto exchange = [&p](std::size_t i, std::size_t k) {
        const double less = std::min(p[i], p[k]);
        p[k] = std::max(p[i], p[k]);
        p[i] = less;
    };
    exchange(0, 5);
    exchange(0, 3);
    exchange(1, 6);
    exchange(2, 4);
    exchange(0, 1);
    exchange(3, 5);
    exchange(2, 6);
    exchange(2, 3);
    exchange(3, 6);
    exchange(4, 5);
    exchange(1, 4);
    exchange(1, 3);
    exchange(3, 4);
    return p[3];
}

} // namespace lobe
