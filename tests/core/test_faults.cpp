// Against closed forms and arithmetic by hand, where a slip would look plausible: which side a
// value is read from, a factor of two, a mirror left out, a lash or a bore forgotten.
#include "core/angle/geometry.h"
#include "core/compression/compression.h"
#include "core/examine/examine.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/lobe/compare.h"
#include "core/lobe/run.h"

#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <functional>
#include <numbers>

namespace test_faults {

using namespace lobe;

namespace {

LobeFigures analysed(const closed::Lobe& lobe, Side side, double noise = 0.0) {
    std::vector<LiftPoint> points;
    for (int i = 0; i <= 140; ++i) {
        const double d = lobe.centre - 175.0 + 2.5 * i;
        points.push_back({d, lobe.at(d) + noise * std::sin(i * 12.9898) * 1.4});
    }
    LobeRequest request;
    request.side = side;
    request.cylinder = 1;
    request.heights = {{1.27, Place::Tappet}};
    request.eventsHeight = {1.27, Place::Tappet};
    return analyseLobe(points, request);
}

/// A lobe that opens over 150 degrees and closes over 120.
closed::Lobe leaning(double centre, bool mirrored) {
    const double open = mirrored ? 120.0 : 150.0, close = mirrored ? 150.0 : 120.0;
    return {"leaning",
            centre,
            8.0,
            [=](double d) {
                const double u = std::abs(d) / (d < 0.0 ? open : close);
                return u >= 1.0 ? 0.0 : 0.5 * (1.0 + std::cos(std::numbers::pi * u));
            },
            open,
            close};
}

} // namespace

class TestCoreFaults : public QObject {
    Q_OBJECT

private slots:
    void theSidesOfAnEngineAreItsOwn() {
        Engine e;
        e.ratio.intake = 1.5;
        e.ratio.exhaust = 1.7;
        e.lash_mm.intake = 0.30;
        e.lash_mm.exhaust = 0.40;
        QCOMPARE(usualConditions(e, Side::Intake).ratio, 1.5);
        QCOMPARE(usualConditions(e, Side::Exhaust).ratio, 1.7);
        QCOMPARE(usualConditions(e, Side::Intake).lash_mm, 0.30);
        QCOMPARE(usualConditions(e, Side::Exhaust).lash_mm, 0.40);
    }

    void lashIsTakenOffAtTheValve() {
        // Valve lift = ratio x tappet lift - lash: 1 mm at the valve shows at (1 + 0.3) / 1.5.
        const Taken tappet{Place::Tappet, 1.5, 0.3};
        QVERIFY(std::abs(tappet.threshold_mm({1.0, Place::Valve}) - 1.3 / 1.5) < 1e-12);
        QCOMPARE(tappet.threshold_mm({1.0, Place::Tappet}), 1.0);
        QVERIFY(std::abs(tappet.liftAt(Place::Valve, 6.0) - 8.7) < 1e-12);
        QCOMPARE(tappet.liftAt(Place::Valve, 0.1), 0.0);
    }

    void theGasketHasItsOwnBore() {
        CompressionState s;
        s.bore_mm = 90.0;
        s.stroke_mm = 78.0;
        s.rod_mm = 142.0;
        s.chamber.chamber_cc = 42.0;
        s.chamber.gasket_mm = 1.1;
        s.chamber.gasketBore_mm = 92.0;
        s.closing_deg = 60.0;
        const auto made = std::get<Compression>(compression(s, 0.0, 1.25));
        const double swept = std::numbers::pi / 4.0 * 9.0 * 9.0 * 7.8;
        const double gasket = std::numbers::pi / 4.0 * 9.2 * 9.2 * 0.11;
        QVERIFY(std::abs(made.staticRatio - (swept + 42.0 + gasket) / (42.0 + gasket)) < 1e-9);
        s.chamber.gasketBore_mm = 0.0;
        const double own = std::numbers::pi / 4.0 * 9.0 * 9.0 * 0.11;
        QVERIFY(std::abs(std::get<Compression>(compression(s, 0.0, 1.25)).staticRatio -
                         (swept + 42.0 + own) / (42.0 + own)) < 1e-9);
    }

