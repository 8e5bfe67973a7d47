// Which side of a picture is which: rings for either rotation, bars, strip and slide, looked at by
// their colours and their coordinates.
#include "app_fixture.h"
#include "core/job/job.h"
#include "core/lobe/lobe.h"
#include "support/text_recorder.h"

#include "app/pictures/drawn_curve.h"
#include "app/pictures/event_bars.h"
#include "app/pictures/ring.h"
#include "app/pictures/slide.h"
#include "app/strip/view.h"
#include "support/program.h"

#include <QSignalSpy>

namespace test_scenes {

using fixture::Rig;
using namespace lobe;

namespace {

template <class P> QImage drawn(const P& picture, const QSize& size) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter p(&image);
    picture.draw(p, size);
    return image;
}

/// Pixels of a colour left and right of the middle.
std::pair<int, int> sides(const QImage& image, const QColor& colour) {
    int left = 0, right = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (image.pixel(x, y) == colour.rgb()) ++(x < image.width() / 2 ? left : right);
    return {left, right};
}

SnapshotPtr demo(Rig& rig) {
    rig.session().openJob(rig.session().book().jobs()[0].id);
    return rig.session().snapshot();
}

} // namespace

class TestScenes : public QObject {
    Q_OBJECT

private slots:
    // A smooth lobe needs half its degrees; a reading that stands off is drawn wherever it lies.
    void curvesAreDrawnThroughWhatMatters() {
        for (const double off : {-3.0, 0.0, 4.0, 5.0}) { // 4 at an even degree, 5 at an odd one
            const double spike = off > 0.0 ? off : 0.0;
            std::vector<LiftPoint> readings;
            for (int d = 0; d <= 200; ++d)
                readings.push_back({double(d), 7.2 * std::pow(std::sin(M_PI * d / 200.0), 2) +
                                                   (spike > 0.0 && d == 60 + off ? 0.3 : 0.0)});
            if (off < 0.0) readings.back().deg = 200.4; // the end is drawn, whole degree or not
            const LiftCurve curve = *LiftCurve::through(readings);
            const auto through = app::drawnThrough(curve);
            QCOMPARE(through.front().deg, curve.first());
            QCOMPARE(through.back().deg, curve.last());
            QVERIFY2(through.size() < 112, qPrintable(QString::number(through.size())));
            double worst = 0.0;
            for (std::size_t i = 1; i < through.size(); ++i) {
                const LiftPoint &a = through[i - 1], &b = through[i];
                QVERIFY(b.deg > a.deg);
                for (const LiftPoint& r : readings)
                    if (r.deg >= a.deg && r.deg <= b.deg)
                        worst = std::max(
                            worst, std::abs(r.mm - a.mm -
                                            (b.mm - a.mm) * (r.deg - a.deg) / (b.deg - a.deg)));
            }
            QVERIFY2(worst <= 7.5 / 2000.0, qPrintable(QString::number(worst)));
        }
    }
    void theRingRunsTheEnginesWay() {
        Rig rig(true);
        const SnapshotPtr now = demo(rig);
        app::Ring ring(rig.look(), rig.answers());
        for (const bool clockwise : {true, false}) {
            app::RingScene scene = app::ringOf(now, 1);
            scene.rotation = clockwise ? Rotation::Clockwise : Rotation::Anticlockwise;
            ring.setScene(scene);
            const QImage image = drawn(ring, {400, 440});
            const auto in = sides(image, rig.look().theme().intakeFill),
                       ex = sides(image, rig.look().theme().exhaustFill);
            // The intake's nose stands 106 after TDC: right of it on an engine that runs clockwise.
            QVERIFY(clockwise ? in.second > 2 * in.first : in.first > 2 * in.second);
            QVERIFY(clockwise ? ex.first > 2 * ex.second : ex.second > 2 * ex.first);
        }
    }

    void theRingTakesEachLobeFromItsOwnSide() {
        Rig rig(true);
        const SnapshotPtr now = demo(rig);
        const app::RingScene scene = app::ringOf(now, 1);
        QVERIFY(scene.intake->side == Side::Intake);
        QVERIFY(scene.exhaust->side == Side::Exhaust);
        app::Ring ring(rig.look(), rig.answers());
        app::RingScene at = scene;
        at.needle = CrankDeg{106.0};
        ring.setScene(at);
        // At the intake's nose: its lift, and none of the exhaust.
        const QString said = ring.readout();
        QVERIFY2(said.contains(QStringLiteral("exhaust 0.000")), qPrintable(said));
        QVERIFY2(!said.contains(QStringLiteral("intake 0.000")), qPrintable(said));
    }

