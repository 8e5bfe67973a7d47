#include "instrument/instrument.h"

#include <QStringList>
#include <QUrl>

#include <array>
#include <utility>

namespace instrument {

namespace {

constexpr std::pair<Role, const char*> kRoles[] = {
    {Role::Lift, "lift"}, {Role::Intake, "intake"}, {Role::Exhaust, "exhaust"},
    {Role::Drop, "drop"}, {Role::Angle, "angle"},   {Role::TakeIt, "take"}};
constexpr std::pair<Way, const char*> kWays[] = {
    {Way::Line, "line"}, {Way::Digits, "digits"}, {Way::Count, "count"}, {Way::Pedal, "pedal"}};
constexpr std::pair<Unit, const char*> kUnits[] = {
    {Unit::Said, "said"}, {Unit::Millimetre, "mm"}, {Unit::Inch, "in"}, {Unit::Degree, "deg"}};

template <class T, std::size_t N> QString word(const std::pair<T, const char*> (&all)[N], T value) {
    for (const auto& [each, called] : all)
        if (each == value) return QLatin1String(called);
    return {};
}
template <class T, std::size_t N>
std::optional<T> from(const std::pair<T, const char*> (&all)[N], const QString& called) {
    for (const auto& [each, word] : all)
        if (called == QLatin1String(word)) return each;
    return std::nullopt;
}

QString quoted(const QString& text) {
    return QString::fromLatin1(QUrl::toPercentEncoding(text, "/:-_."));
}
QString plain(const QString& text) {
    return QUrl::fromPercentEncoding(text.toLatin1());
}

} // namespace

QString roleWord(Role role) {
    return word(kRoles, role);
}
std::optional<Role> roleFrom(const QString& called) {
    return from(kRoles, called);
}
QString wayWord(Way way) {
    return word(kWays, way);
}
std::optional<Way> wayFrom(const QString& called) {
    return from(kWays, called);
}

QString toLine(const Instrument& i) {
    QStringList parts{roleWord(i.role), wayWord(i.format.way)};
    const auto add = [&parts](const char* key, const QString& value) {
        parts << QLatin1String(key) + QLatin1Char('=') + value;
    };
    const Format usual;
    if (i.format.unit != usual.unit) add("unit", word(kUnits, i.format.unit));
    if (i.format.ending != usual.ending) add("ending", QString::number(int(i.format.ending)));
    if (i.format.number != usual.number) add("number", QString::number(i.format.number));
    if (i.format.index != usual.index) add("index", QString::number(i.format.index));
    if (i.format.reversed) add("reversed", QStringLiteral("1"));
    if (i.format.way == Way::Count) {
        add("counts", QString::number(i.counter.countsPerTurn, 'g', 10));
        if (i.counter.backwards) add("backwards", QStringLiteral("1"));
    }
    if (i.counter.zero != 0.0) add("zero", QString::number(i.counter.zero, 'g', 15));
    if (i.baud != 9600) add("baud", QString::number(i.baud));
    if (i.framing != QLatin1String("8N1")) add("framing", i.framing);
    if (!i.usb.isEmpty()) add("usb", quoted(i.usb));
    if (!i.place.isEmpty()) add("place", quoted(i.place));
    if (!i.name.isEmpty()) add("name", quoted(i.name));
    return parts.join(QLatin1Char(' '));
}

std::optional<Instrument> fromLine(const QString& line) {
    const QStringList parts = line.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (parts.size() < 2) return std::nullopt;
    Instrument i;
    const auto role = roleFrom(parts[0]);
    const auto way = wayFrom(parts[1]);
    if (!role || !way) return std::nullopt;
    i.role = *role;
    i.format.way = *way;
    for (const QString& part : parts.mid(2)) {
        const QString key = part.section(QLatin1Char('='), 0, 0),
                      value = part.section(QLatin1Char('='), 1);
        bool ok = true;
        if (key == QLatin1String("unit")) {
            const auto unit = from(kUnits, value);
            ok = unit.has_value();
            if (unit) i.format.unit = *unit;
        } else if (key == QLatin1String("ending")) {
            const int c = value.toInt(&ok);
            ok = ok && c > 0 && c < 128;
            if (ok) i.format.ending = static_cast<char>(c);
        } else if (key == QLatin1String("number")) {
            i.format.number = value.toInt(&ok);
            ok = ok && i.format.number >= 1 && i.format.number <= 20;
        } else if (key == QLatin1String("index")) {
            i.format.index = value.toInt(&ok);
            ok = ok && i.format.index >= 0 && i.format.index <= 20;
        } else if (key == QLatin1String("reversed")) {
            i.format.reversed = value == QLatin1String("1");
        } else if (key == QLatin1String("counts")) {
            i.counter.countsPerTurn = value.toDouble(&ok);
            ok = ok && i.counter.countsPerTurn >= 4.0 && i.counter.countsPerTurn <= 1e7;
        } else if (key == QLatin1String("backwards")) {
            i.counter.backwards = value == QLatin1String("1");
        } else if (key == QLatin1String("zero")) {
            i.counter.zero = value.toDouble(&ok);
            ok = ok && std::abs(i.counter.zero) < 1e12;
        } else if (key == QLatin1String("baud")) {
            i.baud = value.toInt(&ok);
            ok = ok && i.baud >= 50 && i.baud <= 4000000;
        } else if (key == QLatin1String("framing")) {
            i.framing = value;
        } else if (key == QLatin1String("usb")) {
            i.usb = plain(value);
        } else if (key == QLatin1String("place")) {
            i.place = plain(value);
        } else if (key == QLatin1String("name")) {
            i.name = plain(value);
        } // what is not known is a newer program's
        if (!ok) return std::nullopt;
    }
    return i;
}

} // namespace instrument