    // Separation and advance are half a sum and half a difference: so is what they leave uncertain.
    void theDoubtOfAPairIsHalfOfBoth() {
        const LobeFigures in =
                              analysed(closed::raisedCosine(105.0, 140.0, 9.0), Side::Intake, 0.01),
                          ex = analysed(closed::raisedCosine(-110.0, 140.0, 8.0), Side::Exhaust,
                                        0.01);
        const PairFigures p = analysePair(in, ex, CentreSchool::EqualDrop, Place::Tappet);
        const double iu = *halfWidthOf(in.centre(CentreSchool::EqualDrop)),
                     eu = *halfWidthOf(ex.centre(CentreSchool::EqualDrop));
        QVERIFY(iu > 0.0 && eu > 0.0 && iu != eu);
        QVERIFY(std::abs(*halfWidthOf(p.separation) - std::sqrt(iu * iu + eu * eu) / 2.0) < 1e-12);
        QVERIFY(std::abs(*halfWidthOf(p.advance_deg) - std::sqrt(iu * iu + eu * eu) / 2.0) < 1e-12);
        const double opens = *halfWidthOf(in.heights[0].opens),
                     closes = *halfWidthOf(ex.heights[0].closes);
        QVERIFY(std::abs(*halfWidthOf(p.overlap[0].degrees) -
                         std::sqrt(opens * opens + closes * closes)) < 1e-12);
    }

    // A leaning lobe and its mirror image are one lobe in the mirror and two without it.
    void theMirrorTurnsTheOtherRound() {
        const LobeFigures in = analysed(leaning(105.0, false), Side::Intake),
                          ex = analysed(leaning(-110.0, true), Side::Exhaust);
        const auto mirrored = compareLobes(in, ex, true);
        QVERIFY(mirrored);
        QVERIFY2(std::abs(mirrored->widest.mm) < 0.05,
                 qPrintable(QString::number(mirrored->widest.mm)));
        const LobeFigures twin = analysed(leaning(105.0, true), Side::Intake);
        const auto plain = compareLobes(in, twin, false);
        QVERIFY(plain && std::abs(plain->widest.mm) > 0.5);
    }

    // L = 4.5 (1 + cos(pi d / 140)): the fastest is 4.5 pi / 140 a crank degree, twice that a cam
    // degree; the face a flat tappet needs is twice the velocity a cam radian.
    void velocityIsPerCamDegree() {
        const LobeFigures f = analysed(closed::raisedCosine(105.0, 140.0, 9.0), Side::Intake);
        QVERIFY(f.motion.has_value());
        const double crank = 4.5 * std::numbers::pi / 140.0;
        QVERIFY2(std::abs(f.motion->fastest - 2.0 * crank) < 0.002,
                 qPrintable(QString::number(f.motion->fastest)));
        QVERIFY(std::abs(f.motion->flatTappet_mm - 2.0 * 2.0 * crank * 180.0 / std::numbers::pi) <
                0.15);
    }

