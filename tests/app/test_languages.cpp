// Other languages: every text that is shown can be translated, half as much again has room, the
// translations keep their numbers, and the language is the one that was chosen.
#include "core/job/job.h"
#include "sight.h"

#include "app/frame/language.h"
#include "app/frame/menus.h"
#include "app/frame/slate.h"
#include "support/program.h"
#include "words/say.h"
#include "words/spoken.h"
#include "words/typed_words.h"

#include <QAbstractItemView>
#include <QActionGroup>
#include <QComboBox>
#include <QFile>
#include <QMenuBar>
#include <QRegularExpression>
#include <QSettings>
#include <QTranslator>
#include <QXmlStreamReader>

namespace test_languages {

using fixture::Rig;
using namespace lobe;

namespace {

/// A language of half as many letters again, in which every word of two letters or more has an "é":
/// what has none was not translated. What stands for something else stays as it is.
class Longer : public QTranslator {
public:
    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* text, const char*, int n) const override {
        if (qstrcmp(context, "Say") != 0) return {};
        static const QRegularExpression kept(
            QStringLiteral("<[^>]*>|&\\w+;|%n|%L?\\d+|[^A-Za-z]+"));
        const QString source = QString::fromUtf8(text);
        QString out;
        qsizetype at = 0;
        const auto longer = [&](QStringView word) {
            for (qsizetype i = 0; i < word.size(); ++i) {
                out += word[i];
                if (i % 2 == 1) out += QChar(0xE9);
            }
        };
        for (auto it = kept.globalMatch(source); it.hasNext();) {
            const auto match = it.next();
            longer(QStringView(source).mid(at, match.capturedStart() - at));
            out += match.captured();
            at = match.capturedEnd();
        }
        longer(QStringView(source).mid(at));
        return out.replace(QStringLiteral("%n"), QString::number(n));
    }
};

/// Words that are no text of ours: units, what the demo is called, keys.
const QStringList kNoText{QStringLiteral("mm"),    QStringLiteral("in"),   QStringLiteral("cc"),
                          QStringLiteral("deg"),   QStringLiteral("kPa"),  QStringLiteral("psi"),
                          QStringLiteral("Ctrl"),  QStringLiteral("demo"), QStringLiteral("Amber"),
                          QStringLiteral("Shift"), QStringLiteral("th"),   QStringLiteral("Lobe"),
                          QStringLiteral("book"),  QStringLiteral("Alt")};

/// The words of a text that were not translated and are not among those of the job.
QStringList untranslated(QString text, const QStringList& names) {
    static const QRegularExpression tags(QStringLiteral("<style.*</style>|<[^>]*>|&\\w+;"),
                                         QRegularExpression::DotMatchesEverythingOption);
    static const QRegularExpression word(QStringLiteral("[A-Za-z\u00e9]{2,}"));
    text.replace(tags, QStringLiteral(" "));
    // What was cut short was compared where it is whole.
    if (text.endsWith(QChar(0x2026))) text = text.section(QLatin1Char(' '), 0, -2);
    QStringList out;
    for (auto it = word.globalMatch(text); it.hasNext();) {
        const QString one = it.next().captured();
        if (!one.contains(QChar(0xE9)) && !kNoText.contains(one) && !names.contains(one))
            out << one;
    }
    return out;
}

QStringList wordsOf(const Job& job) {
    QStringList names{QString::fromStdString(job.name), QString::fromStdString(job.engine.name),
                      QString::fromStdString(job.by)};
    std::vector<Card> cards = job.otherCards;
    if (job.card) cards.push_back(*job.card);
    for (const Card& c : cards)
        names << QString::fromStdString(c.name);
    for (const FuelLimit& f : job.reckoning.fuels)
        names << QString::fromStdString(f.name);
    for (const CamMove& m : job.changes)
        names << QString::fromStdString(m.marks) << QString::fromStdString(m.note);
    for (const LogEntry& e : job.log) {
        names << QString::fromStdString(e.text);
        for (const Detail& d : e.details)
            names << QString::fromStdString(d.value);
    }
    names << QStringLiteral("lb ft Nm"); // units are the same everywhere
    for (const LiftRun& r : job.runs)
        for (const Reading& x : r.readings)
            if (x.struck) names << QString::fromStdString(x.struck->reason);
    static const QRegularExpression apart(QStringLiteral("[^A-Za-z]+"));
    return names.join(QLatin1Char(' ')).split(apart, Qt::SkipEmptyParts);
}

/// Every text the window shows at the moment, painted or in a widget, and its menus.
QStringList shown(Rig& rig) {
    QStringList out;
    for (QWidget* w : rig.window().findChildren<QWidget*>()) {
        out << w->accessibleName();
        if (!w->isVisible()) continue;
        if (auto* label = qobject_cast<QLabel*>(w)) out << label->text();
        if (auto* button = qobject_cast<QAbstractButton*>(w)) out << button->text();
        if (auto* list = qobject_cast<QAbstractItemView*>(w); list && list->model())
            for (int i = 0; i < list->model()->rowCount(); ++i)
                out << list->model()->index(i, 0).data(Qt::AccessibleTextRole).toString();
        if (auto* box = qobject_cast<QComboBox*>(w))
            for (int i = 0; i < box->count(); ++i)
                out << box->itemText(i);
        support::TextRecorder recorder(w->size());
        if (auto* picture = qobject_cast<app::Picture*>(w)) {
            QPainter p(&recorder);
            picture->draw(p, picture->size());
        } else if (w->findChildren<QWidget*>().isEmpty()) {
            w->render(&recorder, {}, {}, QWidget::RenderFlags());
        }
        for (const auto& text : recorder.texts())
            out << text.text;
    }
    for (const QAction* action : rig.window().findChildren<QAction*>())
        if (!action->objectName().startsWith(QLatin1String("language")))
            out << action->text() << action->toolTip();
    return out;
}

/// What is spoken while it lives.
struct Spoken {
    Longer longer;
    Spoken() { QCoreApplication::installTranslator(&longer); }
    ~Spoken() { QCoreApplication::removeTranslator(&longer); }
};

} // namespace

