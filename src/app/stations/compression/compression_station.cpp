#include "app/stations/compression/compression_station.h"

#include "app/pictures/dynamic_curve.h"
#include "app/pictures/ring.h"
#include "app/pictures/slide.h"
#include "app/style/fact_rows.h"
#include "app/style/fitted.h"
#include "app/style/rows.h"
#include "core/job/entry.h"
#include "stations/compression/desk/fields.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QResizeEvent>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

CompressionStation::CompressionStation(Session& session, const Look& look, Dialogs& dialogs,
                                       QWidget* parent)
    : Bench(session, look, parent),
      section_(new ChamberSection(look, dialogs, this)),
      ring_(new Ring(look, dialogs, this)),
      curve_(new DynamicCurve(look, dialogs, this)),
      slide_(new Slide(look, this)),
      verdict_(new FittedLabel(this)),
      big_(new FittedLabel(this)),
      reached_(new FittedLabel(this)),
      caution_(new FittedLabel(this)),
      facts_(new RowList(look, false, this)),
      table_(new FigureTable(look, true, this)),
      sheet_(compressionFields(), false) {
    setObjectName(QStringLiteral("compressionStation"));
    verdict_->setObjectName(QStringLiteral("compressionVerdict"));
    verdict_->setProperty("role", "verdict");
    big_->setObjectName(QStringLiteral("compressionBig"));
    table_->setObjectName(QStringLiteral("compressionTable"));
    table_->setAccessibleName(Say::tr("Dynamic ratio by every way of calling the closing"));
    reached_->setObjectName(QStringLiteral("compressionReached"));
    caution_->setProperty("role", "quiet");
    caution_->setText(Say::tr("Knock destroys engines. Fuel limits are your own, and a rough "
                              "guide at best; cranking pressure is an estimate. The maker's "
                              "manual and a gauge have the last word."));
    facts_->setMinimumHeight(40);
    facts_->setObjectName(QStringLiteral("compressionFacts"));
    facts_->setAccessibleName(Say::tr("Volumes, and how the closing is called"));
    for (QLabel* label : {verdict_, big_, reached_, caution_})
        label->setWordWrap(true);

    // Section and volumes side by side, as high as eight volumes; below, what advance does beside
    // what every way of calling the closing makes of it.
    auto* figures = new QVBoxLayout;
    figures->setSpacing(6);
    figures->addWidget(big_);
    figures->addWidget(facts_, 1);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(12);
    upper->addWidget(section_, 6);
    upper->addLayout(figures, 7);
    auto* trial = new QVBoxLayout;
    trial->setSpacing(0);
    trial->addWidget(curve_, 1);
    trial->addWidget(slide_);
    auto* said = new QVBoxLayout;
    said->setSpacing(4);
    said->addWidget(table_);
    said->addWidget(reached_);
    said->addStretch();
    auto* lower = new QHBoxLayout;
    lower->setSpacing(12);
    lower->addWidget(ring_, 3);
    lower->addLayout(trial, 7);
    lower->addLayout(said, 6);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 5);
    column->setSpacing(5);
    column->addWidget(verdict_);
    column->addLayout(upper, 8);
    column->addLayout(lower, 5);
    column->addWidget(caution_);

    connect(slide_, &Slide::moved, this, &CompressionStation::follow);
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        sheet_.moveTo(static_cast<int>(id) - 1);
        refresh();
        emit promptChanged();
        emit entryWanted();
    });
    connect(section_, &ChamberSection::asked, this, [this](ChamberPart part) {
        static constexpr int kFields[] = {0, 2, 3, 4, 5, 6};
        sheet_.moveTo(kFields[static_cast<int>(part)]);
        refresh();
        emit promptChanged();
        emit entryWanted();
    });
    connect(&session, &Session::selectionChanged, this, [this] {
        slide_->setValue(0.0);
        section_->atClosing();
        refresh();
    });
}

double CompressionStation::advance_deg() const {
    return slide_->value();
}

std::optional<double> CompressionStation::closing_deg() const {
    return findings().closings[static_cast<std::size_t>(job().reckoning.closing)].deg;
}

CompressionState CompressionStation::state(double advance_deg) const {
    return stateOf(job(), session().cylinder(), closing_deg().value_or(0.0), advance_deg);
}

Prompt CompressionStation::prompt() const {
    if (sheet_.field()) return sheet_.prompt(Say::tr("keep, the next; Esc ends"), style());
    Prompt p;
    p.subject = Say::tr("compression, cyl %1").arg(session().cylinder());
    p.ask = Say::tr("advance to try?");
    p.enter = Say::tr("move the slide there");
    p.keys = Say::tr("reach 8.5   Down  volumes   K  keep to compare   I  at closing");
    return p;
}

