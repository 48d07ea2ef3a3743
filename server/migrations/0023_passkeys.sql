-- Up Migration

-- Keys with which a device lets its owner in without a password; the secret part never leaves it.
CREATE TABLE passkey (
  id text PRIMARY KEY CHECK (id ~ '^[A-Za-z0-9_-]+$' AND length(id) <= 1400),
  account_id text NOT NULL REFERENCES account (id),
  -- As the device gave it (COSE).
  public_key bytea NOT NULL,
  -- How often it has signed, where it counts.
  counter bigint NOT NULL CHECK (counter >= 0),
  transports text[] NOT NULL,
  -- The name of the server for which it was made: it is good for no other one.
  host text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  made_at timestamptz(3) NOT NULL,
  used_at timestamptz(3),
  withdrawn_at timestamptz(3)
);
CREATE INDEX passkey_of_account ON passkey (account_id);

-- What a device is asked to sign: good once and for minutes.
CREATE TABLE passkey_challenge (
  challenge text PRIMARY KEY,
  -- Who is to make a key with it; nobody where somebody signs in with it.
  account_id text REFERENCES account (id),
  until timestamptz(3) NOT NULL
);

-- Down Migration

DROP TABLE passkey_challenge;
DROP TABLE passkey;
