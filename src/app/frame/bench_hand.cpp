#include "app/frame/bench_hand.h"

#include "app/style/flow.h"
#include "app/style/label.h"
#include "desk/desk.h"
#include "words/numbers.h"
#include "words/say.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QHBoxLayout>
#include <QLocale>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>

namespace app {

using simulated::On;

namespace {

constexpr int kFastest = 60; ///< degrees a second by the slide, either way

/// What a fault is called in the window; the bench's own names are for programs.
QString faultName(std::string_view name) {
    static const std::pair<std::string_view, const char*> kNames[] = {
        {"noise", QT_TRANSLATE_NOOP("Say", "trembling dial")},
        {"steps", QT_TRANSLATE_NOOP("Say", "coarse dial")},
        {"backlash", QT_TRANSLATE_NOOP("Say", "play in the coupling")},
        {"slack", QT_TRANSLATE_NOOP("Say", "slack chain")},
        {"base", QT_TRANSLATE_NOOP("Say", "slipping base")},
        {"hanging", QT_TRANSLATE_NOOP("Say", "hanging follower")},
        {"wrap", QT_TRANSLATE_NOOP("Say", "dial begins anew")},
        {"pointer", QT_TRANSLATE_NOOP("Say", "coupling slipped")},
        {"direction", QT_TRANSLATE_NOOP("Say", "counts backwards")},
        {"dropped", QT_TRANSLATE_NOOP("Say", "lost packets")},
        {"garbled", QT_TRANSLATE_NOOP("Say", "damaged packets")},
        {"silence", QT_TRANSLATE_NOOP("Say", "a second of silence")},
        {"unplugged", QT_TRANSLATE_NOOP("Say", "dial unplugged")}};
    for (const auto& [key, called] : kNames)
        if (key == name) return Say::tr(called);
    return QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
}

} // namespace

BenchHand::BenchHand(const Look&, QWidget* parent)
    : QWidget(parent, Qt::Tool),
      speed_(new QSlider(Qt::Horizontal, this)),
      where_(new PlainLabel(this)),
      byItself_(new QCheckBox(Say::tr("somebody turns it as it is asked"), this)),
      dial_(new QButtonGroup(this)),
      faults_(new QButtonGroup(this)) {
    setObjectName(QStringLiteral("benchHand"));
    setWindowTitle(Say::tr("Simulated bench"));
    setAttribute(Qt::WA_ShowWithoutActivating);
    speed_->setObjectName(QStringLiteral("benchTurn"));
    speed_->setAccessibleName(Say::tr("Turn the crank"));
    speed_->setRange(-kFastest, kFastest);
    speed_->setPageStep(5);
    tip(speed_, Say::tr("How fast the crank is turned, and which way"), Say::tr("arrows"));
    tip(byItself_, Say::tr("The simulated hand goes where the program asks"));
    byItself_->setObjectName(QStringLiteral("benchByItself"));
    where_->setObjectName(QStringLiteral("benchWhere"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 14, 12);
    column->setSpacing(8);
    auto* turn = new QHBoxLayout;
    turn->addWidget(new PlainLabel(Say::tr("turn"), this));
    turn->addWidget(speed_, 1);
    auto* stop = new QPushButton(Say::tr("&Stop"), this);
    stop->setObjectName(QStringLiteral("benchStop"));
    tip(stop, Say::tr("The crank stands still"), QStringLiteral("Alt+S"));
    turn->addWidget(stop);
    column->addLayout(turn);
    column->addWidget(where_);
    column->addWidget(byItself_);
    const auto chips = [&](QButtonGroup* group, bool exclusive) {
        group->setExclusive(exclusive);
        auto* row = new FlowLayout(6);
        column->addLayout(row);
        return row;
    };
    const auto chip = [&](QButtonGroup* group, FlowLayout* row, int id, const QString& text,
                          const QString& name) {
        auto* button = new QPushButton(text, this);
        button->setProperty("role", "chip");
        button->setCheckable(true);
        button->setObjectName(name);
        tip(button, group == dial_ ? Say::tr("The dial is set on this")
                                   : Say::tr("The bench does this from now on"));
        group->addButton(button, id);
        row->addWidget(button);
    };
    column->addWidget(new PlainLabel(Say::tr("the dial is set on"), this));
    FlowLayout* dials = chips(dial_, true);
    chip(dial_, dials, static_cast<int>(On::Intake), Say::tr("intake"),
         QStringLiteral("dialIntake"));
    chip(dial_, dials, static_cast<int>(On::Exhaust), Say::tr("exhaust"),
         QStringLiteral("dialExhaust"));
    chip(dial_, dials, static_cast<int>(On::Piston), Say::tr("piston"),
         QStringLiteral("dialPiston"));
    auto* press = new QPushButton(Say::tr("&Press the valve down"), this);
    press->setObjectName(QStringLiteral("benchPress"));
    press->setCheckable(true);
    tip(press, Say::tr("Down until it meets the piston"), QStringLiteral("Alt+P"));
    dials->addWidget(press);
    auto* wrong = new QPushButton(Say::tr("&what goes wrong"), this);
    wrong->setObjectName(QStringLiteral("benchFaults"));
    wrong->setCheckable(true);
    tip(wrong, Say::tr("Faults a real bench has, one by one"));
    column->addWidget(wrong);
    FlowLayout* all = chips(faults_, false);
    for (std::size_t i = 0; i < simulated::Bench::faults().size(); ++i)
        chip(faults_, all, static_cast<int>(i), faultName(simulated::Bench::faults()[i].name),
             QStringLiteral("fault_") + QLatin1String(simulated::Bench::faults()[i].name));

    connect(speed_, &QSlider::valueChanged, this, [this](int speed) {
        if (rig_) rig_->bench().turn(speed);
    });
    connect(stop, &QPushButton::clicked, this, [this] {
        byItself_->setChecked(false);
        if (rig_) hand_.stop(rig_->bench());
        speed_->setValue(0);
    });
    connect(byItself_, &QCheckBox::toggled, this, [this](bool on) {
        speed_->setEnabled(!on);
        if (!on && rig_) hand_.stop(rig_->bench());
        if (!on) speed_->setValue(0);
    });
    connect(press, &QPushButton::toggled, this, [this](bool on) {
        if (rig_) rig_->bench().press(on);
    });
    connect(dial_, &QButtonGroup::idClicked, this, [this](int id) {
        if (rig_) rig_->bench().dialOn(static_cast<On>(id));
    });
    connect(faults_, &QButtonGroup::idToggled, this, [this](int id, bool on) {
        if (rig_)
            rig_->bench().setFault(simulated::Bench::faults()[static_cast<std::size_t>(id)].name,
                                   on);
    });
    where_->setWordWrap(true);
    where_->setMinimumHeight(where_->fontMetrics().height() * 2 + 4);
    const auto fit = [this, wrong] {
        for (QAbstractButton* each : faults_->buttons())
            each->setVisible(wrong->isChecked());
        // Chips flow: how high they are is known of a width alone.
        constexpr int kWide = 312;
        setFixedSize(kWide, layout()->heightForWidth(kWide));
    };
    connect(wrong, &QPushButton::toggled, this, fit);
    fit();
}

bool BenchHand::byItself() const {
    return byItself_->isChecked();
}

void BenchHand::setRig(instrument::SimulatedRig* rig) {
    if (rig_) disconnect(rig_, nullptr, this, nullptr);
    rig_ = rig;
    if (!rig_) return hide();
    rig_->bench().put(-60.0);
    rig_->bench().dialOn(On::Piston);
    connect(rig_, &instrument::SimulatedRig::moved, this, &BenchHand::refresh);
    byItself_->setChecked(true);
    refresh();
}

void BenchHand::refresh() {
    if (!rig_) return;
    simulated::Bench& bench = rig_->bench();
    if (byItself() && desk_) hand_.work(bench, desk_->live(), clock_());
    if (!isVisible()) return;
    const QString text = Say::tr("the crank truly stands at %1°, and turns %2° a second")
                             .arg(QLocale().toString(bench.crank_deg(), 'f', 1),
                                  QLocale().toString(bench.turning(), 'f', 0));
    if (text != where_->text()) where_->setText(text);
    if (QAbstractButton* on = dial_->button(static_cast<int>(bench.dialIsOn()));
        on && !on->isChecked())
        on->setChecked(true);
}

void BenchHand::closeEvent(QCloseEvent* event) {
    // Out of sight it goes on; nobody turns a crank one cannot see.
    byItself_->setChecked(false);
    speed_->setValue(0);
    QWidget::closeEvent(event);
}

} // namespace app
