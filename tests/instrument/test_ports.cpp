// Where tools are plugged in: pipes, pseudo-terminals, recorded streams; what is said when they are
// not there, and whether anything is lost.
#include "instrument/instruments.h"
#include "instrument/pseudo_terminal.h"
#include "instrument/simulated_rig.h"
#include "support/program.h"

#include <QFile>
#include <QProcess>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace test_ports {

using namespace instrument;

namespace {

Instrument dialAt(const QString& place) {
    Instrument i;
    i.name = QStringLiteral("blue dial");
    i.place = place;
    return i;
}

/// What was said, counted and kept.
struct Listener : QObject {
    explicit Listener(Instruments& instruments) {
        connect(&instruments, &Instruments::heard, this,
                [this](const Instruments::State&, const std::vector<Timed>& said) {
                    for (const Timed& one : said) {
                        odd += one.said.odd.has_value();
                        if (one.said.value) values.push_back(*one.said.value);
                        times.push_back(one.t_s);
                    }
                });
    }
    std::vector<double> values, times;
    int odd = 0;
};

} // namespace

class TestPorts : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private slots:
    void whatIsNotThereIsSaid() {
        Instruments instruments;
        instruments.add(dialAt(QStringLiteral("pipe:") + dir_.filePath(QStringLiteral("none"))));
        QVERIFY(instruments.all()[0]->health == Health::Lost);
        QVERIFY2(instruments.trouble().contains(QStringLiteral("There is no port")),
                 qPrintable(instruments.trouble()));
        QVERIFY(!instruments.of(Role::Lift));
        // A file is no port, nor a folder; a place of no kind is none.
        QFile file(dir_.filePath(QStringLiteral("file")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        for (const QString& place : QStringList{
                 QStringLiteral("pipe:") + file.fileName(), QStringLiteral("pipe:") + dir_.path(),
                 QStringLiteral("serial:/dev/no-such-port"), QStringLiteral("carrier-pigeon:1"),
                 QStringLiteral("recorded:") + file.fileName() + QStringLiteral("#lift")}) {
            Instruments one;
            one.add(dialAt(place));
            QVERIFY2(one.all()[0]->health == Health::Lost, qPrintable(place));
            QVERIFY2(one.trouble().endsWith(QLatin1Char('.')), qPrintable(one.trouble()));
        }
    }

    // A terminal that goes away is said once, and found again when it is back.
    void pulledOutAndPutBack() {
        const QString link = dir_.filePath(QStringLiteral("dial"));
        PseudoTerminal terminal;
        QCOMPARE(terminal.open(link), QString());
        Instruments instruments;
        instruments.add(dialAt(QStringLiteral("pipe:") + link));
        Listener heard(instruments);
        terminal.write("1.250 mm\r\n");
        QTRY_COMPARE(heard.values, std::vector<double>{1.25});
        QVERIFY(instruments.all()[0]->health == Health::Fine);
        terminal.close();
        QTRY_VERIFY(instruments.all()[0]->health == Health::Lost);
        QVERIFY2(instruments.trouble().contains(QStringLiteral("blue dial is unplugged")),
                 qPrintable(instruments.trouble()));
        QTest::qWait(1200); // looked after meanwhile, and still unplugged
        QVERIFY2(instruments.trouble().contains(QStringLiteral("blue dial is unplugged")),
                 qPrintable(instruments.trouble()));
        QCOMPARE(terminal.open(link), QString());
        QTRY_VERIFY_WITH_TIMEOUT(instruments.all()[0]->health != Health::Lost, 4000);
        terminal.write("2.500 mm\r\n");
        QTRY_COMPARE(heard.values.size(), std::size_t(2));
    }

    // Of two windows at one tool each would hear half of it: the second waits until it is free.
    void oneAtATime() {
        const QString link = dir_.filePath(QStringLiteral("shared"));
        PseudoTerminal terminal;
        QCOMPARE(terminal.open(link), QString());
        Instruments second;
        {
            Instruments first;
            first.add(dialAt(QStringLiteral("pipe:") + link));
            second.add(dialAt(QStringLiteral("pipe:") + link));
            QVERIFY(first.all()[0]->health == Health::Waiting);
            QVERIFY(second.all()[0]->health == Health::Lost);
            QVERIFY2(second.trouble().contains(QStringLiteral("in use")),
                     qPrintable(second.trouble()));
        }
        QTRY_VERIFY_WITH_TIMEOUT(second.all()[0]->health == Health::Waiting, 4000);
    }

    // What is no instrument is told so, and gives no value.
    void nonsenseIsSaid() {
        const QString link = dir_.filePath(QStringLiteral("mad"));
        PseudoTerminal terminal;
        QCOMPARE(terminal.open(link), QString());
        Instruments instruments;
        instruments.add(dialAt(QStringLiteral("pipe:") + link));
        Listener heard(instruments);
        for (int i = 0; i < 30; ++i)
            terminal.write("login incorrect\n");
        QTRY_VERIFY(instruments.all()[0]->health == Health::Odd);
        QVERIFY(heard.values.empty());
        QVERIFY2(instruments.trouble().contains(QStringLiteral("makes no sense")),
                 qPrintable(instruments.trouble()));
    }

    // Described otherwise it is understood at once, without plugging anything.
    void describedAnew() {
        const QString link = dir_.filePath(QStringLiteral("digits"));
        PseudoTerminal terminal;
        QCOMPARE(terminal.open(link), QString());
        Instruments instruments;
        instruments.add(dialAt(QStringLiteral("pipe:") + link));
        Listener heard(instruments);
        Instrument digits = instruments.all()[0]->instrument;
        digits.format.way = Way::Digits;
        instruments.change(0, digits);
        terminal.write(digitsPacket(8.512, 3, Unit::Millimetre));
        QTRY_COMPARE(heard.values, std::vector<double>{8.512});
    }

    // The bench as a program of its own, two thousand times a second: all of it arrives.
    void nothingIsLostAtTwoThousandASecond() {
        const QString lift = dir_.filePath(QStringLiteral("lift")),
                      angle = dir_.filePath(QStringLiteral("angle"));
        QProcess bench;
        bench.start(QStringLiteral(BIN_DIR "/amber-lobe-bench"),
                    {QStringLiteral("--wait"), QStringLiteral("--lift"), lift,
                     QStringLiteral("--angle"), angle, QStringLiteral("--turn"),
                     QStringLiteral("40"), QStringLiteral("--rate"), QStringLiteral("2000"),
                     QStringLiteral("--seconds"), QStringLiteral("2")});
        QVERIFY(bench.waitForStarted());
        QTRY_VERIFY(QFile::exists(lift) && QFile::exists(angle));
        Instruments instruments;
        Instrument dial = dialAt(QStringLiteral("pipe:") + lift);
        dial.format.way = Way::Digits;
        instruments.add(dial);
        Instrument encoder = dialAt(QStringLiteral("pipe:") + angle);
        encoder.role = Role::Angle;
        encoder.format.way = Way::Count;
        instruments.add(encoder);
        Listener heard(instruments);
        bench.write("go\n");
        QTRY_VERIFY_WITH_TIMEOUT(bench.state() == QProcess::NotRunning, 15000);
        QTest::qWait(50);
        const QString said = QString::fromUtf8(bench.readAllStandardOutput());
        const auto at = said.indexOf(QStringLiteral("said "));
        QVERIFY2(at >= 0, qPrintable(said));
        const int each = said.mid(at + 5).section(QLatin1Char(' '), 0, 0).toInt();
        qInfo("said %d each, heard %lld and %lld", each, instruments.all()[0]->all,
              instruments.all()[1]->all);
        QVERIFY(each > 3000);
        QVERIFY2(said.contains(QStringLiteral("dial 0,")) &&
                     said.contains(QStringLiteral("encoder 0")),
                 qPrintable(said));
        QCOMPARE(instruments.all()[0]->all, static_cast<long long>(each));
        QCOMPARE(instruments.all()[1]->all, static_cast<long long>(each));
        QCOMPARE(heard.odd, 0);
    }

    void theBenchSaysWhatItCan() {
        QProcess bench;
        bench.start(QStringLiteral(BIN_DIR "/amber-lobe-bench"), {QStringLiteral("--list")});
        QVERIFY(bench.waitForFinished());
        const QString list = QString::fromUtf8(bench.readAllStandardOutput());
        for (const simulated::Fault& f : simulated::Bench::faults())
            QVERIFY2(list.contains(QLatin1String(f.name)), f.name);
        bench.start(QStringLiteral(BIN_DIR "/amber-lobe-bench"),
                    {QStringLiteral("--fault"), QStringLiteral("gremlins")});
        QVERIFY(bench.waitForFinished());
        QCOMPARE(bench.exitCode(), 2);
        QVERIFY(bench.readAllStandardError().contains("gremlins"));
    }

    // What is kept as it was said is played again as it was said.
    void recordedAndPlayedAgain() {
        const QString path = dir_.filePath(QStringLiteral("one.stream"));
        std::vector<double> first;
        {
            Instruments instruments;
            auto& rig = instruments.simulate(simulated::Bench(simulated::engineOf(2), 1, 200.0));
            rig.bench().turn(30.0);
            Listener heard(instruments);
            QCOMPARE(instruments.record(path), QString());
            QVERIFY(!instruments.record(path).isEmpty()); // nothing is written over
            QVERIFY(!instruments.recording());
        }
        QFile::remove(path);
        {
            Instruments instruments;
            auto& rig = instruments.simulate(simulated::Bench(simulated::engineOf(2), 1, 200.0));
            rig.bench().turn(30.0);
            QCOMPARE(instruments.record(path), QString());
            Listener heard(instruments);
            QTest::qWait(600);
            instruments.stopRecording();
            first = heard.values;
        }
        QVERIFY(first.size() > 100);
        QVERIFY(!(QFile::permissions(path) & QFileDevice::ReadOther));
        const auto read = readStream(path);
        QVERIFY(std::holds_alternative<Stream>(read));
        std::vector<double> again;
        replay(std::get<Stream>(read), [&](const Instrument&, const Timed& one) {
            if (one.said.value) again.push_back(*one.said.value);
        });
        QVERIFY(again.size() >= first.size() - 20 && again.size() > 100);
        // And through a port, at its pace.
        Instruments instruments;
        Instrument dial = std::get<Stream>(read).instruments[0];
        dial.place = QStringLiteral("recorded:%1#lift").arg(path);
        instruments.add(dial);
        Listener heard(instruments);
        QTRY_VERIFY_WITH_TIMEOUT(heard.values.size() > 30, 3000);
        // Cut off in the writing: what came before counts; another file is none.
        QFile whole(path);
        QVERIFY(whole.open(QIODevice::ReadWrite));
        whole.resize(whole.size() - 5);
        whole.close();
        QVERIFY(std::holds_alternative<Stream>(readStream(path)));
        QFile other(dir_.filePath(QStringLiteral("other.stream")));
        QVERIFY(other.open(QIODevice::WriteOnly));
        other.write("crank_deg,lift_mm\n");
        other.close();
        QVERIFY(std::holds_alternative<QString>(readStream(other.fileName())));
    }
};

AMBER_TEST(TestPorts)

} // namespace test_ports

#include "test_ports.moc"
