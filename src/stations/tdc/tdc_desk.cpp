#include "stations/tdc/tdc_desk.h"

#include "core/angle/wheel.h"
#include "core/job/job.h"
#include "core/typed/entry.h"
#include "stations/list.h"
#include "stations/lobes/remedies.h"
#include "stations/lobes/said_terms.h"
#include "stations/tdc/fields.h"
#include "stations/tdc/methods.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

TdcDesk::TdcDesk(Session& session, Manner manner)
    : FactsDesk(session, std::move(manner), tdcFields(), false) {
    likeLast();
    connect(&session, &Session::selectionChanged, this, [this] {
        likeLast();
        drop_mm_.reset();
        samePass_ = false;
    });
}

/// Another job goes on with the method it was left with.
void TdcDesk::likeLast() {
    if (!job().contacts.empty()) method_ = job().contacts.back().method;
}

void TdcDesk::setMethod(TdcMethod method) {
    method_ = method;
    moveTo(-1);
}

void TdcDesk::begin() {
    FactsDesk::begin();
    notNow_ = false;
    askedAgain_.clear();
}

void TdcDesk::follow() {
    // What the verdict asks, the line asks.
    if (through() && job().fitted.top == WhichTop::NotSaid && !notNow_ && !sheet().field())
        askQuietly(0);
}

int TdcDesk::passAtHand() const {
    const TdcFindings& tdc = findings().tdc;
    return samePass_ && !tdc.passes.empty() ? tdc.passes.back().pass : tdc.passAtHand;
}

bool TdcDesk::through() const {
    return findings().tdc.state == TdcState::Proved && !findings().tdc.nextAfterTop;
}

bool TdcDesk::answerWanted() const {
    const auto& all = findings().tdc.findings;
    return std::any_of(all.begin(), all.end(),
                       [](const Finding& f) { return f.is<found::TdcMoved>(); });
}

/// A wheel's number typed while it is asked which top it is, is a contact all the same.
Echo TdcDesk::keepFact(const QString& text) {
    const Echo kept = FactsDesk::keepFact(text);
    if (kept.ok || sheet().at() != 0) return kept;
    const Typed contact = read(text);
    if (!contact.echo.ok || !contact.contact) return kept;
    notNow_ = true;
    moveTo(-1);
    return ownSubmit(text);
}

void TdcDesk::ask(const Task& task) {
    moveTo(task.kind == TaskKind::SayTop ? 0 : -1);
}

QString TdcDesk::enterKeeps() const {
    return Say::tr("keep, back to the contacts");
}

Prompt TdcDesk::ownPrompt() const {
    Prompt p;
    const TdcFindings& tdc = findings().tdc;
    if (answerWanted()) {
        p.subject = Say::tr("TDC, runs read before it");
        p.ask = Say::tr("shift them, or keep them?");
        p.enter = Say::tr("does what the letter says");
        p.keys = Say::tr("S  shift them   K  keep them   or another contact");
        return p;
    }
    if (through()) {
        p.subject = Say::tr("TDC is proved");
        p.ask = Say::tr("go on to %1?").arg(stations::lobes.name());
        p.enter = Say::tr("on to %1").arg(stations::lobes.name());
        p.keys = Say::tr("a wheel number begins another pass   Down  what else belongs here");
        return p;
    }
    p.subject = Say::tr("%1, pass %2").arg(words::methodName(method_)).arg(passAtHand());
    if (method_ == TdcMethod::EqualDrop && drop_mm_)
        p.subject += Say::tr(", drop ") + words::dimension(*drop_mm_, style());
    p.ask = tdcAsk(method_, tdc.nextAfterTop);
    const bool last = tdc.nextAfterTop || method_ == TdcMethod::HighestReading;
    p.enter = last ? Say::tr("log, see where TDC is") : Say::tr("log, then the other side");
    p.keys = Say::tr("b, a  before, after TDC   x  other side   Back  strike");
    // A new job begins as the last was left: what is meant is said, and changed by a word.
    if (job().contacts.empty())
        p.keys = Say::tr("another way: stop, drop 3, there and back, port, highest   wheel: %1; "
                         "wheel 360 for another")
                     .arg(words::wheelName(job().fitted.scale));
    return p;
}

