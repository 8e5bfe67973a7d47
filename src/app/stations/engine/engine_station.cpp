#include "app/stations/engine/engine_station.h"

#include "app/stations/engine/section.h"
#include "app/style/rows.h"
#include "words/sentences.h"

#include <QHBoxLayout>
#include <QLabel>

namespace app {

using namespace lobe;

EngineStation::EngineStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      verdict_(new QLabel(this)),
      list_(new RowList(look, false, this)),
      section_(new EngineSection(look, dialogs, this)) {
    setObjectName(QStringLiteral("engineStation"));
    list_->setObjectName(QStringLiteral("engineFacts"));
    list_->setAccessibleName(QStringLiteral("Facts of the engine and its cam card"));
    verdict_->setProperty("role", "verdict");
    verdict_->setWordWrap(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 10);
    column->addWidget(verdict_);
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    list_->setMinimumWidth(300);
    row->addWidget(list_, 5);
    row->addWidget(section_, 4);
    column->addLayout(row, 1);
    connect(list_, &RowList::chosen, this, [this](qint64 id) { moveTo(static_cast<int>(id) - 1); });
}

void EngineStation::moveTo(int field) {
    const int n = static_cast<int>(engineFields().size());
    at_ = std::clamp(field, 0, n - 1);
    refresh();
    emit promptChanged();
}

bool EngineStation::step(int direction) {
    moveTo(at_ + direction);
    return true;
}

Prompt EngineStation::prompt() const {
    const Field& f = engineFields()[static_cast<std::size_t>(at_)];
    Prompt p;
    p.subject = f.subject;
    p.ask = f.name + QLatin1Char('?');
    p.enter = at_ + 1 < static_cast<int>(engineFields().size())
                  ? QStringLiteral("keep, go to %1")
                        .arg(engineFields()[static_cast<std::size_t>(at_) + 1].name.toLower())
                  : QStringLiteral("keep, go to TDC");
    p.keys = f.asks.isEmpty()
                 ? QStringLiteral("%1   Up, Down  another fact").arg(words::unitName(style()))
                 : f.asks;
    return p;
}

Echo EngineStation::understand(const QString& text) const {
    const Field& f = engineFields()[static_cast<std::size_t>(at_)];
    Facts changed = facts();
    const QString why = f.take(changed, text, style());
    if (!why.isEmpty()) return {false, why};
    return {true, QStringLiteral("reads as ") + f.shown(changed, style())};
}

Echo EngineStation::submit(const QString& text) {
    const Field& f = engineFields()[static_cast<std::size_t>(at_)];
    if (!text.trimmed().isEmpty()) {
        Facts after = facts();
        const QString why = f.take(after, text, style());
        if (!why.isEmpty()) return {false, why};
        if (!after.keepIn(session()))
            return {false, QStringLiteral("Not kept; see the message above.")};
    }
    if (at_ + 1 < static_cast<int>(engineFields().size()))
        moveTo(at_ + 1);
    else
        emit finished();
    return {true, {}};
}

void EngineStation::refresh() {
    QList<Row> rows;
    int n = 0, current = 0;
    for (const Field& f : engineFields()) {
        if (!f.heading.isEmpty()) {
            Row heading;
            heading.title = f.heading;
            heading.heading = true;
            rows << heading;
        }
        Row row;
        row.id = ++n;
        row.title = f.name;
        row.value = f.shown(facts(), style());
        row.marked = n - 1 == at_;
        if (row.marked) current = static_cast<int>(rows.size());
        rows << row;
    }
    list_->setRows(rows);
    list_->scrollToItem(list_->item(current));
    section_->setEngine(job().engine);

    const Engine& e = job().engine;
    QString verdict;
    if (e.rod_mm > 0 && e.rod_mm <= e.stroke_mm / 2.0)
        verdict =
            QStringLiteral("A rod of %1 cannot span a stroke of %2. Check both.")
                .arg(words::dimension(e.rod_mm, style()), words::dimension(e.stroke_mm, style()));
    else if (e.bore_mm <= 0 || e.stroke_mm <= 0 || e.rod_mm <= 0)
        verdict = QStringLiteral("What is on the stand? Bore, stroke and rod give the piston its "
                                 "place; the card can wait.");
    else if (!job().card)
        verdict = QStringLiteral(
                      "The engine is described. Add the cam's card if it came with one. Next: %1.")
                      .arg(words::stationName(findings().next));
    else
        verdict =
            QStringLiteral("The engine is described, and its cam should be %1. Next: %2.")
                .arg(QString::fromStdString(job().card->name), words::stationName(findings().next));
    verdict_->setText(verdict);
}

} // namespace app
