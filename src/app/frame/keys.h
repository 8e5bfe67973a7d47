// The overlay that shows every key (F1): first those of the station at hand, then the rest. It
// scrolls.
#pragma once

#include "app/bench/bench.h"
#include "app/frame/overlay.h"

class QLabel;
class QScrollArea;

namespace app {

class KeysOverlay : public Overlay {
    Q_OBJECT
public:
    KeysOverlay(const Look& look, QWidget* parent);
    /// `station` may be null. `actions`: the window's, as its menus have them.
    void open(const QString& stationName, const Desk* desk, const QList<QAction*>& actions);

signals:
    /// F1 once more: the guide.
    void guideWanted();

protected:
    QRect box() const override;
    void place() override;
    bool event(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QString page_;
    QLabel* text_;
    QScrollArea* scroll_;
};

} // namespace app
