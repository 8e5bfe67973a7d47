#include "app/frame/keys.h"

#include <QApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QPointer>

namespace app {

namespace {
struct Key {
    const char* keys;
    const char* what;
};
constexpr Key kKeys[] = {
    {"Enter", "log what is typed and go on"},
    {"Backspace in an empty line", "strike the last reading"},
    {"Up, Down", "another angle, another fact"},
    {"75a   20b   40ab   30bb", "go to an angle: after, before TDC; after, before BDC"},
    {"75a 8.512", "log a lift at that angle"},
    {"step 2,  zero,  zero 8.5", "another step;  indicator zeroed again, where lift is 8.5"},
    {"360: 329", "this one read on another wheel: 360, against, 180, 90, signed, twice"},
    {"R in an empty line", "read again what does not fit"},
    {"O,  B in an empty line", "overshot: how far to go back;  backing up: readings left out"},
    {"T,  W in an empty line", "the crank's other turn;  the dial's other turn"},
    {"C,  N,  A in an empty line",
     "conditions of the run;  not now, the next;  mean of the passes"},
    {"M,  V in an empty line", "velocity and acceleration;  lay another lobe over this one"},
    {"D,  G,  H,  W,  T at Set", "drive;  goal;  history;  without marks;  both cams"},
    {"made …,  note …,  photo …", "keep a change of setting;  what goes with it"},
    {"reach 8.5;  K,  I at Compression", "what reaches a ratio;  keep to compare;  at closing"},
    {"Ctrl+Up, Ctrl+Down", "what was typed before"},
    {"Delete on a reading in the log", "strike it, with a reason"},
    {"Esc", "clear the line, or leave what was asked"},
    {"Ctrl+Z, Ctrl+Shift+Z", "undo, redo: everything"},
    {"Ctrl+1 to Ctrl+6", "Engine, TDC, Lobes, Timing, Set, Compression"},
    {"Ctrl+E", "the other lobe of this cylinder"},
    {"F3", "what is still to be taken"},
    {"F2", "at the stand, at the desk"},
    {"Ctrl+U", "millimetres, inches"},
    {"Ctrl+L", "light, dark"},
    {"Tab", "to the pictures and lists; arrows and Enter there"},
    {"Space on a figure of the slate", "where does it come from?"},
    {"F1", "this page"},
};
} // namespace

KeysOverlay::KeysOverlay(const Look& look, QWidget* parent) : QWidget(parent), look_(look) {
    setObjectName(QStringLiteral("keysOverlay"));
    setFocusPolicy(Qt::StrongFocus);
    hide();
}

void KeysOverlay::open() {
    before_ = QApplication::focusWidget();
    setGeometry(parentWidget()->rect());
    raise();
    show();
    setFocus();
}

void KeysOverlay::close() {
    hide();
    if (before_) before_->setFocus();
}

void KeysOverlay::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    p.fillRect(rect(), QColor(0, 0, 0, 140));
    const double rowHeight = std::min(27.0, (height() - 100.0) / double(std::size(kKeys))),
                 w = std::min(820, width() - 40);
    const double h = 70 + rowHeight * double(std::size(kKeys));
    const QRectF box((width() - w) / 2.0, std::max(10.0, (height() - h) / 2.0), w, h);
    p.setPen(QPen(t.amber, 2.0));
    p.setBrush(t.plate);
    p.drawRoundedRect(box, 12, 12);
    p.setPen(t.ink);
    p.setFont(Look::font(20, true));
    p.drawText(box.adjusted(28, 16, -28, 0), Qt::AlignLeft | Qt::AlignTop, QStringLiteral("Keys"));
    double y = box.top() + 54;
    for (const Key& key : kKeys) {
        p.setFont(Look::font(13, true));
        p.setPen(t.amberText);
        p.drawText(QRectF(box.left() + 28, y, w * 0.42, rowHeight),
                   Qt::AlignLeft | Qt::AlignVCenter, QString::fromUtf8(key.keys));
        p.setFont(Look::font(13));
        p.setPen(t.ink);
        p.drawText(QRectF(box.left() + w * 0.45, y, w * 0.53, rowHeight),
                   Qt::AlignLeft | Qt::AlignVCenter, QString::fromUtf8(key.what));
        y += rowHeight;
    }
}

void KeysOverlay::keyPressEvent(QKeyEvent*) {
    close();
}
void KeysOverlay::mousePressEvent(QMouseEvent*) {
    close();
}

} // namespace app
