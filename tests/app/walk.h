// The steps of a walk through the real window: keys, lines, clicks, pages, dialogs, files, a second
// window, other books, posture, language, a new start. By a seed; for test_walk.cpp.
#pragma once

#include "app/frame/file_traffic.h"
#include "app/style/rows.h"
#include "app_fixture.h"

#include <QAbstractButton>
#include <QAction>
#include <QClipboard>
#include <QDropEvent>
#include <QHash>
#include <QImage>
#include <QMimeData>
#include <QRandomGenerator>
#include <QStringList>
#include <QUrl>

namespace walk {

using fixture::Rig;

/// The walk so far, for whoever has to find out why it fell.
inline QByteArray& walkTold() {
    static QByteArray told;
    return told;
}

class Walk {
public:
    Walk(Rig& rig, quint32 seed) : bench_(rig), random_(seed) {}

    void step() {
        switch (random_.bounded(24)) {
        case 13:
        case 14:
            return ofTheStation();
        case 15:
            return again();
        case 16:
            return jobsPage();
        case 17:
            return dialog();
        case 18:
            return dropped();
        case 19:
            return pasted();
        case 20:
            return anotherWindow();
        case 21:
            return posture();
        case 22:
            return startAgain();
        case 23:
            return anotherBook();
        case 0:
        case 1:
        case 2:
            return line();
        case 3:
            return shortcut();
        case 4:
            return key();
        case 5:
            return click();
        case 6:
            return button();
        case 7:
            return row();
        case 8:
            return resize();
        case 9:
            return job();
        case 10:
            return lobe();
        case 11:
            return half();
        default:
            return drag();
        }
    }
    QStringList steps() const { return steps_; }
    /// Files that may be dropped, opened and read in; books among them.
    void setFiles(QStringList files) { files_ = std::move(files); }

private:
    template <class T> const T& oneOf(const QList<T>& all) {
        return all[random_.bounded(static_cast<int>(all.size()))];
    }
    void note(const QString& what) {
        steps_ << what;
        walkTold() += what.toUtf8() + '\n';
    }

