#include "app/benches/compression/chamber_section.h"

#include "app/style/shrinking.h"
#include "words/say.h"

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
    setAccessibleName(Say::tr("Section of the cylinder with its volumes"));
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
                           const QString& measured, const QString& value) const {
    const double y = labelY(part, height());
    const Theme& t = theme();
    const double x = width() - 126.0;
    p.setPen(QPen(t.muted, 1.0));
    p.drawLine(to, QPointF(x - 4.0, y));
    p.setFont(Look::font(12));
    if (labelPitch(height()) < kTwoLines) {
        // What is measured is in the list; here the volume.
        drawFitted(p, QRectF(x, y - 9.0, 60.0, 18.0), Qt::AlignLeft | Qt::AlignVCenter, name);
        p.setPen(t.ink);
        p.drawText(QRectF(x + 40.0, y - 9.0, 84.0, 18.0), Qt::AlignRight | Qt::AlignVCenter, value);
        return;
    }
    drawFitted(p, QRectF(x, y - 16.0, 124.0, 16.0), Qt::AlignLeft | Qt::AlignBottom,
               measured.isEmpty() ? name : name + QLatin1Char(' ') + measured);
    p.setFont(Look::font(13, true));
    p.setPen(t.ink);
    p.drawText(QRectF(x, y, 124.0, 17.0), Qt::AlignLeft | Qt::AlignTop, value);
}

/// Where everything stands, in pixels, but for the state itself.
struct ChamberSection::Outline {
    CompressionState state;
    bool known; ///< else a cylinder of no engine in particular
    double left, right, face, mm;
    double headFace, gasket, deck, crownTop;
    double high; ///< of the chamber, drawn as a dome of its own volume
    double tall; ///< of the piston
    double rise; ///< of its crown: a dish down, a dome up
    double wide() const { return right - left; }
};

ChamberSection::Outline ChamberSection::outline(const QSizeF& size) const {
    Outline o{};
    o.known = scene_.state.bore_mm > 0.0 && scene_.state.stroke_mm > 0.0;
    o.state = o.known ? scene_.state : sample();
    const CompressionState& s = o.state;
    const Scale k = scale(size);
    const double area = std::numbers::pi / 4.0 * s.bore_mm * s.bore_mm;
    o.left = k.left;
    o.right = k.left + s.bore_mm * k.mm;
    o.face = k.face;
    o.mm = k.mm;
    o.gasket = s.chamber.gasket_mm * k.mm;
    o.deck = s.chamber.deck_mm * k.mm;
    o.headFace = k.face - o.gasket;
    o.crownTop = k.face + o.deck + shown_mm() * k.mm;
    // A paraboloid holds half its cylinder.
    o.high = std::clamp(2.0 * s.chamber.chamber_cc * 1000.0 / area, 0.0, 0.42 * s.bore_mm) * k.mm;
    o.tall = 0.45 * s.bore_mm * k.mm;
    o.rise = 1.5 * s.chamber.crown_cc * 1000.0 / area * k.mm;
    return o;
}

void ChamberSection::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Outline o = outline(size);
    // Until there is something to draw, what is asked is shown on a sample.
    if (!o.known) p.setOpacity(0.5);
    drawHead(p, o);
    drawPiston(p, o);
    drawLabels(p, o);
    if (!scene_.compression) return;
    p.setFont(Look::font(12));
    p.setPen(theme().muted);
    const words::Style& style = look().style();
    drawFitted(p, QRectF(4, size.height() - 18, size.width() - 8, 18), Qt::AlignLeft,
               Say::tr("piston %1 down%2: %3 : 1")
                   .arg(words::dimension(shown_mm(), style),
                        dragged_mm_ ? QString() : Say::tr(" at closing"),
                        words::fixed(ratioWithPiston(o.state, shown_mm()), 2, style)));
}

