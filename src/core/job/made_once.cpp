#include "core/job/made_once.h"

#include "core/job/job.h"

namespace lobe {
MADE_HERE(Engine)
bool Engine::operator==(const Engine&) const = default;
MADE_HERE(Springs)
bool Springs::operator==(const Springs&) const = default;
MADE_HERE(Candidate)
bool Candidate::operator==(const Candidate&) const = default;
MADE_HERE(Purpose)
bool Purpose::operator==(const Purpose&) const = default;
MADE_HERE(Decision)
bool Decision::operator==(const Decision&) const = default;
MADE_HERE(Choosing)
bool Choosing::operator==(const Choosing&) const = default;
MADE_HERE(MockUp)
bool MockUp::operator==(const MockUp&) const = default;
MADE_HERE(RunConditions)
bool RunConditions::operator==(const RunConditions&) const = default;
MADE_HERE(LogEntry)
bool LogEntry::operator==(const LogEntry&) const = default;
MADE_HERE(LashWork)
bool LashWork::operator==(const LashWork&) const = default;
MADE_HERE(PortWork)
bool PortWork::operator==(const PortWork&) const = default;
MADE_HERE(FlywheelWork)
bool FlywheelWork::operator==(const FlywheelWork&) const = default;
MADE_HERE(Fitted)
bool Fitted::operator==(const Fitted&) const = default;
MADE_HERE(Reckoning)
bool Reckoning::operator==(const Reckoning&) const = default;
MADE_HERE(Stated)
bool Stated::operator==(const Stated&) const = default;
MADE_HERE(Job)
bool Job::operator==(const Job&) const = default;
MADE_HERE(LiftRun)
bool LiftRun::operator==(const LiftRun&) const = default;
MADE_HERE(ClearanceMap)
bool ClearanceMap::operator==(const ClearanceMap&) const = default;

} // namespace lobe
