#include "book/job_file.h"

#include "book/codec.h"
#include "book/fields.h"
#include "book/files.h"
#include "book/loaded.h"
#include "book/pictures.h"
#include "core/job/job.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>

#include <map>
#include <set>

namespace book {

using namespace lobe;

namespace {

constexpr const char* kJobFormat = "amber-lobe-job";
constexpr int kVersion = 1;
constexpr qint64 kMostFile_bytes = 512ll << 20;

QString say(const char* text) {
    return QCoreApplication::translate("Say", text);
}

/// Every path of a picture a job holds.
std::vector<std::string*> picturesOf(Job& job) {
    std::vector<std::string*> out;
    for (CamMove& c : job.changes)
        if (!c.photo.empty()) out.push_back(&c.photo);
    for (LogEntry& e : job.log)
        if (!e.picture.empty()) out.push_back(&e.picture);
    return out;
}

/// The parts of a job, as they are kept in the book. `F` is a Writer or a Reader.
void parts(auto& f, auto& job) {
    f("name", job.name);
    f.object("engine", job.engine);
    f.objects("changes", job.changes);
    f.objects("contacts", job.contacts);
    f.objects("runs", job.runs);
    f.objects("maps", job.maps);
    f.objects("log", job.log);
}

} // namespace

QString fileName(const QString& job) {
    QString name = job.simplified().left(80);
    static const QRegularExpression odd(QStringLiteral("[^\\w .()-]"),
                                        QRegularExpression::UseUnicodePropertiesOption);
    name.replace(odd, QStringLiteral("-"));
    return name.isEmpty() || name.startsWith(QLatin1Char('.')) ? QStringLiteral("job") + name
                                                               : name;
}

QByteArray jobFile(const Job& original, const QString& book) {
    Job job = original;
    Json pictures = Json::object();
    // One that is named often is carried once.
    std::map<std::string, std::string> named;
    for (std::string* path : picturesOf(job)) {
        const auto known = named.find(*path);
        if (known != named.end()) {
            *path = known->second;
            continue;
        }
        const QString kept = QString::fromStdString(*path);
        const auto bytes = pictureOf(book, kept);
        std::string name;
        if (bytes) {
            QString each = QStringLiteral("picture-%1").arg(pictures.size() + 1);
            if (const QString ending = QFileInfo(kept).suffix(); !ending.isEmpty())
                each += QLatin1Char('.') + ending;
            name = each.toStdString();
            pictures[name] = bytes->toBase64().toStdString();
        }
        named[*path] = name;
        *path = name;
    }
    Json json{{"format", kJobFormat}, {"version", kVersion}};
    Writer writer(json);
    parts(writer, static_cast<const Job&>(job));
    json["settings"] = toJson(static_cast<const Stated&>(job));
    json["card"] = toJson(SetCards{job.card, job.otherCards});
    if (!pictures.empty()) json["pictures"] = std::move(pictures);
    return QByteArray::fromStdString(json.dump(1, ' ', false, Json::error_handler_t::replace) +
                                     "\n");
}

std::variant<JobFile, QString> readJobFile(const QByteArray& text) {
    if (tooDeep(text)) return say("it is nested deeper than any job is");
    const auto json = parsed(text);
    if (!json || !json->is_object()) return say("this is no JSON; expected a job file");
    JobFile out;
    Misread misread;
    {
        Reader reader(*json, "job", misread);
        std::string format;
        int version = 0;
        reader("format", format);
        reader("version", version);
        if (format != kJobFormat)
            return say("this is JSON and no job file; expected format %1")
                .arg(QLatin1String(kJobFormat));
        if (version > kVersion)
            return say("it was written by a newer version (form %1, this one reads up to %2)")
                .arg(version)
                .arg(kVersion);
        parts(reader, out.job);
        for (const char* part : {"settings", "card", "pictures"})
            reader.known(part);
    }
    if (json->contains("settings"))
        static_cast<Stated&>(out.job) = statedFrom((*json)["settings"], misread);
    if (json->contains("card")) {
        SetCards cards = cardsFrom((*json)["card"], misread);
        out.job.card = std::move(cards.fitted);
        out.job.otherCards = std::move(cards.others);
    }
    if (!misread.none())
        return say("not understood: %1").arg(QString::fromStdString(misread.first()));
    if (out.job.name.empty()) return say("the job has no name");
    std::set<int> numbers;
    for (const CamMove& c : out.job.changes)
        if (!numbers.insert(c.number).second || c.number < 1)
            return say("two changes have the number %1").arg(c.number);
    numbers.clear();
    for (const LogEntry& e : out.job.log)
        if (!numbers.insert(e.number).second || e.number < 1)
            return say("two entries have the number %1").arg(e.number);
    const auto pictures = json->find("pictures");
    std::set<std::string> taken;
    for (std::string* name : picturesOf(out.job)) {
        if (pictures == json->end() || !pictures->is_object() || !pictures->contains(*name) ||
            !(*pictures)[*name].is_string())
            return say("the picture %1 is not in the file").arg(QString::fromStdString(*name));
        if (!taken.insert(*name).second) continue;
        QByteArray bytes = QByteArray::fromBase64(
            QByteArray::fromStdString((*pictures)[*name].get_ref<const std::string&>()));
        if (!isPicture(bytes.left(4096)))
            return say("what it calls the picture %1 is none").arg(QString::fromStdString(*name));
        out.pictures.push_back({*name, std::move(bytes)});
    }
    return out;
}

/// Puts the pictures of a file into the folder beside a book, each once, and the job's paths after
/// them.
static QString unpack(JobFile& file, Keeping& keeping) {
    std::map<std::string, std::string> to;
    for (const Attached& picture : file.pictures) {
        const QString kept =
            keeping.add(QStringLiteral("read-in"),
                        QFileInfo(QString::fromStdString(picture.name)).fileName(), picture.bytes);
        if (kept.isEmpty()) return say("its pictures cannot be put beside the book");
        to[picture.name] = kept.toStdString();
    }
    for (std::string* path : picturesOf(file.job))
        *path = to[*path];
    return {};
}

std::variant<std::int64_t, QString> importJobFile(Book& book, const QString& path) {
    const auto bytes = wholeFile(path, kMostFile_bytes);
    if (const auto* why = std::get_if<QString>(&bytes)) return *why;
    auto read = readJobFile(std::get<QByteArray>(bytes));
    if (const auto* why = std::get_if<QString>(&read)) return *why;
    JobFile& file = std::get<JobFile>(read);
    if (const QString why = book.readOnly(); !why.isEmpty()) return why;
    Keeping keeping(book.path());
    if (const QString why = unpack(file, keeping); !why.isEmpty()) return why;
    const auto made = book.addJob(file.job);
    if (const auto* e = std::get_if<Error>(&made)) return sentence(*e, book.path());
    keeping.done();
    return std::get<std::int64_t>(made);
}

JobFolder importJobFiles(Book& book, const QString& folder) {
    JobFolder out;
    const QDir dir(folder);
    for (const QString& name : dir.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        const auto made = importJobFile(book, dir.filePath(name));
        if (const auto* id = std::get_if<std::int64_t>(&made))
            out.jobs.push_back(*id);
        else
            out.refused.push_back(name + QStringLiteral(": ") + std::get<QString>(made));
    }
    return out;
}

std::variant<QStringList, QString> writeJobFiles(const Book& book, const QString& folder) {
    const QDir dir(folder);
    if (!dir.mkpath(QStringLiteral("."))) return folder + say(": no folder can be made there");
    const auto listed = book.listJobs();
    if (const auto* e = std::get_if<Error>(&listed)) return sentence(*e, book.path());
    QStringList out;
    for (const JobSummary& each : std::get<std::vector<JobSummary>>(listed)) {
        const auto read = book.load(each.id);
        const Job* job = std::get_if<Job>(&read);
        if (!job) return sentence(std::get<Error>(read), book.path());
        const QString path =
            dir.filePath(QStringLiteral("%1-%2.json").arg(each.id).arg(fileName(each.name)));
        if (QFileInfo::exists(path))
            return path + say(": stands there already; nothing is written over");
        const QString why = writeJobFile(path, book, *job);
        if (!why.isEmpty()) return path + QStringLiteral(": ") + why;
        out << path;
    }
    return out;
}

QString writeJobFile(const QString& path, const Book& book, const Job& job) {
    if (const QString why = refusesExport(path, book.path()); !why.isEmpty()) return why;
    return saveWhole(path, jobFile(job, book.path()));
}

} // namespace book
