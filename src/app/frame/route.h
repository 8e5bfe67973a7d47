// The route: the stations in working order on one line, each with its state and its finding.
#pragma once

#include "app/frame/session.h"
#include "app/style/look.h"

#include <QWidget>

namespace app {

class Route : public QWidget {
    Q_OBJECT
public:
    Route(const Session& session, const Look& look, QWidget* parent = nullptr);

    lobe::Station current() const { return current_; }
    void setCurrent(lobe::Station station);
    QSize sizeHint() const override { return {214, 300}; }

public slots:
    void refresh();

signals:
    void chosen(lobe::Station station);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF box(int index) const;
    void drawMark(class QPainter& p, QPointF centre, lobe::Progress progress) const;
    void move(int by);
    QString line(lobe::Station station) const;

    const Session& session_;
    const Look& look_;
    lobe::Station current_ = lobe::Station::Engine;
    QString shown_; ///< what is painted now, so that nothing is painted twice
};

} // namespace app
