// The strip: lift along the degrees like a paper chart. Readings (struck ones faint), the curve
// through them, checking heights as hairlines with their crossings, and a thin lane below for what
// does not fit. Zooms with the wheel or + and -, pans by dragging or with the arrow keys.
#pragma once

#include "app/bench/dialogs.h"
#include "app/style/look.h"
#include "core/examine/held.h"
#include "core/lobe/compare.h"

#include <functional>
#include <optional>

class QWidget;

namespace app {

struct StripScene {
    std::vector<lobe::Held<lobe::RunFindings>> lobes;
    std::vector<lobe::Held<lobe::RunFindings>> passes; ///< earlier passes, drawn faint
    std::vector<double> asked;                    ///< angles of the readings a figure stands on
    lobe::Held<lobe::Motion> motion;              ///< drawn below when asked for
    std::optional<lobe::LobeComparison> compared; ///< another lobe laid over, and the difference
    QString comparedName;
    std::vector<lobe::Height> heights;
    std::optional<lobe::CrankDeg> next; ///< where the next reading goes
};

/// What whoever shows it needs: the plot itself (strip/plot.h) brings half of Qt with it.
class Strip {
public:
    /// Owned by parent.
    static Strip* make(const Look& look, Dialogs& dialogs, QWidget* parent);
    virtual ~Strip() = default;

    virtual QWidget* widget() = 0;
    /// Redraws only what differs from the scene before.
    virtual void setScene(const StripScene& scene) = 0;

    /// A reading was clicked.
    std::function<void(qint64 id)> onChosen;
};

} // namespace app
