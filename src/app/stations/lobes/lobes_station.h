// Lobes: lift recorded degree by degree. Only the lift is typed; the angle steps by itself.
#pragma once

#include "app/frame/bench.h"
#include "core/job/entry.h"
#include "desk/fact_sheet.h"
#include "stations/lobes/desk/event_entry.h"

#include <optional>

class QButtonGroup;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace app {

class Dialogs;
class FlowLayout;
class Ring;
class RowList;
class Strip;

class LobesStation : public Bench {
    Q_OBJECT
public:
    LobesStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    void strikeLast() override;
    bool step(int direction) override;
    QList<Command> commands() const override;
    Echo command(QChar letter) override;
    void leave() override;
    void refresh() override;
    void ask(const lobe::Task& task) override;
    void highlight(const lobe::Figure& figure) override;
    StandCard standCard() const override;

    /// The angle the next lift belongs to.
    lobe::CrankDeg angle() const;
    /// A new run for the lobe at hand.
    void newRun();
    /// The entry line asks for the run's conditions instead of its readings.
    void askConditions(bool on);
    /// Velocity, acceleration and jerk under the strip, in place of ring and log.
    void showMotion(bool on);
    /// Lays the next lobe that can be compared over this one; after the last, none.
    void compareNext();
    /// Leads to an angle, as read.
    void goTo(lobe::CrankDeg at);
    /// Asks in the entry line why a reading is to be struck; then strikes it.
    void askToStrike(qint64 reading);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    lobe::RunConditions conditions() const { return run_.conditions(); }
    Facts facts() const;
    lobe::Held<lobe::Finding> advice() const;
    QString turnTo(lobe::CrankDeg at) const;
    QString onWheel(lobe::CrankDeg at) const;
    QString onward() const;
    void goOnward();
    /// What was typed at a run that is through: where to go on.
    std::optional<Echo> goOn(const QString& text);
    bool complete() const; ///< nothing more to read in this run
    bool eventsOnly() const { return events_.on(); }
    bool zeroAgain(std::optional<double> lift_mm);
    bool averagePasses();
    void skip();
    bool again() const; ///< through, but something does not fit
    /// What was typed, an angle in the turn the lobe stands in.
    lobe::Understood<lobe::RunEntry> readEntry(const QString& text) const;
    Echo log(const lobe::RunEntry& entry, const QString& text);
    void buildHeader(FlowLayout* row);
    void refreshTexts();
    void refreshNow(const lobe::RunConditions& conditions);
    QString direction(const lobe::RunConditions& conditions) const;
    QString lastReading() const;
    QString wheelOfFirst() const;
    QString cardOnWheel(double behind_deg) const;
    struct Way {
        bool events = false, fromNose = false;
        QString said;
    };
    static std::optional<Way> wayOf(const QString& text);
    QString motionLine() const;
    void refreshLog();
    void refreshPictures();
    RingScene ringScene() const;

    /// A lobe that can be laid over the one at hand.
    struct Comparable {
        lobe::Held<lobe::RunFindings> run;
        bool mirrored = false;
        QString name;
    };
    std::vector<Comparable> comparables() const;

    RunAtHand run_;
    EventEntry events_;
    std::optional<lobe::CrankDeg> goTo_; ///< an angle typed or chosen instead of the next step
    bool backing_ = false;               ///< the crank is being turned back
    bool overshot_ = false;              ///< the mark was passed: go back and come up again
    std::optional<lobe::Figure> asked_;  ///< a figure of the slate that is asked where from
    std::size_t compared_ = 0;           ///< 0: none; else into comparables, from 1
    bool motion_ = false;
    std::optional<qint64> striking_; ///< waiting for the reason

    QLabel *title_, *direction_, *turnToLabel_, *angle_, *angleSide_, *last_, *adviceHead_,
        *advice_, *progress_;
    QButtonGroup *steps_, *places_;
    QPushButton *newRun_, *eventsChip_, *centreChip_, *conditionsChip_;
    QWidget* upper_;          ///< ring, what is asked now, and log
    QStackedWidget* picture_; ///< the ring, or the conditions
    Ring* ring_;
    RowList* conditions_;
    FactSheet sheet_;
    Strip* strip_;
    RowList* log_;
};

} // namespace app
