#include "app/benches/clearance/mock_up_section.h"

#include "words/say.h"

#include <QPainter>

#include <algorithm>

namespace app {

namespace {
/// What it is drawn in before it is scaled.
constexpr QSizeF kDrawn{300.0, 330.0};
constexpr double kAxis = 150.0; ///< of the valve
} // namespace

MockUpSection::MockUpSection(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("mock-up"), parent) {
    setObjectName(QStringLiteral("mockUpSection"));
    setAccessibleName(Say::tr("Section through valve and piston"));
    setMinimumSize(170, 150);
}

void MockUpSection::show(const QString& part, const QString& said) {
    if (part == part_ && said == said_) return;
    part_ = part;
    said_ = said;
    setAccessibleDescription(said);
    update();
}

void MockUpSection::draw(QPainter& p, const QSizeF& size) const {
    const Theme& t = theme();
    p.setRenderHint(QPainter::Antialiasing);
    const double words = 46.0;
    const double scale =
        std::min(size.width() / kDrawn.width(), (size.height() - words) / kDrawn.height());
    const double top = std::max(0.0, (size.height() - words - scale * kDrawn.height()) / 3.0);
    p.save();
    p.translate((size.width() - scale * kDrawn.width()) / 2.0, top);
    p.scale(scale, scale);
    const auto is = [this](const char* part) { return part_ == QLatin1String(part); };
    // A part: metal, or amber where it is what is asked.
    const auto part = [&](bool asked, const QPolygonF& shape, const QColor& metal) {
        p.setPen(QPen(asked ? t.amberLine : t.muted, asked ? 2.4 : 1.2));
        p.setBrush(asked ? t.amber : metal);
        p.drawPolygon(shape);
    };
    const auto box = [](double x, double y, double w, double h) {
        return QPolygonF(QRectF(x, y, w, h));
    };
    // Block and liner, with the head above and its gasket between.
    part(false, box(4, 206, 36, 120), t.panel);
    part(false, box(260, 206, 36, 120), t.panel);
    const bool bolts = is("fasteners");
    part(false,
         QPolygonF({{4, 120}, {128, 120}, {128, 168}, {108, 196}, {40, 196}, {40, 198}, {4, 198}}),
         t.panel);
    part(false,
         QPolygonF(
             {{296, 120}, {172, 120}, {172, 168}, {192, 196}, {260, 196}, {260, 198}, {296, 198}}),
         t.panel);
    for (double x : {14.0, 276.0})
        part(bolts, box(x, 108, 10, 110), t.dial);
    part(is("gasket"), box(4, 198, 36, 8), t.edge);
    part(is("gasket"), box(260, 198, 36, 8), t.edge);
    // Piston with its notch and rings.
    part(is("notch"),
         QPolygonF({{42, 232},
                    {104, 232},
                    {112, 244},
                    {188, 244},
                    {196, 232},
                    {258, 232},
                    {258, 326},
                    {42, 326}}),
         t.dial);
    for (double y : {262.0, 276.0})
        part(is("rings"), box(42, y, 216, 5), t.edge);
    if (is("clay")) part(true, QPolygonF({{112, 243}, {188, 243}, {182, 218}, {118, 218}}), t.edge);
    // The valve: head, stem, guide and seal.
    part(is("valve"),
         QPolygonF({{kAxis - 4, 50},
                    {kAxis + 4, 50},
                    {kAxis + 4, 178},
                    {kAxis + 40, 192},
                    {kAxis + 40, 200},
                    {kAxis - 40, 200},
                    {kAxis - 40, 192},
                    {kAxis - 4, 178}}),
         t.dial);
    part(false, box(kAxis - 14, 112, 10, 56), t.edge);
    part(false, box(kAxis + 4, 112, 10, 56), t.edge);
    part(is("seal"), box(kAxis - 11, 100, 7, 12), t.ink);
    part(is("seal"), box(kAxis + 4, 100, 7, 12), t.ink);
    // What is pressed, and by how much: valve to piston.
    p.setPen(QPen(is("step") ? t.amberLine : t.exhaust, is("step") ? 3.0 : 2.0));
    p.drawLine(QPointF(kAxis, 203), QPointF(kAxis, 242));
    for (double y : {203.0, 242.0})
        p.drawLine(QPointF(kAxis - 6, y), QPointF(kAxis + 6, y));
    // Spring and retainer.
    const bool spring = is("spring");
    p.setPen(QPen(spring ? t.amberLine : t.muted, spring ? 4.0 : 2.4));
    for (double side : {-1.0, 1.0})
        for (int i = 0; i < 5; ++i)
            p.drawLine(QPointF(kAxis + side * 18, 118 - i * 11),
                       QPointF(kAxis + side * 30, 112.5 - i * 11));
    const bool pressed = is("pressed");
    part(pressed,
         QPolygonF({{kAxis - 34, 60}, {kAxis + 34, 60}, {kAxis + 26, 69}, {kAxis - 26, 69}}),
         t.edge);
    // Rocker over the stem: what it leaves there is the lash.
    const double up = is("lash") ? 34.0 : 38.0;
    part(is("rocker") || pressed,
         QPolygonF(
             {{40, 26}, {96, 14}, {162, up}, {162, up + 8}, {138, up + 8}, {94, 34}, {40, 40}}),
         t.dial);
    p.setBrush(t.plate);
    p.drawEllipse(QPointF(88, 26), 6, 6);
    if (is("lash")) {
        p.setPen(QPen(t.amberLine, 3.0));
        p.drawLine(QPointF(132, 43), QPointF(168, 43));
        p.drawLine(QPointF(132, 49), QPointF(168, 49));
    }
    // The follower's end, with what may give way in it.
    part(is("follower"), box(38, 40, 16, 62), t.dial);
    part(is("follower"), box(30, 84, 32, 30), t.dial);
    // An indicator stands on the retainer.
    part(is("dial"), box(kAxis + 20, 22, 5, 38), t.edge);
    p.setPen(QPen(is("dial") ? t.amberLine : t.muted, is("dial") ? 2.6 : 1.4));
    p.setBrush(is("dial") ? t.amber : t.dial);
    p.drawEllipse(QPointF(kAxis + 22.5, 14), 13, 13);
    if (is("angle")) {
        p.setPen(QPen(t.amberLine, 2.4, Qt::DashLine));
        p.drawLine(QPointF(kAxis, 40), QPointF(kAxis, 226));
        p.drawLine(QPointF(kAxis + 34, 40), QPointF(kAxis - 30, 226));
    }
    p.restore();
    p.setFont(Look::font(13, true));
    p.setPen(t.ink);
    p.drawText(QRectF(0, top + scale * kDrawn.height() + 4.0, size.width(), words),
               Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, said_);
}

} // namespace app
