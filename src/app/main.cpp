#include "app/frame/application.h"
#include "app/frame/views.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QTextStream>

#include <algorithm>
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

    Options() {
        line.setApplicationDescription(
            QStringLiteral("Amber Lobe: measure, set and choose camshafts."));
        line.addHelpOption();
        line.addVersionOption();
        line.addPositionalArgument(QStringLiteral("book"),
                                   QStringLiteral("a book to open; your own when left out"),
                                   QStringLiteral("[book]"));
        line.addOptions({demo, views, data});
    }
};

void name() {
    QCoreApplication::setApplicationName(QStringLiteral("amber-lobe"));
    QCoreApplication::setApplicationVersion(QStringLiteral("0.1.0"));
}

/// Help and version need no display.
bool asksForHelp(int argc, char** argv) {
    return std::any_of(argv + 1, argv + argc, [](std::string_view a) {
        return a == "-h" || a == "--help" || a == "--help-all" || a == "-v" || a == "--version";
    });
}

} // namespace

int main(int argc, char** argv) {
    if (asksForHelp(argc, argv)) {
        QCoreApplication core(argc, argv);
        name();
        Options().line.process(core);
        return 0;
    }
    QApplication qt(argc, argv);
    name();
    Options options;
    options.line.process(qt);

    app::Paths paths = app::Paths::standard();
    if (options.line.isSet(options.data)) {
        const QString folder = options.line.value(options.data);
        paths = {folder, folder + QStringLiteral("/preferences.ini")};
    }
    app::Application application(paths);
    QString sentence;
    const QString book = options.line.positionalArguments().value(0);
    const bool views = options.line.isSet(options.views);
    if (!application.start(book, options.line.isSet(options.demo) || views, sentence,
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
    return QApplication::exec();
}
