// Every fact that any station asks: what an answer changes is what the field says it changes, by
// the names the book has for it, and whatever is taken here the book gives back as it was.
#include "book/codec.h"
#include "core/job/job.h"
#include "desk/field.h"
#include "stations/asked.h"
#include "stations/list.h"
#include "support/program.h"

#include <QSet>
#include <QTest>

namespace test_fields {

using namespace lobe;
using app::Facts;
using app::Field;
using book::Json;

namespace {

/// Something of every kind that is asked anywhere, and numbers of every size.
QStringList everyAnswer() {
    QStringList out{"-",
                    "x",
                    "yes",
                    "90x78",
                    "1 3 4 2",
                    "1 2 3 4",
                    "2 4",
                    "0 180 180 0",
                    "0 270 90 180",
                    "1.27t",
                    "5 v",
                    "12/40",
                    "25 crank",
                    "12.5 cam",
                    "60x3",
                    "60 down 8",
                    "methanol 11",
                    "methanol -",
                    "ivc 62",
                    "evo 55",
                    "11 12",
                    "12 2",
                    "1 2 -1",
                    "0.5@12",
                    "A B C",
                    "320 40 44",
                    "38.5 410",
                    "40 400 30 9",
                    "38.5 27",
                    "10.82 7.20",
                    "8 to 9.5",
                    "over 2",
                    "under 9",
                    "0.30 0.34",
                    "2.5b",
                    "tdc",
                    "186 190",
                    "4000 6000x3",
                    "0.25x8 0.4x4",
                    "42 42.4 41.8 42",
                    "12-40-52-4",
                    "1 3 4 2 / 90 270 90 270",
                    "intake 104.5 exhaust 107",
                    "intake 104",
                    "1.27 5"};
    for (const double size :
         {0.001,  0.004,  0.02,   0.05,   0.3,    0.6,     1.0,     1.2,     2.0,     3.0,
          4.0,    5.0,    6.0,    8.5,    12.0,   17.0,    25.0,    33.0,    45.0,    60.0,
          75.0,   92.0,   104.0,  120.0,  180.0,  250.0,   300.0,   400.0,   500.0,   700.0,
          1000.0, 2400.0, 5000.0, 7500.0, 9999.0, 20000.0, 29000.0, 50000.0, 99000.0, 1e6})
        for (const double sign : {1.0, -1.0})
            if (sign > 0.0 || (size >= 0.3 && size <= 60.0) || size == 400.0)
                out << QString::number(sign * size, 'g', 10);
    return out;
}

Facts stated() {
    Facts f = Facts::of(Job{});
    f.engine.cylinders = 4;
    f.engine.bore_mm = 80.0;
    f.engine.stroke_mm = 70.0;
    f.engine.rod_mm = 140.0;
    f.engine.drive.teeth = 40;
    f.fitted.deck_mm = {0.4};
    f.card = Card{};
    f.card->name = "Drumlin 270";
    f.cylinder = 3;
    f.engine.firingOrder = {1, 3, 4, 2};
    return f;
}

Json wholeOf(const Facts& f) {
    return {{"engine", book::toJson(f.engine)},
            {"settings", book::toJson(static_cast<const Stated&>(f))},
            {"card", book::toJson(book::SetCards{f.card, f.otherCards})},
            {"terms", book::toJson(f.conditions)},
            {"mock_up", book::toJson(f.mockUp)},
            {"name", f.name}};
}

void leaves(const Json& patch, const QString& path, QStringList& out) {
    for (const auto& [key, value] : patch.items()) {
        const QString at =
            (path.isEmpty() ? path : path + QLatin1Char('.')) + QString::fromStdString(key);
        if (value.is_object() && !value.empty())
            leaves(value, at, out);
        else
            out << at;
    }
}

/// What is wrong with what was written, read as the book reads it; empty where it is the same.
QString readBack(const Facts& f, const Json& written) {
    book::Misread misread;
    const bool same =
        book::engineFrom(written["engine"], misread) == f.engine &&
        book::statedFrom(written["settings"], misread) == static_cast<const Stated&>(f) &&
        book::cardsFrom(written["card"], misread).fitted == f.card &&
        book::conditionsFrom(written["terms"], misread) == f.conditions &&
        book::mockUpFrom(written["mock_up"], misread) == f.mockUp;
    if (!misread.none()) return QString::fromStdString(misread.first());
    return same ? QString() : QStringLiteral("another");
}

} // namespace

class TestFields : public QObject {
    Q_OBJECT
private slots:
    void whatIsTakenIsKept_data() {
        QTest::addColumn<QString>("station");
        for (const stations::Station* s : stations::all())
            if (s->fields) QTest::newRow(s->key) << s->id();
    }
    void whatIsTakenIsKept() {
        QFETCH(QString, station);
        const QStringList answers = everyAnswer();
        const Facts before = stated();
        const Json was = wholeOf(before);
        for (const Field& f : stations::byKey(station)->fields()) {
            const QStringList names = app::storedNames(f);
            QVERIFY2(!names.isEmpty(), qPrintable(f.name));
            QSet<QString> changed;
            for (const LengthUnit unit : {LengthUnit::Millimetre, LengthUnit::Inch})
                for (const QString& answer : answers) {
                    words::Style style;
                    style.unit = unit;
                    Facts after = before;
                    if (!f.take(after, answer, style).isEmpty()) continue;
                    QVERIFY2(!f.shown(after, style).isEmpty(), qPrintable(f.name));
                    const Json now = wholeOf(after);
                    QStringList paths;
                    leaves(book::changed(was, now), {}, paths);
                    // A line may answer the fields behind it as well.
                    const bool more = f.also && f.also(answer) > 0;
                    for (const QString& path : paths) {
                        QVERIFY2(more || names.contains(path) ||
                                     path == QLatin1String("engine.throws_deg"),
                                 qPrintable(f.name + QLatin1Char(' ') + answer + QLatin1Char(' ') +
                                            path));
                        changed.insert(path);
                    }
                    const QString wrong = readBack(after, now);
                    QVERIFY2(wrong.isEmpty(), qPrintable(f.name + QLatin1Char(' ') + answer +
                                                         QStringLiteral(": ") + wrong));
                }
            QVERIFY2(!changed.isEmpty(), qPrintable(f.name));
            QVERIFY2(changed.contains(names.front()), qPrintable(f.name));
        }
    }

