#include "app/frame/preferences_page.h"

#include "app/frame/language.h"
#include "app/frame/main_window.h"
#include "app/frame/voice.h"
#include "app/frame/zoom.h"
#include "app/style/choice_box.h"
#include "app/style/label.h"
#include "words/say.h"

#include <QCheckBox>
#include <QFormLayout>

namespace app {

namespace {

/// Light or dark, each plain or sharp, in the order of the choice.
constexpr std::pair<bool, bool> kThemes[] = {
    {false, false}, {true, false}, {false, true}, {true, true}};

} // namespace

PreferencesPage::PreferencesPage(MainWindow& window, Look& look, Preferences& preferences,
                                 Session& session)
    : Overlay(look, &window),
      window_(window),
      writable_(look),
      preferences_(preferences),
      session_(session),
      form_(new QWidget(this)),
      unit_(new ChoiceBox(form_)),
      theme_(new ChoiceBox(form_)),
      language_(new ChoiceBox(form_)),
      size_(new ChoiceBox(form_)),
      paper_(new ChoiceBox(form_)),
      remind_(new ChoiceBox(form_)),
      by_(new QLineEdit(form_)),
      tick_(new QCheckBox(Say::tr("a tick when a reading is logged"), form_)),
      spoken_(new QCheckBox(Say::tr("read out what is asked, at the stand"), form_)) {
    setObjectName(QStringLiteral("preferencesPage"));
    setAccessibleName(Say::tr("Preferences"));
    build();
    connect(unit_, &QComboBox::activated, this, [this](int i) { writable_.setInches(i == 1); });
    connect(theme_, &QComboBox::activated, this,
            [this](int i) { writable_.setTheme(kThemes[i].first, kThemes[i].second); });
    connect(paper_, &QComboBox::activated, this, [this](int i) {
        preferences_.setLetter(i == 1);
        writable_.setLetter(i == 1);
    });
    connect(remind_, &QComboBox::activated, this,
            [this](int i) { preferences_.setRemindDays(remind_->itemData(i).toInt()); });
    connect(by_, &QLineEdit::textEdited, this, [this](const QString& name) {
        preferences_.setBy(name);
        session_.setBy(preferences_.by());
    });
    connect(tick_, &QCheckBox::toggled, this, [this](bool on) { window_.setTick(on); });
    connect(spoken_, &QCheckBox::toggled, this, [this](bool on) { window_.setSpoken(on); });
    // Both of these start the window anew.
    connect(language_, &QComboBox::activated, this,
            [this](int i) { window_.setLanguage(language_->itemData(i).toString()); });
    connect(size_, &QComboBox::activated, this,
            [this](int i) { window_.setZoom(size_->itemData(i).toInt()); });
}

void PreferencesPage::build() {
    const auto name = [](QWidget* w, const char* object, const QString& said) {
        w->setObjectName(QLatin1String(object));
        w->setAccessibleName(said);
        tip(w, said);
        w->setMinimumHeight(30);
    };
    auto* form = new QFormLayout(form_);
    form->setSpacing(10);
    auto* title = new PlainLabel(Say::tr("Preferences"), form_);
    title->setProperty("role", "verdict");
    form->addRow(title);
    const auto row = [&](const QString& said, QComboBox* choice, const char* object) {
        name(choice, object, said);
        form->addRow(new PlainLabel(said, form_), choice);
    };
    unit_->addItems({Say::tr("millimetres"), Say::tr("inches")});
    theme_->addItems({Say::tr("light"), Say::tr("dark"), Say::tr("light, high contrast"),
                      Say::tr("dark, high contrast")});
    language_->addItem(Say::tr("As the system has it"), QString());
    for (const Language& each : languages())
        language_->addItem(each.name, each.code);
    for (int percent = 80; percent <= 200; percent = zoomBeside(percent, 1)) {
        size_->addItem(QStringLiteral("%1 %").arg(percent), percent);
        if (zoomBeside(percent, 1) <= percent) break;
    }
    row(Say::tr("Lengths in"), unit_, "preferUnit");
    row(Say::tr("Shown"), theme_, "preferTheme");
    row(Say::tr("Language"), language_, "preferLanguage");
    row(Say::tr("Size of everything"), size_, "preferSize");
    paper_->addItems({Say::tr("A4"), Say::tr("Letter")});
    row(Say::tr("Paper of a sheet"), paper_, "preferPaper");
    name(by_, "preferBy", Say::tr("Who measures, in new jobs"));
    form->addRow(new PlainLabel(by_->accessibleName(), form_), by_);
    for (const int days : {0, 7, 30, 90})
        remind_->addItem(days == 0 ? Say::tr("never") : Say::tr("after %n days", nullptr, days),
                         days);
    row(Say::tr("Remind of a copy elsewhere"), remind_, "preferRemind");
    name(tick_, "preferTick", tick_->text());
    name(spoken_, "preferSpoken", spoken_->text());
    spoken_->setEnabled(Voice::possible());
    form->addRow(tick_);
    form->addRow(spoken_);
    auto* said = new PlainLabel(
        Say::tr("Each changes at once; at Sheet, one job's name and paper can be others. Language "
                "and size start the window anew; nothing typed is lost. Esc leads back."),
        form_);
    said->setProperty("role", "quiet");
    said->setWordWrap(true);
    form->addRow(said);
}

QRect PreferencesPage::box() const {
    const int w = std::min(560, width() - 40), h = std::min(540, height() - 30);
    return {(width() - w) / 2, (height() - h) / 2, w, h};
}

void PreferencesPage::place() {
    // In a low window the rows stand closer.
    static_cast<QFormLayout*>(form_->layout())->setVerticalSpacing(box().height() < 530 ? 4 : 10);
    form_->setGeometry(box().adjusted(22, 18, -22, -18));
}

void PreferencesPage::open() {
    unit_->setCurrentIndex(look().inches() ? 1 : 0);
    theme_->setCurrentIndex((look().dark() ? 1 : 0) + (look().sharp() ? 2 : 0));
    paper_->setCurrentIndex(preferences_.letter() ? 1 : 0);
    remind_->setCurrentIndex(std::max(0, remind_->findData(preferences_.remindDays())));
    by_->setText(preferences_.by());
    language_->setCurrentIndex(std::max(0, language_->findData(window_.language())));
    size_->setCurrentIndex(std::max(0, size_->findData(window_.zoom())));
    const QSignalBlocker tick(tick_), spoken(spoken_);
    tick_->setChecked(window_.tick());
    spoken_->setChecked(window_.spoken());
    show();
    place();
    unit_->setFocus();
}

} // namespace app
