// Comparing cams at the desk: candidates in this engine, told apart by letters, ranked by the
// wishes; the slide moves all of them. Nothing the slide does is kept; what is typed is.
#pragma once

#include "core/choose/estimate.h"
#include "core/choose/wishes.h"
#include "desk/facts_desk.h"
#include "desk/slide_state.h"
#include "stations/compare/estimator.h"
#include "stations/compare/shelf.h"

#include <QTimer>

#include <array>
#include <optional>
#include <vector>

namespace app {

/// What the pictures show of one candidate.
struct CamView {
    QChar letter;
    QString name;
    bool modelled = false, reference = false, atHand = false;
    std::shared_ptr<const lobe::Cam> cam;
    lobe::PerSide<double> moved_deg;
};

/// A line of the table: a figure and what each candidate has of it.
struct CamRow {
    QString name, key;
    struct Cell {
        QString value, difference, half;
    };
    std::vector<Cell> cells;   ///< by candidate
    std::vector<double> order; ///< to sort by; NaN where it is not known
};

class CompareDesk : public FactsDesk {
    Q_OBJECT
public:
    CompareDesk(Session& session, Manner manner);

    bool step(int direction) override;
    Echo command(QChar letter) override;
    void leave() override;
    void begin() override;
    void follow() override;

    const SlideState& slide() const { return slide_; }
    void setAdvance(double deg);
    void askPurpose();
    void askWishes();
    /// The next picture: lift, ring, filling.
    enum class Shows { Lift, Ring, Filling, Shelf };
    Shows shows() const { return shows_; }
    void showNext();

    const lobe::Purpose& purpose() const { return job().choosing.purpose; }
    const Shelf& shelf() const { return shelf_; }
    /// Why it could not be read; empty when it could.
    QString shelfTrouble() const { return shelfTrouble_; }
    /// Lift of a measured cam's intake on the shelf, as its job has it; empty where there is none.
    std::vector<lobe::LiftPoint> shelfLobe(std::size_t item) const;
    void openShelf();
    void closeShelf();
    /// A cam of the shelf among the candidates, by its place there.
    Echo takeFromShelf(std::size_t item);

    const std::vector<lobe::Cam>& cams() const { return *cams_; }
    std::size_t count() const { return cams().size(); }
    std::vector<CamView> views() const;
    /// Into the cams.
    std::size_t reference() const;
    std::size_t atHand() const { return std::min(atHand_, cams().empty() ? 0 : cams().size() - 1); }
    void setAtHand(std::size_t cam);

    QString verdict() const;
    /// In the order of the ranking: its sentence, and what would help it.
    struct RankLine {
        std::size_t cam = 0;
        int rank = 0; ///< 0: nothing to rank by
        QString name, line, help;
        bool failed = false;
    };
    std::vector<RankLine> ranking() const;
    std::vector<CamRow> table() const;
    /// Hidden ones are left out; all of them with `all`.
    bool hidden(const QString& key) const { return hidden_.contains(key); }
    void hide(const QString& key);
    void showAll();
    int hiddenRows() const { return static_cast<int>(hidden_.size()); }
    /// What the candidate at hand tends to do against the reference; a line each.
    QStringList tendencies() const;
    /// What the estimate says, how far it is, or what it needs.
    QString fillingLine() const;
    const std::vector<lobe::FillingCurve>& curves() const { return estimator_.curves(); }
    double fillingProgress() const { return estimator_.progress(); }
    /// What was decided last; empty before.
    QString decided() const;

signals:
    /// The slide stands elsewhere, or the estimate is further.
    void slid();

protected:
    QString enterKeeps() const override;
    void factKept() override;
    Prompt ownPrompt() const override;
    Echo ownUnderstand(const QString& text) const override;
    Echo ownSubmit(const QString& text) override;
    QList<Command> ownCommands() const override;
    StandCard ownCard(bool asked) const override;

private:
    /// What a line at the cams means.
    enum class Does {
        Slide,
        Select,
        Advance,
        Ratio,
        Lash,
        Shorter,
        Seat,
        Name,
        Copy,
        Out,
        Refer,
        Choose
    };
    struct Typed {
        Echo echo;
        Does does = Does::Slide;
        double number = 0.0; ///< degrees, mm, N, or a ratio
        std::size_t cam = 0;
        std::optional<lobe::Side> side{}; ///< empty: both
        QString text{};
    };
    Typed read(const QString& text) const;
    Typed readOfCam(std::size_t cam, const QString& rest) const;
    bool carryOut(const Typed& typed);
    /// The decided cam's card fitted, and set to stand as it was chosen.
    Echo target();
    void build();
    void outdate();
    void estimate();
    lobe::PerSide<double> slid_deg() const;
    lobe::PerSide<double> moved(std::size_t cam) const;
    bool keepCandidates(std::vector<lobe::Candidate> candidates);
    bool keepChoosing(lobe::Choosing choosing);
    std::vector<lobe::Candidate> candidates() const;
    bool decide(std::size_t cam, const QString& reason);
    QString figuresOf(std::size_t cam) const;
    const std::vector<std::vector<lobe::CamFigure>>& figures() const;
    const std::vector<std::vector<lobe::Judged>>& judged() const;

    int wishes_; ///< where they begin among the facts
    SlideState slide_;
    Shows shows_ = Shows::Lift;
    std::shared_ptr<const std::vector<lobe::Cam>> cams_ =
        std::make_shared<const std::vector<lobe::Cam>>(); ///< never null; whoever shows one holds
                                                          ///< it
    std::size_t atHand_ = 0;
    QStringList hidden_;
    std::optional<std::size_t> deciding_;
    Shelf shelf_;
    QString shelfTrouble_;
    Estimator estimator_;
    QTimer rest_; ///< cures are found and filling is estimated when the slide has come to rest
    std::optional<lobe::FillingNeeds> needs_;
    std::shared_ptr<const lobe::Snapshot> built_; ///< of which the cams are
    // Found once for each place of the slide.
    mutable std::vector<std::vector<lobe::CamFigure>> figures_;
    mutable std::vector<std::vector<lobe::Judged>> judged_;
};

} // namespace app
