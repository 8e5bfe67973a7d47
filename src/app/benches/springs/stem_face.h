// The end of a valve's stem from above, to scale, with what each push rod let the rocker wipe on
// it: the newest strong, older ones faint, and the band the length called would make as a line.
#pragma once

#include "app/pictures/picture.h"
#include "core/job/springs.h"
#include "core/spring/push_rod.h"

namespace app {

struct StemScene {
    lobe::PushRods rods;
    lobe::PushRodCall call;
    lobe::Side side = lobe::Side::Intake;
};

class StemFace : public Picture {
    Q_OBJECT
public:
    StemFace(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void setScene(const StemScene& scene);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;
    QSize sizeHint() const override { return {220, 160}; }

private:
    StemScene scene_;
};

} // namespace app
