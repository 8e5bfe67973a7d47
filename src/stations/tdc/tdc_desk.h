// TDC at the desk: two contacts either side of the top, by one of five methods, and what else
// belongs to it.
#pragma once

#include "desk/facts_desk.h"

#include <cstdint>
#include <optional>

namespace app {

class TdcDesk : public FactsDesk {
    Q_OBJECT
public:
    TdcDesk(Session& session, Manner manner);

    void strikeLast() override;
    Echo command(QChar letter) override;
    void leave() override;
    void ask(const lobe::Task& task) override;
    void begin() override;
    void follow() override;

    lobe::TdcMethod method() const { return method_; }
    /// How the contacts to come are taken.
    void setMethod(lobe::TdcMethod method);
    /// What is found and what to do next, in a sentence.
    QString verdict() const;
    /// The sums behind it; empty before there are any.
    QString explanation() const;
    RingScene ringScene() const;

protected:
    QString enterKeeps() const override;
    void factKept() override { leave(); }
    Echo keepFact(const QString& text) override;
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
        std::optional<lobe::Contact> contact;
        std::optional<double> drop_mm; ///< "drop 3": names the drop of the contacts to come
        std::optional<lobe::TdcMethod> method{}; ///< "stop", "there and back"
        std::optional<lobe::WheelScale> wheel{}; ///< "wheel 360"
    };
    Typed read(const QString& text) const;
    void likeLast();
    int passAtHand() const;
    /// TDC is proved and what it is was said: nothing more is needed here.
    bool through() const;
    bool answerWanted() const; ///< runs were recorded before TDC was found off

    lobe::TdcMethod method_ = lobe::TdcMethod::PositiveStop;
    std::optional<double> drop_mm_;
    bool notNow_ = false;   ///< overlap or firing: asked, and left
    bool samePass_ = false; ///< another drop with the pointer untouched
    QString askedAgain_;    ///< a number that was asked about, since TDC is proved
};

} // namespace app
