// Reads out what is asked and taken, for whoever has no eye on the screen. Off at first; silent
// where the desktop has no voice.
#pragma once

#include <QObject>
#include <QString>

namespace app {

class Voice : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// In place of what is still being said.
    void say(const QString& shown);
    /// Whether the desktop has one: the speech dispatcher's, which all its programs speak through.
    static bool possible();

signals:
    /// What is said, in words.
    void said(const QString& words);
};

} // namespace app
