#include "practice/practitioner.h"

#include "core/job/job.h"
#include "stations/clearance/clearance_desk.h"
#include "stations/compression/compression_desk.h"
#include "stations/lobes/lobes_desk.h"
#include "stations/set/set_desk.h"
#include "stations/tdc/tdc_desk.h"

#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace practice {

using namespace lobe;

namespace {

class Practitioner {
public:
    Practitioner(app::Session& session, const Truth& truth, unsigned seed,
                 const std::function<void(const Done&)>& look, double curves)
        : session_(session),
          seed_(seed),
          truth_(done_.now),
          random_(seed * 2654435761u + 1),
          look_(look),
          pointer_(truth.pointer_deg),
          curves_(curves) {
        done_.now = truth;
        shown_ = truth.of(1);
    }

    Done run() {
        session_.newJob(QStringLiteral("engine %1").arg(seed_));
        facts();
        std::vector<std::function<void()>> parts;
        if (chance(0.85)) parts.push_back([this] { top(); });
        for (Side side : {Side::Intake, Side::Exhaust})
            if (chance(0.9)) parts.push_back([this, side] { lobe(side); });
        // Mostly in the order the route asks; sometimes as it comes.
        if (chance(0.25)) std::shuffle(parts.begin(), parts.end(), random_);
        for (const auto& part : parts)
            part();
        if (chance(0.2)) move();
        if (chance(0.15)) otherCylinder();
        if (chance(0.25)) volumes();
        if (chance(0.35))
            for (Side side : {Side::Intake, Side::Exhaust})
                if (chance(0.8)) presses(side);
        return done_;
    }

private:
    double between(double a, double b) {
        return std::uniform_real_distribution<double>(a, b)(random_);
    }
    double normal(double deviation) {
        return std::normal_distribution<double>(0.0, 1.0)(random_) * deviation;
    }
    bool chance(double share) { return between(0.0, 1.0) < share; }
    app::Desk::Manner manner() {
        return [] { return words::Style{}; };
    }

    /// Types a line; whether it was taken.
    bool type(app::Desk& desk, const QString& text) {
        done_.typed += text + QLatin1Char('\n');
        app::Echo echo = desk.submit(text);
        // What is asked about is said once more, as people do.
        if (!echo.ok && echo.text.contains(QStringLiteral("Enter once more")))
            echo = desk.submit(text);
        ++done_.entries;
        if (!echo.ok) {
            ++done_.refused;
            done_.typed += QStringLiteral("  refused: ") + echo.text + QLatin1Char('\n');
        }
        look_(done_);
        return echo.ok;
    }

    void facts() {
        session_.keep(book::SetEngine{truth_.engine});
        if (truth_.hasCard) session_.keep(book::SetCards{truth_.card});
        Stated s = session_.job();
        s.fitted.scale = truth_.scale;
        s.fitted.top = WhichTop::Overlap;
        constexpr CentreSchool kSchools[] = {CentreSchool::EqualDrop, CentreSchool::Events,
                                             CentreSchool::Peak, CentreSchool::Centroid};
        if (chance(0.4)) s.reckoning.school = kSchools[random_() % 4];
        session_.keep(book::SetStated{s});
    }

    /// What the wheel shows at a true angle, as it is read and typed: with the side where the wheel
    /// does not tell it and the reader says it.
    QString onWheel(double deg, bool sayside) {
        const double shown = deg + behind_ + pointer_ + normal(truth_.wheelNoise_deg);
        const double step = truth_.wheelStep_deg;
        double turn = std::remainder(step * std::round(shown / step), 360.0);
        QString number;
        switch (truth_.scale) {
        case WheelScale::Full360With:
            return digits(turn < 0.0 ? turn + 360.0 : turn);
        case WheelScale::Full360Against:
            return digits(turn > 0.0 ? 360.0 - turn : -turn);
        case WheelScale::Signed:
            return digits(turn);
        default:
            return digits(std::abs(turn)) +
                   (sayside ? turn < 0.0 ? QStringLiteral("b") : QStringLiteral("a") : QString());
        }
    }
    QString digits(double deg) const {
        return QString::number(deg, 'f', truth_.wheelStep_deg >= 1.0 ? 0 : 1);
    }

