-- Step 6. A fact and the conditions of a run may be a patch: a JSON merge patch (RFC 7386) on what
-- stood before, so that what is changed in one window does not put back what another changed.
-- Which book this is, and how often it was written: touched by every action, so that a log left
-- over by another file, or a file put in this one's place, is told.
ALTER TABLE fact ADD COLUMN patch INTEGER NOT NULL DEFAULT 0 CHECK (patch IN (0, 1));
ALTER TABLE run_terms ADD COLUMN patch INTEGER NOT NULL DEFAULT 0 CHECK (patch IN (0, 1));
CREATE TABLE identity (
    one INTEGER PRIMARY KEY CHECK (one = 1),
    name TEXT NOT NULL,
    written INTEGER NOT NULL DEFAULT 0
);
INSERT INTO identity(one, name) VALUES (1, lower(hex(randomblob(16))));
CREATE INDEX reading_by_action ON reading(action_id);
CREATE INDEX strike_by_action ON strike(action_id);
CREATE INDEX run_terms_by_action ON run_terms(action_id);
