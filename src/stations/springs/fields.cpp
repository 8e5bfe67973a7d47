#include "stations/springs/fields.h"

#include "core/job/job.h"
#include "core/typed/amount.h"
#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/springs.h"

#include <QRegularExpression>

#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

/// How values of a kind are read and shown: mm, N, N/mm, g, or a number.
struct Kind {
    double least = 0.0, most = 0.0;
    std::function<std::optional<double>(const QString&, const Style&, const Facts&)> read;
    std::function<QString(double, const Style&, const Facts&)> say;
};

Kind lengths(double least, double most) {
    return {
        least, most,
        [most](const QString& typed, const Style& style, const Facts&) -> std::optional<double> {
            const auto read =
                readLength(asDimension(typed, most, style).toStdString(), style.unit, 1e6);
            const double* mm = std::get_if<double>(&read);
            return mm ? std::optional(*mm) : std::nullopt;
        },
        [](double mm, const Style& style, const Facts&) {
            return words::dimension(mm, style) + QLatin1Char(' ') + words::unitName(style);
        }};
}

Kind loads() {
    return {1.0, 20000.0,
            [](const QString& typed, const Style& style, const Facts& f) {
                return readForce_n(typed.toStdString(),
                                   words::forceShown(style, f.springs.unit).newtons);
            },
            [](double n, const Style& style, const Facts& f) {
                return words::force(n, style, f.springs.unit);
            }};
}

Kind rates() {
    return {0.5, 1000.0,
            [](const QString& typed, const Style& style, const Facts& f) {
                const auto shown = words::forceShown(style, f.springs.unit);
                const double inch = shown.unit == QLatin1String("lb") ? kMmPerInch : 1.0;
                return readRate_n_mm(typed.toStdString(), shown.newtons / inch);
            },
            [](double rate, const Style& style, const Facts& f) {
                return words::springRate(rate, style, f.springs.unit);
            }};
}

Kind numbers(double least, double most, int places, const QString& unit) {
    return {least, most,
            [unit](const QString& typed, const Style&, const Facts&) -> std::optional<double> {
                const auto read = readNumber(typed.toStdString(), {"g", "rpm", "1/min"});
                const double* v = std::get_if<double>(&read);
                return v ? std::optional(*v) : std::nullopt;
            },
            [places, unit](double v, const Style& style, const Facts&) {
                return words::shortest(v, places, style) +
                       (unit.isEmpty() ? QString() : QLatin1Char(' ') + unit);
            }};
}

using Get = std::function<std::optional<double>(const Springs&, Side)>;
using Set = std::function<void(Springs&, Side, std::optional<double>)>;

/// Where a value of both sides lies.
using Both = std::function<std::vector<const void*>(Springs&)>;
template <class T> Both both(PerSide<T> Springs::*part) {
    return [part](Springs& s) {
        return std::vector<const void*>{&(s.*part).intake, &(s.*part).exhaust};
    };
}
template <class T> Both both(T SpringSpec::*part) {
    return [part](Springs& s) {
        return std::vector<const void*>{&(s.spec.intake.*part), &(s.spec.exhaust.*part)};
    };
}

/// One value for both sides, or intake then exhaust; "-" takes it away.
Field pairOf(const QString& name, const Kind& kind, Get get, Set set, const Both& values,
             const QString& asks = {}) {
    Field f;
    f.values = [values](Facts& x) { return values(x.springs); };
    f.name = name;
    f.asks =
        asks.isEmpty() ? Say::tr("one for both, or intake then exhaust; - for not known") : asks;
    f.shown = [=](const Facts& facts, const Style& style) {
        const auto in = get(facts.springs, Side::Intake), ex = get(facts.springs, Side::Exhaust);
        const auto say = [&](const std::optional<double>& v) {
            return v ? kind.say(*v, style, facts) : noValue();
        };
        return in == ex ? say(in) : QStringLiteral("%1, %2").arg(say(in), say(ex));
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        const QStringList words = valuesIn(typed);
        if (words.isEmpty() || words.size() > 2)
            return Say::tr("One value for both sides, or two: intake, then exhaust.");
        std::vector<std::optional<double>> read;
        for (const QString& word : words) {
            if (word == QLatin1String("-") || word == QString(QChar(0x2013))) {
                read.emplace_back();
                continue;
            }
            const auto value = kind.read(word, style, facts);
            if (!value)
                return Say::tr("“%1” is not understood here: type something such as %2.")
                    .arg(word,
                         kind.say(std::sqrt(std::max(0.1, kind.least) * kind.most), style, facts));
            if (*value < kind.least || *value > kind.most)
                return Say::tr("%1 is hardly right for %2: expected %3 to %4.")
                    .arg(kind.say(*value, style, facts), words::midSentence(name),
                         kind.say(kind.least, style, facts), kind.say(kind.most, style, facts));
            read.push_back(value);
        }
        set(facts.springs, Side::Intake, read.front());
        set(facts.springs, Side::Exhaust, read.back());
        return QString();
    };
    return f;
}

