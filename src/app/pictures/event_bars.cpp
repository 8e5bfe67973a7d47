#include "app/pictures/event_bars.h"

#include "app/style/shrinking.h"
#include "core/job/card.h"
#include "core/lobe/lobe.h"
#include "core/timing/pair.h"
#include "words/say.h"

#include <QPainter>
#include <QTextOption>

#include <algorithm>

namespace app {

using namespace lobe;

namespace {
constexpr double kBarsLeft = 104.0, kBarsRight = 86.0, kBarsTop = 30.0, kBarsBottom = 6.0;
constexpr double kFrom = -285.0, kTo = 285.0;
} // namespace

EventBars::EventBars(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("events"), parent) {
    setObjectName(QStringLiteral("eventBars"));
    setAccessibleName(Say::tr("Events at each checking height"));
    setMinimumHeight(180);
}

void EventBars::setScene(const EventBarsScene& scene) {
    scene_ = scene;
    QStringList said;
    for (const LobeFigures* lobe : {scene_.intake.get(), scene_.exhaust.get()})
        for (const Height& h : scene_.heights)
            if (const HeightEvents* e = lobe ? lobe->events(h) : nullptr; e && e->duration_deg())
                said << Say::tr("%1 %2 duration %3")
                            .arg(words::sideName(lobe->side), words::heightAt(h, look().style()),
                                 words::degrees(*e->duration_deg(), look().style()));
    setAccessibleDescription(said.join(QStringLiteral("; ")));
    update();
}

QString EventBars::text() const {
    const words::Style& style = look().style();
    QStringList lines{columns({accessibleName(), Say::tr("height"), Say::tr("opens"),
                               Say::tr("closes"), Say::tr("duration")})};
    for (const LobeFigures* lobe : {scene_.intake.get(), scene_.exhaust.get()})
        for (const Height& h : scene_.heights)
            if (const HeightEvents* e = lobe ? lobe->events(h) : nullptr;
                e && e->opens && e->closes)
                lines << columns({words::sideName(lobe->side), words::heightAt(h, style),
                                  words::fromDeadCentre(*e->opens, style),
                                  words::fromDeadCentre(*e->closes, style),
                                  words::degrees(*e->duration_deg(), style)});
    return lines.join(QLatin1Char('\n'));
}

double EventBars::x(double deg, const QSizeF& size) const {
    return kBarsLeft + (deg - kFrom) / (kTo - kFrom) * (size.width() - kBarsLeft - kBarsRight);
}

void EventBars::draw(QPainter& p, const QSizeF& size) const {
    const Theme& t = theme();
    const words::Style& style = look().style();
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(t.edge, 1.0));
    p.setBrush(t.dial);
    p.drawRect(QRectF(kBarsLeft, kBarsTop, size.width() - kBarsLeft - kBarsRight,
                      size.height() - kBarsTop - kBarsBottom));
    p.setBrush(Qt::NoBrush);
    p.setFont(Look::font(13, true));
    for (double deg : {-180.0, 0.0, 180.0}) {
        p.setPen(QPen(t.muted, 1.4));
        p.drawLine(QPointF(x(deg, size), kBarsTop),
                   QPointF(x(deg, size), size.height() - kBarsBottom));
        p.setPen(t.ink);
        drawFitted(p, QRectF(x(deg, size) - 60, kBarsTop - 22, 120, 20), Qt::AlignCenter,
                   deg == 0.0 ? Say::tr("TDC overlap") : Say::tr("BDC"));
    }
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRectF(0, kBarsTop - 22, kBarsLeft - 8, 20), Qt::AlignRight | Qt::AlignVCenter,
               Say::tr("checking height"));
    drawFitted(p, QRectF(size.width() - kBarsRight, kBarsTop - 22, kBarsRight, 20), Qt::AlignCenter,
               Say::tr("overlap"));
    if (scene_.heights.empty()) return;

    const double rowHeight =
        (size.height() - kBarsTop - kBarsBottom) / double(scene_.heights.size());
    const double bar = std::clamp(rowHeight * 0.36, 9.0, 24.0);
    for (std::size_t i = 0; i < scene_.heights.size(); ++i) {
        const Height& h = scene_.heights[i];
        const double top = kBarsTop + rowHeight * double(i), middle = top + rowHeight / 2.0;
        if (i > 0) {
            p.setPen(QPen(t.edge, 1.0));
            p.drawLine(QPointF(4, top), QPointF(size.width() - 4, top));
        }
        p.setFont(Look::font(13, true));
        p.setPen(t.amberText);
        constexpr double kTwoLines = 28.0;
        constexpr int kSide = static_cast<int>(Qt::AlignRight | Qt::AlignVCenter);
        if (rowHeight < kTwoLines) {
            drawFitted(p, QRectF(0, middle - 9, kBarsLeft - 8, 18), kSide,
                       words::height(h.mm, style) + QLatin1Char(' ') + words::placeName(h.at));
        } else {
            p.drawText(QRectF(0, middle - 18, kBarsLeft - 8, 18), kSide,
                       words::height(h.mm, style));
            p.setFont(Look::font(12));
            p.setPen(t.muted);
            drawFitted(p, QRectF(0, middle, kBarsLeft - 8, 16), kSide, words::placeName(h.at));
        }
        if (scene_.exhaust) drawBar(p, size, middle - bar - 1.0, bar, *scene_.exhaust, h);
        if (scene_.intake) drawBar(p, size, middle + 1.0, bar, *scene_.intake, h);
        if (scene_.card && scene_.card->height == h) drawCard(p, size, middle, bar);
        if (!scene_.pair) continue;
        for (const Overlap& o : scene_.pair->overlap) {
            if (o.height != h || !o.degrees) continue;
            p.setFont(Look::font(15, true));
            p.setPen(t.ink);
            p.drawText(QRectF(size.width() - kBarsRight, middle - 12, kBarsRight, 24),
                       Qt::AlignCenter, words::fixed(*o.degrees, 1, style) + QChar(0xB0));
        }
    }
}

