#include "app/benches/timing/timing_station.h"

#include "app/pictures/event_bars.h"
#include "app/pictures/midpoint_plot.h"
#include "app/pictures/ring.h"
#include "app/style/dial_style.h"
#include "app/style/label.h"
#include "app/style/shrinking.h"
#include "core/assess/claims.h"
#include "core/job/job.h"
#include "core/typed/entry.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QResizeEvent>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr CentreSchool kSchools[] = {CentreSchool::EqualDrop, CentreSchool::Events,
                                     CentreSchool::Peak, CentreSchool::Centroid};
} // namespace

TimingStation::TimingStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : BenchOf(session, look, parent),
      verdict_(new PlainLabel(this)),
      more_(new ShrinkingLabel(this)),
      events_(new ShrinkingLabel(this)),
      together_(new ShrinkingLabel(this)),
      curve_(new ShrinkingLabel(this)),
      schools_(new QButtonGroup(this)),
      bars_(new EventBars(look, dialogs, this)),
      midpoints_(new MidpointPlot(look, dialogs, this)) {
    setObjectName(QStringLiteral("timingStation"));
    verdict_->setProperty("role", "verdict");
    verdict_->setObjectName(QStringLiteral("timingVerdict"));
    more_->setObjectName(QStringLiteral("timingReasons"));
    events_->setObjectName(QStringLiteral("timingEvents"));
    curve_->setObjectName(QStringLiteral("timingCurve"));
    events_->setProperty("role", "quiet");
    curve_->setProperty("role", "quiet");
    for (QLabel* label : {verdict_, more_, events_, together_, curve_})
        label->setWordWrap(true);

    grid_ = new QGridLayout;
    grid_->setHorizontalSpacing(14);
    grid_->setVerticalSpacing(6);
    const auto head = [&](const QString& text, int column) {
        auto* label = new ShrinkingLabel(text, this);
        label->setProperty("role", "quiet");
        grid_->addWidget(label, 0, column);
    };
    head(Say::tr("Lobe centre by"), 0);
    head(Say::tr("intake, ATDC"), 1);
    head(Say::tr("exhaust, BTDC"), 2);
    for (int i = 0; i < 4; ++i) {
        auto* button = new QPushButton(words::schoolName(kSchools[i]), this);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        button->setObjectName(QStringLiteral("school%1").arg(i));
        schools_->addButton(button, i);
        tip(button, Say::tr("Everywhere, the lobe centre is found this way"));
        grid_->addWidget(button, i + 1, 0);
        for (int side = 0; side < 2; ++side) {
            centres_[i][side] = new PlainLabel(this);
            centres_[i][side]->setAlignment(Qt::AlignCenter);
            centres_[i][side]->setTextFormat(Qt::RichText);
            grid_->addWidget(centres_[i][side], i + 1, side + 1);
        }
    }
    together_->setFont(Look::font(13));
    together_->setTextFormat(Qt::RichText);
    grid_->addWidget(together_, 0, 3, 5, 1);
    grid_->addWidget(midpoints_, 0, 4, 5, 1);
    grid_->setColumnStretch(3, 1);
    grid_->setColumnStretch(4, 1);

    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 10);
    column->setSpacing(8);
    column->addWidget(verdict_);
    column->addWidget(more_);
    column->addWidget(events_);
    column->addWidget(bars_, 1);
    column->addLayout(grid_);
    column->addWidget(curve_);

    connect(schools_, &QButtonGroup::idClicked, this, [this](int id) {
        Stated s = job();
        s.reckoning.school = kSchools[id];
        if (s.reckoning.school != job().reckoning.school) this->session().keep(book::SetStated{s});
    });
    connect(&session, &Session::selectionChanged, this, &TimingStation::refresh);
}

/// A low window keeps to what is to be done.
bool TimingStation::low() const {
    return height() < 620;
}

void TimingStation::resizeEvent(QResizeEvent* event) {
    const bool before = event->oldSize().height() < 620;
    Bench::resizeEvent(event);
    // What explains takes three lines there, and is written smaller where it needs more.
    const int most = low() ? 54 : QWIDGETSIZE_MAX;
    bars_->setMinimumHeight(low() ? 150 : 180);
    for (QLabel* label : {more_, events_, curve_})
        label->setMaximumHeight(most);
    if (before != low())
        refresh();
    else
        makeRoom();
}