    // What was found of runs that did not change is taken over, and is the same to the last bit.
    void examinedAgainIsTheSame() {
        Job job;
        job.id = 1;
        for (int n = 1; n <= 3; ++n)
            for (Side side : {Side::Intake, Side::Exhaust}) {
                LiftRun run;
                run.id = n * 10 + int(side);
                run.cylinder = n;
                run.side = side;
                run.terms = usualConditions(job.engine, side);
                const auto lobe =
                    closed::raisedCosine(side == Side::Intake ? 105.0 : -110.0, 140.0, 8.0 + n);
                for (double d = run.terms.from.deg; d <= run.terms.to.deg; d += 5.0) {
                    Reading r;
                    r.id = std::int64_t(run.id * 1000 + std::int64_t(run.readings.size()));
                    r.at = {d};
                    r.value_mm = std::round(lobe.at(d) * 100.0) / 100.0;
                    run.readings.push_back(r);
                }
                job.runs.push_back(run);
            }
        const SnapshotPtr before = examined(job);
        const auto same = [](const Findings& a, const Findings& b) {
            if (a.runs.size() != b.runs.size() || a.all.size() != b.all.size()) return false;
            for (std::size_t i = 0; i < a.runs.size(); ++i) {
                const LobeFigures &x = a.runs[i].lobe, &y = b.runs[i].lobe;
                if (x.maxLift_mm != y.maxLift_mm || x.centres.equalDrop != y.centres.equalDrop ||
                    x.area_mm_deg != y.area_mm_deg || x.findings.size() != y.findings.size())
                    return false;
            }
            for (std::size_t i = 0; i < a.figures().size(); ++i)
                if (a.figures()[i].value != b.figures()[i].value) return false;
            return true;
        };
        Job after = job;
        after.runs[2].readings.edit()[30].value_mm += 0.2;
        QVERIFY(same(examined(after, before)->findings, examine(after)));
        QVERIFY(examined(after, before)->findings.alone[0] == before->findings.alone[0]);
        QVERIFY(examined(after, before)->findings.alone[2] != before->findings.alone[2]);
        // A setting that every run stands on is not taken over.
        after = job;
        after.reckoning.drop_mm = 2.5;
        QVERIFY(same(examined(after, before)->findings, examine(after)));
        QVERIFY(examined(after, before)->findings.alone[0] != before->findings.alone[0]);
        after = job;
        after.card = Card{};
        after.card->height = {1.0, Place::Valve};
        QVERIFY(same(examined(after, before)->findings, examine(after)));
        after = job;
        after.runs.erase(after.runs.begin());
        QVERIFY(same(examined(after, before)->findings, examine(after)));
    }

