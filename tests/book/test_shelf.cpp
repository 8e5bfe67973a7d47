// The shelf: what a book of several jobs holds, and what a search finds in it; expected by hand.
#include "book/shelf.h"
#include "core/job/job.h"

#include "core/choose/shelf.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTemporaryDir>
#include <QTest>

namespace test_shelf {

using namespace lobe;

namespace {

Card card(const std::string& name, double ivo, double ivc, double evo, double evc, double lift) {
    Card c;
    c.name = name;
    c.events.ivo = ivo;
    c.events.ivc = ivc;
    c.events.evo = evo;
    c.events.evc = evc;
    c.lift_mm = {lift, lift - 0.2};
    return c;
}

LiftRun measured(Side side) {
    LiftRun run;
    run.side = side;
    const auto lobe = closed::power(side == Side::Intake ? 108.0 : -110.0, 140.0, 7.0);
    for (double d = -150.0; d <= 150.0; d += 5.0) {
        Reading r;
        r.at = {lobe.centre + d};
        r.value_mm = lobe.at(lobe.centre + d);
        run.readings.push_back(r);
    }
    return run;
}

bool finds(const std::string& search, const Card& c, const std::string& words = "esker h1") {
    return matches(searchTerms(search), shelfFigures(c), words);
}

} // namespace

class TestShelf : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
private slots:
    void everyCamOfEveryJob() {
        auto opened = book::Book::open(dir_.filePath(QStringLiteral("shop.amber")));
        auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
        Job one;
        one.name = "Skerry Four";
        one.card = card("Drumlin 276", 12, 40, 52, 4, 7.2);
        one.otherCards = {card("Drumlin 288", 18, 50, 58, 10, 7.6)};
        one.runs = {measured(Side::Intake), measured(Side::Exhaust)};
        Job two;
        two.name = "Marram";
        two.engine.follower = Follower::Bucket;
        two.otherCards = {card("Esker H1", 8, 42, 41, 8, 9.0)};
        Job three;
        three.name = "no card";
        three.runs = {measured(Side::Intake)};
        for (const Job& j : {one, two, three})
            QVERIFY(std::holds_alternative<std::int64_t>(b.addJob(j)));
        auto shelf = std::get<std::vector<book::ShelfCam>>(b.shelf());
        QCOMPARE(shelf.size(), std::size_t(3));
        QCOMPARE(QString::fromStdString(shelf[0].card.name), QStringLiteral("Esker H1"));
        QVERIFY(!shelf[0].measured && !shelf[0].fitted);
        QVERIFY(shelf[0].follower == Follower::Bucket);
        QCOMPARE(shelf[1].jobName, QStringLiteral("Skerry Four"));
        QVERIFY(shelf[1].measured && shelf[1].fitted);
        QVERIFY(!shelf[2].measured);
        // What is undone is not on it; what was changed is as it is now.
        const auto job = b.jobs()[1].id;
        book::SetCards cards{{},
                             {card("Esker H1", 8, 42, 41, 8, 9.0), card("Fell 3", 1, 2, 3, 4, 5)}};
        QVERIFY(std::holds_alternative<book::Made>(b.record(job, cards)));
        QCOMPARE(std::get<std::vector<book::ShelfCam>>(b.shelf()).size(), std::size_t(4));
        QVERIFY(b.undo(job));
        QCOMPARE(std::get<std::vector<book::ShelfCam>>(b.shelf()).size(), std::size_t(3));
    }

    // By hand: 8 + 180 + 42 = 230 in and 41 + 180 + 8 = 229 ex; centres 107 and 106.5, separation
    // 106.75; overlap 16.
    void whatASearchFinds() {
        const Card c = card("Esker H1", 8, 42, 41, 8, 9.0);
        QVERIFY(finds("", c) && finds("esker", c) && finds("ESKER h1", c));
        QVERIFY(!finds("drumlin", c) && !finds("esker drumlin", c));
        QVERIFY(finds("dur>229", c) && !finds("dur>231", c) && finds("dur<229.5", c));
        QVERIFY(finds("duration229", c) && !finds("duration=226", c));
        QVERIFY(finds("lsa107", c) && finds("separation106", c) && !finds("lsa109", c));
        QVERIFY(finds("overlap<20 lift>8.5", c) && !finds("overlap<20 lift>9.5", c));
        QVERIFY(finds("lift8.9", c));
        // What is not known is not found by its number; a word without one is a text.
        Card none = c;
        none.lift_mm = {};
        QVERIFY(!finds("lift<20", none));
        QVERIFY(finds("overlap", c, "the overlap cam") && !finds("overlap", c));
    }
};

AMBER_TEST(TestShelf)

} // namespace test_shelf

#include "test_shelf.moc"
