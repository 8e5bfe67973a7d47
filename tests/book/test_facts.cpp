// What is kept of facts: two windows change different ones, what is not understood is said, a
// change in memory is the change on disk, and undo says what it takes back.
#include "book/apply.h"
#include "book/book.h"
#include "book/loaded.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDir>
#include <QRandomGenerator>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>

namespace test_facts {

using namespace lobe;
using book::Book;
using namespace support;
using book::Trouble;

class TestFacts : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString path(const char* name) const { return dir_.filePath(QLatin1String(name)); }
    static Card named(const char* name) {
        Card c;
        c.name = name;
        return c;
    }
    /// An empty folder for one trial.
    QString fresh() {
        const QString folder = path("trial");
        QDir(folder).removeRecursively();
        QDir().mkpath(folder);
        return folder;
    }

private slots:
    // What is not understood is said; nothing stands in for it.
    void unknownValuesAreNoDefaults_data() {
        QTest::addColumn<QString>("change");
        QTest::addColumn<QString>("named");
        const auto fact = [](const char* subject, const char* body) {
            return QStringLiteral("UPDATE fact SET body = '%1', patch = 0 WHERE subject = '%2'")
                .arg(QLatin1String(body), QLatin1String(subject));
        };
        QTest::newRow("unknown rotation")
            << fact("engine", R"({"rotation":"widdershins"})") << QStringLiteral("widdershins");
        QTest::newRow("a number for a name")
            << fact("engine", R"({"follower":3})") << QStringLiteral("follower");
        QTest::newRow("a word for a number")
            << fact("engine", R"({"bore_mm":"ninety"})") << QStringLiteral("bore_mm");
        QTest::newRow("no JSON") << fact("engine", "{broken") << QStringLiteral("engine");
        QTest::newRow("half a school")
            << fact("settings", R"({"school":"centr"})") << QStringLiteral("centr");
        QTest::newRow("unknown scale")
            << QStringLiteral("UPDATE contact SET scale = '0-400'") << QStringLiteral("0-400");
    }
    void unknownValuesAreNoDefaults() {
        QFETCH(QString, change);
        QFETCH(QString, named);
        const QString file = fresh() + QStringLiteral("/b.amber");
        std::int64_t job = 0;
        {
            auto b = opened(file);
            job = id(b->addJob(QStringLiteral("x")));
            id(b->record(job, book::SetEngine{}));
            id(b->record(job, book::SetStated{}));
            id(b->record(job, book::AddSeries{LiftRun{}}));
            id(b->record(job, book::AddContact{Contact{}}));
        }
        sql(file, change.split(QStringLiteral("; ")));
        auto b = opened(file);
        const auto read = b->read(job);
        QVERIFY(std::holds_alternative<book::Error>(read));
        QCOMPARE(int(std::get<book::Error>(read).trouble), int(Trouble::NotUnderstood));
        QVERIFY2(std::get<book::Error>(read).detail.contains(named),
                 qPrintable(std::get<book::Error>(read).detail));
    }

