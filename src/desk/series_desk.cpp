#include "desk/series_desk.h"

#include "core/job/job.h"
#include "words/say.h"

#include <algorithm>

namespace app {

using namespace lobe;

SeriesDesk::SeriesDesk(Session& session, Manner manner, std::vector<Field> fields)
    : FactsDesk(session, std::move(manner), std::move(fields), false) {
    connect(&session, &Session::rereading, this, &SeriesDesk::holdAngle);
    connect(&session, &Session::reread, this, &SeriesDesk::askIfTaken);
    connect(&session, &Session::selectionChanged, this, [this] {
        drop();
        moveTo(-1);
    });
}

void SeriesDesk::drop() {
    goTo_.reset();
    held_.forget();
    striking_.reset();
}

void SeriesDesk::begin() {
    FactsDesk::begin();
    drop();
}

void SeriesDesk::leave() {
    drop();
    moveTo(-1);
}

void SeriesDesk::holdAngle() {
    const bool asked = asksAtAngle() && !striking_ && !sheet().field();
    held_.hold(asked ? std::optional(angle()) : std::nullopt);
    known_ = 0;
    if (const auto rows = readings())
        for (const Reading& r : *rows)
            known_ = std::max(known_, r.id);
}

void SeriesDesk::askIfTaken() {
    if (!held_.held()) return;
    const CrankDeg at = *held_.held();
    if (const auto rows = readings())
        for (const Reading& r : *rows)
            if (!r.struck && r.id > known_ && HeldAngle::same(r.at, at)) held_.taken(r.value_mm);
    if (!held_.movedFrom(angle())) return;
    goTo_ = at;
    tell();
}

void SeriesDesk::goTo(CrankDeg at) {
    goTo_ = at;
    tell();
}

QString SeriesDesk::onWheel(CrankDeg at) const {
    return words::onWheel(at, job().fitted.degreeWheel(), style());
}

bool SeriesDesk::step(int direction) {
    if (striking_) return false;
    if (sheet().field()) return FactsDesk::step(direction);
    goTo({angle().deg + direction * stride_deg()});
    return true;
}

void SeriesDesk::strikeLast() {
    const auto last = lastLive(readings());
    if (!last) return;
    if (asksAtAngle()) goTo_ = last->at;
    session().keep(book::StrikeReading{last->id, "struck at once"});
}

void SeriesDesk::askToStrike(qint64 id) {
    const auto r = readingOf(readings(), id);
    if (!r || r->struck) return;
    striking_ = id;
    emit promptChanged();
    emit entryWanted();
}

Prompt SeriesDesk::askWhy(Prompt p) const {
    const auto r = readingOf(readings(), *striking_);
    p.ask = r && (asksAtAngle() || r->of != ReadingOf::Press)
                ? Say::tr("why strike %1?").arg(onWheel(r->at))
                : Say::tr("why strike it?");
    p.enter = Say::tr("strike it (misread)");
    p.keys = Say::tr("Esc  leave it");
    return p;
}

Echo SeriesDesk::strike(const QString& reason) {
    const qint64 id = *striking_;
    striking_.reset();
    const QString why = reason.trimmed().isEmpty() ? QStringLiteral("misread") : reason.trimmed();
    if (!session().keep(book::StrikeReading{id, why.toStdString()}))
        return {false, Say::tr("Not struck.")};
    return {true, {}};
}

Echo SeriesDesk::notLogged() {
    // What another window logged was said already.
    held_.forget();
    return {false, Say::tr("Not logged; see the message above.")};
}

} // namespace app
