// Whether a value that arrives again and again stands still: within a band for a time.
#pragma once

#include <algorithm>
#include <cmath>

namespace lobe {

class Quiet {
public:
    /// `band`: from the least to the greatest, in the value's unit; `time_s`: for how long. Both
    /// greater than 0.
    Quiet(double band, double time_s) : band_(band), time_s_(time_s) {}

    /// The next value; times rise.
    void feed(double t_s, double value) {
        const bool gap = any_ && t_s - last_s_ > kGap_s;
        low_ = std::min(low_, value);
        high_ = std::max(high_, value);
        if (!any_ || gap || high_ - low_ > band_) {
            since_s_ = t_s;
            low_ = high_ = value;
            sum_ = 0.0;
            n_ = 0;
        }
        any_ = true;
        last_s_ = t_s;
        sum_ += value;
        ++n_;
    }
    /// From 0, it moves, to 1: it has stood still long enough.
    double closed() const {
        return any_ ? std::clamp((last_s_ - since_s_) / time_s_, 0.0, 1.0) : 0.0;
    }
    bool still() const { return closed() >= 1.0; }
    /// The mean since it stands still; 0 before any value.
    double mean() const { return n_ ? sum_ / n_ : 0.0; }
    void forget() { any_ = false, low_ = 1e300, high_ = -1e300, n_ = 0; }

private:
    static constexpr double kGap_s = 0.5; ///< silent for so long, nobody knows what it did

    double band_, time_s_;
    double since_s_ = 0.0, last_s_ = 0.0, low_ = 1e300, high_ = -1e300, sum_ = 0.0;
    int n_ = 0;
    bool any_ = false;
};

} // namespace lobe
