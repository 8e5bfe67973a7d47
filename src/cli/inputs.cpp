#include "cli/inputs.h"

#include "book/files.h"
#include "book/loaded.h"
#include "cli/refusal.h"
#include "core/job/bounds.h"
#include "core/job/job.h"
#include "words/sentences.h"

#include <QFileInfo>
#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace cli {

using namespace lobe;

QString pathOf(const std::string& argument) {
    const QString path = QString::fromLocal8Bit(argument.c_str());
    // A colon in front would be a place inside the program.
    return path.startsWith(QLatin1Char(':')) ? QStringLiteral("./") + path : path;
}

Place placeOf(const std::string& text) {
    return text == "valve" ? Place::Valve : Place::Tappet;
}

Side sideOf(const std::string& text) {
    return text == "intake" ? Side::Intake : Side::Exhaust;
}

void checkPositive(const char* option, double value, bool zero) {
    if (!std::isfinite(value) || value < 0.0 || (!zero && value == 0.0) || value > 1000.0)
        throw Refusal{QStringLiteral("%1 %2: expected a positive number")
                          .arg(QLatin1String(option))
                          .arg(value)};
}

void checkAdvances(const std::vector<double>& advances) {
    for (double a : advances)
        if (!std::isfinite(a) || std::abs(a) > 90.0)
            throw Refusal{QStringLiteral("--advance %1: expected crank degrees within 90").arg(a)};
}

LiftTable tableOf(const QString& path) {
    auto table = book::readTableFile(path);
    if (const auto* why = std::get_if<QString>(&table))
        throw Refusal{QStringLiteral("%1: %2; expected a CSV lift table").arg(path, *why)};
    if (const auto* e = std::get_if<TableError>(&table)) throw Refusal{words::sentence(*e, path)};
    return std::get<LiftTable>(std::move(table));
}

Card cardFile(const std::string& argument) {
    const QString path = pathOf(argument);
    auto card = book::readCardFile(path);
    if (const auto* why = std::get_if<QString>(&card))
        throw Refusal{path + QStringLiteral(": ") + *why};
    return std::get<Card>(std::move(card));
}

std::unique_ptr<book::Book> openBook(const QString& path) {
    if (!QFileInfo::exists(path))
        throw Refusal{QStringLiteral("%1: no such file; expected a book").arg(path)};
    if (QFileInfo(path).isFile() && QFileInfo(path).size() == 0)
        throw Refusal{QStringLiteral("%1: the file is empty; expected a book").arg(path)};
    auto opened = book::Book::open(path, book::Book::systemClock, book::Book::Mode::MustExist);
    if (const auto* e = std::get_if<book::Error>(&opened)) throw Refusal{book::sentence(*e, path)};
    return std::get<std::unique_ptr<book::Book>>(std::move(opened));
}

Job jobOf(book::Book& book, const std::string& wanted) {
    const QString name = pathOf(wanted);
    QStringList names;
    std::optional<std::int64_t> id;
    const auto listed = book.listJobs();
    if (const auto* e = std::get_if<book::Error>(&listed))
        throw Refusal{book::sentence(*e, book.path())};
    const auto& jobs = std::get<std::vector<book::JobSummary>>(listed);
    for (const auto& j : jobs) {
        names << QLatin1Char('"') + j.name + QLatin1Char('"');
        const bool meant = wanted.empty()
                               ? jobs.size() == 1
                               : j.name == name || name == QStringLiteral("#%1").arg(j.id);
        if (meant && id)
            throw Refusal{QStringLiteral("%1: two jobs are called \"%2\"; say which by its number: "
                                         "--job \"#%3\" or \"#%4\"")
                              .arg(book.path(), name)
                              .arg(*id)
                              .arg(j.id)};
        if (meant) id = j.id;
    }
    if (jobs.empty())
        throw Refusal{QStringLiteral("%1: the book holds no job yet").arg(book.path())};
    if (!id)
        throw Refusal{QStringLiteral("%1: say which job with --job: %2")
                          .arg(book.path(), names.join(QStringLiteral(", ")))};
    auto job = book.read(*id);
    if (const auto* e = std::get_if<book::Error>(&job))
        throw Refusal{book::sentence(*e, book.path())};
    auto& loaded = std::get<book::Loaded>(job);
    if (!loaded.newer.isEmpty())
        book.setReadOnly(QStringLiteral("a newer version wrote what this one does not know: ") +
                         loaded.newer);
    return std::move(loaded.job);
}

} // namespace cli
