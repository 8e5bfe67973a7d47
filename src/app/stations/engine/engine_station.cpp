#include "app/stations/engine/engine_station.h"

#include "app/stations/engine/section.h"
#include "app/style/rows.h"
#include "core/job/card.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>

namespace app {

using namespace lobe;

EngineStation::EngineStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      verdict_(new QLabel(this)),
      list_(new RowList(look, false, this)),
      sheet_(engineFields(), list_, true),
      section_(new EngineSection(look, dialogs, this)) {
    setObjectName(QStringLiteral("engineStation"));
    list_->setObjectName(QStringLiteral("engineFacts"));
    list_->setAccessibleName(Say::tr("Facts of the engine and its cam card"));
    verdict_->setProperty("role", "verdict");
    verdict_->setWordWrap(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 10);
    column->addWidget(verdict_);
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    list_->setMinimumWidth(280);
    row->addWidget(list_, 5);
    row->addWidget(section_, 4);
    column->addLayout(row, 1);
    connect(list_, &RowList::chosen, this, [this](qint64 id) { moveTo(static_cast<int>(id) - 1); });
}

void EngineStation::moveTo(int field) {
    sheet_.moveTo(field);
    refresh();
    emit promptChanged();
}

void EngineStation::askFirst() {
    moveTo(0);
}

void EngineStation::askCard() {
    int n = 0;
    for (const Field& f : sheet_.fields()) {
        if (f.subject == cardSubject()) return moveTo(n);
        ++n;
    }
}

bool EngineStation::step(int direction) {
    moveTo(sheet_.at() + direction);
    return true;
}

Prompt EngineStation::prompt() const {
    const auto next = static_cast<std::size_t>(sheet_.onward());
    Prompt p = sheet_.prompt(
        sheet_.last()
            ? Say::tr("keep, go to TDC")
            : Say::tr("keep, go to %1").arg(words::midSentence(sheet_.fields()[next].name)),
        style());
    // Nobody has to walk through a whole card.
    if (sheet_.field()->subject == cardSubject()) p.keys += Say::tr("   Ctrl+2  on to TDC");
    return p;
}

/// At the stand: the fact asked for, large, beside the engine's section.
StandCard EngineStation::standCard() const {
    const Field& f = *sheet_.field();
    StandCard card;
    card.subject = f.subject;
    card.progress = Say::tr("%1 of %2").arg(sheet_.at() + 1).arg(sheet_.fields().size());
    card.caption = Say::tr("asked now");
    card.big = f.name;
    card.last = Say::tr("now  ") + f.shown(facts(), style());
    card.advice = verdict_->text();
    card.tip = f.asks;
    card.picture = [section = section_](QPainter& p, const QSizeF& size) {
        section->draw(p, size);
    };
    return card;
}

Echo EngineStation::understand(const QString& text) const {
    return sheet_.understand(facts(), text, style());
}

Echo EngineStation::submit(const QString& text) {
    Facts after = facts();
    const Echo taken = sheet_.take(after, text, style());
    if (!taken.ok) return taken;
    if (!after.keepIn(session())) return {false, Say::tr("Not kept; see the message above.")};
    if (sheet_.last())
        emit stationWanted(&stations::tdc);
    else
        moveTo(sheet_.onward());
    return {true, {}};
}

void EngineStation::refresh() {
    sheet_.show(facts(), style());
    section_->setEngine(job().engine);

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
    if (job().card)
        for (const CardContradiction& c : complete(*job().card).contradictions)
            verdict = words::contradiction(c, style());
    verdict_->setText(verdict);
}

} // namespace app
