// The sheet as others read it: its text taken out of the PDF by another program, its texts as
// tables.
#include "book/files.h"
#include "core/choose/cam.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "sheet/paper.h"
#include "sheet/save.h"
#include "sheet/sheet.h"
#include "sheet/structure.h"
#include "sheet/texts.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QGuiApplication>
#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <QXmlStreamReader>

#define POINTERHOLDER_TRANSITION 4
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>

namespace test_sheet {

using namespace lobe;
using namespace support;

class TestSheet : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::vector<Job> jobs_;

    QString saved(const Job& job, const sheet::Options& options, const char* name = "s.pdf") {
        const QString path = dir_.filePath(QLatin1String(name));
        const QString why = sheet::Sheet(job, examine(job), options).savePdf(path);
        if (!why.isEmpty()) qFatal("%s", qPrintable(why));
        return path;
    }
    static QString tool(const QString& program, const QStringList& arguments) {
        QProcess p;
        p.start(program, arguments);
        p.waitForFinished(30000);
        return QString::fromUtf8(p.readAllStandardOutput());
    }

private slots:
    void initTestCase() {
        auto b = opened(dir_.filePath(QStringLiteral("demo.amber")));
        for (const char* folder : {"skerry-four", "marram-650"}) {
            const auto id = book::importJobFolder(*b, QStringLiteral(DEMO_DIR "/") + folder);
            jobs_.push_back(std::get<Job>(b->load(std::get<std::int64_t>(id))));
        }
    }

    /// A name that is markup, or a formula, is a name on every paper and in every text.
    void namesAreNames() {
        Job job = jobs_[0];
        const QString odd = QStringLiteral("<b>&amp;</b> | [x](http://x) *y* <img src=\"a\">");
        job.name = odd.toStdString();
        job.card->name = odd.toStdString();
        QVERIFY(sheet::Sheet(job, examine(job), {}).plainText().contains(odd));
        // By a reader that knows nothing of this program.
        QXmlStreamReader svg(sheet::picturesSvg(job, examine(job), {}));
        bool titled = false;
        while (!svg.atEnd())
            if (svg.readNext() == QXmlStreamReader::StartElement &&
                svg.name() == QLatin1String("title"))
                titled = svg.readElementText() == odd;
        QVERIFY2(!svg.hasError(), qPrintable(svg.errorString()));
        QVERIFY(titled);
        const QString line =
            sheet::figuresMarkdown(job, examine(job)).section(QLatin1Char('\n'), 0, 0);
        for (const QString& sign : {QStringLiteral("["), QStringLiteral("]"), QStringLiteral("*"),
                                    QStringLiteral("|"), QStringLiteral(">")})
            QCOMPARE(line.count(sign), line.count(QLatin1Char('\\') + sign));
        QVERIFY2(!line.contains(QLatin1Char('<')), qPrintable(line));
        QVERIFY(line.contains(QStringLiteral("&lt;b\\>")));
        for (const QString& formula :
             {QStringLiteral("=1+1"), QStringLiteral("\uFF1D1+1"), QStringLiteral("+1"),
              QStringLiteral("\uFF0B1"), QStringLiteral("-1"), QStringLiteral("@a")})
            QVERIFY2(sheet::cell(formula).startsWith(QLatin1Char('\'')), qPrintable(formula));
    }

