// Text that must do with the room it has, whatever the language: it grows smaller before it is cut.
#pragma once

#include <QLabel>

class QTextDocument;

namespace app {

/// Draws text into a rectangle, in a smaller font where it needs one; below 9 pixels its end is
/// left out. `flags` as for QPainter::drawText. The painter's font stays as it was.
void drawFitted(QPainter& painter, const QRectF& room, int flags, const QString& text);

/// A label with several lines whose layout may give it less than it asks for.
class FittedLabel : public QLabel {
    Q_OBJECT
public:
    using QLabel::QLabel;

    QSize minimumSizeHint() const override;
    /// Whether all of it shows, in whatever size.
    bool fits() const;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    /// Lays the text out as large as it fits.
    void lay(QTextDocument& document) const;
    /// As any label would paint it.
    bool fitsAsItIs() const;
};

} // namespace app
