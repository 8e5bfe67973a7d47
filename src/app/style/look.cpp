#include "app/style/look.h"

#include "app/style/base_style.h"

#include <QApplication>

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
    t.intakeFill = QColor(0xC9, 0xDB, 0xD2);
    t.exhaustFill = QColor(0xE8, 0xD0, 0xBC);
    t.bar = QColor(0x22, 0x25, 0x2A);
    t.barText = QColor(0xF4, 0xEF, 0xE4);
    t.barMuted = QColor(0xB8, 0xB2, 0xA4);
    t.chip = QColor(0x36, 0x3A, 0x41);
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
    t.dark = true;
    return t;
}

Look::Look(QObject* parent) : QObject(parent), theme_(Theme::light()) {}

void Look::setDark(bool dark) {
    if (dark == theme_.dark) return;
    theme_ = dark ? Theme::inTheDark() : Theme::light();
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

QFont Look::font(int pixels, bool bold) {
    QFont font(QStringLiteral("B612"));
    font.setPixelSize(pixels);
    font.setBold(bold);
    // Whole-pixel advances: each glyph is drawn once per size instead of once per quarter pixel,
    // which halves the time type takes at the start.
    font.setHintingPreference(QFont::PreferFullHinting);
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
    if (!qobject_cast<BaseStyle*>(QApplication::style())) QApplication::setStyle(new BaseStyle);
    QApplication::setFont(font(13));
}

QString Look::sheet() const {
    const Theme& t = theme_;
    QString css = QStringLiteral(R"(
QWidget { color: @ink; }
QMainWindow, QWidget#bench, QStackedWidget { background: @plate; }
QWidget#topBar QLabel, QWidget#entryBar QLabel { color: @barText; background: transparent; }
QWidget#topBar QLabel[quiet="true"], QWidget#entryBar QLabel[quiet="true"] { color: @barMuted; }
QLabel#wordmark { color: @amber; font-size: 15px; font-weight: bold; }
QMenuBar { background: @bar; color: @barText; border: none; }
QMenuBar::item { padding: 6px 10px; background: transparent; }
QMenuBar::item:selected { background: @amber; color: #22252A; border-radius: 6px; }
QMenu { background: @dial; color: @ink; border: 1px solid @edge; padding: 4px; }
QMenu::item { padding: 6px 24px 6px 14px; }
QMenu::item:selected { background: @ink; color: @plate; }
QMenu::item:disabled { color: @faint; }
QMenu::separator { height: 1px; background: @edge; margin: 4px 8px; }
QPushButton { background: @panel; border: 1px solid @edge; border-radius: 8px; padding: 7px 11px; }
QPushButton:hover { border-color: @muted; }
QPushButton:focus { border: 2px solid @amberLine; padding: 6px 10px; }
QPushButton:checked { background: @amber; color: #22252A; border-color: @amber; font-weight: bold; }
QPushButton:checked:focus { border: 2px solid @ink; }
QPushButton:disabled { color: @faint; }
QPushButton#primary { background: @amber; color: #22252A; border-color: @amber; font-weight: bold; }
QWidget#topBar QPushButton { background: @chip; color: @barText; border: 1px solid @chip;
    border-radius: 13px; padding: 4px 12px; min-height: 18px; }
QWidget#topBar QPushButton:focus { border: 1px solid @amber; }
QWidget#topBar QPushButton:checked { background: @amber; color: #22252A; font-weight: bold; }
QWidget#topBar QPushButton:checked:focus { border: 2px solid @barText; padding: 3px 11px; }
QLineEdit#entry { background: @dial; color: @ink; border: 2px solid @amber; border-radius: 8px;
    padding: 2px 12px; font-size: 26px; selection-background-color: @amber; }
QLineEdit#entry[stand="true"] { font-size: 54px; }
QWidget#entryBar QLabel[stand="true"] { font-size: 17px; }
QWidget#topBar[stand="true"] QPushButton { min-height: 42px; border-radius: 10px; font-size: 15px; }
QLabel#echo { color: @muted; background: transparent; }
QScrollArea, QScrollArea > QWidget, QScrollArea QLabel { background: @dial; }
QLabel[role="title"] { font-size: 15px; font-weight: bold; }
QLabel[role="verdict"] { font-size: 17px; font-weight: bold; color: @amberText; }
QLabel[role="quiet"] { color: @muted; font-size: 12px; }
QLabel[role="head"] { color: @amberText; font-weight: bold; font-size: 13px; }
QAbstractItemView { background: @dial; border: 1px solid @edge; border-radius: 6px;
    selection-background-color: @ink; selection-color: @plate; outline: none; }
QAbstractItemView:focus { border: 2px solid @amberLine; }
QComboBox:focus { border: 2px solid @amberLine; }
QScrollArea#keysScroll, QScrollArea#keysScroll > QWidget, QScrollArea#keysScroll QLabel { background: @plate; }
QHeaderView::section { background: @panel; color: @muted; border: none; padding: 4px 6px; font-size: 12px; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar::handle:vertical { background: @edge; border-radius: 4px; min-height: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QToolTip { background: @bar; color: @barText; border: 1px solid @amber; padding: 4px; }
QFrame[role="rule"] { background: @edge; max-height: 1px; min-height: 1px; border: none; }
)");
    const std::pair<const char*, QColor> colours[] = {{"@barMuted", t.barMuted},
                                                      {"@barText", t.barText},
                                                      {"@amberText", t.amberText},
                                                      {"@amberLine", t.amberLine},
                                                      {"@amber", t.amber},
                                                      {"@plate", t.plate},
                                                      {"@panel", t.panel},
                                                      {"@edge", t.edge},
                                                      {"@dial", t.dial},
                                                      {"@ink", t.ink},
                                                      {"@muted", t.muted},
                                                      {"@faint", t.faint},
                                                      {"@bar", t.bar},
                                                      {"@chip", t.chip}};
    for (const auto& [name, colour] : colours)
        css.replace(QLatin1String(name), colour.name());
    return css;
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
