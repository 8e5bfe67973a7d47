// The pipes of an engine, as they were stated. mm, cm3; 0 is not known, unless said.
#pragma once

namespace lobe {

struct PipeLine {
    double length_mm = 0.0;  ///< from the valve, the port in it, to the mouth or the collector
    double bore_mm = 0.0;    ///< at the valve
    double farBore_mm = 0.0; ///< at the other end; 0: as at the valve
    bool known() const { return length_mm > 0.0 && bore_mm > 0.0; }
    bool operator==(const PipeLine&) const = default;
};

struct EnginePipes {
    PipeLine intake, exhaust;
    double throttle_mm = 0.0;  ///< carburettor or throttle, across; 0: as wide as the pipe
    double plenum_cc = 0.0;    ///< between throttle and pipe; 0: none
    double collector_cc = 0.0; ///< that the exhaust pipe opens into; 0: the open
    bool operator==(const EnginePipes&) const = default;
};

} // namespace lobe
