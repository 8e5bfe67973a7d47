// A candidate in this engine: the job as it would be with those lobes, examined.
//
// Lengths in mm, crank degrees of the cycle, advance positive. Whoever holds a Cam holds all it
// points to.
#pragma once

#include "core/clearance/gap.h"
#include "core/examine/snapshot.h"
#include "core/model/modelled.h"

#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// Why nothing can be said of a candidate's lobe.
enum class CamFault {
    NotMeasured, ///< no lift curve of the fitted cam's lobe
    NoSuchCard,
    NoLift,   ///< the card has no greatest lift
    NoEvents, ///< neither events nor duration and centre
    NoLobe,   ///< its figures make none
};

struct Cam {
    Candidate spec;
    /// The engine with these lobes and no other reading; null where neither side is known.
    SnapshotPtr state;
    PerSide<ValveLift> lift; ///< as the engine would run it, not moved; empty where not known
    PerSide<std::shared_ptr<const ModelledLobe>> model; ///< null where it was measured
    PerSide<double> since_deg; ///< what its cam was moved by since it was measured
    PerSide<std::optional<CamFault>> fault;

    bool modelled() const { return model.intake || model.exhaust; }
    /// The lobe as it was analysed; null where it is not known.
    const LobeFigures* lobe(Side side) const;
};

/// Those the builder named, else the fitted cam and every card at hand, six at most.
std::vector<Candidate> candidatesOf(const Job& job, const Findings& findings);

/// A cylinder of the job measured most: the one its candidates are compared in.
int comparedCylinder(const Findings& findings);

Cam camOf(const Job& job, const Findings& findings, const Candidate& candidate);

/// A candidate by what its lobes are now, to be kept with a book or carried to another job: of the
/// newest runs of a cylinder. Empty sides are not known.
Candidate keptCam(const Job& job, const Findings& findings, const std::string& name);

} // namespace lobe
