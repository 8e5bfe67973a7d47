#include "app/stations/compression/chamber_section.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

namespace {
/// The labels from above, as their volumes lie.
constexpr ChamberPart kLabels[] = {ChamberPart::Chamber, ChamberPart::Gasket, ChamberPart::Deck,
                                   ChamberPart::Bore,    ChamberPart::Crown,  ChamberPart::Crevice};
constexpr double kLabelWide = 130.0;

CompressionState sample() {
    CompressionState s;
    s.bore_mm = 85.0;
    s.stroke_mm = 80.0;
    s.rod_mm = 140.0;
    s.chamber = {42.0, 87.0, 1.5, 0.5, 4.0, 0.6};
    return s;
}
/// Labels nearer to one another than this have name and value in one line.
constexpr double kTwoLines = 38.0;
double labelPitch(double height) {
    return std::min(46.0, (height - 24.0) / 6.0);
}
} // namespace

ChamberSection::ChamberSection(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("chamber"), parent) {
    setObjectName(QStringLiteral("chamberSection"));
    setAccessibleName(QStringLiteral("Section of the cylinder with its volumes"));
    setMinimumSize(240, 170);
}

void ChamberSection::setScene(const ChamberScene& scene) {
    scene_ = scene;
    update();
}

double ChamberSection::shown_mm() const {
    if (dragged_mm_) return *dragged_mm_;
    if (scene_.compression) return scene_.compression->trapped_mm;
    return 0.8 * (scene_.state.stroke_mm > 0.0 ? scene_.state.stroke_mm : sample().stroke_mm);
}

void ChamberSection::back() {
    if (before_mm_) dragged_mm_ = before_mm_;
    before_mm_.reset();
    update();
}

void ChamberSection::atClosing() {
    before_mm_ = dragged_mm_;
    dragged_mm_.reset();
    update();
}

ChamberSection::Scale ChamberSection::scale(const QSizeF& size) const {
    const CompressionState s =
        scene_.state.bore_mm > 0.0 && scene_.state.stroke_mm > 0.0 ? scene_.state : sample();
    const double bore = s.bore_mm, stroke = s.stroke_mm;
    // Chamber above, the stroke and half a piston below; labels on the right.
    const double tall = 0.42 * bore + stroke + 0.5 * bore;
    const double mm = std::min((size.height() - 40.0) / tall, (size.width() - 150.0) / bore);
    return {14.0, 24.0 + 0.42 * bore * mm, mm};
}

double ChamberSection::labelY(ChamberPart part, double height) const {
    const auto* at = std::find(std::begin(kLabels), std::end(kLabels), part);
    return (0.5 + static_cast<double>(at - std::begin(kLabels))) * labelPitch(height);
}

void ChamberSection::label(QPainter& p, const QPointF& to, ChamberPart part, const QString& name,
                           const QString& value) const {
    const double y = labelY(part, height());
    const Theme& t = theme();
    const double x = width() - 126.0;
    p.setPen(QPen(t.muted, 1.0));
    p.drawLine(to, QPointF(x - 4.0, y));
    p.setFont(Look::font(12));
    if (labelPitch(height()) < kTwoLines) {
        // What is measured is in the list; here the volume.
        p.drawText(QRectF(x, y - 9.0, 60.0, 18.0), Qt::AlignLeft | Qt::AlignVCenter,
                   name.section(QLatin1Char(' '), 0, 0));
        p.setPen(t.ink);
        p.drawText(QRectF(x + 40.0, y - 9.0, 84.0, 18.0), Qt::AlignRight | Qt::AlignVCenter, value);
        return;
    }
    p.drawText(QRectF(x, y - 16.0, 124.0, 16.0), Qt::AlignLeft | Qt::AlignBottom, name);
    p.setFont(Look::font(13, true));
    p.setPen(t.ink);
    p.drawText(QRectF(x, y, 124.0, 17.0), Qt::AlignLeft | Qt::AlignTop, value);
}

