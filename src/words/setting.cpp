#include "words/setting.h"

#include "core/examine/examine.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

namespace {

/// The least number that is shown as more than nothing.
constexpr double kShown_deg = 0.05;

/// "1 tooth", "3 teeth"
QString teeth(int n) {
    return n == 1 ? Say::tr("1 tooth") : Say::tr("%n teeth", nullptr, n);
}

/// Crank degrees, with the cam's half of it, which is what the wheel itself turns.
QString crankAndCam(double deg, const Style& style) {
    return Say::tr("%1 crank, %2 cam")
        .arg(degrees(std::abs(deg), style, 2), degrees(std::abs(deg) / 2.0, style, 2));
}

QString arcNote(const Drive& drive, double deg, const Style& style) {
    if (!(drive.boltRadius_mm > 0.0)) return {};
    return Say::tr(", %1 along the bolt circle")
        .arg(liftWithUnit(std::abs(boltArc_mm(drive.boltRadius_mm, deg)), style));
}

/// "hole 3" counted round; the pair in use is hole 0.
QString hole(int n, int of) {
    return n == 0 ? Say::tr("the hole in use") : Say::tr("hole %1 of %2").arg(n).arg(of);
}

} // namespace

QString camTurn(const Engine& engine, bool advance) {
    // Advance turns the cam on in its own running direction.
    const bool crankClockwise = engine.rotation == Rotation::Clockwise;
    const bool camClockwise = crankClockwise != engine.drive.against;
    return camClockwise == advance ? Say::tr("clockwise") : Say::tr("anticlockwise");
}

QString moveBy(double deg, const Style& style, int places) {
    return degrees(std::abs(deg), style, places) +
           (deg >= 0.0 ? Say::tr(" earlier") : Say::tr(" later"));
}

/// Whether an offset is the one first used, after others were.
static bool backToFirst(double fitted_deg, double by_deg) {
    return fitted_deg != 0.0 && std::abs(fitted_deg + by_deg) < 1e-6;
}

/// ", marked B": the builder's own name of a keyway counted from the one first used.
static QString markText(const Drive& d, int keyway) {
    const int n = std::max(1, d.keyways);
    const auto i = static_cast<std::size_t>(((keyway % n) + n) % n);
    return i < d.marks.size() ? Say::tr(", marked ") + QString::fromStdString(d.marks[i])
                              : QString();
}

