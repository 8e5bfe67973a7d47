#include "stations/compare/estimator.h"

#include <QMetaObject>
#include <QThread>

#include <algorithm>
#include <atomic>

namespace app {

using namespace lobe;

/// Shared with the workers; each takes the next point until there is none.
struct Estimator::Batch {
    std::vector<std::optional<FillingEstimate>> fillings;
    std::vector<double> speeds;
    std::vector<std::vector<FillingPoint>> points; ///< by cam and speed, each written once
    /// On a coarse grid at a few speeds: something to look at until the fine ones are there.
    std::vector<std::vector<FillingPoint>> first; ///< by cam and place
    std::atomic<std::size_t> firstDone{0};
    std::size_t firstWanted = 0;
    struct Task {
        std::size_t cam = 0, k = 0;
        bool coarse = false;
    };
    std::vector<Task> tasks;
    std::vector<std::size_t> order;             ///< of the speeds: a few over all first
    std::vector<std::atomic<std::size_t>> cams; ///< by speed: how many are done there
    bool sketch = false;
    std::size_t wanted = 0; ///< cams with an estimate
    std::atomic<std::size_t> next{0}, done{0};
    std::atomic<bool> dropped{false};
};

Estimator::Estimator(QObject* parent) : QObject(parent) {
    // The window's own thread goes before these.
    pool_.setMaxThreadCount(std::max(1, QThread::idealThreadCount()));
    pool_.setThreadPriority(QThread::LowPriority);
}

Estimator::~Estimator() {
    stop();
    pool_.waitForDone();
}

void Estimator::stop() {
    if (batch_) batch_->dropped = true;
    batch_.reset();
}

void Estimator::clear() {
    stop();
    curves_.clear();
    complete_ = false;
}

double Estimator::progress() const {
    if (!batch_ || batch_->tasks.empty()) return 1.0;
    return static_cast<double>(batch_->done) / static_cast<double>(batch_->tasks.size());
}

void Estimator::start(std::vector<std::optional<FillingEstimate>> fillings,
                      std::vector<double> speeds, bool sketch) {
    clear();
    auto batch = std::make_shared<Batch>();
    batch->fillings = std::move(fillings);
    batch->speeds = std::move(speeds);
    batch->sketch = sketch;
    batch->points.resize(batch->fillings.size());
    for (std::size_t i = 0; i < batch->fillings.size(); ++i) {
        if (!batch->fillings[i]) continue;
        batch->points[i].resize(batch->speeds.size());
        ++batch->wanted;
    }
    // Every eighth speed of every cam, then those between: the curves are there at once, and grow.
    constexpr std::size_t kFirst = 8;
    const std::size_t count = batch->speeds.size();
    // From the top: at low speeds a cycle is long, and takes longest.
    for (std::size_t k = count; k-- > 0;)
        if (k % kFirst == 0 || k + 1 == count) batch->order.push_back(k);
    for (std::size_t k = 0; k < count; ++k)
        if (k % kFirst != 0 && k + 1 != count) batch->order.push_back(k);
    // Not the lowest: a cycle there is as long as several.
    constexpr std::size_t kCoarse = 8;
    batch->first.resize(batch->fillings.size());
    for (std::size_t k = count; !sketch && k-- > 0;)
        for (std::size_t i = 0; i < batch->fillings.size(); ++i)
            if (batch->fillings[i] && k % kCoarse == kCoarse - 1) {
                batch->first[i].resize(count);
                batch->tasks.push_back({i, k, true});
                ++batch->firstWanted;
            }
    for (const std::size_t k : batch->order)
        for (std::size_t i = 0; i < batch->fillings.size(); ++i)
            if (batch->fillings[i]) batch->tasks.push_back({i, k, false});
    batch->cams = std::vector<std::atomic<std::size_t>>(count);
    if (batch->tasks.empty()) {
        emit progressed();
        return;
    }
    batch_ = batch;
    const int workers = pool_.maxThreadCount();
    for (int w = 0; w < workers; ++w)
        pool_.start([this, batch] {
            const std::size_t all = batch->tasks.size();
            for (std::size_t n = batch->next++; n < all && !batch->dropped; n = batch->next++) {
                const auto [cam, k, coarse] = batch->tasks[n];
                const FillingEstimate& filling = *batch->fillings[cam];
                const bool lengths = k % kLengthsEvery == 0 || k + 1 == batch->speeds.size();
                if (coarse) {
                    batch->first[cam][k] = filling.sketch(batch->speeds[k]);
                } else {
                    batch->points[cam][k] = batch->sketch ? filling.sketch(batch->speeds[k])
                                                          : filling.at(batch->speeds[k], lengths);
                    ++batch->cams[k];
                }
                const bool sketched = coarse && ++batch->firstDone == batch->firstWanted;
                const std::size_t done = ++batch->done;
                // `this` outlives the workers: it waits for them.
                if (done == all || done % 6 == 0 || sketched)
                    QMetaObject::invokeMethod(
                        this, [this, batch] { finish(batch); }, Qt::QueuedConnection);
            }
        });
}

/// The curves through the speeds at which every cam is done.
void Estimator::grow(const Batch& batch) {
    std::vector<std::size_t> done;
    for (std::size_t k = 0; k < batch.speeds.size(); ++k)
        if (batch.cams[k] == batch.wanted) done.push_back(k);
    constexpr std::size_t kFewest = 6;
    if (done.size() < kFewest) {
        if (batch.firstWanted == 0 || batch.firstDone != batch.firstWanted) return;
        curves_.clear();
        for (const auto& points : batch.first) {
            std::vector<FillingPoint> some;
            for (const FillingPoint& p : points)
                if (p.speed_rpm > 0.0) some.push_back(p);
            curves_.push_back(fillingCurve(std::move(some)));
        }
        return;
    }
    curves_.clear();
    for (const auto& points : batch.points) {
        std::vector<FillingPoint> some;
        for (const std::size_t k : done)
            if (!points.empty()) some.push_back(points[k]);
        if (!batch.sketch) spreadLengths(some);
        curves_.push_back(fillingCurve(std::move(some)));
    }
}

void Estimator::finish(const std::shared_ptr<Batch>& batch) {
    if (batch != batch_) return;
    if (batch->done != batch->tasks.size()) {
        grow(*batch);
    } else {
        curves_.clear();
        for (auto& points : batch->points) {
            if (!batch->sketch) spreadLengths(points);
            curves_.push_back(fillingCurve(std::move(points)));
        }
        complete_ = !batch->sketch;
        batch_.reset();
    }
    emit progressed();
}

} // namespace app
