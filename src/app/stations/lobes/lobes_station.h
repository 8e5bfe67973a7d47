// Lobes: lift recorded degree by degree. Only the lift is typed; the angle steps by itself.
#pragma once

#include "app/frame/bench.h"

#include <optional>
#include <variant>

class QButtonGroup;
class QHBoxLayout;
class QLabel;
class QPushButton;

namespace app {

class Dialogs;
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
    bool command(QChar letter) override;
    void leave() override;
    void refresh() override;
    StandCard standCard() const override;

    /// The angle the next lift belongs to.
    lobe::CrankDeg angle() const;
    /// A new run for the lobe at hand.
    void newRun();
    /// Asks in the entry line why a reading is to be struck; then strikes it.
    void askToStrike(qint64 reading);

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    lobe::RunTerms terms() const;
    const lobe::Reading* reading(qint64 id) const;
    const lobe::RunFindings* runFindings() const;
    const lobe::Finding* advice() const;
    QString turnTo(lobe::CrankDeg at) const;
    QString onWheel(lobe::CrankDeg at) const;
    bool complete() const; ///< nothing more to read in this run
    void readAgain();
    bool otherTurn();
    bool otherDialTurn();
    bool eventsOnly() const;
    std::optional<lobe::EventWanted> eventWanted() const;
    static QString eventName(lobe::ReadingOf of);
    Prompt eventPrompt(Prompt prompt) const;
    std::variant<lobe::CrankDeg, QString> readEvent(const QString& text) const;
    Echo submitEvent(const QString& text);
    void setEventsOnly(bool on);
    bool keepReading(const lobe::Reading& reading, std::optional<std::int64_t> replaces);
    bool again() const; ///< through, but something does not fit
    bool changeTerms(const lobe::RunTerms& terms);
    Echo log(const lobe::RunEntry& entry, const QString& text);
    void buildHeader(QHBoxLayout* row);
    void refreshTexts();
    void refreshLog();
    void refreshPictures();
    RingScene ringScene() const;
    const lobe::CylinderFindings* cylinderFindings() const;

    std::optional<lobe::CrankDeg> goTo_; ///< an angle typed or chosen instead of the next step
    bool backing_ = false;               ///< the crank is being turned back
    bool overshot_ = false;              ///< the mark was passed: go back and come up again
    std::optional<qint64> striking_;     ///< waiting for the reason

    QLabel *title_, *direction_, *turnToLabel_, *angle_, *angleSide_, *last_, *adviceHead_,
        *advice_, *progress_;
    QButtonGroup *steps_, *places_;
    QPushButton* newRun_;
    QPushButton* events_;
    Ring* ring_;
    Strip* strip_;
    RowList* log_;
};

} // namespace app
