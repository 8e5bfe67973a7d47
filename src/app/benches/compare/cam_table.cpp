#include "app/benches/compare/cam_table.h"

#include "app/style/clipboard.h"
#include "words/say.h"

#include <QAbstractButton>
#include <QContextMenuEvent>
#include <QHeaderView>
#include <QKeyEvent>
#include <QMenu>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace app {

namespace {
constexpr int kRowHigh = 16;
} // namespace

int CamTable::heightOf(int rows) const {
    return horizontalHeader()->height() + rows * kRowHigh + 2 * frameWidth() + 2;
}

CamTable::CamTable(const Look& look, QWidget* parent) : QTableWidget(parent), look_(look) {
    setObjectName(QStringLiteral("camTable"));
    setAccessibleName(Say::tr("Figures of every cam"));
    // Everything is copied from the menu and by its key.
    setCornerButtonEnabled(false);
    if (auto* corner = findChild<QAbstractButton*>())
        corner->setAccessibleName(Say::tr("Figures of every cam"));
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setWordWrap(false);
    setShowGrid(false);
    setAlternatingRowColors(false);
    setTabKeyNavigation(false);
    verticalHeader()->setMinimumSectionSize(kRowHigh);
    verticalHeader()->setDefaultSectionSize(kRowHigh);
    horizontalHeader()->setFixedHeight(kRowHigh + 4);
    verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    verticalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    verticalHeader()->setSectionsClickable(true);
    horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    horizontalHeader()->setSectionsClickable(true);
    horizontalHeader()->setTextElideMode(Qt::ElideRight);
    verticalHeader()->setTextElideMode(Qt::ElideRight);
    connect(verticalHeader(), &QHeaderView::sectionClicked, this, &CamTable::sortBy);
    connect(horizontalHeader(), &QHeaderView::sectionClicked, this, [this](int column) {
        if (column < static_cast<int>(cams_.size()))
            emit camChosen(static_cast<int>(cams_[static_cast<std::size_t>(column)]));
    });
}

void CamTable::follow(const CompareDesk& desk) {
    auto rows = desk.table();
    rows.erase(std::remove_if(rows.begin(), rows.end(),
                              [&](const CamRow& r) { return desk.hidden(r.key); }),
               rows.end());
    const auto views = desk.views();
    cams_.resize(views.size());
    std::iota(cams_.begin(), cams_.end(), 0);
    for (const CamRow& r : rows)
        if (r.key == sort_)
            std::stable_sort(cams_.begin(), cams_.end(), [&](std::size_t a, std::size_t b) {
                const double x = r.order[a], y = r.order[b];
                // What is not known stands last either way.
                if (std::isnan(x) || std::isnan(y)) return !std::isnan(x) && std::isnan(y);
                return falling_ ? x > y : x < y;
            });
    setRowCount(static_cast<int>(rows.size()));
    setColumnCount(static_cast<int>(views.size()));
    keys_.clear();
    // Many of them: the difference is worth more than the half-width, which the tip has.
    const bool crowded = views.size() > 3;
    verticalHeader()->setMaximumWidth(crowded ? 196 : QWIDGETSIZE_MAX);
    QStringList names, heads;
    for (const CamRow& r : rows) {
        keys_ << r.key;
        names << (r.key == sort_ ? QString(falling_ ? QChar(0x25BE) : QChar(0x25B4)) +
                                       QLatin1Char(' ') + r.name
                                 : r.name);
    }
    for (std::size_t c : cams_)
        heads << QString(views[c].letter) + QStringLiteral("  ") + views[c].name +
                     (views[c].modelled && !crowded ? Say::tr(", modelled") : QString());
    // Heads are laid out anew whenever they are set: under the slide they stay.
    if (names != names_) setVerticalHeaderLabels(names_ = names);
    if (heads != heads_) setHorizontalHeaderLabels(heads_ = heads);
    const int pixels = 12;
    const QFont plain = Look::font(pixels), strong = Look::font(pixels, true);
    for (int row = 0; row < static_cast<int>(rows.size()); ++row)
        for (int column = 0; column < static_cast<int>(cams_.size()); ++column) {
            const std::size_t c = cams_[static_cast<std::size_t>(column)];
            const auto& cell = rows[static_cast<std::size_t>(row)].cells[c];
            QTableWidgetItem* it = item(row, column);
            if (!it) {
                setItem(row, column, it = new QTableWidgetItem);
                it->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            }
            // What a model says is marked so in every figure.
            QString text = views[c].modelled ? QString(QChar(0x2248)) + cell.value : cell.value;
            if (views[c].modelled && !crowded && !cell.half.isEmpty())
                text += QLatin1Char(' ') + cell.half;
            if (!cell.difference.isEmpty())
                text += QStringLiteral(" (") + cell.difference + QLatin1Char(')');
            if (it->text() != text) it->setText(text);
            const QFont& font = views[c].atHand ? strong : plain;
            if (it->font() != font) it->setFont(font);
            if (it->toolTip() != cell.half) it->setToolTip(cell.half);
        }
}

void CamTable::sortBy(int row) {
    if (row < 0 || row >= keys_.size()) return;
    // Rising, falling, as they are named.
    if (sort_ != keys_[row]) {
        sort_ = keys_[row];
        falling_ = false;
    } else if (!falling_) {
        falling_ = true;
    } else {
        sort_.clear();
    }
    emit camChosen(-1);
}

QString CamTable::text() const {
    QStringList lines, head{QString()};
    for (int c = 0; c < columnCount(); ++c)
        head << (horizontalHeaderItem(c) ? horizontalHeaderItem(c)->text() : QString());
    lines << head.join(QLatin1Char('\t'));
    for (int r = 0; r < rowCount(); ++r) {
        QStringList line{verticalHeaderItem(r) ? verticalHeaderItem(r)->text() : QString()};
        for (int c = 0; c < columnCount(); ++c)
            line << (item(r, c) ? item(r, c)->text() : QString());
        lines << line.join(QLatin1Char('\t'));
    }
    return lines.join(QLatin1Char('\n'));
}

void CamTable::copy() {
    toClipboard(text(), *this);
}

void CamTable::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Copy)) return copy();
    if (event->key() == Qt::Key_Delete && currentRow() >= 0 && currentRow() < keys_.size()) {
        emit hideWanted(keys_[currentRow()]);
        return;
    }
    if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && currentRow() >= 0)
        return sortBy(currentRow());
    QTableWidget::keyPressEvent(event);
}

void CamTable::contextMenuEvent(QContextMenuEvent* event) {
    QMenu menu(this);
    const int row = rowAt(event->pos().y());
    menu.addAction(Say::tr("Copy all"), this, &CamTable::copy);
    if (row >= 0 && row < keys_.size()) {
        menu.addAction(Say::tr("Sort the cams by it"), this, [this, row] { sortBy(row); });
        menu.addAction(Say::tr("Hide this figure"), this,
                       [this, row] { emit hideWanted(keys_[row]); });
    }
    menu.exec(event->globalPos());
}

} // namespace app
