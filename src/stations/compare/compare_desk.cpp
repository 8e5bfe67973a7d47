#include "stations/compare/compare_desk.h"

#include "core/compression/compression.h"
#include "core/job/job.h"
#include "stations/compare/fields.h"
#include "words/choosing.h"
#include "words/choosing_verdict.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace app {

using namespace lobe;

namespace {
constexpr int kRest_ms = 180; ///< the slide has come to rest
} // namespace

CompareDesk::CompareDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), compareFields().all, false),
      wishes_(compareFields().wishes),
      estimator_(this),
      tracer_(this),
      seeker_(this),
      settler_(this) {
    rest_.setSingleShot(true);
    rest_.setInterval(kRest_ms);
    connect(&rest_, &QTimer::timeout, this, [this] {
        if (std::exchange(moving_, false)) judged_.clear();
        if (shows_ == Shows::Filling || ranksByFilling()) estimate();
        if (shows_ == Shows::Waves) findWaves();
        if (!ranksByFilling() || needs_) settle();
        emit slid();
    });
    connect(&estimator_, &Estimator::progressed, this, [this] {
        means_.clear();
        if (estimator_.complete()) settle();
        // While it only ranks, nothing of it shows until it is whole.
        if (shows_ == Shows::Filling || estimator_.complete()) emit slid();
    });
    connect(&session, &Session::selectionChanged, this, &CompareDesk::tell);
}

void CompareDesk::begin() {
    FactsDesk::begin();
    slide_ = {};
    speed_rpm_ = 0.0;
    atHand_ = 0;
    deciding_.reset();
    // Built when it follows: hidden, none of its cams is examined.
    built_.reset();
    cams_ = std::make_shared<const std::vector<Cam>>();
    outdate();
}

void CompareDesk::follow() {
    if (built_ != session().snapshot())
        build();
    else if (!cams().empty() && !estimator_.complete() && !estimator_.running())
        rest_.start(); // left off while nobody saw it
}

void CompareDesk::fallAsleep() {
    rest_.stop();
    if (!estimator_.complete()) estimator_.clear();
    if (seeker_.running()) best_.clear();
    for (Behind* b : {&tracer_, &seeker_, &settler_})
        b->drop();
}

/// Whether candidates are made of the same: what is wished for and written down is no part of them.
static bool sameEngine(const Job& was, const Job& is) {
    Job as = was;
    as.choosing = is.choosing;
    as.pinned = is.pinned;
    as.log = is.log;
    as.name = is.name;
    return as == is;
}

/// A candidate is a whole job examined: those made of the same are taken over.
void CompareDesk::build() {
    const auto before = std::exchange(built_, session().snapshot());
    const bool same = before && sameEngine(before->job, job());
    std::vector<Cam> made;
    for (const Candidate& c : candidates()) {
        const auto known = std::find_if(cams().begin(), cams().end(),
                                        [&](const Cam& cam) { return cam.spec == c; });
        if (same && known != cams().end())
            made.push_back(*known);
        else
            made.push_back(camOf(job(), findings(), c));
    }
    cams_ = std::make_shared<const std::vector<Cam>>(std::move(made));
    if (atHand_ >= cams().size()) atHand_ = 0;
    if (deciding_ && *deciding_ >= cams().size()) deciding_.reset();
    outdate();
    if (!cams().empty()) rest_.start();
}

/// What was found of the cams where they stood is of another place now, the estimate too.
void CompareDesk::outdate() {
    figures_.clear();
    judged_.clear();
    means_.clear();
    estimator_.clear();
    waves_.reset();
    best_.clear();
    settles_.clear();
    for (Behind* b : {&tracer_, &seeker_, &settler_})
        b->drop();
}

bool CompareDesk::working() const {
    return rest_.isActive() || estimator_.running() || tracer_.running() || seeker_.running() ||
           settler_.running();
}

bool CompareDesk::ranksByFilling() const {
    return cams().size() > 1 && !purposeSpeeds(job().choosing.purpose).empty();
}

std::vector<Candidate> CompareDesk::candidates() const {
    return candidatesOf(job(), findings());
}

PerSide<double> CompareDesk::slid_deg() const {
    const double intake = slide_.intake.value();
    return {intake, twoSlides() ? slide_.exhaust.value() : intake};
}

