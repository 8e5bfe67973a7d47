#include "stations/lobes/said_terms.h"

#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QRegularExpression>
#include <QStringList>

#include <algorithm>

namespace app {

using namespace lobe;

std::optional<WheelScale> wheelCalled(const QString& word) {
    static const std::pair<const char*, WheelScale> kCalled[] = {
        {"360", WheelScale::Full360With},        {"with", WheelScale::Full360With},
        {"against", WheelScale::Full360Against}, {"180", WheelScale::Half180},
        {"90", WheelScale::Quarter90},           {"signed", WheelScale::Signed},
        {"twice", WheelScale::Twice180},         {"tape", WheelScale::Tape}};
    for (const auto& [called, scale] : kCalled)
        if (word == QLatin1String(called)) return scale;
    return std::nullopt;
}

namespace {

/// The words of a line, one after the other.
class Reader {
public:
    Reader(const QString& text, const RunConditions& now, const words::Style& style)
        : style_(style), said_{now, {}, {}} {
        // A comma between words parts them; one between digits is a decimal mark.
        QString line = text.toLower();
        line.replace(QRegularExpression(QStringLiteral(",(?!\\d)")), QStringLiteral(" "));
        words_ = line.simplified().split(QLatin1Char(' '));
    }

    std::optional<SaidTerms> read() {
        if (!word()) return std::nullopt;
        while (at_ < words_.size() && said_.why.isEmpty()) {
            if (word()) continue;
            said_.why =
                Say::tr("“%1” is no word for how a lobe is taken: valve, tappet, light, "
                        "running, curve, events, centre, once, both, each, repeat 3, step 2, "
                        "wheel 360.")
                    .arg(words_[at_]);
        }
        return said_;
    }

private:
    QString peek() const { return words_.value(at_); }
    bool take(std::initializer_list<const char*> any) {
        for (const char* each : any)
            if (peek() == QLatin1String(each)) {
                ++at_;
                return true;
            }
        return false;
    }

    bool word() {
        RunConditions& t = said_.terms;
        // What makes a sentence of it and says nothing.
        while (at_ > 0 && take({"and", "at", "the", "spring", "taken", "of"})) {
        }
        if (at_ > 0 && at_ == words_.size()) return true;
        if (take({"valve"})) return t.taken = Place::Valve, true;
        if (take({"tappet", "lifter"})) return t.taken = Place::Tappet, true;
        if (take({"light", "checking"})) return t.spring = Spring::Checking, true;
        if (take({"running", "stiff"})) return t.spring = Spring::Running, true;
        if (take({"curve"})) return t.eventsOnly = t.fromNose = false, true;
        if (take({"events"})) return events(false), true;
        if (take({"centre", "center"})) return events(true), true;
        if (peek() == QLatin1String("no") && words_.value(at_ + 1) == QLatin1String("nose"))
            return at_ += 2, t.noNose = true, true;
        if (at_ > 0 && take({"opening", "closing"})) return t.noNose = true, true;
        if (take({"nose"})) return t.noNose = false, true;
        if (take({"once"})) return oneTurn(false), true;
        if (take({"both"})) return oneTurn(true), true;
        if (take({"each"})) return t.oneTurn = t.bothValves = false, true;
        if (take({"repeat"})) return repeat(), true;
        if (take({"step"})) return number(t.step_deg, 0.1, 30.0), true;
        if (take({"ratio"})) return number(t.ratio, 0.5, 3.0), true;
        if (take({"lash"})) return lash(), true;
        if (take({"wheel"})) {
            said_.wheel = wheelCalled(peek());
            if (said_.wheel)
                ++at_;
            else
                said_.why = Say::tr("A wheel is 360, against, 180, 90, signed, twice or tape.");
            return true;
        }
        return false;
    }

