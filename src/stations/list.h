// All stations.
#pragma once

#include "stations/station.h"

#include <vector>

#ifndef AMBER_STATIONS
#define AMBER_STATIONS "stations/list.inc"
#endif

namespace stations {

#define STATION(name) extern const Station name;
#include AMBER_STATIONS
#undef STATION

/// Every one, in the order of the route.
const std::vector<const Station*>& all();
/// Those that a job needs.
std::vector<const Station*> of(const lobe::Job& job);
/// By its word; null where there is none of that.
const Station* byKey(const QString& key);
/// Where to go on: the first that is not done, else Timing, where the figures are.
const Station& next(const lobe::Job& job, const lobe::Findings& findings);
/// Where a part of a job is changed, "settings.target"; else where its group is; else null.
const Station* owner(const QString& part);

} // namespace stations