class TestLanguages : public QObject {
    Q_OBJECT

private slots:
    void init() { app::speak(QStringLiteral("en")); }
    void cleanup() { app::speak(QStringLiteral("en")); }

    // None, one and many, as each language counts them.
    void countsAreSaid_data() {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QString>("text");
        QTest::addColumn<QStringList>("said"); // of 0, 1 and 7
        const auto row = [](const char* language, const char* text, const QStringList& said) {
            QTest::addRow("%s, %s", language, text)
                << QString::fromLatin1(language) << QString::fromUtf8(text) << said;
        };
        row("en", "%n readings", {"0 readings", "1 reading", "7 readings"});
        row("de", "%n readings", {"0 Messwerte", "1 Messwert", "7 Messwerte"});
        row("en", "%n pages as they will be printed",
            {"0 pages as they will be printed", "1 page as it will be printed",
             "7 pages as they will be printed"});
        row("en", "%n to order", {"0 to order", "1 to order", "7 to order"});
        row("en", "log; settled by %n readings that agree",
            {"log; settled by 0 readings that agree", "log it",
             "log; settled by 7 readings that agree"});
        row("en", "%n lobes recorded", {"0 lobes recorded", "1 lobe recorded", "7 lobes recorded"});
    }
    void countsAreSaid() {
        QFETCH(QString, language);
        QFETCH(QString, text);
        QFETCH(QStringList, said);
        app::speak(language);
        const int counts[] = {0, 1, 7};
        for (int i = 0; i < 3; ++i)
            QCOMPARE(Say::tr(text.toUtf8().constData(), nullptr, counts[i]), said[i]);
    }

