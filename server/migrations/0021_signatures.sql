-- Up Migration

-- Since when only entries are taken that a device has signed; nothing where others are taken as well.
ALTER TABLE firm ADD COLUMN signed_since timestamptz(3);

-- Down Migration

ALTER TABLE firm DROP COLUMN signed_since;
