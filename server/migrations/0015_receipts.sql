-- Up Migration

-- With these the server signs. A new one takes the place of an old one; what an old one signed stays good.
CREATE TABLE signing_key (
  id text PRIMARY KEY,
  -- Ed25519, raw, base64url.
  public_key text NOT NULL,
  -- PKCS #8, base64url; sealed where a pass phrase is set.
  private_key text NOT NULL,
  made_at timestamptz(3) NOT NULL
);

-- What the server has signed of the end of a job's record. Append only.
CREATE TABLE receipt (
  job_id text NOT NULL REFERENCES job (id),
  n integer NOT NULL CHECK (n >= 1),
  entries integer NOT NULL CHECK (entries >= 0),
  head text NOT NULL CHECK (head ~ '^[0-9a-f]{64}$'),
  at timestamptz(3) NOT NULL,
  key_id text NOT NULL REFERENCES signing_key (id),
  signature text NOT NULL,
  why text NOT NULL CHECK (why IN ('asked', 'handed over', 'night')),
  PRIMARY KEY (job_id, n)
);

CREATE FUNCTION receipt_is_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'receipts are append-only: % is refused', TG_OP USING ERRCODE = 'restrict_violation';
END
$$;
CREATE TRIGGER receipt_no_change BEFORE UPDATE OR DELETE ON receipt
  FOR EACH ROW EXECUTE FUNCTION receipt_is_append_only();
CREATE TRIGGER receipt_no_truncate BEFORE TRUNCATE ON receipt
  FOR EACH STATEMENT EXECUTE FUNCTION receipt_is_append_only();

-- Down Migration

DROP TABLE receipt;
DROP FUNCTION receipt_is_append_only();
DROP TABLE signing_key;
