// A seeded walk through the real window (walk.h): keys, lines, clicks, theme, units, sizes, undo,
// jobs, dialogs, files, a second window, other books in any order, from an empty book, from the
// demo, and from jobs with facts taken away. Nothing may fall over, and what stands on disk is what
// the window shows. AMBER_WALK_STEPS and AMBER_WALK_SEED set its length and where it begins.
#include "book/job_file.h"
#include "core/job/job.h"
#include "support/odd_jobs.h"
#include "support/program.h"
#include "support/raw_book.h"
#include "walk.h"

#include <QDir>

#include <csignal>

#include <sys/stat.h>
#include <unistd.h>

namespace test_walk {

using fixture::Rig;
using walk::Walk;

/// The sanitizers' own last word, where the test is built with them.
extern "C" __attribute__((weak)) void __sanitizer_set_death_callback(void (*)());

namespace {

struct sigaction before[32];

void tell() {
    static const char head[] = "\nthe walk fell after these steps:\n";
    if (::write(2, head, sizeof head - 1) < 0 ||
        ::write(2, walk::walkTold().constData(), size_t(walk::walkTold().size())) < 0)
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

int number(const char* name, int otherwise) {
    bool given = false;
    const int n = qEnvironmentVariableIntValue(name, &given);
    return given ? n : otherwise;
}

/// Files of every kind in a folder: tables, jobs, books, pictures, and what is none of them.
QStringList filesIn(const QString& folder, unsigned seed) {
    const auto put = [&](const char* name, const QByteArray& bytes) {
        QFile f(folder + QLatin1Char('/') + QLatin1String(name));
        if (f.open(QIODevice::WriteOnly)) f.write(bytes);
        return f.fileName();
    };
    QStringList out{QStringLiteral(DEMO_DIR "/skerry-four/intake-1.csv"),
                    QStringLiteral(DEMO_DIR "/marram-650/exhaust-1.csv"),
                    put("table.txt", "angle;mm\n0;0\n10;0,5\n20;1,2\n30;0,4\n"),
                    put("words.txt", "no table at all"),
                    put("dot.png", "\x89PNG\r\n\x1a\n no picture behind it"),
                    put("empty.amber", ""),
                    put("other.amber", "SQLite format 3"),
                    put("broken.json", "{\"format\":\"amber-lobe-job\",\"version\":1,"),
                    folder,
                    folder + QStringLiteral("/not-there.amber")};
    const QString pipe = folder + QStringLiteral("/pipe.json");
    if (::mkfifo(QFile::encodeName(pipe).constData(), 0600) == 0) out << pipe;
    support::OddJobs jobs(seed);
    for (int i = 0; i < 3; ++i) {
        const QString name = QStringLiteral("odd-%1.json").arg(i);
        out << put(name.toLatin1().constData(), book::jobFile(jobs.next(), folder));
    }
    const QString book = folder + QStringLiteral("/odd.amber");
    {
        auto b = support::opened(book);
        for (int i = 0; i < 6; ++i)
            b->addJob(jobs.next());
    }
    return out << book;
}

} // namespace

/// What Qt says of a font that is none: it goes on, and somebody sees letters that are not there.
bool badFont = false;
void hear(QtMsgType, const QMessageLogContext&, const QString& text) {
    badFont = badFont || text.contains(QStringLiteral("QFont::setP"));
}

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
        qInstallMessageHandler(hear);
        Rig rig(seed % 3 == 0);
        rig.waits = false; // nobody does
        const QTemporaryDir folder;
        const QStringList files = filesIn(folder.path(), static_cast<unsigned>(seed));
        if (seed % 3 == 1) rig.type(QStringLiteral("walk"));
        // A book of jobs with facts missing.
        if (seed % 3 == 2) rig.application().books().open(files.back());
        Walk walk(rig, static_cast<quint32>(seed));
        walk.setFiles(files);
        walk::walkTold() = QByteArray("seed ") + QByteArray::number(seed) + '\n';
        listenForFalls();
        for (int i = 0; i < steps; ++i) {
            walk.step();
            if (i % 7 == 0) QApplication::processEvents();
            if (i % 50 != 49 || !rig.session().hasJob()) continue;
            // What is shown is what is on disk, once what another window wrote was looked at.
            rig.session().lookForChanges();
            if (!(rig.onDisk() == rig.session().job()))
                QFAIL(qPrintable(
                    QStringLiteral("seed %1: the window and the disk differ after\n%2")
                        .arg(seed)
                        .arg(walk.steps().mid(walk.steps().size() - 50).join(QLatin1Char('\n')))));
            rig.window().grab();
            QVERIFY2(!badFont, "a font of no size");
        }
    }
};

AMBER_TEST(TestWalk)

} // namespace test_walk

#include "test_walk.moc"
