#include "cli/commands.h"

#include "book/files.h"
#include "cli/clearance_command.h"
#include "cli/compare_command.h"
#include "cli/compression_command.h"
#include "cli/filling_command.h"
#include "cli/inputs.h"
#include "cli/json.h"
#include "cli/model_command.h"
#include "cli/refusal.h"
#include "cli/set_command.h"
#include "cli/tdc_command.h"
#include "cli/text.h"
#include "words/sentences.h"

#include <CLI/CLI.hpp>

#include <QFileInfo>

#include <cmath>

namespace cli {

using namespace lobe;

namespace {

struct LobeOptions {
    std::string taken = "tappet", heightAt, side = "intake";
    double ratio = 1.0, lash = 0.0;
    std::vector<double> heights;
    bool inches = false, json = false;
    std::string card;
    std::string resolution, layout = "pushrod";
    bool raw = false;
};

struct BookOptions {
    std::string book, table, job, side = "intake";
    int cylinder = 1;
    bool force = false;
};

class Program {
public:
    Program(std::FILE* out, std::FILE* err) : host_(out), err_(err) {}

    int run(int argc, const char* const* argv) {
        CLI::App app("Amber Lobe: lobe lift, timing and the cam in figures.", "amber-lobe-cli");
        app.require_subcommand(1);
        app.set_version_flag("--version", "amber-lobe-cli 0.1.0");
        std::string file, exhaust, book, job;
        LobeOptions options;

        auto* lobe = app.add_subcommand("lobe", "one lobe from a lift table");
        lobe->add_option("FILE", file, "CSV with crank_deg and lift_mm or lift_in")->required();
        lobe->add_option("--side", options.side, "intake or exhaust")
            ->check(CLI::IsMember({"intake", "exhaust"}))
            ->required();
        shared(lobe, options);
        lobe->callback([&] { host_.command = [&] { oneLobe(file, options); }; });

        auto* pair = app.add_subcommand("pair", "the intake and exhaust lobe of one cylinder");
        pair->add_option("INTAKE", file, "CSV of the intake lobe")->required();
        pair->add_option("EXHAUST", exhaust, "CSV of the exhaust lobe")->required();
        shared(pair, options);
        pair->callback([&] { host_.command = [&] { twoLobes(file, exhaust, options); }; });

        auto* examine = app.add_subcommand("examine", "every finding of a job in a book");
        examine->add_option("BOOK", book, "a book file")->required();
        examine->add_option("--job", job, "the job's name; needed when the book holds several");
        examine->add_flag("--json", options.json, "print JSON");
        examine->callback([&] { host_.command = [&] { examineBook(book, job, options.json); }; });

        BookOptions kept;
        auto* bringIn = app.add_subcommand("import", "a lift table into a book, as a new run");
        bringIn->add_option("BOOK", kept.book, "a book file")->required();
        bringIn->add_option("FILE", kept.table, "CSV with crank_deg and lift_mm or lift_in")
            ->required();
        lobeOfBook(bringIn, kept);
        bringIn->callback([&] { host_.command = [&] { importTable(kept); }; });
        auto* write = app.add_subcommand("export", "the newest run of a lobe as a lift table");
        write->add_option("BOOK", kept.book, "a book file")->required();
        write->add_option("FILE", kept.table, "CSV to write")->required();
        write->add_flag("--force", kept.force, "replace a file that is no lift table");
        lobeOfBook(write, kept);
        write->callback([&] { host_.command = [&] { exportTable(kept); }; });

        addTdc(app, host_);
        addCompression(app, host_);
        addSet(app, host_);
        addClearance(app, host_);
        addModel(app, host_);
        addFilling(app, host_);
        addCompare(app, host_);

        try {
            app.parse(argc, argv);
            host_.command();
        } catch (const CLI::CallForHelp& e) {
            host_.print(QString::fromStdString(app.help("", CLI::AppFormatMode::Normal)));
            return 0;
        } catch (const CLI::ParseError& e) {
            if (e.get_exit_code() == 0) {
                host_.print(QString::fromUtf8(e.what()) + QLatin1Char('\n'));
                return 0;
            }
            complain(QStringLiteral("amber-lobe-cli: %1; see --help")
                         .arg(QString::fromUtf8(e.what()).simplified()));
            return 2;
        } catch (const Refusal& refusal) {
            complain(refusal.sentence);
            return 1;
        }
        return 0;
    }

private:
    static void shared(CLI::App* command, LobeOptions& o) {
        command->add_option("--taken", o.taken, "where lift was taken: tappet (default) or valve")
            ->check(CLI::IsMember({"tappet", "valve"}));
        command->add_option("--ratio", o.ratio, "rocker ratio, valve over tappet (1)");
        command->add_option("--lash", o.lash, "lash at the valve, mm (0)");
        command->add_option("--heights", o.heights, "checking heights, mm, separated by commas")
            ->delimiter(',');
        command
            ->add_option("--height-at", o.heightAt,
                         "where heights are meant: as --taken by default")
            ->check(CLI::IsMember({"tappet", "valve"}));
        command->add_flag("--in", o.inches,
                          "heights and lash on this line are inches; text in inches");
        command->add_option("--card", o.card, "JSON file of the cam's card, to compare with");
        command->add_option(
            "--resolution", o.resolution,
            "what the indicator resolves, such as 0.01mm or 0.0005in; by default what lifts are "
            "written in");
        command
            ->add_option("--layout", o.layout,
                         "one shaft or two, for what is said against the card")
            ->check(CLI::IsMember({"pushrod", "twin-cam", "single-overhead-cam"}));
        command->add_flag("--no-smoothing", o.raw, "the curve through every reading");
        command->add_flag("--json", o.json, "print JSON");
    }

