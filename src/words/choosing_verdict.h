// What a builder can act on at Compare: which cam, by what, what it costs, what is not known and
// what would settle it.
#pragma once

#include "core/choose/purpose.h"
#include "core/choose/settle.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

namespace words {

/// "4 % more from 3.0 to 5.0 thousand, 3 % less above 7.0 thousand"; empty where nothing is told.
QString gainsLine(const lobe::FillingCurve& curve, const lobe::FillingCurve& reference,
                  const Style& style);

/// One cam as it stands in this engine. What it points to is alive while it is said.
struct CamStands {
    QString name;
    const lobe::Cam* cam = nullptr;
    const std::vector<lobe::CamFigure>* figures = nullptr;
    const lobe::FillingCurve* curve = nullptr; ///< null while it is not known
};
/// The first against the second: filling, clearance, and what of the first is not known.
QString camAgainst(const lobe::Job& job, const CamStands& first, const CamStands& second,
                   const Style& style);

/// "fills 3 % more over the purpose than Drumlin R9"; against the best of the others.
QString meansLine(const std::vector<lobe::Cam>& cams,
                  const std::vector<std::optional<lobe::FillingMean>>& means, std::size_t cam,
                  const Style& style);

/// The measurement that would tell, and by how much it narrows.
QString settleLine(const lobe::Settling& settling, const std::vector<lobe::Cam>& cams,
                   const Style& style);

/// The advance that fills best, with what it costs in clearance.
QString fillsBestLine(const lobe::FillsBest& best, const QString& name, bool twoCams,
                      const Style& style);

/// Burned gas at the lowest speed and torque per litre as a relative figure, of every cam.
QString residualLine(const std::vector<lobe::FillingCurve>& curves,
                     const std::vector<lobe::Cam>& cams, std::size_t reference, const Style& style);

} // namespace words
