// Set: what the drive can do about the wanted move, what each choice makes of the figures, and
// what was changed so far. The cam at hand is that of the lobe at hand; one cam moves both lobes.
// The slide is a what-if; a change is kept by "made".
#pragma once

#include "app/frame/bench.h"
#include "app/style/figure_table.h"
#include "core/drive/choices.h"
#include "desk/fact_sheet.h"
#include "stations/set/desk/fields.h"

class QLabel;
class QStackedWidget;

namespace app {

class Dialogs;
class Ring;
class RowList;
class Slide;
class Wheels;

class SetStation : public Bench {
    Q_OBJECT
public:
    SetStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    bool step(int direction) override;
    QList<Command> commands() const override;
    Echo command(QChar letter) override;
    void leave() override;
    void refresh() override;
    StandCard standCard() const override;

    /// Where the slide of a cam stands, crank degrees; one cam has both alike.
    double advance_deg(lobe::Side side) const;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    /// What stands on the right.
    enum class Pane { Choices, Facts, History, WithoutMarks };
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
    QString attach(const lobe::CamMove& change) const;

    bool two() const;
    lobe::Side atHand() const;
    std::optional<double> need_deg(lobe::Side side) const;
    const lobe::DriveMove& moveOf(lobe::Side side) const;
    lobe::DriveMove findMove(lobe::Side side) const;
    const stations::Station* elsewhere() const;
    void show(Pane pane);
    void follow();
    void slid(lobe::Side side, double deg);
    /// Puts the slide of the cam at hand where a choice of the list brings it.
    void choose(int choice);
    void markChoice();
    void guide(int step);
    QStringList guideSteps() const;
    void makeRoom();
    void listChoices();
    QString verdict() const;
    QList<QList<FigureLine>> outcomes() const;
    QString notes() const;
    QString history() const;
    QString stepsText() const;
    RingScene ringScene() const;

    Wheels* wheels_;
    Ring* ring_;
    Slide* slides_[2]; ///< by side; the second only with two cams
    RowList *choices_, *facts_;
    QStackedWidget* panes_;
    QLabel *verdict_, *steps_, *notes_, *history_, *without_, *caution_;
    FigureTable* outcome_;
    SetFields fields_;
    FactSheet sheet_;
    std::vector<lobe::Choice> offered_;
    int choice_ = 0;
    bool together_ = false;
    int guide_ = -1; ///< the step of setting without marks that is shown; -1: none
    double last_[2] = {0.0, 0.0};
    lobe::DriveMove moves_[2]; ///< that bring the cams where their slides stand
    std::int64_t job_ = 0;     ///< shown last
};

} // namespace app
