#include "app/stations/timing/timing_station.h"

#include "app/pictures/event_bars.h"
#include "core/entry.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr CentreSchool kSchools[] = {CentreSchool::EqualDrop, CentreSchool::Events,
                                     CentreSchool::Peak, CentreSchool::Centroid};
} // namespace

TimingStation::TimingStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      verdict_(new QLabel(this)),
      more_(new QLabel(this)),
      together_(new QLabel(this)),
      schools_(new QButtonGroup(this)),
      bars_(new EventBars(look, dialogs, this)) {
    setObjectName(QStringLiteral("timingStation"));
    verdict_->setProperty("role", "verdict");
    verdict_->setObjectName(QStringLiteral("timingVerdict"));
    for (QLabel* label : {verdict_, more_, together_})
        label->setWordWrap(true);

    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(6);
    const auto head = [&](const QString& text, int column) {
        auto* label = new QLabel(text, this);
        label->setProperty("role", "quiet");
        grid->addWidget(label, 0, column);
    };
    head(QStringLiteral("Lobe centre by"), 0);
    head(QStringLiteral("intake, ATDC"), 1);
    head(QStringLiteral("exhaust, BTDC"), 2);
    for (int i = 0; i < 4; ++i) {
        auto* button = new QPushButton(words::schoolName(kSchools[i]), this);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        button->setObjectName(QStringLiteral("school%1").arg(i));
        schools_->addButton(button, i);
        grid->addWidget(button, i + 1, 0);
        for (int side = 0; side < 2; ++side) {
            centres_[i][side] = new QLabel(this);
            centres_[i][side]->setAlignment(Qt::AlignCenter);
            grid->addWidget(centres_[i][side], i + 1, side + 1);
        }
    }
    together_->setStyleSheet(QStringLiteral("font-size: 13px;"));
    grid->addWidget(together_, 0, 3, 5, 1);
    grid->setColumnStretch(3, 1);

    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 10);
    column->setSpacing(8);
    column->addWidget(verdict_);
    column->addWidget(more_);
    column->addWidget(bars_, 1);
    column->addLayout(grid);

    connect(schools_, &QButtonGroup::idClicked, this, [this](int id) {
        Settings s = job().settings;
        s.school = kSchools[id];
        if (s.school != job().settings.school) this->session().keep(book::SetSettings{s});
    });
    connect(&session, &Session::selectionChanged, this, &TimingStation::refresh);
}

const CylinderFindings* TimingStation::cylinder() const {
    for (const CylinderFindings& c : findings().cylinders)
        if (c.cylinder == session().cylinder()) return &c;
    return nullptr;
}

Prompt TimingStation::prompt() const {
    Prompt p;
    p.subject = QStringLiteral("checking heights");
    p.ask = QStringLiteral("height to add or drop?");
    p.enter = QStringLiteral("add it, or drop it");
    p.keys = QStringLiteral("1.27t  tappet   1.27v  valve   inch, metric");
    return p;
}

Echo TimingStation::heightsAfter(const QString& text, std::vector<Height>& heights) const {
    const Place usual = heights.empty() ? Place::Tappet : heights.front().at;
    const QString word = text.trimmed().toLower();
    if (word == QLatin1String("inch") || word == QLatin1String("metric")) {
        heights = word == QLatin1String("inch") ? inchHeights(usual) : metricHeights(usual);
        return {true, QStringLiteral("the %1 school's heights").arg(word)};
    }
    const auto read = readHeight(text.toStdString(), style().unit, usual);
    if (const auto* e = std::get_if<EntryError>(&read))
        return {false, words::sentence(*e, style())};
    const Height h = std::get<Height>(read);
    const auto same = std::find_if(heights.begin(), heights.end(), [&](const Height& o) {
        return o.at == h.at && std::abs(o.mm - h.mm) < 0.0006;
    });
    if (same != heights.end()) {
        if (heights.size() == 1)
            return {false, QStringLiteral("Keep at least one checking height.")};
        heights.erase(same);
        return {true, QStringLiteral("drops ") + words::heightAt(h, style())};
    }
    if (heights.size() >= 10)
        return {false, QStringLiteral("Ten heights are enough; drop one first.")};
    heights.push_back(h);
    std::sort(heights.begin(), heights.end(),
              [](const Height& a, const Height& b) { return a.mm < b.mm; });
    return {true, QStringLiteral("adds ") + words::heightAt(h, style())};
}

Echo TimingStation::understand(const QString& text) const {
    std::vector<Height> heights = job().settings.heights;
    return heightsAfter(text, heights);
}

Echo TimingStation::submit(const QString& text) {
    if (text.trimmed().isEmpty()) return {false, QStringLiteral("Type a height, such as 1.27.")};
    Settings s = job().settings;
    const Echo echo = heightsAfter(text, s.heights);
    if (!echo.ok) return echo;
    if (!session().keep(book::SetSettings{s})) return {false, QStringLiteral("Not kept.")};
    return {true, {}};
}

