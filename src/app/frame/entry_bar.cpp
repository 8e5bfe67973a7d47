#include "app/frame/entry_bar.h"

#include "app/style/announce.h"
#include "app/style/dial_style.h"
#include "app/style/label.h"
#include "words/say.h"
#include "words/typed_words.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMimeData>
#include <QPainter>
#include <QRegularExpression>
#include <QStyle>
#include <QTime>

#include <algorithm>
#include <utility>

namespace app {

namespace {
/// Room in the line for what is typed, before the echo begins; and from the edges.
constexpr int kTyped = 150, kEdge = 14;
constexpr int kDesk = 76, kStand = 112;
/// Pixels, of the whole bar.
constexpr int kNarrow = 640;
/// Earlier lines that can be called up again.
constexpr qsizetype kRecalled = 200;

/// A line of the prompt, which changes with every reading. It takes the width it is given, and its
/// height, which layouts ask for again and again, is found once for a text.
class PromptLabel : public PlainLabel {
public:
    using PlainLabel::PlainLabel;

    QSize minimumSizeHint() const override {
        constexpr int kNarrowest = 60;
        return {kNarrowest, fontMetrics().height()};
    }
    QSize sizeHint() const override { return minimumSizeHint(); }
    int heightForWidth(int width) const override {
        if (width != width_ || text() != text_ || font() != font_) {
            width_ = width;
            text_ = text();
            font_ = font();
            height_ = QLabel::heightForWidth(width);
        }
        return height_;
    }

private:
    mutable QString text_;
    mutable QFont font_;
    mutable int width_ = -1, height_ = 0;
};
} // namespace

QString plainLine(QString text) {
    for (QChar& c : text)
        switch (c.unicode()) {
        case 0x2212: // minus
        case 0x2013: // en dash
        case 0x2010: // hyphen
        case 0x2011:
            c = QLatin1Char('-');
            break;
        case 0x00A0: // no-break spaces, and the separators a paste brings
        case 0x202F:
        case 0x2009:
        case 0x2028:
        case 0x2029:
        case '\t':
        case '\r':
        case '\n':
            c = QLatin1Char(' ');
            break;
        case 0x2033: // inches
        case 0x201D:
        case 0x201C:
            c = QLatin1Char('"');
            break;
        case 0x2044: // fraction slash
            c = QLatin1Char('/');
            break;
        case 0x00D7: // times
            c = QLatin1Char('x');
            break;
        case 0x00BA: // an ordinal, taken for a degree
            c = QChar(0xB0);
            break;
        default:
            break;
        }
    // A letter and its accent are one, as they are drawn.
    return text.trimmed().normalized(QString::NormalizationForm_C);
}

/// Whether the window has a shortcut on these keys. It goes first: on X11 the line has meanings of
/// its own for Ctrl+E, U, K, D and more, which nobody at an engine looks for.
bool EntryLine::isShortcut(const QKeyEvent& key) const {
    const QKeySequence pressed(key.keyCombination());
    const auto actions = window()->actions();
    return std::any_of(actions.begin(), actions.end(), [&](const QAction* a) {
        return a->isEnabled() && a->shortcuts().contains(pressed);
    });
}

bool EntryLine::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && isShortcut(*static_cast<QKeyEvent*>(event))) {
        event->ignore();
        return false;
    }
    return QLineEdit::event(event);
}

/// A row of so many cells is a table that lies down.
constexpr int kCells = 4;

void EntryLine::keyPressEvent(QKeyEvent* event) {
    const bool empty = text().isEmpty();
    if (event->matches(QKeySequence::Copy) && !hasSelectedText()) return emit copyPressed();
    if (event->matches(QKeySequence::Paste)) {
        const QMimeData* held = QApplication::clipboard()->mimeData();
        const bool table = held && held->hasText() &&
                           (held->text().trimmed().contains(QLatin1Char('\n')) ||
                            held->text().count(QLatin1Char('\t')) >= kCells - 1);
        // Two or three cells of a spreadsheet are what could have been typed.
        if (held && held->hasText() && !table && held->text().contains(QLatin1Char('\t'))) {
            insert(held->text().simplified());
            return;
        }
        if (held && (table || (held->hasImage() && !held->hasText()))) {
            emit pastePressed();
            return;
        }
    }
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
        if (live_ && empty) {
            emit returnPressed();
            return;
        }
        static const QRegularExpression whole(QStringLiteral("^([-+0-9.,]*|[A-Za-z])$"));
        if (spaceEnters_ && whole.match(text()).hasMatch()) {
            emit returnPressed();
            return;
        }
        break;
    }
    default:
        break;
    }
    QLineEdit::keyPressEvent(event);
}

