#include "app/frame/job_portrait.h"

#include "app/pictures/along.h"
#include "core/curve/curve.h"
#include "core/examine/snapshot.h"
#include "core/result/findings.h"
#include "words/say.h"

#include <QPainter>
#include <QPainterPath>

namespace app {

using namespace lobe;

JobPortrait::JobPortrait(const Look& look, QWidget* parent) : QWidget(parent), look_(look) {
    setObjectName(QStringLiteral("jobPortrait"));
    setAccessibleName(Say::tr("The lobes of the job"));
}

void JobPortrait::show(SnapshotPtr job) {
    job_ = std::move(job);
    update();
}

void JobPortrait::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    p.setPen(QPen(t.edge, 1.0));
    p.setBrush(t.dial);
    const QRectF box = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    p.drawRoundedRect(box, 6, 6);
    if (!job_ || job_->findings.cylinders.empty()) {
        p.setPen(t.muted);
        p.setFont(Look::font(12));
        p.drawText(box, Qt::AlignCenter, job_ ? Say::tr("nothing measured") : QString());
        return;
    }
    const CylinderFindings& c = job_->findings.cylinders.front();
    double most = 1.0;
    for (Side side : {Side::Intake, Side::Exhaust})
        if (const RunFindings* run = job_->findings.of(c, side); run && run->lobe.maxLift_mm)
            most = std::max(most, run->lobe.maxLift_mm->value);
    const QRectF plot = box.adjusted(8, 10, -8, -10);
    p.setBrush(Qt::NoBrush);
    for (Side side : {Side::Exhaust, Side::Intake}) {
        const RunFindings* run = job_->findings.of(c, side);
        if (!run || !run->lobe.curve) continue;
        QPainterPath path;
        const LiftCurve& curve = *run->lobe.curve;
        for (double d : along(curve.first(), curve.last(), 2.0)) {
            const QPointF at(plot.left() + plot.width() * (d + 290.0) / 580.0,
                             plot.bottom() - plot.height() * std::max(0.0, curve.at(d)) / most);
            path.elementCount() == 0 ? path.moveTo(at) : path.lineTo(at);
        }
        p.setPen(look_.lobePen(side, 1.8));
        p.drawPath(path);
    }
}

} // namespace app
