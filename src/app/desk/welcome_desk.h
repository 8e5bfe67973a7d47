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

signals:
    void jobMade();
    void left();
};

} // namespace app
