#include "app/frame/spoken_parts.h"

#include "app/frame/route.h"
#include "app/style/rows.h"

namespace app {

QAccessibleInterface* SpokenChildren::at(int index,
                                         const std::function<QAccessibleInterface*()>& make) const {
    if (const auto there = ids_.constFind(index); there != ids_.constEnd())
        return QAccessible::accessibleInterface(*there);
    QAccessibleInterface* made = make();
    ids_.insert(index, QAccessible::registerAccessibleInterface(made));
    return made;
}

int SpokenChildren::indexOf(const QAccessibleInterface* child) const {
    return ids_.key(QAccessible::uniqueId(const_cast<QAccessibleInterface*>(child)), -1);
}

void SpokenChildren::clear() {
    for (const QAccessible::Id id : ids_)
        QAccessible::deleteAccessibleInterface(id);
    ids_.clear();
}

namespace {

QRect onScreen(const QWidget& widget, const QRect& box) {
    return {widget.mapToGlobal(box.topLeft()), box.size()};
}

class RouteStop : public SpokenPart, public QAccessibleActionInterface {
public:
    RouteStop(Route& route, int index) : route_(route), index_(index) {}

    QAccessibleInterface* parent() const override {
        return QAccessible::queryAccessibleInterface(&route_);
    }
    QString text(QAccessible::Text what) const override {
        if (what == QAccessible::Name) return route_.stopName(index_);
        return what == QAccessible::Description ? route_.stopLine(index_) : QString();
    }
    QRect rect() const override { return onScreen(route_, route_.stopBox(index_)); }
    QAccessible::Role role() const override { return QAccessible::ListItem; }
    QAccessible::State state() const override {
        QAccessible::State s;
        s.selectable = s.focusable = true;
        s.selected = route_.isHere(index_);
        s.focused = s.selected && route_.hasFocus();
        return s;
    }
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this)
                                                    : nullptr;
    }
    QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& action) override {
        if (action == pressAction()) route_.goTo(index_);
    }
    QStringList keyBindingsForAction(const QString&) const override { return {}; }

private:
    Route& route_;
    int index_;
};

class RouteFace : public QAccessibleWidget {
public:
    explicit RouteFace(Route* route) : QAccessibleWidget(route, QAccessible::List) {}

    int childCount() const override { return route().stops(); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        return stops_.at(index, [&] { return new RouteStop(route(), index); });
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        return stops_.indexOf(child);
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        for (int i = 0; i < childCount(); ++i)
            if (child(i)->rect().contains(x, y)) return child(i);
        return nullptr;
    }

private:
    Route& route() const { return *static_cast<Route*>(object()); }
    SpokenChildren stops_;
};

/// It is asked for before the list is told of its columns.
bool isTable(const RowList& list) {
    return !list.columns().isEmpty();
}

class TableCell : public SpokenPart, public QAccessibleTableCellInterface {
public:
    TableCell(RowList& list, int row, int column) : list_(list), row_(row), column_(column) {}

    QAccessibleInterface* parent() const override {
        return QAccessible::queryAccessibleInterface(&list_)->child(row_);
    }
    QString text(QAccessible::Text what) const override {
        return what == QAccessible::Name ? list_.cell(row_, column_) : QString();
    }
    QRect rect() const override { return onScreen(*list_.viewport(), list_.rowRect(row_)); }
    QAccessible::Role role() const override { return QAccessible::Cell; }
    QAccessible::State state() const override {
        QAccessible::State s;
        s.selectable = true;
        s.selected = isSelected();
        return s;
    }
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::TableCellInterface
                   ? static_cast<QAccessibleTableCellInterface*>(this)
                   : nullptr;
    }
    bool isSelected() const override { return list_.currentRow() == row_; }
    QList<QAccessibleInterface*> columnHeaderCells() const override { return {}; }
    QList<QAccessibleInterface*> rowHeaderCells() const override { return {}; }
    int columnIndex() const override { return column_; }
    int rowIndex() const override { return row_; }
    int columnExtent() const override { return 1; }
    int rowExtent() const override { return 1; }
    QAccessibleInterface* table() const override {
        return QAccessible::queryAccessibleInterface(&list_);
    }

private:
    RowList& list_;
    int row_, column_;
};

