#include "app/frame/keys.h"

#include "words/say.h"

#include <QAction>
#include <QKeyEvent>
#include <QLabel>
#include <QScrollArea>
#include <QScrollBar>

namespace app {

namespace {

/// What no menu has: the keys of the entry line itself.
constexpr std::pair<const char*, const char*> kLine[] = {
    {QT_TRANSLATE_NOOP("Say", "Enter"), QT_TRANSLATE_NOOP("Say", "log what is typed and go on")},
    {QT_TRANSLATE_NOOP("Say", "Backspace in an empty line"),
     QT_TRANSLATE_NOOP("Say", "strike the last reading")},
    {QT_TRANSLATE_NOOP("Say", "Up, Down"), QT_TRANSLATE_NOOP("Say", "another angle, another fact")},
    {QT_TRANSLATE_NOOP("Say", "Esc"),
     QT_TRANSLATE_NOOP("Say", "clear the line, or leave what was asked")},
    {QT_TRANSLATE_NOOP("Say", "Ctrl+Up, Ctrl+Down"),
     QT_TRANSLATE_NOOP("Say", "what was typed before")},
    {QT_TRANSLATE_NOOP("Say", "Tab"),
     QT_TRANSLATE_NOOP(
         "Say",
         "to the pictures and lists; arrows and Enter there; a digit leads back to the line")},
    {QT_TRANSLATE_NOOP("Say", "Shift+F10"),
     QT_TRANSLATE_NOOP("Say", "the menu of what has the keys: save, copy or print a picture")},
    {QT_TRANSLATE_NOOP("Say", "Delete on a reading in the log"),
     QT_TRANSLATE_NOOP("Say", "strike it, with a reason")},
    {QT_TRANSLATE_NOOP("Say", "Space on a figure of the slate"),
     QT_TRANSLATE_NOOP("Say", "where does it come from?")},
};

} // namespace

KeysOverlay::KeysOverlay(const Look& look, QWidget* parent)
    : Overlay(look, parent), text_(new QLabel), scroll_(new QScrollArea(this)) {
    setObjectName(QStringLiteral("keysOverlay"));
    text_->setObjectName(QStringLiteral("keysText"));
    text_->setTextFormat(Qt::RichText);
    text_->setWordWrap(true);
    text_->setMargin(10);
    text_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    scroll_->setObjectName(QStringLiteral("keysScroll"));
    scroll_->setWidget(text_);
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

QRect KeysOverlay::box() const {
    const int w = std::min(860, width() - 40), h = std::min(760, height() - 30);
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void KeysOverlay::place() {
    scroll_->setGeometry(box().adjusted(10, 10, -10, -10));
}

void KeysOverlay::open(const QString& stationName, const Desk* desk,
                       const QList<QAction*>& actions) {
    const Theme& t = look().theme();
    QString rows;
    const auto head = [&](const QString& title) {
        rows += QStringLiteral("<tr><td colspan='2' style='padding-top:10px; font-size:16px;'>"
                               "<b>%1</b></td></tr>")
                    .arg(title);
    };
    const auto row = [&](const QString& keys, const QString& does) {
        rows += QStringLiteral("<tr><td width='36%' style='color:%1; padding:2px 14px 2px 0;'><b>%2"
                               "</b></td><td style='padding:2px 0;'>%3</td></tr>")
                    .arg(t.amberText.name(), keys.toHtmlEscaped(), does.toHtmlEscaped());
    };
    const QList<Command> commands = desk ? desk->commands() : QList<Command>{};
    if (!commands.isEmpty()) {
        head(Say::tr("At %1 now: a letter alone, then Enter").arg(stationName));
        for (const Command& c : commands)
            row(QString(c.letter).toUpper(), c.does);
    }
    head(Say::tr("The entry line"));
    for (const auto& [keys, does] : kLine)
        row(Say::tr(keys), Say::tr(does));
    head(Say::tr("What it understands"));
    for (const stations::Station* s : stations::all())
        for (const stations::Typed& each : s->typed)
            row(Say::tr(each.typed), Say::tr(each.meaning));
    head(Say::tr("Everywhere"));
    for (const QAction* a : actions)
        if (!a->shortcut().isEmpty())
            row(a->shortcut().toString(QKeySequence::NativeText),
                a->text().remove(QLatin1Char('&')).remove(QChar(0x2026)));
    text_->setText(QStringLiteral("<table width='100%' cellspacing='0' style='font-size:13px;'>%1"
                                  "</table>")
                       .arg(rows));
    scroll_->verticalScrollBar()->setValue(0);
    show();
}

/// F1 once more is this page's own: it would lead here again.
bool KeysOverlay::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride &&
        static_cast<QKeyEvent*>(event)->keyCombination() == QKeyCombination(Qt::Key_F1)) {
        event->accept();
        return true;
    }
    return Overlay::event(event);
}

void KeysOverlay::keyPressEvent(QKeyEvent* event) {
    QScrollBar* bar = scroll_->verticalScrollBar();
    switch (event->key()) {
    case Qt::Key_Down:
        bar->setValue(bar->value() + 40);
        break;
    case Qt::Key_Up:
        bar->setValue(bar->value() - 40);
        break;
    case Qt::Key_PageDown:
    case Qt::Key_Space:
        bar->setValue(bar->value() + bar->pageStep());
        break;
    case Qt::Key_PageUp:
        bar->setValue(bar->value() - bar->pageStep());
        break;
    case Qt::Key_F1:
        close();
        emit guideWanted();
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        close();
        break;
    default:
        Overlay::keyPressEvent(event);
        break;
    }
    event->accept();
}

} // namespace app
