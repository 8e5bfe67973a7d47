// Everything that is kept for this user rather than a job, on one page.
#pragma once

#include "app/frame/overlay.h"

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLineEdit;

namespace app {

class MainWindow;
class Preferences;
class Session;

class PreferencesPage : public Overlay {
    Q_OBJECT
public:
    /// All outlive it.
    PreferencesPage(MainWindow& window, Look& look, Preferences& preferences, Session& session);

    void open();

protected:
    QRect box() const override;
    void place() override;

private:
    void build();

    MainWindow& window_;
    Look& writable_;
    Preferences& preferences_;
    Session& session_;
    QWidget* form_;
    QComboBox *unit_, *theme_, *language_, *size_, *paper_, *remind_;
    QLineEdit* by_;
    QCheckBox *tick_, *spoken_;
};

} // namespace app
