// amber-lobe-practice JOBS [FIRST SEED [CURVES]]: somebody works on hidden engines by random ways,
// and what is claimed is held against the truth. CURVES of a hundred lobes are taken as a whole
// curve, which is most of the time. Prints coverage by kind of claim; ends with 1 when anything
// that may never be was seen, or room was promised that is not there more often than once in a
// thousand.
#include "practice/held.h"

#include "book/book.h"

#include <QCoreApplication>
#include <QTemporaryDir>

#include <cstdio>
#include <cstdlib>

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    const unsigned jobs = argc > 1 ? static_cast<unsigned>(std::atoi(argv[1])) : 1000;
    const unsigned first = argc > 2 ? static_cast<unsigned>(std::atoi(argv[2])) : 1;
    const double curves = argc > 3 ? std::atof(argv[3]) : practice::kCurves;
    QTemporaryDir dir;
    practice::Held held;
    long entries = 0, refused = 0;
    std::unique_ptr<app::Session> session;
    for (unsigned i = 0; i < jobs; ++i) {
        // A book of a few hundred jobs, then another: it is not the book that is tried here.
        if (i % 200 == 0) {
            auto opened = book::Book::open(dir.filePath(QStringLiteral("b%1.amber").arg(i)),
                                           practice::handsClock());
            session = std::make_unique<app::Session>(
                std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        }
        const practice::Truth truth = practice::engineOf(first + i);
        const practice::Done done = practice::work(
            *session, truth, first + i,
            [&](const practice::Done& so) { held.always(*session, so); }, curves);
        held.truth(*session, done);
        entries += done.entries;
        refused += done.refused;
        if (held.wrong.size() >= 10) break;
    }
    std::printf("%u jobs, %ld entries, %ld refused\n", jobs, entries, refused);
    for (const auto& [kind, count] : held.counts)
        std::printf("%-28s %7d  within %5.1f %%%s\n", kind.c_str(), count.n, count.share(),
                    count.over ? qPrintable(QStringLiteral("  over-promised %1").arg(count.over))
                               : "");
    for (const QString& what : held.wrong)
        std::printf("\nWRONG: %s\n", qPrintable(what));
    const practice::Count& clearance = held.counts["clearance"];
    return held.wrong.isEmpty() && clearance.over <= 1 + clearance.n / 1000 ? 0 : 1;
}
