#include "app/benches/springs/spring_row.h"

#include "app/style/shrinking.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/springs.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

constexpr double kLeastColumn = 46.0, kFigures = 66.0, kRowTop = 20.0;
/// Until anything is known a spring of no head in particular is shown.
constexpr double kSampleHeight_mm = 40.0;
constexpr double kPlate = 5.0; ///< of a retainer

} // namespace

SpringRow::SpringRow(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("springs"), parent) {
    setObjectName(QStringLiteral("springRow"));
    setAccessibleName(Say::tr("The springs of the head, valve by valve"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(240, 116);
}

void SpringRow::setScene(const SpringScene& scene) {
    scene_ = scene;
    setAccessibleDescription(text());
    update();
}

SpringRow::Grid SpringRow::grid(const QSizeF& size) const {
    const int n = std::max(1, static_cast<int>(scene_.claim.valves.size()));
    Grid g;
    g.rows = std::clamp(static_cast<int>(std::ceil(n * kLeastColumn / size.width())), 1,
                        std::max(1, static_cast<int>(size.height() / 130.0)));
    g.columns = (n + g.rows - 1) / g.rows;
    g.wide = size.width() / g.columns;
    g.tall = size.height() / g.rows;
    return g;
}

int SpringRow::indexOf(const ValveId& valve) const {
    const auto& all = scene_.claim.valves;
    const auto at =
        std::find_if(all.begin(), all.end(), [&](const auto& v) { return v.valve == valve; });
    return at == all.end() ? -1 : static_cast<int>(at - all.begin());
}

void SpringRow::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Grid g = grid(size);
    double tallest = 0.0;
    for (const SpringValve& v : scene_.claim.valves)
        tallest = std::max({tallest, v.bare_mm.value_or(0.0), v.height_mm.value_or(0.0)});
    if (tallest <= 0.0) tallest = kSampleHeight_mm;
    int i = 0;
    for (const SpringValve& v : scene_.claim.valves) {
        const QRectF cell((i % g.columns) * g.wide, (i / g.columns) * g.tall, g.wide, g.tall);
        drawValve(p, cell, v, tallest);
        ++i;
    }
}

/// Its coils from foot to head, front and back.
void SpringRow::drawSpring(QPainter& p, double x, double foot, double head, double wide) const {
    const int turns = 5;
    const double pitch = (foot - head) / turns;
    QPainterPath back, front;
    for (int k = 0; k < turns; ++k) {
        const double low = foot - k * pitch;
        back.moveTo(x - wide / 2.0, low - pitch * 0.5);
        back.lineTo(x + wide / 2.0, low - pitch);
        front.moveTo(x + wide / 2.0, low);
        front.lineTo(x - wide / 2.0, low - pitch * 0.5);
    }
    const Theme& t = theme();
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.faint, 2.0, Qt::SolidLine, Qt::RoundCap));
    p.drawPath(back);
    p.setPen(QPen(t.ink, 3.4, Qt::SolidLine, Qt::RoundCap));
    p.drawPath(front);
}

void SpringRow::drawValve(QPainter& p, const QRectF& cell, const SpringValve& v,
                          double tallest) const {
    const Theme& t = theme();
    const Side side = v.valve.side;
    const bool inHand = v.valve == scene_.at;
    const double x = cell.center().x();
    const double wide = std::min(40.0, cell.width() * 0.5);
    // A spring is no rod: where there is more height than it should have, it stands in the middle.
    const double all = cell.height() - kFigures - kRowTop - kPlate,
                 room = std::min(all, 5.5 * wide);
    const double foot = cell.bottom() - kFigures - (all - room) / 2.0;
    const double scale = room / tallest;
    if (inHand) {
        QColor amber = t.amber;
        amber.setAlpha(hasFocus() ? 70 : 36);
        p.setPen(Qt::NoPen);
        p.setBrush(amber);
        p.drawRoundedRect(cell.adjusted(2, 1, -2, -1), 6, 6);
    }
    const double height = v.height_mm.value_or(tallest);
    const double shims = v.stack ? v.stack->total_mm : 0.0;
    const double top = foot - (height + shims) * scale;
    if (!v.height_mm) p.setOpacity(0.35);
    // The height at which the coils touch, and where the retainer comes to.
    const double bind = scene_.springs.spec[side].bind_mm;
    if (bind > 0.0 && v.height_mm) {
        const double solid = foot - (shims + bind) * scale;
        QColor ground = t.exhaust;
        ground.setAlpha(28);
        p.setPen(Qt::NoPen);
        p.setBrush(ground);
        p.drawRect(QRectF(QPointF(x - wide * 0.75, solid),
                          QPointF(x + wide * 0.75, foot - shims * scale)));
    }
    drawSpring(p, x, foot - shims * scale, top, wide);
    // Seat, shims, retainer.
    p.setPen(QPen(t.ink, 2.0));
    p.drawLine(QPointF(x - wide * 0.8, foot), QPointF(x + wide * 0.8, foot));
    if (shims > 0.0) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.amber);
        p.drawRect(QRectF(x - wide * 0.65, foot - std::max(3.0, shims * scale), wide * 1.3,
                          std::max(3.0, shims * scale)));
    }
    p.setPen(QPen(t.ink, 1.4));
    p.setBrush(t.panel);
    p.drawPolygon(QPolygonF{QPointF(x - wide * 0.7, top), QPointF(x + wide * 0.7, top),
                            QPointF(x + wide * 0.45, top - kPlate),
                            QPointF(x - wide * 0.45, top - kPlate)});
    if (v.lift_mm && v.height_mm) {
        const double open = top + *v.lift_mm * scale;
        const bool short_ = v.bindLeft_mm && *v.bindLeft_mm < 0.0;
        p.setPen(QPen(short_ ? t.exhaust : t.lobe(side), 2.0,
                      side == Side::Intake ? Qt::SolidLine : Qt::DashLine));
        p.drawLine(QPointF(x - wide * 0.75, open), QPointF(x + wide * 0.75, open));
    }
    if (v.wanted_mm) {
        const double wanted = foot - (shims + *v.wanted_mm) * scale;
        p.setPen(QPen(t.amberLine, 1.2, Qt::DotLine));
        p.drawLine(QPointF(x - wide * 0.95, wanted), QPointF(x + wide * 0.95, wanted));
    }
    p.setOpacity(1.0);
    // Whose: hue, shape and letter at once.
    p.setFont(Look::font(12, inHand));
    QString name = QString::number(v.valve.cylinder);
    if (scene_.engine.valves.count[side] > 1) name += QChar(u'a' + v.valve.valve - 1);
    name = (side == Side::Intake ? Say::tr("in %1", "a valve") : Say::tr("ex %1", "a valve"))
               .arg(name);
    const double words =
        std::min(cell.width() - 14.0, double(QFontMetrics(p.font()).horizontalAdvance(name)) + 2.0);
    const double left = x - (words + 12.0) / 2.0;
    p.setPen(Qt::NoPen);
    p.setBrush(t.lobe(side));
    const QPointF mark(left + 4.0, cell.top() + 10.0);
    if (side == Side::Intake)
        p.drawEllipse(mark, 4.0, 4.0);
    else
        p.drawPolygon(QPolygonF{mark + QPointF(0, -5), mark + QPointF(5, 0), mark + QPointF(0, 5),
                                mark + QPointF(-5, 0)});
    p.setPen(t.ink);
    drawFitted(p, QRectF(left + 12.0, cell.top() + 1.0, words, 18.0),
               Qt::AlignLeft | Qt::AlignVCenter, name);
    drawFigures(p, QRectF(cell.left() + 1.0, foot + 3.0, cell.width() - 2.0, kFigures - 4.0), v);
}