void TimingStation::refreshSchools(const Held<CylinderFindings>& c) {
    for (int i = 0; i < 4; ++i) {
        schools_->button(i)->setChecked(job().reckoning.school == kSchools[i]);
        for (int side = 0; side < 2; ++side) {
            const RunFindings* run = c ? findings().of(*c, static_cast<Side>(side)) : nullptr;
            const bool known = run && run->lobe.centres.by(kSchools[i]);
            const auto at =
                known ? centreFromTdc(findings(), run->lobe, kSchools[i]) : std::nullopt;
            const bool chosen = job().reckoning.school == kSchools[i];
            const auto uncertain = halfWidthOf(at);
            const QString u =
                uncertain ? QStringLiteral(
                                " <span style='font-size:11px; font-weight:normal;'>%1%2</span>")
                                .arg(QChar(0xB1))
                                .arg(words::fixed(std::max(0.1, *uncertain), 1, style()))
                          : QString();
            const QColor colour = look().theme().lobe(side == 0 ? Side::Intake : Side::Exhaust);
            centres_[i][side]->setText(
                at ? words::fixed(side == 0 ? at->deg : -at->deg, 1, style()) + QChar(0xB0) + u
                   : QString(QChar(0x2013)));
            centres_[i][side]->setFont(Look::font(chosen ? 19 : 15, chosen));
            setInk(centres_[i][side], colour);
        }
    }
}

void TimingStation::refresh() {
    const auto c = desk_->cylinder();
    verdict_->setText(desk_->verdict());
    const QString more = c ? desk_->reasons(*c, low()) : QString();
    more_->setText(more);
    more_->setVisible(!more.isEmpty());
    QStringList lines, curve;
    if (c && c->explanation) lines = words::eventLines(*c->explanation, style());
    QString rows;
    for (int i = 0; i < lines.size(); ++i)
        rows += lines[i] +
                (i % 2 && i + 1 < lines.size() ? QStringLiteral("\n") : QStringLiteral("     "));
    events_->setText(rows.trimmed());
    events_->setVisible(!lines.isEmpty() && !low());
    EventBarsScene scene;
    scene.heights = job().reckoning.heights;
    // What a run took its events at is shown as well, listed or not.
    for (const RunFindings* run :
         {c ? findings().intake(*c) : nullptr, c ? findings().exhaust(*c) : nullptr})
        if (run && run->lobe.eventsOnly)
            for (const HeightEvents& e : run->lobe.heights)
                if (scene.heights.size() < 10 &&
                    std::find(scene.heights.begin(), scene.heights.end(), e.height) ==
                        scene.heights.end())
                    scene.heights.push_back(e.height);
    std::sort(scene.heights.begin(), scene.heights.end(),
              [](const Height& a, const Height& b) { return a.mm < b.mm; });
    scene.card = job().card;
    MidpointScene middle;
    middle.school = job().reckoning.school;
    if (c) {
        const SnapshotPtr now = session().snapshot();
        scene.pair = {now, c->pair ? &*c->pair : nullptr};
        for (const RunFindings* run : {findings().intake(*c), findings().exhaust(*c)}) {
            if (!run) continue;
            const bool intake = run->side == Side::Intake;
            (intake ? scene.intake : scene.exhaust) = {now, &run->lobe};
            (intake ? middle.intake : middle.exhaust) = {now, &run->lobe};
            for (const QString& said : {words::symmetrySentence(run->lobe, style()),
                                        words::smoothingLine(run->lobe, style())})
                if (!said.isEmpty()) curve << said;
        }
    }
    curve_->setText(curve.join(QLatin1Char(' ')));
    curve_->setVisible(!curve.isEmpty() && !low());
    bars_->setScene(scene);
    midpoints_->setScene(middle);
    refreshSchools(c);
    together_->setText(c ? desk_->figures(*c, low()) : QString());
    makeRoom();
}

/// Where the words need the room of the plot, they come first.
void TimingStation::makeRoom() {
    constexpr int kBesidePlot = 180, kRoom = 270, kWords = 140;
    const bool wordy = together_->heightForWidth(kBesidePlot) >= kRoom;
    grid_->setColumnStretch(3, wordy ? 3 : 1);
    midpoints_->setVisible(!low());
    if (layout()->totalMinimumSize().width() + kWords > width()) midpoints_->hide();
    // Where it is not, the words have its room.
    grid_->setColumnStretch(4, midpoints_->isHidden() ? 0 : 1);
}

} // namespace app
