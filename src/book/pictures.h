// Pictures that belong to a job: copied into the folder "photos" beside the book, so that they stay
// with it, and nobody else's to read.
//
// A book may come from anywhere, and so may what it calls a picture: only a regular file within its
// own folder of pictures is ever read for one, and only what begins as a picture does.
#pragma once

#include <QByteArray>
#include <QString>
#include <QStringList>

#include <functional>
#include <optional>

namespace book {

/// Larger ones are asked about before they are copied; the largest are not.
constexpr qint64 kLargePicture_bytes = 50ll << 20, kMostPicture_bytes = 200ll << 20;

/// Whether bytes begin as a picture does that is kept: PNG, JPEG, GIF, BMP, TIFF, WebP, HEIF, or a
/// drawing in SVG that is not packed.
bool isPicture(const QByteArray& head);
/// Why a file is no picture that can be kept, a sentence; empty where it is one. It is not waited
/// on: a pipe is none.
QString refusesPicture(const QString& path);

/// Where a picture that a job of a book names lies; empty for one that is not there, is no regular
/// file, lies elsewhere when links are followed, or is no picture.
QString pictureAt(const QString& book, const QString& kept);
/// Its bytes; empty for one that is not to be had.
std::optional<QByteArray> pictureOf(const QString& book, const QString& kept);

/// Pictures put beside a book before the action that names them is in it. What is not `done` is
/// taken away again: at the end of the scope, or at the next opening of the book after a kill.
class Keeping {
public:
    explicit Keeping(QString book);
    ~Keeping();
    Keeping(const Keeping&) = delete;
    Keeping& operator=(const Keeping&) = delete;

    /// The path of the copy from the book's folder; empty when it cannot be made. Never over
    /// another: an action that was undone still points at its own.
    QString add(const QString& stem, const QString& from);
    /// The same of a picture that is no file yet.
    QString add(const QString& stem, const QString& name, const QByteArray& bytes);
    /// The action is in the book.
    void done();

private:
    QString put(const QString& stem, const QString& name,
                const std::function<bool(const QString&)>& write);

    QString book_;
    QString note_; ///< a file that lists them, while they are not done
    QStringList paths_;
};

/// Takes away pictures that were put beside a book by a process that is no more, and that no action
/// names.
void sweepPictures(const QString& book, const std::function<bool(const QString& kept)>& isNamed);

} // namespace book
