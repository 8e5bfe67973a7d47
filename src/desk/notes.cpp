#include "desk/notes.h"

#include "book/pictures.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "words/say.h"

#include <QFileInfo>
#include <QUrl>

namespace app {

using namespace lobe;

namespace {

/// What stands behind a word at the beginning of a line.
std::optional<QString> behind(const QString& line, const char* word) {
    const QString text = line.trimmed();
    const QLatin1String w(word);
    if (!text.startsWith(w, Qt::CaseInsensitive) || text.size() <= w.size() ||
        text.at(w.size()) != QLatin1Char(' '))
        return std::nullopt;
    return text.mid(w.size()).trimmed();
}

QString plainPath(const QString& path) {
    // As a file manager copies it.
    return path.startsWith(QLatin1String("file://")) ? QUrl(path).toLocalFile() : path;
}

} // namespace

std::optional<Echo> Notes::understand(const QString& line) const {
    if (const auto note = behind(line, "note"))
        return Echo{!note->isEmpty(), Say::tr("kept in the record")};
    if (const auto path = behind(line, "photo")) {
        const QString why = book::refusesPicture(plainPath(*path));
        return Echo{why.isEmpty(), why.isEmpty()
                                       ? Say::tr("copied beside the book, and kept in the record")
                                       : why};
    }
    return std::nullopt;
}

std::optional<Echo> Notes::submit(const QString& line, const QString& station) {
    if (const auto note = behind(line, "note")) {
        LogEntry entry = fresh(session_, EntryKind::Note, station);
        entry.text = note->toStdString();
        return keep(std::move(entry));
    }
    if (const auto path = behind(line, "photo")) return askedPhoto(plainPath(*path), station);
    return std::nullopt;
}

Echo Notes::askedPhoto(const QString& path, const QString& station) {
    const QFileInfo file(path);
    if (file.isFile() && file.size() > book::kLargePicture_bytes && asked_ != path) {
        asked_ = path;
        return {false,
                Say::tr("%1 has %2 MB. Enter once more copies it beside the book all the same.")
                    .arg(file.fileName())
                    .arg(file.size() >> 20)};
    }
    asked_.clear();
    return photo(path, station);
}

Echo Notes::photo(const QString& path, const QString& station) {
    if (const QString why = book::refusesPicture(path); !why.isEmpty()) return {false, why};
    book::Keeping keeping(session_.book().path());
    return keepPictured(QFileInfo(path).completeBaseName(), station, keeping,
                        keeping.add(stem(), path));
}

Echo Notes::keepPicture(const QByteArray& png, const QString& station) {
    book::Keeping keeping(session_.book().path());
    return keepPictured(Say::tr("picture"), station, keeping,
                        keeping.add(stem(), QStringLiteral("pasted.png"), png));
}

QString Notes::stem() const {
    return QStringLiteral("job-%1").arg(session_.job().id);
}

Echo Notes::keepPictured(const QString& text, const QString& station, book::Keeping& keeping,
                         const QString& picture) {
    if (picture.isEmpty())
        return {false, Say::tr("The photo could not be copied beside the book.")};
    LogEntry entry = fresh(session_, EntryKind::Note, station);
    entry.text = text.toStdString();
    entry.picture = picture.toStdString();
    const Echo kept = keep(std::move(entry));
    if (kept.ok) keeping.done();
    return kept;
}

LogEntry Notes::fresh(const Session& session, EntryKind kind, const QString& station) {
    LogEntry entry;
    const auto& log = session.job().log;
    entry.number = log.empty() ? 1 : log.back().number + 1;
    entry.kind = kind;
    entry.time_ms = session.now();
    entry.station = station.toStdString();
    entry.cylinder = session.cylinder();
    entry.setting = lastMove(session.job());
    return entry;
}

Echo Notes::keep(LogEntry entry) {
    if (!session_.keep(book::KeepEntry{std::move(entry)}))
        return {false, Say::tr("Not kept; see the message above.")};
    return {true, Say::tr("kept in the record")};
}

} // namespace app
