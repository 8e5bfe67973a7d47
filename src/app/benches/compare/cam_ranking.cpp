#include "app/benches/compare/cam_ranking.h"

#include "app/benches/compare/cam_style.h"
#include "app/style/label.h"
#include "app/style/shrinking.h"
#include "words/say.h"

#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>

namespace app {

/// What a row is painted from; the cam itself is not.
struct RankingEntry {
    CamView view;
    std::size_t cam = 0;
    QString place, note, says, all;
    bool failed = false;
};

namespace {

constexpr int kRole = Qt::UserRole + 1, kHead = 20, kSample = 58, kPad = 4;

class Delegate : public QStyledItemDelegate {
public:
    Delegate(const Look& look, QListWidget* list)
        : QStyledItemDelegate(list), look_(look), list_(list) {}

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override {
        const auto e = index.data(kRole).value<RankingEntry>();
        const int width = list_->viewport()->width() - 2 * kPad - 6;
        const QRect box =
            QFontMetrics(Look::font(12))
                .boundingRect(QRect(0, 0, std::max(60, width), 400), Qt::TextWordWrap, e.says);
        return {60, kHead + (e.says.isEmpty() ? 0 : box.height()) + 2 * kPad};
    }

    void paint(QPainter* p, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const auto e = index.data(kRole).value<RankingEntry>();
        const Theme& t = look_.theme();
        const QRect r = option.rect.adjusted(kPad, kPad, -kPad, -kPad);
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const bool focus = list_->hasFocus() && (option.state & QStyle::State_Selected);
        if (e.view.atHand || focus) {
            p->setPen(QPen(t.amberLine, 2.0));
            p->setBrush(t.dial);
            p->drawRoundedRect(QRectF(option.rect).adjusted(2, 1.5, -2, -1.5), 6, 6);
        }
        drawCamSample(*p, t, QRectF(r.left(), r.top(), kSample - 8, kHead - 4), e.cam, e.view);
        p->setFont(Look::font(16, true));
        const int place =
            e.place.isEmpty() ? 0 : QFontMetrics(p->font()).horizontalAdvance(e.place);
        p->setPen(e.failed ? t.amberText : t.ink);
        p->drawText(QRect(r.right() - place, r.top(), place + 2, kHead - 4),
                    Qt::AlignRight | Qt::AlignVCenter, e.place);
        p->setFont(Look::font(14, true));
        p->setPen(t.ink);
        const QRectF line(r.left() + kSample, r.top(), r.width() - kSample - place - 8, kHead - 4);
        const int name = QFontMetrics(p->font()).horizontalAdvance(e.view.name) + 10;
        drawFitted(*p, line, Qt::AlignLeft | Qt::AlignVCenter, e.view.name);
        p->setFont(Look::font(12));
        p->setPen(t.muted);
        if (line.width() > name + QFontMetrics(p->font()).horizontalAdvance(e.note))
            p->drawText(line.adjusted(name, 1, 0, 1), Qt::AlignLeft | Qt::AlignVCenter, e.note);
        p->setPen(e.failed ? t.amberText : t.muted);
        p->drawText(QRect(r.left(), r.top() + kHead, r.width(), r.height() - kHead),
                    static_cast<int>(Qt::AlignLeft | Qt::AlignTop) | Qt::TextWordWrap, e.says);
        p->restore();
    }

private:
    const Look& look_;
    QListWidget* list_;
};

} // namespace

} // namespace app

Q_DECLARE_METATYPE(app::RankingEntry)

namespace app {

CamRanking::CamRanking(const Look& look, QWidget* parent) : QListWidget(parent) {
    setObjectName(QStringLiteral("compareRanking"));
    setAccessibleName(Say::tr("The cams in their order, and why"));
    setItemDelegate(new Delegate(look, this));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setUniformItemSizes(false);
    connect(&look, &Look::changed, viewport(), qOverload<>(&QWidget::update));
    connect(this, &QListWidget::itemClicked, this, [this](QListWidgetItem* it) {
        emit camChosen(static_cast<int>(it->data(kRole).value<RankingEntry>().cam));
    });
}

void CamRanking::follow(const CompareDesk& desk) {
    const auto views = desk.views();
    const auto places = desk.ranking();
    bool other = count() != static_cast<int>(places.size());
    while (count() > static_cast<int>(places.size()))
        delete takeItem(count() - 1);
    for (int i = 0; i < static_cast<int>(places.size()); ++i) {
        const CompareDesk::RankLine& place = places[static_cast<std::size_t>(i)];
        RankingEntry e;
        e.view = views[place.cam];
        e.view.cam = nullptr;
        e.cam = place.cam;
        e.failed = place.failed;
        if (place.rank > 0) e.place = QString::number(place.rank) + QLatin1Char('.');
        e.note = place.note;
        QStringList says{place.line, place.help};
        says.removeAll(QString());
        QStringList all{place.line, place.all};
        all.removeAll(QString());
        e.all = all.join(QLatin1Char('\n'));
        e.says = says.join(QLatin1Char('\n'));
        QListWidgetItem* it = item(i);
        if (!it) addItem(it = new QListWidgetItem);
        // Nothing is laid out anew for what is as it was.
        const auto was = it->data(kRole).value<RankingEntry>();
        if (was.says == e.says && was.all == e.all && was.place == e.place && was.cam == e.cam &&
            was.view.name == e.view.name && was.view.atHand == e.view.atHand &&
            was.view.reference == e.view.reference)
            continue;
        other = true;
        it->setData(kRole, QVariant::fromValue(e));
        it->setToolTip(tipOf(e.all));
        it->setData(Qt::AccessibleTextRole,
                    QString(e.view.letter) + QLatin1Char(' ') + e.view.name + QStringLiteral(", ") +
                        e.place + QLatin1Char(' ') +
                        (e.note.isEmpty() ? QString() : e.note + QStringLiteral("; ")) +
                        QString(e.all).replace(QLatin1Char('\n'), QStringLiteral("; ")));
    }
    if (other) scheduleDelayedItemsLayout();
}

QString CamRanking::text() const {
    QStringList lines;
    for (int i = 0; i < count(); ++i)
        lines << item(i)->data(Qt::AccessibleTextRole).toString();
    return lines.join(QLatin1Char('\n'));
}

void CamRanking::keyPressEvent(QKeyEvent* event) {
    if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && currentItem()) {
        emit camChosen(static_cast<int>(currentItem()->data(kRole).value<RankingEntry>().cam));
        return;
    }
    QListWidget::keyPressEvent(event);
}

void CamRanking::resizeEvent(QResizeEvent* event) {
    QListWidget::resizeEvent(event);
    scheduleDelayedItemsLayout();
}

} // namespace app
