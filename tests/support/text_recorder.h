// A paint device that keeps what text was painted and where, so that a test can compare it with its
// room.
#pragma once

#include <QFontMetricsF>
#include <QList>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QTextItem>

namespace support {

struct PaintedText {
    QString text;
    QRectF box;       ///< in the device's pixels
    bool cut = false; ///< its room is narrower than it is
};

class TextEngine : public QPaintEngine {
public:
    TextEngine() : QPaintEngine(AllFeatures) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState&) override {}
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    void drawPath(const QPainterPath&) override {}
    void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
    Type type() const override { return User; }
    void drawTextItem(const QPointF& at, const QTextItem& item) override {
        if (item.text().trimmed().isEmpty()) return;
        const QFontMetricsF metrics(item.font());
        const QRectF box(at.x(), at.y() - metrics.capHeight(), item.width(), metrics.capHeight());
        // Text that is wider than the rectangle it is drawn into is clipped by it.
        const bool cut =
            painter()->hasClipping() && (painter()->clipBoundingRect().left() > box.left() + 1.5 ||
                                         painter()->clipBoundingRect().right() < box.right() - 1.5);
        texts.append({item.text(), painter()->combinedTransform().mapRect(box), cut});
    }
    QList<PaintedText> texts;
};

class TextRecorder : public QPaintDevice {
public:
    explicit TextRecorder(const QSize& size) : size_(size) {}
    QPaintEngine* paintEngine() const override { return &engine_; }
    const QList<PaintedText>& texts() const { return engine_.texts; }

protected:
    int metric(PaintDeviceMetric m) const override {
        switch (m) {
        case PdmWidth:
            return size_.width();
        case PdmHeight:
            return size_.height();
        case PdmWidthMM:
            return size_.width() / 4;
        case PdmHeightMM:
            return size_.height() / 4;
        case PdmNumColors:
            return 0x7fffffff;
        case PdmDepth:
            return 32;
        case PdmDevicePixelRatio:
            return 1;
        case PdmDevicePixelRatioScaled:
            return int(devicePixelRatioFScale());
        default:
            return 96;
        }
    }

private:
    QSize size_;
    mutable TextEngine engine_;
};

} // namespace support
