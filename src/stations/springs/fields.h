// What is asked of springs, rocker gear and followers beside what is measured valve by valve.
#pragma once

#include "desk/field.h"

namespace app {

struct SpringFields {
    std::vector<Field> all;
    int spring = 0; ///< where what the maker says of the springs begins
    int tester = 0; ///< the tester's heights
    int room = 0;   ///< what is measured with the valve shut
    int follower = 0;
    int pushRods = 0;
};
SpringFields springFields();

/// "0.25x8 0.38x4": sizes in the unit shown and how many of each; why not, else.
QString readStock(const QString& typed, const words::Style& style,
                  std::vector<lobe::ShimSize>& stock);

} // namespace app
