// The bench of an empty book: what this is for, what to do first, and the demo.
#pragma once

#include "app/frame/bench.h"

namespace app {

class Welcome : public Bench {
    Q_OBJECT
public:
    Welcome(Session& session, const Look& look, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    void refresh() override {}
    void leave() override { emit left(); }

signals:
    void demoWanted();
    void jobMade();
    void left();

protected:
    void paintEvent(QPaintEvent* event) override;
};

} // namespace app
