-- Up Migration

-- A job is a name for its documents and its record. Jobs are put away, never deleted: the record stays.
CREATE TABLE job (
  id text PRIMARY KEY CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  created_at timestamptz(3) NOT NULL DEFAULT now(),
  archived_at timestamptz(3),
  is_demo boolean NOT NULL DEFAULT false
);

-- The list of jobs is read newest first, those put away apart.
CREATE INDEX job_list ON job ((archived_at IS NOT NULL), created_at DESC, id DESC);

-- Every version of every document is kept. Two writers from one version collide on the primary key.
CREATE TABLE document (
  job_id text NOT NULL REFERENCES job (id),
  kind text NOT NULL CHECK (kind IN ('job', 'survey', 'build-up', 'order', 'site')),
  version integer NOT NULL CHECK (version >= 1),
  body jsonb NOT NULL CHECK (jsonb_typeof(body) = 'object'),
  written_at timestamptz(3) NOT NULL DEFAULT now(),
  PRIMARY KEY (job_id, kind, version)
);

-- The record: append only, numbered without gaps, each entry chained to the one before.
CREATE TABLE record_entry (
  job_id text NOT NULL REFERENCES job (id),
  seq integer NOT NULL CHECK (seq >= 1),
  id text NOT NULL CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  supersedes text,
  received_at timestamptz(3) NOT NULL,
  entry jsonb NOT NULL CHECK (jsonb_typeof(entry) = 'object'),
  previous_hash text NOT NULL CHECK (previous_hash ~ '^[0-9a-f]{64}$'),
  hash text NOT NULL CHECK (hash ~ '^[0-9a-f]{64}$'),
  PRIMARY KEY (job_id, seq),
  UNIQUE (job_id, id),
  FOREIGN KEY (job_id, supersedes) REFERENCES record_entry (job_id, id),
  CHECK (entry ->> 'id' = id),
  CHECK (supersedes IS NOT DISTINCT FROM entry ->> 'supersedes')
);

-- One correction for one entry.
CREATE UNIQUE INDEX record_entry_supersedes ON record_entry (job_id, supersedes) WHERE supersedes IS NOT NULL;

CREATE FUNCTION record_is_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'the record is append-only: % on record_entry is refused', TG_OP USING ERRCODE = 'restrict_violation';
END
$$;

CREATE TRIGGER record_no_change BEFORE UPDATE OR DELETE ON record_entry
  FOR EACH ROW EXECUTE FUNCTION record_is_append_only();
CREATE TRIGGER record_no_truncate BEFORE TRUNCATE ON record_entry
  FOR EACH STATEMENT EXECUTE FUNCTION record_is_append_only();

CREATE FUNCTION record_is_chained() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE
  last_seq integer;
  last_hash text;
BEGIN
  SELECT seq, hash INTO last_seq, last_hash FROM record_entry
    WHERE job_id = NEW.job_id ORDER BY seq DESC LIMIT 1;
  IF NEW.seq <> coalesce(last_seq, 0) + 1 OR NEW.previous_hash <> coalesce(last_hash, repeat('0', 64)) THEN
    RAISE EXCEPTION 'entry % does not follow entry %', NEW.seq, coalesce(last_seq, 0) USING ERRCODE = 'restrict_violation';
  END IF;
  RETURN NEW;
END
$$;

CREATE TRIGGER record_chain BEFORE INSERT ON record_entry
  FOR EACH ROW EXECUTE FUNCTION record_is_chained();

-- Down Migration

DROP TABLE record_entry;
DROP FUNCTION record_is_append_only();
DROP FUNCTION record_is_chained();
DROP TABLE document;
DROP TABLE job;
