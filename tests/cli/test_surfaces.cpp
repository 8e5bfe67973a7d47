// One subject, every surface: what slate, Timing, Set, stand, route, sheet and command line say of
// a job is the same claim, over jobs worked by random ways. Numbers are read out of the texts, as
// somebody reads them.
#include "book/book.h"
#include "cli/json.h"
#include "core/job/job.h"
#include "practice/practitioner.h"
#include "sheet/sheet.h"
#include "stations/clearance/clearance_desk.h"
#include "stations/compression/compression_desk.h"
#include "stations/list.h"
#include "stations/set/set_desk.h"
#include "stations/timing/timing_desk.h"
#include "support/program.h"
#include "words/clearance.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>

namespace test_surfaces {

using namespace lobe;

namespace {

/// A surface's text with its marks of layout taken out.
QString plain(QString text) {
    static const QRegularExpression tag(QStringLiteral("<[^>]*>"));
    return text.replace(tag, QStringLiteral(" "))
        .replace(QStringLiteral("&nbsp;"), QStringLiteral(" "));
}

struct Surfaces {
    QString timing, timingFigures, timingStand, set, setStand, compression, compressionStand,
        clearance[2], clearanceStand[2], sheet;
    std::map<std::string, QString> route;
    cli::Json json;
};

Surfaces of(app::Session& session) {
    const auto manner = [] { return words::Style{}; };
    const Job& job = session.job();
    const Findings& f = session.findings();
    Surfaces out;
    app::TimingDesk timing(session, manner);
    app::SetDesk set(session, manner);
    set.follow();
    app::CompressionDesk compression(session, manner);
    out.timing = timing.verdict();
    if (const auto c = timing.cylinder()) out.timingFigures = plain(timing.figures(*c, false));
    out.timingStand = timing.standCard().big;
    out.set = set.verdict();
    out.setStand = set.standCard().advice;
    out.compression = compression.verdict();
    compression.leave();
    out.compressionStand = compression.standCard().big;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        session.select(1, side);
        app::ClearanceDesk clearance(session, manner);
        clearance.leave();
        clearance.follow();
        const int i = side == Side::Intake ? 0 : 1;
        out.clearance[i] = clearance.verdict();
        out.clearanceStand[i] = clearance.standCard().big;
    }
    session.select(1, Side::Intake);
    for (const stations::Station* s : stations::of(job))
        out.route[s->key] = s->line(job, f, {});
    out.sheet = plain(sheet::Sheet(job, f, {}).plainText());
    out.json = cli::jobJson(job, f, {});
    return out;
}

const Figure* figure(const Findings& f, FigureKind kind, std::optional<Side> side = {}) {
    for (const Figure& x : f.figures())
        if (x.kind == kind && x.side == side && x.value) return &x;
    return nullptr;
}

} // namespace

