-- Up Migration

-- A person whose name was replaced for good: it does not come back with a device, a file or an account.
ALTER TABLE person ADD COLUMN forgotten_at timestamptz(3);

-- Down Migration

ALTER TABLE person DROP COLUMN forgotten_at;