QString TimingStation::verdict() const {
    const CylinderFindings* c = cylinder();
    if (!c || (!c->intake && !c->exhaust))
        return QStringLiteral(
                   "No lobe of cylinder %1 is recorded yet. Go to Lobes and type the first lift.")
            .arg(session().cylinder());
    for (Code code : {Code::SidesSwapped, Code::CentreFarOff, Code::CamShift, Code::SeparationOff,
                      Code::CardShift})
        for (const Finding& f : findings().all)
            if (f.code == code && f.cylinder == c->cylinder) return words::sentence(f, style());
    if (!c->pair || !c->pair->separation)
        return QStringLiteral("One lobe is in hand; record the other to its nose and beyond for "
                              "overlap and separation.");
    if (job().card)
        return QStringLiteral("Both lobes stand as the card says, within what a wheel can show.");
    return QStringLiteral("Lobe separation %1 cam degrees, %2. Enter the cam's card to compare.")
        .arg(words::fixed(c->pair->separation->deg, 1, style()),
             *c->pair->advance_deg >= 0.0
                 ? QStringLiteral("installed %1 advanced")
                       .arg(words::degrees(*c->pair->advance_deg, style()))
                 : QStringLiteral("installed %1 retarded")
                       .arg(words::degrees(-*c->pair->advance_deg, style())));
}

void TimingStation::refreshSchools(const CylinderFindings* c) {
    for (int i = 0; i < 4; ++i) {
        schools_->button(i)->setChecked(job().settings.school == kSchools[i]);
        for (int side = 0; side < 2; ++side) {
            const RunFindings* run = !c ? nullptr : side == 0 ? c->intake : c->exhaust;
            const auto at = run ? run->lobe.centres.by(kSchools[i]) : std::nullopt;
            const bool chosen = job().settings.school == kSchools[i];
            const QColor colour = look().theme().lobe(side == 0 ? Side::Intake : Side::Exhaust);
            centres_[i][side]->setText(
                at ? words::fixed(side == 0 ? at->deg : -at->deg, 1, style()) + QChar(0xB0)
                   : QString(QChar(0x2013)));
            centres_[i][side]->setStyleSheet(
                QStringLiteral("font-size: %1px; font-weight: %2; color: %3;")
                    .arg(chosen ? 19 : 15)
                    .arg(chosen ? QStringLiteral("bold") : QStringLiteral("normal"),
                         colour.name()));
        }
    }
}

void TimingStation::refresh() {
    const CylinderFindings* c = cylinder();
    verdict_->setText(verdict());
    QString more;
    for (const Finding& f : findings().all)
        if (f.severity >= Severity::LookAgain || f.code == Code::TdcNotTaken ||
            f.code == Code::TdcNotProved || f.code == Code::TdcPointerOff)
            more += (more.isEmpty() ? QString() : QStringLiteral("  ")) +
                    words::shortSentence(f, style());
    more_->setText(more);
    more_->setVisible(!more.isEmpty());
    EventBarsScene scene;
    scene.heights = job().settings.heights;
    if (c) {
        scene.intake = c->intake ? &c->intake->lobe : nullptr;
        scene.exhaust = c->exhaust ? &c->exhaust->lobe : nullptr;
        scene.pair = c->pair ? &*c->pair : nullptr;
    }
    bars_->setScene(scene);
    refreshSchools(c);
    QString together;
    if (c && c->pair) {
        const PairFigures& p = *c->pair;
        const auto line = [&](const QString& name, const QString& value) {
            together += QStringLiteral("%1  <b>%2</b><br>").arg(name, value);
        };
        if (p.separation)
            line(QStringLiteral("Lobe separation"),
                 words::degrees(p.separation->deg, style()) + QStringLiteral(" cam"));
        if (p.advance_deg)
            line(*p.advance_deg >= 0 ? QStringLiteral("Advanced") : QStringLiteral("Retarded"),
                 words::degrees(std::abs(*p.advance_deg), style()) + QStringLiteral(" crank"));
        if (p.splitPoint)
            line(QStringLiteral("Split point"), words::fromDeadCentre(*p.splitPoint, style()));
        if (p.overlapArea_mm_deg)
            line(QStringLiteral("Overlap area"), words::fixed(*p.overlapArea_mm_deg, 1, style()) +
                                                     QStringLiteral(" mm") + QChar(0xB7) +
                                                     QStringLiteral("deg (valve)"));
        for (const RunFindings* run : {c->intake, c->exhaust})
            if (const auto spread = run->lobe.centres.spread_deg())
                line(words::sideTitle(run->side) + QStringLiteral(" schools differ by"),
                     words::degrees(*spread, style()));
    }
    together_->setText(together);
}

} // namespace app