/// Of a side's number, 0 where it is not known.
Field pairField(const QString& name, const Kind& kind, PerSide<double> Springs::*part,
                const QString& asks = {}) {
    return pairOf(
        name, kind,
        [part](const Springs& s, Side side) -> std::optional<double> {
            const double v = (s.*part)[side];
            return v != 0.0 ? std::optional(v) : std::nullopt;
        },
        [part](Springs& s, Side side, std::optional<double> v) {
            (s.*part)[side] = v.value_or(0.0);
        },
        both(part), asks);
}
Field pairField(const QString& name, const Kind& kind,
                PerSide<std::optional<double>> Springs::*part, const QString& asks = {}) {
    return pairOf(
        name, kind, [part](const Springs& s, Side side) { return (s.*part)[side]; },
        [part](Springs& s, Side side, std::optional<double> v) { (s.*part)[side] = v; }, both(part),
        asks);
}
/// Of the springs of a side.
Field specField(const QString& name, const Kind& kind, double SpringSpec::*part) {
    return pairOf(
        name, kind,
        [part](const Springs& s, Side side) -> std::optional<double> {
            const double v = s.spec[side].*part;
            return v != 0.0 ? std::optional(v) : std::nullopt;
        },
        [part](Springs& s, Side side, std::optional<double> v) {
            s.spec[side].*part = v.value_or(0.0);
        },
        both(part));
}

/// A height and the load there: "38.5 410"; four values are intake and exhaust.
Field pointField(const QString& name, LoadPoint SpringSpec::*part) {
    Field f;
    f.name = name;
    f.asks = Say::tr("height then load, such as 38.5 410; four values: intake, exhaust");
    f.shown = [=](const Facts& facts, const Style& style) {
        const auto say = [&](Side side) {
            const LoadPoint& p = facts.springs.spec[side].*part;
            return p.known() ? Say::tr("%1 at %2")
                                   .arg(words::force(p.load_n, style, facts.springs.unit),
                                        words::dimension(p.height_mm, style) + QLatin1Char(' ') +
                                            words::unitName(style))
                             : noValue();
        };
        const QString in = say(Side::Intake), ex = say(Side::Exhaust);
        return in == ex ? in : QStringLiteral("%1; %2").arg(in, ex);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        const QStringList words = valuesIn(typed);
        if (words == QStringList{QStringLiteral("-")}) {
            facts.springs.spec.intake.*part = {};
            facts.springs.spec.exhaust.*part = {};
            return QString();
        }
        if (words.size() != 2 && words.size() != 4)
            return Say::tr("A height and the load there, such as 38.5 410.");
        const Kind height = lengths(10.0, 120.0), load = loads();
        std::vector<LoadPoint> points;
        for (int i = 0; i < words.size(); i += 2) {
            const auto mm = height.read(words[i], style, facts),
                       n = load.read(words[i + 1], style, facts);
            if (!mm || !n) return Say::tr("A height and the load there, such as 38.5 410.");
            if (*mm < height.least || *mm > height.most || *n < load.least || *n > load.most)
                return Say::tr("%1 at %2 is no valve spring's.")
                    .arg(load.say(*n, style, facts), height.say(*mm, style, facts));
            points.push_back({*mm, *n});
        }
        Springs after = facts.springs;
        after.spec.intake.*part = points.front();
        after.spec.exhaust.*part = points.back();
        Job job;
        for (Side side : {Side::Intake, Side::Exhaust})
            if (const LoadFault fault = faultOf(after.spec[side]); fault != LoadFault::None) {
                const SpringFault which = fault == LoadFault::LoadFalls    ? SpringFault::LoadFalls
                                          : fault == LoadFault::SameHeight ? SpringFault::SameHeight
                                          : fault == LoadFault::UnderBind
                                              ? SpringFault::PointUnderBind
                                              : SpringFault::RateNegative;
                return words::sentence(
                    SpringFaultAt{which, {0, side, 0}, 0, 0.0, after.spec[side].bind_mm}, job,
                    style);
            }
        facts.springs = std::move(after);
        return QString();
    };
    return changing(
        std::move(f),
        [part](Facts & x) -> auto& { return (x.springs.spec.intake.*part).height_mm; },
        [part](Facts & x) -> auto& { return (x.springs.spec.intake.*part).load_n; },
        [part](Facts & x) -> auto& { return (x.springs.spec.exhaust.*part).height_mm; },
        [part](Facts & x) -> auto& { return (x.springs.spec.exhaust.*part).load_n; });
}