    void line() {
        static const QStringList kLines{
            "8.512",   "0.31",     "31",        "26.5a",      "75a",     "75a 8.51", "20b",
            "step 2",  "zero",     "made x",    "note x",     "0.9",     "1.27v",    "inch",
            "metric",  "smooth",   "reach 8.5", "drop 3",     "42",      "90x78",    "11x12",
            "1 2 -1",  "ivc 62",   "12/40",     "12-40-52-4", "pushrod", "cw",       "roller",
            "overlap", "firing",   "other",     "timing",     "pass",    "",         "-",
            "1e9",     "nonsense", "0",         "-5",         "level 4", "r",        "o",
            "b",       "n",        "c",         "a",          "m",       "v",        "t",
            "w",       "d",        "g",         "h",          "i",       "k",        "s"};
        type(oneOf(kLines));
    }
    void type(const QString& text) {
        last_ = text;
        note(QStringLiteral("line \"%1\"").arg(text));
        bench_.line()->setFocus();
        QTest::keyClicks(bench_.line(), text);
        QTest::keyClick(bench_.line(), Qt::Key_Return);
    }
    /// The same thing typed once more.
    void again() { type(last_); }
    /// What belongs to the station at hand.
    void ofTheStation() {
        static const QHash<QString, QStringList> kOf{
            {"engine",
             {"86x86", "3.7x3.2", "2-41-44-1", "4", "142", "1.6", "0.3", "ohv", "twin",
              "12 40 52 4", "-6", "276", "109"}},
            {"tdc",
             {"31b", "31b", "0", "26.5a", "drop 3", "drop 1.5", "stop", "overlap", "firing", "m",
              "n", "180", "half of 62", "90b", "12,5"}},
            {"lobes",
             {"events", "curve", "centre", "step 10", "zero", "zero 8.5", "75a 8.51", "0", "8.9",
              "99a .287", "40ab", "other", "pass", "timing", "47", "0.05"}},
            {"timing", {"0.5", "1.27v", "0.050 in", "1", "0.5", "0.0005"}},
            {"set",
             {"4.3", "-4", "0", "made paint on tooth 3", "level 2.5", "level -1", "note loose", "h",
              "d", "w", "l", "made", "15", "-15"}},
            {"clearance",
             {"1.79", "2.50", "2.52", "0.10", "clay 2.1", "hand", "w", "g", "limit 2", "another",
              "10b", "0", "25.1", "c", "m"}},
            {"compression",
             {"42", "90", "1.1", "0.35", "-3.5", "reach 8.5", "reach 30", "2", "-16", "k", "i"}},
            {"compare",
             {"wish lift 9", "duration > 280", "fit", "3000-7000", "decide", "because it fits", "d",
              "r", "f", "l", "x", "1", "9", "table"}},
            {"record",
             {"note a", "part rod bolts", "bolts head", "62 lbft", "order shims", "done 1",
              "gone 1 worn", "float cam", "0.1 mm", "only readings", "find a", "result", "1",
              "2 torque 80 Nm", "-"}},
            {"sheet", {"a4", "letter", "card", "by A builder", "out figures", "out pictures"}}};
        const QStringList lines = kOf.value(bench_.window().station().id());
        if (!lines.isEmpty()) type(oneOf(lines));
    }
    void jobsPage() {
        note(QStringLiteral("jobs page"));
        bench_.line()->setFocus();
        press(Qt::Key_J, Qt::ControlModifier);
        auto* find = bench_.window().findChild<QLineEdit*>(QStringLiteral("jobsFind"));
        if (!find || !find->isVisible()) return;
        for (int n = random_.bounded(6); n > 0; --n) {
            switch (random_.bounded(6)) {
            case 0:
                note(QStringLiteral("  search"));
                QTest::keyClicks(find, oneOf(QStringList{"s", "four", "zzz", " "}));
                break;
            case 1:
                QTest::keyClick(find, Qt::Key_Down);
                break;
            case 2: {
                const auto all = bench_.window()
                                     .findChild<QWidget*>(QStringLiteral("jobsPage"))
                                     ->findChildren<QAbstractButton*>();
                QAbstractButton* b = oneOf(all);
                // No more of them than a book holds in a walk.
                if (b->objectName().startsWith(QLatin1String("jobCopy")) &&
                    bench_.session().book().jobs().size() > 40)
                    break;
                note(QStringLiteral("  %1").arg(b->objectName()));
                if (b->isVisible() && b->isEnabled()) QTest::mouseClick(b, Qt::LeftButton);
                break;
            }
            case 3:
                find->clear();
                break;
            case 4:
                QTest::qWait(5);
                break;
            default:
                QTest::keyClick(find, oneOf(QList<Qt::Key>{Qt::Key_Return, Qt::Key_Escape}));
            }
            if (!find->isVisible()) return;
        }
        QTest::keyClick(find, oneOf(QList<Qt::Key>{Qt::Key_Return, Qt::Key_Escape}));
    }
    /// What asks for a file, answered with one of any kind.
    void dialog() {
        static const QStringList kAsks{"openBook",    "newBook", "saveCopy", "keepAsNew",
                                       "importTable", "readJob", "writeJob", "exportTable",
                                       "writeJobs",   "newCard", "noCard",   "nextCard",
                                       "copyShown"};
        const QString name = oneOf(kAsks);
        bench_.answers().open = oneOf(files_);
        bench_.answers().save =
            bench_.paths().data + QStringLiteral("/out-%1.").arg(random_.bounded(100000)) +
            oneOf(QStringList{"amber", "json", "csv", "pdf", "svg", "md", "txt"});
        bench_.answers().yes = random_.bounded(2);
        note(QStringLiteral("%1 of %2 to %3")
                 .arg(name, bench_.answers().open, bench_.answers().save));
        for (QAction* a : bench_.window().actions())
            if (a->objectName() == name && a->isEnabled()) a->trigger();
    }
    void dropped() {
        QStringList paths{oneOf(files_)};
        if (random_.bounded(4) == 0) paths << oneOf(files_);
        note(QStringLiteral("dropped %1").arg(paths.join(QLatin1Char(' '))));
        QList<QUrl> urls;
        for (const QString& path : paths)
            urls << QUrl::fromLocalFile(path);
        QMimeData data;
        data.setUrls(urls);
        QDropEvent event(QPointF(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&bench_.window(), &event);
    }
    void pasted() {
        static const QStringList kPastes{"0\t0.1\n10\t0.5\n20\t1.5\n30\t0.4",
                                         "1,5;2,5\n3;4",
                                         "12.5",
                                         "31b\n31b",
                                         "a\tb\tc",
                                         QString(3000, QLatin1Char('x')),
                                         "<img src=x>",
                                         "7\u2212181",
                                         "0.1 0.2 0.3 0.4 0.5"};
        note(QStringLiteral("pasted"));
        if (random_.bounded(5) == 0) {
            QImage image(20, 20, QImage::Format_RGB32);
            image.fill(Qt::red);
            QApplication::clipboard()->setImage(image);
        } else {
            QApplication::clipboard()->setText(oneOf(kPastes));
        }
        bench_.line()->setFocus();
        QTest::keyClick(bench_.line(), Qt::Key_V, Qt::ControlModifier);
        if (random_.bounded(2)) QTest::keyClick(bench_.line(), Qt::Key_Return);
    }
    /// Another window of the same book logs, changes a fact or takes something back.
    void anotherWindow() {
        if (!bench_.session().hasJob()) return;
        const std::int64_t id = bench_.session().job().id;
        auto opened = book::Book::open(bench_.session().book().path());
        auto* b = std::get_if<std::unique_ptr<book::Book>>(&opened);
        if (!b) return;
        auto read = (*b)->load(id);
        const auto* job = std::get_if<lobe::Job>(&read);
        if (!job) return;
        note(QStringLiteral("another window"));
        switch (random_.bounded(5)) {
        case 0: {
            lobe::Engine e = job->engine;
            e.cylinders = 1 + random_.bounded(8);
            (*b)->record(id, book::SetEngine{e}, job);
            break;
        }
        case 1:
            if (!job->runs.empty()) {
                lobe::Reading r;
                r.at = {random_.bounded(400) - 200.0};
                r.value_mm = random_.bounded(900) / 100.0;
                (*b)->record(id, book::AddReading{job->runs.back().id, r}, job);
            }
            break;
        case 2:
            (*b)->undo(id);
            break;
        case 3:
            (*b)->redo(id);
            break;
        default: {
            lobe::LogEntry e;
            e.number = job->log.empty() ? 1 : job->log.back().number + 1;
            e.text = "from the other window";
            (*b)->record(id, book::KeepEntry{e}, job);
        }
        }
        b->reset();
        if (random_.bounded(2)) bench_.session().lookForChanges();
    }
    void posture() {
        note(QStringLiteral("posture, language"));
        bench_.window().setAtStand(!bench_.window().atStand());
        if (random_.bounded(3) == 0)
            bench_.window().setLanguage(random_.bounded(2) ? QStringLiteral("de") : QString());
    }
    /// Closed and begun again; seldom, since a start is not what a walk is about.
    void startAgain() {
        if (random_.bounded(4)) return;
        note(QStringLiteral("closed, and begun again"));
        bench_.restart(random_.bounded(2));
    }
    void anotherBook() {
        note(QStringLiteral("another book"));
        switch (random_.bounded(3)) {
        case 0:
            bench_.application().books().demoOrBack();
            break;
        case 1:
            for (const QString& path : bench_.application().books().recent())
                if (random_.bounded(2)) return bench_.application().books().open(path);
            break;
        default:
            bench_.application().books().open(oneOf(files_));
        }
    }
    void half() {
        note(QStringLiteral("half a line, Esc"));
        bench_.line()->setFocus();
        QTest::keyClicks(bench_.line(), QStringLiteral("12.3"));
        QTest::keyClick(bench_.line(), Qt::Key_Escape);
    }
    void shortcut() {
        static const QList<std::pair<Qt::Key, Qt::KeyboardModifiers>> kKeys{
            {Qt::Key_1, Qt::ControlModifier},
            {Qt::Key_2, Qt::ControlModifier},
            {Qt::Key_3, Qt::ControlModifier},
            {Qt::Key_4, Qt::ControlModifier},
            {Qt::Key_5, Qt::ControlModifier},
            {Qt::Key_6, Qt::ControlModifier},
            {Qt::Key_L, Qt::ControlModifier},
            {Qt::Key_U, Qt::ControlModifier},
            {Qt::Key_E, Qt::ControlModifier},
            {Qt::Key_Z, Qt::ControlModifier},
            {Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier},
            {Qt::Key_N, Qt::ControlModifier},
            {Qt::Key_D, Qt::ControlModifier},
            {Qt::Key_R, Qt::ControlModifier},
            {Qt::Key_K, Qt::ControlModifier},
            {Qt::Key_K, Qt::ControlModifier | Qt::ShiftModifier},
            {Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier},
            {Qt::Key_S, Qt::ControlModifier},
            {Qt::Key_I, Qt::ControlModifier},
            {Qt::Key_F1, Qt::NoModifier},
            {Qt::Key_F2, Qt::NoModifier},
            {Qt::Key_F3, Qt::NoModifier},
            {Qt::Key_F6, Qt::NoModifier}};
        const auto [key, modifiers] = oneOf(kKeys);
        note(QKeySequence(QKeyCombination(modifiers, key)).toString());
        press(key, modifiers);
    }
    void key() {
        static const QList<Qt::Key> kKeys{
            Qt::Key_Up,   Qt::Key_Down,   Qt::Key_Left,  Qt::Key_Right,  Qt::Key_Return,
            Qt::Key_Tab,  Qt::Key_Escape, Qt::Key_Space, Qt::Key_Delete, Qt::Key_Backspace,
            Qt::Key_Plus, Qt::Key_7,      Qt::Key_Home};
        const Qt::Key key = oneOf(kKeys);
        note(QKeySequence(key).toString());
        press(key, Qt::NoModifier);
    }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers) {
        QWidget* focus = QApplication::focusWidget();
        QTest::keyClick(focus && focus->window() == &bench_.window() ? focus : bench_.line(), key,
                        modifiers);
    }
    QWidget* visible(bool (*wanted)(QWidget*)) {
        QList<QWidget*> all;
        for (QWidget* w : bench_.window().findChildren<QWidget*>())
            if (w->isVisible() && w->width() > 8 && w->height() > 8 && wanted(w)) all << w;
        return all.isEmpty() ? nullptr : oneOf(all);
    }
    void click() {
        QWidget* w = visible([](QWidget* x) {
            return !x->objectName().isEmpty() && !qobject_cast<QAbstractButton*>(x) &&
                   !x->inherits("QMenuBar") && !x->inherits("QComboBox");
        });
        if (!w) return;
        const QPoint at(random_.bounded(w->width()), random_.bounded(w->height()));
        note(QStringLiteral("click %1 at %2,%3").arg(w->objectName()).arg(at.x()).arg(at.y()));
        QTest::mouseClick(w, Qt::LeftButton, {}, at);
    }
    void drag() {
        QWidget* w = visible([](QWidget* x) {
            return x->objectName() == QLatin1String("ring") ||
                   x->objectName().startsWith(QLatin1String("slide")) ||
                   x->objectName() == QLatin1String("strip");
        });
        if (!w) return;
        note(QStringLiteral("drag %1").arg(w->objectName()));
        QTest::mousePress(w, Qt::LeftButton, {}, w->rect().center());
        for (int i = 0; i < 4; ++i)
            QTest::mouseMove(w, QPoint(random_.bounded(w->width()), random_.bounded(w->height())));
        QTest::mouseRelease(w, Qt::LeftButton, {}, w->rect().center());
    }
    void button() {
        QWidget* w = visible([](QWidget* x) {
            // One of Qt's own opens a menu, which waits for a hand.
            return qobject_cast<QAbstractButton*>(x) && x->isEnabled() &&
                   !x->objectName().isEmpty() && !x->objectName().startsWith(QLatin1String("qt_"));
        });
        if (!w) return;
        note(QStringLiteral("button %1").arg(w->objectName()));
        QTest::mouseClick(w, Qt::LeftButton, {}, w->rect().center());
    }
    void row() {
        auto* list = static_cast<app::RowList*>(visible([](QWidget* x) {
            auto* l = qobject_cast<app::RowList*>(x);
            return l && l->count() > 0;
        }));
        if (!list) return;
        const int at = random_.bounded(list->count());
        note(QStringLiteral("row %1 of %2").arg(at).arg(list->objectName()));
        list->showRow(at);
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->rowRect(at).center());
    }
    void resize() {
        static const QList<QSize> kSizes{{1000, 640}, {1024, 700}, {1280, 800}, {1500, 900}};
        const QSize size = oneOf(kSizes);
        note(QStringLiteral("size %1x%2").arg(size.width()).arg(size.height()));
        bench_.window().resize(size);
        QApplication::processEvents();
    }
    void job() {
        const auto jobs = bench_.session().book().jobs();
        if (jobs.empty()) return;
        const auto& job =
            jobs[static_cast<std::size_t>(random_.bounded(static_cast<int>(jobs.size())))];
        note(QStringLiteral("job %1").arg(job.name));
        bench_.session().openJob(job.id);
    }
    void lobe() {
        if (!bench_.session().hasJob()) return;
        const int cylinder = 1 + random_.bounded(bench_.session().job().engine.cylinders);
        const auto side = random_.bounded(2) ? lobe::Side::Intake : lobe::Side::Exhaust;
        note(QStringLiteral("cylinder %1 side %2").arg(cylinder).arg(int(side)));
        bench_.session().select(cylinder, side);
    }

    Rig& bench_;
    QRandomGenerator random_;
    QStringList steps_, files_;
    QString last_;
};

} // namespace walk
