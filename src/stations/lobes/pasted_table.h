// A table that was pasted or dropped: how it was understood, said otherwise in the entry line, and
// kept as a run.
#pragma once

#include "core/examine/held.h"
#include "core/typed/foreign_table.h"
#include "desk/desk.h"

#include <functional>
#include <optional>

namespace app {

/// Where it is kept how tables of a shape were taken before.
struct TableMemory {
    std::function<QString(const QString& shape)> recall;
    std::function<void(const QString& shape, const QString& how)> keep;
};

class PastedTable {
public:
    /// The session outlives it.
    explicit PastedTable(Session& session) : session_(session) {}

    /// False where it holds no table of numbers.
    bool take(const QString& text, const QString& source, double from_deg, double step_deg,
              lobe::LengthUnit shown);
    void remember(TableMemory memory) { memory_ = std::move(memory); }
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
    std::optional<lobe::TableReading> changed(lobe::TableReading reading,
                                              const QString& text) const;
    QString shape() const;

    Session& session_;
    std::optional<lobe::ForeignTable> table_;
    lobe::TableReading reading_, guess_;
    TableMemory memory_;
    QString recalled_;     ///< of this shape, before
    bool shifted_ = false; ///< it was said by how much
    QString source_;
    lobe::SnapshotPtr shown_;
};

} // namespace app
