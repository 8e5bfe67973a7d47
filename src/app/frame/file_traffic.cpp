#include "app/frame/file_traffic.h"

#include "app/benches/lobes/lobes_station.h"
#include "app/frame/main_window.h"
#include "book/files.h"
#include "book/job_file.h"
#include "book/loaded.h"
#include "book/pictures.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/typed/foreign_table.h"
#include "sheet/save.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QBuffer>
#include <QFileInfo>
#include <QImage>
#include <QLocale>
#include <QMimeData>

namespace app {

using namespace lobe;

FileTraffic::FileTraffic(MainWindow& window, Session& session, Books& books, Dialogs& dialogs,
                         Preferences& preferences)
    : QObject(&window),
      window_(window),
      session_(session),
      books_(books),
      dialogs_(dialogs),
      preferences_(preferences),
      notes_(session) {
    connect(&session, &Session::jobChanged, this, [this] { notes_.begin(); });
}

void FileTraffic::say(const QString& sentence) {
    window_.say(sentence);
}

void FileTraffic::take(const QString& path) {
    if (QFileInfo(path).isDir()) return readJobs(path);
    if (!QFileInfo(path).isFile())
        return say(
            Say::tr("%1 is no file that can be read to its end.").arg(QFileInfo(path).fileName()));
    const QString ending = QFileInfo(path).suffix().toLower();
    if (ending == QLatin1String("amber")) return books_.open(path);
    if (ending == QLatin1String("json")) return readJob(path);
    static const QStringList pictures{
        QStringLiteral("png"),  QStringLiteral("jpg"),  QStringLiteral("jpeg"),
        QStringLiteral("gif"),  QStringLiteral("bmp"),  QStringLiteral("tif"),
        QStringLiteral("tiff"), QStringLiteral("webp"), QStringLiteral("heic"),
        QStringLiteral("heif"), QStringLiteral("svg"),  QStringLiteral("svgz")};
    if (pictures.contains(ending) || book::refusesPicture(path).isEmpty()) {
        if (!session_.hasJob())
            return say(Say::tr("Start a job first; then drop the picture on it."));
        const qint64 size = QFileInfo(path).size();
        if (size > book::kLargePicture_bytes &&
            !dialogs_.confirm(&window_, Say::tr("%1 has %2 MB. Copy it beside the book?")
                                            .arg(QFileInfo(path).fileName())
                                            .arg(size >> 20)))
            return say(Say::tr("%1 was left as it is.").arg(QFileInfo(path).fileName()));
        return say(notes_.photo(path, window_.station().id()).text);
    }
    readTable(path);
}

void FileTraffic::takeOwn(const QString& path) {
    const QFileInfo file(path);
    const bool jobs =
        file.isDir() || file.suffix().compare(QLatin1String("json"), Qt::CaseInsensitive) == 0;
    if (jobs && books_.inDemo()) books_.demoOrBack();
    take(path);
}

void FileTraffic::paste(const QMimeData& data) {
    if (!session_.hasJob()) return say(Say::tr("Start a job first; then paste into it."));
    if (data.hasText() && !data.text().trimmed().isEmpty()) {
        if (!askHow(data.text(), {}))
            say(Say::tr("What was pasted is no table of numbers; two lines of them would be."));
        return;
    }
    const QImage image = qvariant_cast<QImage>(data.imageData());
    QByteArray png;
    QBuffer buffer(&png);
    if (image.isNull() || !buffer.open(QIODevice::WriteOnly) || !image.save(&buffer, "PNG")) return;
    say(notes_.keepPicture(png, window_.station().id()).text);
}

bool FileTraffic::askHow(const QString& text, const QString& source) {
    // What is none leads nowhere.
    if (!readForeignTable(text.toStdString())) return false;
    window_.go(stations::lobes);
    LobesDesk& desk = window_.lobes()->desk();
    desk.rememberTables({[this](const QString& shape) { return preferences_.tableReading(shape); },
                         [this](const QString& shape, const QString& how) {
                             preferences_.setTableReading(shape, how);
                         }});
    return desk.takeTable(text, source);
}

void FileTraffic::readTable(const QString& path) {
    if (!session_.hasJob()) return say(Say::tr("Start a job first; then drop the table on it."));
    const auto table = book::readTableFile(path);
    const QString name = QFileInfo(path).fileName();
    if (const auto* why = std::get_if<QString>(&table))
        return say(name + QStringLiteral(": ") + *why);
    if (const auto* e = std::get_if<TableError>(&table)) {
        // Somebody else's, perhaps: asked how it is meant.
        const bool foreign = e->fault == TableFault::NoAngleColumn ||
                             e->fault == TableFault::NoLiftColumn ||
                             e->fault == TableFault::TwoLiftColumns;
        const auto bytes = book::wholeFile(path, 64 << 20);
        if (const auto* text = std::get_if<QByteArray>(&bytes); foreign && text)
            if (askHow(QString::fromUtf8(*text), name)) return;
        return say(words::sentence(*e, name));
    }
    RunConditions conditions = usualConditions(session_.job().engine, session_.side());
    conditions.source = name.toStdString();
    conditions.afterMove = lastMove(session_.job());
    const auto run = book::runFromTable(std::get<LiftTable>(table), session_.cylinder(),
                                        session_.side(), conditions);
    const auto count = run.readings.size();
    if (!session_.keep(book::AddSeries{run})) return;
    window_.go(stations::lobes);
    say(Say::tr(
            "%1: %2 readings are now a run of cylinder %3 %4, taken at the %5. Undo takes it away.")
            .arg(name)
            .arg(count)
            .arg(session_.cylinder())
            .arg(words::sideName(session_.side()), words::placeName(conditions.taken)));
}

bool FileTraffic::mayReplace(const QString& path, bool ours, const QString& question) {
    const QString name = QFileInfo(path).fileName();
    if (!QFileInfo::exists(path) || ours) return true;
    if (!book::refusesExport(path, session_.book().path()).isEmpty())
        return true; // said by who writes
    if (dialogs_.confirm(&window_, question.arg(name))) return true;
    say(Say::tr("%1 was left as it is.").arg(name));
    return false;
}

void FileTraffic::writeTable() {
    const auto run = session_.run();
    if (!run || run->readings.empty())
        return say(Say::tr("The lobe at hand has no readings to write."));
    const QString suggested =
        QStringLiteral("cylinder-%1-%2.csv").arg(run->cylinder).arg(words::sideName(run->side));
    const QString path = dialogs_.saveFile(&window_, Say::tr("Write lift table"), suggested,
                                           Say::tr("Lift tables (*.csv)"));
    if (path.isEmpty() ||
        !mayReplace(path, book::isOurTable(path), Say::tr("%1 is no lift table. Replace it?")))
        return;
    const QString why = book::writeTableFile(path, session_.job(), *run, session_.book().path());
    say(why.isEmpty() ? Say::tr("%1 is written.").arg(QFileInfo(path).fileName())
                      : path + QStringLiteral(": ") + why);
}

void FileTraffic::readJob(const QString& path) {
    const QString name = QFileInfo(path).fileName();
    const auto made = book::importJobFile(session_.book(), path);
    if (const auto* why = std::get_if<QString>(&made))
        return say(name + QStringLiteral(": ") + *why);
    if (session_.openJob(std::get<std::int64_t>(made))) window_.goOn();
    say(Say::tr("%1 is a job of this book now.").arg(name));
}

void FileTraffic::readJobs(const QString& folder) {
    const auto read = book::importJobFiles(session_.book(), folder);
    if (read.jobs.empty() && read.refused.empty())
        return say(Say::tr("There is no job in %1; a job is a file that ends in .json.")
                       .arg(QFileInfo(folder).fileName()));
    const int count = static_cast<int>(read.jobs.size());
    if (count > 0 && session_.openJob(read.jobs.back())) window_.goOn();
    QString said = Say::tr("%n jobs of %1 are in this book now.", nullptr, count)
                       .arg(QFileInfo(folder).fileName());
    if (!read.refused.empty())
        said += QLatin1Char(' ') + Say::tr("%n were not taken; the first: %1", nullptr,
                                           static_cast<int>(read.refused.size()))
                                       .arg(read.refused.front());
    say(said);
}

void FileTraffic::writeJob(qint64 id) {
    const auto read = session_.book().load(id);
    const Job* job = std::get_if<Job>(&read);
    if (!job) return say(book::sentence(std::get<book::Error>(read), session_.book().path()));
    const QString suggested =
        book::fileName(QString::fromStdString(job->name)) + QStringLiteral(".json");
    const QString path = dialogs_.saveFile(&window_, Say::tr("Save the job as a file"), suggested,
                                           Say::tr("Jobs (*.json);;Sheets (*.pdf);;Figures (*.md);;"
                                                   "Readings (*.csv);;Pictures (*.svg)"));
    if (path.isEmpty() || !mayReplace(path, false, Say::tr("%1 stands there already. Replace it?")))
        return;
    const QString name = QFileInfo(path).fileName();
    QString why = book::refusesExport(path, session_.book().path());
    if (!why.isEmpty()) return say(path + QStringLiteral(": ") + why);
    if (!sheet::writes(QFileInfo(path).suffix().toLower())) {
        why = book::writeJobFile(path, session_.book(), *job);
        return say(why.isEmpty() ? Say::tr("%1 is the whole job.").arg(name)
                                 : path + QStringLiteral(": ") + why);
    }
    sheet::Options options;
    options.by = QString::fromStdString(job->by);
    options.style = window_.look().style();
    options.language = Say::tr("en", "the language of this translation, as a tag");
    options.now_ms = session_.now();
    options.letter = window_.look().letter();
    why = sheet::saveAs(path, *job, examine(*job), options);
    say(why.isEmpty() ? Say::tr("%1 is written.").arg(name) : path + QStringLiteral(": ") + why);
}

void FileTraffic::writeJobs() {
    const QString folder =
        dialogs_.saveFile(&window_, Say::tr("A new folder for a file of every job"),
                          books_.name() + QStringLiteral("-jobs"), Say::tr("All files (*)"));
    if (folder.isEmpty()) return;
    const auto written = book::writeJobFiles(session_.book(), folder);
    if (const auto* why = std::get_if<QString>(&written)) return say(*why);
    say(Say::tr("%n jobs are written to %1.", nullptr,
                static_cast<int>(std::get<QStringList>(written).size()))
            .arg(folder));
}

} // namespace app
