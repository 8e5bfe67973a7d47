// How the application looks: colours, type and the way numbers are shown. One Look is made at
// start and passed to every widget; a change of theme or unit is announced by changed().
#pragma once

#include "core/angle/angles.h"
#include "words/numbers.h"

#include <QColor>
#include <QFont>
#include <QObject>
#include <QPalette>
#include <QPen>

namespace app {

/// A warm enamelled dial plate, ink figures, amber as the one accent.
struct Theme {
    QColor plate, panel, edge, dial;
    QColor ink, muted, faint;
    QColor amber, amberText;
    QColor amberLine; ///< amber where a line or a ring must be told from its ground
    QColor intake, exhaust;
    QColor intakeFill, exhaustFill;
    QColor bar, barText, barMuted, chip;
    QColor chipEdge; ///< told from the bar, as the other buttons' edges are from theirs
    QColor onAmber;  ///< words on amber
    bool dark = false, sharply = false;

    QColor lobe(lobe::Side side) const { return side == lobe::Side::Intake ? intake : exhaust; }
    QColor lobeFill(lobe::Side side) const {
        return side == lobe::Side::Intake ? intakeFill : exhaustFill;
    }
    static Theme light();
    static Theme inTheDark();
    /// The same with nothing under 7:1, edges included, and no tinted grounds.
    static Theme sharp(bool dark);
};

class Look : public QObject {
    Q_OBJECT
public:
    explicit Look(QObject* parent = nullptr);

    const Theme& theme() const { return theme_; }
    const words::Style& style() const { return style_; }
    bool dark() const { return theme_.dark; }
    bool inches() const { return style_.inches(); }

    bool sharp() const { return theme_.sharply; }
    void setDark(bool dark) { setTheme(dark, sharp()); }
    void setTheme(bool dark, bool sharp);
    /// Paper of new sheets: Letter, or A4.
    bool letter() const { return letter_; }
    void setLetter(bool letter) { letter_ = letter; }
    void setInches(bool inches);
    /// Decimal sign of what is shown.
    void setLocale(const QLocale& locale);

    /// All type smaller by so much, 0.8 to 1; before the first widget. (Larger is all that is
    /// shown, by the screen's own scale: Qt has none under 1.)
    static void setTextScale(double scale);
    /// The type at a size in device-independent pixels.
    static QFont font(int pixels, bool bold = false);
    /// Intake is a solid line, exhaust a dashed one: told apart without colour.
    QPen lobePen(lobe::Side side, double width = 1.6) const;
    /// The colours that every widget has where nothing else is said.
    QPalette palette() const;

    /// Sets style and type of the application; call once before the first widget.
    static void prepare();
    /// Shows the application in the present theme.
    void dress() const;

signals:
    /// Theme, unit or locale are another.
    void changed();

private:
    Theme theme_;
    words::Style style_;
    bool letter_ = false;
};

/// WCAG contrast ratio of two opaque colours, 1 to 21.
double contrast(const QColor& a, const QColor& b);

} // namespace app
