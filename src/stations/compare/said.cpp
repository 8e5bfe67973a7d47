// What Compare shows and says.
#include "core/job/job.h"
#include "stations/compare/compare_desk.h"

#include "words/choosing.h"
#include "words/choosing_verdict.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

const std::vector<std::vector<CamFigure>>& CompareDesk::figures() const {
    if (figures_.size() != cams().size()) {
        figures_.clear();
        for (std::size_t i = 0; i < cams().size(); ++i)
            figures_.push_back(camFigures(job(), findings(), cams()[i], moved(i)));
    }
    return figures_;
}

const std::vector<std::vector<Judged>>& CompareDesk::judged() const {
    if (judged_.size() != cams().size()) {
        judged_.clear();
        for (std::size_t i = 0; i < cams().size(); ++i)
            judged_.push_back(
                judge(job(), findings(), cams()[i], moved(i), figures()[i], !moving_));
    }
    return judged_;
}

std::vector<CamView> CompareDesk::views() const {
    std::vector<CamView> out;
    for (std::size_t i = 0; i < cams().size(); ++i)
        out.push_back({QChar(static_cast<char16_t>(u'A' + i)),
                       QString::fromStdString(cams()[i].spec.name),
                       cams()[i].modelled(),
                       i == reference(),
                       i == atHand(),
                       {cams_, &cams()[i]},
                       moved(i)});
    return out;
}

namespace {
std::vector<bool> modelledOf(const std::vector<Cam>& cams) {
    std::vector<bool> out;
    for (const Cam& c : cams)
        out.push_back(c.modelled());
    return out;
}
} // namespace

std::vector<Ranked> CompareDesk::ranks() const {
    return rankOf(judged(), modelledOf(cams()), fillingPlaces(means()));
}

const std::vector<std::optional<FillingMean>>& CompareDesk::means() const {
    if (means_.empty() && estimator_.complete()) {
        const auto speeds = purposeSpeeds(job().choosing.purpose);
        for (const FillingCurve& c : estimator_.curves())
            means_.push_back(meanFilling(c, speeds));
    }
    return means_;
}

/// Which cam; against the next one by what, what it costs and what is not known.
QString CompareDesk::verdict() const {
    const auto places = ranks();
    QString text = words::rankVerdict(places, cams());
    const double in = slide_.intake.value(), ex = slide_.exhaust.value();
    if (twoSlides() && (in != 0.0 || ex != 0.0))
        text += Say::tr(" With all cams at %1 intake, %2 exhaust.")
                    .arg(words::signedFixed(in, 1, style()), words::signedFixed(ex, 1, style()));
    else if (in != 0.0)
        text += Say::tr(" With all cams at %1.").arg(words::signedFixed(in, 1, style()));
    if (places.size() < 2) return text;
    const auto stands = [&](std::size_t i) {
        const auto& curves = estimator_.curves();
        return words::CamStands{
            QString::fromStdString(cams()[i].spec.name), &cams()[i], &figures()[i],
            estimator_.complete() && i < curves.size() && !curves[i].points.empty() ? &curves[i]
                                                                                    : nullptr};
    };
    return text + QLatin1Char(' ') +
           words::camAgainst(job(), stands(places[0].cam), stands(places[1].cam), style());
}

QString CompareDesk::adviceLine() const {
    QStringList out{best_, settles_};
    out.removeAll(QString());
    return out.join(QLatin1Char(' '));
}

std::vector<CompareDesk::RankLine> CompareDesk::ranking() const {
    std::vector<RankLine> out;
    for (const Ranked& r : ranks()) {
        RankLine p;
        p.cam = r.cam;
        p.failed = r.failed > 0;
        p.rank = job().choosing.wishes.empty() ? 0 : r.rank;
        p.name = QString::fromStdString(cams()[r.cam].spec.name);
        p.line = words::rankLine(r, cams()[r.cam], judged()[r.cam], false);
        if (const QString fills = words::meansLine(cams(), means(), r.cam, style());
            !fills.isEmpty())
            p.line += (p.line.isEmpty() ? QString() : QStringLiteral("; ")) + fills;
        if (cams()[r.cam].modelled()) p.note = Say::tr("modelled from its card");
        QStringList help, whole;
        for (Side side : {Side::Intake, Side::Exhaust})
            if (cams()[r.cam].fault[side])
                help << words::sentence(*cams()[r.cam].fault[side], side);
        whole = help;
        for (const Judged& j : judged()[r.cam]) {
            if (j.state != WishState::Fail) continue;
            QStringList cures;
            for (const Cure& c : j.cures)
                cures << words::cureLine(c, style());
            const QString fails = Say::tr("fails %1").arg(words::wishName(j.wish.kind)) +
                                  QLatin1Char(' ') +
                                  words::wishNumber(j.wish.kind, j.value->value, style());
            const auto with = [&](const QStringList& some) {
                return some.isEmpty() ? fails
                                      : fails + QStringLiteral(": ") + some.join(Say::tr(", or "));
            };
            help << with(cures.mid(0, 1));
            whole << with(cures);
        }
        p.all = whole.join(QLatin1Char('\n'));
        p.help = help.join(QLatin1Char('\n'));
        out.push_back(std::move(p));
    }
    return out;
}

