#include "app/frame/deeds.h"

#include "core/angle/wheel.h"
#include "stations/flywheel/flywheel_desk.h"
#include "stations/lash/lash_desk.h"
#include "stations/ports/fields.h"
#include "words/say.h"

namespace app {

using namespace lobe;

namespace {

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

/// The stored fields that are not said as they are called.
constexpr std::pair<const char*, const char*> kSaid[] = {{"top", "overlap or firing"},
                                                         {"heights", "checking heights"},
                                                         {"school", "way of calling the centre"},
                                                         {"pinned", "figures on the slate"},
                                                         {"kept", "state kept to compare"},
                                                         {"wheel", "wheel's numbers"},
                                                         {"taken", "place the lift is taken at"},
                                                         {"zeros_mm", "indicator's zero"},
                                                         {"ivo", "intake opening"},
                                                         {"ivc", "intake closing"},
                                                         {"evo", "exhaust opening"},
                                                         {"evc", "exhaust closing"}};

/// What fieldName can say, for translators; a field that is missing here is said in English.
[[maybe_unused]] constexpr const char* kFields[] = {
    // several of them at once, by their part
    QT_TRANSLATE_NOOP("Say", "engine"),
    QT_TRANSLATE_NOOP("Say", "card"),
    QT_TRANSLATE_NOOP("Say", "settings"),
    QT_TRANSLATE_NOOP("Say", "chamber"),
    QT_TRANSLATE_NOOP("Say", "gasket bore"),
    QT_TRANSLATE_NOOP("Say", "gasket"),
    QT_TRANSLATE_NOOP("Say", "deck"),
    QT_TRANSLATE_NOOP("Say", "crown"),
    QT_TRANSLATE_NOOP("Say", "crevice"),
    QT_TRANSLATE_NOOP("Say", "bore"),
    QT_TRANSLATE_NOOP("Say", "stroke"),
    QT_TRANSLATE_NOOP("Say", "rod"),
    QT_TRANSLATE_NOOP("Say", "pin offset"),
    QT_TRANSLATE_NOOP("Say", "closing"),
    QT_TRANSLATE_NOOP("Say", "against"),
    QT_TRANSLATE_NOOP("Say", "keyways"),
    QT_TRANSLATE_NOOP("Say", "crank keyways"),
    QT_TRANSLATE_NOOP("Say", "vernier wheel"),
    QT_TRANSLATE_NOOP("Say", "vernier hub"),
    QT_TRANSLATE_NOOP("Say", "bushes"),
    QT_TRANSLATE_NOOP("Say", "slot"),
    QT_TRANSLATE_NOOP("Say", "slot line"),
    QT_TRANSLATE_NOOP("Say", "bolt radius"),
    QT_TRANSLATE_NOOP("Say", "pulled first"),
    QT_TRANSLATE_NOOP("Say", "phaser"),
    QT_TRANSLATE_NOOP("Say", "wheel radius"),
    QT_TRANSLATE_NOOP("Say", "run angle"),
    QT_TRANSLATE_NOOP("Say", "marks"),
    QT_TRANSLATE_NOOP("Say", "keyway"),
    QT_TRANSLATE_NOOP("Say", "crank keyway"),
    QT_TRANSLATE_NOOP("Say", "vernier"),
    QT_TRANSLATE_NOOP("Say", "bush"),
    QT_TRANSLATE_NOOP("Say", "plus"),
    QT_TRANSLATE_NOOP("Say", "plus exhaust"),
    QT_TRANSLATE_NOOP("Say", "intake centre"),
    QT_TRANSLATE_NOOP("Say", "exhaust centre"),
    QT_TRANSLATE_NOOP("Say", "event"),
    QT_TRANSLATE_NOOP("Say", "separation"),
    QT_TRANSLATE_NOOP("Say", "dynamic"),
    QT_TRANSLATE_NOOP("Say", "clearance"),
    QT_TRANSLATE_NOOP("Say", "pipes"),
    QT_TRANSLATE_NOOP("Say", "springs"),
    QT_TRANSLATE_NOOP("Say", "ports"),
    QT_TRANSLATE_NOOP("Say", "flywheel"),
    QT_TRANSLATE_NOOP("Say", "kind"),
    QT_TRANSLATE_NOOP("Say", "spark"),
    QT_TRANSLATE_NOOP("Say", "intake"),
    QT_TRANSLATE_NOOP("Say", "exhaust"),
    QT_TRANSLATE_NOOP("Say", "intake wanted"),
    QT_TRANSLATE_NOOP("Say", "exhaust wanted"),
    QT_TRANSLATE_NOOP("Say", "note"),
    QT_TRANSLATE_NOOP("Say", "photo"),
    QT_TRANSLATE_NOOP("Say", "by"),
    QT_TRANSLATE_NOOP("Say", "cylinders"),
    QT_TRANSLATE_NOOP("Say", "rotation"),
    QT_TRANSLATE_NOOP("Say", "layout"),
    QT_TRANSLATE_NOOP("Say", "follower"),
    QT_TRANSLATE_NOOP("Say", "ratio intake"),
    QT_TRANSLATE_NOOP("Say", "ratio exhaust"),
    QT_TRANSLATE_NOOP("Say", "lash intake"),
    QT_TRANSLATE_NOOP("Say", "lash exhaust"),
    QT_TRANSLATE_NOOP("Say", "chambers"),
    QT_TRANSLATE_NOOP("Say", "volumes"),
    QT_TRANSLATE_NOOP("Say", "drive"),
    QT_TRANSLATE_NOOP("Say", "firing order"),
    QT_TRANSLATE_NOOP("Say", "firing gaps"),
    QT_TRANSLATE_NOOP("Say", "throws"),
    QT_TRANSLATE_NOOP("Say", "bank angle"),
    QT_TRANSLATE_NOOP("Say", "second bank"),
    QT_TRANSLATE_NOOP("Say", "height"),
    QT_TRANSLATE_NOOP("Say", "intake opening"),
    QT_TRANSLATE_NOOP("Say", "intake closing"),
    QT_TRANSLATE_NOOP("Say", "exhaust opening"),
    QT_TRANSLATE_NOOP("Say", "exhaust closing"),
    QT_TRANSLATE_NOOP("Say", "advance"),
    QT_TRANSLATE_NOOP("Say", "intake duration"),
    QT_TRANSLATE_NOOP("Say", "exhaust duration"),
    QT_TRANSLATE_NOOP("Say", "intake advertised"),
    QT_TRANSLATE_NOOP("Say", "exhaust advertised"),
    QT_TRANSLATE_NOOP("Say", "advertised"),
    QT_TRANSLATE_NOOP("Say", "intake lift"),
    QT_TRANSLATE_NOOP("Say", "exhaust lift"),
    QT_TRANSLATE_NOOP("Say", "lift at"),
    QT_TRANSLATE_NOOP("Say", "ratio"),
    QT_TRANSLATE_NOOP("Say", "seat"),
    QT_TRANSLATE_NOOP("Say", "drop"),
    QT_TRANSLATE_NOOP("Say", "tape"),
    QT_TRANSLATE_NOOP("Say", "tdc tolerance"),
    QT_TRANSLATE_NOOP("Say", "resolution"),
    QT_TRANSLATE_NOOP("Say", "factory mark"),
    QT_TRANSLATE_NOOP("Say", "damper"),
    QT_TRANSLATE_NOOP("Say", "zero return"),
    QT_TRANSLATE_NOOP("Say", "closing height"),
    QT_TRANSLATE_NOOP("Say", "altitude"),
    QT_TRANSLATE_NOOP("Say", "exponent"),
    QT_TRANSLATE_NOOP("Say", "wanted dynamic"),
    QT_TRANSLATE_NOOP("Say", "fuels"),
    QT_TRANSLATE_NOOP("Say", "target"),
    QT_TRANSLATE_NOOP("Say", "skim"),
    QT_TRANSLATE_NOOP("Say", "smoothing"),
    QT_TRANSLATE_NOOP("Say", "average passes"),
    QT_TRANSLATE_NOOP("Say", "lash"),
    QT_TRANSLATE_NOOP("Say", "step"),
    QT_TRANSLATE_NOOP("Say", "from"),
    QT_TRANSLATE_NOOP("Say", "to"),
    QT_TRANSLATE_NOOP("Say", "source"),
    QT_TRANSLATE_NOOP("Say", "shift"),
    QT_TRANSLATE_NOOP("Say", "tdc answered"),
    QT_TRANSLATE_NOOP("Say", "one turn"),
    QT_TRANSLATE_NOOP("Say", "both valves"),
    QT_TRANSLATE_NOOP("Say", "from nose"),
    QT_TRANSLATE_NOOP("Say", "no nose"),
    QT_TRANSLATE_NOOP("Say", "right"),
    QT_TRANSLATE_NOOP("Say", "wheel of first"),
    QT_TRANSLATE_NOOP("Say", "repeats"),
    QT_TRANSLATE_NOOP("Say", "repeat tolerance"),
    QT_TRANSLATE_NOOP("Say", "dial turn"),
    QT_TRANSLATE_NOOP("Say", "spring"),
    QT_TRANSLATE_NOOP("Say", "travel"),
    QT_TRANSLATE_NOOP("Say", "off axis"),
    QT_TRANSLATE_NOOP("Say", "valve lift"),
    QT_TRANSLATE_NOOP("Say", "tappet lift"),
    QT_TRANSLATE_NOOP("Say", "measured ratio"),
    QT_TRANSLATE_NOOP("Say", "counts down"),
    QT_TRANSLATE_NOOP("Say", "nose lift"),
    QT_TRANSLATE_NOOP("Say", "event heights"),
    QT_TRANSLATE_NOOP("Say", "teeth"),
    QT_TRANSLATE_NOOP("Say", "phaser limiter"),
    QT_TRANSLATE_NOOP("Say", "phaser exhaust"),
    QT_TRANSLATE_NOOP("Say", "slack"),
    QT_TRANSLATE_NOOP("Say", "overlap or firing"),
    QT_TRANSLATE_NOOP("Say", "checking heights"),
    QT_TRANSLATE_NOOP("Say", "way of calling the centre"),
    QT_TRANSLATE_NOOP("Say", "figures on the slate"),
    QT_TRANSLATE_NOOP("Say", "state kept to compare"),
    QT_TRANSLATE_NOOP("Say", "wheel's numbers"),
    QT_TRANSLATE_NOOP("Say", "place the lift is taken at"),
    QT_TRANSLATE_NOOP("Say", "events only"),
    QT_TRANSLATE_NOOP("Say", "indicator's zero"),
    QT_TRANSLATE_NOOP("Say", "name"),
};

/// A stored field as it would be said: "bore_mm" is the bore.
QString fieldName(const book::Deed& d) {
    for (const auto& [field, said] : kSaid)
        if (d.field == QLatin1String(field)) return Say::tr(said);
    QString name = d.field;
    for (const char* unit : {"_mm", "_deg", "_cc", "_m"})
        if (name.endsWith(QLatin1String(unit))) name.chop(static_cast<int>(qstrlen(unit)));
    return Say::tr(name.replace(QLatin1Char('_'), QLatin1Char(' ')).toUtf8().constData());
}

/// A fact that a station asks is called as it is asked there.
QString asAsked(const QString& path) {
    if (path.count(QLatin1Char('.')) < 2) return {};
    for (const auto& fields : {portFields(), lashFields(), flywheelFields()})
        for (const Field& f : fields)
            if (f.stored == path)
                return QStringLiteral("%1: %2").arg(words::midSentence(f.subject),
                                                    words::midSentence(f.name));
    return {};
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
    if (d.clearance && d.kind == QLatin1String("run terms"))
        return Say::tr("mock-up of the %1 map").arg(lobeName(d));
    if (d.kind == QLatin1String("run terms"))
        return d.field.isEmpty() ? Say::tr("conditions of the %1 run").arg(lobeName(d))
                                 : Say::tr("%1 of the %2 run").arg(fieldName(d), lobeName(d));
    if (d.kind == QLatin1String("shift")) return Say::tr("shift of the readings");
    if (d.kind == QLatin1String("cam setting"))
        return Say::tr("change %1 of the cam's setting").arg(d.number);
    if (d.kind == QLatin1String("entry")) return Say::tr("entry %1 of the record").arg(d.number);
    if (d.kind == QLatin1String("name")) return Say::tr("name of the job");
    if (const QString asked = asAsked(d.path); !asked.isEmpty()) return asked;
    if (!d.field.isEmpty())
        return d.subject == QLatin1String("card") ? Say::tr("card's %1").arg(fieldName(d))
                                                  : fieldName(d);
    return Say::tr(d.kind.toUtf8().constData());
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