    void top() {
        app::TdcDesk desk(session_, manner());
        const int passes = chance(0.3) ? 1 : 2 + (random_() % 4 == 0);
        const bool lazy = chance(0.1);
        const double half = between(15.0, 45.0);
        for (int pass = 0; pass < passes; ++pass) {
            const double stop = half + normal(0.02);
            if (!type(desk, onWheel(-stop, true)) || !type(desk, onWheel(stop, true))) return;
            if (desk.sheet().field()) desk.leave();
            // Lobes that were read before: they are shifted, as the desk asks.
            for (const app::Command& c : desk.commands())
                if (c.letter == QLatin1Char('s')) {
                    done_.typed += QStringLiteral("s\n");
                    desk.command(c.letter);
                    look_(done_);
                    break;
                }
            const TdcPass* latest = session_.findings().tdc.latest();
            if (latest && !latest->agrees && !lazy)
                pointer_ -= *latest->correction_deg + normal(0.05);
        }
        done_.topTaken = true;
    }

    void lobe(Side side) {
        session_.select(cylinder_, side);
        app::LobesDesk desk(session_, manner());
        RunConditions t = desk.conditions();
        t.taken = chance(0.5) ? Place::Tappet : Place::Valve;
        t.spring = Spring::Checking;
        t.resolution_mm = truth_.dial_mm;
        taken_ = t.taken;
        // The wheel stays as it was set for cylinder 1, and shows how far this one is behind.
        behind_ = session_.job().engine.behindFirst_deg(cylinder_).value_or(0.0);
        if (cylinder_ != 1 && !t.wheelOfFirst) {
            const double by = wrapCycle({behind_}).deg;
            t.wheelOfFirst = true;
            t.shift_deg = -by;
            t.from.deg += by;
            t.to.deg += by;
        }
        desk.keepConditions(t);
        const double way = between(0.0, 1.0);
        if (way < curves_ / 100.0) {
            curve(desk, side);
            if (chance(0.3)) events(desk, side, chance(0.5));
        } else if (way < 0.8) {
            events(desk, side, false);
            if (chance(0.3)) events(desk, side, true);
        } else {
            events(desk, side, true);
        }
    }

    void curve(app::LobesDesk& desk, Side side) {
        if (desk.eventsOnly()) desk.takeEvents(false, false);
        RunConditions t = desk.conditions();
        t.step_deg = chance(0.5) ? 5.0 : chance(0.5) ? 2.5 : 10.0;
        const double centre = side == Side::Intake ? 105.0 : -110.0;
        t.from = {centre - 175.0 - t.shift_deg};
        t.to = {centre + 175.0 - t.shift_deg};
        desk.keepConditions(t);
        for (int guard = 0; guard < 400; ++guard) {
            if (desk.complete()) break;
            // The wheel is set to the mark asked for; the crank stands where that puts it.
            const double deg =
                desk.angle().deg - behind_ - pointer_ + normal(truth_.wheelNoise_deg);
            double mm = shown_.at(taken_, side, deg) + normal(truth_.dialNoise_mm);
            mm = truth_.dial_mm * std::round(mm / truth_.dial_mm);
            if (!type(desk, QString::number(mm, 'f', 2))) break;
        }
    }

    void events(app::LobesDesk& desk, Side side, bool fromNose) {
        desk.takeEvents(true, fromNose);
        RunConditions t = desk.conditions();
        t.taken = taken_;
        t.resolution_mm = truth_.dial_mm;
        t.repeats =
            fromNose ? 1 + static_cast<int>(random_() % 2) : 1 + static_cast<int>(random_() % 3);
        if (!fromNose && chance(0.3)) t.eventHeights = {{0.5, taken_}, {1.27, taken_}};
        desk.keepConditions(t);
        // Where the program asks it, an event is read; by a slip, now and then, another.
        const bool slips = chance(0.08);
        static const QRegularExpression at(
            QStringLiteral("^(opens|closes) at ([0-9.]+) mm, (tappet|valve): wheel"));
        static const QRegularExpression under(
            QStringLiteral("^([0-9.]+) mm under, (before|after) the nose: wheel"));
        for (int guard = 0; guard < 40; ++guard) {
            const QString ask = desk.prompt().ask;
            double deg = 0.0;
            if (const auto m = at.match(ask); m.hasMatch()) {
                // To the height, at the place, that the question names.
                const Height h{m.captured(2).toDouble(), m.captured(3) == QStringLiteral("valve")
                                                             ? Place::Valve
                                                             : Place::Tappet};
                deg = shown_.event(side, h, m.captured(1) == QStringLiteral("opens"));
            } else if (const auto u = under.match(ask); u.hasMatch()) {
                const Height h{shown_.greatest(side, taken_) - u.captured(1).toDouble(), taken_};
                deg = shown_.event(side, h, u.captured(2) == QStringLiteral("before"));
            } else if (ask.startsWith(QStringLiteral("highest"))) {
                deg = shown_.nose(side) + normal(1.5);
            } else {
                break;
            }
            if (std::isnan(deg)) break;
            if (slips && chance(0.2)) {
                deg += chance(0.5) ? 10.0 : -10.0;
                done_.slipped = true;
            }
            if (!type(desk, onWheel(deg, true))) break;
        }
    }

