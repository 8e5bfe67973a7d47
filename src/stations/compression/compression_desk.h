// Compression at the desk: volumes are asked as facts; beside them an advance to try, a ratio to
// reach, a state to keep and compare with. The slide is a what-if; nothing of it is kept.
#pragma once

#include "core/compression/compression.h"
#include "desk/facts_desk.h"
#include "desk/figure_line.h"
#include "desk/slide_state.h"

#include <optional>

namespace app {

class CompressionDesk : public FactsDesk {
    Q_OBJECT
public:
    CompressionDesk(Session& session, Manner manner);

    Echo command(QChar letter) override;
    void leave() override;
    void begin() override;
    void follow() override;

    const SlideState& slide() const { return slide_; }
    /// Where the slide stands, crank degrees.
    double advance_deg() const { return slide_.value(); }
    /// Crank degrees, within the slide's range.
    void setAdvance(double deg);
    /// Asks a volume that was pointed at, by its place among the facts.
    void askPart(int field);

    /// Degrees after BDC, by the way of calling it that is chosen; none while it is not known.
    std::optional<double> closing_deg() const;
    /// Of the cylinder at hand, with its cam advanced by so much.
    lobe::CompressionState state(double advance_deg) const;

    /// The ratio and what it is good for, or what is missing; a sentence.
    QString verdict() const;
    /// The chosen closing and the others beside it, with what separates them.
    QList<FigureLine> table() const;
    /// What reaches the wanted ratio; the kept state against this one; cylinders compared. Rich
    /// text, a line each; empty where there is nothing of the kind.
    QString reached() const;
    /// What figures cannot know.
    static QString caution();
    RingScene ringScene() const;

signals:
    /// The slide stands elsewhere: only what depends on it is another.
    void slid();
    /// The piston is to be shown where the intake closes, and where it was before.
    void closingWanted();
    void pistonBack();

protected:
    QString enterKeeps() const override;
    Echo keepFact(const QString& text) override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    /// What is typed beside the facts: an advance to try, or a ratio to reach.
    struct Typed {
        Echo echo;
        std::optional<double> advance_deg;
        std::optional<double> wanted;
    };
    Typed read(const QString& text) const;
    /// The first fact without which there is no ratio; -1 when all are there.
    int missing() const;
    QString waysThere() const;
    QString keptAgainstThis() const;
    QString cylindersCompared() const;

    SlideState slide_;
    bool notNow_ = false;    ///< what is missing was asked, and left
    bool inOrder_ = false;   ///< the volumes are asked one after the other
    bool answersIt_ = false; ///< what was typed last answers what was missing
};

} // namespace app
