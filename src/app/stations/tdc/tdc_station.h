// TDC: two contacts either side of the top, typed as read from the wheel; how far and which way
// to move the pointer; a second pass that proves it.
#pragma once

#include "app/frame/bench.h"

class QButtonGroup;
class QComboBox;
class QLabel;

namespace app {

class Dialogs;
class Ring;
class RowList;

class TdcStation : public Bench {
    Q_OBJECT
public:
    TdcStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    void strikeLast() override;
    void refresh() override;

private:
    lobe::Contact contactFor(const QString& text, Echo& echo) const;
    lobe::TdcMethod method() const;
    QString explanation() const;

    Ring* ring_;
    QLabel *verdict_, *steps_, *sums_, *caution_;
    QButtonGroup* methods_;
    QComboBox* scale_;
    RowList* log_;
};

} // namespace app
