// The entry line: where every reading is typed, at every station.
#pragma once

#include "app/frame/bench.h"

#include <QLineEdit>

class QLabel;

namespace app {

/// The line itself: hands over the keys that mean something beside typing.
class EntryLine : public QLineEdit {
    Q_OBJECT
public:
    explicit EntryLine(QWidget* parent = nullptr) : QLineEdit(parent) {}
    /// Space is Enter while the line is empty or holds nothing but a number.
    void setSpaceEnters(bool on) { spaceEnters_ = on; }

signals:
    void strikePressed();
    void stepPressed(int direction);
    void recallPressed(int direction);
    void leavePressed();
    void letterPressed(QChar letter, bool* used);
    void undoPressed();
    void redoPressed();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    bool spaceEnters_ = false;
};

class EntryBar : public QWidget {
    Q_OBJECT
public:
    explicit EntryBar(const Look& look, QWidget* parent = nullptr);

    /// The station that answers from now on; may be null.
    void setStation(Bench* station);
    /// Bigger, and Space logs a plain number as a foot pedal sends it.
    void setAtStand(bool on);
    void showTrouble(const QString& sentence);
    /// "everything on disk, 14:32:07"
    void showKept();
    EntryLine* line() const { return line_; }

public slots:
    void refresh();

signals:
    void undoRequested();
    void redoRequested();

private:
    void enter();
    void echo();
    void say(const QString& text, bool wrong);

    const Look& look_;
    Bench* station_ = nullptr;
    EntryLine* line_;
    QStringList typed_; ///< earlier lines, for Ctrl+Up
    int recalled_ = 0;
    QString echoLook_; ///< the echo's style sheet, set only when it changes
    QLabel *subject_, *ask_, *echo_, *enter_, *keys_, *disk_;
    bool atStand_ = false;
};

} // namespace app
