#include "stations/sheet/sheet_desk.h"

#include "core/job/job.h"
#include "words/say.h"

namespace app {

using namespace lobe;

namespace {
constexpr const char* kSheetParts[] = {
    "verdict",  "engine", "pictures", "figures", "setting", "clearance", "compression", "bench",
    "measured", "plain",  "details",  "springs", "cams",    "built",     "notes"};
} // namespace

SheetDesk::SheetDesk(Session& session, Manner manner) : Desk(session, std::move(manner)) {
    letter_ = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
}

Prompt SheetDesk::prompt() const {
    Prompt p;
    p.several = true;
    p.subject = letter_ ? Say::tr("on Letter paper") : Say::tr("on A4 paper");
    p.ask = Say::tr("save the sheet, or print it?");
    p.enter = Say::tr("save it as PDF");
    p.keys = Say::tr("print, card, letter, by NAME; out figures leaves a part out");
    return p;
}

SheetDesk::Understood SheetDesk::read(const QString& text) {
    const QString line = text.trimmed();
    const QString word = line.section(QLatin1Char(' '), 0, 0).toLower(),
                  rest = line.section(QLatin1Char(' '), 1).trimmed();
    if (word.isEmpty() || word == QLatin1String("pdf"))
        return {{true, Say::tr("save it as PDF")}, What::Pdf};
    if (word == QLatin1String("print")) return {{true, Say::tr("print it")}, What::Print};
    if (word == QLatin1String("card"))
        return {{true, Say::tr("the cam alone, or all of it")}, What::Card};
    if (word == QLatin1String("a4")) return {{true, Say::tr("on A4 paper")}, What::A4};
    if (word == QLatin1String("letter")) return {{true, Say::tr("on Letter paper")}, What::Letter};
    if (word == QLatin1String("by"))
        return {{true, Say::tr("measured by ") + rest}, What::By, rest};
    if (word != QLatin1String("out"))
        return {{false, Say::tr("pdf, print, card, letter, a4, by NAME, or out and a part.")}};
    QStringList all;
    for (const char* part : kSheetParts)
        all << QLatin1String(part);
    if (!all.contains(rest))
        return {{false, Say::tr("The parts are %1.").arg(all.join(QStringLiteral(", ")))}};
    return {{true, Say::tr("leave it out, or take it in again")}, What::Out, rest};
}

Echo SheetDesk::understand(const QString& text) const {
    return read(text).echo;
}

Echo SheetDesk::submit(const QString& text) {
    const Understood u = read(text);
    if (!u.echo.ok) return u.echo;
    switch (u.what) {
    case What::Pdf:
        emit pdfWanted();
        break;
    case What::Print:
        emit printWanted();
        break;
    case What::Card:
        setCardOnly(!cardOnly_);
        break;
    case What::A4:
    case What::Letter:
        setLetter(u.what == What::Letter);
        break;
    case What::By: {
        Stated s = job();
        s.by = u.rest.toStdString();
        if (!session().keep(book::SetStated{s}))
            return {false, Say::tr("Not kept; see the message above.")};
        break;
    }
    case What::Out:
        toggle(u.rest);
        break;
    }
    return {true, {}};
}

StandCard SheetDesk::standCard() const {
    const Prompt p = prompt();
    StandCard card = cardOf(p, job());
    card.caption = cardOnly_ ? Say::tr("the cam alone") : Say::tr("the whole job on paper");
    card.big = pages_ > 0 ? QString::number(pages_) : Say::tr("PDF");
    card.bigNote = pages_ == 1 ? Say::tr("page") : pages_ > 0 ? Say::tr("pages") : QString();
    card.last = Say::tr("Enter: %1").arg(p.enter);
    if (!leftOut_.isEmpty())
        card.advice = Say::tr("Left out: %1").arg(leftOut_.join(QStringLiteral(", ")));
    else if (job().by.empty())
        card.advice = Say::tr("by NAME says who measured.");
    return card;
}

void SheetDesk::toggle(const QString& part) {
    if (!leftOut_.removeOne(part)) leftOut_ << part;
    tell();
}

void SheetDesk::setLetter(bool on) {
    letter_ = on;
    tell();
}

void SheetDesk::setCardOnly(bool on) {
    cardOnly_ = on;
    tell();
}

} // namespace app
