// ./run bench: how fast, each figure beside a baseline measured in the same run.
#include "app/benches/lobes/lobes_station.h"
#include "app/frame/application.h"
#include "app/frame/entry_bar.h"
#include "app/pictures/slide.h"
#include "core/choose/estimate.h"
#include "core/choose/figures.h"
#include "core/drive/choices.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "measure.h"
#include "simulated/closed_lobes.h"
#include "stations/compare/estimator.h"
#include "stations/compare/shelf.h"
#include "support/smoothing_spline.h"

#include <QApplication>
#include <QDateTime>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <QWindow>

#include <Eigen/Dense>

#include <algorithm>
#include <cstdio>
#include <functional>
#include <random>

#include <unistd.h>

using namespace lobe;
using namespace measure;

namespace measure {

Job eightLobes() {
    Job job;
    for (int cylinder = 1; cylinder <= 4; ++cylinder)
        for (Side side : {Side::Intake, Side::Exhaust}) {
            LiftRun run;
            run.id = cylinder * 2 + static_cast<int>(side);
            run.cylinder = cylinder;
            run.side = side;
            const auto truth =
                side == Side::Intake ? closed::power(106, 147, 7.2) : closed::power(-112, 150, 7.0);
            for (double d = truth.centre - 175.0; d <= truth.centre + 175.0; d += 2.0) {
                Reading r;
                r.at = {d};
                r.value_mm = std::round(truth.at(d) * 100.0) / 100.0;
                run.readings.push_back(r);
            }
            job.runs.push_back(run);
        }
    return job;
}

/// Takes a whole lobe of the job at hand through the entry line; milliseconds from each Enter to
/// the painted window, with the reading on disk.
std::vector<double> enters(app::Application& application, int cylinder) {
    application.session().select(cylinder, Side::Intake);
    application.window().go(stations::lobes);
    // A run of its own: one that is through takes no more.
    if (application.session().run()) application.window().lobes()->desk().newRun();
    QApplication::processEvents();
    auto* line = application.window().entryBar()->line();
    const auto truth = closed::power(106, 147, 7.2);
    std::vector<double> ms;
    for (double d = -70.0; d <= 280.0; d += 5.0) {
        QTest::keyClicks(line, QString::number(truth.at(d), 'f', 2));
        QElapsedTimer t;
        t.start();
        QTest::keyClick(line, Qt::Key_Return);
        QApplication::processEvents();
        ms.push_back(static_cast<double>(t.nsecsElapsed()) / 1e6);
    }
    return ms;
}

Bench::Bench(const QString& book)
    : application(new app::Application({dir.path(), dir.filePath(QStringLiteral("p.ini"))})) {
    QString sentence;
    if (!application->start(book, book.isEmpty(), sentence)) qFatal("%s", qPrintable(sentence));
    application->window().resize(1280, 800);
    application->window().show();
    QApplication::processEvents();
}

Started startOf(const QString& program, const QString& what, const QString& folder) {
    QProcess p;
    p.start(program, {QStringLiteral("--start"), what, folder,
                      QString::number(QDateTime::currentMSecsSinceEpoch())});
    p.waitForFinished();
    const auto fields = p.readAllStandardOutput().trimmed().split(' ');
    if (fields.size() != 2) return {};
    return {fields[0].toDouble(), fields[1].toDouble()};
}

} // namespace measure