void ChamberSection::draw(QPainter& p, const QSizeF& size) const {
    const Theme& t = theme();
    const words::Style& style = look().style();
    p.setRenderHint(QPainter::Antialiasing);
    // Until there is something to draw, a cylinder of no engine in particular shows what is asked.
    const bool known = scene_.state.bore_mm > 0.0 && scene_.state.stroke_mm > 0.0;
    const CompressionState s = known ? scene_.state : sample();
    if (!known) p.setOpacity(0.5);
    const Scale k = scale(size);
    const double wide = s.bore_mm * k.mm, right = k.left + wide;
    const double area = std::numbers::pi / 4.0 * s.bore_mm * s.bore_mm;
    const double gasket = s.chamber.gasket_mm * k.mm;
    const double deck = s.chamber.deck_mm * k.mm;
    const double down = shown_mm() * k.mm;
    const double crownTop = k.face + deck + down;

    // The chamber as a dome of its own volume: a paraboloid holds half its cylinder.
    const double high =
        std::clamp(2.0 * s.chamber.chamber_cc * 1000.0 / area, 0.0, 0.42 * s.bore_mm) * k.mm;
    const double headFace = k.face - gasket;
    QPolygonF dome;
    for (int i = 0; i <= 40; ++i) {
        const double u = -1.0 + i / 20.0;
        dome << QPointF(k.left + wide * (u + 1.0) / 2.0, headFace - high * (1.0 - u * u));
    }
    // The charge: everything above the crown.
    QColor charge = t.amber;
    charge.setAlpha(50);
    p.setPen(Qt::NoPen);
    p.setBrush(charge);
    QPolygonF above = dome;
    above << QPointF(right, crownTop) << QPointF(k.left, crownTop);
    p.drawPolygon(above);
    // Head, gasket, walls.
    p.setPen(QPen(t.ink, 2.0));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(dome);
    const double gasketBore =
        (s.chamber.gasketBore_mm > 0.0 ? s.chamber.gasketBore_mm : s.bore_mm) * k.mm;
    const double edge = (gasketBore - wide) / 2.0;
    p.setPen(Qt::NoPen);
    p.setBrush(t.muted);
    p.drawRect(QRectF(k.left - 12.0, headFace, std::max(2.0, 12.0 - edge), std::max(2.0, gasket)));
    p.drawRect(QRectF(right + edge, headFace, std::max(2.0, 12.0 - edge), std::max(2.0, gasket)));
    const double bottom = k.face + (s.stroke_mm + 0.5 * s.bore_mm) * k.mm;
    p.setPen(QPen(t.ink, 2.0));
    for (double wall : {k.left, right})
        p.drawLine(QPointF(wall, k.face), QPointF(wall, bottom));
    // The piston, its dish or dome, its first ring.
    const double tall = 0.45 * s.bore_mm * k.mm;
    const double rise = 1.5 * s.chamber.crown_cc * 1000.0 / area * k.mm;
    p.setPen(QPen(t.ink, 1.8));
    p.setBrush(t.panel);
    QPolygonF piston;
    for (int i = 0; i <= 30; ++i) {
        const double u = -1.0 + i / 15.0;
        piston << QPointF(k.left + 1.5 + (wide - 3.0) * (u + 1.0) / 2.0,
                          crownTop + rise * (1.0 - u * u));
    }
    piston << QPointF(right - 1.5, crownTop + tall) << QPointF(k.left + 1.5, crownTop + tall);
    p.drawPolygon(piston);
    for (double y : {0.16, 0.26})
        p.drawLine(QPointF(k.left + 1.5, crownTop + tall * y),
                   QPointF(right - 1.5, crownTop + tall * y));
    // The way up that is left: an amber measure from the closing to the top.
    p.setPen(QPen(t.amber, 3.0));
    const double x = k.left + wide * 0.12;
    p.drawLine(QPointF(x, crownTop), QPointF(x, k.face + deck));
    p.drawLine(QPointF(x - 6, k.face + deck), QPointF(x + 6, k.face + deck));

    const auto cc = [&](double v) {
        return known ? words::fixed(v, 1, style) + QStringLiteral(" cc")
                     : QStringLiteral("not known yet");
    };
    const auto length = [&](double mm) {
        return known ? words::liftWithUnit(mm, style) : QString();
    };
    const ClearanceVolumes v =
        scene_.compression ? scene_.compression->clearance : ClearanceVolumes{};

    const auto put = [&](ChamberPart part, const QPointF& to, const QString& name,
                         const QString& value) { label(p, to, part, name, value); };
    put(ChamberPart::Chamber, QPointF(k.left + wide * 0.75, headFace - high * 0.5),
        QStringLiteral("chamber"),
        scene_.state.chamber.chamber_cc > 0.0 ? cc(s.chamber.chamber_cc)
                                              : QStringLiteral("not known yet"));
    put(ChamberPart::Gasket, QPointF(right + 8.0, headFace + gasket / 2.0),
        QStringLiteral("gasket ") + length(s.chamber.gasket_mm), cc(v.gasket));
    put(ChamberPart::Deck, QPointF(right - 3.0, k.face + deck / 2.0),
        QStringLiteral("deck ") + length(s.chamber.deck_mm), cc(v.deck));
    put(ChamberPart::Bore, QPointF(right - 10.0, (k.face + crownTop) / 2.0),
        QStringLiteral("swept"), scene_.compression ? cc(scene_.compression->swept_cc) : QString());
    put(ChamberPart::Crown, QPointF(k.left + wide * 0.7, crownTop + rise * 0.8),
        s.chamber.crown_cc < 0.0 ? QStringLiteral("dome") : QStringLiteral("dish"),
        cc(s.chamber.crown_cc));
    put(ChamberPart::Crevice, QPointF(right - 2.0, crownTop + tall * 0.1),
        QStringLiteral("crevice"), cc(s.chamber.crevice_cc));
    if (scene_.compression) {
        p.setFont(Look::font(12));
        p.setPen(t.muted);
        p.drawText(QRectF(4, size.height() - 18, size.width() - 8, 18), Qt::AlignLeft,
                   QStringLiteral("piston %1 down%2: %3 : 1")
                       .arg(words::dimension(shown_mm(), style),
                            dragged_mm_ ? QString() : QStringLiteral(" at closing"),
                            words::fixed(ratioWithPiston(s, shown_mm()), 2, style)));
    }
}

