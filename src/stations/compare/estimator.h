// The filling estimate of several cams in the background: begun again by every change, what was
// under way is dropped. The window stays as quick as without it.
#pragma once

#include "core/choose/estimate.h"

#include <QObject>
#include <QThreadPool>

#include <memory>
#include <optional>
#include <vector>

namespace app {

class Estimator : public QObject {
    Q_OBJECT
public:
    explicit Estimator(QObject* parent = nullptr);
    ~Estimator() override;

    /// One for each cam, empty where there is none; at speeds ascending, 1/min.
    /// A sketch is on a coarse grid, without other lengths, for as long as a slide moves.
    void start(std::vector<std::optional<lobe::FillingEstimate>> fillings,
               std::vector<double> speeds, bool sketch = false);
    void stop();
    /// Stops, and forgets what was found.
    void clear();

    /// By cam; through few speeds at first, and more as they are done.
    const std::vector<lobe::FillingCurve>& curves() const { return curves_; }
    /// Share of what is to be done, 0 to 1; 1 when nothing is under way.
    double progress() const;
    bool running() const { return batch_ != nullptr; }
    /// Every curve is through all of its speeds, on the fine grid.
    bool complete() const { return complete_; }

signals:
    /// Further, or done.
    void progressed();

private:
    struct Batch;
    void grow(const Batch& batch);
    void finish(const std::shared_ptr<Batch>& batch);

    QThreadPool pool_;
    std::shared_ptr<Batch> batch_;
    std::vector<lobe::FillingCurve> curves_;
    bool complete_ = false;
};

} // namespace app
