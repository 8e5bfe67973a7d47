#include "app/frame/instruments_page.h"

#include "app/bench/dialogs.h"
#include "app/style/choice_box.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "instrument/simulated_rig.h"
#include "simulated/bench.h"
#include "words/numbers.h"
#include "words/say.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>

namespace app {

using instrument::Format;
using instrument::Health;
using instrument::Instrument;
using instrument::Instruments;
using instrument::Role;
using instrument::Unit;
using instrument::Way;

namespace {

constexpr int kLive_ms = 100;
constexpr Role kRoles[] = {Role::Lift, Role::Intake, Role::Exhaust,
                           Role::Drop, Role::Angle,  Role::TakeIt};
constexpr Way kWays[] = {Way::Line, Way::Digits, Way::Count, Way::Pedal};
constexpr Unit kUnits[] = {Unit::Said, Unit::Millimetre, Unit::Inch, Unit::Degree};
constexpr char kEndings[] = {'\n', '\r', ';'};

QString roleName(Role role) {
    switch (role) {
    case Role::Lift:
        return Say::tr("lift, at the lobe at hand");
    case Role::Intake:
        return Say::tr("lift, always at the intake");
    case Role::Exhaust:
        return Say::tr("lift, always at the exhaust");
    case Role::Drop:
        return Say::tr("piston, in the plug hole");
    case Role::Angle:
        return Say::tr("angle of the crank");
    case Role::TakeIt:
        return Say::tr("take it: a pedal, a key");
    }
    return {};
}

QString wayName(Way way) {
    switch (way) {
    case Way::Line:
        return Say::tr("a line of text with a number");
    case Way::Digits:
        return Say::tr("packets of digits");
    case Way::Count:
        return Say::tr("the count of an encoder");
    case Way::Pedal:
        return Say::tr("anything: it was pressed");
    }
    return {};
}

QString unitName(Unit unit) {
    switch (unit) {
    case Unit::Said:
        return Say::tr("as it says itself");
    case Unit::Millimetre:
        return Say::tr("millimetres");
    case Unit::Inch:
        return Say::tr("inches");
    case Unit::Degree:
        return Say::tr("degrees");
    }
    return {};
}

QString valueOf(const Instruments::State& s, const words::Style& style) {
    if (!s.last || !s.last->value) return s.last && s.last->takeIt ? Say::tr("pressed") : QString();
    if (s.instrument.role == Role::Angle)
        return words::fixed(instrument::degreesOf(s.instrument, *s.last->value), 1, style) +
               QChar(0xB0);
    if (s.instrument.format.way == Way::Count) return QString::number(*s.last->value, 'f', 0);
    return s.last->unit == Unit::Degree ? words::degrees(*s.last->value, style, 1)
                                        : words::liftWithUnit(*s.last->value, style);
}

} // namespace

InstrumentsPage::InstrumentsPage(Instruments& instruments, const Look& look, Dialogs& dialogs,
                                 std::function<QString()> streams, QWidget* parent)
    : Overlay(look, parent),
      instruments_(instruments),
      dialogs_(dialogs),
      streams_(std::move(streams)),
      list_(new RowList(look, true, this)),
      buttons_(new QWidget(this)),
      details_(new QWidget(this)),
      says_(new PlainLabel(details_)),
      understood_(new PlainLabel(details_)),
      empty_(new PlainLabel(this)),
      ports_(new ChoiceBox(buttons_)) {
    setObjectName(QStringLiteral("instrumentsPage"));
    list_->setObjectName(QStringLiteral("instrumentsList"));
    list_->setAccessibleName(Say::tr("Instruments"));
    empty_->setWordWrap(true);
    empty_->setAlignment(Qt::AlignTop);
    empty_->setText(
        Say::tr("An indicator or an encoder with a data plug is read here, and what it says is "
                "taken where it is asked: Enter, or its own button, takes what stands still; with "
                "an encoder a lobe takes itself as it is turned by.\n\nWithout one, everything is "
                "typed, as ever. The simulated bench shows how it is."));
    build();
    buildDetails();
    live_.setInterval(kLive_ms);
    connect(&live_, &QTimer::timeout, this, [this] {
        if (!isVisible()) return live_.stop();
        refresh();
    });
    connect(list_, &RowList::currentRowChanged, this, [this] { showDetails(); });
    connect(&instruments, &Instruments::changed, this, [this] {
        if (isVisible()) refresh();
    });
}

void InstrumentsPage::build() {
    auto* grid = new QGridLayout(buttons_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(6);
    ports_->setObjectName(QStringLiteral("serialPorts"));
    ports_->setAccessibleName(Say::tr("Serial port"));
    const auto add = [&](const QString& text, const char* name, const QString& does, int row,
                         int column, std::function<void()> act) {
        auto* button = new QPushButton(text, buttons_);
        button->setObjectName(QLatin1String(name));
        tip(button, does, button->shortcut().toString(QKeySequence::NativeText));
        button->setFocusPolicy(Qt::TabFocus);
        grid->addWidget(button, row, column);
        connect(button, &QPushButton::clicked, this, std::move(act));
        return button;
    };
    tip(ports_, Say::tr("The ports this machine has"));
    grid->addWidget(ports_, 0, 0);
    add(Say::tr("&Connect this port"), "addSerial", Say::tr("Listen at the port chosen"), 0, 1,
        [this] { addSerial(); });
    add(Say::tr("A pipe or device…"), "addPipe",
        Say::tr("Listen at a file another program writes to"), 1, 0, [this] {
            const QString path =
                dialogs_.openFile(this, Say::tr("A pipe or device"), Say::tr("All files (*)"));
            if (!path.isEmpty()) addAt(QStringLiteral("pipe:") + path, QFileInfo(path).fileName());
        });
    add(Say::tr("A recorded stream…"), "addStream", Say::tr("Hear again what was kept"), 1, 1,
        [this] {
            const QString path = dialogs_.openFile(this, Say::tr("A recorded stream"),
                                                   Say::tr("Streams (*.stream);;All files (*)"));
            if (path.isEmpty()) return;
            const auto read = instrument::readStream(path);
            if (const auto* why = std::get_if<QString>(&read)) {
                emit said(*why);
                return;
            }
            for (Instrument i : std::get<instrument::Stream>(read).instruments) {
                i.place = QStringLiteral("recorded:%1#%2").arg(path, instrument::roleWord(i.role));
                instruments_.add(i);
            }
            refresh();
        });
    add(Say::tr("&Simulated bench"), "addSimulated",
        Say::tr("A made-up engine with dial and encoder, to try it"), 2, 0, [this] {
            instruments_.simulate(simulated::Bench(simulated::engineOf(3), 1, 200.0));
            refresh();
            emit simulated();
        });
    record_ = add(Say::tr("&Keep what is said"), "recordStream",
                  Say::tr("Write all that is heard into a file"), 2, 1, [this] { record(); });
    remove_ =
        add(Say::tr("&Unplug"), "removeInstrument", Say::tr("Listen to it no more"), 3, 0, [this] {
            if (const auto which = at()) instruments_.remove(*which);
            refresh();
        });
    zero_ = add(Say::tr("Its &zero is here"), "angleZero",
                Say::tr("The crank stands at TDC now: count from here"), 3, 1,
                [this] { instruments_.setAngleZero(); });
}

void InstrumentsPage::buildDetails() {
    auto* grid = new QGridLayout(details_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(5);
    grid->setColumnStretch(1, 1);
    int row = 0;
    const auto add = [&](const QString& title, QWidget* field, const char* name) {
        auto* label = new PlainLabel(title, details_);
        label->setBuddy(field);
        field->setObjectName(QLatin1String(name));
        field->setAccessibleName(title);
        if (!title.isEmpty()) tip(field, title);
        grid->addWidget(label, row, 0);
        grid->addWidget(field, row, 1);
        ++row;
        return std::pair<QWidget*, QWidget*>(label, field);
    };
    const auto combo = [&](const QString& title, const char* name, const auto& all, auto called) {
        auto* box = new ChoiceBox(details_);
        for (const auto each : all)
            box->addItem(called(each));
        connect(box, &QComboBox::activated, this, [this] { keepDetails(); });
        return std::pair(box, add(title, box, name));
    };
    const auto line = [&](const QString& title, const char* name) {
        auto* edit = new QLineEdit(details_);
        connect(edit, &QLineEdit::editingFinished, this, [this] { keepDetails(); });
        return std::pair(edit, add(title, edit, name));
    };
    says_->setWordWrap(true);
    understood_->setProperty("role", "verdict");
    add(Say::tr("it says"), says_, "instrumentSays");
    add(Say::tr("understood"), understood_, "instrumentUnderstood");
    name_ = line(Say::tr("called"), "instrumentName").first;
    role_ = combo(Say::tr("fitted to"), "instrumentRole", kRoles, roleName).first;
    way_ = combo(Say::tr("speaks"), "instrumentWay", kWays, wayName).first;
    const auto unit = combo(Say::tr("its unit"), "instrumentUnit", kUnits, unitName);
    unit_ = unit.first;
    ofValue_.push_back(unit.second);
    const auto ending =
        combo(Say::tr("a line ends with"), "instrumentEnding", kEndings, [](char c) {
            return c == '\n'   ? Say::tr("a new line")
                   : c == '\r' ? Say::tr("a return")
                               : QStringLiteral(";");
        });
    ending_ = ending.first;
    ofText_.push_back(ending.second);
    const auto number = line(Say::tr("its number is the … in the line"), "instrumentNumber");
    number_ = number.first;
    ofText_.push_back(number.second);
    const auto index = line(Say::tr("its index mark is the …"), "instrumentIndex");
    index_ = index.first;
    ofCount_.push_back(index.second);
    const auto counts = line(Say::tr("counts in a turn of the crank"), "instrumentCounts");
    counts_ = counts.first;
    ofCount_.push_back(counts.second);
    backwards_ = new QCheckBox(Say::tr("counts backwards as the engine runs"), details_);
    connect(backwards_, &QCheckBox::clicked, this, [this] { keepDetails(); });
    ofCount_.push_back(add({}, backwards_, "instrumentBackwards"));
    reversed_ = new QCheckBox(Say::tr("what it says is taken the other way round"), details_);
    connect(reversed_, &QCheckBox::clicked, this, [this] { keepDetails(); });
    ofValue_.push_back(add({}, reversed_, "instrumentReversed"));
    const auto speed = line(Say::tr("speed, baud"), "instrumentSpeed");
    speed_ = speed.first;
    ofSerial_.push_back(speed.second);
    const auto framing = line(Say::tr("bits, parity, stop"), "instrumentFraming");
    framing_ = framing.first;
    ofSerial_.push_back(framing.second);
    grid->setRowStretch(row, 1);
}

QRect InstrumentsPage::box() const {
    const int w = std::min(980, width() - 40), h = std::min(600, height() - 40);
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void InstrumentsPage::place() {
    const QRect b = box().adjusted(20, 54, -20, -16);
    const int side = b.width() * 48 / 100, high = std::min(4 * 40, b.height() / 2);
    list_->setGeometry(b.left(), b.top(), b.width() - side - 18, b.height() - high - 10);
    buttons_->setGeometry(b.left(), b.bottom() - high, b.width() - side - 18, high);
    details_->setGeometry(b.right() - side, b.top(), side, b.height());
    empty_->setGeometry(details_->geometry());
}

void InstrumentsPage::open() {
    ports_->clear();
    for (const instrument::SerialPlace& there : instrument::serialPlaces())
        ports_->addItem(there.description.isEmpty()
                            ? there.path
                            : QStringLiteral("%1, %2").arg(there.path, there.description),
                        there.path);
    if (ports_->count() == 0) ports_->addItem(Say::tr("no serial port is there"));
    show();
    refresh();
    if (list_->count() > 0 && list_->currentRow() < 0) list_->setCurrentRow(0);
    showDetails();
    list_->setFocus();
    live_.start();
}

std::optional<std::size_t> InstrumentsPage::at() const {
    const int row = list_->currentRow();
    return row < 0 || static_cast<std::size_t>(row) >= instruments_.all().size()
               ? std::nullopt
               : std::optional(static_cast<std::size_t>(row));
}

void InstrumentsPage::refresh() {
    QList<Row> rows;
    for (const auto& state : instruments_.all()) {
        Row row;
        row.id = rows.size() + 1;
        row.title = state->instrument.name;
        row.under = roleName(state->instrument.role);
        row.value = valueOf(*state, look().style());
        row.warn = state->health != Health::Fine;
        row.note = state->health == Health::Fine
                       ? Say::tr("%1 a second").arg(state->perSecond, 0, 'f', 0)
                   : state->health == Health::Lost    ? Say::tr("not there")
                   : state->health == Health::Odd     ? Say::tr("makes no sense")
                   : state->health == Health::Damaged ? Say::tr("damaged")
                   : state->health == Health::Silent  ? Say::tr("silent")
                                                      : Say::tr("said nothing yet");
        rows << row;
    }
    list_->setRows(rows);
    if (!rows.isEmpty() && list_->currentRow() < 0) list_->setCurrentRow(0);
    const auto which = at();
    details_->setVisible(which.has_value());
    empty_->setVisible(!which);
    remove_->setEnabled(which.has_value());
    zero_->setEnabled(which && instruments_.all()[*which]->instrument.role == Role::Angle);
    record_->setEnabled(!instruments_.none());
    record_->setText(instruments_.recording() ? Say::tr("No longer &keep it")
                                              : Say::tr("&Keep what is said"));
    if (!which) return;
    const Instruments::State& s = *instruments_.all()[*which];
    const bool odd = s.health == Health::Odd && s.odd;
    says_->setText(QString::fromStdString(odd ? s.odd->raw : s.last ? s.last->raw : std::string()));
    const QString wrong = Instruments::healthSaid(s);
    understood_->setText(odd || s.health == Health::Lost ? QString() : valueOf(s, look().style()));
    if (!wrong.isEmpty() && s.health != Health::Waiting) says_->setText(wrong);
}

void InstrumentsPage::showDetails() {
    const auto which = at();
    if (!which) return;
    filling_ = true;
    const Instrument& i = instruments_.all()[*which]->instrument;
    const auto choose = [](QComboBox* box, const auto& all, auto value) {
        for (std::size_t n = 0; n < std::size(all); ++n)
            if (all[n] == value) box->setCurrentIndex(static_cast<int>(n));
    };
    name_->setText(i.name);
    choose(role_, kRoles, i.role);
    choose(way_, kWays, i.format.way);
    choose(unit_, kUnits, i.format.unit);
    choose(ending_, kEndings, i.format.ending);
    number_->setText(QString::number(i.format.number));
    index_->setText(QString::number(i.format.index));
    counts_->setText(QString::number(i.counter.countsPerTurn, 'g', 10));
    speed_->setText(QString::number(i.baud));
    framing_->setText(i.framing);
    reversed_->setChecked(i.format.reversed);
    backwards_->setChecked(i.counter.backwards);
    const bool count = i.format.way == Way::Count, text = count || i.format.way == Way::Line;
    const auto showAll = [](const auto& pairs, bool on) {
        for (const auto& [label, field] : pairs)
            label->setVisible(on), field->setVisible(on);
    };
    showAll(ofCount_, count);
    showAll(ofText_, text);
    showAll(ofValue_, !count && i.format.way != Way::Pedal);
    showAll(ofSerial_, i.place.startsWith(QLatin1String("serial:")));
    filling_ = false;
    refresh();
}

void InstrumentsPage::keepDetails() {
    const auto which = at();
    if (!which || filling_) return;
    Instrument i = instruments_.all()[*which]->instrument;
    if (!name_->text().trimmed().isEmpty()) i.name = name_->text().trimmed();
    i.role = kRoles[role_->currentIndex()];
    i.format.way = kWays[way_->currentIndex()];
    i.format.unit = kUnits[unit_->currentIndex()];
    i.format.ending = kEndings[ending_->currentIndex()];
    // What is no number of its kind changes nothing, and is shown as it stands again.
    const auto number = [](QLineEdit* edit, double least, double most, auto& into) {
        bool ok = false;
        const double value = edit->text().toDouble(&ok);
        if (ok && value >= least && value <= most)
            into = static_cast<std::decay_t<decltype(into)>>(value);
    };
    number(number_, 1, 20, i.format.number);
    number(index_, 0, 20, i.format.index);
    number(counts_, 4, 1e7, i.counter.countsPerTurn);
    number(speed_, 50, 4000000, i.baud);
    const QString framing = framing_->text().trimmed().toUpper();
    if (framing.size() == 3 && QStringLiteral("78").contains(framing[0]) &&
        QStringLiteral("NEO").contains(framing[1]) && QStringLiteral("12").contains(framing[2]))
        i.framing = framing;
    i.format.reversed = reversed_->isChecked();
    i.counter.backwards = backwards_->isChecked();
    if (i != instruments_.all()[*which]->instrument) instruments_.change(*which, i);
    showDetails();
}

void InstrumentsPage::addSerial() {
    const QString path = ports_->currentData().toString();
    if (path.isEmpty()) return;
    Instrument i;
    i.name = QFileInfo(path).fileName();
    for (const instrument::SerialPlace& there : instrument::serialPlaces())
        if (there.path == path) {
            if (!there.description.isEmpty()) i.name = there.description;
            i.usb = there.usb;
        }
    i.place = QStringLiteral("serial:") + path;
    instruments_.add(i);
    refresh();
    list_->setCurrentRow(list_->count() - 1);
}

void InstrumentsPage::addAt(const QString& place, const QString& name) {
    Instrument i;
    i.place = place;
    i.name = name;
    // Whatever it speaks is told below; an encoder's device is mostly called so.
    if (name.contains(QLatin1String("angle")) || name.contains(QLatin1String("encoder"))) {
        i.role = Role::Angle;
        i.format.way = Way::Count;
    }
    instruments_.add(i);
    refresh();
    list_->setCurrentRow(list_->count() - 1);
}

void InstrumentsPage::record() {
    if (instruments_.recording()) {
        instruments_.stopRecording();
        return refresh();
    }
    const QString folder = streams_();
    QDir().mkpath(folder);
    QString path;
    for (int n = 1; path.isEmpty() || QFileInfo::exists(path); ++n)
        path = QStringLiteral("%1/%2.stream").arg(folder).arg(n, 3, 10, QLatin1Char('0'));
    const QString why = instruments_.record(path);
    emit said(why.isEmpty() ? Say::tr("What the instruments say is kept in %1.").arg(path) : why);
    refresh();
}

void InstrumentsPage::paintEvent(QPaintEvent* event) {
    Overlay::paintEvent(event);
    QPainter p(this);
    const Theme& t = look().theme();
    p.setPen(t.ink);
    p.setFont(Look::font(18, true));
    p.drawText(box().adjusted(24, 14, -24, 0), Qt::AlignLeft | Qt::AlignTop,
               Say::tr("Instruments"));
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    p.drawText(box().adjusted(24, 20, -24, 0), Qt::AlignRight | Qt::AlignTop,
               Say::tr("kept on this machine; Esc closes"));
}

} // namespace app
