// The pages of the sheet under one another, as they are saved and printed; as wide as there is
// room.
#pragma once

#include "app/style/look.h"
#include "sheet/sheet.h"

#include <QAbstractScrollArea>

namespace app {

class PagesView : public QAbstractScrollArea {
    Q_OBJECT
public:
    explicit PagesView(const Look& look, QWidget* parent = nullptr);

    void setPages(sheet::Shown shown);
    int pageCount() const { return static_cast<int>(shown_.pages.size()); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    /// Pixels to a dot.
    double scale() const;
    /// Where a page stands, scrolled.
    QRectF pageBox(int index) const;
    void makeRoom();

    const Look& look_;
    sheet::Shown shown_;
};

} // namespace app
