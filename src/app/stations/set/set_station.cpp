#include "app/stations/set/set_station.h"

#include "app/pictures/ring.h"
#include "app/pictures/slide.h"
#include "app/stations/set/wheels.h"
#include "app/style/rows.h"
#include "core/job/entry.h"
#include "stations/set/desk/fields.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>
#include <QStackedWidget>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

QScrollArea* scrolled(QLabel* label, QWidget* parent) {
    auto* area = new QScrollArea(parent);
    label->setWordWrap(true);
    label->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    label->setMargin(8);
    area->setWidget(label);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return area;
}

} // namespace

SetStation::SetStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      wheels_(new Wheels(look, dialogs, this)),
      ring_(new Ring(look, dialogs, this)),
      slides_{new Slide(look, this), new Slide(look, this)},
      choices_(new RowList(look, true, this)),
      facts_(new RowList(look, false, this)),
      panes_(new QStackedWidget(this)),
      verdict_(new QLabel(this)),
      steps_(new QLabel(this)),
      notes_(new QLabel(this)),
      history_(new QLabel(this)),
      without_(new QLabel(this)),
      caution_(new QLabel(this)),
      outcome_(new FigureTable(look, false, this)),
      fields_(setFields()),
      sheet_(fields_.all, false) {
    setObjectName(QStringLiteral("setStation"));
    verdict_->setObjectName(QStringLiteral("setVerdict"));
    verdict_->setProperty("role", "verdict");
    steps_->setObjectName(QStringLiteral("setSteps"));
    outcome_->setObjectName(QStringLiteral("setOutcome"));
    outcome_->setAccessibleName(Say::tr("Figures as they are and as they would be"));
    notes_->setObjectName(QStringLiteral("setNotes"));
    history_->setObjectName(QStringLiteral("setHistory"));
    without_->setObjectName(QStringLiteral("withoutMarks"));
    choices_->setObjectName(QStringLiteral("setChoices"));
    choices_->setAccessibleName(Say::tr("What the drive can do, the best first"));
    choices_->setValuePixels(16);
    facts_->setObjectName(QStringLiteral("setFacts"));
    facts_->setAccessibleName(Say::tr("Drive and target"));
    slides_[0]->setObjectName(QStringLiteral("slideIntake"));
    slides_[1]->setObjectName(QStringLiteral("slideExhaust"));
    caution_->setProperty("role", "quiet");
    caution_->setText(words::setCaution());
    notes_->setProperty("role", "quiet");
    for (QLabel* label : {verdict_, steps_, notes_, caution_}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::PlainText);
    }
    steps_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    notes_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    panes_->addWidget(choices_);
    panes_->addWidget(facts_);
    panes_->addWidget(scrolled(history_, this));
    panes_->addWidget(scrolled(without_, this));

    choices_->setRowHeight(44);
    outcome_->setStrip(1);

    // Wheel, choices and ring side by side; under them the hand's steps, the slide and one strip of
    // figures as they are and as they would be.
    auto* beside = new QVBoxLayout;
    beside->setSpacing(6);
    beside->addWidget(ring_);
    beside->addWidget(notes_, 1);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(12);
    upper->addWidget(wheels_, 12);
    upper->addWidget(panes_, 13);
    upper->addLayout(beside, 9);
    auto* slides = new QHBoxLayout;
    slides->setSpacing(12);
    slides->addWidget(slides_[0]);
    slides->addWidget(slides_[1]);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(6);
    column->addWidget(verdict_);
    column->addLayout(upper, 1);
    column->addWidget(steps_);
    column->addLayout(slides);
    column->addWidget(outcome_);
    column->addWidget(caution_);

    for (Side side : {Side::Intake, Side::Exhaust})
        connect(slides_[static_cast<int>(side)], &Slide::moved, this,
                [this, side](double deg) { slid(side, deg); });
    connect(choices_, &RowList::chosen, this, [this](qint64 id) {
        if (offered_.empty())
            SetStation::command(QLatin1Char('d'));
        else
            choose(static_cast<int>(id) - 1);
        emit promptChanged();
        emit entryWanted();
    });
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        sheet_.moveTo(static_cast<int>(id) - 1);
        refresh();
        emit promptChanged();
        emit entryWanted();
    });
    connect(&session, &Session::selectionChanged, this, [this] {
        choice_ = 0;
        refresh();
        emit promptChanged();
    });
}

bool SetStation::two() const {
    return job().engine.layout == Layout::TwinOverheadCam;
}

