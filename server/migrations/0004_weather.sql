-- Up Migration

ALTER TABLE document DROP CONSTRAINT document_kind_check;
ALTER TABLE document ADD CONSTRAINT document_kind_check
  CHECK (kind IN ('job', 'survey', 'build-up', 'order', 'site', 'weather'));

-- Jobs of earlier days say nothing of their weather yet.
INSERT INTO document (job_id, kind, version, body) SELECT id, 'weather', 1, '{}' FROM job;

-- Weather by the hour, observed and forecast apart. A day of a station grows while it lasts; nothing else is changed.
CREATE TABLE weather_series (
  job_id text NOT NULL REFERENCES job (id),
  id text NOT NULL CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  kind text NOT NULL CHECK (kind IN ('observed', 'forecast', 'climate')),
  source text NOT NULL CHECK (source <> ''),
  issued_at timestamptz(3) NOT NULL,
  start_at timestamptz(3) NOT NULL,
  end_at timestamptz(3) NOT NULL CHECK (end_at > start_at),
  -- As the core's schema has it, members and all.
  body jsonb NOT NULL CHECK (jsonb_typeof(body) = 'object'),
  withdrawn_at timestamptz(3),
  PRIMARY KEY (job_id, id)
);

-- What is in force, by time.
CREATE INDEX weather_series_in_force ON weather_series (job_id, kind, end_at) WHERE withdrawn_at IS NULL;
