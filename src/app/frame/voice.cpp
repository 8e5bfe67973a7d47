#include "app/frame/voice.h"

#include "words/spoken.h"

#include <QLocale>
#include <QProcess>
#include <QStandardPaths>

namespace app {

namespace {
const QString& speaker() {
    static const QString found = QStandardPaths::findExecutable(QStringLiteral("spd-say"));
    return found;
}
} // namespace

bool Voice::possible() {
    return !speaker().isEmpty();
}

void Voice::say(const QString& shown) {
    const QString words = words::spoken(shown);
    if (words.isEmpty()) return;
    emit said(words);
    if (!possible()) return;
    // What is said later is what counts; nothing waits for a voice.
    QProcess::startDetached(speaker(), {QStringLiteral("--cancel")});
    QProcess::startDetached(speaker(), {QStringLiteral("--language"),
                                        QLocale().name().section(QLatin1Char('_'), 0, 0),
                                        QStringLiteral("--"), words});
}

} // namespace app