    void aNewerKeyIsReadOver() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        std::int64_t job = 0;
        {
            auto b = opened(file);
            job = id(b->addJob(QStringLiteral("x")));
            Engine e;
            e.bore_mm = 90.0;
            id(b->record(job, book::SetEngine{e}));
        }
        sql(file,
            {QStringLiteral("UPDATE fact SET body = '{\"bore_mm\":90.0,\"turbo\":true}' WHERE "
                            "subject = 'engine'")});
        auto b = opened(file);
        const auto read = b->read(job);
        QCOMPARE(std::get<book::Loaded>(read).job.engine.bore_mm, 90.0);
        QVERIFY(std::get<book::Loaded>(read).newer.contains(QStringLiteral("engine.turbo")));
    }

    void twoWindowsChangeDifferentFacts() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto a = opened(file);
        const auto job = id(a->addJob(QStringLiteral("x")));
        auto b = opened(file);
        const Job seen = std::get<Job>(a->load(job));
        Stated school = seen, pin = seen;
        school.reckoning.school = CentreSchool::Centroid;
        pin.pinned = {"advance"};
        id(a->record(job, book::SetStated{school}, &seen));
        id(b->record(job, book::SetStated{pin}, &seen));
        Engine bore = seen.engine, teeth = seen.engine;
        bore.bore_mm = 90.0;
        teeth.drive.teeth = 44;
        id(a->record(job, book::SetEngine{bore}, &seen));
        id(b->record(job, book::SetEngine{teeth}, &seen));
        const Job both = std::get<Job>(b->load(job));
        QVERIFY(both.reckoning.school == CentreSchool::Centroid);
        QCOMPARE(both.pinned, (std::vector<std::string>{"advance"}));
        QCOMPARE(both.engine.bore_mm, 90.0);
        QCOMPARE(both.engine.drive.teeth, 44);
        // What was taken away is away, and comes back by undo.
        Job now = both;
        now.fitted.factoryMark_deg = 2.5;
        id(a->record(job, book::SetStated{now}, &both));
        const Job marked = std::get<Job>(a->load(job));
        QCOMPARE(*marked.fitted.factoryMark_deg, 2.5);
        id(a->record(job, book::SetStated{both}, &marked));
        QVERIFY(!std::get<Job>(a->load(job)).fitted.factoryMark_deg);
        QVERIFY(a->undo(job));
        QCOMPARE(*std::get<Job>(a->load(job)).fitted.factoryMark_deg, 2.5);
    }

    // A change carried out in memory is what reading it back shows.
    void appliedIsWhatIsRead() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        QRandomGenerator random(7);
        Job here = std::get<Job>(b->load(job));
        for (int step = 0; step < 200; ++step) {
            book::Change change = book::SetName{std::to_string(step)};
            const auto anyRun = [&]() -> const LiftRun* {
                return here.runs.empty() ? nullptr
                                         : &here.runs[random.bounded(quint32(here.runs.size()))];
            };
            const LiftRun* run = anyRun();
            const ClearanceMap* map = here.maps.empty() ? nullptr : &here.maps.back();
            switch (random.bounded(13)) {
            case 0: {
                Engine e = here.engine;
                e.bore_mm = 60.0 + random.bounded(50);
                e.drive.bushes_deg = {1.0, double(random.bounded(4))};
                change = book::SetEngine{e};
                break;
            }
            case 1: {
                book::SetCards cards{here.card, here.otherCards};
                if (cards.fitted && random.bounded(2))
                    cards.fitted.reset();
                else
                    cards.fitted = named("card");
                if (random.bounded(2)) cards.others.push_back(named("other"));
                change = cards;
                break;
            }
            case 2: {
                Stated s = here;
                s.reckoning.heights = {{0.1 * (1 + random.bounded(9)), Place::Valve}};
                if (random.bounded(2))
                    s.trial.kept = CompressionState{"kept", 90, 78, 142, 0, {}, 60};
                if (random.bounded(3) == 0) s.trial.kept.reset();
                change = book::SetStated{s};
                break;
            }
            case 3: {
                LiftRun fresh;
                fresh.cylinder = 1 + random.bounded(4);
                fresh.readings.edit().resize(random.bounded(4u));
                if (!fresh.readings.empty())
                    fresh.readings.edit()[0].struck = Struck{"came struck"};
                change = book::AddSeries{fresh};
                break;
            }
            case 4:
            case 5:
                if (run) {
                    book::AddReading add{run->id, {}};
                    add.reading.at = {double(random.bounded(700))};
                    if (!run->readings.empty() && random.bounded(2))
                        add.replaces = run->readings.front().id;
                    change = add;
                }
                break;
            case 6:
                if (run && !run->readings.empty())
                    change = book::StrikeReading{run->readings.back().id, "misread"};
                break;
            case 7:
                if (run) {
                    RunConditions t = run->terms;
                    t.lash_mm = 0.01 * random.bounded(40);
                    if (random.bounded(2))
                        t.noseLift_mm = 7.0;
                    else
                        t.noseLift_mm.reset();
                    change = book::SetTerms{run->id, t};
                }
                break;
            case 8: {
                ClearanceMap fresh;
                fresh.side = Side::Exhaust;
                fresh.readings.edit().resize(random.bounded(3u));
                for (Reading& r : fresh.readings.edit())
                    r.of = ReadingOf::Press;
                change = book::AddSeries{fresh};
                break;
            }
            case 9:
                if (map) {
                    book::AddReading add{map->id, {}};
                    add.reading.of = ReadingOf::Press;
                    add.reading.value_mm = 0.01 * random.bounded(300);
                    if (!map->readings.empty() && random.bounded(2))
                        add.replaces = map->readings.back().id;
                    change = add;
                }
                break;
            case 10:
                if (map) {
                    MockUp m = map->terms;
                    m.notchCut_mm = 0.1 * random.bounded(9);
                    m.release = std::to_string(step);
                    m.turns = 2;
                    change = book::SetTerms{map->id, m};
                }
                break;
            case 11: {
                Stated s = here;
                s.choosing.purpose.text = std::to_string(step);
                s.choosing.wishes = {{WishKind::Overlap, 20.0, {}}};
                if (random.bounded(2)) s.choosing.wishes[0].most = 60.0;
                Candidate c;
                c.name = "two earlier";
                c.advance_deg.intake = random.bounded(5);
                if (random.bounded(2)) c.ratio.exhaust = 1.6;
                if (random.bounded(2)) c.lobe.intake = KeptLobe{{0.0, 2.0}, {0.1, 0.4}};
                s.choosing.candidates.assign(random.bounded(3u), c);
                s.choosing.decisions.resize(random.bounded(2u));
                change = book::SetStated{s};
                break;
            }
            default: {
                CamMove c;
                c.number = 1 + random.bounded(3);
                c.marks = std::to_string(step);
                change = book::KeepMove{c};
            }
            }
            const auto made = b->record(job, change, &here);
            QVERIFY(std::holds_alternative<book::Made>(made));
            book::apply(here, change, std::get<book::Made>(made));
            const Job read = std::get<Job>(b->load(job));
            QVERIFY2(read == here, qPrintable(QString::number(step)));
        }
    }

    void undoSaysWhatItTakesBack() {
        auto b = opened(fresh() + QStringLiteral("/b.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        LiftRun run;
        run.cylinder = 3;
        run.side = Side::Exhaust;
        const auto made = id(b->record(job, book::AddSeries{run}));
        Reading r;
        r.at = {75.0};
        const auto reading = id(b->record(job, book::AddReading{made, r}));
        auto deed = *std::get<0>(b->toUndo(job));
        QCOMPARE(deed.kind, QStringLiteral("reading"));
        QCOMPARE(deed.cylinder, 3);
        QVERIFY(deed.side == Side::Exhaust);
        QCOMPARE(deed.reading->at.deg, 75.0);
        b->record(job, book::StrikeReading{reading, "misread"});
        deed = *std::get<0>(b->toUndo(job));
        QCOMPARE(deed.kind, QStringLiteral("strike"));
        QCOMPARE(deed.reading->at.deg, 75.0);
        const Job seen = std::get<Job>(b->load(job));
        Engine e = seen.engine;
        e.bore_mm = 90;
        b->record(job, book::SetEngine{e}, &seen);
        QCOMPARE(std::get<0>(b->toUndo(job))->field, QStringLiteral("bore_mm"));
        b->undo(job);
        QCOMPARE(std::get<0>(b->toRedo(job))->field, QStringLiteral("bore_mm"));
        QCOMPARE(std::get<0>(b->toUndo(job))->kind, QStringLiteral("strike"));
    }
};

AMBER_TEST(TestFacts)

} // namespace test_facts

#include "test_facts.moc"
