-- Step 7. A run may be a map of clearances, valve to piston: its conditions are then those of the
-- mock-up, and a reading's lift_mm is the clearance that was pressed.
ALTER TABLE run ADD COLUMN kind TEXT NOT NULL DEFAULT 'lift' CHECK (kind IN ('lift', 'clearance'));
