// ./run bench, the sizes: a lifetime of jobs in one book, a job with every reading there can be, a
// sweep of twenty thousand rows, a drive with every choice.
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "measure.h"

#include "app/benches/lobes/lobes_station.h"
#include "app/frame/entry_bar.h"
#include "app/pictures/slide.h"
#include "core/drive/choices.h"
#include "core/examine/examine.h"
#include "core/typed/lift_table.h"
#include "simulated/closed_lobes.h"

#include <QApplication>
#include <QFile>
#include <QLineEdit>
#include <QTest>

#include <sqlite3.h>

#include <cstdio>

using namespace lobe;

namespace measure {

namespace {

constexpr int kJobs = 2000, kReadings = 2500; ///< each, in all 5 million

void run(sqlite3* db, const QByteArray& sql) {
    char* said = nullptr;
    if (sqlite3_exec(db, sql.constData(), nullptr, nullptr, &said) != SQLITE_OK)
        qFatal("%s: %s", sql.constData(), said);
}

/// A book whose job is as the demo's, and as many times again as asked; made behind the program's
/// back, since nobody types five million readings.
QString bookOf(const QTemporaryDir& dir, int jobs) {
    const QString path = dir.filePath(QStringLiteral("%1-jobs.amber").arg(jobs));
    {
        auto opened = book::Book::open(path);
        auto& book = *std::get<std::unique_ptr<book::Book>>(opened);
        Job job = eightLobes();
        job.name = "Skerry Four";
        job.engine.cylinders = 4;
        for (LiftRun& r : job.runs) { // two passes of each lobe, and a bit
            auto& rows = r.readings.edit();
            const std::vector<Reading> once = rows;
            while (rows.size() < kReadings / 8)
                rows.push_back(once[rows.size() % once.size()]);
        }
        book.addJob(job);
    }
    sqlite3* db = nullptr;
    sqlite3_open(QFile::encodeName(path).constData(), &db);
    run(db, "PRAGMA synchronous = OFF; BEGIN");
    // Each copy has its own numbers: those of the first with a step added.
    for (const auto& [table, columns, keys] :
         {std::tuple("action", "kind, at_ms, state", "job_id"),
          std::tuple("fact", "subject, body, patch, title", "action_id"),
          std::tuple("run", "cylinder, side, kind", "action_id"),
          std::tuple("run_terms", "body, patch", "action_id run_id"),
          std::tuple("reading", "crank_deg, lift_mm, typed, at_ms, approach, of, zero, scale",
                     "action_id run_id")}) {
        const QByteArray name(table);
        QByteArray into = "id, ", from;
        const auto stepOf = [](const QByteArray& t) {
            return t == "job" ? QByteArray("1") : "(SELECT max(id) FROM first_" + t + ")";
        };
        run(db, "CREATE TEMP TABLE first_" + name + " AS SELECT * FROM " + name);
        from = "id + n * " + stepOf(name) + ", ";
        for (const QByteArray& key : QByteArray(keys).split(' ')) {
            into += key + ", ";
            from += key + " + n * " + stepOf(key.chopped(3)) + ", ";
        }
        run(db, "WITH RECURSIVE c(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM c WHERE n < " +
                    QByteArray::number(jobs - 1) + ") INSERT INTO " + name + "(" + into + columns +
                    ") SELECT " + from + columns + " FROM c, first_" + name +
                    (jobs > 1 ? "" : " WHERE 0"));
    }
    run(db, "WITH RECURSIVE c(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM c WHERE n < " +
                QByteArray::number(jobs - 1) +
                ") INSERT INTO job(id, created_ms) SELECT 1 + n, 1 FROM c" +
                (jobs > 1 ? "" : " WHERE 0"));
    run(db, "COMMIT; PRAGMA wal_checkpoint(TRUNCATE)");
    sqlite3_close(db);
    return path;
}

} // namespace

void aLifetimeOfJobs(const QString& program) {
    const QTemporaryDir dir;
    const QString one = bookOf(dir, 1), all = bookOf(dir, kJobs);
    std::vector<double> first, big;
    startOf(program, all, dir.path());
    for (int i = 0; i < 9; ++i) {
        first.push_back(startOf(program, one, dir.path()).ms);
        big.push_back(startOf(program, all, dir.path()).ms);
    }
    std::printf("lifetime     window at a book of %d jobs, %d MB: %.0f ms, with one job %.0f ms: "
                "%.2f times (at most 1.3)\n",
                kJobs, static_cast<int>(QFileInfo(all).size() >> 20), median(big), median(first),
                median(big) / median(first));
    Bench alone(one), shop(all);
    const double plain = median(enters(*alone.application, 2));
    const double among = median(enters(*shop.application, 2));
    std::printf("             Enter %.1f ms, with one job %.1f ms: %.2f times (at most 1.2)\n",
                among, plain, among / plain);
    const auto jobs = shop.session().book().jobs();
    std::size_t next = 0;
    const double other = medianOf(20, [&] {
        next = (next + 617) % jobs.size();
        shop.session().openJob(jobs[next].id);
        QApplication::processEvents();
    });
    std::printf("             another job painted: %.1f ms (under 60), an Enter %.1f ms\n", other,
                among);
    auto& window = shop.application->window();
    QElapsedTimer t;
    t.start();
    window.showJobs();
    QApplication::processEvents(QEventLoop::ExcludeSocketNotifiers);
    const double shown = ms(t);
    const double listed = medianOf(20, [&] { shop.session().book().overview(); });
    auto* find = window.findChild<QLineEdit*>(QStringLiteral("jobsFind"));
    std::vector<double> keys;
    for (const char c : std::string("skerry four 12")) {
        t.restart();
        QTest::keyClick(find, c);
        QApplication::processEvents();
        keys.push_back(ms(t));
    }
    std::printf(
        "             all jobs shown: %.1f ms, a key of the search to painted %.1f ms (both "
        "under 50), listed alone %.1f ms\n",
        shown, median(keys), listed);
}

/// Sixteen cylinders, both lobes, every half degree, three passes.
void manyReadings() {
    Bench bench;
    Job job = bench.session().job();
    job.name = "Everything";
    job.engine.cylinders = 16;
    job.runs.clear();
    for (int pass = 0; pass < 3; ++pass)
        for (int cylinder = 1; cylinder <= 16; ++cylinder)
            for (Side side : {Side::Intake, Side::Exhaust}) {
                LiftRun run;
                run.cylinder = cylinder;
                run.side = side;
                run.terms = usualConditions(job.engine, side);
                const auto truth = side == Side::Intake ? closed::power(106, 147, 7.2)
                                                        : closed::power(-112, 150, 7.0);
                std::vector<Reading> rows;
                for (int i = 0; i < 720; ++i) {
                    Reading r;
                    r.at = {truth.centre - 180.0 + 0.5 * i};
                    r.value_mm = std::round(truth.at(r.at.deg) * 100.0) / 100.0 + 0.01 * (i % 2);
                    rows.push_back(r);
                }
                run.readings = std::move(rows);
                job.runs.push_back(std::move(run));
            }
    const double plain = median(enters(*bench.application, 3));
    const auto id = bench.session().book().addJob(job);
    bench.session().openJob(std::get<std::int64_t>(id));
    QApplication::processEvents();
    const auto all = enters(*bench.application, 4);
    std::printf("many         Enter in a job of 16 cylinders, both lobes, 720 readings, 3 passes: "
                "%.1f ms median, %.1f at worst but one in a hundred (under 16.7), the demo %.1f "
                "ms: %.2f times\n",
                median(all), quantile(all, 0.99), plain, median(all) / plain);
}

/// An instrument's sweep of twenty thousand rows, read in and gone on from.
void manyRows() {
    Bench bench;
    QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("sweep.csv"));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return;
    const auto truth = closed::power(106, 147, 7.2);
    QByteArray text = "crank_deg,lift_mm\n";
    for (int i = 0; i < 20000; ++i) {
        const double deg = -70.0 + 350.0 * i / 20000.0;
        text += QByteArray::number(deg, 'f', 4) + ',' +
                QByteArray::number(truth.at(deg) + 0.002 * ((i * 7) % 5 - 2), 'f', 4) + '\n';
    }
    file.write(text);
    file.close();
    bench.session().select(2, Side::Intake);
    QApplication::processEvents();
    QElapsedTimer t;
    t.start();
    bench.application->window().importTable(path);
    QApplication::processEvents();
    const double in = ms(t);
    auto* line = bench.application->window().entryBar()->line();
    std::vector<double> next;
    for (int i = 0; i < 20; ++i) {
        QTest::keyClicks(line, QStringLiteral("@%1 0.0%2").arg(285.0 + i).arg(i % 9));
        t.restart();
        QTest::keyClick(line, Qt::Key_Return);
        QApplication::processEvents();
        next.push_back(ms(t));
    }
    // Baseline: the same rows read and analysed once without a window.
    const auto table = std::get<LiftTable>(readLiftTable(text.toStdString()));
    volatile double sink = 0.0;
    const double bare =
        medianOf(3, [&] { sink = *analyseLobe(table.points, LobeRequest{}).maxLift_mm; });
    std::printf(
        "rows         20000 read in and painted: %.0f ms (under 500), the next Enter %.1f ms "
        "(under 16.7), analysed alone %.1f ms\n",
        in, median(next), bare);
}