    // Command words of another language do what the English ones do, which do it still; somebody's
    // own text is never taken for one.
    void commandWordsInGerman() {
        Rig rig(true);
        sight::openJob(rig, 0);
        QSettings(rig.paths().preferences, QSettings::IniFormat)
            .setValue(QStringLiteral("language"), QStringLiteral("de"));
        rig.restart(true);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        const auto step = [&](const char* typed) {
            rig.type(QString::fromUtf8(typed));
            const auto job = rig.onDisk();
            const auto id = rig.session().run()->id;
            return std::find_if(job.runs.begin(), job.runs.end(),
                                [&](const LiftRun& r) { return r.id == id; })
                ->terms.step_deg;
        };
        QCOMPARE(step("schritt 7"), 7.0);
        QCOMPARE(step("Schritt 3"), 3.0);
        QCOMPARE(step("step 4"), 4.0);
        // Free text behind a command, with commands in it, stays as it was typed.
        rig.type(QStringLiteral("notiz ventil klemmt, federn kuerzer"));
        QCOMPARE(rig.onDisk().log.back().text, std::string("ventil klemmt, federn kuerzer"));
        rig.window().go(stations::sheet);
        rig.type(QStringLiteral("von Jo Werte"));
        QCOMPARE(rig.onDisk().by, std::string("Jo Werte"));
        rig.type(QStringLiteral("ohne werte"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("weg")) || rig.line()->text().isEmpty(),
                 qPrintable(rig.text("echo")));
        QVERIFY(rig.line()->text().isEmpty());
        // Every line that is shown under the keys is one that is taken word for word.
        for (const auto* s : stations::all())
            for (const stations::Typed& each : s->typed) {
                const QString english = QString::fromUtf8(each.typed), here = Say::tr(each.typed);
                if (english.contains(QStringLiteral("…"))) continue;
                const auto parts = [](const QString& text) {
                    return text.section(QStringLiteral("  at "), 0, 0)
                        .section(QStringLiteral("  bei "), 0, 0)
                        .split(QRegularExpression(QStringLiteral(",  |, ")));
                };
                const QStringList a = parts(english), b = parts(here);
                QCOMPARE(a.size(), b.size());
                for (qsizetype i = 0; i < a.size(); ++i) {
                    QString meant =
                        words::inCommandWords(b[i]).replace(QLatin1Char(','), QLatin1Char('.'));
                    for (const auto& [de, en] : {std::pair{"PFAD", "PATH"}, {"warum", "why"}})
                        meant.replace(QLatin1String(de), QLatin1String(en));
                    QCOMPARE(meant.simplified(), a[i].simplified());
                }
            }
        QCOMPARE(words::inCommandWords(QStringLiteral("kuerzer")), QStringLiteral("shorter"));
        QCOMPARE(words::inCommandWords(QStringLiteral("b name Kurve")),
                 QStringLiteral("b name Kurve"));
    }

    void everyTextIsTranslated() {
        Spoken spoken;
        Rig rig(true);
        rig.window().resize(1280, 800);
        for (std::size_t job = 0; job < rig.session().book().jobs().size(); ++job) {
            sight::openJob(rig, job);
            const QStringList names = wordsOf(rig.session().job());
            for (const stations::Station* s : stations::all())
                for (const bool stand : {false, true}) {
                    rig.window().go(*s);
                    rig.window().setAtStand(stand);
                    QApplication::processEvents();
                    QSet<QString> left;
                    for (const QString& text : shown(rig))
                        for (const QString& word : untranslated(text, names))
                            left << word + QStringLiteral(" in ") + text.left(60);
                    rig.window().setAtStand(false);
                    QVERIFY2(left.isEmpty(), qPrintable(s->id() + QStringLiteral(": ") +
                                                        left.values().join(QStringLiteral("; "))));
                }
        }
    }

