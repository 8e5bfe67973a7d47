#include "app/benches/springs/stem_face.h"

#include "app/style/shrinking.h"
#include "words/clearance.h"
#include "words/say.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr double kSampleStem_mm = 8.0;
} // namespace

StemFace::StemFace(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("stem"), parent) {
    setObjectName(QStringLiteral("stemFace"));
    setAccessibleName(Say::tr("The bands on the end of the stem"));
    setMinimumSize(120, 90);
}

void StemFace::setScene(const StemScene& scene) {
    scene_ = scene;
    setAccessibleDescription(text());
    update();
}

void StemFace::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    const words::Style& style = look().style();
    const double stem = scene_.rods.stem_mm > 0.0 ? scene_.rods.stem_mm : kSampleStem_mm;
    const double radius = std::max(10.0, std::min(size.width() - 12.0, size.height() - 44.0) / 2.0);
    const double scale = 2.0 * radius / stem;
    const QPointF middle(size.width() / 2.0, 22.0 + radius);
    QPainterPath face;
    face.addEllipse(middle, radius, radius);
    p.setPen(QPen(t.edge, 1.5));
    p.setBrush(t.panel);
    p.drawPath(face);
    std::vector<const PushRodTrial*> live;
    for (const PushRodTrial& trial : scene_.rods.trials)
        if (trial.side == scene_.side && trial.replaced.empty()) live.push_back(&trial);
    p.save();
    p.setClipPath(face);
    for (const PushRodTrial* trial : live) {
        const bool newest = trial == live.back();
        QColor band = newest ? t.lobe(scene_.side) : t.muted;
        band.setAlpha(newest ? 170 : 50);
        p.setPen(Qt::NoPen);
        p.setBrush(band);
        p.drawRect(QRectF(middle.x() + (trial->middle_mm - trial->wide_mm / 2.0) * scale,
                          middle.y() - radius, trial->wide_mm * scale, 2.0 * radius));
    }
    if (scene_.call.length_mm) {
        p.setPen(QPen(t.amberLine, 1.6, Qt::DashLine));
        for (const double way : {-0.5, 0.5})
            p.drawLine(
                QPointF(middle.x() + (scene_.call.middle_mm + way * scene_.call.wide_mm) * scale,
                        middle.y() - radius),
                QPointF(middle.x() + (scene_.call.middle_mm + way * scene_.call.wide_mm) * scale,
                        middle.y() + radius));
    }
    p.restore();
    p.setPen(QPen(t.ink, 1.0, Qt::DotLine));
    p.drawLine(middle - QPointF(0, radius), middle + QPointF(0, radius));
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRectF(2, 2, size.width() - 4, 16), Qt::AlignLeft,
               Say::tr("rocker's shaft to the left"));
    p.setPen(t.ink);
    const QString said = live.empty()
                             ? Say::tr("no trial yet")
                             : Say::tr("rod %1: %2 wide")
                                   .arg(words::clearanceNumber(live.back()->length_mm, style),
                                        words::clearanceNumber(live.back()->wide_mm, style));
    drawFitted(p, QRectF(2, size.height() - 18, size.width() - 4, 16), Qt::AlignHCenter, said);
}

QString StemFace::text() const {
    const words::Style& style = look().style();
    QStringList out{columns({Say::tr("push rod"), Say::tr("middle"), Say::tr("width")})};
    for (const PushRodTrial& t : scene_.rods.trials)
        if (t.side == scene_.side && t.replaced.empty())
            out << columns({words::clearanceNumber(t.length_mm, style),
                            words::clearanceNumber(t.middle_mm, style),
                            words::clearanceNumber(t.wide_mm, style)});
    return out.join(QLatin1Char('\n'));
}

} // namespace app
