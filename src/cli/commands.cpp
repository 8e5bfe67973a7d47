#include "cli/commands.h"

#include "cli/backup_command.h"
#include "cli/bench_commands.h"
#include "cli/clearance_command.h"
#include "cli/compare_command.h"
#include "cli/compression_command.h"
#include "cli/examine_command.h"
#include "cli/filling_command.h"
#include "cli/inputs.h"
#include "cli/job_commands.h"
#include "cli/json.h"
#include "cli/model_command.h"
#include "cli/refusal.h"
#include "cli/set_command.h"
#include "cli/shims_command.h"
#include "cli/take_command.h"
#include "cli/tdc_command.h"
#include "cli/text.h"
#include "words/sentences.h"

#include <QCoreApplication>
#include <QTranslator>

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

class Program {
public:
    Program(std::FILE* out, std::FILE* err) : host_(out), err_(err) {}

    int run(int argc, const char* const* argv) {
        Line line("Amber Lobe: lobe lift, timing and the cam in figures.", "amber-lobe-cli");
        line.requireCommand();
        line.setVersion("amber-lobe-cli " AMBER_VERSION);
        Command app = line.top();
        std::string file, exhaust;
        LobeOptions options;

        Command lobe = app.command("lobe", "one lobe from a lift table");
        lobe.option("FILE", file, "CSV with crank_deg and lift_mm or lift_in").required();
        lobe.option("--side", options.side, "intake or exhaust")
            .oneOf({"intake", "exhaust"})
            .required();
        shared(lobe, options);
        lobe.callback([&] { host_.command = [&] { oneLobe(file, options); }; });

        Command pair = app.command("pair", "the intake and exhaust lobe of one cylinder");
        pair.option("INTAKE", file, "CSV of the intake lobe").required();
        pair.option("EXHAUST", exhaust, "CSV of the exhaust lobe").required();
        shared(pair, options);
        pair.callback([&] { host_.command = [&] { twoLobes(file, exhaust, options); }; });

        addExamine(app, host_);
        addList(app, host_);
        addExport(app, host_);
        addImport(app, host_);
        addShims(app, host_);
        addPorts(app, host_);
        addTape(app, host_);
        addLash(app, host_);
        addTake(app, host_);
        addTdc(app, host_);
        addCompression(app, host_);
        addSet(app, host_);
        addClearance(app, host_);
        addModel(app, host_);
        addFilling(app, host_);
        addCompare(app, host_);
        addBackup(app, host_);
        line.checkNumbers();

        const int code = carriedOut(line, argc, argv);
        const QString lost = host_.undelivered();
        if (lost.isEmpty()) return code;
        complain(QStringLiteral("amber-lobe-cli: the result could not be written (%1)").arg(lost));
        return 1;
    }

private:
    int carriedOut(Line& line, int argc, const char* const* argv) const {
        const LineRead read = line.read(argc, argv);
        if (read.done) {
            host_.print(QString::fromStdString(read.said));
            return 0;
        }
        if (!read.wrong.empty()) {
            complain(QStringLiteral("amber-lobe-cli: %1; see --help")
                         .arg(QString::fromStdString(read.wrong).simplified()));
            return 2;
        }
        try {
            host_.command();
        } catch (const Refusal& refusal) {
            complain(refusal.sentence);
            return 1;
        }
        return 0;
    }

    static void shared(Command command, LobeOptions& o) {
        command.option("--taken", o.taken, "where lift was taken: tappet (default) or valve")
            .oneOf({"tappet", "valve"});
        command.option("--ratio", o.ratio, "rocker ratio, valve over tappet (1)");
        command.option("--lash", o.lash, "lash at the valve, mm (0)");
        command.option("--heights", o.heights, "checking heights, mm, separated by commas")
            .delimiter(',');
        command.option("--height-at", o.heightAt, "where heights are meant: as --taken by default")
            .oneOf({"tappet", "valve"});
        command.flag("--in", o.inches, "heights and lash on this line are inches; text in inches");
        command.option("--card", o.card, "JSON file of the cam's card, to compare with");
        command.option(
            "--resolution", o.resolution,
            "what the indicator resolves, such as 0.01mm or 0.0005in; by default what lifts are "
            "written in");
        command.option("--layout", o.layout, "one shaft or two, for what is said against the card")
            .oneOf({"pushrod", "twin-cam", "single-overhead-cam"});
        command.flag("--no-smoothing", o.raw, "the curve through every reading");
        command.flag("--json", o.json, "print JSON");
    }

    void complain(const QString& line) const {
        std::fputs((line.simplified() + QLatin1Char('\n')).toUtf8().constData(), err_);
    }

    /// A comma between heights may have been meant as one within a height.
    void sayHeights(const LobeOptions& o) const {
        if (o.json || o.heights.size() != 2 || o.heights[0] != std::floor(o.heights[0]) ||
            o.heights[1] != std::floor(o.heights[1]))
            return;
        complain(
            QStringLiteral("--heights: taken as two heights, %1 and %2; a fraction has a point")
                .arg(o.heights[0])
                .arg(o.heights[1]));
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
        sayHeights(o);
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
        sayHeights(o);
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

    Host host_;
    std::FILE* err_;
};

} // namespace

int run(int argc, const char* const* argv, std::FILE* out, std::FILE* err) {
    // English, whatever the system speaks: programs read it. What is counted has two forms.
    static QTranslator counts;
    static const bool loaded = counts.load(QStringLiteral(":/translations/amber-lobe_en.qm")) &&
                               QCoreApplication::installTranslator(&counts);
    Q_UNUSED(loaded);
    return Program(out, err).run(argc, argv);
}

} // namespace cli