    void complain(const QString& line) const {
        std::fputs((line.simplified() + QLatin1Char('\n')).toUtf8().constData(), err_);
    }

    static words::Style styleOf(bool inches) {
        words::Style style;
        style.unit = inches ? LengthUnit::Inch : LengthUnit::Millimetre;
        return style;
    }

    /// A bare number is mm; where the rest of the line is inches it must say which.
    static double resolution_mm(const LobeOptions& o) {
        QString text = QString::fromStdString(o.resolution).trimmed();
        if (text.isEmpty()) return 0.0;
        double unit = 1.0;
        const bool in = text.endsWith(QLatin1String("in")), mm = text.endsWith(QLatin1String("mm"));
        if (in) unit = kMmPerInch;
        if (in || mm) text.chop(2);
        if (o.inches && !in && !mm)
            throw Refusal{QStringLiteral("--resolution %1 with --in: say which unit, such as "
                                         "0.0005in or 0.01mm")
                              .arg(text)};
        bool ok = false;
        const double value = text.toDouble(&ok) * unit;
        if (!ok || !(value >= 0.0 && value <= 1.0))
            throw Refusal{QStringLiteral("--resolution %1: expected 0 to 1 mm")
                              .arg(QString::fromStdString(o.resolution))};
        return value;
    }

    LobeRequest request(const LobeOptions& o, Side side) const {
        const double unit = o.inches ? kMmPerInch : 1.0;
        LobeRequest r;
        r.side = side;
        r.taken = {placeOf(o.taken), o.ratio, o.lash * unit};
        if (!(o.ratio >= 0.5 && o.ratio <= 3.0))
            throw Refusal{
                QStringLiteral("--ratio %1: expected a rocker ratio from 0.5 to 3").arg(o.ratio)};
        if (!(r.taken.lash_mm >= 0.0 && r.taken.lash_mm <= 3.0))
            throw Refusal{QStringLiteral("--lash %1: expected 0 to 3 mm (0.118 in)").arg(o.lash)};
        const Place at = o.heightAt.empty() ? r.taken.at : placeOf(o.heightAt);
        r.heights = o.inches ? inchHeights(at) : metricHeights(at);
        if (!o.heights.empty()) r.heights.clear();
        for (double h : o.heights) {
            if (!(h * unit >= 0.01 && h * unit <= 20.0))
                throw Refusal{
                    QStringLiteral("--heights %1: expected 0.01 to 20 mm (0.0004 to 0.8 in)")
                        .arg(h)};
            r.heights.push_back({h * unit, at});
        }
        r.eventsHeight = {1.27, at};
        r.smoothing = !o.raw;
        r.resolution_mm = resolution_mm(o);
        return r;
    }

    static std::optional<Card> cardOf(const LobeOptions& o) {
        if (o.card.empty()) return std::nullopt;
        return cardFile(o.card);
    }

    /// The card's own height is looked at as well, though not printed.
    static LobeRequest withCard(LobeRequest request, const std::optional<Card>& card) {
        if (!card) return request;
        request.eventsHeight = card->height;
        if (std::find(request.heights.begin(), request.heights.end(), card->height) ==
            request.heights.end())
            request.heights.push_back(card->height);
        return request;
    }

    static Explanation against(const Card& card, const LobeFigures* in, const LobeFigures* ex,
                               const LobeOptions& o) {
        Engine engine;
        engine.ratio.intake = engine.ratio.exhaust = o.ratio;
        engine.lash_mm.intake = engine.lash_mm.exhaust = o.lash * (o.inches ? kMmPerInch : 1.0);
        if (o.layout == "twin-cam") engine.layout = Layout::TwinOverheadCam;
        if (o.layout == "single-overhead-cam") engine.layout = Layout::SingleOverheadCam;
        return explain({in, ex, card, engine, 0.0, {}});
    }

    static LobeFigures analyse(const std::string& file, const LobeRequest& request) {
        const QString path = pathOf(file);
        LobeFigures figures = analyseLobe(tableOf(path).points, request);
        if (!figures.maxLift_mm)
            throw Refusal{words::sentence(TableError{TableFault::TooFewReadings,
                                                     0,
                                                     {},
                                                     kFewestReadings,
                                                     static_cast<int>(figures.points.size())},
                                          path)};
        return figures;
    }

