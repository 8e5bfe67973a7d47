#include "sheet/first_page.h"

#include "core/job/card.h"
#include "core/job/job.h"
#include "stations/list.h"
#include "words/clearance.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <array>

namespace sheet {

using namespace lobe;

QString under(const QString& title, const QString& body) {
    return body.isEmpty() ? QString()
                          : QStringLiteral("<h2>%1</h2>").arg(title.toHtmlEscaped()) + body;
}

QString paragraph(const QString& text) {
    return text.isEmpty() ? QString() : QStringLiteral("<p>%1</p>").arg(text.toHtmlEscaped());
}

namespace {

QString boxed(const QString& text, const char* tag = "td", const char* align = "left") {
    return QStringLiteral("<%1 align=\"%2\">%3</%1>")
        .arg(QLatin1String(tag), QLatin1String(align), text.toHtmlEscaped());
}

/// Facts that are known, a line each.
class Facts {
public:
    void add(const QString& name, const QString& value) {
        if (!value.isEmpty()) lines_ << boxed(name) + boxed(value);
    }
    const QStringList& lines() const { return lines_; }

private:
    QStringList lines_;
};

QString degreesOf(const std::optional<double>& value, const words::Style& style) {
    return value ? words::fixed(*value, 1, style) : QString(QChar(0x2013));
}

/// What one height has: four events as a card counts them, two durations, overlap.
constexpr std::array<FigureId, 7> kColumns{FigureId{FigureKind::Opens, Side::Intake, {}},
                                           FigureId{FigureKind::Closes, Side::Intake, {}},
                                           FigureId{FigureKind::Duration, Side::Intake, {}},
                                           FigureId{FigureKind::Opens, Side::Exhaust, {}},
                                           FigureId{FigureKind::Closes, Side::Exhaust, {}},
                                           FigureId{FigureKind::Duration, Side::Exhaust, {}},
                                           FigureId{FigureKind::Overlap, {}, {}}};

const Figure* figureAt(const std::vector<Figure>& all, FigureId id, const Height& height) {
    id.height = height;
    const auto it = std::find_if(all.begin(), all.end(), [&](const Figure& f) {
        return static_cast<const FigureId&>(f) == id && f.value;
    });
    return it == all.end() ? nullptr : &*it;
}

/// The card's own numbers, in the same columns.
QString cardRow(const Card& card, const words::Style& style) {
    const auto event = [&](Event e) -> std::optional<double> {
        const auto at = cardEvent(card, e);
        return at ? std::optional(toCard(e, *at).deg) : std::nullopt;
    };
    const auto ivo = event(Event::IntakeOpens), evc = event(Event::ExhaustCloses);
    const std::optional<double> all[] = {ivo,
                                         event(Event::IntakeCloses),
                                         cardDuration_deg(card, Side::Intake),
                                         event(Event::ExhaustOpens),
                                         evc,
                                         cardDuration_deg(card, Side::Exhaust),
                                         ivo && evc ? std::optional(*ivo + *evc) : std::nullopt};
    QString row = boxed(Say::tr("the card"));
    for (const auto& each : all)
        row += boxed(degreesOf(each, style), "td", "right");
    return QStringLiteral("<tr>%1</tr>").arg(row);
}

QString matrix(const Job& job, const std::vector<Figure>& all, const words::Style& style) {
    std::vector<Height> heights;
    for (const Figure& f : all)
        if (f.height &&
            (f.kind == FigureKind::Duration || f.kind == FigureKind::Opens ||
             f.kind == FigureKind::Closes || f.kind == FigureKind::Overlap) &&
            std::find(heights.begin(), heights.end(), *f.height) == heights.end())
            heights.push_back(*f.height);
    if (heights.empty()) return {};
    std::sort(heights.begin(), heights.end(), [](const Height& a, const Height& b) {
        return std::pair(a.at == Place::Valve, a.mm) < std::pair(b.at == Place::Valve, b.mm);
    });
    QString head = boxed(Say::tr("degrees"), "th");
    for (const QString& name : {Say::tr("intake opens BTDC"), Say::tr("closes ABDC"),
                                Say::tr("duration"), Say::tr("exhaust opens BBDC"),
                                Say::tr("closes ATDC"), Say::tr("duration"), Say::tr("overlap")})
        head += boxed(name, "th", "right");
    QString rows = QStringLiteral("<tr>%1</tr>").arg(head);
    for (const Height& h : heights) {
        QString row = boxed(words::heightAt(h, style));
        bool any = false;
        for (const FigureId& id : kColumns) {
            const Figure* f = figureAt(all, id, h);
            any = any || f;
            row += boxed(degreesOf(f ? std::optional(f->value->value) : std::nullopt, style), "td",
                         "right");
        }
        if (any) rows += QStringLiteral("<tr>%1</tr>").arg(row);
        if (any && job.card && job.card->height == h) rows += cardRow(*job.card, style);
    }
    return QStringLiteral("<table width=\"100%\" cellspacing=\"0\" cellpadding=\"1\">%1</table>")
        .arg(rows);
}

/// Centres, separation, advance, lift: two figures a line, each with its ± and its card's.
QString atNoHeight(const std::vector<Figure>& all, const words::Style& style) {
    QStringList cells;
    for (const Figure& f : all) {
        if (!f.value || (f.height && f.kind != FigureKind::Centre) || f.kind == FigureKind::Area)
            continue;
        const QString half = words::figureUncertainty(f, style);
        cells << boxed(words::figureName(f) + QStringLiteral(", ") + words::figureBasis(f, style)) +
                     boxed(words::figureValue(f, style) +
                           (half.isEmpty() ? QString() : QLatin1Char(' ') + half)) +
                     boxed(words::figureDifference(f, style));
    }
    QString rows;
    for (qsizetype i = 0; i < cells.size(); i += 2)
        rows += QStringLiteral("<tr>%1%2</tr>").arg(cells[i], cells.value(i + 1));
    return rows.isEmpty()
               ? rows
               : QStringLiteral(
                     "<table width=\"100%\" cellspacing=\"0\" cellpadding=\"1\">%1</table>")
                     .arg(rows);
}

} // namespace

QString verdictPart(const Job& job, const Findings& f, const Options& o) {
    if (f.cylinders.empty()) return {};
    QString out = paragraph(words::timingVerdict(job, f, f.cylinders.front().cylinder, o.style));
    if (!f.need.fault) out += paragraph(words::needSentence(job, f.need, o.style));
    const bool several =
        std::any_of(f.clearance.begin(), f.clearance.end(), [&](const ClearanceClaim& c) {
            return c.cylinder != f.clearance.front().cylinder;
        });
    for (const ClearanceClaim& c : f.clearance)
        if (c.least_mm)
            out += paragraph((several ? Say::tr("Cylinder %1: ").arg(c.cylinder) : QString()) +
                             words::clearanceVerdict(&c, nullptr, c.side, o.style, true));
    if (f.springs.begun)
        out += paragraph(stations::springs.name() + QStringLiteral(": ") +
                         stations::springs.line(job, f, o.style) + QLatin1Char('.'));
    if (f.squeeze)
        out += paragraph(stations::compression.name() + QStringLiteral(": ") +
                         stations::compression.line(job, f, o.style) + QLatin1Char('.'));
    return under(Say::tr("What it comes to"), out);
}

QString enginePart(const Job& job, const Options& o) {
    const Engine& e = job.engine;
    const auto mm = [&](double v) {
        return v > 0.0 ? words::dimension(v, o.style) + QLatin1Char(' ') + words::unitName(o.style)
                       : QString();
    };
    Facts left, right;
    left.add(Say::tr("Engine"), QString::fromStdString(e.name));
    left.add(Say::tr("Cylinders"), QString::number(e.cylinders));
    const bool valves = e.kind != EngineKind::TwoStroke, cam = e.kind == EngineKind::FourStroke;
    if (cam) left.add(Say::tr("Layout"), words::layoutName(e.layout));
    if (e.bore_mm > 0.0 && e.stroke_mm > 0.0)
        left.add(Say::tr("Bore and stroke"), words::dimension(e.bore_mm, o.style) +
                                                 QStringLiteral(" \u00D7 ") + mm(e.stroke_mm));
    left.add(Say::tr("Rod"), mm(e.rod_mm));
    left.add(Say::tr("Turns, seen from the drive"), words::rotationName(e.rotation));
    if (job.card) {
        const Card& c = *job.card;
        right.add(Say::tr("Cam card"), QString::fromStdString(c.name));
        right.add(Say::tr("Its events at"),
                  words::heightAt(c.height, o.style).section(QLatin1Char(' '), 1));
        const auto two = [&](const PerSide<std::optional<double>>& v, const auto& say) {
            const auto one = [&](const std::optional<double>& x) {
                return x ? say(*x) : QString(QChar(0x2013));
            };
            return v.intake || v.exhaust ? one(v.intake) + QStringLiteral(", ") + one(v.exhaust)
                                         : QString();
        };
        const auto degrees = [&](double deg) { return words::degrees(deg, o.style); };
        right.add(
            Say::tr("Its centres, intake and exhaust"),
            two({cardCentre_deg(c, Side::Intake), cardCentre_deg(c, Side::Exhaust)}, degrees));
        right.add(Say::tr("Its lifts, intake and exhaust"),
                  two(c.lift_mm, [&](double v) { return words::liftWithUnit(v, o.style); }));
    } else if (cam) {
        right.add(Say::tr("Cam card"), Say::tr("none came with it"));
    }
    if (cam) {
        right.add(Say::tr("Followers"), words::followerName(e.follower));
        right.add(Say::tr("Rocker ratio, intake and exhaust"),
                  words::shortest(e.ratio.intake, 3, o.style) + QStringLiteral(", ") +
                      words::shortest(e.ratio.exhaust, 3, o.style));
    }
    if (valves)
        right.add(Say::tr("Lash, intake and exhaust"),
                  words::liftWithUnit(e.lash_mm.intake, o.style) + QStringLiteral(", ") +
                      words::liftWithUnit(e.lash_mm.exhaust, o.style));
    QString rows;
    const QStringList &a = left.lines(), &b = right.lines();
    for (qsizetype i = 0; i < std::max(a.size(), b.size()); ++i)
        rows += QStringLiteral("<tr>%1%2</tr>")
                    .arg(i < a.size() ? a[i] : boxed({}) + boxed({}),
                         i < b.size() ? b[i] : boxed({}) + boxed({}));
    return under(
        Say::tr("Engine and cam"),
        QStringLiteral("<table width=\"100%\" cellspacing=\"0\" cellpadding=\"1\">%1</table>")
            .arg(rows));
}

QString figuresPart(const Job& job, const Findings& f, const Options& o) {
    if (f.cylinders.empty()) return {};
    // Of several cylinders the first measured: the others are compared in the appendix.
    const CylinderFindings& c = f.cylinders.front();
    const QString body = matrix(job, c.figures, o.style) + atNoHeight(c.figures, o.style);
    return under(f.cylinders.size() > 1 ? Say::tr("Figures of cylinder %1").arg(c.cylinder)
                                        : Say::tr("Figures"),
                 body);
}

} // namespace sheet
