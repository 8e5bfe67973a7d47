#include "stations/compare/fields.h"

#include "core/filling/piped.h"
#include "core/typed/entry.h"
#include "words/choosing.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

bool isLength(WishKind kind) {
    switch (kind) {
    case WishKind::IntakeClearance:
    case WishKind::ExhaustClearance:
    case WishKind::IntakeLift:
    case WishKind::ExhaustLift:
    case WishKind::FollowerFace:
    case WishKind::IntakeCoilBind:
    case WishKind::ExhaustCoilBind:
    case WishKind::IntakeRetainer:
    case WishKind::ExhaustRetainer:
        return true;
    default:
        return false;
    }
}

/// What a bare number means: a least for clearances and pressure, a most for lift and face.
bool bareIsLeast(WishKind kind) {
    return kind == WishKind::IntakeClearance || kind == WishKind::ExhaustClearance ||
           kind >= WishKind::SeatPressure || kind == WishKind::Dynamic;
}

double unitOf(WishKind kind, const Style& style) {
    if (isLength(kind)) return style.inches() ? kMmPerInch : 1.0;
    if (kind == WishKind::SeatPressure) return words::forceUnit_n(style);
    return 1.0;
}

/// Within these a wish can be meant: mm, degrees, N, a ratio.
std::pair<double, double> boundsOf(WishKind kind) {
    switch (kind) {
    case WishKind::Dynamic:
        return {3.0, 25.0};
    case WishKind::IntakeClearance:
    case WishKind::ExhaustClearance:
        return {0.0, 20.0};
    case WishKind::IntakeLift:
    case WishKind::ExhaustLift:
        return {1.0, 40.0};
    case WishKind::FollowerFace:
        return {5.0, 80.0};
    case WishKind::Overlap:
        return {-120.0, 250.0};
    case WishKind::IntakeCloses:
        return {-60.0, 150.0};
    case WishKind::Separation:
        return {60.0, 160.0};
    case WishKind::IntakeCoilBind:
    case WishKind::ExhaustCoilBind:
    case WishKind::IntakeRetainer:
    case WishKind::ExhaustRetainer:
        return {0.0, 20.0};
    case WishKind::ControlSpeed:
        return {500.0, 20000.0};
    case WishKind::SeatPressure:
        break;
    }
    return {0.0, 5000.0};
}

/// "8 to 9.5", "8-9.5", "over 2", "under 9.5", "2": the two bounds, or why not.
QString readWish(const QString& typed, Wish& wish, const Style& style) {
    QString text = typed.simplified().toLower();
    text.replace(QChar(0x2212), QLatin1Char('-'));
    const QString wrong =
        Say::tr("A range such as 8 to 9.5, or over 2, or under 9.5; - for no wish.");
    const double unit = unitOf(wish.kind, style);
    const auto number = [&](const QString& part) -> std::optional<double> {
        const auto read = readNumber(part.trimmed().toStdString());
        const auto* value = std::get_if<double>(&read);
        return value ? std::optional(*value * unit) : std::nullopt;
    };
    static const QRegularExpression range(
        QStringLiteral("^(-?[\\d.,]+)\\s*(?:to|\\.\\.|-)\\s*(-?[\\d.,]+)$"));
    wish.least.reset();
    wish.most.reset();
    if (const auto match = range.match(text); match.hasMatch()) {
        wish.least = number(match.captured(1));
        wish.most = number(match.captured(2));
        if (!wish.least || !wish.most) return wrong;
        if (*wish.least > *wish.most) std::swap(wish.least, wish.most);
        return {};
    }
    for (const char* word : {"over", ">=", ">", "at least", "from"})
        if (text.startsWith(QLatin1String(word))) {
            wish.least =
                number(text.mid(static_cast<qsizetype>(std::char_traits<char>::length(word))));
            return wish.least ? QString() : wrong;
        }
    for (const char* word : {"under", "<=", "<", "at most", "up to"})
        if (text.startsWith(QLatin1String(word))) {
            wish.most =
                number(text.mid(static_cast<qsizetype>(std::char_traits<char>::length(word))));
            return wish.most ? QString() : wrong;
        }
    const auto bare = number(text);
    if (!bare) return wrong;
    (bareIsLeast(wish.kind) ? wish.least : wish.most) = bare;
    return {};
}

