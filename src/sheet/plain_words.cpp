#include "sheet/plain_words.h"

#include "core/job/job.h"
#include "words/say.h"
#include "words/sentences.h"

namespace sheet {

using namespace lobe;

namespace {

const Figure* find(const std::vector<Figure>& all, FigureKind kind, std::optional<Side> side) {
    for (const Figure& f : all)
        if (f.kind == kind && f.side == side && f.value) return &f;
    return nullptr;
}

/// The dynamic ratio only where it is known when the intake valve shuts.
QString squeezed(const CompressionClaim& c, const words::Style& style) {
    const QString fixedRatio =
        words::fixed(c.staticRatio, 1, style) + words::withoutParts(c.withoutGasket, c.withoutDeck);
    if (!c.dynamicRatio)
        return Say::tr("Each charge is squeezed to one part in %1 by the engine's dimensions. From "
                       "where the intake valve shuts on is not known yet, and that number decides "
                       "which fuel it needs.")
            .arg(fixedRatio);
    return Say::tr("Each charge is squeezed to one part in %1 by the engine's dimensions, and "
                   "to one part in %2 counted from where the intake valve shuts. The second "
                   "number decides which fuel it needs.")
        .arg(fixedRatio, words::fixed(*c.dynamicRatio, 1, style));
}

/// How often the cam was moved, and what was measured of the last move.
QString moved(const Job& job, const Findings& findings) {
    const QString times = job.changes.size() == 1
                              ? Say::tr("The camshaft was moved once against the crankshaft.")
                              : Say::tr("The camshaft was moved %1 times against the crankshaft.")
                                    .arg(job.changes.size());
    const int last = job.changes.back().number;
    bool measured = false, meant = true;
    for (const MoveCheck& each : findings.changes)
        if (each.number == last && each.verdict != MoveVerdict::Waiting) {
            measured = true;
            meant = meant && each.verdict == MoveVerdict::AsMeant;
        }
    const QString then = !measured ? Say::tr("It was not measured again since.")
                         : meant   ? Say::tr("Measured again, the last move came as it was meant.")
                                 : Say::tr("Measured again, the last move came other than meant.");
    return times + QLatin1Char(' ') + then;
}

} // namespace

QStringList plainWords(const Job& job, const Findings& findings, const words::Style& style) {
    QStringList out;
    const std::vector<Figure>& all = findings.figures();
    if (all.empty()) return out;
    const auto value = [&](FigureKind kind,
                           std::optional<Side> side = {}) -> std::optional<double> {
        const Figure* f = find(all, kind, side);
        return f ? std::optional(f->value->value) : std::nullopt;
    };
    const auto whole = [&](double v) { return words::degrees(v, style, 0); };
    if (const auto in = value(FigureKind::Duration, Side::Intake)) {
        const auto ex = value(FigureKind::Duration, Side::Exhaust);
        out << (ex ? Say::tr(
                         "The crankshaft turns through %1 while the intake valve is open, and "
                         "through %2 while the exhaust valve is: that is the duration. Longer "
                         "durations fill the engine better at high speed and worse at low speed.")
                         .arg(whole(*in), whole(*ex))
                   : Say::tr("The crankshaft turns through %1 while the intake valve is open: that "
                             "is the duration. A longer one fills the engine better at high speed "
                             "and worse at low speed.")
                         .arg(whole(*in)));
    }
    if (const auto lift = value(FigureKind::MaxLift, Side::Intake))
        out << Say::tr(
                   "The intake lobe lifts by %1 at most. How far a valve opens decides how much "
                   "can pass it.")
                   .arg(words::liftWithUnit(*lift, style));
    if (const auto separation = value(FigureKind::Separation))
        out << Say::tr("The two lobes stand %1 apart on the camshaft. Closer together they give a "
                       "stronger middle range and a rougher idle, farther apart a smoother one.")
                   .arg(whole(*separation));
    // Under a degree there is nothing to be said of either.
    if (const auto overlap = value(FigureKind::Overlap); overlap && std::abs(*overlap) >= 0.5)
        out << (*overlap < 0.0
                    ? Say::tr(
                          "The exhaust valve is shut %1 before the intake valve opens: they are "
                          "never open together, which makes for a calm idle.")
                          .arg(whole(-*overlap))
                    : Say::tr(
                          "For %1 of a turn both valves are open together. That overlap lets the "
                          "exhaust help to draw in the fresh charge when the engine turns fast.")
                          .arg(whole(*overlap)));
    if (const auto advance = value(FigureKind::Advance))
        out << (std::abs(*advance) < 0.5
                    ? Say::tr("The camshaft stands neither early nor late: both lobes lie alike "
                              "about the top. An earlier camshaft pulls better from low speed, a "
                              "later one revs higher.")
                : *advance >= 0.0
                    ? Say::tr("The camshaft stands %1 early. An earlier camshaft pulls better from "
                              "low speed, a later one revs higher.")
                          .arg(whole(*advance))
                    : Say::tr(
                          "The camshaft stands %1 late. A later camshaft revs higher, an earlier "
                          "one pulls better from low speed.")
                          .arg(whole(-*advance)));
    if (findings.squeeze) out << squeezed(*findings.squeeze, style);
    if (!job.changes.empty()) out << moved(job, findings);
    return out;
}

} // namespace sheet
