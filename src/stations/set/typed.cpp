// What is typed at Set beside the facts: an advance to try, a change made with its marks, a note, a
// photo, where the followers are level.
#include "book/pictures.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/typed/entry.h"
#include "stations/list.h"
#include "stations/set/set_desk.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>

#include <cmath>

namespace app {

using namespace lobe;

namespace {
/// Half a turn of the cam: more is the other way round.
constexpr double kMostMade_deg = 360.0;
} // namespace

QString SetDesk::enterKeeps() const {
    return Say::tr("keep, the next; Esc ends");
}

Prompt SetDesk::ownPrompt() const {
    Prompt p;
    if (guide_ >= 0) {
        const int steps = static_cast<int>(guideSteps().size());
        p.subject = Say::tr("without marks");
        const bool last = guide_ + 1 == steps;
        p.ask =
            last ? Say::tr("level where?") : Say::tr("step %1 of %2").arg(guide_ + 1).arg(steps);
        p.enter = last ? Say::tr("check it") : Say::tr("done, the next");
        p.keys = Say::tr("Up, Down  another step   Esc ends");
        return p;
    }
    p.subject = !two()      ? Say::tr("set, the cam")
                : together_ ? Say::tr("set, both cams")
                            : Say::tr("set, %1 cam").arg(words::sideName(atHand()));
    p.ask = Say::tr("advance to try?");
    p.enter = Say::tr("move the slide there");
    if (const auto* to = elsewhere()) {
        p.ask = *to == stations::engine ? Say::tr("the card first?") : Say::tr("the lobes first?");
        p.enter = Say::tr("go to %1").arg(to->name());
    }
    p.keys =
        Say::tr("Up, Down  choose  D drive  G goal  H history  W no marks%1  made … (or made 3.2)")
            .arg(!two()      ? QString()
                 : together_ ? Say::tr("  T one")
                             : Say::tr("  T both"));
    return p;
}

/// "3.2 one dot on": what the cam was really moved by, whatever the drive is said to do, and the
/// marks. A number that something is counted in, "2 dots", belongs to the marks.
static std::optional<std::pair<double, QString>> reallyMade(const QString& text) {
    static const QRegularExpression form(
        QStringLiteral(R"(^([+-]?\d+(?:[.,]\d+)?)\s*(?:\x{b0}|deg\b)?\s*(?:$|[,;]\s*(.*)$))"));
    const auto match = form.match(text);
    if (!match.hasMatch()) return std::nullopt;
    const auto deg = readNumber(match.captured(1).toStdString());
    if (!std::holds_alternative<double>(deg)) return std::nullopt;
    return std::pair(std::get<double>(deg), match.captured(2).trimmed());
}

SetDesk::Typed SetDesk::readMade(const QString& marks) const {
    CamMove c;
    c.number = lastMove(job()) + 1;
    c.marks = marks.toStdString();
    if (const auto real = reallyMade(marks)) {
        if (!(std::abs(real->first) <= kMostMade_deg) || real->first == 0.0)
            return {{false, Say::tr("How far was it really moved? Crank degrees, earlier positive, "
                                    "within half a turn of the cam.")},
                    {},
                    {},
                    {}};
        DriveMove m;
        m.total_deg = real->first;
        // What the drive does to that much, where it does just that: the parts are known then.
        const auto as = job().engine.drive.described()
                            ? choices(driveAlone(job()), m.total_deg, 1, true, fitted(atHand()))
                            : std::vector<Choice>{};
        if (!as.empty() && std::abs(as.front().residual_deg) <= 0.01) m = as.front().move;
        c.marks = real->second.toStdString();
        c.made[atHand()] = m;
        c.wanted_deg[atHand()] = need_deg(atHand());
        return {{true, Say::tr("keeps the change: ") + words::moveBy(m.total_deg, style(), 2) +
                           Say::tr(", as it was made") +
                           (two() ? Say::tr(" (%1)").arg(words::sideName(atHand())) : QString())},
                {},
                c,
                {}};
    }
    const auto taken = [&](Side side, std::optional<DriveMove>& move,
                           std::optional<double>& wanted) {
        const DriveMove m = moveOf(side);
        if (m.total_deg == 0.0) return;
        move = m;
        wanted = need_deg(side);
    };
    taken(Side::Intake, c.made.intake, c.wanted_deg.intake);
    if (two()) taken(Side::Exhaust, c.made.exhaust, c.wanted_deg.exhaust);
    if (!c.made.intake && !c.made.exhaust)
        return {{false, Say::tr("Nothing is moved: choose first, with Up and Down.")}, {}, {}, {}};
    QStringList said;
    if (c.made.intake)
        said << words::moveShort(job().engine.drive, *c.made.intake, style(),
                                 fitted(Side::Intake)) +
                    (two() ? Say::tr(" (intake)") : QString());
    if (c.made.exhaust)
        said << words::moveShort(job().engine.drive, *c.made.exhaust, style(),
                                 fitted(Side::Exhaust)) +
                    Say::tr(" (exhaust)");
    const QString echo = Say::tr("keeps the change: ") + said.join(QStringLiteral("; "));
    return {{true, echo}, {}, c, {}};
}

SetDesk::Typed SetDesk::amend(const QString& text, std::string CamMove::*part) const {
    if (job().changes.empty())
        return {{false, Say::tr("There is no change yet to put it to.")}, {}, {}, {}};
    CamMove c = job().changes.back();
    c.*part = text.toStdString();
    return {{true, Say::tr("goes with change %1").arg(c.number)}, {}, c, {}};
}

SetDesk::Typed SetDesk::readLevel(const QString& text) const {
    const auto read = readNumber(text.toStdString());
    if (const auto* e = std::get_if<EntryError>(&read))
        return {{false, words::sentence(*e, style())}, {}, {}, {}};
    const double deg = std::get<double>(read);
    if (std::abs(deg) > 90.0)
        return {{false, Say::tr("The followers are level near TDC on overlap.")}, {}, {}, {}};
    const double split = job().card ? splitOfCard_deg(*job().card).value_or(0.0) : 0.0;
    const double tooth = tooth_deg(job().engine.drive);
    const QString said =
        words::sentence(checkLevel(deg, split, tooth), tooth, job().engine, style());
    return {{true, said}, {}, {}, said};
}

SetDesk::Typed SetDesk::read(const QString& text) const {
    const QString line = text.trimmed();
    const auto rest = [&](const char* word) -> std::optional<QString> {
        const QLatin1String w(word);
        if (!line.startsWith(w, Qt::CaseInsensitive)) return std::nullopt;
        if (line.size() > w.size() && line.at(w.size()) != QLatin1Char(' ')) return std::nullopt;
        return line.mid(w.size()).trimmed();
    };
    if (const auto marks = rest("made")) return readMade(*marks);
    if (const auto note = rest("note")) return amend(*note, &CamMove::note);
    if (const auto level = rest("level")) return readLevel(*level);
    if (guide_ >= 0) return readLevel(line);
    if (const auto photo = rest("photo")) {
        if (const QString why = book::refusesPicture(*photo); !why.isEmpty())
            return {{false, why}, {}, {}, {}};
        return amend(QFileInfo(*photo).absoluteFilePath(), &CamMove::photo);
    }
    const auto number = readNumber(line.toStdString());
    if (const auto* e = std::get_if<EntryError>(&number))
        return {{false, words::sentence(*e, style())}, {}, {}, {}};
    const double deg = std::get<double>(number);
    const double range = slides_[0].range_deg();
    if (std::abs(deg) > range)
        return {
            {false, Say::tr("The slide ends at %1 degrees either way.").arg(range)}, {}, {}, {}};
    return {{true, words::moveBy(deg, style(), 2)}, deg, {}, {}};
}

Echo SetDesk::ownUnderstand(const QString& text) const {
    return read(text).echo;
}

/// Copies the photo beside the book; its path from there, or empty when it cannot be copied.
QString SetDesk::attach(const CamMove& change, book::Keeping& keeping) const {
    return keeping.add(QStringLiteral("job-%1-change-%2").arg(job().id).arg(change.number),
                       QString::fromStdString(change.photo));
}

void SetDesk::factKept() {
    moveTo(sheet().last() ? -1 : sheet().onward());
}

Echo SetDesk::ownSubmit(const QString& text) {
    if (text.trimmed().isEmpty()) {
        if (guide_ >= 0)
            guide(guide_ + 1);
        else if (const auto* to = elsewhere())
            emit stationWanted(to);
        return {true, {}};
    }
    const Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    if (typed.advance_deg) slideTo(atHand(), *typed.advance_deg);
    return typed.change ? keepChange(*typed.change) : Echo{true, typed.said};
}

Echo SetDesk::keepChange(CamMove change) {
    const bool fresh = change.number > lastMove(job());
    if (fresh) change.time_ms = session().now();
    book::Keeping keeping(session().book().path());
    if (change.photo != (fresh ? std::string() : job().changes.back().photo)) {
        const QString file = QString::fromStdString(change.photo);
        const qint64 size = QFileInfo(file).size();
        if (size > book::kLargePicture_bytes && askedPhoto_ != file) {
            askedPhoto_ = file;
            return {false, Say::tr("%1 has %2 MB. Enter once more copies it beside the book all "
                                   "the same.")
                               .arg(QFileInfo(file).fileName())
                               .arg(size >> 20)};
        }
        askedPhoto_.clear();
        const QString kept = attach(change, keeping);
        if (kept.isEmpty())
            return {false, Say::tr("The photo could not be copied beside the book.")};
        change.photo = kept.toStdString();
    }
    if (!session().keep(book::KeepMove{change}))
        return {false, Say::tr("Not kept; see the message above.")};
    keeping.done();
    if (fresh)
        for (SlideState& slide : slides_)
            slide.setExactly(0.0);
    pane_ = Pane::History;
    tell();
    return {true, fresh ? Say::tr("kept; now turn it over twice and measure again") : QString()};
}

} // namespace app