PerSide<double> CompareDesk::moved(std::size_t cam) const {
    return totalMove(job(), cams()[cam], slid_deg());
}

bool CompareDesk::twoSlides() const {
    return job().engine.layout == Layout::TwinOverheadCam;
}

const Purpose& CompareDesk::purpose() const {
    return job().choosing.purpose;
}

void CompareDesk::setAdvance(Side side, double deg) {
    slide_[twoSlides() ? side : Side::Intake].setExactly(deg);
    outdate();
    moving_ = true;
    rest_.start();
    // A coarse curve while it moves, the fine one at rest.
    if (shows_ == Shows::Filling) estimate(true);
    emit slid();
}

void CompareDesk::findWaves() {
    waves_.reset();
    if (cams().empty()) return tracer_.drop();
    const std::size_t cam = atHand();
    const auto made = fillingOf(job(), cams()[cam], moved(cam));
    const auto* filling = std::get_if<FillingEstimate>(&made);
    if (!filling) {
        needs_ = std::get<FillingNeeds>(made);
        return tracer_.drop();
    }
    const double rpm = speedAtHand_rpm();
    tracer_.start([this, cam, rpm, held = cams_, filling = *filling,
                   ambient = 1000.0 * ambient_kpa(job().reckoning.altitude_m)](
                      const Behind::Stop&) -> Behind::Found {
        auto trace = std::make_shared<PipeTrace>(filling.trace(rpm));
        return [this, cam, rpm, ambient, trace] {
            waves_ = CamWaves{cam, rpm, ambient, std::move(*trace)};
            emit slid();
        };
    });
}

Echo CompareDesk::seekBestFilling() {
    if (cams().empty()) return {false, Say::tr("There is nothing to do.")};
    if (purposeSpeeds(job().choosing.purpose).empty())
        return {false, Say::tr("Say what the engine is for first: U, and where power is wanted.")};
    const std::size_t cam = atHand();
    const auto can = fillingOf(job(), cams()[cam], moved(cam));
    if (const auto* needs = std::get_if<FillingNeeds>(&can))
        return {false, words::sentence(*needs)};
    const QString name = QString::fromStdString(cams()[cam].spec.name);
    best_ = Say::tr("Looking for the advance at which %1 fills best.").arg(name);
    seeker_.start([this, cam, name, held = cams_, snapshot = session().snapshot(),
                   stands = moved(cam), two = twoSlides(),
                   style = style()](const Behind::Stop& stop) -> Behind::Found {
        const auto found = fillsBest(snapshot->job, snapshot->findings, (*held)[cam], stands, stop);
        const QString said = found ? words::fillsBestLine(*found, name, two, style) : QString();
        return [this, said] {
            best_ = said;
            emit slid();
        };
    });
    emit slid();
    return {true, {}};
}

/// Takes a few cams made and examined anew: behind.
void CompareDesk::settle() {
    settles_.clear();
    if (cams().size() < 2) return settler_.drop();
    std::vector<PerSide<double>> stand;
    for (std::size_t i = 0; i < cams().size(); ++i)
        stand.push_back(moved(i));
    auto known = means();
    known.resize(cams().size());
    settler_.start([this, stand, known, all = judged(), places = ranks(), held = cams_,
                    snapshot = session().snapshot(),
                    style = style()](const Behind::Stop&) -> Behind::Found {
        const auto found =
            settling(snapshot->job, snapshot->findings, *held, stand, all, places, known);
        const QString said =
            found.empty() ? QString() : words::settleLine(found.front(), *held, style);
        return [this, said] {
            if (said == settles_) return;
            settles_ = said;
            emit slid();
        };
    });
}

void CompareDesk::estimate(bool sketch) {
    std::vector<std::optional<FillingEstimate>> all;
    needs_.reset();
    for (std::size_t i = 0; i < cams().size(); ++i) {
        auto made = fillingOf(job(), cams()[i], moved(i));
        if (auto* filling = std::get_if<FillingEstimate>(&made))
            all.emplace_back(std::move(*filling));
        else {
            all.emplace_back();
            if (!needs_ || std::get<FillingNeeds>(made) < *needs_)
                needs_ = std::get<FillingNeeds>(made);
        }
    }
    auto speeds = fillingSpeeds(fillingReach_rpm(job()));
    if (sketch) {
        constexpr std::size_t kEvery = 3;
        std::vector<double> some;
        for (std::size_t k = 0; k < speeds.size(); k += kEvery)
            some.push_back(speeds[k]);
        speeds = std::move(some);
    }
    means_.clear();
    estimator_.start(std::move(all), std::move(speeds), sketch);
    if (!sketch) emit slid();
}