class TestSurfaces : public QObject {
    Q_OBJECT
private slots:
    // After every entry, as another window on the same book sees it.
    void sayOneClaimAllTheWay_data() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned seed = 101; seed <= 108; ++seed)
            QTest::addRow("job %u", seed) << seed;
    }
    void sayOneClaimAllTheWay() {
        QFETCH(unsigned, seed);
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("book.amber"));
        const auto opened = [&] {
            return std::get<std::unique_ptr<book::Book>>(
                book::Book::open(path, practice::handsClock()));
        };
        app::Session session(opened());
        app::Session beside(opened());
        int entries = 0;
        practice::work(session, practice::engineOf(seed), seed, [&](const practice::Done&) {
            if (QTest::currentTestFailed()) return;
            if (!beside.hasJob()) beside.openJob(session.job().id);
            beside.lookAgain();
            ++entries;
            held(beside);
        });
        QVERIFY(entries > 3);
    }
    void sayOneClaim_data() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned seed = 1; seed <= 60; ++seed)
            QTest::addRow("job %u", seed) << seed;
    }
    void sayOneClaim() {
        QFETCH(unsigned, seed);
        QTemporaryDir dir;
        auto opened =
            book::Book::open(dir.filePath(QStringLiteral("book.amber")), practice::handsClock());
        app::Session session(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        const practice::Truth truth = practice::engineOf(seed);
        practice::work(session, truth, seed, [](const practice::Done&) {});
        // Some give volumes, all of them or the chamber alone.
        Engine e = session.job().engine;
        if (seed % 3) e.chamber.chamber_cc = 45.0;
        if (seed % 3 == 2) e.chamber.gasket_mm = 1.1;
        QVERIFY(session.keep(book::SetEngine{e}));
        held(session);
    }

private:
    void held(app::Session& session) {
        const Surfaces s = of(session);
        lobes(session, s);
        setting(session, s);
        compression(session, s);
        clearance(session, s);
    }
    /// Slate, Timing, its stand, the sheet and the command line.
    void lobes(const app::Session& session, const Surfaces& s) {
        const Findings& f = session.findings();
        QStringList centres;
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const Figure* x = figure(f, FigureKind::Centre, side);
            const LobeClaim* claim =
                f.cylinders.empty() ? nullptr : f.lobeClaim(f.cylinders.front().cylinder, side);
            QCOMPARE(x != nullptr, claim && claim->centre_deg);
            if (!x) continue;
            QCOMPARE(double(*x->value), double(*claim->centre_deg));
            centres << words::fixed(*claim->centre_deg, 1, {});
            for (const auto& j : s.json["lobes"])
                if (j["cylinder"] == claim->cylinder &&
                    j["side"] == (side == Side::Intake ? "intake" : "exhaust")) {
                    QCOMPARE(j["centre"].get<double>(), double(*claim->centre_deg));
                    QCOMPARE(j["late"].is_null(), !claim->late_deg);
                }
            QVERIFY2(s.sheet.contains(words::figureValue(*x, {})), qPrintable(s.sheet));
        }
        if (!centres.isEmpty() && s.timingStand.count(QLatin1Char('/')) + 1 == centres.size())
            QCOMPARE(s.timingStand, centres.join(QStringLiteral(" / ")));
        for (FigureKind kind : {FigureKind::Separation, FigureKind::Advance}) {
            const Figure* x = figure(f, kind);
            if (!x) continue;
            const QString value = words::degrees(std::abs(*x->value), {});
            QVERIFY2(s.timingFigures.contains(value), qPrintable(s.timingFigures));
            if (const auto half = halfWidthOf(x->value))
                QVERIFY2(s.timingFigures.contains(QString(QChar(0xB1)) +
                                                  words::fixed(std::max(0.1, *half), 1, {})),
                         qPrintable(s.timingFigures));
        }
    }

    /// Set, its stand, the route, the sheet and the command line.
    void setting(const app::Session& session, const Surfaces& s) {
        const Findings& f = session.findings();
        QCOMPARE(s.set, words::needSentence(session.job(), f.need, {}));
        const bool right = f.need.stands();
        QCOMPARE(s.set.contains(QStringLiteral("leave it")), right);
        QVERIFY2(s.route.at("set").contains(QStringLiteral("stands as wanted")) == right,
                 qPrintable(s.route.at("set") + QStringLiteral(" | ") + s.set));
        QCOMPARE(s.json["set"]["uncertainty"].is_null()
                     ? 0.0
                     : s.json["set"]["uncertainty"].get<double>(),
                 f.need.uncertainty_deg);
        const auto& move = f.need.move_deg.intake;
        if (f.need.fault || !move || right) return;
        // The same amount, in words and on the route, the same way.
        QVERIFY2(s.set.contains(words::degrees(std::abs(*move), {})), qPrintable(s.set));
        const QString route = s.route.at("set");
        QVERIFY2(route.contains(words::degrees(std::abs(*move), {})) ||
                     route.contains(words::signedFixed(*move, 1, {})),
                 qPrintable(route));
    }

    /// Compression, its stand, the route, the sheet and the command line.
    void compression(const app::Session& session, const Surfaces& s) {
        const auto& claim = session.findings().squeeze;
        const QString route = s.route.at("compression");
        if (!claim) {
            QVERIFY(!route.contains(QStringLiteral("static")));
            return;
        }
        QVERIFY2(route.contains(words::fixed(claim->staticRatio, 1, {})), qPrintable(route));
        QVERIFY(std::abs(s.json["compression"]["static"].get<double>() - claim->staticRatio) <
                1e-9);
        for (const QString& text : {route, s.compression})
            QVERIFY2(text.contains(QStringLiteral("without")) != claim->whole(), qPrintable(text));
        QCOMPARE(s.json["compression"]["without"].empty(), claim->whole());
        QCOMPARE(s.json["compression"]["chosen"].is_null(), !claim->dynamicRatio);
        QCOMPARE(route.contains(QStringLiteral("dynamic")), claim->dynamicRatio.has_value());
        if (claim->dynamicRatio) {
            QCOMPARE(s.compressionStand, words::fixed(*claim->dynamicRatio, 2, {}));
            QVERIFY2(s.compression.contains(words::fixed(*claim->dynamicRatio, 2, {})),
                     qPrintable(s.compression));
            QVERIFY2(s.sheet.contains(words::fixed(*claim->dynamicRatio, 1, {})),
                     qPrintable(s.sheet));
        } else {
            QCOMPARE(s.compressionStand, QString(QChar(0x2013)));
        }
    }

    /// Clearance, its stand, the route, the sheet and the command line.
    void clearance(const app::Session& session, const Surfaces& s) {
        const Findings& f = session.findings();
        for (const ClearanceClaim& c : f.clearance) {
            const int i = c.side == Side::Intake ? 0 : 1;
            const QString verdict = s.clearance[i];
            if (c.least_mm && !c.overTravel)
                QVERIFY2(verdict.contains(words::clearance(*c.least_mm, {})), qPrintable(verdict));
            // What keeps the limit is said to, everywhere, and nothing else is.
            const bool keeps = c.verdict == ClearanceVerdict::Keeps;
            QVERIFY2(verdict.contains(QStringLiteral("it keeps your limit")) == keeps,
                     qPrintable(verdict + QStringLiteral(" | ") + words::clearanceBrief(c, {})));
            const QString brief = words::clearanceBrief(c, {});
            QVERIFY2(s.route.at("clearance").contains(brief), qPrintable(s.route.at("clearance")));
            if (c.needs == ClearanceNeed::Again)
                QVERIFY2(s.route.at("clearance").contains(QStringLiteral("again")),
                         qPrintable(s.route.at("clearance")));
            for (const auto& j : s.json["clearance"])
                if (j["cylinder"] == c.cylinder &&
                    j["side"] == (c.side == Side::Intake ? "intake" : "exhaust")) {
                    QCOMPARE(j["verdict"] == "keeps", keeps);
                    if (c.least_mm) QCOMPARE(j["least"].get<double>(), double(*c.least_mm));
                }
            if (c.least_mm)
                QVERIFY2(s.sheet.contains(words::clearance(*c.least_mm, {})), qPrintable(s.sheet));
        }
    }
};

AMBER_TEST(TestSurfaces)

} // namespace test_surfaces

#include "test_surfaces.moc"
