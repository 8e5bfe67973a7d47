// What is still to be taken, over the window (F3): the first is marked; Enter goes there.
#pragma once

#include "app/frame/session.h"
#include "app/style/look.h"

#include <QWidget>

namespace app {

class RowList;

class ToTake : public QWidget {
    Q_OBJECT
public:
    ToTake(const Session& session, const Look& look, QWidget* parent);
    void open();

signals:
    void chosen(const lobe::Task& task);

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    void close();
    QRect box() const;

    const Session& session_;
    const Look& look_;
    RowList* list_;
    std::vector<lobe::Task> tasks_;
    QWidget* before_ = nullptr; ///< had the focus
};

} // namespace app
