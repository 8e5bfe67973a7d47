#include "app/frame/entry_bar.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QRegularExpression>
#include <QStyle>
#include <QTime>

#include <algorithm>

namespace app {

bool EntryLine::event(QEvent* event) {
    // Undo and redo belong to the job unless there is something half typed to take back.
    if (event->type() == QEvent::ShortcutOverride && text().isEmpty()) {
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo)) {
            event->ignore();
            return false;
        }
    }
    return QLineEdit::event(event);
}

void EntryLine::keyPressEvent(QKeyEvent* event) {
    const bool empty = text().isEmpty();
    switch (event->key()) {
    case Qt::Key_Up:
    case Qt::Key_Down: {
        const int way = event->key() == Qt::Key_Up ? -1 : 1;
        if (event->modifiers() & Qt::ControlModifier)
            emit recallPressed(way);
        else
            emit stepPressed(way);
        return;
    }
    case Qt::Key_Backspace:
        if (empty) {
            if (!event->isAutoRepeat()) emit strikePressed();
            return;
        }
        break;
    case Qt::Key_Escape:
        if (empty)
            emit leavePressed();
        else
            clear();
        return;
    case Qt::Key_Space: {
        static const QRegularExpression number(QStringLiteral("^[-+0-9.,]*$"));
        if (spaceEnters_ && number.match(text()).hasMatch()) {
            emit returnPressed();
            return;
        }
        break;
    }
    default:
        break;
    }
    if (empty && event->matches(QKeySequence::Undo)) return emit undoPressed();
    if (empty && event->matches(QKeySequence::Redo)) return emit redoPressed();
    if (empty && event->text().size() == 1 && event->text().at(0).isLetter()) {
        bool used = false;
        emit letterPressed(event->text().at(0).toLower(), &used);
        if (used) return;
    }
    QLineEdit::keyPressEvent(event);
}

