// What is typed at Springs, understood by what is asked.
#include "core/job/job.h"
#include "core/typed/amount.h"
#include "core/typed/entry.h"
#include "stations/springs/springs_desk.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/springs.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

constexpr double kLeastHeight_mm = 10.0, kMostHeight_mm = 120.0;
constexpr double kLeastRod_mm = 50.0, kMostRod_mm = 500.0;

std::optional<double> length(const QString& word, const words::Style& style) {
    const auto read = readLength(word.toStdString(), style.unit, 1e6);
    const double* mm = std::get_if<double>(&read);
    return mm ? std::optional(*mm) : std::nullopt;
}
std::optional<double> number(const QString& word) {
    const auto read = readNumber(word.toStdString());
    const double* v = std::get_if<double>(&read);
    return v ? std::optional(*v) : std::nullopt;
}
/// A height or a rod in whole inches is none in thousandths.
std::optional<double> longLength(const QString& word, const words::Style& style) {
    return length(asDimension(word, 500.0, style), style);
}

QString inUnit(double mm, const words::Style& style) {
    return words::dimension(mm, style) + QLatin1Char(' ') + words::unitName(style);
}

} // namespace

std::optional<SpringsDesk::Typed> SpringsDesk::readRatio(const QString& line) const {
    const QStringList words = line.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (words.isEmpty() || (words.front() != QLatin1String("ratio") &&
                            words.front() != Say::tr("ratio", "typed").toLower()))
        return std::nullopt;
    Typed out;
    if (!hasRockers()) {
        out.echo = {false, Say::tr("This engine has no rockers to change.")};
        return out;
    }
    if (words.size() == 1) {
        out.ratio.emplace();
        out.echo = {true, Say::tr("the rockers that are fitted")};
        return out;
    }
    std::vector<double> read;
    for (int i = 1; i < words.size(); ++i)
        if (const auto v = number(words[i]); v && *v >= 1.0 && *v <= 2.5) read.push_back(*v);
    if (words.size() > 3 || static_cast<qsizetype>(read.size()) != words.size() - 1) {
        out.echo = {false, Say::tr("A ratio from 1 to 2.5, or two: intake, then exhaust.")};
        return out;
    }
    out.ratio = {read.front(), read.back()};
    out.echo = {true, Say::tr("tries rockers of %1").arg(words.mid(1).join(QLatin1Char(' ')))};
    return out;
}

SpringsDesk::Typed SpringsDesk::readHeight(const QStringList& words) const {
    Typed out;
    const QString wrong = Say::tr("From the seat to the retainer, such as %1; or seat and retainer "
                                  "from one edge.")
                              .arg(inUnit(38.6, style()));
    std::vector<double> read;
    for (const QString& word : words)
        if (const auto mm = longLength(word, style())) read.push_back(*mm);
    if (static_cast<qsizetype>(read.size()) != words.size() || read.empty() || read.size() > 2) {
        out.echo = {false, wrong};
        return out;
    }
    const double mm = read.size() == 2 ? std::abs(read[0] - read[1]) : read[0];
    if (mm < kLeastHeight_mm || mm > kMostHeight_mm) {
        out.echo = {false, Say::tr("%1 is hardly the height of a valve spring: expected %2 to %3.")
                               .arg(inUnit(mm, style()), inUnit(kLeastHeight_mm, style()),
                                    inUnit(kMostHeight_mm, style()))};
        return out;
    }
    const double bind = job().springs.spec[session().side()].bind_mm;
    if (bind > 0.0 && mm < bind) {
        out.echo = {false, words::sentence(
                               SpringFaultAt{SpringFault::HeightUnderBind, valve(), 0, mm, bind},
                               job(), style())};
        return out;
    }
    out.height_mm = mm;
    QString text =
        words::valveName(valve(), job().engine) + QStringLiteral(": ") + inUnit(mm, style());
    if (const double wanted = job().springs.wantedHeight_mm[session().side()]; wanted > 0.0) {
        const double need = mm + job().springs.under_mm - wanted;
        text += need >= 0.0 ? Say::tr(", %1 of shims").arg(inUnit(need, style()))
                            : Say::tr(", %1 shorter than wanted").arg(inUnit(-need, style()));
    }
    out.echo = {true, text};
    return out;
}

SpringsDesk::Typed SpringsDesk::readLoad(const QString& line) const {
    Typed out;
    const Springs& s = job().springs;
    if (line.startsWith(QLatin1String("spring "))) {
        bool whole = false;
        const int n = line.mid(7).toInt(&whole);
        if (!whole || n < 1 || n > 99) {
            out.echo = {false, Say::tr("A number from 1 to 99, as they are numbered.")};
            return out;
        }
        out.toSpring = n;
        out.echo = {true, Say::tr("go to spring %1").arg(n)};
        return out;
    }
    if (s.testHeights_mm.empty()) {
        out.echo = {false, Say::tr("The tester's heights come first: S, then down to them.")};
        return out;
    }
    const auto n = readForce_n(line.toStdString(), words::forceShown(style(), s.unit).newtons);
    if (!n || *n < 1.0 || *n > 20000.0) {
        out.echo = {false, Say::tr("A load such as %1.").arg(words::force(400.0, style(), s.unit))};
        return out;
    }
    // Against what the same spring gave at the others.
    const double height = s.testHeights_mm[static_cast<std::size_t>(at_)];
    for (std::size_t i = 0; i < s.testHeights_mm.size(); ++i) {
        const LoadTaken* other = loadOf(s, spring_, static_cast<int>(i));
        if (!other || static_cast<int>(i) == at_) continue;
        if ((s.testHeights_mm[i] > height) == (other->load_n < *n)) continue;
        out.echo = {false,
                    Say::tr("%1 at %2, but %3 at %4: the load would fall as it is compressed. "
                            "Exchanged?")
                        .arg(words::force(*n, style(), s.unit), inUnit(height, style()),
                             words::force(other->load_n, style(), s.unit),
                             inUnit(s.testHeights_mm[i], style()))};
        return out;
    }
    out.load_n = *n;
    out.echo = {true, Say::tr("spring %1: %2 at %3")
                          .arg(spring_)
                          .arg(words::force(*n, style(), s.unit), inUnit(height, style()))};
    return out;
}