CompressionStation::Trial CompressionStation::trial(const QString& text) const {
    const QString line = text.trimmed().toLower();
    const bool wanted = line.startsWith(QLatin1String("reach"));
    const auto read = readNumber((wanted ? line.mid(5) : line).toStdString());
    if (const auto* e = std::get_if<EntryError>(&read))
        return {{false, words::sentence(*e, style())}, {}, {}};
    const double value = std::get<double>(read);
    if (wanted) {
        if (!(value >= 4.0 && value <= 20.0))
            return {
                {false, Say::tr("A dynamic ratio between 4 and 20, such as reach 8.5.")}, {}, {}};
        return {
            {true, Say::tr("what reaches a dynamic ratio of ") + words::fixed(value, 2, style())},
            {},
            value};
    }
    if (std::abs(value) > Slide::kRange_deg)
        return {{false, Say::tr("The slide ends at 15 degrees either way.")}, {}, {}};
    return {{true, words::moveBy(value, style(), 2)}, value, {}};
}

Echo CompressionStation::understand(const QString& text) const {
    if (sheet_.field()) return sheet_.understand(Facts::of(job()), text, style());
    return trial(text).echo;
}

Echo CompressionStation::submit(const QString& text) {
    if (sheet_.field()) {
        const int asked = missing();
        const bool answersIt = asked >= 0 && asked == sheet_.at();
        const Echo kept = sheet_.keep(session(), text, style());
        // Asked because it was missing: on to what is missing still, else to the slide.
        if (kept.ok) answersIt ? sheet_.moveTo(missing()) : sheet_.next();
        refresh();
        return kept;
    }
    const Trial t = trial(text);
    if (!t.echo.ok) return t.echo;
    if (t.advance_deg) slide_->setValue(*t.advance_deg);
    if (t.wanted) {
        Stated s = job();
        s.trial.wantedDynamic = *t.wanted;
        if (!session().keep(book::SetStated{s}))
            return {false, Say::tr("Not kept; see the message above.")};
    }
    return {true, {}};
}

bool CompressionStation::step(int direction) {
    sheet_.step(direction);
    refresh();
    return true;
}

QList<Command> CompressionStation::commands() const {
    if (sheet_.field()) return {};
    return {{QLatin1Char('i'), Say::tr("the piston where the intake closes")},
            {QLatin1Char('k'), job().trial.kept
                                   ? Say::tr("let go of the state kept, or keep this one")
                                   : Say::tr("keep this state to compare with")}};
}

Echo CompressionStation::command(QChar letter) {
    if (letter == QLatin1Char('i')) {
        section_->atClosing();
        return {true, {}};
    }
    // The state as it stands under the slide; said again of the same, it is let go.
    Stated s = job();
    CompressionState now = state(advance_deg());
    now.name = "kept";
    s.trial.kept = s.trial.kept == now ? std::nullopt : std::optional(now);
    return {session().keep(book::SetStated{s}), {}};
}

void CompressionStation::leave() {
    notNow_ = true;
    sheet_.moveTo(-1);
    section_->back();
    refresh();
}

/// The first fact without which there is no ratio; -1 when all are there.
int CompressionStation::missing() const {
    const Engine& e = job().engine;
    constexpr int kChamber = 0, kBore = 6, kStroke = 7, kRod = 8;
    if (!(e.bore_mm > 0.0)) return kBore;
    if (!(e.stroke_mm > 0.0)) return kStroke;
    if (!(e.rod_mm > 0.0)) return kRod;
    return e.chamberOf(session().cylinder()).chamber_cc > 0.0 ? -1 : kChamber;
}

QString CompressionStation::verdict() const {
    const Engine& e = job().engine;
    if (!(e.bore_mm > 0.0 && e.stroke_mm > 0.0 && e.rod_mm > 0.0))
        return Say::tr("Bore, stroke and rod come first, at Engine or further down here.");
    if (!(e.chamberOf(session().cylinder()).chamber_cc > 0.0))
        return Say::tr("What does the chamber hold? Go down, and type its volume in cc.");
    const auto r =
        compression(state(advance_deg()), job().reckoning.altitude_m, job().reckoning.exponent);
    if (const auto* fault = std::get_if<CompressionError>(&r))
        return Say::tr("There is no ratio: ") + words::sentence(*fault, style()) + QLatin1Char('.');
    const Compression& c = std::get<Compression>(r);
    if (!closing_deg())
        return Say::tr("Static %1 : 1. The dynamic ratio waits for the intake's closing: "
                       "record that lobe, or choose another way of calling it.")
            .arg(words::fixed(c.staticRatio, 2, style()));
    // Which of the user's fuels it goes with.
    QString fuel;
    for (auto it = job().reckoning.fuels.rbegin(); it != job().reckoning.fuels.rend(); ++it)
        if (c.dynamicRatio <= it->dynamic)
            fuel =
                Say::tr(" It is within your limit for %1.").arg(QString::fromStdString(it->name));
    if (fuel.isEmpty() && !job().reckoning.fuels.empty())
        fuel = Say::tr(" It is beyond every limit you set.");
    const double a = advance_deg();
    return Say::tr("The intake closes %1 after BDC%2, so %3 : 1 is what the piston squeezes.%4")
        .arg(words::degrees(c.effective_deg, style()),
             a == 0.0 ? QString() : Say::tr(" with the cam ") + words::moveBy(a, style()),
             words::fixed(c.dynamicRatio, 2, style()), fuel);
}

