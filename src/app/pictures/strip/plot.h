// The strip as a plot: plot.cpp builds it and answers hands, draw.cpp draws a scene. The library's
// header takes longer to read than all of ours: only this folder includes it, compiled as one.
#pragma once

#include "app/pictures/strip.h"
#include "core/lobe/indicator.h"

#include <qcustomplot.h>

namespace app {

class StripPlot : public QCustomPlot, public Strip {
    Q_OBJECT
public:
    StripPlot(const Look& look, Dialogs& dialogs, QWidget* parent);

    QWidget* widget() override { return this; }
    void setScene(const StripScene& scene) override;
    /// Shows the whole cycle of the lobes again.
    void showAll();
    /// Its readings, degrees and lift in columns.
    QString text() const;

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void dress();
    void rebuild();
    void addLobe(const lobe::RunFindings& run);
    /// Marks at points; on screen as pictures of themselves, which are drawn far quicker.
    void addMarks(const QVector<double>& xs, const QVector<double>& ys, const QColor& pen,
                  const QColor& fill, double size, QCPScatterStyle::ScatterShape shape);
    void addCurve(const lobe::LobeFigures& figures, const QPen& pen);
    void addHeights();
    void addLane();
    void addCompared();
    void addMotion();
    QCPItemText* laneLabel(QCPAxisRect* rect, const QString& text, bool strong);
    /// The reading nearest to a position within reach of the hand, or null.
    const lobe::LiftReading* readingAt(const QPoint& position, lobe::Side* side) const;
    void hover(QMouseEvent* event);
    double shown(double mm) const;

    const Look& look_;
    StripScene scene_;
    QCPAxisRect* chart_;
    QCPAxisRect* lane_;
    QCPAxisRect* motion_ = nullptr; ///< only while it is shown
    bool zoomed_ = false;
    bool onPaper_ = false; ///< drawn into a file or on paper: shapes stay shapes
};

} // namespace app