class ListRow : public SpokenPart, public QAccessibleActionInterface {
public:
    ListRow(RowList& list, int row) : list_(list), row_(row) {}

    QAccessibleInterface* parent() const override {
        return QAccessible::queryAccessibleInterface(&list_);
    }
    int childCount() const override { return static_cast<int>(list_.columns().size()); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        return cells_.at(index, [&] { return new TableCell(list_, row_, index); });
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        return cells_.indexOf(child);
    }
    QString text(QAccessible::Text what) const override {
        return what == QAccessible::Name ? list_.spoken(row_) : QString();
    }
    QRect rect() const override { return onScreen(*list_.viewport(), list_.rowRect(row_)); }
    QAccessible::Role role() const override {
        return isTable(list_) ? QAccessible::Row : QAccessible::ListItem;
    }
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this)
                                                    : nullptr;
    }
    QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& action) override {
        if (action != pressAction()) return;
        list_.setCurrentRow(row_);
        emit list_.chosen(list_.currentId());
    }
    QStringList keyBindingsForAction(const QString&) const override { return {}; }
    QAccessible::State state() const override {
        QAccessible::State s;
        s.selectable = s.focusable = true;
        s.selected = list_.currentRow() == row_;
        s.focused = s.selected && list_.hasFocus();
        return s;
    }

private:
    RowList& list_;
    int row_;
    SpokenChildren cells_;
};

class RowsFace : public QAccessibleWidget, public QAccessibleTableInterface {
public:
    explicit RowsFace(RowList* list) : QAccessibleWidget(list) {}

    QAccessible::Role role() const override {
        return isTable(list()) ? QAccessible::Table : QAccessible::List;
    }

    void* interface_cast(QAccessible::InterfaceType type) override {
        if (type == QAccessible::TableInterface && isTable(list()))
            return static_cast<QAccessibleTableInterface*>(this);
        return QAccessibleWidget::interface_cast(type);
    }
    int childCount() const override { return list().count(); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        return rows_.at(index, [&] { return new ListRow(list(), index); });
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        return rows_.indexOf(child);
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        return child(list().indexAt(list().viewport()->mapFromGlobal(QPoint(x, y))).row());
    }
    QAccessibleInterface* focusChild() const override {
        return list().hasFocus() ? child(list().currentRow()) : nullptr;
    }

    QAccessibleInterface* caption() const override { return nullptr; }
    QAccessibleInterface* summary() const override { return nullptr; }
    QAccessibleInterface* cellAt(int row, int column) const override {
        QAccessibleInterface* at = child(row);
        return at ? at->child(column) : nullptr;
    }
    int selectedCellCount() const override { return list().currentRow() < 0 ? 0 : columnCount(); }
    QList<QAccessibleInterface*> selectedCells() const override {
        QList<QAccessibleInterface*> all;
        for (int c = 0; c < selectedCellCount(); ++c)
            all << cellAt(list().currentRow(), c);
        return all;
    }
    QString columnDescription(int column) const override { return list().columns().value(column); }
    QString rowDescription(int row) const override { return list().spoken(row); }
    int selectedColumnCount() const override { return 0; }
    int selectedRowCount() const override { return list().currentRow() < 0 ? 0 : 1; }
    int columnCount() const override { return static_cast<int>(list().columns().size()); }
    int rowCount() const override { return list().count(); }
    QList<int> selectedColumns() const override { return {}; }
    QList<int> selectedRows() const override {
        return list().currentRow() < 0 ? QList<int>() : QList<int>{list().currentRow()};
    }
    bool isColumnSelected(int) const override { return false; }
    bool isRowSelected(int row) const override { return row == list().currentRow(); }
    bool selectRow(int row) override {
        list().setCurrentRow(row);
        return list().currentRow() == row;
    }
    bool selectColumn(int) override { return false; }
    bool unselectRow(int) override { return false; }
    bool unselectColumn(int) override { return false; }
    /// Rows that are there no more are not kept.
    void modelChange(QAccessibleTableModelChangeEvent*) override { rows_.clear(); }

private:
    RowList& list() const { return *static_cast<RowList*>(object()); }
    SpokenChildren rows_;
};

} // namespace

QAccessibleInterface* spokenRoute(Route* route) {
    return new RouteFace(route);
}

QAccessibleInterface* spokenRows(RowList* list) {
    return new RowsFace(list);
}

} // namespace app