double CompareDesk::speedAtHand_rpm() const {
    if (speed_rpm_ > 0.0) return speed_rpm_;
    const Purpose& p = job().choosing.purpose;
    // What matters most of what was said, else the upper end.
    const auto heaviest =
        std::max_element(p.speeds.begin(), p.speeds.end(),
                         [](const auto& a, const auto& b) { return a.weight < b.weight; });
    if (heaviest != p.speeds.end()) return heaviest->rpm;
    return p.to_rpm > 0.0 ? p.to_rpm : std::round(0.008 * fillingReach_rpm(job())) * 100.0;
}

void CompareDesk::showNext() {
    shows_ = shows_ == Shows::Lift      ? Shows::Ring
             : shows_ == Shows::Ring    ? Shows::Filling
             : shows_ == Shows::Filling ? Shows::Waves
                                        : Shows::Lift;
    if (shows_ == Shows::Filling && curves().empty()) estimate();
    if (shows_ == Shows::Waves) findWaves();
    tell();
}

void CompareDesk::openShelf() {
    shelfTrouble_ = shelf_.load(session().book());
    moveTo(-1);
    shows_ = Shows::Shelf;
    tell();
}

void CompareDesk::closeShelf() {
    if (shows_ == Shows::Shelf) shows_ = Shows::Lift;
    tell();
    emit entryWanted();
}

void CompareDesk::askPurpose() {
    moveTo(0);
    emit entryWanted();
}

void CompareDesk::askWishes() {
    moveTo(wishes_);
    emit entryWanted();
}

std::size_t CompareDesk::reference() const {
    for (std::size_t i = 0; i < cams().size(); ++i)
        if (cams()[i].spec.name == job().choosing.reference) return i;
    return 0;
}

void CompareDesk::setAtHand(std::size_t cam) {
    if (cam >= cams().size() || cam == atHand_) return;
    atHand_ = cam;
    if (shows_ == Shows::Waves) findWaves();
    tell();
}

void CompareDesk::fold(bool folded) {
    folded_ = folded;
    tell();
}

void CompareDesk::hide(const QString& key) {
    if (!hidden_.contains(key)) hidden_ << key;
    tell();
}

void CompareDesk::showAll() {
    hidden_.clear();
    tell();
}

bool CompareDesk::keepChoosing(Choosing choosing) {
    Stated stated = job();
    stated.choosing = std::move(choosing);
    return session().keep(book::SetStated{stated});
}

bool CompareDesk::keepCandidates(std::vector<Candidate> all) {
    Choosing c = job().choosing;
    c.candidates = std::move(all);
    return keepChoosing(std::move(c));
}

/// With its numbers and those of the ones it beat, as they stand now.
bool CompareDesk::decide(std::size_t cam, const QString& reason) {
    Choosing c = job().choosing;
    Decision d;
    d.time_ms = session().now();
    d.chosen = cams()[cam].spec.name;
    d.figures = figuresOf(cam).toStdString();
    d.reason = reason.toStdString();
    for (std::size_t i = 0; i < cams().size(); ++i)
        if (i != cam) d.beaten.push_back({cams()[i].spec.name, figuresOf(i).toStdString()});
    c.decisions.push_back(std::move(d));
    return keepChoosing(std::move(c));
}

QString CompareDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

void CompareDesk::factKept() {
    const int next = sheet().onward();
    moveTo(sheet().last() ? -1 : next);
}

Prompt CompareDesk::ownPrompt() const {
    Prompt p;
    p.subject = Say::tr("compare");
    p.several = true;
    if (deciding_) {
        p.ask = Say::tr("why %1?").arg(QString::fromStdString(cams()[*deciding_].spec.name));
        p.enter = Say::tr("keep the decision");
        p.keys = Say::tr("Esc  leave it");
        return p;
    }
    if (cams().empty()) {
        p.ask = Say::tr("no cam yet: measure one at Lobes, or type a card at Engine");
        p.keys = Say::tr("W wishes  S shelf");
        return p;
    }
    p.ask = job().choosing.wishes.empty() ? Say::tr("what do you wish for?")
                                          : Say::tr("a cam and what of it: b +2");
    p.enter =
        job().choosing.wishes.empty() ? Say::tr("ask the wishes") : Say::tr("the next cam at hand");
    p.keys = Say::tr("b copy  b choose  W wishes  S shelf  P picture");
    return p;
}

