-- Step 4. Which setting of the indicator's zero a reading counts from, and the scale on which the
-- angle of an event was read.
ALTER TABLE reading ADD COLUMN zero INTEGER NOT NULL DEFAULT 1 CHECK (zero >= 1);
ALTER TABLE reading ADD COLUMN scale TEXT;
