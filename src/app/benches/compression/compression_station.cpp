#include "app/benches/compression/compression_station.h"

#include "app/pictures/dynamic_curve.h"
#include "app/pictures/ring.h"
#include "app/pictures/slide.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "core/job/job.h"
#include "words/say.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QResizeEvent>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

CompressionStation::CompressionStation(Session& session, const Look& look, Dialogs& dialogs,
                                       QWidget* parent)
    : BenchOf(session, look, parent),
      section_(new ChamberSection(look, dialogs, this)),
      ring_(new Ring(look, dialogs, this)),
      curve_(new DynamicCurve(look, dialogs, this)),
      slide_(new Slide(look, this)),
      verdict_(new ShrinkingLabel(this)),
      big_(new ShrinkingLabel(this)),
      reached_(new ShrinkingLabel(this)),
      caution_(new ShrinkingLabel(this)),
      facts_(new RowList(look, false, this)),
      table_(new FigureTable(look, true, this)) {
    setObjectName(QStringLiteral("compressionStation"));
    verdict_->setObjectName(QStringLiteral("compressionVerdict"));
    verdict_->setProperty("role", "verdict");
    big_->setObjectName(QStringLiteral("compressionBig"));
    table_->setObjectName(QStringLiteral("compressionTable"));
    table_->setAccessibleName(Say::tr("Dynamic ratio by every way of calling the closing"));
    reached_->setObjectName(QStringLiteral("compressionReached"));
    for (QLabel* label : {reached_, big_})
        label->setTextFormat(Qt::RichText);
    caution_->setProperty("role", "quiet");
    caution_->setText(CompressionDesk::caution());
    facts_->setMinimumHeight(40);
    facts_->setObjectName(QStringLiteral("compressionFacts"));
    facts_->setAccessibleName(Say::tr("Volumes, and where the intake is taken to close"));
    for (QLabel* label : {verdict_, big_, reached_, caution_})
        label->setWordWrap(true);

    layOut();

    connect(slide_, &Slide::moved, desk_, &CompressionDesk::setAdvance);
    connect(desk_, &CompressionDesk::slid, this, &CompressionStation::showSlide);
    connect(desk_, &CompressionDesk::closingWanted, section_, &ChamberSection::atClosing);
    connect(desk_, &CompressionDesk::pistonBack, section_, &ChamberSection::back);
    connect(facts_, &RowList::chosen, this,
            [this](qint64 id) { desk_->askPart(static_cast<int>(id) - 1); });
    connect(section_, &ChamberSection::asked, this, [this](ChamberPart part) {
        static constexpr int kFields[] = {0, 2, 3, 4, 5, 6};
        desk_->askPart(kFields[static_cast<int>(part)]);
    });
}

void CompressionStation::layOut() {
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
}

void CompressionStation::showSlide() {
    slide_->setState(desk_->slide());
    const CompressionState now = desk_->state(desk_->advance_deg());
    const auto r = compression(now, job().reckoning.altitude_m, job().reckoning.exponent);
    const auto* c = std::get_if<Compression>(&r);
    const bool known = desk_->closing_deg() && now.chamber.chamber_cc > 0.0;
    section_->setScene({now, c && known ? std::optional(*c) : std::nullopt});
    ring_->setScene(desk_->ringScene());
    DynamicScene scene;
    if (known)
        scene.curve = dynamicAgainstAdvance(desk_->state(0.0), job().reckoning.altitude_m,
                                            job().reckoning.exponent);
    if (known && job().trial.kept)
        scene.kept = dynamicAgainstAdvance(*job().trial.kept, job().reckoning.altitude_m,
                                           job().reckoning.exponent);
    scene.fuels = job().reckoning.fuels;
    scene.rough = scene.fuels == roughFuelGuide();
    scene.advance_deg = desk_->advance_deg();
    scene.wanted = job().trial.wantedDynamic;
    curve_->setScene(scene);
    verdict_->setText(desk_->verdict());
    big_->setText(
        c && now.chamber.chamber_cc > 0.0
            ? Say::tr("<span style='font-size:28px; font-weight:bold;'>%1</span> dynamic "
                      "&nbsp; <span style='font-size:20px;'>%2</span> static "
                      "&nbsp; cranking&nbsp;%3")
                  .arg(known ? words::fixed(c->dynamicRatio, 2, style()) : QString(QChar(0x2013)),
                       words::fixed(c->staticRatio, 2, style()),
                       known ? words::pressure(c->cranking_kpa, style()) : QString(QChar(0x2013)))
            : QString());
    table_->setBlocks({desk_->table()});
    reached_->setText(desk_->reached());
    reached_->setVisible(!reached_->text().isEmpty());
}

void CompressionStation::refresh() {
    showFacts(*facts_, desk_->sheet(), desk_->facts(), style());
    showSlide();
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

} // namespace app