    void aLiftNotMeasuredYetIsNoZero() {
        Rig rig;
        rig.type(QStringLiteral("half"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("step 5"));
        for (int i = 0; i <= 34; ++i) {
            const double d = -70.0 + 5.0 * i;
            rig.type(
                QString::number(d < -20 ? 0.0 : 4.0 * (1.0 - std::cos((d + 20.0) / 60.0)), 'f', 2));
        }
        app::Ring ring(rig.look(), rig.answers());
        app::RingScene scene = app::ringOf(rig.session().snapshot(), 1);
        QVERIFY(scene.intake && scene.intake->curve);
        scene.needle = CrankDeg{200.0};
        ring.setScene(scene);
        QVERIFY2(ring.readout().contains(QStringLiteral("intake ") + QChar(0x2013)),
                 qPrintable(ring.readout()));
        scene.needle = CrankDeg{50.0};
        ring.setScene(scene);
        QVERIFY(!ring.readout().contains(QChar(0x2013)));
    }

    void barsStandWhereTheirEventsAre() {
        Rig rig(true);
        const SnapshotPtr now = demo(rig);
        const CylinderFindings& c = now->findings.cylinders.front();
        app::EventBars bars(rig.look(), rig.answers());
        app::EventBarsScene scene;
        scene.heights = {now->job.card->height};
        scene.intake = {now, &now->findings.intake(c)->lobe};
        scene.exhaust = {now, &now->findings.exhaust(c)->lobe};
        bars.setScene(scene);
        const QSize size(800, 300);
        const QImage image = drawn(bars, size);
        const auto in = sides(image, rig.look().theme().intakeFill),
                   ex = sides(image, rig.look().theme().exhaustFill);
        QVERIFY(in.second > 2 * in.first);
        QVERIFY(ex.first > 2 * ex.second);
        // Each event's number at its own end of its bar.
        support::TextRecorder recorder(size);
        QPainter p(&recorder);
        bars.draw(p, size);
        p.end();
        const auto at = [&](const QString& text) {
            for (const auto& each : recorder.texts())
                if (each.text == text) return each.box.center().x();
            return -1.0;
        };
        const HeightEvents* e = scene.intake->events(scene.heights[0]);
        const QString opens = words::fixed(-e->opens->deg, 1, {}),
                      closes = words::fixed(e->closes->deg - 180.0, 1, {});
        QVERIFY2(at(opens) > 0 && at(closes) > at(opens) + 100, qPrintable(opens + closes));
    }

    void theStripRunsFromLeftToRight() {
        Rig rig(true);
        demo(rig);
        rig.window().go(stations::lobes);
        QApplication::processEvents();
        auto* strip = rig.find<QWidget>("strip");
        QVERIFY(app::strip::pixel(strip, 105.0) > app::strip::pixel(strip, -110.0));
        // The solid line of the intake has its greatest lift after TDC, the dashed one before.
        bool solid = false, dashed = false;
        for (const app::strip::Line& line : app::strip::lines(strip)) {
            if (line.points.size() < 50) continue;
            double most = 0.0, at = 0.0;
            for (const QPointF& p : line.points)
                if (p.y() > most) {
                    most = p.y();
                    at = p.x();
                }
            if (line.colour == rig.look().theme().intake) {
                QVERIFY(at > 90.0 && at < 120.0);
                QVERIFY(line.stroke == Qt::SolidLine);
                solid = true;
            }
            if (line.colour == rig.look().theme().exhaust) {
                QVERIFY(at < -90.0 && at > -130.0);
                QVERIFY(line.stroke != Qt::SolidLine);
                dashed = true;
            }
        }
        QVERIFY(solid && dashed);
    }

    // Pictures that are out of sight hold what they draw: the job changes elsewhere, then the
    // theme.
    void aPictureOutlivesWhatItShows() {
        Rig rig(true);
        demo(rig);
        for (const auto* s : {&stations::lobes, &stations::timing, &stations::set, &stations::tdc})
            rig.window().go(*s);
        rig.window().go(stations::lobes);
        rig.window().go(stations::timing);
        rig.type(QStringLiteral("0.9"));
        rig.key(Qt::Key_L, Qt::ControlModifier);
        rig.window().go(stations::lobes);
        rig.window().go(stations::tdc);
        rig.type(QStringLiteral("31"));
        rig.key(Qt::Key_L, Qt::ControlModifier);
        rig.key(Qt::Key_U, Qt::ControlModifier);
        rig.session().openJob(rig.session().book().jobs()[1].id);
        rig.key(Qt::Key_L, Qt::ControlModifier);
        for (const auto* s :
             {&stations::lobes, &stations::timing, &stations::set, &stations::tdc}) {
            rig.window().go(*s);
            rig.window().grab();
        }
    }

    void earlyIsRightOnTheSlide() {
        Rig rig;
        app::Slide slide(rig.look());
        slide.resize(500, 60);
        slide.show();
        QTest::mouseClick(&slide, Qt::LeftButton, {}, QPoint(430, 20));
        QVERIFY2(slide.value() > 5.0, qPrintable(QString::number(slide.value())));
        QTest::mouseClick(&slide, Qt::LeftButton, {}, QPoint(90, 20));
        QVERIFY(slide.value() < -5.0);
        QTest::keyClick(&slide, Qt::Key_Right);
        support::TextRecorder recorder(slide.size());
        slide.render(&recorder, {}, {}, QWidget::RenderFlags());
        double early = -1.0, late = -1.0;
        for (const auto& each : recorder.texts()) {
            if (each.text.contains(QStringLiteral("early"))) early = each.box.center().x();
            if (each.text.contains(QStringLiteral("late"))) late = each.box.center().x();
        }
        QVERIFY(late > 0.0 && early > late);
    }
};

AMBER_TEST(TestScenes)

} // namespace test_scenes

#include "test_scenes.moc"
