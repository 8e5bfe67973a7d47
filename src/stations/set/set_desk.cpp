#include "stations/set/set_desk.h"

#include "core/assess/clearances.h"
#include "core/assess/need.h"
#include "core/job/job.h"
#include "core/typed/entry.h"
#include "stations/list.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

/// How many choices are worth reading.
constexpr std::size_t kOffered = 12;
/// What of a line can be set by eye.
constexpr double kLeastOfLine = 0.1;

} // namespace

SetDesk::SetDesk(Session& session, Manner manner)
    : SetDesk(session, std::move(manner), setFields()) {}

SetDesk::SetDesk(Session& session, Manner manner, SetFields fields)
    : FactsDesk(session, std::move(manner), std::move(fields.all), false), target_(fields.target) {
    connect(&session, &Session::selectionChanged, this, [this] {
        choice_ = 0;
        tell();
    });
}

bool SetDesk::two() const {
    return job().engine.layout == Layout::TwinOverheadCam;
}

Side SetDesk::atHand() const {
    return two() ? session().side() : Side::Intake;
}

DriveState SetDesk::fitted(Side side) const {
    return fittedAfter(job(), side);
}

double SetDesk::advance_deg(Side side) const {
    return slideOf(side).value();
}

const SlideState& SetDesk::slideOf(Side side) const {
    return slides_[two() ? static_cast<int>(side) : 0];
}

std::optional<double> SetDesk::need_deg(Side side) const {
    const Need& n = findings().need;
    return two() && side == Side::Exhaust ? n.move_deg.exhaust : n.move_deg.intake;
}

const DriveMove& SetDesk::moveOf(Side side) const {
    return moves_[two() ? static_cast<int>(side) : 0];
}

/// The best the drive can do for where a slide stands.
DriveMove SetDesk::findMove(Side side) const {
    const double deg = advance_deg(side);
    if (!job().engine.drive.described()) {
        // How it is done is not known; that it was done can be kept all the same.
        DriveMove m;
        m.total_deg = deg;
        return m;
    }
    const std::size_t i = static_cast<std::size_t>(std::max(0, choice_));
    if (side == atHand() && i < offered_.size() &&
        std::abs(offered_[i].move.total_deg - deg) < 1e-6)
        return offered_[i].move;
    const auto best = choices(driveAlone(job()), deg, 1, true, fitted(side));
    return best.empty() || std::abs(best.front().residual_deg) > 0.01 ? DriveMove{}
                                                                      : best.front().move;
}

/// Where what is missing for a need is found, while nothing can be said here.
const stations::Station* SetDesk::elsewhere() const {
    const auto fault = findings().need.fault;
    if (!fault) return nullptr;
    switch (*fault) {
    case NeedFault::NoLobe:
    case NeedFault::MovedSince:
    case NeedFault::NoEvent:
        return &stations::lobes;
    case NeedFault::NoCard:
        return &stations::engine;
    case NeedFault::NoVolumes:
        return &stations::compression;
    default:
        return nullptr;
    }
}

void SetDesk::begin() {
    FactsDesk::begin();
    guide_ = -1;
    choice_ = 0;
    together_ = false;
    pane_ = Pane::Choices;
    askedPhoto_.clear();
    for (SlideState& slide : slides_)
        slide.setExactly(0.0);
}

void SetDesk::follow() {
    if (sheet().field())
        pane_ = Pane::Facts;
    else if (pane_ == Pane::Facts)
        pane_ = Pane::Choices;
    const bool described = job().engine.drive.described();
    // Far enough for a cam that is a tooth or two out.
    const double far = std::max(std::abs(need_deg(Side::Intake).value_or(0.0)),
                                std::abs(need_deg(Side::Exhaust).value_or(0.0)));
    const double range =
        far <= 12.0 ? SlideState::kRange_deg : std::min(180.0, 5.0 * std::ceil(far / 5.0 + 1.0));
    const auto stops = described ? reachable_deg(driveAlone(job()), range, fitted(atHand()))
                                 : std::vector<double>{};
    for (SlideState& slide : slides_) {
        slide.setRange(range);
        slide.setStops(stops);
    }
    const auto in = windowNow(job(), findings(), Side::Intake),
               ex = windowNow(job(), findings(), Side::Exhaust);
    const auto ends = [](const std::optional<AdvanceWindow>& w) {
        return w ? std::optional(std::pair(w->from_deg, w->to_deg)) : std::nullopt;
    };
    slides_[0].setKept(ends(in));
    slides_[1].setKept(ends(ex));
    // One cam moves both valves: what keeps both.
    if (!two() && ex)
        slides_[0].setKept(
            in ? std::pair(std::max(in->from_deg, ex->from_deg), std::min(in->to_deg, ex->to_deg))
               : *ends(ex));
    offered_ = described ? choices(driveAlone(job()), need_deg(atHand()).value_or(0.0), kOffered,
                                   true, fitted(atHand()))
                         : std::vector<Choice>{};
    // No further than the slide goes, and no slot moved by less than a hand can.
    const double least = std::max(0.1, job().engine.drive.slotLine_deg * kLeastOfLine);
    offered_.erase(std::remove_if(offered_.begin(), offered_.end(),
                                  [&](const Choice& c) {
                                      const double slot = std::abs(c.move.slot_deg);
                                      return std::abs(c.move.total_deg) > range ||
                                             (slot > 0.0 && slot < least);
                                  }),
                   offered_.end());
    markChoice();
    settle();
}