std::optional<ChamberPart> ChamberSection::partAt(const QPointF& at) const {
    if (at.x() < width() - kLabelWide) return std::nullopt;
    for (ChamberPart part : kLabels)
        if (std::abs(at.y() - labelY(part, height())) <= labelPitch(height()) / 2.0) return part;
    return std::nullopt;
}

void ChamberSection::drag(double y) {
    const Scale k = scale(size());
    dragged_mm_ =
        std::clamp((y - k.face) / k.mm - scene_.state.chamber.deck_mm, 0.0, scene_.state.stroke_mm);
    update();
}

void ChamberSection::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    if (const auto part = partAt(event->position())) return emit asked(*part);
    if (event->position().x() < width() - kLabelWide) drag(event->position().y());
}

void ChamberSection::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton && event->position().x() < width() - kLabelWide)
        drag(event->position().y());
}

void ChamberSection::keyPressEvent(QKeyEvent* event) {
    const int way = event->key() == Qt::Key_Down ? 1 : event->key() == Qt::Key_Up ? -1 : 0;
    if (event->key() == Qt::Key_Home) return atClosing();
    if (way == 0) return Picture::keyPressEvent(event);
    dragged_mm_ = std::clamp(shown_mm() + way, 0.0, scene_.state.stroke_mm);
    update();
}

} // namespace app
