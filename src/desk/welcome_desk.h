// The desk of an empty book, or of whoever begins another job: it asks for a name.
#pragma once

#include "desk/desk.h"

namespace app {

class WelcomeDesk : public Desk {
    Q_OBJECT
public:
    using Desk::Desk;

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    void leave() override { emit left(); }

private:
    void likeLast(lobe::Job& fresh) const;

signals:
    /// The job is on disk and opened.
    void jobMade();
    /// Back to the job at hand, if there is one.
    void left();
};

} // namespace app
