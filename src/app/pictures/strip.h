// The strip: lift along the degrees like a paper chart. Readings (struck ones faint), the curve
// through them, checking heights as hairlines with their crossings, and a thin lane below for what
// does not fit. Zooms with the wheel or + and -, pans by dragging or with the arrow keys.
#pragma once

#include "app/frame/dialogs.h"
#include "app/style/look.h"
#include "core/examine/snapshot.h"
#include "core/lobe/compare.h"

#include <qcustomplot.h>

#include <optional>

namespace app {

struct StripScene {
    std::vector<lobe::Held<lobe::RunFindings>> lobes;
    std::vector<lobe::Held<lobe::RunFindings>> passes; ///< earlier passes, drawn faint
    std::vector<double> asked;                    ///< angles of the readings a figure stands on
    lobe::Held<lobe::Motion> motion;              ///< drawn below when asked for
    std::optional<lobe::LobeComparison> compared; ///< another lobe laid over, and the difference
    QString comparedName;
    std::vector<lobe::Height> heights;
    std::optional<lobe::CrankDeg> next; ///< where the next reading goes
};

class Strip : public QCustomPlot {
    Q_OBJECT
public:
    Strip(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// Redraws only what differs from the scene before.
    void setScene(const StripScene& scene);
    /// Shows the whole cycle of the lobes again.
    void showAll();
    /// Its readings, degrees and lift in columns.
    QString text() const;

signals:
    /// A reading was clicked.
    void readingChosen(qint64 id);

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