Field stockField(const QString& name, std::vector<ShimSize> Springs::*part) {
    Field f;
    f.name = name;
    f.asks = Say::tr("sizes and how many, such as 0.25x8 0.38x4; - for none");
    f.shown = [part](const Facts& facts, const Style& style) {
        const QString all = words::shimStock(facts.springs.*part, style);
        return all.isEmpty() ? noValue() : all;
    };
    f.take = [part](Facts& facts, const QString& typed, const Style& style) {
        return readStock(typed, style, facts.springs.*part);
    };
    return changing(
        std::move(f), [part](Facts & x) -> auto& { return x.springs.*part; });
}

/// The tester's heights, at most three, one after the other.
Field testHeights() {
    Field f;
    f.name = Say::tr("Tester's heights");
    f.asks = Say::tr("where each spring is pressed to, such as 38.5 27; - clears them");
    f.shown = [](const Facts& facts, const Style& style) {
        QStringList all;
        for (const double mm : facts.springs.testHeights_mm)
            all << words::dimension(mm, style);
        return all.isEmpty()
                   ? noValue()
                   : all.join(QStringLiteral(", ")) + QLatin1Char(' ') + words::unitName(style);
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        const QStringList words = valuesIn(typed);
        std::vector<double> all;
        const Kind kind = lengths(10.0, 120.0);
        for (const QString& word : words) {
            if (word == QLatin1String("-")) continue;
            const auto mm = kind.read(word, style, facts);
            if (!mm || *mm < kind.least || *mm > kind.most)
                return Say::tr("Heights such as 38.5 27, at most three.");
            all.push_back(*mm);
        }
        if (all.size() > 3) return Say::tr("Heights such as 38.5 27, at most three.");
        for (std::size_t i = 1; i < all.size(); ++i)
            if (std::abs(all[i] - all[i - 1]) < 0.1)
                return Say::tr("Two of these heights are one.");
        if (!facts.springs.tests.empty() && all.size() < facts.springs.testHeights_mm.size())
            return Say::tr("Loads are read at these heights already: others may be added behind "
                           "them, none taken away.");
        for (std::size_t i = 0;
             !facts.springs.tests.empty() && i < facts.springs.testHeights_mm.size(); ++i)
            if (all[i] != facts.springs.testHeights_mm[i])
                return Say::tr(
                    "Loads are read at these heights already: others may be added behind "
                    "them, none taken away.");
        facts.springs.testHeights_mm = std::move(all);
        return QString();
    };
    return changing(
        std::move(f), [](Facts & x) -> auto& { return x.springs.testHeights_mm; });
}

QString yesNo(int i) {
    return i == 0 ? Say::tr("no") : Say::tr("yes");
}

class Building {
public:
    SpringFields made() {
        heights();
        spring();
        room();
        limits();
        followers();
        speed();
        pushRods();
        for (Field& f : out_.all)
            f.subject = Say::tr("springs");
        return std::move(out_);
    }

private:
    using F = Facts&;
    void add(Field f, const QString& heading = {}) {
        f.heading = heading;
        out_.all.push_back(std::move(f));
    }
    int next() const { return static_cast<int>(out_.all.size()); }

