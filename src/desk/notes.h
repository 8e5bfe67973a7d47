// What can be typed at every station: a note, a picture.
#pragma once

#include "desk/desk.h"

#include <optional>

namespace book {
class Keeping;
}

namespace app {

class Notes {
public:
    /// The session outlives it.
    explicit Notes(Session& session) : session_(session) {}

    /// "note …" and "photo PATH"; empty where the line is neither.
    std::optional<Echo> understand(const QString& line) const;
    /// Keeps it with the time, the cylinder at hand and the station, by its key. When ok it is on
    /// disk; a large picture is asked about once.
    std::optional<Echo> submit(const QString& line, const QString& station);
    /// Another job is at hand: what was asked about was for the one before.
    void begin() { asked_.clear(); }
    /// A picture by its path, however large: whoever asks has asked.
    Echo photo(const QString& path, const QString& station);
    /// A picture that is no file yet, as from the clipboard.
    Echo keepPicture(const QByteArray& png, const QString& station);

    /// A new entry of a job: numbered, with the time, the cylinder and the cam's setting.
    static lobe::LogEntry fresh(const Session& session, lobe::EntryKind kind,
                                const QString& station);

private:
    Echo keep(lobe::LogEntry entry);
    Echo askedPhoto(const QString& path, const QString& station);
    /// `picture`: its path from the book's folder; empty where it could not be copied.
    Echo keepPictured(const QString& text, const QString& station, book::Keeping& keeping,
                      const QString& picture);
    QString stem() const;

    Session& session_;
    QString asked_; ///< a large picture that was asked about
};

} // namespace app
