// What a screen reader finds inside one widget: the stations of the route, the rows and cells of a
// log. None of them is a widget; each is made when it is asked for and given back with its parent.
#pragma once

#include <QAccessible>
#include <QAccessibleWidget>
#include <QHash>

#include <functional>

namespace app {

class Route;
class RowList;

class SpokenChildren {
public:
    ~SpokenChildren() { clear(); }
    /// `make` gives the child at an index; it is the screen reader's from then on.
    QAccessibleInterface* at(int index, const std::function<QAccessibleInterface*()>& make) const;
    /// -1 for none of them.
    int indexOf(const QAccessibleInterface* child) const;
    void clear();

private:
    mutable QHash<int, QAccessible::Id> ids_;
};

/// A part of a widget; what it is not asked to be, it is not.
class SpokenPart : public QAccessibleInterface {
public:
    bool isValid() const override { return true; }
    QObject* object() const override { return nullptr; }
    QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    QAccessibleInterface* child(int) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    void setText(QAccessible::Text, const QString&) override {}
};

/// The route as a list, each station a line with its state; pressed, it is gone to.
QAccessibleInterface* spokenRoute(Route* route);
/// A list of rows, each said whole and chosen when it is pressed; one with columns is a table of
/// rows and cells.
QAccessibleInterface* spokenRows(RowList* list);

} // namespace app
