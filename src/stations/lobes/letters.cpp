// The letters of the Lobes station: what each does, and Esc, which takes them back.
#include "stations/lobes/lobes_desk.h"
#include "stations/lobes/remedies.h"
#include "words/say.h"

#include <algorithm>

namespace app {

using namespace lobe;

QList<Command> LobesDesk::ownCommands() const {
    if (striking() || pasted_.waiting()) return {};
    const auto f = run_.found();
    const std::vector<Finding> none;
    const auto& said = f ? f->lobe.findings : none;
    QList<Command> all{
        {QLatin1Char('r'), Say::tr("read again what does not fit, or the last reading")},
        {QLatin1Char('o'), Say::tr("overshot: how far to go back")},
        {QLatin1Char('b'),
         backing_ ? Say::tr("no longer backing up") : Say::tr("backing up: readings are left out")},
        {QLatin1Char('n'), Say::tr("not now, the next")},
        {QLatin1Char('c'), Say::tr("conditions of this run")},
        {QLatin1Char('m'), Say::tr("velocity and acceleration")},
        {QLatin1Char('v'), Say::tr("lay another lobe over this one")}};
    if (eventsOnly() && !conditions().fromNose)
        all << Command{QLatin1Char('x'),
                       Say::tr("the event read last stands on the other side of its dead centre")};
    if (f && f->passes)
        all << Command{QLatin1Char('a'), Say::tr("mean of the passes, or the newest")};
    if (findingOf<found::OtherTurn>(said) || findingOf<found::CentreFarOff>(said) ||
        findingOf<found::TopOther>(findings().tdc.findings))
        all << Command{QLatin1Char('t'), Say::tr("the crank's other turn")};
    if (lobesSwapped(session()))
        all << Command{QLatin1Char('e'), Say::tr("exchange intake and exhaust of this cylinder")};
    if (findingOf<found::OffTheCurve>(said))
        all << Command{QLatin1Char('k'), Say::tr("keep what stands off: it is right")};
    if (findingOf<found::DialTurn>(said))
        all << Command{QLatin1Char('w'), Say::tr("the dial's other turn")};
    return all;
}

Echo LobesDesk::command(QChar letter) {
    constexpr auto kDone = [](bool done) {
        return done ? Echo{true, {}} : Echo{false, Say::tr("There is nothing to do.")};
    };
    switch (letter.unicode()) {
    case 'r':
        if (const auto at = toReadAgain(session())) goQuietly(at);
        break;
    case 'b':
        backing_ = !backing_;
        break;
    case 'o':
        overshot_ = !overshot_;
        break;
    case 'n':
        skip();
        break;
    case 'c':
        askConditions(true);
        return {true, {}};
    case 'a':
        return kDone(averagePasses());
    case 'm':
        showMotion(!motion_);
        return {true, {}};
    case 'v':
        compareNext();
        return comparables().empty()
                   ? Echo{false, Say::tr("There is no other lobe to lay over this one yet.")}
                   : Echo{true, {}};
    case 't': {
        if (putTopRight(session())) break;
        bool begins = false;
        const CrankDeg here = angle();
        if (!otherTurn(session(), begins)) return kDone(false);
        if (begins) {
            newRun();
            goQuietly(here);
        }
        break;
    }
    case 'x':
        return kDone(onOtherSide(session()));
    case 'e':
        return kDone(exchangeLobes(session()));
    case 'k':
        return kDone(sayRight(session()));
    case 'w':
        return kDone(otherDialTurn(session()));
    default:
        return kDone(false);
    }
    tell();
    return {true, {}};
}

/// Back to the readings, whatever was asked or shown in between.
void LobesDesk::leave() {
    overshot_ = backing_ = false;
    doubted_.reset();
    events_.forget();
    motion_ = false;
    SeriesDesk::leave();
}

} // namespace app