    void heights() {
        add(pairField(Say::tr("Height wanted"), lengths(10.0, 120.0), &Springs::wantedHeight_mm),
            Say::tr("Heights and shims"));
        add(pairField(Say::tr("or load on the seat"), loads(), &Springs::wantedSeat_n));
        add(stockField(Say::tr("Shims"), &Springs::stock));
        add(lengthField(Say::tr("Shims in when measured"), 0.0, 20.0,
                        [](F f) -> double& { return f.springs.under_mm; }));
        add(lengthField(Say::tr("A stack may be off by"), 0.01, 2.0,
                        [](F f) -> double& { return f.springs.within_mm; }));
    }
    void spring() {
        out_.spring = next();
        add(specField(Say::tr("Height at coil bind"), lengths(5.0, 100.0), &SpringSpec::bind_mm),
            Say::tr("The springs, by their maker"));
        add(specField(Say::tr("Rate"), rates(), &SpringSpec::rate_n_mm));
        add(pointField(Say::tr("Load at a height"), &SpringSpec::first));
        add(pointField(Say::tr("Load at another height"), &SpringSpec::second));
        add(specField(Say::tr("Active coils"), numbers(1.0, 30.0, 1, {}), &SpringSpec::coils));
        add(specField(Say::tr("Inside diameter"), lengths(5.0, 60.0), &SpringSpec::inside_mm));
        add(specField(Say::tr("Outside diameter"), lengths(8.0, 80.0), &SpringSpec::outside_mm));
        add(pairField(Say::tr("Locator, outside"), lengths(5.0, 80.0), &Springs::locator_mm));
        add(pairField(Say::tr("Pocket of the seat"), lengths(8.0, 100.0), &Springs::pocket_mm));
        out_.tester = next();
        add(testHeights(), Say::tr("On the tester"));
        add(textField(Say::tr("Tested by"),
                      [](F f) -> std::string& { return f.springs.testedBy; }));
        add(enumField<ForceUnit>(
            Say::tr("Loads are shown in"), 4,
            [](int i) { return words::forceUnitName(static_cast<ForceUnit>(i)); },
            [](F f) -> ForceUnit& { return f.springs.unit; }));
    }
    void room() {
        out_.room = next();
        const Kind room = lengths(0.0, 40.0);
        add(pairField(Say::tr("Retainer to seal"), room, &Springs::seal_mm),
            Say::tr("Room with the valve shut"));
        add(pairField(Say::tr("Retainer to guide"), room, &Springs::guide_mm));
        add(pairField(Say::tr("Follower may rise"), room, &Springs::travel_mm));
        add(pairField(Say::tr("Rocker to retainer"), room, &Springs::rocker_mm),
            Say::tr("Room at full lift, where it is nearest"));
        add(pairField(Say::tr("Rocker to its stud"), room, &Springs::stud_mm));
        add(pairField(Say::tr("Found at a valve lift of"), lengths(1.0, 40.0),
                      &Springs::foundAt_mm));
    }
    void limits() {
        add(enumField<BindSchool>(
                Say::tr("Coil bind: keep"), 3,
                [](int i) { return words::bindSchoolName(static_cast<BindSchool>(i)); },
                [](F f) -> BindSchool& { return f.springs.limits.school; }),
            Say::tr("Limits"));
        const auto limit = [&](const QString& name, double SpringLimits::*part) {
            add(lengthField(
                name, 0.0, 10.0, [part](F f) -> double& { return f.springs.limits.*part; }, 1.0,
                true));
        };
        limit(Say::tr("Your own for coil bind"), &SpringLimits::bind_mm);
        limit(Say::tr("Retainer to seal and guide"), &SpringLimits::seal_mm);
        limit(Say::tr("Rocker to retainer and stud"), &SpringLimits::rocker_mm);
        limit(Say::tr("Follower's way left"), &SpringLimits::travel_mm);
        limit(Say::tr("Edge of a flat face"), &SpringLimits::edge_mm);
        add(numberField(Say::tr("A spring is odd from"),
                        Say::tr("a share of the load: 0.05 is 5 %"), 0.005, 0.5, 3,
                        [](F f) -> double& { return f.springs.limits.oddLoad; }));
    }
    void followers() {
        out_.follower = next();
        const Kind across = lengths(5.0, 120.0);
        add(pairField(Say::tr("Base circle, across"), across, &Springs::base_mm),
            Say::tr("Followers and lobes"));
        add(pairField(Say::tr("Flat face, across"), across, &Springs::face_mm));
        add(lengthField(Say::tr("Roller, across"), 0.0, 60.0,
                        [](F f) -> double& { return f.springs.roller_mm; }));
        add(pairField(Say::tr("Base circle before grinding"), across, &Springs::baseBefore_mm));
        add(stockField(Say::tr("Lash shims, caps at hand"), &Springs::makeUp));
    }
    void speed() {
        const Kind mass = numbers(1.0, 5000.0, 1, QStringLiteral("g"));
        add(pairField(Say::tr("Mass at the valve"), mass, &Springs::valveSide_g,
                      Say::tr("valve, retainer, locks, a third of the spring, the rocker's share; "
                              "one for both, or intake then exhaust")),
            Say::tr("Speed"));
        add(pairField(Say::tr("Mass at the tappet"), mass, &Springs::tappetSide_g,
                      Say::tr("follower and push rod; one for both, or intake then exhaust")));
        add(numberField(
            Say::tr("Speed wanted"), Say::tr("1/min; 0: as the purpose at Compare says"), 0, 30000,
            0, [](F f) -> double& { return f.springs.wanted_rpm; }, 7000));
    }
    void pushRods() {
        out_.pushRods = next();
        add(enumField<PushRodSchool>(
                Say::tr("Length is called by"), 3,
                [](int i) { return words::pushRodSchoolName(static_cast<PushRodSchool>(i)); },
                [](F f) -> PushRodSchool& { return f.springs.pushRods.school; }),
            Say::tr("Push rods"));
        const auto length = [&](const QString& name, double most, double PushRods::*part) {
            add(lengthField(name, 0.0, most,
                            [part](F f) -> double& { return f.springs.pushRods.*part; }));
        };
        length(Say::tr("Adjustable one, screwed home"), 500.0, &PushRods::shortest_mm);
        length(Say::tr("Its thread's pitch"), 5.0, &PushRods::pitch_mm);
        length(Say::tr("Preload, by the maker"), 5.0, &PushRods::preload_mm);
        add(flagField(Say::tr("Preload is in the trials"), yesNo,
                      [](F f) -> bool& { return f.springs.pushRods.preloadIn; }));
        length(Say::tr("Stem, across"), 15.0, &PushRods::stem_mm);
        length(Say::tr("Rocker's arm, shaft to nose"), 120.0, &PushRods::arm_mm);
        add(pairOf(
            Say::tr("Nose over square, shut"), lengths(-20.0, 20.0),
            [](const Springs& s, Side side) { return s.pushRods.noseAbove_mm[side]; },
            [](Springs& s, Side side, std::optional<double> v) {
                s.pushRods.noseAbove_mm[side] = v;
            },
            [](Springs& s) {
                auto& nose = s.pushRods.noseAbove_mm;
                return std::vector<const void*>{&nose.intake, &nose.exhaust};
            }));
    }

    SpringFields out_;
};

} // namespace

QString readStock(const QString& typed, const Style& style, std::vector<ShimSize>& stock) {
    const QString wrong = Say::tr("Sizes and how many, such as %1.")
                              .arg(style.inches() ? QStringLiteral("0.015x8 0.030x4")
                                                  : QStringLiteral("0.25x8 0.38x4"));
    std::vector<ShimSize> all;
    for (const QString& word : valuesIn(typed)) {
        if (word == QLatin1String("-")) continue;
        const auto cross = word.indexOf(QLatin1Char('x'));
        bool whole = false;
        const int count = word.mid(cross + 1).toInt(&whole);
        if (cross < 1 || !whole) return wrong;
        const auto read = readLength(word.left(cross).toStdString(), style.unit, 1e6);
        const double* mm = std::get_if<double>(&read);
        if (!mm) return wrong;
        all.push_back({*mm, count});
    }
    const ShimProblem problem = checkShims(all, {});
    if (problem.fault != ShimFault::None)
        return words::sentence(SpringFaultAt{SpringFault::StockTooMuch, {}, 0, 0.0, 0.0}, Job{},
                               style);
    stock = std::move(all);
    return {};
}

SpringFields springFields() {
    return Building().made();
}

} // namespace app
