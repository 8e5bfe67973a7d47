// A value for each side of the valve gear, and one for each of the four events.
#pragma once

#include "core/angle/angles.h"

#include <utility>

namespace lobe {

template <class T> struct PerSide {
    T intake{}, exhaust{};

    T& operator[](Side side) { return side == Side::Intake ? intake : exhaust; }
    const T& operator[](Side side) const { return side == Side::Intake ? intake : exhaust; }
    bool operator==(const PerSide&) const = default;
};

template <class T> struct PerEvent {
    T ivo{}, ivc{}, evo{}, evc{};

    T& operator[](Event event) { return const_cast<T&>(std::as_const(*this)[event]); }
    const T& operator[](Event event) const {
        switch (event) {
        case Event::IntakeOpens:
            return ivo;
        case Event::IntakeCloses:
            return ivc;
        case Event::ExhaustOpens:
            return evo;
        case Event::ExhaustCloses:
            break;
        }
        return evc;
    }
    bool operator==(const PerEvent&) const = default;
};

} // namespace lobe
