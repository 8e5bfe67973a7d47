// A row of a table of figures; app/style/figure_table.h shows it.
#pragma once

#include <QString>

namespace app {

struct FigureLine {
    QString name, first, second;
    bool strong = false; ///< what stands out: the chosen row, the figure that changed
    bool head = false;

    bool operator==(const FigureLine&) const = default;
};

} // namespace app
