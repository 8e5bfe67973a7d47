-- Step 8. What is written down beside the measuring, as JSON: notes, parts, orders, results. An entry
-- is said anew by a further row of its number; the newest done one counts. And whether a job is put
-- away: nothing of it is ever taken out of the file.
CREATE TABLE entry (
    id INTEGER PRIMARY KEY,
    action_id INTEGER NOT NULL REFERENCES action(id),
    number INTEGER NOT NULL CHECK (number >= 1),
    body TEXT NOT NULL
);
CREATE INDEX entry_by_action ON entry(action_id);
ALTER TABLE job ADD COLUMN state TEXT NOT NULL DEFAULT 'open'
    CHECK (state IN ('open', 'archived', 'deleted'));
-- What a job, its engine and its cam are called, beside the fact that says it, so that a list of all
-- jobs reads no more than that. Where it is NULL the body has it: facts written before this step.
ALTER TABLE fact ADD COLUMN title TEXT;
CREATE INDEX fact_title ON fact(subject, id, action_id, title) WHERE subject <> 'settings';
