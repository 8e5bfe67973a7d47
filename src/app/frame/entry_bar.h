// The entry line: where every reading is typed, at every station.
#pragma once

#include "app/style/ground.h"
#include "desk/desk.h"

#include <QLineEdit>

#include <functional>
#include <optional>

class QLabel;
class QMimeData;

namespace app {

/// What was typed or pasted, as plain text on one line: a true minus, no-break spaces, tabs and the
/// line ends of a spreadsheet cell become what a keyboard has, an accent one with its letter.
QString plainLine(QString text);

/// The line itself: hands over the keys that mean something beside typing.
class EntryLine : public QLineEdit {
    Q_OBJECT
public:
    explicit EntryLine(QWidget* parent = nullptr) : QLineEdit(parent) {}
    /// Space is Enter while the line is empty or holds nothing but a number or a command.
    void setSpaceEnters(bool on) { spaceEnters_ = on; }
    /// Space in an empty line takes what is live; a bar under it closes as that stands still, 0
    /// to 1.
    void setLive(bool on, double closed, const QColor& colour);

signals:
    /// What is on the clipboard is no line: a picture, or a table.
    void pastePressed();
    /// Nothing of the line is marked: what is shown is meant.
    void copyPressed();
    /// Backspace in an empty line.
    void strikePressed();
    /// Up (-1) or down (+1).
    void stepPressed(int direction);
    /// Ctrl+Up (-1) or Ctrl+Down (+1).
    void recallPressed(int direction);
    /// Esc in an empty line.
    void leavePressed();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;

private:
    bool isShortcut(const QKeyEvent& key) const;

    bool spaceEnters_ = false, live_ = false;
    double closed_ = 0.0;
    QColor closing_;
};

class EntryBar : public Ground {
    Q_OBJECT
public:
    explicit EntryBar(const Look& look, QWidget* parent = nullptr);

    /// The desk that answers from now on; may be null.
    void setDesk(Desk* desk);
    /// Whom it speaks with; null for none.
    Desk* desk() const { return desk_; }
    /// What is understood at every station before the desk is asked: empty for a line that is the
    /// desk's. `enter` keeps it.
    using Anywhere = std::function<std::optional<Echo>(const QString& text, bool enter)>;
    void setAnywhere(Anywhere anywhere) { anywhere_ = std::move(anywhere); }
    /// What instruments have to do with the line: an empty Enter takes what is live, or is none of
    /// theirs; something is begun to be typed; Esc leaves what is waited for, or is none of theirs.
    struct Live {
        std::function<std::optional<Echo>()> take;
        std::function<void()> typing;
        std::function<bool()> leave;
    };
    void setLive(Live live) { live_ = std::move(live); }
    /// The live value, faint in the empty line; how far it has come to stand still; what is done.
    void showLive(const QString& value, double closed, const QString& doing);
    /// Bigger, and Space logs a plain number as a foot pedal sends it.
    void setAtStand(bool on);
    /// A sentence beside the line until something is typed.
    void showSaid(const QString& sentence);
    /// "everything on disk, 14:32:07"
    void showKept(const QTime& at);
    EntryLine* line() const { return line_; }

public slots:
    /// Asks the desk anew.
    void refresh();

signals:
    /// What came of an Enter.
    void answered(const app::Echo& echo);
    /// Before a line or a command is given to the station.
    void entering();
    /// A picture or several lines are on the clipboard, and it is pasted.
    void pasted(const QMimeData& data);
    /// The bar needs another height.
    void heightChanged();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void enter();
    void echo();
    void say(const QString& text, bool wrong);
    void placeEcho();
    void makeRoom();
    void setType();
    /// What was typed, with the command words of the language in use where only so it is
    /// understood.
    QString meant(const QString& typed) const;
    /// The command that is the whole of a text, if it is one here.
    std::optional<Command> commandIn(const QString& text) const;

    Desk* desk_ = nullptr;
    Anywhere anywhere_;
    Live live_;
    QString doing_; ///< what an instrument does, while the line is empty
    Prompt asked_;  ///< what the labels say
    EntryLine* line_;
    QStringList typed_; ///< earlier lines, for Ctrl+Up
    int recalled_ = 0;
    QLabel *subject_, *ask_, *echo_, *enter_, *keys_, *disk_;
    bool atStand_ = false;
    bool typing_ = false; ///< something stands in the line
};

} // namespace app
