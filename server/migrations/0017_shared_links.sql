-- Up Migration

-- Addresses by which somebody without an account reads one job. Only the hash of what stands in them is kept.
CREATE TABLE shared_link (
  id text PRIMARY KEY CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  hash text NOT NULL UNIQUE CHECK (hash ~ '^[0-9a-f]{64}$'),
  job_id text NOT NULL REFERENCES job (id),
  -- The page on which it opens.
  opens text NOT NULL CHECK (opens IN ('job', 'handover')),
  for_whom text NOT NULL CHECK (for_whom <> ''),
  made_by text NOT NULL REFERENCES account (id),
  made_at timestamptz(3) NOT NULL,
  until timestamptz(3) NOT NULL,
  ended_at timestamptz(3),
  -- How often it was opened, and when last.
  opened integer NOT NULL DEFAULT 0,
  opened_at timestamptz(3)
);
CREATE INDEX shared_link_of_job ON shared_link (job_id);

-- Down Migration

DROP TABLE shared_link;
