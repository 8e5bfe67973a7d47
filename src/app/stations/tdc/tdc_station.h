// TDC: contacts either side of the top, typed as read from the wheel; how far and which way to
// move the pointer; a second pass that proves it. Below, what else is learnt with the piston up.
#pragma once

#include "app/frame/bench.h"
#include "app/frame/fact_sheet.h"

#include <optional>

class QButtonGroup;
class QComboBox;
class QLabel;

namespace app {

class Dialogs;
class Ring;
class RowList;

class TdcStation : public Bench {
    Q_OBJECT
public:
    TdcStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    void strikeLast() override;
    bool step(int direction) override;
    QList<Command> commands() const override;
    Echo command(QChar letter) override;
    void leave() override;
    void ask(const lobe::Task& task) override;
    void refresh() override;
    StandCard standCard() const override;

private:
    struct Typed {
        Echo echo;
        std::optional<lobe::Contact> contact;
        std::optional<double> drop_mm; ///< "drop 3": names the drop of the contacts to come
    };
    Typed read(const QString& text) const;
    lobe::TdcMethod method() const;
    int passAtHand() const;
    /// TDC is proved and what it is was said: nothing more is needed here.
    bool through() const;
    bool answerWanted() const; ///< runs were recorded before TDC was found off
    QString explanation() const;
    QString verdict() const;
    void refreshLists();
    RingScene ringScene() const;

    std::optional<double> drop_mm_;
    std::int64_t job_ = 0;  ///< shown last
    bool notNow_ = false;   ///< overlap or firing: asked, and left
    bool samePass_ = false; ///< another drop with the pointer untouched

    Ring* ring_;
    QLabel *verdict_, *steps_, *sums_, *caution_;
    QButtonGroup* methods_;
    QComboBox* scale_;
    RowList *log_, *facts_;
    FactSheet sheet_; ///< open while a fact is asked instead of a contact
};

} // namespace app
