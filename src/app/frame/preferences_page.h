// Everything that is kept for this user rather than a job, on one page.
#pragma once

#include "app/frame/overlay.h"

class QCheckBox;
class QComboBox;
class QFormLayout;

namespace app {

class MainWindow;

class PreferencesPage : public Overlay {
    Q_OBJECT
public:
    PreferencesPage(MainWindow& window, Look& look);

    void open();

protected:
    QRect box() const override;
    void place() override;

private:
    void build();

    MainWindow& window_;
    Look& writable_;
    QWidget* form_;
    QComboBox *unit_, *theme_, *language_, *size_;
    QCheckBox *tick_, *spoken_;
};

} // namespace app