    // The pages over the window, and the window before there is a job.
    void pagesAreTranslated() {
        Spoken spoken;
        const auto left = [](Rig& rig, const QStringList& names) {
            QApplication::processEvents();
            QSet<QString> all;
            for (const QString& text : shown(rig))
                for (const QString& word : untranslated(text, names))
                    all << word + QStringLiteral(" in ") + text.left(60);
            return all.values().join(QStringLiteral("; "));
        };
        Rig empty;
        QCOMPARE(left(empty, {}), QString());
        Rig rig(true);
        sight::openJob(rig, 0);
        const QStringList names = wordsOf(rig.session().job());
        for (const Qt::Key page : {Qt::Key_F1, Qt::Key_F3}) {
            rig.key(page);
            QCOMPARE(left(rig, names), QString());
            rig.key(Qt::Key_Escape);
        }
        // Something to undo is named in its menu.
        rig.window().go(stations::engine);
        rig.type(QStringLiteral("7"));
        QCOMPARE(left(rig, names), QString());
        Engine e = rig.session().job().engine;
        e.bore_mm = 91.0;
        e.stroke_mm = 79.0;
        rig.session().keep(book::SetEngine{e});
        QCOMPARE(left(rig, names), QString());
    }

    void halfAsMuchAgainHasRoom_data() {
        QTest::addColumn<int>("job");
        QTest::addColumn<QSize>("size");
        for (int job : {-1, 0, 1, 2, 3})
            for (const QSize size : {QSize(1280, 800), QSize(1024, 700)})
                QTest::addRow("job %d %d", job, size.width()) << job << size;
    }
    void halfAsMuchAgainHasRoom() {
        QFETCH(int, job);
        QFETCH(QSize, size);
        Spoken spoken;
        Rig rig(job >= 0);
        rig.window().resize(size);
        QTRY_COMPARE(rig.window().size(), size);
        if (job >= 0)
            sight::openJob(rig, static_cast<std::size_t>(job));
        else
            rig.session().newJob(QStringLiteral("12"));
        QStringList wrong;
        for (const stations::Station* s : stations::all())
            for (Side side : {Side::Intake, Side::Exhaust})
                for (const bool stand : {false, true}) {
                    rig.session().select(1, side);
                    rig.window().go(*s);
                    rig.window().setAtStand(stand);
                    // A label that grew is given its room in the next round.
                    for (int round = 0; round < 3; ++round)
                        QApplication::processEvents();
                    for (const QString& fault : sight::faults(rig))
                        wrong << s->id() + QStringLiteral(": ") + fault;
                    rig.window().setAtStand(false);
                }
        wrong.removeDuplicates();
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QStringLiteral("\n"))));
    }

    // Of a translation as it lies in the source tree: nothing is left out, and what is put into a
    // sentence is put into its translation.
    void translationsAreWhole() {
        for (const app::Language& language : app::languages()) {
            if (language.code == QLatin1String("en")) continue;
            QFile file(QStringLiteral(TRANSLATIONS "/amber-lobe_%1.ts").arg(language.code));
            QVERIFY(file.open(QIODevice::ReadOnly));
            QXmlStreamReader xml(&file);
            QString source;
            int count = 0;
            const auto marks = [](const QString& text) {
                static const QRegularExpression mark(QStringLiteral("%n|%\\d"));
                QStringList found;
                for (auto it = mark.globalMatch(text); it.hasNext();)
                    found << it.next().captured();
                found.sort();
                return found;
            };
            while (!xml.atEnd()) {
                xml.readNext();
                if (!xml.isStartElement()) continue;
                if (xml.name() == QLatin1String("source")) source = xml.readElementText();
                if (xml.name() != QLatin1String("translation")) continue;
                const QString type = xml.attributes().value(QLatin1String("type")).toString();
                QVERIFY2(type.isEmpty(), qPrintable(source + QStringLiteral(" is ") + type));
                const QString text = xml.readElementText(QXmlStreamReader::IncludeChildElements);
                ++count;
                QVERIFY2(!text.isEmpty(), qPrintable(source));
                // Of a count there are several, one after the other.
                if (source.contains(QLatin1String("%n"))) continue;
                QCOMPARE(marks(text), marks(source));
                QCOMPARE(text.startsWith(QLatin1Char(' ')), source.startsWith(QLatin1Char(' ')));
                QCOMPARE(text.endsWith(QLatin1Char(' ')), source.endsWith(QLatin1Char(' ')));
            }
            QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
            QVERIFY(count > 1000);
        }
    }

    void germanHasRoom() {
        Rig rig(true);
        rig.window().setLanguage(QStringLiteral("de"));
        rig.restart(true);
        QCOMPARE(words::spoken(QStringLiteral("Hub bei 120\u00B0 n. OT?")),
                 QStringLiteral("Hub bei 120 Grad nach dem oberen Totpunkt"));
        QCOMPARE(words::spoken(QStringLiteral("12,5\u00B0 vor OT")),
                 QStringLiteral("12,5 Grad vor dem oberen Totpunkt"));
        for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
            rig.window().resize(size);
            QTRY_COMPARE(rig.window().size(), size);
            QStringList wrong;
            for (std::size_t job : {0u, 1u, 2u, 3u}) {
                sight::openJob(rig, job);
                for (const stations::Station* s : stations::all()) {
                    rig.window().go(*s);
                    // A label that grew is given its room in the next round.
                    for (int round = 0; round < 3; ++round)
                        QApplication::processEvents();
                    for (const QString& fault : sight::faults(rig))
                        wrong << s->id() + QStringLiteral(": ") + fault;
                }
            }
            QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QStringLiteral("\n"))));
        }
    }

    void theLanguageIsChosenInView() {
        Rig rig(true);
        QVERIFY(rig.window().findChild<QMenuBar*>()->actions().front()->text().contains(
            QStringLiteral("Job")));
        rig.window().findChild<QAction*>(QStringLiteral("languagede"))->trigger();
        QCOMPARE(rig.window().language(), QStringLiteral("de"));
        rig.restart(true);
        QVERIFY(rig.window().findChild<QMenuBar*>()->actions().front()->text().contains(
            QStringLiteral("Auftrag")));
        // A reading is typed and kept as in any language.
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        const auto before = rig.session().run()->readings.size();
        rig.type(QStringLiteral("75a 6.54"));
        QCOMPARE(rig.session().run()->readings.size(), before + 1);
        rig.window().findChild<QAction*>(QStringLiteral("languageen"))->trigger();
        rig.restart(true);
        QVERIFY(rig.window().findChild<QMenuBar*>()->actions().front()->text().contains(
            QStringLiteral("Job")));
    }

    // What is read from right to left has its route at the right.
    void rightToLeftMirrors() {
        Rig rig(true);
        QGuiApplication::setLayoutDirection(Qt::RightToLeft);
        rig.window().resize(1280, 800);
        sight::openJob(rig, 0);
        rig.window().go(stations::lobes);
        QApplication::processEvents();
        const auto x = [&](const char* name) {
            QWidget* w = rig.find<QWidget>(name);
            return w->mapTo(&rig.window(), QPoint(w->width() / 2, 0)).x();
        };
        QVERIFY(x("route") > 900);
        QVERIFY(x("slate") < 400);
        // A picture is of an engine, and an engine has no reading direction.
        QWidget* ring = rig.find<QWidget>("ring");
        const QImage mirrored = ring->grab().toImage();
        QGuiApplication::setLayoutDirection(Qt::LeftToRight);
        Rig plain(true);
        plain.window().resize(1280, 800);
        sight::openJob(plain, 0);
        plain.window().go(stations::lobes);
        QApplication::processEvents();
        QCOMPARE(plain.find<QWidget>("ring")->grab().toImage(), mirrored);
    }
};

AMBER_TEST(TestLanguages)

} // namespace test_languages

#include "test_languages.moc"
