#include "stations/engine/engine_desk.h"

#include "core/job/card.h"
#include "core/job/job.h"
#include "stations/engine/fields.h"
#include "stations/list.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

namespace app {

using namespace lobe;

EngineDesk::EngineDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), engineFields(), true) {}

void EngineDesk::begin() {
    candidate_.reset();
    FactsDesk::begin();
}

void EngineDesk::leave() {
    candidate_.reset();
    tell();
}

std::optional<std::size_t> EngineDesk::candidate() const {
    const auto& others = job().otherCards;
    const bool there =
        candidate_ && others.size() == cards_ && *candidate_ < cards_ && job().card == fitted_;
    return there ? candidate_ : std::nullopt;
}

/// The candidate stands where the fitted card stands, and the other way round.
static void exchange(Facts& facts, std::size_t candidate, std::optional<Card>& fitted) {
    fitted = std::move(facts.card);
    facts.card = facts.otherCards[candidate];
}

Facts EngineDesk::facts() const {
    Facts f = Facts::of(job());
    std::optional<Card> fitted;
    if (const auto at = candidate()) exchange(f, *at, fitted);
    return f;
}

Echo EngineDesk::keepFact(const QString& text) {
    const auto at = candidate();
    if (!at) return FactsDesk::keepFact(text);
    Facts after = Facts::of(job());
    std::optional<Card> fitted;
    exchange(after, *at, fitted);
    const Echo taken = sheet().take(after, text, style());
    if (!taken.ok) return taken;
    after.otherCards[*at] = after.card.value_or(Card{});
    after.card = std::move(fitted);
    if (!after.keepIn(session())) return {false, Say::tr("Not kept; see the message above.")};
    return taken;
}

void EngineDesk::askCard(std::optional<std::size_t> other) {
    candidate_ = other;
    fitted_ = job().card;
    cards_ = job().otherCards.size();
    int n = 0;
    for (const Field& f : sheet().fields()) {
        if (f.subject == cardSubject()) return moveTo(n);
        ++n;
    }
}

QString EngineDesk::enterKeeps() const {
    if (sheet().last()) return Say::tr("keep, go to TDC");
    const auto next = static_cast<std::size_t>(sheet().onward());
    return Say::tr("keep, go to %1").arg(words::midSentence(sheet().fields()[next].name));
}

Prompt EngineDesk::finished(Prompt asked) const {
    // Nobody has to walk through a whole card.
    if (sheet().field()->subject != cardSubject()) return asked;
    asked.keys += Say::tr("   Ctrl+2  on to TDC");
    if (const auto at = candidate()) {
        asked.subject = Say::tr("card of %1, not fitted")
                            .arg(QString::fromStdString(job().otherCards[*at].name));
        asked.keys += Say::tr("   Esc  the fitted card");
    }
    return asked;
}

void EngineDesk::factKept() {
    if (sheet().last())
        emit stationWanted(&stations::tdc);
    else
        moveTo(sheet().onward());
}

/// At the stand: the fact asked for, large.
StandCard EngineDesk::ownCard(bool) const {
    const Field& f = *sheet().field();
    StandCard card;
    card.subject = f.subject;
    card.progress = Say::tr("%1 of %2").arg(sheet().at() + 1).arg(sheet().fields().size());
    card.caption = Say::tr("asked now");
    card.big = f.name;
    card.last = Say::tr("now  ") + f.shown(facts(), style());
    card.advice = verdict();
    card.tip = f.asks;
    return card;
}

QString EngineDesk::verdict() const {
    const Engine& e = job().engine;
    QString verdict;
    if (e.rod_mm > 0 && e.rod_mm <= e.stroke_mm / 2.0)
        verdict =
            Say::tr("A rod of %1 cannot span a stroke of %2. Check both.")
                .arg(words::dimension(e.rod_mm, style()), words::dimension(e.stroke_mm, style()));
    else if (e.bore_mm <= 0 || e.stroke_mm <= 0 || e.rod_mm <= 0)
        verdict = Say::tr("What is on the stand? Bore, stroke and rod give the piston its "
                          "place; the card can wait.");
    else if (!job().card)
        verdict =
            Say::tr("The engine is described. Add the cam's card if it came with one. Next: %1.")
                .arg(stations::next(job(), findings()).name());
    else
        verdict =
            Say::tr("The engine is described, and its cam should be %1%2. Next: %3.")
                .arg(QString::fromStdString(job().card->name),
                     job().otherCards.empty()
                         ? QString()
                         : (job().otherCards.size() == 1
                                ? Say::tr(" (1 more card at hand, Ctrl+Shift+K fits "
                                          "it)")
                                : Say::tr(" (%n more cards at hand, Ctrl+Shift+K fits "
                                          "the next)",
                                          nullptr, static_cast<int>(job().otherCards.size()))),
                     stations::next(job(), findings()).name());
    if (const auto at = candidate())
        verdict = Say::tr("The card of %1 is at hand and not fitted: Ctrl+Shift+K fits it, "
                          "Compare sets it beside the others.")
                      .arg(QString::fromStdString(job().otherCards[*at].name));
    if (job().card)
        for (const CardContradiction& c : complete(*job().card).contradictions)
            verdict = words::contradiction(c, style());
    return verdict;
}

} // namespace app
