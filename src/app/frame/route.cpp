#include "app/frame/route.h"

#include "app/style/label.h"
#include "app/style/shrinking.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPaintEvent>
#include <QToolTip>

#include <algorithm>
#include <utility>

namespace app {

using namespace lobe;

namespace {
constexpr double kRow = 66.0, kRouteTop = 12.0;
constexpr double kTight = 52.0;         ///< rows less high than that have no room to spare
constexpr double kRouteTwoLines = 45.0; ///< from this height on a finding may take a second line
constexpr double kEasy = 49.0;          ///< below this the lines stand as close as they can
constexpr double kAiry = 56.0;          ///< and from this with room between the lines
constexpr double kClose = 58.0;         ///< rows less high than that stand closer to one another
} // namespace

Route::Route(const Session& session, const Look& look, QWidget* parent)
    : Ground(look, &Theme::panel, parent), session_(session) {
    setObjectName(QStringLiteral("route"));
    setAccessibleName(Say::tr("Route"));
    setFocusPolicy(Qt::TabFocus);
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

void Route::setCurrent(const stations::Station& station) {
    current_ = &station;
    refresh();
}

std::vector<const stations::Station*> Route::shown() const {
    return stations::of(session_.job());
}

void Route::refresh() {
    QStringList said;
    for (const stations::Station* s : shown())
        said << QStringLiteral("%1, %2, %3")
                    .arg(s->name(),
                         words::progressName(s->progress(session_.job(), session_.findings())),
                         line(*s));
    const QStringList before = std::exchange(said_, said);
    const stations::Station* const then = std::exchange(painted_, here());
    if (before == said && then == painted_) return;
    setAccessibleDescription(said.join(QStringLiteral("; ")));
    if (before.size() != said.size() || then != painted_) return update();
    // A reading changes a line or two of it.
    for (qsizetype i = 0; i < said.size(); ++i)
        if (before[i] != said[i]) update(box(static_cast<int>(i)).toAlignedRect());
}

QString Route::stopName(int index) const {
    const auto all = shown();
    return index < stops() ? all[static_cast<std::size_t>(index)]->name() : QString();
}

QString Route::stopLine(int index) const {
    if (index >= stops()) return {};
    const auto all = shown();
    const stations::Station& s = *all[static_cast<std::size_t>(index)];
    return QStringLiteral("%1, %2").arg(
        words::progressName(s.progress(session_.job(), session_.findings())), line(s));
}

bool Route::isHere(int index) const {
    const auto all = shown();
    return index < stops() && all[static_cast<std::size_t>(index)] == here();
}

void Route::goTo(int index) {
    const auto all = shown();
    if (index < stops()) emit chosen(all[static_cast<std::size_t>(index)]);
}

/// Null where there is no job: then the work is nowhere yet.
const stations::Station* Route::here() const {
    return session_.hasJob() ? current_ : nullptr;
}

QString Route::line(const stations::Station& s) const {
    if (!session_.hasJob()) return {};
    const Job& job = session_.job();
    const Findings& f = session_.findings();
    const QString line = s.line(job, f, look().style());
    const bool next = s == stations::next(job, f) && !(s == *current_) &&
                      s.progress(job, f) != Progress::LookAgain;
    return next ? Say::tr("next: ") + line : line;
}

QRectF Route::box(int index) const {
    // Fourteen have room in the smallest window; eleven with two lines each in the usual one.
    const auto all = static_cast<double>(shown().size());
    const bool tight = (height() - 2.0 * kRouteTop) / all < kTight;
    const double top = tight ? 4.0 : kRouteTop;
    const double row = std::min(kRow, (height() - 2.0 * top) / all);
    const double apart = tight ? 1.0 : row < kClose ? row * 0.06 : std::min(8.0, row * 0.1);
    return {8.0, top + row * index, width() - 16.0, row - apart};
}

/// Not begun: an open ring. In hand: half filled. Done: a tick. Look again: a bang in a triangle.
void Route::drawMark(QPainter& p, QPointF c, Progress progress) const {
    const Theme& t = look().theme();
    constexpr double r = 9.0;
    p.setPen(QPen(progress == Progress::NotBegun ? t.muted : t.ink, 1.8));
    p.setBrush(t.panel);
    switch (progress) {
    case Progress::NotBegun:
        p.drawEllipse(c, r, r);
        break;
    case Progress::InHand: {
        p.drawEllipse(c, r, r);
        p.setBrush(t.ink);
        p.drawPie(QRectF(c.x() - r, c.y() - r, 2 * r, 2 * r), 90 * 16, 180 * 16);
        break;
    }
    case Progress::Done:
        p.setBrush(t.ink);
        p.drawEllipse(c, r, r);
        p.setPen(QPen(t.panel, 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        p.drawPolyline(
            QPolygonF({c + QPointF(-4, 0), c + QPointF(-1, 3.4), c + QPointF(4.4, -3.6)}));
        break;
    case Progress::LookAgain:
        p.setPen(QPen(t.ink, 1.6));
        p.setBrush(t.amber);
        p.drawPolygon(QPolygonF(
            {c + QPointF(0, -r - 1), c + QPointF(r + 1.5, r - 1), c + QPointF(-r - 1.5, r - 1)}));
        p.setPen(QPen(t.onAmber, 2.0));
        p.drawLine(c + QPointF(0, -4.5), c + QPointF(0, 2));
        p.drawPoint(c + QPointF(0, 5));
        break;
    }
    p.setBrush(Qt::NoBrush);
}

void Route::paintEvent(QPaintEvent* event) {
    Ground::paintEvent(event);
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look().theme();
    p.setPen(QPen(t.edge, 1.0));
    p.drawLine(width() - 1, 0, width() - 1, height());
    const bool mirrored = layoutDirection() == Qt::RightToLeft;
    const double x = mirrored ? width() - 34.0 : 34.0;
    p.setPen(QPen(t.edge, 3.0));
    const auto all = shown();
    p.drawLine(QPointF(x, box(0).center().y()),
               QPointF(x, box(static_cast<int>(all.size()) - 1).center().y()));
    for (std::size_t i = 0; i < all.size(); ++i) {
        const stations::Station& s = *all[i];
        const QRectF b = box(static_cast<int>(i));
        // The ring about the current one is drawn over its edge.
        if (!event->region().intersects(b.toAlignedRect().adjusted(-2, -2, 2, 2))) continue;
        const bool current = &s == here();
        if (current) {
            p.setPen(QPen(t.amberLine, hasFocus() ? 3.0 : 1.8));
            p.setBrush(t.dial);
            p.drawRoundedRect(b, 8, 8);
            p.setBrush(Qt::NoBrush);
        }
        const Progress progress = session_.hasJob()
                                      ? s.progress(session_.job(), session_.findings())
                                      : Progress::NotBegun;
        drawMark(p, QPointF(x, b.center().y()), progress);
        const QRectF text(mirrored ? b.left() + 4 : 56, b.top(), b.right() - 60, b.height());
        const bool two = b.height() >= kRouteTwoLines;
        p.setFont(Look::font(15, current));
        p.setPen(t.ink);
        const bool airy = b.height() >= kAiry;
        const double inset = airy ? 4.0 : 1.0, step = airy                 ? 19.0
                                                      : b.height() < kEasy ? 15.0
                                                                           : 17.0;
        drawFitted(p, text.adjusted(0, inset, 0, 0), Qt::AlignLeft | Qt::AlignTop, s.name());
        p.setFont(Look::font(b.height() < kEasy ? 11 : 12));
        p.setPen(progress == Progress::LookAgain ? t.amberText : t.muted);
        const QFontMetrics metrics(p.font());
        const QRectF under = text.adjusted(0, inset + step, 0, 0);
        const QString said = line(s);
        const QRectF needed =
            metrics.boundingRect(under.toRect(), Qt::AlignLeft | Qt::TextWordWrap, said);
        if (two && needed.height() <= under.height() && needed.width() <= under.width())
            p.drawText(under, static_cast<int>(Qt::AlignLeft | Qt::AlignTop) | Qt::TextWordWrap,
                       said);
        else
            p.drawText(under, Qt::AlignLeft | Qt::AlignTop,
                       metrics.elidedText(said, Qt::ElideRight, static_cast<int>(under.width())));
    }
}

bool Route::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return Ground::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto all = shown();
    QString text;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (box(static_cast<int>(i)).contains(help->pos()))
            text = all[i]->name() + QStringLiteral(": ") + line(*all[i]);
    QToolTip::showText(help->globalPos(), tipOf(text), this);
    return true;
}

void Route::mousePressEvent(QMouseEvent* event) {
    const auto all = shown();
    for (std::size_t i = 0; i < all.size(); ++i)
        if (box(static_cast<int>(i)).contains(event->position())) emit chosen(all[i]);
}

void Route::move(int by) {
    const auto all = shown();
    const auto here = std::find(all.begin(), all.end(), current_) - all.begin();
    const auto to = std::clamp<std::ptrdiff_t>(here + by, 0, std::ssize(all) - 1);
    emit chosen(all[static_cast<std::size_t>(to)]);
    setFocus();
}

void Route::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Down)
        move(1);
    else if (event->key() == Qt::Key_Up)
        move(-1);
    else
        QWidget::keyPressEvent(event);
}

} // namespace app
