// A job at a glance: its two lobes over the degrees.
#pragma once

#include "app/style/look.h"
#include "core/examine/held.h"

#include <QWidget>

namespace app {

class JobPortrait : public QWidget {
    Q_OBJECT
public:
    JobPortrait(const Look& look, QWidget* parent);
    /// Null for none.
    void show(lobe::SnapshotPtr job);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Look& look_;
    lobe::SnapshotPtr job_;
};

} // namespace app
