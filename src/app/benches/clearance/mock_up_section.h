// The mock-up as a section through valve, piston and gear: what is asked stands out in it.
#pragma once

#include "app/pictures/picture.h"

#include <QString>

namespace app {

class MockUpSection : public Picture {
    Q_OBJECT
public:
    MockUpSection(const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    /// `part` as Field::part names it; empty: nothing stands out. `said` is what is asked of it and
    /// what it is now.
    void show(const QString& part, const QString& said);
    void draw(QPainter& painter, const QSizeF& size) const override;
    QString text() const override { return said_; }

private:
    QString part_, said_;
};

} // namespace app
