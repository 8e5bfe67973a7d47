#include "desk/welcome_desk.h"

#include "core/job/job.h"
#include "words/say.h"

namespace app {

using namespace lobe;

Prompt WelcomeDesk::prompt() const {
    Prompt p;
    p.subject = Say::tr("a new job");
    p.ask = Say::tr("what is it called?");
    p.enter = Say::tr("start the job");
    p.keys = session().hasJob() ? Say::tr("Esc  back to the job") : Say::tr("Ctrl+D  the demo");
    p.several = true;
    return p;
}

Echo WelcomeDesk::understand(const QString& text) const {
    if (text.trimmed().isEmpty()) return {false, Say::tr("Type a name.")};
    if (text.size() > 80) return {false, Say::tr("Keep a name under 80 letters.")};
    return {true, {}};
}

/// The wheel and the indicator stand where they stood; heights are round in the unit shown.
void WelcomeDesk::likeLast(Job& fresh) const {
    if (session().hasJob()) {
        fresh.fitted.scale = job().fitted.scale;
        fresh.fitted.tape_mm = job().fitted.tape_mm;
        fresh.fitted.resolution_mm = job().fitted.resolution_mm;
        fresh.fitted.dialTurn_mm = job().fitted.dialTurn_mm;
    }
    if (!style().inches()) return;
    constexpr double kSeat_in = 0.006, kDialTurn_in = 0.100;
    if (!session().hasJob()) fresh.fitted.dialTurn_mm = kDialTurn_in * kMmPerInch;
    fresh.reckoning.heights = inchHeights(Place::Tappet);
    fresh.reckoning.seat_mm = kSeat_in * kMmPerInch;
}

Echo WelcomeDesk::submit(const QString& text) {
    const Echo echo = understand(text);
    if (!echo.ok) return echo;
    Job fresh;
    fresh.name = text.trimmed().toStdString();
    const Job empty = fresh;
    likeLast(fresh);
    const bool made = fresh == empty ? session().newJob(text.trimmed()) : session().newJob(fresh);
    if (!made) return {false, Say::tr("The job could not be kept.")};
    emit jobMade();
    return {true, {}};
}

} // namespace app
