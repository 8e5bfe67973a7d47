#include "book/pictures.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

namespace book {

namespace {

constexpr QFile::Permissions kOwn = QFile::ReadOwner | QFile::WriteOwner;

/// A path under photos/ where nothing stands; empty without the folder.
QString free(const QDir& beside, const QString& stem, const QString& name) {
    if (!beside.mkpath(QStringLiteral("photos"))) return {};
    QString to;
    for (int n = 1; to.isEmpty() || beside.exists(to); ++n)
        to = QStringLiteral("photos/%1-%2-%3").arg(stem, QString::number(n), name);
    return to;
}

} // namespace

QString keepPicture(const QString& book, const QString& stem, const QString& from) {
    const QDir beside = QFileInfo(book).absoluteDir();
    const QString to = free(beside, stem, QFileInfo(from).fileName());
    if (to.isEmpty() || !QFile::copy(from, beside.filePath(to))) return {};
    QFile::setPermissions(beside.filePath(to), kOwn);
    return to;
}

QString keepPicture(const QString& book, const QString& stem, const QString& name,
                    const QByteArray& bytes) {
    const QDir beside = QFileInfo(book).absoluteDir();
    const QString to = free(beside, stem, name);
    if (to.isEmpty()) return {};
    QSaveFile file(beside.filePath(to));
    if (!file.open(QIODevice::WriteOnly)) return {};
    file.setPermissions(kOwn);
    file.write(bytes);
    return file.commit() ? to : QString();
}

} // namespace book
