// A seeded walk through the real window: keys, lines, clicks, theme, units, sizes, undo, jobs and
// dialogs in any order. Nothing may fall over, and what stands on disk is what the window shows.
// AMBER_WALK_STEPS and AMBER_WALK_SEED set its length and where it begins.
#include "app/style/rows.h"
#include "app_fixture.h"

#include <QAbstractButton>
#include <QRandomGenerator>
#include <QStringList>

#include <csignal>

#include <unistd.h>

using fixture::Rig;

/// The sanitizers' own last word, where the test is built with them.
extern "C" __attribute__((weak)) void __sanitizer_set_death_callback(void (*)());

namespace {

/// The walk so far, for whoever has to find out why it fell.
QByteArray told;
struct sigaction before[32];

void tell() {
    static const char head[] = "\nthe walk fell after these steps:\n";
    if (::write(2, head, sizeof head - 1) < 0 ||
        ::write(2, told.constData(), size_t(told.size())) < 0)
        return;
}

void fell(int signal) {
    tell();
    ::sigaction(signal, &before[signal], nullptr);
    ::raise(signal);
}

void listenForFalls() {
    for (int signal : {SIGSEGV, SIGABRT, SIGFPE, SIGBUS}) {
        struct sigaction action {};
        action.sa_handler = fell;
        action.sa_flags = SA_NODEFER;
        ::sigaction(signal, &action, &before[signal]);
    }
    if (__sanitizer_set_death_callback) __sanitizer_set_death_callback(tell);
}

class Walk {
public:
    Walk(Rig& rig, quint32 seed) : bench_(rig), random_(seed) {}

    void step() {
        switch (random_.bounded(13)) {
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

private:
    template <class T> const T& oneOf(const QList<T>& all) {
        return all[random_.bounded(static_cast<int>(all.size()))];
    }
    void note(const QString& what) {
        steps_ << what;
        told += what.toUtf8() + '\n';
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
        const QString text = oneOf(kLines);
        note(QStringLiteral("line \"%1\"").arg(text));
        bench_.line()->setFocus();
        QTest::keyClicks(bench_.line(), text);
        QTest::keyClick(bench_.line(), Qt::Key_Return);
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
            return qobject_cast<QAbstractButton*>(x) && x->isEnabled() &&
                   !x->objectName().isEmpty();
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
    QStringList steps_;
};

int number(const char* name, int otherwise) {
    bool given = false;
    const int n = qEnvironmentVariableIntValue(name, &given);
    return given ? n : otherwise;
}

} // namespace

class TestWalk : public QObject {
    Q_OBJECT

private slots:
    void nothingFallsOver_data() {
        QTest::addColumn<int>("seed");
        QTest::addColumn<int>("steps");
        const int all = number("AMBER_WALK_STEPS", 600), walks = std::max(4, all / 500);
        const int first = number("AMBER_WALK_SEED", 1);
        for (int i = 0; i < walks; ++i)
            QTest::addRow("seed %d", first + i) << first + i << all / walks;
    }
    void nothingFallsOver() {
        QFETCH(int, seed);
        QFETCH(int, steps);
        Rig rig(seed % 2 == 0);
        if (seed % 2) rig.type(QStringLiteral("walk"));
        rig.answers().save = rig.paths().data + QStringLiteral("/kept.amber");
        rig.answers().open = QStringLiteral(DEMO_DIR "/skerry-four/intake-1.csv");
        Walk walk(rig, static_cast<quint32>(seed));
        told = QByteArray("seed ") + QByteArray::number(seed) + '\n';
        listenForFalls();
        for (int i = 0; i < steps; ++i) {
            walk.step();
            if (i % 7 == 0) QApplication::processEvents();
            if (i % 50 != 49 || !rig.session().hasJob()) continue;
            // What is shown is what is on disk.
            if (!(rig.onDisk() == rig.session().job()))
                QFAIL(qPrintable(
                    QStringLiteral("seed %1: the window and the disk differ after\n%2")
                        .arg(seed)
                        .arg(walk.steps().mid(walk.steps().size() - 50).join(QLatin1Char('\n')))));
            rig.window().grab();
        }
    }
};

QTEST_MAIN(TestWalk)
#include "test_walk.moc"