/// The demo's book made for the first time, against a bare commit.
void firstDemo() {
    std::vector<double> made;
    for (int i = 0; i < 5; ++i) {
        const QTemporaryDir dir;
        QElapsedTimer t;
        t.start();
        const auto book =
            app::openDemo(dir.filePath(QStringLiteral("demo.amber")), book::Book::systemClock);
        made.push_back(ms(t));
    }
    const QTemporaryDir dir;
    const double one = medianOf(5, [&, n = 0]() mutable {
        const auto book = book::Book::open(dir.filePath(QStringLiteral("%1.amber").arg(++n)));
    });
    std::printf("demo         made for the first time: %.0f ms, an empty book %.0f ms\n",
                median(made), one);
}

/// A slide at Set, two cams, with a drive that has every choice.
void manyCombinations() {
    Bench bench;
    app::Session& session = bench.session();
    session.openJob(session.book().jobs()[1].id);
    Engine engine = session.job().engine;
    engine.drive.teeth = 60;
    engine.drive.keyways = 4;
    engine.drive.vernierWheel = 14;
    engine.drive.vernierHub = 15;
    engine.drive.bushes_deg = {1.0, 2.0, 3.0};
    engine.drive.crankKeyways_deg = {2.0, 4.0};
    session.keep(book::SetEngine{engine});
    auto& window = bench.application->window();
    window.go(stations::set);
    QApplication::processEvents();
    auto* slide = window.findChild<app::Slide*>(QStringLiteral("slideIntake"));
    std::vector<double> all;
    for (int i = 0; i < 60; ++i) {
        QElapsedTimer t;
        t.start();
        slide->setValue(i % 2 ? 5.0 : -5.0 + 0.1 * i);
        QApplication::processEvents();
        all.push_back(ms(t));
    }
    const double repaint = medianOf(20, [&] { window.grab(); });
    std::printf(
        "slide        at Set, two cams, %.0f combinations: %.1f ms median (under 16.7), the "
        "window painted whole %.1f ms\n",
        combinations(engine.drive), median(all), repaint);
}

/// Examined again after one reading more, against all of it.
void oneMoreReading() {
    Job job = eightLobes();
    const Findings whole = examine(job);
    Job more = job;
    Reading r;
    r.at = {283.0};
    more.runs[0].readings.push_back(r);
    const Before before{job, whole};
    volatile double sink = 0.0;
    const double again =
        medianOf(200, [&] { sink = static_cast<double>(examine(more, &before).all.size()); });
    const double all = medianOf(100, [&] { sink = static_cast<double>(examine(more).all.size()); });
    std::printf("             after one reading more %.2f ms, all of it %.2f ms: %.2f of that\n",
                again, all, again / all);
}

} // namespace measure
