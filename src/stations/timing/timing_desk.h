// Timing at the desk: a checking height typed is added, or taken away where it stands already; what
// the two lobes of the cylinder at hand say together, in words.
#pragma once

#include "desk/desk.h"

namespace app {

class TimingDesk : public Desk {
    Q_OBJECT
public:
    using Desk::Desk;

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    StandCard standCard() const override;

    /// Of the cylinder at hand; null where nothing of it is measured.
    lobe::Held<lobe::CylinderFindings> cylinder() const;
    /// What the lobes say together, or what is missing; a sentence.
    QString verdict() const;
    /// What the verdict rests on, what to do next, and what else it may be; `brief` leaves out what
    /// is not to be done.
    QString reasons(const lobe::CylinderFindings& c, bool brief) const;
    /// Separation, advance and what else both lobes make, as rich text, one to a line.
    QString figures(const lobe::CylinderFindings& c, bool brief) const;

private:
    /// "level 0.12": what a difference of the rocking valves comes to; empty for another line.
    std::optional<Echo> levelOf(const QString& text) const;
    /// mm, of the lobes at hand; before any, what few lobes reach half of.
    double highest_mm(lobe::Place at) const;
    /// Where what the verdict asks for is typed; null when it is here.
    const stations::Station* elsewhere() const;
    /// The heights after the typed one is added or, when it stands there, taken away; or why not.
    Echo heightsAfter(const QString& text, std::vector<lobe::Height>& heights) const;
};

} // namespace app
