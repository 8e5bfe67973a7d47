#include "app/frame/application.h"
#include "app/frame/arguments.h"
#include "app/frame/ending.h"
#include "app/frame/file_traffic.h"
#include "app/frame/open_window.h"
#include "app/frame/views.h"
#include "app/frame/zoom.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QFileInfo>
#include <QScreen>
#include <QTextStream>

#include <algorithm>
#include <cstdlib>
#include <string_view>

namespace {

struct Options {
    QCommandLineParser line;
    QCommandLineOption demo{QStringLiteral("demo"), QStringLiteral("open the demo book")};
    QCommandLineOption views{
        QStringLiteral("views"),
        QStringLiteral("save a picture of each main view of the demo to FOLDER and end"),
        QStringLiteral("FOLDER")};
    QCommandLineOption data{QStringLiteral("data"),
                            QStringLiteral("keep books and preferences in FOLDER"),
                            QStringLiteral("FOLDER")};

    QCommandLineOption newWindow{
        QStringLiteral("new-window"),
        QStringLiteral("show the files in a window of their own, also where one is open")};

    Options() {
        line.setApplicationDescription(
            QStringLiteral("Amber Lobe: measure, set and choose camshafts."));
        line.addHelpOption();
        line.addVersionOption();
        line.addPositionalArgument(
            QStringLiteral("file"),
            QStringLiteral("a book to open, your own when left out; job files and lift tables go "
                           "into it"),
            QStringLiteral("[file...]"));
        line.addOptions({demo, views, data, newWindow});
    }
};

void name() {
    QCoreApplication::setApplicationName(QStringLiteral("amber-lobe"));
    QCoreApplication::setApplicationVersion(QStringLiteral(AMBER_VERSION));
}

/// Help and version need no display.
bool asksForHelp(int argc, char** argv) {
    return std::any_of(argv + 1, argv + argc, [](std::string_view a) {
        return a == "-h" || a == "--help" || a == "--help-all" || a == "-v" || a == "--version";
    });
}

void untilThereIsADisplay(QtMsgType type, const QMessageLogContext&, const QString& text) {
    if (type == QtFatalMsg) {
        QTextStream(stderr) << "amber-lobe: there is no display to show a window on. Start it on a "
                               "desktop, or with DISPLAY or WAYLAND_DISPLAY set; amber-lobe-cli "
                               "needs none."
                            << Qt::endl;
        std::_Exit(1);
    }
    // Why there is none is said by what follows.
    if (type != QtWarningMsg && type != QtInfoMsg && type != QtDebugMsg)
        QTextStream(stderr) << text << Qt::endl;
}

/// Where books and preferences are, by the arguments; as the desktop has it where they do not say.
app::Paths pathsOf(int argc, char** argv) {
    Options options;
    QStringList all;
    for (int i = 0; i < argc; ++i)
        all << QString::fromLocal8Bit(argv[i]);
    // What is wrong with them is said when there is an application.
    options.line.parse(all);
    if (!options.line.isSet(options.data)) return app::Paths::standard();
    const QString folder = options.line.value(options.data);
    return {folder, folder + QStringLiteral("/preferences.ini")};
}

/// On a screen too small for the benches everything is shown smaller, until somebody says
/// otherwise. True where that was just written down.
bool begunSmaller(const QString& preferences) {
    const QScreen* screen = QGuiApplication::primaryScreen();
    if (!screen || QGuiApplication::platformName() == QLatin1String("offscreen")) return false;
    const QFileInfo there(preferences);
    if (there.exists() && !there.isFile()) return false;
    const int wanted = app::zoomToBegin(screen->availableGeometry().size());
    return wanted != 100 && app::beginAt(wanted, preferences);
}

/// Shows the window until it ends. `again`: the arguments by which the same is shown anew.
int show(int argc, char** argv, QStringList& again) {
    // Without a display Qt ends the program from within; it is said in a sentence before.
    qInstallMessageHandler(untilThereIsADisplay);
    QApplication qt(argc, argv);
    qInstallMessageHandler(nullptr);
    name();
    Options options;
    options.line.process(qt);

    const app::Paths paths = pathsOf(argc, argv);
    if (begunSmaller(paths.preferences)) {
        again = QCoreApplication::arguments();
        return app::kStartAgain;
    }
    const QStringList files = options.line.positionalArguments();
    if (!options.line.isSet(options.newWindow) && app::handedOver(paths.data, files)) return 0;
    app::Application application(paths);
    QString sentence;
    const app::Arguments arguments = app::argumentsOf(files);
    const bool views = options.line.isSet(options.views);
    if (!application.start(arguments.book, options.line.isSet(options.demo) || views, sentence,
                           views ? app::Opening::Hidden : app::Opening::Shown)) {
        QTextStream(stderr) << "amber-lobe: " << sentence << Qt::endl;
        if (views || QGuiApplication::platformName() == QLatin1String("offscreen")) return 1;
        application.refusal(sentence).show();
        QApplication::exec();
        return 1;
    }
    if (views) {
        const QStringList written = app::saveViews(application, options.line.value(options.views));
        for (const QString& path : written)
            QTextStream(stdout) << path << Qt::endl;
        return written.isEmpty() ? 1 : 0;
    }
    for (const QString& path : arguments.rest)
        application.window().files().take(path);
    const app::OpenWindow open(paths.data, application.window());
    const app::Ending ending([&] { application.end(); });
    QObject::connect(
        &application.window(), &app::MainWindow::startAgainWanted, &qt,
        [] { QCoreApplication::exit(app::kStartAgain); }, Qt::QueuedConnection);
    const int result = QApplication::exec();
    // The book that is open, wherever it was opened.
    again = {QString::fromLocal8Bit(argv[0])};
    if (options.line.isSet(options.data))
        again << QStringLiteral("--data") << options.line.value(options.data);
    again << QStringLiteral("--new-window"); // what is shown anew is not another's to take
    again << (application.books().inDemo() ? QStringLiteral("--demo")
                                           : application.session().book().path());
    return result;
}

} // namespace

int main(int argc, char** argv) {
    if (asksForHelp(argc, argv)) {
        QCoreApplication core(argc, argv);
        name();
        Options().line.process(core);
        return 0;
    }
    app::applyZoom(pathsOf(argc, argv).preferences);
    QStringList again;
    const int result = show(argc, argv, again);
    if (result == app::kStartAgain) app::startAgain(again);
    return result;
}
