// A desk at which a series is taken, reading after reading, of whatever kind: where the next one
// belongs, going elsewhere, striking, and holding to what is typed while another window logs.
#pragma once

#include "desk/facts_desk.h"
#include "desk/held_angle.h"
#include "desk/series_at_hand.h"

namespace app {

class SeriesDesk : public FactsDesk {
    Q_OBJECT
public:
    void typing(bool on) final { held_.typing(on); }
    void strikeLast() override;
    bool step(int direction) final;
    void leave() override;
    void begin() override;

    /// Where the next reading belongs.
    virtual lobe::CrankDeg angle() const = 0;
    /// Leads to an angle, as read.
    void goTo(lobe::CrankDeg at);
    /// An angle was typed or chosen instead of the next step.
    bool wentTo() const { return goTo_.has_value(); }
    /// Asks why a reading of the series at hand is to be struck; then strikes it.
    void askToStrike(qint64 reading);

protected:
    SeriesDesk(Session& session, Manner manner, std::vector<Field> fields);

    /// Of the series at hand, as taken; null before its first.
    virtual lobe::Held<lobe::Rows<lobe::Reading>> readings() const = 0;
    /// From one mark to the next.
    virtual double stride_deg() const = 0;
    /// A reading is asked at `angle()`: not by events, and not by clay, which has no angle.
    virtual bool asksAtAngle() const = 0;
    /// Another lobe, another job, or Esc: whatever was asked in between is over.
    virtual void drop();
    QString onWheel(lobe::CrankDeg at) const;

    bool striking() const { return striking_.has_value(); }
    void stopStriking() { striking_.reset(); }
    /// While striking: what the line asks, and the reason it was told.
    Prompt askWhy(Prompt p) const;
    Echo strike(const QString& reason);
    /// What to say where another window logged at this angle while it was typed; said once.
    std::optional<double> takenMeanwhile(lobe::CrankDeg at) { return held_.takenAt(at); }
    /// It was not logged, and said why: the next Enter means it.
    Echo notLogged();

    const std::optional<lobe::CrankDeg>& wentAt() const { return goTo_; }
    void goQuietly(std::optional<lobe::CrankDeg> at) { goTo_ = at; }

private:
    void holdAngle();
    void askIfTaken();

    std::optional<lobe::CrankDeg> goTo_;
    HeldAngle held_;
    std::int64_t known_ = 0; ///< the newest reading before the job was read again
    std::optional<qint64> striking_;
};

} // namespace app
