#include "cli/job_commands.h"

#include "book/files.h"
#include "book/job_file.h"
#include "book/jobs.h"
#include "cli/inputs.h"
#include "cli/refusal.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "sheet/save.h"

#include <QFileInfo>

#include <memory>

namespace cli {

using namespace lobe;

namespace {

struct Options {
    std::string book, file, to, all, job, side, what = "readings", by;
    int cylinder = 1;
    bool force = false, json = false, letter = false;
};

Side sideAsked(const Options& o) {
    if (o.side.empty())
        throw Refusal{QStringLiteral("--side: expected intake or exhaust, for a lift table")};
    return sideOf(o.side);
}

void list(const Options& o, const Host& host) {
    const auto book = openBook(pathOf(o.book));
    const auto read = book->overview();
    if (const auto* e = std::get_if<book::Error>(&read))
        throw Refusal{book::sentence(*e, book->path())};
    Json jobs = Json::array();
    QString text;
    for (const book::JobLine& job : std::get<std::vector<book::JobLine>>(read)) {
        jobs.push_back(Json{{"id", job.id},
                            {"name", job.name.toStdString()},
                            {"engine", job.engine.toStdString()},
                            {"cam", job.cam.toStdString()},
                            {"changed", job.changed_ms},
                            {"put_away", job.state == book::JobState::Archived}});
        text += QStringLiteral("#%1  %2  %3  %4\n").arg(job.id).arg(job.name, job.engine, job.cam);
    }
    const bool more = jobs.size() == book::kMostListed;
    if (more) text += QStringLiteral("only the newest %1 are listed\n").arg(jobs.size());
    if (o.json)
        host.print(Json{{"jobs", std::move(jobs)}, {"more", more}});
    else
        host.print(text);
}

void exportLobe(const Options& o, const book::Book& book, const Job& job, const QString& path) {
    const Side side = sideAsked(o);
    const LiftRun* newest = nullptr;
    for (const LiftRun& run : job.runs)
        if (run.cylinder == o.cylinder && run.side == side && !run.readings.empty()) newest = &run;
    if (!newest)
        throw Refusal{QStringLiteral("%1: no run of cylinder %2 %3 has readings")
                          .arg(book.path())
                          .arg(o.cylinder)
                          .arg(QString::fromStdString(o.side))};
    if (!o.force && QFileInfo::exists(path) && book::refusesExport(path, book.path()).isEmpty() &&
        !book::isOurTable(path))
        throw Refusal{path + QStringLiteral(": another file stands there; --force replaces it")};
    const QString why = book::writeTableFile(path, job, *newest, book.path());
    if (!why.isEmpty()) throw Refusal{path + QStringLiteral(": ") + why};
}

sheet::Table tableAsked(const Options& o) {
    return o.what == "curves"    ? sheet::Table::Curves
           : o.what == "figures" ? sheet::Table::Figures
                                 : sheet::Table::Readings;
}

/// Every job as a file of its own; nothing that stands there is written over.
void exportAll(const Options& o, const Host& host) {
    const auto book = openBook(pathOf(o.book));
    const auto written = book::writeJobFiles(*book, pathOf(o.all));
    if (const auto* why = std::get_if<QString>(&written)) throw Refusal{*why};
    for (const QString& path : std::get<QStringList>(written))
        host.print(path + QLatin1Char('\n'));
}

void exportJob(const Options& o, const Host& host) {
    if (!o.all.empty()) return exportAll(o, host);
    const auto book = openBook(pathOf(o.book));
    const Job job = jobOf(*book, o.job);
    if (o.to.empty() == o.file.empty())
        throw Refusal{
            QStringLiteral("expected a FILE for a lift table, or --to FILE with json, csv, "
                           "md, svg or pdf behind its point")};
    if (o.to.empty()) {
        exportLobe(o, *book, job, pathOf(o.file));
        host.print(pathOf(o.file) + QLatin1Char('\n'));
        return;
    }
    const QString path = pathOf(o.to), ending = QFileInfo(path).suffix().toLower();
    if (const QString why = book::refusesExport(path, book->path()); !why.isEmpty())
        throw Refusal{path + QStringLiteral(": ") + why};
    if (!o.force && QFileInfo::exists(path) && !sheet::isOurs(path) && !book::isOurTable(path))
        throw Refusal{path + QStringLiteral(": another file stands there; --force replaces it")};
    const Findings findings = lobe::examine(job);
    QString why;
    if (ending == QLatin1String("json")) {
        why = book::writeJobFile(path, *book, job);
    } else if (sheet::writes(ending)) {
        sheet::Options options;
        options.letter = o.letter;
        options.by = QString::fromStdString(o.by.empty() ? job.by : o.by);
        options.now_ms = book->now();
        why = sheet::saveAs(path, job, findings, options, tableAsked(o));
    } else {
        throw Refusal{path +
                      QStringLiteral(": expected json, csv, md, svg or pdf behind its point")};
    }
    if (!why.isEmpty()) throw Refusal{path + QStringLiteral(": ") + why};
    host.print(path + QLatin1Char('\n'));
}

/// What is not taken is said, and the others are; then the whole is a failure.
void importFolder(book::Book& book, const QString& folder, const Host& host) {
    const auto read = book::importJobFiles(book, folder);
    for (const std::int64_t id : read.jobs)
        host.print(QStringLiteral("job #%1 is new in %2\n").arg(id).arg(book.path()));
    if (read.jobs.empty() && read.refused.empty())
        throw Refusal{folder + QStringLiteral(": no .json file is in it")};
    if (!read.refused.empty())
        throw Refusal{
            QStringList(read.refused.begin(), read.refused.end()).join(QLatin1Char('\n'))};
}

/// Where there is no book yet a job makes one; a lift table needs a job to belong to.
std::unique_ptr<book::Book> bookToImportInto(const Options& o, const Host& host) {
    const QString path = pathOf(o.book), file = pathOf(o.file);
    const bool jobs =
        QFileInfo(file).isDir() || QFileInfo(file).suffix().toLower() == QLatin1String("json");
    if (QFileInfo::exists(path) || !jobs || !QFileInfo::exists(file)) return openBook(path);
    auto made = book::Book::open(path);
    if (const auto* e = std::get_if<book::Error>(&made)) throw Refusal{book::sentence(*e, path)};
    host.print(QStringLiteral("%1 is a new book\n").arg(path));
    return std::get<std::unique_ptr<book::Book>>(std::move(made));
}

void importInto(book::Book& book, const Options& o, const Host& host);

/// A book that was made for what could not be taken goes again.
void importFile(const Options& o, const Host& host) {
    const QString path = pathOf(o.book);
    const bool fresh = !QFileInfo::exists(path);
    try {
        importInto(*bookToImportInto(o, host), o, host);
    } catch (...) {
        if (fresh)
            if (auto made =
                    book::Book::open(path, book::Book::systemClock, book::Book::Mode::MustExist);
                auto* book = std::get_if<std::unique_ptr<book::Book>>(&made)) {
                const bool empty = (*book)->jobs().empty();
                book->reset();
                if (empty) QFile::remove(path);
            }
        throw;
    }
}

void importInto(book::Book& book, const Options& o, const Host& host) {
    const QString path = pathOf(o.file);
    if (QFileInfo(path).isDir()) return importFolder(book, path, host);
    if (QFileInfo(path).suffix().toLower() == QLatin1String("json")) {
        const auto made = book::importJobFile(book, path);
        if (const auto* why = std::get_if<QString>(&made))
            throw Refusal{path + QStringLiteral(": ") + *why};
        host.print(QStringLiteral("job #%1 is new in %2\n")
                       .arg(std::get<std::int64_t>(made))
                       .arg(book.path()));
        return;
    }
    const Side side = sideAsked(o);
    const Job job = jobOf(book, o.job);
    if (o.cylinder < 1 || o.cylinder > job.engine.cylinders)
        throw Refusal{QStringLiteral("--cylinder %1: this engine has 1 to %2")
                          .arg(o.cylinder)
                          .arg(job.engine.cylinders)};
    const LiftTable table = tableOf(path);
    RunConditions conditions = usualConditions(job.engine, side);
    conditions.afterMove = lastMove(job);
    conditions.source = QFileInfo(path).fileName().toStdString();
    const auto kept = book.record(
        job.id, book::AddSeries{book::runFromTable(table, o.cylinder, side, conditions)});
    if (const auto* e = std::get_if<book::Error>(&kept))
        throw Refusal{book::sentence(*e, book.path())};
    host.print(QStringLiteral("%1 readings are a new run of cylinder %2 %3 in %4\n")
                   .arg(table.points.size())
                   .arg(o.cylinder)
                   .arg(QString::fromStdString(o.side), QString::fromStdString(job.name)));
}

void lobeOfBook(Command command, Options& o) {
    command.option("--job", o.job,
                   "the job's name, or # and its number; needed when the book holds several");
    command.option("--side", o.side, "of a lift table: intake or exhaust")
        .oneOf({"intake", "exhaust"});
    command.option("--cylinder", o.cylinder, "of a lift table; 1 by default");
}

} // namespace

void addList(Command app, Host& host) {
    const auto o = std::make_shared<Options>();
    Command command = app.command("list", "the jobs of a book, the one changed last first");
    command.option("BOOK", o->book, "a book file").required();
    command.flag("--json", o->json, "print JSON");
    command.callback([&host, o] { host.command = [&host, o] { list(*o, host); }; });
}

void addExport(Command app, Host& host) {
    const auto o = std::make_shared<Options>();
    Command command =
        app.command("export", "the newest run of a lobe as a lift table, or with --to a whole job");
    command.option("BOOK", o->book, "a book file").required();
    command.option("FILE", o->file, "CSV of one lobe to write");
    command.option("--to", o->to, "the job as a file: json, csv, md, svg or pdf");
    command.option("--all", o->all, "every job of the book as a json file into this folder");
    command.option("--what", o->what, "of a csv: readings (default), curves or figures")
        .oneOf({"readings", "curves", "figures"});
    command.option("--by", o->by, "of a pdf: who measured");
    command.flag("--letter", o->letter, "of a pdf: on Letter paper");
    command.flag("--force", o->force, "replace a file that is none of these");
    lobeOfBook(command, *o);
    command.callback([&host, o] { host.command = [&host, o] { exportJob(*o, host); }; });
}

void addImport(Command app, Host& host) {
    const auto o = std::make_shared<Options>();
    Command command = app.command(
        "import", "a lift table as a new run, a job file as a job, or a folder of them");
    command.option("BOOK", o->book, "a book file").required();
    command
        .option("FILE", o->file,
                "CSV with crank_deg and lift_mm or lift_in; a job, .json; or a folder of jobs")
        .required();
    lobeOfBook(command, *o);
    command.callback([&host, o] { host.command = [&host, o] { importFile(*o, host); }; });
}

} // namespace cli
