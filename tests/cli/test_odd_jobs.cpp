// Any job opens: examined, compared, said in words and put on paper whatever its facts are. Facts
// are taken away, exchanged and moved at random; then those that were met and ended the program.
#include "core/choose/wishes.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/setting/setting.h"
#include "sheet/sheet.h"
#include "sheet/texts.h"
#include "stations/list.h"
#include "support/odd_jobs.h"
#include "support/program.h"
#include "words/explanation.h"
#include "words/sentences.h"

#include <QGuiApplication>
#include <QTest>

namespace test_odd_jobs {

using namespace lobe;

namespace {

int number(const char* name, int otherwise) {
    bool given = false;
    const int n = qEnvironmentVariableIntValue(name, &given);
    return given ? n : otherwise;
}

/// Everything that is said of a job without a window.
void goThrough(const Job& job) {
    const auto first = examined(job);
    if (!first->trouble.empty()) qFatal("%s", first->trouble.c_str());
    const Findings& f = first->findings;
    // One more of the same, as after any reading.
    Job more = job;
    more.reckoning.averagePasses = !more.reckoning.averagePasses;
    const auto second = examined(more, first);
    if (!second->trouble.empty()) qFatal("%s", second->trouble.c_str());
    for (const auto unit : {LengthUnit::Millimetre, LengthUnit::Inch}) {
        words::Style style;
        style.unit = unit;
        for (const stations::Station* s : stations::all())
            if (!s->applies || s->applies(job)) {
                s->progress(job, f);
                s->line(job, f, style);
            }
        for (const Finding& finding : f.all)
            words::sentence(finding, style);
    }
    sheet::Sheet(job, f, {}).plainText();
    sheet::figuresMarkdown(job, f);
    sheet::figuresCsv(f);
    sheet::curvesCsv(f);
    for (const Candidate& candidate : candidatesOf(job, f)) {
        const Cam cam = camOf(job, f, candidate);
        judge(job, f, cam, {});
        bestAdvance(job, f, cam);
    }
}

/// Both lobes of cylinder 1 by their events at one height, in the card's notation.
Job byEvents(double ivo, double ivc, double evo, double evc, Height height) {
    Job job;
    job.name = "by events";
    for (const auto& [side, opens, closes] :
         {std::tuple(Side::Intake, fromCard(Event::IntakeOpens, {ivo}),
                     fromCard(Event::IntakeCloses, {ivc})),
          std::tuple(Side::Exhaust, fromCard(Event::ExhaustOpens, {evo}),
                     fromCard(Event::ExhaustCloses, {evc}))}) {
        LiftRun run;
        run.id = side == Side::Intake ? 1 : 2;
        run.side = side;
        run.terms.eventsOnly = true;
        run.terms.taken = height.at;
        run.terms.eventHeights = {height};
        for (const auto& [of, at] :
             {std::pair(ReadingOf::Opens, opens), std::pair(ReadingOf::Closes, closes)})
            for (int n = 0; n < 3; ++n) {
                Reading r;
                r.id = 10 * run.id + n + (of == ReadingOf::Closes ? 5 : 0);
                r.of = of;
                r.at = at;
                r.value_mm = height.mm;
                run.readings.push_back(r);
            }
        job.runs.push_back(run);
    }
    return job;
}

} // namespace

class TestOddJobs : public QObject {
    Q_OBJECT

private slots:
    void anyJobIsGoneThrough_data() {
        QTest::addColumn<int>("seed");
        for (int seed = 1; seed <= 8; ++seed)
            QTest::addRow("seed %d", seed) << seed;
    }
    void anyJobIsGoneThrough() {
        QFETCH(int, seed);
        support::OddJobs jobs(static_cast<unsigned>(seed + number("AMBER_ODD_SEED", 0)));
        const int count = number("AMBER_ODD_JOBS", 60);
        for (int i = 0; i < count; ++i)
            goThrough(jobs.next());
        // Most of what is made is a job: else nothing was tried.
        QVERIFY2(jobs.refused() < 4 * count, qPrintable(QString::number(jobs.refused())));
    }

    void aCardWithoutCentresAndLobesByEvents() {
        Job job = byEvents(30, 66, 68, 28, {1.27, Place::Tappet});
        job.card = Card{};
        job.card->height = {1.27, Place::Tappet};
        job.card->duration = {276.0, 276.0};
        job.card->separation = 109.0;
        goThrough(job);
        job.card->separation.reset();
        job.card->centre = {109.0, 109.0};
        goThrough(job);
        // Then a centre by two readings of the intake, which has no events.
        LiftRun centre;
        centre.id = 3;
        centre.terms.eventsOnly = true;
        centre.terms.fromNose = true;
        for (const auto& [of, deg] :
             {std::pair(ReadingOf::Opens, 70.0), std::pair(ReadingOf::Closes, 146.0)}) {
            Reading r;
            r.id = of == ReadingOf::Opens ? 31 : 32;
            r.of = of;
            r.at = {deg};
            r.value_mm = -1.27;
            centre.readings.push_back(r);
        }
        job.runs.push_back(centre);
        goThrough(job);
    }

    void aLobeThatLiesElsewhere() {
        for (double by : {-360.0, -180.0, 180.0, 360.0}) {
            Job job = byEvents(30, 66, 68, 28, {1.27, Place::Tappet});
            job.card = Card{};
            job.card->height = {1.27, Place::Tappet};
            job.card->events = {30.0, 66.0, 68.0, 28.0};
            for (Reading& r : job.runs[1].readings.edit())
                r.at.deg += by;
            goThrough(job);
        }
    }
};

AMBER_TEST(TestOddJobs)

} // namespace test_odd_jobs

#include "test_odd_jobs.moc"
