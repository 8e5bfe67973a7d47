// Where a window stands: whole within the part of its screen that panels leave free, frame and all.
#pragma once

#include <QObject>
#include <QPointer>
#include <QSize>
#include <QString>
#include <QWidget>

class QScreen;

namespace app {

/// A word for a screen, by its name and size.
QString screenWord(const QScreen* screen);
/// The one called so, while it is plugged in; else the first. Null without any.
QScreen* screenCalled(const QString& word);

/// Sees to it once, when the window manager has put its frame round the window; what it has to know
/// before is a guess. Ends with the window.
class Placing : public QObject {
    Q_OBJECT
public:
    /// Before it is shown: `wanted`, or as much of it as there is room for; restored from `shape`
    /// where that is one (QWidget::saveGeometry).
    Placing(QWidget& window, const QSize& wanted, const QSize& least, const QByteArray& shape);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QRect free() const;
    /// Makes it smaller, and moves it, by what stands out.
    void within();

    QWidget& window_;
    QSize least_;
    int looks_ = 0;
};

} // namespace app