/// "320 40" or "320 40 44": length, bore at the valve, bore at the other end.
Field pipeField(const QString& name, PipeLine EnginePipes::*part) {
    Field f;
    f.name = name;
    f.asks =
        Say::tr("length from the valve and bore, such as 320 40; a third number is the bore at "
                "its end; - for not known");
    f.shown = [part](const Facts& facts, const Style& style) {
        const PipeLine& p = facts.engine.pipes.*part;
        if (!p.known()) return noValue();
        const QString near = words::dimension(p.bore_mm, style),
                      far = words::dimension(p.farBore_mm, style);
        return Say::tr("%1 long, %2 %3")
            .arg(words::dimension(p.length_mm, style),
                 p.farBore_mm > 0.0 ? Say::tr("%1 to %2").arg(near, far) : near,
                 words::unitName(style));
    };
    f.take = [part](Facts& facts, const QString& typed, const Style& style) {
        PipeLine& p = facts.engine.pipes.*part;
        const QStringList words = valuesIn(typed);
        if (words == QStringList{QStringLiteral("-")}) {
            p = {};
            return QString();
        }
        std::vector<double> read;
        for (const QString& word : words) {
            const auto mm =
                readLength(asDimension(word, 1000.0, style).toStdString(), style.unit, 1e6);
            if (const double* v = std::get_if<double>(&mm)) read.push_back(*v);
        }
        if (static_cast<qsizetype>(read.size()) != words.size() || read.size() < 2 ||
            read.size() > 3)
            return Say::tr("Length and bore, such as %1.")
                .arg(style.inches() ? QStringLiteral("12.6 1.57") : QStringLiteral("320 40"));
        Pipes both;
        both.intake = {read[0], read[1], read.size() > 2 ? read[2] : 0.0};
        both.exhaust = both.intake;
        if (faultOf(both) != PipeFault::None)
            return Say::tr("A pipe is 5 to 5000 mm long and 5 to 200 mm wide.");
        p = {read[0], read[1], both.intake.farBore_mm};
        return QString();
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return (x.engine.pipes.*part).length_mm; },
        [part](Facts & x) -> auto& { return (x.engine.pipes.*part).bore_mm; },
        [part](Facts & x) -> auto& { return (x.engine.pipes.*part).farBore_mm; });
}

/// "4000, 7000 x3": speeds that matter, each with its weight.
Field speedsField() {
    Field f;
    f.name = Say::tr("Speeds that matter");
    f.asks = Say::tr("such as 4000 6000x3, the second three times as much; - for all alike");
    f.seldom = true;
    f.shown = [](const Facts& facts, const Style& style) {
        QStringList out;
        for (const SpeedWeight& s : facts.choosing.purpose.speeds)
            out << words::fixed(s.rpm, 0, style) +
                       (s.weight == 1.0
                            ? QString()
                            : QStringLiteral(" x") + words::shortest(s.weight, 2, style));
        return out.isEmpty() ? noValue() : out.join(QStringLiteral(", "));
    };
    f.take = [](Facts& facts, const QString& typed, const Style&) {
        auto& speeds = facts.choosing.purpose.speeds;
        const QString wrong =
            Say::tr("Speeds from 1000 to 20000 per minute, each with its weight behind an x, such "
                    "as 4000 6000x3.");
        if (typed.trimmed() == QLatin1String("-")) {
            speeds.clear();
            return QString();
        }
        std::vector<SpeedWeight> read;
        static const QRegularExpression between(QStringLiteral("[,;\\s]+"));
        const QString together = QString(typed).replace(
            QRegularExpression(QStringLiteral("\\s*[x\u00D7*]\\s*")), QStringLiteral("x"));
        for (const QString& word : together.split(between, Qt::SkipEmptyParts)) {
            const auto rpm = readNumber(word.section(QLatin1Char('x'), 0, 0).toStdString());
            const auto weight = word.contains(QLatin1Char('x'))
                                    ? readNumber(word.section(QLatin1Char('x'), 1).toStdString())
                                    : Understood<double>(1.0);
            const auto *r = std::get_if<double>(&rpm), *w = std::get_if<double>(&weight);
            if (!r || !w || !(*r >= 1000.0 && *r <= 20000.0) || !(*w > 0.0 && *w <= 100.0))
                return wrong;
            read.push_back({*r, *w});
        }
        if (read.empty() || read.size() > static_cast<std::size_t>(kMostSpeeds)) return wrong;
        std::sort(read.begin(), read.end(),
                  [](const SpeedWeight& a, const SpeedWeight& b) { return a.rpm < b.rpm; });
        speeds = std::move(read);
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.choosing.purpose.speeds; });
}

