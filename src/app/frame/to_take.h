// What is still to be taken, over the window (F3): the first is marked; Enter goes there.
#pragma once

#include "app/frame/overlay.h"
#include "core/result/task.h"
#include "desk/session.h"

namespace app {

class RowList;

class ToTake : public Overlay {
    Q_OBJECT
public:
    ToTake(const Session& session, const Look& look, QWidget* parent);
    /// Lists what is still to be taken, the next first.
    void open();

signals:
    /// Is to be begun now.
    void chosen(const lobe::Task& task);

protected:
    void paintEvent(QPaintEvent* event) override;
    QRect box() const override;
    void place() override;

private:
    const Session& session_;
    RowList* list_;
    std::vector<lobe::Task> tasks_;
};

} // namespace app
