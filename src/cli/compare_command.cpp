#include "cli/compare_command.h"

#include "cli/inputs.h"
#include "cli/json.h"
#include "cli/refusal.h"
#include "core/choose/wishes.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "words/choosing.h"
#include "words/choosing_verdict.h"

#include <algorithm>
#include <memory>

namespace cli {

using namespace lobe;

namespace {

struct CompareOptions {
    std::string book, job;
    std::vector<std::string> cams;
    bool json = false;
    bool filling = false;
};

Json numberOf(const std::optional<Measured<double>>& value) {
    return value ? Json(value->value) : Json();
}

const char* stateName(WishState state) {
    return state == WishState::Pass ? "pass" : state == WishState::Fail ? "fail" : "unknown";
}

/// Those asked for by name: candidates of the job, or its cards.
std::vector<Candidate> wanted(const Job& job, const Findings& findings,
                              const std::vector<std::string>& names) {
    auto all = candidatesOf(job, findings);
    if (names.empty()) return all;
    const auto card = [&](const Card& c) {
        const bool there = std::any_of(all.begin(), all.end(),
                                       [&](const Candidate& x) { return x.name == c.name; });
        if (there) return;
        Candidate made;
        made.name = made.cam = c.name;
        made.from = CamFrom::Card;
        all.push_back(made);
    };
    if (job.card) card(*job.card);
    for (const Card& c : job.otherCards)
        card(c);
    std::vector<Candidate> out;
    for (const std::string& name : names) {
        const auto at = std::find_if(all.begin(), all.end(),
                                     [&](const Candidate& c) { return c.name == name; });
        if (at == all.end()) {
            QStringList known;
            for (const Candidate& c : all)
                known << QLatin1Char('"') + QString::fromStdString(c.name) + QLatin1Char('"');
            throw Refusal{QStringLiteral("--cams %1: no such cam in this job; expected of %2")
                              .arg(QString::fromStdString(name), known.join(QStringLiteral(", ")))};
        }
        out.push_back(*at);
    }
    if (out.size() > static_cast<std::size_t>(kMostCandidates))
        throw Refusal{QStringLiteral("--cams: expected at most %1").arg(kMostCandidates)};
    return out;
}

Json figuresJson(const std::vector<CamFigure>& figures) {
    Json out = Json::object();
    for (const CamFigure& f : figures)
        out[f.key()] = numberOf(f.value);
    return out;
}

/// The ± of those that have one, by the same keys.
Json uncertaintiesJson(const std::vector<CamFigure>& figures) {
    Json out = Json::object();
    for (const CamFigure& f : figures)
        if (const auto half = halfWidthOf(f.value)) out[f.key()] = *half;
    return out;
}

Json wishesJson(const std::vector<Judged>& judged, const words::Style& style) {
    Json out = Json::array();
    for (const Judged& j : judged) {
        Json would = Json::array();
        for (const Cure& c : j.cures)
            would.push_back(words::cureLine(c, style));
        out.push_back(Json{{"wish", words::wishLine(j.wish, style)},
                           {"state", stateName(j.state)},
                           {"value", numberOf(j.value)},
                           {"uncertainty", orNull(halfWidthOf(j.value))},
                           {"would", would}});
    }
    return out;
}

std::vector<FillingCurve> curvesOf(const Job& job, const std::vector<Cam>& cams) {
    std::vector<FillingCurve> out;
    const auto speeds = fillingSpeeds(fillingReach_rpm(job));
    for (const Cam& c : cams) {
        const auto made = fillingOf(job, c, totalMove(job, c, {}));
        std::vector<FillingPoint> points;
        if (const auto* filling = std::get_if<FillingEstimate>(&made)) {
            for (std::size_t k = 0; k < speeds.size(); ++k)
                points.push_back(
                    filling->at(speeds[k], k % kLengthsEvery == 0 || k + 1 == speeds.size()));
            if (filling->guessed()) spreadLengths(points);
        }
        out.push_back(fillingCurve(std::move(points)));
    }
    return out;
}

/// Null where it was not asked for, or cannot be estimated.
Json fillingJson(const FillingCurve& curve, const Job& job) {
    if (curve.points.empty()) return {};
    Json points = Json::array();
    for (const FillingPoint& p : curve.points)
        points.push_back(
            Json{{"speed", p.speed_rpm}, {"efficiency", p.efficiency}, {"residual", p.residual}});
    const auto mean = meanFilling(curve, purposeSpeeds(job.choosing.purpose));
    return Json{{"points", std::move(points)},
                {"best_speed", orNull(curve.peak_rpm)},
                {"mean", mean ? Json(mean->usual) : Json()}};
}

void run(Host& host, const CompareOptions& o) {
    const auto book = openBook(pathOf(o.book));
    const Job job = jobOf(*book, o.job);
    const Findings findings = lobe::examine(job);
    words::Style style;
    style.force = job.springs.unit;
    std::vector<Cam> cams;
    std::vector<std::vector<Judged>> judged;
    std::vector<bool> modelled;
    for (const Candidate& c : wanted(job, findings, o.cams)) {
        cams.push_back(camOf(job, findings, c));
        judged.push_back(judge(job, findings, cams.back(), totalMove(job, cams.back(), {})));
        modelled.push_back(cams.back().modelled());
    }
    if (cams.empty())
        throw Refusal{QStringLiteral("%1: no cam to compare; expected a measured lobe or a card")
                          .arg(book->path())};
    const auto ranks = rankOf(judged, modelled);
    std::vector<std::vector<CamFigure>> figures;
    for (const Cam& c : cams)
        figures.push_back(camFigures(job, findings, c, totalMove(job, c, {})));
    std::vector<int> rank(cams.size(), 0);
    for (const Ranked& r : ranks)
        rank[r.cam] = r.rank;
    const auto reference = std::find_if(cams.begin(), cams.end(), [&](const Cam& c) {
        return c.spec.name == job.choosing.reference;
    });
    Json all = Json::array();
    QString text = words::rankVerdict(ranks, cams) + QLatin1Char('\n');
    const auto curves = o.filling ? curvesOf(job, cams) : std::vector<FillingCurve>(cams.size());
    if (ranks.size() > 1) {
        const auto stands = [&](std::size_t i) {
            return words::CamStands{QString::fromStdString(cams[i].spec.name), &cams[i],
                                    &figures[i], curves[i].points.empty() ? nullptr : &curves[i]};
        };
        text += words::camAgainst(job, stands(ranks[0].cam), stands(ranks[1].cam), style) +
                QLatin1Char('\n');
    }
    for (std::size_t i = 0; i < cams.size(); ++i) {
        const PerSide<double> moved = totalMove(job, cams[i], {});
        all.push_back(Json{{"name", cams[i].spec.name},
                           {"modelled", cams[i].modelled()},
                           {"advance", moved.intake},
                           {"figures", figuresJson(figures[i])},
                           {"uncertainties", uncertaintiesJson(figures[i])},
                           {"filling", fillingJson(curves[i], job)},
                           {"wishes", wishesJson(judged[i], style)},
                           {"rank", rank[i]}});
    }
    for (const Ranked& r : ranks) {
        text += QStringLiteral("%1. %2: %3\n")
                    .arg(r.rank)
                    .arg(QString::fromStdString(cams[r.cam].spec.name),
                         words::rankLine(r, cams[r.cam], judged[r.cam]));
        for (Side side : {Side::Intake, Side::Exhaust})
            if (cams[r.cam].fault[side])
                text += QStringLiteral("   ") + words::sentence(*cams[r.cam].fault[side], side) +
                        QLatin1Char('\n');
        for (const Judged& j : judged[r.cam]) {
            QStringList cures;
            for (const Cure& c : j.cures)
                cures << words::cureLine(c, style);
            text += QStringLiteral("   %1: %2%3\n")
                        .arg(words::wishLine(j.wish, style), words::judgedLine(j, style),
                             cures.isEmpty()
                                 ? QString()
                                 : QStringLiteral("; ") + cures.join(QStringLiteral(", or ")));
        }
    }
    text += words::rankRule() + QLatin1Char('\n');
    const std::string first =
        reference == cams.end() ? cams.front().spec.name : reference->spec.name;
    if (o.json)
        host.print(Json{{"reference", first}, {"candidates", all}});
    else
        host.print(text);
}

} // namespace

void addCompare(Command app, Host& host) {
    const auto kept = std::make_shared<CompareOptions>();
    Command command = app.command("compare", "the cams of a job in its engine, against its wishes");
    command.option("BOOK", kept->book, "a book file").required();
    command.option("--job", kept->job, "the job's name; needed when the book holds several");
    command.option("--cams", kept->cams, "candidates or cards by name: A,B,C (all)").delimiter(',');
    command.flag("--filling", kept->filling,
                 "estimate how each fills over speed as well; takes a few seconds");
    command.flag("--json", kept->json, "print JSON");
    command.callback([&host, kept] { host.command = [&host, kept] { run(host, *kept); }; });
}

} // namespace cli