QStringList moveSteps(const Engine& engine, const DriveMove& m, const QString& cam,
                      const Style& style, const DriveState& fitted) {
    const Drive& d = engine.drive;
    QStringList out;
    const QString onGears = d.kind == DriveKind::Gears  ? Say::tr("out of mesh")
                            : d.kind == DriveKind::Belt ? Say::tr("with the belt off")
                                                        : Say::tr("with the chain off");
    const QString wheel = cam.isEmpty() ? Say::tr("cam wheel") : Say::tr("%1 cam wheel").arg(cam);
    if (m.crankKeyway_deg != 0.0)
        out << (backToFirst(fitted.crankKeyway_deg, m.crankKeyway_deg)
                    ? Say::tr("Crank wheel: put it back on the keyway it was first on, which "
                              "makes the cam %1.")
                    : Say::tr("Crank wheel: put it on the keyway that makes the cam %1."))
                   .arg(moveBy(m.crankKeyway_deg, style, 2));
    if (m.keyway != 0)
        out << Say::tr("%1 off: turn the cam in it %2 to the %3.")
                   .arg(
                       QString(wheel).replace(0, 1, wheel.at(0).toUpper()),
                       camTurn(engine, m.keyway > 0),
                       (std::abs(m.keyway) == 1
                            ? Say::tr("next keyway")
                            : Say::tr("keyway %1 on from the one in use").arg(std::abs(m.keyway))) +
                           markText(d, fitted.keyway + m.keyway));
    if (m.teeth != 0)
        out << Say::tr("Turn the %1 %2 %3, %4; that is %5.")
                   .arg(wheel, teeth(std::abs(m.teeth)), camTurn(engine, m.teeth > 0), onGears,
                        crankAndCam(m.teeth * tooth_deg(d), style));
    if (m.vernier_deg != 0.0) {
        const VernierHoles h = vernierHoles(d, m.vernier_deg);
        out << Say::tr("Vernier: pin out, turn the cam in the %1 %2 until %3 of the hub "
                       "meets %4 of the wheel, counted %5 from the pair in use; that is "
                       "%6%7.")
                   .arg(wheel, camTurn(engine, m.vernier_deg > 0.0), hole(h.hub, d.vernierHub),
                        hole(h.wheel, d.vernierWheel), camTurn(engine, true),
                        crankAndCam(m.vernier_deg, style), arcNote(d, m.vernier_deg, style));
    }
    if (m.bush_deg != 0.0) {
        const double worth = fitted.bush_deg + m.bush_deg;
        const QString title = QString(wheel).replace(0, 1, wheel.at(0).toUpper());
        if (backToFirst(fitted.bush_deg, m.bush_deg))
            out << Say::tr("%1: fit the bush or key it had at first again; the cam comes %2.")
                       .arg(title, moveBy(m.bush_deg, style, 2));
        else if (fitted.bush_deg != 0.0)
            out << Say::tr("%1: fit the offset bush or key worth %2 instead; the cam comes %3.")
                       .arg(title, moveBy(worth, style, 2), moveBy(m.bush_deg, style, 2));
        else
            out << Say::tr("%1: fit the offset bush or key worth %2 so that the cam comes %3.")
                       .arg(title, degrees(std::abs(worth), style, 2),
                            worth > 0.0 ? Say::tr("earlier") : Say::tr("later"));
    }
    if (m.slot_deg != 0.0) {
        const QString lines =
            d.slotLine_deg > 0.0
                ? Say::tr("%1 lines, ")
                      .arg(shortest(std::abs(m.slot_deg) / d.slotLine_deg, 1, style))
                : QString();
        out << Say::tr("Slots: loosen the bolts and turn the cam in the %1 %2 by %3%4%5.")
                   .arg(wheel, camTurn(engine, m.slot_deg > 0.0), lines,
                        crankAndCam(m.slot_deg, style), arcNote(d, m.slot_deg, style));
    }
    if (out.isEmpty() && m.total_deg == 0.0) return {Say::tr("Leave the drive as it stands.")};
    if (out.isEmpty())
        out << Say::tr("Turn the %1 %2 by %3; describe the drive for which tooth or hole.")
                   .arg(wheel, camTurn(engine, m.total_deg > 0.0), crankAndCam(m.total_deg, style));
    out << Say::tr("The crank must not follow; directions are as seen from the drive end.");
    return out;
}

QString moveShort(const Drive& d, const DriveMove& m, const Style& style,
                  const DriveState& fitted) {
    QStringList parts;
    if (m.teeth != 0)
        parts << teeth(std::abs(m.teeth)) + (m.teeth > 0 ? Say::tr(" on") : Say::tr(" back"));
    if (m.keyway != 0) parts << Say::tr("keyway %1").arg(signedFixed(m.keyway, 0, style));
    if (m.crankKeyway_deg != 0.0)
        parts << (backToFirst(fitted.crankKeyway_deg, m.crankKeyway_deg)
                      ? Say::tr("the first crank keyway")
                      : Say::tr("crank keyway %1")
                            .arg(
                                signedFixed(fitted.crankKeyway_deg + m.crankKeyway_deg, 1, style)));
    if (m.vernier_deg != 0.0) {
        const VernierHoles h = vernierHoles(d, m.vernier_deg);
        parts << Say::tr("hub hole %1 on wheel hole %2").arg(h.hub).arg(h.wheel);
    }
    if (m.bush_deg != 0.0)
        parts << (backToFirst(fitted.bush_deg, m.bush_deg)
                      ? Say::tr("the first bush")
                      : Say::tr("bush %1").arg(
                            signedFixed(fitted.bush_deg + m.bush_deg, 1, style)));
    if (m.slot_deg != 0.0) {
        parts << (d.slotLine_deg > 0.0
                      ? (m.slot_deg > 0.0 ? Say::tr("slots %1 lines earlier")
                                          : Say::tr("slots %1 lines later"))
                            .arg(shortest(std::abs(m.slot_deg) / d.slotLine_deg, 1, style))
                      : (m.slot_deg > 0.0 ? Say::tr("slots %1 earlier") : Say::tr("slots %1 later"))
                            .arg(degrees(std::abs(m.slot_deg), style)));
    }
    if (!parts.isEmpty()) return parts.join(QStringLiteral(", "));
    return m.total_deg == 0.0 ? Say::tr("as it stands") : moveBy(m.total_deg, style);
}

