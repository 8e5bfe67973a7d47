// The bench of a station, in the middle of the window: it shows what a desk asks, keeps and says.
#pragma once

#include "app/style/ground.h"
#include "desk/desk.h"
#include "stations/list.h"

#include <QString>
#include <QWidget>

#include <memory>

namespace app {

class Dialogs;

class Bench : public Ground {
    Q_OBJECT
public:
    /// Shows a desk; shown anew whenever the desk says so.
    Bench(std::unique_ptr<Desk> desk, Session& session, const Look& look,
          QWidget* parent = nullptr);

    /// What the entry line speaks with.
    Desk& desk() const { return *desk_; }
    /// Show the job as it is now.
    virtual void refresh() = 0;
    /// The desk's, with a picture where the bench has one to give.
    virtual StandCard standCard() const { return desk_->standCard(); }
    /// Its own table says what the slate would: it folds away.
    virtual bool foldsSlate() const { return false; }
    /// A figure of the slate is asked where it comes from: show its readings.
    virtual void highlight(const lobe::Figure&) {}

protected:
    Session& session() const { return session_; }
    const lobe::Job& job() const { return session_.job(); }
    const lobe::Findings& findings() const { return session_.findings(); }
    /// Numbers as the user wants them, angles as the job's wheel shows them.
    words::Style style() const { return session_.atTheEngine(look().style()); }

private:
    std::unique_ptr<Desk> desk_;
    Session& session_;
};

/// The bench of a desk of its own kind.
template <class Kind> class BenchOf : public Bench {
public:
    BenchOf(Session& session, const Look& look, QWidget* parent)
        : Bench(std::make_unique<Kind>(session, [&look] { return look.style(); }), session, look,
                parent),
          desk_(static_cast<Kind*>(&Bench::desk())) {}

    Kind& desk() const { return *desk_; }

protected:
    Kind* const desk_;
};

} // namespace app
