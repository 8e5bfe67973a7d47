// The shelf: a line to search in, and the cams it finds, each with a small portrait of its intake
// lobe and where it comes from. Enter or a click takes a cam among the candidates; several are
// marked first, and taken together in that order.
#pragma once

#include "app/style/look.h"
#include "stations/compare/compare_desk.h"

#include <QWidget>

class QLabel;
class QLineEdit;
class QListView;
class QTimer;

namespace app {

class ShelfModel;

class ShelfPane : public QWidget {
    Q_OBJECT
public:
    ShelfPane(const Look& look, CompareDesk& desk, QWidget* parent = nullptr);

    /// Reads the shelf anew, and gives the search line the focus.
    void open();
    int count() const;
    /// Under the list, until the next search.
    void say(const QString& text);

signals:
    /// Places among the shelf's items, in the order they were named.
    void taken(const std::vector<std::size_t>& items);
    /// Esc: back to the pictures.
    void left();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void search();
    /// The portraits of the rows that are seen.
    void makeReady();
    void take(const QModelIndex& index);
    /// Among those to be taken together, or no more.
    void mark(const QModelIndex& index);
    void sayCount();

    CompareDesk& desk_;
    QLineEdit* line_;
    QListView* list_;
    QLabel* said_;
    QTimer* ready_;
    ShelfModel* model_;
};

} // namespace app
