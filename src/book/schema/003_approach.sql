-- Step 3. How a mark was come up to, forward or backing up; and readings of an event, whose angle
-- is what was read and whose height stands in lift_mm.
ALTER TABLE reading ADD COLUMN approach TEXT NOT NULL DEFAULT 'forward'
    CHECK (approach IN ('forward', 'backing'));
ALTER TABLE reading ADD COLUMN of TEXT NOT NULL DEFAULT 'lift'
    CHECK (of IN ('lift', 'opens', 'nose', 'closes'));
