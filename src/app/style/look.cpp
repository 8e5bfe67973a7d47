#include "app/style/look.h"

#include "app/style/dial_style.h"

#include <QApplication>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace app {

Theme Theme::light() {
    Theme t;
    t.plate = QColor(0xF4, 0xEF, 0xE4);
    t.panel = QColor(0xE9, 0xE2, 0xD1);
    t.edge = QColor(0xCD, 0xC4, 0xAE);
    t.dial = QColor(0xFB, 0xF8, 0xF0);
    t.ink = QColor(0x22, 0x25, 0x2A);
    t.muted = QColor(0x5A, 0x58, 0x4F);
    t.faint = QColor(0x82, 0x7C, 0x6D);
    t.amber = QColor(0xE3, 0x9A, 0x0B);
    t.amberText = QColor(0x7A, 0x4A, 0x00);
    t.amberLine = QColor(0xA8, 0x6A, 0x00);
    t.intake = QColor(0x0B, 0x6F, 0x68);
    t.exhaust = QColor(0xA5, 0x43, 0x0F);
    t.intakeFill = QColor(0xD5, 0xE4, 0xDC);
    t.exhaustFill = QColor(0xEE, 0xDC, 0xCC);
    t.bar = QColor(0x22, 0x25, 0x2A);
    t.barText = QColor(0xF4, 0xEF, 0xE4);
    t.barMuted = QColor(0xB8, 0xB2, 0xA4);
    t.chip = QColor(0x36, 0x3A, 0x41);
    t.chipEdge = QColor(0x76, 0x78, 0x7E);
    t.onAmber = t.ink;
    return t;
}

Theme Theme::inTheDark() {
    Theme t;
    t.plate = QColor(0x1F, 0x1E, 0x1B);
    t.panel = QColor(0x2A, 0x28, 0x24);
    t.edge = QColor(0x4A, 0x46, 0x3D);
    t.dial = QColor(0x26, 0x25, 0x21);
    t.ink = QColor(0xEF, 0xE8, 0xD8);
    t.muted = QColor(0xB4, 0xAC, 0x9A);
    t.faint = QColor(0x85, 0x7F, 0x71);
    t.amber = QColor(0xE3, 0x9A, 0x0B);
    t.amberText = QColor(0xF0, 0xB9, 0x4C);
    t.amberLine = t.amber;
    t.intake = QColor(0x5A, 0xC2, 0xB6);
    t.exhaust = QColor(0xE9, 0x94, 0x64);
    t.intakeFill = QColor(0x25, 0x45, 0x40);
    t.exhaustFill = QColor(0x4E, 0x33, 0x24);
    t.bar = QColor(0x12, 0x12, 0x10);
    t.barText = QColor(0xEF, 0xE8, 0xD8);
    t.barMuted = QColor(0xB4, 0xAC, 0x9A);
    t.chip = QColor(0x34, 0x31, 0x2C);
    t.chipEdge = QColor(0x72, 0x6E, 0x66);
    t.onAmber = light().ink;
    t.dark = true;
    return t;
}

Theme Theme::sharp(bool dark) {
    Theme t = dark ? inTheDark() : light();
    const QColor ground = dark ? Qt::black : Qt::white, ink = dark ? Qt::white : Qt::black;
    t.plate = t.panel = t.dial = ground;
    t.ink = t.muted = t.faint = t.edge = ink;
    t.amberText = dark ? QColor(0xFF, 0xD0, 0x70) : QColor(0x5C, 0x36, 0x00);
    t.amberLine = t.amberText;
    t.intake = dark ? QColor(0x7F, 0xE8, 0xDB) : QColor(0x00, 0x4C, 0x47);
    t.exhaust = dark ? QColor(0xFF, 0xB0, 0x88) : QColor(0x7A, 0x2A, 0x00);
    t.intakeFill = t.exhaustFill = ground;
    t.bar = Qt::black;
    t.barText = t.barMuted = Qt::white;
    t.chip = Qt::black;
    t.chipEdge = Qt::white;
    t.onAmber = Qt::black;
    t.sharply = true;
    return t;
}

Look::Look(QObject* parent) : QObject(parent), theme_(Theme::light()) {}

void Look::setTheme(bool dark, bool sharp) {
    if (dark == theme_.dark && sharp == theme_.sharply) return;
    theme_ = sharp ? Theme::sharp(dark) : dark ? Theme::inTheDark() : Theme::light();
    emit changed();
}

void Look::setInches(bool inches) {
    if (inches == style_.inches()) return;
    style_.unit = inches ? lobe::LengthUnit::Inch : lobe::LengthUnit::Millimetre;
    emit changed();
}

void Look::setLocale(const QLocale& locale) {
    style_.locale = locale;
    emit changed();
}

static double textScale = 1.0;

void Look::setTextScale(double scale) {
    textScale = std::clamp(scale, 0.8, 1.0);
}

QFont Look::font(int pixels, bool bold) {
    QFont font(QStringLiteral("B612"));
    // Nothing is legible under nine pixels.
    font.setPixelSize(
        std::max(std::min(pixels, 9), static_cast<int>(std::lround(pixels * textScale))));
    font.setBold(bold);
    // Whole-pixel advances: each glyph is drawn once per size instead of once per quarter pixel,
    // which halves the time type takes at the start.
    font.setHintingPreference(QFont::PreferFullHinting);
    // The face has no ligatures and pairs that are moved by a pixel at most: placing glyphs without
    // looking for them takes a tenth off a painting. Scripts that need it are shaped all the same.
    font.setStyleStrategy(QFont::PreferNoShaping);
    return font;
}

QPen Look::lobePen(lobe::Side side, double width) const {
    QPen pen(theme_.lobe(side), width);
    if (side == lobe::Side::Exhaust) pen.setDashPattern({5.0, 3.0});
    pen.setCapStyle(Qt::FlatCap);
    return pen;
}

void Look::prepare() {
    // The menus stand in the top bar; a bar of the desktop's would be asked for over the bus.
    QCoreApplication::setAttribute(Qt::AA_DontUseNativeMenuBar);
    QCoreApplication::setAttribute(Qt::AA_DontShowIconsInMenus);
    DialStyle::ofApplication();
    QApplication::setFont(font(13));
}

void Look::dress() const {
    DialStyle::ofApplication().setTheme(theme_);
    QApplication::setPalette(palette());
    QToolTip::setPalette(palette());
}

QPalette Look::palette() const {
    const Theme& t = theme_;
    QPalette p(t.panel, t.plate);
    p.setColor(QPalette::WindowText, t.ink);
    p.setColor(QPalette::Base, t.dial);
    p.setColor(QPalette::AlternateBase, t.panel);
    p.setColor(QPalette::Text, t.ink);
    p.setColor(QPalette::PlaceholderText, t.muted);
    p.setColor(QPalette::ButtonText, t.ink);
    p.setColor(QPalette::BrightText, t.ink);
    p.setColor(QPalette::ToolTipBase, t.bar);
    p.setColor(QPalette::ToolTipText, t.barText);
    p.setColor(QPalette::Highlight, t.ink);
    p.setColor(QPalette::HighlightedText, t.plate);
    p.setColor(QPalette::Link, t.amberText);
    p.setColor(QPalette::LinkVisited, t.amberText);
    for (auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role, t.faint);
    return p;
}

static double luminance(const QColor& c) {
    const auto channel = [](double v) {
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * channel(c.redF()) + 0.7152 * channel(c.greenF()) + 0.0722 * channel(c.blueF());
}

double contrast(const QColor& a, const QColor& b) {
    const double la = luminance(a), lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

} // namespace app
