-- Up Migration

-- Keys with which devices sign what is entered on them. A key that was withdrawn stays, so that what it signed can be told.
CREATE TABLE device_key (
  account_id text NOT NULL REFERENCES account (id),
  -- The public key: a point of P-256, base64url.
  key text NOT NULL CHECK (key ~ '^[A-Za-z0-9_-]{40,100}$'),
  -- As entries name the device.
  device_id text NOT NULL CHECK (device_id ~ '^[A-Za-z0-9_-]{1,64}$'),
  name text NOT NULL CHECK (name <> ''),
  -- The session that showed it last, by what it is listed as.
  session_id text NOT NULL,
  made_at timestamptz(3) NOT NULL,
  withdrawn_at timestamptz(3),
  PRIMARY KEY (account_id, key)
);
CREATE INDEX device_key_session ON device_key (session_id);

-- A code may be for a device that somebody adds to an account, for all jobs or for one.
ALTER TABLE access_code ADD COLUMN for_device boolean NOT NULL DEFAULT false;
ALTER TABLE access_code ADD COLUMN only_job text REFERENCES job (id);
ALTER TABLE access_code ADD CHECK (for_device OR only_job IS NULL);

-- Down Migration

ALTER TABLE access_code DROP COLUMN only_job;
ALTER TABLE access_code DROP COLUMN for_device;
DROP TABLE device_key;
