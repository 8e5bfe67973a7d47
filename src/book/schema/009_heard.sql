-- Step 9. What an instrument said, as JSON beside the reading or contact made of it: the line as it came,
-- which instrument, and whether anything moved. NULL: it was typed.
ALTER TABLE reading ADD COLUMN heard TEXT;
ALTER TABLE contact ADD COLUMN heard TEXT;
