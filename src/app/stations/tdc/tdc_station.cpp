#include "app/stations/tdc/tdc_station.h"

#include "app/pictures/ring.h"
#include "app/style/rows.h"
#include "core/entry.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace app {

using namespace lobe;

TdcStation::TdcStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : Bench(session, look, parent),
      ring_(new Ring(look, dialogs, this)),
      verdict_(new QLabel(this)),
      steps_(new QLabel(this)),
      sums_(new QLabel(this)),
      caution_(new QLabel(this)),
      methods_(new QButtonGroup(this)),
      scale_(new QComboBox(this)),
      log_(new RowList(look, false, this)) {
    setObjectName(QStringLiteral("tdcStation"));
    verdict_->setProperty("role", "verdict");
    verdict_->setObjectName(QStringLiteral("tdcVerdict"));
    caution_->setProperty("role", "quiet");
    for (QLabel* label : {verdict_, steps_, sums_, caution_})
        label->setWordWrap(true);
    log_->setObjectName(QStringLiteral("contacts"));
    log_->setAccessibleName(QStringLiteral("Contacts taken"));
    log_->setFocusPolicy(Qt::ClickFocus);

    auto* choices = new QHBoxLayout;
    for (TdcMethod m : {TdcMethod::PositiveStop, TdcMethod::EqualDrop}) {
        auto* button = new QPushButton(words::methodName(m), this);
        button->setCheckable(true);
        button->setObjectName(m == TdcMethod::PositiveStop ? QStringLiteral("methodStop")
                                                           : QStringLiteral("methodDrop"));
        methods_->addButton(button, static_cast<int>(m));
        choices->addWidget(button);
    }
    methods_->button(0)->setChecked(true);
    choices->addStretch();
    scale_->setObjectName(QStringLiteral("wheelScale"));
    scale_->setAccessibleName(QStringLiteral("How the wheel is numbered"));
    for (int i = 0; i <= static_cast<int>(WheelScale::Signed); ++i)
        scale_->addItem(words::wheelName(static_cast<WheelScale>(i)), i);

    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addLayout(choices);
    auto* wheelRow = new QHBoxLayout;
    wheelRow->addWidget(new QLabel(QStringLiteral("the wheel reads"), this));
    wheelRow->addWidget(scale_, 1);
    right->addLayout(wheelRow);
    right->addWidget(steps_);
    right->addWidget(sums_);
    right->addWidget(log_, 1);
    right->addWidget(caution_);
    auto* row = new QHBoxLayout;
    row->setSpacing(20);
    row->addWidget(ring_, 6);
    row->addLayout(right, 5);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 10);
    column->addWidget(verdict_);
    column->addLayout(row, 1);

    connect(methods_, &QButtonGroup::idClicked, this, [this] {
        refresh();
        emit promptChanged();
    });
    connect(scale_, &QComboBox::activated, this, [this](int index) {
        Settings s = job().settings;
        s.wheel = static_cast<WheelScale>(index);
        if (s.wheel != job().settings.wheel) this->session().keep(book::SetSettings{s});
        emit promptChanged();
    });
}

TdcMethod TdcStation::method() const {
    return static_cast<TdcMethod>(methods_->checkedId());
}

Prompt TdcStation::prompt() const {
    const TdcFindings& tdc = findings().tdc;
    Prompt p;
    p.subject = QStringLiteral("%1, pass %2").arg(words::methodName(method())).arg(tdc.passAtHand);
    p.ask = tdc.nextAfterTop ? QStringLiteral("after the top: wheel?")
                             : QStringLiteral("before the top: wheel?");
    p.enter = tdc.nextAfterTop ? QStringLiteral("log, see where TDC is")
                               : QStringLiteral("log, then the other side");
    p.keys = QStringLiteral("b, a  before, after TDC   Back  strike");
    return p;
}

Contact TdcStation::contactFor(const QString& text, Echo& echo) const {
    const TdcFindings& tdc = findings().tdc;
    Contact c;
    c.pass = tdc.passAtHand;
    c.method = method();
    c.afterTop = tdc.nextAfterTop;
    c.scale = job().settings.wheel;
    c.typed = text.trimmed().toStdString();
    const auto read =
        readWheel(c.typed, {job().settings.fittedWheel(), c.afterTop, DeadCentre::Top});
    if (const auto* e = std::get_if<EntryError>(&read)) {
        echo = {false, words::sentence(*e, style())};
        return c;
    }
    const WheelReading& wheel = std::get<WheelReading>(read);
    c.at = wheel.at;
    const double deg = wheel.at.deg;
    const QString side = deg < 0 ? QStringLiteral("before the wheel's zero")
                                 : QStringLiteral("after the wheel's zero");
    echo = {true, QStringLiteral("%1 %2%3").arg(
                      words::degrees(std::abs(deg), style(), 2), side,
                      wheel.assumed ? QStringLiteral(", by the step; b or a says otherwise")
                                    : QString())};
    return c;
}

