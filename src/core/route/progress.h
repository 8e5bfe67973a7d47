// How far the parts of a job have come.
#pragma once

namespace lobe {

struct Engine;
struct Findings;
struct Job;
struct TdcFindings;

enum class Progress { NotBegun, InHand, Done, LookAgain };

/// Done with bore, stroke and rod.
Progress engineProgress(const Engine& engine);
/// Done when proved.
Progress tdcProgress(const TdcFindings& tdc);
/// Done with both noses of a cylinder reached and no run open.
Progress lobesProgress(const Findings& findings);
/// Done with a separation.
Progress timingProgress(const Findings& findings);
/// Done when the last move did what it was meant to and nothing measurable is left.
Progress settingProgress(const Job& job, const Findings& findings);
/// Done with a map of either valve that is through and keeps its limit.
Progress clearanceProgress(const Findings& findings);
/// Done with a closing to reckon the dynamic ratio by.
Progress compressionProgress(const Job& job, const Findings& findings);
/// Look again: something cannot be, a limit is not kept, or a spring is odd. Done: every height and
/// the loads are known, and the coils and whatever else was measured keep their limits.
Progress springsProgress(const Findings& findings);
/// Done once a cam is decided for.
Progress compareProgress(const Job& job);

} // namespace lobe