EntryBar::EntryBar(const Look& look, QWidget* parent)
    : Ground(look, &Theme::bar, parent),
      line_(new EntryLine(this)),
      subject_(new PromptLabel(this)),
      ask_(new PromptLabel(this)),
      echo_(new PlainLabel(this)),
      enter_(new PromptLabel(this)),
      keys_(new PromptLabel(this)),
      disk_(new PlainLabel(this)) {
    setObjectName(QStringLiteral("entryBar"));
    setProperty("role", "bar");
    setFixedHeight(kDesk);
    line_->setObjectName(QStringLiteral("entry"));
    line_->setAccessibleName(Say::tr("Entry line"));
    line_->setMaxLength(2000);
    echo_->setObjectName(QStringLiteral("echo"));
    ask_->setObjectName(QStringLiteral("ask"));
    subject_->setObjectName(QStringLiteral("askSubject"));
    enter_->setObjectName(QStringLiteral("askEnter"));
    keys_->setObjectName(QStringLiteral("askKeys"));
    disk_->setObjectName(QStringLiteral("disk"));
    for (QLabel* quiet : {subject_, keys_, disk_})
        quiet->setProperty("role", "barQuiet");
    line_->setProperty("role", "entry");
    setType();
    disk_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    echo_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    echo_->setAttribute(Qt::WA_TransparentForMouseEvents);
    for (QLabel* label : {subject_, ask_, enter_, keys_})
        label->setWordWrap(true);

    const auto column = [](QLabel* top, QLabel* bottom) {
        auto* box = new QVBoxLayout;
        box->setSpacing(1);
        box->addStretch();
        box->addWidget(top);
        box->addWidget(bottom);
        box->addStretch();
        return box;
    };
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
    connect(line_, &EntryLine::pastePressed, this,
            [this] { emit pasted(*QApplication::clipboard()->mimeData()); });
    connect(line_, &EntryLine::strikePressed, this, [this] {
        emit entering();
        if (desk_) desk_->take(Strike{});
    });
    connect(line_, &EntryLine::stepPressed, this, [this](int direction) {
        if (desk_ && desk_->take(Step{direction}).ok) refresh();
    });
    connect(line_, &EntryLine::recallPressed, this, [this](int way) {
        recalled_ = std::clamp(recalled_ + way, 0, static_cast<int>(typed_.size()));
        line_->setText(typed_.value(recalled_));
    });
    connect(line_, &EntryLine::leavePressed, this, [this] {
        if (live_.leave && live_.leave()) return;
        if (desk_) desk_->take(Leave{});
        refresh();
    });
    connect(&look, &Look::changed, this, &EntryBar::refresh);
}

void EntryLine::setLive(bool on, double closed, const QColor& colour) {
    live_ = on;
    closing_ = colour;
    if (closed == closed_) return;
    closed_ = closed;
    update();
}

void EntryLine::paintEvent(QPaintEvent* event) {
    QLineEdit::paintEvent(event);
    constexpr double kSeen = 0.05;
    if (closed_ < kSeen) return;
    constexpr int kHigh = 5;
    QPainter p(this);
    const QRect room = rect().adjusted(4, 0, -4, -3);
    p.fillRect(QRectF(room.left(), room.bottom() - kHigh, room.width() * closed_, kHigh), closing_);
}

