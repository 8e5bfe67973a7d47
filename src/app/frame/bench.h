// The bench of a station: its widget, and what the entry line means there.
#pragma once

#include "app/frame/session.h"
#include "app/frame/stand.h"
#include "app/style/look.h"
#include "stations/list.h"

#include <QString>
#include <QWidget>

namespace app {

/// What the entry line asks.
struct Prompt {
    QString subject;      ///< "cyl 1 intake, run 2"
    QString ask;          ///< "lift at 120°"
    QString enter;        ///< what Enter does: "log, go to 125°"
    QString keys;         ///< the other keys that matter now
    bool several = false; ///< may be several words: at the stand, Space does not enter a number
};

/// How the keys were understood, or why not.
struct Echo {
    bool ok = false;
    QString text;
};

/// A single letter that does something as the whole of the line.
struct Command {
    QChar letter;
    QString does; ///< "overshot: how far to go back"
};

class Bench : public QWidget {
    Q_OBJECT
public:
    Bench(Session& session, const Look& look, QWidget* parent = nullptr);

    virtual Prompt prompt() const = 0;
    /// While typing; changes nothing.
    virtual Echo understand(const QString& text) const = 0;
    /// Enter. When ok, what was typed is on disk.
    virtual Echo submit(const QString& text) = 0;
    /// Backspace in an empty line.
    virtual void strikeLast() {}
    /// Up (-1) and down (+1) in the entry line; false when the station has no use for them.
    virtual bool step(int) { return false; }
    /// The letters that are commands now; a letter typed into a text asked for is none.
    virtual QList<Command> commands() const { return {}; }
    /// One of `commands` was the whole of the line; what there is to say of it.
    virtual Echo command(QChar) { return {}; }
    /// Esc in an empty line: leave whatever was asked in between.
    virtual void leave() {}
    /// Show the job as it is now.
    virtual void refresh() = 0;
    /// Asks in the entry line what a task wants to know.
    virtual void ask(const lobe::Task&) {}
    /// A figure of the slate is asked where it comes from: show its readings.
    virtual void highlight(const lobe::Figure&) {}
    /// The same work at the stand.
    virtual StandCard standCard() const;

signals:
    void promptChanged();
    /// The next thing is typed: give the entry line the focus.
    void entryWanted();
    /// This station is through: on to another.
    void stationWanted(const stations::Station* station);

protected:
    void paintEvent(QPaintEvent* event) override;
    Session& session() const { return session_; }
    const lobe::Job& job() const { return session_.job(); }
    const lobe::Findings& findings() const { return session_.findings(); }
    const Look& look() const { return look_; }
    /// Numbers as the user wants them, angles as the job's wheel shows them.
    words::Style style() const {
        words::Style s = look_.style();
        s.wheel = job().fitted.degreeWheel();
        return s;
    }

private:
    Session& session_;
    const Look& look_;
};

} // namespace app