QString targetName(TargetKind kind) {
    switch (kind) {
    case TargetKind::CardCentre:
        return Say::tr("the card's centre");
    case TargetKind::CardPlus:
        return Say::tr("the card's centre and so much earlier");
    case TargetKind::EventAt:
        return Say::tr("an event at the card's height");
    case TargetKind::Separation:
        return Say::tr("a separation");
    case TargetKind::Dynamic:
        return Say::tr("a dynamic compression");
    case TargetKind::Centres:
        return Say::tr("a wanted centre");
    case TargetKind::Clearance:
        break;
    }
    return Say::tr("a least clearance");
}

QString setSchoolName(SetSchool school) {
    switch (school) {
    case SetSchool::ByIntake:
        return Say::tr("set by intake");
    case SetSchool::SplitDifference:
        return Say::tr("split the difference");
    case SetSchool::AllEvents:
        break;
    }
    return Say::tr("all events");
}

QString driveName(DriveKind kind) {
    return kind == DriveKind::Chain  ? Say::tr("chain")
           : kind == DriveKind::Belt ? Say::tr("belt")
                                     : Say::tr("gears");
}

QString eventName(Event event) {
    switch (event) {
    case Event::IntakeOpens:
        return Say::tr("intake opens");
    case Event::IntakeCloses:
        return Say::tr("intake closes");
    case Event::ExhaustOpens:
        return Say::tr("exhaust opens");
    case Event::ExhaustCloses:
        break;
    }
    return Say::tr("exhaust closes");
}

QString sentence(NeedFault fault) {
    switch (fault) {
    case NeedFault::NoLobe:
        return Say::tr("Record the lobe first: without its centre there is nothing to set.");
    case NeedFault::NoCard:
        return Say::tr("The card does not say where this lobe should stand. Give its centre "
                       "or its events, or choose another target.");
    case NeedFault::NoEvent:
        return Say::tr("That is not known yet: either it was not recorded, or the target "
                       "has no number.");
    case NeedFault::NoVolumes:
        return Say::tr("A dynamic compression needs the volumes, the intake's closing and "
                       "the ratio wanted.");
    case NeedFault::OutOfReach:
        return Say::tr("No setting of this cam reaches that dynamic compression.");
    case NeedFault::SeparationFixed:
        return Say::tr("On one cam the separation is ground in: no setting changes it.");
    case NeedFault::MovedSince:
        return Say::tr("The cam was moved: measure it again, and this says what the move did "
                       "and what is left.");
    case NeedFault::SettleFirst:
        return Say::tr("Settle first what was measured: these numbers cannot be a cam that "
                       "stands off by that much. See Timing for what was exchanged or "
                       "turned; nothing is to be moved before.");
    case NeedFault::NoClearance:
        break;
    }
    return Say::tr("Clearances are not measured yet; choose another target meanwhile.");
}

QString sentence(DriveFault fault) {
    switch (fault) {
    case DriveFault::Teeth:
        return Say::tr("A cam wheel has 8 to 400 teeth.");
    case DriveFault::Keyways:
        return Say::tr("A cam wheel has 1 to 12 keyways or dowel holes.");
    case DriveFault::Vernier:
        return Say::tr("A vernier needs both numbers of holes, 2 to 120 each.");
    case DriveFault::Slot:
        return Say::tr("Slots need a range, and lines narrower than it.");
    case DriveFault::Listed:
        break;
    }
    return Say::tr("Up to 12 offsets, each under 180 degrees.");
}

