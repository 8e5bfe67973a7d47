#include "instrument/stream.h"

#include "words/say.h"

#include <QFileInfo>

#include <cmath>

namespace instrument {

namespace {
const QByteArray kHead("# amber-lobe stream 1");
constexpr qint64 kMostBytes = 512LL * 1024 * 1024;
constexpr qint64 kLongestLine = 200000;
} // namespace

std::variant<Stream, QString> readStream(const QString& path) {
    const QFileInfo there(path);
    if (!there.isFile())
        return Say::tr("%1 is no recorded stream: there is no such file.").arg(path);
    if (there.size() > kMostBytes) return Say::tr("%1 is longer than any stream.").arg(path);
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return Say::tr("%1 cannot be read: %2.").arg(path, file.errorString());
    if (file.readLine(200).trimmed() != kHead)
        return Say::tr("%1 is no recorded stream: its first line says another thing.").arg(path);
    Stream out;
    for (int number = 2; !file.atEnd(); ++number) {
        const QByteArray line = file.readLine(kLongestLine).trimmed();
        if (line.isEmpty() || line.startsWith('#')) continue;
        const QString odd =
            Say::tr("%1, line %2: that is no line of a stream.").arg(path).arg(number);
        if (line.startsWith("instrument ")) {
            const auto one = fromLine(QString::fromUtf8(line.mid(11)));
            if (!one) return odd;
            out.instruments.push_back(*one);
            continue;
        }
        const QList<QByteArray> parts = line.split(' ');
        bool ok = parts.size() == 3;
        StreamPiece piece;
        if (ok) piece.t_s = parts[0].toDouble(&ok);
        // Cut off in its writing: what came before it counts.
        if (file.atEnd() && !ok) break;
        if (!ok || !std::isfinite(piece.t_s) || !roleFrom(QString::fromLatin1(parts[1])))
            return odd;
        if (!out.pieces.empty() && piece.t_s < out.pieces.back().t_s) return odd;
        piece.role = QString::fromLatin1(parts[1]);
        piece.bytes = QByteArray::fromHex(parts[2]);
        out.pieces.push_back(std::move(piece));
    }
    if (out.instruments.empty())
        return Say::tr("%1 does not say which instruments it was recorded from.").arg(path);
    return out;
}

bool StreamWriter::begin(const QString& path, const std::vector<Instrument>& instruments) {
    end();
    begun_.reset();
    file_.setFileName(path);
    if (!file_.open(QIODevice::WriteOnly | QIODevice::NewOnly)) return false;
    file_.setPermissions(QFileDevice::ReadOwner | QFileDevice::WriteOwner);
    file_.write(kHead + '\n');
    for (const Instrument& i : instruments)
        file_.write("instrument " + toLine(i).toUtf8() + '\n');
    return true;
}

void StreamWriter::write(double t_s, Role role, const QByteArray& bytes) {
    if (!on()) return;
    if (!begun_) begun_ = t_s;
    file_.write(QByteArray::number(std::max(0.0, t_s - *begun_), 'f', 6) + ' ' +
                roleWord(role).toLatin1() + ' ' + bytes.toHex() + '\n');
}

} // namespace instrument