Side SetStation::atHand() const {
    return two() ? session().side() : Side::Intake;
}

double SetStation::advance_deg(Side side) const {
    return slides_[two() ? static_cast<int>(side) : 0]->value();
}

std::optional<double> SetStation::need_deg(Side side) const {
    const Need& n = findings().need;
    return two() && side == Side::Exhaust ? n.move_deg.exhaust : n.move_deg.intake;
}

const DriveMove& SetStation::moveOf(Side side) const {
    return moves_[two() ? static_cast<int>(side) : 0];
}

/// The best the drive can do for where a slide stands.
DriveMove SetStation::findMove(Side side) const {
    const double deg = advance_deg(side);
    if (!job().engine.drive.described()) {
        // How it is done is not known; that it was done can be kept all the same.
        DriveMove m;
        m.total_deg = deg;
        return m;
    }
    const std::size_t i = static_cast<std::size_t>(std::max(0, choice_));
    if (side == atHand() && i < offered_.size() &&
        std::abs(offered_[i].move.total_deg - deg) < 1e-6)
        return offered_[i].move;
    const auto best = choices(job().engine.drive, deg, 1, true);
    return best.empty() || std::abs(best.front().residual_deg) > 0.01 ? DriveMove{}
                                                                      : best.front().move;
}

/// Where what is missing for a need is found, while nothing can be said here.
const stations::Station* SetStation::elsewhere() const {
    const auto fault = findings().need.fault;
    if (!fault) return nullptr;
    switch (*fault) {
    case NeedFault::NoLobe:
    case NeedFault::MovedSince:
    case NeedFault::NoEvent:
        return &stations::lobes;
    case NeedFault::NoCard:
        return &stations::engine;
    case NeedFault::NoVolumes:
        return &stations::compression;
    default:
        return nullptr;
    }
}

void SetStation::show(Pane pane) {
    panes_->setCurrentIndex(static_cast<int>(pane));
}

Prompt SetStation::prompt() const {
    if (sheet_.field()) return sheet_.prompt(Say::tr("keep, the next; Esc ends"), style());
    Prompt p;
    if (guide_ >= 0) {
        const int steps = static_cast<int>(guideSteps().size());
        p.subject = Say::tr("without marks");
        const bool last = guide_ + 1 == steps;
        p.ask =
            last ? Say::tr("level where?") : Say::tr("step %1 of %2").arg(guide_ + 1).arg(steps);
        p.enter = last ? Say::tr("check it") : Say::tr("done, the next");
        p.keys = Say::tr("Up, Down  another step   Esc ends");
        return p;
    }
    p.subject = !two()      ? Say::tr("set, the cam")
                : together_ ? Say::tr("set, both cams")
                            : Say::tr("set, %1 cam").arg(words::sideName(atHand()));
    p.ask = Say::tr("advance to try?");
    p.enter = Say::tr("move the slide there");
    if (const auto* to = elsewhere()) {
        p.ask = *to == stations::engine ? Say::tr("the card first?") : Say::tr("the lobes first?");
        p.enter = Say::tr("go to %1").arg(to->name());
    }
    p.keys = Say::tr("Up, Down  choose  D drive  G goal  H history  W no marks%1  made …")
                 .arg(!two()      ? QString()
                      : together_ ? Say::tr("  T one")
                                  : Say::tr("  T both"));
    return p;
}

SetStation::Typed SetStation::readMade(const QString& marks) const {
    CamMove c;
    c.number = lastMove(job()) + 1;
    c.marks = marks.toStdString();
    const auto taken = [&](Side side, std::optional<DriveMove>& move,
                           std::optional<double>& wanted) {
        const DriveMove m = moveOf(side);
        if (m.total_deg == 0.0) return;
        move = m;
        wanted = need_deg(side);
    };
    taken(Side::Intake, c.made.intake, c.wanted_deg.intake);
    if (two()) taken(Side::Exhaust, c.made.exhaust, c.wanted_deg.exhaust);
    if (!c.made.intake && !c.made.exhaust)
        return {{false, Say::tr("Nothing is moved: choose first, with Up and Down.")}, {}, {}, {}};
    QStringList said;
    if (c.made.intake)
        said << words::moveShort(job().engine.drive, *c.made.intake, style()) +
                    (two() ? Say::tr(" (intake)") : QString());
    if (c.made.exhaust)
        said << words::moveShort(job().engine.drive, *c.made.exhaust, style()) +
                    Say::tr(" (exhaust)");
    const QString echo = Say::tr("keeps the change: ") + said.join(QStringLiteral("; "));
    return {{true, echo}, {}, c, {}};
}

