// The route: the stations in working order on one line, each with its state and its finding.
#pragma once

#include "app/style/ground.h"
#include "desk/session.h"
#include "stations/list.h"

#include <QWidget>

namespace app {

class Route : public Ground {
    Q_OBJECT
public:
    Route(const Session& session, const Look& look, QWidget* parent = nullptr);

    const stations::Station& current() const { return *current_; }
    void setCurrent(const stations::Station& station);
    QSize sizeHint() const override { return {214, 300}; }

    /// The stations on it, in order from 0: for whoever reads it aloud.
    int stops() const { return static_cast<int>(shown().size()); }
    QString stopName(int index) const;
    /// "done, 2 of 2 tops found".
    QString stopLine(int index) const;
    QRect stopBox(int index) const { return box(index).toAlignedRect(); }
    bool isHere(int index) const;
    void goTo(int index);

public slots:
    /// Stations, marks and lines of the job as it is.
    void refresh();

signals:
    /// Clicked, or chosen by its key.
    void chosen(const stations::Station* station);

protected:
    /// What has no room is read under the mouse.
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF box(int index) const;
    void drawMark(class QPainter& p, QPointF centre, lobe::Progress progress) const;
    void move(int by);
    const stations::Station* here() const;
    QString line(const stations::Station& station) const;
    /// Those the job at hand needs.
    std::vector<const stations::Station*> shown() const;

    const Session& session_;
    const stations::Station* current_ = &stations::engine;
    // What is painted now, so that nothing is painted twice.
    QStringList said_; ///< by station
    const stations::Station* painted_ = nullptr;
};

} // namespace app
