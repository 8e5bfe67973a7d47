// Read aloud, by whoever does not see the window: every station walked and held against a table of
// what it offers, and a job done from an empty book to its sheet by what is said alone.
#include "screen_reader.h"

#include <QFile>
#include <QFileInfo>
#include <QSet>
#include <QTemporaryDir>
#include <QTest>
#include <QTextStream>

#include <memory>

using namespace aloud;

namespace {

/// What one can do something with, or has to be told of as one thing.
const QStringList kOffered{QStringLiteral("push button"),  QStringLiteral("check box"),
                           QStringLiteral("radio button"), QStringLiteral("combo box"),
                           QStringLiteral("slider"),       QStringLiteral("text"),
                           QStringLiteral("list"),         QStringLiteral("table"),
                           QStringLiteral("graphic"),      QStringLiteral("tree")};

bool isOffered(const Said& s) {
    return kOffered.contains(s.role);
}

QStringList namesOf(const QList<Said>& all) {
    QStringList out;
    for (const Said& s : all)
        out << s.role + s.name;
    return out;
}

} // namespace

class TestAloud : public QObject {
    Q_OBJECT

    QTemporaryDir dir_;

    /// What stands in the line now is asked of.
    static QString asked(const ScreenReader& reader) {
        const auto line = reader.find(QStringLiteral("text"), QStringLiteral("Entry line"));
        return line ? line->description : QString();
    }

    static bool go(const ScreenReader& reader, const QString& station) {
        const auto stop = reader.find(QStringLiteral("list item"), station);
        return stop && reader.press(stop->node);
    }

private slots:
    void everyStationIsATable() {
        ScreenReader reader;
        QVERIFY(reader.start({QStringLiteral("--data"), dir_.filePath(QStringLiteral("demo")),
                              QStringLiteral("--demo")}));
        QString table;
        int sliders = 0, tables = 0, graphics = 0;
        QSet<QString> walked;
        // Of each kind of engine the stations that the one before has not; four-strokes have
        // twelve.
        for (const auto& [job, stations] : {std::pair{"", 12}, {"Wherry", 5}, {"Tarn", 6}}) {
            if (*job) {
                constexpr int kJ = 44;
                reader.withCtrl(kJ); // all jobs
                const auto it = reader.find(QStringLiteral("list item"), QLatin1String(job));
                QVERIFY(it && reader.press(it->node));
                QTest::qWait(400);
            }
            const auto route = reader.find(QStringLiteral("list"), QStringLiteral("Route"));
            QVERIFY(route);
            QTRY_COMPARE_WITH_TIMEOUT(reader.children(route->node).size(), stations, 20000);
            const auto stops = reader.children(route->node);
            for (const Node& stop : stops) {
                const Said station = reader.said(stop);
                if (walked.contains(station.name)) continue;
                walked << station.name;
                QVERIFY(!station.description.isEmpty());
                QVERIFY(reader.press(stop));
                // As it stands when it has come to rest, on a slow machine too.
                QList<Said> offered;
                for (int tries = 0; tries < 20; ++tries) {
                    QTest::qWait(300);
                    const auto again = reader.all(isOffered);
                    const bool rests = namesOf(again) == namesOf(offered);
                    offered = again;
                    if (rests) break;
                }
                table += station.name + QLatin1Char('\n');
                for (const Said& s : offered) {
                    QVERIFY2(!s.name.isEmpty() || (s.role == QLatin1String("list")), // of a box
                             qPrintable(station.name + QLatin1Char(' ') + s.role));
                    // The frame about every station is told once.
                    if (station.name != QLatin1String("Engine") &&
                        (s.name == QLatin1String("Route") || s.name == QLatin1String("Entry line")))
                        continue;
                    sliders += s.role == QLatin1String("slider");
                    graphics += s.role == QLatin1String("graphic");
                    tables += s.role == QLatin1String("table");
                    table += QStringLiteral("    %1: %2\n").arg(s.role, s.name);
                    if (s.role == QLatin1String("table"))
                        QVERIFY2(!reader.columns(s.node).value(0).isEmpty(), qPrintable(s.name));
                }
            }
        }
        QCOMPARE(walked.size(), 14);
        QVERIFY2(sliders >= 3 && tables >= 1 && graphics >= 10,
                 qPrintable(QStringLiteral("%1 %2 %3").arg(sliders).arg(tables).arg(graphics)));
        QFile held(QStringLiteral(TREE));
        if (qEnvironmentVariableIsSet("AMBER_WRITE_TREE")) {
            QVERIFY(held.open(QIODevice::WriteOnly));
            held.write(table.toUtf8());
            return;
        }
        QVERIFY(held.open(QIODevice::ReadOnly));
        const QStringList was = QString::fromUtf8(held.readAll()).split(QLatin1Char('\n')),
                          now = table.split(QLatin1Char('\n'));
        for (qsizetype i = 0; i < std::max(was.size(), now.size()); ++i)
            QCOMPARE(now.value(i), was.value(i));
    }

    void aSliderIsMovedByItsValue() {
        ScreenReader reader;
        QVERIFY(reader.start({QStringLiteral("--data"), dir_.filePath(QStringLiteral("demo2")),
                              QStringLiteral("--demo")}));
        QVERIFY(go(reader, QStringLiteral("Compression")));
        const auto slide = reader.find(QStringLiteral("slider"), QString());
        QVERIFY(slide);
        reader.setValue(slide->node, 4.0);
        QTRY_COMPARE(reader.value(slide->node), 4.0);
    }