Echo TdcStation::understand(const QString& text) const {
    Echo echo;
    contactFor(text, echo);
    return echo;
}

Echo TdcStation::submit(const QString& text) {
    Echo echo;
    Contact c = contactFor(text, echo);
    if (!echo.ok) return echo;
    c.time_ms = session().now();
    if (!session().keep(book::AddContact{c}))
        return {false, QStringLiteral("Not logged; see the message above.")};
    return {true, {}};
}

void TdcStation::strikeLast() {
    const auto& contacts = job().contacts;
    for (auto it = contacts.rbegin(); it != contacts.rend(); ++it)
        if (!it->struck) {
            session().keep(book::StrikeContact{it->id, "struck"});
            return;
        }
}

QString TdcStation::explanation() const {
    const TdcPass* pass = findings().tdc.latest();
    if (!pass) return {};
    return QStringLiteral(
               "Half the way between the contacts: %1. That is the span, not the correction.\n"
               "Half their signed sum: %2°. That is where true TDC stands on the wheel now.")
        .arg(words::degrees(*pass->halfSpan_deg, style(), 2),
             words::signedFixed(*pass->correction_deg, 2, style()));
}

void TdcStation::refresh() {
    const TdcFindings& tdc = findings().tdc;
    scale_->setCurrentIndex(static_cast<int>(job().settings.wheel));
    const bool stop = method() == TdcMethod::PositiveStop;
    steps_->setText(
        stop
            ? QStringLiteral(
                  "1  Fit the stop with the piston well down.\n"
                  "2  Turn the way the engine runs until the piston touches. Type the wheel.\n"
                  "3  Turn back the long way until it touches again. Type the wheel.")
            : QStringLiteral("1  Zero the indicator on the piston near its top.\n"
                             "2  Come up to a drop of your choice before the top. Type the wheel.\n"
                             "3  Go over the top to the same drop after it. Type the wheel."));
    caution_->setText(
        stop
            ? QStringLiteral("With a stop fitted, turn by hand only, gently, plugs out: a stop "
                             "bends a valve or "
                             "a piston when it is met with force.")
            : QStringLiteral("Turn by hand, and come up to both drops from the same side where the "
                             "indicator allows."));
    sums_->setText(explanation());
    sums_->setVisible(!sums_->text().isEmpty());

    QString verdict = words::tdcInstruction(tdc, job().settings.fittedWheel(), style());
    if (verdict.isEmpty())
        for (const Finding& f : tdc.findings)
            verdict = words::sentence(f, style());
    if (verdict.isEmpty())
        verdict = tdc.state == TdcState::InHand
                      ? QStringLiteral("One contact is taken. Now the other side of the top.")
                      : QStringLiteral(
                            "Where is true TDC? Two contacts, one each side of the top, say so.");
    verdict_->setText(verdict);

    QList<Row> rows;
    for (const Contact& c : job().contacts) {
        Row row;
        row.id = c.id;
        row.title = QStringLiteral("pass %1, %2 the top")
                        .arg(c.pass)
                        .arg(c.afterTop ? QStringLiteral("after") : QStringLiteral("before"));
        row.value = QString::fromStdString(c.typed);
        row.note = c.struck ? QString::fromStdString(c.struck->reason)
                            : words::signedFixed(c.at.deg, 2, style()) + QChar(0xB0);
        row.struck = c.struck.has_value();
        rows << row;
    }
    log_->setRows(rows);
    log_->scrollToBottom();

    RingScene scene;
    scene.rotation = job().engine.rotation;
    scene.wheel = job().settings.fittedWheel();
    scene.stroke_mm = job().engine.stroke_mm;
    scene.rod_mm = job().engine.rod_mm;
    if (!tdc.passes.empty()) scene.pass = &tdc.passes.back();
    ring_->setScene(scene);
    ring_->setAccessibleDescription(verdict + QLatin1Char(' ') + sums_->text());
}

} // namespace app
