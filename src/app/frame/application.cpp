#include "app/frame/application.h"

#include "app/frame/language.h"
#include "app/frame/spoken_tree.h"
#include "app/style/label.h"
#include "words/say.h"

#include <QDBusConnection>
#include <QDir>
#include <QFileInfo>
#include <QGuiApplication>
#include <QLabel>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

#include <algorithm>
#include <system_error>

namespace app {

namespace {

/// Calls the desktop's session bus beside the opening of the book: the first window that is shown
/// asks there for who reads the screen aloud, and would wait for the connection.
std::jthread callBus() {
    // Without a desktop nobody asks; and where no bus is known, one is looked for by starting a
    // program, which is better not done beside other work.
    const QString platform = QGuiApplication::platformName();
    if (platform == QLatin1String("offscreen") || platform == QLatin1String("minimal")) return {};
    if (qEnvironmentVariableIsEmpty("DBUS_SESSION_BUS_ADDRESS") &&
        !QFileInfo::exists(qEnvironmentVariable("XDG_RUNTIME_DIR") + QStringLiteral("/bus")))
        return {};
    try {
        return std::jthread([] { QDBusConnection::sessionBus(); });
    } catch (const std::system_error&) {
        return {}; // a machine without room for one more thread
    }
}

} // namespace

Paths Paths::standard() {
    const QString data = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                         QStringLiteral("/amber-lobe");
    const QString config = QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation) +
                           QStringLiteral("/amber-lobe.ini");
    return {data, config};
}

/// Preferences that are no file, but a pipe or a folder, are not read: that may have no end.
static Paths usable(Paths paths, QString& odd) {
    const QFileInfo there(paths.preferences);
    if (!there.exists() || there.isFile()) return paths;
    odd = there.absoluteFilePath();
    paths.preferences.clear();
    return paths;
}

Application::Application(Paths paths, Dialogs* dialogs, book::Book::Clock clock)
    : bus_(callBus()),
      paths_(usable(std::move(paths), odd_)),
      dialogs_(dialogs ? dialogs : &standardDialogs_),
      clock_(std::move(clock)),
      preferences_(paths_.preferences) {
    speak(preferences_.language());
    Look::setTextScale(std::min(100, preferences_.zoom()) / 100.0);
    Look::prepare();
    describeWidgets();
    look_.setTheme(preferences_.dark(), preferences_.sharp());
    look_.setLetter(preferences_.letter());
    look_.setInches(preferences_.inches());
    look_.setLocale(QLocale());
}

Application::~Application() = default;

bool Application::start(const QString& bookPath, bool demo, QString& sentence, Opening opening) {
    if (!odd_.isEmpty()) {
        sentence =
            Say::tr("%1 is no file, so no preferences can be read from it. Move it away, and "
                    "start again.")
                .arg(odd_);
        return false;
    }
    const QString path = demo ? paths_.demo() : bookPath.isEmpty() ? paths_.book() : bookPath;
    const auto mode = bookPath.isEmpty() ? book::Book::Mode::MayMake : book::Book::Mode::MustExist;
    auto opened = demo ? openDemo(path, clock_) : book::Book::open(path, clock_, mode);
    if (const auto* e = std::get_if<book::Error>(&opened)) {
        sentence = book::sentence(*e, path);
        return false;
    }
    session_ = std::make_unique<Session>(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
    session_->setBy(preferences_.by());
    books_ = std::make_unique<Books>(*session_, preferences_, paths_.book(), paths_.demo());
    // What goes wrong while there is no window yet is said as soon as there is one.
    QString early;
    const auto listening = QObject::connect(session_.get(), &Session::troubled,
                                            [&](const QString& said) { early = said; });
    const LeftOff left = books_->resume();
    QObject::disconnect(listening);
    window_ = std::make_unique<MainWindow>(*session_, *books_, look_, *dialogs_, preferences_,
                                           type_, left, opening);
    if (const QString why = session_->book().readOnly(); early.isEmpty() && !why.isEmpty())
        early = book::sentence({book::Trouble::ReadOnly, why}, path);
    if (early.isEmpty()) early = books_->reminder();
    if (!early.isEmpty()) window_->say(early);
    type_.finish();
    return true;
}

void Application::end() {
    if (session_ && session_->book().readOnly().isEmpty()) session_->book().foldLog();
    if (window_) window_->remember();
    QCoreApplication::quit();
}

QWidget& Application::refusal(const QString& sentence) {
    type_.finish();
    look_.dress();
    refusal_ = std::make_unique<QWidget>();
    refusal_->setObjectName(QStringLiteral("bench"));
    refusal_->setWindowTitle(Say::tr("Amber Lobe"));
    auto* said = new PlainLabel(sentence, refusal_.get());
    said->setObjectName(QStringLiteral("refusal"));
    said->setWordWrap(true);
    said->setProperty("role", "verdict");
    said->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* close = new QPushButton(Say::tr("Close"), refusal_.get());
    auto* row = new QHBoxLayout;
    row->addStretch();
    row->addWidget(close);
    auto* column = new QVBoxLayout(refusal_.get());
    column->setContentsMargins(28, 24, 28, 20);
    column->setSpacing(18);
    column->addWidget(said);
    column->addStretch();
    column->addLayout(row);
    refusal_->resize(620, 220);
    QObject::connect(close, &QPushButton::clicked, refusal_.get(), &QWidget::close);
    close->setFocus();
    return *refusal_;
}

} // namespace app