/// The words by which a method is said.
static std::optional<TdcMethod> methodCalled(const QString& line) {
    static const std::pair<const char*, TdcMethod> kCalled[] = {
        {"stop", TdcMethod::PositiveStop},
        {"positive stop", TdcMethod::PositiveStop},
        {"drop", TdcMethod::EqualDrop},
        {"equal drop", TdcMethod::EqualDrop},
        {"there and back", TdcMethod::ThereAndBack},
        {"back", TdcMethod::ThereAndBack},
        {"port", TdcMethod::SymmetricPort},
        {"symmetric port", TdcMethod::SymmetricPort},
        {"highest", TdcMethod::HighestReading},
        {"highest reading", TdcMethod::HighestReading}};
    for (const auto& [called, method] : kCalled)
        if (line == QLatin1String(called)) return method;
    return std::nullopt;
}

TdcDesk::Typed TdcDesk::read(const QString& text) const {
    QString line = text.trimmed().toLower();
    if (const auto method = methodCalled(line))
        return {{true, Say::tr("by ") + words::methodName(*method)}, {}, {}, method};
    if (line.startsWith(QLatin1String("wheel"))) {
        const auto scale = wheelCalled(line.mid(5).trimmed());
        if (!scale)
            return {{false, Say::tr("A wheel is 360, against, 180, 90, signed, twice or tape.")},
                    {},
                    {}};
        return {{true, Say::tr("the wheel: ") + words::wheelName(*scale)}, {}, {}, {}, scale};
    }
    if (line.startsWith(QLatin1String("equal drop"))) line = line.mid(6);
    if (line.startsWith(QLatin1String("drop"))) {
        const auto mm = readLength(line.mid(4).toStdString(), style().unit, 200.0);
        if (const auto* e = std::get_if<EntryError>(&mm))
            return {{false, words::sentence(*e, style())}, {}, {}};
        if (std::get<double>(mm) <= 0.0)
            return {{false, Say::tr("A drop is more than nothing: drop 3.")}, {}, {}};
        return {{true, (method_ == TdcMethod::EqualDrop
                            ? QString()
                            : words::methodName(TdcMethod::EqualDrop) + QStringLiteral(": ")) +
                           Say::tr("contacts to come at a drop of ") +
                           words::liftWithUnit(std::get<double>(mm), style())},
                {},
                std::get<double>(mm)};
    }
    const DegreeWheel wheel = job().fitted.degreeWheel();
    if (wheel.scale == WheelScale::Tape && wheel.tape_mm <= 0.0 && !text.contains(QLatin1Char(':')))
        return {
            {false, Say::tr("A tape needs its circumference first: go down to it and type it.")},
            {},
            {}};
    Contact c;
    c.pass = passAtHand();
    c.method = method_;
    c.afterTop = findings().tdc.nextAfterTop;
    c.drop_mm = method_ == TdcMethod::EqualDrop ? drop_mm_ : std::nullopt;
    c.typed = text.trimmed().toStdString();
    const auto reading =
        readWheel(c.typed, {wheel, c.afterTop, DeadCentre::Top, false, style().unit});
    if (const auto* e = std::get_if<EntryError>(&reading))
        return {{false, words::sentence(*e, style())}, {}, {}};
    const WheelReading& on = std::get<WheelReading>(reading);
    c.at = on.at;
    c.scale = on.scale;
    const QString side =
        on.at.deg < 0 ? Say::tr("before the wheel's zero") : Say::tr("after the wheel's zero");
    return {{true, QStringLiteral("%1 %2%3").arg(
                       words::degrees(std::abs(on.at.deg), style(), 2), side,
                       on.assumed ? Say::tr(", by the step; x flips it") : QString())},
            c,
            {}};
}

