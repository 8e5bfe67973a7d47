#include "desk/welcome_desk.h"

#include "words/say.h"

namespace app {

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

Echo WelcomeDesk::submit(const QString& text) {
    const Echo echo = understand(text);
    if (!echo.ok) return echo;
    if (!session().newJob(text.trimmed())) return {false, Say::tr("The job could not be kept.")};
    emit jobMade();
    return {true, {}};
}

} // namespace app
