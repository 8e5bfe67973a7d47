// The bench of an empty book: what this is for, what to do first, and the demo.
#pragma once

#include "app/bench/bench.h"
#include "desk/welcome_desk.h"

namespace app {

class Welcome : public BenchOf<WelcomeDesk> {
    Q_OBJECT
public:
    Welcome(Session& session, const Look& look, QWidget* parent = nullptr);

    void refresh() override {}

signals:
    void demoWanted();

protected:
    void paintEvent(QPaintEvent* event) override;
};

} // namespace app
