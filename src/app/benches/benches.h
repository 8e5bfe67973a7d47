// How the bench of a station is made, and its pictures. Each folder has one, in its bench.cpp.
#pragma once

#include "app/bench/dialogs.h"
#include "app/style/look.h"
#include "desk/session.h"
#include "stations/list.h"

class QWidget;

namespace app {

class Bench;
class ViewWalk;

struct BenchKind {
    Bench* (*make)(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent);
    /// Saves its pictures from the demo, and leaves the demo as it was.
    void (*pictures)(ViewWalk& walk) = nullptr;
};

namespace benches {
#define STATION(name) extern const BenchKind name;
#include AMBER_STATIONS
#undef STATION
} // namespace benches

/// Every station has one: both lists are made of one.
const BenchKind& benchKind(const stations::Station& station);

} // namespace app
