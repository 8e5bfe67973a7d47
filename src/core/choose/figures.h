// Every figure by which cams are compared: the same rows in the same order for each of them, so
// that a difference is one subtraction. Lengths in mm, crank degrees unless said; half-widths of
// 95 %.
#pragma once

#include "core/choose/cam.h"
#include "core/result/figure.h"
#include "core/setting/setting.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// Opens and closes as a card counts them, at the events' height.
struct CamFigure : FigureId {
    std::optional<Measured<double>> value{};
};

/// With the cams moved by so much from where the candidate has them; of one cam both by the same.
/// Always the same rows for one job.
std::vector<CamFigure> camFigures(const Job& job, const Findings& findings, const Cam& cam,
                                  PerSide<double> moved_deg);

/// What the candidate and the slide move each cam by, all in all; a single cam by its intake's.
PerSide<double> totalMove(const Job& job, const Cam& cam, PerSide<double> slide_deg);

/// The least clearance of a cam in this engine, moved by so much in all.
std::optional<Measured<double>> camClearance(const Findings& findings, const Cam& cam, Side side,
                                             double moved_deg);

} // namespace lobe
