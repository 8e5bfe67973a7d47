// What is plugged into this machine: what it says now, what of that is understood, and what it is
// fitted to. Kept per machine and not per book. Over the window (Ctrl+Shift+I).
#pragma once

#include "app/frame/overlay.h"
#include "instrument/instruments.h"

#include <QTimer>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QGridLayout;

namespace app {

class Dialogs;
class RowList;

class InstrumentsPage : public Overlay {
    Q_OBJECT
public:
    /// `streams`: the folder recordings are kept in, asked for when one begins.
    InstrumentsPage(instrument::Instruments& instruments, const Look& look, Dialogs& dialogs,
                    std::function<QString()> streams, QWidget* parent);
    void open();

signals:
    /// The simulated bench was connected: somebody has to turn its crank.
    void simulated();
    void said(const QString& sentence);

protected:
    void paintEvent(QPaintEvent* event) override;
    QRect box() const override;
    void place() override;

private:
    void build();
    void buildDetails();
    void refresh();
    void showDetails();
    void keepDetails();
    void addSerial();
    void addAt(const QString& place, const QString& name);
    void record();
    std::optional<std::size_t> at() const;

    instrument::Instruments& instruments_;
    Dialogs& dialogs_;
    std::function<QString()> streams_;
    RowList* list_;
    QWidget *buttons_, *details_;
    QLabel *says_, *understood_, *empty_;
    QComboBox *ports_, *role_, *way_, *unit_, *ending_;
    QLineEdit *name_, *number_, *index_, *counts_, *speed_, *framing_;
    QCheckBox *reversed_, *backwards_;
    QPushButton *record_, *remove_, *zero_;
    std::vector<std::pair<QWidget*, QWidget*>> ofCount_, ofText_, ofSerial_, ofValue_;
    QTimer live_;
    bool filling_ = false;
};

} // namespace app
