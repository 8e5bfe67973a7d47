#include "stations/tdc/methods.h"

#include "words/say.h"

namespace app {

using lobe::TdcMethod;

QString tdcSteps(TdcMethod method) {
    switch (method) {
    case TdcMethod::PositiveStop:
        return Say::tr("1  Fit the stop with the piston well down.\n"
                       "2  Turn the way the engine runs until the piston touches. Type the wheel.\n"
                       "3  Turn back the long way until it touches again. Type the wheel.");
    case TdcMethod::EqualDrop:
        return Say::tr(
            "1  Zero the indicator on the piston near its top. Type drop 3 to name the drop.\n"
            "2  Come up to that drop before the top. Type the wheel.\n"
            "3  Go over the top to the same drop after it. Type the wheel.\n"
            "Another drop with the pointer untouched? Name it, and take both again.");
    case TdcMethod::ThereAndBack:
        return Say::tr(
            "1  Short of the top, zero the indicator. Type the wheel.\n"
            "2  Turn on the same way, over the top, until it reads zero again. Type the wheel.\n"
            "One direction only, so the drive's slack does not come in.");
    case TdcMethod::SymmetricPort:
        return Say::tr("1  Turn the way the engine runs until the piston just closes the "
                       "intake port. Type the wheel.\n"
                       "2  Turn back until it just closes it again. Type the wheel.\n"
                       "For piston-controlled ports only, not for reed or rotary inlets.");
    case TdcMethod::HighestReading:
        break;
    }
    return Say::tr("1  Set the indicator on the piston.\n"
                   "2  Turn until it stands highest. Type the wheel.");
}

QString tdcCaution(TdcMethod method) {
    switch (method) {
    case TdcMethod::PositiveStop:
        return Say::tr("With a stop fitted, turn by hand only, gently, plugs out: a stop "
                       "bends a valve or a piston "
                       "when it is met with force.");
    case TdcMethod::EqualDrop:
        return Say::tr(
            "Turn by hand. A deeper drop is more precise; keep the indicator square to the crown.");
    case TdcMethod::ThereAndBack:
        return Say::tr("Turn by hand, and never back: an overshoot starts again.");
    case TdcMethod::SymmetricPort:
        return Say::tr(
            "Turn by hand; a feeler in the port is caught by the piston's edge with little force.");
    case TdcMethod::HighestReading:
        break;
    }
    return Say::tr("The piston dwells at the top: a first approximation, never a proof.");
}

QString tdcAsk(TdcMethod method, bool afterTop) {
    switch (method) {
    case TdcMethod::ThereAndBack:
        return afterTop ? Say::tr("back at zero: wheel?") : Say::tr("zeroed: wheel?");
    case TdcMethod::SymmetricPort:
        return afterTop ? Say::tr("port closes, other side: wheel?")
                        : Say::tr("port closes: wheel?");
    case TdcMethod::HighestReading:
        return Say::tr("at the highest: wheel?");
    case TdcMethod::PositiveStop:
    case TdcMethod::EqualDrop:
        break;
    }
    return afterTop ? Say::tr("after the top: wheel?") : Say::tr("before the top: wheel?");
}

} // namespace app
