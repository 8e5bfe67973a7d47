// A list of facts asked one by one in the entry line: which is asked, and how an answer was
// understood. The station keeps what changed; app/style/fact_rows.h shows the list.
#pragma once

#include "desk/desk.h"
#include "desk/field.h"

namespace app {

class FactSheet {
public:
    /// `always` one is asked, else none until moved to.
    FactSheet(std::vector<Field> fields, bool always);

    const std::vector<Field>& fields() const { return fields_; }

    /// The field asked for, or null.
    const Field* field() const;
    /// Its place in the list; -1 for none.
    int at() const { return at_; }
    bool always() const { return always_; }
    /// The field asked after this one, passing by those seldom needed; their count at the end.
    int onward() const;
    /// No further field is asked after this one.
    bool last() const { return onward() == static_cast<int>(fields_.size()); }
    /// What was typed answered so many of the fields behind this one too: they are passed by.
    void answered(const QString& typed);
    /// -1 asks for none, unless one is always asked.
    void moveTo(int field);
    void step(int by) { moveTo(at_ + by); }

    /// `enter` says what Enter does.
    Prompt prompt(const Facts& facts, const QString& enter, const words::Style& style) const;
    /// How it reads, or why not; changes nothing.
    Echo understand(const Facts& facts, const QString& text, const words::Style& style) const;
    /// Changes the facts by what was typed; an empty line changes nothing.
    Echo take(Facts& facts, const QString& text, const words::Style& style) const;
    /// Takes what was typed into the session's job and keeps it; not ok keeps nothing.
    Echo keep(Session& session, const QString& text, const words::Style& style) const;
    /// The same of an angle that was counted; only where the field takes one.
    Echo keepAngle(Session& session, double wheel_deg, const words::Style& style) const;
    /// On to the next field; past the last, none.
    void next() { moveTo(last() ? -1 : onward()); }

private:
    std::vector<Field> fields_;
    bool always_;
    int at_;
    int answered_ = 0; ///< fields behind this one, by the same line
};

} // namespace app