    void whatChangedIsCalledAsItIsAsked() {
        const auto said = [](const QStringList& paths) {
            const auto a = stations::asked(paths);
            return a ? a->subject + QStringLiteral(": ") + a->names.join(QStringLiteral(", "))
                     : QString();
        };
        QCOMPARE(said({"engine.bore_mm"}), QStringLiteral("engine: Bore"));
        QCOMPARE(said({"engine.bore_mm", "engine.stroke_mm"}),
                 QStringLiteral("engine: Bore, Stroke"));
        QCOMPARE(said({"card.ivo"}), QStringLiteral("cam card: Intake opens"));
        // By cylinder two values change; it is one fact.
        QCOMPARE(said({"engine.chamber.deck_mm", "engine.chambers"}),
                 QStringLiteral("compression: Deck, below the face"));
        // All wishes are one list.
        QCOMPARE(said({"settings.choosing.wishes"}), QStringLiteral("wishes: "));
        // One side alone is not the school of both.
        QCOMPARE(said({"settings.clearance.intake_mm"}), QStringLiteral("limits: Intake at least"));
        QCOMPARE(said({"settings.clearance.intake_mm", "settings.clearance.exhaust_mm"}),
                 QStringLiteral("limits: Limits by school"));
        QVERIFY(!stations::asked({"settings.pinned"}));
        QVERIFY(!stations::asked({}));
    }
};

AMBER_TEST(TestFields)

} // namespace test_fields

#include "test_fields.moc"
