-- Up Migration

-- Pictures of a job, such as a drawing to trace: named by what is in them, so that one is stored once and never changed.
CREATE TABLE picture (
  job_id text NOT NULL REFERENCES job (id),
  sha256 text NOT NULL CHECK (sha256 ~ '^[0-9a-f]{64}$'),
  media_type text NOT NULL CHECK (media_type IN ('image/png', 'image/jpeg')),
  content bytea NOT NULL CHECK (octet_length(content) BETWEEN 1 AND 12582912),
  received_at timestamptz(3) NOT NULL DEFAULT now(),
  PRIMARY KEY (job_id, sha256),
  CHECK (encode(sha256(content), 'hex') = sha256)
);

-- Down Migration

DROP TABLE picture;
