// The process is killed in the middle of typing: every reading whose entry line cleared is on disk.
#include "app_fixture.h"
#include "book/loaded.h"
#include "core/job/job.h"
#include "support/program.h"

#include <QFile>
#include <QProcess>
#include <QTextStream>

#include <csignal>

namespace test_kill {

using namespace lobe;

namespace {

/// The child: types lifts for ever and says so each time the line has cleared.
int typeForEver() {
    const QString folder = QCoreApplication::arguments().value(2);
    fixture::Answers answers;
    app::Application application({folder, folder + QStringLiteral("/p.ini")}, &answers);
    QString sentence;
    if (!application.start({}, true, sentence)) return 3;
    application.window().show();
    application.session().openJob(application.session().book().jobs()[0].id);
    application.session().select(4, Side::Exhaust);
    application.window().go(stations::lobes);
    auto* line = application.window().entryBar()->line();
    QTextStream out(stdout);
    for (int i = 0; i < 100000; ++i) {
        QTest::keyClicks(line, QStringLiteral("0.%1").arg(i % 1000, 3, 10, QLatin1Char('0')));
        QTest::keyClick(line, Qt::Key_Return);
        if (!line->text().isEmpty()) return 4;
        out << i << Qt::endl;
    }
    return 5;
}

} // namespace

class TestKill : public QObject {
    Q_OBJECT
private slots:
    void everyAcknowledgedReadingSurvives() {
        QTemporaryDir dir;
        QProcess child;
        child.start(QCoreApplication::applicationFilePath(),
                    {QStringLiteral("--type"), dir.path()});
        int acknowledged = -1;
        while (acknowledged < 60 && child.waitForReadyRead(60000))
            while (child.canReadLine())
                acknowledged = child.readLine().trimmed().toInt();
        QVERIFY2(acknowledged >= 60, child.readAllStandardError().constData());
        ::kill(static_cast<pid_t>(child.processId()), SIGKILL);
        child.waitForFinished(20000);
        QVERIFY(child.exitStatus() == QProcess::CrashExit);
        while (child.canReadLine())
            acknowledged = child.readLine().trimmed().toInt();

        auto opened = book::Book::open(dir.filePath(QStringLiteral("demo.amber")));
        const auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
        const Job job = std::get<Job>(b.load(b.jobs()[0].id));
        const auto& readings = job.runs.back().readings;
        QVERIFY2(static_cast<int>(readings.size()) >= acknowledged + 1,
                 qPrintable(QString::number(readings.size())));
        for (int i = 0; i <= acknowledged; ++i)
            QCOMPARE(readings[static_cast<std::size_t>(i)].value_mm, (i % 1000) / 1000.0);
    }
};

static const bool typesForEver = tests::addChild("--type", typeForEver);
AMBER_TEST(TestKill)

} // namespace test_kill

#include "test_kill.moc"
