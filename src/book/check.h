// Looking through a large book behind the work: whether its pages are whole. On a connection of its
// own, which writes nothing and waits for nobody.
#pragma once

#include <QString>

#include <atomic>
#include <functional>
#include <thread>

namespace book {

class Check {
public:
    Check() = default;
    /// Leaves off, and waits for that: a moment.
    ~Check() { stop(); }
    Check(const Check&) = delete;
    Check& operator=(const Check&) = delete;

    /// What it finds wrong is told from its own thread; nothing is told of a book that is whole, or
    /// when it was left off. One at a time: another start leaves off the one before.
    void start(const QString& path, std::function<void(const QString& what)> wrong);
    void stop();

private:
    std::thread thread_;
    std::atomic<bool> leave_{false};
};

} // namespace book