void SpringRow::drawFigures(QPainter& p, const QRectF& room, const SpringValve& v) const {
    const Theme& t = theme();
    const words::Style& style = look().style();
    const auto line = [&](int k, const QString& said, bool bold, const QColor& colour) {
        p.setFont(Look::font(bold ? 13 : 11, bold));
        p.setPen(colour);
        drawFitted(p, QRectF(room.left(), room.top() + k * 15.0, room.width(), 15.0),
                   Qt::AlignHCenter | Qt::AlignVCenter, said);
    };
    const QColor warn = t.exhaust;
    line(0, v.height_mm ? words::clearanceNumber(*v.height_mm, style) : QString(QChar(0x2013)),
         true, v.oddHeight || !v.reached ? warn : t.ink);
    QString under;
    if (v.stack) under = words::shimPieces(*v.stack, style);
    if (!v.reached && v.stack)
        under =
            words::signedFixed(style.inches() ? v.stack->error_mm / kMmPerInch : v.stack->error_mm,
                               style.inches() ? 3 : 2, style) +
            QLatin1Char('!');
    line(1, v.planned ? Say::tr("planned") : under, false, v.reached ? t.muted : warn);
    QString load = v.seat_n ? words::force(*v.seat_n, style, scene_.springs.unit) : QString();
    line(2, load, false, t.ink);
    QString last = v.spring > 0 ? Say::tr("spring %1").arg(v.spring) : QString();
    if (v.bindLeft_mm && *v.bindLeft_mm < 0.0) last = Say::tr("binds");
    line(3, last, false, last == Say::tr("binds") ? warn : t.muted);
}

QString SpringRow::text() const {
    const words::Style& style = look().style();
    QStringList out{
        columns({Say::tr("valve"), Say::tr("height"), Say::tr("shims"), Say::tr("on the seat"),
                 Say::tr("open"), Say::tr("to coil bind"), Say::tr("spring")})};
    const auto length = [&](const std::optional<double>& mm) {
        return mm ? words::clearanceNumber(*mm, style) : QString(QChar(0x2013));
    };
    const auto load = [&](const std::optional<double>& n) {
        return n ? words::force(*n, style, scene_.springs.unit) : QString(QChar(0x2013));
    };
    for (const SpringValve& v : scene_.claim.valves)
        out << columns({words::valveName(v.valve, scene_.engine), length(v.height_mm),
                        v.stack ? words::shimPieces(*v.stack, style) : QString(QChar(0x2013)),
                        load(v.seat_n), load(v.open_n), length(v.bindLeft_mm),
                        v.spring > 0 ? QString::number(v.spring) : QString(QChar(0x2013))});
    return out.join(QLatin1Char('\n'));
}

void SpringRow::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return Picture::mousePressEvent(event);
    const Grid g = grid(size());
    const auto at =
        static_cast<std::size_t>(static_cast<int>(event->position().y() / g.tall) * g.columns +
                                 static_cast<int>(event->position().x() / g.wide));
    if (at < scene_.claim.valves.size()) emit chosen(scene_.claim.valves[at].valve);
}

void SpringRow::keyPressEvent(QKeyEvent* event) {
    const int way = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    const int n = static_cast<int>(scene_.claim.valves.size());
    if (way == 0 || n == 0) return Picture::keyPressEvent(event);
    const int next = (std::max(0, indexOf(scene_.at)) + way + n) % n;
    emit chosen(scene_.claim.valves[static_cast<std::size_t>(next)].valve);
}

} // namespace app
