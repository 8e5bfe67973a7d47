// A recorded stream: what instruments said, kept as it was said (docs/formats/instruments.md). A
// line each: "# amber-lobe stream 1", then "instrument ROLE WAY …" for each, then "SECONDS ROLE
// HEX".
#pragma once

#include "instrument/instrument.h"

#include <QByteArray>
#include <QFile>

#include <variant>
#include <vector>

namespace instrument {

struct StreamPiece {
    double t_s = 0.0; ///< since it was begun
    QString role;
    QByteArray bytes;
};
struct Stream {
    std::vector<Instrument> instruments;
    std::vector<StreamPiece> pieces; ///< times never fall
};

/// All of it; or why not, in a sentence.
std::variant<Stream, QString> readStream(const QString& path);

/// Writes one as it goes on.
class StreamWriter {
public:
    /// A new file, the owner's alone; false where there can be none.
    bool begin(const QString& path, const std::vector<Instrument>& instruments);
    bool on() const { return file_.isOpen(); }
    QString path() const { return file_.fileName(); }
    void write(double t_s, Role role, const QByteArray& bytes);
    void end() { file_.close(); }

private:
    QFile file_;
    std::optional<double> begun_;
};

} // namespace instrument