void EntryBar::showLive(const QString& value, double closed, const QString& doing) {
    if (line_->placeholderText() != value) {
        const bool room = line_->placeholderText().size() != value.size();
        line_->setPlaceholderText(value);
        if (room) placeEcho();
    }
    const Theme& t = look().theme();
    line_->setLive(!value.isEmpty(), value.isEmpty() ? 0.0 : closed,
                   closed >= 1.0 ? t.amber : t.muted);
    if (doing == doing_) return;
    const bool shown = echo_->text() == doing_;
    doing_ = doing;
    if (line_->text().isEmpty() && shown) say(doing, false);
}

void EntryBar::setDesk(Desk* desk) {
    if (desk_ == desk) return refresh();
    if (desk_) {
        disconnect(desk_, nullptr, this, nullptr);
        // What stands in the line goes with the desk it was typed for.
        if (std::exchange(typing_, false)) desk_->typing(false);
    }
    desk_ = desk;
    if (desk_) connect(desk_, &Desk::promptChanged, this, &EntryBar::refresh);
    line_->clear();
    refresh();
}

void EntryBar::setType() {
    line_->setFont(Look::font(atStand_ ? 54 : 26));
    ask_->setFont(Look::font(atStand_ ? 24 : 15, true));
    for (QLabel* label : {subject_, enter_, keys_})
        label->setFont(Look::font(atStand_ ? 17 : 13));
}

void EntryBar::setAtStand(bool on) {
    atStand_ = on;
    line_->setFixedHeight(on ? 88 : 50);
    setType();
    makeRoom();
    refresh();
}

void EntryBar::refresh() {
    const Prompt prompt = desk_ ? desk_->prompt() : Prompt{};
    line_->setSpaceEnters(atStand_ && !prompt.several);
    // Asked anew more often than it changes, and what stands there takes a layout to change.
    if (prompt != asked_) {
        asked_ = prompt;
        subject_->setText(prompt.subject);
        ask_->setText(prompt.ask);
        enter_->setText(prompt.enter.isEmpty() ? QString() : Say::tr("Enter  ") + prompt.enter);
        keys_->setText(prompt.keys);
        line_->setAccessibleDescription(prompt.subject + QLatin1Char(' ') + prompt.ask);
        announce(*ask_);
        makeRoom();
    }
    echo();
}

/// As high as its words need: a question is never cut.
void EntryBar::makeRoom() {
    if (!layout()) return; // not put together yet
    // A very narrow window has room for what is asked and what is typed, and no more.
    const bool narrow = width() < kNarrow;
    enter_->setVisible(!narrow);
    keys_->setVisible(!narrow);
    disk_->setVisible(!narrow && !atStand_);
    layout()->activate();
    const auto needed = [](const QLabel* top, const QLabel* bottom) {
        int h = 13;
        for (const QLabel* label : {top, bottom})
            if (!label->text().isEmpty()) h += label->heightForWidth(label->width());
        return h;
    };
    const int high = std::max({atStand_ ? kStand : kDesk, needed(subject_, ask_) + 6,
                               narrow ? 0 : needed(enter_, keys_) + 6});
    // Never so high that it leaves the window: then the words' end is missing.
    const int most = std::max(line_->height() + 12, window()->height() * 3 / 5);
    if (std::min(high, most) == height()) return;
    setFixedHeight(std::min(high, most));
    // Resized within its own resizing, what stands in it would stay where it stood.
    layout()->invalidate();
    layout()->activate();
    emit heightChanged();
}

void EntryBar::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    if (event->size().width() != event->oldSize().width()) makeRoom();
    placeEcho();
}

void EntryBar::say(const QString& text, bool wrong) {
    echo_->setText(text);
    echo_->setProperty("wrong", wrong);
    placeEcho();
    if (wrong) announce(*echo_);
}

