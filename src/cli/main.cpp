#include "cli/commands.h"

#include <QGuiApplication>

#include <algorithm>
#include <memory>
#include <string_view>

namespace {

/// What is painted needs type; nothing needs a screen.
bool paints(int argc, char** argv) {
    return std::any_of(argv + 1, argv + argc, [](std::string_view a) {
        return a.ends_with(".pdf") || a.ends_with(".svg");
    });
}

} // namespace

int main(int argc, char** argv) {
    std::unique_ptr<QCoreApplication> app;
    if (paints(argc, argv)) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        app = std::make_unique<QGuiApplication>(argc, argv);
    } else {
        app = std::make_unique<QCoreApplication>(argc, argv);
    }
    return cli::run(argc, argv, stdout, stderr);
}
