// What the words of a command line stand for: files, books, jobs, places. Everything here throws
// Refusal with a sentence that names what was wrong.
#pragma once

#include "book/book.h"
#include "core/job/card.h"
#include "core/typed/lift_table.h"

#include <QString>

#include <memory>
#include <string>

namespace cli {

QString pathOf(const std::string& argument);
/// "valve", else the tappet.
lobe::Place placeOf(const std::string& text);
/// "intake", else the exhaust.
lobe::Side sideOf(const std::string& text);

/// A number of an option: not negative, finite, up to 1000; above nothing unless `zero`.
void checkPositive(const char* option, double value, bool zero);
/// Crank degrees within 90.
void checkAdvances(const std::vector<double>& advances);

lobe::LiftTable tableOf(const QString& path);
lobe::Card cardFile(const std::string& path);

/// An existing book; never makes one.
std::unique_ptr<book::Book> openBook(const QString& path);
/// The job of that name, or the only one.
lobe::Job jobOf(book::Book& book, const std::string& wanted);

} // namespace cli
