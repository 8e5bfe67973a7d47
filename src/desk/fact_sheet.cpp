#include "desk/fact_sheet.h"

#include "words/say.h"

#include <algorithm>

namespace app {

FactSheet::FactSheet(std::vector<Field> fields, bool always)
    : fields_(std::move(fields)), always_(always), at_(always ? 0 : -1) {}

const Field* FactSheet::field() const {
    return at_ >= 0 ? &fields_[static_cast<std::size_t>(at_)] : nullptr;
}

void FactSheet::answered(const QString& typed) {
    answered_ = field() && field()->also ? field()->also(typed) : 0;
}

void FactSheet::moveTo(int field) {
    answered_ = 0;
    at_ = std::clamp(field, always_ ? 0 : -1, static_cast<int>(fields_.size()) - 1);
}

int FactSheet::onward() const {
    std::size_t next = std::min(static_cast<std::size_t>(at_ + 1 + answered_), fields_.size());
    // Whoever chose one of them is asked those beside it too.
    const bool among = field() && field()->seldom;
    while (!among && next < fields_.size() && fields_[next].seldom)
        ++next;
    return static_cast<int>(next);
}

Prompt FactSheet::prompt(const Facts& facts, const QString& enter,
                         const words::Style& style) const {
    const Field& f = *field();
    Prompt p;
    // What Enter alone would keep is shown before it is kept.
    const QString now = f.shown(facts, style);
    p.subject =
        now.isEmpty() || now == noValue() ? f.subject : Say::tr("%1, now: %2").arg(f.subject, now);
    p.several = true;
    p.ask = f.question.isEmpty() ? f.name + QLatin1Char('?') : f.question;
    p.enter = enter;
    p.keys = f.asks.isEmpty() ? Say::tr("%1   Up, Down  another fact").arg(words::unitName(style))
                              : f.asks;
    return p;
}

Echo FactSheet::understand(const Facts& facts, const QString& text,
                           const words::Style& style) const {
    Facts changed = facts;
    const QString why = field()->take(changed, text, style);
    if (!why.isEmpty()) return {false, why};
    const bool several = field()->also && field()->also(text) > 0;
    return {true, Say::tr("that is ") + (several ? field()->allSaid(changed, style)
                                                 : field()->shown(changed, style))};
}

Echo FactSheet::take(Facts& facts, const QString& text, const words::Style& style) const {
    if (text.trimmed().isEmpty()) return {true, {}};
    const QString why = field()->take(facts, text, style);
    return {why.isEmpty(), why};
}

Echo FactSheet::keepAngle(Session& session, double wheel_deg, const words::Style& style) const {
    const Field* asked = field();
    if (!asked || !asked->angle)
        return {false, Say::tr("A fact is asked: type it, or leave it with Esc.")};
    Facts after = Facts::of(session.job());
    if (const QString why = asked->angle(after, wheel_deg); !why.isEmpty())
        return {false, words::readingAngle({wheel_deg}, style) + QStringLiteral(": ") + why};
    const QString said = asked->shown(after, style);
    if (!after.keepIn(session)) return {false, Say::tr("Not kept; see the message above.")};
    return {true, QStringLiteral("%1: %2").arg(asked->name, said)};
}

Echo FactSheet::keep(Session& session, const QString& text, const words::Style& style) const {
    Facts after = Facts::of(session.job());
    const Echo taken = take(after, text, style);
    if (taken.ok && !after.keepIn(session))
        return {false, Say::tr("Not kept; see the message above.")};
    return taken;
}

} // namespace app
