// What is wrong with what a window shows: words that are cut, that run into one another or past
// the edge of what they are painted on.
#pragma once

#include "app_fixture.h"
#include "support/text_recorder.h"

#include "app/pictures/picture.h"
#include "app/style/shrinking.h"

#include <QAbstractButton>

namespace sight {

using fixture::Rig;
using namespace lobe;

inline void openJob(Rig& rig, std::size_t index) {
    rig.session().openJob(rig.session().book().jobs()[index].id);
    QApplication::processEvents();
}

/// A job with everything long: names, cylinders.
inline void longJob(Rig& rig) {
    rig.session().newJob(QString(60, QLatin1Char('W')));
    Engine e;
    e.name = std::string(60, 'M');
    e.cylinders = 16;
    e.bore_mm = 101.125;
    e.stroke_mm = 101.125;
    e.rod_mm = 171.125;
    e.ratio.intake = e.ratio.exhaust = 1.625;
    e.lash_mm.intake = 0.457;
    e.lash_mm.exhaust = 0.508;
    rig.session().keep(book::SetEngine{e});
    Card c;
    c.name = std::string(60, 'W');
    c.events.ivo = 12;
    c.events.ivc = 40;
    c.events.evo = 52;
    c.events.evc = 4;
    rig.session().keep(book::SetCards{c});
}

/// Words that are painted over one another or past the edge of what they are painted on.
inline QStringList collisions(const QList<support::PaintedText>& texts, const QSizeF& size) {
    QStringList out;
    const QRectF room = QRectF(QPointF(), size).adjusted(-1, -1, 1, 1);
    for (qsizetype i = 0; i < texts.size(); ++i) {
        if (texts[i].cut) out << QStringLiteral("\"%1\" is cut").arg(texts[i].text);
        if (!room.contains(texts[i].box))
            out << QStringLiteral("\"%1\" past the edge").arg(texts[i].text);
        for (qsizetype j = i + 1; j < texts.size(); ++j)
            if (texts[i].box.adjusted(1, 1, -1, -1).intersects(texts[j].box.adjusted(1, 1, -1, -1)))
                out << QStringLiteral("\"%1\" over \"%2\"").arg(texts[i].text, texts[j].text);
    }
    return out;
}

/// Parts of a rig that lie over one another.
inline QStringList overlaps(const QWidget* rig) {
    QStringList out;
    const auto children = rig->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly);
    for (qsizetype i = 0; i < children.size(); ++i)
        for (qsizetype j = i + 1; j < children.size(); ++j) {
            const QWidget *a = children[i], *b = children[j];
            if (a->isVisible() && b->isVisible() && a->geometry().intersects(b->geometry()))
                out << QStringLiteral("%1 (%4 high) lies over %2 (%5) by %3")
                           .arg(a->objectName(), b->objectName())
                           .arg(a->geometry().intersected(b->geometry()).height())
                           .arg(a->height())
                           .arg(b->height());
        }
    return out;
}

/// What is wrong with what a window shows at the moment.
inline QStringList faults(Rig& rig) {
    QStringList out;
    for (const stations::Station* s : stations::all())
        if (auto* w = rig.window().findChild<QWidget*>(s->id() + QStringLiteral("Station"));
            w && w->isVisible())
            out << overlaps(w);
    for (QWidget* w : rig.window().findChildren<QWidget*>()) {
        if (!w->isVisible() || w->visibleRegion().isEmpty()) continue;
        const QString name = w->objectName().isEmpty()
                                 ? QString::fromLatin1(w->metaObject()->className())
                                 : w->objectName();
        if (auto* label = qobject_cast<QLabel*>(w); label && !label->text().isEmpty()) {
            const int needed = label->wordWrap() ? label->heightForWidth(label->width())
                                                 : label->sizeHint().height();
            // A label in a scroll area has all the room it needs.
            const bool scrolls =
                label->parentWidget() &&
                label->parentWidget()->objectName() == QLatin1String("qt_scrollarea_viewport");
            const auto* small = qobject_cast<app::ShrinkingLabel*>(label);
            const bool fitted = small && small->fits();
            if (!scrolls && !fitted && label->height() + 2 < needed)
                out << QStringLiteral("%1 is %2 high and needs %3: %4")
                           .arg(name)
                           .arg(label->height())
                           .arg(needed)
                           .arg(label->text().left(60));
            if (!fitted && !label->wordWrap() && label->width() + 2 < label->sizeHint().width() &&
                label->objectName() != QLatin1String("jobName"))
                out << QStringLiteral("%1 is too narrow for %2").arg(name, label->text().left(60));
        }
        if (auto* button = qobject_cast<QAbstractButton*>(w);
            button && !button->text().isEmpty() &&
            button->width() < button->fontMetrics().horizontalAdvance(button->text()))
            out << QStringLiteral("button %1 is too narrow for %2").arg(name, button->text());
        if (auto* picture = qobject_cast<app::Picture*>(w)) {
            support::TextRecorder recorder(picture->size());
            QPainter p(&recorder);
            picture->draw(p, picture->size());
            p.end();
            for (const QString& fault : collisions(recorder.texts(), picture->size()))
                out << QStringLiteral("%1: %2").arg(name, fault);
        } else if (name == QLatin1String("route") || name == QLatin1String("stand") ||
                   name == QLatin1String("setOutcome") ||
                   name == QLatin1String("compressionTable")) {
            support::TextRecorder recorder(w->size());
            w->render(&recorder, {}, {}, QWidget::RenderFlags());
            for (const QString& fault : collisions(recorder.texts(), w->size()))
                out << QStringLiteral("%1: %2").arg(name, fault);
        }
    }
    return out;
}

} // namespace sight
