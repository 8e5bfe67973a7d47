// The bench of a station: its widget, and what the entry line means there.
#pragma once

#include "app/style/look.h"
#include "desk/desk.h"
#include "stations/list.h"

#include <QString>
#include <QWidget>

#include <memory>

namespace app {

class Dialogs;

class Bench : public QWidget {
    Q_OBJECT
public:
    Bench(Session& session, const Look& look, QWidget* parent = nullptr);
    /// Shows a desk, and asks what it asks.
    Bench(std::unique_ptr<Desk> desk, Session& session, const Look& look,
          QWidget* parent = nullptr);

    // As the desk has it (desk/desk.h).
    virtual Prompt prompt() const { return desk_ ? desk_->prompt() : Prompt{}; }
    virtual Echo understand(const QString& text) const {
        return desk_ ? desk_->understand(text) : Echo{};
    }
    virtual Echo submit(const QString& text) { return desk_ ? desk_->submit(text) : Echo{}; }
    virtual void strikeLast() {
        if (desk_) desk_->strikeLast();
    }
    virtual bool step(int by) { return desk_ && desk_->step(by); }
    virtual QList<Command> commands() const { return desk_ ? desk_->commands() : QList<Command>{}; }
    virtual Echo command(QChar letter) { return desk_ ? desk_->command(letter) : Echo{}; }
    virtual void leave() {
        if (desk_) desk_->leave();
    }
    virtual void ask(const lobe::Task& task) {
        if (desk_) desk_->ask(task);
    }
    /// Show the job as it is now.
    virtual void refresh() = 0;
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
    Desk& desk() const { return *desk_; }
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
    std::unique_ptr<Desk> desk_;
    Session& session_;
    const Look& look_;
};

} // namespace app