/// In the line, right of what is typed; where that leaves too little room, over the hints beside
/// it.
void EntryBar::placeEcho() {
    const QString text = echo_->text();
    echo_->setVisible(!text.isEmpty());
    if (text.isEmpty()) return;
    // Beside what is typed, or the live value that stands in its place.
    const QString there = line_->text().isEmpty() ? line_->placeholderText() : line_->text();
    const int typed = std::max(kTyped, line_->fontMetrics().horizontalAdvance(there) + 34);
    const QRect inside = line_->geometry().adjusted(typed, 2, -kEdge, -2);
    const auto fits = [&](int width, int height, int pixels) {
        return width > 60 && QFontMetrics(Look::font(pixels))
                                     .boundingRect(QRect(0, 0, width, 4000), Qt::TextWordWrap, text)
                                     .height() <= height;
    };
    const bool here = fits(inside.width(), inside.height(), 12);
    const int pixels = here && !fits(inside.width(), 24, 13) ? 12 : 13;
    const Theme& t = look().theme();
    const bool wrong = echo_->property("wrong").toBool();
    if (here)
        setInk(echo_, wrong ? t.exhaust : t.muted);
    else
        setInk(echo_, t.barText, t.bar);
    echo_->setFont(Look::font(pixels));
    echo_->setWordWrap(true);
    echo_->setAlignment((here ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    if (here)
        echo_->setGeometry(inside);
    else
        echo_->setGeometry(line_->geometry().right() + 16, 4,
                           width() - line_->geometry().right() - 30, height() - 8);
    echo_->raise();
}

std::optional<Command> EntryBar::commandIn(const QString& text) const {
    if (!desk_ || text.size() != 1) return std::nullopt;
    for (const Command& c : desk_->commands())
        if (c.letter == text.at(0).toLower()) return c;
    return std::nullopt;
}

QString EntryBar::meant(const QString& typed) const {
    if (!desk_ || typed.isEmpty()) return typed;
    const auto fits = [&](const QString& text) {
        const auto anywhere = anywhere_ ? anywhere_(text, false) : std::nullopt;
        return anywhere ? anywhere->ok : desk_->understand(text).ok;
    };
    if (fits(typed)) return typed;
    const QString other = words::inCommandWords(typed);
    return other != typed && fits(other) ? other : typed;
}

void EntryBar::echo() {
    if (const bool any = !line_->text().isEmpty(); desk_ && any != typing_) {
        typing_ = any;
        if (any && live_.typing) live_.typing();
        desk_->typing(any);
    }
    const QString text = plainLine(line_->text());
    if (!desk_ || line_->text().isEmpty()) return say(doing_, false);
    if (const auto command = commandIn(text))
        return say(QString(command->letter).toUpper() + QStringLiteral("  ") + command->does,
                   false);
    const QString line = meant(text);
    const auto anywhere = anywhere_ ? anywhere_(line, false) : std::nullopt;
    const Echo echo = anywhere ? *anywhere : desk_->understand(line);
    say(echo.text, !echo.ok);
}

void EntryBar::enter() {
    if (!desk_) return;
    const QString text = plainLine(line_->text());
    Desk* const asked = desk_;
    emit entering();
    // It was typed for a job that another window has taken away meanwhile: no answer to this one.
    if (desk_ != asked || plainLine(line_->text()) != text) return refresh();
    if (text.isEmpty() && live_.take)
        if (const auto taken = live_.take()) {
            refresh();
            say(taken->text, !taken->ok);
            return emit answered(*taken);
        }
    const auto command = commandIn(text);
    const QString line = command ? text : meant(text);
    const auto anywhere = anywhere_ && !command ? anywhere_(line, true) : std::nullopt;
    const Echo echo = anywhere  ? *anywhere
                      : command ? desk_->take(Letter{command->letter})
                                : desk_->take(Line{line});
    if (!echo.ok) {
        say(echo.text, true);
        // Typing replaces what was refused.
        line_->selectAll();
        return emit answered(echo);
    }
    if (!text.isEmpty() && !command) typed_ << line_->text();
    if (typed_.size() > kRecalled) typed_.removeFirst();
    recalled_ = static_cast<int>(typed_.size());
    // Not clear(), which would keep every letter of every reading to be undone.
    if (desk_ == asked) line_->setText(QString());
    refresh();
    if (!echo.text.isEmpty()) say(echo.text, false);
    emit answered(echo);
}

void EntryBar::showSaid(const QString& sentence) {
    line_->clear();
    say(sentence, false);
}

void EntryBar::showKept(const QTime& at) {
    disk_->setText(Say::tr("everything on disk\n%1").arg(at.toString(QStringLiteral("HH:mm:ss"))));
    announce(*disk_);
}

} // namespace app
