// The shelf at Compare: the book's cams, searched as one types.
#pragma once

#include "book/shelf.h"
#include "core/choose/shelf.h"

#include <QString>

#include <vector>

namespace app {

struct ShelfItem {
    book::ShelfCam cam;
    lobe::ShelfFigures figures;
    std::string words; ///< a search's texts are looked for in these, lower case
};

class Shelf {
public:
    /// Read anew; empty on success, else why not.
    QString load(const book::Book& book);
    const std::vector<ShelfItem>& items() const { return items_; }
    /// Into the items, in their order.
    std::vector<std::size_t> search(const QString& text) const;

private:
    std::vector<ShelfItem> items_;
};

} // namespace app
