#include "app/frame/top_bar.h"

#include "app/style/choice_box.h"
#include "app/style/label.h"
#include "core/job/job.h"
#include "words/say.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenuBar>
#include <QPushButton>
#include <QStyle>

namespace app {

using namespace lobe;

namespace {
/// More cylinders than this are chosen from a list.
constexpr int kMostChips = 6;
} // namespace

TopBar::TopBar(Session& session, Look& look, QMenuBar* menus, QWidget* parent)
    : Ground(look, &Theme::bar, parent),
      session_(session),
      look_(look),
      job_(new PlainLabel(this)),
      cylinderRow_(new QHBoxLayout),
      cylinders_(new QButtonGroup(this)),
      sides_(new QButtonGroup(this)),
      unit_(chip()),
      light_(chip()),
      posture_(chip(Say::tr("stand  F2"))),
      menus_(menus),
      many_(new ChoiceBox(this)) {
    setObjectName(QStringLiteral("topBar"));
    setProperty("role", "bar");
    setFixedHeight(44);
    wordmark_ = new PlainLabel(Say::tr("Amber Lobe"), this);
    wordmark_->setObjectName(QStringLiteral("wordmark"));
    wordmark_->setProperty("role", "wordmark");
    job_->setObjectName(QStringLiteral("jobName"));
    job_->setMinimumWidth(40);
    job_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    job_->installEventFilter(this);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 0, 14, 0);
    row->setSpacing(8);
    row->addWidget(wordmark_);
    menus->setFixedHeight(32);
    row->addWidget(menus, 0, Qt::AlignVCenter);
    row->addWidget(job_, 1);
    cylinderRow_->setSpacing(4);
    row->addLayout(cylinderRow_);
    many_->setObjectName(QStringLiteral("cylinderList"));
    many_->setAccessibleName(Say::tr("Cylinder"));
    many_->setFocusPolicy(Qt::TabFocus);
    many_->hide();
    tip(many_, Say::tr("The cylinder at hand"));
    row->addWidget(many_);
    connect(many_, &QComboBox::activated, this,
            [this](int index) { session_.select(index + 1, session_.side()); });
    row->addSpacing(8);
    for (Side side : {Side::Intake, Side::Exhaust}) {
        auto* button = chip(words::sideName(side));
        button->setObjectName(side == Side::Intake ? QStringLiteral("intakeChip")
                                                   : QStringLiteral("exhaustChip"));
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        sides_->addButton(button, static_cast<int>(side));
        tip(button, Say::tr("The lobe at hand is this one"), QStringLiteral("Ctrl+E"));
        row->addWidget(button);
    }
    row->addSpacing(8);
    unit_->setObjectName(QStringLiteral("unitChip"));
    light_->setObjectName(QStringLiteral("lightChip"));
    posture_->setObjectName(QStringLiteral("postureChip"));
    tip(posture_, Say::tr("Large, for the stand beside the engine, or the desk"),
        QStringLiteral("F2"));
    for (QPushButton* b : {unit_, light_, posture_}) {
        b->setFocusPolicy(Qt::TabFocus);
        row->addWidget(b);
    }
    connect(sides_, &QButtonGroup::idClicked, this,
            [this](int id) { session_.select(session_.cylinder(), static_cast<Side>(id)); });
    connect(cylinders_, &QButtonGroup::idClicked, this,
            [this](int id) { session_.select(id, session_.side()); });
    connect(posture_, &QPushButton::clicked, this, &TopBar::postureWanted);
    connect(unit_, &QPushButton::clicked, this, [this] { look_.setInches(!look_.inches()); });
    connect(light_, &QPushButton::clicked, this, [this] { look_.setDark(!look_.dark()); });
    connect(&look, &Look::changed, this, &TopBar::refresh);
}