/// The chosen closing large, the others beside it with what separates them; and the kept state.
QList<FigureLine> CompressionStation::table() const {
    QList<FigureLine> rows;
    const auto all =
        dynamicByClosing(job(), findings().closings, session().cylinder(), advance_deg());
    const auto& chosen = all[static_cast<std::size_t>(job().reckoning.closing)].ratio;
    rows.append({Say::tr("intake closes by"), Say::tr("to 1"), Say::tr("ABDC, by"), false, true});
    for (const DynamicBy& by : all) {
        FigureLine row;
        row.name = words::closingName(by.closing.school);
        row.strong = by.closing.school == job().reckoning.closing;
        row.first = QString(QChar(0x2013));
        row.second = Say::tr("not known");
        if (by.ratio) {
            row.first = words::fixed(*by.ratio, 2, style());
            row.second = words::degrees(*by.closing.deg, style());
        }
        if (by.uncertainty)
            row.first += QStringLiteral(" %1%2").arg(
                QString(QChar(0xB1)), words::fixed(std::max(0.01, *by.uncertainty), 2, style()));
        // What separates the schools.
        if (by.ratio && chosen && !row.strong)
            row.second +=
                QStringLiteral(", %1").arg(words::signedFixed(*by.ratio - *chosen, 2, style()));
        rows << row;
    }
    return rows;
}

/// What reaches the wanted ratio, each alone; the kept state beside this one; cylinders compared.
QString CompressionStation::reached() const {
    QStringList parts;
    const Stated& set = job();
    const bool known = closing_deg() && job().engine.chamberOf(session().cylinder()).chamber_cc > 0;
    if (known && set.trial.wantedDynamic > 0.0) {
        QStringList ways;
        const CompressionState now = state(advance_deg());
        for (Quantity q : {Quantity::Advance, Quantity::Chamber, Quantity::Gasket, Quantity::Deck,
                           Quantity::Crown}) {
            const auto value =
                reach(q == Quantity::Advance ? state(0.0) : now, q, set.trial.wantedDynamic);
            if (!value) continue;
            const bool length = q == Quantity::Gasket || q == Quantity::Deck;
            ways << QStringLiteral("%1 %2").arg(
                words::quantityName(q),
                q == Quantity::Advance ? words::signedFixed(*value, 1, style()) + QChar(0xB0)
                : length               ? words::liftWithUnit(*value, style())
                                       : words::fixed(*value, 1, style()) + Say::tr(" cc"));
        }
        const QString wanted = words::fixed(set.trial.wantedDynamic, 2, style());
        parts << (ways.isEmpty() ? Say::tr("<b>%1 : 1</b> cannot be reached by advance, chamber, "
                                           "gasket, deck or crown alone.")
                                       .arg(wanted)
                  : ways.size() == 1
                      ? Say::tr("<b>%1 : 1</b> is reached by this alone, all else as shown: "
                                "%2.")
                            .arg(wanted, ways.front())
                      : Say::tr("<b>%1 : 1</b> is reached by any one of these, all else as "
                                "shown: %2.")
                            .arg(wanted, ways.join(QStringLiteral(", "))));
    }
    if (known && set.trial.kept) {
        const auto a =
            compression(*set.trial.kept, set.reckoning.altitude_m, set.reckoning.exponent);
        const auto b =
            compression(state(advance_deg()), set.reckoning.altitude_m, set.reckoning.exponent);
        const auto *was = std::get_if<Compression>(&a), *is = std::get_if<Compression>(&b);
        if (was && is)
            parts << Say::tr("Kept state against this: static %1 to <b>%2</b>, dynamic %3 to "
                             "<b>%4</b>, cranking %5 to <b>%6</b>.")
                         .arg(words::fixed(was->staticRatio, 2, style()),
                              words::fixed(is->staticRatio, 2, style()),
                              words::fixed(was->dynamicRatio, 2, style()),
                              words::fixed(is->dynamicRatio, 2, style()),
                              words::pressure(was->cranking_kpa, style()),
                              words::pressure(is->cranking_kpa, style()));
    }
    if (!job().engine.chambers.empty()) {
        QStringList said;
        for (int n = 1; n <= job().engine.cylinders; ++n) {
            const auto r = compression(stateOf(job(), n, closing_deg().value_or(0.0), 0.0),
                                       set.reckoning.altitude_m, set.reckoning.exponent);
            if (const auto* c = std::get_if<Compression>(&r))
                said << Say::tr("cyl %1 %2 cc, %3")
                            .arg(n)
                            .arg(words::fixed(c->clearance.total(), 1, style()),
                                 words::fixed(c->staticRatio, 2, style()));
        }
        parts << Say::tr("Clearance and static: ") + said.join(QStringLiteral("; ")) +
                     QLatin1Char('.');
    }
    return parts.join(QStringLiteral("<br>"));
}