std::vector<CamRow> CompareDesk::table() const {
    auto all = rows();
    if (cams().size() < 2) return all;
    std::stable_partition(all.begin(), all.end(), [](const CamRow& r) { return !r.alike; });
    if (folded_)
        all.erase(std::remove_if(all.begin(), all.end(), [](const CamRow& r) { return r.alike; }),
                  all.end());
    return all;
}

int CompareDesk::alikeRows() const {
    if (cams().size() < 2) return 0;
    const auto all = rows();
    return static_cast<int>(
        std::count_if(all.begin(), all.end(), [](const CamRow& r) { return r.alike; }));
}

std::vector<CamRow> CompareDesk::rows() const {
    std::vector<CamRow> out;
    if (cams().empty()) return out;
    const auto& all = figures();
    const std::size_t ref = reference();
    for (std::size_t row = 0; row < all[0].size(); ++row) {
        CamRow line;
        line.name = words::figureTitle(all[0][row], style());
        line.key = QString::fromStdString(all[0][row].key());
        line.alike = words::figuresAlike(all, row, ref, style());
        bool any = false;
        for (std::size_t i = 0; i < all.size(); ++i) {
            const CamFigure& f = all[i][row];
            any = any || f.value;
            line.cells.push_back(
                {words::figureWithUnit(f, f.value, style()),
                 i == ref ? QString() : words::figureDifference(f, all[ref][row], style()),
                 words::figureHalf(f, f.value, style())});
            line.order.push_back(f.value ? f.value->value : std::nan(""));
        }
        // What no cam has is not worth a line.
        if (any) out.push_back(std::move(line));
    }
    return out;
}

QStringList CompareDesk::tendencies() const {
    if (cams().size() < 2) return {};
    const std::size_t ref = reference();
    const std::size_t at = atHand() != ref ? atHand() : (ref == 0 ? 1 : 0);
    QStringList out{Say::tr("%1 against %2:")
                        .arg(QString::fromStdString(cams()[at].spec.name),
                             QString::fromStdString(cams()[ref].spec.name))};
    return out + words::tendencies(figures()[at], figures()[ref]);
}

QString CompareDesk::fillingLine() const {
    if (estimator_.running() || rest_.isActive())
        return Say::tr("Estimating the filling: %1 %")
            .arg(rest_.isActive() ? 0
                                  : static_cast<int>(std::lround(100.0 * estimator_.progress())));
    const auto& all = estimator_.curves();
    if (all.empty() ||
        std::all_of(all.begin(), all.end(), [](const FillingCurve& c) { return c.points.empty(); }))
        return needs_ ? words::sentence(*needs_) : QString();
    const std::size_t ref = std::min(reference(), all.size() - 1);
    QStringList out;
    for (std::size_t i = 0; i < all.size() && i < cams().size(); ++i)
        if (i != ref && !all[i].points.empty())
            out << QString::fromStdString(cams()[i].spec.name) + QLatin1Char(' ') +
                       words::fillingAgainst(all[i], all[ref], style()) + QLatin1Char('.');
    QString guessed;
    const auto banded = [](const FillingCurve& c) {
        return !c.points.empty() && c.points.front().byLength;
    };
    if (std::any_of(all.begin(), all.end(), banded))
        guessed = Say::tr(" The pipes' lengths are not known: usual ones are taken, and a "
                          "difference is only said where short and long ones bear it out.");
    out << words::residualLine(all, cams(), ref, style());
    return words::fillingCaution(true) + guessed + QLatin1Char('\n') + out.join(QLatin1Char('\n'));
}

/// The few numbers a decision is remembered by.
QString CompareDesk::figuresOf(std::size_t cam) const {
    QStringList out;
    const auto remembered = [](const FigureId& f) {
        switch (f.kind) {
        case FigureKind::Closes:
        case FigureKind::ValveLift:
            return f.side == Side::Intake;
        case FigureKind::Separation:
        case FigureKind::Dynamic:
        case FigureKind::Clearance:
            return true;
        default:
            return false;
        }
    };
    for (const CamFigure& f : figures()[cam])
        if (f.value && remembered(f))
            out << words::figureTitle(f, style()) + QLatin1Char(' ') +
                       words::figureWithUnit(f, f.value, style());
    for (const Judged& j : judged()[cam])
        if (j.state == WishState::Fail)
            out << Say::tr("fails %1").arg(words::wishName(j.wish.kind));
    return out.join(QStringLiteral("; "));
}

QString CompareDesk::decided() const {
    const auto& all = job().choosing.decisions;
    return all.empty() ? QString() : words::decisionLine(all.back(), style());
}

StandCard CompareDesk::ownCard(bool asked) const {
    if (asked || cams().empty()) return cardOf(prompt(), job());
    StandCard card;
    card.subject = Say::tr("compare");
    const auto places = ranking();
    card.caption = Say::tr("first");
    card.big = QString::fromStdString(cams()[places.front().cam].spec.name);
    card.advice = verdict();
    card.soFar = decided();
    card.tip = words::rankRule();
    card.ring = ringOf(session().snapshot(), session().cylinder());
    return card;
}

} // namespace app