void TopBar::rebuildCylinders() {
    const int n = session_.hasJob() ? session_.job().engine.cylinders : 0;
    if (n == shownCylinders_) return;
    shownCylinders_ = n;
    for (QAbstractButton* b : cylinders_->buttons()) {
        cylinders_->removeButton(b);
        b->hide();
        b->deleteLater();
    }
    many_->setVisible(n > kMostChips);
    many_->clear();
    for (int i = 1; n > kMostChips && i <= n; ++i)
        many_->addItem(Say::tr("cyl %1 of %2").arg(i).arg(n));
    for (int i = 1; n <= kMostChips && i <= n; ++i) {
        // The word only once: many cylinders must fit a small window.
        auto* button = chip(i == 1 ? Say::tr("cyl 1") : QString::number(i));
        button->setObjectName(QStringLiteral("cyl%1").arg(i));
        button->setAccessibleName(Say::tr("Cylinder %1").arg(i));
        tip(button, Say::tr("Cylinder %1 is at hand").arg(i));
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        cylinders_->addButton(button, i);
        cylinderRow_->addWidget(button);
    }
}

void TopBar::setAtStand(bool on) {
    setFixedHeight(on ? 60 : 44);
    menus_->setFixedHeight(on ? 46 : 32);
    menus_->setProperty("role", on ? "bigMenus" : "menus");
    // It measures its items anew when it hears of another style.
    QEvent another(QEvent::StyleChange);
    QCoreApplication::sendEvent(menus_, &another);
    atStand_ = on;
    posture_->setText(on ? Say::tr("desk  F2") : Say::tr("stand  F2"));
    for (auto* button : findChildren<QPushButton*>())
        shape(*button);
}

QPushButton* TopBar::chip(const QString& text) {
    auto* button = new QPushButton(text, this);
    shape(*button);
    return button;
}

/// At the stand, for a finger.
void TopBar::shape(QPushButton& button) const {
    button.setProperty("role", atStand_ ? "bigChip" : "chip");
    button.setFont(Look::font(atStand_ ? 15 : 13));
    button.updateGeometry();
}

void TopBar::refresh() {
    rebuildCylinders();
    if (auto* b = cylinders_->button(session_.cylinder())) b->setChecked(true);
    if (many_->count() > 0) many_->setCurrentIndex(session_.cylinder() - 1);
    sides_->button(static_cast<int>(session_.side()))->setChecked(true);
    for (QAbstractButton* b : sides_->buttons())
        b->setVisible(session_.hasJob());
    posture_->setVisible(session_.hasJob());
    unit_->setText(look_.inches() ? Say::tr("in") : QStringLiteral("mm"));
    unit_->setAccessibleName(look_.inches() ? Say::tr("Inches; switch to millimetres")
                                            : Say::tr("Millimetres; switch to inches"));
    tip(unit_, unit_->accessibleName());
    light_->setText(look_.dark() ? Say::tr("dark") : Say::tr("light"));
    light_->setAccessibleName(look_.dark() ? Say::tr("Dark; switch to light")
                                           : Say::tr("Light; switch to dark"));
    tip(light_, light_->accessibleName());
    nameJob();
    makeRoom();
}

void TopBar::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    makeRoom();
}

void TopBar::makeRoom() {
    QAbstractButton* first = cylinders_->button(1);
    wordmark_->show();
    if (first) first->setText(Say::tr("cyl 1"));
    const auto over = [this] { return layout()->minimumSize().width() > width(); };
    layout()->activate();
    if (over()) wordmark_->hide();
    layout()->activate();
    if (over() && first) first->setText(QStringLiteral("1"));
}

void TopBar::nameJob() {
    QString name = session_.hasJob() ? QString::fromStdString(session_.job().name) : QString();
    if (!book_.isEmpty()) name = book_ + QStringLiteral(":  ") + name;
    job_->setToolTip(tipOf(name));
    job_->setText(QFontMetrics(job_->font())
                      .elidedText(name, Qt::ElideRight, std::max(40, job_->width() - 4)));
}

bool TopBar::eventFilter(QObject* watched, QEvent* event) {
    // Its room changes with the window, and with the cylinders another job brings beside it.
    if (watched == job_ && event->type() == QEvent::Resize) nameJob();
    return QWidget::eventFilter(watched, event);
}

} // namespace app
