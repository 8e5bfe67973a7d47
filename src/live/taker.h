// Between the instruments and the desk that is shown: what they say becomes readings of what the
// desk asks, by the door everything typed goes through. A reading is taken when it stands still and
// somebody says so; where the crank counts its own angle, a lobe takes itself as it is turned by.
#pragma once

#include "core/live/guard.h"
#include "core/live/passing.h"
#include "core/live/quiet.h"
#include "core/live/sweep.h"
#include "desk/desk.h"
#include "instrument/instruments.h"

#include <QTimer>

#include <array>
#include <deque>
#include <map>

namespace live {

/// What is seen of it beside what is asked.
struct Shown {
    QString value;       ///< what Enter would take now: "8.512 mm"; empty where nothing could be
    double closed = 0.0; ///< 0 while it moves, 1 once it has stood still long enough
    std::optional<lobe::CrankDeg> at; ///< where the crank is counted to stand, on the wheel
    QString doing;                    ///< "taken as it is turned by", "going back: left out"
    bool waiting = false;             ///< Enter was pressed: it is taken as soon as it stands still
    bool operator==(const Shown&) const = default;
};

class Taker : public QObject {
    Q_OBJECT
public:
    /// Both outlive it.
    Taker(app::Session& session, instrument::Instruments& instruments, QObject* parent = nullptr);

    /// The one that is shown; null for none.
    void setDesk(app::Desk* desk);
    /// An empty Enter, Space, a pedal, the data button of a tool: takes what is live, at once where
    /// it stands still, else as soon as it does; pressed once more, as it moves, which is kept with
    /// it. Empty where no instrument could give what is asked: the Enter means what it always does.
    std::optional<app::Echo> take();
    /// Esc: nothing is waited for. False where nothing was.
    bool leave();
    /// Something is begun to be typed: with an encoder alone it belongs to where the crank stands.
    void typing();
    /// It is just now giving the desk something by itself, asked by nobody.
    bool byItself() const { return byItself_; }
    /// Whether some instrument gives what is asked now.
    bool gives() const;
    Shown shown(const words::Style& style) const;

    static constexpr double kQuiet_mm = 0.012, kQuiet_deg = 0.15, kQuiet_s = 0.6;
    static constexpr double kTrembles_mm = 0.25, kTrembles_s = 2.0;
    /// No hand turns a crank faster, and no follower or finger a dial; and what is allowed at once.
    static constexpr double kCrankFastest_deg_per_s = 600.0, kCrankSlack_deg = 1.5,
                            kDialFastest_mm_per_s = 400.0, kDialSlack_mm = 0.6;
    static constexpr double kCrankBeyond_deg = 0.2, kDialBeyond_mm = 0.1;

signals:
    /// What is seen of it may be another; many times a second.
    void shownChanged();
    /// Something was taken by itself, or was to be and was not.
    void tookItself(const app::Echo& echo);
    /// What an instrument does, in a sentence; empty: all is well again.
    void troubled(const QString& sentence);

private:
    using Role = instrument::Role;
    /// A dial, as far as it is followed.
    struct Dial {
        lobe::Quiet quiet{kQuiet_mm, kQuiet_s};
        lobe::Quiet nearly{kTrembles_mm, kTrembles_s}; ///< does not move, and does not come to rest
        lobe::Guard guard{kDialFastest_mm_per_s, kDialSlack_mm};
        lobe::Between between{kDialBeyond_mm};
        std::array<int, 4> onGrid{}; ///< how often in a row it showed a multiple of a coarse step
        int reversals = 0;           ///< how often it turned round while it nearly stood
        double turned_mm = 0.0, turning = 0.0; ///< where it did last, and which way it goes since
        lobe::Pairing pairing;
        std::optional<lobe::Passing> passing;
        lobe::LobePass pass;
        std::deque<lobe::PassedMark> marks; ///< of the last cycle, for the lobe that comes next
        std::optional<double> mm;
        double rest_mm = 0.0;               ///< of presses: where it stood before
        std::optional<double> stoodAt_mm{}; ///< what it showed when the crank came to stand
        std::optional<double> plateau;      ///< where it stood still last
        std::optional<instrument::Unit> unit;
        std::string raw;
        QString name;
        double step_deg = 0.0;          ///< of its marks
        std::optional<double> doneAt{}; ///< where the lobe taken last left the base circle
        bool setAnew = false;           ///< it was set elsewhere since
    };

    void hear(const instrument::Instruments::State& by, const std::vector<instrument::Timed>& said);
    void hearAngle(const instrument::Instrument& by, const instrument::Said& said, double t_s);
    void hearDial(const instrument::Instrument& by, const instrument::Said& said, double t_s);
    void sample(Role role, Dial& dial, const lobe::LiveSample& sample);
    void sweep(const lobe::LiveSample& sample);
    void touched(Dial& dial);
    void slipped(const QString& name, double by_deg);
    void otherAngles();
    void judge(Dial& dial, double mm, double before_mm);
    void jumped(Dial& dial, const std::optional<lobe::PassedMark>& before,
                const lobe::PassedMark& now);
    void mark(Role role, Dial& dial, const lobe::PassedMark& passed);
    void offer(Dial& dial, const lobe::PassedMark& mark);
    void crossing(Dial& dial, const lobe::PassedMark& before, const lobe::PassedMark& now);
    bool findingsEmpty() const;
    bool noRuns() const;
    bool zeroAtTop();
    void standsStill();
    void flush(bool through);
    void sayOnce(const QString& sentence);
    void anew();
    /// The role that measures what is wished; empty where none is there.
    std::optional<Role> dialOf(const app::LiveWish& wish) const;
    bool hasAngle() const;
    const Dial* dialFor(const app::LiveWish& wish) const;
    std::optional<app::InstrumentReading> now(bool moving) const;
    bool still() const;
    void followWish();
    double inCycle(double deg) const;
    /// From mark to mark for what is wished, degrees; 0 where that needs none.
    double markStep() const;
    static bool isPass(const app::LiveWish& wish) {
        return wish.what == app::LiveWish::What::Lift && wish.at && wish.step_deg > 0.0;
    }

    app::Session& session_;
    instrument::Instruments& instruments_;
    app::Desk* desk_ = nullptr;
    app::LiveWish wish_;

    std::map<Role, Dial> dials_;
    lobe::Quiet angleQuiet_{kQuiet_deg, kQuiet_s};
    lobe::Guard angleGuard_{kCrankFastest_deg_per_s, kCrankSlack_deg};
    lobe::Between angleBetween_{kCrankBeyond_deg};
    lobe::Counter counted_; ///< as the encoder was counted last
    std::optional<double> angle_, angleBegun_, indexAt_, sweptAt_;
    std::string angleRaw_;
    QString angleName_;
    std::vector<lobe::LiveSample> sweep_;

    std::vector<app::InstrumentReading> batch_;
    std::optional<double> lastKept_deg_; ///< the mark that was given to the desk last
    bool goesOn_ = false;                ///< the next batch is of the pass of the last
    bool waiting_ = false;
    bool byItself_ = false;
    bool notOnBase_ = false; ///< a lobe was met without its base circle, and it was said
    bool backwards_ = false; ///< the crank was counted against its running direction: it was said
    bool held_ = false;      ///< nothing takes itself until somebody says it is right
    QString said_, trouble_;
    QTimer flush_;
};

} // namespace live
