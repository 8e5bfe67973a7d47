#include "book/side_file.h"

#include "book/book.h"
#include "book/main_file.h"
#include "book/statement.h"

#include <QFile>
#include <QFileInfo>
#include <QtEndian>

namespace book {

namespace {

constexpr int kLogHeader = 32, kFrameHeader = 24;

quint32 big(const char* at) {
    return qFromBigEndian<quint32>(at);
}

/// The running checksum of the log, over pairs of 32-bit words in the order the header names.
struct Checksum {
    bool bigEndian = false;
    quint32 a = 0, b = 0;
    void add(const char* data, qsizetype size) {
        for (qsizetype i = 0; i + 8 <= size; i += 8) {
            const auto word = [&](qsizetype at) {
                return bigEndian ? qFromBigEndian<quint32>(data + at)
                                 : qFromLittleEndian<quint32>(data + at);
            };
            a += word(i) + b;
            b += word(i + 4) + a;
        }
    }
};

QByteArray bytesOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

} // namespace

QString logOf(const QString& path) {
    return path + QStringLiteral("-wal");
}

QByteArray pageInLog(const QByteArray& log, quint32 page) {
    if (log.size() < kLogHeader) return {};
    const char* head = log.constData();
    const quint32 magic = big(head), size = big(head + 8);
    if ((magic & 0xfffffffe) != 0x377f0682 || size < 512 || size > 65536 || (size & (size - 1)))
        return {};
    Checksum sum{(magic & 1) != 0};
    sum.add(head, 24);
    if (sum.a != big(head + 24) || sum.b != big(head + 28)) return {};
    QByteArray found, pending;
    for (qsizetype at = kLogHeader; at + kFrameHeader + qsizetype(size) <= log.size();
         at += kFrameHeader + qsizetype(size)) {
        const char* frame = log.constData() + at;
        // A frame of an earlier round of the log, or one half written, ends it.
        if (big(frame + 8) != big(head + 16) || big(frame + 12) != big(head + 20)) break;
        sum.add(frame, 8);
        sum.add(frame + kFrameHeader, size);
        if (sum.a != big(frame + 16) || sum.b != big(frame + 20)) break;
        if (big(frame) == page) pending = log.mid(at + kFrameHeader, size);
        if (big(frame + 4) != 0 && !pending.isEmpty()) found = pending;
    }
    return found;
}

Result<Header> readHeader(const QString& path) {
    Header out;
    // The version of a step that is in the log and not yet in the file; and what the file is, where
    // a kill stopped the log being folded in half way.
    const QByteArray first = pageInLog(bytesOf(logOf(path)), 1);
    const bool inLog = first.size() >= 100 && first.startsWith("SQLite format 3") &&
                       qFromBigEndian<qint32>(first.constData() + 68) == kApplicationId;
    {
        // By SQLite, which knows what else of this process has the file open: closing a descriptor
        // of our own would let go of its locks.
        const MainFile file(path);
        if (!file.open()) return Error{Trouble::CannotOpen, path};
        try {
            const auto number = [&](const char* pragma) {
                Statement s(file.db(), QStringLiteral("PRAGMA ") + QLatin1String(pragma));
                return s.run().next() ? s[0].toInt() : 0;
            };
            if (number("application_id") != kApplicationId) return Error{Trouble::NotABook, {}};
            out.version = number("user_version");
        } catch (const SqlFailure& e) {
            const Error said = e.trouble(Trouble::NotABook);
            if (said.trouble != Trouble::Damaged || !inLog)
                return said.trouble == Trouble::Damaged ? Error{Trouble::NotABook, {}} : said;
        }
    }
    if (inLog) out.version = qFromBigEndian<qint32>(first.constData() + 60);
    if (out.version < 0) return Error{Trouble::NotABook, {}};
    if (out.version > schemaVersion()) return Error{Trouble::Newer, QString::number(out.version)};
    return out;
}

std::optional<Identity> identityInFile(const QString& path) {
    const MainFile file(path);
    if (!file.open()) return std::nullopt;
    try {
        Statement s(file.db(), QStringLiteral("SELECT name, written FROM identity"));
        if (s.run().next()) return Identity{s[0].toString(), s[1].toLongLong()};
    } catch (const SqlFailure&) {
        // An older book has no such table; a file being written may be read half way.
    }
    return std::nullopt;
}

QString putForeignLogAside(const QString& path) {
    const QByteArray log = bytesOf(logOf(path));
    if (log.isEmpty()) return {};
    quint32 page = 0;
    QByteArray name;
    {
        const MainFile file(path);
        if (!file.open()) return {};
        try {
            Statement root(file.db(),
                           QStringLiteral("SELECT rootpage FROM sqlite_master WHERE name "
                                          "= 'identity' AND type = 'table'"));
            if (root.run().next()) page = root[0].toUInt();
            if (page == 0) return {};
            Statement own(file.db(), QStringLiteral("SELECT name FROM identity"));
            if (own.run().next()) name = own[0].toString().toLatin1();
        } catch (const SqlFailure&) {
            return {};
        }
    }
    // Every action writes that page: the log of this book has its name on it.
    const QByteArray image = pageInLog(log, page);
    if (name.isEmpty() || image.isEmpty() || image.contains(name)) return {};
    QString aside;
    for (int n = 1; aside.isEmpty() || QFileInfo::exists(aside); ++n)
        aside = QStringLiteral("%1.of-another-book-%2").arg(logOf(path)).arg(n);
    if (!QFile::rename(logOf(path), aside)) return {};
    QFile::remove(path + QStringLiteral("-shm"));
    return aside;
}

} // namespace book