SetStation::Typed SetStation::amend(const QString& text, std::string CamMove::*part) const {
    if (job().changes.empty())
        return {{false, Say::tr("There is no change yet to put it to.")}, {}, {}, {}};
    CamMove c = job().changes.back();
    c.*part = text.toStdString();
    return {{true, Say::tr("goes with change %1").arg(c.number)}, {}, c, {}};
}

SetStation::Typed SetStation::readLevel(const QString& text) const {
    const auto read = readNumber(text.toStdString());
    if (const auto* e = std::get_if<EntryError>(&read))
        return {{false, words::sentence(*e, style())}, {}, {}, {}};
    const double deg = std::get<double>(read);
    if (std::abs(deg) > 90.0)
        return {{false, Say::tr("The followers are level near TDC on overlap.")}, {}, {}, {}};
    const double split = job().card ? splitOfCard_deg(*job().card).value_or(0.0) : 0.0;
    const double tooth = tooth_deg(job().engine.drive);
    const QString said =
        words::sentence(checkLevel(deg, split, tooth), tooth, job().engine, style());
    return {{true, said}, {}, {}, said};
}

SetStation::Typed SetStation::read(const QString& text) const {
    const QString line = text.trimmed();
    const auto rest = [&](const char* word) -> std::optional<QString> {
        const QLatin1String w(word);
        if (!line.startsWith(w, Qt::CaseInsensitive)) return std::nullopt;
        if (line.size() > w.size() && line.at(w.size()) != QLatin1Char(' ')) return std::nullopt;
        return line.mid(w.size()).trimmed();
    };
    if (const auto marks = rest("made")) return readMade(*marks);
    if (const auto note = rest("note")) return amend(*note, &CamMove::note);
    if (const auto level = rest("level")) return readLevel(*level);
    if (guide_ >= 0) return readLevel(line);
    if (const auto photo = rest("photo")) {
        if (!QFileInfo(*photo).isFile())
            return {{false, Say::tr("There is no such file.")}, {}, {}, {}};
        return amend(QFileInfo(*photo).absoluteFilePath(), &CamMove::photo);
    }
    const auto number = readNumber(line.toStdString());
    if (const auto* e = std::get_if<EntryError>(&number))
        return {{false, words::sentence(*e, style())}, {}, {}, {}};
    const double deg = std::get<double>(number);
    const double range = slides_[0]->range_deg();
    if (std::abs(deg) > range)
        return {
            {false, Say::tr("The slide ends at %1 degrees either way.").arg(range)}, {}, {}, {}};
    return {{true, words::moveBy(deg, style(), 2)}, deg, {}, {}};
}

Echo SetStation::understand(const QString& text) const {
    if (sheet_.field()) return sheet_.understand(Facts::of(job()), text, style());
    return read(text).echo;
}

/// Copies the photo into the folder `photos` beside the book, so that it stays with it; its path
/// from there, or empty when it cannot be copied.
QString SetStation::attach(const CamMove& change) const {
    const QDir beside = QFileInfo(session().book().path()).absoluteDir();
    const QString from = QString::fromStdString(change.photo);
    if (!beside.mkpath(QStringLiteral("photos"))) return {};
    // Never over another: an undone change still points at its own.
    QString to;
    for (int n = 1; to.isEmpty() || beside.exists(to); ++n)
        to = QStringLiteral("photos/job-%1-change-%2-%3-%4")
                 .arg(job().id)
                 .arg(change.number)
                 .arg(n)
                 .arg(QFileInfo(from).fileName());
    return QFile::copy(from, beside.filePath(to)) ? to : QString();
}

