#include "cli/backup_command.h"

#include "cli/inputs.h"
#include "cli/refusal.h"

#include <CLI/CLI.hpp>

#include <memory>

namespace cli {

void addBackup(CLI::App& app, Host& host) {
    struct Files {
        std::string book, copy;
    };
    const auto files = std::make_shared<Files>();
    auto* command = app.add_subcommand(
        "backup", "everything in a book as a new file, also while it is open elsewhere");
    command->add_option("BOOK", files->book, "a book file")->required();
    command->add_option("FILE", files->copy, "the copy; nothing may stand there yet")->required();
    command->callback([&host, files] {
        host.command = [&host, files] {
            const QString path = pathOf(files->copy);
            const auto book = openBook(pathOf(files->book));
            if (const auto error = book->writeCopy(path))
                throw Refusal{book::sentence(*error, path)};
            host.print(path + QLatin1Char('\n'));
        };
    });
}

} // namespace cli
