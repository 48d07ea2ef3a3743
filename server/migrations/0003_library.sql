-- Up Migration

-- Papers of the binder: data sheets, application instructions, safety sheets. Named by what is in them, never changed,
-- so that a revision that was frozen in a job keeps its papers.
CREATE TABLE paper_file (
  sha256 text PRIMARY KEY CHECK (sha256 ~ '^[0-9a-f]{64}$'),
  media_type text NOT NULL CHECK (media_type IN ('application/pdf', 'image/png', 'image/jpeg')),
  content bytea NOT NULL CHECK (octet_length(content) BETWEEN 1 AND 12582912),
  received_at timestamptz(3) NOT NULL DEFAULT now(),
  CHECK (encode(sha256(content), 'hex') = sha256)
);

-- The firm's library: a build-up is a name for its drafts and its released revisions.
CREATE TABLE library_build_up (
  id text PRIMARY KEY CHECK (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  created_at timestamptz(3) NOT NULL DEFAULT now(),
  put_away_at timestamptz(3)
);

-- Every version of the draft is kept. Two writers from one version collide on the primary key.
CREATE TABLE library_draft (
  build_up_id text NOT NULL REFERENCES library_build_up (id),
  version integer NOT NULL CHECK (version >= 1),
  body jsonb NOT NULL CHECK (jsonb_typeof(body) = 'object'),
  written_at timestamptz(3) NOT NULL DEFAULT now(),
  PRIMARY KEY (build_up_id, version)
);

-- What was released stays as it was.
CREATE TABLE library_revision (
  build_up_id text NOT NULL REFERENCES library_build_up (id),
  revision integer NOT NULL CHECK (revision >= 1),
  body jsonb NOT NULL CHECK (jsonb_typeof(body) = 'object'),
  released_at timestamptz(3) NOT NULL DEFAULT now(),
  who text NOT NULL CHECK (who <> ''),
  note text NOT NULL,
  PRIMARY KEY (build_up_id, revision),
  CHECK ((body ->> 'revision')::int = revision)
);

CREATE FUNCTION released_stays() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'what was released or filed stays as it is: % on % is refused', TG_OP, TG_TABLE_NAME
    USING ERRCODE = 'restrict_violation';
END
$$;

CREATE TRIGGER library_revision_stays BEFORE UPDATE OR DELETE ON library_revision
  FOR EACH ROW EXECUTE FUNCTION released_stays();
CREATE TRIGGER paper_file_stays BEFORE UPDATE OR DELETE ON paper_file
  FOR EACH ROW EXECUTE FUNCTION released_stays();

-- Down Migration

DROP TABLE library_revision;
DROP TABLE library_draft;
DROP TABLE library_build_up;
DROP TABLE paper_file;
DROP FUNCTION released_stays();