    void oneLobe(const std::string& file, const LobeOptions& o) const {
        const Side side = o.side == "intake" ? Side::Intake : Side::Exhaust;
        const LobeRequest r = request(o, side);
        const auto card = cardOf(o);
        const LobeFigures figures = analyse(file, withCard(r, card));
        const words::Style style = styleOf(o.inches);
        const bool intake = side == Side::Intake;
        std::optional<Explanation> x;
        if (card) x = against(*card, intake ? &figures : nullptr, intake ? nullptr : &figures, o);
        if (o.json) {
            Json json = lobeJson(figures, r.heights, style);
            if (x) json["explanation"] = explanationJson(*x, false, style);
            host_.print(json);
        } else {
            host_.print(lobeText(figures, r.heights, style) +
                        (x ? explanationText(*x, false, style) : QString()));
        }
    }

    void twoLobes(const std::string& in, const std::string& ex, const LobeOptions& o) const {
        const LobeRequest r = request(o, Side::Intake);
        const auto card = cardOf(o);
        const LobeFigures intake = analyse(in, withCard(r, card));
        const LobeFigures exhaust = analyse(ex, withCard(request(o, Side::Exhaust), card));
        const auto pair =
            analysePair(intake, exhaust, CentreSchool::EqualDrop, r.heights.front().at);
        const words::Style style = styleOf(o.inches);
        std::optional<Explanation> x;
        if (card) x = against(*card, &intake, &exhaust, o);
        if (o.json) {
            Json json = pairJson(intake, exhaust, pair, r.heights, style);
            if (x) json["explanation"] = explanationJson(*x, false, style);
            host_.print(json);
        } else {
            host_.print(lobeText(intake, r.heights, style) + lobeText(exhaust, r.heights, style) +
                        pairText(pair, style) +
                        (x ? explanationText(*x, false, style) : QString()));
        }
    }

    static void lobeOfBook(CLI::App* command, BookOptions& o) {
        command->add_option("--job", o.job, "the job's name; needed when the book holds several");
        command->add_option("--side", o.side, "intake or exhaust")
            ->check(CLI::IsMember({"intake", "exhaust"}))
            ->required();
        command->add_option("--cylinder", o.cylinder, "1 by default");
    }

    void importTable(const BookOptions& o) const {
        const auto book = openBook(pathOf(o.book));
        const Job job = jobOf(*book, o.job);
        if (o.cylinder < 1 || o.cylinder > job.engine.cylinders)
            throw Refusal{QStringLiteral("--cylinder %1: this engine has 1 to %2")
                              .arg(o.cylinder)
                              .arg(job.engine.cylinders)};
        const QString path = pathOf(o.table);
        const LiftTable table = tableOf(path);
        RunConditions conditions = usualConditions(job.engine, sideOf(o.side));
        conditions.afterMove = lastMove(job);
        conditions.source = QFileInfo(path).fileName().toStdString();
        const auto kept = book->record(job.id, book::AddRun{book::runFromTable(
                                                   table, o.cylinder, sideOf(o.side), conditions)});
        if (const auto* e = std::get_if<book::Error>(&kept))
            throw Refusal{book::sentence(*e, book->path())};
        host_.print(QStringLiteral("%1 readings are a new run of cylinder %2 %3 in %4\n")
                        .arg(table.points.size())
                        .arg(o.cylinder)
                        .arg(QString::fromStdString(o.side), QString::fromStdString(job.name)));
    }

    void exportTable(const BookOptions& o) const {
        const auto book = openBook(pathOf(o.book));
        const Job job = jobOf(*book, o.job);
        const LiftRun* newest = nullptr;
        for (const LiftRun& run : job.runs)
            if (run.cylinder == o.cylinder && run.side == sideOf(o.side) && !run.readings.empty())
                newest = &run;
        if (!newest)
            throw Refusal{QStringLiteral("%1: no run of cylinder %2 %3 has readings")
                              .arg(book->path())
                              .arg(o.cylinder)
                              .arg(QString::fromStdString(o.side))};
        const QString path = pathOf(o.table);
        if (!o.force && QFileInfo::exists(path) &&
            book::refusesExport(path, book->path()).isEmpty() && !book::isOurTable(path))
            throw Refusal{path +
                          QStringLiteral(": another file stands there; --force replaces it")};
        const QString why = book::writeTableFile(path, job, *newest, book->path());
        if (!why.isEmpty()) throw Refusal{path + QStringLiteral(": ") + why};
        host_.print(path + QLatin1Char('\n'));
    }

    void examineBook(const std::string& file, const std::string& wanted, bool json) const {
        const auto book = openBook(pathOf(file));
        const Job job = jobOf(*book, wanted);
        const Findings findings = lobe::examine(job);
        if (json)
            host_.print(jobJson(job, findings, styleOf(false)));
        else
            host_.print(jobText(job, findings, styleOf(false)));
    }

    Host host_;
    std::FILE* err_;
};

} // namespace

int run(int argc, const char* const* argv, std::FILE* out, std::FILE* err) {
    return Program(out, err).run(argc, argv);
}

} // namespace cli
