#include "app/frame/deeds.h"

#include "core/angle/wheel.h"

namespace app {

using namespace lobe;

namespace {

QString lobeName(const book::Deed& d) {
    QString text = d.side ? words::sideName(*d.side) : QString();
    if (d.cylinder > 1) text = QStringLiteral("cylinder %1 ").arg(d.cylinder) + text;
    return text;
}

QString eventOf(ReadingOf of) {
    return of == ReadingOf::Opens    ? QStringLiteral("opening")
           : of == ReadingOf::Closes ? QStringLiteral("closing")
                                     : QStringLiteral("nose");
}

/// A stored field as it would be said: "bore_mm" is the bore.
QString fieldName(const book::Deed& d) {
    static const std::pair<const char*, const char*> kSaid[] = {
        {"top", "overlap or firing"},
        {"heights", "checking heights"},
        {"school", "way of calling the centre"},
        {"pinned", "figures on the slate"},
        {"kept", "state kept to compare"},
        {"wheel", "wheel's numbers"},
        {"taken", "place the lift is taken at"},
        {"events_only", "events only"},
        {"zeros_mm", "indicator's zero"},
        {"name", "name"}};
    for (const auto& [field, said] : kSaid)
        if (d.field == QLatin1String(field)) return QLatin1String(said);
    QString name = d.field;
    for (const char* unit : {"_mm", "_deg", "_cc", "_m"})
        if (name.endsWith(QLatin1String(unit))) name.chop(static_cast<int>(qstrlen(unit)));
    return name.replace(QLatin1Char('_'), QLatin1Char(' '));
}

} // namespace

QString deedName(const book::Deed& d, const words::Style& style) {
    if (d.kind == QLatin1String("reading") || d.kind == QLatin1String("strike")) {
        const bool strike = d.kind == QLatin1String("strike");
        if (d.reading)
            return QStringLiteral("%1%2 %3 at %4")
                .arg(strike ? QStringLiteral("striking the ") : QString(), lobeName(d),
                     d.reading->of == ReadingOf::Lift ? QStringLiteral("reading")
                                                      : eventOf(d.reading->of),
                     words::readingAngle(d.reading->at, style));
        if (d.contact)
            return QStringLiteral("striking the contact %1")
                .arg(QString::fromStdString(d.contact->typed));
    }
    if (d.kind == QLatin1String("contact") && d.contact)
        return QStringLiteral("contact %1 of pass %2")
            .arg(QString::fromStdString(d.contact->typed))
            .arg(d.contact->pass);
    if (d.kind == QLatin1String("import")) return QStringLiteral("%1 lift table").arg(lobeName(d));
    if (d.kind == QLatin1String("run")) return QStringLiteral("new %1 run").arg(lobeName(d));
    if (d.kind == QLatin1String("run terms"))
        return d.field.isEmpty()
                   ? QStringLiteral("conditions of the %1 run").arg(lobeName(d))
                   : QStringLiteral("%1 of the %2 run").arg(fieldName(d), lobeName(d));
    if (d.kind == QLatin1String("shift")) return QStringLiteral("shift of the readings");
    if (d.kind == QLatin1String("cam setting"))
        return QStringLiteral("change %1 of the cam's setting").arg(d.number);
    if (d.kind == QLatin1String("name")) return QStringLiteral("name of the job");
    if (!d.field.isEmpty())
        return d.subject == QLatin1String("card") ? QStringLiteral("card's ") + fieldName(d)
                                                  : fieldName(d);
    return d.kind;
}

QString deedShort(const book::Deed& d, const words::Style& style) {
    if (d.reading && d.kind == QLatin1String("reading"))
        return QStringLiteral("reading %1")
            .arg(style.wheel ? words::degrees(wheelNumber(d.reading->at, *style.wheel), style)
                             : words::degrees(d.reading->at.deg, style));
    return deedName(d, style);
}

const stations::Station* deedStation(const book::Deed& d) {
    const bool inRun = d.reading || d.subject == QLatin1String("terms") ||
                       d.kind == QLatin1String("import") || d.kind == QLatin1String("run");
    if (d.subject == QLatin1String("settings") && d.field == QLatin1String("pinned"))
        return nullptr; // figures of the slate, which is everywhere
    const QString part =
        d.kind == QLatin1String("shift")         ? d.kind
        : inRun                                  ? QStringLiteral("run")
        : d.contact                              ? QStringLiteral("contact")
        : d.kind == QLatin1String("cam setting") ? d.kind
        : d.subject == QLatin1String("engine") || d.subject == QLatin1String("settings")
            ? d.subject + QLatin1Char('.') + d.field
            : QStringLiteral("engine"); // the card and the job's name
    return stations::owner(part);
}

} // namespace app
