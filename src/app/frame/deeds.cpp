#include "app/frame/deeds.h"

#include "core/angle/wheel.h"
#include "stations/asked.h"
#include "words/say.h"

namespace app {

using namespace lobe;

namespace {

/// Facts changed by one line that are all named.
constexpr int kMostNamed = 3;

QString lobeName(const book::Deed& d) {
    QString text = d.side ? words::sideName(*d.side) : QString();
    if (d.cylinder > 1) text = Say::tr("cylinder %1 ").arg(d.cylinder) + text;
    return text;
}

QString eventOf(ReadingOf of) {
    return of == ReadingOf::Opens    ? Say::tr("opening")
           : of == ReadingOf::Closes ? Say::tr("closing")
                                     : Say::tr("nose");
}

/// What no field asks, by the start of what the book calls it; the earlier is said of two.
constexpr std::pair<const char*, const char*> kSaid[] = {
    {"settings.heights", QT_TRANSLATE_NOOP("Say", "checking heights")},
    {"settings.seat_mm", QT_TRANSLATE_NOOP("Say", "seat")},
    {"settings.drop_mm", QT_TRANSLATE_NOOP("Say", "drop")},
    {"settings.school", QT_TRANSLATE_NOOP("Say", "way of calling the centre")},
    {"settings.wheel", QT_TRANSLATE_NOOP("Say", "wheel's numbers")},
    {"settings.dial_turn_mm", QT_TRANSLATE_NOOP("Say", "dial turn")},
    {"settings.zero_return_mm", QT_TRANSLATE_NOOP("Say", "zero return")},
    {"settings.smoothing", QT_TRANSLATE_NOOP("Say", "smoothing")},
    {"settings.average_passes", QT_TRANSLATE_NOOP("Say", "average passes")},
    {"settings.pinned", QT_TRANSLATE_NOOP("Say", "figures on the slate")},
    {"settings.kept", QT_TRANSLATE_NOOP("Say", "state kept to compare")},
    {"settings.by", QT_TRANSLATE_NOOP("Say", "who measures")},
    {"settings.choosing.candidates", QT_TRANSLATE_NOOP("Say", "cams to compare")},
    {"settings.choosing.reference", QT_TRANSLATE_NOOP("Say", "cam to compare with")},
    {"settings.choosing.decisions", QT_TRANSLATE_NOOP("Say", "decision")},
    {"settings.springs.heights", QT_TRANSLATE_NOOP("Say", "height of a spring")},
    {"settings.springs.tests", QT_TRANSLATE_NOOP("Say", "load of a spring")},
    {"settings.springs.push_rods.trials", QT_TRANSLATE_NOOP("Say", "trial of a push rod")},
    {"settings.lash.taken", QT_TRANSLATE_NOOP("Say", "lash of a valve")},
    {"settings.lash.done", QT_TRANSLATE_NOOP("Say", "valve ticked")},
    {"card.advertised", QT_TRANSLATE_NOOP("Say", "height it is advertised at")},
    {"card", QT_TRANSLATE_NOOP("Say", "cam card")},
};

/// Facts as their station asks them: "cam card: intake opens"; what they are of goes without saying
/// where it is called as the station is.
QString factsSaid(const QStringList& paths) {
    // Asked for by what they are of.
    if (paths == QStringList{QStringLiteral("engine.name")}) return Say::tr("name of the engine");
    if (paths == QStringList{QStringLiteral("card.name")}) return Say::tr("name of the cam");
    if (const auto asked = stations::asked(paths)) {
        QStringList names;
        for (const QString& name : asked->names)
            names << words::midSentence(name);
        const QString subject = words::midSentence(asked->subject);
        if (names.isEmpty()) return subject;
        if (names.size() > kMostNamed)
            return Say::tr("%1: %2 and %n more", nullptr, static_cast<int>(names.size()) - 1)
                .arg(subject, names.front());
        const QString all = names.join(QStringLiteral(", "));
        return subject.compare(asked->station->name(), Qt::CaseInsensitive) == 0
                   ? all
                   : QStringLiteral("%1: %2").arg(subject, all);
    }
    for (const auto& [start, said] : kSaid)
        for (const QString& path : paths)
            if (path.startsWith(QLatin1String(start))) return Say::tr(said);
    return {};
}

/// The same of a series, whose subject is said beside it.
QString termsSaid(const QStringList& paths) {
    const auto asked = stations::asked(paths);
    if (!asked || asked->names.isEmpty() || asked->names.size() > kMostNamed) return {};
    QStringList names;
    for (const QString& name : asked->names)
        names << words::midSentence(name);
    return names.join(QStringLiteral(", "));
}

/// A part of a job that was said for the first time.
QString partSaid(const QString& kind) {
    return kind == QLatin1String("engine")     ? Say::tr("engine")
           : kind == QLatin1String("card")     ? Say::tr("card")
           : kind == QLatin1String("settings") ? Say::tr("settings")
                                               : kind;
}

} // namespace

QString deedName(const book::Deed& d, const words::Style& style) {
    if (d.kind == QLatin1String("reading") || d.kind == QLatin1String("strike")) {
        const bool strike = d.kind == QLatin1String("strike");
        if (d.reading)
            return Say::tr("%1%2 %3 at %4")
                .arg(strike ? Say::tr("striking the ") : QString(), lobeName(d),
                     d.clearance                        ? Say::tr("press")
                     : d.reading->of == ReadingOf::Lift ? Say::tr("reading")
                                                        : eventOf(d.reading->of),
                     words::readingAngle(d.reading->at, style));
        if (d.contact)
            return Say::tr("striking the contact %1").arg(QString::fromStdString(d.contact->typed));
    }
    if (d.kind == QLatin1String("contact") && d.contact)
        return Say::tr("contact %1 of pass %2")
            .arg(QString::fromStdString(d.contact->typed))
            .arg(d.contact->pass);
    if (d.kind == QLatin1String("readings"))
        return Say::tr("%1: readings taken together").arg(lobeName(d));
    if (d.kind == QLatin1String("import")) return Say::tr("%1 lift table").arg(lobeName(d));
    if (d.kind == QLatin1String("run")) return Say::tr("new %1 run").arg(lobeName(d));
    if (d.kind == QLatin1String("map") || (d.clearance && d.kind == QLatin1String("import")))
        return Say::tr("new %1 clearance map").arg(lobeName(d));
    if (d.kind == QLatin1String("run terms")) {
        const QString what = termsSaid(d.paths);
        if (d.clearance)
            return what.isEmpty() ? Say::tr("mock-up of the %1 map").arg(lobeName(d))
                                  : Say::tr("%1 of the %2 map").arg(what, lobeName(d));
        return what.isEmpty() ? Say::tr("conditions of the %1 run").arg(lobeName(d))
                              : Say::tr("%1 of the %2 run").arg(what, lobeName(d));
    }
    if (d.kind == QLatin1String("shift")) return Say::tr("shift of the readings");
    if (d.kind == QLatin1String("cam setting"))
        return Say::tr("change %1 of the cam's setting").arg(d.number);
    if (d.kind == QLatin1String("entry")) return Say::tr("entry %1 of the record").arg(d.number);
    if (d.kind == QLatin1String("name")) return Say::tr("name of the job");
    const QString facts = factsSaid(d.paths);
    return facts.isEmpty() ? partSaid(d.kind) : facts;
}

QString deedShort(const book::Deed& d, const words::Style& style) {
    if (d.reading && d.kind == QLatin1String("reading"))
        return Say::tr("reading %1")
            .arg(style.wheel ? words::degrees(wheelNumber(d.reading->at, *style.wheel), style)
                             : words::degrees(d.reading->at.deg, style));
    return deedName(d, style);
}

const stations::Station* deedStation(const book::Deed& d) {
    if (d.clearance || d.kind == QLatin1String("map"))
        return stations::owner(QStringLiteral("map"));
    const bool inRun = d.reading || d.subject == QLatin1String("terms") ||
                       d.kind == QLatin1String("import") || d.kind == QLatin1String("run");
    if (d.subject == QLatin1String("settings") && d.field == QLatin1String("pinned"))
        return nullptr; // figures of the slate, which is everywhere
    const QString part =
        d.kind == QLatin1String("shift") ? d.kind
        : inRun                          ? QStringLiteral("run")
        : d.contact                      ? QStringLiteral("contact")
        : d.kind == QLatin1String("cam setting") || d.kind == QLatin1String("entry") ? d.kind
        : d.subject == QLatin1String("engine") || d.subject == QLatin1String("settings")
            ? d.subject + QLatin1Char('.') + d.field
            : QStringLiteral("engine"); // the card and the job's name
    return stations::owner(part);
}

} // namespace app
