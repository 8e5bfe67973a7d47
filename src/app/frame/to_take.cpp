#include "app/frame/to_take.h"

#include "app/style/rows.h"
#include "core/job/job.h"
#include "core/result/findings.h"
#include "core/result/task.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QPainter>

namespace app {

using namespace lobe;

ToTake::ToTake(const Session& session, const Look& look, QWidget* parent)
    : Overlay(look, parent), session_(session), list_(new RowList(look, true, this)) {
    setObjectName(QStringLiteral("toTake"));
    list_->setObjectName(QStringLiteral("toTakeList"));
    list_->setAccessibleName(Say::tr("Still to be taken"));
    list_->setValuePixels(13);
    connect(list_, &RowList::chosen, this, [this](qint64 id) {
        const auto index = static_cast<std::size_t>(id - 1);
        close();
        if (index < tasks_.size()) emit chosen(tasks_[index]);
    });
}

QRect ToTake::box() const {
    const int w = std::min(620, width() - 40);
    const int rows = std::max(1, static_cast<int>(tasks_.size()));
    const int h = std::min(height() - 40, 76 + 54 * rows);
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void ToTake::place() {
    list_->setGeometry(box().adjusted(16, 52, -16, -14));
}

void ToTake::open() {
    tasks_ = session_.findings().plan;
    QList<Row> rows;
    words::Style style = look().style();
    style.wheel = session_.job().fitted.degreeWheel();
    for (const Task& task : tasks_) {
        Row row;
        row.id = rows.size() + 1;
        row.title = words::taskTitle(task, style);
        row.under = words::taskReason(task);
        row.value = task.optional ? Say::tr("if you like") : QString();
        rows << row;
    }
    list_->setRows(rows);
    list_->setVisible(!tasks_.empty());
    show();
    if (tasks_.empty()) return;
    list_->setCurrentRow(0);
    list_->setFocus();
}

void ToTake::paintEvent(QPaintEvent* event) {
    Overlay::paintEvent(event);
    QPainter p(this);
    const Theme& t = look().theme();
    p.setPen(t.ink);
    p.setFont(Look::font(18, true));
    p.drawText(box().adjusted(24, 14, -24, 0), Qt::AlignLeft | Qt::AlignTop,
               tasks_.empty() ? Say::tr("Nothing is left to be taken.")
                              : Say::tr("Still to be taken"));
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    p.drawText(box().adjusted(24, 20, -24, 0), Qt::AlignRight | Qt::AlignTop,
               Say::tr("Enter goes there, Esc stays"));
}

} // namespace app
