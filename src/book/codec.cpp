#include "book/codec.h"

#include "book/fields.h"

namespace book {

using namespace lobe;

namespace {

template <class T> Json written(const T& value) {
    Json json = Json::object();
    Writer writer(json);
    fields(writer, value);
    return json;
}

template <class T> T read(const Json& json, const char* where, Misread& misread) {
    T value;
    Reader reader(json, where, misread);
    fields(reader, value);
    return value;
}

} // namespace

Json toJson(const Engine& e) {
    return written(e);
}
Json toJson(const Card& c) {
    return written(c);
}
Json toJson(const Stated& s) {
    return written(s);
}
Json toJson(const RunConditions& t) {
    return written(t);
}
Json toJson(const MockUp& m) {
    return written(m);
}
Json toJson(const CamMove& c) {
    return written(c);
}
Json toJson(const LogEntry& e) {
    return written(e);
}

Json toJson(const Heard& h) {
    return written(h);
}

Json toJson(const SetCards& cards) {
    Json json = cards.fitted ? written(*cards.fitted) : Json{{"none", true}};
    if (!cards.others.empty()) {
        Writer others(json);
        others.objects("others", cards.others);
    }
    return json;
}

Engine engineFrom(const Json& json, Misread& misread) {
    return read<Engine>(json, "engine", misread);
}

Stated statedFrom(const Json& json, Misread& misread) {
    return read<Stated>(json, "settings", misread);
}

CamMove camMoveFrom(const Json& json, Misread& misread) {
    return read<CamMove>(json, "change", misread);
}

LogEntry logEntryFrom(const Json& json, Misread& misread) {
    return read<LogEntry>(json, "entry", misread);
}

Heard heardFrom(const Json& json, Misread& misread) {
    return read<Heard>(json, "heard", misread);
}

MockUp mockUpFrom(const Json& json, Misread& misread) {
    return read<MockUp>(json, "mock-up", misread);
}

RunConditions conditionsFrom(const Json& json, Misread& misread) {
    return read<RunConditions>(json, "terms", misread);
}

namespace {

/// Old cards do not say where the advertised height and the lift are meant: where their events are.
void likeItsHeight(const Json& json, Card& card) {
    if (!json.is_object()) return;
    if (!json.contains("advertised")) card.advertised.at = card.height.at;
    if (!json.contains("lift_at")) card.liftAt = card.height.at;
}

} // namespace

Card cardFrom(const Json& json, Misread& misread) {
    Card card = read<Card>(json, "card", misread);
    likeItsHeight(json, card);
    return card;
}

SetCards cardsFrom(const Json& json, Misread& misread) {
    SetCards cards;
    Card fitted;
    bool none = false;
    {
        Reader reader(json, "card", misread);
        reader("none", none);
        reader.known("others");
        fields(reader, fitted);
    }
    likeItsHeight(json, fitted);
    if (!none) cards.fitted = std::move(fitted);
    const auto others = json.is_object() ? json.find("others") : json.end();
    if (others == json.end()) return cards;
    if (!others->is_array()) misread.wrong.push_back("card.others: not a list");
    if (others->is_array())
        for (const Json& one : *others)
            cards.others.push_back(cardFrom(one, misread));
    return cards;
}

QString sideText(Side side) {
    return QString::fromLatin1(kSide.text(side));
}
QString scaleText(WheelScale scale) {
    return QString::fromLatin1(kScale.text(scale));
}
QString methodText(TdcMethod method) {
    return QString::fromLatin1(kMethod.text(method));
}
QString readingOfText(ReadingOf of) {
    return QString::fromLatin1(kReadingOf.text(of));
}
QString approachText(Approach approach) {
    return QString::fromLatin1(kApproach.text(approach));
}
std::optional<Side> sideFrom(const QString& text) {
    return kSide.value<Side>(text.toStdString());
}
std::optional<WheelScale> scaleFrom(const QString& text) {
    return kScale.value<WheelScale>(text.toStdString());
}
std::optional<TdcMethod> methodFrom(const QString& text) {
    return kMethod.value<TdcMethod>(text.toStdString());
}
std::optional<ReadingOf> readingOfFrom(const QString& text) {
    return kReadingOf.value<ReadingOf>(text.toStdString());
}
std::optional<Approach> approachFrom(const QString& text) {
    return kApproach.value<Approach>(text.toStdString());
}

QString compact(const Json& json) {
    // A name typed with half a surrogate is kept as well as it can be.
    return QString::fromStdString(json.dump(-1, ' ', false, Json::error_handler_t::replace));
}

bool tooDeep(const QByteArray& text) {
    int depth = 0;
    bool quoted = false;
    for (qsizetype i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\') ++i;
            if (c == '"') quoted = false;
        } else if (c == '"') {
            quoted = true;
        } else if (c == '{' || c == '[') {
            if (++depth > kDeepest) return true;
        } else if (c == '}' || c == ']') {
            --depth;
        }
    }
    return false;
}

std::optional<Json> parsed(const QByteArray& text) {
    if (tooDeep(text)) return std::nullopt;
    Json json = Json::parse(text.begin(), text.end(), nullptr, false);
    if (json.is_discarded()) return std::nullopt;
    return json;
}

Json changed(const Json& before, const Json& after) {
    Json patch = Json::object();
    for (const auto& [key, value] : after.items()) {
        const auto was = before.find(key);
        if (was == before.end())
            patch[key] = value;
        else if (*was != value)
            patch[key] = was->is_object() && value.is_object() ? changed(*was, value) : value;
    }
    for (const auto& [key, value] : before.items())
        if (!after.contains(key)) patch[key] = nullptr;
    return patch;
}

} // namespace book