    void aJobByWhatIsSaid() {
        ScreenReader reader;
        const QString data = dir_.filePath(QStringLiteral("own")),
                      pdf = dir_.filePath(QStringLiteral("aloud.pdf"));
        QVERIFY(reader.start({QStringLiteral("--data"), data}));
        // Answers by what is asked, until something else is.
        const auto answer = [&](const char* question, const QString& with) {
            const bool heard = QTest::qWaitFor(
                [&] { return asked(reader).contains(QLatin1String(question)); }, 8000);
            if (!heard) qWarning("%s, not %s", qPrintable(asked(reader)), question);
            const QString before = asked(reader);
            reader.type(with);
            reader.enter();
            return heard && QTest::qWaitFor([&] { return asked(reader) != before; }, 8000);
        };
        QVERIFY(answer("called", QStringLiteral("read aloud")));
        QVERIFY(answer("Engine?", QStringLiteral("a single")));
        QVERIFY(answer("Cylinders?", QStringLiteral("1")));
        QVERIFY(answer("Bore?", QStringLiteral("80")));
        QVERIFY(answer("Stroke?", QStringLiteral("70")));
        QVERIFY(answer("Rod length?", QStringLiteral("120")));
        QVERIFY(go(reader, QStringLiteral("TDC")));
        QVERIFY(answer("pass 1 before the top", QStringLiteral("31b")));
        QVERIFY(answer("pass 1 after the top", QStringLiteral("29a")));
        // Its station says how far the pointer is off; it is moved, and the stop touched again.
        QVERIFY(answer("pass 2 before the top", QStringLiteral("30b")));
        QVERIFY(answer("pass 2 after the top", QStringLiteral("30a")));
        const auto tdc = reader.find(QStringLiteral("list item"), QStringLiteral("TDC"));
        QVERIFY2(tdc && tdc->description.contains(QStringLiteral("proved")),
                 qPrintable(tdc ? tdc->description : QString()));
        QVERIFY(go(reader, QStringLiteral("Lobes")));
        QVERIFY(answer("intake", QStringLiteral("events 1.27 once")));
        QVERIFY(answer("opens at 1.27", QStringLiteral("10b")));
        QVERIFY(answer("highest", QStringLiteral("107a 8.2")));
        QVERIFY(answer("closes at 1.27", QStringLiteral("44ab")));
        const auto exhaust = reader.find(QStringLiteral("radio button"), QStringLiteral("exhaust"));
        QVERIFY(exhaust && !exhaust->checked && reader.press(exhaust->node));
        QTRY_VERIFY(reader.said(exhaust->node).checked);
        // It is taken as the one before.
        QTRY_VERIFY(asked(reader).contains(QStringLiteral("exhaust")));
        QVERIFY(answer("opens at 1.27", QStringLiteral("50bb")));
        QVERIFY(answer("highest", QStringLiteral("111b 8.0")));
        QVERIFY(answer("closes at 1.27", QStringLiteral("8a")));
        // The log says what was taken, in columns.
        const auto log = reader.find(QStringLiteral("table"), QStringLiteral("Readings"));
        QVERIFY(log);
        const auto rows = reader.children(log->node);
        QVERIFY(rows.size() >= 2);
        QCOMPARE(reader.columns(log->node).size(), 3);
        QCOMPARE(reader.children(rows.front()).size(), 3);
        QVERIFY(!reader.said(reader.children(rows.front()).front()).name.isEmpty());
        // 10 + 180 + 44, and 50 + 180 + 8.
        QVERIFY(go(reader, QStringLiteral("Timing")));
        QTest::qWait(300);
        const auto figures = reader.find(QStringLiteral("list"), QStringLiteral("Figures"));
        QVERIFY(figures);
        QStringList said;
        for (const Node& n : reader.children(figures->node))
            said << reader.said(n).name;
        const auto holds = [&](const char* figure, const char* value) {
            return std::any_of(said.begin(), said.end(), [&](const QString& s) {
                return s.contains(QLatin1String(figure)) && s.contains(QLatin1String(value)) &&
                       s.contains(QChar(0xB1));
            });
        };
        QVERIFY2(holds("Intake duration", "234.0"), qPrintable(said.join('\n')));
        QVERIFY2(holds("Exhaust duration", "238.0"), qPrintable(said.join('\n')));
        QVERIFY(go(reader, QStringLiteral("Sheet")));
        QTRY_VERIFY(asked(reader).contains(QStringLiteral("save the sheet")));
        reader.type(QStringLiteral("pdf"));
        reader.enter();
        const auto name = reader.find(QStringLiteral("text"), QStringLiteral("File"));
        QVERIFY(name);
        // It is there before the keys go to it, on a busy machine by long.
        QTRY_VERIFY_WITH_TIMEOUT(reader.said(name->node).focused, 20000);
        reader.type(pdf);
        QTRY_COMPARE(reader.text(name->node), pdf);
        // On a busy machine Qt's list of names that could be meant takes the first.
        const auto dialogGone = [&] {
            return !reader.find(QStringLiteral("text"), QStringLiteral("File"), 0);
        };
        for (int again = 0; again < 3; ++again) {
            reader.enter();
            if (QTest::qWaitFor(dialogGone, 8000)) break;
        }
        QTRY_VERIFY_WITH_TIMEOUT(QFileInfo(pdf).size() > 5000, 20000);
        QFile written(pdf);
        QVERIFY(written.open(QIODevice::ReadOnly));
        QVERIFY(written.read(5) == "%PDF-");
    }
};

QTEST_GUILESS_MAIN(TestAloud)

#include "test_aloud.moc"