/// The charge, the chamber over it, the gasket either side and the walls.
void ChamberSection::drawHead(QPainter& p, const Outline& o) const {
    const Theme& t = theme();
    const CompressionState& s = o.state;
    QPolygonF dome;
    for (int i = 0; i <= 40; ++i) {
        const double u = -1.0 + i / 20.0;
        dome << QPointF(o.left + o.wide() * (u + 1.0) / 2.0, o.headFace - o.high * (1.0 - u * u));
    }
    QColor charge = t.amber;
    charge.setAlpha(50);
    p.setPen(Qt::NoPen);
    p.setBrush(charge);
    QPolygonF above = dome;
    above << QPointF(o.right, o.crownTop) << QPointF(o.left, o.crownTop);
    p.drawPolygon(above);
    p.setPen(QPen(t.ink, 2.0));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(dome);
    const double gasketBore =
        (s.chamber.gasketBore_mm > 0.0 ? s.chamber.gasketBore_mm : s.bore_mm) * o.mm;
    const double edge = (gasketBore - o.wide()) / 2.0;
    const QSizeF bead(std::max(2.0, 12.0 - edge), std::max(2.0, o.gasket));
    p.setPen(Qt::NoPen);
    p.setBrush(t.muted);
    p.drawRect(QRectF(QPointF(o.left - 12.0, o.headFace), bead));
    p.drawRect(QRectF(QPointF(o.right + edge, o.headFace), bead));
    const double bottom = o.face + (s.stroke_mm + 0.5 * s.bore_mm) * o.mm;
    p.setPen(QPen(t.ink, 2.0));
    for (double wall : {o.left, o.right})
        p.drawLine(QPointF(wall, o.face), QPointF(wall, bottom));
}

/// The piston, its dish or dome, its first rings, and the way up that is left to it.
void ChamberSection::drawPiston(QPainter& p, const Outline& o) const {
    const Theme& t = theme();
    p.setPen(QPen(t.ink, 1.8));
    p.setBrush(t.panel);
    QPolygonF piston;
    for (int i = 0; i <= 30; ++i) {
        const double u = -1.0 + i / 15.0;
        piston << QPointF(o.left + 1.5 + (o.wide() - 3.0) * (u + 1.0) / 2.0,
                          o.crownTop + o.rise * (1.0 - u * u));
    }
    piston << QPointF(o.right - 1.5, o.crownTop + o.tall)
           << QPointF(o.left + 1.5, o.crownTop + o.tall);
    p.drawPolygon(piston);
    for (double y : {0.16, 0.26})
        p.drawLine(QPointF(o.left + 1.5, o.crownTop + o.tall * y),
                   QPointF(o.right - 1.5, o.crownTop + o.tall * y));
    // An amber measure from the closing to the top.
    p.setPen(QPen(t.amber, 3.0));
    const double x = o.left + o.wide() * 0.12, top = o.face + o.deck;
    p.drawLine(QPointF(x, o.crownTop), QPointF(x, top));
    p.drawLine(QPointF(x - 6, top), QPointF(x + 6, top));
}

void ChamberSection::drawLabels(QPainter& p, const Outline& o) const {
    const words::Style& style = look().style();
    const Chamber& c = o.state.chamber;
    const auto cc = [&](double v) {
        return o.known ? words::fixed(v, 1, style) + Say::tr(" cc") : Say::tr("not known yet");
    };
    const auto length = [&](double mm) {
        return o.known ? words::liftWithUnit(mm, style) : QString();
    };
    const ClearanceVolumes v =
        scene_.compression ? scene_.compression->clearance : ClearanceVolumes{};
    label(p, QPointF(o.left + o.wide() * 0.75, o.headFace - o.high * 0.5), ChamberPart::Chamber,
          Say::tr("chamber"), {},
          scene_.state.chamber.chamber_cc > 0.0 ? cc(c.chamber_cc) : Say::tr("not known yet"));
    label(p, QPointF(o.right + 8.0, o.headFace + o.gasket / 2.0), ChamberPart::Gasket,
          Say::tr("gasket"), length(c.gasket_mm), cc(v.gasket));
    label(p, QPointF(o.right - 3.0, o.face + o.deck / 2.0), ChamberPart::Deck, Say::tr("deck"),
          length(c.deck_mm), cc(v.deck));
    label(p, QPointF(o.right - 10.0, (o.face + o.crownTop) / 2.0), ChamberPart::Bore,
          Say::tr("swept"), {}, scene_.compression ? cc(scene_.compression->swept_cc) : QString());
    label(p, QPointF(o.left + o.wide() * 0.7, o.crownTop + o.rise * 0.8), ChamberPart::Crown,
          c.crown_cc < 0.0 ? Say::tr("dome") : Say::tr("dish"), {}, cc(c.crown_cc));
    label(p, QPointF(o.right - 2.0, o.crownTop + o.tall * 0.1), ChamberPart::Crevice,
          Say::tr("crevice"), {}, cc(c.crevice_cc));
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