/// An event as the target leaves a centre, and on a lobe of another length not the card's.
static QString centreOfEvent(const Job& job, const Need& n, const Style& style) {
    if (!n.centreLeft_deg) return {};
    QString text =
        Say::tr(" It leaves the lobe centre at %1.").arg(degrees(*n.centreLeft_deg, style));
    if (n.keepsCentre_deg)
        text += Say::tr(" This lobe is not as long as printed: %1 %2 keeps the card's centre.")
                    .arg(eventName(job.trial.target.event), degrees(*n.keepsCentre_deg, style));
    return text;
}

/// A card with a separation and no centre: the usual ways its cam may have been ground, as an if.
static QString grindings(const Job& job, const Style& style) {
    if (!job.card || !job.card->separation || job.card->advance) return {};
    const double s = *job.card->separation;
    return Say::tr(
               " If it was ground without advance, its intake centre is %1; with 2 degrees, %2; "
               "with 4, as many are, %3. Ask whoever ground it.")
        .arg(degrees(s, style), degrees(s - 2.0, style), degrees(s - 4.0, style));
}

QString needSentence(const Job& job, const Need& n, const Style& style) {
    if (n.fault)
        return sentence(*n.fault) +
               (*n.fault == NeedFault::NoCard ? grindings(job, style) : QString());
    const auto one = [&](const QString& who, double deg) {
        if (std::abs(deg) < kShown_deg) return who + Say::tr(" stands right");
        return Say::tr("%1 must come %2").arg(who, moveBy(deg, style));
    };
    QStringList parts;
    const bool two = job.engine.layout == Layout::TwinOverheadCam;
    if (n.move_deg.intake)
        parts << one(two ? Say::tr("the intake cam") : Say::tr("the cam"), *n.move_deg.intake);
    if (n.move_deg.exhaust) parts << one(Say::tr("the exhaust cam"), *n.move_deg.exhaust);
    if (parts.isEmpty()) return {};
    QString said = parts.join(QStringLiteral(", "));
    if (parts.size() == 2) {
        const auto each = [&](double deg) {
            return std::abs(deg) < kShown_deg ? Say::tr("right") : moveBy(deg, style);
        };
        said = Say::tr("intake %1, exhaust %2")
                   .arg(each(*n.move_deg.intake), each(*n.move_deg.exhaust));
    }
    said.replace(0, 1, said.at(0).toUpper());
    const double most = std::max(std::abs(n.move_deg.intake.value_or(0.0)),
                                 std::abs(n.move_deg.exhaust.value_or(0.0)));
    const QString pm = QString(QChar(0xB1)) + degrees(n.uncertainty_deg, style);
    if (most < kShown_deg)
        return Say::tr("%1, known to %2: leave it.")
            .arg(parts.size() == 2 ? Say::tr("Both cams stand right")
                                   : parts.front().left(1).toUpper() + parts.front().mid(1),
                 pm);
    if (n.stands())
        return said + (most <= n.uncertainty_deg
                           ? Say::tr(": less than it is known by (%1), so leave it.").arg(pm)
                           : Say::tr(": too little to be worth a spanner, so leave it."));
    return said + Say::tr(" for %1, known to %2.").arg(targetName(job.trial.target.kind), pm) +
           centreOfEvent(job, n, style);
}

QString residualNote(double residual, double uncertainty, const Style& style) {
    if (std::abs(residual) < kShown_deg) return Say::tr("leaves nothing");
    const QString left = Say::tr("leaves ") + degrees(std::abs(residual), style) +
                         (residual > 0.0 ? Say::tr(" late") : Say::tr(" early"));
    if (std::abs(residual) <= uncertainty) return left + Say::tr(", not worth chasing");
    return left;
}

