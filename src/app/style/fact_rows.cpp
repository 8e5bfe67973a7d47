#include "app/style/fact_rows.h"

#include "app/style/rows.h"

namespace app {

void showFacts(RowList& list, const FactSheet& sheet, const Facts& facts,
               const words::Style& style) {
    QList<Row> rows;
    int n = 0, current = -1;
    for (const Field& f : sheet.fields()) {
        if (!f.heading.isEmpty()) {
            Row heading;
            heading.title = f.heading;
            heading.heading = true;
            rows << heading;
        }
        Row row;
        row.id = ++n;
        row.title = f.name;
        row.value = f.shown(facts, style);
        row.marked = n - 1 == sheet.at();
        if (row.marked) current = static_cast<int>(rows.size());
        rows << row;
    }
    list.setRows(rows);
    // With the heading it stands under, where it is the first of its group.
    if (current > 0 && rows[current - 1].heading) list.showRow(current - 1);
    if (current >= 0) list.showRow(current);
}

} // namespace app