    void events(bool fromNose) {
        RunConditions& t = said_.terms;
        if (t.fromNose != fromNose) {
            // Heights from the base circle are no drops under the nose.
            t.eventHeights.clear();
            t.repeats = fromNose ? 1 : RunConditions{}.repeats;
        }
        t.eventsOnly = true;
        t.fromNose = fromNose;
        while (take({"at"})) {
        }
        std::vector<Height> heights;
        for (;;) {
            const qsizetype before = at_;
            while (take({"and", "at"})) {
            }
            const auto read = readHeight(peek().toStdString(), style_.unit, t.taken);
            const auto* height = std::get_if<Height>(&read);
            if (!height) {
                const QString next = peek();
                if (!next.isEmpty() && next[0].isDigit())
                    said_.why = words::sentence(std::get<EntryError>(read), style_);
                else
                    at_ = before;
                break;
            }
            heights.push_back(*height);
            ++at_;
            // "1.27 mm" in two words.
            take({"mm", "in"});
        }
        if (heights.size() > 4) said_.why = Say::tr("No more than %1 of them.").arg(4);
        if (!heights.empty()) t.eventHeights = std::move(heights);
    }

    void oneTurn(bool both) {
        said_.terms.oneTurn = true;
        said_.terms.bothValves = both;
        if (!said_.terms.eventsOnly)
            said_.why = Say::tr("Events are taken in one turn: say events too.");
    }

    void repeat() {
        bool ok = false;
        const int n = peek().toInt(&ok);
        if (!ok || n < 1 || n > 6) {
            said_.why = Say::tr("A whole number from %1 to %2.").arg(1).arg(6);
            return;
        }
        ++at_;
        said_.terms.repeats = n;
        said_.terms.oneTurn = said_.terms.bothValves = false;
        take({"times"});
    }

    void number(double& part, double least, double most) {
        const auto read = readNumber(peek().toStdString());
        const double* value = std::get_if<double>(&read);
        if (!value || *value < least || *value > most) {
            said_.why =
                Say::tr("A number from %1 to %2.")
                    .arg(words::shortest(least, 2, style_), words::shortest(most, 2, style_));
            return;
        }
        part = *value;
        ++at_;
    }

    void lash() {
        const auto read = readLength(peek().toStdString(), style_.unit, 3.0);
        if (const auto* e = std::get_if<EntryError>(&read)) {
            said_.why = words::sentence(*e, style_);
            return;
        }
        said_.terms.lash_mm = std::get<double>(read);
        ++at_;
    }

    const words::Style& style_;
    SaidTerms said_;
    QStringList words_;
    qsizetype at_ = 0;
};

} // namespace

std::optional<SaidTerms> saidTerms(const QString& text, const RunConditions& now,
                                   const words::Style& style) {
    return Reader(text, now, style).read();
}

QString termsLine(const RunConditions& t, const words::Style& style) {
    QStringList said{words::placeName(t.taken), words::springName(t.spring)};
    QStringList heights;
    for (const Height& h : t.eventHeights)
        heights << words::height(h.mm, style);
    const QString at = heights.isEmpty() ? QString() : heights.join(Say::tr(" and "));
    if (!t.eventsOnly)
        said << Say::tr("the curve every %1").arg(words::degrees(t.step_deg, style, 2));
    else if (t.fromNose)
        said << (at.isEmpty() ? Say::tr("the centre by two readings")
                              : Say::tr("the centre by two readings %1 under the nose").arg(at));
    else
        said << (at.isEmpty() ? Say::tr("events at the card's height")
                              : Say::tr("events at %1").arg(at));
    if (t.eventsOnly && !t.fromNose)
        said << (t.oneTurn
                     ? t.bothValves ? Say::tr("both valves in one turn") : Say::tr("in one turn")
                 : t.repeats == 1 ? Say::tr("each once")
                                  : Say::tr("each until %1 agree").arg(t.repeats));
    if (t.eventsOnly && !t.fromNose && t.noNose) said << Say::tr("no nose");
    if (t.wheelOfFirst) said << Say::tr("the wheel as for cylinder 1");
    QString line = said.join(QStringLiteral(", "));
    line[0] = line[0].toUpper();
    return line;
}

} // namespace app
