#include "cli/examine_command.h"

#include "cli/inputs.h"
#include "cli/json.h"
#include "cli/text.h"
#include "core/examine/examine.h"
#include "core/job/job.h"

#include <memory>

namespace cli {

namespace {

struct ExamineOptions {
    std::string book, job;
    bool json = false;
};

void run(Host& host, const ExamineOptions& o) {
    const auto book = openBook(pathOf(o.book));
    const lobe::Job job = jobOf(*book, o.job);
    const lobe::Findings findings = lobe::examine(job);
    const words::Style style;
    if (o.json)
        host.print(jobJson(job, findings, style));
    else
        host.print(jobText(job, findings, style));
}

} // namespace

void addExamine(Command app, Host& host) {
    const auto kept = std::make_shared<ExamineOptions>();
    Command command = app.command("examine", "every finding of a job in a book");
    command.option("BOOK", kept->book, "a book file").required();
    command.option("--job", kept->job, "the job's name; needed when the book holds several");
    command.flag("--json", kept->json, "print JSON");
    command.callback([&host, kept] { host.command = [&host, kept] { run(host, *kept); }; });
}

} // namespace cli
