#include "cli/take_command.h"

#include "cli/inputs.h"
#include "cli/refusal.h"
#include "core/job/job.h"
#include "core/live/guard.h"
#include "core/live/passing.h"
#include "core/lobe/run.h"
#include "core/typed/entry.h"
#include "instrument/ear.h"

#include <QFileInfo>

#include <memory>

namespace cli {

using namespace lobe;
using instrument::Instrument;
using instrument::Role;

namespace {

struct TakeOptions {
    std::string book, job, side, from;
    int cylinder = 1;
    double step = 1.0;
};

/// What a lobe's dial said, with where the crank stood; and the line it said last.
struct Paired {
    std::vector<LiveSample> samples;
    std::string dial;
    long long odd = 0;
};

Paired pairedOf(const instrument::Stream& stream, Side side, const QString& path) {
    const Role own = side == Side::Intake ? Role::Intake : Role::Exhaust;
    Role role = Role::Lift;
    bool dial = false, angle = false;
    for (const Instrument& i : stream.instruments) {
        angle = angle || i.role == Role::Angle;
        dial = dial || i.role == own || i.role == Role::Lift;
        if (i.role == own) role = own;
    }
    if (!angle) throw Refusal{path + QStringLiteral(": no encoder is in it")};
    if (!dial) throw Refusal{path + QStringLiteral(": no indicator on that valve is in it")};
    Paired out;
    Pairing pairing;
    // As at the bench: one damaged value that looks whole is left out (live/taker.h).
    Guard crank(600.0, 1.5), needle(400.0, 0.6);
    Between crankSure(0.2), needleSure(0.1);
    instrument::replay(stream, [&](const Instrument& by, const instrument::Timed& one) {
        if (one.said.odd || !one.said.value) {
            ++out.odd;
        } else if (by.role == Role::Angle) {
            if (const auto deg =
                    crank.feed(one.t_s, instrument::degreesOf(by, *one.said.value)).value)
                if (const auto sure = crankSure.feed(one.t_s, *deg))
                    pairing.angle(sure->t_s, sure->value);
        } else if (by.role == role) {
            if (const auto mm = needle.feed(one.t_s, *one.said.value).value)
                if (const auto sure = needleSure.feed(one.t_s, *mm))
                    pairing.dial(sure->t_s, sure->value);
            out.dial = by.name.toStdString();
        }
        while (const auto s = pairing.take())
            out.samples.push_back(*s);
    });
    return out;
}

void take(const TakeOptions& o, const Host& host) {
    const auto book = openBook(pathOf(o.book));
    const Job job = jobOf(*book, o.job);
    const Side side = sideOf(o.side);
    if (o.cylinder < 1 || o.cylinder > job.engine.cylinders)
        throw Refusal{QStringLiteral("--cylinder %1: this engine has 1 to %2")
                          .arg(o.cylinder)
                          .arg(job.engine.cylinders)};
    const QString path = pathOf(o.from);
    const auto read = instrument::readStream(path);
    if (const auto* why = std::get_if<QString>(&read)) throw Refusal{*why};
    const Paired paired = pairedOf(std::get<instrument::Stream>(read), side, path);
    LiftRun run;
    run.cylinder = o.cylinder;
    run.side = side;
    run.terms = usualConditions(job.engine, side);
    run.terms.afterMove = lastMove(job);
    run.terms.source = QFileInfo(path).fileName().toStdString();
    const auto marks = wholeLobe(paired.samples, o.step, run.terms.countsDown);
    if (marks.empty())
        throw Refusal{path + QStringLiteral(": no whole lobe is in it, from base circle to base "
                                            "circle, turned forward")};
    // In the turn of the cycle in which this lobe stands; a pass crosses no seam of it.
    const double nose =
        std::max_element(marks.begin(), marks.end(), [](const auto& a, const auto& b) {
            return a.mm < b.mm;
        })->deg;
    const double shift = nearLobe({nose}, side).deg - nose;
    for (const PassedMark& m : marks) {
        Reading r;
        r.at = {m.deg + shift};
        r.value_mm = m.mm;
        r.typed = QString::number(m.mm, 'f', 4).toStdString() + " mm";
        r.heard = Heard{{}, paired.dial, false};
        run.readings.push_back(std::move(r));
    }
    run.terms.step_deg = o.step;
    run.terms.from = {marks.front().deg + shift};
    run.terms.to = {marks.back().deg + shift};
    const auto kept = book->record(job.id, book::AddSeries{std::move(run)});
    if (const auto* e = std::get_if<book::Error>(&kept))
        throw Refusal{book::sentence(*e, book->path())};
    QString text = QStringLiteral("%1 readings are a new run of cylinder %2 %3 in %4\n")
                       .arg(marks.size())
                       .arg(o.cylinder)
                       .arg(QString::fromStdString(o.side), QString::fromStdString(job.name));
    if (paired.odd > 0)
        text += QStringLiteral("%1 things said made no sense and were left out\n").arg(paired.odd);
    host.print(text);
}

} // namespace

void addTake(Command app, Host& host) {
    const auto o = std::make_shared<TakeOptions>();
    Command command =
        app.command("take", "one lobe out of a recorded stream of instruments, as a new run");
    command.option("BOOK", o->book, "a book file").required();
    command.option("--job", o->job,
                   "the job's name, or # and its number; needed when the book holds several");
    command.option("--side", o->side, "intake or exhaust").oneOf({"intake", "exhaust"}).required();
    command.option("--cylinder", o->cylinder, "1 by default");
    command.option("--from", o->from, "a recorded stream").required();
    command.option("--step", o->step, "degrees from mark to mark; 1 by default").within(0.1, 30.0);
    command.callback([&host, o] { host.command = [&host, o] { take(*o, host); }; });
}

} // namespace cli
