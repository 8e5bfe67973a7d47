// Other work on the bench in words: lash, ports, the flywheel, marks.
#pragma once

#include "core/flywheel/tape.h"
#include "core/lash/lash.h"
#include "core/ports/ports.h"
#include "words/numbers.h"

#include <QString>
#include <QStringList>

namespace words {

QString lashSchoolName(lobe::LashSchool school);
QString sentence(lobe::LashFault fault, lobe::Side lacking);
/// "Turn to 90° after TDC, 450° after the overlap of cylinder 1: set exhaust 3, intake 1."
QString stopLine(const lobe::LashPlan& plan, const lobe::LashStop& stop, const Style& style);
/// "exhaust 3"
QString lashValve(const lobe::LashValve& valve);
QString lashByCard();
QString lashCaution();
/// "with 0.10 mm more lash it opens for 4.2° less, overlap 2.1° less, and lands at 0.062 mm a
/// degree in place of 0.059"
QString lashEffectLine(lobe::Side side, const lobe::LashEffect& now, const lobe::LashEffect& then,
                       const Style& style);

QString portName(lobe::PortName port);
QString portLine(const lobe::PortFigures& port, const Style& style);
QString blowdownLine(double deg, const Style& style);
QString wantedLine(lobe::PortName port, const lobe::WantedEdge& wanted, const Style& style);
/// What does not go together of a port; empty where nothing.
QString portDoubt(const lobe::PortFigures& port, const Style& style);
/// How wide it opens, its time-area and the gas's mean speed at a speed of the crank (1/min), and
/// the speeds it suits; empty where its opening is not known.
QString portGasLine(const lobe::PortFigures& port, double swept_cc, double speed_rpm,
                    const Style& style);
QString portCaution();

QString tapeVerdict(const lobe::FlywheelWork& work, const lobe::TapeFigures& figures,
                    const Style& style);
QString tapeCaution();

} // namespace words