RingScene CompressionStation::ringScene() const {
    RingScene ring = ringOf(session().snapshot(), session().cylinder());
    ring.splitPoint.reset();
    ring.intakeMoved_deg = ring.exhaustMoved_deg = advance_deg();
    if (const auto at = closing_deg()) ring.needle = CrankDeg{180.0 + *at - advance_deg()};
    return ring;
}

void CompressionStation::follow() {
    const CompressionState now = state(advance_deg());
    const auto r = compression(now, job().reckoning.altitude_m, job().reckoning.exponent);
    const auto* c = std::get_if<Compression>(&r);
    const bool known = closing_deg() && now.chamber.chamber_cc > 0.0;
    section_->setScene({now, c && known ? std::optional(*c) : std::nullopt});
    ring_->setScene(ringScene());
    DynamicScene scene;
    if (known)
        scene.curve =
            dynamicAgainstAdvance(state(0.0), job().reckoning.altitude_m, job().reckoning.exponent);
    if (known && job().trial.kept)
        scene.kept = dynamicAgainstAdvance(*job().trial.kept, job().reckoning.altitude_m,
                                           job().reckoning.exponent);
    scene.fuels = job().reckoning.fuels;
    scene.rough = scene.fuels == roughFuelGuide();
    scene.advance_deg = advance_deg();
    scene.wanted = job().trial.wantedDynamic;
    curve_->setScene(scene);
    verdict_->setText(verdict());
    big_->setText(
        c && now.chamber.chamber_cc > 0.0
            ? Say::tr("<span style='font-size:28px; font-weight:bold;'>%1</span> dynamic "
                      "&nbsp; <span style='font-size:20px;'>%2</span> static "
                      "&nbsp; cranking&nbsp;%3")
                  .arg(known ? words::fixed(c->dynamicRatio, 2, style()) : QString(QChar(0x2013)),
                       words::fixed(c->staticRatio, 2, style()),
                       known ? words::pressure(c->cranking_kpa, style()) : QString(QChar(0x2013)))
            : QString());
    table_->setBlocks({table()});
    reached_->setText(reached());
    reached_->setVisible(!reached_->text().isEmpty());
}

void CompressionStation::refresh() {
    if (job().id != job_) {
        job_ = job().id;
        notNow_ = false;
        sheet_.moveTo(-1); // what was asked was of another job
        const QSignalBlocker quiet(slide_);
        slide_->setValue(0.0);
        section_->atClosing();
    }
    // What the verdict asks, the line asks.
    if (!sheet_.field() && !notNow_ && missing() >= 0) sheet_.moveTo(missing());
    showFacts(*facts_, sheet_, Facts::of(job()), style());
    follow();
    makeRoom();
}

void CompressionStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    // Where there is less room section and curve say what the ring would show.
    ring_->setVisible(event->size().height() >= 760 && event->size().width() >= 900);
    makeRoom();
}

/// Eight volumes at a glance, less what the figures over them need beyond a line.
void CompressionStation::makeRoom() {
    constexpr int kVolumes = 257, kLine = 38, kFewest = 40;
    const int beyond = std::max(0, big_->heightForWidth(facts_->width()) - kLine);
    facts_->setMinimumHeight(height() >= 640 ? kVolumes - beyond : kFewest);
}

StandCard CompressionStation::standCard() const {
    if (sheet_.field()) return Bench::standCard();
    StandCard card;
    card.subject = Say::tr("compression, cyl %1").arg(session().cylinder());
    card.caption = Say::tr("dynamic");
    const auto r =
        compression(state(advance_deg()), job().reckoning.altitude_m, job().reckoning.exponent);
    const auto* c = std::get_if<Compression>(&r);
    card.big =
        c && closing_deg() ? words::fixed(c->dynamicRatio, 2, style()) : QString(QChar(0x2013));
    card.bigNote = QStringLiteral(": 1");
    card.advice = verdict();
    card.tip = caution_->text();
    card.ring = ringScene();
    return card;
}

} // namespace app
