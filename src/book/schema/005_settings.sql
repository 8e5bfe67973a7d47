-- Changes of the cam's setting: which parts were moved, marks, note, photo, as JSON. A change is
-- said anew by a further row of its number; the newest done one counts.
CREATE TABLE setting (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    number INTEGER NOT NULL CHECK (number >= 1),
    body TEXT NOT NULL
);
CREATE INDEX setting_action ON setting(action_id);
