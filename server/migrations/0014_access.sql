-- Up Migration

-- Without a row, whoever sits at this machine does everything. With it, people sign in.
CREATE TABLE firm (
  only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
  name text NOT NULL CHECK (name <> ''),
  -- Signs the cookies of sessions, on every server alike.
  cookie_secret text NOT NULL CHECK (length(cookie_secret) >= 40),
  since timestamptz(3) NOT NULL
);

-- Whoever may come in. Entries name the person, so that an account can be closed and a name be replaced while the record stays.
CREATE TABLE account (
  id text PRIMARY KEY CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  person_id text NOT NULL UNIQUE REFERENCES person (id),
  -- What is typed to sign in; absent until the code was used.
  login text UNIQUE CHECK (login = lower(login) AND login <> ''),
  password_hash text,
  firm_role text CHECK (firm_role IN ('owner', 'estimator', 'foreman', 'applicator', 'inspector')),
  made_at timestamptz(3) NOT NULL,
  closed_at timestamptz(3),
  CHECK ((login IS NULL) = (password_hash IS NULL))
);

-- What somebody is in one job, beside what they are in the firm.
CREATE TABLE job_role (
  account_id text NOT NULL REFERENCES account (id),
  job_id text NOT NULL REFERENCES job (id),
  role text NOT NULL CHECK (role IN ('estimator', 'foreman', 'applicator', 'inspector', 'client')),
  PRIMARY KEY (account_id, job_id)
);
CREATE INDEX job_role_of_job ON job_role (job_id);

-- Codes that an owner hands out, to come in for the first time or again. Only their hash is kept.
CREATE TABLE access_code (
  hash text PRIMARY KEY CHECK (hash ~ '^[0-9a-f]{64}$'),
  account_id text NOT NULL REFERENCES account (id),
  made_by text REFERENCES account (id),
  made_at timestamptz(3) NOT NULL,
  until timestamptz(3) NOT NULL,
  used_at timestamptz(3)
);
CREATE INDEX access_code_of_account ON access_code (account_id) WHERE used_at IS NULL;

-- Sessions, as the store of the session package wants them. Their ids are kept as hashes.
CREATE TABLE session (
  sid text PRIMARY KEY,
  sess json NOT NULL,
  expire timestamptz(6) NOT NULL,
  seen_at timestamptz(3) NOT NULL DEFAULT now()
);
CREATE INDEX session_expire ON session (expire);
CREATE INDEX session_account ON session ((sess ->> 'accountId'));

-- How often somebody was wrong of late.
CREATE TABLE wrong_try (
  key varchar(255) PRIMARY KEY,
  points integer NOT NULL DEFAULT 0,
  expire bigint
);

-- Who came in, who did not, and what was changed about who may do what. Append only.
CREATE TABLE security_event (
  n bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  at timestamptz(3) NOT NULL,
  what text NOT NULL,
  account_id text REFERENCES account (id),
  about_id text REFERENCES account (id),
  address text,
  detail jsonb NOT NULL DEFAULT '{}'
);

CREATE FUNCTION security_log_is_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'the security log is append-only: % is refused', TG_OP USING ERRCODE = 'restrict_violation';
END
$$;
CREATE TRIGGER security_no_change BEFORE UPDATE OR DELETE ON security_event
  FOR EACH ROW EXECUTE FUNCTION security_log_is_append_only();
CREATE TRIGGER security_no_truncate BEFORE TRUNCATE ON security_event
  FOR EACH STATEMENT EXECUTE FUNCTION security_log_is_append_only();

-- Down Migration

DROP TABLE security_event;
DROP FUNCTION security_log_is_append_only();
DROP TABLE wrong_try;
DROP TABLE session;
DROP TABLE access_code;
DROP TABLE job_role;
DROP TABLE account;
DROP TABLE firm;
