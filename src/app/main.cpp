#include "app/frame/application.h"
#include "app/frame/views.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QTextStream>

int main(int argc, char** argv) {
    QApplication qt(argc, argv);
    QApplication::setApplicationName(QStringLiteral("amber-lobe"));
    QApplication::setApplicationVersion(QStringLiteral("0.1.0"));
    QApplication::setStyle(QStringLiteral("Fusion"));

    QCommandLineParser line;
    line.setApplicationDescription(
        QStringLiteral("Amber Lobe: measure, set and choose camshafts."));
    line.addHelpOption();
    line.addVersionOption();
    line.addPositionalArgument(QStringLiteral("book"),
                               QStringLiteral("a book to open; your own when left out"),
                               QStringLiteral("[book]"));
    const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("open the demo book"));
    const QCommandLineOption views(
        QStringLiteral("views"),
        QStringLiteral("save a picture of each main view of the demo to FOLDER and end"),
        QStringLiteral("FOLDER"));
    const QCommandLineOption data(QStringLiteral("data"),
                                  QStringLiteral("keep books and preferences in FOLDER"),
                                  QStringLiteral("FOLDER"));
    line.addOptions({demo, views, data});
    line.process(qt);

    app::Paths paths = app::Paths::standard();
    if (line.isSet(data))
        paths = {line.value(data), line.value(data) + QStringLiteral("/preferences.ini")};
    app::Application application(paths);
    QString sentence;
    const QString book = line.positionalArguments().value(0);
    if (!application.start(book, line.isSet(demo) || line.isSet(views), sentence)) {
        QTextStream(stderr) << "amber-lobe: " << sentence << Qt::endl;
        return 1;
    }
    if (line.isSet(views)) {
        const QStringList written = app::saveViews(application, line.value(views));
        for (const QString& path : written)
            QTextStream(stdout) << path << Qt::endl;
        return written.isEmpty() ? 1 : 0;
    }
    application.window().show();
    return QApplication::exec();
}