/// "14 later: that is the 4 degree keyway and one tooth back."
static QString insteadText(const MoveCheck& c, const Style& style) {
    if (!c.instead || !c.moved_deg) return {};
    QStringList parts;
    const DriveMove& m = *c.instead;
    const auto on = [](int n) { return n > 0 ? Say::tr(" on") : Say::tr(" back"); };
    if (m.teeth != 0)
        parts << (std::abs(m.teeth) == 1 ? Say::tr("one tooth")
                                         : Say::tr("%n teeth", nullptr, std::abs(m.teeth))) +
                     on(m.teeth);
    if (m.keyway != 0)
        parts << Say::tr("%1 keyway%2")
                         .arg(std::abs(m.keyway))
                         .arg(std::abs(m.keyway) == 1 ? QString() : QStringLiteral("s")) +
                     on(m.keyway);
    if (m.crankKeyway_deg != 0.0)
        parts << Say::tr("the %1 crank keyway").arg(degrees(m.crankKeyway_deg, style));
    if (m.vernier_deg != 0.0)
        parts << Say::tr("%1 of the vernier").arg(degrees(m.vernier_deg, style));
    if (m.bush_deg != 0.0) parts << Say::tr("the %1 bush").arg(degrees(m.bush_deg, style));
    return Say::tr(" %1: on this drive that is %2.")
        .arg(moveBy(*c.moved_deg, style), parts.join(Say::tr(" and ")));
}

QString sentence(const MoveCheck& c, const Style& style) {
    const QString who = sideTitle(c.side) + Say::tr(", cylinder %1: ").arg(c.cylinder);
    const QString meant = moveBy(c.meant_deg, style);
    if (c.verdict == MoveVerdict::Waiting || !c.moved_deg)
        return who + Say::tr("measure it again; it was to come %1.").arg(meant);
    const QString moved = moveBy(*c.moved_deg, style);
    QString error =
        c.events.size() < 2 ? QString()
        : c.alike ? Say::tr(" Both events moved alike, within %1: that is how well you measure.")
                        .arg(degrees(std::max(0.1, c.error_deg), style))
                  : Say::tr(" But its events did not move alike, by %1, and no setting changes a "
                            "duration: measure again before you believe it.")
                        .arg(degrees(std::abs(c.durationChange_deg), style));
    if (c.verdict != MoveVerdict::AsMeant) error.prepend(insteadText(c, style));
    switch (c.verdict) {
    case MoveVerdict::AsMeant:
        return who + Say::tr("it came %1, as it was meant to.").arg(moved) + error;
    case MoveVerdict::NotMoved:
        return who + Say::tr("it has not moved, and was to come %1. Was the change made "
                             "tight, and is this the run taken after it?")
                         .arg(meant);
    case MoveVerdict::WrongWay:
        return who +
               Say::tr("it went the wrong way, %1 instead of %2. Go back, and as far "
                       "again the other way.")
                   .arg(moved, meant) +
               error;
    case MoveVerdict::Half:
        return who +
               Say::tr("it came %1, half of the %2 it was meant to: cam degrees "
                       "taken for crank degrees? Move it as far again.")
                   .arg(moved, meant) +
               error;
    case MoveVerdict::Twice:
        return who +
               Say::tr("it came %1, twice the %2 it was meant to: crank degrees "
                       "turned at the cam wheel? It turns half of what the crank does. "
                       "Go half of it back.")
                   .arg(moved, meant) +
               error;
    case MoveVerdict::WrongWayHalf:
        return who +
               Say::tr("it went %1, the wrong way and by half: it was to come %2. "
                       "Cam degrees were taken for crank degrees as well.")
                   .arg(moved, meant) +
               error;
    case MoveVerdict::WrongWayTwice:
        return who +
               Say::tr("it went %1, the wrong way and twice as far: it was to come "
                       "%2. Crank degrees were turned at the cam wheel as well.")
                   .arg(moved, meant) +
               error;
    case MoveVerdict::Waiting:
    case MoveVerdict::Other:
        break;
    }
    return who +
           Say::tr("it came %1 and was to come %2. Set it on from where it stands now.")
               .arg(moved, meant) +
           error;
}

QString adviceOnMove(double advance) {
    if (std::abs(advance) < kShown_deg) return {};
    if (advance > 0.0)
        return Say::tr("Earlier usually pulls better from low speed, as the intake closes "
                       "sooner and more is trapped. It raises the dynamic compression and "
                       "brings the intake valve nearer the piston.");
    return Say::tr("Later usually gives low speed away for high, as the intake closes later "
                   "and less is trapped. It brings the exhaust valve nearer the piston.");
}

