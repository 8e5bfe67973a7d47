// Valve to piston at the desk: the mock-up is asked once, then a press at each angle until two
// agree. The map at hand is that of the lobe at hand; the slide is a what-if.
#pragma once

#include "core/assess/clearances.h"
#include "desk/figure_line.h"
#include "desk/series_desk.h"
#include "desk/slide_state.h"

#include <optional>
#include <vector>

namespace app {

/// What the gap map shows of one valve.
struct GapCurve {
    lobe::Side side = lobe::Side::Intake;
    std::vector<lobe::GapPoint> points;
    std::shared_ptr<const lobe::Gap> gap; ///< null: only the points
    lobe::ValveLift lift;
    double limit_mm = 0.0;
    std::optional<double> clay_mm; ///< by clay, which has no angle
    std::optional<lobe::Least> least;
};
struct GapScene {
    std::vector<GapCurve> valves;
    std::vector<lobe::OtherCam> others; ///< of the valve at hand
    lobe::Side atHand = lobe::Side::Intake;
    double advance_deg = 0.0;
    std::optional<double> next_deg;
};

class ClearanceDesk : public SeriesDesk {
    Q_OBJECT
public:
    ClearanceDesk(Session& session, Manner manner);

    Echo command(QChar letter) override;
    void leave() override;
    void begin() override;
    void follow() override;
    Facts facts() const override;

    /// The newest map of the lobe at hand; null before its first press.
    lobe::Held<lobe::ClearanceMap> map() const;
    lobe::Held<lobe::MapFindings> found() const;
    lobe::MockUp mockUp() const;
    lobe::CrankDeg angle() const override;
    /// Begins another map of this valve.
    void newMap();
    void askMockUp();
    void askLimits();
    /// Switches a correction off, or on again.
    void toggle(lobe::CorrectionKind kind);

    const SlideState& slide() const { return slide_; }
    void setAdvance(double deg);

    QString verdict() const;
    /// What to do, or what is wrong.
    QString advice() const;
    bool warns() const;
    QString lastPress() const;
    QString progress() const;
    /// Corrections, the fit, what a degree costs; a line each.
    QStringList behind() const;
    /// Every cam that could be fitted: least and window, this one first.
    QList<FigureLine> cams() const;
    /// What helps; a line each.
    QStringList helps() const;
    GapScene scene() const;
    RingScene ringScene() const;

signals:
    /// The slide stands elsewhere.
    void slid();

protected:
    lobe::Held<lobe::Rows<lobe::Reading>> readings() const override;
    double stride_deg() const override { return mockUp().step_deg; }
    bool asksAtAngle() const override { return mockUp().method != lobe::ClearanceMethod::Clay; }
    void drop() override;
    QString enterKeeps() const override;
    Echo keepFact(const QString& text) override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    Echo ownMeasured(const InstrumentReading& reading) override;
    LiveWish ownLive() const override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    struct Typed {
        Echo echo;
        std::optional<lobe::CrankDeg> goTo;
        std::optional<double> clearance_mm;
        std::optional<lobe::CorrectionKind> toggled;
        std::optional<lobe::ClearanceMethod> method{}; ///< "clay", "map"
    };
    Typed read(const QString& text) const;
    bool keepMockUp(const lobe::MockUp& mockUp);
    /// A clearance at an angle; `as` is how it was typed, or by what it was measured.
    Echo press(lobe::CrankDeg at, double clearance_mm, const QString& as,
               std::optional<lobe::Heard> heard = {});
    /// With `replaces`, that one is struck in the same action.
    bool keepPress(const lobe::Reading& press, std::optional<std::int64_t> replaces = {});
    lobe::MockUp fresh() const;
    bool otherDialTurn();
    const lobe::Finding* weightiest() const;
    QString greatest(const lobe::MapFindings& found) const;

    /// A cam and what keeps the limit with it: found once for a job, and not at every slide.
    struct Foretold {
        QString name;
        lobe::ValveLift lift;
        std::optional<lobe::AdvanceWindow> window;
        bool fitted = false;
    };
    void foretell();

    std::vector<Foretold> foretold_;
    std::vector<lobe::OtherCam> others_; ///< but the fitted card, which lies on the fitted cam
    int limits_;                         ///< where they begin among the facts
    SlideState slide_;
    bool another_ = false; ///< the next press begins a map
    bool notNow_ = false;  ///< the mock-up was asked, and left
};

} // namespace app
