// How buttons, lists, menus and the entry line are drawn, measured and dressed, in the colours of
// the theme at hand. A style of its own and not a style sheet: a sheet is matched against every
// widget that is made, which took a seventh of a start.
#pragma once

#include "app/style/look.h"

#include <QProxyStyle>

class QStyleOptionButton;
class QStyleOptionMenuItem;

namespace app {

/// Fusion where nothing else is said. A widget's property "role" says what it is: the words of a
/// label get their size and colour by it (see `dresses` in the source), a button its shape.
class DialStyle : public QProxyStyle {
    Q_OBJECT
public:
    DialStyle();

    /// That of the application, set if it is not yet; there is a QApplication.
    static DialStyle& ofApplication();
    /// Dresses everything there is in the colours of another theme.
    void setTheme(const Theme& theme);
    /// The same for one widget, whose role has changed.
    void dress(QWidget& widget) const;

    using QProxyStyle::polish;
    void polish(QWidget* widget) override;
    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* p,
                       const QWidget* widget) const override;
    void drawControl(ControlElement element, const QStyleOption* option, QPainter* p,
                     const QWidget* widget) const override;
    void drawComplexControl(ComplexControl control, const QStyleOptionComplex* option, QPainter* p,
                            const QWidget* widget) const override;
    QRect subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                         const QWidget* widget) const override;
    QRect subElementRect(SubElement element, const QStyleOption* option,
                         const QWidget* widget) const override;
    QSize sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                           const QWidget* widget) const override;
    int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                  QStyleHintReturn* more) const override;
    int pixelMetric(PixelMetric metric, const QStyleOption* option,
                    const QWidget* widget) const override;
    /// Drawn and not read from a file: for the first of those every plug-in for pictures is loaded,
    /// at each start, and it is hardly ever seen.
    QIcon standardIcon(StandardPixmap which, const QStyleOption* option,
                       const QWidget* widget) const override;

private:
    void drawBevel(const QStyleOptionButton& button, QPainter* p, const QWidget* widget) const;
    void drawButtonWords(const QStyleOptionButton& button, QPainter* p,
                         const QWidget* widget) const;
    void drawMenuItem(const QStyleOptionMenuItem& item, QPainter* p, const QWidget* widget) const;
    void drawMenuBarItem(const QStyleOptionMenuItem& item, QPainter* p,
                         const QWidget* widget) const;

    Theme theme_;
};

/// The colours of a label where they are none of a role's; without a ground, what lies under it
/// shows.
void setInk(QWidget* label, const QColor& ink, const QColor& ground = {});

} // namespace app
