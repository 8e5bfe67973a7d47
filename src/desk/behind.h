// One thing worked out behind the window: begun anew, what was under way is dropped. What it found
// comes back on the owner's thread.
#pragma once

#include <QObject>
#include <QThreadPool>

#include <atomic>
#include <functional>
#include <memory>

namespace app {

class Behind : public QObject {
public:
    using Stop = std::function<bool()>;
    /// What takes what was found, where it is wanted.
    using Found = std::function<void()>;
    /// Runs elsewhere: holds all it needs. Looks at `stop` often, and then gives up.
    using Work = std::function<Found(const Stop& stop)>;

    explicit Behind(QObject* parent = nullptr);
    ~Behind() override;

    void start(Work work);
    void drop();
    bool running() const { return dropped_ != nullptr; }

private:
    QThreadPool pool_;
    std::shared_ptr<std::atomic<bool>> dropped_; ///< of what is under way; null when nothing is
};

} // namespace app
