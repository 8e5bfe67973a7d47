// What every picture can do beside being looked at: be saved as SVG or PNG, copied and printed,
// from its context menu or with the keys shown there.
#pragma once

#include "app/frame/dialogs.h"
#include "app/style/look.h"

#include <QWidget>

#include <functional>

class QPainter;

namespace app {

/// Draws the picture into a rectangle of that size.
using DrawFunction = std::function<void(QPainter&, const QSizeF&)>;

/// Gives a widget the menu. `name` is the suggested file name without ending.
void addPictureMenu(QWidget* widget, const QString& name, Dialogs& dialogs, DrawFunction draw);

/// Writes the picture; the ending (.svg or .png) decides. Empty on success, else why not.
QString savePicture(const QString& path, const QSize& size, const DrawFunction& draw);

/// A widget that is a picture.
class Picture : public QWidget {
    Q_OBJECT
public:
    Picture(const Look& look, Dialogs& dialogs, const QString& name, QWidget* parent = nullptr);

    /// Draws it in a size in pixels, on screen, in a file or on paper alike.
    virtual void draw(QPainter& painter, const QSizeF& size) const = 0;

protected:
    void paintEvent(QPaintEvent* event) override;
    const Look& look() const { return look_; }
    const Theme& theme() const { return look_.theme(); }

private:
    const Look& look_;
};

} // namespace app