Echo CompareDesk::ownUnderstand(const QString& text) const {
    if (deciding_) return {true, Say::tr("the reason")};
    return read(text).echo;
}

Echo CompareDesk::ownSubmit(const QString& text) {
    if (deciding_) {
        if (text.trimmed().isEmpty())
            return {false, Say::tr("A reason in a few words, so that it can be understood later.")};
        const std::size_t cam = *deciding_;
        deciding_.reset();
        if (cam < cams().size() && !decide(cam, text.trimmed()))
            return {false, Say::tr("Not kept; see the message above.")};
        tell();
        return {true, {}};
    }
    if (text.trimmed().isEmpty()) {
        if (job().choosing.wishes.empty())
            askWishes();
        else
            step(1);
        return {true, {}};
    }
    const Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    if (!carryOut(typed)) return {false, Say::tr("Not kept; see the message above.")};
    tell();
    return {true, {}};
}

bool CompareDesk::step(int direction) {
    if (sheet().field()) return FactsDesk::step(direction);
    if (cams().empty() || deciding_) return false;
    const auto n = static_cast<int>(cams().size());
    setAtHand(static_cast<std::size_t>((static_cast<int>(atHand()) + direction + n) % n));
    return true;
}

QList<Command> CompareDesk::ownCommands() const {
    if (deciding_) return {};
    return {{QLatin1Char('w'), Say::tr("the wishes and limits")},
            {QLatin1Char('u'), Say::tr("what the engine is for")},
            {QLatin1Char('s'), Say::tr("the shelf: every cam of this book")},
            {QLatin1Char('p'), Say::tr("the next picture: lift, ring, filling, waves")},
            {QLatin1Char('o'), Say::tr("the best advance of each, of what the drive can do")},
            {QLatin1Char('g'), Say::tr("the advance at which the cam at hand fills best")},
            {QLatin1Char('l'), folded_ ? Say::tr("figures that are alike as well")
                                       : Say::tr("fold the figures that are alike")},
            {QLatin1Char('k'), Say::tr("keep the cam at hand as the decision")},
            {QLatin1Char('t'), Say::tr("the decided cam's card as the target")}};
}

Echo CompareDesk::command(QChar letter) {
    const auto kept = [](bool ok) {
        return ok ? Echo{true, {}} : Echo{false, Say::tr("Not kept; see the message above.")};
    };
    switch (letter.toLatin1()) {
    case 'w':
        askWishes();
        return {true, {}};
    case 'u':
        askPurpose();
        return {true, {}};
    case 's':
        openShelf();
        return {true, {}};
    case 'p':
        showNext();
        return {true, {}};
    case 'g':
        return seekBestFilling();
    case 'l':
        fold(!folded_);
        return {true, {}};
    case 'k':
        if (cams().empty()) return {false, Say::tr("There is nothing to do.")};
        deciding_ = atHand();
        emit promptChanged();
        return {true, {}};
    case 'o': {
        if (job().choosing.wishes.empty() && findings().maps.empty())
            return {false, Say::tr("Say what you wish for first: W.")};
        auto all = candidates();
        bool any = false;
        for (std::size_t i = 0; i < all.size(); ++i) {
            const PerSide<double> by = bestAdvance(job(), findings(), cams()[i]).deg;
            any = any || by.intake != 0.0 || by.exhaust != 0.0;
            all[i].advance_deg.intake += by.intake;
            all[i].advance_deg.exhaust += by.exhaust;
        }
        if (!any) return {true, Say::tr("Each stands best where it is.")};
        return kept(keepCandidates(std::move(all)));
    }
    case 't':
        return target();
    default:
        return {false, {}};
    }
}

void CompareDesk::leave() {
    deciding_.reset();
    if (shows_ == Shows::Shelf) shows_ = Shows::Lift;
    moveTo(-1);
    tell();
}

} // namespace app