Echo SetStation::submit(const QString& text) {
    if (sheet_.field()) {
        const Echo kept = sheet_.keep(session(), text, style());
        if (kept.ok) sheet_.next();
        if (!sheet_.field()) show(Pane::Choices);
        refresh();
        return kept;
    }
    if (text.trimmed().isEmpty()) {
        if (guide_ >= 0)
            guide(guide_ + 1);
        else if (const auto* to = elsewhere())
            emit stationWanted(to);
        return {true, {}};
    }
    Typed typed = read(text);
    if (!typed.echo.ok) return typed.echo;
    if (typed.advance_deg) slides_[static_cast<int>(atHand())]->setValue(*typed.advance_deg);
    if (typed.change) {
        const bool fresh = typed.change->number > lastMove(job());
        if (fresh) typed.change->time_ms = session().now();
        if (typed.change->photo != (fresh ? std::string() : job().changes.back().photo)) {
            const QString kept = attach(*typed.change);
            if (kept.isEmpty())
                return {false, Say::tr("The photo could not be copied beside the book.")};
            typed.change->photo = kept.toStdString();
        }
        if (!session().keep(book::KeepMove{*typed.change}))
            return {false, Say::tr("Not kept; see the message above.")};
        if (fresh)
            for (Slide* slide : slides_)
                slide->setExactly(0.0);
        show(Pane::History);
        refresh();
        return {true,
                fresh ? Say::tr("kept; now turn it over twice and measure again") : QString()};
    }
    return {true, typed.said};
}

bool SetStation::step(int direction) {
    if (sheet_.field()) {
        sheet_.step(direction);
        if (!sheet_.field()) show(Pane::Choices);
        refresh();
        return true;
    }
    if (guide_ >= 0) {
        guide(guide_ + direction);
        return true;
    }
    show(Pane::Choices);
    choose(choice_ + direction);
    return true;
}

void SetStation::choose(int choice) {
    if (offered_.empty()) return;
    const int row = std::clamp(choice, 0, static_cast<int>(offered_.size()) - 1);
    slides_[static_cast<int>(atHand())]->setExactly(
        offered_[static_cast<std::size_t>(row)].move.total_deg);
    // After the slide, which marks no row where nothing is moved.
    choice_ = row;
    listChoices();
    follow();
}

QList<Command> SetStation::commands() const {
    if (sheet_.field()) return {};
    QList<Command> all;
    if (guide_ < 0)
        all << Command{QLatin1Char('d'), Say::tr("describe the drive")}
            << Command{QLatin1Char('g'), Say::tr("the goal: what the cam is set to")}
            << Command{QLatin1Char('h'), Say::tr("history of the changes")};
    all << Command{QLatin1Char('w'), guide_ < 0 ? Say::tr("setting without marks")
                                                : Say::tr("back from setting without marks")};
    if (two() && guide_ < 0)
        all << Command{QLatin1Char('t'),
                       together_ ? Say::tr("each cam alone") : Say::tr("both cams together")};
    return all;
}

Echo SetStation::command(QChar letter) {
    switch (letter.toLatin1()) {
    case 'd':
    case 'g':
        show(Pane::Facts);
        sheet_.moveTo(letter == QLatin1Char('d') ? 0 : fields_.target);
        refresh();
        break;
    case 'h':
        show(panes_->currentIndex() == static_cast<int>(Pane::History) ? Pane::Choices
                                                                       : Pane::History);
        break;
    case 'w':
        guide(guide_ >= 0 ? -1 : 0);
        break;
    case 't':
        together_ = !together_;
        follow();
        break;
    default:
        return {false, {}};
    }
    return {true, {}};
}

QStringList SetStation::guideSteps() const {
    return words::withoutMarks(job(), style());
}

void SetStation::guide(int step) {
    const QStringList all = guideSteps();
    guide_ = std::min(step, static_cast<int>(all.size()) - 1);
    QStringList lines;
    for (int i = 0; i < all.size(); ++i) {
        const QString line = QStringLiteral("%1.&nbsp; %2").arg(i + 1).arg(all[i]);
        lines << (i == guide_ ? QStringLiteral("<b>%1</b>").arg(line) : line);
    }
    without_->setText(lines.join(QStringLiteral("<br><br>")));
    show(guide_ >= 0 ? Pane::WithoutMarks : Pane::Choices);
    ring_->setScene(ringScene());
    emit promptChanged();
}

void SetStation::leave() {
    guide_ = -1;
    together_ = false;
    sheet_.moveTo(-1);
    show(Pane::Choices);
    refresh();
}

void SetStation::slid(Side side, double deg) {
    const int i = static_cast<int>(side);
    const double by = deg - last_[i];
    last_[i] = deg;
    // Together: the other cam goes as far, as near as its drive can.
    if (two() && together_ && by != 0.0) {
        Slide* other = slides_[1 - i];
        const QSignalBlocker quiet(other);
        other->setValue(other->value() + by);
        last_[1 - i] = other->value();
    }
    // The row that brings the cam here, if one does.
    const int before = choice_;
    markChoice();
    if (choice_ != before) listChoices();
    follow();
}

} // namespace app
