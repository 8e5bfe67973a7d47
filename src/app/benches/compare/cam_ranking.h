// The cams in their order: each with its mark and line as on the pictures, its place, what it
// passes, and what would help it, in as many lines as that needs.
#pragma once

#include "app/style/look.h"
#include "stations/compare/compare_desk.h"

#include <QListWidget>

namespace app {

class CamRanking : public QListWidget {
    Q_OBJECT
public:
    CamRanking(const Look& look, QWidget* parent = nullptr);

    void follow(const CompareDesk& desk);
    /// Line by line, as it is read out.
    QString text() const;

signals:
    /// Clicked, or Enter.
    void camChosen(int cam);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
};

} // namespace app
