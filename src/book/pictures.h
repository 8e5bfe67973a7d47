// Pictures that belong to a job: copied into the folder "photos" beside the book, so that they stay
// with it, and nobody else's to read.
#pragma once

#include <QByteArray>
#include <QString>

namespace book {

/// Larger ones are asked about before they are copied.
constexpr qint64 kLargePicture_bytes = 50ll << 20;

/// The path of the copy from the book's folder; empty when it cannot be made. Never over another:
/// an action that was undone still points at its own.
QString keepPicture(const QString& book, const QString& stem, const QString& from);
/// The same of a picture that is no file yet.
QString keepPicture(const QString& book, const QString& stem, const QString& name,
                    const QByteArray& bytes);

} // namespace book
