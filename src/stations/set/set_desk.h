// Set at the desk: what the drive can do about the wanted move, what each choice makes of the
// figures, and what was changed so far. The cam at hand is that of the lobe at hand; one cam moves
// both lobes. The slide is a what-if; a change is kept by "made". Crank degrees, positive is
// advance.
#pragma once

#include "core/drive/choices.h"
#include "desk/facts_desk.h"
#include "desk/figure_line.h"
#include "desk/slide_state.h"
#include "stations/set/fields.h"

#include <optional>
#include <vector>

namespace book {
class Keeping;
}

namespace lobe {
struct Outcome;
}

namespace app {

/// One of the drive's choices, in words.
struct OfferedRow {
    QString title; ///< "keyway 2, tooth on"
    QString value; ///< "+2.40°"
    QString under; ///< what it leaves of the need
    QString note;  ///< centre and dynamic ratio it makes
};

class SetDesk : public FactsDesk {
    Q_OBJECT
public:
    /// What is shown beside the slide.
    enum class Pane { Choices, Facts, History, WithoutMarks };

    SetDesk(Session& session, Manner manner);

    bool step(int direction) override;
    Echo command(QChar letter) override;
    void leave() override;
    void begin() override;
    void follow() override;

    bool two() const; ///< cams, each with its own drive wheel
    /// Which cam; with one cam always the intake.
    lobe::Side atHand() const;
    const SlideState& slideOf(lobe::Side side) const;
    /// Where the slide of a cam stands; one cam has both alike.
    double advance_deg(lobe::Side side) const;
    /// What of the drive of a side's cam is in use, after the changes so far.
    lobe::DriveState fitted(lobe::Side side) const;
    /// Slides a cam, and the other with it where both go together.
    void slideTo(lobe::Side side, double deg);
    /// Puts the slide of the cam at hand where a choice of the list brings it.
    void choose(int choice);
    int choice() const { return choice_; } ///< -1: none brings it there
    /// Asks the facts of the drive.
    void describe();
    Pane pane() const { return pane_; }
    /// What the hand does to bring a cam where its slide stands.
    const lobe::DriveMove& moveOf(lobe::Side side) const;

    /// The best first; none while the drive is not described.
    QList<OfferedRow> offers() const;
    /// The wanted move and its ±, or why there is none.
    QString verdict() const;
    /// What the hand does, a line for each cam.
    QString stepsText() const;
    /// Every figure as it is and as it would be.
    QList<QList<FigureLine>> outcomes() const;
    /// What a move tends to do; `brief` where there is no room for what the schools say.
    QString notes(bool brief) const;
    /// Rich text, the newest change first.
    QString history() const;
    /// Setting without marks, the step at hand bold; rich text.
    QString guideText() const;
    RingScene ringScene() const;

signals:
    /// A slide stands elsewhere: only what depends on it is another.
    void slid();
    void choiceChanged();
    void paneChanged();

protected:
    QString enterKeeps() const override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    SetDesk(Session& session, Manner manner, SetFields fields);

    /// What a typed line means; `change` is what it would keep.
    struct Typed {
        Echo echo;
        std::optional<double> advance_deg;
        std::optional<lobe::CamMove> change;
        QString said; ///< answered and not kept
    };
    Typed read(const QString& text) const;
    Typed readMade(const QString& marks) const;
    Typed amend(const QString& text, std::string lobe::CamMove::*part) const;
    Typed readLevel(const QString& text) const;
    Echo keepChange(lobe::CamMove change);
    QString attach(const lobe::CamMove& change, book::Keeping& keeping) const;

    std::optional<double> need_deg(lobe::Side side) const;
    lobe::DriveMove findMove(lobe::Side side) const;
    const stations::Station* elsewhere() const;
    void takeAlong(lobe::Side side, double by_deg);
    void settle();
    void markChoice();
    void show(Pane pane);
    void guide(int step);
    QStringList guideSteps() const;
    void clearanceRows(QList<FigureLine>& block, const lobe::Outcome& now,
                       const lobe::Outcome& then) const;
    QString changeText(const lobe::CamMove& change) const;

    int target_;           ///< where the target begins among the facts
    SlideState slides_[2]; ///< by side; the second only with two cams
    std::vector<lobe::Choice> offered_;
    int choice_ = 0;
    bool together_ = false;
    int guide_ = -1; ///< the step of setting without marks that is shown; -1: none
    Pane pane_ = Pane::Choices;
    lobe::DriveMove moves_[2]; ///< that bring the cams where their slides stand
    QString askedPhoto_;       ///< a large file that was asked about
};

} // namespace app