Echo TdcDesk::ownUnderstand(const QString& text) const {
    return read(text).echo;
}

Echo TdcDesk::ownSubmit(const QString& text) {
    if (text.trimmed().isEmpty() && through() && !answerWanted()) {
        emit stationWanted(&stations::lobes);
        return {true, {}};
    }
    Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    if (typed.method) {
        if (*typed.method != TdcMethod::EqualDrop) drop_mm_.reset();
        setMethod(*typed.method);
        return {true, {}};
    }
    if (typed.wheel) {
        Stated s = job();
        s.fitted.scale = *typed.wheel;
        return session().keep(book::SetStated{s})
                   ? Echo{true, {}}
                   : Echo{false, Say::tr("Not kept; see the message above.")};
    }
    if (typed.drop_mm) {
        // Said under another method it is that method.
        if (method_ != TdcMethod::EqualDrop) setMethod(TdcMethod::EqualDrop);
        // Named right after a complete pair, it is another drop with the pointer where it was.
        const TdcFindings& tdc = findings().tdc;
        samePass_ = !tdc.passes.empty() && tdc.passes.back().correction_deg &&
                    tdc.passes.back().method == TdcMethod::EqualDrop && drop_mm_ &&
                    *drop_mm_ != *typed.drop_mm;
        drop_mm_ = typed.drop_mm;
        return {true, {}};
    }
    // A number that was meant for a question among the facts, say, takes no proof away unasked.
    if (through() && findings().tdc.state == TdcState::Proved && askedAgain_ != text.trimmed()) {
        askedAgain_ = text.trimmed();
        return {false, Say::tr("TDC is proved. Enter once more logs %1 as the first contact of "
                               "another pass; Esc lets it be.")
                           .arg(text.trimmed())};
    }
    askedAgain_.clear();
    typed.contact->time_ms = session().now();
    const bool second = typed.contact->afterTop;
    if (!session().keep(book::AddContact{*typed.contact}))
        return {false, Say::tr("Not logged; see the message above.")};
    if (second) samePass_ = false;
    return {true, {}};
}

/// Where the wheel stands at a contact: as from its zero, whatever numbers the wheel shows.
Echo TdcDesk::ownMeasured(const InstrumentReading& reading) {
    const auto deg = reading.unit == InstrumentReading::Unit::Degree ? std::optional(reading.value)
                                                                     : reading.wheel_deg;
    if (!deg || !std::isfinite(*deg))
        return {false, Say::tr("A contact is where the wheel stands: that is a length.")};
    if (through() && findings().tdc.state == TdcState::Proved)
        return {false, Say::tr("TDC is proved: a number typed begins another pass.")};
    const double from = wrapTurn({*deg}).deg;
    // A drop that is measured with it makes it a contact at that drop; others at other drops, with
    // the pointer where it was, are of one pass.
    if (reading.unit == InstrumentReading::Unit::Millimetre) {
        if (!(reading.value > 0.0 && reading.value <= 200.0))
            return {false, Say::tr("A drop is more than nothing: drop 3.")};
        const TdcFindings& tdc = findings().tdc;
        if (method_ != TdcMethod::EqualDrop) setMethod(TdcMethod::EqualDrop);
        // A drop that was taken begins another pass.
        if (!tdc.nextAfterTop)
            samePass_ = !tdc.passes.empty() && tdc.passes.back().correction_deg &&
                        tdc.passes.back().method == TdcMethod::EqualDrop &&
                        std::none_of(tdc.passes.back().pairs.begin(), tdc.passes.back().pairs.end(),
                                     [&](const TdcPair& p) { return p.drop_mm == reading.value; });
        drop_mm_ = reading.value;
    }
    Contact c;
    c.pass = passAtHand();
    c.method = method_;
    c.afterTop = findings().tdc.nextAfterTop;
    c.drop_mm = method_ == TdcMethod::EqualDrop ? drop_mm_ : std::nullopt;
    c.at = {from};
    c.scale = WheelScale::Half180;
    // As it could be typed: it is read again where a job comes as a file.
    c.typed = QStringLiteral("%1%2")
                  .arg(QString::number(std::abs(from), 'f', 3),
                       from < 0.0 ? QStringLiteral("b") : QStringLiteral("a"))
                  .toStdString();
    c.time_ms = session().now();
    c.heard = reading.heard();
    if (!session().keep(book::AddContact{c}))
        return {false, Say::tr("Not logged; see the message above.")};
    if (c.afterTop) samePass_ = false;
    return {true, {}};
}

