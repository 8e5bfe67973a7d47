// amber-lobe-cli as somebody types it: the real program in its own process.
#pragma once

#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QString>
#include <QStringList>

namespace command {

struct Ran {
    int code = -1; ///< -99: it crashed
    QString out, err;
    QJsonObject json() const { return QJsonDocument::fromJson(out.toUtf8()).object(); }
};

inline Ran ran(const QStringList& arguments) {
    QProcess p;
    p.start(QStringLiteral(BIN_DIR "/amber-lobe-cli"), arguments);
    if (!p.waitForFinished(120000)) return {};
    return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -99,
            QString::fromUtf8(p.readAllStandardOutput()),
            QString::fromUtf8(p.readAllStandardError())};
}

} // namespace command