    void theTextIsReal() {
        if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty())
            QSKIP("pdftotext is not here");
        sheet::Options options;
        options.by = QStringLiteral("Somebody");
        options.now_ms = 1'790'000'000'000;
        const QString path = saved(jobs_[0], options);
        const QString text = tool(QStringLiteral("pdftotext"), {"-layout", path, "-"});
        for (const QString& said :
             {QString::fromStdString(jobs_[0].name), QStringLiteral("Engine and cam"),
              QStringLiteral("Somebody"), QStringLiteral("Intake centre"),
              QStringLiteral("In plain words"), QStringLiteral("page 1 of")})
            QVERIFY2(text.contains(said), qPrintable(said + QLatin1Char('\n') + text));
        const QString info = tool(QStringLiteral("pdfinfo"), {path});
        QVERIFY2(info.contains(QString::fromStdString(jobs_[0].name)), qPrintable(info));
        QVERIFY2(info.contains(QStringLiteral("A4")), qPrintable(info));
        const QString fonts = tool(QStringLiteral("pdffonts"), {path});
        QVERIFY2(fonts.contains(QStringLiteral("B612")), qPrintable(fonts));
        // Vector pictures: there is no image in it.
        const QString images = tool(QStringLiteral("pdfimages"), {"-list", path});
        QCOMPARE(images.trimmed().count(QLatin1Char('\n')), 1);
    }

    // Up to six cams stand side by side on one page, with every wish; a two-stroke says nothing of
    // a cam it has not.
    void camsSideBySideOnOnePage() {
        if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty())
            QSKIP("pdftotext is not here");
        Job job = jobs_[1];
        const auto all = candidatesOf(job, examine(job));
        QVERIFY(all.size() >= 3);
        job.choosing.candidates = all;
        while (job.choosing.candidates.size() < 6) {
            Candidate c = all[0];
            c.name = "state " + std::to_string(job.choosing.candidates.size());
            c.advance_deg.intake = static_cast<double>(job.choosing.candidates.size());
            job.choosing.candidates.push_back(c);
        }
        const QString text = tool(QStringLiteral("pdftotext"), {"-layout", saved(job, {}), "-"});
        int with = 0;
        for (const QString& page : text.split(QLatin1Char('\f'))) {
            if (!page.contains(QStringLiteral("Cams compared"))) continue;
            ++with;
            for (const Candidate& c : job.choosing.candidates)
                QVERIFY2(page.contains(QString::fromStdString(c.name)), qPrintable(page));
            QVERIFY2(page.contains(QStringLiteral("intake valve to piston at least")) &&
                         page.contains(QStringLiteral("modelled from its card")),
                     qPrintable(page));
        }
        QCOMPARE(with, 1);
        Job two;
        two.name = "two";
        two.engine.kind = EngineKind::TwoStroke;
        two.engine.stroke_mm = 54.0;
        two.engine.rod_mm = 110.0;
        two.ports.exhaust.opens_deg = 86.0;
        two.ports.exhaust.wanted_deg = {194.0};
        const QString ports = tool(QStringLiteral("pdftotext"), {"-layout", saved(two, {}), "-"});
        QVERIFY2(ports.contains(QStringLiteral("file the edge up")), qPrintable(ports));
        QVERIFY2(!ports.contains(QStringLiteral("Cam card")) &&
                     !ports.contains(QStringLiteral("Rocker")),
                 qPrintable(ports));
    }

    // Springs stand in the appendix: valve by valve, who tested them, each room once with its
    // limit.
    void springsAreSaidOnce() {
        if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty())
            QSKIP("pdftotext is not here");
        Job job = jobs_[0];
        job.springs.seal_mm.exhaust = 11.0; // too little room: named once, with what mends it
        const QString text =
            tool(QStringLiteral("pdftotext"), {"-layout", saved(job, {}), "-"}).simplified();
        for (const QString& said :
             {QStringLiteral("Springs tested by the boathouse crew"), QStringLiteral("Exhaust 4"),
              QStringLiteral("Intake, retainer to seal"),
              QStringLiteral("Exhaust, retainer to seal"),
              QStringLiteral("or the guides under them")})
            QVERIFY2(text.contains(said), qPrintable(said + QLatin1Char('\n') + text));
        QCOMPARE(text.count(QStringLiteral("Exhaust, retainer to seal:")), 1);
        QCOMPARE(text.count(QStringLiteral("Intake, retainer to seal:")), 1);
    }

    // For somebody who was not there: what it comes to first, all of it on one page, with the card
    // beside the heights it speaks of; the rest is an appendix. No heading ends a page.
    void theFirstPageSaysItAll() {
        if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty())
            QSKIP("pdftotext is missing");
        for (const Job& job : jobs_) {
            const QString path = saved(job, {}, "first.pdf");
            const QStringList pages = tool(QStringLiteral("pdftotext"), {"-layout", path, "-"})
                                          .split(QLatin1Char('\f'), Qt::SkipEmptyParts);
            QVERIFY(pages.size() >= 2);
            const QString& first = pages[0];
            qsizetype at = -1;
            for (const char* heading :
                 {"What it comes to", "Engine and cam", "Figures", "How it was measured"}) {
                const auto next = first.indexOf(QLatin1String(heading));
                QVERIFY2(next > at, qPrintable(QLatin1String(heading) + QLatin1Char('\n') + first));
                at = next;
            }
            QVERIFY2(pages[1].trimmed().startsWith(QStringLiteral("Appendix")),
                     qPrintable(pages[1].left(200)));
            // The card's own events, under the height they are meant at.
            const QStringList lines = first.split(QLatin1Char('\n'));
            const auto card = std::find_if(lines.begin(), lines.end(), [](const QString& line) {
                return line.startsWith(QStringLiteral("the card"));
            });
            QVERIFY(card != lines.end());
            QVERIFY2((card - 1)->startsWith(words::heightAt(job.card->height, {}).left(12)),
                     qPrintable(*(card - 1)));
            QVERIFY2(
                card->contains(QString::number(*cardDuration_deg(*job.card, Side::Intake), 'f', 1)),
                qPrintable(*card));
            for (const QString& page : pages) {
                QVERIFY2(!page.contains(QStringLiteral("without a time")), qPrintable(page));
                QStringList said = page.split(QLatin1Char('\n'), Qt::SkipEmptyParts);
                said.removeLast(); // the foot
                for (const char* heading :
                     {"Setting", "Valve to piston", "Compression", "Every figure",
                      "How it was measured", "As built", "Notes and results"})
                    QVERIFY2(said.isEmpty() || said.last().trimmed() != QLatin1String(heading),
                             qPrintable(page));
            }
        }
    }

    // Wherever a page ends: a heading goes with what stands under it.
    // What was stated stands there in the words it was asked in, each once, in the unit shown; what
    // a new job has as well is not repeated.
    void whatWasStatedIsOnPaper() {
        Job job;
        job.name = "Skerry Four";
        job.engine.bore_mm = 90.0;
        job.engine.stroke_mm = 78.0;
        job.engine.drive.teeth = 42;
        job.lash.margin_deg = 14.0;
        job.choosing.wishes = {{WishKind::Dynamic, 8.0, 9.5}, {WishKind::Overlap, {}, 60.0}};
        sheet::Options options;
        const auto text = [&] { return sheet::Sheet(job, examine(job), options).plainText(); };
        const QString said = text();
        const auto part = said.mid(said.indexOf(QStringLiteral("As it was stated"))).simplified();
        QVERIFY2(part.startsWith(QStringLiteral("As it was stated Engine Bore 90 mm Stroke 78 mm "
                                                "Drive Teeth of the cam wheel 42 Lash Clear of "
                                                "the ramps 14 Wishes")),
                 qPrintable(part));
        QVERIFY2(part.contains(QStringLiteral("Overlap")) &&
                     part.contains(QStringLiteral("Dynamic")),
                 qPrintable(part));
        QCOMPARE(part.count(QStringLiteral("Stroke")), 1);
        options.style.unit = LengthUnit::Inch;
        QVERIFY2(text().contains(QStringLiteral("3.5433")), qPrintable(text()));
        options.leftOut = {QStringLiteral("stated")};
        QVERIFY(!text().contains(QStringLiteral("As it was stated")));
        QVERIFY(!sheet::Sheet(Job{}, examine(Job{}), {})
                     .plainText()
                     .contains(QStringLiteral("As it was stated")));
    }

    // What the ports do on paper too: a port 40 x 20 square is 800 mm2 wide open, and at the speed
    // wanted the gas has the time-area's inverse.
    void thePortsGasIsOnPaper() {
        Job job;
        job.engine.kind = EngineKind::TwoStroke;
        job.engine.cylinders = 1;
        job.engine.bore_mm = job.engine.stroke_mm = 54.0;
        job.engine.rod_mm = 110.0;
        job.ports.exhaust.opens_deg = 86.0;
        job.ports.exhaust.width_mm = 40.0;
        job.ports.exhaust.height_mm = 20.0;
        job.choosing.purpose.to_rpm = 11000.0;
        const QString said = sheet::Sheet(job, examine(job), {}).plainText();
        QVERIFY2(said.contains(QStringLiteral("800 mm\u00b2 wide open")) &&
                     said.contains(QStringLiteral("at 11000 per minute")),
                 qPrintable(said));
    }

    void noHeadingEndsAPage() {
        if (QStandardPaths::findExecutable(QStringLiteral("pdftotext")).isEmpty())
            QSKIP("pdftotext is missing");
        Job job = jobs_[0];
        // Of the parts only what grows with the log, and what stands before it.
        sheet::Options options;
        for (const sheet::Part& part : sheet::parts())
            if (!QStringList{"engine", "plain", "built", "notes"}.contains(QLatin1String(part.key)))
                options.leftOut << QLatin1String(part.key);
        for (int notes = 0; notes < 130; ++notes) {
            LogEntry e;
            e.number = notes + 1;
            e.kind = notes % 2 ? EntryKind::Note : EntryKind::Part;
            e.text = "one more";
            e.time_ms = 1'790'000'000'000;
            job.log.push_back(e);
            if (notes < 60) continue;
            const QStringList pages =
                tool(QStringLiteral("pdftotext"), {"-layout", saved(job, options, "n.pdf"), "-"})
                    .split(QLatin1Char('\f'), Qt::SkipEmptyParts);
            QVERIFY(pages.size() > 2);
            for (const QString& page : pages) {
                QStringList said = page.split(QLatin1Char('\n'), Qt::SkipEmptyParts);
                said.removeLast();
                QVERIFY2(!said.isEmpty() &&
                             said.last().trimmed() != QStringLiteral("Notes and results") &&
                             said.last().trimmed() != QStringLiteral("As built"),
                         qPrintable(page));
            }
        }
    }

    void partsAreLeftOutAndPaperIsChosen() {
        sheet::Options options;
        options.leftOut = QStringList{QStringLiteral("plain"), QStringLiteral("measured")};
        const QString text = sheet::Sheet(jobs_[0], examine(jobs_[0]), options).plainText();
        QVERIFY(!text.contains(QStringLiteral("In plain words")));
        QVERIFY(text.contains(QStringLiteral("Figures")));
        sheet::Options letter;
        letter.letter = true;
        letter.cardOnly = true;
        const QString path = saved(jobs_[1], letter, "l.pdf");
        if (QStandardPaths::findExecutable(QStringLiteral("pdfinfo")).isEmpty()) return;
        const QString info = tool(QStringLiteral("pdfinfo"), {path});
        QVERIFY2(info.contains(QStringLiteral("letter")), qPrintable(info));
        QVERIFY2(info.contains(QRegularExpression(QStringLiteral("Pages: +1\n"))),
                 qPrintable(info));
    }

    void anEmptyJobHasASheet() {
        Job job;
        job.name = "empty <b>";
        const QString text = sheet::Sheet(job, examine(job), {}).plainText();
        QVERIFY2(text.startsWith(QStringLiteral("empty <b>")), qPrintable(text));
        saved(job, {}, "e.pdf");
    }

    void tablesAreReadBack() {
        const Findings f = examine(jobs_[0]);
        const QStringList rows = sheet::readingsCsv(jobs_[0]).split(QLatin1Char('\n'));
        std::size_t readings = 0;
        for (const LiftRun& run : jobs_[0].runs)
            readings += run.readings.size();
        QCOMPARE(rows.size(), static_cast<qsizetype>(readings) + 2);
        QVERIFY(sheet::curvesCsv(f).count(QLatin1Char('\n')) > 500);
        QVERIFY(sheet::figuresCsv(f).contains(QStringLiteral("duration.intake")));
        QVERIFY(sheet::figuresMarkdown(jobs_[0], f).startsWith(QStringLiteral("# ")));
        QVERIFY(sheet::picturesSvg(jobs_[0], f, {}).contains("<path"));
    }

    /// A figure beside a dead centre is counted from the side that its basis names.
    void aSplitPointBeforeTheTopIsPositive() {
        const Findings f = examine(jobs_[1]);
        const Figure* split = nullptr;
        for (const Figure& each : f.figures())
            if (each.kind == FigureKind::SplitPoint) split = &each;
        QVERIFY(split && split->value && split->value->value < 0.0);
        for (const QString& row : sheet::figuresCsv(f).split(QLatin1Char('\n')))
            if (row.contains(QStringLiteral(",split,")) && row.startsWith(QLatin1Char('1'))) {
                const QStringList cells = row.split(QLatin1Char(','));
                QVERIFY2(cells[3].toDouble() == -split->value->value, qPrintable(row));
                QVERIFY2(row.contains(QStringLiteral("BTDC")), qPrintable(row));
                return;
            }
        QFAIL("no split point in the table");
    }

    /// The paper says no more than was measured.
    void thePaperPromisesNothing() {
        const auto text = [](const Job& job) {
            return sheet::Sheet(job, examine(job), {}).plainText().simplified();
        };
        Job job = jobs_[0];
        QVERIFY(text(job).contains(QStringLiteral("counted from where the intake valve shuts")));
        QVERIFY(text(job).contains(QStringLiteral("indicator to 0.010 mm")));

        Job moved = job;
        CamMove move;
        move.made.intake = DriveMove{};
        move.wanted_deg.intake = 2.0;
        moved.changes.push_back(move);
        QVERIFY(text(moved).contains(QStringLiteral("moved once")));
        QVERIFY(text(moved).contains(QStringLiteral("It was not measured again since.")));
        QVERIFY(!text(moved).contains(QStringLiteral("as it was meant")));

        std::erase_if(job.runs, [](const LiftRun& run) { return run.side == Side::Intake; });
        job.card.reset();
        for (LiftRun& run : job.runs)
            run.terms.eventsOnly = true;
        const Findings f = examine(job);
        QVERIFY(f.compression);
        QVERIFY(!f.closings.by(job.reckoning.closing).deg);
        const QString bare = text(job);
        QVERIFY2(!bare.contains(QStringLiteral("counted from where")), qPrintable(bare));
        QVERIFY2(!bare.contains(QStringLiteral("indicator to 0.010 mm")), qPrintable(bare));
        QVERIFY2(bare.contains(QStringLiteral("by events")), qPrintable(bare));
    }

    /// Tagged and with bookmarks, as a reader that knows nothing of this program finds it.
    void itsStructureIsInIt() {
        if (QStandardPaths::findExecutable(QStringLiteral("pdfinfo")).isEmpty())
            QSKIP("pdfinfo is not here");
        sheet::Options options;
        options.language = QStringLiteral("de");
        const QString path = saved(jobs_[0], options, "tagged.pdf");
        QVERIFY(
            tool(QStringLiteral("pdfinfo"), {path}).contains(QRegularExpression("Tagged: +yes")));
        const QString all = tool(QStringLiteral("pdfinfo"), {"-struct-text", path});
        const QStringList lines = all.split(QLatin1Char('\n'));
        QCOMPARE(lines.value(0), QStringLiteral("Document"));
        QCOMPARE(lines.value(1).trimmed(), QStringLiteral("H1 (block)"));
        // Everything that stands on the pages but their feet and what is drawn stands in it, in the
        // same order.
        const auto words = [](const QString& text) {
            return text.simplified().remove(QLatin1Char(' '));
        };
        QString said;
        for (const QString& line : lines)
            if (line.trimmed().startsWith(QLatin1Char('"')))
                said += line.trimmed().mid(1, line.trimmed().size() - 2);
        QString stands = sheet::Sheet(jobs_[0], examine(jobs_[0]), options).plainText();
        stands.remove(QChar::ObjectReplacementCharacter);
        QVERIFY(words(stands).size() > 3000);
        // Of the picture what is written in it stands in the element as well.
        const QString spoken = words(said);
        const qsizetype picture = spoken.indexOf(words(stands).left(200));
        QCOMPARE(picture, 0);
        QVERIFY(spoken.endsWith(words(stands).right(1500)));
        QVERIFY(all.contains(QStringLiteral("Figure")));
        QVERIFY(all.count(QRegularExpression("\\bTR\\b")) > 20);
        QVERIFY(all.count(QRegularExpression("\\bTH\\b")) > 5);
        QVERIFY(!spoken.contains(QStringLiteral("page1of")));

        QPDF pdf;
        pdf.processFile(path.toLocal8Bit().constData());
        QPDFObjectHandle root = pdf.getRoot();
        QCOMPARE(root.getKey("/Lang").getUTF8Value(), std::string("de"));
        QPDFObjectHandle first = root.getKey("/Outlines").getKey("/First");
        QCOMPARE(first.getKey("/Title").getUTF8Value(), jobs_[0].name);
        std::vector<std::string> under;
        for (QPDFObjectHandle at = first.getKey("/First"); !at.isNull(); at = at.getKey("/Next")) {
            under.push_back(at.getKey("/Title").getUTF8Value());
            QVERIFY(at.getKey("/Dest").getArrayItem(0).isPageObject());
        }
        QVERIFY2(under.size() >= 4 && under[1] == "Engine and cam", under[1].c_str());
        QCOMPARE(first.getKey("/Next").getKey("/Title").getUTF8Value(), std::string("Appendix"));
        // The mark of an element on a page is there once, and each is closed.
        const auto page = pdf.getAllPages().front();
        const auto data = QPDFObjectHandle(page).getKey("/Contents").getStreamData();
        const QByteArray content(reinterpret_cast<const char*>(data->getBuffer()),
                                 static_cast<qsizetype>(data->getSize()));
        QCOMPARE(content.count("BDC") + content.count("BMC"), content.count("EMC"));
        QVERIFY(!content.contains("777000"));
        QVERIFY(sheet::isOurs(path));
        // What is no PDF comes back as it was.
        QCOMPARE(sheet::withStructure("no PDF", {}, "de"), QByteArray("no PDF"));
    }

    /// No text is taken for a formula, none ends its row.
    void cellsAreHarmless() {
        QCOMPARE(sheet::cell(QStringLiteral("=1+1")), QStringLiteral("'=1+1"));
        QCOMPARE(sheet::cell(QStringLiteral("@x\ny")), QStringLiteral("'@x y"));
        QCOMPARE(sheet::cell(QStringLiteral("a,\"b\"")), QStringLiteral("\"a,\"\"b\"\"\""));
        QCOMPARE(sheet::cell(QStringLiteral("plain")), QStringLiteral("plain"));
    }
};

AMBER_TEST(TestSheet)

} // namespace test_sheet

#include "test_sheet.moc"