LiveWish TdcDesk::ownLive() const {
    LiveWish wish;
    wish.cylinder = session().cylinder();
    if (answerWanted() || through()) return wish;
    wish.what = LiveWish::What::Contact;
    wish.afterTop = findings().tdc.nextAfterTop;
    wish.dropped = method_ == TdcMethod::EqualDrop;
    return wish;
}

void TdcDesk::strikeLast() {
    const auto& contacts = job().contacts;
    for (auto it = contacts.rbegin(); it != contacts.rend(); ++it)
        if (!it->struck) {
            session().keep(book::StrikeContact{it->id, "struck"});
            return;
        }
}

QList<Command> TdcDesk::ownCommands() const {
    QList<Command> all;
    const auto& found = findings().tdc.findings;
    if (std::any_of(found.begin(), found.end(),
                    [](const Finding& f) { return f.is<found::TopOther>(); }))
        all << Command{QLatin1Char('t'), Say::tr("the other top: turn the runs by 360")};
    if (onOtherGauge(findings().tdc))
        all << Command{QLatin1Char('g'), Say::tr("the gauge counts the other way: take it so")};
    if (answerWanted())
        all << Command{QLatin1Char('s'), Say::tr("shift the runs read before TDC was found")}
            << Command{QLatin1Char('k'), Say::tr("keep the runs as they were read")};
    return all;
}

Echo TdcDesk::command(QChar letter) {
    if (letter == QLatin1Char('t')) return {putTopRight(session()), {}};
    if (letter == QLatin1Char('g')) {
        auto contact = onOtherGauge(findings().tdc);
        if (!contact) return {false, Say::tr("There is nothing to do.")};
        contact->time_ms = session().now();
        return {session().keep(book::AddContact{*contact}), {}};
    }
    const bool shift = letter == QLatin1Char('s');
    // TDC was found off after runs were recorded: all of them at once, one action to undo.
    book::SetManyTerms all;
    for (const LiftRun& run : job().runs)
        if (const auto pending = pendingShift_deg(run, findings().tdc)) {
            RunConditions t = run.terms;
            if (shift) t.shift_deg += *pending;
            t.tdcAnswered = findings().tdc.latest()->pass;
            all.series.push_back({run.id, t});
        }
    if (all.series.empty()) return {false, Say::tr("There is nothing to shift.")};
    return {session().keep(all), {}};
}

void TdcDesk::leave() {
    notNow_ = true;
    askedAgain_.clear();
    moveTo(-1);
}

QString TdcDesk::explanation() const {
    const TdcPass* pass = findings().tdc.latest();
    if (!pass) return {};
    QString text;
    if (pass->halfSpan_deg)
        text =
            Say::tr("Half the way between the contacts: %1. That is the span, not the correction.\n"
                    "Half their signed sum: %2°. That is where true TDC stands on the wheel now.")
                .arg(words::degrees(*pass->halfSpan_deg, style(), 2),
                     words::signedFixed(*pass->pairs.back().midpoint_deg, 2, style()));
    if (pass->expectedHalfSpan_deg)
        text += Say::tr("\nStroke, rod and drop expect a half-span of %1.")
                    .arg(words::degrees(*pass->expectedHalfSpan_deg, style(), 2));
    if (pass->drift_deg_per_mm)
        text +=
            Say::tr(
                "\nThe middle moves %1° per mm of drop; followed to no drop, TDC stands at %2°.")
                .arg(words::signedFixed(*pass->drift_deg_per_mm, 3, style()),
                     words::signedFixed(*pass->correction_deg, 2, style()));
    if (const auto half = halfWidthOf(pass->correction_deg))
        text += Say::tr("\nThis pass alone knows TDC within ±%1.")
                    .arg(words::degrees(*half, style(), 2));
    return text;
}