/// Where the card has its four events: amber posts with a head, over the bars of its height.
void EventBars::drawCard(QPainter& p, const QSizeF& size, double middle, double bar) const {
    for (Event e : kEvents) {
        const auto at = cardEvent(*scene_.card, e);
        if (!at) continue;
        const bool intake = sideOf(e) == Side::Intake;
        const double top = intake ? middle + 1.0 : middle - bar - 1.0, px = x(at->deg, size);
        p.setPen(QPen(theme().amber, 3.0));
        p.drawLine(QPointF(px, top - 3.0), QPointF(px, top + bar + 3.0));
    }
    p.setFont(Look::font(12));
    p.setPen(theme().amberText);
    drawFitted(p, QRectF(kBarsLeft + 4.0, middle + bar - 14.0, 60.0, 16.0),
               Qt::AlignLeft | Qt::AlignVCenter, Say::tr("| card"));
}

void EventBars::drawBar(QPainter& p, const QSizeF& size, double y, double h,
                        const LobeFigures& lobe, const Height& height) const {
    const HeightEvents* e = lobe.events(height);
    if (!e || (!e->opens && !e->closes)) return;
    const Theme& t = theme();
    const words::Style& style = look().style();
    // A flank not taken yet ends where the lobe's nose is, or usually is.
    const double nose = lobe.maxLiftAt              ? lobe.maxLiftAt->deg
                        : lobe.side == Side::Intake ? 105.0
                                                    : -110.0;
    const double from = e->opens ? x(e->opens->deg, size) : x(nose, size);
    const double to = e->closes ? x(e->closes->deg, size) : x(nose, size);
    p.setPen(look().lobePen(lobe.side, 1.4));
    p.setBrush(t.lobeFill(lobe.side));
    p.drawRect(QRectF(from, y, to - from, h));
    p.setBrush(Qt::NoBrush);
    p.setPen(t.lobe(lobe.side));
    const int pixels = h >= 15.0 ? 13 : 11;
    p.setFont(Look::font(pixels));
    const auto number = [&](Event event, CrankDeg at) {
        return words::fixed(toCard(event, at).deg, 1, style);
    };
    // Inside the bar's ends, where the other lobe's figures cannot run into them; beside a bar that
    // is too short for both.
    const bool inside = to - from > 96.0;
    if (e->opens)
        p.drawText(QRectF(inside ? from + 6 : from - 76, y, 70, h),
                   number(opening(lobe.side), *e->opens),
                   QTextOption(inside ? Qt::AlignLeft | Qt::AlignVCenter
                                      : Qt::AlignRight | Qt::AlignVCenter));
    if (e->closes)
        p.drawText(QRectF(inside ? to - 76 : to + 6, y, 70, h),
                   number(closing(lobe.side), *e->closes),
                   QTextOption(inside ? Qt::AlignRight | Qt::AlignVCenter
                                      : Qt::AlignLeft | Qt::AlignVCenter));
    if (e->duration_deg() && to - from > 190) {
        p.setFont(Look::font(pixels + 1, true));
        p.drawText(QRectF(from, y, to - from, h), Qt::AlignCenter,
                   words::fixed(*e->duration_deg(), 1, style) + QChar(0xB0));
    }
}

} // namespace app
