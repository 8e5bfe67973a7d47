// A row of chips that goes on in a second row where it has no room.
#pragma once

#include <QLayout>

namespace app {

class FlowLayout : public QLayout {
public:
    explicit FlowLayout(int spacing);
    ~FlowLayout() override;

    void addItem(QLayoutItem* item) override { items_ << item; }
    void addSpacing(int width) { addItem(new QSpacerItem(width, 0)); }
    int count() const override { return static_cast<int>(items_.size()); }
    QLayoutItem* itemAt(int index) const override { return items_.value(index); }
    QLayoutItem* takeAt(int index) override;
    Qt::Orientations expandingDirections() const override { return {}; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return lay(QRect(0, 0, width, 0), false); }
    QSize sizeHint() const override;
    QSize minimumSize() const override;
    void setGeometry(const QRect& room) override;

private:
    /// The height it takes.
    int lay(const QRect& room, bool place) const;

    QList<QLayoutItem*> items_;
};

} // namespace app
