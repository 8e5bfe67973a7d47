// Ends the window properly where the system asks for it: SIGTERM, SIGHUP and SIGINT, and logging
// out. What is in hand is on disk in any case; ended properly, the book is one file.
#pragma once

#include <QObject>
#include <QSocketNotifier>

#include <functional>

namespace app {

class Ending : public QObject {
    Q_OBJECT
public:
    /// One of the process. `end` is called once, in the window's thread.
    explicit Ending(std::function<void()> end, QObject* parent = nullptr);
    ~Ending() override;

private:
    std::function<void()> end_;
    QSocketNotifier* notifier_ = nullptr;
};

} // namespace app
