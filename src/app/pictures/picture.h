// What every picture can do beside being looked at: be saved as SVG or PNG, copied and printed,
// from its context menu or with the keys shown there.
#pragma once

#include "app/bench/dialogs.h"
#include "app/style/look.h"

#include <QWidget>

#include <functional>

class QPainter;

namespace app {

/// Draws the picture into a rectangle of that size.
using DrawFunction = std::function<void(QPainter&, const QSizeF&)>;

/// Gives a widget the menu. `name` is the suggested file name without ending; `text` is what a copy
/// says in words or in columns.
void addPictureMenu(QWidget* widget, const QString& name, Dialogs& dialogs, DrawFunction draw,
                    std::function<QString()> text);

/// Writes the picture; the ending (.svg or .png) decides. Empty on success, else why not.
QString savePicture(const QString& path, const QSize& size, const DrawFunction& draw);

/// Cells of a line of figures, as a spreadsheet takes them.
inline QString columns(const QStringList& cells) {
    return cells.join(QLatin1Char('\t'));
}

/// A widget that is a picture.
class Picture : public QWidget {
    Q_OBJECT
public:
    Picture(const Look& look, Dialogs& dialogs, const QString& name, QWidget* parent = nullptr);

    /// Draws it in a size in pixels, on screen, in a file or on paper alike.
    virtual void draw(QPainter& painter, const QSizeF& size) const = 0;
    /// What a copy says beside the picture: what a screen reader says, or the figures in columns.
    virtual QString text() const;

protected:
    void paintEvent(QPaintEvent* event) override;
    const Look& look() const { return look_; }
    const Theme& theme() const { return look_.theme(); }

private:
    const Look& look_;
};

} // namespace app
