// Text that must do with the room it has, whatever the language: it grows smaller before it is cut.
#pragma once

#include "app/style/label.h"

#include <memory>

class QTextDocument;

namespace app {

/// Draws text into a rectangle, in a smaller font where it needs one; below 9 pixels its end is
/// left out. `flags` as for QPainter::drawText. The painter's font stays as it was.
void drawFitted(QPainter& painter, const QRectF& room, int flags, const QString& text);

/// A label with several lines whose layout may give it less than it asks for.
class ShrinkingLabel : public PlainLabel {
    Q_OBJECT
public:
    explicit ShrinkingLabel(QWidget* parent = nullptr);
    explicit ShrinkingLabel(const QString& text, QWidget* parent = nullptr);
    ~ShrinkingLabel() override;

    QSize minimumSizeHint() const override;
    /// Whether all of it shows, in whatever size.
    bool fits() const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// How the text fits, and for what that was worked out: a rich text that is laid out asks to
    /// be painted again, and so is laid out when something of it changes and not when it is
    /// painted.
    struct Fit;
    const Fit& fit() const;
    /// Lays the text out as large as it fits.
    void lay(QTextDocument& document) const;
    /// As any label would paint it.
    bool fitsAsItIs() const;

    mutable std::unique_ptr<Fit> fit_;
};

} // namespace app
