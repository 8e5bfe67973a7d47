// What is killed: opens a book, which makes it or carries it forward, and types into it, writes a
// lift table of it or copies it. Prints a line for each reading that was acknowledged.
#include "book/book.h"
#include "book/files.h"
#include "book/job_file.h"
#include "book/pictures.h"
#include "core/job/job.h"

#include <cstdio>
#include <string_view>

using namespace lobe;

int main(int argc, char** argv) {
    if (argc < 3) return 2;
    auto opened = book::Book::open(QString::fromLocal8Bit(argv[1]), [] { return std::int64_t(1); });
    if (const auto* e = std::get_if<book::Error>(&opened)) {
        std::fprintf(stderr, "trouble %d: %s\n", int(e->trouble), qPrintable(e->detail));
        return 3;
    }
    auto& book = *std::get<std::unique_ptr<book::Book>>(opened);
    if (argc > 4) { // victim BOOK 0 export|backup|undo|import|photo FILE
        const QString file = QString::fromLocal8Bit(argv[4]);
        if (std::string_view(argv[3]) == "import") {
            const auto made = book::importJobFile(book, file);
            const auto* why = std::get_if<QString>(&made);
            if (why) std::printf("%s", qPrintable(*why));
            return why ? 5 : 0;
        }
        if (std::string_view(argv[3]) == "photo") {
            book::Keeping keeping(book.path());
            LogEntry entry;
            entry.picture = keeping.add(QStringLiteral("job-1"), file).toStdString();
            if (entry.picture.empty()) return 5;
            if (std::holds_alternative<book::Error>(
                    book.record(book.jobs().at(0).id, book::KeepEntry{entry})))
                return 5;
            keeping.done();
            return 0;
        }
        if (std::string_view(argv[3]) == "backup") return book.writeCopy(file) ? 4 : 0;
        if (std::string_view(argv[3]) == "undo") {
            const auto undone = book.switchBack(book.jobs().at(0).id);
            const auto* e = std::get_if<book::Error>(&undone);
            if (e) std::printf("%s", qPrintable(book::sentence(*e, book.path())));
            return e ? 5 : 0;
        }
        const Job job = std::get<Job>(book.load(book.jobs().at(0).id));
        return book::writeTableFile(file, job, job.runs.at(0), book.path()).isEmpty() ? 0 : 4;
    }
    const int readings = std::atoi(argv[2]);
    if (readings == 0) return 0;
    const auto job = book.addJob(QStringLiteral("victim"));
    const auto run = book.record(std::get<std::int64_t>(job), book::AddSeries{LiftRun{}});
    for (int i = 0; i < readings; ++i) {
        Reading r;
        r.at = {double(i)};
        r.value_mm = i;
        if (std::holds_alternative<book::Made>(book.record(
                std::get<std::int64_t>(job), book::AddReading{std::get<book::Made>(run).id, r}))) {
            std::printf("%d\n", i);
            std::fflush(stdout);
        }
    }
    return 0;
}
