// The languages the program speaks, and which one it does.
#pragma once

#include <QList>
#include <QString>

namespace app {

struct Language {
    QString code; ///< "de"
    QString name; ///< in itself: "Deutsch"
};

/// English, which it is written in, and every language it was translated into.
QList<Language> languages();

/// From now on texts are in the language of this code; of the system, where that is one of them,
/// for an empty one, else in English. Layouts run the way the language is written. Windows that
/// are shown already keep their texts.
void speak(const QString& code);

} // namespace app
