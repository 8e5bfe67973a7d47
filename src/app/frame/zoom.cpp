#include "app/frame/zoom.h"

#include "app/frame/preferences.h"

#include <algorithm>
#include <iterator>
#include <vector>

#include <unistd.h>

namespace app {

namespace {
constexpr int kSizes[] = {80, 90, 100, 110, 125, 150, 175, 200};
/// As small as a window can be worked in, frame and panel beside it; pixels of its own.
constexpr QSize kLeastRoom{800, 480};
/// What Qt reads, and what stood there before it was changed.
constexpr const char* kFactor = "QT_SCALE_FACTOR";
constexpr const char* kBefore = "AMBER_LOBE_SCALE_BEFORE";
} // namespace

int zoomBeside(int percent, int direction) {
    if (direction > 0) {
        for (int size : kSizes)
            if (size > percent) return size;
        return percent;
    }
    for (auto it = std::rbegin(kSizes); it != std::rend(kSizes); ++it)
        if (*it < percent) return *it;
    return percent;
}

bool zoomFits(int percent, int now, const QSize& free) {
    // Smaller type needs no room; what is larger has the screen's pixels divided.
    const double larger = std::max(100, percent) / static_cast<double>(std::max(100, now));
    return free.width() / larger >= kLeastRoom.width() &&
           free.height() / larger >= kLeastRoom.height();
}

int zoomToBegin(const QSize& free) {
    // What the benches were drawn for, with frame and title.
    constexpr QSize kWhole{1000, 660};
    return free.width() < kWhole.width() || free.height() < kWhole.height() ? 80 : 100;
}

bool beginAt(int percent, const QString& preferences) {
    {
        Preferences kept(preferences);
        if (kept.hasZoom()) return false;
        kept.setZoom(percent);
    }
    return Preferences::zoomIn(preferences) == percent;
}

void applyZoom(const QString& preferences) {
    const int percent = Preferences::zoomIn(preferences);
    // Smaller is smaller type (Look::setTextScale): of scales under 1 Qt paints a part.
    if (percent <= 100) return;
    const QByteArray before = qgetenv(kFactor);
    bool known = false;
    const double desktop = before.toDouble(&known);
    qputenv(kBefore, before);
    qputenv(kFactor,
            QByteArray::number((known && desktop > 0.0 ? desktop : 1.0) * percent / 100.0));
}

void startAgain(const QStringList& arguments) {
    if (qEnvironmentVariableIsSet(kBefore)) {
        const QByteArray before = qgetenv(kBefore);
        if (before.isEmpty())
            qunsetenv(kFactor);
        else
            qputenv(kFactor, before);
        qunsetenv(kBefore);
    }
    std::vector<QByteArray> bytes;
    for (const QString& each : arguments)
        bytes.push_back(each.toLocal8Bit());
    std::vector<char*> pointers;
    for (QByteArray& each : bytes)
        pointers.push_back(each.data());
    pointers.push_back(nullptr);
    ::execv("/proc/self/exe", pointers.data());
}

} // namespace app
