// Candidates laid over one another: valve lift over the cycle on one scale, and under it what each
// differs from the reference on a scale of its own.
#pragma once

#include "app/pictures/picture.h"
#include "stations/compare/compare_desk.h"

namespace app {

class CamOverlay : public Picture {
    Q_OBJECT
public:
    CamOverlay(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// The desk that is shown; it outlives the picture.
    void setDesk(const CompareDesk* desk);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override;

private:
    struct Frame;
    void frame(QPainter& p, const Frame& f) const;
    void lifts(QPainter& p, const Frame& f, const std::vector<CamView>& views) const;
    void differences(QPainter& p, const Frame& f, const std::vector<CamView>& views) const;

    const CompareDesk* desk_ = nullptr;
};

} // namespace app