    void presses(Side side) {
        session_.select(1, side);
        app::ClearanceDesk desk(session_, manner());
        // How it is put together is asked before the first press of a job.
        desk.follow();
        const bool clay = chance(0.25);
        desk.leave();
        if (clay) {
            if (!type(desk, QStringLiteral("clay"))) return;
            const double mm = truth_.leastClearance(side) + normal(truth_.gapNoise_mm);
            type(desk, QString::number(std::max(0.0, mm), 'f', 2));
            if (chance(0.5)) return;
            if (!type(desk, QStringLiteral("map"))) return;
        }
        const int wanted = 3 + static_cast<int>(random_() % 25);
        for (int i = 0; i < wanted; ++i) {
            if (!desk.prompt().ask.startsWith(QStringLiteral("clearance at"))) break;
            const double deg = desk.angle().deg - pointer_ + normal(truth_.wheelNoise_deg);
            const double mm = truth_.clearance(side, deg) + normal(truth_.gapNoise_mm);
            if (!type(desk, QString::number(std::max(0.0, mm), 'f', 2))) break;
        }
    }

    /// The cam is moved as Set wants it, or otherwise; what was measured is taken again, or not.
    void move() {
        app::SetDesk desk(session_, manner());
        desk.follow();
        desk.leave();
        const auto& wanted = session_.findings().need.move_deg[desk.atHand()];
        const double by =
            std::round(10.0 * (wanted && chance(0.7) ? *wanted : between(-8.0, 8.0))) / 10.0;
        if (by == 0.0 || std::abs(by) > 40.0) return;
        if (!type(desk, QStringLiteral("made ") + QString::number(by, 'f', 1))) return;
        // It is the middle of what was typed.
        done_.now.advance(desk.atHand(), by);
        shown_ = truth_.of(1);
        for (Side side : {Side::Intake, Side::Exhaust})
            if (chance(0.7)) lobe(side);
    }

    void otherCylinder() {
        cylinder_ = truth_.other;
        shown_ = truth_.of(cylinder_);
        for (Side side : {Side::Intake, Side::Exhaust})
            if (chance(0.8)) lobe(side);
        cylinder_ = 1;
        behind_ = 0.0;
        shown_ = truth_.of(1);
        session_.select(1, Side::Intake);
    }

    /// As they are asked; perhaps not to the end.
    void volumes() {
        app::CompressionDesk desk(session_, manner());
        desk.begin();
        desk.follow();
        const bool all = chance(0.7);
        for (int guard = 0; guard < 12; ++guard) {
            const QString ask = desk.prompt().ask;
            const auto says = [&](const char* word) {
                return ask.contains(QLatin1String(word), Qt::CaseInsensitive);
            };
            std::optional<double> value;
            if (says("chamber"))
                value = truth_.chamber_cc;
            else if (says("gasket bore"))
                value = truth_.gasketBore_mm;
            else if (says("gasket"))
                value = truth_.gasket_mm;
            else if (says("deck"))
                value = truth_.deck_mm;
            else if (says("crown"))
                value = truth_.crown_cc;
            else if (says("crevice"))
                value = 0.0;
            if (!value || (!all && chance(0.2))) break;
            if (!type(desk, QString::number(*value, 'f', 2))) break;
            done_.poured = says("crown") || done_.poured;
        }
        desk.leave();
    }

    app::Session& session_;
    unsigned seed_;
    Done done_;
    const Truth& truth_;
    Truth shown_; ///< of the cylinder at hand
    std::mt19937 random_;
    const std::function<void(const Done&)>& look_;
    double pointer_;
    double curves_;
    Place taken_ = Place::Tappet;
    int cylinder_ = 1;
    double behind_ = 0.0; ///< the cylinder at hand, behind the one the wheel was set for
};

} // namespace

std::function<std::int64_t()> handsClock() {
    return [at = std::int64_t(1'750'000'000'000)]() mutable { return at += 4000; };
}

Done work(app::Session& session, const Truth& truth, unsigned seed,
          const std::function<void(const Done&)>& look, double curves) {
    return Practitioner(session, truth, seed, look, curves).run();
}

} // namespace practice
