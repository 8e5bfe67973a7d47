#include "cli/commands.h"

#include "book/files.h"
#include "cli/clearance_command.h"
#include "cli/compression_command.h"
#include "cli/json.h"
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

struct ClearanceFiles {
    std::string map, lift, other, side = "intake", taken = "tappet";
    ClearanceOptions options;
    double limit = 0.0;
    bool json = false;
};

struct BookOptions {
    std::string book, table, job, side = "intake";
    int cylinder = 1;
    bool force = false;
};

class Program {
public:
    Program(std::FILE* out, std::FILE* err) : out_(out), err_(err) {}

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
        lobe->callback([&] { command_ = [&] { oneLobe(file, options); }; });

        auto* pair = app.add_subcommand("pair", "the intake and exhaust lobe of one cylinder");
        pair->add_option("INTAKE", file, "CSV of the intake lobe")->required();
        pair->add_option("EXHAUST", exhaust, "CSV of the exhaust lobe")->required();
        shared(pair, options);
        pair->callback([&] { command_ = [&] { twoLobes(file, exhaust, options); }; });

        auto* examine = app.add_subcommand("examine", "every finding of a job in a book");
        examine->add_option("BOOK", book, "a book file")->required();
        examine->add_option("--job", job, "the job's name; needed when the book holds several");
        examine->add_flag("--json", options.json, "print JSON");
        examine->callback([&] { command_ = [&] { examineBook(book, job, options.json); }; });

        BookOptions kept;
        auto* bringIn = app.add_subcommand("import", "a lift table into a book, as a new run");
        bringIn->add_option("BOOK", kept.book, "a book file")->required();
        bringIn->add_option("FILE", kept.table, "CSV with crank_deg and lift_mm or lift_in")
            ->required();
        lobeOfBook(bringIn, kept);
        bringIn->callback([&] { command_ = [&] { importTable(kept); }; });
        auto* write = app.add_subcommand("export", "the newest run of a lobe as a lift table");
        write->add_option("BOOK", kept.book, "a book file")->required();
        write->add_option("FILE", kept.table, "CSV to write")->required();
        write->add_flag("--force", kept.force, "replace a file that is no lift table");
        lobeOfBook(write, kept);
        write->callback([&] { command_ = [&] { exportTable(kept); }; });

        TdcOptions tdc;
        addTdc(app, tdc);
        CompressionOptions squeeze;
        addCompression(app, squeeze);
        SetOptions setting;
        addSet(app, setting);
        ClearanceFiles clearance;
        addClearance(app, clearance);

