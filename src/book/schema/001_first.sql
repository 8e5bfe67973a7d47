-- Step 1. Everything is appended. A user action is one row of `action`; every other row names
-- the action it came with and counts only while that action is done. Undo and redo change
-- nothing but an action's state, so nothing that was ever typed is rewritten or deleted.

CREATE TABLE job (
    id INTEGER PRIMARY KEY,
    created_ms INTEGER NOT NULL
);

CREATE TABLE action (
    id INTEGER PRIMARY KEY,
    job_id INTEGER NOT NULL REFERENCES job(id),
    kind TEXT NOT NULL,
    at_ms INTEGER NOT NULL,
    state TEXT NOT NULL DEFAULT 'done' CHECK (state IN ('done', 'undone', 'dropped'))
);
CREATE INDEX action_by_job ON action(job_id, state, id);

-- Name, engine, card and settings: the newest row of a subject counts. JSON; NULL takes it away.
CREATE TABLE fact (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    subject TEXT NOT NULL CHECK (subject IN ('name', 'engine', 'card', 'settings')),
    body TEXT
);
CREATE INDEX fact_by_action ON fact(action_id);

CREATE TABLE run (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    cylinder INTEGER NOT NULL CHECK (cylinder >= 1),
    side TEXT NOT NULL CHECK (side IN ('intake', 'exhaust'))
);
CREATE INDEX run_by_action ON run(action_id);

-- The conditions of a run: the newest row counts. JSON.
CREATE TABLE run_terms (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    run_id INTEGER NOT NULL REFERENCES run(id),
    body TEXT NOT NULL
);
CREATE INDEX run_terms_by_run ON run_terms(run_id);

CREATE TABLE reading (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    run_id INTEGER NOT NULL REFERENCES run(id),
    crank_deg REAL NOT NULL,
    lift_mm REAL NOT NULL,
    typed TEXT NOT NULL,
    at_ms INTEGER NOT NULL
);
CREATE INDEX reading_by_run ON reading(run_id, id);

CREATE TABLE contact (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    pass INTEGER NOT NULL CHECK (pass >= 1),
    method TEXT NOT NULL CHECK (method IN ('stop', 'drop')),
    after_top INTEGER NOT NULL CHECK (after_top IN (0, 1)),
    scale TEXT NOT NULL,
    typed TEXT NOT NULL,
    wheel_deg REAL NOT NULL,
    at_ms INTEGER NOT NULL
);
CREATE INDEX contact_by_action ON contact(action_id);

-- A reading or a contact taken back, with the reason.
CREATE TABLE strike (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    reading_id INTEGER REFERENCES reading(id),
    contact_id INTEGER REFERENCES contact(id),
    reason TEXT NOT NULL,
    CHECK ((reading_id IS NULL) <> (contact_id IS NULL))
);
CREATE INDEX strike_by_reading ON strike(reading_id);
CREATE INDEX strike_by_contact ON strike(contact_id);
