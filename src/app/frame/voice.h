// Reads out what is asked and taken, for whoever has no eye on the screen. Off at first; silent
// where the machine has no voice.
#pragma once

#include <QObject>
#include <QString>

#include <memory>

class QTextToSpeech;

namespace app {

class Voice : public QObject {
    Q_OBJECT
public:
    explicit Voice(QObject* parent);
    ~Voice() override;
    /// In place of what is still being said.
    void say(const QString& shown);
    /// Whether the program was built with one at all.
    static bool possible();

signals:
    /// What is said, in words.
    void said(const QString& words);

private:
    std::unique_ptr<QTextToSpeech> engine_; ///< made when it first speaks
};

} // namespace app