QString adviceOnExhaust(double advance) {
    if (std::abs(advance) < kShown_deg) return {};
    if (advance > 0.0)
        return Say::tr("The exhaust earlier opens sooner, which gives away some of the "
                       "stroke, and leaves less overlap. Its valve stays farther from the "
                       "piston as it shuts.");
    return Say::tr("The exhaust later opens later, which keeps more of the stroke, and gives "
                   "more overlap. It brings the exhaust valve nearer the piston.");
}

QString adviceOnSeparation(double wider) {
    if (std::abs(wider) < kShown_deg) return {};
    if (wider < 0.0)
        return Say::tr("Narrower gives more overlap, which usually sharpens the middle and "
                       "roughens the idle. Both valves come nearer the piston.");
    return Say::tr("Wider gives less overlap, which usually calms the idle and broadens the "
                   "pull. Both valves stay farther from the piston.");
}

QString setCaution() {
    return Say::tr("Cams loose: valves can meet pistons and each other. Turn by hand, stop "
                   "at resistance, mark first; fasteners to the maker's figures.");
}

QStringList withoutMarks(const Job& job, const Style& style) {
    const auto split = job.card ? splitOfCard_deg(*job.card) : std::nullopt;
    const double tooth = tooth_deg(job.engine.drive);
    QStringList out;
    out << Say::tr("Bring cylinder 1 to true TDC by the proved pointer, the cam loose.");
    out << Say::tr("Turn the cam until both followers of cylinder 1 stand equally high: the "
                   "split point, exhaust closing and intake opening. A straightedge over both, or "
                   "two indicators: what they differ by is degrees at Timing, level 0.12.");
    if (split && std::abs(*split) >= kShown_deg)
        out << Say::tr("By the card they are level %1 %2, not at TDC: turn the crank there, "
                       "and level them again.")
                   .arg(degrees(std::abs(*split), style),
                        *split > 0.0 ? Say::tr("after TDC") : Say::tr("before TDC"));
    else if (split)
        out << Say::tr("By the card they are level at TDC itself.");
    else
        out << Say::tr("Without a card with events, level at TDC is the best guess; an "
                       "asymmetric cam is off by half its asymmetry.");
    out << (tooth > 0.0 ? Say::tr("Put the drive on at the nearest tooth: no more than half "
                                  "a tooth, %1 of the crank, can be left.")
                              .arg(degrees(tooth / 2.0, style, 2))
                        : Say::tr("Put the drive on at the nearest tooth."));
    out << Say::tr("Hold the crank, and paint what stands together: a dot on each wheel where "
                   "they face, and one where the dowel or keyway is. It stands on overlap.");
    out << Say::tr("A whole turn of the crank on, 360%1, is the firing top of cylinder 1: the "
                   "crank's dot is back, the cam's stands opposite. Paint that one too; there "
                   "the rotor or trigger belongs to cylinder 1. One set on overlap fires 360%1 "
                   "out: it spits through intake and exhaust, and does not start.")
               .arg(QChar(0xB0));
    out << Say::tr("Touch the stop from both sides once more at TDC: it must come out as before.");
    out << Say::tr("Turn two full turns by hand, then read where the followers are level "
                   "and type it: 2.5 for after TDC, -2.5 for before.");
    return out;
}

QString sentence(const LevelCheck& c, double tooth, const Engine& engine, const Style& style) {
    const bool none = std::abs(c.late_deg) < 0.05;
    const QString off = none ? Say::tr("The cam stands where it should")
                             : Say::tr("The cam stands %1 %2")
                                   .arg(degrees(std::abs(c.late_deg), style),
                                        c.late_deg >= 0.0 ? Say::tr("late") : Say::tr("early"));
    if (tooth <= 0.0) return off + Say::tr("; say how many teeth the cam wheel has.");
    if (c.rightTooth)
        return off + Say::tr(", less than half a tooth (%1): it is on the right tooth. "
                             "Record the lobes for the rest.")
                         .arg(degrees(tooth / 2.0, style, 2));
    return off + Say::tr(", more than half a tooth: move the cam wheel %1 %2; %3 is left.")
                     .arg(teeth(std::abs(c.teeth)), camTurn(engine, c.teeth > 0),
                          degrees(std::abs(c.left_deg), style));
}

} // namespace words
