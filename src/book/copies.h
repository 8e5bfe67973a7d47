// Copies of a whole book: on demand, and by itself once a week.
//
// A copy is made under another name, flushed, and gets its own when it is whole; it is a book of
// its own, whose log nothing else's can be taken for. The dated copies of shop.amber stand in the
// folder "copies" beside it as shop-2026-11-26.amber; the newest three and the first are kept.
// Newer is what has more in it: a clock may have been wrong.
#pragma once

#include "book/trouble.h"

#include <QString>

#include <atomic>
#include <functional>
#include <optional>
#include <thread>

struct sqlite3;

namespace book {

constexpr int kCopiesKept = 3, kDaysBetweenCopies = 7;

/// Everything an open database holds as a new file at a path where nothing stands. Left off between
/// pages when `leave` says so, without a trace.
std::optional<Error> copyBook(sqlite3* from, const QString& path,
                              const std::atomic<bool>* leave = nullptr);

/// The dated copy that is due of a book at a time (ms since the epoch); empty while one is younger
/// than a week.
QString dueCopy(const QString& book, std::int64_t now_ms);

class Copies {
public:
    Copies() = default;
    /// Leaves off, and waits for that: a moment.
    ~Copies() { stop(); }
    Copies(const Copies&) = delete;
    Copies& operator=(const Copies&) = delete;

    /// Makes the dated copy behind the work, where one is due and the book holds a job; tells from
    /// its own thread why it could not.
    void start(const QString& book, std::int64_t now_ms,
               std::function<void(const QString& copy, const Error&)> failed);
    void stop();
    /// Waits until it is made; for who goes by what it leaves.
    void wait();

private:
    std::thread thread_;
    std::atomic<bool> leave_{false};
};

} // namespace book
