// Record: what was written down, and what is: an entry by its kind, then what may be said of it.
#pragma once

#include "desk/notes.h"
#include "words/logbook.h"

#include <optional>

namespace app {

/// What of the logbook is shown.
enum class LogPart { All, Readings, Settings, Decisions, Notes, Built, Running };
constexpr int kLogParts = 7;

class RecordDesk : public Desk {
    Q_OBJECT
public:
    RecordDesk(Session& session, Manner manner);

    Prompt prompt() const override;
    Echo understand(const QString& text) const override;
    Echo submit(const QString& text) override;
    bool step(int direction) override;
    void leave() override;
    void begin() override;
    void follow() override;
    StandCard standCard() const override;

    /// What is searched for; empty for all.
    const QString& wanted() const { return wanted_; }
    void find(const QString& text);
    LogPart only() const { return only_; }
    void show(LogPart only);
    static QString partName(LogPart part);
    /// The logbook, newest day last, of the part that is shown and what holds every word that is
    /// searched for.
    struct Line {
        QString day, time, text;
        int entry = 0; ///< its number, where it is one
        bool warn = false;
    };
    std::vector<Line> logbook() const;
    /// What is built in, by kind, then the orders; a heading before each kind.
    struct Built {
        QString heading; ///< of a kind; then nothing else
        QString name, line;
        int entry = 0;
        bool done = false, warn = false;
    };
    std::vector<Built> asBuilt() const;
    /// What is asked of an entry now; its number, 0 for none.
    int asked() const { return asked_ ? asked_->number : 0; }
    /// Asks what may still be said of an entry.
    void askOf(int number);

private:
    struct Asked {
        int number = 0;
        lobe::EntryKind kind = lobe::EntryKind::Note;
        int field = 0; ///< of those its kind has
    };
    /// A line that begins with a word this desk knows.
    struct Typed {
        QString word, rest;
    };
    static Typed split(const QString& text);
    const lobe::LogEntry* entry(int number) const;
    Echo begin(lobe::EntryKind kind, const QString& text);
    Echo answer(const QString& text);
    Echo keep(const lobe::LogEntry& entry);
    /// What an entry becomes by "3 torque 85 Nm", "done 3", "gone 3 worn"; or which is asked about.
    struct Amended {
        Echo echo;
        std::optional<lobe::LogEntry> entry{};
        int ask = 0;
    };
    /// Empty where the line is none of these.
    std::optional<Amended> amended(const Typed& typed) const;

    std::optional<Asked> asked_;
    QString wanted_;
    LogPart only_ = LogPart::All;
};

} // namespace app
