#include "core/angle/root.h"

#include <boost/math/tools/roots.hpp>
#include <cstdint>
#include <limits>
#include <utility>

namespace lobe {

double rootBetween(const std::function<double(double)>& f, double lo, double hi) {
    namespace policies = boost::math::policies;
    // What cannot be is said by the value, never thrown.
    using Quiet = policies::policy<policies::domain_error<policies::ignore_error>,
                                   policies::evaluation_error<policies::ignore_error>>;
    if (lo > hi) std::swap(lo, hi);
    const double atLo = f(lo), atHi = f(hi);
    if (atLo == 0.0) return lo;
    if (atHi == 0.0) return hi;
    if (!((atLo < 0.0) != (atHi < 0.0))) return std::numeric_limits<double>::quiet_NaN();
    std::uintmax_t steps = 100;
    const auto [a, b] = boost::math::tools::toms748_solve(
        f, lo, hi, atLo, atHi, boost::math::tools::eps_tolerance<double>(40), steps, Quiet());
    return (a + b) / 2.0;
}

} // namespace lobe
