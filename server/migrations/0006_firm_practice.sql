-- Up Migration

-- The firm's own numbers of practice. Every version is kept; two writers from one version collide on the primary key.
CREATE TABLE firm_practice (
  version integer PRIMARY KEY CHECK (version >= 1),
  body jsonb NOT NULL CHECK (jsonb_typeof(body) = 'array'),
  written_at timestamptz(3) NOT NULL DEFAULT now()
);

-- Down Migration

DROP TABLE firm_practice;