Field wishField(WishKind kind) {
    Field f;
    f.name = words::wishName(kind);
    f.name[0] = f.name[0].toUpper();
    f.asks = Say::tr("8 to 9.5, over 2 or under 9.5; - for none");
    f.question = Say::tr("%1: between what?").arg(words::wishName(kind));
    f.shown = [kind](const Facts& facts, const Style& style) {
        for (const Wish& w : facts.choosing.wishes)
            if (w.kind == kind)
                return words::wishLine(w, style).mid(words::wishName(kind).size()).trimmed();
        return noValue();
    };
    f.take = [kind](Facts& facts, const QString& typed, const Style& style) {
        auto& all = facts.choosing.wishes;
        const auto at =
            std::find_if(all.begin(), all.end(), [&](const Wish& w) { return w.kind == kind; });
        if (typed.trimmed() == QLatin1String("-")) {
            if (at != all.end()) all.erase(at);
            return QString();
        }
        Wish wish{kind, {}, {}};
        const QString why = readWish(typed, wish, style);
        if (!why.isEmpty()) return why;
        const auto [least, most] = boundsOf(kind);
        for (const auto& bound : {wish.least, wish.most})
            if (bound && !(*bound >= least && *bound <= most))
                return Say::tr("That is no figure of an engine: from %1 to %2.")
                    .arg(words::wishNumber(kind, least, style),
                         words::wishNumber(kind, most, style));
        if (at != all.end())
            *at = wish;
        else
            all.push_back(wish);
        // In the order they are asked, whenever they were typed.
        std::sort(all.begin(), all.end(),
                  [](const Wish& a, const Wish& b) { return a.kind < b.kind; });
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.choosing.wishes; });
}

} // namespace

CompareFields compareFields() {
    CompareFields out;
    out.all.push_back(textField(
        Say::tr("What it is for"), [](Facts & f) -> auto& { return f.choosing.purpose.text; }));
    out.all.back().heading = Say::tr("The engine's work");
    out.all.back().question = Say::tr("what is the engine for? A sentence will do");
    const QString rpm = Say::tr("per minute; 0 for not said");
    out.all.push_back(numberField(
        Say::tr("Power from"), rpm, 0, 30000, 0,
        [](Facts & f) -> auto& { return f.choosing.purpose.from_rpm; }, 3000));
    out.all.push_back(numberField(
        Say::tr("Power to"), rpm, 0, 30000, 0,
        [](Facts & f) -> auto& { return f.choosing.purpose.to_rpm; }, 7000));
    const std::size_t seldom = out.all.size();
    out.all.push_back(speedsField());
    out.all.push_back(numberField(
        Say::tr("Weight"), Say::tr("kg, ready to go; 0 for not said"), 0, 50000, 0,
        [](Facts & f) -> auto& { return f.choosing.purpose.weight_kg; }, 600));
    out.all.push_back(textField(
        Say::tr("Gearing"), [](Facts & f) -> auto& { return f.choosing.purpose.gearing; }));
    out.all.push_back(textField(
        Say::tr("Fuel"), [](Facts & f) -> auto& { return f.choosing.purpose.fuel; }));
    for (std::size_t i = seldom; i < out.all.size(); ++i)
        out.all[i].seldom = true;
    const std::size_t pipes = out.all.size();
    out.all.push_back(pipeField(Say::tr("Intake pipe"), &EnginePipes::intake));
    out.all.back().heading = Say::tr("Pipes, for the filling estimate");
    out.all.push_back(pipeField(Say::tr("Exhaust pipe"), &EnginePipes::exhaust));
    out.all.push_back(lengthField(
        Say::tr("Carburettor or throttle"), 0, 150,
        [](Facts & f) -> auto& { return f.engine.pipes.throttle_mm; }, 38));
    const QString none = Say::tr("cc; 0 for none");
    out.all.push_back(numberField(
        Say::tr("Plenum behind it"), none, 0, 100000, 0,
        [](Facts & f) -> auto& { return f.engine.pipes.plenum_cc; }, 3000));
    out.all.push_back(numberField(
        Say::tr("Collector of the exhaust"), none, 0, 100000, 0,
        [](Facts & f) -> auto& { return f.engine.pipes.collector_cc; }, 2000));
    for (std::size_t i = pipes; i < out.all.size(); ++i)
        out.all[i].seldom = true;
    out.wishes = static_cast<int>(out.all.size());
    for (int i = 0; i <= static_cast<int>(WishKind::ControlSpeed); ++i)
        out.all.push_back(wishField(static_cast<WishKind>(i)));
    out.all[static_cast<std::size_t>(out.wishes)].heading = Say::tr("Wishes and limits");
    for (std::size_t i = 0; i < out.all.size(); ++i)
        out.all[i].subject =
            static_cast<int>(i) < out.wishes ? Say::tr("purpose") : Say::tr("wishes");
    return out;
}

} // namespace app
