#include "app/frame/language.h"

#include <QApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QTranslator>

#include <memory>
#include <utility>

namespace app {

namespace {

const QString kFolder = QStringLiteral(":/translations");
const QString kName = QStringLiteral("amber-lobe_");

/// The first of the languages a user would like that there is.
QString ofSystem() {
    for (const QString& wanted : QLocale::system().uiLanguages())
        for (const Language& one : languages())
            if (wanted.section(QLatin1Char('-'), 0, 0) == one.code) return one.code;
    return QStringLiteral("en");
}

} // namespace

QList<Language> languages() {
    static const QList<Language> known = [] {
        QList<Language> all{{QStringLiteral("en"), QStringLiteral("English")}};
        for (const QString& file : QDir(kFolder).entryList(QDir::Files, QDir::Name)) {
            if (!file.startsWith(kName)) continue;
            const QString code = file.mid(kName.size()).chopped(3);
            if (code == all.front().code) continue; // English has its plurals there
            all << Language{code, QLocale(code).nativeLanguageName()};
        }
        return all;
    }();
    return known;
}

void speak(const QString& code) {
    // Its own texts, and those of Qt's dialogs.
    static std::unique_ptr<QTranslator> installed[2];
    static QString spoken;
    const QString chosen = code.isEmpty() ? ofSystem() : code;
    if (std::exchange(spoken, chosen) == chosen) return;
    for (auto& each : installed)
        each.reset(); // takes itself out
    const QString qts = QLibraryInfo::path(QLibraryInfo::TranslationsPath);
    const std::pair<QString, QString> files[] = {{kName + chosen, kFolder},
                                                 {QStringLiteral("qtbase_") + chosen, qts}};
    for (std::size_t i = 0; i < 2; ++i) {
        auto one = std::make_unique<QTranslator>();
        if (one->load(files[i].first, files[i].second) &&
            QCoreApplication::installTranslator(one.get()))
            installed[i] = std::move(one);
    }
    QGuiApplication::setLayoutDirection(QLocale(chosen).textDirection());
}

} // namespace app
