// Comparing cams at the desk: candidates in this engine, told apart by letters, ranked by the
// wishes; the slide moves all of them. Nothing the slide does is kept; what is typed is.
#pragma once

#include "core/choose/purpose.h"
#include "core/choose/settle.h"
#include "core/choose/wishes.h"
#include "desk/behind.h"
#include "desk/facts_desk.h"
#include "desk/slide_state.h"
#include "stations/compare/estimator.h"
#include "stations/compare/shelf.h"

#include <QTimer>

#include <array>
#include <optional>
#include <variant>
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

/// Pressures at the valves of the cam at hand over the cycle, at one speed.
struct CamWaves {
    std::size_t cam = 0;
    double speed_rpm = 0.0;
    double ambient_pa = 0.0;
    lobe::PipeTrace trace;
};

/// A line of the table: a figure and what each candidate has of it.
struct CamRow {
    QString name, key;
    bool alike = false; ///< no cam differs from the reference by more than what is not known
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

    /// Of two cams each has its own; of one both are the intake's.
    const SlideState& slide(lobe::Side side = lobe::Side::Intake) const { return slide_[side]; }
    bool twoSlides() const;
    void setAdvance(lobe::Side side, double deg);
    void askPurpose();
    void askWishes();
    /// The next picture: lift, ring, filling, waves.
    enum class Shows { Lift, Ring, Filling, Waves, Shelf };
    Shows shows() const { return shows_; }
    void showNext();

    const lobe::Purpose& purpose() const;
    const Shelf& shelf() const { return shelf_; }
    /// Why it could not be read; empty when it could.
    QString shelfTrouble() const { return shelfTrouble_; }
    /// Lift of a measured cam's intake on the shelf, as its job has it; empty where there is none.
    std::vector<lobe::LiftPoint> shelfLobe(std::size_t item) const;
    void openShelf();
    void closeShelf();
    /// Cams of the shelf among the candidates, by their places there and in that order: all of
    /// them, or none.
    Echo takeFromShelf(const std::vector<std::size_t>& items);

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
        int rank = 0;            ///< 0: nothing to rank by
        QString name, note;      ///< the note beside the name
        QString line, help, all; ///< a cure for each failed wish; and every cure
        bool failed = false;
    };
    std::vector<RankLine> ranking() const;
    /// Where the cams differ first; the alike ones are left out while they are folded.
    std::vector<CamRow> table() const;
    bool folded() const { return folded_; }
    void fold(bool folded);
    int alikeRows() const;
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
    /// Something is being worked out behind the window.
    bool working() const;
    /// By cam, over the purpose; empty while it is worked out, or where there is none.
    const std::vector<std::optional<lobe::FillingMean>>& means() const;
    /// The speed waves are shown at, 1/min.
    double speedAtHand_rpm() const;
    /// Null while it is worked out, or where there is none.
    const CamWaves* waves() const { return waves_ ? &*waves_ : nullptr; }
    /// What would tell what is not told, and the advance that fills best once it was asked for.
    QString adviceLine() const;
    /// What was decided last; empty before.
    QString decided() const;

signals:
    /// The slide stands elsewhere, or the estimate is further.
    void slid();

protected:
    void fallAsleep() override;
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
        Speed,
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
    std::variant<lobe::Candidate, QString> candidateOf(const book::ShelfCam& cam,
                                                       book::SetCandidates& change) const;
    /// The decided cam's card fitted, and set to stand as it was chosen.
    Echo target();
    void build();
    void outdate();
    void estimate(bool sketch = false);
    void findWaves();
    void settle();
    Echo seekBestFilling();
    std::vector<lobe::Ranked> ranks() const;
    std::vector<CamRow> rows() const;
    /// Filling is worth estimating though it is not shown: it ranks.
    bool ranksByFilling() const;
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
    lobe::PerSide<SlideState> slide_;
    Shows shows_ = Shows::Lift;
    std::shared_ptr<const std::vector<lobe::Cam>> cams_ =
        std::make_shared<const std::vector<lobe::Cam>>(); ///< never null; whoever shows one holds
                                                          ///< it
    std::size_t atHand_ = 0;
    QStringList hidden_;
    bool folded_ = true;
    std::optional<std::size_t> deciding_;
    Shelf shelf_;
    QString shelfTrouble_;
    Estimator estimator_;
    Behind tracer_, seeker_, settler_;
    double speed_rpm_ = 0.0; ///< as typed; 0: not typed
    std::optional<CamWaves> waves_;
    QString best_;    ///< the advance that fills best, said
    QString settles_; ///< what would settle it, said
    QTimer rest_;     ///< cures are found and filling is estimated when the slide has come to rest
    bool moving_ = false; ///< the slide, not at rest since
    std::optional<lobe::FillingNeeds> needs_;
    std::shared_ptr<const lobe::Snapshot> built_; ///< of which the cams are
    // Found once for each place of the slide.
    mutable std::vector<std::vector<lobe::CamFigure>> figures_;
    mutable std::vector<std::vector<lobe::Judged>> judged_;
    mutable std::vector<std::optional<lobe::FillingMean>> means_;
};

} // namespace app
