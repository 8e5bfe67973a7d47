// A table that was pasted or dropped: how it was understood, said otherwise in the entry line, and
// kept as a run.
#pragma once

#include "core/examine/snapshot.h"
#include "core/lobe/foreign_table.h"
#include "desk/desk.h"

#include <optional>

namespace app {

class PastedTable {
public:
    /// The session outlives it.
    explicit PastedTable(Session& session) : session_(session) {}

    /// False where it holds no table of numbers.
    bool take(const QString& text, const QString& source, double from_deg, double step_deg,
              lobe::LengthUnit shown);
    bool waiting() const { return table_.has_value(); }
    void drop();

    Prompt prompt(const words::Style& style) const;
    /// "in", "cam", "nose", "shift 4" …; empty line: keep it.
    Echo understand(const QString& text, const words::Style& style) const;
    /// An empty line keeps it as a run of the lobe at hand.
    Echo submit(const QString& text, const words::Style& style);
    /// As it would be kept, examined; for the strip.
    const lobe::SnapshotPtr& shown() const { return shown_; }

private:
    lobe::LiftRun run() const;
    void show();
    static std::optional<lobe::TableReading> changed(lobe::TableReading reading,
                                                     const QString& text);

    Session& session_;
    std::optional<lobe::ForeignTable> table_;
    lobe::TableReading reading_;
    QString source_;
    lobe::SnapshotPtr shown_;
};

} // namespace app
