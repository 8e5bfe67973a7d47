#include "cli/backup_command.h"

#include "cli/inputs.h"
#include "cli/refusal.h"

#include <memory>

namespace cli {

void addBackup(Command app, Host& host) {
    struct Files {
        std::string book, copy;
    };
    const auto files = std::make_shared<Files>();
    Command command = app.command(
        "backup", "everything in a book as a new file, also while it is open elsewhere");
    command.option("BOOK", files->book, "a book file").required();
    command.option("FILE", files->copy, "the copy; nothing may stand there yet").required();
    command.callback([&host, files] {
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
