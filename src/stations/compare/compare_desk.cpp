#include "stations/compare/compare_desk.h"

#include "stations/compare/fields.h"
#include "words/choosing.h"
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
      estimator_(this) {
    rest_.setSingleShot(true);
    rest_.setInterval(kRest_ms);
    connect(&rest_, &QTimer::timeout, this, [this] {
        judged_.clear();
        if (shows_ == Shows::Filling) estimate();
        emit slid();
    });
    connect(&estimator_, &Estimator::progressed, this, &CompareDesk::slid);
    // Of two cams the slide is that of the one at hand: another begins where it stands.
    connect(&session, &Session::selectionChanged, this, [this] {
        slide_.setExactly(0.0);
        outdate();
        tell();
    });
}

void CompareDesk::begin() {
    FactsDesk::begin();
    slide_.setExactly(0.0);
    atHand_ = 0;
    deciding_.reset();
    // Built when it follows: hidden, none of its cams is examined.
    built_.reset();
    cams_ = std::make_shared<const std::vector<Cam>>();
    outdate();
}

void CompareDesk::follow() {
    if (built_ != session().snapshot()) build();
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
    if (shows_ == Shows::Filling) rest_.start();
}

/// What was found of the cams where they stood is of another place now, the estimate too.
void CompareDesk::outdate() {
    figures_.clear();
    judged_.clear();
    estimator_.clear();
}

std::vector<Candidate> CompareDesk::candidates() const {
    return candidatesOf(job(), findings());
}

PerSide<double> CompareDesk::slid_deg() const {
    if (job().engine.layout != Layout::TwinOverheadCam) return {slide_.value(), slide_.value()};
    // Of two cams the one at hand is moved.
    return session().side() == Side::Intake ? PerSide<double>{slide_.value(), 0.0}
                                            : PerSide<double>{0.0, slide_.value()};
}

PerSide<double> CompareDesk::moved(std::size_t cam) const {
    return totalMove(job(), cams()[cam], slid_deg());
}

void CompareDesk::setAdvance(double deg) {
    slide_.setExactly(deg);
    outdate();
    rest_.start();
    emit slid();
}

void CompareDesk::estimate() {
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
    estimator_.start(std::move(all), fillingSpeeds(fillingReach_rpm(job())));
    emit slid();
}

void CompareDesk::showNext() {
    shows_ = shows_ == Shows::Lift   ? Shows::Ring
             : shows_ == Shows::Ring ? Shows::Filling
                                     : Shows::Lift;
    if (shows_ == Shows::Filling && curves().empty()) estimate();
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
    p.keys = Say::tr("b copy  b choose  W wishes  S shelf  P picture  O best");
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
    atHand_ = static_cast<std::size_t>((static_cast<int>(atHand()) + direction + n) % n);
    tell();
    return true;
}

QList<Command> CompareDesk::ownCommands() const {
    if (deciding_) return {};
    return {{QLatin1Char('w'), Say::tr("the wishes and limits")},
            {QLatin1Char('u'), Say::tr("what the engine is for")},
            {QLatin1Char('s'), Say::tr("the shelf: every cam of this book")},
            {QLatin1Char('p'), Say::tr("the next picture: lift, ring, filling")},
            {QLatin1Char('o'), Say::tr("the best advance of each, of what the drive can do")},
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
