// What the parts of the bench share: medians, and the window driven as a hand drives it.
#pragma once

#include "app/frame/application.h"

#include <QElapsedTimer>
#include <QTemporaryDir>

#include <algorithm>
#include <functional>
#include <memory>
#include <vector>

namespace measure {

inline double quantile(std::vector<double> v, double share) {
    const auto at = static_cast<std::ptrdiff_t>(
        std::min(static_cast<double>(v.size()) - 1.0, share * static_cast<double>(v.size())));
    std::nth_element(v.begin(), v.begin() + at, v.end());
    return v[static_cast<std::size_t>(at)];
}
inline double median(std::vector<double> v) {
    return quantile(std::move(v), 0.5);
}
inline double ms(const QElapsedTimer& t) {
    return static_cast<double>(t.nsecsElapsed()) / 1e6;
}
/// Of so many times.
inline double medianOf(int times, const std::function<void()>& work) {
    std::vector<double> all;
    for (int i = 0; i < times; ++i) {
        QElapsedTimer t;
        t.start();
        work();
        all.push_back(ms(t));
    }
    return median(all);
}

/// The application with its window shown, at a book or the demo.
struct Bench {
    QTemporaryDir dir;
    std::unique_ptr<app::Application> application;
    /// Empty: the demo.
    explicit Bench(const QString& book = {});
    app::Session& session() { return application->session(); }
};

/// Takes a whole lobe of the job at hand through the entry line; milliseconds from each Enter to
/// the painted window, with the reading on disk.
std::vector<double> enters(app::Application& application, int cylinder);

/// Four cylinders, both lobes, every 2 degrees.
lobe::Job eightLobes();

/// How the program begins: in a process of its own, at a book or the demo.
struct Started {
    double ms = 0.0, megabytes = 0.0;
};
Started startOf(const QString& program, const QString& what, const QString& folder);

// The parts of measure/books.cpp.
void aLifetimeOfJobs(const QString& program);
void manyReadings();
void manyRows();
void firstDemo();
void manyCombinations();
void oneMoreReading();

/// What live instruments cost.
void liveInstruments();

} // namespace measure
