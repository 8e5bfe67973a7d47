#include "book/pictures.h"

#include "book/files.h"
#include "book/place.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QUuid>

namespace book {

namespace {

constexpr QFile::Permissions kOwn = QFile::ReadOwner | QFile::WriteOwner;
constexpr const char* kFolder = "photos";
/// What a file is known by stands in its beginning.
constexpr qint64 kHead_bytes = 4096;

QDir besideOf(const QString& book) {
    return QFileInfo(book).absoluteDir();
}

/// The folder, which is made where it is not there; false where that cannot be.
bool folder(const QDir& beside) {
    if (beside.exists(QLatin1String(kFolder))) return true;
    return beside.mkpath(QLatin1String(kFolder)) &&
           QFile::setPermissions(beside.filePath(QLatin1String(kFolder)), kOwn | QFile::ExeOwner);
}

} // namespace

bool isPicture(const QByteArray& head) {
    for (const char* begin : {"\x89PNG\r\n", "\xFF\xD8\xFF", "GIF8", "BM", "II*"})
        if (head.startsWith(begin)) return true;
    if (head.startsWith(QByteArray("MM\0*", 4))) return true;
    if (head.startsWith("RIFF") && head.mid(8, 4) == "WEBP") return true;
    if (head.mid(4, 4) == "ftyp")
        return head.mid(8, 3) == "hei" || head.mid(8, 3) == "mif" || head.mid(8, 4) == "avif";
    const QByteArray text = head.trimmed();
    return (text.startsWith('<') || text.startsWith("\xEF\xBB\xBF<")) && text.contains("<svg");
}

QString refusesPicture(const QString& path) {
    const QFileInfo info(path);
    if (!info.exists()) return QCoreApplication::translate("Say", "There is no such file.");
    if (!info.isFile())
        return QCoreApplication::translate("Say", "%1 is no file, and so no picture.")
            .arg(info.fileName());
    if (info.size() > kMostPicture_bytes)
        return QCoreApplication::translate("Say",
                                           "%1 is longer than %2 MB; a smaller picture shows "
                                           "as much.")
            .arg(info.fileName())
            .arg(kMostPicture_bytes >> 20);
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return file.errorString();
    if (isPicture(file.read(kHead_bytes))) return {};
    return QCoreApplication::translate("Say", "%1 is no picture: a photo is PNG, JPEG, GIF, TIFF, "
                                              "WebP or HEIF, a drawing SVG that is not packed.")
        .arg(info.fileName());
}

QString pictureAt(const QString& book, const QString& kept) {
    if (kept.isEmpty() || QDir::isAbsolutePath(kept) || kept.startsWith(QLatin1Char(':')))
        return {};
    const QDir beside = besideOf(book);
    const QString home = QFileInfo(beside.filePath(QLatin1String(kFolder))).canonicalFilePath();
    // A link, of the folder or of the file, is followed first.
    const QFileInfo file(QFileInfo(beside.filePath(kept)).canonicalFilePath());
    if (home.isEmpty() || !file.isFile() || !file.filePath().startsWith(home + QLatin1Char('/')) ||
        QFileInfo(beside.filePath(QLatin1String(kFolder))).isSymLink())
        return {};
    return refusesPicture(file.filePath()).isEmpty() ? file.filePath() : QString();
}

std::optional<QByteArray> pictureOf(const QString& book, const QString& kept) {
    const QString path = pictureAt(book, kept);
    if (path.isEmpty()) return std::nullopt;
    auto bytes = wholeFile(path, kMostPicture_bytes);
    if (auto* all = std::get_if<QByteArray>(&bytes)) return std::move(*all);
    return std::nullopt;
}

Keeping::Keeping(QString book) : book_(std::move(book)) {}

Keeping::~Keeping() {
    const QDir beside = besideOf(book_);
    for (const QString& path : paths_)
        QFile::remove(beside.filePath(path));
    done();
}

QString Keeping::put(const QString& stem, const QString& name,
                     const std::function<bool(const QString&)>& write) {
    const QDir beside = besideOf(book_);
    if (!folder(beside)) return {};
    QString to;
    for (int n = 1; to.isEmpty() || beside.exists(to); ++n)
        to = QStringLiteral("%1/%2-%3-%4")
                 .arg(QLatin1String(kFolder), stem, QString::number(n), name);
    // Written down before it is there: a kill at any moment leaves nothing that is not known of.
    if (note_.isEmpty())
        note_ =
            beside.filePath(QStringLiteral("%1/.keeping-%2-%3")
                                .arg(QLatin1String(kFolder))
                                .arg(QCoreApplication::applicationPid())
                                .arg(QUuid::createUuid().toString(QUuid::WithoutBraces).left(8)));
    QFile note(note_);
    const QString line =
        (paths_.isEmpty() ? QFileInfo(book_).fileName() + QLatin1Char('\n') : QString()) + to +
        QLatin1Char('\n');
    if (!note.open(QIODevice::Append) || note.write(line.toUtf8()) < 0) return {};
    note.setPermissions(kOwn);
    note.close();
    const QString path = beside.filePath(to);
    paths_ << to;
    if (!makeOwn(path) || !write(path)) {
        QFile::remove(path);
        paths_.removeLast();
        return {};
    }
    return to;
}

QString Keeping::add(const QString& stem, const QString& from) {
    return put(stem, QFileInfo(from).fileName(), [&](const QString& path) {
        QFile in(from), out(path);
        if (!in.open(QIODevice::ReadOnly) || !out.open(QIODevice::WriteOnly)) return false;
        constexpr qint64 kAtOnce = 1 << 20;
        for (QByteArray part = in.read(kAtOnce); !part.isEmpty(); part = in.read(kAtOnce))
            if (out.write(part) != part.size()) return false;
        return in.error() == QFile::NoError && out.flush();
    });
}

QString Keeping::add(const QString& stem, const QString& name, const QByteArray& bytes) {
    return put(stem, name, [&](const QString& path) {
        QFile out(path);
        return out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size() && out.flush();
    });
}

void Keeping::done() {
    paths_.clear();
    if (!note_.isEmpty()) QFile::remove(note_);
    note_.clear();
}

void sweepPictures(const QString& book, const std::function<bool(const QString&)>& isNamed) {
    const QDir beside = besideOf(book);
    const QDir photos(beside.filePath(QLatin1String(kFolder)));
    for (const QString& name :
         photos.entryList({QStringLiteral(".keeping-*")}, QDir::Files | QDir::Hidden)) {
        if (runs(name.section(QLatin1Char('-'), 1, 1).toLongLong())) continue;
        const auto bytes = wholeFile(photos.filePath(name), kMostPicture_bytes);
        const auto* text = std::get_if<QByteArray>(&bytes);
        if (!text) continue;
        const QStringList lines =
            QString::fromUtf8(*text).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
        // Several books may stand in one folder.
        if (lines.value(0) != QFileInfo(book).fileName()) continue;
        for (const QString& kept : lines.mid(1))
            if (kept.startsWith(QLatin1String(kFolder) + QLatin1Char('/')) &&
                !kept.contains(QStringLiteral("..")) && !isNamed(kept))
                QFile::remove(beside.filePath(kept));
        QFile::remove(photos.filePath(name));
    }
}

} // namespace book
