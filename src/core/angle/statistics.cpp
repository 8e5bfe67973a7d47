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

} // namespace lobe
