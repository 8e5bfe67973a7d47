-- Step 3. How the mark was come up to: forward, or backing up.
ALTER TABLE reading ADD COLUMN approach TEXT NOT NULL DEFAULT 'forward'
    CHECK (approach IN ('forward', 'backing'));