namespace {

double residentMegabytes() {
    QFile f(QStringLiteral("/proc/self/statm"));
    if (!f.open(QIODevice::ReadOnly)) return 0.0;
    return f.readAll().split(' ')[1].toDouble() * 4096.0 / 1e6;
}

/// Runs in a process of its own: "empty", "window" for the demo, or a book; prints milliseconds and
/// megabytes.
int measureStart(const QString& what, const QString& folder, qint64 startedAt) {
    std::unique_ptr<QMainWindow> empty;
    std::unique_ptr<app::Application> application;
    QWidget* shown = nullptr;
    if (what != QLatin1String("empty")) { // the demo, or a book
        application.reset(new app::Application({folder, folder + QStringLiteral("/p.ini")}));
        QString sentence;
        const bool demo = what == QLatin1String("window");
        if (!application->start(demo ? QString() : what, demo, sentence, app::Opening::Shown))
            return 1;
        shown = &application->window();
    } else {
        empty = std::make_unique<QMainWindow>();
        shown = empty.get();
        shown->show();
    }
    // Painted once: the first paint comes with the exposure.
    while (!shown->windowHandle() || !shown->windowHandle()->isExposed())
        QApplication::processEvents();
    QApplication::processEvents();
    std::printf("%lld %.1f\n",
                static_cast<long long>(QDateTime::currentMSecsSinceEpoch() - startedAt),
                residentMegabytes());
    return 0;
}

void startUp(const QString& program) {
    QTemporaryDir dir;
    const auto start = [&](const char* what) {
        const Started s = startOf(program, QLatin1String(what), dir.path());
        return std::pair(s.ms, s.megabytes);
    };
    start("window"); // builds the demo book and warms the disk
    start("empty");
    std::vector<double> emptyMs, emptyMb, windowMs, windowMb;
    // Turn and turn about, so that a busy moment of the machine meets both alike.
    for (int i = 0; i < 40; ++i) {
        const auto empty = start("empty"), window = start("window");
        emptyMs.push_back(empty.first);
        emptyMb.push_back(empty.second);
        windowMs.push_back(window.first);
        windowMb.push_back(window.second);
    }
    std::printf("start        empty QMainWindow %.0f ms, demo book %.0f ms: %.2f times (at most "
                "3.5, on X 2.2)\n",
                median(emptyMs), median(windowMs), median(windowMs) / median(emptyMs));
    std::printf(
        "memory       empty QMainWindow %.0f MB, demo book %.0f MB: %.2f times (at most 3)\n",
        median(emptyMb), median(windowMb), median(windowMb) / median(emptyMb));
}

void examineSpeed() {
    const Job job = eightLobes();
    volatile double sink = 0.0;
    const double baseline = medianOf(50, [&] {
        // The least anybody could do: one pass over every reading.
        double sum = 0.0;
        for (const LiftRun& run : job.runs)
            for (const Reading& r : run.readings)
                sum += r.value_mm * r.at.deg;
        sink = sum;
    });
    const double all = medianOf(200, [&] { sink = static_cast<double>(examine(job).all.size()); });
    std::printf("examine      8 lobes at 2 deg: %.2f ms (at most 2), one bare pass %.4f ms\n", all,
                baseline);
}

void enterToPainted() {
    QTemporaryDir dir;
    app::Application application({dir.path(), dir.filePath(QStringLiteral("p.ini"))});
    QString sentence;
    if (!application.start({}, true, sentence)) return;
    application.window().show();
    app::Session& session = application.session();
    session.openJob(session.book().jobs()[0].id);
    const std::vector<double> each = enters(application, 2);
    const double plain = median(each);
    // Baselines: the whole window painted once, since a machine's pace changes by the hour; a bare
    // commit of as many bytes to the same disk.
    const double whole = medianOf(30, [&] { application.window().grab(); });
    QFile bare(dir.filePath(QStringLiteral("bare")));
    bare.open(QIODevice::WriteOnly | QIODevice::Unbuffered);
    const double commit = medianOf(50, [&] {
        bare.write(QByteArray(4096, 'x'));
        ::fdatasync(bare.handle());
    });
    std::printf(
        "Enter        to painted with the reading on disk: %.1f ms median (under 8), %.1f at "
        "worst but one in a hundred (under 16.7); the window painted whole %.1f ms: %.2f times; "
        "bare commit %.2f ms\n",
        plain, quantile(each, 0.99), whole, plain / whole, commit);
    // The same after a thousand edited facts, and with forty-eight runs in the job.
    for (int i = 0; i < 1000; ++i) {
        Stated s = session.job();
        s.reckoning.altitude_m = i;
        const Job seen = session.job();
        session.book().record(seen.id, book::SetStated{s}, &seen);
    }
    session.lookForChanges();
    session.openJob(session.job().id);
    const double edited = median(enters(application, 3));
    std::printf("Enter        after 1000 edited facts: %.1f ms, %.2f times\n", edited,
                edited / plain);
    // First as they are usually taken, then as finely as anybody does.
    const Job eight = eightLobes();
    for (const std::size_t every : {3u, 1u}) {
        for (std::size_t i = 0; i < 48; ++i) {
            LiftRun run = eight.runs[i % 8];
            const std::vector<Reading> all = std::exchange(run.readings, {});
            for (std::size_t k = 0; k < all.size(); k += every)
                run.readings.push_back(all[k]);
            session.book().record(session.job().id, book::AddSeries{run});
        }
        session.openJob(session.job().id);
        const double many = median(enters(application, 4));
        std::printf("Enter        with %d more runs of %zu deg: %.1f ms, %.2f times\n",
                    every == 3 ? 48 : 96, 2 * every, many, many / plain);
    }
}

/// A hundred thousand combinations, ranked; the baseline sorts as many numbers.
void choiceSpeed() {
    Drive d;
    d.teeth = 60;
    d.keyways = 2;
    d.vernierWheel = 14;
    d.vernierHub = 15;
    d.bushes_deg = {1.0, 2.0, 3.0};
    std::mt19937 random(1);
    std::vector<double> numbers(static_cast<std::size_t>(combinations(d)));
    for (double& x : numbers)
        x = static_cast<double>(random());
    volatile double sink = 0.0;
    const double sort = medianOf(20, [&] {
        auto copy = numbers;
        std::sort(copy.begin(), copy.end());
        sink = copy.front();
    });
    const double all = medianOf(20, [&] { sink = choices(d, 4.3, 12).front().residual_deg; });
    const double distinct =
        medianOf(20, [&] { sink = choices(d, 4.3, 12, true).front().residual_deg; });
    std::printf("choices      %.0f combinations: %.1f ms, distinct %.1f ms (under 50), sorting as "
                "many numbers %.1f ms\n",
                combinations(d), all, distinct, sort);
}

/// Six candidates to compare: those of the demo, and states of them.
void sixCams(app::Session& session) {
    lobe::Stated stated = session.job();
    auto all = lobe::candidatesOf(session.job(), session.findings());
    for (std::size_t i = 0; all.size() < 6; ++i) {
        lobe::Candidate c = all[i];
        c.name += " earlier";
        c.advance_deg = {2.0, 2.0};
        all.push_back(std::move(c));
    }
    stated.choosing.candidates = std::move(all);
    session.keep(book::SetStated{stated});
}

/// The filling of six cams over forty speeds, in the background while the window lives, against
/// the same points one after the other.
void fillingOfSix() {
    QTemporaryDir dir;
    app::Application application({dir.path(), dir.filePath(QStringLiteral("p.ini"))});
    QString sentence;
    if (!application.start({}, true, sentence)) return;
    app::Session& session = application.session();
    session.openJob(session.book().jobs()[1].id);
    sixCams(session);
    std::vector<std::optional<lobe::FillingEstimate>> fillings;
    for (const lobe::Candidate& c : lobe::candidatesOf(session.job(), session.findings())) {
        const lobe::Cam cam = lobe::camOf(session.job(), session.findings(), c);
        auto made = lobe::fillingOf(session.job(), cam, lobe::totalMove(session.job(), cam, {}));
        if (auto* f = std::get_if<lobe::FillingEstimate>(&made))
            fillings.emplace_back(std::move(*f));
    }
    const auto speeds = lobe::fillingSpeeds(lobe::fillingReach_rpm(session.job()));
    QElapsedTimer t;
    t.start();
    double sum = 0.0;
    for (const auto& f : fillings)
        for (std::size_t k = 0; k < speeds.size(); ++k)
            sum +=
                f->at(speeds[k], k % lobe::kLengthsEvery == 0 || k + 1 == speeds.size()).efficiency;
    const double alone = static_cast<double>(t.nsecsElapsed()) / 1e6;
    app::Estimator estimator;
    t.restart();
    const std::size_t cams = fillings.size();
    estimator.start(std::move(fillings), speeds);
    double shown = 0.0;
    while (estimator.running()) {
        QApplication::processEvents(QEventLoop::WaitForMoreEvents);
        if (shown == 0.0 && !estimator.curves().empty())
            shown = static_cast<double>(t.nsecsElapsed()) / 1e6;
    }
    const double behind = static_cast<double>(t.nsecsElapsed()) / 1e6;
    std::printf("filling      of %zu cams at %zu speeds in the background: %.0f ms (under 4000), "
                "the first curves "
                "after %.0f ms, one "
                "after the other %.0f ms, %.2f of that; mean %.3f\n",
                cams, speeds.size(), behind, shown, alone, behind / alone,
                sum / static_cast<double>(std::max<std::size_t>(1, cams) * speeds.size()));
}

/// Two thousand cams on the shelf, searched as one types, against finding a word in their names.
void searchTheShelf() {
    QTemporaryDir dir;
    auto opened = book::Book::open(dir.filePath(QStringLiteral("shop.amber")));
    auto& book = *std::get<std::unique_ptr<book::Book>>(opened);
    constexpr int kJobs = 400, kEach = 5;
    for (int j = 0; j < kJobs; ++j) {
        lobe::Job job;
        job.name = "Skerry Four " + std::to_string(j);
        for (int c = 0; c < kEach; ++c) {
            lobe::Card card;
            card.name =
                (c % 2 ? "Drumlin " : "Esker ") + std::to_string(240 + (j * 7 + c * 11) % 80);
            card.events.ivo = 5.0 + (j + c) % 40;
            card.events.ivc = 35.0 + (j * 3 + c) % 40;
            card.events.evo = 40.0 + (j + c * 5) % 40;
            card.events.evc = 4.0 + (j * 2 + c) % 40;
            card.lift_mm = {6.0 + 0.1 * ((j + c) % 50), 6.0 + 0.1 * ((j + 2 * c) % 50)};
            job.otherCards.push_back(card);
        }
        book.addJob(job);
    }
    app::Shelf shelf;
    QElapsedTimer t;
    t.start();
    shelf.load(book);
    const double load = static_cast<double>(t.nsecsElapsed()) / 1e6;
    std::size_t hits = 0;
    const QString typed = QStringLiteral("drumlin dur>230 lift<10");
    std::vector<double> each;
    for (int n = 1; n <= typed.size(); ++n) {
        t.restart();
        hits = shelf.search(typed.left(n)).size();
        each.push_back(static_cast<double>(t.nsecsElapsed()) / 1e6);
    }
    volatile double sink = 0.0;
    const double bare = medianOf(20, [&] {
        std::size_t n = 0;
        for (const app::ShelfItem& item : shelf.items())
            n += item.words.find("drumlin") != std::string::npos;
        sink = static_cast<double>(n);
    });
    std::printf(
        "shelf        %zu cams read %.0f ms, a key of the search %.2f ms, at most %.2f (under "
        "50), finding one word %.2f ms; %zu found\n",
        shelf.items().size(), load, median(each), *std::max_element(each.begin(), each.end()), bare,
        hits);
}

/// A step of the slide until ring, curve, wheels and figures are painted.
void slideToPainted() {
    QTemporaryDir dir;
    app::Application application({dir.path(), dir.filePath(QStringLiteral("p.ini"))});
    QString sentence;
    if (!application.start({}, true, sentence)) return;
    application.window().resize(1280, 800);
    application.window().show();
    // The second job of the demo has clearance maps of both valves.
    struct Where {
        std::size_t job;
        const stations::Station* station;
        const char *slide, *said;
    };
    for (const auto& [job, station, name, said] :
         {Where{0, &stations::compression, "slide", "Compression"},
          Where{0, &stations::set, "slideIntake", "Set"},
          Where{1, &stations::set, "slideIntake", "Set with both maps"},
          Where{1, &stations::clearance, "clearanceSlide", "Clearance"},
          Where{1, &stations::compare, "compareSlide", "Compare with six cams"}}) {
        application.session().openJob(application.session().book().jobs()[job].id);
        if (station == &stations::compare) sixCams(application.session());
        application.window().go(*station);
        QApplication::processEvents();
        auto* slide = application.window().findChild<app::Slide*>(QLatin1String(name));
        std::vector<double> ms;
        for (int i = 0; i < 60; ++i) {
            QElapsedTimer t;
            t.start();
            slide->setValue(i % 2 ? 5.0 : -5.0 + 0.1 * i);
            QApplication::processEvents();
            ms.push_back(static_cast<double>(t.nsecsElapsed()) / 1e6);
        }
        // Baseline: the same window painted whole without a change.
        const double repaint = medianOf(20, [&] { application.window().grab(); });
        std::printf("slide        at %s, to painted: %.1f ms median (under 16.7 for 60 a second), "
                    "the window painted whole %.1f ms\n",
                    said, median(ms), repaint);
    }
}

/// The cardinal B-spline of a degree on unit knots, over 0 to degree + 1.
double spline(int degree, double u) {
    if (u < 0.0 || u >= degree + 1.0) return 0.0;
    if (degree == 0) return 1.0;
    return (u * spline(degree - 1, u) + (degree + 1.0 - u) * spline(degree - 1, u - 1.0)) / degree;
}

constexpr double kLift_mm = 0.0127, kWheelError_deg = 0.1, kStep_deg = 2.0;

/// The least standard deviation an unbiased estimator of an event can have that knows the scatter
/// of every reading, and how smooth the lobe is but not its shape: generalised least squares over
/// the fewest even quintic pieces that carry the true lobe to a tenth of the scatter (the
/// Gauss-Markov bound of that family).
double leastDeviation_deg(const closed::Lobe& lobe, double mm, bool opening) {
    const double from = lobe.centre - 175.0, slopeStep = 0.01;
    std::vector<double> xs;
    for (double d = from; d <= lobe.centre + 175.0; d += kStep_deg)
        xs.push_back(d);
    const auto slope = [&](double d) {
        return (lobe.at(d + slopeStep) - lobe.at(d - slopeStep)) / (2.0 * slopeStep);
    };
    const int n = static_cast<int>(xs.size());
    for (int cells = 6; cells < 120; ++cells) {
        const double knot = 350.0 / cells;
        const auto row = [&](double d) {
            Eigen::RowVectorXd r(cells + 5);
            const double u = std::min((d - from) / knot, cells - 1e-9);
            for (int j = 0; j < cells + 5; ++j)
                r[j] = spline(5, u - j + 5.0);
            return r;
        };
        Eigen::MatrixXd b(n, cells + 5);
        Eigen::VectorXd y(n), w(n);
        for (int i = 0; i < n; ++i) {
            const double d = xs[static_cast<std::size_t>(i)];
            b.row(i) = row(d);
            y[i] = lobe.at(d);
            w[i] = 1.0 / (kLift_mm * kLift_mm + std::pow(slope(d) * kWheelError_deg, 2));
        }
        Eigen::MatrixXd a = b.transpose() * w.asDiagonal() * b;
        a.diagonal().array() += 1e-9;
        const Eigen::LDLT<Eigen::MatrixXd> factor(a);
        const Eigen::VectorXd c = factor.solve(b.transpose() * (w.asDiagonal() * y));
        if ((b * c - y).cwiseAbs().maxCoeff() > kLift_mm / 10.0) continue;
        const double event = lobe.event(mm, opening);
        const Eigen::VectorXd r = row(event).transpose();
        return std::sqrt(r.dot(factor.solve(r))) / std::abs(slope(event));
    }
    return 0.0;
}

void eventError() {
    const closed::Lobe lobe = closed::power(105.0, 140.0, 9.0, 3.0);
    const Height height{1.27, Place::Tappet};
    LobeRequest request;
    request.heights = {height};
    double squares = 0.0, single = 0.0;
    int n = 0, inside = 0;
    measured::Best best({1.27});
    measured::Way way;
    way.noise = kLift_mm;
    way.dial = 0.0;
    way.wheel = kWheelError_deg;
    for (unsigned seed = 1; seed <= 300; ++seed) {
        std::mt19937 random(seed);
        std::normal_distribution<double> scatter;
        std::vector<LiftPoint> points;
        for (double d = lobe.centre - 175.0; d <= lobe.centre + 175.0; d += kStep_deg)
            points.push_back(
                {d, lobe.at(d + kWheelError_deg * scatter(random)) + kLift_mm * scatter(random)});
        best.add(points, lobe, way);
        const auto f = analyseLobe(points, request);
        request.smoothing = false;
        const auto raw = analyseLobe(points, request);
        request.smoothing = true;
        for (bool opening : {true, false}) {
            const HeightEvents& e = f.heights[0];
            const double truth = lobe.event(1.27, opening);
            const double off = (opening ? e.opens : e.closes)->deg - truth;
            const double bare =
                (opening ? raw.heights[0].opens : raw.heights[0].closes)->deg - truth;
            squares += off * off;
            single += bare * bare;
            inside += std::abs(off) <= *halfWidthOf(opening ? e.opens : e.closes);
            ++n;
        }
    }
    const double rms = std::sqrt(squares / n), least = leastDeviation_deg(lobe, 1.27, true);
    std::printf(
        "event error  at 1.27 mm, 0.0127 mm and 0.1 deg, every 2 deg: %.3f deg rms; the best "
        "smoothing spline, the true noise and the truth in hand, %.3f: %.2f times (at most "
        "1.2)\n",
        rms, best.rms(0), rms / best.rms(0));
    std::printf(
        "             Cramer-Rao bound of estimators without bias, shape unknown, %.3f: %.2f "
        "times (a smoothed one has a bias, and may go under it)\n",
        least, rms / least);
    std::printf("             through all readings %.3f deg rms; the stated 95 %% covers %.1f %%\n",
                std::sqrt(single / n), 100.0 * inside / n);
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const QStringList a = application.arguments();
    if (a.value(1) == QLatin1String("--start"))
        return measureStart(a.value(2), a.value(3), a.value(4).toLongLong());
    const QString program = QCoreApplication::applicationFilePath();
    // One part alone: its name behind the program's.
    const QString only = a.value(1);
    const auto wanted = [&](const char* part) {
        return only.isEmpty() || only == QLatin1String(part);
    };
    if (wanted("lifetime")) aLifetimeOfJobs(program);
    if (wanted("many")) manyReadings();
    if (wanted("rows")) manyRows();
    if (wanted("demo")) firstDemo();
    if (wanted("combinations")) manyCombinations();
    if (wanted("examine")) examineSpeed(), oneMoreReading();
    if (wanted("start")) startUp(program);
    if (wanted("enter")) enterToPainted();
    if (wanted("slide")) slideToPainted();
    if (wanted("live")) liveInstruments();
    if (wanted("filling")) fillingOfSix();
    if (!only.isEmpty()) return 0;
    eventError();
    choiceSpeed();
    searchTheShelf();
    return 0;
}