QString TdcDesk::verdict() const {
    const TdcFindings& tdc = findings().tdc;
    // What looks wrong comes before what to do about the rest.
    for (const Finding& f : tdc.findings)
        if (f.severity >= Severity::LookAgain) return words::sentence(f, style());
    // A stop that meets the piston near its top sets no pointer to the degree.
    for (const Finding& f : tdc.findings)
        if (f.is<found::TdcStopShallow>()) return words::sentence(f, style());
    const QString move = words::tdcInstruction(tdc, job().fitted.degreeWheel(), style());
    if (!move.isEmpty()) return move;
    if (!tdc.findings.empty()) {
        QString text = words::sentence(tdc.findings.back(), style());
        if (tdc.state == TdcState::Proved && job().fitted.top == WhichTop::NotSaid)
            text += Say::tr(
                " Is it overlap or firing? Look at the valves of cylinder 1, and say so below.");
        if (tdc.state == TdcState::Proved && job().fitted.top == WhichTop::Firing)
            text += Say::tr(" It is firing TDC: turn the crank once more before a lift run, "
                            "which counts from overlap.");
        return text;
    }
    return tdc.state == TdcState::InHand
               ? Say::tr("One contact is taken. Now the other side of the top.")
               : Say::tr("Where is true TDC? Two contacts, one each side of the top, say so.");
}

RingScene TdcDesk::ringScene() const {
    const TdcFindings& tdc = findings().tdc;
    RingScene scene;
    scene.rotation = job().engine.rotation;
    scene.wheel = job().fitted.degreeWheel();
    scene.stroke_mm = job().engine.stroke_mm;
    scene.rod_mm = job().engine.rod_mm;
    if (!tdc.passes.empty()) scene.pass = {session().snapshot(), &tdc.passes.back()};
    // Once the top is found, the question is which top; before, how it is found.
    scene.sketch = TdcSketch{method_, {}};
    if (tdc.latest() && tdc.latest()->agrees) scene.sketch->top = job().fitted.top;
    return scene;
}

StandCard TdcDesk::ownCard(bool) const {
    const TdcFindings& tdc = findings().tdc;
    const TdcPass* pass = tdc.latest();
    StandCard card;
    card.subject = Say::tr("TDC, ") + words::methodName(method_);
    card.progress = Say::tr("pass %1").arg(passAtHand());
    const bool move = pass && !pass->agrees && !tdc.nextAfterTop;
    card.caption = move ? Say::tr("move the pointer") : Say::tr("contact wanted");
    if (move) {
        card.big = words::degrees(std::abs(*pass->correction_deg), style(), 2);
        card.bigNote =
            *pass->correction_deg > 0.0 ? Say::tr("with rotation") : Say::tr("against rotation");
    } else {
        card.big = method_ == TdcMethod::HighestReading ? Say::tr("highest")
                   : tdc.nextAfterTop                   ? Say::tr("after")
                                                        : Say::tr("before");
        card.bigNote = Say::tr("the top");
    }
    if (!job().contacts.empty())
        card.last = Say::tr("last  ") + QString::fromStdString(job().contacts.back().typed) +
                    (job().contacts.back().struck ? Say::tr("  struck") : QString());
    card.advice = verdict();
    card.warn = true;
    card.tip = tdcCaution(method_);
    card.ring = ringScene();
    return card;
}

} // namespace app
