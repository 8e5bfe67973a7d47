// The desk of a station: what its entry line asks, how what is typed is understood and kept, its
// single letters, and what the stand shows. It has no window: a widget shows it, a test or an
// instrument may feed it as well.
#pragma once

#include "desk/input.h"
#include "desk/live_wish.h"
#include "desk/ring_scene.h"
#include "desk/session.h"
#include "words/numbers.h"

#include <QList>
#include <QString>

#include <functional>

class QPainter;
class QSizeF;

namespace stations {
struct Station;
}

namespace app {

/// What the entry line asks.
struct Prompt {
    QString subject;      ///< "cyl 1 intake, run 2"
    QString ask;          ///< "lift at 120°"
    QString enter;        ///< what Enter does: "log, go to 125°"
    QString keys;         ///< the other keys that matter now
    bool several = false; ///< may be several words: at the stand, Space does not enter a number

    bool operator==(const Prompt&) const = default;
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

/// What is shown at the stand.
struct StandCard {
    QString subject;                  ///< "cyl 1 intake"
    std::optional<lobe::Side> side{}; ///< whose colour the subject has
    QString progress;                 ///< "34 of 71"
    QString caption;                  ///< "turn to"
    QString big;                      ///< "120°"
    QString bigNote;                  ///< "after TDC"
    QString last;                     ///< "last 115° ATDC 8.512 mm"
    QString advice;                   ///< one sentence
    bool warn = false;
    QString soFar; ///< what is known already
    QString tip;   ///< how to do it
    RingScene ring;
    /// Drawn in place of the ring, where the work has a picture of its own; the window's to give.
    std::function<void(QPainter&, const QSizeF&)> picture{};
};

/// The stand as the entry line asks: where a station shows nothing else there.
StandCard cardOf(const Prompt& prompt, const lobe::Job& job);

class Desk : public QObject {
    Q_OBJECT
public:
    /// Numbers as the user wants them at the moment.
    using Manner = std::function<words::Style()>;

    /// The session outlives it.
    Desk(Session& session, Manner manner);

    /// Whatever is typed or measured, by the one door; not ok keeps nothing and says why.
    Echo take(const Input& input);

    /// What is asked now.
    virtual Prompt prompt() const = 0;
    /// While typing; changes nothing.
    virtual Echo understand(const QString& text) const = 0;
    /// Something stands in the line that was empty, or no longer does: until it is entered or
    /// taken away, it belongs to what was asked when it was begun.
    virtual void typing(bool) {}
    /// Enter. When ok, what was typed is on disk.
    virtual Echo submit(const QString& text) = 0;
    /// An instrument measured it. When ok, it is on disk.
    virtual Echo measured(const InstrumentReading& reading);
    /// An instrument measured them in passing. When ok, they are on disk.
    virtual Echo passed(const InstrumentPass& pass);
    /// What an instrument could give now.
    virtual LiveWish live() const { return {}; }
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
    /// Asks in the entry line what a task wants to know.
    virtual void ask(const lobe::Task&) {}
    /// Another job is on the bench: whatever was asked in between was of the one before, and is
    /// over.
    virtual void begin() {}
    /// The job changed, or another is on the bench: ask what it needs now. By itself, once for each
    /// snapshot, while it is awake.
    virtual void follow() {}
    /// One that nobody sees does nothing for a job that changes; whoever shows it again has it
    /// follow. At first it is awake.
    void setAwake(bool on) {
        if (awake_ && !on) fallAsleep();
        awake_ = on;
    }
    bool awake() const { return awake_; }
    /// The same work at the stand; as prompted, where a station says nothing else.
    virtual StandCard standCard() const { return cardOf(prompt(), job()); }

signals:
    /// Something else is asked, or asked otherwise.
    void promptChanged();
    /// What is shown beside the line is another; the job need not be.
    void shownChanged();
    /// The next thing is typed: give the entry line the focus.
    void entryWanted();
    /// This station is through: on to another.
    void stationWanted(const stations::Station* station);

protected:
    /// It is seen no more: what is worked out behind the window is left off.
    virtual void fallAsleep() {}
    /// Both: what is asked and what is shown are another.
    void tell() {
        emit shownChanged();
        emit promptChanged();
    }
    Session& session() const { return session_; }
    const lobe::Job& job() const { return session_.job(); }
    const lobe::Findings& findings() const { return session_.findings(); }
    /// Angles as the job's wheel shows them.
    words::Style style() const;

private:
    Session& session_;
    Manner manner_;
    bool awake_ = true;
};

} // namespace app
