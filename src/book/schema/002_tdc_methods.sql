-- Step 2. Every method of finding TDC, and the piston drop at a contact.

CREATE TABLE contact_2 (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    pass INTEGER NOT NULL CHECK (pass >= 1),
    method TEXT NOT NULL,
    after_top INTEGER NOT NULL CHECK (after_top IN (0, 1)),
    scale TEXT NOT NULL,
    drop_mm REAL,
    typed TEXT NOT NULL,
    wheel_deg REAL NOT NULL,
    at_ms INTEGER NOT NULL
);
INSERT INTO contact_2(id, action_id, pass, method, after_top, scale, typed, wheel_deg, at_ms)
    SELECT id, action_id, pass, method, after_top, scale, typed, wheel_deg, at_ms FROM contact;

CREATE TABLE strike_2 (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    reading_id INTEGER REFERENCES reading(id),
    contact_id INTEGER REFERENCES contact_2(id),
    reason TEXT NOT NULL,
    CHECK ((reading_id IS NULL) <> (contact_id IS NULL))
);
INSERT INTO strike_2 SELECT id, action_id, reading_id, contact_id, reason FROM strike;

DROP TABLE strike;
DROP TABLE contact;
ALTER TABLE contact_2 RENAME TO contact;
ALTER TABLE strike_2 RENAME TO strike;
CREATE INDEX contact_by_action ON contact(action_id);
CREATE INDEX strike_by_reading ON strike(reading_id);
CREATE INDEX strike_by_contact ON strike(contact_id);