        try {
            app.parse(argc, argv);
            command_();
        } catch (const CLI::CallForHelp& e) {
            print(QString::fromStdString(app.help("", CLI::AppFormatMode::Normal)));
            return 0;
        } catch (const CLI::ParseError& e) {
            if (e.get_exit_code() == 0) {
                print(QString::fromUtf8(e.what()) + QLatin1Char('\n'));
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
    } // namespace

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

    void print(const QString& text) const { std::fputs(text.toUtf8().constData(), out_); }
    void print(const Json& json) const { std::fputs((json.dump(4) + "\n").c_str(), out_); }
    void complain(const QString& line) const {
        std::fputs((line.simplified() + QLatin1Char('\n')).toUtf8().constData(), err_);
    }

    static words::Style styleOf(bool inches) {
        words::Style style;
        style.unit = inches ? LengthUnit::Inch : LengthUnit::Millimetre;
        return style;
    }

    static Place place(const std::string& text) {
        return text == "valve" ? Place::Valve : Place::Tappet;
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
        r.taken = {place(o.taken), o.ratio, o.lash * unit};
        if (!(o.ratio >= 0.5 && o.ratio <= 3.0))
            throw Refusal{
                QStringLiteral("--ratio %1: expected a rocker ratio from 0.5 to 3").arg(o.ratio)};
        if (!(r.taken.lash_mm >= 0.0 && r.taken.lash_mm <= 3.0))
            throw Refusal{QStringLiteral("--lash %1: expected 0 to 3 mm (0.118 in)").arg(o.lash)};
        const Place at = o.heightAt.empty() ? r.taken.at : place(o.heightAt);
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
        const QString path = QString::fromLocal8Bit(o.card.c_str());
        auto card = book::readCardFile(path);
        if (const auto* why = std::get_if<QString>(&card))
            throw Refusal{path + QStringLiteral(": ") + *why};
        return std::get<Card>(std::move(card));
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
        const QString path = QString::fromLocal8Bit(file.c_str());
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
            print(json);
        } else {
            print(lobeText(figures, r.heights, style) +
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
            print(json);
        } else {
            print(lobeText(intake, r.heights, style) + lobeText(exhaust, r.heights, style) +
                  pairText(pair, style) + (x ? explanationText(*x, false, style) : QString()));
        }
    }

    void addTdc(CLI::App& app, TdcOptions& o) {
        auto* command = app.add_subcommand("tdc", "true TDC from readings as on the wheel");
        command->add_option("--method", o.method, "stop, drop, return, port or peak")
            ->check(CLI::IsMember({"stop", "drop", "return", "port", "peak"}))
            ->required();
        command->add_option("--wheel", o.wheel, "0-180-0 by default")
            ->check(CLI::IsMember({"0-360", "0-360-against", "0-180-0", "0-90-0-90", "signed"}));
        command->add_option("--drop", o.drop, "piston drop at the contacts, mm");
        command->add_option("--stroke", o.stroke, "mm");
        command->add_option("--rod", o.rod, "mm");
        command->add_option("--pin-offset", o.pinOffset, "mm, positive delays the top");
        command->add_option("--resolution", o.resolution, "of the indicator, mm");
        command->add_flag("--json", o.json, "print JSON");
        command->add_option("READING", o.readings, "31b, 26.5a, 329: before the top, then after it")
            ->required();
        command->callback([this, &o] {
            command_ = [this, &o] {
                const TdcResult result = runTdc(o);
                if (o.json)
                    print(result.json);
                else
                    print(result.text);
            };
        });
    }

    void addSet(CLI::App& app, SetOptions& o) {
        auto* command = app.add_subcommand(
            "set", "what the drive can do about a wanted move; crank degrees, positive advances");
        command->add_option("--need", o.need, "the wanted move")->required();
        auto* teeth = command->add_option("--teeth", o.teeth, "of the cam wheel");
        command->add_option("--keyways", o.keyways, "of the cam wheel, evenly spaced");
        command->add_option("--crank-offsets", o.crankOffsets,
                            "of the crank wheel's keyways: D,D,...");
        command->add_option("--vernier", o.vernier, "holes in wheel and hub, N1:N2");
        command->add_option("--bushes", o.bushes, "offset bushes or keys: D,D,...");
        command->add_option("--slot", o.slot, "slotted wheel, RANGE:LINE; 12:2 is 12 either way");
        command->add_option("--most", o.most, "how many choices to print (10)");
        command->add_flag("--json", o.json, "print JSON");
        command->callback([this, &o, teeth] {
            o.teethGiven = teeth->count() > 0;
            command_ = [this, &o] {
                const SetPrinted printed = runSet(o);
                if (o.json)
                    print(printed.json);
                else
                    print(printed.text);
            };
        });
    }

    void addCompression(CLI::App& app, CompressionOptions& o) {
        auto* command = app.add_subcommand("compression", "static and dynamic ratio; mm and cc");
        command->add_option("--bore", o.bore, "mm")->required();
        command->add_option("--stroke", o.stroke, "mm")->required();
        command->add_option("--rod", o.rod, "mm")->required();
        command->add_option("--chamber", o.chamber, "in the head, cc")->required();
        command->add_option("--gasket-bore", o.gasketBore, "mm; the bore by default");
        command->add_option("--gasket", o.gasket, "thickness as tightened, mm")->required();
        command->add_option("--deck", o.deck, "piston below the face, mm; negative above");
        command->add_option("--crown", o.crown, "dish, cc; negative for a dome");
        command->add_option("--pin-offset", o.pinOffset, "mm, positive delays the top");
        command->add_option("--crevice", o.crevice, "above the top ring, cc");
        command->add_option("--ivc", o.ivc, "intake closing, degrees after BDC")->required();
        command->add_option("--altitude", o.altitude, "m (0)");
        command->add_option("--exponent", o.exponent, "of the compression (1.25)");
        command->add_flag("--json", o.json, "print JSON");
        command->callback([this, &o] {
            command_ = [this, &o] {
                const CompressionPrinted printed = runCompression(o);
                if (o.json)
                    print(printed.json);
                else
                    print(printed.text);
            };
        });
    }

    void addClearance(CLI::App& app, ClearanceFiles& o) {
        auto* command =
            app.add_subcommand("clearance", "valve to piston, with this or another cam");
        command->add_option("--map", o.map, "CSV with crank_deg and clearance_mm or clearance_in")
            ->required();
        command->add_option("--lift", o.lift, "lift table of the cam it was measured with")
            ->required();
        command->add_option("--other", o.other, "lift table of another cam, to be foretold");
        command->add_option("--side", o.side, "intake or exhaust")
            ->check(CLI::IsMember({"intake", "exhaust"}))
            ->required();
        command->add_option("--taken", o.taken, "where lift was taken: tappet (default) or valve")
            ->check(CLI::IsMember({"tappet", "valve"}));
        command->add_option("--ratio", o.options.taken.ratio, "rocker ratio (1)");
        command->add_option("--lash", o.options.taken.lash_mm, "at the valve, mm (0)");
        command->add_option("--stroke", o.options.stroke, "mm");
        command->add_option("--rod", o.options.rod, "mm");
        command->add_option("--advance", o.options.advances, "crank degrees, positive: A,A,... (0)")
            ->delimiter(',');
        auto* limit = command->add_option("--limit", o.limit, "least clearance, mm");
        command->add_flag("--json", o.json, "print JSON");
        command->callback([this, &o, limit] {
            if (limit->count() > 0) o.options.limit = o.limit;
            command_ = [this, &o] { clearance(o); };
        });
    }

    void clearance(ClearanceFiles& o) const {
        const auto positive = [](const char* name, double value, bool zero) {
            if (!std::isfinite(value) || value < 0.0 || (!zero && value == 0.0) || value > 1000.0)
                throw Refusal{QStringLiteral("%1 %2: expected a positive number")
                                  .arg(QLatin1String(name))
                                  .arg(value)};
        };
        positive("--ratio", o.options.taken.ratio, false);
        positive("--lash", o.options.taken.lash_mm, true);
        positive("--stroke", o.options.stroke, true);
        positive("--rod", o.options.rod, true);
        if (o.options.limit) positive("--limit", *o.options.limit, false);
        for (double a : o.options.advances)
            if (!std::isfinite(a) || std::abs(a) > 90.0)
                throw Refusal{
                    QStringLiteral("--advance %1: expected crank degrees within 90").arg(a)};
        o.options.side = side(o.side);
        o.options.taken.at = place(o.taken);
        const QString path = QString::fromLocal8Bit(o.map.c_str());
        auto map = book::readClearanceFile(path);
        if (const auto* why = std::get_if<QString>(&map))
            throw Refusal{QStringLiteral("%1: %2; expected a CSV clearance map").arg(path, *why)};
        if (const auto* e = std::get_if<TableError>(&map)) {
            if (e->fault == TableFault::LiftOutOfRange)
                throw Refusal{QStringLiteral("%1, line %2: clearance %3; expected 0 to 30 mm")
                                  .arg(path)
                                  .arg(e->line)
                                  .arg(QString::fromStdString(e->text))};
            if (e->fault == TableFault::TooFewReadings)
                throw Refusal{QStringLiteral("%1: %2 presses; expected at least 3 for a gap")
                                  .arg(path)
                                  .arg(e->found)};
            const QString said = words::sentence(*e, QString());
            throw Refusal{path +
                          QString(said).replace(QLatin1String("lift"), QLatin1String("clearance"))};
        }
        std::optional<LiftTable> other;
        if (!o.other.empty()) other = tableOf(QString::fromLocal8Bit(o.other.c_str()));
        const ClearancePrinted printed =
            runClearance(std::get<LiftTable>(map), tableOf(QString::fromLocal8Bit(o.lift.c_str())),
                         other, o.options);
        if (o.json)
            print(printed.json);
        else
            print(printed.text);
    }

    static void lobeOfBook(CLI::App* command, BookOptions& o) {
        command->add_option("--job", o.job, "the job's name; needed when the book holds several");
        command->add_option("--side", o.side, "intake or exhaust")
            ->check(CLI::IsMember({"intake", "exhaust"}))
            ->required();
        command->add_option("--cylinder", o.cylinder, "1 by default");
    }

    static Side side(const std::string& text) {
        return text == "intake" ? Side::Intake : Side::Exhaust;
    }

    /// An existing book; never makes one.
    static std::unique_ptr<book::Book> openBook(const QString& path) {
        if (!QFileInfo::exists(path))
            throw Refusal{QStringLiteral("%1: no such file; expected a book").arg(path)};
        if (QFileInfo(path).isFile() && QFileInfo(path).size() == 0)
            throw Refusal{QStringLiteral("%1: the file is empty; expected a book").arg(path)};
        auto opened = book::Book::open(path, book::Book::systemClock, book::Book::Mode::MustExist);
        if (const auto* e = std::get_if<book::Error>(&opened))
            throw Refusal{book::sentence(*e, path)};
        return std::get<std::unique_ptr<book::Book>>(std::move(opened));
    }

    /// The job of that name, or the only one.
    static Job jobOf(book::Book& book, const std::string& wanted) {
        const QString name = QString::fromLocal8Bit(wanted.c_str());
        QStringList names;
        std::optional<std::int64_t> id;
        const auto listed = book.listJobs();
        if (const auto* e = std::get_if<book::Error>(&listed))
            throw Refusal{book::sentence(*e, book.path())};
        const auto& jobs = std::get<std::vector<book::JobSummary>>(listed);
        for (const auto& j : jobs) {
            names << QLatin1Char('"') + j.name + QLatin1Char('"');
            if (wanted.empty() ? jobs.size() == 1 : j.name == name) id = j.id;
        }
        if (jobs.empty())
            throw Refusal{QStringLiteral("%1: the book holds no job yet").arg(book.path())};
        if (!id)
            throw Refusal{QStringLiteral("%1: say which job with --job: %2")
                              .arg(book.path(), names.join(QStringLiteral(", ")))};
        auto job = book.read(*id);
        if (const auto* e = std::get_if<book::Error>(&job))
            throw Refusal{book::sentence(*e, book.path())};
        auto& loaded = std::get<book::Loaded>(job);
        if (!loaded.newer.isEmpty())
            book.setReadOnly(QStringLiteral("a newer version wrote what this one does not know: ") +
                             loaded.newer);
        return std::move(loaded.job);
    }

    static LiftTable tableOf(const QString& path) {
        auto table = book::readTableFile(path);
        if (const auto* why = std::get_if<QString>(&table))
            throw Refusal{QStringLiteral("%1: %2; expected a CSV lift table").arg(path, *why)};
        if (const auto* e = std::get_if<TableError>(&table))
            throw Refusal{words::sentence(*e, path)};
        return std::get<LiftTable>(std::move(table));
    }

    void importTable(const BookOptions& o) const {
        const auto book = openBook(QString::fromLocal8Bit(o.book.c_str()));
        const Job job = jobOf(*book, o.job);
        if (o.cylinder < 1 || o.cylinder > job.engine.cylinders)
            throw Refusal{QStringLiteral("--cylinder %1: this engine has 1 to %2")
                              .arg(o.cylinder)
                              .arg(job.engine.cylinders)};
        const QString path = QString::fromLocal8Bit(o.table.c_str());
        const LiftTable table = tableOf(path);
        RunConditions conditions = usualConditions(job.engine, side(o.side));
        conditions.afterMove = lastMove(job);
        conditions.source = QFileInfo(path).fileName().toStdString();
        const auto kept = book->record(
            job.id, book::AddRun{book::runFromTable(table, o.cylinder, side(o.side), conditions)});
        if (const auto* e = std::get_if<book::Error>(&kept))
            throw Refusal{book::sentence(*e, book->path())};
        print(QStringLiteral("%1 readings are a new run of cylinder %2 %3 in %4\n")
                  .arg(table.points.size())
                  .arg(o.cylinder)
                  .arg(QString::fromStdString(o.side), QString::fromStdString(job.name)));
    }

    void exportTable(const BookOptions& o) const {
        const auto book = openBook(QString::fromLocal8Bit(o.book.c_str()));
        const Job job = jobOf(*book, o.job);
        const LiftRun* newest = nullptr;
        for (const LiftRun& run : job.runs)
            if (run.cylinder == o.cylinder && run.side == side(o.side) && !run.readings.empty())
                newest = &run;
        if (!newest)
            throw Refusal{QStringLiteral("%1: no run of cylinder %2 %3 has readings")
                              .arg(book->path())
                              .arg(o.cylinder)
                              .arg(QString::fromStdString(o.side))};
        const QString path = QString::fromLocal8Bit(o.table.c_str());
        if (!o.force && QFileInfo::exists(path) &&
            book::refusesExport(path, book->path()).isEmpty() && !book::isOurTable(path))
            throw Refusal{path +
                          QStringLiteral(": another file stands there; --force replaces it")};
        const QString why = book::writeTableFile(path, job, *newest, book->path());
        if (!why.isEmpty()) throw Refusal{path + QStringLiteral(": ") + why};
        print(path + QLatin1Char('\n'));
    }

    void examineBook(const std::string& file, const std::string& wanted, bool json) const {
        const auto book = openBook(QString::fromLocal8Bit(file.c_str()));
        const Job job = jobOf(*book, wanted);
        const Findings findings = lobe::examine(job);
        if (json)
            print(jobJson(job, findings, styleOf(false)));
        else
            print(jobText(job, findings, styleOf(false)));
    }

    std::FILE* out_;
    std::FILE* err_;
    std::function<void()> command_;
}; // namespace cli

} // namespace

int run(int argc, const char* const* argv, std::FILE* out, std::FILE* err) {
    return Program(out, err).run(argc, argv);
}

} // namespace cli
