// The bar on top: menus, the job at hand, the lobe at hand, and the switches for unit and light.
#pragma once

#include "app/style/ground.h"
#include "desk/session.h"

#include <QWidget>

class QButtonGroup;
class QHBoxLayout;
class QComboBox;
class QLabel;
class QMenuBar;
class QPushButton;

namespace app {

class TopBar : public Ground {
    Q_OBJECT
public:
    TopBar(Session& session, Look& look, QMenuBar* menus, QWidget* parent = nullptr);

    /// Everything that is touched at least 44 pixels high.
    void setAtStand(bool on);
    /// Named beside the job when it is not the usual one.
    void setBook(const QString& name) { book_ = name; }

public slots:
    /// Job, lobe at hand, unit, light and posture as they are.
    void refresh();

signals:
    /// From desk to stand, or back.
    void postureWanted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void rebuildCylinders();
    void nameJob();
    /// What can be done without gives way to what is needed.
    void makeRoom();
    QPushButton* chip(const QString& text = {});
    void shape(QPushButton& button) const;

    Session& session_;
    Look& look_;
    bool atStand_ = false;
    QLabel *wordmark_, *job_;
    QHBoxLayout* cylinderRow_;
    QButtonGroup *cylinders_, *sides_;
    QPushButton *unit_, *light_, *posture_;
    QMenuBar* menus_;
    QString book_;
    QComboBox* many_; ///< in place of a row of chips that would not fit
    int shownCylinders_ = 0;
};

} // namespace app
