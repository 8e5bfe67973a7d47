// A value that arrives many times a second and cannot be where it says: a damaged line is left out;
// if the next two agree with it, the thing itself has jumped.
#pragma once

#include <algorithm>
#include <cmath>
#include <optional>

namespace lobe {

class Guard {
public:
    /// Faster than `most_per_s` nothing moves; `slack` is allowed whatever the time. The value's
    /// unit.
    Guard(double most_per_s, double slack) : most_per_s_(most_per_s), slack_(slack) {}

    struct Passed {
        std::optional<double> value{}; ///< empty: left out, or not yet believed
        std::optional<double> jump{};  ///< how far it jumped, once that is certain
    };
    Passed feed(double t_s, double value) {
        if (!doubted_ && (!last_ || near(last_s_, *last_, t_s, value))) return take(t_s, value);
        if (doubted_ && near(doubted_s_, *doubted_, t_s, value)) {
            doubted_ = value;
            doubted_s_ = t_s;
            if (++agreed_ < kAgreeing) return {};
            const double jump = value - *last_;
            Passed p = take(t_s, value);
            p.jump = jump;
            return p;
        }
        // The doubted one stood alone.
        if (doubted_ && near(last_s_, *last_, t_s, value)) return take(t_s, value);
        doubted_ = value;
        doubted_s_ = t_s;
        agreed_ = 1;
        return {};
    }
    void forget() { last_.reset(), doubted_.reset(); }

private:
    bool near(double at_s, double there, double t_s, double value) const {
        return std::abs(value - there) <= slack_ + most_per_s_ * std::abs(t_s - at_s);
    }
    Passed take(double t_s, double value) {
        last_ = value;
        last_s_ = t_s;
        doubted_.reset();
        return {value, {}};
    }

    static constexpr int kAgreeing = 3;

    double most_per_s_, slack_;
    int agreed_ = 0;
    std::optional<double> last_, doubted_;
    double last_s_ = 0.0, doubted_s_ = 0.0;
};

/// One late: a value between its neighbours, or beyond them by no more than a little. One that
/// alone stands off, by however little more, is left out.
class Between {
public:
    explicit Between(double beyond) : beyond_(beyond) {}

    struct At {
        double t_s, value;
    };
    std::optional<At> feed(double t_s, double value) {
        const std::optional<At> a = before_, b = last_;
        const At c{t_s, value};
        before_ = last_;
        last_ = c;
        if (!b) return std::nullopt;
        if (!a) return b;
        const double low = std::min(a->value, c.value) - beyond_,
                     high = std::max(a->value, c.value) + beyond_;
        if (b->value >= low && b->value <= high) return b;
        before_ = a; // it was never there
        return std::nullopt;
    }
    void forget() { before_.reset(), last_.reset(); }

private:
    double beyond_;
    std::optional<At> before_, last_;
};

} // namespace lobe
