#include "stations/lobes/pasted_table.h"

#include "book/files.h"
#include "core/examine/snapshot.h"
#include "core/job/bounds.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>

namespace app {

using namespace lobe;

bool PastedTable::take(const QString& text, const QString& source, double from_deg, double step_deg,
                       LengthUnit shown) {
    auto read = readForeignTable(text.toStdString());
    if (!read) return false;
    table_ = std::move(read);
    source_ = source;
    guess_ = guessReading(*table_, session_.side(), shown, from_deg, step_deg);
    recalled_ = memory_.recall ? memory_.recall(shape()) : QString();
    reading_ = asRemembered(*table_, guess_, session_.side(), recalled_.toStdString());
    shifted_ = false;
    show();
    return true;
}

void PastedTable::drop() {
    table_.reset();
    shown_.reset();
}

QString PastedTable::shape() const {
    return QString::fromStdString(shapeOf(*table_));
}

LiftRun PastedTable::run() const {
    RunConditions conditions = usualConditions(session_.job().engine, session_.side());
    conditions.afterMove = lastMove(session_.job());
    conditions.source = source_.toStdString();
    return book::runFromTable({readAs(*table_, reading_)}, session_.cylinder(), session_.side(),
                              conditions);
}

void PastedTable::show() {
    Job job = session_.job();
    job.runs = {run()};
    job.maps.clear();
    shown_ = examined(std::move(job));
}

Prompt PastedTable::prompt(const words::Style& style) const {
    Prompt p;
    p.several = true;
    const auto points = readAs(*table_, reading_);
    const auto byAngle = [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; };
    const auto [first, last] = std::minmax_element(points.begin(), points.end(), byAngle);
    const auto high =
        std::max_element(points.begin(), points.end(),
                         [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
    p.subject = Say::tr("%n readings from %1", nullptr, static_cast<int>(points.size()))
                    .arg(source_.isEmpty() ? Say::tr("what was pasted") : source_);
    p.ask = Say::tr("%1 to %2, most %3 at %4: right?")
                .arg(words::degrees(first->deg, style), words::degrees(last->deg, style),
                     words::liftWithUnit(high->mm, style), words::degrees(high->deg, style));
    QStringList how;
    how << (reading_.unit_mm == 1.0          ? Say::tr("mm")
            : reading_.unit_mm == kMmPerInch ? Say::tr("inches")
                                             : Say::tr("thousandths of an inch"));
    how << (!reading_.angle ? Say::tr("lifts alone")
            : reading_.cam  ? Say::tr("cam degrees")
                            : Say::tr("crank degrees"));
    if (reading_ != guess_ && !recalled_.isEmpty()) how << Say::tr("as such a table was before");
    if (table_->decimalComma) how << Say::tr("decimal comma");
    if (reading_.negative) how << Say::tr("sign turned");
    if (reading_.fromNose) how << Say::tr("counted from the nose");
    if (reading_.reverse) how << Say::tr("against the running direction");
    if (reading_.shift_deg != 0.0)
        how << Say::tr("shifted by %1").arg(words::degrees(reading_.shift_deg, style));
    p.enter = Say::tr("keep it: ") + how.join(QStringLiteral(", "));
    p.keys =
        Say::tr("mm, in, thou, cam, crank, sign, nose, reverse, shift 4, step 5; Esc drops it");
    return p;
}

std::optional<TableReading> PastedTable::changed(TableReading r, const QString& text) const {
    const QString line = text.trimmed().toLower();
    const QString word = line.section(QLatin1Char(' '), 0, 0);
    const auto value = readNumber(line.section(QLatin1Char(' '), 1).toStdString());
    const double* number = std::get_if<double>(&value);
    if (line == QLatin1String("mm"))
        r.unit_mm = 1.0;
    else if (line == QLatin1String("in"))
        r.unit_mm = kMmPerInch;
    else if (line == QLatin1String("thou"))
        r.unit_mm = kMmPerInch / 1000.0;
    else if (line == QLatin1String("cam") || line == QLatin1String("crank"))
        r.cam = line == QLatin1String("cam");
    else if (line == QLatin1String("sign"))
        r.negative = !r.negative;
    else if (line == QLatin1String("nose"))
        r.fromNose = !r.fromNose;
    else if (line == QLatin1String("reverse"))
        r.reverse = !r.reverse;
    else if (word == QLatin1String("shift") && number && std::abs(*number) <= 720.0)
        r.shift_deg = *number;
    else if (word == QLatin1String("step") && number && *number >= 0.01 && *number <= 30.0)
        r.step_deg = *number;
    else if (word == QLatin1String("from") && number && std::abs(*number) <= 720.0)
        r.from_deg = *number;
    else if (line == QLatin1String("columns"))
        r.angle ? std::swap(*r.angle, r.lift) : void();
    else
        return std::nullopt;
    // Counted otherwise, the nose stands elsewhere.
    const bool turned =
        r.cam != reading_.cam || r.reverse != reading_.reverse || r.angle != reading_.angle;
    if (turned && !shifted_) r.shift_deg = shiftHome(*table_, r, session_.side());
    return r;
}

Echo PastedTable::understand(const QString& text, const words::Style&) const {
    if (text.trimmed().isEmpty()) return {true, Say::tr("keep it")};
    return changed(reading_, text)
               ? Echo{true, Say::tr("take it so")}
               : Echo{false, Say::tr("Enter keeps it as it stands; mm, in, thou, cam, crank, sign, "
                                     "nose, reverse, columns, shift 4, from -70 or step 5 say it "
                                     "otherwise.")};
}

Echo PastedTable::submit(const QString& text, const words::Style& style) {
    if (!text.trimmed().isEmpty()) {
        const auto r = changed(reading_, text);
        if (!r) return understand(text, style);
        shifted_ =
            shifted_ || text.trimmed().startsWith(QLatin1String("shift"), Qt::CaseInsensitive);
        reading_ = *r;
        show();
        return {true, {}};
    }
    const LiftRun fresh = run();
    for (const Reading& r : fresh.readings)
        if (!bounds::reading_deg.hold(r.at.deg) || !bounds::lift_mm.hold(r.value_mm))
            return {false, Say::tr("So read, %1 at %2 is more than any lobe has.")
                               .arg(words::liftWithUnit(r.value_mm, style),
                                    words::degrees(r.at.deg, style))};
    if (!session_.keep(book::AddSeries{fresh}))
        return {false, Say::tr("Not kept; see the message above.")};
    if (memory_.keep)
        memory_.keep(shape(), QString::fromStdString(remembered(reading_, guess_, session_.side(),
                                                                recalled_.toStdString())));
    drop();
    return {true, {}};
}

} // namespace app
