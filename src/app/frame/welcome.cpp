#include "app/frame/welcome.h"

#include "app/style/label.h"
#include "words/say.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

namespace app {

Welcome::Welcome(Session& session, const Look& look, QWidget* parent)
    : BenchOf(session, look, parent) {
    setObjectName(QStringLiteral("welcome"));
    auto* title = new PlainLabel(Say::tr("Which engine is on the stand?"), this);
    title->setFont(Look::font(26, true));
    auto* text = new PlainLabel(
        Say::tr(
            "Type a name for this job in the line below and press Enter: the engine, the motor's "
            "number, whatever you will know it by.\n\n"
            "From then on the line asks for one thing after another, in working order: the engine, "
            "its TDC, the lift of each lobe.\n\n"
            "Everything typed is on disk when the line clears, and a wrong reading is struck, "
            "never "
            "lost."),
        this);
    text->setWordWrap(true);
    text->setMaximumWidth(700);
    text->setFont(Look::font(15));
    auto* demo = new QPushButton(Say::tr("Look at the demo first"), this);
    demo->setObjectName(QStringLiteral("openDemo"));
    tip(demo, Say::tr("A book of finished jobs to look around in; yours is not touched"));
    auto* row = new QHBoxLayout;
    row->addWidget(demo);
    row->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(48, 40, 40, 30);
    column->setSpacing(16);
    column->addWidget(title);
    column->addWidget(text);
    column->addLayout(row);
    column->addStretch();
    connect(demo, &QPushButton::clicked, this, &Welcome::demoWanted);
}

/// A quiet dial in the corner: the tool this is about.
void Welcome::paintEvent(QPaintEvent* event) {
    Bench::paintEvent(event);
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look().theme();
    const double r = std::min(width(), height()) * 0.34;
    p.translate(width() - r * 0.55, height() - r * 0.45);
    p.setPen(QPen(t.edge, 2.0));
    p.setBrush(t.dial);
    p.drawEllipse(QPointF(0, 0), r, r);
    for (int deg = 0; deg < 360; deg += 5) {
        p.save();
        p.rotate(deg);
        p.setPen(QPen(t.edge, deg % 30 ? 1.0 : 2.5));
        p.drawLine(QPointF(0, -r * 0.985), QPointF(0, -r * (deg % 30 ? 0.95 : 0.90)));
        p.restore();
    }
    p.rotate(-52);
    p.setPen(QPen(t.amber, 4.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(0, r * 0.08), QPointF(0, -r * 0.96));
    p.setPen(Qt::NoPen);
    p.setBrush(t.ink);
    p.drawEllipse(QPointF(0, 0), 9, 9);
}

} // namespace app