SpringsDesk::Typed SpringsDesk::readTrial(const QStringList& all) const {
    Typed out;
    const PushRods& p = job().springs.pushRods;
    const auto refuse = [&](const QString& why) {
        out.echo = {false, why};
        return out;
    };
    const QString wrong =
        Say::tr("Length, middle of the band, its width: 178.5 -0.4 1.8. Then cap 2, "
                "stand 0.5 where they are on.");
    PushRodTrial t;
    t.side = session().side();
    // Caps and stands stay as they were said last.
    for (const PushRodTrial& before : p.trials)
        if (before.side == t.side && before.replaced.empty()) {
            t.cap_mm = before.cap_mm;
            t.stand_mm = before.stand_mm;
        }
    if (all.size() < 3) return refuse(wrong);
    const QString& first = all.front();
    if (first.endsWith(QLatin1Char('t')) && number(first.chopped(1))) {
        if (!(p.pitch_mm > 0.0 && p.shortest_mm > 0.0))
            return refuse(
                Say::tr("For turns the adjustable one's length screwed home and its pitch "
                        "are wanted, further down."));
        t.length_mm = lengthAtTurns_mm(p, *number(first.chopped(1)));
    } else if (const auto mm = longLength(first, style())) {
        t.length_mm = *mm;
    } else {
        return refuse(wrong);
    }
    const auto middle = length(all[1], style()), wide = length(all[2], style());
    if (!middle || !wide) return refuse(wrong);
    t.middle_mm = *middle;
    t.wide_mm = *wide;
    for (qsizetype i = 3; i < all.size(); i += 2) {
        const auto mm = i + 1 < all.size() ? length(all[i + 1], style()) : std::nullopt;
        if (!mm || *mm < 0.0 || *mm > 20.0) return refuse(wrong);
        if (all[i] == QLatin1String("cap"))
            t.cap_mm = *mm;
        else if (all[i] == QLatin1String("stand"))
            t.stand_mm = *mm;
        else
            return refuse(wrong);
    }
    if (t.length_mm < kLeastRod_mm || t.length_mm > kMostRod_mm)
        return refuse(Say::tr("%1 is hardly a push rod: expected %2 to %3.")
                          .arg(inUnit(t.length_mm, style()), inUnit(kLeastRod_mm, style()),
                               inUnit(kMostRod_mm, style())));
    if (!(t.wide_mm > 0.0) || t.wide_mm > 15.0 || std::abs(t.middle_mm) > 10.0)
        return refuse(Say::tr("A band is as wide as the stem at most, and lies on it."));
    out.trial = t;
    out.echo = {true, Say::tr("%1: band %2 wide, its middle %3 off")
                          .arg(inUnit(t.length_mm, style()), inUnit(t.wide_mm, style()),
                               inUnit(t.middle_mm, style()))};
    return out;
}

SpringsDesk::Typed SpringsDesk::read(const QString& text) const {
    const QString line = text.simplified().toLower();
    if (const auto ratio = readRatio(line)) return *ratio;
    switch (asks_) {
    case Asks::Heights:
        return readHeight(valuesIn(line));
    case Asks::Loads:
        return readLoad(line);
    case Asks::PushRods:
        break;
    }
    return readTrial(valuesIn(line));
}

Echo SpringsDesk::ownUnderstand(const QString& text) const {
    return read(text).echo;
}

Prompt SpringsDesk::ownPrompt() const {
    Prompt p;
    const Springs& s = job().springs;
    switch (asks_) {
    case Asks::Heights:
        p.subject =
            Say::tr("springs, %1").arg(words::midSentence(words::valveName(valve(), job().engine)));
        if (const HeightTaken* h = heightOf(s, valve()))
            p.subject += Say::tr(", now %1").arg(inUnit(h->height_mm, style()));
        p.ask = Say::tr("seat to retainer?");
        p.enter = Say::tr("keep, the next valve");
        p.keys = Say::tr("54.2 15.6  S springs  T tester  R room  F followers  L log");
        if (job().engine.layout == Layout::PushrodSingleCam) p.keys += Say::tr("  P rods");
        if (!claim().order.empty()) p.keys += Say::tr("  O order");
        p.several = true;
        break;
    case Asks::Loads:
        p.subject = Say::tr("spring %1 of the set").arg(spring_);
        p.ask = s.testHeights_mm.empty()
                    ? Say::tr("the tester's heights?")
                    : Say::tr("load at %1?")
                          .arg(inUnit(s.testHeights_mm[static_cast<std::size_t>(at_)], style()));
        p.enter = Say::tr("keep, the next");
        p.keys = Say::tr("%1   spring 9 go there   Back strike   Esc heights")
                     .arg(words::forceShown(style(), s.unit).unit);
        p.several = true;
        break;
    case Asks::PushRods:
        p.subject = Say::tr("push rod, %1").arg(words::sideName(session().side()));
        p.ask = Say::tr("length, middle of the band, its width?");
        p.enter = Say::tr("keep the trial");
        p.keys =
            Say::tr("178.5 -0.4 1.8 cap 2 stand 0.5   6.5t by turns   Back strike   Esc heights");
        p.several = true;
        break;
    }
    return p;
}

} // namespace app