    // One thing after the other over a job with passes, a card and moves of the cam: what is taken
    // over is what would be found anew.
    void examinedStepByStepIsTheSame() {
        Job job;
        job.id = 1;
        job.engine.cylinders = 2;
        job.engine.drive.teeth = 36;
        job.engine.drive.vernierWheel = 10; // 720 / 110 = 6.5 crank degrees a hole
        job.engine.drive.vernierHub = 11;
        Card card;
        card.name = "H1";
        card.height = {1.0, Place::Tappet};
        card.centre.intake = 105.0;
        card.centre.exhaust = 110.0;
        card.duration.intake = 210.0;
        card.duration.exhaust = 210.0;
        job.card = card;
        std::int64_t id = 1;
        const auto take = [&](int cylinder, Side side, double late, int move) {
            LiftRun run;
            run.id = id++;
            run.cylinder = cylinder;
            run.side = side;
            run.terms = usualConditions(job.engine, side);
            run.terms.afterMove = move;
            const auto lobe = closed::raisedCosine((side == Side::Intake ? 105.0 : -110.0) + late,
                                                   140.0, 8.0 + 0.01 * cylinder);
            for (double d = run.terms.from.deg; d <= run.terms.to.deg; d += 5.0) {
                Reading r;
                r.id = id++;
                r.at = {d};
                r.value_mm = std::round(lobe.at(d) * 100.0) / 100.0;
                run.readings.push_back(r);
            }
            job.runs.push_back(run);
        };
        for (Side side : {Side::Intake, Side::Exhaust}) {
            take(1, side, 2.0, 0);
            take(1, side, 2.1, 0);
            take(2, side, 2.0, 0);
        }
        const auto move = [&](double deg) {
            CamMove m;
            m.number = static_cast<int>(job.changes.size()) + 1;
            m.made.intake = DriveMove{};
            m.made.intake->total_deg = deg;
            job.changes.push_back(m);
        };
        const std::vector<std::function<void()>> steps = {
            [&] { job.runs[1].readings.edit()[40].value_mm += 0.05; },
            [&] { job.runs[5].readings.edit()[20].struck = Struck{"misread"}; },
            [&] { job.reckoning.averagePasses = !job.reckoning.averagePasses; },
            [&] { job.reckoning.school = CentreSchool::Peak; },
            [&] { move(4.0); },
            [&] { take(1, Side::Intake, -5.0, 1); },
            [&] { job.runs.back().readings.edit()[40].value_mm += 0.02; },
            [&] { take(2, Side::Intake, -2.0, 1); },
            [&] { job.engine.drive.vernierWheel = 12; }, // 5.5
            [&] { job.card->lift_mm.intake = 8.1; },
            [&] { job.changes.pop_back(); },
            [&] { job.reckoning.averagePasses = !job.reckoning.averagePasses; },
            [&] { job.runs[0].readings.edit().pop_back(); },
            [&] { job.card.reset(); },
        };
        SnapshotPtr now = examined(job);
        int named = 0;
        for (std::size_t i = 0; i < steps.size(); ++i) {
            steps[i]();
            now = examined(job, now);
            const Findings anew = examine(job);
            const Findings& kept = now->findings;
            const QByteArray at = QByteArray::number(int(i));
            QCOMPARE(kept.all.size(), anew.all.size());
            QVERIFY2(kept.cylinders.size() == anew.cylinders.size(), at);
            for (std::size_t c = 0; c < anew.cylinders.size(); ++c) {
                const CylinderFindings &a = kept.cylinders[c], &b = anew.cylinders[c];
                QVERIFY2(a.pair.has_value() == b.pair.has_value(), at);
                if (a.pair) {
                    QVERIFY2(a.pair->school == b.pair->school &&
                                 a.pair->separation == b.pair->separation &&
                                 a.pair->splitPoint == b.pair->splitPoint &&
                                 a.pair->overlapArea_mm_deg == b.pair->overlapArea_mm_deg,
                             at);
                }
                QVERIFY2(a.explanation.has_value() == b.explanation.has_value(), at);
                if (!a.explanation) continue;
                QVERIFY2(a.explanation->causes.size() == b.explanation->causes.size(), at);
                for (std::size_t k = 0; k < a.explanation->causes.size(); ++k) {
                    const Cause &x = a.explanation->causes[k], &y = b.explanation->causes[k];
                    QVERIFY2(x.kind == y.kind && x.deg == y.deg && x.misfit == y.misfit, at);
                }
            }
            QVERIFY2(kept.changes.size() == anew.changes.size(), at);
            for (std::size_t k = 0; k < anew.changes.size(); ++k) {
                const MoveCheck &a = kept.changes[k], &b = anew.changes[k];
                QVERIFY2(a.verdict == b.verdict && a.moved_deg == b.moved_deg &&
                             a.instead.has_value() == b.instead.has_value(),
                         at);
                if (a.instead) QVERIFY2(a.instead->total_deg == b.instead->total_deg, at);
                named += a.instead.has_value();
            }
            QCOMPARE(kept.figures().size(), anew.figures().size());
            for (std::size_t k = 0; k < anew.figures().size(); ++k)
                QVERIFY2(kept.figures()[k].value == anew.figures()[k].value, at);
        }
        QVERIFY(named > 0);
    }

    // Whoever holds a part holds the whole: it outlives the session's own hold.
    void aHeldPartOutlivesTheSnapshot() {
        Job job;
        job.id = 1;
        job.runs.resize(1);
        job.runs[0].id = 7;
        SnapshotPtr now = examined(job);
        const Held<LiftRun> run{now, &now->job.runs[0]};
        std::weak_ptr<const Snapshot> alive = now;
        now = examined(job, now);
        QVERIFY(!alive.expired());
        QCOMPARE(run->id, std::int64_t(7));
    }
};

AMBER_TEST(TestCoreFaults)

} // namespace test_faults

#include "test_faults.moc"
