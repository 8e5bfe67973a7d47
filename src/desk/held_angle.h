// What is being typed belongs to the angle it was begun for, whatever another window logs
// meanwhile; a reading logged there by that window is asked about once.
#pragma once

#include "core/angle/angles.h"

#include <cmath>
#include <optional>
#include <utility>

namespace app {

class HeldAngle {
public:
    /// Something stands in the line that was empty, or no longer does.
    void typing(bool on) {
        typing_ = on;
        if (!on) taken_.reset();
    }
    /// The job is about to be read again; `asked` is the angle that is asked now, if one is.
    void hold(std::optional<lobe::CrankDeg> asked) { held_ = typing_ ? asked : std::nullopt; }
    const std::optional<lobe::CrankDeg>& held() const { return held_; }
    /// It was read: the angle to go back to, where the one asked now is another.
    std::optional<lobe::CrankDeg> movedFrom(lobe::CrankDeg now) const {
        return held_ && !same(now, *held_) ? held_ : std::nullopt;
    }
    /// Another window logged `value_mm` at the held angle.
    void taken(double value_mm) { taken_ = {*held_, value_mm}; }
    void forget() { taken_.reset(); }
    /// What another window logged at an angle, said once: whoever enters again means it.
    std::optional<double> takenAt(lobe::CrankDeg at) {
        const auto was = std::exchange(taken_, {});
        return was && same(was->first, at) ? std::optional(was->second) : std::nullopt;
    }
    static bool same(lobe::CrankDeg a, lobe::CrankDeg b) { return std::abs(a.deg - b.deg) < 1e-6; }

private:
    bool typing_ = false;
    std::optional<lobe::CrankDeg> held_;
    std::optional<std::pair<lobe::CrankDeg, double>> taken_;
};

} // namespace app
