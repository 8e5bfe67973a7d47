// The cylinder in section, to scale, with every volume in its place: chamber, gasket, deck, crown,
// crevice. The piston stands where the intake closes; drag it, or step it with Up and Down, to see
// what is trapped elsewhere. A click on a volume asks for it.
#pragma once

#include "app/pictures/picture.h"
#include "core/compression/compression.h"

namespace app {

/// The parts that can be asked for, by what is clicked.
enum class ChamberPart { Chamber, Gasket, Deck, Crown, Crevice, Bore };

struct ChamberScene {
    lobe::CompressionState state;
    std::optional<lobe::Compression> compression;
};

class ChamberSection : public Picture {
    Q_OBJECT
public:
    ChamberSection(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);
    /// Volumes to scale; without a ratio nothing is trapped.
    void setScene(const ChamberScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    /// How far down the piston is shown, mm: where the intake closes unless it was dragged.
    double shown_mm() const;
    /// The piston where the intake closes.
    void atClosing();
    /// Where it stood before `atClosing`.
    void back();
    QSize sizeHint() const override { return {300, 420}; }

signals:
    /// A volume was clicked.
    void asked(ChamberPart part);

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Scale {
        double left, face, mm; ///< pixels: bore's left wall, block face, and per mm
    };
    Scale scale(const QSizeF& size) const;
    struct Outline;
    Outline outline(const QSizeF& size) const;
    void drawHead(QPainter& p, const Outline& o) const;
    void drawPiston(QPainter& p, const Outline& o) const;
    void drawLabels(QPainter& p, const Outline& o) const;
    std::optional<ChamberPart> partAt(const QPointF& at) const;
    void drag(double y);
    void label(QPainter& p, const QPointF& to, ChamberPart part, const QString& name,
               const QString& measured, const QString& value) const;
    double labelY(ChamberPart part, double height) const;

    ChamberScene scene_;
    std::optional<double> dragged_mm_, before_mm_;
};

} // namespace app
