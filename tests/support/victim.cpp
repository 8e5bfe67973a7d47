// What is killed: opens a book, which makes it or carries it forward, and types into it. Prints a
// line for each reading that was acknowledged.
#include "book/book.h"

#include <cstdio>

using namespace lobe;

int main(int argc, char** argv) {
    if (argc < 3) return 2;
    auto opened = book::Book::open(QString::fromLocal8Bit(argv[1]), [] { return std::int64_t(1); });
    if (const auto* e = std::get_if<book::Error>(&opened)) {
        std::fprintf(stderr, "%s\n", qPrintable(e->detail));
        return 3;
    }
    auto& book = *std::get<std::unique_ptr<book::Book>>(opened);
    const int readings = std::atoi(argv[2]);
    if (readings == 0) return 0;
    const auto job = book.addJob(QStringLiteral("victim"));
    const auto run = book.record(std::get<std::int64_t>(job), book::AddRun{LiftRun{}});
    for (int i = 0; i < readings; ++i) {
        Reading r;
        r.at = {double(i)};
        r.lift_mm = i;
        if (std::holds_alternative<book::Made>(book.record(
                std::get<std::int64_t>(job), book::AddReading{std::get<book::Made>(run).id, r}))) {
            std::printf("%d\n", i);
            std::fflush(stdout);
        }
    }
    return 0;
}
