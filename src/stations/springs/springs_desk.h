// Springs at the desk: heights valve by valve, then, asked for by a letter, loads spring by spring
// or trials with push rods; beside them facts, and other rockers to try. What is tried is not kept.
// What is read again leaves what was read before legible.
#pragma once

#include "core/claim/spring_claim.h"
#include "desk/facts_desk.h"
#include "desk/figure_line.h"
#include "stations/springs/fields.h"

#include <optional>

namespace app {

class SpringsDesk : public FactsDesk {
    Q_OBJECT
public:
    /// What the line asks while no fact is asked.
    enum class Asks { Heights, Loads, PushRods };

    SpringsDesk(Session& session, Manner manner);

    Echo command(QChar letter) override;
    void leave() override;
    void begin() override;
    void strikeLast() override;

    Asks asks() const { return asks_; }
    /// The valve whose height is asked, and the spring whose load.
    lobe::ValveId valve() const;
    int spring() const { return spring_; }
    /// Takes a valve in hand and asks for its height.
    void askValve(const lobe::ValveId& valve);

    /// Of the job, with the rockers that are tried in place of those fitted.
    const lobe::SpringClaim& claim() const;
    /// Rocker ratio tried on both sides; empty for those fitted.
    std::optional<double> tried() const { return tried_.intake; }
    /// 1 to 2.5; nothing lets go.
    void tryRatio(lobe::PerSide<std::optional<double>> ratio);
    /// Whether another ratio can be tried at all: there are rockers.
    bool hasRockers() const;

    QString verdict() const;
    QString notes() const; ///< what else is to be said, the weightiest first
    /// What is left at full lift and its limit, by side; what bears on it.
    QList<FigureLine> margins() const;
    /// What was measured, the newest first; what counts no longer is struck.
    struct Logged {
        QString text;
        bool struck = false;
    };
    QList<Logged> log() const;
    /// It is shown in place of the facts.
    bool showsLog() const { return showsLog_ && !sheet().field(); }

signals:
    /// Other rockers are tried.
    void slid();

protected:
    QString enterKeeps() const override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    Echo ownMeasured(const InstrumentReading& reading) override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    /// What was typed, by what was asked.
    struct Typed {
        Echo echo;
        std::optional<double> height_mm, load_n;
        std::optional<lobe::PushRodTrial> trial;
        std::optional<lobe::PerSide<std::optional<double>>> ratio;
        std::optional<int> toSpring;
    };
    Typed read(const QString& text) const;
    Typed readHeight(const QStringList& words) const;
    Typed readLoad(const QString& line) const;
    Typed readTrial(const QStringList& words) const;
    std::optional<Typed> readRatio(const QString& line) const;
    Echo keepHeight(double mm, const std::string& typed);
    Echo keepLoad(double n, const std::string& typed);
    Echo keepTrial(lobe::PushRodTrial trial, const std::string& typed);
    /// As they stand in the book: a list is kept whole, and another window may have added to it.
    lobe::Springs freshest();
    Echo keep(const lobe::Springs& springs);
    void nextValve();
    void nextLoad();

    SpringFields places_;
    Asks asks_ = Asks::Heights;
    bool showsLog_ = false;
    int valve_ = 1;  ///< of the lobe at hand
    int spring_ = 1; ///< on the tester
    int at_ = 0;     ///< which of the tester's heights
    lobe::PerSide<std::optional<double>> tried_;
    mutable lobe::SnapshotPtr triedOn_; ///< what `triedClaim_` is of
    mutable lobe::SpringClaim triedClaim_;
};

} // namespace app