EntryBar::EntryBar(const Look& look, QWidget* parent)
    : QWidget(parent),
      look_(look),
      line_(new EntryLine(this)),
      subject_(new QLabel(this)),
      ask_(new QLabel(this)),
      echo_(new QLabel(line_)),
      enter_(new QLabel(this)),
      keys_(new QLabel(this)),
      disk_(new QLabel(this)) {
    setObjectName(QStringLiteral("entryBar"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(76);
    line_->setObjectName(QStringLiteral("entry"));
    line_->setAccessibleName(QStringLiteral("Entry line"));
    echo_->setObjectName(QStringLiteral("echo"));
    ask_->setObjectName(QStringLiteral("ask"));
    disk_->setObjectName(QStringLiteral("disk"));
    for (QLabel* quiet : {subject_, keys_, disk_})
        quiet->setProperty("quiet", true);
    ask_->setFont(Look::font(15, true));
    ask_->setStyleSheet(QStringLiteral("font-size: 15px; font-weight: bold;"));
    disk_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    echo_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    echo_->setAttribute(Qt::WA_TransparentForMouseEvents);
    for (QLabel* label : {subject_, ask_, enter_, keys_}) {
        label->setWordWrap(true);
        label->setMinimumWidth(60);
    }

    const auto column = [](QLabel* top, QLabel* bottom) {
        auto* box = new QVBoxLayout;
        box->setSpacing(1);
        box->addStretch();
        box->addWidget(top);
        box->addWidget(bottom);
        box->addStretch();
        return box;
    };
    auto* inside = new QHBoxLayout(line_);
    inside->setContentsMargins(150, 0, 14, 0);
    inside->addWidget(echo_);
    line_->setFixedHeight(50);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(18, 6, 18, 6);
    row->setSpacing(16);
    row->addLayout(column(subject_, ask_), 20);
    row->addWidget(line_, 46);
    row->addLayout(column(enter_, keys_), 30);
    row->addWidget(disk_);

    connect(line_, &QLineEdit::returnPressed, this, &EntryBar::enter);
    connect(line_, &QLineEdit::textChanged, this, &EntryBar::echo);
    connect(line_, &EntryLine::strikePressed, this, [this] {
        if (station_) station_->strikeLast();
    });
    connect(line_, &EntryLine::stepPressed, this, [this](int direction) {
        if (station_ && station_->step(direction)) refresh();
    });
    connect(line_, &EntryLine::recallPressed, this, [this](int way) {
        recalled_ = std::clamp(recalled_ + way, 0, static_cast<int>(typed_.size()));
        line_->setText(typed_.value(recalled_));
    });
    connect(line_, &EntryLine::leavePressed, this, [this] {
        if (station_) station_->leave();
        refresh();
    });
    connect(line_, &EntryLine::letterPressed, this, [this](QChar letter, bool* used) {
        *used = station_ && station_->command(letter);
        if (*used) refresh();
    });
    connect(line_, &EntryLine::undoPressed, this, &EntryBar::undoRequested);
    connect(line_, &EntryLine::redoPressed, this, &EntryBar::redoRequested);
    connect(&look, &Look::changed, this, &EntryBar::refresh);
}

void EntryBar::setStation(Bench* station) {
    if (station_) disconnect(station_, nullptr, this, nullptr);
    station_ = station;
    if (station_) connect(station_, &Bench::promptChanged, this, &EntryBar::refresh);
    line_->clear();
    refresh();
}

void EntryBar::setAtStand(bool on) {
    atStand_ = on;
    setFixedHeight(on ? 112 : 76);
    line_->setFixedHeight(on ? 88 : 50);
    // By property, so that a change of theme keeps the size.
    setProperty("stand", on);
    for (QWidget* w : QList<QWidget*>{line_, ask_, enter_, subject_, keys_}) {
        w->setProperty("stand", on);
        w->style()->unpolish(w);
        w->style()->polish(w);
    }
    ask_->setStyleSheet(on ? QStringLiteral("font-size: 24px; font-weight: bold;")
                           : QStringLiteral("font-size: 15px; font-weight: bold;"));
    disk_->setVisible(!on);
    refresh();
}

void EntryBar::refresh() {
    const Prompt prompt = station_ ? station_->prompt() : Prompt{};
    subject_->setText(prompt.subject);
    ask_->setText(prompt.ask);
    enter_->setText(prompt.enter.isEmpty() ? QString() : QStringLiteral("Enter  ") + prompt.enter);
    keys_->setText(prompt.keys);
    line_->setSpaceEnters(atStand_ && !prompt.several);
    line_->setAccessibleDescription(prompt.subject + QLatin1Char(' ') + prompt.ask);
    echo();
}

void EntryBar::say(const QString& text, bool wrong) {
    const QColor colour = wrong ? look_.theme().exhaust : look_.theme().muted;
    const bool small = text.size() > 42;
    const QString style =
        QStringLiteral("color: %1; font-size: %2px;").arg(colour.name()).arg(small ? 12 : 13);
    if (style != echoLook_) {
        echoLook_ = style;
        echo_->setStyleSheet(style);
        echo_->setWordWrap(small);
    }
    echo_->setText(text);
}

void EntryBar::echo() {
    if (!station_ || line_->text().isEmpty()) return say(QString(), false);
    const Echo echo = station_->understand(line_->text());
    say(echo.text, !echo.ok);
}

void EntryBar::enter() {
    if (!station_) return;
    const Echo echo = station_->submit(line_->text());
    if (echo.ok) {
        if (!line_->text().isEmpty()) typed_ << line_->text();
        recalled_ = static_cast<int>(typed_.size());
        line_->clear();
        refresh();
        if (!echo.text.isEmpty()) say(echo.text, false);
    } else {
        say(echo.text, true);
    }
}

void EntryBar::showTrouble(const QString& sentence) {
    say(sentence, true);
}

void EntryBar::showKept() {
    disk_->setText(QStringLiteral("everything on disk\n%1")
                       .arg(QTime::currentTime().toString(QStringLiteral("HH:mm:ss"))));
}

} // namespace app
