// Every figure of every cam, with its difference from the reference: a row a figure, a column a
// cam. A row's head sorts the cams by it; Delete hides a row; copying puts it all on the clipboard,
// columns by tabs.
#pragma once

#include "app/style/look.h"
#include "stations/compare/compare_desk.h"

#include <QTableWidget>

namespace app {

class CamTable : public QTableWidget {
    Q_OBJECT
public:
    CamTable(const Look& look, QWidget* parent = nullptr);

    /// Rows that are hidden are left out by the desk's list.
    void follow(const CompareDesk& desk);
    /// So high that this many rows show without scrolling.
    int heightOf(int rows) const;
    /// What is shown, columns by tabs.
    QString text() const;

signals:
    /// The cam of a column is wanted at hand.
    void camChosen(int cam);
    void hideWanted(const QString& key);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

private:
    void sortBy(int row);
    void copy();

    const Look& look_;
    QStringList names_, heads_;     ///< as they are set
    QStringList keys_;              ///< by row
    std::vector<std::size_t> cams_; ///< by column
    QString sort_;                  ///< the key it is sorted by; empty: as they are named
    bool falling_ = false;
};

} // namespace app