void SetDesk::slideTo(Side side, double deg) {
    SlideState& slide = slides_[two() ? static_cast<int>(side) : 0];
    const double before = slide.value();
    slide.setValue(deg);
    if (slide.value() == before) return;
    takeAlong(side, slide.value() - before);
    // The row that brings the cam here, if one does.
    const int row = choice_;
    markChoice();
    settle();
    if (choice_ != row) emit choiceChanged();
    emit slid();
}

/// Together: the other cam goes as far, as near as its drive can.
void SetDesk::takeAlong(Side side, double by_deg) {
    if (!two() || !together_ || by_deg == 0.0) return;
    SlideState& other = slides_[1 - static_cast<int>(side)];
    other.setValue(other.value() + by_deg);
}

void SetDesk::settle() {
    moves_[0] = findMove(Side::Intake);
    if (two()) moves_[1] = findMove(Side::Exhaust);
}

/// The first choice that brings the cam where its slide stands; none while it was not moved.
void SetDesk::markChoice() {
    const double deg = advance_deg(atHand());
    const auto at = std::find_if(offered_.begin(), offered_.end(), [deg](const Choice& c) {
        return deg != 0.0 && std::abs(c.move.total_deg - deg) < 1e-6;
    });
    choice_ = at == offered_.end() ? -1 : static_cast<int>(at - offered_.begin());
}

void SetDesk::choose(int choice) {
    if (offered_.empty()) return;
    const int row = std::clamp(choice, 0, static_cast<int>(offered_.size()) - 1);
    const Side side = atHand();
    const double before = advance_deg(side);
    slides_[two() ? static_cast<int>(side) : 0].setExactly(
        offered_[static_cast<std::size_t>(row)].move.total_deg);
    takeAlong(side, advance_deg(side) - before);
    // After the slide, which marks no row where nothing is moved.
    choice_ = row;
    settle();
    emit choiceChanged();
    emit slid();
}

void SetDesk::show(Pane pane) {
    pane_ = pane;
    emit paneChanged();
}

void SetDesk::guide(int step) {
    guide_ = std::min(step, static_cast<int>(guideSteps().size()) - 1);
    pane_ = guide_ >= 0 ? Pane::WithoutMarks : Pane::Choices;
    emit paneChanged();
    emit promptChanged();
}

QString SetDesk::guideText() const {
    const QStringList all = guideSteps();
    QStringList lines;
    for (int i = 0; i < all.size(); ++i) {
        const QString line = QStringLiteral("%1.&nbsp; %2").arg(i + 1).arg(all[i].toHtmlEscaped());
        lines << (i == guide_ ? QStringLiteral("<b>%1</b>").arg(line) : line);
    }
    return lines.join(QStringLiteral("<br><br>"));
}

QStringList SetDesk::guideSteps() const {
    return words::withoutMarks(job(), style());
}

bool SetDesk::step(int direction) {
    if (sheet().field()) return FactsDesk::step(direction);
    if (guide_ >= 0) {
        guide(guide_ + direction);
        return true;
    }
    show(Pane::Choices);
    choose(choice_ + direction);
    return true;
}

QList<Command> SetDesk::ownCommands() const {
    QList<Command> all;
    if (guide_ < 0)
        all << Command{QLatin1Char('d'), Say::tr("describe the drive")}
            << Command{QLatin1Char('g'), Say::tr("the goal: what the cam is set to")}
            << Command{QLatin1Char('h'), Say::tr("history of the changes")};
    all << Command{QLatin1Char('w'), guide_ < 0 ? Say::tr("setting without marks")
                                                : Say::tr("back from setting without marks")};
    if (two() && guide_ < 0)
        all << Command{QLatin1Char('t'),
                       together_ ? Say::tr("each cam alone") : Say::tr("both cams together")};
    return all;
}

Echo SetDesk::command(QChar letter) {
    switch (letter.toLatin1()) {
    case 'd':
        describe();
        break;
    case 'g':
        moveTo(target_);
        break;
    case 'h':
        show(pane_ == Pane::History ? Pane::Choices : Pane::History);
        break;
    case 'w':
        guide(guide_ >= 0 ? -1 : 0);
        break;
    case 't':
        together_ = !together_;
        break;
    default:
        return {false, {}};
    }
    return {true, {}};
}

void SetDesk::describe() {
    moveTo(0);
}

void SetDesk::leave() {
    guide_ = -1;
    together_ = false;
    pane_ = Pane::Choices;
    moveTo(-1);
}

} // namespace app
